using Dapper;
using Npgsql;

namespace Emboq.Store;

/// <summary>What the workshop means by its fits. Windows are only added; one that is taken back stays, and counts no more.</summary>
public static class FitWindowStore
{
    /// <summary>Those that count, in the order they were moved.</summary>
    internal const string SelectNow = """
        select w.id, w.joint, w.fit, w.from_size as "from", w.to_size as "to", w.clearance, w.least, w.greatest, w.because from fit_window w
        where not exists (select 1 from fit_window_strike k where k.window_id = w.id) order by w.at, w.id
        """;

    /// <summary>Reads <see cref="SelectNow"/>.</summary>
    internal static async Task<FitWindows> Read(SqlMapper.GridReader answers) => new([.. await answers.ReadAsync<FitWindow>()]);

    /// <summary>As they stand now.</summary>
    public static async Task<FitWindows> Now(NpgsqlDataSource database, CancellationToken stop) => new(await database.Many<FitWindow>(SelectNow, null, stop));

    /// <summary>Moves a window.</summary>
    public static Task Move(NpgsqlDataSource database, FitWindow window, DateTimeOffset at, CancellationToken stop) => database.Write("""
        insert into fit_window (id, joint, fit, from_size, to_size, clearance, least, greatest, because, at)
        values (@Id, @Joint, @Fit, @From, @To, @Clearance, @Least, @Greatest, @Because, @at)
        """, new
    {
        window.Id,
        window.Joint,
        window.Fit,
        window.From,
        window.To,
        window.Clearance,
        window.Least,
        window.Greatest,
        window.Because,
        at = at.UtcDateTime
    }, stop);

    /// <summary>Takes one back: what stood before it counts again. Taken back twice it is as once.</summary>
    /// <returns><c>false</c> when there is none of that identity.</returns>
    public static async Task<bool> TakeBack(NpgsqlDataSource database, Guid id, DateTimeOffset at, CancellationToken stop)
    {
        await database.Write("insert into fit_window_strike (window_id, at) select id, @at from fit_window where id = @id on conflict do nothing",
            new { id, at = at.UtcDateTime }, stop);
        return await database.OneOrNone<Guid?>("select window_id from fit_window_strike where window_id = @id", new { id }, stop) is not null;
    }
}
