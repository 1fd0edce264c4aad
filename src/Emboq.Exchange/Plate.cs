using Emboq.Core;

namespace Emboq.Exchange;

/// <summary>Several meshes beside each other on one bed.</summary>
public static class Plate
{
    private const double Gap = 5;

    /// <summary>Lays meshes in a row along x, standing on z = 0, a gap of 5 mm between them.</summary>
    /// <param name="meshes">One or more.</param>
    public static SolidMesh InARow(IReadOnlyList<SolidMesh> meshes)
    {
        var positions = new List<float>();
        var triangles = new List<int>();
        double x = 0;
        foreach (var mesh in meshes)
        {
            var (least, greatest) = mesh.Bounds;
            var first = positions.Count / 3;
            double[] shift = [x - least.X, -(least.Y + greatest.Y) / 2, -least.Z];
            positions.AddRange(mesh.Positions.Select((p, i) => (float)(p + shift[i % 3])));
            triangles.AddRange(mesh.Triangles.Select(i => i + first));
            x += greatest.X - least.X + Gap;
        }

        return new([.. positions], [.. triangles], meshes.Sum(m => m.Volume), meshes.Sum(m => m.Area));
    }
}
