using Emboq.Core;
using Emboq.Core.Checks;
using Emboq.Core.Families;
using Emboq.Core.Measuring;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>One part on the bench with what to do next.</summary>
public sealed record BenchItem(Guid Job, string JobName, string Need, Guid Part, string PartName, Station Station, string Says, DimensionAddress? Reads, bool Done, double? Chance, int Revisions);

/// <summary>A reading worth taking.</summary>
/// <param name="Job">The job it serves most.</param>
/// <param name="JobName">As the workshop calls it.</param>
/// <param name="Reads">What to read.</param>
/// <param name="Name">The dimension in full.</param>
/// <param name="Instrument">Name of the instrument that would serve best.</param>
/// <param name="Before">Chance of a first fit now.</param>
/// <param name="After">The chance to expect with one reading more.</param>
public sealed record WorthReadingView(Guid Job, string JobName, DimensionAddress Reads, string Name, string Instrument, double Before, double After);

internal static class BenchEndpoints
{
    private const int MostReadings = 5;

    public static void MapBench(this IEndpointRouteBuilder api)
    {
        api.MapGet("/bench", Items);
        api.MapGet("/measure-next", Next);
    }

    /// <summary>Across open jobs, the readings that would raise the chance of a first fit most.</summary>
    private static async Task<WorthReadingView[]> Next(NpgsqlDataSource database, CancellationToken stop)
    {
        var instruments = await InstrumentStore.All(database, stop);
        var worth = new List<WorthReadingView>();
        foreach (var job in await Open(database, stop))
        {
            foreach (var part in job.Parts)
            {
                // A part that is kept, or printed and tried, learns from its tries.
                if ((await RevisionStore.Of(database, part.Id, stop)).Count == 0 && await Designer.OfPart(database, part with { State = PartRow.Members(part.State)[0] }, stop) is { IsGood: true } design)
                {
                    var places = (await InterfaceStore.Of(database, [.. part.State.Interfaces.Values], stop)).Values;
                    worth.AddRange(MeasureNext.Of(design.Value, places, instruments).Select(w => new WorthReadingView(job.Id, job.Name, new(w.Interface, w.Dimension), w.Name, w.Instrument.Name, w.Before, w.After)));
                }
            }
        }

        return [.. worth.OrderByDescending(w => w.After - w.Before).DistinctBy(w => w.Reads).Take(MostReadings)];
    }

    /// <summary>Jobs that are not put away, with their parts that are not.</summary>
    private static async Task<IEnumerable<Job>> Open(NpgsqlDataSource database, CancellationToken stop)
    {
        var away = await AwayStore.All(database, stop);
        return (await JobStore.All(database, stop)).Where(j => !away["job"].Contains($"{j.Id}")).Select(j => j with { Parts = [.. j.Parts.Where(p => !away["part"].Contains($"{p.Id}"))] });
    }

    private static async Task<BenchItem[]> Items(NpgsqlDataSource database, CancellationToken stop)
    {
        var items = new List<BenchItem>();
        foreach (var job in await Open(database, stop))
        {
            foreach (var part in job.Parts)
            {
                var revisions = await RevisionStore.Of(database, part.Id, stop);
                var design = await Designer.OfPart(database, part with { State = PartRow.Members(part.State)[0] }, stop);
                var (next, chance) = design.IsGood
                    ? (Advice.For(FamilyList.Find(part.Family)!, design.Value, revisions, await RevisionStore.Tries(database, part.Id, stop)), design.Value.Chance)
                    : (new NextStep(Station.Reckon, design.Problems[0].Message), null);
                items.Add(new(job.Id, job.Name, job.Need, part.Id, part.Name, next.Station, next.Says, next.Reads, next.Done, chance, revisions.Count));
            }
        }

        return [.. items.OrderBy(i => i.Done)];
    }
}
