using Dapper;
using Npgsql;

namespace Emboq.Store;

/// <summary>What the notebook knows for a design.</summary>
/// <param name="Interfaces">By identity; unknown ones are left out.</param>
/// <param name="Processes">By identity; unknown ones are left out.</param>
/// <param name="Tries">What a part's tries say about its own process.</param>
/// <param name="Drawer">The workshop's screws; empty where nobody asked for them.</param>
/// <param name="Told">What was told of whole prints of the part, oldest first; empty where nobody asked for it.</param>
/// <param name="FitsVersion">Changes with anything that belief about prints rests on.</param>
/// <param name="Runs">Finished runs of the first process, newest first; empty where nobody asked for them.</param>
/// <param name="Windows">What the workshop means by its fits.</param>
public sealed record BriefRead(IReadOnlyDictionary<Guid, Interface> Interfaces, IReadOnlyDictionary<Guid, Process> Processes, IReadOnlyList<TryEvidence> Tries,
    IReadOnlyList<DrawerScrew> Drawer, IReadOnlyList<ToldOfPrint> Told,
    IReadOnlyList<FinishedRun> Runs, string FitsVersion, FitWindows Windows);

/// <summary>What was told of a whole print.</summary>
/// <param name="Revision">Its number.</param>
/// <param name="Word">Key of the word.</param>
/// <param name="State">The decisions it was printed by.</param>
/// <param name="Printed">Which members of the part came off the bed: one, where there is no row.</param>
/// <param name="Process">What it was printed with, as that stood then.</param>
public sealed record ToldOfPrint(int Revision, string Word, PartState State, IReadOnlyList<int> Printed, Process Process)
{
    /// <summary>Whether it was a print of these very decisions, laid in the same lines.</summary>
    /// <param name="state">Of a single part, or of one member.</param>
    /// <param name="process">What that is printed with.</param>
    public bool IsOf(PartState state, Process process) => Laid(Process) == Laid(process)
        && PartRow.Members(State).Where((_, i) => Printed.Contains(i + 1)).Any(state.DecidesAs);

    private static (int, int, double, double, double) Laid(Process p) => (p.Settings.Walls, p.Settings.Skins, p.Settings.Fill, p.LayerHeight, p.LineWidth);
}

/// <summary>What a design is computed from, in one round trip: it is read for every step of every value.</summary>
public static class BriefStore
{
    private static readonly string Places = $"{InterfaceStore.SelectOf(InterfaceStore.ByIdentity)}; ";

    private static readonly string Rest = $"{ProcessStore.SelectSome}; {RevisionStore.SelectEvidence}";

    /// <summary>Some interfaces with their readings, some processes, what a part's tries say about the first of them, and the drawer of screws.</summary>
    /// <param name="database">The notebook.</param>
    /// <param name="interfaces">Identities.</param>
    /// <param name="processes">Identities, one or more.</param>
    /// <param name="part">The part whose tries count, if any.</param>
    /// <param name="family">Of the part: it says what else is asked for.</param>
    /// <param name="stop">Ends the wait.</param>
    public static async Task<BriefRead> Of(NpgsqlDataSource database, IReadOnlyCollection<Guid> interfaces, IReadOnlyList<Guid> processes,
        Guid? part, Family family, CancellationToken stop)
    {
        var (named, drawer, told, runs) = (interfaces.Count > 0, family.Screws, family.Proved, family.Weighed);
        await using var connection = await database.OpenConnectionAsync(stop);
        await using var answers = await connection.QueryMultipleAsync(new CommandDefinition(
            $"{(named ? Places : "")}{Rest}{(drawer ? $"; {ScrewStore.SelectNow}" : "")}{(told ? $"; {RevisionStore.SelectTold}" : "")}"
                + (runs ? $"; {ServiceStore.SelectFinished}" : "") + $"; {FitStore.SelectVersion}; {FitWindowStore.SelectNow}",
            new { ids = interfaces.Distinct().ToArray(), processes = processes.ToArray(), process = processes[0], part = part ?? Guid.Empty },
            cancellationToken: stop));
        return new(
            named ? (await InterfaceStore.ReadInterfaces(answers)).ToDictionary(i => i.Interface.Id, i => i.Interface) : new Dictionary<Guid, Interface>(),
            await ProcessStore.Read(answers), await RevisionStore.ReadEvidence(answers), drawer ? await ScrewStore.Read(answers) : [],
            told ? await RevisionStore.ReadTold(answers) : [], runs ? [.. await answers.ReadAsync<FinishedRun>()] : [],
            await answers.ReadSingleAsync<string>(), await FitWindowStore.Read(answers));
    }
}
