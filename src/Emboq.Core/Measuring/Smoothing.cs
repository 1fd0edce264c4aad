using NetTopologySuite.Geometries;
using NetTopologySuite.Simplify;

namespace Emboq.Core.Measuring;

/// <summary>An outline evened out within a stated deviation: what scatters from point to point goes, what is sharp stays.</summary>
public static class Smoothing
{
    /// <summary>An outline that turns by so much within a little way has a corner there, degrees; common practice, no published source.</summary>
    private const double Sharp = 35;

    /// <summary>A corner is looked for over so many times the deviation, to either side.</summary>
    private const double Way = 12;

    private const int Most = 6000;

    /// <summary>It is evened over no more than so many times the deviation.</summary>
    private const double Widest = 30;

    /// <summary>Of the deviation, what is spent on evening; the rest is spent on fewer points.</summary>
    private const double Share = 0.75;

    /// <summary>Evens it.</summary>
    /// <param name="outline">Once around, mm.</param>
    /// <param name="within">No point moves further, mm.</param>
    public static IReadOnlyList<Point2> Of(IReadOnlyList<Point2> outline, double within)
    {
        var (points, along, length) = Spaced(outline, within);
        var corners = Corners(points, along, length, Way * within);
        // How far each point is from the next corner, along the outline: it is evened no further.
        double[] free = [.. along.Select(s => corners.Count == 0 ? length / 2 : corners.Min(c => Apart(along[c], s, length)))];
        var (even, wide) = (points, 0.0);
        for (var (low, high) = (0.0, Math.Min(length / 12, Widest * within)); high - low > within / 4;)
        {
            var sigma = (low + high) / 2;
            var tried = Evened(points, along, length, free, sigma);
            if (tried.Zip(points, (a, b) => double.Hypot(a.X - b.X, a.Y - b.Y)).Max() <= Share * within)
            {
                (even, wide, low) = (tried, sigma, sigma);
            }
            else
            {
                high = sigma;
            }
        }

        return wide == 0 ? outline : Fewer(even, (1 - Share) * within);
    }

    /// <summary>Its points and others between them, and how far along each is.</summary>
    private static (Point2[] Points, double[] Along, double Length) Spaced(IReadOnlyList<Point2> outline, double within)
    {
        var length = outline.Select((p, i) => Far(p, outline[(i + 1) % outline.Count])).Sum();
        var step = Math.Max(length / Most, 2 * within);
        var (points, along, at) = (new List<Point2>(), new List<double>(), 0.0);
        foreach (var (a, b) in outline.Select((p, i) => (p, outline[(i + 1) % outline.Count])))
        {
            var (far, parts) = (Far(a, b), Math.Max(1, (int)Math.Ceiling(Far(a, b) / step)));
            for (var k = 0; k < parts; k++)
            {
                points.Add(new(a.X + ((b.X - a.X) * k / parts), a.Y + ((b.Y - a.Y) * k / parts)));
                along.Add(at + (far * k / parts));
            }

            at += far;
        }

        return ([.. points], [.. along], length);
    }

    private static List<int> Corners(Point2[] points, double[] along, double length, double way)
    {
        var turns = points.Select((p, i) =>
        {
            var (before, after) = (Reached(points, along, length, i, -way), Reached(points, along, length, i, way));
            var (x, y, u, v) = (p.X - before.X, p.Y - before.Y, after.X - p.X, after.Y - p.Y);
            return Math.Abs(Math.Atan2((x * v) - (y * u), (x * u) + (y * v))) * 180 / Math.PI;
        }).ToList();
        // The sharpest within the way is the corner.
        return [.. Enumerable.Range(0, points.Length).Where(i => turns[i] > Sharp && Near(along, length, i, way).All(j => turns[j] <= turns[i]))];
    }

    private static Point2 Reached(Point2[] points, double[] along, double length, int from, double by)
    {
        var (i, step, n) = (from, Math.Sign(by), points.Length);
        while (Apart(along[from], along[((i + step) % n + n) % n], length) < Math.Abs(by) && Math.Abs(i + step - from) < n / 3)
        {
            i += step;
        }

        return points[((i + step) % n + n) % n];
    }

    private static IEnumerable<int> Near(double[] along, double length, int of, double way)
    {
        foreach (var step in new[] { -1, 1 })
        {
            var n = along.Length;
            for (var i = (of + step + n) % n; i != of && Apart(along[of], along[i], length) < way; i = (i + step + n) % n)
            {
                yield return i;
            }
        }
    }

    /// <summary>Each point at the mean of those around it, weighed by a bell as wide as asked, or as the next corner leaves it.</summary>
    private static Point2[] Evened(Point2[] points, double[] along, double length, double[] free, double sigma) => [.. points.Select((p, i) =>
    {
        var reach = Math.Min(3 * sigma, free[i]);
        var (weight, x, y) = (1.0, p.X, p.Y);
        foreach (var j in Near(along, length, i, reach))
        {
            var far = Apart(along[i], along[j], length);
            var w = Math.Exp(-far * far * 4.5 / (reach * reach));
            (weight, x, y) = (weight + w, x + (w * points[j].X), y + (w * points[j].Y));
        }

        return new Point2(x / weight, y / weight);
    })];

    private static IReadOnlyList<Point2> Fewer(Point2[] points, double within)
    {
        var ring = new Polygon(new LinearRing([.. points.Append(points[0]).Select(p => new Coordinate(p.X, p.Y))]));
        var simple = (Polygon)new DouglasPeuckerSimplifier(ring) { DistanceTolerance = within, EnsureValidTopology = false }.GetResultGeometry();
        return [.. simple.ExteriorRing.Coordinates.SkipLast(1).Select(c => new Point2(c.X, c.Y))];
    }

    private static double Apart(double a, double b, double length) => Math.Abs(a - b) is var d ? Math.Min(d, length - d) : 0;

    private static double Far(Point2 a, Point2 b) => double.Hypot(a.X - b.X, a.Y - b.Y);
}
