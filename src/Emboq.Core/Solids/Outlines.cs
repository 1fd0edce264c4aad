using System.Collections.Immutable;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Buffer;
using NetTopologySuite.Operation.Union;
using NetTopologySuite.Operation.Valid;
using NetTopologySuite.Simplify;

namespace Emboq.Core.Solids;

/// <summary>Closed outlines of lines. Those with arcs are refused where an arc would be taken for its chord.</summary>
public static class Outlines
{
    /// <summary>Whether the origin lies inside and sees every side from within.</summary>
    public static bool SeenFromWithin(Profile profile) => SeenFromWithin(Straight(profile));

    /// <summary>Whether the origin lies inside a counter-clockwise outline and sees every side from within.</summary>
    public static bool SeenFromWithin(IReadOnlyList<Point2> p) =>
        Enumerable.Range(0, p.Count).All(i => Cross(p[i], p[(i + 1) % p.Count]) > 1e-9);

    /// <summary>A circle as a regular polygon.</summary>
    /// <param name="radius">mm.</param>
    /// <param name="count">Corners.</param>
    public static Profile Round(double radius, int count) =>
        new(Enumerable.Range(0, count).Select(i => new Point2(radius * Math.Cos(2 * Math.PI * i / count), radius * Math.Sin(2 * Math.PI * i / count))));

    /// <summary>A rectangle with rounded corners, centred on the origin.</summary>
    /// <param name="width">Along x, mm.</param>
    /// <param name="depth">Along y, mm.</param>
    /// <param name="corner">Radius of the corners, mm; not over half the shorter side.</param>
    /// <param name="chordError">Greatest distance of a facet from its round, mm.</param>
    public static Profile RoundedRectangle(double width, double depth, double corner, double chordError)
    {
        var radius = Math.Min(corner, Math.Min(width, depth) / 2);
        if (radius <= chordError)
        {
            return new(new(width / 2, -depth / 2), new(width / 2, depth / 2), new(-width / 2, depth / 2), new(-width / 2, -depth / 2));
        }

        var steps = Facets.Count(radius, chordError) / 4;
        (double X, double Y)[] signs = [(1, 1), (-1, 1), (-1, -1), (1, -1)];
        var points = signs.SelectMany((s, quarter) => Enumerable.Range(0, steps + 1).Select(i =>
        {
            var angle = (quarter + ((double)i / steps)) * Math.PI / 2;
            return new Point2((s.X * ((width / 2) - radius)) + (radius * Math.Cos(angle)), (s.Y * ((depth / 2) - radius)) + (radius * Math.Sin(angle)));
        })).ToList();
        return new(points.Where((p, i) => Distance(p, points[(i + 1) % points.Count]) > 1e-6));
    }

    /// <summary>The tightest corner that a cutter has to turn in, and where: concave corners of a part, convex ones of a recess. A corner of two straight
    /// sides has no radius; a rounded one is read from three neighbouring points.</summary>
    public static (double Radius, Point2 At)? Tightest(Profile outline, bool recess)
    {
        var p = Straight(outline);
        var corners = Enumerable.Range(0, p.Length).Select(i =>
        {
            var (a, b, c) = (p[(i + p.Length - 1) % p.Length], p[i], p[(i + 1) % p.Length]);
            var turn = ((b.X - a.X) * (c.Y - b.Y)) - ((b.Y - a.Y) * (c.X - b.X));
            if (recess ? turn <= 1e-9 : turn >= -1e-9)
            {
                return ((double Radius, Point2 At)?)null;
            }

            var (ab, bc, ca) = (Distance(a, b), Distance(b, c), Distance(c, a));
            // A facet of a round is short: the circle through three points is its radius; between long sides the corner is sharp.
            var sharp = Math.Abs(turn) / (ab * bc) > Math.Sin(20 * Math.PI / 180);
            return (sharp ? 0 : ab * bc * ca / (2 * Math.Abs(turn)), b);
        }).OfType<(double Radius, Point2 At)>().ToList();
        return corners.Count == 0 ? null : corners.MinBy(corner => corner.Radius);
    }

    /// <summary>Where a closed outline crosses or touches itself; <c>null</c> when it is simple.</summary>
    public static Point2? Crossing(IReadOnlyList<Point2> points)
    {
        var ring = points.Append(points[0]).Select(p => new Coordinate(p.X, p.Y)).ToArray();
        return new IsValidOp(new Polygon(new LinearRing(ring))).ValidationError is { } error ? new(error.Coordinate.X, error.Coordinate.Y) : null;
    }

    /// <summary>By less than this, mm, is by nothing: a buffer of a rounding error falls into slivers.</summary>
    private const double Nothing = 1e-6;

    private static Geometry Buffered(Profile outline, double distance)
    {
        var polygon = new Polygon(new LinearRing([.. Straight(outline).Append(outline.Points[0]).Select(p => new Coordinate(p.X, p.Y))]));
        return Math.Abs(distance) < Nothing ? polygon
            : BufferOp.Buffer(polygon, distance, new BufferParameters(32, EndCapStyle.Flat, JoinStyle.Mitre, 4) { SimplifyFactor = 0.001 });
    }

    /// <summary>Of what is one outline, the outline: slivers beside it are rounding errors.</summary>
    private static Polygon Largest(Geometry of) => of as Polygon ?? ((GeometryCollection)of).OfType<Polygon>().MaxBy(p => p.Area)!;

    /// <summary>An outline moved outwards by a distance, with sharp corners kept sharp; <c>null</c> when nothing is left or it falls apart.</summary>
    public static Profile? Moved(Profile outline, double distance)
    {
        if (Math.Abs(distance) < Nothing)
        {
            return outline;
        }

        // A sliver without area is nothing.
        return Buffered(outline, distance) is Polygon { Area: > 1e-6, NumInteriorRings: 0 } polygon
            ? new(polygon.ExteriorRing.Coordinates.SkipLast(1).Select(c => new Point2(c.X, c.Y)))
            : null;
    }

    /// <summary>What an outline covers that is moved outwards and then drawn along y, without what it encloses and does not cover.</summary>
    /// <param name="outline">Of straight sides.</param>
    /// <param name="distance">Outwards, mm.</param>
    /// <param name="along">Then along y, to either side, mm.</param>
    public static Profile Drawn(Profile outline, double distance, double along)
    {
        const double Same = 0.002;
        var moved = Largest(Buffered(outline, distance));
        List<Geometry> covered = [moved];
        if (Math.Abs(along) > Same)
        {
            var ring = moved.ExteriorRing.Coordinates;
            Coordinate Along(Coordinate c) => new(c.X, c.Y + along);
            covered.Add(new Polygon(new LinearRing([.. ring.Select(Along)])));
            covered.AddRange(ring.Zip(ring.Skip(1)).Where(s => Math.Abs(s.First.X - s.Second.X) > Same).Select(s =>
                new Polygon(new LinearRing([s.First, s.Second, Along(s.Second), Along(s.First), s.First]))));
        }

        var all = Largest(DouglasPeuckerSimplifier.Simplify(UnaryUnionOp.Union(covered), Same));
        return new(all.ExteriorRing.Coordinates.SkipLast(1).Select(c => new Point2(c.X, c.Y)));
    }

    /// <summary>What a straight edge touches that rolls over points from above, from left to right: their upper convex hull (Andrew 1979).</summary>
    public static IReadOnlyList<Point2> Skin(IEnumerable<Point2> points)
    {
        var skin = new List<Point2>();
        foreach (var p in points.OrderBy(p => p.X).ThenBy(p => p.Y))
        {
            while (skin.Count > 1 && ((skin[^1].X - skin[^2].X) * (p.Y - skin[^2].Y)) - ((skin[^1].Y - skin[^2].Y) * (p.X - skin[^2].X)) >= 0)
            {
                skin.RemoveAt(skin.Count - 1);
            }

            skin.Add(p);
        }

        return skin;
    }

    /// <summary>Between two outlines of straight sides, mm; nothing where they meet or lie over each other.</summary>
    public static double Apart(IReadOnlyList<Point2> one, IReadOnlyList<Point2> other)
    {
        static Polygon Of(IReadOnlyList<Point2> corners) => new(new LinearRing([.. corners.Append(corners[0]).Select(p => new Coordinate(p.X, p.Y))]));
        return Of(one).Distance(Of(other));
    }

    /// <summary>Distance of a point from the line between two others, mm.</summary>
    internal static double Beside(Point2 p, Point2 a, Point2 b) => Math.Sqrt(SquaredBeside(p, a, b));

    private static double SquaredBeside(Point2 p, Point2 a, Point2 b)
    {
        var (dx, dy, x, y) = (b.X - a.X, b.Y - a.Y, p.X - a.X, p.Y - a.Y);
        var along = (x * dx) + (y * dy);
        var share = along > 0 ? Math.Min(1, along / ((dx * dx) + (dy * dy))) : 0;
        (x, y) = (x - (share * dx), y - (share * dy));
        return (x * x) + (y * y);
    }

    /// <summary>Distance of a point from an outline of straight sides, mm: positive outside, negative inside.</summary>
    public static double Beside(ReadOnlySpan<Point2> corners, Point2 p)
    {
        var (least, inside, a) = (double.PositiveInfinity, false, corners[^1]);
        foreach (var b in corners)
        {
            least = Math.Min(least, SquaredBeside(p, a, b));
            inside ^= a.Y > p.Y != b.Y > p.Y && p.X < a.X + ((p.Y - a.Y) / (b.Y - a.Y) * (b.X - a.X));
            a = b;
        }

        return inside ? -Math.Sqrt(least) : Math.Sqrt(least);
    }

    /// <summary>Where rays from the origin, evenly turned, meet a counter-clockwise outline that the origin sees whole; those nearest past −180 degrees come
    /// first.</summary>
    /// <param name="corners">Of straight sides.</param>
    /// <param name="rays">How many.</param>
    public static IReadOnlyList<Point2> Met(IReadOnlyList<Point2> corners, int rays) =>
        Met(corners, [.. Enumerable.Range(1, rays).Select(i => (2 * Math.PI * i / rays) - Math.PI)]);

    /// <summary>The tightest outline without hollows around points.</summary>
    public static Profile Hull(IEnumerable<Point2> points)
    {
        var upper = Skin(points);
        var lower = Skin(points.Select(p => new Point2(-p.X, -p.Y))).Select(p => new Point2(-p.X, -p.Y));
        return new(upper.Concat(lower.Skip(1).SkipLast(1)));
    }

    /// <summary>Outlines with corners at all the directions where any of them has one, so that they can be lofted corner to corner.</summary>
    public static IReadOnlyList<Profile> Matched(params IReadOnlyList<Profile> outlines)
    {
        const double Apart = 1e-5;
        // The direction of −x is −π and π alike: it is taken once.
        var directions = outlines.SelectMany(o => o.Points).Select(p => Math.Atan2(p.Y, p.X)).Select(d => d > Math.PI - Apart
            ? d - (2 * Math.PI) : d).Order().ToList();
        var apart = directions.Where((d, i) => i == 0 || d - directions[i - 1] > Apart).ToList();
        return [.. outlines.Select(o => At(o, apart))];
    }

    /// <summary>Where rays from the origin meet an outline that the origin sees whole.</summary>
    private static Profile At(Profile profile, List<double> directions) => new(Met(Straight(profile), directions));

    private static List<Point2> Met(IReadOnlyList<Point2> p, List<double> directions)
    {
        var start = Enumerable.Range(0, p.Count).MinBy(i => Math.Atan2(p[i].Y, p[i].X));
        int side = start + p.Count - 1;
        var met = new List<Point2>(directions.Count);
        foreach (var angle in directions)
        {
            var (x, y) = (Math.Cos(angle), Math.Sin(angle));
            // The first side whose end lies at or past the ray.
            while (side < start + (2 * p.Count) && (x * p[(side + 1) % p.Count].Y) - (y * p[(side + 1) % p.Count].X) < -1e-12)
            {
                side++;
            }

            var (a, b) = (p[side % p.Count], p[(side + 1) % p.Count]);
            var length = Cross(a, b) / ((x * (b.Y - a.Y)) - (y * (b.X - a.X)));
            met.Add(new(x * length, y * length));
        }

        return met;
    }

    private static ImmutableArray<Point2> Straight(Profile outline) => !outline.HasArcs ? outline.Points
        : throw new ArgumentException("The sides of this outline must be lines: have its arcs made into facets first.", nameof(outline));

    private static double Cross(Point2 a, Point2 b) => (a.X * b.Y) - (a.Y * b.X);

    private static double Distance(Point2 a, Point2 b) => Math.Sqrt(((a.X - b.X) * (a.X - b.X)) + ((a.Y - b.Y) * (a.Y - b.Y)));
}
