using Npgsql;

namespace Emboq.Store;

/// <summary>What the opening screen shows of a part.</summary>
/// <param name="Station">Where it stands.</param>
/// <param name="Says">What to do next.</param>
/// <param name="Reads">What to read next, if that is it.</param>
/// <param name="Done">Whether it is kept.</param>
/// <param name="Chance">That the next print fits.</param>
/// <param name="Revisions">How many were printed.</param>
/// <param name="Worth">The readings that would help it most.</param>
public sealed record PartSummary(Station Station, string Says, DimensionAddress? Reads, bool Done, double? Chance, int Revisions,
    IReadOnlyList<WorthReadingSummary> Worth);

/// <summary>A reading worth taking.</summary>
public sealed record WorthReadingSummary(DimensionAddress Reads, string Name, string Instrument, double Before, double After);

/// <summary>A part on the bench: its summary as last reckoned, <c>null</c> before it ever was, and whether something has changed since.</summary>
public sealed record SummarisedPart(Guid Job, string JobName, string Need, Guid Part, string PartName, PartSummary? Summary, bool Reckoning);

/// <summary>Summaries of parts, and the queue of those that are to be reckoned. Derived: the database's triggers note what a change touches.</summary>
public static class SummaryStore
{
    private sealed record Row(Guid Job, string JobName, string Need, Guid Part, string PartName, string? Content, bool Reckoning, long Total);

    private const string Listed = """
        part p join job j on j.id = p.job_id left join part_summary s on s.part_id = p.id
        where not exists (select 1 from away_now a where a.thing = 'job' and a.id = j.id::text)
          and not exists (select 1 from away_now a where a.thing = 'part' and a.id = p.id::text)
        """;

    /// <summary>Some of the parts that are not put away: those on the go first, the newest job first, and how many there are in all.</summary>
    public static async Task<(IReadOnlyList<SummarisedPart> Parts, long Total)> Page(NpgsqlDataSource database, int from, int most, CancellationToken stop)
    {
        // Which ones first, then what is shown of them: contents are large.
        var rows = await database.Many<Row>($"""
            with page as (
                select p.id, count(*) over () as total, row_number() over (order by coalesce(s.done, false), j.at desc, j.id, p.at, p.id) as place
                from {Listed} order by place limit @most offset @from)
            select j.id as job, j.name as job_name, j.need, p.id as part, p.name as part_name, s.content::text,
                   s.part_id is null or exists (select 1 from part_touched t where t.part_id = p.id) as reckoning, page.total
            from page join part p on p.id = page.id join job j on j.id = p.job_id left join part_summary s on s.part_id = p.id
            order by page.place
            """, new { from, most }, stop);
        return ([.. rows.Select(Read)], rows.Count > 0 ? rows[0].Total : 0);
    }

    /// <summary>The parts that a reading more would help most, the best first.</summary>
    public static async Task<IReadOnlyList<SummarisedPart>> WorthReading(NpgsqlDataSource database, int most, CancellationToken stop) =>
        [.. (await database.Many<Row>($"""
            select j.id as job, j.name as job_name, j.need, p.id as part, p.name as part_name, s.content::text, false as reckoning, 0::bigint as total
            from {Listed} and s.gain > 0 order by s.gain desc, p.id limit @most
            """, new { most }, stop)).Select(Read)];

    /// <summary>Parts that wait to be reckoned, the longest waiting first, each with the last change that is known of it.</summary>
    public static async Task<IReadOnlyList<(Guid Part, long UpTo)>> Waiting(NpgsqlDataSource database, int most, CancellationToken stop) =>
        [.. (await database.Many<WaitingRow>("select part_id, max(number) as up_to from part_touched group by part_id order by min(number) limit @most",
            new { most }, stop)).Select(r => (r.PartId, r.UpTo))];

    private sealed record WaitingRow(Guid PartId, long UpTo);

    /// <summary>Keeps what was reckoned. What changed after it was begun still waits.</summary>
    public static Task Keep(NpgsqlDataSource database, Guid part, PartSummary summary, long upTo, DateTimeOffset at, CancellationToken stop) =>
        database.Write("""
            with reckoned as (delete from part_touched where part_id = @part and number <= @upTo)
            insert into part_summary (part_id, done, gain, content, at) values (@part, @Done, @gain, @content::jsonb, @at)
            on conflict (part_id) do update set done = excluded.done, gain = excluded.gain, content = excluded.content, at = excluded.at
            """, new
        {
            part,
            upTo,
            summary.Done,
            gain = summary.Worth.Select(w => w.After - w.Before).DefaultIfEmpty().Max(),
            content = StoreJson.Write(summary),
            at = at.UtcDateTime,
        }, stop);

    /// <summary>Has some of the summaries from before a moment reckoned anew.</summary>
    public static Task TouchOld(NpgsqlDataSource database, DateTimeOffset before, int most, CancellationToken stop) =>
        database.Write("insert into part_touched (part_id) select part_id from part_summary where at < @before order by at limit @most",
            new { before = before.UtcDateTime, most }, stop);

    private static SummarisedPart Read(Row r) => new(r.Job, r.JobName, r.Need, r.Part, r.PartName, r.Content is { } content
        ? StoreJson.Read<PartSummary>(content) : null, r.Reckoning);
}
