using System.Runtime.CompilerServices;
using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>What to lay out.</summary>
/// <param name="Parts">Parts of the job that are printed together.</param>
/// <param name="Processes">The setups whose beds share the work.</param>
/// <param name="Start">When the first can start, in the workshop's own time.</param>
/// <param name="Gap">Free between neighbours, mm.</param>
/// <param name="Margin">Free at the edges of a bed, mm; as each printer has it when left out.</param>
/// <param name="Most">Pieces on one bed at most; as many as fit when left out.</param>
/// <param name="Letters">Colour of inlaid letters: they are printed by themselves, in a filament of their own.</param>
public sealed record BedfulsRequest(IReadOnlyList<BedfulPart> Parts, IReadOnlyList<Guid> Processes, DateTimeOffset Start, double Gap = 5,
    double? Margin = null, int? Most = null, string? Letters = null);

/// <summary>A part to lay out.</summary>
/// <param name="Part">Which.</param>
/// <param name="Members">Which members of its row, counted from 1; all of them when left out.</param>
public sealed record BedfulPart(Guid Part, IReadOnlyList<int>? Members = null);

/// <summary>Parts of a job laid out on beds.</summary>
internal static class BedfulEndpoints
{
    /// <summary>Pieces whose places are asked for at once.</summary>
    private const int MostPieces = 400;

    private const double Coarse = 0.1;

    public static void MapBedfuls(this IEndpointRouteBuilder api) =>
        api.MapPost("/jobs/{id:guid}/bedfuls", Lay).Produces<BedfulsStep>(200,
            "application/x-ndjson").ProducesProblem(400).ProducesProblem(404).WithMetadata(new WholeAnswers.BitByBit()).Computes().Heavy();

    private sealed record Laid(Part Part, IReadOnlyList<int> Members, IReadOnlyList<Design> Designs)
    {
        public RowItem? Row(int member) => Part.State.Row is { Count: > 0 } row ? row[member - 1] : null;
    }

    private static async Task<IResult> Lay(Guid id, BedfulsRequest request, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        if (await JobStore.One(database, id, stop) is not { } job)
        {
            return Problems.Missing("job", id);
        }

        var input = new Input();
        input.Within("gap", request.Gap, 0, 100, "mm");
        input.Within("margin", request.Margin ?? 0, 0, 100, "mm");
        input.Within("most", request.Most ?? 1, 1, MostPieces, "pieces");
        var known = await ProcessStore.All(database, stop);
        var processes = request.Processes.Distinct().Select(p => input.OneOf("processes", $"{p}", known, k => $"{k.Id}")).OfType<Process>().ToList();
        if (processes.Count == 0)
        {
            input.Add(new("processes", null, "No setup is chosen.", "Choose one or more to print on."));
        }

        var laid = new List<Laid>();
        foreach (var asked in request.Parts.DistinctBy(p => p.Part))
        {
            if (input.OneOf("parts", $"{asked.Part}", job.Parts, p => $"{p.Id}") is { } part
                && input.Gather(await Designer.OfMembers(database, part, stop)) is { } designs)
            {
                var members = (asked.Members ?? [.. Enumerable.Range(1, designs.Count)]).Distinct().Where(m => m >= 1 && m <= designs.Count).ToList();
                laid.Add(new(part, members, designs));
                if (members.FirstOrDefault(m => designs[m - 1].Pieces is not [{ IsBuildable: true }, ..]) is > 0 and var broken)
                {
                    input.Add(new("parts", part.Name, designs.Count > 1 ? $"Member {broken} of {part.Name} cannot be built as it stands."
                        : $"{part.Name} cannot be built as it stands.", "Look at its checks first."));
                }
            }
        }

        var letters = input.Text("letters", request.Letters);
        input.Within("parts", laid.Sum(l => l.Members.Sum(m => l.Row(m)?.Count ?? 1)), 1, MostPieces, "pieces");
        return input.IsGood
            ? new LineByLine<BedfulsStep>(Steps(request, letters.Length > 0 ? letters : "a second colour", laid, processes, database, kernel, stop))
            : Problems.Bad(input.Problems);
    }

    private static async IAsyncEnumerable<BedfulsStep> Steps(BedfulsRequest request, string letters, List<Laid> parts, List<Process> processes,
        NpgsqlDataSource database, ISolidKernel kernel, [EnumeratorCancellation] CancellationToken stop)
    {
        yield return new("Measuring what lies on the bed", 0, null);
        // A jaw has a second, a label may have letters of another colour: each is a piece of its own.
        var shapes = parts.SelectMany((p, i) => p.Members.SelectMany(m => p.Designs[m - 1].Pieces
            .Select(b => (Key: (Part: i, Member: m, Body: b.Key), Piece: b, Shape: b.AsPrinted)))).ToList();
        var solids = shapes.ToDictionary(s => s.Key, s => s.Shape);
        var boxes = (await kernel.Evaluate([.. shapes.Select(s => s.Shape)], Coarse, stop)).Select(mesh => mesh.Bounds);
        // Records of one member are equal: each copy must be itself.
        var pieces = shapes.Zip(boxes, (s, box) => (Row: parts[s.Key.Part].Row(s.Key.Member),
            Piece: PieceOf(s.Key, box, s.Piece.OtherColour ? letters : parts[s.Key.Part].Row(s.Key.Member)?.Group ?? "")))
            .SelectMany(p => Enumerable.Range(0, p.Row?.Count ?? 1).Select(_ => p.Piece with { })).ToList();
        // What has a setup of its own is printed with that; all else shares the beds that were chosen.
        Process? Own(BedItem piece) => parts[piece.Part].Designs[piece.Member - 1].Own.GetValueOrDefault(piece.Body);
        var able = processes.Concat(pieces.Select(Own).OfType<Process>()).DistinctBy(p => p.Id).ToList();
        var beds = able.ToDictionary(p => p.Id, p => request.Margin is { } margin ? p.Bed with { Margin = margin } : p.Bed);
        var layouts = pieces.GroupBy(p => Own(p)?.Id).OrderBy(g => g.Key is not null).Select(g => (Own: g.Key, Layout: Bedfuls.Of([.. g],
            [.. (g.Key is { } own ? able.Where(p => p.Id == own) : processes).Select(p => beds[p.Id])], request.Gap, request.Most ?? int.MaxValue))).ToList();
        var layout = new Layout([.. layouts.SelectMany(l => l.Layout.Bedfuls)], [.. layouts.SelectMany(l => l.Layout.TooLarge)],
            layouts.All(l => l.Layout.Proven));

        var factors = new Dictionary<Guid, RunFactors>();
        foreach (var process in able)
        {
            factors[process.Id] = await Planner.Factors(process, database, stop);
        }

        var planned = new List<PlannedBedful>();
        var layers = new Dictionary<((int, int, string), Guid), IReadOnlyList<Layer>>();
        foreach (var (bedful, i) in layout.Bedfuls.Select((b, i) => (b, i)))
        {
            yield return new($"Cutting bedful {i + 1} of {layout.Bedfuls.Count} into layers", (double)i / layout.Bedfuls.Count, null);
            var choices = new List<PlannedBedful>();
            // Every printer that takes it as it lies may print it.
            foreach (var process in (Own(bedful.Placements[0].Piece) is { } only ? [only] : processes).Where(p => beds[p.Id].Holds(bedful.Placements)))
            {
                foreach (var key in bedful.Placements.Select(p => (p.Piece.Part, p.Piece.Member, p.Piece.Body)).Distinct().Where(k =>
                    !layers.ContainsKey((k, process.Id))))
                {
                    layers[(key, process.Id)] = await Planner.Layers(solids[key], process, kernel, stop);
                }

                var plan = PrintPlan.Of(PrintPlan.Together([.. bedful.Placements.Select(p =>
                    layers[((p.Piece.Part, p.Piece.Member, p.Piece.Body), process.Id)])]), process, factors[process.Id]);
                choices.Add(new(bedful with { Bed = beds[process.Id] }, process.Material, plan["time"].Value, plan["mass"].Value));
            }

            planned.Add(choices[0] with { Elsewhere = choices[1..] });
        }

        yield return new("Choosing hours and spools", 1, null);
        yield return new(null, 1, BedfulsView.Of(layout, BedSchedule.Of(planned, await SpoolStore.All(database, stop), request.Start),
            able.ToDictionary(p => p.Id, p => p.Name), [.. parts.Select(p => p.Part.Id)]));
    }

    private static BedItem PieceOf((int Part, int Member, string Body) key, (Point3 Least, Point3 Greatest) box, string group) =>
        new(key.Member, box.Greatest.X - box.Least.X, box.Greatest.Y - box.Least.Y, box.Greatest.Z - box.Least.Z, group, key.Body, key.Part);
}
