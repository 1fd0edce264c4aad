using Emboq.Core;
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
public sealed record ProcessRequest(string Name, string Printer, string Material, double? Density = null, double? FilamentDiameter = null, double? LineWidth = null,
    double? LayerHeight = null, double? BedWidth = null, double? BedDepth = null, double? BuildHeight = null);

/// <summary>A new instrument; lengths in mm.</summary>
/// <param name="Id">Short and stable.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Resolution">Smallest step it shows.</param>
/// <param name="MaximumPermissibleError">Largest error it may have.</param>
/// <param name="Repeatability">Standard deviation of repeated readings.</param>
/// <param name="Reach">Largest length it measures.</param>
public sealed record InstrumentRequest(string Id, string Name, double Resolution, double MaximumPermissibleError, double Repeatability, double Reach);

internal static class WorkshopEndpoints
{
    public static void MapWorkshop(this IEndpointRouteBuilder api)
    {
        api.MapGet("/processes", (NpgsqlDataSource database, CancellationToken stop) => ProcessStore.All(database, stop));
        api.MapPost("/processes", AddProcess).Produces<Process>(201).ProducesProblem(400);
        api.MapGet("/instruments", (NpgsqlDataSource database, CancellationToken stop) => InstrumentStore.All(database, stop));
        api.MapPost("/instruments", AddInstrument).Produces<Instrument>(201).ProducesProblem(400);
    }

    private static async Task<IResult> AddProcess(ProcessRequest r, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        var start = Starters.Process(input.Name("name", r.Name), input.Name("printer", r.Printer), input.Name("material", r.Material));
        var process = start with
        {
            Density = input.Within("density", r.Density ?? start.Density, 0.5, 10, "g/cm³"),
            FilamentDiameter = input.Within("filamentDiameter", r.FilamentDiameter ?? start.FilamentDiameter, 1, 4, "mm"),
            LineWidth = input.Within("lineWidth", r.LineWidth ?? start.LineWidth, 0.1, 3, "mm"),
            LayerHeight = input.Within("layerHeight", r.LayerHeight ?? start.LayerHeight, 0.03, 2, "mm"),
            BedWidth = input.Within("bedWidth", r.BedWidth ?? start.BedWidth, 50, 2000, "mm"),
            BedDepth = input.Within("bedDepth", r.BedDepth ?? start.BedDepth, 50, 2000, "mm"),
            BuildHeight = input.Within("buildHeight", r.BuildHeight ?? start.BuildHeight, 50, 2000, "mm"),
        };
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        await ProcessStore.Add(database, process, clock.GetUtcNow(), stop);
        return TypedResults.Created($"/api/processes/{process.Id}", process);
    }

    private static async Task<IResult> AddInstrument(InstrumentRequest r, NpgsqlDataSource database, CancellationToken stop)
    {
        var input = new Input();
        var instrument = new Instrument(input.Name("id", r.Id), input.Name("name", r.Name),
            input.Within("resolution", r.Resolution, 0, 10, "mm"), input.Within("maximumPermissibleError", r.MaximumPermissibleError, 0, 10, "mm"),
            input.Within("repeatability", r.Repeatability, 0.0001, 10, "mm"), input.Within("reach", r.Reach, 1, Limits.LongestReading, "mm"));
        if ((await InstrumentStore.All(database, stop)).Any(i => i.Id == instrument.Id))
        {
            input.Add(new("id", r.Id, $"There is an instrument '{r.Id}' already.", "Choose another id."));
        }

        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        await InstrumentStore.Add(database, instrument, stop);
        return TypedResults.Created($"/api/instruments/{instrument.Id}", instrument);
    }
}
