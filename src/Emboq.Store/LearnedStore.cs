using Npgsql;

namespace Emboq.Store;

/// <summary>What another workshop's prints told, as it was taken in.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Name">What that workshop is called here.</param>
/// <param name="File">The prints.</param>
/// <param name="At">When it was taken in.</param>
public sealed record LearnedFrom(Guid Id, string Name, LearnedFile File, DateTimeOffset At);

/// <summary>What other workshops have told; of each the newest counts. Files are only added; one that is taken out stays, and counts no more.</summary>
public static class LearnedStore
{
    private sealed record Row(Guid Id, string Name, string File, DateTime At);

    /// <summary>Those that count, by when they were taken in.</summary>
    public static async Task<IReadOnlyList<LearnedFrom>> Now(NpgsqlDataSource database, CancellationToken stop) =>
    [
        .. (await database.Many<Row>("""
            select l.id, l.name, l.file::text, l.at from learned_from l
            where not exists (select 1 from learned_from_strike k where k.learned_id = l.id) and not exists (
                select 1 from learned_from n where n.workshop = l.workshop and (n.at, n.id) > (l.at, l.id)
                    and not exists (select 1 from learned_from_strike k where k.learned_id = n.id))
            order by l.at, l.id
            """, null, stop)).Select(r => new LearnedFrom(r.Id, r.Name, StoreJson.Read<LearnedFile>(r.File), r.At)),
    ];

    /// <summary>Takes a file in.</summary>
    public static Task Take(NpgsqlDataSource database, LearnedFrom from, CancellationToken stop) =>
        database.Write("insert into learned_from (id, workshop, name, file, at) values (@Id, @workshop, @Name, @file::jsonb, @at)",
            new { from.Id, workshop = from.File.Workshop, from.Name, file = StoreJson.Write(from.File), at = from.At.UtcDateTime }, stop);

    /// <summary>Takes one out: what it taught goes, and an earlier file of that workshop counts again. Taken out twice it is as once.</summary>
    /// <returns><c>false</c> when there is none of that identity.</returns>
    public static async Task<bool> TakeOut(NpgsqlDataSource database, Guid id, DateTimeOffset at, CancellationToken stop)
    {
        await database.Write("insert into learned_from_strike (learned_id, at) select id, @at from learned_from where id = @id on conflict do nothing",
            new { id, at = at.UtcDateTime }, stop);
        return await database.OneOrNone<Guid?>("select learned_id from learned_from_strike where learned_id = @id", new { id }, stop) is not null;
    }

    /// <summary>Who this workshop is to others: made up when it is first asked.</summary>
    public static async Task<Guid> Workshop(NpgsqlDataSource database, CancellationToken stop)
    {
        await database.Write("insert into workshop_identity (id) values (@id) on conflict do nothing", new { id = Guid.NewGuid() }, stop);
        return await database.OneOrNone<Guid>("select id from workshop_identity", new { }, stop);
    }
}
