namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>What a nest is open by for a body that only its sections tell: straight up from whatever of the body lies there, or comes by as it is lifted. In
/// the frame of the body, its lowest place at z = 0.</summary>
internal sealed class OpenedBody
{
    /// <summary>Parts from side to side.</summary>
    private const int Parts = 90;

    /// <summary>So far over the body it is open, mm: from there a line sees all that is open upwards.</summary>
    private const double Over = 400;

    private readonly IReadOnlyList<Station> stations;

    private OpenedBody(IReadOnlyList<Station> stations) => this.stations = stations;

    /// <summary>At one place along the body.</summary>
    /// <param name="At">y, mm.</param>
    /// <param name="Xs">Places from side to side, mm.</param>
    /// <param name="Lows">How far down it is open there, mm.</param>
    /// <param name="Top">How far up, mm.</param>
    private sealed record Station(double At, double[] Xs, double[] Lows, double Top)
    {
        /// <summary>Its open side is seen whole from here.</summary>
        public Point2 Eye => new((Xs[0] + Xs[^1]) / 2, Top - 1);

        public IReadOnlyList<Point2> Corners => [new(Xs[0], Top), .. Xs.Zip(Lows, (x, z) => new Point2(x, z)), new(Xs[^1], Top)];
    }

    /// <summary>Opens a nest.</summary>
    /// <param name="cuts">Of the body as it lies, the foremost first: where each stands, y, and its corners, x and z.</param>
    /// <param name="unscanned">Whether a section runs across what was never scanned: there the nest is open down to its floor, and holds nothing.</param>
    /// <param name="grown">What stays free around the body, mm.</param>
    /// <param name="before">Open so much further than the body in front, mm.</param>
    /// <param name="after">Likewise behind.</param>
    public static OpenedBody Of(IReadOnlyList<(double At, IReadOnlyList<Point2> Points)> cuts, Func<double, bool> unscanned, double grown, double before,
        double after)
    {
        var (from, to, top) = (cuts[0].At, cuts[^1].At, cuts.Max(c => c.Points.Max(p => p.Y)) + Over);
        List<Station> own = [.. cuts.Select(o => Own(o.At, unscanned(o.At) ? Floored(o.Points, grown, top) : Moved(o.Points, grown), top))];
        // What of the body is at each place, or comes by there.
        Station At(double at)
        {
            var (near, far) = (Math.Clamp(at - after, from, to), Math.Clamp(at + before, from, to));
            return Together(at, [.. own.Where(s => s.At > near && s.At < far).Prepend(Between(own, near)).Append(Between(own, far))]);
        }

        return new([.. own.Select(s => s.At).Prepend(from - before).Append(to + after).Distinct().Select(At)]);
    }

    /// <summary>Corners moved out square to the sides beside them, not further than twice as far.</summary>
    private static Point2[] Moved(IReadOnlyList<Point2> p, double by)
    {
        Point2 Out(Point2 a, Point2 b) => double.Hypot(b.X - a.X, b.Y - a.Y) is var d && d > 0 ? new((b.Y - a.Y) / d, (a.X - b.X) / d) : default;
        return [.. p.Select((at, i) =>
        {
            var (one, other) = (Out(p[(i + p.Count - 1) % p.Count], at), Out(at, p[(i + 1) % p.Count]));
            var share = by / Math.Max(0.5, 1 + (one.X * other.X) + (one.Y * other.Y));
            return new Point2(at.X + (share * (one.X + other.X)), at.Y + (share * (one.Y + other.Y)));
        })];
    }

    /// <summary>Wider than it was seen by what a hole may hide, and open to the floor.</summary>
    private static Point2[] Floored(IReadOnlyList<Point2> p, double grown, double top)
    {
        var (left, right) = (p.Min(q => q.X) - LaidTool.Hidden - grown, p.Max(q => q.X) + LaidTool.Hidden + grown);
        return [new(left, -grown), new(right, -grown), new(right, top), new(left, top)];
    }

    private static Station Own(double at, Point2[] outline, double top)
    {
        var xs = SectionEdge.Spread(outline.Min(p => p.X), outline.Max(p => p.X), Parts);
        return new(at, xs, SectionEdge.Of(outline, xs, -1), top);
    }

    private static Station Between(IReadOnlyList<Station> own, double at)
    {
        var i = own.Count(s => s.At < at);
        if (own[i].At == at)
        {
            return own[i];
        }

        var (a, b) = (own[i - 1], own[i]);
        var share = (at - a.At) / (b.At - a.At);
        double[] Each(double[] one, double[] other) => [.. one.Zip(other, (p, q) => p + (share * (q - p)))];
        return new(at, Each(a.Xs, b.Xs), Each(a.Lows, b.Lows), a.Top);
    }

    private static Station Together(double at, IReadOnlyList<Station> sections)
    {
        var xs = SectionEdge.Spread(sections.Min(s => s.Xs[0]), sections.Max(s => s.Xs[^1]), Parts);
        // Where nothing is, it is open no deeper than halfway over the body.
        var lows = Enumerable.Repeat(sections[0].Top - (Over / 2), xs.Length).ToArray();
        foreach (var s in sections)
        {
            var k = 0;
            for (var i = 0; i < xs.Length; i++)
            {
                // Its sides are upright between two places: the one beyond is as low.
                if ((i + 1 < xs.Length ? xs[i + 1] : xs[i]) < s.Xs[0] || (i > 0 ? xs[i - 1] : xs[i]) > s.Xs[^1])
                {
                    continue;
                }

                while (k + 2 < s.Xs.Length && s.Xs[k + 1] < xs[i])
                {
                    k++;
                }

                var share = Math.Clamp((xs[i] - s.Xs[k]) / (s.Xs[k + 1] - s.Xs[k]), 0, 1);
                lows[i] = Math.Min(lows[i], s.Lows[k] + (share * (s.Lows[k + 1] - s.Lows[k])));
            }
        }

        var station = new Station(at, xs, lows, sections[0].Top);
        var (eye, corners) = (station.Eye, station.Corners);
        return Outlines.SeenFromWithin([.. corners.Select(p => new Point2(p.X - eye.X, p.Y - eye.Y))]) ? station
            : station with { Lows = SectionEdge.Of(Outlines.Hull(corners).Points.AsSpan(), xs, -1) };
    }

    /// <summary>What is cut away.</summary>
    public Solid Solid => SectionBody.Joined(stations.Select(s => (s.At, s.Eye, s.Corners))).Solid;

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

    /// <summary>From where to where it is open across at a height over the body's lowest place, about where it is deepest; <c>null</c> where it is
    /// not.</summary>
    /// <param name="at">y, mm.</param>
    /// <param name="z">mm.</param>
    public (double From, double To)? Across(double at, double z)
    {
        if (at < stations[0].At || at > stations[^1].At)
        {
            return null;
        }

        var there = Between(stations, at);
        var line = there.Xs.Zip(there.Lows, (x, low) => new Point2(x, low)).ToList();
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
