namespace Emboq.Core.Joints;

/// <summary>A screw that the workshop has.</summary>
/// <param name="Size">The thread: "M4", "No. 8", or the size of a wood screw.</param>
/// <param name="Head">Key of the head: "cap", "countersunk", "pan", "wood".</param>
/// <param name="Length">As it is sold, mm.</param>
public sealed record DrawerScrew(string Size, string Head, double Length);
