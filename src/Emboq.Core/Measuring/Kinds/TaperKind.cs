namespace Emboq.Core.Measuring.Kinds;

internal static class TaperKind
{
    public static InterfaceKind Kind { get; } = new("taper", "tapered post or bore",
    [
        new("large", "large diameter", "Jaws across the thick end."),
        new("small", "small diameter", "Jaws across the thin end."),
        new("distance", "distance of the two", "Along the axis, between the two places.", Access.Length),
        new("halfAngle", "half angle", "Protractor between the face and the axis; or let it follow from the three.", Access.Angle, Need.Helps),
    ])
    {
        Methods =
        [
            new("two diameters and their distance", "halfAngle", ["large", "small", "distance"], q =>
                Quantity.Atan((q[0] - q[1]) / (2 * q[2])), "Plane geometry"),
            new("small diameter and angle", "large", ["small", "distance", "halfAngle"], q => q[0] + (2 * q[1] * Quantity.Tan(q[2])), "Plane geometry"),
        ],
        Rules = s => Kinds.Rules.Less(s, "small", "large", "The thin end is thinner."),
        Figures = (s, ledger) =>
        {
            if (s["large"] is { } large && s["small"] is { } small && s["distance"] is { } distance && large.Value > small.Value)
            {
                ledger.Add("ratio", "length for 1 of diameter", distance / (large - small), "The taper as a ratio: 1 of diameter for so much of length.");
            }
        },
        Shape = s => s["large"] is { } large && s["small"] is { } small && s["distance"] is { } distance
            ? new Solid.Revolved(new(new(0, 0), new(large.Value / 2, 0), new(small.Value / 2, distance.Value), new(0, distance.Value)))
            : null,
        Drawing = Draw,
        Likenesses = [new("tapers", new Dictionary<string, string> { ["halfAngle"] = "half angle" })],
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var large = s.Or("large", s.Or("small", 20) * 1.25);
        var small = s.Or("small", large * 0.8);
        var length = s.Or("distance", 2 * large);
        return new Draw(s).Solid(new(0, -large / 2), new(length, -small / 2), new(length, small / 2), new(0, large / 2)).Axis(-0.1 * length, 0, 1.1 * length, 0)
            .Up("large", 0, -large / 2, large / 2).Up("small", length, -small / 2, small / 2, CalloutSide.Right)
            .Along("distance", 0, length, -large / 2).At("halfAngle", length / 2, (large + small) / 4).Done;
    }
}
