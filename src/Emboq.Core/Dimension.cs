namespace Emboq.Core;

/// <summary>One number of an interface, held by its readings.</summary>
/// <param name="Interface">The interface it belongs to: identity.</param>
/// <param name="Key">Which dimension of it: "inside".</param>
/// <param name="Name">In full, as ledgers show it: "sander port inside diameter".</param>
/// <param name="Readings">All of them, struck ones too, oldest first.</param>
public sealed record Dimension(Guid Interface, string Key, string Name, IReadOnlyList<Reading> Readings);
