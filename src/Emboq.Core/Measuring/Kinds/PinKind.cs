namespace Emboq.Core.Measuring.Kinds;

internal static class PinKind
{
    public static InterfaceKind Kind { get; } = new("pin", "pin or filament",
    [
        new("diameter", "diameter", "Jaws across, at several angles and along it: filament is seldom round.", Access.Outside),
        new("length", "length", "Jaws from end to end.", Access.Outside, Need.Helps),
    ])
    {
        Shape = s => s["diameter"] is { } d ? new Solid.Cylinder(d.Value / 2, s.Or("length", 10 * d.Value)) : null,
        Drawing = s =>
        {
            var d = s.Or("diameter", 4);
            var length = Math.Min(s.Or("length", 8 * d), 12 * d);
            return new Draw(s).Disc(0, 0, d).Axis(-0.7 * d, 0, 0.7 * d, 0).Axis(0, -0.7 * d, 0, 0.7 * d).Box(d, -d / 2, d + length, d / 2)
                .Axis(0.8 * d, 0, (1.2 * d) + length, 0).Up("diameter", -d / 2, -d / 2, d / 2).Along("length", d, d + length, -d / 2).Done;
        },
        Likenesses = [new("drills", new Dictionary<string, string> { ["diameter"] = "diameter" })],
    };
}
