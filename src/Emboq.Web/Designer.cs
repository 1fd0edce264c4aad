using Emboq.Store;
using Npgsql;

namespace Emboq.Web;

/// <summary>Brings together what a design is computed from: the notebook's readings, process and tries, and the family.</summary>
internal static class Designer
{
    /// <summary>Computes a kept part as it stands, or what stands in the way.</summary>
    /// <param name="database">The notebook.</param>
    /// <param name="part">The part.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <param name="mark">The revision mark to raise on it.</param>
    public static Task<Outcome<Design>> OfPart(NpgsqlDataSource database, Part part, CancellationToken stop, string? mark = null) =>
        Of(database, part.Family, part.State, part.Id, new Dictionary<Guid, Interface>(), stop, mark);

    private static readonly IReadOnlySet<Guid> Nobody = new HashSet<Guid>();

    /// <summary>Computes decisions that need not be kept.</summary>
    /// <param name="database">The notebook.</param>
    /// <param name="familyKey">Which family.</param>
    /// <param name="state">The decisions.</param>
    /// <param name="part">The part whose tries count, if any.</param>
    /// <param name="stated">Interfaces that the slots name beside the kept ones, by identity.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <param name="mark">The revision mark to raise on the part.</param>
    public static async Task<Outcome<Design>> Of(NpgsqlDataSource database, string familyKey, PartState state, Guid? part,
        IReadOnlyDictionary<Guid, Interface> stated, CancellationToken stop, string? mark = null) =>
            await Of(database, familyKey, state, part, stated, Nobody, stop, mark);

    private static async Task<Outcome<Design>> Of(NpgsqlDataSource database, string familyKey, PartState state, Guid? part,
        IReadOnlyDictionary<Guid, Interface> stated, IReadOnlySet<Guid> takers, CancellationToken stop, string? mark = null)
    {
        if (FamilyList.Find(familyKey) is not { } family)
        {
            return new Problem("family", familyKey, $"There is no family '{familyKey}'.",
                $"Use one of {string.Join(", ", FamilyList.All.Select(f => f.Key))}.");
        }

        if (state.Setups.Count > PartState.MostSetups)
        {
            return new Problem("setups", $"{state.Setups.Count}", "These are more setups than a part has pieces and proofs.", "Name fewer.",
                $"{PartState.MostSetups}");
        }

        var known = await BriefStore.Of(database, [.. state.Interfaces.Values], [state.Process, .. state.Setups.Values], part, family, stop);
        var (interfaces, processes) = (known.Interfaces.Concat(stated).ToDictionary(), known.Processes);
        var listed = ListedSizes.Apply(family, state.Parameters, Places(family, state, interfaces));
        var values = ParameterValues.Read(family.Parameters, listed.IsGood ? listed.Value.Parameters
            : state.Parameters.Where(e => !ListedSizes.IsListed(family, e.Key)).ToDictionary());
        var problems = values.Problems.Concat(listed.Problems).Concat(SlotProblems(family, state, interfaces)).ToList();
        problems.AddRange(state.Setups.Select(s => (Field: $"setups.{s.Key}", Id: s.Value)).Prepend((Field: "process", Id: state.Process))
            .Where(s => !processes.ContainsKey(s.Id)).Select(s =>
                new Problem(s.Field, $"{s.Id}", $"There is no process {s.Id}.", "Use an id from GET /api/processes.")));
        var taken = await Taken(database, family, state.Takes, part is { } self ? takers.Append(self).ToHashSet() : takers, stop);
        problems.AddRange(taken.Problems);
        if (problems.Count > 0)
        {
            return problems;
        }

        var own = state.Setups.ToDictionary(s => s.Key, s => processes[s.Value]);
        var brief = new Brief(values.Value, family.Counting(values.Value, listed.Value.Places), processes[state.Process], known.Tries, mark)
        {
            Taken = taken.Value,
            Fits = new LearnedFits(processes[state.Process], await FitLibrary.Of(database, known.FitsVersion, stop), HasOwn: true)
            {
                Windows = known.Windows,
            },
            Drawer = known.Drawer,
            Runs = known.Runs,
            Told = [.. known.Told.Where(t => t.IsOf(state, processes[state.Process])).Select(t => (t.Revision, t.Word))],
            Own = own,
        };
        var design = family.Design(brief);
        return design.Pieces.FirstOrDefault(p => !p.MayDiffer && own.ContainsKey(p.Key)) is { } alike
            ? new Problem($"setups.{alike.Key}", own[alike.Key].Name, alike.Key == Piece.Main ? "The part itself is printed with its setup."
                : $"The {alike.Name} must come out as the first does.", "Change the setup of the part.")
            : design with
            {
                Process = brief.Process,
                Own = own,
                // A draft of what turns would be spun.
                Proofs = family.Proved ? design.Proofs : [.. design.Proofs, .. Draft.Of(design, own.GetValueOrDefault(Draft.Key) ?? brief.Process)],
                Checks = [.. Taking.Checks(taken.Value), .. design.Checks],
            };
    }

    /// <summary>Computes every member of a kept part's row, in order; a part without a row is its only member.</summary>
    public static async Task<Outcome<IReadOnlyList<Design>>> OfMembers(NpgsqlDataSource database, Part part, CancellationToken stop, string? mark = null)
    {
        var designs = new List<Design>();
        foreach (var (state, i) in PartRow.Members(part.State).Select((s, i) => (s, i)))
        {
            var design = await OfPart(database, part with { State = state }, stop, mark);
            if (!design.IsGood)
            {
                return part.State.Row is not { Count: > 0 } ? design.Problems.ToList()
                    : design.Problems.Select(p => p with { Field = $"row.{i + 1}.{p.Field}", Message = $"Member {i + 1} of the row: {p.Message}" }).ToList();
            }

            designs.Add(design.Value);
        }

        return designs;
    }

    /// <summary>What a part takes from others, each as it stands. None of those that wait for this answer can give.</summary>
    private static async Task<Outcome<IReadOnlyDictionary<string, Taken>>> Taken(NpgsqlDataSource database, Family family,
        IReadOnlyDictionary<string, TakenFrom> takes, IReadOnlySet<Guid> takers, CancellationToken stop)
    {
        var (all, problems) = (new Dictionary<string, Taken>(), new List<Problem>());
        foreach (var (key, from) in takes)
        {
            var one = await Taken(database, family, key, from, takers, stop);
            problems.AddRange(one.Problems);
            if (one.IsGood)
            {
                all[key] = one.Value;
            }
        }

        return problems.Count > 0 ? problems : all;
    }

    private static async Task<Outcome<Taken>> Taken(NpgsqlDataSource database, Family family, string key, TakenFrom from,
        IReadOnlySet<Guid> takers, CancellationToken stop)
    {
        var field = $"takes.{key}";
        if (family.Takes.FirstOrDefault(t => t.Key == key) is not { } slot)
        {
            return new Problem(field, key, $"A {family.Name} takes no such thing from another part.", "Leave it out.");
        }

        if (await JobStore.Part(database, from.Part, stop) is not { } giver)
        {
            return new Problem(field, $"{from.Part}", $"There is no part {from.Part}.", "Choose another part of the job.");
        }

        if (takers.Contains(giver.Id))
        {
            return new Problem(field, giver.Name, $"{giver.Name} itself takes something from this part.",
                "Choose another part: nothing can be taken in a ring.");
        }

        if (FamilyList.Find(giver.Family)?.Gives.FirstOrDefault(g => g.Key == from.Thing && g.Kind == slot.Kind) is not { } thing)
        {
            return new Problem(field, giver.Name, $"{giver.Name} has no such thing to give.", "Choose another part of the job.");
        }

        var design = await Of(database, giver.Family, PartRow.Members(giver.State)[0], giver.Id, new Dictionary<Guid, Interface>(), takers, stop);
        return !design.IsGood ? design.Problems.Select(p => p with { Field = field, Message = $"{giver.Name}: {p.Message}" }).ToList()
            : new Taken(giver.Name, thing.Label, design.Value.Gives(thing.Key));
    }

    /// <summary>The places that are named; one that nobody has read stands in where a part cannot do without.</summary>
    private static Dictionary<string, Interface> Places(Family family, PartState state, IReadOnlyDictionary<Guid, Interface> interfaces) => family.Slots
        .Select(slot => (slot.Key, Place: state.Interfaces.TryGetValue(slot.Key, out var id) ? interfaces.GetValueOrDefault(id)
            : slot.Need != SlotNeed.Always ? null : KindList.Unnamed(slot)))
        .Where(s => s.Place is not null).ToDictionary(s => s.Key, s => s.Place!);

    private static IEnumerable<Problem> SlotProblems(Family family, PartState state, IReadOnlyDictionary<Guid, Interface> interfaces)
    {
        foreach (var slot in family.Slots)
        {
            if (!state.Interfaces.TryGetValue(slot.Key, out var id))
            {
                continue;
            }

            if (!interfaces.TryGetValue(id, out var place))
            {
                yield return new($"interfaces.{slot.Key}", $"{id}", $"There is no interface {id}.", "Use an id from GET /api/machines.");
            }
            else if (!slot.Kinds.Contains(place.Kind.Key))
            {
                yield return new($"interfaces.{slot.Key}", place.Kind.Key, $"The {slot.Label} does not take a {place.Kind.Name}.", "Choose another place.",
                    string.Join(", ", slot.Kinds));
            }
        }

        foreach (var key in state.Interfaces.Keys.Where(k => family.Slots.All(s => s.Key != k)))
        {
            yield return new($"interfaces.{key}", null, $"This family joins nothing called '{key}'.",
                $"Use {string.Join(" and ", family.Slots.Select(s => s.Key))}.");
        }
    }
}
