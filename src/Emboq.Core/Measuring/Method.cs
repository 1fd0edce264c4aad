namespace Emboq.Core.Measuring;

/// <summary>A way to a dimension through readings of others: a circumference for a diameter.</summary>
/// <param name="Name">As shown: "tape around".</param>
/// <param name="Target">Key of the dimension it gives.</param>
/// <param name="Inputs">Keys of the dimensions that are read.</param>
/// <param name="Compute">From the inputs, in that order, to the target.</param>
/// <param name="Source">Where the formula comes from.</param>
public sealed record Method(string Name, string Target, IReadOnlyList<string> Inputs, Func<IReadOnlyList<Quantity>, Quantity> Compute, string Source);
