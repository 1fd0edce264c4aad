namespace Emboq.Core;

/// <summary>One interface of a part with its fit.</summary>
/// <param name="Slot">The slot of the family.</param>
/// <param name="Interface">The machine's place.</param>
/// <param name="Fit">The fit aimed at.</param>
/// <param name="Drawn">The fitted diameter in the solid.</param>
/// <param name="Clearance">The clearance to expect, with its spread.</param>
/// <param name="Least">Smallest clearance that counts as the fit, mm.</param>
/// <param name="Greatest">Largest clearance that counts as the fit, mm.</param>
/// <param name="Chance">Probability that the clearance lies within.</param>
/// <param name="Ladder">Fitted diameters in the rings of its ladder, mm, ring 1 first; the rings are tried under "slot#1" and so on.</param>
public sealed record Seat(string Slot, Interface Interface, Fit Fit, Quantity Drawn, Quantity Clearance, double Least, double Greatest, double Chance, IReadOnlyList<double> Ladder)
{
    /// <summary>What it is called and how it is felt.</summary>
    public SeatWords Words { get; init; } = SeatWords.Cuff;
}
