namespace Emboq.Core.Measuring.Kinds;

internal static class ArcKind
{
    public static InterfaceKind Kind { get; } = new("arc", "part of a round",
    [
        new("radius", "radius", "A radius gauge that shows no light; or use chord and height.", Access.Radius),
        new("chord", "chord", "Straight across, between two points of the arc.", Access.Length),
        new("sagitta", "height of arc", "From the middle of that chord square to the arc.", Access.Depth),
        new("length", "length along", "How far it runs.", Access.Length, Need.Helps),
    ])
    {
        Methods = [Kinds.Methods.ChordToRadius("radius", "chord", "sagitta")],
        Rules = s => Kinds.Rules.Less(s, "sagitta", "chord", "An arc that is worth measuring by its chord rises less than the chord is long."),
        Figures = (s, ledger) =>
        {
            if (s["radius"] is { } r && s["chord"] is { } c && c.Value < 2 * r.Value)
            {
                ledger.Add("angle", "angle of the arc", 2 * Quantity.Asin(c / (2 * r)), "How far around it goes.");
            }
        },
        Shape = s => s["radius"] is { } r && s["chord"] is { } c && c.Value < 2 * r.Value
            ? new Solid.Extruded(new(Segment(r.Value, c.Value)), s.Or("length", c.Value / 2)) : null,
        Drawing = Draw,
    };

    private static Point2[] Segment(double radius, double chord)
    {
        var half = Math.Asin(chord / 2 / radius);
        var count = Math.Max(8, Facets.Count(radius, Facets.DefaultChordError) / 2);
        return [.. Enumerable.Range(0, count + 1).Select(i => (half * ((2.0 * i / count) - 1)) + (Math.PI / 2)).Select(a =>
            new Point2(radius * Math.Cos(a), radius * (Math.Sin(a) - Math.Cos(half))))];
    }

    private static SeatDrawing Draw(Sizes s)
    {
        var chord = s.Or("chord", 60);
        var radius = Math.Max(s.Or("radius", chord * 0.7), chord * 0.501);
        var outline = Segment(radius, chord);
        var rise = outline.Max(p => p.Y);
        return new Draw(s).Solid([.. outline, new(-chord / 2, -0.25 * chord), new(chord / 2, -0.25 * chord)])
            .Axis(-0.6 * chord, 0, 0.6 * chord, 0).Axis(0, -0.3 * chord, 0, 1.2 * rise)
            .Along("chord", -chord / 2, chord / 2, 0).Up("sagitta", 0, 0, rise, CalloutSide.Right).At("radius", -chord / 5, rise * 0.9).At("length",
                chord / 3, -0.1 * chord).Done;
    }
}
