namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>What a nest is open by for a body that only its sections tell: straight up from whatever of the body lies there, or comes by as it is lifted. In the
/// frame of the body, its lowest place at z = 0.</summary>
internal sealed class OpenedBody
{
    /// <summary>Parts from side to side.</summary>
    private const int Parts = 90;

    /// <summary>So far up it is open, mm: from there a line sees all that is open upwards.</summary>
    private const double Up = 400;

    private readonly IReadOnlyList<Station> stations;

    private OpenedBody(IReadOnlyList<Station> stations) => this.stations = stations;

    /// <summary>At one place along the body.</summary>
    /// <param name="At">y, mm.</param>
    /// <param name="Xs">Places from side to side, mm.</param>
    /// <param name="Lows">How far down it is open there, mm.</param>
    private sealed record Station(double At, double[] Xs, double[] Lows);

    /// <summary>Opens a nest.</summary>
    /// <param name="body">As it lies.</param>
    /// <param name="unscanned">Whether a section runs across what was never scanned: there the nest is open down to its floor, and holds nothing.</param>
    /// <param name="grown">What stays free around the body, mm.</param>
    /// <param name="before">Open so much further than the body in front, mm.</param>
    /// <param name="after">Likewise behind.</param>
    public static OpenedBody Of(SectionBody body, Func<double, bool> unscanned, double grown, double before, double after)
    {
        var (from, to) = body.Ends;
        var places = body.Places.ToList();
        var sections = new Dictionary<double, Profile>();
        Profile Grown(double at)
        {
            if (!sections.TryGetValue(at, out var grownThere))
            {
                var own = body.Section(at)!;
                grownThere = sections[at] = unscanned(at) ? Floored(own, grown) : Outlines.Moved(own, grown) ?? own;
            }

            return grownThere;
        }

        var all = new List<Station>();
        foreach (var at in places.Prepend(from - before).Append(to + after))
        {
            // What of the body is here, or comes here.
            var (near, far) = (Math.Clamp(at - after, from, to), Math.Clamp(at + before, from, to));
            all.Add(Over(at, [.. places.Where(p => p > near && p < far).Prepend(near).Append(far).Distinct().Select(Grown)]));
        }

        return new(all);
    }

    /// <summary>Wider than it was seen by what a hole may hide, and open to the floor.</summary>
    private static Profile Floored(Profile section, double grown) => LaidTool.Hidden + grown is var wider ? new(
        new Point2(section.Box.Least.X - wider, -grown), new(section.Box.Greatest.X + wider, -grown), new(section.Box.Greatest.X + wider, Up / 2),
        new(section.Box.Least.X - wider, Up / 2)) : section;

    private static Station Over(double at, IReadOnlyList<Profile> sections)
    {
        var xs = SectionEdge.Spread(sections.Min(s => s.Box.Least.X), sections.Max(s => s.Box.Greatest.X), Parts);
        var lows = Enumerable.Repeat(Up / 2, xs.Length).ToArray();
        foreach (var section in sections)
        {
            var own = SectionEdge.Of(section, xs, -1);
            for (var i = 0; i < xs.Length; i++)
            {
                // Its sides are upright between two places: the one beyond is as low.
                var low = Math.Min(own[i], Math.Min(i > 0 && double.IsInfinity(own[i]) ? own[i - 1] : own[i], i + 1 < xs.Length && double.IsInfinity(own[i])
                    ? own[i + 1] : own[i]));
                lows[i] = Math.Min(lows[i], low);
            }
        }

        var station = new Station(at, xs, lows);
        return Outlines.SeenFromWithin([.. Corners(station).Select(p => new Point2(p.X - Eye(station).X, p.Y - Eye(station).Y))]) ? station
            : station with { Lows = Hulled(xs, lows) };
    }

    /// <summary>Without what no line from above would see: only where it hangs over itself between two places.</summary>
    private static double[] Hulled(double[] xs, double[] lows) => SectionEdge.Of(Outlines.Hull(xs.Zip(lows, (x, z) => new Point2(x, z)).Append(new((xs[0]
        + xs[^1]) / 2, Up))), xs, -1);

    private static Point2 Eye(Station s) => new((s.Xs[0] + s.Xs[^1]) / 2, Up - 1);

    private static IReadOnlyList<Point2> Corners(Station s) => [new(s.Xs[0], Up), .. s.Xs.Zip(s.Lows, (x, z) => new Point2(x, z)), new(s.Xs[^1], Up)];

    /// <summary>What is cut away.</summary>
    public Solid Solid => SectionBody.Joined(stations.Select(s => (s.At, Eye(s), Corners(s)))).Solid;

    /// <summary>What it takes out of a block, mm³.</summary>
    /// <param name="from">y, mm.</param>
    /// <param name="to">Likewise.</param>
    /// <param name="top">Of the block, in the frame of the body, mm.</param>
    public double Volume(double from, double to, double top) => stations.Zip(stations.Skip(1)).Sum(p =>
    {
        var (a, b) = (Math.Clamp(p.First.At, from, to), Math.Clamp(p.Second.At, from, to));
        return (b - a) * (Area(p.First, top) + Area(p.Second, top)) / 2;
    });

    private static double Area(Station s, double top) => s.Xs.Zip(s.Xs.Skip(1)).Zip(s.Lows.Zip(s.Lows.Skip(1)), (x, low) => (x.Second - x.First)
        * (Math.Max(0, top - low.First) + Math.Max(0, top - low.Second)) / 2).Sum();

    /// <summary>From where to where it is open across at a height over the body's lowest place, about where it is deepest; <c>null</c> where it is not.</summary>
    /// <param name="at">y, mm.</param>
    /// <param name="z">mm.</param>
    public (double From, double To)? Across(double at, double z)
    {
        var i = stations.Count(s => s.At <= at);
        if (i == 0 || i == stations.Count)
        {
            return null;
        }

        var share = (at - stations[i - 1].At) / (stations[i].At - stations[i - 1].At);
        double Between(double a, double b) => a + (share * (b - a));
        var line = Enumerable.Range(0, Parts + 1).Select(k => new Point2(Between(stations[i - 1].Xs[k], stations[i].Xs[k]), Between(stations[i - 1].Lows[k],
            stations[i].Lows[k]))).ToList();
        var deepest = line.IndexOf(line.MinBy(p => p.Y));
        if (line[deepest].Y >= z)
        {
            return null;
        }

        double Met(int step)
        {
            var k = deepest;
            while (k + step >= 0 && k + step < line.Count && line[k + step].Y < z)
            {
                k += step;
            }

            return k + step < 0 || k + step >= line.Count ? line[k].X
                : line[k].X + ((z - line[k].Y) / (line[k + step].Y - line[k].Y) * (line[k + step].X - line[k].X));
        }

        return (Met(-1), Met(1));
    }
}
