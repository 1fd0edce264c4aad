namespace Emboq.Core.Homes;

/// <summary>How large a measured thing is as it lies, or a drawer inside.</summary>
/// <param name="Width">mm.</param>
/// <param name="Depth">mm.</param>
/// <param name="Height">mm.</param>
public sealed record PlaceBox(double Width, double Depth, double Height)
{
    /// <summary>What stands in a drawer, as far as it is read.</summary>
    public IReadOnlyList<Obstacle> Obstacles { get; private init; } = [];

    /// <summary>From the readings of a place; <c>null</c> of a kind that has no such box, or while it is not read.</summary>
    public static PlaceBox? Of(Interface place)
    {
        var s = new Sizes(place);
        PlaceBox? Box(string wide, string deep, string high) =>
            s[wide] is { } w && s[deep] is { } d && s[high] is { } h ? new(w.Value, d.Value, h.Value) : null;
        if (place.Kind.Outline is { } outline)
        {
            return outline(s) is { } section && s["height"] is { } high ? new(section.Across, section.Along, high.Value) : null;
        }

        return place.Kind.Key switch
        {
            "block" => Box("width", "depth", "height"),
            "cavity" when Box("width", "depth", "height") is { } box => box with { Obstacles = [.. Standing(s)] },
            "board" => Box("length", "width", "thickness"),
            "post" => Box("length", "diameter", "diameter"),
            "turned" => Turned(s),
            _ => null,
        };
    }

    private static readonly string[] ObstacleSizes = ["x", "y", "width", "depth", "z"];

    private static IEnumerable<Obstacle> Standing(Sizes s) =>
        from i in Enumerable.Range(0, s.Count)
        let sides = ObstacleSizes.Select(key => s[i, key]?.Value).OfType<double>().ToList()
        where sides.Count == 5
        select new Obstacle(s.Place.Items[i], sides[0], sides[1], sides[2], sides[3], sides[4]);

    private static PlaceBox? Turned(Sizes s)
    {
        var steps = Enumerable.Range(0, s.Count).Select(i => (Long: s[i, "length"], First: s[i, "first"], Last: s[i, "last"])).ToList();
        if (steps.Count == 0 || steps.Any(t => t.Long is null || t.First is null))
        {
            return null;
        }

        var widest = steps.Max(t => Math.Max(t.First!.Value, t.Last?.Value ?? 0));
        return new(steps.Sum(t => t.Long!.Value), widest, widest);
    }
}
