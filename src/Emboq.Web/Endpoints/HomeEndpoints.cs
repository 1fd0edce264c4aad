using Emboq.Core.Homes;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>What a plan of homes is asked for.</summary>
/// <param name="Version">The plan it was changed from; 0 before there was one.</param>
/// <param name="Storages">Drawers and shelves.</param>
/// <param name="Things">What wants a home.</param>
/// <param name="Gap">Between neighbours, in any notation.</param>
public sealed record HomesRequest(int Version, IReadOnlyList<StorageEntry> Storages, IReadOnlyList<ThingEntry> Things, string Gap);

/// <summary>Where the things of a job live.</summary>
/// <param name="Version">Of this plan; 0 before there was one.</param>
/// <param name="Asked">What was entered.</param>
/// <param name="Found">The plan, or <c>null</c> before there was one.</param>
/// <param name="Checks">What is judged of it.</param>
/// <param name="Changed">Names of what was measured anew since.</param>
public sealed record HomesView(int Version, HomesAsked Asked, HomesFound? Found, IReadOnlyList<Views.CheckView> Checks, IReadOnlyList<string> Changed);

/// <summary>Where things live: a plan on a job.</summary>
internal static class HomeEndpoints
{
    private const int MostStorages = 8;
    private const double Usual = 10;

    public static void MapHomes(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{id:guid}/homes", Show).Produces<HomesView>().ProducesProblem(404);
        api.MapPut("/jobs/{id:guid}/homes", Save).Produces<HomesView>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409).Heavy();
    }

    private static async Task<IResult> Show(Guid id, NpgsqlDataSource database, CancellationToken stop) =>
        await JobStore.One(database, id, stop) is null ? Problems.Missing("job", id) : TypedResults.Ok(await Now(id, database, stop));

    private static async Task<HomesView> Now(Guid job, NpgsqlDataSource database, CancellationToken stop)
    {
        if (await HomeStore.Now(database, job, stop) is not { } now)
        {
            return new(0, new([], [], Figures.Mm(Usual)), null, [], []);
        }

        var (version, asked, found) = now;
        var read = await HomesRead.Of(new Input(), asked, database, stop);
        string[] changed = [.. found.Storages.Where(s => !s.IsLike(read.Storages.FirstOrDefault(r => r.Key == s.Key))).Select(s => s.Name),
            .. found.Things.Where(t => read.Things.FirstOrDefault(r => r.Key == t.Key) != t).Select(t => t.Name)];
        return new(version, asked, found, [.. HomeChecks.Of(found.Storages, found.Things, found.Plan.Homes, found.Gap).Select(Views.CheckView.Of)], changed);
    }

    private static async Task<IResult> Save(Guid id, HomesRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        if (await JobStore.One(database, id, stop) is null)
        {
            return Problems.Missing("job", id);
        }

        var input = new Input();
        var asked = new HomesAsked(request.Storages, request.Things, request.Gap);
        input.Within("storages", asked.Storages.Count, 0, MostStorages, "drawers and shelves");
        input.Within("things", asked.Things.Sum(t => Math.Clamp(t.Count, 1, HomesRead.MostThings)), 0, HomesRead.MostThings, "things");
        var (storages, things) = await HomesRead.Of(input, asked, database, stop);
        var gap = input.Within("gap", input.Size("gap", asked.Gap, LengthSystem.Metric), 0, 100, "mm");
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var plan = await Task.Run(() => HomeSearch.Of(storages, things, gap), stop);
        return await HomeStore.Save(database, id, request.Version, asked, new(storages, things, gap, plan), clock.GetUtcNow(), stop)
            ? TypedResults.Ok(await Now(id, database, stop))
            : Problems.Stale(request.Version, (await HomeStore.Now(database, id, stop))!.Value.Version, await Now(id, database, stop), asked);
    }
}
