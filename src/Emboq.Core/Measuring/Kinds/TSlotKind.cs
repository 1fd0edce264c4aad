namespace Emboq.Core.Measuring.Kinds;

internal static class TSlotKind
{
    public static InterfaceKind Kind { get; } = new("t-slot", "T slot",
    [
        new("mouth", "mouth width", "Jaws inside, above the lips.", Access.Inside),
        new("lip", "lip thickness", "Jaws over one lip.", Access.Outside),
        new("chamber", "chamber width", "Jaws turned in under the lips, or a bar that just slides.", Access.Inside),
        new("depth", "whole depth", "Depth rod from the surface to the floor.", Access.Depth),
        new("chamberHeight", "chamber height", "From the floor to the underside of a lip.", Access.Inside, Need.Helps),
        new("length", "length", "How far it is free.", Access.Length, Need.Helps),
    ])
    {
        Methods =
        [
            new("whole depth less lip", "chamberHeight", ["depth", "lip"], q => q[0] - q[1], "Plane geometry"),
            new("whole depth less chamber", "lip", ["depth", "chamberHeight"], q => q[0] - q[1], "Plane geometry"),
        ],
        Rules = s => [.. Kinds.Rules.Less(s, "mouth", "chamber", "The chamber reaches under the lips."),
            .. Kinds.Rules.Less(s, "lip", "depth", "The lip is a part of the depth.")],
        Shape = s => s["mouth"] is { } m && s["chamber"] is { } c && s["lip"] is { } lip && s["depth"] is { } d && m.Value < c.Value && lip.Value < d.Value
            ? new Solid.Extruded(new(Section(m.Value, c.Value, lip.Value, d.Value)), s.Or("length", 3 * c.Value))
            : null,
        Drawing = Draw,
        Likenesses = [new("table-grids", new Dictionary<string, string> { ["mouth"] = "slot width" })],
    };

    private static Point2[] Section(double mouth, double chamber, double lip, double depth)
    {
        var (half, wide, low) = (mouth / 2, chamber, -1.4 * depth);
        return [new(-wide, 0), new(-wide, low), new(wide, low), new(wide, 0), new(half, 0), new(half, -lip), new(chamber / 2, -lip), new(chamber / 2, -depth),
            new(-chamber / 2, -depth), new(-chamber / 2, -lip), new(-half, -lip), new(-half, 0)];
    }

    private static SeatDrawing Draw(Sizes s)
    {
        var m = s.Or("mouth", s.Or("chamber", 21) * 0.57);
        var c = Math.Max(s.Or("chamber", m * 1.75), m * 1.02);
        var d = s.Or("depth", c);
        var lip = Math.Min(s.Or("lip", d * 0.45), d * 0.95);
        return new Draw(s).Solid(Section(m, c, lip, d)).Axis(0, 0.2 * d, 0, -1.5 * d)
            .Up("lip", -m / 2, -lip, 0).Up("depth", -c / 2, -d, 0, row: 2).Up("chamberHeight", c / 2, -d, -lip, CalloutSide.Right)
            .Along("mouth", -m / 2, m / 2, 0).Along("chamber", -c / 2, c / 2, -d, 2).At("length", 0.75 * c, -lip).Done;
    }
}
