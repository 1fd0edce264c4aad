namespace Emboq.Exchange;

/// <summary>Several meshes beside each other on one bed.</summary>
public static class Plate
{
    private const double Gap = 5;

    /// <summary>Lays bodies in a row along x, standing on z = 0, a gap of 5 mm between them.</summary>
    /// <param name="bodies">One or more.</param>
    public static IReadOnlyList<NamedMesh> InARow(IReadOnlyList<NamedMesh> bodies)
    {
        double x = 0;
        var laid = new List<NamedMesh>(bodies.Count);
        foreach (var (name, mesh) in bodies)
        {
            var (least, greatest) = mesh.Bounds;
            double[] shift = [x - least.X, -(least.Y + greatest.Y) / 2, -least.Z];
            laid.Add(new(name, mesh with { Positions = [.. mesh.Positions.Select((p, i) => (float)(p + shift[i % 3]))] }));
            x += greatest.X - least.X + Gap;
        }

        return laid;
    }

    /// <summary>Several bodies as one mesh, for formats that know only one.</summary>
    public static SolidMesh AsOne(IReadOnlyList<NamedMesh> bodies)
    {
        var (positions, triangles) = (new List<float>(), new List<int>());
        foreach (var (_, mesh) in bodies)
        {
            var first = positions.Count / 3;
            positions.AddRange(mesh.Positions);
            triangles.AddRange(mesh.Triangles.Select(i => i + first));
        }

        return new([.. positions], [.. triangles], bodies.Sum(b => b.Mesh.Volume), bodies.Sum(b => b.Mesh.Area));
    }
}
