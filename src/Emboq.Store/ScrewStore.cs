using Dapper;
using Npgsql;

namespace Emboq.Store;

/// <summary>The workshop's drawer of screws, as numbered states; the newest counts.</summary>
public static class ScrewStore
{
    private sealed record Row(int Version, string Content);

    /// <summary>The newest state; <see cref="Read"/> reads it.</summary>
    internal const string SelectNow = "select version, content::text from screw_drawer order by version desc limit 1";

    /// <summary>What is in the drawer, and the number of that state: 0 before anything was entered.</summary>
    public static async Task<(int Version, IReadOnlyList<DrawerScrew> Screws)> Now(NpgsqlDataSource database, CancellationToken stop) =>
        await database.OneOrNone<Row>(SelectNow, new { }, stop) is { } row
            ? (row.Version, StoreJson.Read<DrawerScrew[]>(row.Content))
            : (0, []);

    /// <summary>Reads the answer of <see cref="SelectNow"/>.</summary>
    internal static async Task<IReadOnlyList<DrawerScrew>> Read(SqlMapper.GridReader answers) =>
        await answers.ReadSingleOrDefaultAsync<Row>() is { } row ? StoreJson.Read<DrawerScrew[]>(row.Content) : [];

    /// <summary>Adds the next state of the drawer.</summary>
    /// <returns><c>false</c> when somebody else saved first; nothing is written then.</returns>
    public static Task<bool> Save(NpgsqlDataSource database, int after, IReadOnlyList<DrawerScrew> screws, DateTimeOffset at, CancellationToken stop) =>
        database.WriteNext("""
            insert into screw_drawer (version, content, at) select coalesce(max(version), 0) + 1, @content::jsonb, @at from screw_drawer
            having coalesce(max(version), 0) = @after
            """, new { after, content = StoreJson.Write(screws), at = at.UtcDateTime }, stop);
}
