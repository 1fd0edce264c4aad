namespace Emboq.Core.Setups;

/// <summary>Printer, material, nozzle and layer height: what decides how printed sizes come out.</summary>
public sealed record Process
{
    /// <summary>Identity.</summary>
    public required Guid Id { get; init; }

    /// <summary>As the workshop calls it.</summary>
    public required string Name { get; init; }

    /// <summary>The printer's name.</summary>
    public required string Printer { get; init; }

    /// <summary>Identity of the printer; <c>null</c> in files of an Emboq that knew printers by name alone.</summary>
    public Guid? PrinterId { get; init; }

    /// <summary>The filament's name.</summary>
    public required string Material { get; init; }

    /// <summary>What sort of filament it is; <c>null</c> where an older Emboq did not keep it.</summary>
    public FilamentClass? Sort { get; init; }

    /// <summary>Up to which the filament carries load, °C; <c>null</c> where nobody knows.</summary>
    public double? Warmest { get; init; }

    /// <summary>Breaking stress of its filament along its lines, MPa, as the next two; <c>null</c> where nobody entered it.</summary>
    public double? StrengthAlong { get; init; }

    /// <summary>Across its layers.</summary>
    public double? StrengthAcross { get; init; }

    /// <summary>Young's modulus along its lines.</summary>
    public double? Stiffness { get; init; }

    /// <summary>Density of the filament, g/cm³.</summary>
    public required double Density { get; init; }

    /// <summary>Diameter of the filament, mm.</summary>
    public required double FilamentDiameter { get; init; }

    /// <summary>Diameter of the nozzle, mm; <c>null</c> where an older Emboq did not keep it.</summary>
    public double? Nozzle { get; init; }

    /// <summary>Width of one extruded line, mm.</summary>
    public required double LineWidth { get; init; }

    /// <summary>Height of one layer, mm.</summary>
    public required double LayerHeight { get; init; }

    /// <summary>Bed width, mm (x).</summary>
    public required double BedWidth { get; init; }

    /// <summary>Bed depth, mm (y).</summary>
    public required double BedDepth { get; init; }

    /// <summary>Tallest part it prints, mm (z).</summary>
    public required double BuildHeight { get; init; }

    /// <summary>Kept free at each edge of the bed, mm.</summary>
    public double Margin { get; init; } = Bed.UsualMargin;

    /// <summary>When somebody is at the printer.</summary>
    public Hours Hours { get; init; } = Hours.Usual;

    /// <summary>The bed it prints on.</summary>
    public Bed Bed => new(Id, BedWidth, BedDepth, BuildHeight) { Printer = PrinterId ?? Id, Margin = Margin, Hours = Hours };

    /// <summary>Lines, speeds and prices.</summary>
    public PrintSettings Settings { get; init; } = new();

    /// <summary>How each kind of surface comes out.</summary>
    public required IReadOnlyDictionary<Surface, Allowance> Allowances { get; init; }

    /// <summary>Printer, filament and setup that come to this process: <see cref="Setup.With"/> backwards. They have no identities yet.</summary>
    public (Printer Printer, Filament Filament, Setup Setup) Apart()
    {
        var s = Settings;
        // Lines are laid a little wider than the nozzle.
        var nozzle = Nozzle ?? Nozzles.MinBy(n => Math.Abs(n - (LineWidth / 1.1)));
        return (new()
        {
            Name = Printer,
            BedWidth = BedWidth,
            BedDepth = BedDepth,
            BuildHeight = BuildHeight,
            Margin = Margin,
            Hours = Hours,
            Nozzles = [nozzle],
            Pace = s.Bare()
        },
            new()
            {
                Name = Material,
                Class = Sort ?? FilamentClass.Other,
                Warmest = Warmest,
                StrengthAlong = StrengthAlong,
                StrengthAcross = StrengthAcross,
                Stiffness = Stiffness,
                Density = Density,
                Diameter = FilamentDiameter,
                Price = s.FilamentPrice,
                LeastLayerTime = s.LeastLayerTime
            },
            new()
            {
                Name = Name,
                Printer = Guid.Empty,
                Filament = Guid.Empty,
                Nozzle = nozzle,
                LineWidth = LineWidth,
                LayerHeight = LayerHeight,
                Walls = s.Walls,
                Skins = s.Skins,
                Fill = s.Fill,
                Allowances = Allowances,
            });
    }

    private static readonly double[] Nozzles = [0.2, 0.25, 0.3, 0.4, 0.5, 0.6, 0.8, 1.0, 1.2];

    /// <summary>The kind of surface in words.</summary>
    public static string Describe(Surface surface) => surface switch
    {
        Surface.HoleUpright => "upright hole",
        Surface.OutsideRound => "round outside",
        Surface.HoleLying => "lying hole",
        Surface.Pocket => "pocket",
        Surface.OutsideFlat => "flat outside",
        Surface.GapInPlace => "gap in place",
        Surface.ThreadFlank => "printed thread",
        Surface.FirstLayerFoot => "first layer",
        _ => throw new ArgumentOutOfRangeException(nameof(surface), surface, "No words are defined for this surface."),
    };
}

/// <summary>How one kind of surface comes out on a process.</summary>
/// <param name="Value">Drawn minus printed, mm on the full size, signed.</param>
/// <param name="StandardUncertainty">How well that is known, mm.</param>
/// <param name="PrintScatter">Standard deviation between prints of one size, mm.</param>
/// <param name="Basis">Where it comes from, in words.</param>
public sealed record Allowance(double Value, double StandardUncertainty, double PrintScatter, string Basis);
