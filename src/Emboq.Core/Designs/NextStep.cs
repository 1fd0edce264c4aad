namespace Emboq.Core.Designs;

/// <summary>What to do next about a part.</summary>
/// <param name="Station">Where it is done.</param>
/// <param name="Says">In a sentence with a verb.</param>
/// <param name="Reads">The dimension to read, where that is the step.</param>
/// <param name="Done">Whether the part needs nothing more.</param>
public sealed record NextStep(Station Station, string Says, DimensionAddress? Reads = null, bool Done = false);
