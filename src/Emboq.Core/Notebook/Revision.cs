using System.Text.Json.Nodes;

namespace Emboq.Core.Notebook;

/// <summary>A part as it was printed: frozen, numbered from 1, its number never used again.</summary>
/// <param name="Part">The part.</param>
/// <param name="Number">Unique in its part.</param>
/// <param name="Printed">Keys of the bodies that were printed.</param>
/// <param name="State">The decisions as they stood.</param>
/// <param name="At">When.</param>
/// <param name="Remark">What the maker noted, or nothing.</param>
/// <param name="Kept">When it was kept as the one that fits; <c>null</c> otherwise.</param>
/// <param name="Frozen">Ledger and trees as they were.</param>
public sealed record Revision(Guid Part, int Number, IReadOnlyList<string> Printed, PartState State, DateTimeOffset At, string? Remark,
    DateTimeOffset? Kept, FrozenDesign Frozen)
{
    /// <summary>Its fitted faces, each whole, under the slot; of a row's member under "slot@member".</summary>
    public IReadOnlyDictionary<string, FrozenSeat> Seats { get; init; } = new Dictionary<string, FrozenSeat>();

    /// <summary>What it was printed with, as that stood.</summary>
    public required Process Process { get; init; }
}

/// <summary>One fitted face as it was printed: what a try of it can teach hangs on nothing that may change later. Lengths mm.</summary>
/// <param name="Place">The machine's place, where one was named.</param>
/// <param name="Dimension">Key of the place's dimension.</param>
/// <param name="Surface">Kind of the printed face.</param>
/// <param name="Lie">How it stood while it was printed.</param>
/// <param name="Process">What it was printed with.</param>
/// <param name="Drawn">The size in the solid.</param>
/// <param name="Ladder">Sizes of the rungs of its ladder, rung 1 first.</param>
/// <param name="Allowance">Drawn minus printed as it was reckoned, tries included.</param>
/// <param name="Counterpart">The machine's size as it was known; <c>null</c> where an older Emboq did not keep it, as with the next three.</param>
/// <param name="Wanted">The size the finished face should have.</param>
/// <param name="Clearance">The clearance that was expected.</param>
/// <param name="Fit">Key of the fit that was wanted.</param>
/// <param name="Joint">Key of the words a hand tells it by; <c>null</c> where an older Emboq did not keep it.</param>
public sealed record FrozenSeat(Guid? Place, string Dimension, Surface Surface, Lie Lie, Guid Process, double Drawn,
    IReadOnlyList<double> Ladder, double Allowance,
    double? Counterpart = null, double? Wanted = null, double? Clearance = null, string? Fit = null,
    string? Joint = null);

/// <summary>What stays of a design for ever.</summary>
/// <param name="Values">Ledger key to value, in the ledger's units.</param>
/// <param name="Drawn">Slot to fitted diameter in the solid, mm.</param>
/// <param name="Solids">Body key to its tree, as JSON.</param>
/// <param name="Schema">Version of this shape.</param>
/// <param name="Notes">What others need to print and fit it; <c>null</c> for revisions of the first days.</param>
/// <param name="Names">Body key, or slot, to what it is called; <c>null</c> for revisions of the first days.</param>
/// <param name="Proofs">Keys of those bodies that are proofs, without their members; <c>null</c> where an older Emboq told them by their names.</param>
public sealed record FrozenDesign(IReadOnlyDictionary<string, double> Values, IReadOnlyDictionary<string, double> Drawn,
    IReadOnlyDictionary<string, JsonObject> Solids, int Schema = 1, PrintNotes? Notes = null, IReadOnlyDictionary<string, string>? Names = null,
    IReadOnlyDictionary<string, FrozenProof>? Proofs = null)
{
    /// <summary>What a body proves; <c>null</c> of a piece.</summary>
    /// <param name="key">Of the body, without a member.</param>
    public FrozenProof? ProofOf(string key) => Proofs is not null ? Proofs.GetValueOrDefault(key) : key.Split('-', 2) switch
    {
        ["ring", var seat] => new(seat, IsLadder: false),
        ["ladder", var seat] => new(seat, IsLadder: true),
        _ => null,
    };
}

/// <summary>What a proof was for.</summary>
/// <param name="Seat">Slot of the seat it proved; <c>null</c> where it proved something else.</param>
/// <param name="IsLadder">Whether it had steps around the drawn size.</param>
/// <param name="SecondSeat">Of a second one on the same print; <c>null</c> where there was none.</param>
public sealed record FrozenProof(string? Seat, bool IsLadder, string? SecondSeat = null)
{
    /// <summary>Whether it proved a seat.</summary>
    /// <param name="slot">Of the seat.</param>
    public bool Proves(string slot) => slot == Seat || slot == SecondSeat;
}

/// <summary>What others need to print and fit a revision.</summary>
/// <param name="WayUp">How it lies on the bed, in words.</param>
/// <param name="Hardware">What else is needed.</param>
/// <param name="Fitting">How it is fitted, in order.</param>
/// <param name="Cautions">What can hurt somebody.</param>
public sealed record PrintNotes(string WayUp, IReadOnlyList<string> Hardware, IReadOnlyList<string> Fitting, IReadOnlyList<string> Cautions);
