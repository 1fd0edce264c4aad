namespace Emboq.Core.Setups;

/// <summary>What sort of filament it is, by what it is taken for.</summary>
public enum FilamentClass
{
    /// <summary>Stiff and plain: most things indoors.</summary>
    Plain,

    /// <summary>Tougher and a little more heat-stable: near motors, outdoors, what flexes.</summary>
    Tough,

    /// <summary>Stands heat and weather.</summary>
    HeatStable,

    /// <summary>Gives like rubber: pads and seals.</summary>
    Soft,

    /// <summary>Filled with fibres: stiffer along its lines, no tougher across layers.</summary>
    Filled,

    /// <summary>Something else; nothing is known of it but what is entered.</summary>
    Other,
}

/// <summary>A filament of the workshop. What nobody knows is open, and nothing is judged by it.</summary>
public sealed record Filament : IKept
{
    /// <summary>Identity.</summary>
    public Guid Id { get; init; }

    /// <summary>How often it was entered or changed, counted from 1.</summary>
    public int Version { get; init; }

    /// <summary>As the workshop calls it.</summary>
    public required string Name { get; init; }

    /// <summary>What sort it is.</summary>
    public FilamentClass Class { get; init; }

    /// <summary>g/cm³.</summary>
    public double Density { get; init; } = 1.24;

    /// <summary>Diameter, mm.</summary>
    public double Diameter { get; init; } = 1.75;

    /// <summary>A kilogram, in the workshop's money.</summary>
    public double Price { get; init; } = 22;

    /// <summary>A layer takes no less than this, so that it cools, s.</summary>
    public double LeastLayerTime { get; init; } = 6;

    /// <summary>Most that melts well of it, mm³/s; <c>null</c> where the printer alone decides.</summary>
    public double? FlowLimit { get; init; }

    /// <summary>Up to which it carries load, °C.</summary>
    public double? Warmest { get; init; }

    /// <summary>Breaking stress along its lines, MPa.</summary>
    public double? StrengthAlong { get; init; }

    /// <summary>Breaking stress across its layers, MPa.</summary>
    public double? StrengthAcross { get; init; }

    /// <summary>Stiffness along its lines (Young's modulus), MPa.</summary>
    public double? Stiffness { get; init; }

    /// <summary>How warm it is dried, °C.</summary>
    public double? DryingHeat { get; init; }

    /// <summary>How long it is dried, h.</summary>
    public double? DryingHours { get; init; }

    /// <summary>Days in the open air after which it is dried again; <c>null</c> where it does not matter.</summary>
    public double? DryFor { get; init; }

    /// <summary>Where these figures come from, in words.</summary>
    public string Basis { get; init; } = "";

    /// <summary>Common practice, no published source: g/cm³, mm³/s, °C, MPa along, MPa across, MPa, and °C, h and days for drying.</summary>
    private static readonly Dictionary<FilamentClass, (double Density, double? Flow, double Warmest, double Along, double Across, double Stiffness,
        double Heat, double Hours, double DryFor)> Sorts = new()
        {
            [FilamentClass.Plain] = (1.24, null, 50, 50, 30, 3000, 45, 6, 60),
            [FilamentClass.Tough] = (1.27, null, 65, 45, 30, 2000, 60, 6, 21),
            [FilamentClass.HeatStable] = (1.07, null, 85, 40, 22, 2000, 75, 5, 21),
            [FilamentClass.Soft] = (1.21, 4, 60, 25, 20, 70, 50, 8, 7),
            [FilamentClass.Filled] = (1.25, null, 75, 60, 25, 5000, 65, 8, 7),
        };

    /// <summary>Where a filament of a class starts; the figures of its maker replace these. Of <see cref="FilamentClass.Other"/> nothing is known.</summary>
    public static Filament Usual(string name, FilamentClass sort)
    {
        var start = new Filament { Name = name, Class = sort };
        return !Sorts.TryGetValue(sort, out var usual) ? start : start with
        {
            Density = usual.Density,
            FlowLimit = usual.Flow,
            Warmest = usual.Warmest,
            StrengthAlong = usual.Along,
            StrengthAcross = usual.Across,
            Stiffness = usual.Stiffness,
            DryingHeat = usual.Heat,
            DryingHours = usual.Hours,
            DryFor = usual.DryFor,
            Basis = "Common practice for the sort; the maker's own figures are better.",
        };
    }

    /// <summary>A class in words.</summary>
    public static string Describe(FilamentClass sort) => sort switch
    {
        FilamentClass.Plain => "stiff, plain",
        FilamentClass.Tough => "tough",
        FilamentClass.HeatStable => "heat-stable",
        FilamentClass.Soft => "soft",
        FilamentClass.Filled => "fibre-filled",
        FilamentClass.Other => "something else",
        _ => throw new ArgumentOutOfRangeException(nameof(sort), sort, "No words are defined for this sort of filament."),
    };
}
