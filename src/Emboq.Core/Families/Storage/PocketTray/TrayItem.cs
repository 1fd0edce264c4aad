namespace Emboq.Core.Families.Storage.PocketTray;

/// <summary>A thing and its pocket, before it has a place.</summary>
/// <param name="Slot">The family's slot.</param>
/// <param name="Size">The fitted size: of a box its width, of a round the widest diameter that stands in the pocket.</param>
/// <param name="Wide">Room it needs, left to right: of the pocket, or of what stands wider above it.</param>
/// <param name="Deep">Likewise, front to back.</param>
/// <param name="Shape">Outline of the pocket about its middle.</param>
/// <param name="Steps">Of a standing turned thing: height over the pocket's floor and radius, opened straight upwards; empty for others.</param>
/// <param name="Height">Of the thing.</param>
/// <param name="Hold">How deep its pocket is.</param>
/// <param name="Mass">g, if it was weighed.</param>
/// <param name="Use">often, sometimes or seldom.</param>
/// <param name="ByHand">Where the maker put it: left and front edge.</param>
internal sealed record TrayItem(string Slot, Fitted Size, double Wide, double Deep, Profile Shape, IReadOnlyList<Point2> Steps, double Height, double Hold,
    double? Mass, string Use, Point2? ByHand)
{
    /// <summary>A thing more than this many times as high as its foot is wide is easily knocked over; common practice, no published source.</summary>
    private const double Slender = 3;

    public Interface Place => Size.Place;

    /// <summary>Height over the narrower side of its foot.</summary>
    public required double Slenderness { get; init; }

    /// <summary>Clearance to expect from front to back, of what is not round.</summary>
    public required Quantity? Other { get; init; }

    /// <summary>Whether it wants a taller border.</summary>
    public bool Wobbly => Slenderness > Slender;

    /// <summary>Limits for a joint probability, in every direction that is fitted.</summary>
    public IEnumerable<(Quantity Quantity, double Least, double Greatest)> Limits => Other is null ? [Size.Limits]
        : [Size.Limits, (Other, Size.Fit.Least, Size.Fit.Greatest)];

    /// <summary>Probability that it lies as wanted.</summary>
    public double Chance => JointProbability.Within([.. Limits]);

    /// <summary>How much of a turned thing's widest step must stand in its pocket, below the eased mouth, mm; common practice, no published source.</summary>
    private const double Held = 3;

    public static TrayItem Of(string slot, Brief brief, Fit fit, double chamfer, Ledger ledger)
    {
        var (p, place) = (brief.Parameters, brief.Interfaces[slot]);
        var sizes = new Sizes(place);
        var turned = place.Kind.Key == "turned" ? TurnedThing.Of(sizes) : null;
        var section = place.Kind.Outline?.Invoke(sizes);
        var height = turned?.Height ?? sizes[section is not null || place.Kind.Key == "block" ? "height" : "length"]!.Value;
        var foot = section is not null ? Math.Min(section.Across, section.Along)
            : place.Kind.Key == "block" ? Math.Min(sizes["width"]!.Value, sizes["depth"]!.Value) : turned?.Widest ?? sizes["diameter"]!.Value;
        var slender = height > Slender * foot;
        var shakes = p.Choice("shakes") == "shakes";
        var share = Quantity.Max(
            Quantity.RuleOfThumb($"share held{(slender ? " of a slender thing" : "")}{(shakes ? ", where it shakes" : "")}",
                (slender ? 0.55 : 0.35) + (shakes ? 0.2 : 0), Unit.None, shakes
                    ? "Things climb out of shallow pockets where it shakes: a fifth of them more is held."
                : "A third of a steady thing, more than half of a slender one.") * Quantity.Chosen($"height of {place.Name}", height,
                    Unit.Millimetre, "as read"),
            Quantity.RuleOfThumb("least pocket", 6, Unit.Millimetre, "Things slide out of less."));
        var hold = ledger.Add($"{slot}.hold", $"{place.Name} pocket depth", turned is null ? share
            : Quantity.Max(share, Quantity.RuleOfThumb("widest step held", turned.Holding(share.Value, chamfer + Held), Unit.Millimetre,
                "A step that begins in the pocket is held by some millimetres below the eased mouth.")),
            "Deep enough to keep it, low enough to grasp it.").Value;
        var key = turned?.WidestWithin(hold) ?? place.Kind.Key switch { "block" => "width", "foot" or "traced" => "overall", _ => "diameter" };
        var size = Fitted.Reckon(new(slot, key, Surface.Pocket, fit, p.Number("clearance"), $"{place.Name} pocket") { Words = SeatWords.Pocket }, place,
            brief.Fits, brief.Tries, ledger);
        var other = place.Kind.Key == "block" ? size.Across("depth", $"{place.Name} pocket, front to back", ledger)
            : default((Quantity Measured, Quantity Drawn, Quantity Realised)?);
        var grown = size.Drawn.Value - size.Counterpart.Value;
        var (wide, deep) = (size.Drawn.Value, other?.Drawn.Value ?? (section is null ? size.Drawn.Value : section.Along + grown));
        // What stands above its pocket may be wider than it: neighbours keep clear of that too.
        var over = turned is null ? 0 : Math.Max(0, turned.Widest + grown - wide);
        return new(slot, size, wide + over, deep + over, Outline(p.Outline($"{slot}Outline") ?? section, other is null && section is null, wide, deep, grown,
            (Known(sizes, "corner") ?? 0) + (grown / 2)), turned?.Opened(hold, grown) ?? [],
            height, hold, Known(sizes, "mass"), p.Choice($"{slot}Use"), p.Number($"{slot}X") is { } x && p.Number($"{slot}Y") is { } y ? new(x, y) : null)
        { Slenderness = height / foot, Other = other?.Realised };
    }

    /// <summary>A size that not every kind of thing has.</summary>
    private static double? Known(Sizes s, string key) => s.Place.Dimensions.Any(d => d.Key == key) ? s[key]?.Value : null;

    private static Profile Outline(Profile? given, bool round, double wide, double deep, double grown, double corner)
    {
        if (round)
        {
            // Cut away, its flats must stay outside the round.
            var count = Facets.Count(wide / 2, Facets.DefaultChordError);
            return Outlines.Round(wide / 2 * Facets.Circumscribed(count), count);
        }

        if (given is null)
        {
            return Outlines.RoundedRectangle(wide, deep, Math.Max(0, corner), Facets.DefaultChordError);
        }

        var (left, right, low, high) = (given.Points.Min(p => p.X), given.Points.Max(p => p.X), given.Points.Min(p => p.Y), given.Points.Max(p => p.Y));
        // As large as the thing was measured, then wider by the same everywhere; where that falls apart, stretched.
        Profile Stretched(double w, double d) => new(given.Points.Select(p =>
            new Point2((p.X - ((left + right) / 2)) * w / (right - left), (p.Y - ((low + high) / 2)) * d / (high - low))));
        return Outlines.Moved(Stretched(wide - grown, deep - grown), grown / 2) ?? Stretched(wide, deep);
    }
}
