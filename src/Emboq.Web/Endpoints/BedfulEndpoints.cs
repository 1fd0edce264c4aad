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
public sealed record BedfulsRequest(IReadOnlyList<Guid> Processes, DateTimeOffset Start, double Gap = 5, double Margin = 5, IReadOnlyList<int>? Members = null);

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

        var counts = part.State.Row?.Select(r => r.Count).ToList() ?? [1];
        var members = (request.Members ?? [.. Enumerable.Range(1, counts.Count)]).Distinct().Where(m => m >= 1 && m <= counts.Count).ToList();
        input.Within("row", members.Sum(m => counts[m - 1]), 1, MostPieces, "pieces");
        return input.IsGood
            ? TypedResults.Ok(await Laid(request, part, members, designs!, processes, database, kernel, stop))
            : Problems.Bad(input.Problems);
    }

    private static async Task<BedfulsView> Laid(BedfulsRequest request, Part part, List<int> members, IReadOnlyList<Design> designs, List<Process> processes, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        var shapes = members.ToDictionary(m => m, m => designs[m - 1].AsPrinted(designs[m - 1].Bodies.First(b => b.Key == "part")));
        var meshes = (await kernel.Evaluate([.. members.Select(m => shapes[m])], Coarse, stop)).Zip(members, (mesh, m) => (m, mesh.Bounds)).ToDictionary(b => b.m, b => b.Bounds);
        var pieces = members.SelectMany(m => Enumerable.Repeat(PieceOf(m, meshes[m], part.State.Row?[m - 1].Group ?? ""), part.State.Row?[m - 1].Count ?? 1)).ToList();
        // Records of one member are equal: each copy must be itself.
        var layout = Bedfuls.Of([.. pieces.Select(p => p with { })], [.. processes.Select(p => new Bed(p.Id, p.BedWidth, p.BedDepth, p.BuildHeight))], request.Gap, request.Margin);
        var planned = new List<PlannedBedful>();
        foreach (var bedful in layout.Bedfuls)
        {
            var process = processes.First(p => p.Id == bedful.Bed.Process);
            var factor = TimeFactor.Of(process, [.. (await ServiceStore.RunsOn(database, process.Id, stop)).Select(r => (r.Seconds, r.ModelledSeconds))]);
            var each = (await Task.WhenAll(bedful.Placements.Select(p => p.Piece.Member).Distinct().Select(async m => (m, await Planner.Layers(shapes[m], process, kernel, stop))))).ToDictionary();
            var plan = PrintPlan.Of(PrintPlan.Together([.. bedful.Placements.Select(p => each[p.Piece.Member])]), process, factor);
            planned.Add(new(bedful, process.Material, plan["time"].Value, plan["mass"].Value));
        }

        return BedfulsView.Of(layout, BedSchedule.Of(planned, await SpoolStore.All(database, stop), request.Start), processes.ToDictionary(p => p.Id, p => p.Name));
    }

    private static Piece PieceOf(int member, (Point3 Least, Point3 Greatest) box, string group) =>
        new(member, box.Greatest.X - box.Least.X, box.Greatest.Y - box.Least.Y, box.Greatest.Z - box.Least.Z, group);
}
