namespace Emboq.Core.Measuring;

/// <summary>One measured place on a machine.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Name">As the workshop calls it: "sander port".</param>
/// <param name="Kind">Its kind, which says what dimensions it has.</param>
/// <param name="Dimensions">One for each dimension of the kind and of its items, with or without readings.</param>
public sealed record Interface(Guid Id, string Name, InterfaceKind Kind, IReadOnlyList<Dimension> Dimensions)
{
    /// <summary>Names of what is repeated on it, in order: the steps of a turned tool, the holes of a pattern. Empty for kinds that repeat nothing.</summary>
    public IReadOnlyList<string> Items { get; init; } = [];

    /// <summary>What was taken from a drawing of it; <c>null</c> where nothing was.</summary>
    public Traced? Outline { get; init; }

    /// <summary>Counts its namings: a change made to an older one is refused.</summary>
    public int Version { get; init; } = 1;

    /// <summary>Put away: kept for the parts that use it, and no longer listed.</summary>
    public bool Archived { get; init; }

    /// <summary>The dimension under a key of the kind.</summary>
    /// <exception cref="KeyNotFoundException">The kind has no such dimension.</exception>
    public Dimension this[string key] =>
        Dimensions.FirstOrDefault(d => d.Key == key) ?? throw new KeyNotFoundException($"{Name} has no dimension '{key}'.");

    /// <summary>A place with one dimension for each that its kind and items have.</summary>
    /// <param name="id">Identity.</param>
    /// <param name="name">As the workshop calls it.</param>
    /// <param name="kind">Its kind.</param>
    /// <param name="items">Names of what is repeated on it.</param>
    /// <param name="dimension">Makes each dimension; how it is got at is filled in.</param>
    public static Interface Of(Guid id, string name, InterfaceKind kind, IReadOnlyList<string> items, Func<DimensionKind, Dimension> dimension) =>
        new(id, name, kind, [.. kind.DimensionsOf(items).Select(d => dimension(d) with { Access = d.Access })]) { Items = items };
}
