namespace Emboq.Exchange.Scans;

/// <summary>How far a scan lies from a surface that stands for it.</summary>
public static class ScanDeviation
{
    /// <summary>The distance of that corner of a scan which lies furthest from any triangle of a surface, mm; <c>null</c> where one lies further than was to be
    /// looked. Each corner looks at the triangles that reach into its own cell of space.</summary>
    /// <param name="scan">Its corners are looked at.</param>
    /// <param name="surface">What stands for it, in the same frame.</param>
    /// <param name="most">How far to look, mm.</param>
    public static double? Of(ScanMesh scan, ClosedMesh surface, double most)
    {
        var box = scan.Box;
        // About as many cells as triangles reach into a few of.
        var cell = Math.Max(4 * most, Math.Max(box.Greatest.X - box.Least.X, Math.Max(box.Greatest.Y - box.Least.Y, box.Greatest.Z - box.Least.Z)) / 50);
        int Cell(double at) => (int)Math.Floor(at / cell);
        var near = new Dictionary<(int, int, int), List<int>>();
        for (var t = 0; t < surface.Count; t++)
        {
            var (a, b, c) = surface.Of(t);
            for (var x = Cell(Math.Min(a.X, Math.Min(b.X, c.X)) - most); x <= Cell(Math.Max(a.X, Math.Max(b.X, c.X)) + most); x++)
            {
                for (var y = Cell(Math.Min(a.Y, Math.Min(b.Y, c.Y)) - most); y <= Cell(Math.Max(a.Y, Math.Max(b.Y, c.Y)) + most); y++)
                {
                    for (var z = Cell(Math.Min(a.Z, Math.Min(b.Z, c.Z)) - most); z <= Cell(Math.Max(a.Z, Math.Max(b.Z, c.Z)) + most); z++)
                    {
                        (near.TryGetValue((x, y, z), out var there) ? there : near[(x, y, z)] = []).Add(t);
                    }
                }
            }
        }

        var furthest = 0.0;
        foreach (var p in scan.Points)
        {
            var least = double.PositiveInfinity;
            foreach (var t in near.GetValueOrDefault((Cell(p.X), Cell(p.Y), Cell(p.Z))) ?? [])
            {
                least = Math.Min(least, From(p, surface.Of(t)));
                if (least <= furthest)
                {
                    break;
                }
            }

            if (least > most)
            {
                return null;
            }

            furthest = Math.Max(furthest, least);
        }

        return furthest;
    }

    /// <summary>Distance of a point from a triangle, mm (Ericson 2005, 5.1.5).</summary>
    private static double From(Point3 p, (Point3 A, Point3 B, Point3 C) of)
    {
        var (a, b, c) = of;
        var (ab, ac, ap, bp, cp) = (b - a, c - a, p - a, p - b, p - c);
        var (d1, d2, d3, d4, d5, d6) = (ab.Dot(ap), ac.Dot(ap), ab.Dot(bp), ac.Dot(bp), ab.Dot(cp), ac.Dot(cp));
        var (va, vb, vc) = ((d3 * d6) - (d5 * d4), (d5 * d2) - (d1 * d6), (d1 * d4) - (d3 * d2));
        Point3 nearest = d1 <= 0 && d2 <= 0 ? a
            : d3 >= 0 && d4 <= d3 ? b
            : vc <= 0 && d1 >= 0 && d3 <= 0 ? a + (ab * (d1 / (d1 - d3)))
            : d6 >= 0 && d5 <= d6 ? c
            : vb <= 0 && d2 >= 0 && d6 <= 0 ? a + (ac * (d2 / (d2 - d6)))
            : va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0 ? b + ((c - b) * ((d4 - d3) / (d4 - d3 + d5 - d6)))
            : a + (ab * (vb / (va + vb + vc))) + (ac * (vc / (va + vb + vc)));
        return (p - nearest).Length();
    }
}
