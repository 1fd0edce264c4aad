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

    /// <summary>Computes decisions that need not be kept.</summary>
    /// <param name="database">The notebook.</param>
    /// <param name="familyKey">Which family.</param>
    /// <param name="state">The decisions.</param>
    /// <param name="part">The part whose tries count, if any.</param>
    /// <param name="stated">Interfaces that the slots name beside the kept ones, by identity.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <param name="mark">The revision mark to raise on the part.</param>
    public static async Task<Outcome<Design>> Of(NpgsqlDataSource database, string familyKey, PartState state, Guid? part,
        IReadOnlyDictionary<Guid, Interface> stated, CancellationToken stop, string? mark = null)
    {
        if (FamilyList.Find(familyKey) is not { } family)
        {
            return new Problem("family", familyKey, $"There is no family '{familyKey}'.",
                $"Use one of {string.Join(", ", FamilyList.All.Select(f => f.Key))}.");
        }

        var (kept, process, tries) = await BriefStore.Of(database, [.. state.Interfaces.Values], state.Process, part, stop);
        var interfaces = kept.Concat(stated).ToDictionary();
        var listed = ListedSizes.Apply(family, state.Parameters, Places(family, state, interfaces));
        var values = ParameterValues.Read(family.Parameters, listed.IsGood ? listed.Value.Parameters
            : state.Parameters.Where(e => !ListedSizes.IsListed(family, e.Key)).ToDictionary());
        var problems = values.Problems.Concat(listed.Problems).Concat(SlotProblems(family, state, interfaces)).ToList();
        if (process is null)
        {
            problems.Add(new("process", $"{state.Process}", $"There is no process {state.Process}.", "Use an id from GET /api/processes."));
        }

        var served = state.Serves is { } serves ? await Served(database, family, serves, stop) : null;
        problems.AddRange(served?.Problems ?? []);
        if (problems.Count > 0)
        {
            return problems;
        }

        var drawer = family.Screws ? (await ScrewStore.Now(database, stop)).Screws : [];
        var brief = new Brief(values.Value, listed.Value.Places, process!, tries, mark) { Served = served?.Value, Drawer = drawer };
        return family.Design(brief) with { Process = process };
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

    private static async Task<Outcome<Design>> Served(NpgsqlDataSource database, Family family, Guid serves, CancellationToken stop)
    {
        if (!family.Serves)
        {
            return new Problem("serves", $"{serves}", $"A {family.Name} takes its holes from no other part.", "Leave it out.");
        }

        return await JobStore.Part(database, serves, stop) is not { } part
            ? new Problem("serves", $"{serves}", $"There is no part {serves}.", "Choose another part of the job.")
            : FamilyList.Find(part.Family)?.Serves ?? false ? new Problem("serves", part.Name, $"{part.Name} takes its own holes from a part.",
                "Choose that part itself.")
            : await OfPart(database, part with { State = PartRow.Members(part.State)[0] }, stop);
    }

    /// <summary>The places that are named; one that nobody has read stands in where a part cannot do without.</summary>
    private static Dictionary<string, Interface> Places(Family family, PartState state, IReadOnlyDictionary<Guid, Interface> interfaces) => family.Slots
        .Select(slot => (slot.Key, Place: state.Interfaces.TryGetValue(slot.Key, out var id) ? interfaces.GetValueOrDefault(id)
            : slot.Need == SlotNeed.Sometimes ? null : KindList.Unnamed(slot)))
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
            yield return new($"interfaces.{key}", null, $"This family has no end called '{key}'.",
                $"Use {string.Join(" and ", family.Slots.Select(s => s.Key))}.");
        }
    }
}
