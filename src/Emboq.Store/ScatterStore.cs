using Npgsql;

namespace Emboq.Store;

/// <summary>How much each instrument scatters on each kind of dimension: sums that follow the readings, so that no preview adds up the whole notebook.
/// An item's number does not count: all steps are of a kind. Readings at different angles around a place are not repeats of each other: it may be out of
/// round.</summary>
internal static class ScatterStore
{
    internal sealed record Row(string Kind, string Dimension, string InstrumentId, double Squares, int Freedom);

    private const string Sums = """
        select kind, dimension, instrument_id, sum(squares) as squares, sum(freedom)::int as freedom from (
            select i.kind, regexp_replace(r.dimension, '\d+\.', '.') as dimension, r.instrument_id,
                   var_samp(r.value) * (count(*) - 1) as squares, count(*) - 1 as freedom
            from reading r join interface i on i.id = r.interface_id
            where r.interface_id = any(@interfaces) and r.instrument_id = any(@instruments)
                and not exists (select 1 from reading_strike s where s.reading_id = r.id)
            group by i.kind, r.interface_id, r.dimension, r.instrument_id, r.direction having count(*) > 1) repeated
        group by kind, dimension, instrument_id
        """;

    /// <summary>Does something to the readings of some interfaces by some instruments, all or nothing, and moves the sums by what it changed.</summary>
    public static Task Follow(NpgsqlDataSource database, Guid[] interfaces, string[] instruments, Func<Task> change,
        CancellationToken stop) => Whole.Of(async () =>
    {
        // Two writers on one place take turns, so that neither misses what the other changed.
        await database.Many<Guid>("select id from interface where id = any(@interfaces) order by id for update", new { interfaces }, stop);
        var before = await database.Many<Row>(Sums, new { interfaces, instruments }, stop);
        await change();
        var after = await database.Many<Row>(Sums, new { interfaces, instruments }, stop);
        var moved = after.Concat(before.Select(b => b with { Squares = -b.Squares, Freedom = -b.Freedom }))
            .GroupBy(r => (r.Kind, r.Dimension, r.InstrumentId)).Select(g =>
                new Row(g.Key.Kind, g.Key.Dimension, g.Key.InstrumentId, g.Sum(r => r.Squares), g.Sum(r => r.Freedom)))
            .Where(r => r.Freedom != 0 || r.Squares != 0).OrderBy(r => (r.Kind, r.Dimension, r.InstrumentId)).ToList();
        if (moved.Count > 0)
        {
            await database.Write("""
                insert into scatter (kind, dimension, instrument_id, squares, freedom) select * from unnest(@kinds, @dimensions, @by, @squares, @freedoms)
                on conflict (kind, dimension, instrument_id) do update set squares = greatest(0, scatter.squares + excluded.squares),
                    freedom = scatter.freedom + excluded.freedom
                """, new
            {
                kinds = moved.Select(m => m.Kind).ToArray(),
                dimensions = moved.Select(m => m.Dimension).ToArray(),
                by = moved.Select(m => m.InstrumentId).ToArray(),
                squares = moved.Select(m => m.Squares).ToArray(),
                freedoms = moved.Select(m => m.Freedom).ToArray(),
            }, stop);
        }
    });
}
