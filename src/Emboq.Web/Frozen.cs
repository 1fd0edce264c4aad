using Emboq.Core;
using Emboq.Core.Solids;

namespace Emboq.Web;

/// <summary>What a revision keeps of a design.</summary>
internal static class Frozen
{
    /// <summary>The mark raised on a revision.</summary>
    public static string Mark(int number) => $"r{number}";

    /// <summary>What a part keeps: alone under plain keys; in a row, were it a row of one, the trees and fitted sizes of each member under its own.</summary>
    public static FrozenDesign Of(PartState state, IReadOnlyList<Design> members) => state.Row is not { Count: > 0 } ? Of(members[0]) : Of(members[0]) with
    {
        Solids = members.SelectMany((m, i) => Of(m).Solids.Select(s => KeyValuePair.Create(PartRow.KeyOf(s.Key, i + 1), s.Value))).ToDictionary(),
        Drawn = members.SelectMany((m, i) => DrawnOf(m, $"@{i + 1}")).ToDictionary(),
        Names = Names(state, members),
    };

    /// <summary>What bodies and seats are called, each member of a row after what it decides first.</summary>
    public static IReadOnlyDictionary<string, string> Names(PartState state, IReadOnlyList<Design> members) => state.Row is not { Count: > 0 } row
        ? NamesOf(members[0]).ToDictionary()
        : members.SelectMany((m, i) => NamesOf(m).Select(n => KeyValuePair.Create(PartRow.KeyOf(n.Key, i + 1), $"{n.Value} · {row[i].Entries.Values.FirstOrDefault() ?? $"member {i + 1}"}"))).ToDictionary();

    /// <summary>Every ledger value, the fitted sizes with those of ladders, the trees of everything that can be printed as it is printed, and what others need.</summary>
    private static FrozenDesign Of(Design design) => new(
        design.Ledger.Lines.ToDictionary(l => l.Key, l => l.Quantity.Value),
        DrawnOf(design, "").ToDictionary(),
        design.Bodies.Where(IsKept).ToDictionary(b => b.Key, b => SolidJson.Write(design.AsPrinted(b))),
        Notes: new(design.Ways.First(w => w.Key == design.Way).Name, design.Hardware, design.Fitting, design.Cautions),
        Names: NamesOf(design).ToDictionary());

    /// <summary>The fitted faces, each whole, under the same keys as their sizes.</summary>
    public static IReadOnlyDictionary<string, FrozenSeat> SeatsOf(PartState state, IReadOnlyList<Design> members) => members.SelectMany((m, i) => m.Seats.Select(s =>
        KeyValuePair.Create(state.Row is { Count: > 0 } ? PartRow.KeyOf(s.Slot, i + 1) : s.Slot, Of(s, state.Process)))).ToDictionary();

    private static FrozenSeat Of(Seat s, Guid process) => new(s.Interface.Id == Guid.Empty ? null : s.Interface.Id, s.Dimension, s.Face.Surface, s.Face.Lie, process, s.Drawn.Value, s.Ladder,
        s.Allowance.Value, s.Counterpart.Value, s.Wanted.Value, s.Clearance.Value, s.Fit.Key);

    private static bool IsKept(Body body) => body.Role != BodyRole.Counterpart && body.IsBuildable;

    private static IEnumerable<KeyValuePair<string, double>> DrawnOf(Design design, string member) => design.Seats.SelectMany(s =>
        s.Ladder.Select((size, i) => KeyValuePair.Create($"{s.Slot}{member}#{i + 1}", size)).Prepend(KeyValuePair.Create($"{s.Slot}{member}", s.Drawn.Value)));

    private static IEnumerable<KeyValuePair<string, string>> NamesOf(Design design) =>
        design.Bodies.Where(IsKept).Select(b => KeyValuePair.Create(b.Key, b.Name)).Concat(design.Seats.DistinctBy(s => s.Slot).Select(s => KeyValuePair.Create(s.Slot, s.Interface.Name)));
}
