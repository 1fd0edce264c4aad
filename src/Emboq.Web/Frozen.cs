using Emboq.Core;
using Emboq.Core.Solids;

namespace Emboq.Web;

/// <summary>What a revision keeps of a design.</summary>
internal static class Frozen
{
    /// <summary>The mark raised on a revision.</summary>
    public static string Mark(int number) => $"r{number}";

    /// <summary>A row: what the first member needs for all, and the trees of each under its own keys.</summary>
    public static FrozenDesign Of(IReadOnlyList<Design> members) => members is [var only] ? Of(only) : Of(members[0]) with
    {
        Solids = members.SelectMany((m, i) => Of(m).Solids.Select(s => KeyValuePair.Create(PartRow.KeyOf(s.Key, i + 1), s.Value))).ToDictionary(),
    };

    /// <summary>Every ledger value, the fitted sizes with those of ladders, the trees of everything that can be printed as it is printed, and what others need.</summary>
    public static FrozenDesign Of(Design design) => new(
        design.Ledger.Lines.ToDictionary(l => l.Key, l => l.Quantity.Value),
        design.Seats.SelectMany(s => s.Ladder.Select((size, i) => (Slot: $"{s.Slot}#{i + 1}", size)).Prepend((s.Slot, s.Drawn.Value))).ToDictionary(d => d.Slot, d => d.Item2),
        design.Bodies.Where(b => b.Role != BodyRole.Counterpart).ToDictionary(b => b.Key, b => SolidJson.Write(design.AsPrinted(b))),
        Notes: new(design.Ways.First(w => w.Key == design.Way).Name, design.Hardware, design.Fitting, design.Cautions));
}
