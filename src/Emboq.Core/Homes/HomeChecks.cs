namespace Emboq.Core.Homes;

/// <summary>Judges a plan from the sizes alone, whoever made it.</summary>
public static class HomeChecks
{
    private const string Plane = "Plane geometry.", Practice = "Common practice, no published source.";

    /// <summary>Everything that is judged.</summary>
    public static IReadOnlyList<Check> Of(IReadOnlyList<Storage> storages, IReadOnlyList<Belonging> things, IReadOnlyList<Home> homes, double gap)
    {
        var (wanted, found) = (things.Sum(t => t.Count), homes.Count);
        Check all = new("homes.all", "everything has a home", found == wanted ? Verdict.Good : Verdict.Stop, found == wanted ? "Nothing is left over."
            : "Something is left over: another drawer or shelf, or fewer things.", $"{found} things", $"{wanted} things", "Counted.", []);
        return
        [
            .. wanted == 0 ? Array.Empty<Check>() : [all],
            .. Counted(storages, things, homes),
            .. storages.SelectMany(s => Inside(s, things, [.. homes.Where(h => h.Storage == s.Key)], gap)),
        ];
    }

    /// <summary>What was in a storage is somewhere afterwards.</summary>
    private static IEnumerable<Check> Counted(IReadOnlyList<Storage> storages, IReadOnlyList<Belonging> things, IReadOnlyList<Home> homes)
    {
        foreach (var storage in storages)
        {
            var were = things.Where(t => t.Now == storage.Key).ToList();
            var (all, placed) = (were.Sum(t => t.Count), homes.Where(h => were.Any(t => t.Key == h.Thing)).ToList());
            if (all == 0)
            {
                continue;
            }

            var (stay, lost) = (placed.Count(h => h.Storage == storage.Key), all - placed.Count);
            yield return new($"{storage.Key}.counted", $"what was in {storage.Name}", lost == 0 ? Verdict.Good : Verdict.Stop,
                $"{stay} stay, {placed.Count - stay} go elsewhere{(lost == 0 ? "" : $", and {lost} would have no home")}.", $"{placed.Count} of {all}",
                $"{all}", "Counted.", []);
        }
    }

    private static IEnumerable<Check> Inside(Storage s, IReadOnlyList<Belonging> things, IReadOnlyList<Home> homes, double gap)
    {
        if (homes.Count == 0)
        {
            yield break;
        }

        var highest = homes.Max(h => h.Height);
        yield return Judged($"{s.Key}.height", $"under what closes over {s.Name}", s.Height - highest, HandRoom.Over, "The highest of them goes in.",
            "The highest of them strikes when it closes.", Plane);
        var inside = homes.Min(h => Math.Min(Math.Min(h.X, h.Y), Math.Min(s.Width - h.X - h.Wide, s.Depth - h.Y - h.Deep)));
        yield return Judged($"{s.Key}.within", $"within the walls of {s.Name}", inside, 0, "Nothing reaches over an edge.",
            "Something reaches through a wall.", Plane);
        var struck = s.Obstacles.SelectMany(o => homes.Where(h => o.Stops(h.Height)).Select(h =>
            (o.Name, Free: Free(h, new("", 0, s.Key, o.X, o.Y, o.Wide, o.Deep, 0))))).OrderBy(p => p.Free).ToList();
        if (struck.Count > 0)
        {
            yield return Judged($"{s.Key}.clear", $"clear of what stands in {s.Name}", struck[0].Free, 0, "Nothing lies where something stands already.",
                $"Something lies where {struck[0].Name} is.", Plane);
        }

        if (homes.Count > 1)
        {
            var free = homes.SelectMany((a, i) => homes.Skip(i + 1).Select(b => Free(a, b))).Min();
            yield return Judged($"{s.Key}.apart", $"between neighbours in {s.Name}", free, gap, "Fingers go between.",
                "Neighbours lie too close, or on each other.", Practice);
            var hands = homes.SelectMany(a => homes.Where(b => b != a && Before(a, b)).Select(b => b.Y - a.Y - a.Deep
                - HandRoom.Behind(a.Height, b.Height, 0))).DefaultIfEmpty(double.PositiveInfinity).Min();
            if (!double.IsPositiveInfinity(hands))
            {
                yield return Judged($"{s.Key}.hand", $"taking things out of {s.Name}", hands, 0,
                    "The hand, coming at a slant, touches nothing before what it takes.",
                    "Something tall stands before something low: the hand strikes it.", Practice);
            }
        }

        if (s.Bears is { } most)
        {
            var unweighed = things.Where(t => t.Mass is null && homes.Any(h => h.Thing == t.Key)).Select(t => t.Name).ToList();
            var load = homes.Sum(h => things.First(t => t.Key == h.Thing).Mass ?? 0);
            yield return new($"{s.Key}.load", $"weight in {s.Name}", load > most ? Verdict.Stop : unweighed.Count > 0 ? Verdict.Watch : Verdict.Good,
                load > most ? "It bears less." : unweighed.Count > 0 ? $"Nobody weighed {string.Join(", ", unweighed)}." : "It bears them.",
                $"{Figures.Number(Math.Round(load))} g", $"{Figures.Number(most)} g", "As its maker says.", []);
        }
    }

    /// <summary>Between two boxes in the direction in which they are further apart; negative where they overlap.</summary>
    private static double Free(Home a, Home b) => Math.Max(Math.Max(b.X - a.X - a.Wide, a.X - b.X - b.Wide), Math.Max(b.Y - a.Y - a.Deep, a.Y - b.Y - b.Deep));

    /// <summary>Whether one stands in the way of the hand to the other: before it, and not beside it.</summary>
    private static bool Before(Home a, Home b) => a.X < b.X + b.Wide - 1e-9 && b.X < a.X + a.Wide - 1e-9 && a.Y + a.Deep <= b.Y + 1e-9;

    private static Check Judged(string key, string title, double found, double least, string good, string otherwise, string source) =>
        new(key, title, found >= least - 1e-6 ? Verdict.Good : Verdict.Stop, found >= least - 1e-6 ? good : otherwise, Figures.Mm(found),
            $"{Figures.Mm(least)} or more", source, []);
}
