namespace Emboq.Core.Families.Kit;

/// <summary>What must be read of a thing that is kept.</summary>
internal static class ThingNeeds
{
    /// <summary>What must be read before it has a pocket or a nest.</summary>
    public static IReadOnlyList<string> Of(Interface place) => place.Kind.Key switch
    {
        "block" => ["width", "depth", "height"],
        "post" => ["diameter", "length"],
        "traced" => ["overall", "height"],
        "grip" => ["breadth", "height"],
        "foot" => ["overall", "height", .. Enumerable.Range(0, place.Items.Count).SelectMany(i =>
            new[] { place.Kind.Item!.KeyOf(i, "x"), place.Kind.Item.KeyOf(i, "y") })],
        _ => [.. Enumerable.Range(0, place.Items.Count).SelectMany(i => new[] { place.Kind.Item!.KeyOf(i, "length"), place.Kind.Item.KeyOf(i, "first") })],
    };
}
