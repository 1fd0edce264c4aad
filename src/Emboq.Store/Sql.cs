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

    /// <summary>Adds the next version of something; answers <c>false</c>, and writes nothing, when somebody else took its number first.</summary>
    public static async Task<bool> WriteNext(this NpgsqlDataSource database, string sql, object values, CancellationToken stop)
    {
        try
        {
            return await database.Write(sql, values, stop) == 1;
        }
        catch (PostgresException e) when (e.SqlState == PostgresErrorCodes.UniqueViolation)
        {
            return false;
        }
    }
}
