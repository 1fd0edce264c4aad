namespace Emboq.Core.Mechanics;

/// <summary>A thread that a screw cuts itself in plastic.</summary>
internal static class CutThread
{
    /// <summary>Where it comes from.</summary>
    public const string By = "Shear at the screw's major diameter, 7/8 of the pitch (ISO 68-1; FED-STD-H28, from memory); a sixth of the strength.";

    /// <summary>What it bears before it strips, N: half of the strength across layers counts in shear, and a third of that is allowed. <c>null</c> where the
    /// filament is not known.</summary>
    /// <param name="size">Of the screw.</param>
    /// <param name="length">In the plastic, mm.</param>
    /// <param name="material">Of what it is in.</param>
    public static double? Bears(string size, double length, PrintedMaterial? material) => material is null ? null
        : Math.PI * Hardware.Diameter(size).Value * length * 7 / 8 * material.Across.Value / 2 / PrintedMaterial.Safety;
}
