using System.Text.Json;
using System.Transactions;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Mvc;
using Npgsql;

namespace Emboq.Web;

/// <summary>Problem details (RFC 9457) with one entry for each field that is wrong.</summary>
public static class Problems
{
    /// <summary>Answers what is wrong with the input.</summary>
    public static IResult Bad(IReadOnlyList<Problem> problems, int status = StatusCodes.Status400BadRequest) =>
        TypedResults.Problem(Details(status, problems.Count == 1 ? problems[0].Message : $"{problems.Count} things stand in the way.", problems));

    /// <summary>Answers one problem.</summary>
    public static IResult Bad(string field, string? value, string message, string remedy) => Bad([new(field, value, message, remedy)]);

    /// <summary>Answers that something named in the address is not there.</summary>
    public static IResult Missing(string what, object id) =>
        Bad([new(what, $"{id}", $"There is no {what} {id}.", "Look at the list and use one of its ids.")], StatusCodes.Status404NotFound);

    /// <summary>Answers that somebody else saved first, with what stands now.</summary>
    /// <param name="from">The version the change was made from.</param>
    /// <param name="now">The version that stands.</param>
    /// <param name="theirs">What stands, in full.</param>
    /// <param name="yours">What was sent, where the sender needs it back.</param>
    public static IResult Stale(int from, int now, object theirs, object? yours = null)
    {
        var details = Details(StatusCodes.Status409Conflict, "Somebody else changed this meanwhile.",
            [new("version", $"{from}", $"You started from version {from}; version {now} stands now.",
                "Look at both and save again from the newest.", $"{now}")]);
        details.Extensions["theirs"] = theirs;
        details.Extensions["yours"] = yours;
        return TypedResults.Problem(details);
    }

    /// <summary>Answers that a name is in use: a second of that name is made only if it is meant.</summary>
    public static IResult Taken(string field, string what, string name) =>
        Bad([new(field, name, $"There is a {what} called {name} already.", "Choose another name; or do it once more, if you mean a second one.",
            "again=true means it")], StatusCodes.Status409Conflict);

    /// <summary>Words for refusals that the server makes before Emboq sees the request.</summary>
    public static void Complete(ProblemDetails details)
    {
        if (!details.Extensions.ContainsKey("problems"))
        {
            details.Extensions["problems"] = Of(details.Status);
        }
    }

    /// <summary>What a bare status means here.</summary>
    internal static Problem[] Of(int? status) => status switch
    {
        StatusCodes.Status404NotFound => [new Problem("address", null, "There is nothing under this address.", Look)],
        StatusCodes.Status405MethodNotAllowed => [new Problem("method", null, "This address does not take that method.", Look)],
        StatusCodes.Status413PayloadTooLarge => [new Problem("body", null,
            $"The body is larger than {Limits.BodyBytes / 1024} KiB, or a photograph larger than {Limits.PhotoBytes / 1024 / 1024} MB.", "Send less at once.",
            $"{Limits.BodyBytes} bytes, photographs {Limits.PhotoBytes}")],
        StatusCodes.Status429TooManyRequests => [new Problem("request", null, "These are more uploads than are taken in a minute.",
            "Wait a minute and send the rest.", $"{Limits.UploadsAMinute} a minute, unless EMBOQ_UPLOADS says otherwise")],
        StatusCodes.Status415UnsupportedMediaType => [new Problem("content-type", null, "The body is not JSON.", "Send it as application/json.")],
        _ => [],
    };

    internal const string Look = "Compare it with the description at /openapi/v1.json.";

    internal static ProblemDetails Details(int status, string title, IReadOnlyList<Problem> problems) => new()
    {
        Status = status,
        Title = title,
        Type = "about:blank",
        Extensions = { ["problems"] = problems },
    };
}

/// <summary>Turns what the framework throws about a request, and what nobody foresaw, into problem details.</summary>
internal sealed class ProblemHandler(ILogger<ProblemHandler> log) : IExceptionHandler
{
    /// <summary>The number by which the system says that nothing fits on a disk any more.</summary>
    private const int NoSpaceLeft = 28;

    public async ValueTask<bool> TryHandleAsync(HttpContext context, Exception exception, CancellationToken stop)
    {
        if (context.RequestAborted.IsCancellationRequested)
        {
            context.Response.StatusCode = StatusCodes.Status499ClientClosedRequest;
            return true;
        }

        var details = exception switch
        {
            BadHttpRequestException { StatusCode: 413 or 415 } bad => Problems.Details(bad.StatusCode, "The request cannot be read.",
                Problems.Of(bad.StatusCode)),
            BadHttpRequestException bad => Problems.Details(bad.StatusCode, "The request cannot be read.", [Unreadable(bad)]),
            // The gates before the notebook refuse these by name; should one have a hole, it is still the sender's to mend.
            PostgresException
            {
                SqlState: PostgresErrorCodes.NumericValueOutOfRange or PostgresErrorCodes.CharacterNotInRepertoire
                or PostgresErrorCodes.UntranslatableCharacter
                or PostgresErrorCodes.StringDataRightTruncation or PostgresErrorCodes.CheckViolation or PostgresErrorCodes.InvalidTextRepresentation
                or PostgresErrorCodes.DatetimeFieldOverflow
            } odd =>
                Problems.Details(400, "Something that was sent cannot be kept.",
                    [new(odd.ColumnName ?? "body", null, "A value is too large, or holds a character that cannot be kept.", Problems.Look)]),
            PostgresException { SqlState: PostgresErrorCodes.DiskFull } or IOException { HResult: NoSpaceLeft } =>
                Problems.Details(507, "The disk is full.", [Room.FullProblem]),
            Exception away when IsAway(away) => Problems.Details(503, "The notebook is being opened again.",
                [new("notebook", null, "The database does not answer at this moment. Nothing was written.",
                    "Wait a few seconds; Emboq opens it again by itself.")]),
            PostgresException { SqlState: PostgresErrorCodes.UniqueViolation } =>
                Problems.Details(409, "Somebody entered the same at the same moment.",
                [new("body", null, "What was sent is there already.", "Look at what stands now.")]),
            Kernel.KernelException kernel => Problems.Details(422, "This shape cannot be computed.",
                [new("parameters", null, kernel.Message, "Change the last size a little and try again.")]),
            _ => null,
        };
        if (details is null)
        {
            log.LogError(exception, "Unforeseen at {Method} {Path}", context.Request.Method, context.Request.Path);
            var trace = System.Diagnostics.Activity.Current?.TraceId.ToHexString() ?? context.TraceIdentifier;
            details = Problems.Details(500, "Something went wrong inside Emboq.",
                [new("trace", trace, $"Nothing half-done was kept. The log has it under {trace}.",
                    "Try it once more; if it comes again, report that number.")]);
        }

        if (details.Status == StatusCodes.Status503ServiceUnavailable)
        {
            context.Response.Headers.RetryAfter = "2";
        }

        if (exception is Kernel.KernelException)
        {
            log.LogWarning(exception, "The kernel refused a shape at {Method} {Path}", context.Request.Method, context.Request.Path);
        }

        context.Response.StatusCode = details.Status!.Value;
        await context.Response.WriteAsJsonAsync(details, options: null, "application/problem+json", stop);
        return true;
    }

    /// <summary>Whether the database is away, closing or opening, rather than refusing this one statement.</summary>
    private static bool IsAway(Exception e) => e switch
    {
        PostgresException refused => refused.SqlState is PostgresErrorCodes.AdminShutdown or PostgresErrorCodes.CrashShutdown
            or PostgresErrorCodes.CannotConnectNow or PostgresErrorCodes.TooManyConnections,
        NpgsqlException broken => broken.IsTransient || broken.InnerException is IOException or System.Net.Sockets.SocketException or TimeoutException,
        // It went while a transaction was being ended: a write with a key may be sent again, and is done once.
        TransactionException => true,
        _ => false,
    };

    private static Problem Unreadable(BadHttpRequestException bad) => bad.InnerException is JsonException json
        ? new(json.Path is { Length: > 2 } path ? path[2..] : "body", null, Words(json), OtherKind(json)
            ? "A number is written with a point, like 0.45." : Problems.Look)
        : new("request", null, bad.Message, Problems.Look);

    private static bool OtherKind(JsonException json) => json.Message.Contains("could not be converted", StringComparison.Ordinal);

    private static string Words(JsonException json) => OtherKind(json) ? "This cannot be read as what is wanted here."
        : json.Message.Split(" Path:", 2)[0].Split(" LineNumber:", 2)[0];
}

/// <summary>Bounds at the door.</summary>
internal static class Limits
{
    public const int BodyBytes = 1024 * 1024;
    public const int PhotoBytes = 10 * 1024 * 1024;

    /// <summary>A machine card with all its readings.</summary>
    public const int CardBytes = 16 * 1024 * 1024;

    /// <summary>A scan of some hundred thousand triangles, whichever way it is written.</summary>
    public const int ScanBytes = 64 * 1024 * 1024;

    /// <summary>Name of the rate limit of uploads.</summary>
    public const string Uploads = "uploads";

    /// <summary>Uploads a minute.</summary>
    public const int UploadsAMinute = 120;

    public const int TextLength = 2000;
    public const int NameLength = 120;

    /// <summary>Nothing that is measured or printed here is longer, mm.</summary>
    public const double LongestReading = 20000;
}
