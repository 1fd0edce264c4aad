using System.Globalization;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A finished run.</summary>
/// <param name="Took">How long, like "3:34" or "214 min".</param>
/// <param name="Grams">What the print weighed, if it was weighed.</param>
public sealed record RunRequest(string Took, double? Grams = null);

/// <summary>A service note.</summary>
/// <param name="Kind">What happened.</param>
/// <param name="Says">In words.</param>
/// <param name="AfterCount">After how many, if counted.</param>
/// <param name="AfterUnit">"cycles" or "months".</param>
public sealed record ServiceNoteRequest(ServiceKind Kind, string Says, double? AfterCount = null, string? AfterUnit = null);

internal static class ServiceEndpoints
{
    private const double LongestRun = 60 * 24 * 3600;

    private static readonly string[] Units = ["cycles", "months"];

    public static void MapService(this IEndpointRouteBuilder api)
    {
        api.MapPost("/parts/{id:guid}/revisions/{number:int}/runs", AddRun).Produces<Run>(201).ProducesProblem(400).ProducesProblem(404).Heavy();
        api.MapPost("/parts/{id:guid}/revisions/{number:int}/service-notes", AddNote).Produces<ServiceNote>(201).ProducesProblem(400).ProducesProblem(404);
    }

    private static async Task<IResult> AddRun(Guid id, int number, RunRequest request, NpgsqlDataSource database, ISolidKernel kernel,
        TimeProvider clock, CancellationToken stop)
    {
        if (await RevisionStore.One(database, id, number, stop) is not { } revision)
        {
            return Problems.Missing("revision", number);
        }

        var input = new Input();
        var took = DurationNotation.Parse(request.Took, "took");
        foreach (var problem in took.Problems)
        {
            input.Add(problem);
        }

        if (took.IsGood && took.Value > LongestRun)
        {
            input.Add(new("took", request.Took, "No print takes longer than 60 days.", "Look at the unit.", "60 days"));
        }

        if (request.Grams is { } grams)
        {
            input.Within("grams", grams, 0.01, 100_000, "g");
        }

        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var modelled = await Planner.Modelled(revision.Printed.Select(k => SolidJson.Read(revision.Frozen.Solids[k])), revision.Process, kernel, stop);
        var run = new Run(Guid.CreateVersion7(), id, number, revision.Process.Id, took.Value, modelled.Seconds, request.Grams,
            modelled.Grams, clock.GetUtcNow());
        await ServiceStore.Add(database, run, stop);
        return TypedResults.Created($"/api/parts/{id}/history", run);
    }

    private static async Task<IResult> AddNote(Guid id, int number, ServiceNoteRequest request, NpgsqlDataSource database,
        TimeProvider clock, CancellationToken stop)
    {
        if (await RevisionStore.One(database, id, number, stop) is not { } revision)
        {
            return Problems.Missing("revision", number);
        }

        var input = new Input();
        var says = input.Text("says", request.Says);
        if (says.Length == 0)
        {
            input.Add(new("says", request.Says, "A service note says something.", "Say what wore, what was altered, what broke, or that it holds."));
        }

        if (revision.Kept is null)
        {
            input.Add(new("revision", number.ToString(CultureInfo.InvariantCulture),
                $"Revision {number} is not kept: service notes count against a kept one.", "Keep it first."));
        }

        var unit = request.AfterCount is null ? null : input.OneOf("afterUnit", request.AfterUnit, Units, u => u);
        if (request.AfterCount is { } count)
        {
            input.Within("afterCount", count, 0, 10_000_000, request.AfterUnit ?? "");
        }

        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var note = new ServiceNote(Guid.CreateVersion7(), id, number, request.Kind, request.AfterCount, unit, says, clock.GetUtcNow());
        await ServiceStore.Add(database, note, stop);
        return TypedResults.Created($"/api/parts/{id}/history", note);
    }
}
