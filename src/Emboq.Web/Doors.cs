using Microsoft.Net.Http.Headers;

namespace Emboq.Web;

/// <summary>Who may ask: only addresses that are this Emboq's own names, so that no name that somebody else points here is served,
/// and what is asked of the API only from Emboq's own pages, or from no page at all.</summary>
internal static class Doors
{
    private static readonly string[] Loopback = ["localhost", "127.0.0.1", "[::1]"];

    /// <summary>Judges every request before anything else does.</summary>
    /// <param name="app">Reads EMBOQ_HOSTS: names beside those of loopback, with commas between.</param>
    public static void UseDoors(this WebApplication app)
    {
        HashSet<string> hosts = new([.. Loopback, .. (app.Configuration["EMBOQ_HOSTS"] ?? "").Split(',',
            StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)], StringComparer.OrdinalIgnoreCase);
        app.Use((context, next) => Refusal(context.Request, hosts) is { } refusal ? refusal.ExecuteAsync(context) : next());
    }

    private static IResult? Refusal(HttpRequest request, HashSet<string> hosts)
    {
        if (!hosts.Contains(request.Host.Host))
        {
            return Problems.Bad([new("host", request.Host.Value, "Emboq is not known under this name.",
                "Use http://127.0.0.1 with its port, or name the host in EMBOQ_HOSTS.", string.Join(", ", hosts))], StatusCodes.Status421MisdirectedRequest);
        }

        if (MediaTypeHeaderValue.TryParse(request.ContentType, out var type) && type.Charset.HasValue
            && !type.Charset.Equals("utf-8", StringComparison.OrdinalIgnoreCase))
        {
            return Problems.Bad([new("content-type", type.Charset.Value, "Only texts in UTF-8 are read.", "Send it as UTF-8.", "utf-8")],
                StatusCodes.Status415UnsupportedMediaType);
        }

        var writes = !HttpMethods.IsGet(request.Method) && !HttpMethods.IsHead(request.Method);
        var origin = writes ? request.Headers.Origin.ToString() : "";
        // Pages may be linked to from anywhere; what they are made of is asked for by themselves alone.
        var site = writes || request.Path.StartsWithSegments("/api") ? request.Headers["Sec-Fetch-Site"].ToString() : "";
        return (origin.Length > 0 && !string.Equals(origin, $"{request.Scheme}://{request.Host}", StringComparison.OrdinalIgnoreCase))
            || site is not ("" or "same-origin" or "none")
            ? Problems.Bad([new("origin", origin.Length > 0 ? origin : site, "Another page asked for this, not one of Emboq's own.",
                "Do it on Emboq's own page.")], StatusCodes.Status403Forbidden)
            : null;
    }

    /// <summary>What the API answers is of this moment: no cache keeps it, unless the answer itself says so.</summary>
    public static void UseNothingStale(this WebApplication app) => app.Use((context, next) =>
    {
        if (context.Request.Path.StartsWithSegments("/api"))
        {
            context.Response.OnStarting(() =>
            {
                if (!context.Response.Headers.ContainsKey(HeaderNames.CacheControl))
                {
                    context.Response.Headers.CacheControl = "no-store";
                }

                return Task.CompletedTask;
            });
        }

        return next();
    });
}
