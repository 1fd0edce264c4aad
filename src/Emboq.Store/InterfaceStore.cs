using Dapper;
using Npgsql;

namespace Emboq.Store;

/// <summary>Interfaces with their readings. Readings are only added; a bad one is struck out by a row of its own.</summary>
public static class InterfaceStore
{
    private sealed record InterfaceRow(Guid Id, Guid MachineId, string Name, string Kind, int Version, string Items, bool Archived);

    private sealed record ReadingRow(Guid Id, Guid InterfaceId, string Dimension, double Value, string Text, DateTime At, string? Remark, string? Because,
        double? Direction, string InstrumentId);

    /// <summary>Some interfaces with their readings, by identity; unknown ones are left out.</summary>
    public static async Task<IReadOnlyDictionary<Guid, Interface>> Of(NpgsqlDataSource database, IReadOnlyCollection<Guid> ids, CancellationToken stop) =>
        (await Read(database, ByIdentity, new { ids = ids.ToArray() }, stop)).ToDictionary(i => i.Interface.Id, i => i.Interface);

    /// <summary>Every listed interface of a kind with its machine's identity.</summary>
    public static Task<IReadOnlyList<(Guid Machine, Interface Interface)>> OfKind(NpgsqlDataSource database, InterfaceKind kind, CancellationToken stop) =>
        Read(database, "select p.id from interface_now p where p.kind = @kind and not p.archived and p.machine_id in (select m.id from machine_now m "
            + "where not m.archived)", new { kind = kind.Key }, stop);

    /// <summary>Enters an interface.</summary>
    /// <returns><c>false</c> when there is no such machine.</returns>
    public static async Task<bool> Add(NpgsqlDataSource database, Guid machine, Interface place, DateTimeOffset at, CancellationToken stop) =>
        await database.Write("""
            with added as (insert into interface (id, machine_id, kind, at) select @Id, id, @kind, @at from machine where id = @machine returning id)
            insert into interface_state (interface_id, version, name, items, archived, at) select id, 1, @Name, @items, false, @at from added
            """, new { place.Id, place.Name, kind = place.Kind.Key, machine, items = place.Items.ToArray(), at = at.UtcDateTime }, stop) == 1;

    /// <summary>Names an interface and its items anew.</summary>
    /// <returns><c>false</c> when somebody else saved first; nothing is written then.</returns>
    public static Task<bool> Save(NpgsqlDataSource database, Interface place, DateTimeOffset at, CancellationToken stop) =>
        database.WriteNext("""
            insert into interface_state (interface_id, version, name, items, archived, at)
            select @Id, max(version) + 1, @Name, @items, @Archived, @at from interface_state where interface_id = @Id having max(version) = @Version
            """, new { place.Id, place.Version, place.Name, place.Archived, items = place.Items.ToArray(), at = at.UtcDateTime }, stop);

    /// <summary>Adds readings, all or none.</summary>
    public static Task AddReadings(NpgsqlDataSource database, IReadOnlyList<(DimensionAddress Of, Reading Reading)> readings, CancellationToken stop) =>
        ScatterStore.Follow(database, [.. readings.Select(r => r.Of.Interface).Distinct()],
            [.. readings.Select(r => r.Reading.Instrument.Id).Distinct()], () => database.Write("""
            insert into reading (id, interface_id, dimension, value, text, instrument_id, at, remark, direction)
            select * from unnest(@ids, @interfaces, @dimensions, @values, @texts, @instruments, @times, @remarks, @directions);
            update interface set read = true where id = any(@interfaces) and not read
            """, new
            {
                ids = readings.Select(r => r.Reading.Id).ToArray(),
                interfaces = readings.Select(r => r.Of.Interface).ToArray(),
                dimensions = readings.Select(r => r.Of.Dimension).ToArray(),
                values = readings.Select(r => r.Reading.Value).ToArray(),
                texts = readings.Select(r => r.Reading.Text).ToArray(),
                instruments = readings.Select(r => r.Reading.Instrument.Id).ToArray(),
                times = readings.Select(r => r.Reading.At.UtcDateTime).ToArray(),
                remarks = readings.Select(r => r.Reading.Remark).ToArray(),
                directions = readings.Select(r => r.Reading.Direction).ToArray(),
            }, stop), stop);

    /// <summary>Gives an interface the outline that a drawing shows.</summary>
    public static Task Trace(NpgsqlDataSource database, Guid place, Traced outline, DateTimeOffset at, CancellationToken stop) => database.Write("""
            insert into outline (id, interface_id, source, deviation, points, sections, surface, at)
            values (@id, @place, @Source, @Deviation, @points::jsonb, @sections::jsonb, @surface::jsonb, @at)
            """, new
    {
        id = Guid.CreateVersion7(),
        place,
        outline.Source,
        outline.Deviation,
        points = StoreJson.Write(outline.Points),
        sections = outline.Sections is { } sections ? StoreJson.Write(sections) : null,
        surface = outline.Surface is { } surface ? StoreJson.Write(surface) : null,
        at = at.UtcDateTime,
    }, stop);

    /// <summary>Has others who would change an interface wait until the transaction around this ends.</summary>
    public static Task Hold(NpgsqlDataSource database, Guid id, CancellationToken stop) =>
        database.Many<Guid>("select id from interface where id = @id for update", new { id }, stop);

    /// <summary>Strikes a reading out. Striking it again changes nothing.</summary>
    /// <returns><c>false</c> when there is no such reading.</returns>
    public static async Task<bool> Strike(NpgsqlDataSource database, Guid reading, string because, DateTimeOffset at, CancellationToken stop)
    {
        if (await database.OneOrNone<TakenRow>("select interface_id, instrument_id from reading where id = @reading", new { reading }, stop) is not { } taken)
        {
            return false;
        }

        await ScatterStore.Follow(database, [taken.InterfaceId], [taken.InstrumentId], () => database.Write(
            "insert into reading_strike (reading_id, because, at) values (@reading, @because, @at) on conflict do nothing",
                new { reading, because, at = at.UtcDateTime }, stop), stop);
        return true;
    }

    private sealed record TakenRow(Guid InterfaceId, string InstrumentId);

    /// <summary>Selects the places of given identities.</summary>
    internal const string ByIdentity = "select unnest(@ids)";

    /// <summary>The outline that a place had before the one it has; <c>null</c> where it is its first.</summary>
    public static async Task<Traced?> OutlineBefore(NpgsqlDataSource database, Guid place, CancellationToken stop) =>
        (await database.OneOrNone<OutlineRow>($"""
            select {OutlineRow.Columns} from outline where interface_id = @place order by at desc, id desc offset 1 limit 1
            """, new { place }, stop))?.Outline();

    /// <summary>Five statements that <see cref="ReadInterfaces"/> reads the answers of.</summary>
    /// <param name="places">A select of identities; written in the code, never by a person.</param>
    internal static string SelectOf(string places) => $"""
        select id, machine_id, name, kind, version, array_to_json(items)::text as items, archived from interface_now where id in ({places}) order by at, id;
        select r.id, r.interface_id, r.dimension, r.value, r.text, r.at, r.remark, s.because, r.direction, r.instrument_id
        from reading r left join reading_strike s on s.reading_id = r.id where r.interface_id in ({places}) order by r.at, r.id;
        select kind, dimension, instrument_id, squares, freedom from scatter where kind in (select kind from interface where id in ({places}));
        select distinct on (interface_id) {OutlineRow.Columns} from outline where interface_id in ({places}) order by interface_id, at desc, id desc;
        {InstrumentStore.SelectAll}
        """;

    /// <summary>Reads the answers of <see cref="SelectOf"/>.</summary>
    internal static async Task<IReadOnlyList<(Guid Machine, Interface Interface)>> ReadInterfaces(SqlMapper.GridReader answers)
    {
        var rows = (await answers.ReadAsync<InterfaceRow>()).AsList();
        var readings = (await answers.ReadAsync<ReadingRow>()).AsList();
        var scatters = (await answers.ReadAsync<ScatterStore.Row>()).ToLookup(s => (s.Kind, s.Dimension));
        var outlines = (await answers.ReadAsync<OutlineRow>()).ToDictionary(o => o.InterfaceId, o => o.Outline());
        var instruments = (await answers.ReadAsync<InstrumentStore.Row>()).ToDictionary(r => r.Id, r => r.ToInstrument());
        var byDimension = readings.ToLookup(r => (r.InterfaceId, r.Dimension), r =>
            new Reading(r.Id, r.Value, r.Text, instruments[r.InstrumentId], r.At, r.Remark, r.Because, r.Direction));
        return [.. rows.Select(row => (row.MachineId, ToInterface(row, byDimension, scatters) with { Outline = outlines.GetValueOrDefault(row.Id) }))];
    }

    private static async Task<IReadOnlyList<(Guid Machine, Interface Interface)>> Read(NpgsqlDataSource database, string places,
        object values, CancellationToken stop)
    {
        await using var connection = await database.OpenConnectionAsync(stop);
        await using var answers = await connection.QueryMultipleAsync(new CommandDefinition(SelectOf(places), values, cancellationToken: stop));
        return await ReadInterfaces(answers);
    }

    private static Interface ToInterface(InterfaceRow row, ILookup<(Guid, string), Reading> readings, ILookup<(string, string), ScatterStore.Row> scatters)
    {
        var kind = KindList.Of(row.Kind);
        return Interface.Of(row.Id, row.Name, kind, StoreJson.Read<string[]>(row.Items), d =>
            new Dimension(row.Id, d.Key, $"{row.Name} {d.Name}", [.. readings[(row.Id, d.Key)]])
            {
                Scatters = scatters[(row.Kind, Family(d.Key))].ToDictionary(s => s.InstrumentId, s => new Scatter(s.Squares, s.Freedom)),
            }) with
        { Version = row.Version, Archived = row.Archived };
    }

    /// <summary>The key of a dimension without the number of its item.</summary>
    private static string Family(string key) => key.IndexOf('.') is > 0 and var dot
        ? key[..dot].TrimEnd('0', '1', '2', '3', '4', '5', '6', '7', '8', '9') + key[dot..] : key;
}
