using System.Globalization;
using Emboq.Exchange;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>Files of a revision: STL, 3MF, glTF, and the pack for others.</summary>
internal static class FileEndpoints
{
    public static void MapFiles(this IEndpointRouteBuilder api) =>
        api.MapGet("/parts/{id:guid}/revisions/{file}", File).Produces(200, contentType: "application/octet-stream").ProducesProblem(404).Heavy();

    /// <summary>The bodies of a revision as printed, side by side; or one of them by key.</summary>
    private static async Task<IResult> File(Guid id, string file, string? body, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        var (name, kind) = (Path.GetFileNameWithoutExtension(file), Path.GetExtension(file).ToLowerInvariant());
        if (!int.TryParse(name, NumberStyles.None, CultureInfo.InvariantCulture, out var number)
            || await RevisionStore.One(database, id, number, stop) is not { } revision)
        {
            return Problems.Missing("revision", file);
        }

        var keys = body is null ? revision.Printed : [body];
        if (keys.FirstOrDefault(k => !revision.Frozen.Solids.ContainsKey(k)) is { } missing)
        {
            return Problems.Missing("body", missing);
        }

        var part = (await JobStore.Part(database, id, stop))!;
        var job = (await JobStore.One(database, part.Job, stop))!;
        var title = $"{job.Name} - {part.Name} - r{number}";
        if (kind == ".zip")
        {
            return TypedResults.File(await PackWriter.Of(job, part, revision, database, kernel, stop), "application/zip", $"{FileNames.Slug(title)}.zip");
        }

        var named = $"{title} - {(keys.Count <= 2 ? string.Join(" ", keys) : $"{keys.Count} bodies")}";
        var bodies = Plate.InARow(await Meshes(revision, keys, kernel, stop));
        return kind switch
        {
            ".stl" => TypedResults.File(StlFile.Write(Plate.AsOne(bodies), named), "model/stl", $"{FileNames.Slug(named)}.stl"),
            ".3mf" => TypedResults.File(ThreeMfFile.Write(bodies, named), "model/3mf", $"{FileNames.Slug(named)}.3mf"),
            ".glb" => TypedResults.File(GltfFile.Write(bodies, named), "model/gltf-binary", $"{FileNames.Slug(named)}.glb"),
            _ => Problems.Missing("kind of file", file),
        };
    }

    /// <summary>The bodies of a revision under their keys, as they are printed.</summary>
    public static async Task<IReadOnlyList<NamedMesh>> Meshes(Revision revision, IReadOnlyList<string> keys, ISolidKernel kernel, CancellationToken stop) =>
        [.. keys.Zip(await kernel.Evaluate([.. keys.Select(k => SolidJson.Read(revision.Frozen.Solids[k]))], Facets.DefaultChordError, stop), (k, m) =>
            new NamedMesh(k, m.InOrder()))];
}
