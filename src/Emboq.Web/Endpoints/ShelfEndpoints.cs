using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A new spool.</summary>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Filament">Identity of the filament on it.</param>
/// <param name="Tare">Of the empty spool, g.</param>
/// <param name="Gross">What the scale shows now, g.</param>
/// <param name="Colour">In words.</param>
public sealed record SpoolRequest(string Name, Guid Filament, double Tare, double Gross, string? Colour = null);

/// <summary>What the scale shows.</summary>
/// <param name="Gross">Spool and all, g.</param>
public sealed record WeighingRequest(double Gross);

/// <summary>The drawer of screws.</summary>
/// <param name="Version">The state it was changed from; 0 before there was one.</param>
/// <param name="Screws">What is in it.</param>
public sealed record ScrewDrawer(int Version, IReadOnlyList<DrawerScrew> Screws);

/// <summary>What lies on the shelf: spools and screws.</summary>
internal static class ShelfEndpoints
{
    private const double Heaviest = 20_000;
    private const double LongestScrew = 400;
    private const int MostScrews = 300;
    private static readonly string[] Heads = ["cap", "countersunk", "pan", "wood"];

    public static void MapShelf(this IEndpointRouteBuilder api)
    {
        api.MapGet("/spools", (NpgsqlDataSource database, CancellationToken stop) => SpoolStore.All(database, stop));
        api.MapPost("/spools", AddSpool).Produces<Spool>(201).ProducesProblem(400);
        api.MapPost("/spools/{id:guid}/weighings", Weigh).Produces(204).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/spools/{id:guid}/put-away", async (Guid id, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop) =>
            await SpoolStore.PutAway(database, id, clock.GetUtcNow(), stop) ? TypedResults.NoContent()
                : Problems.Missing("spool", id)).Produces(204).ProducesProblem(404);
        api.MapGet("/screws", async (NpgsqlDataSource database, CancellationToken stop) => await Drawer(database, stop));
        api.MapPut("/screws", SaveScrews).Produces<ScrewDrawer>().ProducesProblem(400).ProducesProblem(409);
    }

    private static async Task<ScrewDrawer> Drawer(NpgsqlDataSource database, CancellationToken stop)
    {
        var (version, screws) = await ScrewStore.Now(database, stop);
        return new(version, screws);
    }

    private static async Task<IResult> AddSpool(SpoolRequest r, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop, bool again = false)
    {
        var input = new Input();
        var filament = input.OneOf("filament", $"{r.Filament}", await SetupStores.Filaments.All(database, stop), f => $"{f.Id}");
        var spool = new Spool(Guid.CreateVersion7(), input.Name("name", r.Name), r.Filament, filament?.Name ?? "", input.Text("colour", r.Colour),
            input.Within("tare", r.Tare, 0, Heaviest, "g"), Gross(input, r.Gross, r.Tare), clock.GetUtcNow());
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        if (!again && await NameStore.OfSpool(database, spool.Name, stop))
        {
            return Problems.Taken("name", "spool", spool.Name);
        }

        await SpoolStore.Add(database, spool, stop);
        return TypedResults.Created($"/api/spools/{spool.Id}", spool);
    }

    private static async Task<IResult> Weigh(Guid id, WeighingRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        if ((await SpoolStore.All(database, stop)).FirstOrDefault(s => s.Id == id) is not { } spool)
        {
            return Problems.Missing("spool", id);
        }

        var input = new Input();
        var gross = Gross(input, request.Gross, spool.Tare);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        await SpoolStore.Weigh(database, id, gross, clock.GetUtcNow(), stop);
        return TypedResults.NoContent();
    }

    /// <summary>A spool never weighs less than it does empty, but for what a scale may be off.</summary>
    private static double Gross(Input input, double gross, double tare)
    {
        const double Off = 5;
        input.Within("gross", gross, 0, Heaviest, "g");
        if (gross < tare - Off)
        {
            input.Add(new("gross", $"{gross}", $"The scale shows {gross:0.#} g, less than the empty spool of {tare:0.#} g.",
                "Look at the scale's zero, and at the tare.", $"{tare:0.#} g or more"));
        }

        return gross;
    }

    private static async Task<IResult> SaveScrews(ScrewDrawer drawer, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        input.Within("screws", drawer.Screws.Count, 0, MostScrews, "screws");
        foreach (var (screw, i) in drawer.Screws.Select((s, i) => (s, i + 1)))
        {
            input.Name($"screws.{i}.size", screw.Size);
            input.OneOf($"screws.{i}.head", screw.Head, Heads, h => h);
            input.Within($"screws.{i}.length", screw.Length, 1, LongestScrew, "mm");
        }

        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        if (await ScrewStore.Save(database, drawer.Version, drawer.Screws, clock.GetUtcNow(), stop))
        {
            return TypedResults.Ok(drawer with { Version = drawer.Version + 1 });
        }

        var newest = await Drawer(database, stop);
        return Problems.Stale(drawer.Version, newest.Version, newest, drawer);
    }
}
