namespace Emboq.Core.Measuring.Kinds;

internal static class HoleGridKind
{
    public static InterfaceKind Kind { get; } = new("hole-grid", "grid of holes",
    [
        new("pitchX", "spacing to the right", "Centre to centre of neighbours in a row; or over several and the count.", Access.Length),
        new("pitchY", "spacing up", "Centre to centre of neighbours in a column.", Access.Length),
        new("diameter", "hole diameter", "Jaws inside one of them, or the largest drill that slips in.", Access.Inside),
        new("overX", "over several, outer", "Over the far sides of the first and the last of a row.", Access.Length, Need.Helps),
        new("spacesX", "spaces in that", "How many spacings lie between those two holes.", Access.Count, Need.Helps),
        new("firstX", "edge to first column", "From the left edge to the middle of the first column.", Access.Position, Need.Helps),
        new("firstY", "edge to first row", "From the lower edge to the middle of the first row.", Access.Position, Need.Helps),
        new("thickness", "thickness", "Of the table.", Access.Outside, Need.Helps),
    ])
    {
        Methods = [new("over several", "pitchX", ["overX", "diameter", "spacesX"], q => (q[0] - q[1]) / q[2],
            "Plane geometry: an error is shared by as many spaces")],
        Shape = s => s["pitchX"] is { } x && s["pitchY"] is { } y && s["diameter"] is { } d && d.Value < Math.Min(x.Value, y.Value)
            ? Plates.With([.. from i in Enumerable.Range(0, 3) from j in Enumerable.Range(0, 3) select (new Point2(i * x.Value, j * y.Value),
                d.Value)], s.Or("thickness", 18))
            : null,
        Drawing = Draw,
        Likenesses = [new("table-grids", new Dictionary<string, string> { ["pitchX"] = "spacing", ["diameter"] = "hole" })],
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var (x, y) = (s.Or("pitchX", 50), s.Or("pitchY", s.Or("pitchX", 50)));
        var d = Math.Min(s.Or("diameter", x * 0.3), Math.Min(x, y) * 0.9);
        var drawing = new Draw(s).Box(-x * 0.8, -y * 0.8, 2.7 * x, 2.7 * y);
        for (int i = 0; i < 9; i++)
        {
            drawing.Hole(i % 3 * x, i / 3 * y, d);
        }

        return drawing.Along("pitchX", 0, x, 0).Along("overX", -d / 2, (2 * x) + (d / 2), 0, 2).Along("firstX", -0.8 * x, 0, 0, 3)
            .Up("pitchY", 2 * x, y, 2 * y, CalloutSide.Right).Up("firstY", 0, -0.8 * y, 0)
            .At("diameter", 0, 2 * y).At("spacesX", 1.5 * x, 2 * y, about: 2).At("thickness", 2.5 * x, 2.4 * y).Done;
    }
}
