namespace Emboq.Core.Setups;

/// <summary>A bed to print on. Lengths mm.</summary>
/// <param name="Process">Identity of the process it belongs to.</param>
/// <param name="Width">Along x.</param>
/// <param name="Depth">Along y.</param>
/// <param name="Height">The tallest it prints.</param>
public sealed record Bed(Guid Process, double Width, double Depth, double Height);
