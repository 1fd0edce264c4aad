using System.Buffers.Text;

namespace Emboq.Exchange.Scans;

/// <summary>Surfaces written as text: STL and OBJ.</summary>
internal static class TextMesh
{
    /// <summary>Every three vertices are a triangle.</summary>
    /// <exception cref="FormatException">A number cannot be read.</exception>
    public static ScanMesh Stl(byte[] file)
    {
        var points = new List<Point3>();
        var words = new TextWords(file);
        while (words.NextLine())
        {
            if (words.Next() is var word && word.SequenceEqual("vertex"u8))
            {
                points.Add(new(words.Number(), words.Number(), words.Number()));
            }
        }

        return new([.. points], [.. Enumerable.Range(0, points.Count - (points.Count % 3))]);
    }

    /// <summary>Corners and faces; faces of more than three corners are cut into fans.</summary>
    /// <exception cref="FormatException">A number cannot be read, or names no corner.</exception>
    public static ScanMesh Obj(byte[] file)
    {
        var (points, triangles, face) = (new List<Point3>(), new List<int>(), new List<int>());
        var words = new TextWords(file);
        while (words.NextLine())
        {
            var word = words.Next();
            if (word.SequenceEqual("v"u8))
            {
                points.Add(new(words.Number(), words.Number(), words.Number()));
            }
            else if (word.SequenceEqual("f"u8))
            {
                face.Clear();
                for (var corner = words.Next(); corner.Length > 0; corner = words.Next())
                {
                    // "7/1/3": corner, texture, normal; counted from 1, or back from the last one.
                    var index = Utf8Parser.TryParse(corner, out int named, out _) ? named > 0 ? named - 1 : points.Count + named : -1;
                    face.Add(index >= 0 && index < points.Count ? index : throw new FormatException("A face names no corner."));
                }

                Fan(face, triangles);
            }
        }

        return new([.. points], [.. triangles]);
    }

    /// <summary>A face as triangles that share its first corner.</summary>
    public static void Fan(List<int> face, List<int> triangles)
    {
        for (var i = 2; i < face.Count; i++)
        {
            triangles.AddRange([face[0], face[i - 1], face[i]]);
        }
    }
}

/// <summary>Words of a text, line by line.</summary>
internal ref struct TextWords(ReadOnlySpan<byte> text)
{
    private readonly ReadOnlySpan<byte> text = text;
    private int at = -1, end;

    /// <summary>Goes on to the next line; false when there is none.</summary>
    public bool NextLine()
    {
        var from = at < 0 ? 0 : end + 1;
        if (from >= text.Length)
        {
            return false;
        }

        var length = text[from..].IndexOf((byte)'\n');
        (at, end) = (from, length < 0 ? text.Length : from + length);
        return true;
    }

    /// <summary>The next word of the line; empty at its end.</summary>
    public ReadOnlySpan<byte> Next()
    {
        while (at < end && text[at] <= ' ')
        {
            at++;
        }

        var from = at;
        while (at < end && text[at] > ' ')
        {
            at++;
        }

        return text[from..at];
    }

    /// <summary>The next word as a number.</summary>
    /// <exception cref="FormatException">It is none.</exception>
    public double Number()
    {
        var word = Next();
        return Utf8Parser.TryParse(word, out double value, out var used) && used == word.Length ? value : throw new FormatException("No number stands there.");
    }
}
