using Emboq.Core.Fits;
using Emboq.Core.Printing;

namespace Emboq.Core;

/// <summary>Printer, material, nozzle and layer height: what decides how printed sizes come out.</summary>
public sealed record Process
{
    /// <summary>Identity.</summary>
    public required Guid Id { get; init; }

    /// <summary>As the workshop calls it.</summary>
    public required string Name { get; init; }

    /// <summary>The printer's name.</summary>
    public required string Printer { get; init; }

    /// <summary>The filament's name.</summary>
    public required string Material { get; init; }

    /// <summary>Density of the filament, g/cm³.</summary>
    public required double Density { get; init; }

    /// <summary>Diameter of the filament, mm.</summary>
    public required double FilamentDiameter { get; init; }

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

    /// <summary>The bed it prints on.</summary>
    public Bed Bed => new(Id, BedWidth, BedDepth, BuildHeight);

    /// <summary>Lines, speeds and prices.</summary>
    public PrintSettings Settings { get; init; } = new();

    /// <summary>How each kind of surface comes out.</summary>
    public required IReadOnlyDictionary<Surface, Allowance> Allowances { get; init; }

    /// <summary>Drawn minus printed for a kind of surface, full size, signed: drawn = wanted + allowance.
    /// One source for all surfaces of the kind on this process.</summary>
    public Quantity Allowance(Surface surface)
    {
        var allowance = Known(surface);
        var kind = Describe(surface);
        return Quantity.Input($"{kind} allowance", allowance.Value, Unit.Millimetre, new Provenance.RuleOfThumb(allowance.Basis),
            [(new($"process/{Id}/{surface}", $"how {kind}s come out on {Name}", allowance.StandardUncertainty), 1)]);
    }

    /// <summary>The law of sizes: drawn = wanted + allowance, for holes and shafts alike.</summary>
    /// <param name="wanted">The size the finished surface should have.</param>
    /// <param name="surface">The kind of surface.</param>
    public Quantity Drawn(Quantity wanted, Surface surface) => wanted + Allowance(surface);

    /// <summary>What a single print adds by chance on top of the allowance: zero, with a spread of its own for each place.</summary>
    /// <param name="surface">The kind of surface.</param>
    /// <param name="place">Which place, for the name.</param>
    public Quantity PrintScatter(Surface surface, string place) =>
        Quantity.Input("print scatter", 0, Unit.Millimetre, new Provenance.RuleOfThumb("Two prints of one size differ a little."),
            [(new($"scatter/{Id}/{place}", $"scatter between prints of the {place}", Known(surface).PrintScatter), 1)]);

    /// <summary>What is known of a kind of surface: this process's own figures, or where every process starts.</summary>
    public Allowance Known(Surface surface) => Allowances.GetValueOrDefault(surface) ?? UsualAllowances.Of(surface);

    /// <summary>The kind of surface in words.</summary>
    public static string Describe(Surface surface) => surface switch
    {
        Surface.HoleUpright => "upright hole",
        Surface.OutsideRound => "round outside",
        Surface.HoleLying => "lying hole",
        Surface.Pocket => "pocket",
        Surface.OutsideFlat => "flat outside",
        _ => throw new ArgumentOutOfRangeException(nameof(surface), surface, "No words are defined for this surface."),
    };
}

/// <summary>How one kind of surface comes out on a process.</summary>
/// <param name="Value">Drawn minus printed, mm on the full size, signed.</param>
/// <param name="StandardUncertainty">How well that is known, mm.</param>
/// <param name="PrintScatter">Standard deviation between prints of one size, mm.</param>
/// <param name="Basis">Where it comes from, in words.</param>
public sealed record Allowance(double Value, double StandardUncertainty, double PrintScatter, string Basis);
