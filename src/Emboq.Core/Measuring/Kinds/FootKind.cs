namespace Emboq.Core.Measuring.Kinds;

internal static class FootKind
{
    public static InterfaceKind Kind { get; } = new("foot", "foot or odd section",
    [
        new("height", "height", "How tall the foot is, square to the section.", Access.Depth),
        new("overall", "overall width", "Jaws across the widest place of the section.", Access.Outside, Need.Helps),
    ])
    {
        Item = new("point", "point",
        [
            new("x", "to the right", "From the left edge, as the contour gauge lies on squared paper.", Access.Position),
            new("y", "up", "From the lower edge.", Access.Position),
        ], 4),
        Rules = s => Points(s) is { Count: > 2 } points
            ? Kinds.Rules.Equal(s, "points against overall width", s["overall"],
                s[points.MaxBy(p => p.At.X).Item, "x"]! - s[points.MinBy(p => p.At.X).Item, "x"]!,
                    "The points span another width than was measured across: one of them is misread.", "overall")
            : [],
        Figures = (s, ledger) =>
        {
            if (Points(s) is { Count: > 2 } points && points.Count == s.Count)
            {
                ledger.Add("area", "area of the section", Area(s, points), "Enclosed by the points, by the shoelace formula.");
            }
        },
        Outline = Outline,
        Shape = s => s["height"] is { } h && Outline(s) is { } outline ? new Solid.Extruded(outline, h.Value) : null,
        Drawing = Draw,
    };

    /// <summary>The points that are read in both directions.</summary>
    private static List<(int Item, Point2 At)> Points(Sizes s) =>
        [.. Enumerable.Range(0, s.Count).Where(i => s[i, "x"] is not null && s[i, "y"] is not null).Select(i =>
            (i, new Point2(s[i, "x"]!.Value, s[i, "y"]!.Value)))];

    /// <summary>The section once around; <c>null</c> while a point is not read, or they enclose nothing.</summary>
    private static Profile? Outline(Sizes s)
    {
        var points = Points(s);
        return points.Count == s.Count && points.Count > 2 && Math.Abs(Shoelace(points)) > 1 ? new(points.Select(p => p.At)) : null;
    }

    private static double Shoelace(List<(int Item, Point2 At)> p) =>
        Enumerable.Range(0, p.Count).Sum(i => (p[i].At.X * p[(i + 1) % p.Count].At.Y) - (p[(i + 1) % p.Count].At.X * p[i].At.Y)) / 2;

    private static Quantity Area(Sizes s, List<(int Item, Point2 At)> points)
    {
        var twice = Enumerable.Range(0, points.Count).Select(i =>
        {
            var (a, b) = (points[i].Item, points[(i + 1) % points.Count].Item);
            return (s[a, "x"]! * s[b, "y"]!) - (s[b, "x"]! * s[a, "y"]!);
        }).Aggregate((a, b) => a + b);
        return Quantity.Abs(twice / 2);
    }

    private static SeatDrawing Draw(Sizes s)
    {
        var count = Math.Max(s.Count, 3);
        var points = Enumerable.Range(0, count).Select(i =>
        {
            var angle = (2 * Math.PI * i / count) - (0.75 * Math.PI);
            return i < s.Count ? new Point2(s.Or(i, "x", 20 + (20 * Math.Cos(angle))), s.Or(i, "y", 15 + (15 * Math.Sin(angle)))) : new(20, 30);
        }).ToList();
        var (left, right, low, high) = (points.Min(p => p.X), points.Max(p => p.X), points.Min(p => p.Y), points.Max(p => p.Y));
        var drawing = new Draw(s).Solid(points).Axis(left, low - 3, left, high + 3).Axis(left - 3, low, right + 3, low)
            .Along("overall", left, right, low).At("height", (left + right) / 2, (low + high) / 2);
        return drawing.Done;
    }
}
