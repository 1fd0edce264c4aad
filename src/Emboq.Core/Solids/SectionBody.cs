using System.Collections.Immutable;

namespace Emboq.Core.Solids;

/// <summary>A body through outlines that stand one behind the other, straight from each to the next. y runs along it, z is up; the outlines lie in x
/// and z.</summary>
public sealed class SectionBody
{
    /// <summary>Lines along it, each through a corner of every outline.</summary>
    private const int Rails = 180;

    private readonly ImmutableArray<Ring> rings;

    private sealed record Ring(double At, Point2 Middle, ImmutableArray<Point2> Points);

    private SectionBody(ImmutableArray<Ring> rings) => this.rings = rings;

    /// <summary>A body through outlines.</summary>
    /// <param name="sections">Two or more, y rising, mm.</param>
    /// <exception cref="ArgumentException">There are fewer, or y does not rise.</exception>
    public static SectionBody Of(params IReadOnlyList<(double At, Profile Outline)> sections)
    {
        if (sections.Count < 2 || sections.Zip(sections.Skip(1)).Any(p => !(p.First.At < p.Second.At)))
        {
            throw new ArgumentException("A body goes through two or more outlines, one behind the other.", nameof(sections));
        }

        var (folded, smoothed, rings) = ((double?)null, 0.0, new List<Ring>());
        foreach (var (at, outline) in sections)
        {
            var middle = Centroid(outline.Points);
            Point2[] About(IEnumerable<Point2> points) => [.. points.Select(p => new Point2(p.X - middle.X, p.Y - middle.Y))];
            var own = About(outline.Points);
            if (!Outlines.SeenFromWithin(own))
            {
                (folded, own) = (folded ?? at, About(Outlines.Hull(outline.Points).Points));
            }

            var met = Outlines.Met(own, Rails);
            smoothed = Math.Max(smoothed, Beyond(own, met));
            rings.Add(new(at, middle, [.. met.Select(p => new Point2(p.X + middle.X, p.Y + middle.Y))]));
        }

        return new([.. rings]) { FoldedAt = folded, Smoothed = smoothed };
    }

    /// <summary>A body through outlines whose corners belong together already.</summary>
    /// <param name="sections">Two or more, y rising, mm; of equal count, counter-clockwise. Each is seen whole from its own point.</param>
    internal static SectionBody Joined(IEnumerable<(double At, Point2 SeenFrom, IReadOnlyList<Point2> Corners)> sections) =>
        new([.. sections.Select(s => new Ring(s.At, s.SeenFrom, [.. s.Corners]))]);

    /// <summary>Where the first outline is that folds in on itself, so that its middle does not see all of it: it was taken without hollows.
    /// <c>null</c> where none does.</summary>
    public double? FoldedAt { get; private init; }

    /// <summary>The same, of outlines the first of which was taken without hollows at a place already: around branches that lie beside each other.</summary>
    /// <param name="at">The place; <c>null</c> where there is none.</param>
    public SectionBody Branching(double? at) => at is not { } first || FoldedAt <= first ? this
        : new(rings) { FoldedAt = at, Smoothed = Smoothed, Skin = Skin };

    /// <summary>How far a corner of an outline stands out of the body at most, mm: sharp edges between its lines are cut.</summary>
    public double Smoothed { get; private init; }

    /// <summary>The surface of the thing itself, where it is known: it goes wherever the body goes.</summary>
    public ClosedMesh? Skin { get; private init; }

    /// <summary>Its first and last y, mm.</summary>
    public (double From, double To) Ends => (rings[0].At, rings[^1].At);

    /// <summary>Its outlines from its first: where each stands, y, and its corners, x and z, counter-clockwise.</summary>
    public IEnumerable<(double At, ImmutableArray<Point2> Points)> Sections => rings.Select(r => (r.At, r.Points));

    /// <summary>Its lowest and highest z, mm.</summary>
    public (double Low, double High) Heights => (rings.Min(r => r.Points.Min(p => p.Y)), rings.Max(r => r.Points.Max(p => p.Y)));

    /// <summary>Its least and greatest x, mm.</summary>
    public (double Left, double Right) Sides => (rings.Min(r => r.Points.Min(p => p.X)), rings.Max(r => r.Points.Max(p => p.X)));

    /// <summary>The same of a thing whose surface is known.</summary>
    public SectionBody Skinned(ClosedMesh? skin) => new(rings) { FoldedAt = FoldedAt, Smoothed = Smoothed, Skin = skin };

    /// <summary>As long as the thing itself: its first and its last outline go on to its ends.</summary>
    /// <param name="from">y of its first end, mm.</param>
    /// <param name="to">Of its last.</param>
    public SectionBody Lengthened(double from, double to) => new([.. rings[0].At > from ? [rings[0] with { At = from }] : ImmutableArray<Ring>.Empty, .. rings,
        .. rings[^1].At < to ? [rings[^1] with { At = to }] : ImmutableArray<Ring>.Empty])
    { FoldedAt = FoldedAt, Smoothed = Smoothed, Skin = Skin };

    /// <summary>Larger by a factor, about the origin.</summary>
    public SectionBody Scaled(double by) => Moved(p => p * by, by);

    /// <summary>Turned about the y axis, counter-clockwise seen from its near end.</summary>
    public SectionBody Rolled(double degrees)
    {
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        return Moved(p => new((p.X * cos) - (p.Z * sin), p.Y, (p.X * sin) + (p.Z * cos)));
    }

    /// <summary>Turned end for end about the upright: it begins where it began.</summary>
    public SectionBody Turned() => Moved(p => new(-p.X, Ends.From + Ends.To - p.Y, p.Z));

    /// <summary>Moved along, so that it begins at a place.</summary>
    public SectionBody From(double at) => Moved(p => p with { Y = p.Y - Ends.From + at });

    /// <summary>Moved across and up.</summary>
    public SectionBody At(double x, double z) => Moved(p => p + new Point3(x, 0, z));

    /// <summary>All that belongs to it goes where its outlines go.</summary>
    /// <param name="move">Keeps outlines square to y, and left and right.</param>
    /// <param name="larger">By what factor.</param>
    private SectionBody Moved(Func<Point3, Point3> move, double larger = 1)
    {
        Point3 To(Ring r, Point2 p) => move(new(p.X, r.At, p.Y));
        static Point2 Across(Point3 p) => new(p.X, p.Z);
        List<Ring> to = [.. rings.Select(r => new Ring(To(r, r.Middle).Y, Across(To(r, r.Middle)), [.. r.Points.Select(p => Across(To(r, p)))]))];
        // Turned end for end, they are seen from behind.
        return new(to[0].At < to[^1].At ? [.. to] : [.. Enumerable.Reverse(to).Select(r => r with { Points = [.. r.Points.Reverse()] })])
        {
            FoldedAt = FoldedAt is { } at ? move(new(0, at, 0)).Y : null,
            Smoothed = Smoothed * larger,
            Skin = Skin?.Moved(move),
        };
    }

    /// <summary>How far within what it stands on, on a flat floor, a point acts, mm: what the point rises by when all is tipped a little, over the sine of
    /// that, towards whichever side it rises least. On a flat foot that is how far within it the point lies; of what rolls, nothing.</summary>
    public double Stands(Point3 centre)
    {
        const int Ways = 12;
        const double Tipped = 3 * Math.PI / 180;
        double Over(double x, double y, double z) => (x * centre.X) + (y * centre.Y) + (z * centre.Z) - rings.Min(r => r.Points.Min(p => (x * p.X) + (y * r.At)
            + (z * p.Y)));
        var level = Over(0, 0, 1);
        return Enumerable.Range(0, Ways).Select(i => Math.SinCos(2 * Math.PI * i / Ways)).Min(way => (Over(Math.Sin(Tipped) * way.Cos,
            Math.Sin(Tipped) * way.Sin,
            Math.Cos(Tipped)) - level) / Math.Sin(Tipped));
    }

    /// <summary>The middle of all that it encloses: its centre of mass, if it is of one stuff (Simpson's rule, which is exact between outlines).</summary>
    public Point3 Centre
    {
        get
        {
            var (volume, x, y, z) = (0.0, 0.0, 0.0, 0.0);
            foreach (var (a, b) in rings.Zip(rings.Skip(1)))
            {
                var half = a.Points.Zip(b.Points, (p, q) => new Point2((p.X + q.X) / 2, (p.Y + q.Y) / 2)).ToList();
                foreach (var (at, share, points) in new (double, double, IReadOnlyList<Point2>)[] { (a.At, 1, a.Points), ((a.At + b.At) / 2, 4, half),
                    (b.At, 1, b.Points) })
                {
                    var (area, across, up) = Moments(points);
                    var weight = (b.At - a.At) * share / 6;
                    (volume, x, y, z) = (volume + (weight * area), x + (weight * across), y + (weight * area * at), z + (weight * up));
                }
            }

            return new(x / volume, y / volume, z / volume);
        }
    }

    /// <summary>Its outline at a place; <c>null</c> past an end.</summary>
    /// <param name="at">y, mm.</param>
    public Profile? Section(double at) => Across(new(0, at), 0, 0);

    /// <summary>Its centre line near a place: where it is, and how much it rises across and up for each mm along, by least squares.</summary>
    /// <param name="at">y, mm.</param>
    /// <param name="reach">How far to either side it is looked at, mm; further where fewer than three outlines are there.</param>
    public (Point2 Middle, Point2 Slope) CentreLine(double at, double reach)
    {
        var near = rings.Where(r => Math.Abs(r.At - at) <= reach).ToList();
        near = near.Count >= 3 ? near : [.. rings.OrderBy(r => Math.Abs(r.At - at)).Take(3)];
        var (y, x, z) = (near.Average(r => r.At), near.Average(r => r.Middle.X), near.Average(r => r.Middle.Y));
        var along = near.Sum(r => (r.At - y) * (r.At - y));
        var (dx, dz) = (near.Sum(r => (r.At - y) * (r.Middle.X - x)) / along, near.Sum(r => (r.At - y) * (r.Middle.Y - z)) / along);
        return (new(x + (dx * (at - y)), z + (dz * (at - y))), new(dx, dz));
    }

    /// <summary>How steeply its sides run in or out beside its centre line between two places, at most, degrees.</summary>
    public double Steepest(double from, double to)
    {
        var most = 0.0;
        foreach (var (a, b) in rings.Zip(rings.Skip(1)).Where(p => p.Second.At > from && p.First.At < to))
        {
            var (dx, dz) = (b.Middle.X - a.Middle.X, b.Middle.Y - a.Middle.Y);
            for (var j = 0; j < Rails; j++)
            {
                var off = double.Hypot(b.Points[j].X - a.Points[j].X - dx, b.Points[j].Y - a.Points[j].Y - dz);
                most = Math.Max(most, off / (b.At - a.At));
            }
        }

        return Math.Atan(most) * 180 / Math.PI;
    }

    /// <summary>How far the surface of the thing stands out of the body between two places, and how far it lies within, at most, mm: of its corners, and of
    /// cuts across it, for long triangles have no corner there; each in its own section. <c>null</c> where no length of the body lies between.</summary>
    /// <exception cref="InvalidOperationException">Its surface is not known.</exception>
    public (double Out, double In)? Beside(double from, double to)
    {
        const double Apart = 2.5;
        var skin = Skin ?? throw new InvalidOperationException("Its surface is not known.");
        var (low, high) = (Math.Max(from, Ends.From), Math.Min(to, Ends.To));
        if (low >= high)
        {
            return null;
        }

        var count = (int)Math.Ceiling((high - low) / Apart);
        var cuts = Enumerable.Range(0, count).Select(i => low + ((high - low) * i / count)).Append(high).SelectMany(y =>
            (skin.Across(new(0, y), 0, 0)?.Points ?? []).Select(p => new Point3(p.X, y, p.Y)));
        var (most, least, section, i) = (0.0, 0.0, new Point2[Rails], 1);
        foreach (var at in skin.Points.Where(p => p.Y >= low && p.Y <= high).Concat(cuts).GroupBy(p => p.Y).OrderBy(g => g.Key))
        {
            for (; rings[i].At < at.Key; i++)
            {
            }

            var (a, b) = (rings[i - 1], rings[i]);
            var share = (at.Key - a.At) / (b.At - a.At);
            for (var j = 0; j < Rails; j++)
            {
                section[j] = new(a.Points[j].X + (share * (b.Points[j].X - a.Points[j].X)), a.Points[j].Y + (share * (b.Points[j].Y - a.Points[j].Y)));
            }

            foreach (var p in at)
            {
                var off = Outlines.Beside(section, new(p.X, p.Z));
                (most, least) = (Math.Max(most, off), Math.Min(least, off));
            }
        }

        return (most, -least);
    }

    /// <summary>Where an upright plane cuts it: x in the plane from the place named, y up. <c>null</c> where the plane runs out past an end.</summary>
    /// <param name="at">A place, x and y.</param>
    /// <param name="turn">Of the plane about the upright through that place, degrees; square to y at 0.</param>
    /// <param name="along">Of the plane from the place, square to itself, mm.</param>
    public Profile? Across(Point2 at, double turn, double along)
    {
        var (sin, cos) = Math.SinCos(turn * Math.PI / 180);
        var cut = new Point2[Rails];
        var i = 1;
        for (var j = 0; j < Rails; j++)
        {
            double Off(int ring) => ((rings[ring].At - at.Y) * cos) - ((rings[ring].Points[j].X - at.X) * sin) - along;
            bool Crosses(int ring) => Off(ring - 1) <= 0 && Off(ring) >= 0;
            // Mostly where the line beside it crossed.
            i = Crosses(i) ? i : Enumerable.Range(1, rings.Length - 1).FirstOrDefault(Crosses, rings.Length);
            if (i == rings.Length)
            {
                return null;
            }

            var (a, b, from, to) = (rings[i - 1].Points[j], rings[i].Points[j], Off(i - 1), Off(i));
            var share = to > from ? -from / (to - from) : 0;
            var (x, y) = (a.X + (share * (b.X - a.X)), rings[i - 1].At + (share * (rings[i].At - rings[i - 1].At)));
            cut[j] = new(((x - at.X) * cos) + ((y - at.Y) * sin), a.Y + (share * (b.Y - a.Y)));
        }

        return new(cut);
    }

    /// <summary>All of it. Where it bends so far that no line along y lies within it, it is made of lengths.</summary>
    public Solid Solid
    {
        get
        {
            var (lengths, from) = (new List<Solid>(), 0);
            while (from < rings.Length - 1)
            {
                var to = Furthest(from);
                lengths.Add(Length(from, to, Between(from, to)));
                from = to;
            }

            return lengths.Aggregate((a, b) => a + b);
        }
    }

    /// <summary>How far one length goes: to the end, or about as far as a line lies within it (by halves; two outlines are always one length).</summary>
    private int Furthest(int from)
    {
        bool IsOne(int to) => Between(from, to) is var axis && Enumerable.Range(from, to - from + 1).All(i => Seen(i, axis));
        var (good, to) = (from + 1, rings.Length - 1);
        for (var bad = rings.Length; good < to; to = (good + bad) / 2)
        {
            (good, bad) = IsOne(to) ? (to, bad) : (good, to);
        }

        return good;
    }

    private Point2 Between(int from, int to) => new(rings[from..(to + 1)].Average(r => r.Middle.X), rings[from..(to + 1)].Average(r => r.Middle.Y));

    private bool Seen(int ring, Point2 axis) => Outlines.SeenFromWithin([.. rings[ring].Points.Select(p => new Point2(p.X - axis.X, p.Y - axis.Y))]);

    /// <summary>A loft stands: laid down, its y is what was up, and its x is turned over. A tenth of a micrometre is enough: programs of long numbers are long.
    /// Two neighbours that no line along y lies within, as at the elbow of a thing that turns aside, are joined by the tightest body around both.</summary>
    private Solid Length(int from, int to, Point2 axis) => !Seen(from, axis) || !Seen(to, axis) ? new Solid.Hulled(Thin(from, 1), Thin(to, -1))
        : new Solid.Lofted(rings[from..(to + 1)].Reverse().Select(r =>
        new Solid.Section(new Profile(r.Points.Select(p => new Point2(Math.Round(p.X - axis.X, 4), Math.Round(p.Y - axis.Y, 4)))), -r.At))).Tipped(90)
        .At(axis.X, 0, axis.Y);

    /// <summary>A hair of it behind an outline, or before it.</summary>
    private Solid Thin(int ring, int way)
    {
        const double Hair = 0.001;
        return new Solid.Extruded(new(rings[ring].Points.Select(p => new Point2(p.X, -p.Y))), Hair).Tipped(-90).At(0, rings[ring].At - (way > 0 ? 0 : Hair), 0);
    }

    /// <summary>Of the area within (Green).</summary>
    private static Point2 Centroid(ImmutableArray<Point2> p) => Moments(p) is var (area, x, y) ? new(x / area, y / area) : default;

    private static (double Area, double X, double Y) Moments(IReadOnlyList<Point2> p)
    {
        var (area, x, y) = (0.0, 0.0, 0.0);
        for (var i = 0; i < p.Count; i++)
        {
            var (a, b) = (p[i], p[(i + 1) % p.Count]);
            var cross = (a.X * b.Y) - (b.X * a.Y);
            (area, x, y) = (area + cross, x + ((a.X + b.X) * cross), y + ((a.Y + b.Y) * cross));
        }

        return (area / 2, x / 6, y / 6);
    }

    /// <summary>How far corners of an outline stand out of what rays met of it, mm.</summary>
    private static double Beyond(IReadOnlyList<Point2> outline, IReadOnlyList<Point2> met)
    {
        var most = 0.0;
        foreach (var p in outline)
        {
            var k = (int)Math.Floor((Math.Atan2(p.Y, p.X) + Math.PI) / (2 * Math.PI) * Rails) % Rails;
            for (var i = k + Rails - 1; i < k + Rails + 2; i++)
            {
                var (a, b) = (met[i % Rails], met[(i + 1) % Rails]);
                var (dx, dy) = (b.X - a.X, b.Y - a.Y);
                var (long_, past) = (double.Hypot(dx, dy), (dx * (p.X - a.X)) + (dy * (p.Y - a.Y)));
                most = past < 0 || past > long_ * long_ ? most : Math.Max(most, (((p.X - a.X) * dy) - ((p.Y - a.Y) * dx)) / long_);
            }
        }

        return most;
    }
}
