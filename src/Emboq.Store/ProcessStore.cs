using Dapper;
using Npgsql;

namespace Emboq.Store;

/// <summary>The workshop's processes.</summary>
public static class ProcessStore
{
    private sealed record Row(Guid Id, string Content);

    /// <summary>One process, by <c>@process</c>; <see cref="Read"/> reads it.</summary>
    internal const string SelectOne = "select id, content::text from process where id = @process";

    /// <summary>All of them, by name.</summary>
    public static async Task<IReadOnlyList<Process>> All(NpgsqlDataSource database, CancellationToken stop) =>
        [.. (await database.Many<Row>("select id, content::text from process order by name", null, stop)).Select(r => StoreJson.Read<Process>(r.Content))];

    /// <summary>The process of an identity, or <c>null</c>.</summary>
    public static async Task<Process?> Find(NpgsqlDataSource database, Guid id, CancellationToken stop) =>
        await database.OneOrNone<Row>(SelectOne, new { process = id }, stop) is { } row ? StoreJson.Read<Process>(row.Content) : null;

    /// <summary>Reads the answer of <see cref="SelectOne"/>.</summary>
    internal static async Task<Process?> Read(SqlMapper.GridReader answers) =>
        await answers.ReadSingleOrDefaultAsync<Row>() is { } row ? StoreJson.Read<Process>(row.Content) : null;

    /// <summary>Enters a new one.</summary>
    public static Task Add(NpgsqlDataSource database, Process process, DateTimeOffset at, CancellationToken stop) =>
        database.Write("insert into process (id, name, content, at) values (@Id, @Name, @content::jsonb, @at)",
            new { process.Id, process.Name, content = StoreJson.Write(process), at = at.UtcDateTime }, stop);
}
