namespace Emboq.Core.Measuring.Kinds;

internal static class PostKind
{
    public static InterfaceKind Kind { get; } = new("post", "round post or rod",
    [
        new("diameter", "diameter", "Jaws across, square to the axis; read at several angles."),
        new("length", "free length", "From the shoulder to the end.", Access.Depth, Need.Helps),
        new("around", "length around", "Tape once around, pulled snug.", Access.Around, Need.Helps),
        new("chord", "chord", "Straight across a part of the arc, between two points of it.", Access.Length, Need.Helps),
        new("sagitta", "height of arc", "From the middle of that chord square to the arc.", Access.Depth, Need.Helps),
    ])
    {
        Methods = [Kinds.Methods.Around("diameter", "around"), Kinds.Methods.ChordToDiameter("diameter", "chord", "sagitta")],
        Shape = s => s["diameter"] is { } d ? new Solid.Cylinder(d.Value / 2, s.Or("length", 2 * d.Value)) : null,
        Drawing = Draw,
        Likenesses = [new("hoses-pipes", new Dictionary<string, string> { ["diameter"] = "outside" }),
            new("drills", new Dictionary<string, string> { ["diameter"] = "diameter" })],
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var d = s.Or("diameter", 30);
        var chord = Math.Min(s.Or("chord", 0.8 * d), d);
        var rise = (d / 2) - Math.Sqrt(Math.Max(0, (d * d / 4) - (chord * chord / 4)));
        var length = Math.Min(s.Or("length", 1.6 * d), 4 * d);
        var along = d;
        return new Draw(s).Disc(0, 0, d).Axis(-0.6 * d, 0, 0.6 * d, 0).Axis(0, -0.6 * d, 0, 0.6 * d)
            .Box(along, -d / 2, along + length, d / 2).Axis(along - (0.1 * d), 0, along + length + (0.1 * d), 0)
            .Up("diameter", -d / 2, -d / 2, d / 2).Up("around", -d / 2, -d / 2, d / 2, row: 2)
            .Along("length", along, along + length, -d / 2)
            .Along("chord", -chord / 2, chord / 2, (d / 2) - rise, 2).Up("sagitta", chord / 2, (d / 2) - rise, d / 2, CalloutSide.Right).Done;
    }
}
