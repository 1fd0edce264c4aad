using System.Text.Json;
using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>What to compute, without keeping anything.</summary>
/// <param name="Family">Key of the family.</param>
/// <param name="Process">Id of the process.</param>
/// <param name="Parameters">Key to entry: numbers in mm or degrees, or text in workshop notation. What is left out gets its default.</param>
/// <param name="Interfaces">Slot to a kept interface, or to sizes stated here.</param>
/// <param name="Part">The part whose tries count, if any.</param>
/// <param name="Bodies">Which bodies to turn into triangles; all of them when left out, as they stand in the assembly.</param>
/// <param name="Takes">What it takes from other parts, by slot.</param>
/// <param name="Why">Lines of the ledger that answer why; all of them when left out.</param>
/// <param name="Setups">Setups of pieces and proofs that are printed by another process, by their keys.</param>
public sealed record DesignRequest(string Family, Guid Process, IReadOnlyDictionary<string, JsonElement>? Parameters = null,
    IReadOnlyDictionary<string, PlaceRequest>? Interfaces = null, Guid? Part = null, IReadOnlyList<BodyRole>? Bodies = null,
        IReadOnlyDictionary<string, TakenFrom>? Takes = null, IReadOnlyDictionary<string, Guid>? Setups = null,
        IReadOnlyList<string>? Why = null);

/// <summary>A place: a kept interface by id, or sizes stated with their doubt.</summary>
/// <param name="Id">A kept interface.</param>
/// <param name="Kind">Kind of a stated one; "tube" when left out.</param>
/// <param name="Sizes">Dimension to stated size.</param>
public sealed record PlaceRequest(Guid? Id = null, string? Kind = null, IReadOnlyDictionary<string, SizeRequest>? Sizes = null);

/// <summary>A stated size.</summary>
/// <param name="Value">In workshop notation.</param>
/// <param name="Uncertainty">One standard deviation, mm.</param>
public sealed record SizeRequest(string Value, double Uncertainty);

internal static class DesignEndpoints
{
    public static void MapDesigns(this IEndpointRouteBuilder api)
    {
        api.MapPost("/designs", Compute).Produces<DesignView>().ProducesProblem(400).Computes();
        api.MapPost("/moves", Moves).Produces<MovesView>().Produces(204).ProducesProblem(400).Computes();
        api.MapPost("/motions", Move).Produces<IReadOnlyList<CheckView>>().ProducesProblem(400).Computes().Heavy();
        api.MapPost("/next", Next).Produces<IReadOnlyList<WayOnView>>().ProducesProblem(400).Computes().Heavy();
        api.MapPost("/plans", Plan).Produces<PlanView>().ProducesProblem(400).Computes().Heavy();
    }

    private static async Task<IResult> Compute(DesignRequest request, HttpRequest http, NpgsqlDataSource database, ISolidKernel kernel,
        CancellationToken stop)
    {
        var design = await Read(request, database, stop);
        if (!design.IsGood)
        {
            return Problems.Bad(design.Problems);
        }

        var view = await View(design.Value, request.Bodies, request.Why, kernel, stop);
        return DesignBytes.IsAskedFor(http) ? new DesignBytes(view) : TypedResults.Ok(view);
    }

    private static async Task<IResult> Plan(DesignRequest request, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        var design = await Read(request, database, stop);
        if (!design.IsGood)
        {
            return Problems.Bad(design.Problems);
        }

        var values = ParameterValues.Read(FamilyList.Find(request.Family)!.Parameters, new Input().Entries("parameters", request.Parameters)).Value;
        return TypedResults.Ok(await Planner.Of(design.Value, request.Bodies ?? Enum.GetValues<BodyRole>(), values, database, kernel, stop));
    }

    /// <summary>What to print or to read next: the ways on from here, by what they take until the part fits.</summary>
    private static async Task<IResult> Next(DesignRequest request, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        var design = await Read(request, database, stop);
        return design.IsGood ? TypedResults.Ok<IReadOnlyList<WayOnView>>([.. (await Planner.Next(design.Value, database, kernel, stop)).Select(WayOnView.Of)])
            : Problems.Bad(design.Problems);
    }

    /// <summary>What moves by another setup than the newest revision was printed with; nothing where it was printed with this one, or never.</summary>
    private static async Task<IResult> Moves(DesignRequest request, NpgsqlDataSource database, CancellationToken stop)
    {
        if (request.Part is not { } part || await RevisionStore.Newest(database, part, stop) is not { } newest || newest.Process == request.Process
            || await ProcessStore.Find(database, newest.Process, stop) is not { } before)
        {
            return TypedResults.NoContent();
        }

        var (now, was) = (await Read(request, database, stop), await Read(request with { Process = before.Id }, database, stop));
        return !now.IsGood ? Problems.Bad(now.Problems) : !was.IsGood ? Problems.Bad(was.Problems)
            : TypedResults.Ok(MovesView.Of(newest.Number, before, now.Value.ProcessOf(Piece.Main), SeatMoves.Between(was.Value, now.Value),
                now.Value.Seats.Count));
    }

    /// <summary>Whether its motions are free, from the triangles along their paths; one that the kernel could not measure is told as not judged.</summary>
    private static async Task<IResult> Move(DesignRequest request, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        var design = await Read(request, database, stop);
        if (!design.IsGood)
        {
            return Problems.Bad(design.Problems);
        }

        var checks = new List<CheckView>();
        foreach (var motion in design.Value.Motions)
        {
            try
            {
                checks.Add(CheckView.Of(await MotionCheck.Of(design.Value, motion, kernel, stop)));
            }
            catch (Kernel.KernelException e)
            {
                checks.Add(CheckView.Of(MotionCheck.NotJudged(motion, e.Message)));
            }
        }

        return TypedResults.Ok<IReadOnlyList<CheckView>>(checks);
    }

    /// <summary>Computes what a request describes.</summary>
    internal static async Task<Outcome<Design>> Read(DesignRequest request, NpgsqlDataSource database, CancellationToken stop)
    {
        var input = new Input();
        var entries = input.Entries("parameters", request.Parameters);
        // A null in JSON slips past the annotation of a dictionary's value: it names no place.
        var places = (request.Interfaces ?? new Dictionary<string, PlaceRequest>()).Where(p => p.Value is not null).ToDictionary();
        var stated = new Dictionary<Guid, Interface>();
        var slots = new Dictionary<string, Guid>();
        foreach (var (slot, place) in places)
        {
            slots[slot] = place.Id ?? Guid.CreateVersion7();
            if (place.Id is null)
            {
                stated[slots[slot]] = Stated(input, slot, slots[slot], place);
            }
        }

        if (!input.IsGood)
        {
            return input.Problems.ToList();
        }

        return await Designer.Of(database, request.Family, new(entries, slots, request.Process)
        {
            Takes = request.Takes ?? new Dictionary<string, TakenFrom>(),
            Setups = request.Setups ?? new Dictionary<string, Guid>(),
        }, request.Part, stated, stop);
    }

    private static async Task<DesignView> View(Design design, IReadOnlyList<BodyRole>? roles, IReadOnlyList<string>? why,
        ISolidKernel kernel, CancellationToken stop)
    {
        var asked = ShownBody.Of(design).Where(b => roles?.Contains(b.Role) ?? b.Role != BodyRole.Lying).ToList();
        var shown = asked.Where(b => b.Body.IsBuildable).ToList();
        // The ledger is put into words while the kernel works.
        var meshes = Meshes(shown, kernel, stop);
        var view = DesignView.Of(design, kernel.Version, why);
        var bodies = (await meshes).Where(b => b.Mesh.Triangles.Length > 0).ToDictionary(b => b.Key, b => b.Mesh);
        var nothing = BuiltCheck.Of(design, [.. asked.Where(b => b.Role != BodyRole.Lying).Select(b => b.Body).Where(b => !bodies.ContainsKey(b.Key))]);
        return view with
        {
            Bodies = [.. shown.Where(b => bodies.ContainsKey(b.Body.Key)).Select(b =>
                BodyView.Of(b.Body, b.Role, bodies[b.Body.Key], b.Pose, b.Proves, b.Rungs, b.Says, b.Item?.MayDiffer ?? false) with
            { Laid = (b.Item as Proof)?.Laid })],
            Checks = [.. view.Checks, .. GaugeCheck.Of(design.Gauges, bodies) is { } gauged ? [CheckView.Of(gauged)] : Array.Empty<CheckView>(),
                .. nothing is null ? [] : new[] { CheckView.Of(nothing) }],
        };
    }

    /// <summary>Pieces share little: each further one goes to an engine of its own, as far as some are free. What else is shown is cut from the
    /// first.</summary>
    private static async Task<IEnumerable<(string Key, SolidMesh Mesh)>> Meshes(IReadOnlyList<ShownBody> shown, ISolidKernel kernel, CancellationToken stop)
    {
        var first = shown.FirstOrDefault(b => b.Role == BodyRole.Part)?.Item?.Key;
        var groups = shown.GroupBy(b => b.Role == BodyRole.Part ? b.Item?.Key : first).Select(async group => group.Select(b => b.Body.Key)
            .Zip(await kernel.Evaluate([.. group.Select(b => Coarse.Of(b.Body.Solid))], Facets.DefaultChordError, stop)));
        return (await Task.WhenAll(groups)).SelectMany(b => b);
    }

    /// <summary>A body of a design with what it is for.</summary>
    private sealed record ShownBody(Body Body, BodyRole Role, PrintItem? Item = null, Pose? Pose = null, string? Proves = null,
        int Rungs = 1, string? Says = null)
    {
        public static IEnumerable<ShownBody> Of(Design design) =>
        [
            .. design.Pieces.SelectMany(p => p.Bodies.Select(b => new ShownBody(b, BodyRole.Part, p, p.Pose, Says: p.Says))),
            .. design.Proofs.SelectMany(p => p.Bodies.Select(b => new ShownBody(b, BodyRole.Coupon, p, null, p.Seat, p.Rungs,
                design.Own.ContainsKey(p.Key) ? $"{p.Says} {Proof.OfAnotherProcess}" : p.Says))),
            .. design.Machine.Select(b => new ShownBody(b, BodyRole.Counterpart)),
            .. design.Pieces.Where(p => p.IsBuildable).Select(p => new ShownBody(new($"lying-{p.Key}", p.Name, () => p.AsPrinted), BodyRole.Lying)),
        ];
    }

    private static Interface Stated(Input input, string slot, Guid id, PlaceRequest place)
    {
        const double LeastUncertainty = 0.001;
        var field = $"interfaces.{slot}";
        var kind = input.OneOf($"{field}.kind", place.Kind ?? KindList.Tube.Key, KindList.All, k => k.Key) ?? KindList.Tube;
        var items = kind.Item?.UsualNames ?? [];
        var dimensions = kind.DimensionsOf(items);
        foreach (var key in place.Sizes?.Keys.Where(k => dimensions.All(d => d.Key != k)) ?? [])
        {
            input.OneOf($"{field}.sizes", key, dimensions, d => d.Key);
        }

        return Interface.Of(id, $"{slot} place", kind, items, d =>
        {
            var at = $"{field}.sizes.{d.Key}";
            if (place.Sizes?.GetValueOrDefault(d.Key) is not { } size)
            {
                return new Dimension(id, d.Key, $"{slot} {d.Name}", []);
            }

            if (!(size.Uncertainty is >= 0 and <= 100))
            {
                input.Add(new($"{at}.uncertainty", $"{size.Uncertainty}", "The uncertainty of a size is one standard deviation in mm.",
                    "Give 0 to 100.", "0 to 100 mm"));
                return new Dimension(id, d.Key, $"{slot} {d.Name}", []);
            }

            // A stated size is one reading of an imagined instrument that repeats as well as was stated.
            var instrument = new Instrument($"stated-{id}-{d.Key}", "stated by the caller", 0, 0,
                Math.Max(size.Uncertainty, LeastUncertainty), Limits.LongestReading);
            var value = input.Size($"{at}.value", size.Value, LengthSystem.Metric);
            return new Dimension(id, d.Key, $"{slot} {d.Name}", [new(Guid.CreateVersion7(), value, size.Value, instrument,
                DateTimeOffset.UnixEpoch, null, null)]);
        });
    }
}
