namespace Emboq.Core;

/// <summary>A kind of part that Emboq can compute.</summary>
/// <param name="Key">Short and stable: "hose-adapter".</param>
/// <param name="Name">As shown.</param>
/// <param name="Need">The need it answers, in a sentence.</param>
/// <param name="Slots">The interfaces it joins.</param>
/// <param name="Parameters">What the maker may decide.</param>
/// <param name="Design">Computes a part: pure, the same brief gives the same design.</param>
public sealed record Family(
    string Key,
    string Name,
    string Need,
    IReadOnlyList<InterfaceSlot> Slots,
    IReadOnlyList<ParameterSpec> Parameters,
    Func<Brief, Design> Design);

/// <summary>A place of a family where an interface goes.</summary>
/// <param name="Key">Short and stable: "first".</param>
/// <param name="Label">As shown.</param>
/// <param name="Kinds">Keys of the interface kinds that suit.</param>
public sealed record InterfaceSlot(string Key, string Label, IReadOnlyList<string> Kinds);

/// <summary>Everything a family computes a part from.</summary>
/// <param name="Parameters">The maker's decisions.</param>
/// <param name="Interfaces">One for each slot, by its key.</param>
/// <param name="Process">What the part will be printed with.</param>
/// <param name="Tries">What tries on this very process have said, oldest first.</param>
/// <param name="Mark">The revision mark to raise on the part; <c>null</c> before it has a number.</param>
public sealed record Brief(
    ParameterValues Parameters,
    IReadOnlyDictionary<string, Interface> Interfaces,
    Process Process,
    IReadOnlyList<TryEvidence> Tries,
    string? Mark = null);
