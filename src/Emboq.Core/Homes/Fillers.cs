namespace Emboq.Core.Homes;

/// <summary>Flat pieces for what stays free, so that nothing slides: in each storage the largest rectangles, one after the other.</summary>
internal static class Fillers
{
    /// <summary>Smaller ones are not worth cutting, mm; no more than this many in one storage.</summary>
    private const double Least = 40;
    private const int Most = 4;

    /// <summary>Free around each, mm: it goes in by hand.</summary>
    private const double Play = 1;

    public static IReadOnlyList<Filler> Of(IReadOnlyList<Storage> storages, IReadOnlyList<Home> homes) => [.. storages.SelectMany(s =>
    {
        var taken = homes.Where(h => h.Storage == s.Key).Select(h => (h.X, h.Y, Right: h.X + h.Wide, Back: h.Y + h.Deep))
            .Concat(s.Obstacles.Select(o => (o.X, o.Y, Right: o.X + o.Wide, Back: o.Y + o.Deep))).ToList();
        var found = new List<Filler>();
        while (homes.Any(h => h.Storage == s.Key) && found.Count < Most && Largest(s, taken) is { } free)
        {
            found.Add(free);
            taken.Add((free.X, free.Y, free.X + free.Wide, free.Y + free.Deep));
        }

        return found;
    })];

    /// <summary>Its sides lie along those of what is taken, or along the walls.</summary>
    private static Filler? Largest(Storage s, IReadOnlyList<(double X, double Y, double Right, double Back)> taken)
    {
        double[] from = [0, .. taken.Select(t => t.Right)], to = [s.Width, .. taken.Select(t => t.X)];
        double[] low = [0, .. taken.Select(t => t.Back)], high = [s.Depth, .. taken.Select(t => t.Y)];
        return (from left in @from
                from right in to
                where right - left >= Least + (2 * Play)
                from front in low
                from back in high
                where back - front >= Least + (2 * Play) && taken.All(t => t.X >= right || t.Right <= left || t.Y >= back || t.Back <= front)
                select new Filler(s.Key, left + Play, front + Play, right - left - (2 * Play), back - front - (2 * Play)))
            .MaxBy(f => f.Wide * f.Deep);
    }
}
