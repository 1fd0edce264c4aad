using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning;

/// <summary>What something turns on.</summary>
internal enum PinSort
{
    Steel,
    Filament,
    Printed,
}

internal static class PinSorts
{
    /// <summary>Shear and bending that a soft steel pin bears, MPa; common practice, no published source.</summary>
    private const double SteelShear = 100, SteelBends = 200;

    /// <summary>Which sort it is.</summary>
    /// <param name="help">What it does.</param>
    /// <param name="steel">Where a steel one is held: "a steel pin, pressed into the jaw".</param>
    public static Decision<PinSort> Decided(string help, string steel) => Decide.Choice("pin", "Pin", help, ("steel", steel, PinSort.Steel),
        ("filament", "a piece of filament", PinSort.Filament), ("printed", "a printed pin", PinSort.Printed));

    public static string Say(PinSort sort) => sort switch
    {
        PinSort.Steel => "steel",
        PinSort.Filament => "cut from filament",
        _ => "printed lying",
    };

    /// <summary>How it sits where it is held: pressed in, or by hand with a drop of glue.</summary>
    public static Fit Held(PinSort sort) => FitClasses.Of(sort == PinSort.Steel ? "press" : "snug");

    /// <summary>Shear that it bears, MPa: of plastic, half of what breaks it along its lines, and a third of that; <c>null</c> where the filament is not
    /// known.</summary>
    public static double? Shear(PinSort sort, PrintedMaterial? material) => sort == PinSort.Steel ? SteelShear
        : material?.Along.Value / 2 / PrintedMaterial.Safety;

    /// <summary>Stress that it bears as it is bent, MPa: of plastic, a third of what breaks it along its lines; likewise.</summary>
    public static double? Bends(PinSort sort, PrintedMaterial? material) => sort == PinSort.Steel ? SteelBends
        : material?.Along.Value / PrintedMaterial.Safety;
}
