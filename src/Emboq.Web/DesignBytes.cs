using System.Buffers.Binary;
using System.Text.Json;
using Emboq.Web.Views;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Emboq.Web;

/// <summary>A design whose triangles are bytes, not text. Four bytes give the length of its JSON; the JSON follows, and then for each of its bodies the
/// positions and the triangles that it leaves empty, each with its length before it. Lengths are 32-bit and little-endian.</summary>
internal sealed class DesignBytes(DesignView view) : IResult
{
    public const string ContentType = "application/octet-stream";

    /// <summary>Whether whoever asks wants bytes.</summary>
    public static bool IsAskedFor(HttpRequest request) => request.Headers.Accept.Any(a => a?.Contains(ContentType, StringComparison.Ordinal) ?? false);

    public async Task ExecuteAsync(HttpContext httpContext)
    {
        var json = httpContext.RequestServices.GetRequiredService<IOptions<JsonOptions>>().Value.SerializerOptions;
        var words = view with { Bodies = [.. view.Bodies.Select(b => b with { Positions = [], Triangles = [] })] };
        byte[][] runs = [JsonSerializer.SerializeToUtf8Bytes(words, json), .. view.Bodies.SelectMany(b => new[] { b.Positions, b.Triangles })];
        var answer = httpContext.Response;
        (answer.ContentType, answer.ContentLength) = (ContentType, runs.Sum(r => 4 + r.Length));
        foreach (var run in runs)
        {
            BinaryPrimitives.WriteInt32LittleEndian(answer.BodyWriter.GetSpan(4), run.Length);
            answer.BodyWriter.Advance(4);
            await answer.BodyWriter.WriteAsync(run, httpContext.RequestAborted);
        }
    }
}
