using Dapper;
using Npgsql;

namespace Emboq.Store;

/// <summary>Machines and what they are called. Every naming is kept; the newest counts.</summary>
public static class MachineStore
{
    private sealed record MachineRow(Guid Id, int Version, string Name, string Note, bool Archived);

    private sealed record FoundRow(Guid Id, string Name, string Note, bool Archived, Guid? Place, string? PlaceName, string? Kind, bool? Read);

    /// <summary>Some of the machines whose names, notes or places hold all the words, by name, without their readings.</summary>
    /// <param name="database">The notebook.</param>
    /// <param name="words">Any case; none finds all.</param>
    /// <param name="archived">Those put away, or those that are not.</param>
    /// <param name="kinds">Only those that have a place of one of these kinds, and only such places; any, when empty.</param>
    /// <param name="places">Only those that have one of these places, put away or not; any, when empty.</param>
    /// <param name="from">How many to leave out.</param>
    /// <param name="most">How many at most.</param>
    /// <param name="stop">Ends the wait.</param>
    public static async Task<IReadOnlyList<MachineSummary>> Found(
        NpgsqlDataSource database, IReadOnlyList<string> words, bool archived, IReadOnlyList<string> kinds, IReadOnlyList<Guid> places, int from,
            int most, CancellationToken stop)
    {
        var rows = await database.Many<FoundRow>("""
            with found as (
                select m.machine_id as id, m.name, m.archived from machine_found m
                where (m.archived = @archived or cardinality(@places) > 0)
                  and (cardinality(@places) = 0 or m.machine_id in (select machine_id from interface where id = any (@places)))
                  and (cardinality(@kinds) = 0 or exists (select 1 from interface i where i.machine_id = m.machine_id and i.kind = any (@kinds)))
                  and (cardinality(@patterns) = 0 or m.words ilike all (@patterns))
                order by m.name, m.machine_id limit @most offset @from)
            select f.id, f.name, m.note, f.archived, p.id as place, p.name as place_name, p.kind, p.read
            from found f
            join lateral (select note from machine_state where machine_id = f.id order by version desc limit 1) m on true
            left join lateral (
                select i.id, i.kind, i.at, i.read, s.name from interface i
                join lateral (select name, archived from interface_state where interface_id = i.id order by version desc limit 1) s on true
                where i.machine_id = f.id and (not s.archived or i.id = any (@places)) and (cardinality(@kinds) = 0 or i.kind = any (@kinds))) p on true
            order by f.name, f.id, p.at, p.id
            """, new { archived, patterns = Sql.Patterns(words), kinds = kinds.ToArray(), places = places.ToArray(), from, most }, stop);
        return [.. rows.GroupBy(r => r.Id).Select(g => new MachineSummary(g.Key, g.First().Name, g.First().Note, g.First().Archived,
            [.. g.Where(r => r.Place is not null).Select(r => new PlaceSummary(r.Place!.Value, r.PlaceName!, r.Kind!, r.Read!.Value))]))];
    }

    /// <summary>One machine with all its places, or <c>null</c>.</summary>
    public static async Task<Machine?> One(NpgsqlDataSource database, Guid id, CancellationToken stop)
    {
        await using var connection = await database.OpenConnectionAsync(stop);
        await using var answers = await connection.QueryMultipleAsync(new CommandDefinition(
            $"select id, version, name, note, archived from machine_now where id = @id; "
                + $"{InterfaceStore.SelectOf("select p.id from interface p where p.machine_id = @id")}", new { id }, cancellationToken: stop));
        var machine = (await answers.ReadAsync<MachineRow>()).SingleOrDefault();
        var interfaces = await InterfaceStore.ReadInterfaces(answers);
        return machine is null ? null : new(machine.Id, machine.Version, machine.Name, machine.Note, machine.Archived,
            [.. interfaces.Select(i => i.Interface)]);
    }

    /// <summary>The machine of a name that is not put away, the eldest of several; <c>null</c> when there is none.</summary>
    public static Task<Guid?> Named(NpgsqlDataSource database, string name, CancellationToken stop) =>
        database.OneOrNone<Guid?>("select n.id from machine_now n join machine m on m.id = n.id where lower(normalize(trim(n.name))) = "
            + "lower(normalize(trim(@name))) and not n.archived order by m.at, m.id limit 1", new { name }, stop);

    /// <summary>What the machines of some interfaces are called, by interface.</summary>
    public static async Task<IReadOnlyDictionary<Guid, string>> NamesOf(NpgsqlDataSource database, Guid[] interfaces, CancellationToken stop) =>
        (await database.Many<NameRow>("select i.id, m.name from interface i join machine_now m on m.id = i.machine_id where i.id = any(@interfaces)",
            new { interfaces }, stop)).ToDictionary(r => r.Id, r => r.Name);

    private sealed record NameRow(Guid Id, string Name);

    /// <summary>Enters a machine.</summary>
    public static Task Add(NpgsqlDataSource database, Guid id, string name, string note, DateTimeOffset at, CancellationToken stop) =>
        database.Write("""
            with added as (insert into machine (id, at) values (@id, @at) returning id)
            insert into machine_state (machine_id, version, name, note, archived, at) select id, 1, @name, @note, false, @at from added
            """, new { id, name, note, at = at.UtcDateTime }, stop);

    /// <summary>Names a machine anew.</summary>
    /// <param name="database">The notebook.</param>
    /// <param name="machine">As it should be, with the version it was made from; its interfaces do not matter here.</param>
    /// <param name="at">When.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <returns><c>false</c> when somebody else saved first, or there is no such machine; nothing is written then.</returns>
    public static Task<bool> Save(NpgsqlDataSource database, Machine machine, DateTimeOffset at, CancellationToken stop) =>
        database.WriteNext("""
            insert into machine_state (machine_id, version, name, note, archived, at)
            select @Id, max(version) + 1, @Name, @Note, @Archived, @at from machine_state where machine_id = @Id having max(version) = @Version
            """, new { machine.Id, machine.Version, machine.Name, machine.Note, machine.Archived, at = at.UtcDateTime }, stop);
}

/// <summary>A machine in a list.</summary>
public sealed record MachineSummary(Guid Id, string Name, string Note, bool Archived, IReadOnlyList<PlaceSummary> Interfaces);

/// <summary>A place in a list.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Kind">Key of its kind.</param>
/// <param name="Read">Whether anything has been read on it.</param>
public sealed record PlaceSummary(Guid Id, string Name, string Kind, bool Read);
