namespace Emboq.Core.Quantities;

/// <summary>Where a value comes from. Shown beside every figure.</summary>
public abstract record Provenance
{
    private Provenance() { }

    /// <summary>Read from a machine.</summary>
    /// <param name="Summary">Which readings, in words: "3 readings, long caliper".</param>
    public sealed record Measured(string Summary) : Provenance;

    /// <summary>Taken from a published document.</summary>
    /// <param name="Document">The document, by number or title.</param>
    /// <param name="Clause">Where in it.</param>
    public sealed record Standard(string Document, string Clause) : Provenance;

    /// <summary>Found by this workshop's own tries.</summary>
    /// <param name="From">Which tries, in words.</param>
    public sealed record Learned(string From) : Provenance;

    /// <summary>Common practice without a published source.</summary>
    /// <param name="Statement">The rule as people say it.</param>
    public sealed record RuleOfThumb(string Statement) : Provenance;

    /// <summary>Decided by the maker, or by a default the maker left standing.</summary>
    /// <param name="By">Who or what decided.</param>
    public sealed record Chosen(string By) : Provenance;

    /// <summary>Computed from other quantities.</summary>
    /// <param name="Formula">How.</param>
    public sealed record Derived(Formula Formula) : Provenance;
}
