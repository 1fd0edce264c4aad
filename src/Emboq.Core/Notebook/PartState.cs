namespace Emboq.Core.Notebook;

/// <summary>What the maker has decided about a part so far.</summary>
/// <param name="Parameters">Key to entry as written; what is missing is left to Emboq.</param>
/// <param name="Interfaces">Slot to interface; a slot may still be open.</param>
/// <param name="Process">What it will be printed with.</param>
/// <param name="Serves">The part of the same job that it takes its holes from.</param>
/// <param name="Row">The members of a row, each with what it decides differently; <c>null</c> or empty for a single part.</param>
public sealed record PartState(IReadOnlyDictionary<string, string> Parameters, IReadOnlyDictionary<string, Guid> Interfaces, Guid Process,
    Guid? Serves = null, IReadOnlyList<RowItem>? Row = null);
