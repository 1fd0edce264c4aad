namespace Emboq.Core.Measuring.Kinds;

internal static class SpindleKind
{
    public static InterfaceKind Kind { get; } = new("spindle", "threaded spindle",
    [
        new("outside", "outside diameter", "Jaws flat over the crests of its thread; it measures under its name."),
        new("pitch", "pitch", "The leaf of the pitch gauge that shows no light; or count turns.", Access.Pitch),
        new("length", "length from its shoulder", "From the shoulder that a plate stops at to its end.", Access.Depth),
        new("bore", "bore through it", "Jaws inside, at its end; for air, or a rod that knocks out.", Access.Inside, Need.Helps),
        new("neck", "plain neck", "Jaws over the plain neck between shoulder and thread: it centres what is screwed on.", Access.Outside, Need.Helps),
        new("neckLong", "length of the neck", "From the shoulder to where the thread begins.", Access.Depth, Need.Helps),
        new("turns", "turns counted", "How many whole crests lie between the two you measured over.", Access.Count, Need.Helps),
        new("over", "over those turns", "From the first crest to the last one counted.", Access.Length, Need.Helps),
    ])
    {
        Methods = [new("turns over a length", "pitch", ["over", "turns"], q => q[0] / q[1], "Plane geometry: an error is shared by as many turns")],
        Rules = s => Kinds.Rules.Less(s, "neckLong", "length", "The neck is part of the length."),
        Shape = s => s["outside"] is { } d ? new Solid.Cylinder(d.Value / 2, s.Or("length", d.Value)) : null,
        Drawing = Draw,
        Likenesses = [new("threads", new Dictionary<string, string> { ["outside"] = "diameter", ["pitch"] = "pitch" })],
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var (d, length) = (s.Or("outside", 30), s.Or("length", 28));
        var (neck, root) = (Math.Clamp(s.Or("neckLong", 0.2 * length), 0, 0.6 * length), d / 2 * 0.88);
        var pitch = Math.Clamp(s.Or("pitch", d / 9), (length - neck) / 14, (length - neck) / 3);
        var (turns, wide) = ((int)((length - neck) / pitch), Math.Clamp(s.Or("neck", d), 0.8 * d, 1.3 * d) / 2);
        var crests = Enumerable.Range(0, turns).SelectMany(i => new Point2[] { new(neck + (i * pitch), root), new(neck + ((i + 0.5) * pitch), d / 2) })
            .Append(new(neck + (turns * pitch), root)).Append(new(length, root)).Prepend(new(neck, wide)).Prepend(new(0, wide)).ToList();
        return new Draw(s).Box(-0.4 * d, -0.8 * d, 0, 0.8 * d).Solid([.. crests, .. Enumerable.Reverse(crests).Select(p => p with { Y = -p.Y })])
            .Axis(-0.5 * d, 0, length + (0.2 * d), 0).Up("outside", length, -d / 2, d / 2, CalloutSide.Right).Along("length", 0, length, -0.8 * d, 2)
            .Along("neckLong", 0, neck, -0.8 * d).Up("neck", 0, -wide, wide).Along("over", neck + (pitch / 2), neck + ((Math.Min(3, turns - 1) + 0.5) * pitch),
                -d / 2)
            .At("pitch", neck + pitch, d / 2, about: pitch).At("turns", neck + ((turns - 1) * pitch), d / 2, about: Math.Min(3, turns - 1))
            .At("bore", length, 0, CalloutSide.Right, about: d / 3).Done;
    }
}
