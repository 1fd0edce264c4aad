using Emboq.Exchange.Pdf;
using Emboq.Exchange.Photographs;
using Microsoft.AspNetCore.Mvc;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>Outlines from photographs of things that lie on a sheet of marks.</summary>
internal static class OutlinePhotographEndpoints
{
    public static void MapOutlinePhotographs(this IEndpointRouteBuilder api)
    {
        api.MapPost("/interfaces/{id:guid}/outlines/photographs", TakePhotograph).Accepts<byte[]>("image/jpeg", "image/png", "image/webp")
            .Produces<OutlineTaken>(201).ProducesProblem(400).ProducesProblem(404).ProducesProblem(413).ProducesProblem(422).ProducesProblem(429)
            .WithMetadata(new RequestSizeLimitAttribute(Limits.PhotoBytes)).RequireRateLimiting(Limits.Uploads);
        api.MapGet("/mark-sheets/{paper}.pdf", Sheet).Produces(200, contentType: "application/pdf").ProducesProblem(400);
        api.MapGet("/devices/camera/{height:int}/photograph.jpg", Stand).Produces(200, contentType: "image/jpeg").ProducesProblem(400)
            .RequireRateLimiting(Limits.Uploads);
    }

    /// <summary>What a stand-in camera sees of a hook on an A4 sheet.</summary>
    /// <param name="height">Of the camera over the sheet, mm.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <param name="thick">Of the hook, mm.</param>
    private static async Task<IResult> Stand(int height, CancellationToken stop, double thick = 0)
    {
        var input = new Input();
        input.Within("height", height, ThingOnSheet.CameraLow, ThingOnSheet.CameraHigh, "mm");
        input.Within("thick", thick, 0, ThingOnSheet.Highest / 4, "mm");
        return !input.IsGood ? Problems.Bad(input.Problems) : !Photograph.Readable ? NoPhotographs
            : TypedResults.File(await OnePicture.Of(() => new StandInCamera(height, Tilted, Bent).Take(MarkSheet.Of(PaperSize.A4),
                StandInCamera.Hook, thick), stop), "image/jpeg");
    }

    private const double Tilted = 6, Bent = 0.04;

    /// <summary>The sheet that things are photographed on.</summary>
    /// <param name="paper">a4 or letter.</param>
    private static IResult Sheet(string paper)
    {
        var input = new Input();
        var size = input.Word<PaperSize>("paper", paper);
        return !input.IsGood ? Problems.Bad(input.Problems) : !Photograph.Readable ? NoPhotographs
            : TypedResults.File(MarkPage.Write(MarkSheet.Of(size)), "application/pdf", $"sheet-of-marks-{paper}.pdf");
    }

    private static IResult NoPhotographs => Problems.Bad([new("photograph", null, "Photographs cannot be read on this machine: a library of the system is "
        + "missing.", "Install libgtk-3-0 and start Emboq again.")], StatusCodes.Status422UnprocessableEntity);

    /// <summary>Gives a place the outline of a thing that was photographed on a sheet of marks.</summary>
    /// <param name="id">The place.</param>
    /// <param name="request">Its body is the photograph.</param>
    /// <param name="database">The notebook.</param>
    /// <param name="clock">The time.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <param name="name">Of the file.</param>
    /// <param name="deviation">How far corners that are left may lie beside the edge, mm.</param>
    /// <param name="sides">flat, straight or round.</param>
    /// <param name="height">Of the thing: a size in any notation.</param>
    /// <param name="camera">Of the camera over the sheet, likewise.</param>
    private static async Task<IResult> TakePhotograph(Guid id, HttpRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop,
        string? name = null, double deviation = OutlineEndpoints.Usual, string? sides = null, string? height = null, string? camera = null)
    {
        var input = new Input();
        var source = input.Name("name", name ?? "a photograph");
        input.Within("deviation", deviation, 0, OutlineEndpoints.Most, "mm");
        var stands = input.Word<ThingSides>("sides", sides ?? "flat");
        double? Of(string field, string? text, double least, double most) => string.IsNullOrWhiteSpace(text) ? null
            : input.Within(field, input.Size(field, text, LengthSystem.Metric), least, most, "mm");
        var (thick, eye) = (Of("height", height, 0, ThingOnSheet.Highest), Of("camera", camera, ThingOnSheet.CameraLow, ThingOnSheet.CameraHigh));
        if (stands != ThingSides.Flat)
        {
            if (thick is null)
            {
                input.Add(new("height", null, "How high the thing is decides where its edge is.", "Read its height, or say that it is flat."));
            }

            if (eye is null)
            {
                input.Add(new("camera", null, "From how high it was photographed decides where its edge is.", "Read from the sheet to the lens by tape."));
            }
        }

        if (eye < 2 * thick)
        {
            input.Add(new("camera", camera, "So near, the sides of the thing hide its edge.", "Photograph it from twice its height or more.",
                $"{2 * thick:0.#} mm or more"));
        }

        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, stop);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        if (!Photograph.Readable)
        {
            return NoPhotographs;
        }

        return await OutlineEndpoints.Given(id, database, clock, async place =>
        {
            if (OutlineEndpoints.NotDrawn(place) is { } refused)
            {
                return refused;
            }

            var read = await OnePicture.Of(() => Photograph.Read(body.ToArray(), new(stands, thick ?? 0, eye), "file"), stop);
            if (!read.IsGood)
            {
                return read.Problems.ToList();
            }

            var traced = await OutlineEndpoints.OnDeepStack(() => Tracing.Of(source, read.Value.Drawing, deviation, "file", read.Value.Doubt));
            return traced.IsGood ? new OutlineRead(traced.Value.Outline, $"{read.Value.Says} {traced.Value.Says}", read.Value.Seen) : traced.Problems.ToList();
        }, stop);
    }
}
