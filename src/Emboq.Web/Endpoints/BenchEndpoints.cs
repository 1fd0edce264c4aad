using Emboq.Core;
using Emboq.Core.Checks;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>One part on the bench with what to do next.</summary>
public sealed record BenchItem(Guid Job, string JobName, string Need, Guid Part, string PartName, Station Station, string Says, DimensionAddress? Reads, bool Done, double? Chance, int Revisions);

internal static class BenchEndpoints
{
    public static void MapBench(this IEndpointRouteBuilder api) => api.MapGet("/bench", Items);

    private static async Task<BenchItem[]> Items(NpgsqlDataSource database, CancellationToken stop)
    {
        var items = new List<BenchItem>();
        foreach (var job in await JobStore.All(database, stop))
        {
            foreach (var part in job.Parts)
            {
                var revisions = await RevisionStore.Of(database, part.Id, stop);
                var design = await Designer.OfPart(database, part, stop);
                var (next, chance) = design.IsGood
                    ? (Advice.For(design.Value, revisions, await RevisionStore.Tries(database, part.Id, stop)), design.Value.Chance)
                    : (new NextStep(Station.Reckon, design.Problems[0].Message), null);
                items.Add(new(job.Id, job.Name, job.Need, part.Id, part.Name, next.Station, next.Says, next.Reads, next.Done, chance, revisions.Count));
            }
        }

        return [.. items.OrderBy(i => i.Done)];
    }
}
