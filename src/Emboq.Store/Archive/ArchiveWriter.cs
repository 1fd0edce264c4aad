using System.Data;
using System.IO.Compression;
using System.Security.Cryptography;
using System.Text;
using Dapper;
using Npgsql;

namespace Emboq.Store.Archive;

/// <summary>Writes the whole workshop into one archive of open parts: a manifest, tables as CSV, photographs as they are.</summary>
public sealed class ArchiveWriter : IDisposable
{
    private readonly ZipArchive zip;
    private readonly List<ArchivedFile> files = [];

    private ArchiveWriter(Stream into) => zip = new(into, ZipArchiveMode.Create, leaveOpen: true);

    /// <inheritdoc/>
    public void Dispose() => zip.Dispose();

    /// <summary>Writes everything as of one moment.</summary>
    /// <param name="connection">To the notebook; it is enough to be allowed to read.</param>
    /// <param name="into">Is written from front to back.</param>
    /// <param name="now">The moment, as told in the manifest.</param>
    /// <param name="stop">Ends the work; what was written is of no use then.</param>
    /// <returns>What was written.</returns>
    public static async Task<Manifest> Write(string connection, Stream into, DateTimeOffset now, CancellationToken stop)
    {
        // A pool of its own, closed at the end: the long snapshot holds no connection that others wait for.
        await using var source = NpgsqlDataSource.Create(new NpgsqlConnectionStringBuilder(connection)
        {
            Pooling = false,
            CommandTimeout = 0,
            Options = "-c statement_timeout=0 -c idle_in_transaction_session_timeout=0"
        });
        await using var database = await source.OpenConnectionAsync(stop);
        await using var moment = await database.BeginTransactionAsync(IsolationLevel.RepeatableRead, stop);
        await database.ExecuteAsync("set transaction read only");
        using var writer = new ArchiveWriter(into);
        var tables = new List<ArchivedTable>();
        foreach (var table in await Catalogue.Tables(database))
        {
            tables.Add(table with { Rows = await writer.Rows(database, table, stop) });
            await writer.Pictures(database, table, stop);
        }

        var manifest = new Manifest(Manifest.Workshop, Manifest.Current, await Catalogue.SchemaVersion(database), now, tables, writer.files);
        await using var entry = writer.zip.CreateEntry(Manifest.Entry).Open();
        await entry.WriteAsync(Encoding.UTF8.GetBytes(StoreJson.Write(manifest)), stop);
        return manifest;
    }

    private async Task<long> Rows(NpgsqlConnection database, ArchivedTable table, CancellationToken stop)
    {
        var rows = await database.ExecuteScalarAsync<long>($"select count(*) from {Catalogue.Quoted([table.Name])}");
        using var read = await database.BeginTextExportAsync(
            $"copy (select {Catalogue.Quoted(table.Columns)} from {Catalogue.Quoted([table.Name])} order by 1, 2) to stdout (format csv, header)", stop);
        await Add(table.Entry, async entry =>
        {
            await using var text = new StreamWriter(entry, leaveOpen: true);
            var block = new char[8192];
            for (int n; (n = await read.ReadAsync(block, stop)) > 0;)
            {
                await text.WriteAsync(block.AsMemory(0, n), stop);
            }
        });
        return rows;
    }

    private async Task Pictures(NpgsqlConnection database, ArchivedTable table, CancellationToken stop)
    {
        foreach (var column in table.Pictures)
        {
            var ids = (await database.QueryAsync<Guid>($"select id from {Catalogue.Quoted([table.Name])} order by id")).AsList();
            foreach (var id in ids)
            {
                // One at a time: a thousand photographs do not stand in memory together.
                var picture = await database.QuerySingleAsync<byte[]>($"select {Catalogue.Quoted([column])} from {Catalogue.Quoted([table.Name])} "
                    + "where id = @id", new { id });
                await Add(ArchivedTable.PictureEntry(column, id), async entry => await entry.WriteAsync(picture, stop), CompressionLevel.NoCompression);
            }
        }
    }

    private async Task Add(string name, Func<Stream, Task> write, CompressionLevel level = CompressionLevel.Optimal)
    {
        using var hash = SHA256.Create();
        await using (var entry = zip.CreateEntry(name, level).Open())
        await using (var hashed = new CryptoStream(entry, hash, CryptoStreamMode.Write))
        {
            await write(hashed);
        }

        files.Add(new(name, Convert.ToHexStringLower(hash.Hash!)));
    }
}
