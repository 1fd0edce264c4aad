namespace Emboq.Core.Measuring.Kinds;

internal static class HolesKind
{
    public static InterfaceKind Kind { get; } = new("holes", "holes from two edges",
    [
        new("thickness", "thickness", "Of what the holes are in.", Access.Outside, Need.Helps),
    ])
    {
        Item = new("hole", "hole",
        [
            new("x", "from the left edge", "From the left edge to the middle; or read both sides of the hole.", Access.Position),
            new("y", "from the lower edge", "From the lower edge to the middle.", Access.Position),
            new("diameter", "diameter", "Jaws inside, or the largest drill that slips in.", Access.Inside),
            new("xNear", "left edge to near side", "From the left edge to the near side of the hole.", Access.Position, Need.Helps),
            new("xFar", "left edge to far side", "From the left edge to the far side of the hole.", Access.Position, Need.Helps),
        ], 2)
        {
            Methods =
            [
                new("near and far side", "x", ["xNear", "xFar"], q => (q[0] + q[1]) / 2, "Plane geometry"),
                new("far less near side", "diameter", ["xFar", "xNear"], q => q[0] - q[1], "Plane geometry"),
            ],
        },
        Figures = (s, ledger) =>
        {
            for (int i = 1; i < s.Count; i++)
            {
                if (s[i, "x"] is { } x && s[i, "y"] is { } y && s[i - 1, "x"] is { } before && s[i - 1, "y"] is { } below
                    && (x.Value != before.Value || y.Value != below.Value))
                {
                    ledger.Add($"distance{i}", $"{s.Place.Items[i - 1]} to {s.Place.Items[i]}",
                        Quantity.Sqrt(Quantity.Square(x - before) + Quantity.Square(y - below)), "Between the middles.");
                }
            }
        },
        Shape = s => Points(s) is { Count: > 0 } points && points.Count == s.Count ? Plates.With(points, s.Or("thickness", 4)) : null,
        Drawing = Draw,
    };

    private static List<(Point2 At, double Diameter)> Points(Sizes s) =>
        [.. Enumerable.Range(0, s.Count).Where(i => s[i, "x"] is not null && s[i, "y"] is not null && s[i, "diameter"] is not null).Select(i =>
            (new Point2(s[i, "x"]!.Value, s[i, "y"]!.Value), s[i, "diameter"]!.Value))];

    private static SeatDrawing Draw(Sizes s)
    {
        var holes = Enumerable.Range(0, s.Count).Select(i => (X: s.Or(i, "x", 20 + (30 * i)), Y: s.Or(i, "y", 20), D: s.Or(i, "diameter", 6))).ToList();
        var (right, top) = (holes.Select(h => h.X).DefaultIfEmpty(40).Max() * 1.35, holes.Select(h => h.Y).DefaultIfEmpty(30).Max() * 1.35);
        var drawing = new Draw(s).Box(Math.Min(0, holes.Select(h => h.X - h.D).DefaultIfEmpty(0).Min()),
            Math.Min(0, holes.Select(h => h.Y - h.D).DefaultIfEmpty(0).Min()), Math.Max(right, 20), Math.Max(top, 20));
        foreach (var (x, y, d) in holes)
        {
            drawing.Hole(x, y, d).Axis(x - d, y, x + d, y).Axis(x, y - d, x, y + d);
        }

        // The first two holes carry callouts; the others are chosen in the list.
        for (int i = 0; i < Math.Min(s.Count, 2); i++)
        {
            string Key(string dimension) => s.Place.Kind.Item!.KeyOf(i, dimension);
            drawing.Along(Key("x"), 0, holes[i].X, 0, i + 1).Up(Key("y"), i == 0 ? 0 : right, 0, holes[i].Y, i == 0 ? CalloutSide.Left
                : CalloutSide.Right).At(Key("diameter"), holes[i].X, holes[i].Y);
        }

        return drawing.Done;
    }
}
