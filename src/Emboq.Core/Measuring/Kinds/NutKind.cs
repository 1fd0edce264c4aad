namespace Emboq.Core.Measuring.Kinds;

internal static class NutKind
{
    private static readonly double Corner = 1 / Math.Cos(Math.PI / 6);

    /// <summary>What rounding leaves of the corners of a bought nut.</summary>
    private static readonly Quantity Rounding = Quantity.Input("rounding of corners", 0.97, Unit.None,
        new Provenance.RuleOfThumb("Corners of bought nuts measure 3 % under sharp ones, give or take 1.2 %."),
        (new("rounding", "how far corners are rounded", 0.012), 1));

    public static InterfaceKind Kind { get; } = new("nut", "hexagon nut or head",
    [
        new("flats", "across flats", "Jaws over two flats; try all three pairs."),
        new("height", "height", "Jaws over both faces."),
        new("corners", "across corners", "Jaws over two corners, gently.", Access.Outside, Need.Helps),
        new("hole", "hole or thread", "Jaws inside, over the crests.", Access.Inside, Need.Helps),
    ])
    {
        Methods = [new("across corners", "flats", ["corners"], q => q[0] / (Corner * Rounding),
            "Regular hexagon: corners = flats / cos 30°, less what real corners are rounded by; common practice")],
        Rules = s => Kinds.Rules.Less(s, "hole", "flats", "The hole leaves a wall."),
        Shape = s => s["flats"] is { } f && s["height"] is { } h
            ? s["hole"] is { } hole && hole.Value < f.Value ? Hexagon(f.Value, h.Value) - new Solid.Cylinder(hole.Value / 2, h.Value + 2).At(0, 0, -1)
                : Hexagon(f.Value, h.Value)
            : null,
        Drawing = Draw,
        Likenesses = [new("nuts", new Dictionary<string, string> { ["flats"] = "across flats", ["height"] = "height" })],
    };

    private static Solid Hexagon(double flats, double height) => new Solid.Extruded(Outlines.Round(flats * Corner / 2, 6), height);

    private static SeatDrawing Draw(Sizes s)
    {
        var f = s.Or("flats", 13);
        var h = s.Or("height", f / 2);
        var corners = f * Corner;
        var hole = Math.Min(s.Or("hole", f * 0.58), f * 0.9);
        var at = corners;
        return new Draw(s).Solid(Outlines.Round(corners / 2, 6).Points).Hole(0, 0, hole).Box(at, hole / 2, at + h, f / 2).Box(at, -f / 2, at + h,
            -hole / 2).Axis(at - 2, 0, at + h + 2, 0)
            .Up("flats", 0, -f / 2, f / 2).Up("hole", at, -hole / 2, hole / 2, CalloutSide.Right).Along("corners", -corners / 2, corners / 2,
                0).Along("height", at, at + h, -f / 2).Done;
    }
}
