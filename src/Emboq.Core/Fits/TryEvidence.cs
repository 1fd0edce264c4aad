namespace Emboq.Core.Fits;

/// <summary>What one try on this process says about one interface.</summary>
/// <param name="Slot">The interface slot of the family.</param>
/// <param name="Revision">The revision that was fitted.</param>
/// <param name="Drawn">The diameter that was in its solid, mm.</param>
/// <param name="Feel">How it felt, if it was put on.</param>
/// <param name="Printed">The printed diameter as measured, mm, if it was.</param>
/// <param name="Instrument">What it was measured with.</param>
public sealed record TryEvidence(string Slot, int Revision, double Drawn, Feel? Feel, double? Printed, Instrument? Instrument);
