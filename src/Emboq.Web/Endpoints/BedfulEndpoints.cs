using Emboq.Core;
using Emboq.Core.Printing;
using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>What to lay out.</summary>
/// <param name="Processes">The setups whose beds take turns.</param>
/// <param name="Start">When the first can start, in the workshop's own time.</param>
/// <param name="Gap">Free between neighbours, mm.</param>
/// <param name="Margin">Free at the edges of a bed, mm.</param>
/// <param name="Members">Which members, counted from 1; all of them when left out.</param>
/// <param name="Letters">Colour of inlaid letters: they are printed by themselves, in a filament of their own.</param>
public sealed record BedfulsRequest(IReadOnlyList<Guid> Processes, DateTimeOffset Start, double Gap = 5, double Margin = 5, IReadOnlyList<int>? Members = null, string? Letters = null);

/// <summary>Rows laid out on beds.</summary>
internal static class BedfulEndpoints
{
    /// <summary>Pieces whose places are asked for at once.</summary>
    private const int MostPieces = 400;

    private const double Coarse = 0.1;

    public static void MapBedfuls(this IEndpointRouteBuilder api) =>
        api.MapPost("/parts/{id:guid}/bedfuls", Lay).Produces<BedfulsView>().ProducesProblem(400).ProducesProblem(404);

    private static async Task<IResult> Lay(Guid id, BedfulsRequest request, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        if (await JobStore.Part(database, id, stop) is not { } part)
        {
            return Problems.Missing("part", id);
        }

        var input = new Input();
        input.Within("gap", request.Gap, 0, 100, "mm");
        input.Within("margin", request.Margin, 0, 100, "mm");
        var known = await ProcessStore.All(database, stop);
        var processes = request.Processes.Distinct().Select(p => input.OneOf("processes", $"{p}", known, k => $"{k.Id}")).OfType<Process>().ToList();
        if (request.Processes.Count == 0)
        {
            input.Add(new("processes", null, "No setup is chosen.", "Choose one or more to print on."));
        }

        var designs = input.Gather(await Designer.OfMembers(database, part, stop));
        if (designs is not null && designs.Any(d => d.Bodies.Count == 0))
        {
            input.Add(new("part", part.Name, "A member of the row cannot be built as it stands.", "Look at its checks first."));
        }

        var letters = input.Text("letters", request.Letters);
        var counts = part.State.Row?.Select(r => r.Count).ToList() ?? [1];
        var members = (request.Members ?? [.. Enumerable.Range(1, counts.Count)]).Distinct().Where(m => m >= 1 && m <= counts.Count).ToList();
        input.Within("row", members.Sum(m => counts[m - 1]), 1, MostPieces, "pieces");
        return input.IsGood
            ? TypedResults.Ok(await Laid(request, letters.Length > 0 ? letters : "a second colour", part, members, designs!, processes, database, kernel, stop))
            : Problems.Bad(input.Problems);
    }

    private static async Task<BedfulsView> Laid(BedfulsRequest request, string letters, Part part, List<int> members, IReadOnlyList<Design> designs, List<Process> processes, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        // A jaw has a second, a label may have letters of another colour: each is a piece of its own.
        var shapes = members.SelectMany(m => designs[m - 1].Bodies.Where(b => b.Role == BodyRole.Part).Select(b => (Member: m, Body: b.Key, Shape: designs[m - 1].AsPrinted(b)))).ToList();
        var solids = shapes.ToDictionary(s => (s.Member, s.Body), s => s.Shape);
        var boxes = (await kernel.Evaluate([.. shapes.Select(s => s.Shape)], Coarse, stop)).Select(mesh => mesh.Bounds);
        var pieces = shapes.Zip(boxes).SelectMany(s => Enumerable.Repeat(
            PieceOf(s.First.Member, s.First.Body, s.Second, s.First.Body == "inlay" ? letters : part.State.Row?[s.First.Member - 1].Group ?? ""), part.State.Row?[s.First.Member - 1].Count ?? 1)).ToList();
        // Records of one member are equal: each copy must be itself.
        var layout = Bedfuls.Of([.. pieces.Select(p => p with { })], [.. processes.Select(p => new Bed(p.Id, p.BedWidth, p.BedDepth, p.BuildHeight))], request.Gap, request.Margin);
        var planned = new List<PlannedBedful>();
        foreach (var bedful in layout.Bedfuls)
        {
            var process = processes.First(p => p.Id == bedful.Bed.Process);
            var factor = TimeFactor.Of(process, [.. (await ServiceStore.RunsOn(database, process.Id, stop)).Select(r => (r.Seconds, r.ModelledSeconds))]);
            var each = (await Task.WhenAll(bedful.Placements.Select(p => (p.Piece.Member, p.Piece.Body)).Distinct().Select(async b => (b, await Planner.Layers(solids[b], process, kernel, stop))))).ToDictionary();
            var plan = PrintPlan.Of(PrintPlan.Together([.. bedful.Placements.Select(p => each[(p.Piece.Member, p.Piece.Body)])]), process, factor);
            planned.Add(new(bedful, process.Material, plan["time"].Value, plan["mass"].Value));
        }

        return BedfulsView.Of(layout, BedSchedule.Of(planned, await SpoolStore.All(database, stop), request.Start), processes.ToDictionary(p => p.Id, p => p.Name));
    }

    private static Piece PieceOf(int member, string body, (Point3 Least, Point3 Greatest) box, string group) =>
        new(member, box.Greatest.X - box.Least.X, box.Greatest.Y - box.Least.Y, box.Greatest.Z - box.Least.Z, group, body);
}
