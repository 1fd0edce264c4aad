namespace Emboq.Core.Measuring;

/// <summary>A kind of interface: its dimensions, other ways to them, what must agree, what follows, how it looks.</summary>
/// <param name="Key">Short and stable: "tube".</param>
/// <param name="Name">As shown.</param>
/// <param name="Dimensions">What can be measured on it once.</param>
public sealed record InterfaceKind(string Key, string Name, IReadOnlyList<DimensionKind> Dimensions)
{
    /// <summary>What is repeated on it, with dimensions of its own; <c>null</c> when nothing is.</summary>
    public ItemKind? Item { get; init; }

    /// <summary>Ways to a dimension through readings of others.</summary>
    public IReadOnlyList<Method> Methods { get; init; } = [];

    /// <summary>What must agree among its sizes.</summary>
    public Func<Sizes, IEnumerable<Check>> Rules { get; init; } = _ => [];

    /// <summary>What follows from its sizes: a half angle, a weight.</summary>
    public Action<Sizes, Ledger> Figures { get; init; } = (_, _) => { };

    /// <summary>The machine's side as a body, or <c>null</c> while it lacks a needed size or has none.</summary>
    public Func<Sizes, Solid?> Shape { get; init; } = _ => null;

    /// <summary>Its outline seen from above, once around, or <c>null</c> while something of it is missing; <c>null</c> itself for kinds that have
    /// none.</summary>
    public Func<Sizes, Profile?>? Outline { get; init; }

    /// <summary>Whether its outline is taken from a drawing.</summary>
    public bool IsTraced { get; init; }

    /// <summary>Whether only a scan gives it: a body of sections.</summary>
    public bool IsScanned { get; init; }

    /// <summary>How it is drawn; sizes not read yet are drawn as they usually are.</summary>
    public required Func<Sizes, SeatDrawing> Drawing { get; init; }

    /// <summary>Doubt that the thing itself brings to one of its dimensions, beside measuring it: a soft hose. From the sizes, the dimension's key and what
    /// was measured.</summary>
    public Func<Sizes, string, Quantity, OwnDoubt?> OwnDoubt { get; init; } = (_, _, _) => null;

    /// <summary>Tables of standards it may be found in: key of the table, and which dimension holds which column.</summary>
    public IReadOnlyList<Likeness> Likenesses { get; init; } = [];

    /// <summary>All dimensions of a place with these items.</summary>
    public IReadOnlyList<DimensionKind> DimensionsOf(IReadOnlyList<string> items) => Item is not { } item ? Dimensions :
    [
        .. Dimensions,
        .. items.SelectMany((name, i) => item.Dimensions.Select(d => d with { Key = item.KeyOf(i, d.Key), Name = $"{name} {d.Name}" })),
    ];

    /// <summary>All methods of a place with these items.</summary>
    public IReadOnlyList<Method> MethodsOf(IReadOnlyList<string> items) => Item is not { Methods.Count: > 0 } item ? Methods :
    [
        .. Methods,
        .. items.SelectMany((_, i) => item.Methods.Select(m => m with { Target = item.KeyOf(i, m.Target),
            Inputs = [.. m.Inputs.Select(k => item.KeyOf(i, k))] })),
    ];
}

/// <summary>What is repeated on a kind of interface.</summary>
/// <param name="Key">Short and stable: "step".</param>
/// <param name="Name">As shown: "step".</param>
/// <param name="Dimensions">What can be measured on each.</param>
/// <param name="Usual">How many a new place begins with.</param>
public sealed record ItemKind(string Key, string Name, IReadOnlyList<DimensionKind> Dimensions, int Usual)
{
    /// <summary>The most a place can have.</summary>
    public const int Most = 60;

    /// <summary>Ways to a dimension through readings of others of the same item.</summary>
    public IReadOnlyList<Method> Methods { get; init; } = [];

    /// <summary>The key of a dimension of one item, counted from 0: "step1.length" is of the first.</summary>
    public string KeyOf(int index, string dimension) => $"{Key}{index + 1}.{dimension}";

    /// <summary>The names a new place begins with.</summary>
    public IReadOnlyList<string> UsualNames => [.. Enumerable.Range(1, Usual).Select(i => $"{Name} {i}")];
}

/// <summary>Where the sizes of a kind may be found among standards.</summary>
/// <param name="Table">Key of the table.</param>
/// <param name="Columns">Dimension to column.</param>
public sealed record Likeness(string Table, IReadOnlyDictionary<string, string> Columns);

/// <summary>Doubt that a thing itself brings to one of its dimensions.</summary>
/// <param name="Source">Its spread.</param>
/// <param name="Shift">From what is read to the middle of what it may be, in the unit of the dimension.</param>
public sealed record OwnDoubt(Source Source, double Shift);
