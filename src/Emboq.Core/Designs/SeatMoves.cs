namespace Emboq.Core.Designs;

/// <summary>What another setup changes about a fitted face.</summary>
/// <param name="Was">The seat on the setup of before.</param>
/// <param name="Now">The same on the setup of now.</param>
/// <param name="Due">The proof that should come before the part; <c>null</c> where none need.</param>
public sealed record SeatMoves(Seat Was, Seat Now, Proof? Due)
{
    /// <summary>Sizes and chances that differ by less, mm, are the same.</summary>
    private const double Same = 0.005;

    /// <summary>A fit that is less sure than this, and less than it was, is proved first; one below the second is looked for on a ladder. Argued, no published
    /// source.</summary>
    private const double Sure = 0.9, Ladder = 0.6;

    /// <summary>By how much the drawn size differs, mm.</summary>
    public double By => Now.Drawn.Value - Was.Drawn.Value;

    /// <summary>What differs between two designs of the same decisions, the fit that has become least sure first.</summary>
    /// <param name="was">On the setup of before.</param>
    /// <param name="now">On the setup of now.</param>
    public static IReadOnlyList<SeatMoves> Between(Design was, Design now) =>
    [
        .. now.Seats.Join(was.Seats, s => s.Slot, s => s.Slot, (n, w) => new SeatMoves(w, n, DueFor(now, w, n)))
            .Where(m => Math.Abs(m.By) >= Same || Math.Abs(m.Now.Chance - m.Was.Chance) >= Same).OrderBy(m => m.Now.Chance),
    ];

    private static Proof? DueFor(Design now, Seat was, Seat seat) => seat.Chance >= Sure || seat.Chance > was.Chance - Same ? null
        : now.Proofs.Where(p => p.Proves(seat.Slot) && p.IsBuildable).OrderBy(p => seat.Chance < Ladder ? -p.Rungs : p.Rungs).FirstOrDefault();
}
