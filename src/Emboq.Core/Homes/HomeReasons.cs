namespace Emboq.Core.Homes;

/// <summary>Why things lie where they do, in sentences.</summary>
internal static class HomeReasons
{
    private static readonly string[] Reaches = ["at hand", "a step away", "elsewhere"], Often = ["every day", "in most weeks", "in some months", "seldom"];

    public static IReadOnlyDictionary<string, IReadOnlyList<string>> Of(IReadOnlyList<Storage> storages, IReadOnlyList<Belonging> things,
        IReadOnlyList<Home> homes) => things.ToDictionary(t => t.Key, t => (IReadOnlyList<string>)[.. Of(storages, things, homes, t)]);

    private static IEnumerable<string> Of(IReadOnlyList<Storage> storages, IReadOnlyList<Belonging> things, IReadOnlyList<Home> homes, Belonging thing)
    {
        var lies = storages.Where(s => homes.Any(h => h.Thing == thing.Key && h.Storage == s.Key)).ToList();
        if (thing.Pinned is { } pinned)
        {
            yield return $"You want it in {Named(storages, pinned)}.";
            if (lies.Count == 0 && storages.FirstOrDefault(s => s.Key == pinned) is { } wanted)
            {
                yield return HandRoom.Takes(wanted, thing) ? $"No room was found for it in {wanted.Name}." : Refusal(wanted, thing);
            }
        }
        else if (lies.Count > 0)
        {
            yield return $"It is used {Often[(int)thing.Use]}, and lies {string.Join(" and ", lies.Select(s => Reaches[(int)s.Reach]).Distinct())}.";
        }

        // What lies nearer, and did not take it.
        foreach (var nearer in storages.Where(s => thing.Pinned is null && !lies.Contains(s) && lies.All(l => s.Reach < l.Reach)))
        {
            yield return !HandRoom.Takes(nearer, thing) ? Refusal(nearer, thing)
                : lies.Count == 0 ? $"By its size it would go into {nearer.Name}; no room was found for it there."
                : $"By its size it would go into {nearer.Name}; by use, kind and room it lies better here.";
        }

        var beside = things.Where(o => o.Key != thing.Key && o.Sort.Length > 0 && string.Equals(o.Sort, thing.Sort, StringComparison.OrdinalIgnoreCase)
            && homes.Any(h => h.Thing == o.Key && lies.Any(l => l.Key == h.Storage))).ToList();
        if (beside.Count > 0)
        {
            yield return $"With its kind: {string.Join(", ", beside.Select(b => b.Name))}.";
        }

        if (thing.Now is { } now)
        {
            yield return lies.Any(l => l.Key == now) ? "It stays where it lies now." : $"It lies in {Named(storages, now)} now.";
        }
    }

    private static string Refusal(Storage storage, Belonging thing) => thing.Height + HandRoom.Over > storage.Height
        ? $"Too low: {storage.Name} has {Figures.Mm(storage.Height)} clear, and this needs {Figures.Mm(thing.Height + HandRoom.Over)}."
        : $"Too small: {storage.Name} has {Figures.Mm(storage.Width)} by {Figures.Mm(storage.Depth)} clear, and this needs {Figures.Mm(thing.Width)} by "
            + $"{Figures.Mm(thing.Depth)}.";

    private static string Named(IReadOnlyList<Storage> storages, string key) => storages.FirstOrDefault(s => s.Key == key)?.Name ?? "a storage that is gone";
}
