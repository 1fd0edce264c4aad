using System.Text.Json.Nodes;

namespace Emboq.Core;

/// <summary>A part as it was printed: frozen, numbered from 1, its number never used again.</summary>
/// <param name="Part">The part.</param>
/// <param name="Number">Unique in its part.</param>
/// <param name="Printed">Keys of the bodies that were printed.</param>
/// <param name="State">The decisions as they stood.</param>
/// <param name="At">When.</param>
/// <param name="Remark">What the maker noted, or nothing.</param>
/// <param name="Kept">When it was kept as the one that fits; <c>null</c> otherwise.</param>
/// <param name="Frozen">Ledger and trees as they were.</param>
public sealed record Revision(Guid Part, int Number, IReadOnlyList<string> Printed, PartState State, DateTimeOffset At, string? Remark, DateTimeOffset? Kept, FrozenDesign Frozen);

/// <summary>What stays of a design for ever.</summary>
/// <param name="Values">Ledger key to value, in the ledger's units.</param>
/// <param name="Drawn">Slot to fitted diameter in the solid, mm.</param>
/// <param name="Solids">Body key to its tree, as JSON.</param>
/// <param name="Schema">Version of this shape.</param>
/// <param name="Notes">What others need to print and fit it; <c>null</c> for revisions of the first days.</param>
/// <param name="Names">Body key, or slot, to what it is called; <c>null</c> for revisions of the first days.</param>
public sealed record FrozenDesign(IReadOnlyDictionary<string, double> Values, IReadOnlyDictionary<string, double> Drawn, IReadOnlyDictionary<string, JsonObject> Solids, int Schema = 1, PrintNotes? Notes = null, IReadOnlyDictionary<string, string>? Names = null);

/// <summary>What others need to print and fit a revision.</summary>
/// <param name="WayUp">How it lies on the bed, in words.</param>
/// <param name="Hardware">What else is needed.</param>
/// <param name="Fitting">How it is fitted, in order.</param>
/// <param name="Cautions">What can hurt somebody.</param>
public sealed record PrintNotes(string WayUp, IReadOnlyList<string> Hardware, IReadOnlyList<string> Fitting, IReadOnlyList<string> Cautions);
