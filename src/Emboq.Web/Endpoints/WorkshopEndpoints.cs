using Emboq.Store;
using Emboq.Web.Demo;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A new process. What is left out starts from common practice; lengths in mm.</summary>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Printer">The printer's name.</param>
/// <param name="Material">The filament's name.</param>
/// <param name="Density">g/cm³.</param>
/// <param name="FilamentDiameter">mm.</param>
/// <param name="LineWidth">Width of one extruded line.</param>
/// <param name="LayerHeight">Height of one layer.</param>
/// <param name="BedWidth">x.</param>
/// <param name="BedDepth">y.</param>
/// <param name="BuildHeight">z.</param>
/// <param name="Settings">Lines, speeds and prices.</param>
public sealed record ProcessRequest(string Name, string Printer, string Material, double? Density = null, double? FilamentDiameter = null,
    double? LineWidth = null,
    double? LayerHeight = null, double? BedWidth = null, double? BedDepth = null, double? BuildHeight = null, PrintSettings? Settings = null);

/// <summary>A new instrument; figures in the unit it reads: mm, degrees, g or counts.</summary>
/// <param name="Id">Short and stable.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Resolution">Smallest step it shows.</param>
/// <param name="MaximumPermissibleError">Largest error it may have.</param>
/// <param name="Repeatability">Standard deviation of repeated readings.</param>
/// <param name="Reach">The most it measures.</param>
/// <param name="Kind">What sort it is; a caliper when left out.</param>
public sealed record InstrumentRequest(string Id, string Name, double Resolution, double MaximumPermissibleError, double Repeatability, double Reach,
    InstrumentKind? Kind = null);

/// <summary>An instrument with what it takes; figures in its unit.</summary>
public sealed record InstrumentView(string Id, string Name, double Resolution, double MaximumPermissibleError, double Repeatability, double Reach,
    InstrumentKind Kind, DateTimeOffset? LastZeroCheck, string Unit, IReadOnlyList<Access> Takes, bool StandIn)
{
    /// <summary>From an instrument.</summary>
    public static InstrumentView Of(Instrument i) => new(i.Id, i.Name, i.Resolution, i.MaximumPermissibleError, i.Repeatability, i.Reach, i.Kind,
        i.LastZeroCheck, Accesses.UnitOf(i).ToString(), Accesses.Of(i.Kind), i.IsStandIn);
}

/// <summary>A look at an instrument's zero.</summary>
/// <param name="Found">What it showed, in its unit.</param>
public sealed record ZeroCheckRequest(double Found);

internal static class WorkshopEndpoints
{
    public static void MapWorkshop(this IEndpointRouteBuilder api)
    {
        api.MapGet("/processes", (NpgsqlDataSource database, CancellationToken stop) => ProcessStore.All(database, stop));
        api.MapPost("/processes", AddProcess).Produces<Process>(201).ProducesProblem(400).ProducesProblem(409);
        api.MapGet("/instruments", Instruments);
        api.MapPost("/instruments/{id}/zero-checks", CheckZero).Produces<InstrumentView[]>(201).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/instruments", AddInstrument).Produces<InstrumentView>(201).ProducesProblem(400);
    }

    private static async Task<InstrumentView[]> Instruments(NpgsqlDataSource database, CancellationToken stop) =>
        [.. (await InstrumentStore.All(database, stop)).Select(InstrumentView.Of)];

    private static async Task<IResult> AddProcess(ProcessRequest r, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop, bool again = false)
    {
        var input = new Input();
        var start = Starters.Process(input.Name("name", r.Name), input.Name("printer", r.Printer), input.Name("material", r.Material));
        var process = start with
        {
            Density = r.Density ?? start.Density,
            FilamentDiameter = r.FilamentDiameter ?? start.FilamentDiameter,
            LineWidth = r.LineWidth ?? start.LineWidth,
            LayerHeight = r.LayerHeight ?? start.LayerHeight,
            BedWidth = r.BedWidth ?? start.BedWidth,
            BedDepth = r.BedDepth ?? start.BedDepth,
            BuildHeight = r.BuildHeight ?? start.BuildHeight,
            Settings = r.Settings ?? start.Settings,
        };
        Look(input, process);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        if (!again && await NameStore.OfProcess(database, process.Name, stop))
        {
            return Problems.Taken("name", "setup", process.Name);
        }

        await ProcessStore.Add(database, process, clock.GetUtcNow(), stop);
        return TypedResults.Created($"/api/processes/{process.Id}", process);
    }

    private static async Task<IResult> AddInstrument(InstrumentRequest r, NpgsqlDataSource database, CancellationToken stop)
    {
        var input = new Input();
        var instrument = new Instrument(r.Id?.Trim() ?? "", r.Name?.Trim() ?? "", r.Resolution, r.MaximumPermissibleError, r.Repeatability, r.Reach, r.Kind
            ?? InstrumentKind.Caliper);
        Look(input, instrument, "");
        if ((await InstrumentStore.All(database, stop)).Any(i => i.Id == instrument.Id))
        {
            input.Add(new("id", r.Id, $"There is an instrument '{r.Id}' already.", "Choose another id."));
        }

        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        if (!await InstrumentStore.Add(database, instrument, stop))
        {
            return Problems.Bad("id", r.Id, $"There is an instrument '{r.Id}' already.", "Choose another id.");
        }

        return TypedResults.Created($"/api/instruments/{instrument.Id}", InstrumentView.Of(instrument));
    }

    /// <summary>Notes that somebody looked at the zero; answers all instruments as they stand then.</summary>
    private static async Task<IResult> CheckZero(string id, ZeroCheckRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        input.Within("found", request.Found, -1000, 1000, "of its unit");
        return !input.IsGood ? Problems.Bad(input.Problems)
            : await InstrumentStore.CheckZero(database, id, request.Found, clock.GetUtcNow(), stop)
                ? TypedResults.Created("/api/instruments", await Instruments(database, stop))
            : Problems.Missing("instrument", id);
    }

    /// <summary>Whether a process can be; gathers what is wrong with it.</summary>
    internal static void Look(Input input, Process p)
    {
        input.Within("density", p.Density, 0.5, 10, "g/cm³");
        input.Within("filamentDiameter", p.FilamentDiameter, 1, 4, "mm");
        input.Within("lineWidth", p.LineWidth, 0.1, 3, "mm");
        input.Within("layerHeight", p.LayerHeight, 0.03, 2, "mm");
        input.Within("bedWidth", p.BedWidth, 50, 2000, "mm");
        input.Within("bedDepth", p.BedDepth, 50, 2000, "mm");
        input.Within("buildHeight", p.BuildHeight, 50, 2000, "mm");
        foreach (var (surface, allowance) in p.Allowances)
        {
            var field = $"allowances.{System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName($"{surface}")}";
            input.Within($"{field}.value", allowance.Value, -5, 5, "mm");
            input.Within($"{field}.standardUncertainty", allowance.StandardUncertainty, 0, 5, "mm");
            input.Within($"{field}.printScatter", allowance.PrintScatter, 0, 5, "mm");
            input.Text($"{field}.basis", allowance.Basis);
        }

        input.Within("settings.walls", p.Settings.Walls, 1, 40, "lines");
        input.Within("settings.skins", p.Settings.Skins, 0, 40, "layers");
        input.Within("settings.fill", p.Settings.Fill, 0, 1, "of the inside");
        input.Within("settings.wallSpeed", p.Settings.WallSpeed, 1, 1000, "mm/s");
        input.Within("settings.fillSpeed", p.Settings.FillSpeed, 1, 1000, "mm/s");
        input.Within("settings.travelSpeed", p.Settings.TravelSpeed, 1, 2000, "mm/s");
        input.Within("settings.firstLayerShare", p.Settings.FirstLayerShare, 0.05, 1, "of the usual speed");
        input.Within("settings.acceleration", p.Settings.Acceleration, 10, 100_000, "mm/s²");
        input.Within("settings.flowLimit", p.Settings.FlowLimit, 0.5, 200, "mm³/s");
        input.Within("settings.layerChange", p.Settings.LayerChange, 0, 60, "s");
        input.Within("settings.leastLayerTime", p.Settings.LeastLayerTime, 0, 600, "s");
        input.Within("settings.startUp", p.Settings.StartUp, 0, 7200, "s");
        input.Within("settings.power", p.Settings.Power, 1, 10_000, "W");
        input.Within("settings.filamentPrice", p.Settings.FilamentPrice, 0, 1_000_000, "a kilogram");
        input.Within("settings.energyPrice", p.Settings.EnergyPrice, 0, 100_000, "a kWh");
    }

    /// <summary>Whether an instrument can be; gathers what is wrong with it.</summary>
    internal static void Look(Input input, Instrument i, string path)
    {
        input.Name($"{path}id", i.Id);
        input.Name($"{path}name", i.Name);
        // What counts by eye has no doubt of its own; everything else has some.
        var least = i.Kind == InstrumentKind.Eye ? 0 : 0.0001;
        input.Within($"{path}resolution", i.Resolution, 0, 100, Unit(i));
        input.Within($"{path}maximumPermissibleError", i.MaximumPermissibleError, 0, 100, Unit(i));
        input.Within($"{path}repeatability", i.Repeatability, least, 100, Unit(i));
        input.Within($"{path}reach", i.Reach, 1, 100_000, Unit(i));
    }

    private static string Unit(Instrument i) => Accesses.UnitOf(i) is { } unit && unit != Core.Quantities.Unit.None ? unit.ToString() : "counts";
}
