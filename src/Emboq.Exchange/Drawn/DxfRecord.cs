using System.Globalization;

namespace Emboq.Exchange.Drawn;

/// <summary>One thing that a DXF file says: its kind, and codes with what stands under them.</summary>
internal sealed record DxfRecord(string Kind, List<(int Code, string Value)> Pairs)
{
    /// <summary>Of a polyline of the old kind.</summary>
    public List<DxfRecord> Corners { get; } = [];

    public string Text(int code) => Pairs.FirstOrDefault(p => p.Code == code).Value ?? "";

    public double Number(int code, double usual) => Pairs.Any(p => p.Code == code) ? All(code)[0] : usual;

    private List<double> All(int code) => [.. Pairs.Where(p => p.Code == code).Select(p =>
        double.TryParse(p.Value, NumberStyles.Float, CultureInfo.InvariantCulture, out var value) && Math.Abs(value) <= 1e6 ? value
            : throw new FormatException($"'{p.Value}' of a {Kind} is no number within a million."))];

    private double Must(int code) => Pairs.Any(p => p.Code == code) ? All(code)[0] : throw new FormatException($"a {Kind} lacks its code {code}.");

    /// <summary>Whether an outline may be made of it.</summary>
    public static bool Known(DxfRecord r) => r.Kind is "LINE" or "LWPOLYLINE" or "ARC" or "CIRCLE" or "ELLIPSE"
        || (r.Kind == "POLYLINE" && ((int)r.Number(70, 0) & (16 | 64)) == 0) || (r.Kind == "SPLINE" && r.Pairs.Any(p => p.Code == 10));

    /// <summary>As a path.</summary>
    /// <param name="scale">mm for each unit.</param>
    /// <exception cref="FormatException">Something of it is missing or no number.</exception>
    public DrawnPath Drawn(double scale)
    {
        var closed = (int)Number(70, 0) % 2 == 1;
        // Seen from below where its plane is turned over.
        var side = Kind is "LINE" or "SPLINE" or "ELLIPSE" || Number(230, 1) > 0 ? 1 : -1;
        IEnumerable<Point2> points = Kind switch
        {
            "LINE" => [new(Must(10), Must(20)), new(Must(11), Must(21))],
            "CIRCLE" => Curves.Arc(Centre, new(Must(40), 0), 1, 0, 2 * Math.PI, scale).SkipLast(1),
            "ARC" => Curves.Arc(Centre, new(Must(40), 0), 1, Radians(Must(50)), Turn(Radians(Must(51)) - Radians(Must(50))), scale),
            "ELLIPSE" => Curves.Arc(Centre, new(Must(11), Must(21)), Must(40), Number(41, 0), Turn(Number(42, 2 * Math.PI) - Number(41, 0)), scale),
            "LWPOLYLINE" => Cornered(Strung(), closed, scale),
            "POLYLINE" => Cornered([.. Corners.Where(c => ((int)c.Number(70, 0) & 16) == 0).Select(c => (new Point2(c.Must(10), c.Must(20)),
                c.Number(42, 0)))], closed, scale),
            _ => Splined(scale),
        };
        IReadOnlyList<Point2> drawn = [.. points.Select(p => new Point2(p.X * scale * side, p.Y * scale))];
        var meets = drawn.Count > 2 && double.Hypot(drawn[0].X - drawn[^1].X, drawn[0].Y - drawn[^1].Y) < 1e-6;
        return meets ? new([.. drawn.SkipLast(1)], true) : new(drawn, Kind == "CIRCLE" || (closed && Kind is "LWPOLYLINE" or "POLYLINE"));
    }

    private Point2 Centre => new(Must(10), Must(20));

    private static double Radians(double degrees) => degrees * Math.PI / 180;

    /// <summary>Counter-clockwise, more than nothing and no more than once around.</summary>
    private static double Turn(double by) => by - (2 * Math.PI * (Math.Ceiling(by / (2 * Math.PI)) - 1));

    /// <summary>Corners of a polyline, each with the bulge of the way to the next.</summary>
    private List<(Point2 At, double Bulge)> Strung()
    {
        var corners = new List<(Point2 At, double Bulge)>();
        foreach (var (code, value) in Pairs.Where(p => p.Code is 10 or 20 or 42))
        {
            var number = new DxfRecord(Kind, [(code, value)]).Must(code);
            if (code == 10)
            {
                corners.Add((new(number, 0), 0));
            }
            else if (corners.Count > 0)
            {
                corners[^1] = code == 20 ? (corners[^1].At with { Y = number }, corners[^1].Bulge) : (corners[^1].At, number);
            }
        }

        return corners;
    }

    private static IEnumerable<Point2> Cornered(List<(Point2 At, double Bulge)> corners, bool closed, double scale)
    {
        if (corners.Count == 0)
        {
            return [];
        }

        var ways = corners.Zip(corners.Skip(1), (a, b) => Curves.Bulged(a.At, b.At, a.Bulge, scale)).SelectMany(p => p).Prepend(corners[0].At);
        return closed ? ways.Concat(Curves.Bulged(corners[^1].At, corners[0].At, corners[^1].Bulge, scale)) : ways;
    }

    private IReadOnlyList<Point2> Splined(double scale)
    {
        var (degree, knots, weights) = ((int)Must(71), All(40), All(41));
        IReadOnlyList<Point2> points = [.. All(10).Zip(All(20), (x, y) => new Point2(x, y))];
        return degree is >= 1 and <= 10 && knots.Count == points.Count + degree + 1 && (weights.Count == 0 || (weights.Count == points.Count
            && weights.All(w => w > 0))) ? Curves.Spline(degree, knots, points, weights, scale)
            : throw new FormatException($"a SPLINE has {points.Count} points, {knots.Count} knots and {weights.Count} weights of degree {degree}, which do not "
                + "belong together.");
    }
}
