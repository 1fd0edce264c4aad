namespace Emboq.Core.Measuring.Kinds;

internal static class HoleCircleKind
{
    private static Quantity HalfTurn { get; } = Quantity.Input("half a turn", 180, Unit.DegreeOfArc, new Provenance.Standard("Plane geometry", "half a turn"));

    public static InterfaceKind Kind { get; } = new("hole-circle", "holes on a circle",
    [
        new("circle", "circle through the middles", "Across opposite holes; or from the other readings.", Access.Length),
        new("count", "how many holes", "Counted, evenly spaced.", Access.Count),
        new("diameter", "hole diameter", "Jaws inside one of them, or the largest drill that slips in.", Access.Inside),
        new("inner", "opposite holes, inner", "Jaws between the near sides of two opposite holes.", Access.Outside, Need.Helps),
        new("outer", "opposite holes, outer", "Jaws over their far sides.", Access.Inside, Need.Helps),
        new("neighbour", "neighbours, centre to centre", "Between the middles of two neighbours, with pins.", Access.Length, Need.Helps),
        new("thickness", "thickness", "Of what the holes are in.", Access.Outside, Need.Helps),
    ])
    {
        Methods =
        [
            Kinds.Methods.InnerAndOuter("circle", "inner", "outer"),
            new("neighbours and count", "circle", ["neighbour", "count"], q => q[0] / Quantity.Sin(HalfTurn / q[1]),
                "Plane geometry: chord = circle · sin(180° / count)"),
        ],
        Rules = s => Kinds.Rules.Less(s, "inner", "outer", "Inner is less than outer."),
        Shape = s => s["circle"] is { } c && s["diameter"] is { } d && Count(s) is { } count && d.Value < c.Value
            ? Plates.With([.. Around(c.Value, count).Select(p => (p, d.Value))], s.Or("thickness", 4))
            : null,
        Drawing = Draw,
        Likenesses = [new("clearance-holes", new Dictionary<string, string> { ["diameter"] = "diameter" })],
    };

    private static int? Count(Sizes s) => s["count"] is { Value: >= 2 and <= 60 } count ? (int)Math.Round(count.Value) : null;

    private static IEnumerable<Point2> Around(double circle, int count) =>
        Enumerable.Range(0, count).Select(i => (Math.PI / 2) + (2 * Math.PI * i / count)).Select(a =>
            new Point2(circle / 2 * Math.Cos(a), circle / 2 * Math.Sin(a)));

    private static SeatDrawing Draw(Sizes s)
    {
        var c = s.Or("circle", 70);
        var d = Math.Min(s.Or("diameter", c / 10), c / 2);
        var points = Around(c, Count(s) ?? 4).ToList();
        var drawing = new Draw(s).Disc(0, 0, c + (4 * d)).Axis(-0.6 * c, 0, 0.6 * c, 0).Axis(0, -0.6 * c, 0, 0.6 * c);
        foreach (var p in points)
        {
            drawing.Hole(p.X, p.Y, d);
        }

        return drawing.Up("circle", 0, -c / 2, c / 2).Up("inner", 0, -(c - d) / 2, (c - d) / 2, CalloutSide.Right).Up("outer", 0, -(c + d) / 2,
            (c + d) / 2, CalloutSide.Right, 2)
            .At("diameter", points[0].X, points[0].Y).At("neighbour", (points[0].X + points[1].X) / 2, (points[0].Y + points[1].Y) / 2,
                about: c * Math.Sin(Math.PI / points.Count)).At("count", 0, 0, about: points.Count).At("thickness", -(c / 2) - d, 0, CalloutSide.Left).Done;
    }
}
