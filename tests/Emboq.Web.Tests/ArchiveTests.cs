using System.Globalization;
using System.IO.Compression;
using Emboq.Store;
using Emboq.Store.Archive;
using Npgsql;

namespace Emboq.Web.Tests;

/// <summary>Backups: what comes back is what went in, from older tables too, and nothing but data is taken from a file.</summary>
public sealed class ArchiveTests(Server server)
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private static async Task<(MemoryStream File, Manifest Manifest)> Written(string connection)
    {
        var file = new MemoryStream();
        var manifest = await ArchiveWriter.Write(connection, file, DateTimeOffset.UnixEpoch, Stop);
        file.Position = 0;
        return (file, manifest);
    }

    private async Task<string> Empty() => Server.As(await Server.NewNotebook(server.Connection, $"archive_{Guid.NewGuid():n}"), "emboq_owner");

    [Fact]
    public async Task What_is_restored_is_equal_to_the_last_byte()
    {
        // Photographs and all that other tests wrote meanwhile are in one snapshot.
        var (file, manifest) = await Written(Server.As(server.Connection, "emboq_app"));
        manifest.Tables.Sum(t => t.Rows).ShouldBeGreaterThan(60);
        var into = await Empty();
        using (var archive = await ArchiveReader.Open(file, Stop))
        {
            await ArchiveRestore.Into(into, archive, Stop);
        }

        var (_, again) = await Written(into);
        again.Files.ShouldBe(manifest.Files);
        again.Schema.ShouldBe(manifest.Schema);
        // Everything is to be reckoned anew, and the application's role may do its work.
        await using var app = Database.Open(Server.As(into, "emboq_app"));
        (await SummaryStore.Waiting(app, 500, Stop)).Count.ShouldBeGreaterThan(0);
        await MachineStore.Add(app, Guid.NewGuid(), "after", "", DateTimeOffset.UnixEpoch, Stop);
        await AwayStore.Put(app, "job", $"{(await JobStore.Found(app, [], null, 0, 1, Stop))[0].Id}", true, DateTimeOffset.UnixEpoch, Stop);
    }

    /// <summary>The tables of before the measuring bench, as their own Emboq would have backed them up.</summary>
    [Fact]
    public async Task A_backup_of_an_older_Emboq_comes_up_to_date()
    {
        var old = await Empty();
        await using (var database = NpgsqlDataSource.Create(old))
        {
            await Run(database, "create table schemaversions (schemaversionsid serial primary key, scriptname varchar(255) not null, applied timestamp "
                + "not null)");
            foreach (var script in typeof(Database).Assembly.GetManifestResourceNames().Where(n =>
                n.Contains(".Migrations.", StringComparison.Ordinal)).Order(StringComparer.Ordinal).Take(2))
            {
                using var text = new StreamReader(typeof(Database).Assembly.GetManifestResourceStream(script)!);
                await Run(database, await text.ReadToEndAsync(Stop));
                await Run(database, $"insert into schemaversions (scriptname, applied) values ('{script}', now())");
            }

            await Run(database, """
                insert into machine values ('00000000-0000-0000-0000-000000000001', 'Old "saw", the big one', E'first line\nsecond', now())
                """);
        }

        var (file, manifest) = await Written(old);
        manifest.Schema.ShouldBe(2);
        var into = await Empty();
        Database.Migrate(into);
        using var archive = await ArchiveReader.Open(file, Stop);
        await ArchiveRestore.Into(into, archive, Stop);
        await using var now = Database.Open(Server.As(into, "emboq_app"));
        Database.MustBeCurrent(into);
        var machine = (await MachineStore.One(now, Guid.Parse("00000000-0000-0000-0000-000000000001", CultureInfo.InvariantCulture), Stop))!;
        (machine.Name, machine.Note).ShouldBe(("Old \"saw\", the big one", "first line\nsecond"));
    }

    [Theory]
    [InlineData("\"name\":\"machine\"", "\"name\":\"pg_authid\"", "no notebook has")]
    [InlineData("\"name\":\"machine\"", "\"name\":\"schemaversions\"", "no notebook has")]
    [InlineData("\"at\"", "\"at\\\" , oid\"", "no notebook has")]
    [InlineData("\"format\":\"emboq-workshop\"", "\"format\":\"other\"", "not a backup")]
    [InlineData("\"version\":1", "\"version\":2", "format 2")]
    [InlineData("\"schema\":", "\"schema\":9", "newer Emboq")]
    public async Task A_crafted_backup_is_refused_and_changes_nothing(string what, string by, string says)
    {
        var notebook = await Empty();
        Database.Migrate(notebook);
        await using var database = Database.Open(notebook);
        await MachineStore.Add(database, Guid.NewGuid(), "stays", "", DateTimeOffset.UnixEpoch, Stop);
        var (file, _) = await Written(notebook);
        using (var zip = new ZipArchive(file, ZipArchiveMode.Update, leaveOpen: true))
        {
            var entry = zip.GetEntry(Manifest.Entry)!;
            string text;
            using (var reader = new StreamReader(entry.Open()))
            {
                text = await reader.ReadToEndAsync(Stop);
            }

            text.ShouldContain(what);
            entry.Delete();
            await using var writer = new StreamWriter(zip.CreateEntry(Manifest.Entry).Open());
            await writer.WriteAsync(text.Replace(what, by, StringComparison.Ordinal));
        }

        file.Position = 0;
        var refused = await Should.ThrowAsync<Exception>(async () =>
        {
            using var archive = await ArchiveReader.Open(file, Stop);
            await ArchiveRestore.Into(notebook, archive, Stop);
        });
        refused.Message.ShouldContain(says);
        refused.ShouldBeOfType(says.StartsWith("newer", StringComparison.Ordinal) ? typeof(NewerNotebookException) : typeof(ArchiveException));
        (await MachineStore.Found(database, ["stays"], archived: false, [], [], 0, 10, Stop)).ShouldHaveSingleItem();
    }

    private static async Task Run(NpgsqlDataSource database, string sql)
    {
        await using var command = database.CreateCommand(sql);
        await command.ExecuteNonQueryAsync(Stop);
    }
}
