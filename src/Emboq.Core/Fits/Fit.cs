namespace Emboq.Core.Fits;

/// <summary>The wanted relation at an interface and the clearance it stands for.
/// Clearance is hole minus shaft on the full size, signed: negative is interference.</summary>
/// <param name="Key">Short and stable: "snug".</param>
/// <param name="Name">As shown.</param>
/// <param name="Clearance">Aimed at, mm.</param>
/// <param name="Least">Smallest clearance that still counts as this fit, mm.</param>
/// <param name="Greatest">Largest clearance that still counts as this fit, mm.</param>
/// <param name="Feels">How the hand tells it.</param>
public sealed record Fit(string Key, string Name, double Clearance, double Least, double Greatest, string Feels)
{
    /// <summary>Where its window comes from.</summary>
    public string Basis { get; init; } = FitClasses.Basis;
}
