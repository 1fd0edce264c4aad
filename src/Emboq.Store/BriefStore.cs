using Dapper;
using Npgsql;

namespace Emboq.Store;

/// <summary>What a design is computed from, in one round trip: it is read for every step of every value.</summary>
public static class BriefStore
{
    private static readonly string Select = $"{InterfaceStore.SelectOf(InterfaceStore.ByIdentity)}; {ProcessStore.SelectSome}; {RevisionStore.SelectEvidence}";

    /// <summary>Some interfaces with their readings, some processes, and what a part's tries say about the first.</summary>
    /// <param name="database">The notebook.</param>
    /// <param name="interfaces">Identities; unknown ones are left out.</param>
    /// <param name="processes">Identities, one or more; unknown ones are left out.</param>
    /// <param name="part">The part whose tries count, if any.</param>
    /// <param name="stop">Ends the wait.</param>
    public static async Task<(IReadOnlyDictionary<Guid, Interface> Interfaces, IReadOnlyDictionary<Guid, Process> Processes,
        IReadOnlyList<TryEvidence> Tries)> Of(
        NpgsqlDataSource database, IReadOnlyCollection<Guid> interfaces, IReadOnlyList<Guid> processes, Guid? part, CancellationToken stop)
    {
        await using var connection = await database.OpenConnectionAsync(stop);
        await using var answers = await connection.QueryMultipleAsync(new CommandDefinition(Select,
            new { ids = interfaces.Distinct().ToArray(), processes = processes.ToArray(), process = processes[0], part = part ?? Guid.Empty },
                cancellationToken: stop));
        var places = (await InterfaceStore.ReadInterfaces(answers)).ToDictionary(i => i.Interface.Id, i => i.Interface);
        return (places, await ProcessStore.Read(answers), await RevisionStore.ReadEvidence(answers));
    }
}
