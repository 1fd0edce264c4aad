namespace Emboq.Core;

/// <summary>One measured place on a machine.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Name">As the workshop calls it: "sander port".</param>
/// <param name="Kind">Its kind, which says what dimensions it has.</param>
/// <param name="Dimensions">One for each dimension of the kind, with or without readings.</param>
public sealed record Interface(Guid Id, string Name, InterfaceKind Kind, IReadOnlyList<Dimension> Dimensions)
{
    /// <summary>The dimension under a key of the kind.</summary>
    /// <exception cref="KeyNotFoundException">The kind has no such dimension.</exception>
    public Dimension this[string key] =>
        Dimensions.FirstOrDefault(d => d.Key == key) ?? throw new KeyNotFoundException($"{Name} has no dimension '{key}'.");
}
