namespace Emboq.Core.Measuring.Kinds;

internal static class BoreKind
{
    public static InterfaceKind Kind { get; } = new("bore", "round bore",
    [
        new("diameter", "diameter", "Jaws inside, turned until the reading is greatest; read at several angles.", Access.Inside),
        new("depth", "depth", "Depth rod from the rim to the bottom, or to the other side.", Access.Depth, Need.Helps),
        new("pin", "largest pin that goes in", "The largest drill or pin that slips in, and its size at the shank.", Access.Outside, Need.Helps),
        new("nearWall", "rim to near wall", "From an edge to the near wall of the bore.", Access.Position, Need.Helps),
        new("farWall", "rim to far wall", "From the same edge to the far wall.", Access.Position, Need.Helps),
    ])
    {
        Methods = [new("far wall less near wall", "diameter", ["farWall", "nearWall"], q => q[0] - q[1], "Plane geometry")],
        Rules = s => [.. Kinds.Rules.Less(s, "nearWall", "farWall", "The near wall is nearer than the far one."),
            .. Kinds.Rules.Less(s, "pin", "diameter", "What goes in is thinner.")],
        Shape = s => s["diameter"] is { } d
            ? new Solid.Box(2 * d.Value, 2 * d.Value, s.Or("depth", d.Value)).At(-d.Value, -d.Value, 0) - new Solid.Cylinder(d.Value / 2,
                s.Or("depth", d.Value) + 2).At(0, 0, -1)
            : null,
        Drawing = Draw,
        Likenesses = [new("clearance-holes", new Dictionary<string, string> { ["diameter"] = "diameter" }),
            new("drills", new Dictionary<string, string> { ["diameter"] = "diameter" })],
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var d = s.Or("diameter", 20);
        var depth = s.Or("depth", 1.2 * d);
        var block = d * 0.55;
        return new Draw(s).Box(0, d / 2, depth, (d / 2) + block).Box(0, -(d / 2) - block, depth, -d / 2).Axis(-0.15 * depth, 0, 1.15 * depth, 0)
            .Up("diameter", 0, -d / 2, d / 2).Up("pin", depth, -d / 2, d / 2, CalloutSide.Right, 2)
            .Up("nearWall", depth, -(d / 2) - block, -d / 2, CalloutSide.Right).Up("farWall", 0, -(d / 2) - block, d / 2, CalloutSide.Left, 2)
            .Along("depth", 0, depth, -(d / 2) - block).Done;
    }
}
