namespace Emboq.Core.Measuring.Kinds;

internal static class ScrewHeadKind
{
    public static InterfaceKind Kind { get; } = new("screw-head", "screw with its head",
    [
        new("head", "head diameter", "Jaws over the head."),
        new("height", "head height", "From the underside, or from the top down to where the shank begins.", Access.Depth),
        new("shank", "shank or thread diameter", "Jaws over the crests, below the head."),
        new("length", "length", "Under the head, or over all for a countersunk one.", Access.Length),
        new("cone", "angle of the cone", "Protractor across a countersunk head; left unread for a flat underside.", Access.Angle, Need.Helps),
        new("drive", "drive across flats", "The key that fits.", Access.Inside, Need.Helps),
    ])
    {
        Rules = s => [.. Kinds.Rules.Less(s, "shank", "head", "The head is wider than the shank."),
            .. Kinds.Rules.Less(s, "drive", "head", "The drive is inside the head."),
            .. s["cone"] is { } cone && s["head"] is { } head && s["shank"] is { } shank && s["height"] is { } height
                ? Kinds.Rules.Equal(s, "cone against head and height", (shank + (2 * height * Quantity.Tan(cone / 2))).Named("head by its cone"), head,
                    "Head, height and angle do not go together: the rim of the head, or a reading, is off.", "cone", "head", "height")
                : []],
        Shape = s => s["head"] is { } head && s["height"] is { } h && s["shank"] is { } shank && s["length"] is { } length && shank.Value < head.Value
            ? s.Place["cone"].Readings.Count > 0
                ? new Solid.Revolved(new(new(0, 0), new(head.Value / 2, 0), new(shank.Value / 2, h.Value),
                    new(0, h.Value))) + new Solid.Cylinder(shank.Value / 2, length.Value)
                : new Solid.Cylinder(head.Value / 2, h.Value) + new Solid.Cylinder(shank.Value / 2, h.Value + length.Value)
            : null,
        Drawing = Draw,
        Likenesses =
        [
            new("cap-screws", new Dictionary<string, string> { ["head"] = "head", ["height"] = "height", ["shank"] = "diameter" }),
            new("countersunk-screws", new Dictionary<string, string> { ["head"] = "head", ["cone"] = "angle", ["shank"] = "diameter" }),
            new("pan-screws", new Dictionary<string, string> { ["head"] = "head", ["height"] = "height", ["shank"] = "diameter" }),
            new("wood-screws", new Dictionary<string, string> { ["head"] = "head", ["shank"] = "diameter" }),
        ],
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var head = s.Or("head", s.Or("shank", 5) * 1.8);
        var shank = Math.Min(s.Or("shank", head * 0.55), head * 0.95);
        var h = s.Or("height", shank);
        var length = Math.Min(s.Or("length", 5 * shank), 12 * shank);
        var coned = s.Place["cone"].Readings.Count > 0;
        var drawing = new Draw(s);
        if (coned)
        {
            drawing.Solid(new(0, -head / 2), new(h, -shank / 2), new(length, -shank / 2), new(length, shank / 2), new(h, shank / 2), new(0, head / 2));
        }
        else
        {
            drawing.Solid(new(0, -head / 2), new(h, -head / 2), new(h, -shank / 2), new(h + length, -shank / 2), new(h + length, shank / 2),
                new(h, shank / 2), new(h, head / 2), new(0, head / 2));
        }

        var end = coned ? length : h + length;
        return drawing.Axis(-shank, 0, end + shank, 0).Up("head", 0, -head / 2, head / 2).Up("shank", end, -shank / 2, shank / 2, CalloutSide.Right)
            .Along("height", 0, h, -head / 2).Along("length", coned ? 0 : h, end, -shank / 2, 2).At("cone", h / 2, (head + shank) / 4).At("drive", 0, 0).Done;
    }
}
