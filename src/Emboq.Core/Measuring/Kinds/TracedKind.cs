namespace Emboq.Core.Measuring.Kinds;

/// <summary>A thing whose outline comes from a drawing, and whose scale from a caliper.</summary>
internal static class TracedKind
{
    public static InterfaceKind Kind { get; } = new("traced", "odd outline, from a drawing, photograph or scan",
    [
        new("overall", "overall width", "Jaws across its whole width, from left to right as it is drawn: this settles the scale.", Access.Outside),
        new("breadth", "breadth", "Jaws across it the other way: whether the drawing has its proportions.", Access.Outside, Need.Helps),
        new("height", "height", "How tall it stands, square to the drawing.", Access.Depth),
    ])
    {
        Outline = Outline,
        IsTraced = true,
        Rules = s => s.Place.Outline is { } drawn && s["overall"] is { } overall
            ? Kinds.Rules.Equal(s, "breadth as drawn", s["breadth"], ((drawn.Along / drawn.Across) * overall) + Beside(s.Place, drawn, overall),
                "The drawing has other proportions than the thing: it shows another, or was made at a slant.", "breadth", "overall")
            : [],
        Figures = (s, ledger) =>
        {
            if (s.Place.Outline is { } drawn && s["overall"] is { } overall && Outline(s) is { } outline)
            {
                ledger.Add("scale", "scale of the drawing", overall / Quantity.Input("width as drawn", drawn.Across, Unit.Millimetre,
                    new Provenance.Chosen(drawn.Source)), "What was read across it, over what is drawn: 1 where the drawing is at its true size.");
                ledger.Add("area", "area within it", Quantity.Input("area within it", outline.Area, Unit.Millimetre * Unit.Millimetre,
                    new Provenance.Chosen(drawn.Source)), "Enclosed by its corners.");
            }
        },
        // Anywhere within what it was simplified by, at both sides (JCGM 100, 4.3.7).
        OwnDoubt = (s, key, _) => key == "overall" && s.Place.Outline is { Deviation: > 0 } drawn
            ? new(new($"traced/{s.Place.Id}", $"corners of {s.Place.Name}, {Figures.Mm(drawn.Deviation)} beside what was drawn",
                drawn.Deviation * Math.Sqrt(2.0 / 3)), 0)
            : null,
        Shape = s => s["height"] is { } h && Outline(s) is { } outline ? new Solid.Extruded(outline, h.Value) : null,
        Drawing = Draw,
    };

    /// <summary>As large as it was measured; <c>null</c> while there is no drawing, or no reading across it.</summary>
    private static Profile? Outline(Sizes s) => s.Place.Outline is { } drawn && s["overall"] is { Value: > 0 } overall ? Scaled(drawn, overall.Value) : null;

    private static Profile Scaled(Traced drawn, double overall) => new(drawn.Points.Select(p => new Point2(p.X * overall / drawn.Across, p.Y * overall
        / drawn.Across)));

    private static Quantity Beside(Interface place, Traced drawn, Quantity overall) => Quantity.Input($"corners of {place.Name}", 0, Unit.Millimetre,
        new Provenance.RuleOfThumb("Within what the drawing was simplified by, and its line is wide."),
        (new Source($"drawn/{place.Id}", $"lines of the drawing of {place.Name}", (drawn.Deviation * Math.Sqrt(2.0 / 3)) + (0.003 * overall.Value)), 1));

    private static SeatDrawing Draw(Sizes s)
    {
        var drawn = s.Place.Outline ?? new Traced("nothing yet", 0, [new(0, 0), new(60, 0), new(60, 24), new(0, 24)]);
        var outline = Scaled(drawn, s.Or("overall", drawn.Across));
        return new Draw(s).Solid(outline.Points).Along("overall", 0, outline.Across, 0).Up("breadth", 0, 0, outline.Along)
            .At("height", outline.Across / 2, outline.Along / 2).Done;
    }
}
