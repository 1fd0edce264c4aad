namespace Emboq.Core.Quantities;

/// <summary>The list of every computed quantity of a part, in the order of reckoning.</summary>
public sealed class Ledger
{
    private readonly List<LedgerLine> lines = [];

    /// <summary>The lines so far, in order.</summary>
    public IReadOnlyList<LedgerLine> Lines => lines;

    /// <summary>Enters a quantity under a key and returns it named, so that later formulas refer to it.</summary>
    /// <param name="key">Unique, stable: "first.drawn".</param>
    /// <param name="name">As shown.</param>
    /// <param name="quantity">The computed value.</param>
    /// <param name="because">One sentence that says why the line exists.</param>
    /// <exception cref="ArgumentException">The key is taken.</exception>
    public Quantity Add(string key, string name, Quantity quantity, string because)
    {
        if (lines.Any(l => l.Key == key))
        {
            throw new ArgumentException($"The ledger already holds '{key}'.", nameof(key));
        }

        var named = quantity.Named(name);
        lines.Add(new(key, named, because));
        return named;
    }

    /// <summary>The quantity under a key.</summary>
    /// <exception cref="KeyNotFoundException">There is none.</exception>
    public Quantity this[string key] =>
        lines.FirstOrDefault(l => l.Key == key)?.Quantity ?? throw new KeyNotFoundException($"The ledger has no line '{key}'.");
}

/// <summary>One line of a ledger.</summary>
/// <param name="Key">Unique in its ledger.</param>
/// <param name="Quantity">Value, spread, formula and provenance.</param>
/// <param name="Because">Why the line exists.</param>
public sealed record LedgerLine(string Key, Quantity Quantity, string Because);
