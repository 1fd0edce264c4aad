namespace Emboq.Core.Notebook;

/// <summary>What the maker has decided about a part so far.</summary>
/// <param name="Parameters">Key to entry as written; what is missing is left to Emboq.</param>
/// <param name="Interfaces">Slot to interface; a slot may still be open.</param>
/// <param name="Process">What it will be printed with.</param>
/// <param name="Row">The members of a row, each with what it decides differently; <c>null</c> or empty for a single part.</param>
public sealed record PartState(IReadOnlyDictionary<string, string> Parameters, IReadOnlyDictionary<string, Guid> Interfaces, Guid Process,
    IReadOnlyList<RowItem>? Row = null)
{
    /// <summary>More setups of their own than any part has pieces and proofs.</summary>
    public const int MostSetups = 50;

    /// <summary>What it takes from other parts of its job, by slot.</summary>
    public IReadOnlyDictionary<string, TakenFrom> Takes { get; init; } = new Dictionary<string, TakenFrom>();

    /// <summary>Setups of pieces and proofs that are printed by another process than the rest, by their keys.</summary>
    public IReadOnlyDictionary<string, Guid> Setups { get; init; } = new Dictionary<string, Guid>();

    /// <summary>Whether a single part is made by the very same decisions; what making it costs does not count.</summary>
    public bool DecidesAs(PartState other)
    {
        static Dictionary<string, string> Decided(PartState state) => state.Parameters.Where(e => e.Value.Length > 0
            && !MakeOrBuy.Specs.Any(s => s.Key == e.Key)).ToDictionary();
        static bool Same<T>(IReadOnlyDictionary<string, T> a, IReadOnlyDictionary<string, T> b) =>
            a.Count == b.Count && a.All(e => b.TryGetValue(e.Key, out var value) && Equals(e.Value, value));
        return Process == other.Process && Same(Decided(this), Decided(other)) && Same(Interfaces, other.Interfaces) && Same(Takes, other.Takes)
            && Same(Setups, other.Setups);
    }
}

/// <summary>Where something is taken from.</summary>
/// <param name="Part">Identity of the part that gives it.</param>
/// <param name="Thing">Key of what it gives.</param>
public sealed record TakenFrom(Guid Part, string Thing);
