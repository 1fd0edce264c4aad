using Emboq.Core;
using Emboq.Core.Families;
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
    public static async Task<Outcome<Design>> Of(NpgsqlDataSource database, string familyKey, PartState state, Guid? part, IReadOnlyDictionary<Guid, Interface> stated, CancellationToken stop, string? mark = null)
    {
        if (FamilyList.Find(familyKey) is not { } family)
        {
            return new Problem("family", familyKey, $"There is no family '{familyKey}'.", $"Use one of {string.Join(", ", FamilyList.All.Select(f => f.Key))}.");
        }

        var (kept, process, tries) = await BriefStore.Of(database, [.. state.Interfaces.Values], state.Process, part, stop);
        var interfaces = kept.Concat(stated).ToDictionary();
        var values = ParameterValues.Read(family.Parameters, state.Parameters);
        var problems = values.Problems.Concat(SlotProblems(family, state, interfaces)).ToList();
        if (process is null)
        {
            problems.Add(new("process", $"{state.Process}", $"There is no process {state.Process}.", "Use an id from GET /api/processes."));
        }

        return problems.Count > 0
            ? problems
            : family.Design(new(values.Value, state.Interfaces.ToDictionary(i => i.Key, i => interfaces[i.Value]), process!, tries, mark));
    }

    private static IEnumerable<Problem> SlotProblems(Family family, PartState state, IReadOnlyDictionary<Guid, Interface> interfaces)
    {
        foreach (var slot in family.Slots)
        {
            if (!state.Interfaces.TryGetValue(slot.Key, out var id))
            {
                yield return new($"interfaces.{slot.Key}", null, $"Nothing is named for the {slot.Label}.", "Choose the machine's place that it fits.");
            }
            else if (!interfaces.TryGetValue(id, out var place))
            {
                yield return new($"interfaces.{slot.Key}", $"{id}", $"There is no interface {id}.", "Use an id from GET /api/machines.");
            }
            else if (!slot.Kinds.Contains(place.Kind.Key))
            {
                yield return new($"interfaces.{slot.Key}", place.Kind.Key, $"The {slot.Label} does not take a {place.Kind.Name}.", "Choose another place.", string.Join(", ", slot.Kinds));
            }
        }

        foreach (var key in state.Interfaces.Keys.Where(k => family.Slots.All(s => s.Key != k)))
        {
            yield return new($"interfaces.{key}", null, $"This family has no end called '{key}'.", $"Use {string.Join(" and ", family.Slots.Select(s => s.Key))}.");
        }
    }
}
