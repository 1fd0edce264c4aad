namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>What stands in one piece: a nest or half of one, a filler behind a short nest, or a spacer at an end.</summary>
/// <param name="Key">Of its piece.</param>
/// <param name="Name">As shown.</param>
/// <param name="From">From the front of the row, mm.</param>
/// <param name="To">Likewise.</param>
/// <param name="Tool">Which tool lies in it; nothing for a filler or a spacer.</param>
internal sealed record Module(string Key, string Name, double From, double To, int? Tool);

/// <summary>Modules one behind the other.</summary>
/// <param name="X">Its left edge, mm; the first tool's is 0.</param>
/// <param name="Wide">mm.</param>
/// <param name="Modules">From the front on.</param>
internal sealed record Column(double X, double Wide, IReadOnlyList<Module> Modules);

/// <summary>What a column must be: of a tool, or a spacer.</summary>
/// <param name="Key">Begins the keys of its pieces.</param>
/// <param name="Name">As shown.</param>
/// <param name="Wide">mm.</param>
/// <param name="Long">Of its nest, with its walls; nothing for a spacer.</param>
/// <param name="Tool">Which.</param>
internal sealed record Wanted(string Key, string Name, double Wide, double? Long, int? Tool);

/// <summary>The row from left to right.</summary>
/// <param name="Columns">The spacer at the left first.</param>
/// <param name="Deep">Front to back, mm.</param>
internal sealed record NestRow(IReadOnlyList<Column> Columns, double Deep)
{
    /// <summary>Between neighbours, so that they go in beside each other, mm.</summary>
    public const double Apart = 0.2;

    /// <summary>A shorter rest than this behind a nest is left to the nest, mm.</summary>
    private const double LeastFiller = 30;

    /// <summary>From a lock's middle to the end of a module, mm.</summary>
    private const double FromEnd = 12;

    public double Left => Columns[0].X;

    public double Right => Columns[^1].X + Columns[^1].Wide;

    public IEnumerable<Module> Modules => Columns.SelectMany(c => c.Modules);

    /// <summary>Sets columns beside each other, and cuts what is longer than a bed.</summary>
    /// <param name="wanted">From left to right; one or more are of tools.</param>
    /// <param name="deep">Of the row, mm.</param>
    /// <param name="bed">Longest that a printer takes, mm.</param>
    public static NestRow Of(IReadOnlyList<Wanted> wanted, double deep, double bed)
    {
        var x = -wanted.TakeWhile(w => w.Tool is null).Sum(w => w.Wide + Apart);
        var columns = new List<Column>();
        foreach (var w in wanted)
        {
            var own = w.Long is { } l && deep - l >= LeastFiller ? l : deep;
            List<Module> modules = [.. Cut(w.Key, w.Name, 0, own, bed, w.Tool)];
            if (own < deep)
            {
                modules.AddRange(Cut($"{w.Key}-filler", $"filler behind the {w.Name}", own + Apart, deep, bed, null));
            }

            columns.Add(new(x, w.Wide, modules));
            x += w.Wide + Apart;
        }

        return new(columns, deep);
    }

    private static IEnumerable<Module> Cut(string key, string name, double from, double to, double bed, int? tool)
    {
        var parts = Math.Clamp((int)Math.Ceiling((to - from) / Math.Max(1, bed)), 1, 20);
        var each = (to - from + Apart) / parts;
        return Enumerable.Range(0, parts).Select(i => new Module(i == 0 ? key : $"{key}-{i + 1}", parts == 1 ? name : $"{name}, {Which(i, parts)}",
            from + (i * each), from + ((i + 1) * each) - Apart, tool));
    }

    private static string Which(int i, int parts) => i == 0 ? "front" : i == parts - 1 ? "back" : parts == 3 ? "middle" : $"part {i + 1}";

    /// <summary>Where the feet of one column go into the next, from the front: two wherever two modules stand beside each other, or one where that is
    /// short.</summary>
    public IEnumerable<double> LocksAfter(int column) => Columns[column].Modules.SelectMany(a => Columns[column + 1].Modules.SelectMany(b =>
    {
        var (from, to) = (Math.Max(a.From, b.From), Math.Min(a.To, b.To));
        return to - from < 2 * FromEnd ? Array.Empty<double>() : to - from < 4 * FromEnd ? [(from + to) / 2] : [from + FromEnd, to - FromEnd];
    }));
}

/// <summary>What of the drawer reaches into the row, and what is cut away for it.</summary>
/// <param name="Name">As the maker calls it.</param>
/// <param name="X0">In the frame of the row, mm.</param>
/// <param name="X1">Likewise.</param>
/// <param name="Y0">From the front of the row, mm.</param>
/// <param name="Y1">Likewise.</param>
/// <param name="Z">From where on, over the floor of the drawer, mm.</param>
internal sealed record Relief(string Name, double X0, double X1, double Y0, double Y1, double Z)
{
    /// <summary>Whether it reaches into a rectangle.</summary>
    public bool Meets(double x0, double x1, double y0, double y1) => X0 < x1 && x0 < X1 && Y0 < y1 && y0 < Y1;
}
