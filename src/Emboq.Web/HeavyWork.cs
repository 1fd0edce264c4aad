using Emboq.Kernel;
using Microsoft.AspNetCore.Http.Timeouts;

namespace Emboq.Web;

/// <summary>Marks an endpoint that keeps a processor busy for seconds.</summary>
internal sealed record HeavyMark;

/// <summary>Where a client's heavy request stands.</summary>
/// <param name="Place">1 is next; 0 when none waits.</param>
public sealed record QueueView(int Place);

/// <summary>Heavy requests take turns and the slow lane of the kernel, and every request ends in time.</summary>
internal static class HeavyWork
{
    /// <summary>Says who asks: a page makes one up for itself. Without it the address counts.</summary>
    public const string Client = "Emboq-Client";

    private const string Policy = "heavy";
    private const int MostWaiting = 24;

    /// <summary>A page asks for up to five at once, and again for as many before those it gave up are known to be gone.</summary>
    private const int MostOfOne = 10;
    private static readonly TimeSpan Longest = TimeSpan.FromSeconds(60);
    private static readonly TimeSpan LongestHeavy = TimeSpan.FromMinutes(5);

    /// <summary>Says that an endpoint is heavy.</summary>
    public static RouteHandlerBuilder Heavy(this RouteHandlerBuilder endpoint)
    {
        endpoint.WithRequestTimeout(Policy);
        return endpoint.WithMetadata(new HeavyMark()).ProducesProblem(503);
    }

    public static void AddHeavyWork(this IServiceCollection services)
    {
        services.AddSingleton(_ => new HeavyQueue(Math.Max(1, Environment.ProcessorCount - 1), MostOfOne, MostWaiting));
        services.AddHttpContextAccessor();
        services.AddScoped(s => s.GetRequiredService<KernelPool>() is var pool && IsHeavy(s.GetRequiredService<IHttpContextAccessor>().HttpContext)
            ? pool.Patient : pool.Watched);
        services.AddRequestTimeouts(options =>
        {
            options.DefaultPolicy = Timeout(Longest);
            options.AddPolicy(Policy, Timeout(LongestHeavy));
        });
    }

    /// <summary>Lets heavy requests in one after the other.</summary>
    public static void UseHeavyWork(this WebApplication app) => app.Use(async (context, next) =>
    {
        if (!IsHeavy(context))
        {
            await next(context);
            return;
        }

        using var turn = await context.RequestServices.GetRequiredService<HeavyQueue>().Enter(ClientOf(context), context.RequestAborted);
        if (turn is null)
        {
            context.Response.Headers.RetryAfter = "5";
            await Problems.Bad([new("request", null, $"The machine is busy: {MostWaiting} heavy requests wait already, or {MostOfOne} of yours.",
                "Wait for one of them to end.", $"{MostWaiting} in all, {MostOfOne} of one")],
                StatusCodes.Status503ServiceUnavailable).ExecuteAsync(context);
            return;
        }

        await next(context);
    });

    public static void MapQueue(this IEndpointRouteBuilder api) =>
        api.MapGet("/queue", (HttpContext context, HeavyQueue queue) => new QueueView(queue.PlaceOf(ClientOf(context))));

    private static bool IsHeavy(HttpContext? context) => context?.GetEndpoint()?.Metadata.GetMetadata<HeavyMark>() is not null;

    private static string ClientOf(HttpContext context) => context.Request.Headers[Client].ToString() is { Length: > 0 and <= 64 } named ? named
        : $"{context.Connection.RemoteIpAddress}";

    private static RequestTimeoutPolicy Timeout(TimeSpan longest) => new()
    {
        Timeout = longest,
        WriteTimeoutResponse = context => Problems.Bad([new("request", null, $"This took longer than {longest.TotalSeconds:0} s and was stopped.",
            "Ask for less at once.", $"{longest.TotalSeconds:0} s")], StatusCodes.Status504GatewayTimeout).ExecuteAsync(context),
    };
}
