using System.Collections.Concurrent;
using System.Globalization;
using Emboq.Exchange.Photographs;
using Emboq.Store;
using Microsoft.AspNetCore.Mvc;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A camera to be entered.</summary>
/// <param name="Name">As the workshop calls it.</param>
public sealed record CameraRequest(string Name);

/// <summary>A photograph that tells of a lens.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Marks">How many marks it shows.</param>
/// <param name="At">When it was taken in.</param>
public sealed record LensPhotographView(Guid Id, int Marks, DateTimeOffset At);

/// <summary>A camera, and what is known of its lens.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Photographs">What it rests on.</param>
/// <param name="Tells">Whether a photograph by it tells how high it stood.</param>
/// <param name="Says">How well, or what is wanted.</param>
public sealed record CameraKnownView(Guid Id, string Name, IReadOnlyList<LensPhotographView> Photographs, bool Tells, string Says)
{
    internal static CameraKnownView Of(Camera camera, CameraLens? lens) => new(camera.Id, camera.Name, [.. camera.Photographs.Select(v =>
        new LensPhotographView(v.Id,
        v.Seen.Marks, v.At))], lens?.Tells ?? false, Known(lens));

    private static string Known(CameraLens? lens)
    {
        var share = lens?.Doubt is { } doubt ? string.Create(CultureInfo.InvariantCulture, $"{100 * doubt:0.0} %") : "";
        return lens switch
        {
            { Tells: true } => $"It tells how high it stood to {share} of that height.",
            { Photographs: >= CameraLens.Fewest } => $"It tells its height to {share} only: take some more, each tilted by 20 degrees or more, to another "
                + "side.",
            _ when lens?.Photographs == CameraLens.Fewest - 1 => "One more photograph of a sheet of marks is wanted, tilted to another side.",
            _ => $"{CameraLens.Fewest - (lens?.Photographs ?? 0)} more photographs of a sheet of marks are wanted, each tilted to another side.",
        };
    }
}

/// <summary>Cameras whose lens is known: then a photograph tells how high they stood.</summary>
internal static class CameraEndpoints
{
    private const int MostCameras = 20;

    public static void MapCameras(this IEndpointRouteBuilder api)
    {
        api.MapGet("/cameras", All).Produces<IReadOnlyList<CameraKnownView>>();
        api.MapPost("/cameras", Add).Produces<CameraKnownView>(201).ProducesProblem(400);
        api.MapPost("/cameras/{id:guid}/photographs", Take).Accepts<byte[]>("image/jpeg", "image/png", "image/webp").Produces<CameraKnownView>(201)
            .ProducesProblem(400).ProducesProblem(404).ProducesProblem(413).ProducesProblem(422).ProducesProblem(429)
            .WithMetadata(new RequestSizeLimitAttribute(Limits.PhotoBytes)).RequireRateLimiting(Limits.Uploads);
        api.MapDelete("/cameras/photographs/{id:guid}", TakeOut).Produces(204).ProducesProblem(404);
    }

    /// <summary>What photographs told, by their identities: reckoned once.</summary>
    private static readonly ConcurrentDictionary<string, CameraLens?> Reckoned = new();

    /// <summary>What photographs tell of a lens.</summary>
    internal static async Task<CameraLens?> Lens(Camera camera, CancellationToken stop)
    {
        const int MostKept = 10 * MostCameras;
        var of = string.Join(',', camera.Photographs.Select(p => p.Id));
        if (!Photograph.Readable)
        {
            return null;
        }

        if (Reckoned.TryGetValue(of, out var lens))
        {
            return lens;
        }

        if (Reckoned.Count >= MostKept)
        {
            Reckoned.Clear();
        }

        return Reckoned[of] = await OnePicture.Of(() => CameraLens.Of([.. camera.Photographs.Select(p => p.Seen)]), stop);
    }

    private static async Task<IResult> All(NpgsqlDataSource database, CancellationToken stop)
    {
        var views = new List<CameraKnownView>();
        foreach (var camera in await CameraStore.All(database, stop))
        {
            views.Add(CameraKnownView.Of(camera, await Lens(camera, stop)));
        }

        return TypedResults.Ok<IReadOnlyList<CameraKnownView>>(views);
    }

    private static async Task<IResult> Add(CameraRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        var name = input.Name("name", request.Name);
        var known = await CameraStore.All(database, stop);
        input.Within("cameras", known.Count + 1, 1, MostCameras, "cameras");
        if (known.Any(c => string.Equals(c.Name, name, StringComparison.OrdinalIgnoreCase)))
        {
            input.Add(new("name", name, "There is a camera of that name, or one was put away.", "Give it another, or add photographs to that one."));
        }

        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var camera = new Camera(Guid.CreateVersion7(), name, []);
        await CameraStore.Add(database, camera.Id, name, clock.GetUtcNow(), stop);
        return TypedResults.Created($"/api/cameras/{camera.Id}", CameraKnownView.Of(camera, null));
    }

    private static async Task<IResult> Take(Guid id, HttpRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, stop);
        if (await CameraStore.Find(database, id, stop) is not { } camera)
        {
            return Problems.Missing("camera", id);
        }

        if (!Photograph.Readable)
        {
            return OutlinePhotographEndpoints.NoPhotographs;
        }

        var input = new Input();
        input.Within("photographs", camera.Photographs.Count + 1, 1, CameraLens.Most, "photographs: take one out first");
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var read = await OnePicture.Of(() => LensPhotograph.Read(body.ToArray(), "file"), stop);
        if (!read.IsGood)
        {
            return Problems.Bad(read.Problems);
        }

        var view = new CameraPhotograph(Guid.CreateVersion7(), read.Value, clock.GetUtcNow());
        await CameraStore.Add(database, id, view, stop);
        var after = camera with { Photographs = [.. camera.Photographs, view] };
        return TypedResults.Created($"/api/cameras/{id}", CameraKnownView.Of(after, await Lens(after, stop)));
    }

    private static async Task<IResult> TakeOut(Guid id, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop) =>
        await CameraStore.TakeOut(database, id, clock.GetUtcNow(), stop) ? TypedResults.NoContent() : Problems.Missing("photograph", id);
}
