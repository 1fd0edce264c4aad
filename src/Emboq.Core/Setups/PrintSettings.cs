namespace Emboq.Core.Setups;

/// <summary>How a process lays its lines, and what it costs.</summary>
public sealed record PrintSettings
{
    /// <summary>Wall lines at each face.</summary>
    public int Walls { get; init; } = 3;

    /// <summary>Layers filled without gaps above and below.</summary>
    public int Skins { get; init; } = 4;

    /// <summary>Share of the inside that is filled, 0 to 1.</summary>
    public double Fill { get; init; } = 0.15;

    /// <summary>Speed along walls, mm/s.</summary>
    public double WallSpeed { get; init; } = 50;

    /// <summary>Speed along fill, mm/s.</summary>
    public double FillSpeed { get; init; } = 80;

    /// <summary>Speed without printing, mm/s.</summary>
    public double TravelSpeed { get; init; } = 150;

    /// <summary>Speed of the first layer as a share of the others, 0 to 1.</summary>
    public double FirstLayerShare { get; init; } = 0.4;

    /// <summary>mm/s².</summary>
    public double Acceleration { get; init; } = 1500;

    /// <summary>Most that the nozzle melts, mm³/s.</summary>
    public double FlowLimit { get; init; } = 10;

    /// <summary>Going up one layer, s.</summary>
    public double LayerChange { get; init; } = 0.8;

    /// <summary>A layer takes no less than this, so that it cools, s.</summary>
    public double LeastLayerTime { get; init; } = 6;

    /// <summary>Heating and levelling before the first line, s.</summary>
    public double StartUp { get; init; } = 240;

    /// <summary>Drawn while printing, W.</summary>
    public double Power { get; init; } = 90;

    /// <summary>A kilogram of filament, in the workshop's money.</summary>
    public double FilamentPrice { get; init; } = 22;

    /// <summary>A kilowatt hour, in the workshop's money.</summary>
    public double EnergyPrice { get; init; } = 0.3;
}
