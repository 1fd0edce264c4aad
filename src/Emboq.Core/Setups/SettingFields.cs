using System.Globalization;

namespace Emboq.Core.Setups;

/// <summary>Every figure that is entered for printing, with its limits: forms, checks of what is sent, and history are made from these.</summary>
public static class SettingFields
{
    /// <summary>How fast something is printed.</summary>
    public static IReadOnlyList<SettingField<Pace>> OfPace { get; } =
    [
        new("wallSpeed", "Along walls", "mm/s", 1, 1000, p => p.WallSpeed),
        new("fillSpeed", "Along fill", "mm/s", 1, 1000, p => p.FillSpeed),
        new("travelSpeed", "Without printing", "mm/s", 1, 2000, p => p.TravelSpeed),
        new("firstLayerShare", "First layer, share of that", "", 0.05, 1, p => p.FirstLayerShare),
        new("acceleration", "Acceleration", "mm/s²", 10, 100_000, p => p.Acceleration),
        new("flowLimit", "Melts at most", "mm³/s", 0.5, 200, p => p.FlowLimit),
        new("layerChange", "Going up a layer", "s", 0, 60, p => p.LayerChange),
        new("startUp", "Heating and levelling", "s", 0, 7200, p => p.StartUp),
        new("power", "Draws while printing", "W", 1, 10_000, p => p.Power),
        new("energyPrice", "A kWh costs", "", 0, 100_000, p => p.EnergyPrice),
    ];

    /// <summary>Of a printer.</summary>
    public static IReadOnlyList<SettingField<Printer>> OfPrinter { get; } =
    [
        new("bedWidth", "Bed width", "mm", 50, 2000, p => p.BedWidth),
        new("bedDepth", "Bed depth", "mm", 50, 2000, p => p.BedDepth),
        new("buildHeight", "Builds up to", "mm", 50, 2000, p => p.BuildHeight),
        new("margin", "Free at each edge", "mm", 0, 100, p => p.Margin),
        new("hours.from", "Somebody is there from", "o'clock", 0, 24, p => p.Hours.From),
        new("hours.to", "until", "o'clock", 0, 24, p => p.Hours.To),
        .. OfPace.Select(f => f.In<Printer>("pace", p => p.Pace)),
    ];

    /// <summary>Of a filament.</summary>
    public static IReadOnlyList<SettingField<Filament>> OfFilament { get; } =
    [
        new("density", "Density", "g/cm³", 0.5, 10, f => f.Density),
        new("diameter", "Diameter", "mm", 1, 4, f => f.Diameter),
        new("price", "A kilogram costs", "", 0, 1_000_000, f => f.Price),
        new("leastLayerTime", "A layer takes at least", "s", 0, 600, f => f.LeastLayerTime),
        new("flowLimit", "Melts well up to", "mm³/s", 0.5, 200, f => f.FlowLimit, MayBeOpen: true),
        new("warmest", "Carries load up to", "°C", 20, 400, f => f.Warmest, MayBeOpen: true),
        new("strengthAlong", "Breaks along lines at", "MPa", 0.1, 2000, f => f.StrengthAlong, MayBeOpen: true),
        new("strengthAcross", "Breaks across layers at", "MPa", 0.1, 2000, f => f.StrengthAcross, MayBeOpen: true),
        new("stiffness", "Stiffness along lines", "MPa", 0.1, 200_000, f => f.Stiffness, MayBeOpen: true),
        new("dryingHeat", "Dried at", "°C", 20, 200, f => f.DryingHeat, MayBeOpen: true),
        new("dryingHours", "Dried for", "h", 0.5, 72, f => f.DryingHours, MayBeOpen: true),
        new("dryFor", "Dry in open air for", "days", 0.1, 3650, f => f.DryFor, MayBeOpen: true),
    ];

    /// <summary>Of a setup; those of its own pace are open where it goes as its printer does.</summary>
    public static IReadOnlyList<SettingField<Setup>> OfSetup { get; } =
    [
        new("nozzle", "Nozzle", "mm", 0.1, 2, s => s.Nozzle),
        new("lineWidth", "Line width", "mm", 0.1, 3, s => s.LineWidth),
        new("layerHeight", "Layer height", "mm", 0.03, 2, s => s.LayerHeight),
        new("walls", "Walls", "lines", 1, 40, s => s.Walls),
        new("skins", "Closed above and below", "layers", 0, 40, s => s.Skins),
        new("fill", "Inside filled, share", "", 0, 1, s => s.Fill),
        .. OfPace.Select(f => f.In<Setup>("pace", s => s.Pace) with { MayBeOpen = true }),
    ];

    /// <summary>Of what a process states of one kind of surface.</summary>
    public static IReadOnlyList<SettingField<Allowance>> OfAllowance { get; } =
    [
        new("value", "Drawn minus printed", "mm", -5, 5, a => a.Value),
        new("standardUncertainty", "Known to (standard uncertainty)", "mm", 0, 5, a => a.StandardUncertainty),
        new("printScatter", "Differs from print to print", "mm", 0, 5, a => a.PrintScatter),
    ];

    /// <summary>What was changed of a printer.</summary>
    public static IReadOnlyList<SettingChange> Between(Printer was, Printer now) =>
        [.. Texts(was, now, ("Name", p => p.Name), ("Nozzles", p => Words(p.Nozzles))), .. Figures(OfPrinter, was, now)];

    /// <summary>What was changed of a filament.</summary>
    public static IReadOnlyList<SettingChange> Between(Filament was, Filament now) =>
        [.. Texts(was, now, ("Name", f => f.Name), ("Sort", f => Filament.Describe(f.Class)), ("Basis", f => f.Basis)), .. Figures(OfFilament, was, now)];

    /// <summary>What was changed of a setup.</summary>
    public static IReadOnlyList<SettingChange> Between(Setup was, Setup now, Func<Guid, string> called) =>
    [
        .. Texts(was, now, ("Name", s => s.Name), ("Printer", s => called(s.Printer)), ("Filament", s => called(s.Filament)),
            ("Speeds", s => s.Pace is null ? "as its printer's" : "its own")),
        .. Figures([.. OfSetup.Where(f => f.Value(was) is not null && f.Value(now) is not null)], was, now),
        .. Allowances(was.Allowances, now.Allowances),
    ];

    /// <summary>What was changed of how a process prints, between two prints with it.</summary>
    public static IReadOnlyList<SettingChange> Between(Process was, Process now) =>
        Between(was.Apart().Setup with { Name = now.Name }, now.Apart().Setup, _ => "");

    private static IEnumerable<SettingChange> Allowances(IReadOnlyDictionary<Surface, Allowance> was, IReadOnlyDictionary<Surface, Allowance> now) =>
        Enum.GetValues<Surface>().SelectMany(s => OfAllowance.Select(f => f.In<IReadOnlyDictionary<Surface, Allowance>>("", all => all.GetValueOrDefault(s)))
            .Where(f => f.Says(was) != f.Says(now))
            .Select(f => new SettingChange($"{Process.Describe(s)}: {f.Label.ToLowerInvariant()}", Usual(f.Says(was)), Usual(f.Says(now)))));

    private static string Usual(string says) => says == "open" ? "as usual" : says;

    private static IEnumerable<SettingChange> Figures<T>(IReadOnlyList<SettingField<T>> fields, T was, T now) =>
        fields.Where(f => f.Says(was) != f.Says(now)).Select(f => new SettingChange(f.Label, f.Says(was), f.Says(now)));

    private static IEnumerable<SettingChange> Texts<T>(T was, T now, params IReadOnlyList<(string Label, Func<T, string> Of)> texts) =>
        texts.Where(t => t.Of(was) != t.Of(now)).Select(t => new SettingChange(t.Label, t.Of(was), t.Of(now)));

    private static string Words(IEnumerable<double> lengths) => string.Join(", ",
        lengths.Select(l => $"{l.ToString("0.###", CultureInfo.InvariantCulture)} mm"));
}
