using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>One part on the bench with what to do next, and whether something has changed since that was reckoned, so that it is being reckoned anew.</summary>
public sealed record BenchItem(Guid Job, string JobName, string Need, Guid Part, string PartName, Station Station, string Says, DimensionAddress? Reads,
    bool Done, double? Chance, int Revisions, bool Reckoning);

/// <summary>Some of the parts on the bench.</summary>
/// <param name="Items">Those on the go first, the newest job first.</param>
/// <param name="From">How many stand before them.</param>
/// <param name="Total">How many there are.</param>
public sealed record BenchView(IReadOnlyList<BenchItem> Items, int From, long Total);

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
        api.MapGet("/bench", Items).Produces<BenchView>().ProducesProblem(400);
        api.MapGet("/measure-next", Next);
    }

    /// <summary>Across open jobs, the readings that would raise the chance of a first fit most.</summary>
    private static async Task<WorthReadingView[]> Next(NpgsqlDataSource database, CancellationToken stop) =>
        [.. (await SummaryStore.WorthReading(database, 4 * MostReadings, stop))
            .SelectMany(p => p.Summary!.Worth.Select(w => new WorthReadingView(p.Job, p.JobName, w.Reads, w.Name, w.Instrument, w.Before, w.After)))
            .OrderByDescending(w => w.After - w.Before).DistinctBy(w => w.Reads).Take(MostReadings)];

    private static async Task<IResult> Items(NpgsqlDataSource database, CancellationToken stop, int from = 0, int most = Page.Usual)
    {
        var input = new Input();
        Page.Look(input, from, most);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var (parts, total) = await SummaryStore.Page(database, from, most, stop);
        return TypedResults.Ok(new BenchView([.. parts.Select(Item)], from, total));
    }

    private static BenchItem Item(SummarisedPart p) => p.Summary is { } s
        ? new(p.Job, p.JobName, p.Need, p.Part, p.PartName, s.Station, s.Says, s.Reads, s.Done, s.Chance, s.Revisions, p.Reckoning)
        : new(p.Job, p.JobName, p.Need, p.Part, p.PartName, Station.Measure, "Being reckoned.", null, false, null, 0, true);
}
