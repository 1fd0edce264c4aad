namespace Emboq.Exchange.Drawn;

/// <summary>Curves as short straight lines that lie no further than <see cref="Beside"/> beside them.</summary>
internal static class Curves
{
    /// <summary>mm.</summary>
    public const double Beside = 0.01;

    private const int Most = 2000;

    /// <summary>A cubic curve without its first point; the scale says how many mm a unit of its points is.</summary>
    public static IEnumerable<Point2> Cubic(Point2 a, Point2 b, Point2 c, Point2 d, double scale)
    {
        // A chord of one of n equal stretches lies within 3/4 m / n² of it, m the largest second difference of its points.
        var bend = Math.Max(double.Hypot(a.X - (2 * b.X) + c.X, a.Y - (2 * b.Y) + c.Y), double.Hypot(b.X - (2 * c.X) + d.X, b.Y - (2 * c.Y) + d.Y)) * scale;
        var count = Math.Clamp((int)Math.Ceiling(Math.Sqrt(0.75 * bend / Beside)), 1, Most);
        return Enumerable.Range(1, count).Select(i => (double)i / count).Select(t =>
        {
            var u = 1 - t;
            var (p, q, r, s) = (u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t);
            return new Point2((p * a.X) + (q * b.X) + (r * c.X) + (s * d.X), (p * a.Y) + (q * b.Y) + (r * c.Y) + (s * d.Y));
        });
    }

    /// <summary>A quadratic curve without its first point.</summary>
    public static IEnumerable<Point2> Quadratic(Point2 a, Point2 b, Point2 c, double scale) =>
        Cubic(a, new(a.X + (2 * (b.X - a.X) / 3), a.Y + (2 * (b.Y - a.Y) / 3)), new(c.X + (2 * (b.X - c.X) / 3), c.Y + (2 * (b.Y - c.Y) / 3)), c, scale);

    /// <summary>How many stretches an arc wants.</summary>
    /// <param name="radius">mm.</param>
    /// <param name="turn">Radians.</param>
    public static int Count(double radius, double turn) => radius <= Beside ? 1
        : Math.Clamp((int)Math.Ceiling(Math.Abs(turn) / (2 * Math.Acos(1 - (Beside / radius)))), 1, Most);

    /// <summary>An arc of a circle or an ellipse, both ends with it.</summary>
    /// <param name="centre">Its middle.</param>
    /// <param name="major">From there to the end of its longer axis.</param>
    /// <param name="ratio">Of the shorter axis to the longer.</param>
    /// <param name="from">Radians from the longer axis.</param>
    /// <param name="turn">Radians, counter-clockwise.</param>
    /// <param name="scale">mm for each unit.</param>
    public static IEnumerable<Point2> Arc(Point2 centre, Point2 major, double ratio, double from, double turn, double scale)
    {
        var count = Count(double.Hypot(major.X, major.Y) * scale, turn);
        return Enumerable.Range(0, count + 1).Select(i => from + (turn * i / count)).Select(t => new Point2(
            centre.X + (major.X * Math.Cos(t)) - (ratio * major.Y * Math.Sin(t)), centre.Y + (major.Y * Math.Cos(t)) + (ratio * major.X * Math.Sin(t))));
    }

    /// <summary>An arc between two points, without the first; its bulge is the tangent of a quarter of its angle, positive counter-clockwise, 0 for a straight
    /// way.</summary>
    public static IEnumerable<Point2> Bulged(Point2 a, Point2 b, double bulge, double scale)
    {
        if (Math.Abs(bulge) < 1e-9)
        {
            return [b];
        }

        var (dx, dy, side) = (b.X - a.X, b.Y - a.Y, (1 - (bulge * bulge)) / (4 * bulge));
        var centre = new Point2(((a.X + b.X) / 2) - (dy * side), ((a.Y + b.Y) / 2) + (dx * side));
        return Arc(centre, new(a.X - centre.X, a.Y - centre.Y), 1, 0, 4 * Math.Atan(bulge), scale).Skip(1).SkipLast(1).Append(b);
    }

    /// <summary>A rational B-spline by de Boor's rule, both ends with it.</summary>
    /// <param name="degree">1 or more.</param>
    /// <param name="knots">As many as points and degree together, and one.</param>
    /// <param name="points">Its control points.</param>
    /// <param name="weights">One for each, or none.</param>
    /// <param name="scale">mm for each unit.</param>
    public static IReadOnlyList<Point2> Spline(int degree, IReadOnlyList<double> knots, IReadOnlyList<Point2> points, IReadOnlyList<double> weights,
        double scale)
    {
        var found = new List<Point2>();
        for (var span = degree; span < points.Count; span++)
        {
            var (from, to) = (knots[span], knots[span + 1]);
            if (to - from < 1e-12)
            {
                continue;
            }

            var bend = Enumerable.Range(span - degree, Math.Max(1, degree - 1)).Where(i => i + 2 < points.Count).Select(i => double.Hypot(points[i].X
                - (2 * points[i + 1].X) + points[i + 2].X, points[i].Y - (2 * points[i + 1].Y) + points[i + 2].Y)).DefaultIfEmpty(0).Max() * scale;
            var count = Math.Clamp((int)Math.Ceiling(Math.Sqrt(degree * degree * bend / Beside)), 1, Most);
            for (var i = found.Count == 0 ? 0 : 1; i <= count; i++)
            {
                found.Add(At(span, from + ((to - from) * i / count)));
            }
        }

        return found;

        Point2 At(int span, double t)
        {
            var d = Enumerable.Range(0, degree + 1).Select(j => points[j + span - degree] is var p && (weights.Count > 0 ? weights[j + span - degree]
                : 1) is var w
                ? (X: p.X * w, Y: p.Y * w, W: w) : default).ToArray();
            for (var r = 1; r <= degree; r++)
            {
                for (var j = degree; j >= r; j--)
                {
                    var (low, high) = (knots[j + span - degree], knots[j + 1 + span - r]);
                    var a = high - low < 1e-12 ? 0 : (t - low) / (high - low);
                    d[j] = (((1 - a) * d[j - 1].X) + (a * d[j].X), ((1 - a) * d[j - 1].Y) + (a * d[j].Y), ((1 - a) * d[j - 1].W) + (a * d[j].W));
                }
            }

            return new(d[degree].X / d[degree].W, d[degree].Y / d[degree].W);
        }
    }
}
