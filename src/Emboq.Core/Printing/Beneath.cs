namespace Emboq.Core.Printing;

/// <summary>What is printed beneath a piece only for the printing, and broken off afterwards.</summary>
/// <param name="Pads">Radius and thickness of pads under its corners, mm; <c>null</c> where there are none.</param>
/// <param name="Ribs">Where ribs stand under its roofs; <c>null</c> where none do.</param>
public sealed record Beneath((double Radius, double Thickness)? Pads, RibRule? Ribs)
{
    /// <summary>A solid with it.</summary>
    /// <param name="lying">The way it lies on the bed.</param>
    public Solid Under(Solid lying)
    {
        var ribbed = Ribs is { } rule ? new Solid.Ribbed(lying, rule) : lying;
        return Pads is var (radius, thickness) ? new Solid.Padded(ribbed, radius, thickness) : ribbed;
    }
}
