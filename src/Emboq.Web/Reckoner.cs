using Emboq.Store;
using Npgsql;

namespace Emboq.Web;

/// <summary>Reckons in the background what the opening screen shows of each part, whenever something that it hangs on has changed.</summary>
internal sealed class Reckoner(NpgsqlDataSource database, TimeProvider clock, ILogger<Reckoner> log) : BackgroundService
{
    private const int AtOnce = 20;
    private const int MostReadings = 5;
    private static readonly TimeSpan Pause = TimeSpan.FromMilliseconds(200);
    private static readonly TimeSpan AfterTrouble = TimeSpan.FromSeconds(3);

    /// <summary>How much an instrument scatters is pooled over all places: what other readings teach of it comes in by and by.</summary>
    private static readonly TimeSpan Old = TimeSpan.FromHours(1);

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        var looked = clock.GetUtcNow();
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                if (clock.GetUtcNow() - looked > TimeSpan.FromMinutes(1))
                {
                    looked = clock.GetUtcNow();
                    await SummaryStore.TouchOld(database, looked - Old, AtOnce, stoppingToken);
                }

                if (!await Some(stoppingToken))
                {
                    await Task.Delay(Pause, stoppingToken);
                }
            }
            catch (Exception e) when (!stoppingToken.IsCancellationRequested)
            {
                log.LogWarning(e, "Summaries of parts wait");
                await Task.Delay(AfterTrouble, stoppingToken);
            }
        }
    }

    /// <summary>Reckons some of the parts that wait; answers whether there were any.</summary>
    private async Task<bool> Some(CancellationToken stop)
    {
        var waiting = await SummaryStore.Waiting(database, AtOnce, stop);
        foreach (var (part, upTo) in waiting)
        {
            await SummaryStore.Keep(database, part, await Of(part, stop), upTo, clock.GetUtcNow(), stop);
        }

        return waiting.Count > 0;
    }

    private async Task<PartSummary> Of(Guid id, CancellationToken stop)
    {
        try
        {
            var part = (await JobStore.Part(database, id, stop))!;
            var revisions = await RevisionStore.Of(database, id, stop);
            var design = await Designer.OfPart(database, part with { State = PartRow.Members(part.State)[0] }, stop);
            if (!design.IsGood)
            {
                return new(Station.Reckon, design.Problems[0].Message, null, false, null, revisions.Count, []);
            }

            var next = Advice.For(FamilyList.Find(part.Family)!, design.Value, revisions, await RevisionStore.Tries(database, id, stop));
            // A part that is kept, or printed and tried, learns from its tries.
            var worth = revisions.Count > 0 ? [] : MeasureNext.Of(design.Value,
                (await InterfaceStore.Of(database, [.. part.State.Interfaces.Values], stop)).Values, await InstrumentStore.All(database, stop));
            return new(next.Station, next.Says, next.Reads, next.Done, design.Value.Chance, revisions.Count,
                [.. worth.OrderByDescending(w => w.After - w.Before).Take(MostReadings).Select(w =>
                    new WorthReadingSummary(new(w.Interface, w.Dimension), w.Name, w.Instrument.Name, w.Before, w.After))]);
        }
        catch (Exception e) when (e is not (OperationCanceledException or NpgsqlException))
        {
            // One part that cannot be reckoned does not hold up the others.
            log.LogError(e, "Part {Part} could not be reckoned", id);
            return new(Station.Reckon, "This part could not be reckoned. Open it to see why.", null, false, null, 0, []);
        }
    }
}
