namespace Emboq.Core.Families.Clamping.ShellClamp;

/// <summary>A section of a handle as two halves meet it that go straight on, one from above and one from below: each is open as wide as the widest that
/// it must pass.</summary>
internal sealed class Parting
{
    /// <summary>Places from side to side at which a half is drawn.</summary>
    private const int Places = 90;

    private readonly Profile section;
    private readonly double[] xs, tops, lows;

    public Parting(Profile section)
    {
        this.section = section;
        xs = Spread(section.Box.Least.X, section.Box.Greatest.X);
        (tops, lows) = ([.. xs.Select(x => Edge(x, true))], [.. xs.Select(x => Edge(x, false))]);
    }

    public (Point2 Least, Point2 Greatest) Box => section.Box;

    public double Area => section.Area;

    /// <summary>What both halves are open beyond the section itself when they meet at a height, mm².</summary>
    public double Extra(double split) => Under(tops.Select(t => Math.Max(0, t - split))) + Under(lows.Select(l => Math.Max(0, split - l))) - Area;

    /// <summary>What a half is open by, about a point where the halves meet: from a little past the split to the handle; <c>null</c> where nothing of the
    /// handle is on that side.</summary>
    /// <param name="at">The point.</param>
    /// <param name="side">The upper half: 1; the lower: −1.</param>
    /// <param name="past">How far past the split, mm.</param>
    public Profile? Half(Point2 at, int side, double past)
    {
        double Beyond(double x) => (side * (Edge(x, side > 0) - at.Y)) + past;
        var inside = Enumerable.Range(0, xs.Length).Where(i => Beyond(xs[i]) > 0).ToList();
        if (inside.Count < 2)
        {
            return null;
        }

        var ends = (xs[inside[0]], xs[inside[^1]]);
        var edge = Spread(ends.Item1, ends.Item2).Select(x => new Point2(x - at.X, Edge(x, side > 0) - at.Y));
        // Its ends run straight on past the split.
        var foot = -side * (past + 0.5);
        return new([new(ends.Item1 - at.X, foot), new(ends.Item2 - at.X, foot), .. edge.Reverse()]);
    }

    /// <summary>Where two halves of several sections are open least beyond them; where many places are as good, nearest to the middle.</summary>
    public static double Best(IReadOnlyList<Parting> sections)
    {
        const int Steps = 200;
        var (low, high) = (sections.Max(s => s.Box.Least.Y), sections.Min(s => s.Box.Greatest.Y));
        var tried = Enumerable.Range(1, Steps - 1).Select(i => low + ((high - low) * i / Steps)).Select(z => (At: z, Extra: sections.Sum(s => s.Extra(z))))
            .ToList();
        var least = tried.Min(t => t.Extra) + (0.001 * sections.Sum(s => s.Area));
        return tried.Where(t => t.Extra <= least).MinBy(t => Math.Abs(t.At - ((low + high) / 2))).At;
    }

    /// <summary>Closer together towards both ends, where what is round rises steeply.</summary>
    private static double[] Spread(double from, double to) =>
        [.. Enumerable.Range(0, Places + 1).Select(i => from + ((to - from) * (1 - Math.Cos(Math.PI * i / Places)) / 2))];

    /// <summary>Highest or lowest of the section at a place.</summary>
    private double Edge(double x, bool top)
    {
        var (p, found) = (section.Points, top ? double.NegativeInfinity : double.PositiveInfinity);
        for (var i = 0; i < p.Length; i++)
        {
            var (a, b) = (p[i], p[(i + 1) % p.Length]);
            if (Math.Min(a.X, b.X) > x + 1e-9 || Math.Max(a.X, b.X) < x - 1e-9)
            {
                continue;
            }

            var (from, to) = Math.Abs(b.X - a.X) < 1e-9 ? (a.Y, b.Y) : a.Y + (Math.Clamp((x - a.X) / (b.X - a.X), 0, 1) * (b.Y - a.Y)) is var z ? (z, z) : default;
            found = top ? Math.Max(found, Math.Max(from, to)) : Math.Min(found, Math.Min(from, to));
        }

        return found;
    }

    private double Under(IEnumerable<double> heights)
    {
        var h = heights.ToArray();
        return Enumerable.Range(1, xs.Length - 1).Sum(i => (xs[i] - xs[i - 1]) * (h[i] + h[i - 1]) / 2);
    }
}
