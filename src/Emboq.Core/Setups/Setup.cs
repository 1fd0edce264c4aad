namespace Emboq.Core.Setups;

/// <summary>What the workshop has decided about printing one filament on one printer; with both it comes to a <see cref="Process"/>. Lengths mm.</summary>
public sealed record Setup : IKept
{
    /// <summary>Identity; the process has the same.</summary>
    public Guid Id { get; init; }

    /// <summary>How often it was entered or changed, counted from 1.</summary>
    public int Version { get; init; }

    /// <summary>As the workshop calls it.</summary>
    public required string Name { get; init; }

    /// <summary>Identity of the printer.</summary>
    public required Guid Printer { get; init; }

    /// <summary>Identity of the filament.</summary>
    public required Guid Filament { get; init; }

    /// <summary>Diameter of the nozzle.</summary>
    public double Nozzle { get; init; } = 0.4;

    /// <summary>Width of one extruded line; an eighth more than the nozzle unless it is given.</summary>
    public double LineWidth { get => lineWidth ?? 1.125 * Nozzle; init => lineWidth = value; }

    /// <summary>Height of one layer; half of the nozzle unless it is given.</summary>
    public double LayerHeight { get => layerHeight ?? 0.5 * Nozzle; init => layerHeight = value; }

    /// <summary>Wall lines at each face.</summary>
    public int Walls { get; init; } = 3;

    /// <summary>Layers filled without gaps above and below.</summary>
    public int Skins { get; init; } = 4;

    /// <summary>Share of the inside that is filled, 0 to 1.</summary>
    public double Fill { get; init; } = 0.15;

    /// <summary>Speeds of its own; <c>null</c> where it goes as its printer does.</summary>
    public Pace? Pace { get; init; }

    /// <summary>How each kind of surface comes out; those left out start from common practice.</summary>
    public IReadOnlyDictionary<Surface, Allowance> Allowances { get; init; } = new Dictionary<Surface, Allowance>();

    private readonly double? lineWidth, layerHeight;

    /// <summary>Whether two print the same sizes: what was tried with one can be believed of the other.</summary>
    public bool PrintsAs(Setup other) => (Printer, Filament, Nozzle, LineWidth, LayerHeight)
        == (other.Printer, other.Filament, other.Nozzle, other.LineWidth, other.LayerHeight);

    /// <summary>What it comes to on its printer with its filament.</summary>
    public Process With(Printer printer, Filament filament)
    {
        var pace = Pace ?? printer.Pace;
        return new()
        {
            Id = Id,
            Name = Name,
            Printer = printer.Name,
            PrinterId = Printer,
            Material = filament.Name,
            Sort = filament.Class is FilamentClass.Other ? null : filament.Class,
            Warmest = filament.Warmest,
            StrengthAlong = filament.StrengthAlong,
            StrengthAcross = filament.StrengthAcross,
            Stiffness = filament.Stiffness,
            Nozzle = Nozzle,
            Density = filament.Density,
            FilamentDiameter = filament.Diameter,
            LineWidth = LineWidth,
            LayerHeight = LayerHeight,
            BedWidth = printer.BedWidth,
            BedDepth = printer.BedDepth,
            BuildHeight = printer.BuildHeight,
            Margin = printer.Margin,
            Hours = printer.Hours,
            Allowances = Allowances,
            Settings = new(pace)
            {
                Walls = Walls,
                Skins = Skins,
                Fill = Fill,
                FlowLimit = Math.Min(pace.FlowLimit, filament.FlowLimit ?? pace.FlowLimit),
                LeastLayerTime = filament.LeastLayerTime,
                FilamentPrice = filament.Price,
            },
        };
    }
}
