namespace Emboq.Core;

/// <summary>What the maker has decided about a part so far.</summary>
/// <param name="Parameters">Key to entry as written; what is missing is left to Emboq.</param>
/// <param name="Interfaces">Slot to interface; a slot may still be open.</param>
/// <param name="Process">What it will be printed with.</param>
public sealed record PartState(IReadOnlyDictionary<string, string> Parameters, IReadOnlyDictionary<string, Guid> Interfaces, Guid Process);
