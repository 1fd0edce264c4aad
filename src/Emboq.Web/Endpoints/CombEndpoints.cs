using Emboq.Exchange;
using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A test print to be made.</summary>
/// <param name="Surfaces">What it asks about; <c>null</c> for what is in doubt.</param>
public sealed record CombRequest(IReadOnlyList<Surface>? Surfaces = null);

/// <summary>What was read or felt on a face of a test print.</summary>
/// <param name="Tooth">Its number.</param>
/// <param name="Feel">What the hand says of a pin in its bore.</param>
/// <param name="Printed">What was read on another face, in any notation.</param>
/// <param name="Instrument">With what.</param>
/// <param name="Leading">What a bare number means.</param>
public sealed record CombToldRequest(int Tooth, Feel? Feel = null, string? Printed = null, string? Instrument = null, LengthSystem? Leading = null);

/// <summary>Test prints of setups: what they ask about, their files, and what was read on them.</summary>
internal static class CombEndpoints
{
    /// <summary>Further from what was drawn no print comes out, mm.</summary>
    private const double FurthestOff = 3;

    public static void MapCombs(this IEndpointRouteBuilder api)
    {
        api.MapPost("/fits/{id:guid}/comb", Asked).Produces<CombView>().ProducesProblem(400).ProducesProblem(404).Computes().Heavy();
        api.MapGet("/fits/{id:guid}/combs", Made).Produces<IReadOnlyList<MadeCombView>>().ProducesProblem(404);
        api.MapPost("/fits/{id:guid}/combs", Make).Produces<MadeCombView>(201).ProducesProblem(400).ProducesProblem(404);
        api.MapGet("/combs/{id:guid}/{file}", File).Produces(200, contentType: "application/octet-stream").ProducesProblem(404).Heavy();
        api.MapPost("/combs/{id:guid}/told", Tell).Produces(204).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/combs/told/{id:guid}/strikes", Strike).Produces(204).ProducesProblem(400).ProducesProblem(404);
    }

    /// <summary>What a test print would ask, and what it takes.</summary>
    private static async Task<IResult> Asked(Guid id, CombRequest request, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        if (await ProcessStore.Find(database, id, stop) is not { } process)
        {
            return Problems.Missing("setup", id);
        }

        var input = new Input();
        var (surfaces, plan) = await Planned(process, request, input, database, stop);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        if (plan.Teeth.Count == 0)
        {
            return TypedResults.Ok(CombView.Of(surfaces, plan, null, null, null));
        }

        var shape = CombShape.Of(plan.Teeth, process.Bed);
        var takes = await Planner.Takes(shape.Solid, process, database, kernel, stop);
        return TypedResults.Ok(CombView.Of(surfaces, plan, shape, $"{QuantityText.Metric(takes.Hours * 3600, Unit.Seconds)}, "
            + QuantityText.Metric(takes.Grams, Unit.Grams), BedRoom.Check("comb", "the test print", await Planner.Layers(shape.Solid, process, kernel, stop),
                process)));
    }

    private static async Task<(IReadOnlyList<CombSurfaceView> Surfaces, CombPlan Plan)> Planned(Process process, CombRequest request, Input input,
        NpgsqlDataSource database, CancellationToken stop)
    {
        var with = (await InstrumentStore.All(database, stop)).Where(i => i.Kind == InstrumentKind.Caliper).MinBy(i => i.MaximumPermissibleError);
        if (with is null)
        {
            input.Add(new("surfaces", null, "The faces of a test print are read with a caliper, and the workshop has none.",
                "Enter your caliper under Instruments."));
            return ([], new([], []));
        }

        foreach (var odd in (request.Surfaces ?? []).Except(CombFaces.Surfaces))
        {
            input.Add(new("surfaces", $"{odd}", $"No test print can ask about a {Process.Describe(odd)}.", "The proof of its own part does.",
                string.Join(", ", CombFaces.Surfaces.Select(Process.Describe))));
        }

        var belief = await FitLibrary.Of(database, await FitStore.Version(database, stop), stop);
        var used = await CombStore.Used(database, process.Id, stop);
        var known = CombPlan.Of(process, belief, with, [.. CombFaces.Surfaces.SelectMany(s => CombFaces.Of(s, used))]).Questions;
        var asked = request.Surfaces ?? [.. known.Where(q => q.IsOpen && (used.Count == 0 || used.Any(f => f.Surface == q.Face.Surface)))
            .Select(q => q.Face.Surface).Distinct()];
        var plan = CombPlan.Of(process, belief, with, [.. known.Select(q => q.Face).Where(f => asked.Contains(f.Surface))]);
        return ([.. CombFaces.Surfaces.Select(s => CombSurfaceView.Of(s, asked.Contains(s), [.. (asked.Contains(s) ? plan.Questions : known).Where(q =>
            q.Face.Surface == s)]))], plan);
    }

    private static async Task<IResult> Made(Guid id, NpgsqlDataSource database, CancellationToken stop)
    {
        if (await ProcessStore.Find(database, id, stop) is null)
        {
            return Problems.Missing("setup", id);
        }

        var told = (await CombStore.Told(database, stop)).ToLookup(t => (t.Comb, t.Tooth));
        return TypedResults.Ok<IReadOnlyList<MadeCombView>>([.. (await CombStore.Of(database, id, stop)).Select(c => MadeCombView.Of(c, told))]);
    }

    /// <summary>Keeps what is asked as it is asked now, so that what is read on it can be told for as long as it lies about.</summary>
    private static async Task<IResult> Make(Guid id, CombRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        if (await ProcessStore.Find(database, id, stop) is not { } process)
        {
            return Problems.Missing("setup", id);
        }

        var input = new Input();
        var (_, plan) = await Planned(process, request, input, database, stop);
        if (input.IsGood && plan.Teeth.Count == 0)
        {
            input.Add(new("surfaces", null, "Nothing of this is in doubt: there is nothing to print.", "Choose other surfaces."));
        }

        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var comb = new Comb(Guid.CreateVersion7(), process, plan.Teeth, clock.GetUtcNow());
        await CombStore.Add(database, comb, stop);
        return TypedResults.Created($"/api/combs/{comb.Id}/test-print.3mf", MadeCombView.Of(comb, Enumerable.Empty<ToldOfTooth>().ToLookup(t => (t.Comb,
            t.Tooth))));
    }

    private static async Task<IResult> File(Guid id, string file, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        if (await CombStore.Find(database, id, stop) is not { } comb)
        {
            return Problems.Missing("test print", id);
        }

        var named = $"test print - {comb.Process.Name} - {comb.At:yyyy-MM-dd}";
        async Task<NamedMesh> Mesh() =>
            new("test print", (await kernel.Evaluate([CombShape.Of(comb.Teeth, comb.Process.Bed).Solid], Facets.DefaultChordError, stop))[0].InOrder());
        return Path.GetExtension(file).ToLowerInvariant() switch
        {
            ".stl" => TypedResults.File(StlFile.Write((await Mesh()).Mesh, named), "model/stl", $"{FileNames.Slug(named)}.stl"),
            ".3mf" => TypedResults.File(ThreeMfFile.Write([await Mesh()], named), "model/3mf", $"{FileNames.Slug(named)}.3mf"),
            _ => Problems.Missing("kind of file", file),
        };
    }

    private static async Task<IResult> Tell(Guid id, CombToldRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        if (await CombStore.Find(database, id, stop) is not { } comb)
        {
            return Problems.Missing("test print", id);
        }

        var input = new Input();
        var tooth = input.OneOf("tooth", $"{request.Tooth}", comb.Teeth, t => $"{t.Number}");
        if (tooth is { IsFelt: true })
        {
            if (request.Feel is null)
            {
                input.Add(new("feel", null, "Of a pin in its bore the hand tells how it turns.", "Choose a word."));
            }

            return input.IsGood ? await Kept(new(Guid.CreateVersion7(), id, tooth.Number, request.Feel, null, null, clock.GetUtcNow()))
                : Problems.Bad(input.Problems);
        }

        var read = input.Size("printed", request.Printed, request.Leading ?? LengthSystem.Metric);
        var instrument = input.OneOf("instrument", request.Instrument, await InstrumentStore.All(database, stop), i => i.Id);
        if (input.IsGood && Math.Abs(read - tooth!.Face.Size) > FurthestOff)
        {
            input.Add(new("printed", request.Printed, $"{QuantityText.Metric(read, Unit.Millimetre)} is further than {QuantityText.Metric(FurthestOff,
                Unit.Millimetre)} from the drawn {QuantityText.Metric(tooth.Face.Size, Unit.Millimetre)}.",
                "Look at the number beside what was measured, and at the unit.", $"{FurthestOff} mm from the drawn size"));
        }

        return input.IsGood ? await Kept(new(Guid.CreateVersion7(), id, tooth!.Number, null, read, instrument, clock.GetUtcNow()))
            : Problems.Bad(input.Problems);

        async Task<IResult> Kept(ToldOfTooth told)
        {
            await CombStore.Tell(database, told, stop);
            return TypedResults.NoContent();
        }
    }

    private static async Task<IResult> Strike(Guid id, StrikeRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        var because = input.Words("because", request.Because);
        return !input.IsGood ? Problems.Bad(input.Problems)
            : await CombStore.Strike(database, id, because, clock.GetUtcNow(), stop) ? TypedResults.NoContent() : Problems.Missing("reading", id);
    }
}
