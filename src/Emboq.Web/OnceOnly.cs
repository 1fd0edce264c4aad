using System.Security.Cryptography;
using System.Text;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web;

/// <summary>A write that comes with an Idempotency-Key is done once: the answer is kept with what was written, in one transaction, and given again for a
/// day.</summary>
internal static class OnceOnly
{
    /// <summary>The header.</summary>
    public const string Header = "Idempotency-Key";

    private const int BodyInMemory = Limits.CardBytes + Limits.BodyBytes;

    public static void UseOnceOnly(this WebApplication app) => app.Use(async (context, next) =>
    {
        var key = context.Request.Headers[Header].ToString();
        if (key.Length == 0 || !context.Writes())
        {
            await next(context);
        }
        else if (key.Length is < 8 or > 128 || key.Any(c => c is < '!' or > '~'))
        {
            await Problems.Bad(Header, key, "A key is 8 to 128 characters without spaces.", "Make a new random one for every write.").ExecuteAsync(context);
        }
        else
        {
            // As much as any door lets in: what is more than is held in memory waits in a file.
            context.Request.EnableBuffering(BodyInMemory, Limits.ScanBytes);
            await Whole.Of(() => Answer(context, next, key), isGood: answered => answered);
        }
    });

    /// <summary>Does it, or answers as before.</summary>
    /// <returns>Whether what was written stands.</returns>
    private static async Task<bool> Answer(HttpContext context, RequestDelegate next, string key)
    {
        var (database, clock) = (context.RequestServices.GetRequiredService<NpgsqlDataSource>(), context.RequestServices.GetRequiredService<TimeProvider>());
        var (request, response, stop) = (context.Request, context.Response, context.RequestAborted);
        var asked = await Asked(request, stop);
        // Done anew after the database called it off: as if nothing had been answered.
        (response.StatusCode, response.ContentType) = (StatusCodes.Status200OK, null);
        response.Headers.Remove("Location");
        response.Body.SetLength(0);
        if (!await AnsweredStore.Claim(database, key, asked, clock.GetUtcNow(), stop))
        {
            await Again(context, await AnsweredStore.Find(database, key, stop), asked);
            return false;
        }

        await next(context);
        if (response.StatusCode >= 400)
        {
            return false;
        }

        await AnsweredStore.Keep(database, key, new(response.StatusCode, response.ContentType, response.Headers.Location,
            ((MemoryStream)response.Body).ToArray(), asked), stop);
        return true;
    }

    private static async Task<byte[]> Asked(HttpRequest request, CancellationToken stop)
    {
        using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        hash.AppendData(Encoding.UTF8.GetBytes($"{request.Method} {request.Path}{request.QueryString}\n"));
        request.Body.Position = 0;
        var block = new byte[81920];
        for (int n; (n = await request.Body.ReadAsync(block, stop)) > 0;)
        {
            hash.AppendData(block.AsSpan(0, n));
        }

        request.Body.Position = 0;
        return hash.GetHashAndReset();
    }

    private static async Task Again(HttpContext context, Answered? answered, byte[] asked)
    {
        if (answered is null || !answered.Asked.AsSpan().SequenceEqual(asked))
        {
            await Problems.Bad([new(Header, null, "This key came before, with something else.", "Make a new random key for every write.")],
                StatusCodes.Status422UnprocessableEntity).ExecuteAsync(context);
            return;
        }

        context.Response.StatusCode = answered.Status;
        context.Response.ContentType = answered.ContentType;
        if (answered.Location is not null)
        {
            context.Response.Headers.Location = answered.Location;
        }

        await context.Response.Body.WriteAsync(answered.Body, context.RequestAborted);
    }
}
