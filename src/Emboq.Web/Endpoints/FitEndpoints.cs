using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>What was done to a printer.</summary>
/// <param name="Says">In words: "nozzle changed".</param>
public sealed record ServicedRequest(string Says);

internal static class FitEndpoints
{
    public static void MapFits(this IEndpointRouteBuilder api)
    {
        api.MapGet("/fits/{id:guid}", Believed).Produces<IReadOnlyList<SurfaceFitView>>().ProducesProblem(404);
        api.MapPost("/printers/{id:guid}/services", Serviced).Produces(204).ProducesProblem(400).ProducesProblem(404);
    }

    /// <summary>What is believed of every surface of a setup, over the sizes that people print, with the tries that it rests on.</summary>
    private static async Task<IResult> Believed(Guid id, NpgsqlDataSource database, CancellationToken stop)
    {
        if (await ProcessStore.Find(database, id, stop) is not { } process)
        {
            return Problems.Missing("process", id);
        }

        var belief = await FitLibrary.Of(database, await FitStore.Version(database, stop), stop);
        return TypedResults.Ok<IReadOnlyList<SurfaceFitView>>([.. Enum.GetValues<Surface>().Select(s => SurfaceFitView.Of(process, s, belief))]);
    }

    /// <summary>A printer was serviced: from now on tries of before tell less of it.</summary>
    private static async Task<IResult> Serviced(Guid id, ServicedRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        var says = input.Words("says", request.Says);
        return !input.IsGood ? Problems.Bad(input.Problems)
            : await FitStore.Serviced(database, Guid.CreateVersion7(), id, says, clock.GetUtcNow(), stop) ? TypedResults.NoContent()
                : Problems.Missing("printer", id);
    }
}
