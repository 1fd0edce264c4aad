using System.Text.Json;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Emboq.Web;

/// <summary>Answers one JSON value a line, each sent when it is there: progress of what takes more than a second. Ends when the asker has gone.</summary>
internal sealed class LineByLine<T>(IAsyncEnumerable<T> items) : IResult
{
    public async Task ExecuteAsync(HttpContext context)
    {
        var json = context.RequestServices.GetRequiredService<IOptions<JsonOptions>>().Value.SerializerOptions;
        context.Response.ContentType = "application/x-ndjson";
        await foreach (var item in items.WithCancellation(context.RequestAborted))
        {
            // Whole before its first byte leaves.
            var line = JsonSerializer.SerializeToUtf8Bytes(item, json);
            await context.Response.Body.WriteAsync(line, context.RequestAborted);
            await context.Response.Body.WriteAsync("\n"u8.ToArray(), context.RequestAborted);
            await context.Response.Body.FlushAsync(context.RequestAborted);
        }
    }
}
