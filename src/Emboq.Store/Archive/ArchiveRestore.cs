using System.Text;
using Dapper;
using Npgsql;

namespace Emboq.Store.Archive;

/// <summary>Replaces what stands in a notebook by what a backup holds, all or nothing. Rows come as data alone: the tables are made by this Emboq's own
/// migrations,
/// up to the version that was backed up; the rows are put in, and the later migrations carry them on.</summary>
public static class ArchiveRestore
{
    private const string Clear = """
        do $$ declare it text; begin
            for it in select c.oid::regclass::text from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind = 'v'
                loop execute format('drop view %s cascade', it); end loop;
            for it in select c.oid::regclass::text from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind = 'r'
                loop execute format('drop table %s cascade', it); end loop;
            for it in select p.oid::regprocedure::text from pg_proc p where p.pronamespace = 'public'::regnamespace
                loop execute format('drop function %s cascade', it); end loop;
        end $$;
        create table schemaversions (schemaversionsid serial primary key, scriptname varchar(255) not null, applied timestamp not null);
        """;

    /// <summary>Restores a backup.</summary>
    /// <param name="connection">As the role that owns the tables.</param>
    /// <param name="archive">Found to be whole.</param>
    /// <param name="stop">Ends the work; nothing is changed then.</param>
    /// <exception cref="ArchiveException">It holds what no notebook holds; nothing was changed.</exception>
    public static async Task Into(string connection, ArchiveReader archive, CancellationToken stop)
    {
        await using var source = NpgsqlDataSource.Create(new NpgsqlConnectionStringBuilder(connection) { Pooling = false, CommandTimeout = 0 });
        await using var database = await source.OpenConnectionAsync(stop);
        await using var whole = await database.BeginTransactionAsync(stop);
        await database.ExecuteAsync(Clear);
        await Migrate(database, from: 0, to: archive.Manifest.Schema);
        var known = await Catalogue.Tables(database);
        if (archive.Manifest.Tables.Select(t => t.Name).Except(known.Select(t => t.Name)).FirstOrDefault() is { } odd)
        {
            throw new ArchiveException($"The backup holds a table '{odd}', which no notebook has.");
        }

        foreach (var table in known)
        {
            // In the notebook's own order, not in the file's.
            if (archive.Manifest.Tables.SingleOrDefault(t => t.Name == table.Name) is { } archived)
            {
                await Load(database, archive, archived, table, stop);
            }
        }

        await Migrate(database, from: archive.Manifest.Schema, to: Schema.Version);
        await database.ExecuteAsync(Schema.Text("Grants.sql"));
        await whole.CommitAsync(stop);
    }

    private static async Task Migrate(NpgsqlConnection database, int from, int to)
    {
        foreach (var script in Schema.Migrations.Where(m => Schema.NumberOf(m) is var n && n > from && n <= to))
        {
            await database.ExecuteAsync(Schema.Text(script));
            await database.ExecuteAsync("insert into schemaversions (scriptname, applied) values (@script, now())", new { script });
        }
    }

    private static async Task Load(NpgsqlConnection database, ArchiveReader archive, ArchivedTable archived, ArchivedTable table, CancellationToken stop)
    {
        if (archived.Columns.Concat(archived.Pictures).Except(table.Columns.Concat(table.Pictures)).FirstOrDefault() is { } odd)
        {
            throw new ArchiveException($"The backup gives {table.Name} a column '{odd}', which no notebook has.");
        }

        var (name, columns) = (Catalogue.Quoted([table.Name]), Catalogue.Quoted(archived.Columns));
        var into = archived.Pictures.Count == 0 ? name : "incoming";
        if (archived.Pictures.Count > 0)
        {
            await database.ExecuteAsync($"create temporary table incoming on commit drop as select {columns} from {name} where false");
        }

        await Copy(database, $"copy {into} ({columns}) from stdin (format csv, header)", archive.Read(archived.Entry), table.Name, stop);
        if (archived.Pictures.Count > 0)
        {
            await Pictures(database, archive, archived, $"insert into {name} ({columns}, {Catalogue.Quoted(archived.Pictures)}) select {columns}", stop);
        }

        if (await database.ExecuteScalarAsync<long>($"select count(*) from {name}") is var rows && rows != archived.Rows)
        {
            throw new ArchiveException($"{archived.Entry} holds {rows} rows, and the manifest says {archived.Rows}. Use another backup.");
        }

        // What is numbered goes on after the highest number.
        foreach (var column in archived.Columns)
        {
            await database.ExecuteAsync($"""
                select setval(s, (select max({Catalogue.Quoted([column])}::text::bigint) from {name}))
                from (select pg_get_serial_sequence(@table, @column) s) found
                where s is not null and exists (select 1 from {name})
                """, new { table = table.Name, column });
        }
    }

    private static async Task Copy(NpgsqlConnection database, string command, Stream rows, string table, CancellationToken stop)
    {
        try
        {
            using var text = new StreamReader(rows, Encoding.UTF8);
            await using var into = await database.BeginTextImportAsync(command, stop);
            var block = new char[8192];
            for (int n; (n = await text.ReadAsync(block, stop)) > 0;)
            {
                await into.WriteAsync(block.AsMemory(0, n), stop);
            }
        }
        catch (PostgresException e)
        {
            throw new ArchiveException($"The rows of {table} cannot be taken: {e.MessageText} ({e.Where ?? e.Detail})");
        }
    }

    private static async Task Pictures(NpgsqlConnection database, ArchiveReader archive, ArchivedTable archived, string insert, CancellationToken stop)
    {
        foreach (var id in (await database.QueryAsync<Guid>("select id from incoming")).AsList())
        {
            var values = new DynamicParameters(new { id });
            foreach (var column in archived.Pictures)
            {
                await using var bytes = archive.Read(ArchivedTable.PictureEntry(column, id));
                using var memory = new MemoryStream();
                await bytes.CopyToAsync(memory, stop);
                values.Add(column, memory.ToArray());
            }

            await database.ExecuteAsync($"{insert}, {string.Join(", ", archived.Pictures.Select(c => $"@{c}"))} from incoming where id = @id", values);
        }

        await database.ExecuteAsync("drop table incoming");
    }
}
