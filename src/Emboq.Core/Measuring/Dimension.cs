namespace Emboq.Core.Measuring;

/// <summary>One number of an interface, held by its readings.</summary>
/// <param name="Interface">The interface it belongs to: identity.</param>
/// <param name="Key">Which dimension of it: "inside", "step2.length".</param>
/// <param name="Name">In full, as ledgers show it: "sander port inside diameter".</param>
/// <param name="Readings">All of them, struck ones too, oldest first.</param>
public sealed record Dimension(Guid Interface, string Key, string Name, IReadOnlyList<Reading> Readings)
{
    /// <summary>How it is got at.</summary>
    public Access Access { get; init; } = Access.Outside;

    /// <summary>How much each instrument, by id, has scattered on all dimensions of this kind in this workshop, these readings included.</summary>
    public IReadOnlyDictionary<string, Scatter> Scatters { get; init; } = new Dictionary<string, Scatter>();
}

/// <summary>Pooled scatter of repeated readings.</summary>
/// <param name="Squares">Sum of squared deviations from the mean of each dimension.</param>
/// <param name="Freedom">Readings less dimensions.</param>
public sealed record Scatter(double Squares, double Freedom);
