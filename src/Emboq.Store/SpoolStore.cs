using Npgsql;

namespace Emboq.Store;

/// <summary>Spools and their weighings; both are only added.</summary>
public static class SpoolStore
{
    private sealed record Row(Guid Id, string Name, Guid Filament, string Material, string Colour, double Tare, double Gross, DateTime WeighedAt);

    /// <summary>Every spool that is not put away, by name, with the weighing that was entered last.</summary>
    public static async Task<IReadOnlyList<Spool>> All(NpgsqlDataSource database, CancellationToken stop) =>
        [.. (await database.Many<Row>("""
            select s.id, s.name, s.filament_id as filament, f.name as material, s.colour, s.tare, w.gross, w.at as weighed_at
            from spool s join filament_now f on f.id = s.filament_id
            join lateral (select gross, at from spool_weighing where spool_id = s.id order by number desc limit 1) w on true
            where not exists (select 1 from spool_put_away p where p.spool_id = s.id) order by s.name, s.id
            """, null, stop)).Select(r => new Spool(r.Id, r.Name, r.Filament, r.Material, r.Colour, r.Tare, r.Gross, r.WeighedAt))];

    /// <summary>Enters a spool with its first weighing.</summary>
    public static Task Add(NpgsqlDataSource database, Spool spool, CancellationToken stop) =>
        database.Write("""
            with added as (insert into spool (id, name, filament_id, colour, tare, at) values (@Id, @Name, @Filament, @Colour, @Tare, @at) returning id)
            insert into spool_weighing (id, spool_id, gross, at) select @weighing, id, @Gross, @at from added
            """, new
        {
            spool.Id,
            spool.Name,
            spool.Filament,
            spool.Colour,
            spool.Tare,
            spool.Gross,
            weighing = Guid.CreateVersion7(),
            at = spool.WeighedAt.UtcDateTime,
        }, stop);

    /// <summary>Notes what the scale showed.</summary>
    /// <returns><c>false</c> when there is no such spool.</returns>
    public static async Task<bool> Weigh(NpgsqlDataSource database, Guid spool, double gross, DateTimeOffset at, CancellationToken stop) =>
        await database.Write("insert into spool_weighing (id, spool_id, gross, at) select @id, id, @gross, @at from spool where id = @spool",
            new { id = Guid.CreateVersion7(), spool, gross, at = at.UtcDateTime }, stop) == 1;

    /// <summary>Puts an empty spool away. Doing it again changes nothing.</summary>
    /// <returns><c>false</c> when there is no such spool.</returns>
    public static async Task<bool> PutAway(NpgsqlDataSource database, Guid spool, DateTimeOffset at, CancellationToken stop)
    {
        await database.Write("insert into spool_put_away (spool_id, at) select id, @at from spool where id = @spool on conflict do nothing",
            new { spool, at = at.UtcDateTime }, stop);
        return await database.OneOrNone<Guid?>("select spool_id from spool_put_away where spool_id = @spool", new { spool }, stop) is not null;
    }
}
