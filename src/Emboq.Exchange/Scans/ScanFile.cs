using System.Buffers.Binary;
using System.Text;

namespace Emboq.Exchange.Scans;

/// <summary>Reads the surface that a scanner wrote: STL, OBJ or PLY, told apart by how they begin.</summary>
public static class ScanFile
{
    /// <summary>The most triangles of a scan.</summary>
    public const int Most = 2_000_000;

    /// <summary>Nothing is scanned that reaches further from its origin, mm.</summary>
    private const double Farthest = 100_000;

    /// <summary>Reads a file; corners of an STL that lie on each other are not joined yet.</summary>
    /// <param name="file">Its bytes.</param>
    /// <param name="unit">What its numbers are.</param>
    /// <param name="field">Path of the field, for problems.</param>
    public static Outcome<ScanMesh> Read(byte[] file, ScanUnit unit, string field)
    {
        ScanMesh? mesh;
        try
        {
            mesh = Begins(file, "ply") ? PlyReader.Read(file) : IsBinaryStl(file) ? BinaryStl(file) : Begins(file, "solid") ? TextMesh.Stl(file)
                : TextMesh.Obj(file);
        }
        catch (Exception e) when (e is FormatException or IndexOutOfRangeException or ArgumentException or OverflowException)
        {
            // A file that breaks off, or says of itself what is not so.
            mesh = null;
        }

        if (mesh is null || mesh.Count == 0)
        {
            return new Problem(field, null, "This is no scan that can be read, or it breaks off.", "Write it as STL, OBJ or PLY, as triangles.");
        }

        if (mesh.Count > Most)
        {
            return new Problem(field, $"{mesh.Count}", $"The scan has {mesh.Count} triangles.", "Thin it in the scanner's own program first.",
                $"{Most} or fewer");
        }

        var scale = unit switch { ScanUnit.Cm => 10, ScanUnit.M => 1000, ScanUnit.Inch => 25.4, _ => 1.0 };
        // Written so that what is not a number is found too.
        return mesh.Points.Any(p => !(Math.Abs(p.X * scale) <= Farthest && Math.Abs(p.Y * scale) <= Farthest && Math.Abs(p.Z * scale) <= Farthest))
            ? new Problem("unit", null, "A corner of the scan lies further off than any bench, or is no number.",
                "Say what its numbers are, and look at stray points far off.",
                $"{Farthest / 1000:0} m from its origin")
            : scale == 1 ? mesh : mesh.Moved(p => new(p.X * scale, p.Y * scale, p.Z * scale));
    }

    private static bool Begins(byte[] file, string word) => file.Length > word.Length && Encoding.ASCII.GetString(file, 0, word.Length) == word;

    private const int Header = 84, Facet = 50;

    /// <summary>A binary STL may begin with the word of a text one: its length tells.</summary>
    private static bool IsBinaryStl(byte[] file) => file.Length >= Header + Facet
        && BinaryPrimitives.ReadUInt32LittleEndian(file.AsSpan(80)) is var count && file.Length >= Header + (Facet * (long)count)
        && (!Begins(file, "solid") || file.Length == Header + (Facet * (long)count)) && count > 0;

    private static ScanMesh BinaryStl(byte[] file)
    {
        var count = (int)Math.Min(BinaryPrimitives.ReadUInt32LittleEndian(file.AsSpan(80)), Most + 1);
        var points = new Point3[3 * count];
        for (var i = 0; i < points.Length; i++)
        {
            var at = file.AsSpan(Header + (i / 3 * Facet) + 12 + (i % 3 * 12));
            points[i] = new(BinaryPrimitives.ReadSingleLittleEndian(at), BinaryPrimitives.ReadSingleLittleEndian(at[4..]),
                BinaryPrimitives.ReadSingleLittleEndian(at[8..]));
        }

        return new(points, [.. Enumerable.Range(0, points.Length)]);
    }
}
