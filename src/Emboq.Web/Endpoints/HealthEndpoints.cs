using Emboq.Core;
using Emboq.Kernel;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>Whether everything that Emboq needs answers.</summary>
/// <param name="Status">"well" or "unwell".</param>
/// <param name="Database">"answers" or "does not answer".</param>
/// <param name="Kernel">"answers" or "does not answer".</param>
/// <param name="KernelVersion">Name and version.</param>
/// <param name="Metrics">What the kernel has done since the application started.</param>
public sealed record HealthView(string Status, string Database, string Kernel, string KernelVersion, KernelMetrics Metrics);

internal static class HealthEndpoints
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(5);

    public static void MapHealth(this IEndpointRouteBuilder api) => api.MapGet("/health", Health).Produces<HealthView>().Produces<HealthView>(503);

    private static async Task<IResult> Health(NpgsqlDataSource database, KernelPool kernel, CancellationToken stop)
    {
        var stored = await Database.Answers(database, stop);
        var computed = await Computes(kernel, stop);
        var view = new HealthView(stored && computed ? "well" : "unwell", Says(stored), Says(computed), kernel.Version, kernel.Metrics);
        return TypedResults.Json(view, statusCode: stored && computed ? 200 : 503);
    }

    private static async Task<bool> Computes(KernelPool kernel, CancellationToken stop)
    {
        using var patience = CancellationTokenSource.CreateLinkedTokenSource(stop);
        patience.CancelAfter(Patience);
        try
        {
            return (await kernel.Evaluate([new Solid.Box(1, 1, 1)], 0.1, patience.Token))[0].Triangles.Length == 36;
        }
        catch (Exception e) when (e is OperationCanceledException or KernelException)
        {
            return false;
        }
    }

    private static string Says(bool answers) => answers ? "answers" : "does not answer";
}
