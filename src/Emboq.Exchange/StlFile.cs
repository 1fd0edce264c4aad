using System.Buffers.Binary;
using System.Text;
using Emboq.Core;

namespace Emboq.Exchange;

/// <summary>Binary STL: an 80-byte header, a count, and 50 bytes a triangle (little-endian). It carries no unit; Emboq writes millimetres and says so in the header.</summary>
public static class StlFile
{
    private const int HeaderLength = 80;
    private const int TriangleLength = 50;

    /// <summary>Writes a mesh.</summary>
    /// <param name="mesh">The triangles.</param>
    /// <param name="title">Goes into the header, cut to fit; characters outside ASCII become question marks.</param>
    public static byte[] Write(SolidMesh mesh, string title)
    {
        var count = mesh.Triangles.Length / 3;
        var file = new byte[HeaderLength + 4 + (count * TriangleLength)];
        // A header that starts with "solid" is taken for the text form by some readers.
        var header = Encoding.ASCII.GetBytes($"Emboq, mm: {title}");
        header.AsSpan(0, Math.Min(header.Length, HeaderLength)).CopyTo(file);
        BinaryPrimitives.WriteInt32LittleEndian(file.AsSpan(HeaderLength), count);
        for (int t = 0; t < count; t++)
        {
            WriteTriangle(file.AsSpan(HeaderLength + 4 + (t * TriangleLength)), Corner(mesh, t, 0), Corner(mesh, t, 1), Corner(mesh, t, 2));
        }

        return file;
    }

    private static Point3 Corner(SolidMesh mesh, int triangle, int corner)
    {
        var at = mesh.Triangles[(triangle * 3) + corner] * 3;
        return new(mesh.Positions[at], mesh.Positions[at + 1], mesh.Positions[at + 2]);
    }

    private static void WriteTriangle(Span<byte> to, Point3 a, Point3 b, Point3 c)
    {
        var (x, y, z) = (
            ((b.Y - a.Y) * (c.Z - a.Z)) - ((b.Z - a.Z) * (c.Y - a.Y)),
            ((b.Z - a.Z) * (c.X - a.X)) - ((b.X - a.X) * (c.Z - a.Z)),
            ((b.X - a.X) * (c.Y - a.Y)) - ((b.Y - a.Y) * (c.X - a.X)));
        var length = Math.Sqrt((x * x) + (y * y) + (z * z));
        var normal = length > 0 ? new Point3(x / length, y / length, z / length) : default;
        Point3[] points = [normal, a, b, c];
        for (int i = 0; i < points.Length; i++)
        {
            BinaryPrimitives.WriteSingleLittleEndian(to[(i * 12)..], (float)points[i].X);
            BinaryPrimitives.WriteSingleLittleEndian(to[((i * 12) + 4)..], (float)points[i].Y);
            BinaryPrimitives.WriteSingleLittleEndian(to[((i * 12) + 8)..], (float)points[i].Z);
        }
    }
}
