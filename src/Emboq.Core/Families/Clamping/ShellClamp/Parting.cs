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
        xs = SectionEdge.Spread(section.Box.Least.X, section.Box.Greatest.X, Places);
        (tops, lows) = (SectionEdge.Of(section.Points.AsSpan(), xs, 1), SectionEdge.Of(section.Points.AsSpan(), xs, -1));
    }

    public (Point2 Least, Point2 Greatest) Box => section.Box;

    public double Area => section.Area;

    /// <summary>What both halves are open beyond the section itself when they meet at a height, mm².</summary>
    public double Extra(double split)
    {
        var sum = -Area;
        for (var i = 1; i < xs.Length; i++)
        {
            sum += (xs[i] - xs[i - 1]) * (Math.Max(0, tops[i] - split) + Math.Max(0, tops[i - 1] - split) + Math.Max(0, split - lows[i])
                + Math.Max(0, split - lows[i - 1])) / 2;
        }

        return sum;
    }

    /// <summary>What a half is open by, about a point where the halves meet: from a little past the split to the handle; <c>null</c> where nothing of the
    /// handle is on that side.</summary>
    /// <param name="at">The point.</param>
    /// <param name="side">The upper half: 1; the lower: −1.</param>
    /// <param name="past">How far past the split, mm.</param>
    public Profile? Half(Point2 at, int side, double past)
    {
        var edge = side > 0 ? tops : lows;
        var inside = Enumerable.Range(0, xs.Length).Where(i => (side * (edge[i] - at.Y)) + past > 0).ToList();
        if (inside.Count < 2)
        {
            return null;
        }

        var places = SectionEdge.Spread(xs[inside[0]], xs[inside[^1]], Places);
        double[] across = [.. places.Select(x => Math.Round(x - at.X, 4))];
        var high = SectionEdge.Of(section.Points.AsSpan(), places, side).Select(z => side * (z - at.Y)).ToArray();
        Unfold(across, high);
        // Its ends run straight on past the split.
        var foot = -side * (past + 0.5);
        return new([new(across[0], foot), new(across[^1], foot), .. across.Zip(high, (x, z) => new Point2(x, Math.Round(side * z, 4))).Reverse()]);
    }

    /// <summary>Of what a half is open by, the area on its own side of the split, mm².</summary>
    /// <param name="half">About the split.</param>
    /// <param name="side">1 or −1.</param>
    public static double Over(Profile half, int side) => Math.Abs(half.Points.Select((a, i) => (A: a, B: half.Points[(i + 1) % half.Points.Length]))
        .Sum(s => (s.A.X - s.B.X) * (Math.Max(0, side * s.A.Y) + Math.Max(0, side * s.B.Y)) / 2));

    /// <summary>Opens an edge further wherever it folds as seen from the origin: no place lies below the line from there to one further out.</summary>
    /// <param name="across">Places that rise, mm.</param>
    /// <param name="high">The edge over them.</param>
    private static void Unfold(double[] across, double[] high)
    {
        // Less than a printer sees, more than is rounded away.
        const double Hair = 0.001;
        void Raise(int i, int further) => high[i] = Math.Max(high[i], (high[further] * across[i] / across[further]) + Hair);
        for (var i = 1; i < across.Length && across[i] < 0; i++)
        {
            Raise(i, i - 1);
        }

        for (var i = across.Length - 2; i >= 0 && across[i] > 0; i--)
        {
            Raise(i, i + 1);
        }
    }

    /// <summary>Where two halves of several sections are open least beyond them; where many places are as good, nearest to the middle.</summary>
    public static double Best(IReadOnlyList<Parting> sections)
    {
        const int Steps = 60;
        var (low, high) = (sections.Max(s => s.Box.Least.Y), sections.Min(s => s.Box.Greatest.Y));
        var tried = Enumerable.Range(1, Steps - 1).Select(i => low + ((high - low) * i / Steps)).Select(z => (At: z, Extra: sections.Sum(s => s.Extra(z))))
            .ToList();
        var least = tried.Min(t => t.Extra) + (0.001 * sections.Sum(s => s.Area));
        return tried.Where(t => t.Extra <= least).MinBy(t => Math.Abs(t.At - ((low + high) / 2))).At;
    }
}
