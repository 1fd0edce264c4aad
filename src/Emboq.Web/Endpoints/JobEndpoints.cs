using System.Text.Json;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A new job with its first part.</summary>
public sealed record JobRequest(string Name, PartRequest Part, string? Need = null);

/// <summary>A new part.</summary>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Family">Key of its family.</param>
/// <param name="Interfaces">Slot to interface.</param>
/// <param name="Process">What it will be printed with.</param>
/// <param name="Parameters">Key to entry; what is left out is left to Emboq.</param>
/// <param name="Takes">What it takes from other parts of the job, by slot.</param>
/// <param name="Setups">Setups of pieces and proofs that are printed by another process, by their keys.</param>
public sealed record PartRequest(string Name, string Family, IReadOnlyDictionary<string, Guid> Interfaces, Guid Process,
    IReadOnlyDictionary<string, JsonElement>? Parameters = null, IReadOnlyDictionary<string, TakenFrom>? Takes = null,
    IReadOnlyDictionary<string, Guid>? Setups = null);

/// <summary>New decisions for a part.</summary>
/// <param name="Version">The version they were made from.</param>
/// <param name="Interfaces">Slot to interface.</param>
/// <param name="Process">What it will be printed with.</param>
/// <param name="Parameters">Key to entry; what is left out is left to Emboq.</param>
/// <param name="Takes">What it takes from other parts of the job, by slot.</param>
/// <param name="Row">The members of a row.</param>
/// <param name="Setups">Setups of pieces and proofs that are printed by another process, by their keys.</param>
public sealed record PartStateRequest(int Version, IReadOnlyDictionary<string, Guid> Interfaces, Guid Process,
    IReadOnlyDictionary<string, JsonElement>? Parameters = null, IReadOnlyDictionary<string, TakenFrom>? Takes = null, IReadOnlyList<RowItem>? Row = null,
    IReadOnlyDictionary<string, Guid>? Setups = null);

internal static class JobEndpoints
{
    public static void MapJobs(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs", Find).Produces<IReadOnlyList<Job>>().ProducesProblem(400);
        api.MapGet("/jobs/{id:guid}", async (Guid id, NpgsqlDataSource database, CancellationToken stop) =>
            await JobStore.One(database, id, stop) is { } job ? TypedResults.Ok(job) : Problems.Missing("job", id)).Produces<Job>().ProducesProblem(404);
        api.MapPost("/jobs", AddJob).Produces<Job>(201).ProducesProblem(400).ProducesProblem(409);
        api.MapPost("/jobs/{id:guid}/parts", AddPart).Produces<Part>(201).ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        api.MapGet("/parts/{id:guid}", async (Guid id, NpgsqlDataSource database, CancellationToken stop) =>
            await JobStore.Part(database, id, stop) is { } part ? TypedResults.Ok(part) : Problems.Missing("part", id)).Produces<Part>().ProducesProblem(404);
        api.MapGet("/parts/{id:guid}/earlier-states", (Guid id, NpgsqlDataSource database, CancellationToken stop) =>
            JobStore.EarlierStates(database, id, stop));
        api.MapPut("/parts/{id:guid}", SaveState).Produces<Part>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
    }

    /// <summary>A page of jobs, newest first.</summary>
    private static async Task<IResult> Find(NpgsqlDataSource database, CancellationToken stop, string? words = null, bool? away = null,
        int from = 0, int most = Page.Usual)
    {
        var input = new Input();
        var wanted = Page.Words(input, words);
        Page.Look(input, from, most);
        return input.IsGood ? TypedResults.Ok(await JobStore.Found(database, wanted, away, from, most, stop)) : Problems.Bad(input.Problems);
    }

    private static async Task<IResult> AddJob(JobRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop, bool again = false)
    {
        var input = new Input();
        var (name, need) = (input.Name("name", request.Name), input.Text("need", request.Need));
        var job = Guid.CreateVersion7();
        var part = await ReadPart(input, job, request.Part, "part.", database, stop);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        if (!again && await NameStore.OfJob(database, name, stop))
        {
            return Problems.Taken("name", "job", name);
        }

        var added = new Job(job, name, need, [part]);
        await JobStore.Add(database, added, clock.GetUtcNow(), stop);
        return TypedResults.Created($"/api/jobs/{job}", added);
    }

    private static async Task<IResult> AddPart(Guid id, PartRequest request, NpgsqlDataSource database, TimeProvider clock,
        CancellationToken stop, bool again = false)
    {
        var input = new Input();
        var part = await ReadPart(input, id, request, "", database, stop);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        if (!again && await NameStore.OfPart(database, id, part.Name, stop))
        {
            return Problems.Taken("name", "part of this job", part.Name);
        }

        return await JobStore.AddPart(database, part, clock.GetUtcNow(), stop) ? TypedResults.Created($"/api/parts/{part.Id}", part)
            : Problems.Missing("job", id);
    }

    private static async Task<IResult> SaveState(Guid id, PartStateRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        if (await JobStore.Part(database, id, stop) is not { } part)
        {
            return Problems.Missing("part", id);
        }

        var input = new Input();
        var state = new PartState(input.Entries("parameters", request.Parameters), request.Interfaces, request.Process,
            request.Row is { Count: > 0 } row ? row : null)
        {
            Takes = request.Takes ?? new Dictionary<string, TakenFrom>(),
            Setups = request.Setups ?? new Dictionary<string, Guid>(),
        };
        RowEndpoints.Look(input, state.Row);
        await Probe(input, part with { State = state }, "", database, stop);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        if (await JobStore.Save(database, id, request.Version, state, clock.GetUtcNow(), stop))
        {
            return TypedResults.Ok(part with { Version = request.Version + 1, State = state });
        }

        var newest = (await JobStore.Part(database, id, stop))!;
        return Problems.Stale(request.Version, newest.Version, newest, state);
    }

    private static async Task<Part> ReadPart(Input input, Guid job, PartRequest request, string path, NpgsqlDataSource database, CancellationToken stop)
    {
        var name = input.Name($"{path}name", request.Name);
        var part = new Part(Guid.CreateVersion7(), job, name, request.Family, 1,
            new(input.Entries("parameters", request.Parameters), request.Interfaces, request.Process)
            {
                Takes = request.Takes ?? new Dictionary<string, TakenFrom>(),
                Setups = request.Setups ?? new Dictionary<string, Guid>(),
            });
        await Probe(input, part, path, database, stop);
        return part;
    }

    /// <summary>What cannot be computed is not kept: the same door as a preview.</summary>
    private static async Task Probe(Input input, Part part, string path, NpgsqlDataSource database, CancellationToken stop)
    {
        if (input.IsGood)
        {
            foreach (var problem in (await Designer.OfMembers(database, part, stop)).Problems)
            {
                input.Add(problem with { Field = path + problem.Field });
            }
        }
    }
}
