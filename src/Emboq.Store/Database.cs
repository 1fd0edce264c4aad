using Dapper;
using DbUp;
using DbUp.Engine;
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

    /// <summary>Runs the migrations that have not run yet, each in its own transaction, and grants the application what it needs.</summary>
    /// <param name="connection">As the role that owns the tables.</param>
    /// <exception cref="NewerNotebookException">A newer Emboq has changed the tables; nothing was done.</exception>
    /// <exception cref="InvalidOperationException">A migration failed; it left nothing behind.</exception>
    public static void Migrate(string connection)
    {
        var upgrade = Upgrade(connection);
        Judge(upgrade);
        var result = upgrade.PerformUpgrade();
        if (!result.Successful)
        {
            throw new InvalidOperationException($"Migration {result.ErrorScript?.Name} failed.", result.Error);
        }

        using var database = NpgsqlDataSource.Create(connection);
        using var grants = database.CreateCommand(Schema.Text("Grants.sql"));
        grants.ExecuteNonQuery();
    }

    /// <summary>Refuses a notebook whose tables are not those that this Emboq knows.</summary>
    /// <exception cref="NewerNotebookException">A newer Emboq has changed them.</exception>
    /// <exception cref="InvalidOperationException">They are of an older Emboq and were not brought up to date.</exception>
    public static void MustBeCurrent(string connection)
    {
        var upgrade = Upgrade(connection);
        Judge(upgrade);
        if (upgrade.IsUpgradeRequired())
        {
            throw new InvalidOperationException("The notebook is of an older Emboq. Start Emboq with ./emboq start, which brings it up to date.");
        }
    }

    private static UpgradeEngine Upgrade(string connection) => DeployChanges.To.PostgresqlDatabase(connection)
        .WithScripts(Schema.Migrations.Select(name => new SqlScript(name, Schema.Text(name))))
        .WithTransactionPerScript()
        .LogToNowhere()
        .Build();

    private static void Judge(UpgradeEngine upgrade)
    {
        var unknown = upgrade.GetExecutedScripts().Except(Schema.Migrations).ToList();
        if (unknown.Count > 0)
        {
            throw new NewerNotebookException(unknown.Select(Schema.NumberOf).Max(), Schema.Version);
        }
    }

    /// <summary>Whether the database answers.</summary>
    /// <param name="database">The database.</param>
    /// <param name="seconds">How long it is waited for.</param>
    /// <param name="stop">Ends the wait.</param>
    public static async Task<bool> Answers(NpgsqlDataSource database, int seconds, CancellationToken stop)
    {
        try
        {
            await using var connection = await database.OpenConnectionAsync(stop);
            return await connection.ExecuteScalarAsync<int>(new CommandDefinition("select 1", commandTimeout: seconds, cancellationToken: stop)) == 1;
        }
        catch (NpgsqlException)
        {
            return false;
        }
    }
}
