namespace Emboq.Core.Setups;

/// <summary>A spool of filament, known by weighing it.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Filament">Identity of its filament.</param>
/// <param name="Material">What that is called.</param>
/// <param name="Colour">In words; content groups choose by it.</param>
/// <param name="Tare">Of the empty spool, g.</param>
/// <param name="Gross">What the scale showed last, g.</param>
/// <param name="WeighedAt">When.</param>
public sealed record Spool(Guid Id, string Name, Guid Filament, string Material, string Colour, double Tare, double Gross, DateTimeOffset WeighedAt)
{
    /// <summary>Filament left when it was weighed, g: the scale's reading less the tare.</summary>
    public double Left => Math.Max(0, Gross - Tare);
}
