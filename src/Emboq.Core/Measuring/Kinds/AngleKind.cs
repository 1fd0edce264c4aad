namespace Emboq.Core.Measuring.Kinds;

internal static class AngleKind
{
    public static InterfaceKind Kind { get; } = new("angle", "angle between two faces",
    [
        new("angle", "angle", "Protractor on both faces; or rise and run.", Access.Angle),
        new("run", "run", "Along one face, from the corner.", Access.Length, Need.Helps),
        new("rise", "rise", "Square to it, up to the other face.", Access.Depth, Need.Helps),
    ])
    {
        Methods = [new("rise and run", "angle", ["rise", "run"], q => Quantity.Atan(q[0] / q[1]), "Plane geometry")],
        Figures = (s, ledger) =>
        {
            if (s["angle"] is { Value: > 0 and < 90 } angle)
            {
                ledger.Add("slope", "rise for 1 of run", Quantity.Tan(angle), "The same angle as a slope.");
            }
        },
        Shape = s => s["angle"] is { Value: > 0.5 and < 85 } a ? new Solid.Extruded(new(new(0, 0), new(50, 0),
            new(50, 50 * Math.Tan(a.Value * Math.PI / 180))), 20) : null,
        Drawing = Draw,
        Likenesses = [new("tapers", new Dictionary<string, string> { ["angle"] = "included angle" })],
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var run = s.Or("run", 60);
        var angle = Math.Clamp(s.Or("angle", 25), 3, 80);
        var rise = Math.Min(run * Math.Tan(angle * Math.PI / 180), 3 * run);
        return new Draw(s).Solid(new(0, 0), new(run, 0), new(run, rise)).Along("run", 0, run, 0).Up("rise", run, 0, rise, CalloutSide.Right).At("angle",
            run * 0.3, rise * 0.12).Done;
    }
}
