using System.Globalization;
using Emboq.Kernel;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>Whether everything that Emboq needs answers, and whether it has room.</summary>
/// <param name="Status">"well" or "unwell".</param>
/// <param name="Says">What somebody should do about it, a sentence each; empty when all is in order.</param>
/// <param name="Database">"answers" or "does not answer".</param>
/// <param name="Kernel">"answers", "is busy" where it has so much to do that it would be waited for, or "does not answer".</param>
/// <param name="KernelVersion">Name and version.</param>
/// <param name="Metrics">What the kernel has done since the application started.</param>
/// <param name="FreeMegabytes">Room on the disk that the notebook lies on; <c>null</c> when that is not known.</param>
/// <param name="Memory">What the application has taken.</param>
public sealed record HealthView(string Status, IReadOnlyList<string> Says, string Database, string Kernel, string KernelVersion, KernelMetrics Metrics,
    long? FreeMegabytes, MemoryView Memory);

/// <summary>Memory of the application, bytes: all that the machine gave it, and what of it is .NET's own heap.</summary>
public sealed record MemoryView(long WorkingSet, long Managed);

internal static class HealthEndpoints
{
    private const int PatienceSeconds = 5;

    private const string Well = "answers", Busy = "is busy", Silent = "does not answer";

    public static void MapHealth(this IEndpointRouteBuilder api) => api.MapGet("/health", Health).Produces<HealthView>().Produces<HealthView>(503);

    private static async Task<IResult> Health(NpgsqlDataSource database, KernelPool kernel, Room room, Backups backups, CancellationToken stop)
    {
        var stored = await Database.Answers(database, PatienceSeconds, stop);
        var computed = await Computes(kernel, stop);
        var isWell = stored && computed != Silent && !room.IsFull;
        var view = new HealthView(isWell ? "well" : "unwell", [.. Sentences(stored, computed != Silent, room, backups)], stored ? Well : Silent, computed,
            kernel.Version, kernel.Metrics, room.Free, new(Environment.WorkingSet, GC.GetTotalMemory(forceFullCollection: false)));
        return TypedResults.Json(view, statusCode: isWell ? 200 : 503);
    }

    private static IEnumerable<string> Sentences(bool stored, bool computed, Room room, Backups backups)
    {
        if (!stored)
        {
            yield return "The notebook is being opened again.";
        }

        if (!computed)
        {
            yield return "Nothing is computed any more: stop Emboq and start it again.";
        }

        if (room.IsFull)
        {
            yield return "The disk is full: nothing more is written until there is room.";
        }
        else if (room.Free < room.Reserve)
        {
            yield return $"Only {room.Free} MB are free where the notebook lies; below {room.Reserve} MB it is time to make room.";
        }

        if (backups.IsOld)
        {
            yield return backups.Newest is { } newest ? string.Create(CultureInfo.InvariantCulture,
                $"The last backup is of {newest:yyyy-MM-dd}; look whether {backups.Folder} can be written.")
                : $"No backup has been made yet; look whether {backups.Folder} can be written.";
        }
    }

    /// <summary>Where much is asked a solid is waited for: that is no fault while engines come free again.</summary>
    private static async Task<string> Computes(KernelPool kernel, CancellationToken stop)
    {
        using var patience = CancellationTokenSource.CreateLinkedTokenSource(stop);
        patience.CancelAfter(TimeSpan.FromSeconds(PatienceSeconds));
        try
        {
            return (await kernel.Evaluate([new Solid.Box(1, 1, 1)], 0.1, patience.Token))[0].Triangles.Length == 36 ? Well : Silent;
        }
        catch (OperationCanceledException)
        {
            return kernel.Works ? Busy : Silent;
        }
        catch (KernelException)
        {
            return Silent;
        }
    }
}
