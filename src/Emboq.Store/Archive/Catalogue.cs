using Dapper;
using Npgsql;

namespace Emboq.Store.Archive;

/// <summary>The tables of a notebook that are its contents, read from the database's own catalogue.</summary>
internal static class Catalogue
{
    /// <summary>Reckoned anew from the others, or of no use elsewhere.</summary>
    private static readonly string[] Derived = ["answered", "machine_found", "part_summary", "part_touched", "part_uses", "schemaversions"];

    private sealed record Column(string Of, string Name, string Type);

    private sealed record Link(string From, string To);

    /// <summary>Every table with its columns, in an order in which no row comes before one that it refers to; nothing is said of rows.</summary>
    public static async Task<IReadOnlyList<ArchivedTable>> Tables(NpgsqlConnection connection)
    {
        var columns = (await connection.QueryAsync<Column>("""
            select c.table_name as "of", c.column_name as name, c.data_type as type from information_schema.columns c
            join information_schema.tables t using (table_schema, table_name)
            where c.table_schema = 'public' and t.table_type = 'BASE TABLE' and c.table_name <> all(@Derived) order by c.table_name, c.ordinal_position
            """, new { Derived })).ToLookup(c => c.Of);
        var links = (await connection.QueryAsync<Link>("""
            select c.conrelid::regclass::text as "from", c.confrelid::regclass::text as "to" from pg_constraint c
            where c.contype = 'f' and c.connamespace = 'public'::regnamespace and c.conrelid <> c.confrelid
            """)).ToLookup(l => l.From, l => l.To);
        var ordered = new List<string>();
        void Place(string table)
        {
            foreach (var needed in links[table])
            {
                Place(needed);
            }

            if (columns.Contains(table) && !ordered.Contains(table))
            {
                ordered.Add(table);
            }
        }

        foreach (var table in columns)
        {
            Place(table.Key);
        }

        return [.. ordered.Select(t => new ArchivedTable(t, [.. columns[t].Where(c => c.Type != "bytea").Select(c => c.Name)],
            [.. columns[t].Where(c => c.Type == "bytea").Select(c => c.Name)], 0))];
    }

    /// <summary>Version of the tables, by the migrations that have run.</summary>
    public static async Task<int> SchemaVersion(NpgsqlConnection connection) =>
        (await connection.QueryAsync<string>("select scriptname from schemaversions")).Select(Schema.NumberOf).DefaultIfEmpty().Max();

    /// <summary>Names as SQL; they come from the catalogue, or were compared with it.</summary>
    public static string Quoted(IEnumerable<string> names) => string.Join(", ", names.Select(n => $"\"{n.Replace("\"", "\"\"", StringComparison.Ordinal)}\""));
}
