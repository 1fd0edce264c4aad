namespace Emboq.Core.Homes;

/// <summary>A plan that needs no search, which the search begins with: in each storage rows, the low things before the tall ones.</summary>
internal static class Rows
{
    /// <summary>Each thing, the most used first, into the nearest storage whose rows still take it; <c>null</c> where none does.</summary>
    public static IReadOnlyList<Home?> Start(IReadOnlyList<Storage> storages, IReadOnlyList<Belonging> pieces, double gap)
    {
        var inside = storages.ToDictionary(s => s.Key, _ => new List<int>());
        var nearest = storages.OrderBy(s => s.Reach).ToList();
        foreach (var i in Enumerable.Range(0, pieces.Count).OrderBy(i => pieces[i].Use).ThenByDescending(i => pieces[i].Width * pieces[i].Depth))
        {
            var takes = nearest.FirstOrDefault(s => (pieces[i].Pinned is null || pieces[i].Pinned == s.Key) && HandRoom.Takes(s, pieces[i])
                && In(s, [.. inside[s.Key], i], pieces, gap) is not null);
            if (takes is not null)
            {
                inside[takes.Key].Add(i);
            }
        }

        var homes = new Home?[pieces.Count];
        foreach (var storage in storages)
        {
            foreach (var (i, home) in In(storage, inside[storage.Key], pieces, gap)!)
            {
                homes[i] = home;
            }
        }

        return homes;
    }

    /// <summary>Rows from the front; <c>null</c> where they do not do.</summary>
    private static List<(int Piece, Home Home)>? In(Storage s, IReadOnlyList<int> which, IReadOnlyList<Belonging> pieces, double gap)
    {
        var homes = new List<(int, Home)>();
        double x = 0, y = 0, deep = 0, tallest = 0, load = 0;
        foreach (var i in which.OrderBy(i => pieces[i].Height).ThenBy(i => i))
        {
            var (w, d, piece) = (Math.Ceiling(pieces[i].Width), Math.Ceiling(pieces[i].Depth), pieces[i]);
            if (x + w > s.Width)
            {
                (x, y, deep) = (0, y + deep + Math.Ceiling(HandRoom.Behind(tallest, piece.Height, gap)), 0);
            }

            load += piece.Mass ?? 0;
            if (x + w > s.Width || y + d > s.Depth || s.Obstacles.Any(o => o.Stops(piece.Height) && o.X < x + w && x < o.X + o.Wide && o.Y < y + d
                && y < o.Y + o.Deep) || load > (s.Bears ?? double.PositiveInfinity))
            {
                return null;
            }

            homes.Add((i, new(piece.Key, 1, s.Key, x, y, piece.Width, piece.Depth, piece.Height)));
            (x, deep, tallest) = (x + w + Math.Ceiling(gap), Math.Max(deep, d), Math.Max(tallest, piece.Height));
        }

        return homes;
    }
}
