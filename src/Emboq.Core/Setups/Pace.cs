namespace Emboq.Core.Setups;

/// <summary>How fast a printer works and what it draws.</summary>
public record Pace
{
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

    /// <summary>Heating and levelling before the first line, s.</summary>
    public double StartUp { get; init; } = 240;

    /// <summary>Drawn while printing, W.</summary>
    public double Power { get; init; } = 90;

    /// <summary>A kilowatt hour, in the workshop's money.</summary>
    public double EnergyPrice { get; init; } = 0.3;

    /// <summary>The pace alone, of settings that hold more.</summary>
    public Pace Bare() => new(this);
}
