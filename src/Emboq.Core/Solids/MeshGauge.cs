namespace Emboq.Core.Solids;

/// <summary>Reads sizes off triangles, by the faces that a line meets (Möller and Trumbore's test, for lines along an axis).</summary>
public static class MeshGauge
{
    /// <summary>How far triangles may be from what was promised: the chord error on both sides, and single precision, mm.</summary>
    public const double Tolerance = (2 * Facets.DefaultChordError) + 0.01;

    /// <summary>What a gauge reads on a mesh.</summary>
    /// <param name="mesh">Triangles of the body.</param>
    /// <param name="gauge">Where to read.</param>
    /// <returns>mm; <c>null</c> when the line does not meet a face on both sides.</returns>
    public static double? Read(SolidMesh mesh, Gauge gauge)
    {
        var met = Met(mesh, gauge.At, gauge.Along);
        var (before, after) = (met.Where(d => d < 0).ToList(), met.Where(d => d >= 0).ToList());
        return (gauge.Jaws, before, after) switch
        {
            (Jaws.Between, { Count: > 0 }, { Count: > 0 }) => after.Min() - before.Max(),
            (Jaws.Over, _, _) when met.Count > 1 => met.Max() - met.Min(),
            _ => null,
        };
    }

    /// <summary>Signed distances along the line at which it meets triangles.</summary>
    private static List<double> Met(SolidMesh mesh, Point3 at, Axis along)
    {
        // u and v span the plane across the line, w runs along it.
        var (u, v, w) = along switch { Axis.X => (1, 2, 0), Axis.Y => (2, 0, 1), _ => (0, 1, 2) };
        Span<double> origin = [at.X, at.Y, at.Z];
        var (p, triangles) = (mesh.Positions, mesh.Triangles);
        var met = new List<double>();
        for (int t = 0; t < triangles.Length; t += 3)
        {
            int a = 3 * triangles[t], b = 3 * triangles[t + 1], c = 3 * triangles[t + 2];
            double au = p[a + u] - origin[u], av = p[a + v] - origin[v], bu = p[b + u] - origin[u], bv = p[b + v] - origin[v], cu = p[c + u] - origin[u],
                cv = p[c + v] - origin[v];
            var (ab, bc, ca) = ((au * bv) - (av * bu), (bu * cv) - (bv * cu), (cu * av) - (cv * au));
            var area = ab + bc + ca;
            const double Edge = 1e-9;
            if (Math.Abs(area) > 1e-12 && (Math.Min(ab, Math.Min(bc, ca)) >= -Edge || Math.Max(ab, Math.Max(bc, ca)) <= Edge))
            {
                met.Add((((bc * p[a + w]) + (ca * p[b + w]) + (ab * p[c + w])) / area) - origin[w]);
            }
        }

        return met;
    }
}
