using Emboq.Exchange.Drawn;
using Emboq.Exchange.Photographs;
using Emboq.Exchange.Scans;
using Emboq.Store;
using Emboq.Web.Views;
using Microsoft.AspNetCore.Mvc;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>What a drawing or a photograph gave a place.</summary>
/// <param name="Place">As it is now.</param>
/// <param name="Says">What was made of it.</param>
/// <param name="Seen">The photograph with the edge that was found, or nothing.</param>
/// <param name="Scan">The scan as it was laid and cut, or nothing.</param>
public sealed record OutlineTaken(InterfaceView Place, string Says, SeenEdge? Seen = null, SeenScan? Scan = null);

/// <summary>An outline that was read from a file.</summary>
/// <param name="Outline">It.</param>
/// <param name="Says">What was made of the file.</param>
/// <param name="Seen">The photograph, or nothing.</param>
/// <param name="Scan">The scan, or nothing.</param>
internal sealed record OutlineRead(Traced Outline, string Says, SeenEdge? Seen = null, SeenScan? Scan = null);

/// <summary>Corners that were moved by hand.</summary>
/// <param name="Points">All of them, once around, mm of the drawing.</param>
/// <param name="Mark">Of the outline that they were moved on.</param>
public sealed record MovedCorners(IReadOnlyList<Point2>? Points, string? Mark);

/// <summary>Which outline is meant.</summary>
/// <param name="Mark">Of the one that the place has.</param>
public sealed record OutlineMark(string? Mark);

internal static class OutlineEndpoints
{
    public const double Usual = 0.1, Most = 5;

    public static void MapOutlines(this IEndpointRouteBuilder api)
    {
        api.MapPost("/interfaces/{id:guid}/outlines/mirrorings", Mirror).Produces<InterfaceView>(201).ProducesProblem(404).ProducesProblem(422);
        api.MapPost("/interfaces/{id:guid}/outlines/smoothings", Smooth).Produces<InterfaceView>(201).ProducesProblem(400).ProducesProblem(404)
            .ProducesProblem(422);
        api.MapPost("/interfaces/{id:guid}/outlines/returns", Return).Produces<InterfaceView>(201).ProducesProblem(404).ProducesProblem(409)
            .ProducesProblem(422);
        api.MapPost("/interfaces/{id:guid}/outlines/corners", Move).Produces<InterfaceView>(201).ProducesProblem(404).ProducesProblem(409).ProducesProblem(422);
        api.MapPost("/interfaces/{id:guid}/outlines", Take).Accepts<byte[]>("image/svg+xml", "image/vnd.dxf", "application/octet-stream")
            .Produces<OutlineTaken>(201).ProducesProblem(400).ProducesProblem(404).ProducesProblem(413).ProducesProblem(422).ProducesProblem(429)
            .WithMetadata(new RequestSizeLimitAttribute(Limits.PhotoBytes)).RequireRateLimiting(Limits.Uploads);
    }

    /// <summary>Turns the outline of a place over: it was drawn from below.</summary>
    private static Task<IResult> Mirror(Guid id, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop) =>
        Changed(id, database, clock, outline => (outline.Mirrored(), null), stop);

    /// <summary>Evens the outline of a place: what scatters goes, corners stay.</summary>
    /// <param name="id">The place.</param>
    /// <param name="database">The notebook.</param>
    /// <param name="clock">The time.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <param name="within">No point moves further, mm.</param>
    private static async Task<IResult> Smooth(Guid id, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop, double within = Usual)
    {
        var input = new Input();
        input.Within("within", within, 0.02, Most, "mm");
        return !input.IsGood ? Problems.Bad(input.Problems) : await Changed(id, database, clock, outline =>
        {
            var even = Traced.Of(outline.Source, Math.Round(outline.Deviation + within, 3), Smoothing.Of(outline.Points, within));
            return even.Wrong("within") is { } wrong ? (null, Problems.Bad([wrong], StatusCodes.Status422UnprocessableEntity)) : (even, null);
        }, stop);
    }

    /// <summary>Gives a place the outline that it had before.</summary>
    private static async Task<IResult> Return(Guid id, OutlineMark asked, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var before = await InterfaceStore.OutlineBefore(database, id, stop);
        return await Changed(id, database, clock, outline => asked.Mark != outline.Mark ? (null, Moved(asked.Mark)) : before is null
            ? (null, Problems.Bad([new("outline", null, "It is the first that this place was given.", "Give it another.")],
                StatusCodes.Status422UnprocessableEntity))
            : (before, null), stop);
    }

    private static IResult Moved(string? mark) => Problems.Bad([new("mark", mark, "It was given another outline meanwhile.",
        "Look at that one, and move its corners.")], StatusCodes.Status409Conflict);

    /// <summary>Gives a place its outline with corners moved, left away or added by hand.</summary>
    private static Task<IResult> Move(Guid id, MovedCorners moved, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop) =>
        Changed(id, database, clock, outline => moved.Mark != outline.Mark
            ? (null, Moved(moved.Mark))
            : (outline with { Points = moved.Points ?? [] }).Wrong("points") is { } wrong
                ? (null, Problems.Bad([wrong], StatusCodes.Status422UnprocessableEntity))
                : (Traced.Of(outline.Source, outline.Deviation, moved.Points!), null), stop);

    /// <summary>Makes another outline of the one that a place has; who changes it meanwhile waits.</summary>
    private static Task<IResult> Changed(Guid id, NpgsqlDataSource database, TimeProvider clock, Func<Traced, (Traced? Outline, IResult? Refused)> change,
        CancellationToken stop) => Whole.Of(async () =>
    {
        await InterfaceStore.Hold(database, id, stop);
        if (await PlaceEndpoints.Find(database, id, stop) is not { } place)
        {
            return Problems.Missing("interface", id);
        }

        if (place.Outline is not { } now)
        {
            return Problems.Bad([new("outline", null, "There is no outline yet that could be changed.", "Give it a drawing or a photograph.")],
                StatusCodes.Status422UnprocessableEntity);
        }

        if (now.Sections is not null)
        {
            return Problems.Bad([new("outline", null, "What was scanned as a body is not changed by hand.", "Lay the scan another way, or scan it again.")],
                StatusCodes.Status422UnprocessableEntity);
        }

        var (outline, refused) = change(now);
        if (outline is null)
        {
            return refused!;
        }

        await InterfaceStore.Trace(database, id, outline, clock.GetUtcNow(), stop);
        return TypedResults.Created($"/api/interfaces/{id}", (await PlaceEndpoints.View(database, id, stop))!);
    });

    /// <summary>Gives a place the outline that a file draws, simplified within a deviation, mm.</summary>
    private static async Task<IResult> Take(Guid id, HttpRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop,
        string? name = null, double deviation = Usual)
    {
        var input = new Input();
        var source = input.Name("name", name ?? "a drawing");
        input.Within("deviation", deviation, 0, Most, "mm");
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, stop);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        return await Given(id, database, clock, async place =>
        {
            if (NotDrawn(place) is { } refused)
            {
                return refused;
            }

            var traced = await OnDeepStack(() => DrawingFile.Read(body.ToArray(), "file") is var drawn && drawn.IsGood
                ? Tracing.Of(source, drawn.Value, deviation, "file") : drawn.Problems.ToList());
            return traced.IsGood ? new OutlineRead(traced.Value.Outline, traced.Value.Says) : traced.Problems.ToList();
        }, stop);
    }

    /// <summary>Gives a place an outline, if it is one that takes one.</summary>
    /// <param name="id">The place.</param>
    /// <param name="database">The notebook.</param>
    /// <param name="clock">The time.</param>
    /// <param name="trace">Makes the outline, and tells of it.</param>
    /// <param name="stop">Ends the wait.</param>
    public static async Task<IResult> Given(Guid id, NpgsqlDataSource database, TimeProvider clock,
        Func<Interface, Task<Outcome<OutlineRead>>> trace, CancellationToken stop)
    {
        if (await PlaceEndpoints.Find(database, id, stop) is not { } place)
        {
            return Problems.Missing("interface", id);
        }

        if (!place.Kind.IsTraced)
        {
            return Problems.Bad([new("interface", place.Kind.Name, $"A {place.Kind.Name} is measured and not drawn.",
                $"Add a place of the kind “{KindList.Of("traced").Name}”.")], StatusCodes.Status422UnprocessableEntity);
        }

        var taken = await trace(place);
        if (!taken.IsGood)
        {
            return Problems.Bad(taken.Problems);
        }

        await InterfaceStore.Trace(database, id, taken.Value.Outline, clock.GetUtcNow(), stop);
        return TypedResults.Created($"/api/interfaces/{id}", new OutlineTaken((await PlaceEndpoints.View(database, id, stop))!, taken.Value.Says,
            taken.Value.Seen, taken.Value.Scan));
    }

    /// <summary>Why a place takes no drawing, and no photograph; <c>null</c> where it does.</summary>
    public static Problem? NotDrawn(Interface place) => place.Kind.IsScanned
        ? new("interface", place.Kind.Name, $"A {place.Kind.Name} is a body: a drawing or a photograph shows one side of it.", "Give it a scan.") : null;

    /// <summary>An outline is simplified by calls within calls, in the worst case as many as it has points.</summary>
    public static Task<T> OnDeepStack<T>(Func<T> work)
    {
        const int Bytes = 64 * 1024 * 1024;
        var done = new TaskCompletionSource<T>(TaskCreationOptions.RunContinuationsAsynchronously);
        new Thread(() =>
        {
            try
            {
                done.SetResult(work());
            }
            catch (Exception e)
            {
                done.SetException(e);
            }
        }, Bytes)
        { IsBackground = true }.Start();
        return done.Task;
    }

    /// <summary>Looks at an outline that came in a file of ours.</summary>
    public static void Look(Input input, InterfaceKind? kind, Traced? outline, string field)
    {
        if (outline is null)
        {
            return;
        }

        input.Name($"{field}.source", outline.Source);
        if (kind is { IsTraced: false })
        {
            input.Add(new(field, kind.Name, $"A {kind.Name} is measured and not drawn.", "Leave its outline out."));
        }
        else if (kind is { IsScanned: true } != outline.Sections is not null)
        {
            input.Add(new(field, kind?.Name, kind is { IsScanned: true } ? "A body is told by its sections, and there are none."
                : $"Sections are those of a “{KindList.Of("grip").Name}”.", "Leave its outline out."));
        }
        else if (outline.Points is null)
        {
            input.Add(new(field, null, "The outline has no corners.", "Leave it out."));
        }
        else if (outline.Wrong(field) is { } wrong)
        {
            input.Add(wrong);
        }
    }
}
