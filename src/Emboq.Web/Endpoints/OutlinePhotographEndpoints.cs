using Emboq.Exchange.Pdf;
using Emboq.Exchange.Photographs;
using Emboq.Store;
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
        api.MapGet("/mark-sheets/{name}.pdf", Sheet).Produces(200, contentType: "application/pdf").ProducesProblem(400);
        api.MapGet("/devices/camera/{height:int}/photograph.jpg", Stand).Produces(200, contentType: "image/jpeg").ProducesProblem(400)
            .RequireRateLimiting(Limits.Uploads);
    }

    /// <summary>What a stand-in camera sees of a hook on an A4 sheet.</summary>
    /// <param name="height">Of the camera over the sheet, mm.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <param name="thick">Of the hook, mm.</param>
    /// <param name="block">Of a block with a mark on it beside the hook, mm; nothing where there is none.</param>
    /// <param name="tilt">From looking straight down, degrees.</param>
    /// <param name="zoomed">Whether it is zoomed to the sheet; else its lens is always the same.</param>
    private static async Task<IResult> Stand(int height, CancellationToken stop, double thick = 0, double block = 0, double tilt = Tilted, bool zoomed = true)
    {
        var input = new Input();
        input.Within("height", height, ThingOnSheet.CameraLow, ThingOnSheet.CameraHigh, "mm");
        input.Within("thick", thick, 0, ThingOnSheet.Highest / 4, "mm");
        input.Within("block", block, 0, ThingOnSheet.BlockHigh / 2, "mm");
        input.Within("tilt", tilt, -MostTilted, MostTilted, "degrees");
        return !input.IsGood ? Problems.Bad(input.Problems) : !Photograph.Readable ? NoPhotographs
            : TypedResults.File(await OnePicture.Of(() => new StandInCamera(height, tilt, Bent)
            {
                Block = block > 0 ? (BesideHook, block) : null,
                Focal = zoomed ? null : OneLens,
            }.Take(
                MarkSheet.Of(PaperSize.A4), StandInCamera.Hook, thick), stop), "image/jpeg");
    }

    private static readonly Point2 BesideHook = new(100, 75);

    private const double Tilted = 6, MostTilted = 40, Bent = 0.04, OneLens = 2800;

    private static readonly IReadOnlyDictionary<string, (string File, Func<byte[]> Write)> Pages = new Dictionary<string, (string, Func<byte[]>)>
    {
        ["a4"] = ("sheet-of-marks-a4.pdf", () => MarkPage.Write(MarkSheet.Of(PaperSize.A4))),
        ["letter"] = ("sheet-of-marks-letter.pdf", () => MarkPage.Write(MarkSheet.Of(PaperSize.Letter))),
        ["a4-long"] = ("long-sheet-of-marks-a4.pdf", () => MarkPage.Write(MarkPage.Long(PaperSize.A4))),
        ["letter-long"] = ("long-sheet-of-marks-letter.pdf", () => MarkPage.Write(MarkPage.Long(PaperSize.Letter))),
        ["block"] = ("mark-for-a-block.pdf", MarkPage.Block),
    };

    /// <summary>What is printed to photograph things on, or beside.</summary>
    /// <param name="name">a4, letter, a4-long, letter-long or block.</param>
    private static IResult Sheet(string name)
    {
        var input = new Input();
        var key = input.OneOf("name", name, Pages.Keys, k => k);
        return key is null ? Problems.Bad(input.Problems) : !Photograph.Readable ? NoPhotographs
            : TypedResults.File(Pages[key].Write(), "application/pdf", Pages[key].File);
    }

    internal static IResult NoPhotographs => Problems.Bad([new("photograph", null, "Photographs cannot be read on this machine: a library of the system is "
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
    /// <param name="block">Of a block with a mark on it that stands beside the thing, likewise: then it tells the camera's height.</param>
    /// <param name="lens">Which camera of the workshop it was, where its lens tells the height.</param>
    private static async Task<IResult> TakePhotograph(Guid id, HttpRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop,
        string? name = null, double deviation = OutlineEndpoints.Usual, string? sides = null, string? height = null, string? camera = null,
        string? block = null, Guid? lens = null)
    {
        var input = new Input();
        var source = input.Name("name", name ?? "a photograph");
        input.Within("deviation", deviation, 0, OutlineEndpoints.Most, "mm");
        var stands = input.Word<ThingSides>("sides", sides ?? "flat");
        double? Of(string field, string? text, double least, double most) => string.IsNullOrWhiteSpace(text) ? null
            : input.Within(field, input.Size(field, text, LengthSystem.Metric), least, most, "mm");
        var (thick, eye) = (Of("height", height, 0, ThingOnSheet.Highest), Of("camera", camera, ThingOnSheet.CameraLow, ThingOnSheet.CameraHigh));
        var under = Of("block", block, ThingOnSheet.BlockLow, ThingOnSheet.BlockHigh);
        var by = lens is { } which ? await Lens(which, input, database, stop) : null;
        if (stands != ThingSides.Flat)
        {
            if (thick is null)
            {
                input.Add(new("height", null, "How high the thing is decides where its edge is.", "Read its height, or say that it is flat."));
            }

            if (eye is null && under is null && lens is null)
            {
                input.Add(new("camera", null, "From how high it was photographed decides where its edge is.",
                    "Read from the sheet to the lens by tape, lay a mark on a block of known height beside it, or take a camera whose lens is known."));
            }
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

            var read = await OnePicture.Of(() => Photograph.Read(body.ToArray(), new(stands, thick ?? 0, eye, under, by), "file"), stop);
            if (!read.IsGood)
            {
                return read.Problems.ToList();
            }

            var traced = await OutlineEndpoints.OnDeepStack(() => Tracing.Of(source, read.Value.Drawing, deviation, "file", read.Value.Doubt));
            return traced.IsGood ? new OutlineRead(traced.Value.Outline, $"{read.Value.Says} {traced.Value.Says}", read.Value.Seen with
            { Flat = read.Value.Seen.Flat.From(traced.Value.Origin) }) : traced.Problems.ToList();
        }, stop);
    }

    private static async Task<CameraLens?> Lens(Guid id, Input input, NpgsqlDataSource database, CancellationToken stop)
    {
        var lens = await CameraStore.Find(database, id, stop) is { } camera ? await CameraEndpoints.Lens(camera, stop) : null;
        if (lens is { Tells: true })
        {
            return lens;
        }

        input.Add(new("lens", $"{id}", "The lens of that camera is not known, or not well enough.", "Photograph a sheet of marks with it, under Instruments."));
        return null;
    }
}
