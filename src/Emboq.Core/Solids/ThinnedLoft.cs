namespace Emboq.Core.Solids;

/// <summary>A loft with fewer outlines and fewer corners: what lies straight between its neighbours, to within a deviation, is left away (Douglas and Peucker
/// 1973, of all outlines at once, so that corners still join corners).</summary>
internal static class ThinnedLoft
{
    /// <summary>Thins a loft.</summary>
    /// <param name="sections">Of equal count, the lowest first.</param>
    /// <param name="deviation">How far what is left away may lie from what is left, along and across each, mm.</param>
    public static IReadOnlyList<Solid.Section> Of(IReadOnlyList<Solid.Section> sections, double deviation)
    {
        var kept = Along(sections, deviation);
        var n = sections[0].Outline.Points.Length;
        var far = Enumerable.Range(1, n - 1).MaxBy(i => Apart(sections[0].Outline.Points[0], sections[0].Outline.Points[i]));
        SortedSet<int> corners = [0, far];
        Across(kept, 0, far, deviation, corners);
        Across(kept, far, n, deviation, corners);
        // A loft needs an area that its axis sees whole, however small it is.
        List<Point2[]> thin = [.. kept.Select(s => (Point2[])[.. corners.Select(i => s.Outline.Points[i])])];
        return corners.Count < 3 || corners.Count == n || !thin.All(Outlines.SeenFromWithin) ? kept
            : [.. kept.Zip(thin, (s, points) => new Solid.Section(new(points), s.Height))];
    }

    /// <summary>Each outline that is kept is as far from the one before as lets all between them be straight.</summary>
    private static List<Solid.Section> Along(IReadOnlyList<Solid.Section> sections, double deviation)
    {
        List<Solid.Section> kept = [sections[0]];
        for (var (from, to) = (0, 1); to < sections.Count; to++)
        {
            if (to + 1 == sections.Count || !Straight(sections, from, to + 1, deviation))
            {
                kept.Add(sections[to]);
                from = to;
            }
        }

        return kept;
    }

    private static bool Straight(IReadOnlyList<Solid.Section> sections, int from, int to, double deviation)
    {
        var (a, b) = (sections[from], sections[to]);
        for (var k = from + 1; k < to; k++)
        {
            var share = (sections[k].Height - a.Height) / (b.Height - a.Height);
            var (p, q, r) = (sections[k].Outline.Points, a.Outline.Points, b.Outline.Points);
            for (var i = 0; i < p.Length; i++)
            {
                if (double.Hypot(p[i].X - q[i].X - (share * (r[i].X - q[i].X)), p[i].Y - q[i].Y - (share * (r[i].Y - q[i].Y))) > deviation)
                {
                    return false;
                }
            }
        }

        return true;
    }

    /// <summary>Corners between two that are kept; the last of an outline is its first again.</summary>
    private static void Across(IReadOnlyList<Solid.Section> sections, int from, int to, double deviation, SortedSet<int> kept)
    {
        var (most, at) = (deviation, -1);
        foreach (var p in sections.Select(s => s.Outline.Points))
        {
            for (var i = from + 1; i < to; i++)
            {
                if (Outlines.Beside(p[i], p[from], p[to % p.Length]) is var off && off > most)
                {
                    (most, at) = (off, i);
                }
            }
        }

        if (at >= 0)
        {
            kept.Add(at);
            Across(sections, from, at, deviation, kept);
            Across(sections, at, to, deviation, kept);
        }
    }

    private static double Apart(Point2 a, Point2 b) => double.Hypot(a.X - b.X, a.Y - b.Y);
}
