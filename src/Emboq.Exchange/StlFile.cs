using System.Buffers.Binary;
using System.Text;

namespace Emboq.Exchange;

/// <summary>Binary STL: an 80-byte header, a count, and 50 bytes a triangle (little-endian). It carries no unit; Emboq writes millimetres and says so in the
/// header.</summary>
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
            WriteTriangle(file.AsSpan(HeaderLength + 4 + (t * TriangleLength)), mesh, t);
        }

        return file;
    }

    private static void WriteTriangle(Span<byte> to, SolidMesh mesh, int triangle)
    {
        var corners = mesh.Triangles.AsSpan(triangle * 3, 3);
        Span<float> facet = stackalloc float[12];
        for (int i = 0; i < 3; i++)
        {
            mesh.Positions.AsSpan(corners[i] * 3, 3).CopyTo(facet[((i + 1) * 3)..]);
        }

        Normal(facet[3..6], facet[6..9], facet[9..12]).CopyTo(facet);
        for (int i = 0; i < facet.Length; i++)
        {
            BinaryPrimitives.WriteSingleLittleEndian(to[(i * 4)..], facet[i]);
        }
    }

    /// <summary>The normal that readers reckon from the corners of a file, which are single: a needle has another one in double.</summary>
    private static float[] Normal(ReadOnlySpan<float> a, ReadOnlySpan<float> b, ReadOnlySpan<float> c)
    {
        var (x1, y1, z1, x2, y2, z2) = (b[0] - a[0], b[1] - a[1], b[2] - a[2], c[0] - a[0], c[1] - a[1], c[2] - a[2]);
        float[] n = [Minor(y1, z2, z1, y2), Minor(z1, x2, x1, z2), Minor(x1, y2, y1, x2)];
        var length = Math.Sqrt(((double)n[0] * n[0]) + ((double)n[1] * n[1]) + ((double)n[2] * n[2]));
        return length > 0 ? [.. n.Select(v => (float)(v / length))] : n;

        static float Minor(float a, float b, float c, float d) => (float)((float)((double)a * b) - ((double)c * d));
    }
}
