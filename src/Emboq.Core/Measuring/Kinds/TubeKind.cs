namespace Emboq.Core.Measuring.Kinds;

internal static class TubeKind
{
    public static InterfaceKind Kind { get; } = new("tube", "round opening or pipe end",
    [
        new("inside", "inside diameter", "Jaws inside, turned until the reading is greatest; read at several angles.", Access.Inside),
        new("outside", "outside diameter", "Jaws across the widest place, square to the axis; read at several angles."),
        new("depth", "straight length", "Depth rod from the rim to the first step or bend.", Access.Depth),
        new("around", "length around", "Tape once around the outside, pulled snug.", Access.Around, Need.Helps),
        new("wall", "wall", "Jaws over the rim, clear of any burr.", Access.Outside, Need.Helps),
    ])
    {
        Methods =
        [
            Kinds.Methods.Around("outside", "around"),
            new("outside less two walls", "inside", ["outside", "wall"], q => q[0] - (2 * q[1]), "Plane geometry"),
            new("inside and two walls", "outside", ["inside", "wall"], q => q[0] + (2 * q[1]), "Plane geometry"),
        ],
        Rules = s => Kinds.Rules.Less(s, "inside", "outside", "A bore is narrower than what it is in."),
        Shape = s => s["outside"] is { } outside && s["inside"] is { } inside && s["depth"] is { } depth && inside.Value < outside.Value
            ? new Solid.Cylinder(outside.Value / 2, depth.Value) - new Solid.Cylinder(inside.Value / 2, depth.Value + 2).At(0, 0, -1)
            : null,
        Drawing = Draw,
        Likenesses = [new("hoses-pipes", new Dictionary<string, string> { ["outside"] = "outside", ["inside"] = "inside" })],
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var outside = s.Or("outside", s.Or("inside", 50) * 1.12);
        var inside = Math.Min(s.Or("inside", outside / 1.12), outside * 0.99);
        var length = s.Or("depth", outside);
        return new Draw(s).Box(0, inside / 2, length, outside / 2).Box(0, -outside / 2, length, -inside / 2)
            .Axis(-0.15 * length, 0, 1.15 * length, 0)
            .Up("outside", 0, -outside / 2, outside / 2, row: 1).Up("around", 0, -outside / 2, outside / 2, row: 2)
            .Up("inside", length, -inside / 2, inside / 2, CalloutSide.Right).At("wall", length / 2, (inside + outside) / 4, about: (outside - inside) / 2)
            .Along("depth", 0, length, -outside / 2).Done;
    }
}
