using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Demo;

/// <summary>Defaults that a workshop starts from: common practice, no published source.</summary>
internal static class Starters
{
    public static IReadOnlyList<Instrument> Instruments { get; } =
    [
        new("caliper", "caliper", 0.01, 0.03, 0.03, 150),
        new("long-caliper", "long caliper", 0.02, 0.05, 0.04, 300),
        new("depth-rod", "depth rod", 0.05, 0.1, 0.1, 150, InstrumentKind.DepthRod),
        new("radius-gauges", "radius gauges", 0.5, 0.1, 0.2, 25, InstrumentKind.RadiusGauges),
        new("steel-rule", "steel rule", 0.5, 0.2, 0.2, 500, InstrumentKind.Rule),
        new("tape", "tape", 1, 0.6, 0.4, 5000, InstrumentKind.Tape),
        new("pitch-gauge", "pitch gauge", 0.05, 0.01, 0.01, 6, InstrumentKind.PitchGauge),
        new("protractor", "protractor", 0.5, 0.3, 0.3, 180, InstrumentKind.Protractor),
        new("scale", "bench scale", 0.1, 0.3, 0.1, 5000, InstrumentKind.Scale),
        new("scanner", "scanner", 0.05, 0.15, 0.08, 400, InstrumentKind.Scanner),
        new("eye", "counting", 0, 0, 0, 1000, InstrumentKind.Eye),
    ];

    /// <summary>The simulated devices: they read as a caliper and a scale do.</summary>
    public static IReadOnlyList<Instrument> StandIns { get; } =
    [
        new("stand-in-caliper", "stand-in caliper", 0.01, 0.03, 0.03, 1000),
        new("stand-in-scale", "stand-in scale", 0.1, 0.3, 0.1, 5000, InstrumentKind.Scale),
    ];

    /// <summary>A setup whose printer and filament are not chosen yet.</summary>
    public static Setup Setup(string name) => new()
    {
        Name = name,
        Printer = Guid.Empty,
        Filament = Guid.Empty,
        Allowances = new Dictionary<Surface, Allowance>
        {
            [Surface.HoleUpright] = UsualAllowances.Of(Surface.HoleUpright),
            [Surface.OutsideRound] = UsualAllowances.Of(Surface.OutsideRound),
        },
    };

    /// <summary>Enters a printer, a filament and the setup of both.</summary>
    public static async Task<Process> Enter(NpgsqlDataSource database, Printer printer, Filament filament, Setup setup, DateTimeOffset at)
    {
        var (p, f, s) = (Guid.CreateVersion7(), Guid.CreateVersion7(), Guid.CreateVersion7());
        await SetupStores.Printers.Add(database, p, printer, at, default);
        await SetupStores.Filaments.Add(database, f, filament, at, default);
        await SetupStores.Setups.Add(database, s, setup with { Printer = p, Filament = f }, at, default);
        return (await ProcessStore.Find(database, s, default))!;
    }
}
