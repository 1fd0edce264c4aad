using Emboq.Exchange;
using Emboq.Store;
using Microsoft.AspNetCore.Mvc;
using Microsoft.Net.Http.Headers;
using Npgsql;

namespace Emboq.Web.Endpoints;

internal static class PhotoEndpoints
{
    public static void MapPhotos(this IEndpointRouteBuilder api)
    {
        api.MapGet("/interfaces/{id:guid}/photos", (Guid id, NpgsqlDataSource database, CancellationToken stop) => PhotoStore.Of(database, id, stop));
        Taken(api.MapPost("/interfaces/{id:guid}/photos", (Guid id, HttpRequest request, NpgsqlDataSource database, TimeProvider clock,
            CancellationToken stop, string? caption = null) =>
            Add(request, clock, caption, (photo, picture) => PhotoStore.Add(database, id, photo, picture.Jpeg, picture.Thumbnail, stop), () =>
                Problems.Missing("interface", id), stop)));
        Taken(api.MapPost("/tries/{id:guid}/photos", (Guid id, HttpRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop,
            string? caption = null) =>
            Add(request, clock, caption, (photo, picture) => PhotoStore.AddToTry(database, id, photo, picture.Jpeg, picture.Thumbnail, stop), () =>
                Problems.Missing("try", id), stop)));
        api.MapGet("/photos/{id:guid}.jpg", (Guid id, HttpResponse response, NpgsqlDataSource database, CancellationToken stop) =>
            Send(id, response, PhotoStore.Picture(database, id, stop))).ProducesProblem(404);
        api.MapGet("/photos/{id:guid}/thumbnail.jpg", (Guid id, HttpResponse response, NpgsqlDataSource database, CancellationToken stop) =>
            Send(id, response, PhotoStore.Thumbnail(database, id, stop))).ProducesProblem(404);
        api.MapPost("/photos/{id:guid}/removals", async (Guid id, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop) =>
            await PhotoStore.TakeOff(database, id, clock.GetUtcNow(), stop) ? TypedResults.NoContent()
                : Problems.Missing("photograph", id)).Produces(204).ProducesProblem(404);
    }

    private static void Taken(RouteHandlerBuilder upload) => upload.Accepts<byte[]>("image/jpeg", "image/png",
        "image/webp").Produces<Photo>(201).ProducesProblem(400).ProducesProblem(404).ProducesProblem(413).ProducesProblem(429)
        .WithMetadata(new RequestSizeLimitAttribute(Limits.PhotoBytes)).RequireRateLimiting(Limits.Uploads);

    private static async Task<IResult> Add(HttpRequest request, TimeProvider clock, string? caption, Func<Photo, Picture, Task<bool>> keep,
        Func<IResult> missing, CancellationToken stop)
    {
        var input = new Input();
        var says = input.Text("caption", caption);
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, stop);
        if (await OnePicture.Of(() => Picture.Read(body.ToArray()), stop) is not { } picture)
        {
            input.Add(new("body", null, "This is not a photograph that can be kept: not a JPEG, PNG or WebP, broken, or of more than 60 million pixels.",
                "Choose another file, or save it as JPEG.", "JPEG, PNG or WebP, 10 MB"));
            return Problems.Bad(input.Problems);
        }

        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var photo = new Photo(Guid.CreateVersion7(), says, picture.Width, picture.Height, clock.GetUtcNow());
        return await keep(photo, picture) ? TypedResults.Created($"/api/photos/{photo.Id}.jpg", photo) : missing();
    }

    private static async Task<IResult> Send(Guid id, HttpResponse response, Task<byte[]?> picture)
    {
        if (await picture is not { } jpeg)
        {
            return Problems.Missing("photograph", id);
        }

        // A photograph never changes under its identity.
        response.Headers[HeaderNames.CacheControl] = "private, max-age=31536000, immutable";
        return TypedResults.Bytes(jpeg, "image/jpeg");
    }
}
