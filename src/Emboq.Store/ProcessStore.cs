using Dapper;
using Npgsql;

namespace Emboq.Store;

/// <summary>The workshop's processes: setups with their printers and filaments, as they stand.</summary>
public static class ProcessStore
{
    private sealed record Row(Guid Id, string Setup, string Printer, string Filament)
    {
        public Process ToProcess() => (StoreJson.Read<Setup>(Setup) with { Id = Id }).With(StoreJson.Read<Printer>(Printer),
            StoreJson.Read<Filament>(Filament));
    }

    private const string Select = """
        select s.id, s.content::text as setup, p.content::text as printer, f.content::text as filament from process_now s
        join printer_now p on p.id = (s.content->>'printer')::uuid join filament_now f on f.id = (s.content->>'filament')::uuid
        """;

    private const string SelectOne = $"{Select} where s.id = @process";

    /// <summary>Some processes, by <c>@processes</c>; <see cref="Read"/> reads them.</summary>
    internal const string SelectSome = $"{Select} where s.id = any(@processes)";

    /// <summary>All of them, by name.</summary>
    public static async Task<IReadOnlyList<Process>> All(NpgsqlDataSource database, CancellationToken stop) =>
        [.. (await database.Many<Row>($"{Select} order by s.name, s.id", null, stop)).Select(r => r.ToProcess())];

    /// <summary>The process of an identity, or <c>null</c>.</summary>
    public static async Task<Process?> Find(NpgsqlDataSource database, Guid id, CancellationToken stop) =>
        (await database.OneOrNone<Row>(SelectOne, new { process = id }, stop))?.ToProcess();

    /// <summary>Whether anything was printed with it: then what decides how sizes come out stays as it is.</summary>
    public static Task<bool> WasPrinted(NpgsqlDataSource database, Guid id, CancellationToken stop) =>
        database.OneOrNone<bool>("select exists (select 1 from revision where process_id = @id)", new { id }, stop);

    /// <summary>Reads the answer of <see cref="SelectSome"/>.</summary>
    internal static async Task<IReadOnlyDictionary<Guid, Process>> Read(SqlMapper.GridReader answers) =>
        (await answers.ReadAsync<Row>()).ToDictionary(r => r.Id, r => r.ToProcess());
}
