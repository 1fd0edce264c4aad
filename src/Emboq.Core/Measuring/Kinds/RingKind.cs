namespace Emboq.Core.Measuring.Kinds;

internal static class RingKind
{
    public static InterfaceKind Kind { get; } = new("ring", "ring or loop of wire",
    [
        new("wire", "wire thickness", "Jaws over the wire; of a split ring, over both turns side by side."),
        new("inside", "inside diameter", "Jaws inside the ring, at the narrowest.", Access.Inside, Need.Helps),
        new("outside", "outside diameter", "Jaws over the ring.", Access.Outside, Need.Helps),
    ])
    {
        Methods =
        [
            new("outside less two wires", "inside", ["outside", "wire"], q => q[0] - (2 * q[1]), "Plane geometry"),
            new("inside and two wires", "outside", ["inside", "wire"], q => q[0] + (2 * q[1]), "Plane geometry"),
        ],
        Rules = s => Kinds.Rules.Less(s, "inside", "outside", "The wire lies between both."),
        Shape = s => s["wire"] is { } wire && s["inside"] is { } inside
            ? new Solid.Revolved(new Profile(Outlines.Round(wire.Value / 2, 24).Points.Select(p =>
                new Point2(p.X + ((inside.Value + wire.Value) / 2), p.Y + (wire.Value / 2)))))
            : null,
        Drawing = Draw,
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var wire = s.Or("wire", 2);
        var inside = s.Or("inside", Math.Max(4 * wire, s.Or("outside", 24) - (2 * wire)));
        var outside = inside + (2 * wire);
        return new Draw(s).Disc(0, 0, outside).Hole(0, 0, inside).Up("outside", -outside / 2, -outside / 2, outside / 2, row: 2)
            .Up("inside", -outside / 2, -inside / 2, inside / 2).At("wire", 0, (inside + outside) / 4, about: wire).Done;
    }
}
