using Emboq.Store;
using Npgsql;

namespace Emboq.Web.Tests;

/// <summary>A notebook of an earlier Emboq is brought up to date with nothing lost.</summary>
public sealed class MigrationTests(Server server)
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    [Fact]
    public async Task Machines_readings_and_instruments_of_before_the_measuring_bench_are_as_they_were()
    {
        var name = $"old_{Guid.NewGuid():n}";
        var connection = await Server.NewNotebook(server.Connection, name);
        await using var database = Database.Open(connection);
        var scripts = typeof(Database).Assembly.GetManifestResourceNames().Where(n => n.Contains(".Migrations.", StringComparison.Ordinal)).Order().ToList();
        await Run(database, "create table schemaversions (schemaversionsid serial primary key, scriptname varchar(255) not null, applied timestamp not null)");
        foreach (var script in scripts.Take(2))
        {
            await Run(database, await Text(script));
            await Run(database, $"insert into schemaversions (scriptname, applied) values ('{script}', now())");
        }

        var (machine, place, reading, struck) = (Guid.NewGuid(), Guid.NewGuid(), Guid.NewGuid(), Guid.NewGuid());
        await Run(database, $"""
            insert into instrument values ('caliper', 'caliper', 0.01, 0.03, 0.03, 150), ('depth-rod', 'depth rod', 0.05, 0.1, 0.1, 150);
            insert into machine values ('{machine}', 'Old saw', 'from before', now());
            insert into interface values ('{place}', '{machine}', 'old port', 'tube', now());
            insert into reading values ('{reading}', '{place}', 'inside', 50.12, '50.12', 'caliper', now(), 'by the seam'),
                ('{struck}', '{place}', 'depth', 31, '31', 'depth-rod', now(), null);
            insert into reading_strike values ('{struck}', 'slipped', now())
            """);

        Database.Migrate(connection);

        var kept = (await MachineStore.One(database, machine, Stop))!;
        (kept.Name, kept.Note, kept.Version, kept.Archived).ShouldBe(("Old saw", "from before", 1, false));
        var port = kept.Interfaces.Single();
        (port.Name, port.Kind.Key, port.Version, port.Items.Count).ShouldBe(("old port", "tube", 1, 0));
        var inside = port["inside"].Readings.Single();
        (inside.Value, inside.Remark, inside.Direction, inside.Instrument.Kind).ShouldBe((50.12, "by the seam", null, InstrumentKind.Caliper));
        var depth = port["depth"].Readings.Single();
        (depth.StruckBecause, depth.Instrument.Kind).ShouldBe(("slipped", InstrumentKind.DepthRod));
        (await MachineStore.Found(database, ["saw"], archived: false, [], [], 0, 10, Stop)).Single().Interfaces.Single().Read.ShouldBeTrue();
        // What was only ever added still is.
        await Should.ThrowAsync<PostgresException>(Run(database, "update reading set value = 1"));
        await Should.ThrowAsync<PostgresException>(Run(database, "delete from machine_state"));
    }

    private static async Task Run(NpgsqlDataSource database, string sql)
    {
        await using var command = database.CreateCommand(sql);
        await command.ExecuteNonQueryAsync(Stop);
    }

    private static async Task<string> Text(string script)
    {
        using var reader = new StreamReader(typeof(Database).Assembly.GetManifestResourceStream(script)!);
        return await reader.ReadToEndAsync(Stop);
    }
}
