namespace Emboq.Web.Views;

/// <summary>What moves by another setup than the last revision was printed with.</summary>
/// <param name="Says">In a sentence.</param>
/// <param name="Seats">The fits that move, the least sure first.</param>
public sealed record MovesView(string Says, IReadOnlyList<SeatMovesView> Seats)
{
    /// <summary>From what differs.</summary>
    public static MovesView Of(int revision, Process was, Process now, IReadOnlyList<SeatMoves> moves, int of)
    {
        var due = moves.Select(m => m.Due).OfType<Proof>().DistinctBy(p => p.Key).ToList();
        var says = $"Revision {revision} was printed with {was.Name}. With {now.Name}: "
            + (of == 0 ? "nothing has to fit by hundredths."
                : moves.Count == 0 ? "every fit is drawn as it was, and is as sure."
                : $"{moves.Count} of {of} fit{(of == 1 ? "" : "s")} {(moves.Count == 1 ? "moves" : "move")}. " + (due.Count == 0 ? "No proof is due."
                    : $"Print {string.Join(" and ", due.Select(d => d.Name))} first: what was tried before tells of this setup only what both share."));
        return new(says, [.. moves.Select(SeatMovesView.Of)]);
    }
}

/// <summary>What moves of one fit.</summary>
/// <param name="Name">Of the machine's place, and what is fitted to it.</param>
/// <param name="Was">As it was drawn.</param>
/// <param name="Now">As it is drawn.</param>
/// <param name="ChanceWas">Chance that it fits, before.</param>
/// <param name="ChanceNow">Now.</param>
/// <param name="Due">Key of the body that proves it, where a proof is due.</param>
public sealed record SeatMovesView(string Name, QuantityView Was, QuantityView Now, double ChanceWas, double ChanceNow, string? Due)
{
    /// <summary>From a seat that moves.</summary>
    public static SeatMovesView Of(SeatMoves m) => new(m.Now.Whole, QuantityView.Of(m.Was.Drawn),
        QuantityView.Of(m.Now.Drawn),
        m.Was.Chance, m.Now.Chance, m.Due?.Key);
}
