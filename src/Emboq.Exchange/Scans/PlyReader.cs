using System.Buffers.Binary;
using System.Text;

namespace Emboq.Exchange.Scans;

/// <summary>Surfaces in the polygon format: as text or binary, in either byte order, with whatever else their corners carry.</summary>
internal static class PlyReader
{
    private sealed record Property(string Name, string Type, string? CountedIn);

    private sealed record Element(string Name, int Count, List<Property> Properties);

    /// <summary>Reads it.</summary>
    /// <exception cref="FormatException">Its header says nothing that is known, or its body is not what it says.</exception>
    public static ScanMesh Read(byte[] file)
    {
        var (format, elements, body) = Header(file);
        var (points, triangles, face) = (new List<Point3>(), new List<int>(), new List<int>());
        var values = new Values(file, body, format);
        foreach (var element in elements)
        {
            var (x, y, z) = (Index(element, "x"), Index(element, "y"), Index(element, "z"));
            for (var i = 0; i < element.Count; i++)
            {
                var at = new double[3];
                foreach (var (p, j) in element.Properties.Select((p, j) => (p, j)))
                {
                    if (p.CountedIn is { } counted)
                    {
                        face.Clear();
                        var count = values.Next(counted);
                        for (var k = 0; k < count; k++)
                        {
                            face.Add((int)values.Next(p.Type));
                        }

                        if (element.Name == "face" && p.Name is "vertex_indices" or "vertex_index")
                        {
                            TextMesh.Fan(face, triangles);
                        }
                    }
                    else if (values.Next(p.Type) is var value && j == x)
                    {
                        at[0] = value;
                    }
                    else if (j == y)
                    {
                        at[1] = value;
                    }
                    else if (j == z)
                    {
                        at[2] = value;
                    }
                }

                if (element.Name == "vertex")
                {
                    points.Add(new(at[0], at[1], at[2]));
                }
            }
        }

        return triangles.All(t => t >= 0 && t < points.Count) ? new([.. points], [.. triangles]) : throw new FormatException("A face names no corner.");
    }

    private static int Index(Element element, string name) => element.Properties.FindIndex(p => p.Name == name);

    private static (string Format, List<Element> Elements, int Body) Header(byte[] file)
    {
        const string End = "end_header";
        var text = Encoding.ASCII.GetString(file, 0, Math.Min(file.Length, 20_000));
        var end = text.IndexOf(End, StringComparison.Ordinal);
        var line = end < 0 ? -1 : text.IndexOf('\n', end);
        if (line < 0)
        {
            throw new FormatException("The header has no end.");
        }

        var (format, elements) = ("", new List<Element>());
        foreach (var words in text[..end].Split('\n').Select(l => l.Split(' ', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)))
        {
            switch (words)
            {
                case ["format", var said, ..]:
                    format = said;
                    break;
                case ["element", var name, var count]:
                    elements.Add(new(name, int.Parse(count, System.Globalization.NumberStyles.None, System.Globalization.CultureInfo.InvariantCulture), []));
                    break;
                case ["property", "list", var counted, var type, var name]:
                    elements[^1].Properties.Add(new(name, type, counted));
                    break;
                case ["property", var type, var name]:
                    elements[^1].Properties.Add(new(name, type, null));
                    break;
            }
        }

        // No element takes less than a byte, and one without a property is none.
        elements.RemoveAll(e => e.Properties.Count == 0);
        return elements.Sum(e => (long)e.Count) <= file.Length ? (format, elements, line + 1)
            : throw new FormatException("The header counts more than there is.");
    }

    /// <summary>The numbers after the header, one after the other.</summary>
    private sealed class Values(byte[] file, int body, string format)
    {
        private readonly bool little = format == "binary_little_endian", text = format == "ascii" ? true : format is "binary_little_endian"
            or "binary_big_endian" ? false : throw new FormatException("Its format is not known.");

        private int at = body;

        public double Next(string type)
        {
            if (text)
            {
                return Word();
            }

            var (size, read) = Kind(type);
            var bytes = file.AsSpan(at, size);
            at += size;
            return read(bytes);
        }

        private double Word()
        {
            while (at < file.Length && file[at] <= ' ')
            {
                at++;
            }

            var from = at;
            while (at < file.Length && file[at] > ' ')
            {
                at++;
            }

            return System.Buffers.Text.Utf8Parser.TryParse(file.AsSpan(from, at - from), out double value, out var used) && used == at - from ? value
                : throw new FormatException("No number stands there.");
        }

        private delegate double Reading(ReadOnlySpan<byte> bytes);

        private (int Size, Reading Read) Kind(string type) => type switch
        {
            "char" or "int8" => (1, b => (sbyte)b[0]),
            "uchar" or "uint8" => (1, b => b[0]),
            "short" or "int16" => (2, b => little ? BinaryPrimitives.ReadInt16LittleEndian(b) : BinaryPrimitives.ReadInt16BigEndian(b)),
            "ushort" or "uint16" => (2, b => little ? BinaryPrimitives.ReadUInt16LittleEndian(b) : BinaryPrimitives.ReadUInt16BigEndian(b)),
            "int" or "int32" => (4, b => little ? BinaryPrimitives.ReadInt32LittleEndian(b) : BinaryPrimitives.ReadInt32BigEndian(b)),
            "uint" or "uint32" => (4, b => little ? BinaryPrimitives.ReadUInt32LittleEndian(b) : BinaryPrimitives.ReadUInt32BigEndian(b)),
            "float" or "float32" => (4, b => little ? BinaryPrimitives.ReadSingleLittleEndian(b) : BinaryPrimitives.ReadSingleBigEndian(b)),
            "double" or "float64" => (8, b => little ? BinaryPrimitives.ReadDoubleLittleEndian(b) : BinaryPrimitives.ReadDoubleBigEndian(b)),
            _ => throw new FormatException($"A number of type {type} is not known."),
        };
    }
}
