namespace Emboq.Core.Measuring.Kinds;

internal static class GapsKind
{
    private const double Apart = 30, Foot = 16;

    public static InterfaceKind Kind { get; } = new("gaps", "gaps under the feet of a machine", [])
    {
        Item = new("foot", "foot",
        [
            new("gap", "gap", "With the machine held level: feeler gauges, or a wedge pushed in to its mark, between the foot and the floor. Nothing where "
                + "it stands.", Access.Position),
        ], 4),
        Shape = s => s.Count > 0 && Enumerable.Range(0, s.Count).All(i => s[i, "gap"] is not null) ? Standing(s) : null,
        Drawing = Draw,
    };

    /// <summary>Its feet under a beam, each as far over the floor as was read.</summary>
    private static Solid Standing(Sizes s)
    {
        List<double> gaps = [.. Enumerable.Range(0, s.Count).Select(i => s[i, "gap"]!.Value)];
        var beam = gaps.Max() + 10;
        return gaps.Select((gap, i) => (Solid)new Solid.Cylinder(Foot / 2, beam + 4 - gap).At(i * Apart, 0, gap)).Aggregate(
            (Solid)new Solid.Box(s.Count * Apart, Foot, 8).At(-Apart / 2, -Foot / 2, beam), (a, b) => a + b);
    }

    private static SeatDrawing Draw(Sizes s)
    {
        var drawing = new Draw(s).Box(-Apart / 2, 12, ((s.Count - 1) * Apart) + (Apart / 2), 20);
        for (var i = 0; i < s.Count; i++)
        {
            var gap = Math.Clamp(s.Or(i, "gap", 2), 0, 12);
            drawing.Box((i * Apart) - (Foot / 2), gap, (i * Apart) + (Foot / 2), 12).Up(s.Place.Kind.Item!.KeyOf(i, "gap"),
                (i * Apart) + (Foot / 2), 0, Math.Max(gap, 0.5));
        }

        return drawing.Axis(-Apart, 0, s.Count * Apart, 0).Done;
    }
}
