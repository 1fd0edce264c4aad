using Dapper;
using Npgsql;

namespace Emboq.Store;

/// <summary>One statement on a connection of its own. The verb says how many rows are expected.</summary>
internal static class Sql
{
    public static async Task<IReadOnlyList<T>> Many<T>(this NpgsqlDataSource database, string sql, object? values, CancellationToken stop)
    {
        await using var connection = await database.OpenConnectionAsync(stop);
        return (await connection.QueryAsync<T>(new CommandDefinition(sql, values, cancellationToken: stop))).AsList();
    }

    public static async Task<T?> OneOrNone<T>(this NpgsqlDataSource database, string sql, object values, CancellationToken stop)
    {
        await using var connection = await database.OpenConnectionAsync(stop);
        return await connection.QuerySingleOrDefaultAsync<T>(new CommandDefinition(sql, values, cancellationToken: stop));
    }

    /// <summary>Runs a statement that writes; answers how many rows it wrote.</summary>
    public static async Task<int> Write(this NpgsqlDataSource database, string sql, object values, CancellationToken stop)
    {
        await using var connection = await database.OpenConnectionAsync(stop);
        return await connection.ExecuteAsync(new CommandDefinition(sql, values, cancellationToken: stop));
    }

    /// <summary>Words as patterns that find them anywhere.</summary>
    public static string[] Patterns(IReadOnlyList<string> words) =>
        [.. words.Select(w => w.Replace("\\", "\\\\", StringComparison.Ordinal).Replace("%", "\\%", StringComparison.Ordinal)
            .Replace("_", "\\_", StringComparison.Ordinal)).Select(literal => $"%{literal}%")];

    /// <summary>Adds the next version of something; answers <c>false</c>, and writes nothing, when somebody else took its number first.</summary>
    /// <param name="database">The notebook.</param>
    /// <param name="sql">An insert that ends where a conflict may be named: a refused row must not end the transaction it is part of.</param>
    /// <param name="values">Its parameters.</param>
    /// <param name="stop">Ends the wait.</param>
    public static async Task<bool> WriteNext(this NpgsqlDataSource database, string sql, object values, CancellationToken stop) =>
        await database.Write($"{sql} on conflict do nothing", values, stop) == 1;
}
