using Emboq.Exchange.Scans;
using Microsoft.AspNetCore.Mvc;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>Outlines from scans of things.</summary>
internal static class OutlineScanEndpoints
{
    public static void MapOutlineScans(this IEndpointRouteBuilder api)
    {
        api.MapPost("/interfaces/{id:guid}/outlines/scans", TakeScan).Accepts<byte[]>("model/stl", "model/obj", "application/octet-stream")
            .Produces<OutlineTaken>(201).ProducesProblem(400).ProducesProblem(404).ProducesProblem(413).ProducesProblem(422).ProducesProblem(429)
            .WithMetadata(new RequestSizeLimitAttribute(Limits.ScanBytes)).RequireRateLimiting(Limits.Uploads);
        api.MapGet("/devices/scanner/grip.stl", Stand).Produces(200, contentType: "model/stl").RequireRateLimiting(Limits.Uploads);
    }

    /// <summary>What a stand-in scanner sees of a grip: noisy, with a hole on its top and another below.</summary>
    private static async Task<IResult> Stand(CancellationToken stop) => TypedResults.File(await OnePicture.Of(() => StandInScanner.Stl(
        new StandInScanner(3) { Unseen = [new(new(45, 0, 28), 11), new(new(100, 0, 0), 16)] }.Scan(StandInScanner.GripLong, StandInScanner.GripHalfWide,
            StandInScanner.GripHalfHigh)), stop), "model/stl", "stand-in scan of a grip.stl");

    /// <summary>Gives a place the outline of a thing that was scanned, or its sections where the place is a body.</summary>
    /// <param name="id">The place.</param>
    /// <param name="request">Its body is the scan: STL, OBJ or PLY.</param>
    /// <param name="database">The notebook.</param>
    /// <param name="clock">The time.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <param name="name">Of the file.</param>
    /// <param name="deviation">How far corners that are left may lie beside the edge, mm.</param>
    /// <param name="unit">What its numbers are: mm, cm, m or inch.</param>
    /// <param name="up">What points up: flat, edge, end or asWritten.</param>
    /// <param name="over">Whether it lies on its other side.</param>
    /// <param name="turn">About the upright, degrees.</param>
    /// <param name="at">Height of a level cut, a size in any notation; left open, all of it seen from above.</param>
    private static async Task<IResult> TakeScan(Guid id, HttpRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop,
        string? name = null, double deviation = OutlineEndpoints.Usual, string? unit = null, string? up = null, bool over = false, double turn = 0,
        string? at = null)
    {
        var input = new Input();
        var source = input.Name("name", name ?? "a scan");
        input.Within("deviation", deviation, 0, OutlineEndpoints.Most, "mm");
        var (numbers, points) = (input.Word<ScanUnit>("unit", unit ?? "mm"), input.Word<ScanUp>("up", up ?? "flat"));
        input.Within("turn", turn, -360, 360, "degrees");
        double? height = string.IsNullOrWhiteSpace(at) ? null : input.Within("at", input.Size("at", at, LengthSystem.Metric), 0, Traced.Widest, "mm");
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, stop);
        return !input.IsGood ? Problems.Bad(input.Problems) : await OutlineEndpoints.Given(id, database, clock, async place =>
        {
            if (place.Kind.IsScanned && height is not null)
            {
                return new Problem("at", at, $"A {place.Kind.Name} is taken whole, by its sections.", "Leave the height of the cut open.");
            }

            var read = await OnePicture.Of(() => ScanOutline.Read(body.ToArray(), numbers, new(points, turn, over, height)
            {
                Sections = place.Kind.IsScanned ? deviation : null,
            }, "file"), stop);
            if (!read.IsGood)
            {
                return read.Problems.ToList();
            }

            if (read.Value.Body is { } cut)
            {
                var surface = await OnePicture.Of(() => ThinnedScan.Of(cut.Whole, cut.Scatter, deviation), stop);
                var whole = Traced.Of(source, Math.Round(deviation + read.Value.Doubt, 3), cut.Length, cut.Cuts, surface);
                var kept = surface is { } thin ? $"Of its surface {thin.Mesh.Count} triangles are kept, within {Figures.Mm(thin.Within)} of the scan."
                    : "It meets itself somewhere, or scatters too far: its sections are kept, its surface is not.";
                return whole.Wrong("file") is { } wrong ? wrong : new OutlineRead(whole, $"{read.Value.Says} {kept}", Scan: read.Value.Seen);
            }

            var traced = await OutlineEndpoints.OnDeepStack(() => Tracing.Of(source, read.Value.Drawing, deviation, "file", read.Value.Doubt));
            return traced.IsGood ? new OutlineRead(traced.Value.Outline, $"{read.Value.Says} {traced.Value.Says}", Scan: read.Value.Seen)
                : traced.Problems.ToList();
        }, stop);
    }
}
