namespace Emboq.Web;

/// <summary>What a revision keeps of a design.</summary>
internal static class Frozen
{
    /// <summary>The mark raised on a revision.</summary>
    public static string Mark(int number) => $"r{number}";

    /// <summary>What a part keeps: alone under plain keys; in a row, were it a row of one, the trees and fitted sizes of each member under its own.</summary>
    public static FrozenDesign Of(PartState state, IReadOnlyList<Design> members) => state.Row is not { Count: > 0 } ? Of(members[0]) : Of(members[0]) with
    {
        Solids = members.SelectMany((m, i) => Of(m).Solids.Select(s => KeyValuePair.Create(Of(s.Key, i + 1), s.Value))).ToDictionary(),
        Drawn = members.SelectMany((m, i) => DrawnOf(m, i + 1)).ToDictionary(),
        Names = Names(state, members),
        Proofs = ProofsOf(members),
    };

    /// <summary>What bodies and seats are called, each member of a row after what it decides first.</summary>
    public static IReadOnlyDictionary<string, string> Names(PartState state, IReadOnlyList<Design> members) => state.Row is not { Count: > 0 } row
        ? NamesOf(members[0]).ToDictionary()
        : members.SelectMany((m, i) => NamesOf(m).Select(n => KeyValuePair.Create(Of(n.Key, i + 1),
            $"{n.Value} · {row[i].Entries.Values.FirstOrDefault() ?? $"member {i + 1}"}"))).ToDictionary();

    /// <summary>Every ledger value, the fitted sizes with those of ladders, the trees of everything that can be printed as it is printed, and what others
    /// need.</summary>
    private static FrozenDesign Of(Design design) => new(
        design.Ledger.Lines.ToDictionary(l => l.Key, l => l.Quantity.Value),
        DrawnOf(design, null).ToDictionary(),
        design.PrintItems.Where(p => p.IsBuildable).ToDictionary(p => p.Key, p => SolidJson.Write(p.AsPrinted)),
        Notes: new(design.Pieces.Count > 0 ? design.Pieces[0].Way.Name : "", design.Hardware, design.Fitting, design.Cautions),
        Names: NamesOf(design).ToDictionary(),
        Proofs: ProofsOf([design]),
        Schema: 2);

    /// <summary>Members of a row may have proofs that others have not: letters, where one has words.</summary>
    private static Dictionary<string, FrozenProof> ProofsOf(IReadOnlyList<Design> members) =>
        members.SelectMany(m => m.Proofs).DistinctBy(p => p.Key).ToDictionary(p => p.Key, p => new FrozenProof(p.Seat, p.Rungs > 1, p.SecondSeat));

    /// <summary>The fitted faces, each whole, under the same keys as their sizes.</summary>
    /// <param name="state">The decisions.</param>
    /// <param name="members">What they come to.</param>
    /// <param name="process">What was printed with: not always what they were drawn for.</param>
    public static IReadOnlyDictionary<string, FrozenSeat> SeatsOf(PartState state, IReadOnlyList<Design> members, Process process) =>
        members.SelectMany((m, i) => m.Seats.Select(s =>
        KeyValuePair.Create(state.Row is { Count: > 0 } ? Of(s.Slot, i + 1) : s.Slot, Of(s, process.Id)))).ToDictionary();

    private static FrozenSeat Of(Seat s, Guid process) => new(s.Interface.Id == Guid.Empty ? null : s.Interface.Id, s.Dimension, s.Face.Surface, s.Face.Lie,
        process, s.Drawn.Value, s.Ladder,
        s.Allowance.Value, s.Counterpart.Value, s.Wanted.Value, s.Clearance.Value, s.Fit.Key, s.Words.Key);

    private static string Of(string key, int member) => new BodyAddress(key, member).ToString();

    private static IEnumerable<KeyValuePair<string, double>> DrawnOf(Design design, int? member) => design.Seats.SelectMany(s =>
        s.Ladder.Select((size, i) => KeyValuePair.Create($"{new BodyAddress(s.Slot, member, i + 1)}",
            size)).Prepend(KeyValuePair.Create($"{new BodyAddress(s.Slot, member)}", s.Drawn.Value)));

    private static IEnumerable<KeyValuePair<string, string>> NamesOf(Design design) =>
        design.PrintItems.Where(p => p.IsBuildable).Select(b => KeyValuePair.Create(b.Key, b.Name)).Concat(design.Seats.DistinctBy(s => s.Slot).Select(s =>
            KeyValuePair.Create(s.Slot, design.NameOf(s))));
}
