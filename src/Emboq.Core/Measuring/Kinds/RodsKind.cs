namespace Emboq.Core.Measuring.Kinds;

internal static class RodsKind
{
    public static InterfaceKind Kind { get; } = new("rods", "two parallel rods",
    [
        new("diameter", "rod diameter", "Jaws across one of them, square to its axis; read both."),
        new("over", "over both", "Jaws over both rods, near one end, and again near the other: what is parallel reads alike.", Access.Length),
        new("between", "between them", "Jaws between the rods.", Access.Inside, Need.Helps),
        new("centres", "centre to centre", "From a drawing, or with a rule from edge to edge.", Access.Length, Need.Helps),
        new("free", "free length", "What nothing else sits on.", Access.Length, Need.Helps),
    ])
    {
        Methods =
        [
            new("over both, less a rod", "centres", ["over", "diameter"], q => q[0] - q[1], "Plane geometry"),
            new("between them, and a rod", "centres", ["between", "diameter"], q => q[0] + q[1], "Plane geometry"),
            new("between them, and two rods", "over", ["between", "diameter"], q => q[0] + (2 * q[1]), "Plane geometry"),
            new("centres, and a rod", "over", ["centres", "diameter"], q => q[0] + q[1], "Plane geometry"),
        ],
        Rules = s => [.. Kinds.Rules.Less(s, "between", "over", "The rods lie between both."),
            .. Kinds.Rules.Less(s, "diameter", "centres", "Rods that are nearer than this would overlap.")],
        Shape = s => s["diameter"] is { } d && s["centres"] is { } c && c.Value > d.Value
            ? Rod(d.Value, s.Or("free", 120)).At(-c.Value / 2, 0, 0) + Rod(d.Value, s.Or("free", 120)).At(c.Value / 2, 0, 0)
            : null,
        Drawing = Draw,
    };

    private static Solid Rod(double diameter, double length) => new Solid.Cylinder(diameter / 2, length);

    private static SeatDrawing Draw(Sizes s)
    {
        var d = s.Or("diameter", 10);
        var c = Math.Max(d * 1.1, s.Or("centres", s.Or("over", 6 * d) - d));
        var (length, along) = (Math.Min(s.Or("free", 2 * c), 4 * c), c + d);
        return new Draw(s).Disc(-c / 2, 0, d).Disc(c / 2, 0, d).Axis(-c / 2, -d, -c / 2, d).Axis(c / 2, -d, c / 2, d)
            .Box(along, -d / 2, along + length, d / 2).Along("free", along, along + length, -d / 2)
            .Up("diameter", -(c + d) / 2, -d / 2, d / 2).Along("over", -(c + d) / 2, (c + d) / 2, -d / 2, 2).Along("centres", -c / 2, c / 2, -d / 2)
            .Along("between", -(c - d) / 2, (c - d) / 2, -d / 2, 3).Done;
    }
}
