namespace Emboq.Core.Setups;

/// <summary>A printer of the workshop. Lengths mm.</summary>
public sealed record Printer : IKept
{
    /// <summary>Identity.</summary>
    public Guid Id { get; init; }

    /// <summary>How often it was entered or changed, counted from 1.</summary>
    public int Version { get; init; }

    /// <summary>As the workshop calls it.</summary>
    public required string Name { get; init; }

    /// <summary>Bed along x.</summary>
    public double BedWidth { get; init; } = 220;

    /// <summary>Bed along y.</summary>
    public double BedDepth { get; init; } = 220;

    /// <summary>The tallest it prints.</summary>
    public double BuildHeight { get; init; } = 250;

    /// <summary>Kept free at each edge of the bed.</summary>
    public double Margin { get; init; } = Bed.UsualMargin;

    /// <summary>Diameters of the nozzles there are for it.</summary>
    public IReadOnlyList<double> Nozzles { get; init; } = [0.4];

    /// <summary>When somebody is there to change its bed.</summary>
    public Hours Hours { get; init; } = Hours.Usual;

    /// <summary>How fast it works.</summary>
    public Pace Pace { get; init; } = new();
}
