namespace Emboq.Core.Measuring.Kinds;

internal static class ThreadKind
{
    public static InterfaceKind Kind { get; } = new("thread", "outside thread",
    [
        new("outside", "outside diameter", "Jaws flat over the crests; a real thread measures under its name."),
        new("pitch", "pitch", "The leaf of the pitch gauge that shows no light; or count turns.", Access.Pitch),
        new("turns", "turns counted", "How many whole crests lie between the two you measured over.", Access.Count, Need.Helps),
        new("over", "over those turns", "From the first crest to the last one counted.", Access.Length, Need.Helps),
        new("length", "length of thread", "As far as a nut would run.", Access.Depth, Need.Helps),
    ])
    {
        Methods = [new("turns over a length", "pitch", ["over", "turns"], q => q[0] / q[1], "Plane geometry: an error is shared by as many turns")],
        Figures = (s, ledger) =>
        {
            if (s["pitch"] is { } pitch)
            {
                ledger.Add("tpi", "turns to the inch", Quantity.Input("one inch", 25.4, Unit.Millimetre,
                    new Provenance.Standard("International yard and pound agreement", "1959")) / pitch, "How inch threads are named.");
                if (s["outside"] is { } d)
                {
                    ledger.Add("pitchDiameter", "pitch diameter for this size", d - (0.649519 * pitch),
                        "D2 = D − 0.649519 P: ISO 68-1, ISO 724 (from memory).");
                    ledger.Add("minor", "minor diameter for this size", d - (1.082532 * pitch), "D1 = D − 1.082532 P: about what a drill leaves for it.");
                }
            }
        },
        Shape = s => s["outside"] is { } d ? new Solid.Cylinder(d.Value / 2, s.Or("length", 3 * d.Value)) : null,
        Drawing = Draw,
        Likenesses = [new("threads", new Dictionary<string, string> { ["outside"] = "diameter", ["pitch"] = "pitch" })],
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var d = s.Or("outside", 8);
        var pitch = Math.Clamp(s.Or("pitch", d / 6), d / 30, d / 2);
        var turns = (int)Math.Clamp(s.Or("length", 2 * d) / pitch, 4, 14);
        var length = turns * pitch;
        var root = (d / 2) - (0.6 * pitch);
        var crests = Enumerable.Range(0, turns).SelectMany(i => new Point2[] { new(i * pitch, root),
            new((i + 0.5) * pitch, d / 2) }).Append(new(length, root)).ToList();
        return new Draw(s).Solid([.. crests, .. Enumerable.Reverse(crests).Select(p => p with { Y = -p.Y })]).Axis(-0.1 * length, 0, 1.1 * length, 0)
            .Up("outside", 0, -d / 2, d / 2).Along("length", 0, length, -d / 2, 2).Along("over", pitch / 2,
                Math.Min(3, turns - 1) * pitch + (pitch / 2), -d / 2)
            .At("pitch", pitch, d / 2, about: pitch).At("turns", (turns - 1) * pitch, d / 2, about: Math.Min(3, turns - 1)).Done;
    }
}
