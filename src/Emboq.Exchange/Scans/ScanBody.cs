using NetTopologySuite.Geometries;
using NetTopologySuite.Simplify;

namespace Emboq.Exchange.Scans;

/// <summary>A scanned thing as sections square to its long way.</summary>
/// <param name="Cuts">The leftmost first.</param>
/// <param name="Scatter">What its surface scatters by, one standard deviation, mm.</param>
/// <param name="Says">What was made of it.</param>
internal sealed record ScanBody(IReadOnlyList<TracedSection> Cuts, double Scatter, string Says)
{
    /// <summary>How far sections stand apart, mm, and the fewest and most of them.</summary>
    private const double Apart = 3;

    private const int Fewest = 12, Most = 80;

    /// <summary>What is smaller across is an end that runs out, mm².</summary>
    private const double Sliver = 4;

    /// <summary>Cuts a scan square to x.</summary>
    /// <param name="scan">Cleaned and laid.</param>
    /// <param name="deviation">How far corners that are left may lie beside the edge, mm.</param>
    /// <param name="field">Path of the field, for problems.</param>
    public static Outcome<ScanBody> Of(CleanScan scan, double deviation, string field)
    {
        // Standing on its left end: what was x is up.
        var stood = scan with { Mesh = scan.Mesh.Moved(p => new(p.Y, p.Z, p.X)) };
        var length = stood.Mesh.Box.Greatest.Z;
        var count = (int)Math.Clamp(length / Apart, Fewest, Most);
        var step = length / count;
        var (cuts, offs, widest) = (new List<TracedSection>(), new List<double>(), new List<Point2>());
        foreach (var (triangles, i) in Met(stood.Mesh, count, step).Select((t, i) => (t, i)))
        {
            var branches = ScanSection.At(stood, (i + 0.5) * step, triangles).Where(l => ScanOutline.Area(l) >= Sliver).Select(l => (Loop: l,
                Even: ScanOutline.Even(l))).ToList();
            if (branches.Count == 0)
            {
                continue;
            }

            offs.AddRange(branches.Select(b => ScanOutline.Scatter(b.Loop, b.Even)));
            var around = branches.Count == 1 ? branches[0].Even : [.. Outlines.Hull(branches.SelectMany(b => b.Even)).Points];
            if (Simple(around, deviation) is not { Count: >= Traced.Least and <= Traced.MostOfOne } corners)
            {
                return new Problem(field, null, $"The section {Figures.Mm((i + 0.5) * step)} from the left end crosses itself, or has more than "
                    + $"{Traced.MostOfOne} corners.", "Allow its corners more, lay it another way, or scan it again.");
            }

            cuts.Add(new((i + 0.5) * step, corners, branches.All(b => ScanOutline.Unscanned(b.Loop) is null)) { Branched = branches.Count > 1 });
        }

        var (unscanned, branched) = (cuts.Count(c => !c.Scanned), cuts.Count(c => c.Branched));
        return cuts.Count < Fewest / 2 ? new Problem(field, $"{cuts.Count}", "The scan has too few sections along its length to be a handle.",
            "Lay it so that its long way runs from left to right.", $"{Fewest / 2} or more")
            : new ScanBody(cuts, offs.Order().ElementAt(offs.Count / 2), $"{cuts.Count} sections, {Figures.Mm(Math.Round(step, 1))} apart"
                + (unscanned > 0 ? $", {unscanned} of them across what was never scanned." : ".")
                + (branched > 0 ? $" {branched} go around branches that lie beside each other, and what is between them." : ""));
    }

    /// <summary>The triangles that each plane may meet.</summary>
    private static List<int>[] Met(ScanMesh mesh, int count, double step)
    {
        var met = Enumerable.Range(0, count).Select(_ => new List<int>()).ToArray();
        for (var t = 0; t < mesh.Count; t++)
        {
            var (a, b, c) = mesh.Of(t);
            var (low, high) = (Math.Min(a.Z, Math.Min(b.Z, c.Z)), Math.Max(a.Z, Math.Max(b.Z, c.Z)));
            for (var i = Math.Max(0, (int)Math.Floor((low / step) - 0.5)); i < count && (i + 0.5) * step <= high; i++)
            {
                met[i].Add(t);
            }
        }

        return met;
    }

    private static List<Point2>? Simple(List<Point2> loop, double deviation)
    {
        var ring = new Polygon(new LinearRing([.. loop.Append(loop[0]).Select(p => new Coordinate(p.X, p.Y))]));
        var simple = (Polygon)new DouglasPeuckerSimplifier(ring) { DistanceTolerance = Math.Max(deviation, 0.02), EnsureValidTopology = false }
            .GetResultGeometry();
        List<Point2> corners = [.. simple.ExteriorRing.Coordinates.SkipLast(1).Select(c => new Point2(Math.Round(c.X, 4), Math.Round(c.Y, 4)))];
        return corners.Count < 3 || Outlines.Crossing(corners) is not null ? null : corners;
    }
}
