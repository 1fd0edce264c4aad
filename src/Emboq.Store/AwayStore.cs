using Npgsql;

namespace Emboq.Store;

/// <summary>What is put away: jobs, parts, setups, instruments and cameras that are no longer listed, and can be taken back.</summary>
public static class AwayStore
{
    private sealed record Row(string Thing, string Id);

    /// <summary>Everything that is put away: "job", "part", "process", "printer", "filament", "instrument" or "camera" to identities.</summary>
    public static async Task<ILookup<string, string>> All(NpgsqlDataSource database, CancellationToken stop) =>
        (await database.Many<Row>("select thing, id from away_now", null, stop)).ToLookup(r => r.Thing, r => r.Id);

    /// <summary>Puts something away, or takes it back.</summary>
    /// <param name="database">The notebook.</param>
    /// <param name="thing">"job", "part", "process", "printer", "filament", "instrument" or "camera".</param>
    /// <param name="id">Its identity.</param>
    /// <param name="away">Whether it is put away.</param>
    /// <param name="at">When.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <returns><c>false</c> when there is no such thing.</returns>
    public static async Task<bool> Put(NpgsqlDataSource database, string thing, string id, bool away, DateTimeOffset at, CancellationToken stop) =>
        await database.Write("""
            insert into put_away (thing, id, away, at)
            select @thing, @id, @away, @at where exists (
                select 1 from job where @thing = 'job' and id::text = @id union all select 1 from part where @thing = 'part' and id::text = @id
                union all select 1 from process where @thing = 'process' and id::text = @id
                union all select 1 from printer where @thing = 'printer' and id::text = @id
                union all select 1 from filament where @thing = 'filament' and id::text = @id
                union all select 1 from instrument where @thing = 'instrument' and id = @id
                union all select 1 from camera where @thing = 'camera' and id::text = @id)
            """, new { thing, id, away, at = at.UtcDateTime }, stop) == 1;
}
