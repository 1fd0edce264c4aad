namespace Emboq.Core;

/// <summary>A hole that goes through to what a part is mounted on. The frame is the mounting face seen from the front: x to the right, y up, its origin in the middle of the part.</summary>
/// <param name="X">mm.</param>
/// <param name="Y">mm.</param>
/// <param name="Drill">Diameter of the hole to make in the other thing, mm.</param>
public sealed record PatternHole(double X, double Y, double Drill);
