using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>What is put away: identities of jobs, parts, setups, printers, filaments, instruments and cameras.</summary>
public sealed record AwayView(IReadOnlyList<string> Jobs, IReadOnlyList<string> Parts, IReadOnlyList<string> Processes,
    IReadOnlyList<string> Printers, IReadOnlyList<string> Filaments, IReadOnlyList<string> Instruments, IReadOnlyList<string> Cameras);

/// <summary>Puts something away, or takes it back.</summary>
/// <param name="Away">Whether it is put away.</param>
public sealed record AwayRequest(bool Away);

/// <summary>Putting away and taking back. Machines and places carry it with their name; spools are put away for good.</summary>
internal static class AwayEndpoints
{
    /// <summary>Word of the address to word of the notebook.</summary>
    private static readonly Dictionary<string, string> Things = new()
    {
        ["jobs"] = "job",
        ["parts"] = "part",
        ["processes"] = "process",
        ["printers"] = "printer",
        ["filaments"] = "filament",
        ["instruments"] = "instrument",
        ["cameras"] = "camera",
    };

    public static void MapAway(this IEndpointRouteBuilder api)
    {
        api.MapGet("/away", async (NpgsqlDataSource database, CancellationToken stop) => View(await AwayStore.All(database, stop)));
        api.MapPut("/away/{thing}/{id}", Put).Produces<AwayView>().ProducesProblem(404);
    }

    private static async Task<IResult> Put(string thing, string id, AwayRequest request, NpgsqlDataSource database, TimeProvider clock,
        CancellationToken stop) =>
        !Things.TryGetValue(thing, out var kept) ? Problems.Missing("list", thing)
        : await AwayStore.Put(database, kept, id, request.Away, clock.GetUtcNow(), stop) ? TypedResults.Ok(View(await AwayStore.All(database, stop)))
        : Problems.Missing(kept, id);

    private static AwayView View(ILookup<string, string> away) => new([.. away["job"]], [.. away["part"]], [.. away["process"]],
        [.. away["printer"]], [.. away["filament"]], [.. away["instrument"]], [.. away["camera"]]);
}
