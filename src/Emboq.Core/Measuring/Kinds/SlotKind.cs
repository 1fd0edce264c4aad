namespace Emboq.Core.Measuring.Kinds;

internal static class SlotKind
{
    public static InterfaceKind Kind { get; } = new("slot", "plain slot or channel",
    [
        new("width", "width", "Jaws inside, square to the walls, at both ends and in the middle.", Access.Inside),
        new("depth", "depth", "Depth rod from the surface to the floor.", Access.Depth),
        new("length", "length", "From end to end, or how far it is free.", Access.Length, Need.Helps),
        new("nearWall", "edge to near wall", "From an edge of the table to the near wall.", Access.Position, Need.Helps),
        new("farWall", "edge to far wall", "From the same edge to the far wall.", Access.Position, Need.Helps),
    ])
    {
        Methods = [new("far wall less near wall", "width", ["farWall", "nearWall"], q => q[0] - q[1], "Plane geometry")],
        Rules = s => Kinds.Rules.Less(s, "nearWall", "farWall", "The near wall is nearer than the far one."),
        Figures = (s, ledger) =>
        {
            if (s["nearWall"] is { } near && s["farWall"] is { } far)
            {
                ledger.Add("middle", "edge to middle", (near + far) / 2, "Where the middle of the slot lies, from that edge.");
            }
        },
        Shape = s => s["width"] is { } w && s["depth"] is { } d
            ? new Solid.Box(3 * w.Value, s.Or("length", 3 * w.Value), 2 * d.Value) - new Solid.Box(w.Value, s.Or("length", 3 * w.Value) + 2,
                d.Value + 1).At(w.Value, -1, d.Value)
            : null,
        Drawing = Draw,
        Likenesses = [new("table-grids", new Dictionary<string, string> { ["width"] = "slot width" })],
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var w = s.Or("width", 19);
        var d = s.Or("depth", w / 2);
        return new Draw(s).Solid(new(-1.5 * w, 0), new(-w / 2, 0), new(-w / 2, -d), new(w / 2, -d), new(w / 2, 0), new(1.5 * w, 0), new(1.5 * w, -1.8 * d),
            new(-1.5 * w, -1.8 * d))
            .Axis(0, 0.3 * d, 0, -2 * d)
            .Along("width", -w / 2, w / 2, 0).Up("depth", -w / 2, -d, 0).Along("nearWall", -1.5 * w, -w / 2, 0, 2).Along("farWall", -1.5 * w, w / 2, 0, 3)
            .At("length", w, -d).Done;
    }
}
