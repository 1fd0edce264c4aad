namespace Emboq.Core.Solids;

/// <summary>Where ribs stand under what hangs in the air. All mm.</summary>
/// <param name="Layer">Height of a layer.</param>
/// <param name="Line">Width of a line: as wide a rib is where it touches, and the room beside it; its stem is two.</param>
/// <param name="Hangs">What hangs from one end further than this is carried.</param>
/// <param name="Bridges">What is carried at both ends and longer than this likewise.</param>
/// <param name="Apart">From rib to rib, at most.</param>
public sealed record RibRule(double Layer, double Line, double Hangs, double Bridges, double Apart);
