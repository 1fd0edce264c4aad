namespace Emboq.Core.Joints;

/// <summary>Sizes of bought things, from the tables.</summary>
internal static class Hardware
{
    /// <summary>What a thread must be found in to be offered.</summary>
    private static readonly string[] Tables = ["nuts", "clearance-holes", "pan-screws", "cap-screws", "countersunk-screws", "washers"];

    /// <summary>Fine threads that hand tools are full of, with the size that every other table knows them by.</summary>
    private static readonly Dictionary<string, string> Fine = new() { ["10-32"] = "No. 10", ["1/4-28"] = "1/4" };

    /// <summary>Threads from M3 and No. 4 up that every table of bought things knows.</summary>
    public static IReadOnlyList<ParameterOption> Threads { get; } =
    [
        .. StandardTables.Find("threads")!.Rows.Where(r => r.Cells["series"].Text.EndsWith("coarse", StringComparison.Ordinal)
            && r.Cells["diameter"].Value is >= 2.8 and <= 10 && Tables.All(t => StandardTables.Find(t)!.Rows.Any(o => o.Size == r.Size)))
            .Select(r => r.Size!).Concat(Fine.Keys).Where(s => s != "M3.5").Select(s => new ParameterOption(s, Name(s))),
    ];

    /// <summary>Wood screws of the table.</summary>
    public static IReadOnlyList<ParameterOption> WoodScrews { get; } = [.. StandardTables.Find("wood-screws")!.Rows.Select(r =>
        new ParameterOption(r.Size!, r.Name))];

    /// <summary>A size as people write it: "8-32" for No. 8.</summary>
    public static string Name(string size) => StandardTables.Find("threads")!.Rows.FirstOrDefault(r => r.Size == size)?.Name.Split(" UN")[0] ?? size;

    /// <summary>The hole a screw passes, ISO 273 or the inch custom: fine, medium or coarse; inch holes know close and free.</summary>
    public static Quantity Passing(string size, string fit) => Of("clearance-holes", size, "diameter", $"passing hole for {Name(size)}, {fit}",
        r => r.Cells["fit"].Text == fit || r.Cells["fit"].Text == (fit == "fine" ? "close" : "free"));

    /// <summary>The pilot of a wood screw in softwood; harder wood wants a little more.</summary>
    public static Quantity Pilot(string size)
    {
        var row = StandardTables.Find("wood-screws")!.Rows.First(r => r.Size == size);
        return row.Cells.GetValueOrDefault("pilot in softwood")?.Value is not null
            ? Of("wood-screws", size, "pilot in softwood", $"pilot of a {size} wood screw")
            : Quantity.RuleOfThumb("share of the shank", 0.6, Unit.None,
                "A pilot in softwood is 0.6 of the screw; common practice, no published source.") * Of("wood-screws", size, "diameter",
                $"diameter of a {size} wood screw");
    }

    /// <summary>The hole that a wood screw wants in what it holds in, as a line of the ledger.</summary>
    /// <param name="scope">Where it is entered.</param>
    /// <param name="size">Of the screw.</param>
    /// <param name="screw">How long it is.</param>
    /// <param name="into">What it goes into.</param>
    public static Func<double, double, PatternHole> PilotHole(JointScope scope, string size, ScrewLength screw, string into)
    {
        var drill = scope.Add("pilot", "pilot", Pilot(size),
            "Drilled in the wood, so that the thread bites and the wood does not split. The part itself has its passing hole printed.");
        return (x, y) => new(x, y, drill.Value, HoleUse.Pilot, into, screw.InThread);
    }

    /// <summary>A figure of a table.</summary>
    /// <param name="table">Key of the table.</param>
    /// <param name="size">Size of the row.</param>
    /// <param name="column">Which figure.</param>
    /// <param name="name">What to call it.</param>
    /// <param name="also">Tells rows of one size apart.</param>
    /// <exception cref="InvalidOperationException">There is no such row.</exception>
    public static Quantity Of(string table, string size, string column, string name, Func<StandardRow, bool>? also = null)
    {
        var found = StandardTables.Find(table)!;
        var row = found.Rows.First(r => r.Size == Fine.GetValueOrDefault(size, size) && (also?.Invoke(r) ?? true));
        return Quantity.Input(name, row.Cells[column].Value!.Value, found.Columns.First(c => c.Name == column).Unit,
            new Provenance.Standard(found.Source, $"{found.Name}, {row.Name}"));
    }

    /// <summary>What lies under the head of a machine screw: the thickness of a plain washer, or nothing.</summary>
    /// <param name="p">The decisions, with a choice "washer".</param>
    /// <param name="size">Of the thread.</param>
    public static IReadOnlyList<Quantity> UnderHead(ParameterValues p, string size) =>
        p.Choice("washer") == "plain" ? [Of("washers", size, "thickness", $"{Name(size)} washer")] : [];

    /// <summary>Two plain washers for a hardware list, or nothing.</summary>
    public static IEnumerable<string> Washers(ParameterValues p, string size) => p.Choice("washer") == "plain" ? [$"2 plain washers {Name(size)}"] : [];

    /// <summary>The pitch of a thread: of the coarse one unless its size says otherwise.</summary>
    public static Quantity Pitch(string size) => Thread(size, "pitch");

    /// <summary>The outside diameter of a thread.</summary>
    public static Quantity Diameter(string size) => Thread(size, "diameter");

    /// <summary>Whether a table has a row of a size.</summary>
    public static bool Has(string table, string size) => StandardTables.Find(table)!.Rows.Any(r => r.Size == Fine.GetValueOrDefault(size, size));

    private static Quantity Thread(string size, string column) => Of("threads", size, column, $"{column} of {Name(size)}", r =>
        r.Cells["series"].Text.EndsWith(Fine.ContainsKey(size) ? "fine" : "coarse", StringComparison.Ordinal));
}
