using Dapper;
using Emboq.Core;
using Npgsql;

namespace Emboq.Store;

/// <summary>Machines with their interfaces and readings. Readings are only added; a bad one is struck out by a row of its own.</summary>
public static class MachineStore
{
    private sealed record MachineRow(Guid Id, string Name, string Note);

    private sealed record InterfaceRow(Guid Id, Guid MachineId, string Name, string Kind);

    private sealed record ReadingRow(Guid Id, Guid InterfaceId, string Dimension, double Millimetres, string Text, DateTime At, string? Remark, string? Because,
        string InstrumentId, string Name, double Resolution, double MaximumPermissibleError, double Repeatability, double Reach)
    {
        public Reading ToReading() => new(Id, Millimetres, Text, new(InstrumentId, Name, Resolution, MaximumPermissibleError, Repeatability, Reach), At, Remark, Because);
    }

    /// <summary>Every machine, by name.</summary>
    public static async Task<IReadOnlyList<Machine>> All(NpgsqlDataSource database, CancellationToken stop)
    {
        var machines = await database.Many<MachineRow>("select id, name, note from machine order by name", null, stop);
        var interfaces = await Interfaces(database, null, stop);
        return [.. machines.Select(m => new Machine(m.Id, m.Name, m.Note, [.. interfaces.Where(i => i.Machine == m.Id).Select(i => i.Interface)]))];
    }

    /// <summary>Some interfaces with their readings, by identity; unknown ones are left out.</summary>
    public static async Task<IReadOnlyDictionary<Guid, Interface>> InterfacesOf(NpgsqlDataSource database, IReadOnlyCollection<Guid> ids, CancellationToken stop) =>
        (await Interfaces(database, [.. ids], stop)).ToDictionary(i => i.Interface.Id, i => i.Interface);

    /// <summary>Enters a machine.</summary>
    public static Task Add(NpgsqlDataSource database, Guid id, string name, string note, DateTimeOffset at, CancellationToken stop) =>
        database.Write("insert into machine (id, name, note, at) values (@id, @name, @note, @at)", new { id, name, note, at = at.UtcDateTime }, stop);

    /// <summary>Enters an interface.</summary>
    /// <returns><c>false</c> when there is no such machine.</returns>
    public static async Task<bool> AddInterface(NpgsqlDataSource database, Guid id, Guid machine, string name, InterfaceKind kind, DateTimeOffset at, CancellationToken stop) =>
        await database.Write("""
            insert into interface (id, machine_id, name, kind, at)
            select @id, id, @name, @kind, @at from machine where id = @machine
            """, new { id, machine, name, kind = kind.Key, at = at.UtcDateTime }, stop) == 1;

    /// <summary>Adds a reading.</summary>
    public static Task AddReading(NpgsqlDataSource database, DimensionAddress of, Reading reading, CancellationToken stop) =>
        database.Write("""
            insert into reading (id, interface_id, dimension, millimetres, text, instrument_id, at, remark)
            values (@Id, @Interface, @Dimension, @Millimetres, @Text, @Instrument, @At, @Remark)
            """, new { reading.Id, of.Interface, of.Dimension, reading.Millimetres, reading.Text, Instrument = reading.Instrument.Id, At = reading.At.UtcDateTime, reading.Remark }, stop);

    /// <summary>Strikes a reading out. Striking it again changes nothing.</summary>
    /// <returns><c>false</c> when there is no such reading.</returns>
    public static async Task<bool> Strike(NpgsqlDataSource database, Guid reading, string because, DateTimeOffset at, CancellationToken stop)
    {
        await database.Write("""
            insert into reading_strike (reading_id, because, at) select id, @because, @at from reading where id = @reading
            on conflict do nothing
            """, new { reading, because, at = at.UtcDateTime }, stop);
        return await database.OneOrNone<Guid?>("select reading_id from reading_strike where reading_id = @reading", new { reading }, stop) is not null;
    }

    /// <summary>Two statements that <see cref="ReadInterfaces"/> reads the answers of; all interfaces when <c>@ids</c> is null.</summary>
    internal const string SelectInterfaces = """
        select id, machine_id, name, kind from interface where @ids::uuid[] is null or id = any(@ids) order by at, id;
        select r.id, r.interface_id, r.dimension, r.millimetres, r.text, r.at, r.remark, s.because,
               i.id as instrument_id, i.name, i.resolution, i.maximum_permissible_error, i.repeatability, i.reach
        from reading r join instrument i on i.id = r.instrument_id left join reading_strike s on s.reading_id = r.id
        where @ids::uuid[] is null or r.interface_id = any(@ids) order by r.at, r.id
        """;

    private static async Task<IReadOnlyList<(Guid Machine, Interface Interface)>> Interfaces(NpgsqlDataSource database, Guid[]? ids, CancellationToken stop)
    {
        await using var connection = await database.OpenConnectionAsync(stop);
        await using var answers = await connection.QueryMultipleAsync(new CommandDefinition(SelectInterfaces, new { ids }, cancellationToken: stop));
        return await ReadInterfaces(answers);
    }

    /// <summary>Reads the answers of <see cref="SelectInterfaces"/>.</summary>
    internal static async Task<IReadOnlyList<(Guid Machine, Interface Interface)>> ReadInterfaces(SqlMapper.GridReader answers)
    {
        var rows = (await answers.ReadAsync<InterfaceRow>()).AsList();
        var readings = (await answers.ReadAsync<ReadingRow>()).ToLookup(r => (r.InterfaceId, r.Dimension));
        return [.. rows.Select(row => (row.MachineId, ToInterface(row, readings)))];
    }

    private static Interface ToInterface(InterfaceRow row, ILookup<(Guid, string), ReadingRow> readings)
    {
        var kind = InterfaceKind.All.First(k => k.Key == row.Kind);
        return new(row.Id, row.Name, kind, [.. kind.Dimensions.Select(d => new Dimension(row.Id, d.Key, $"{row.Name} {d.Name}",
            [.. readings[(row.Id, d.Key)].Select(r => r.ToReading())]))]);
    }
}
