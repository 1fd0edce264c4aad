using Emboq.Exchange;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A bedful to be written as a file, as it was laid out.</summary>
/// <param name="Name">Of the plan: "Bedful 2".</param>
/// <param name="Kind">3mf or stl.</param>
/// <param name="Placements">What lies where.</param>
public sealed record BedfulFileRequest(string Name, string Kind, IReadOnlyList<BedfulFilePlacement> Placements);

/// <summary>Where a numbered body lies, mm from the front left corner of the bed.</summary>
/// <param name="Part">Of which part.</param>
/// <param name="Revision">Which print of it.</param>
/// <param name="Member">Of its row, counted from 1; 1 for a part without one.</param>
/// <param name="Body">Which body.</param>
/// <param name="X">Left edge.</param>
/// <param name="Y">Front edge.</param>
/// <param name="Turned">Whether it is turned by a quarter.</param>
/// <param name="Width">Room that was laid out for it along the bed, mm; what was numbered must fill it.</param>
/// <param name="Depth">The same across.</param>
/// <param name="Group">Its colour.</param>
public sealed record BedfulFilePlacement(Guid Part, int Revision, int Member, string Body, double X, double Y, bool Turned, double Width,
    double Depth, string Group = "");

/// <summary>Files of bedfuls: one for each bed, every body where it lies, with its number on it.</summary>
internal static class BedfulFileEndpoints
{
    private const int MostPlacements = 400;

    /// <summary>Layouts are measured on coarser triangles than files, and without the raised number, mm.</summary>
    private const double Room = 1;

    public static void MapBedfulFiles(this IEndpointRouteBuilder api) =>
        api.MapPost("/jobs/{id:guid}/bedful-files", Write).Produces(200,
            contentType: "application/octet-stream").ProducesProblem(400).ProducesProblem(404).Computes().Heavy();

    private static async Task<IResult> Write(Guid id, BedfulFileRequest request, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        if (await JobStore.One(database, id, stop) is not { } job)
        {
            return Problems.Missing("job", id);
        }

        var input = new Input();
        var name = input.Name("name", request.Name);
        string[] kinds = ["3mf", "stl"];
        var kind = input.OneOf("kind", request.Kind, kinds, k => k);
        input.Within("placements", request.Placements.Count, 1, MostPlacements, "bodies");
        var bodies = new Dictionary<(Guid, int, string), NamedMesh>();
        foreach (var of in request.Placements.Take(MostPlacements).GroupBy(p => (p.Part, p.Revision)))
        {
            var part = input.OneOf("placements", $"{of.Key.Part}", job.Parts, p => $"{p.Id}");
            if (part is null || await RevisionStore.One(database, part.Id, of.Key.Revision, stop) is not { } revision)
            {
                input.Add(new("placements", $"{of.Key.Revision}", $"There is no such print of {part?.Name ?? "this part"}.", "Number the print first."));
                continue;
            }

            var keys = of.Select(p => KeyOf(revision, p)).Distinct().ToList();
            if (keys.FirstOrDefault(k => !revision.Frozen.Solids.ContainsKey(k)) is { } missing)
            {
                input.Add(new("placements", missing, $"Revision {revision.Number} of {part.Name} has no such body.",
                    "Number the print as it is laid out now."));
                continue;
            }

            foreach (var mesh in await FileEndpoints.Meshes(revision, keys, kernel, stop))
            {
                bodies[(part.Id, revision.Number, mesh.Name)] = mesh with { Name = $"{part.Name} r{revision.Number} {mesh.Name}" };
            }
        }

        foreach (var (p, i) in request.Placements.Take(MostPlacements).Select((p, i) => (p, i)))
        {
            input.Within($"placements.{i}.x", p.X, -10, 5000, "mm");
            input.Within($"placements.{i}.y", p.Y, -10, 5000, "mm");
            input.Text($"placements.{i}.group", p.Group);
        }

        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        if (request.Placements.FirstOrDefault(p => !Fills(Found(bodies, p), p)) is { } changed)
        {
            input.Add(new("placements", $"{changed.Revision}", $"Revision {changed.Revision} has another size than what is laid out: it was changed since.",
                "Number it as it stands now, or lay it out again."));
            return Problems.Bad(input.Problems);
        }

        var placed = request.Placements.Select(p => new PlacedMesh(Found(bodies, p), p.X, p.Y, p.Turned, p.Group)).ToList();
        var title = $"{job.Name} - {name}";
        return kind == "3mf"
            ? TypedResults.File(ThreeMfFile.Write(placed, title), "model/3mf", $"{FileNames.Slug(title)}.3mf")
            : TypedResults.File(StlFile.Write(Plate.AsOne([.. placed.Select(p => p.Moved)]), title), "model/stl", $"{FileNames.Slug(title)}.stl");
    }

    private static bool Fills(NamedMesh body, BedfulFilePlacement p)
    {
        var (least, greatest) = body.Mesh.Bounds;
        var (x, y) = (greatest.X - least.X, greatest.Y - least.Y);
        return Math.Abs((p.Turned ? y : x) - p.Width) < Room && Math.Abs((p.Turned ? x : y) - p.Depth) < Room;
    }

    private static NamedMesh Found(Dictionary<(Guid, int, string), NamedMesh> bodies, BedfulFilePlacement p) =>
        bodies.TryGetValue((p.Part, p.Revision, $"{new BodyAddress(p.Body, p.Member)}"), out var member) ? member : bodies[(p.Part, p.Revision, p.Body)];

    private static string KeyOf(Revision revision, BedfulFilePlacement p) => revision.State.Row is { Count: > 0 }
        ? $"{new BodyAddress(p.Body, p.Member)}" : p.Body;
}
