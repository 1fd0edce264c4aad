namespace Emboq.Core.Tests;

/// <summary>Invented things for tests.</summary>
internal static class Workshop
{
    public static readonly Instrument Caliper = new("caliper", "caliper", 0.01, 0.03, 0.03, 150);
    public static readonly Instrument Rule = new("rule", "rule", 0.5, 0.2, 0.2, 500);

    public static readonly Process Process = new()
    {
        Id = Guid.Parse("00000000-0000-0000-0000-0000000000a1"),
        Name = "test printer, test filament",
        Printer = "test printer",
        Material = "test filament",
        Density = 1.24,
        FilamentDiameter = 1.75,
        LineWidth = 0.5,
        LayerHeight = 0.2,
        BedWidth = 220,
        BedDepth = 220,
        BuildHeight = 250,
        Allowances = new Dictionary<Surface, Allowance>
        {
            [Surface.HoleUpright] = new(0.2, 0.1, 0.04, "a test"),
            [Surface.OutsideRound] = new(-0.06, 0.06, 0.04, "a test"),
        },
    };

    /// <summary>What its process states of a surface, or where every process starts.</summary>
    public static Allowance Known(Surface surface) => Process.Allowances.GetValueOrDefault(surface) ?? UsualAllowances.Of(surface);

    /// <summary>The same process, printing exactly what is drawn.</summary>
    public static readonly Process Exact = Process with
    {
        Allowances = Enum.GetValues<Surface>().ToDictionary(s => s, _ => new Allowance(0, 0, 0, "exact")),
    };

    public static Dimension Dimension(Guid place, string key, params (Instrument Instrument, double Value)[] readings) => new(place, key, key,
        [.. readings.Select(r => new Reading(Guid.NewGuid(), r.Value, $"{r.Value}", r.Instrument, DateTimeOffset.UnixEpoch, null, null))]);

    public static Interface Tube(string name, double? inside = null, double? outside = null, double? depth = null)
    {
        var id = Guid.NewGuid();
        (string Key, double? Value)[] sizes = [("inside", inside), ("outside", outside), ("depth", depth)];
        return Place(id, name, KindList.Tube, sizes);
    }

    /// <summary>A place of which some sizes were read once with the caliper.</summary>
    public static Interface Place(Guid id, string name, InterfaceKind kind, IEnumerable<(string Key, double? Value)> sizes) =>
        Interface.Of(id, name, kind, [], d =>
        Dimension(id, d.Key, sizes.FirstOrDefault(s => s.Key == d.Key).Value is { } v ? [(Caliper, v)] : []) with { Name = $"{name} {d.Key}" });

    /// <summary>The same process with a tough filament that is known.</summary>
    public static Process OfTough(Process process) => process with
    {
        Sort = FilamentClass.Tough,
        Stiffness = 2000,
        StrengthAlong = 45,
        StrengthAcross = 30,
        Warmest = 65,
    };
}
