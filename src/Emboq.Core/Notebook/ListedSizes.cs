namespace Emboq.Core.Notebook;

/// <summary>Sizes of a place that a member of a row decides for itself: boxes of a list. Each stands as one reading "from the list".</summary>
public static class ListedSizes
{
    /// <summary>What a size in a list is worth, mm: somebody measured it with a caliper or a rule. Common practice, no published source.</summary>
    private const double Doubt = 0.1;

    private const double Reach = 20_000;

    /// <summary>Takes the listed sizes out of a part's entries and puts them into its places.</summary>
    /// <param name="family">Whose slots they name: "item.width".</param>
    /// <param name="entries">Parameters and listed sizes.</param>
    /// <param name="places">Slot to place.</param>
    /// <returns>The parameters alone, and the places as the list has them; or what cannot be read.</returns>
    public static Outcome<(IReadOnlyDictionary<string, string> Parameters, IReadOnlyDictionary<string, Interface> Places)> Apply(
        Family family, IReadOnlyDictionary<string, string> entries, IReadOnlyDictionary<string, Interface> places)
    {
        var changed = places.ToDictionary();
        var problems = new List<Problem>();
        foreach (var (key, entry) in entries.Where(e => IsListed(family, e.Key) && e.Value.Length > 0))
        {
            var (slot, size) = (key.Split('.')[0], key[(key.IndexOf('.') + 1)..]);
            if (!changed.TryGetValue(slot, out var place) || place.Dimensions.FirstOrDefault(d => d.Key == size) is not { } dimension)
            {
                problems.Add(new($"parameters.{key}", entry,
                    $"The list gives a size of the {family.Slots.First(s => s.Key == slot).Label}, and no such place is named.",
                    "Name the place, or take the column out."));
                continue;
            }

            var read = ReadingNotation.Parse(entry, dimension.Access, LengthSystem.Metric, $"parameters.{key}");
            problems.AddRange(read.IsGood && !(read.Value is > 0 and <= Reach)
                ? [new($"parameters.{key}", entry, "A size is greater than nothing.", "Look at the figure and its unit.",
                $"over 0 to {Reach} mm")] : read.Problems);
            if (read.IsGood)
            {
                changed[slot] = place with { Dimensions = [.. place.Dimensions.Select(d => d.Key == size ? Listed(d, read.Value, entry) : d)] };
            }
        }

        return problems.Count > 0 ? problems : (entries.Where(e => !IsListed(family, e.Key)).ToDictionary(), changed);
    }

    /// <summary>Whether an entry is a listed size rather than a parameter.</summary>
    public static bool IsListed(Family family, string key) => key.IndexOf('.') is > 0 and var dot && family.Slots.Any(s => s.Key == key[..dot]);

    private static Dimension Listed(Dimension of, double value, string text) => of with
    {
        Readings = [new(Guid.Empty, value, text, new Instrument($"list/{of.Interface}/{of.Key}", "size from the list", 0, 0, Doubt, Reach),
            DateTimeOffset.UnixEpoch, null, null)],
        Scatters = new Dictionary<string, Scatter>(),
    };
}
