using Emboq.Core.Fits;
using Emboq.Core.Measuring;
using Emboq.Core.Solids;

namespace Emboq.Core.Families.PocketTray;

/// <summary>A thing and its pocket, before it has a place.</summary>
/// <param name="Slot">The family's slot.</param>
/// <param name="Size">The fitted size: of a box its width, of a round its widest diameter.</param>
/// <param name="Wide">Of the pocket, left to right.</param>
/// <param name="Deep">Of the pocket, front to back.</param>
/// <param name="Shape">Outline of the pocket about its middle.</param>
/// <param name="Steps">Of a standing turned thing: height over the pocket's floor and radius, opened straight upwards; empty for others.</param>
/// <param name="Height">Of the thing.</param>
/// <param name="Hold">How deep its pocket is.</param>
/// <param name="Mass">g, if it was weighed.</param>
/// <param name="Use">often, sometimes or seldom.</param>
/// <param name="ByHand">Where the maker put it: left and front edge.</param>
internal sealed record TrayItem(string Slot, FittedSize Size, double Wide, double Deep, Profile Shape, IReadOnlyList<Point2> Steps, double Height, double Hold, double? Mass, string Use, Point2? ByHand)
{
    /// <summary>A thing more than this many times as high as its foot is wide is easily knocked over; common practice, no published source.</summary>
    private const double Slender = 3;

    public Interface Place => Size.Place;

    /// <summary>Whether it wants a taller border.</summary>
    public bool Wobbly => Height > Slender * Math.Min(Wide, Deep);

    public static TrayItem Of(string slot, Brief brief, Fit fit, Ledger ledger)
    {
        var (p, place) = (brief.Parameters, brief.Interfaces[slot]);
        var sizes = new Sizes(place);
        var (key, height) = Leading(sizes);
        var size = FittedSize.Of(slot, key, Surface.Pocket, fit, p.Number("clearance"), $"{place.Name} pocket", brief, ledger);
        var grown = size.Drawn.Value - size.Measured.Value;
        var round = place.Kind.Key != "block";
        var (wide, deep) = (size.Drawn.Value, round ? size.Drawn.Value : sizes["depth"]!.Value + grown);
        var slender = height > Slender * Math.Min(wide, deep);
        var hold = ledger.Add($"{slot}.hold", $"{place.Name} pocket depth", Quantity.Max(
            Quantity.RuleOfThumb(slender ? "share held of a slender thing" : "share held", slender ? 0.55 : 0.35, Unit.None, "A third of a steady thing, more than half of a slender one.") * Quantity.Chosen($"height of {place.Name}", height, Unit.Millimetre, "as read"),
            Quantity.RuleOfThumb("least pocket", 6, Unit.Millimetre, "Things slide out of less.")), "Deep enough to keep it, low enough to grasp it.").Value;
        return new(slot, size, wide, deep, Outline(p.Outline($"{slot}Outline"), round, wide, deep, grown, (Known(sizes, "corner") ?? 0) + (grown / 2)), place.Kind.Key == "turned" ? Opened(sizes, grown, hold) : [],
            height, hold, Known(sizes, "mass"), p.Choice($"{slot}Use"), p.Number($"{slot}X") is { } x && p.Number($"{slot}Y") is { } y ? new(x, y) : null);
    }

    /// <summary>What must be read before a thing has a pocket.</summary>
    public static IReadOnlyList<string> Needs(Interface place) => place.Kind.Key switch
    {
        "block" => ["width", "depth", "height"],
        "post" => ["diameter", "length"],
        _ => [.. Enumerable.Range(0, place.Items.Count).SelectMany(i => new[] { place.Kind.Item!.KeyOf(i, "length"), place.Kind.Item.KeyOf(i, "first") })],
    };

    /// <summary>A size that not every kind of thing has.</summary>
    private static double? Known(Sizes s, string key) => s.Place.Dimensions.Any(d => d.Key == key) ? s[key]?.Value : null;

    private static (string Key, double Height) Leading(Sizes s) => s.Place.Kind.Key switch
    {
        "block" => ("width", s["height"]!.Value),
        "post" => ("diameter", s["length"]!.Value),
        // The widest place of a turned thing, wherever a step begins or ends.
        _ => (Enumerable.Range(0, s.Count).SelectMany(i => new[] { s.Place.Kind.Item!.KeyOf(i, "first"), s.Place.Kind.Item.KeyOf(i, "last") }).Where(k => s[k] is not null).MaxBy(k => s[k]!.Value)!, Enumerable.Range(0, s.Count).Sum(i => s[i, "length"]!.Value)),
    };

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
        Profile Stretched(double w, double d) => new(given.Points.Select(p => new Point2((p.X - ((left + right) / 2)) * w / (right - left), (p.Y - ((low + high) / 2)) * d / (high - low))));
        return Outlines.Moved(Stretched(wide - grown, deep - grown), grown / 2) ?? Stretched(wide, deep);
    }

    /// <summary>A turned thing stands on its first step: at every height the pocket is as wide as anything that passes there.</summary>
    private static List<Point2> Opened(Sizes s, double grown, double hold)
    {
        var steps = new List<Point2>();
        double z = 0, radius = 0;
        for (var i = 0; i < s.Count && z < hold - 5; i++)
        {
            radius = Math.Max(radius, (Math.Max(s[i, "first"]!.Value, s.Or(i, "last", s[i, "first"]!.Value)) + grown) / 2);
            steps.Add(new(z, radius));
            z += s[i, "length"]!.Value;
        }

        return steps;
    }
}
