namespace Emboq.Core.Families.Turning.FlipHinge;

/// <summary>What turns in a hinge.</summary>
internal enum PinSort
{
    Steel,
    Filament,
    Printed,
}

internal static class PinSorts
{
    /// <summary>Shear that a soft steel pin bears, MPa; common practice, no published source.</summary>
    private const double SteelShear = 100;

    public static string Say(PinSort sort) => sort switch
    {
        PinSort.Steel => "steel",
        PinSort.Filament => "cut from filament",
        _ => "printed lying",
    };

    /// <summary>Shear that it bears, MPa: of plastic, half of what breaks it along its lines, and a third of that; <c>null</c> where the filament is not
    /// known.</summary>
    public static double? Shear(PinSort sort, Mechanics.PrintedMaterial? material) => sort == PinSort.Steel ? SteelShear
        : material?.Along.Value / 2 / Mechanics.PrintedMaterial.Safety;
}
