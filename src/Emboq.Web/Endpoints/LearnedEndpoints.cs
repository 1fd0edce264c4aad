using System.Globalization;
using System.Text.Json;
using Emboq.Store;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>What the prints of another workshop have told here.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Name">What that workshop is called.</param>
/// <param name="At">When it was taken in.</param>
/// <param name="Prints">How many prints.</param>
/// <param name="Setups">Names of what they were printed with.</param>
public sealed record LearnedFromView(Guid Id, string Name, DateTimeOffset At, int Prints, IReadOnlyList<string> Setups)
{
    internal static LearnedFromView Of(LearnedFrom from) =>
        new(from.Id, from.Name, from.At, from.File.Prints.Count, [.. from.File.Setups.Select(s => s.Name).Distinct()]);
}

/// <summary>What was learned, from workshop to workshop.</summary>
internal static class LearnedEndpoints
{
    /// <summary>Of so many workshops at most: a belief takes longer by the square of its prints and more.</summary>
    private const int MostWorkshops = 2;

    private const int MostSetups = 60;
    private const int MostTold = 30;
    private const double LargestFace = 5000, FurthestOff = 20, WidestDoubt = 10;

    public static void MapLearned(this IEndpointRouteBuilder api)
    {
        api.MapGet("/learned", Taken).Produces<IReadOnlyList<LearnedFromView>>();
        api.MapGet("/learned.json", Write).Produces(200, contentType: "application/json");
        api.MapPost("/learned", Take).Produces<LearnedFromView>(201).ProducesProblem(400).ProducesProblem(429).RequireRateLimiting(Limits.Uploads);
        api.MapDelete("/learned/{id:guid}", TakeOut).Produces(204).ProducesProblem(404);
    }

    private static async Task<IResult> Taken(NpgsqlDataSource database, CancellationToken stop) =>
        TypedResults.Ok<IReadOnlyList<LearnedFromView>>([.. (await LearnedStore.Now(database, stop)).Select(LearnedFromView.Of)]);

    /// <summary>What this workshop's own prints told: what others told it is theirs to pass on.</summary>
    private static async Task<IResult> Write(NpgsqlDataSource database, TimeProvider clock, IOptions<JsonOptions> json, CancellationToken stop)
    {
        var file = LearnedFile.Of(await LearnedStore.Workshop(database, stop), await FitLibrary.Own(database, stop));
        return TypedResults.File(JsonSerializer.SerializeToUtf8Bytes(file, json.Value.SerializerOptions), "application/json",
            string.Create(CultureInfo.InvariantCulture, $"emboq-learned-{clock.GetUtcNow():yyyy-MM-dd}.json"));
    }

    private static async Task<IResult> Take(LearnedFile file, string? name, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        var called = input.Name("name", name);
        if (file.Format != LearnedFile.TheFormat || file.Schema != 1)
        {
            input.Add(new("format", file.Format, "This is not what a workshop has learned, or a newer Emboq wrote it.",
                "Choose a file that Emboq wrote under Fits.", $"{LearnedFile.TheFormat}, schema 1"));
            return Problems.Bad(input.Problems);
        }

        if (file.Workshop == await LearnedStore.Workshop(database, stop))
        {
            input.Add(new("workshop", null, "This is what your own workshop told: it counts here already.", "Choose a file of another workshop."));
        }

        var others = (await LearnedStore.Now(database, stop)).Select(l => l.File.Workshop).Where(w => w != file.Workshop).Distinct().Count();
        input.Within("workshops", others + 1, 1, MostWorkshops, "workshops: take one out first");
        Look(input, file);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var taken = new LearnedFrom(Guid.CreateVersion7(), called, file, clock.GetUtcNow());
        await LearnedStore.Take(database, taken, stop);
        return TypedResults.Created($"/api/learned/{taken.Id}", LearnedFromView.Of(taken));
    }

    private static void Look(Input input, LearnedFile file)
    {
        input.Within("setups", file.Setups.Count, 1, MostSetups, "setups");
        input.Within("prints", file.Prints.Count, 1, LearnedFile.MostPrints, "prints");
        foreach (var (setup, i) in file.Setups.Take(MostSetups).Select((s, i) => (s, i)))
        {
            SetupEndpoints.Look(input, setup, $"setups.{i}.");
        }

        foreach (var (print, i) in file.Prints.Take(LearnedFile.MostPrints).Select((p, i) => (p, i)))
        {
            Look(input, print, $"prints.{i}.", file.Setups.Count);
        }

        if (file.Prints.DistinctBy(p => p.Id).Count() < file.Prints.Count)
        {
            input.Add(new("prints", null, "Two prints of this file have one identity.", "Have the file written again."));
        }
    }

    private static void Look(Input input, LearnedPrint print, string path, int setups)
    {
        input.Name($"{path}id", print.Id);
        input.Within($"{path}setup", print.Setup, 0, setups - 1, "of the file's setups");
        input.Within($"{path}face.size", print.Face.Size, 0.01, LargestFace, "mm");
        input.Within($"{path}drawn", print.Drawn, 0.01, LargestFace, "mm");
        input.OneOf($"{path}joint", print.Joint, SeatWords.All, w => w.Key);
        input.Within($"{path}felt", print.Felt.Count, 0, MostTold, "words");
        input.Within($"{path}measured", print.Measured.Count, 0, MostTold, "readings");
        input.Within($"{path}runsSince", print.RunsSince, 0, 1_000_000, "runs");
        input.Within($"{path}servicesSince", print.ServicesSince, 0, 10_000, "services");
        if (print.Met is { } met)
        {
            input.Name($"{path}met.of", met.Of);
            input.Within($"{path}met.size", met.Size, Math.Max(0, print.Drawn - FurthestOff), print.Drawn + FurthestOff, "mm");
            input.Within($"{path}met.doubt", met.Doubt, 0, WidestDoubt, "mm");
        }

        foreach (var (read, i) in print.Measured.Take(MostTold).Select((m, i) => (m, i)))
        {
            input.Within($"{path}measured.{i}.size", read.Size, Math.Max(0, print.Drawn - FurthestOff), print.Drawn + FurthestOff, "mm");
            WorkshopEndpoints.Look(input, read.Instrument, $"{path}measured.{i}.instrument.");
        }

        if (print.Worked is { } worked)
        {
            WorkshopEndpoints.Look(input, worked, $"{path}worked.");
        }
    }

    private static async Task<IResult> TakeOut(Guid id, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop) =>
        await LearnedStore.TakeOut(database, id, clock.GetUtcNow(), stop) ? TypedResults.NoContent() : Problems.Missing("workshop", id);
}
