using System.Runtime.InteropServices;
using System.Text.Json.Serialization;

namespace Emboq.Core.Solids;

/// <summary>A closed surface in few bytes, the smaller first: it is kept with its place and with every body that is cut by it.</summary>
/// <param name="Corners">x, y, z of each in single precision, mm.</param>
/// <param name="Triangles">Three indices of two bytes each.</param>
public sealed record MeshBytes(byte[] Corners, byte[] Triangles)
{
    /// <summary>Most triangles of one.</summary>
    public const int Most = 20_000;

    /// <summary>How many triangles.</summary>
    [JsonIgnore]
    public int Count => Triangles.Length / (3 * sizeof(ushort));

    /// <summary>Writes one.</summary>
    public static MeshBytes Of(ClosedMesh mesh) => new(
        MemoryMarshal.AsBytes<float>([.. mesh.Points.SelectMany(p => new[] { (float)p.X, (float)p.Y, (float)p.Z })]).ToArray(),
        MemoryMarshal.AsBytes<ushort>([.. mesh.Triangles.Select(i => (ushort)i)]).ToArray());

    /// <summary>Reads it; <c>null</c> where it is none, or too large.</summary>
    public ClosedMesh? Read()
    {
        if (Corners is not { Length: > 0 } || Corners.Length % (3 * sizeof(float)) != 0 || Triangles is not { Length: > 0 and <= Most * 3 * sizeof(ushort) }
            || Triangles.Length % (3 * sizeof(ushort)) != 0)
        {
            return null;
        }

        var numbers = MemoryMarshal.Cast<byte, float>(Corners).ToArray();
        return ClosedMesh.Of(numbers.Chunk(3).Select(p => new Point3(p[0], p[1], p[2])), [.. MemoryMarshal.Cast<byte, ushort>(Triangles)]);
    }
}
