using Emboq.Core.Homes;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web;

/// <summary>Reads what a plan of homes is asked for.</summary>
internal static class HomesRead
{
    /// <summary>In one plan, each of several alike counted.</summary>
    public const int MostThings = 24;

    private const double Longest = 4000, Heaviest = 500_000;

    /// <summary>Sizes as typed, and where nothing is typed, as read.</summary>
    public static async Task<(IReadOnlyList<Storage> Storages, IReadOnlyList<Belonging> Things)> Of(Input input, HomesAsked asked, NpgsqlDataSource database,
        CancellationToken stop)
    {
        Guid[] named = [.. asked.Storages.Select(s => s.Place).Concat(asked.Things.Select(t => t.Place)).OfType<Guid>().Distinct()];
        var places = await InterfaceStore.Of(database, named, stop);
        string[] keys = [.. asked.Storages.Select(s => s.Key)];
        PlaceBox Box(string path, Guid? place, string width, string depth, string height)
        {
            var read = place is { } id && places.TryGetValue(id, out var known) ? PlaceBox.Of(known) : null;
            double Side(string name, string typed, double? of) => string.IsNullOrWhiteSpace(typed) && of is { } size ? size
                : input.Within($"{path}.{name}", input.Size($"{path}.{name}", typed, LengthSystem.Metric), 1, Longest, "mm");
            var (wide, deep, high) = (Side("width", width, read?.Width), Side("depth", depth, read?.Depth), Side("height", height, read?.Height));
            return (read ?? new(0, 0, 0)) with { Width = wide, Depth = deep, Height = high };
        }

        var storages = asked.Storages.Select((s, i) => (Entry: s, Box: Box($"storages.{i + 1}", s.Place, s.Width, s.Depth, s.Height),
                Name: input.Name($"storages.{i + 1}.name", s.Name), Bears: Mass(input, $"storages.{i + 1}.bears", s.Bears)))
            .Select(s => new Storage(s.Entry.Key, s.Name, s.Box.Width, s.Box.Depth, s.Box.Height, s.Entry.Reach, s.Bears)
            { Obstacles = s.Box.Obstacles }).ToList();
        var things = asked.Things.Select((t, i) =>
        {
            var (path, box) = ($"things.{i + 1}", Box($"things.{i + 1}", t.Place, t.Width, t.Depth, t.Height));
            input.Within($"{path}.count", t.Count, 1, MostThings, "alike");
            foreach (var (field, key) in new[] { ("now", t.Now), ("pinned", t.Pinned) }.Where(p => p.Item2 is not null))
            {
                input.OneOf($"{path}.{field}", key, keys, k => k);
            }

            return new Belonging(t.Key, input.Name($"{path}.name", t.Name), input.Text($"{path}.sort", t.Sort, 80), box.Width, box.Depth, box.Height,
                Mass(input, $"{path}.mass", t.Mass), t.Use, Math.Clamp(t.Count, 1, MostThings), t.Now, t.Pinned);
        }).ToList();
        foreach (var (field, twice) in new[] { ("storages", keys), ("things", [.. asked.Things.Select(t => t.Key)]) })
        {
            if (twice.Distinct().Count() < twice.Length || twice.Any(k => k.Length is 0 or > 40))
            {
                input.Add(new(field, null, "Each needs a key of its own.", "Give each another key, of 40 characters at most.", "1 to 40 characters"));
            }
        }

        return (storages, things);
    }

    private static double? Mass(Input input, string field, double? mass) => mass is { } grams ? input.Within(field, grams, 0.1, Heaviest, "g") : null;
}
