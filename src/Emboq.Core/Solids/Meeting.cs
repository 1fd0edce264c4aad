namespace Emboq.Core.Solids;

/// <summary>How two solids lie to each other.</summary>
/// <param name="Overlap">What both cover, mm³.</param>
/// <param name="Depth">How far the one would have to give, mm: the smallest side of the box around what both cover, or six times its volume over its
/// surface where that is less, as it is of a sliver along a slanting face.</param>
/// <param name="Gap">The least distance between them, mm; 0 where they overlap or touch, <c>null</c> where it is more than was looked for.</param>
public sealed record Meeting(double Overlap, double Depth, double? Gap);
