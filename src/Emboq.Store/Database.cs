using System.Reflection;
using Dapper;
using DbUp;
using Npgsql;

namespace Emboq.Store;

/// <summary>Opens the notebook's database and brings its tables up to date.</summary>
public static class Database
{
    static Database() => DefaultTypeMap.MatchNamesWithUnderscores = true;

    /// <summary>A source of connections.</summary>
    /// <param name="connection">PostgreSQL connection string.</param>
    public static NpgsqlDataSource Open(string connection) =>
        // The same few statements are asked all day: prepared once, they are not planned anew.
        NpgsqlDataSource.Create(new NpgsqlConnectionStringBuilder(connection) { MaxAutoPrepare = 60, AutoPrepareMinUsages = 2, NoResetOnClose = true });

    /// <summary>Runs the migrations that have not run yet, each in its own transaction.</summary>
    /// <exception cref="InvalidOperationException">One of them failed; it left nothing behind.</exception>
    public static void Migrate(string connection)
    {
        var result = DeployChanges.To.PostgresqlDatabase(connection)
            .WithScriptsEmbeddedInAssembly(Assembly.GetExecutingAssembly())
            .WithTransactionPerScript()
            .LogToNowhere()
            .Build()
            .PerformUpgrade();
        if (!result.Successful)
        {
            throw new InvalidOperationException($"Migration {result.ErrorScript?.Name} failed.", result.Error);
        }
    }

    /// <summary>Whether the database answers.</summary>
    public static async Task<bool> Answers(NpgsqlDataSource database, CancellationToken stop)
    {
        try
        {
            await using var connection = await database.OpenConnectionAsync(stop);
            return await connection.ExecuteScalarAsync<int>(new CommandDefinition("select 1", commandTimeout: 2, cancellationToken: stop)) == 1;
        }
        catch (NpgsqlException)
        {
            return false;
        }
    }
}
