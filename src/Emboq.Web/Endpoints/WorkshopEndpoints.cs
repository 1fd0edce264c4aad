using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

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
        api.MapGet("/instruments", Instruments);
        api.MapPost("/instruments/{id}/zero-checks", CheckZero).Produces<InstrumentView[]>(201).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/instruments", AddInstrument).Produces<InstrumentView>(201).ProducesProblem(400);
    }

    private static async Task<InstrumentView[]> Instruments(NpgsqlDataSource database, CancellationToken stop) =>
        [.. (await InstrumentStore.All(database, stop)).Select(InstrumentView.Of)];

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
