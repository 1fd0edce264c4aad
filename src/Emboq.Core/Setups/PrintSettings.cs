namespace Emboq.Core.Setups;

/// <summary>How a process lays its lines, how fast, and what it costs.</summary>
public sealed record PrintSettings : Pace
{
    /// <summary>Usual settings.</summary>
    public PrintSettings()
    {
    }

    /// <summary>At some pace.</summary>
    public PrintSettings(Pace pace)
        : base(pace)
    {
    }

    /// <summary>Wall lines at each face.</summary>
    public int Walls { get; init; } = 3;

    /// <summary>Layers filled without gaps above and below.</summary>
    public int Skins { get; init; } = 4;

    /// <summary>Share of the inside that is filled, 0 to 1.</summary>
    public double Fill { get; init; } = 0.15;

    /// <summary>A layer takes no less than this, so that it cools, s.</summary>
    public double LeastLayerTime { get; init; } = 6;

    /// <summary>A kilogram of filament, in the workshop's money.</summary>
    public double FilamentPrice { get; init; } = 22;
}
