namespace Emboq.Core.Fits;

/// <summary>The sizes of one fitted face, by the law of sizes: drawn = wanted + allowance, and clearance = hole − shaft.</summary>
/// <param name="Counterpart">The machine's diameter.</param>
/// <param name="Surface">The kind of the printed face: a hole goes over, an outside goes in.</param>
/// <param name="Clearance">Aimed at.</param>
/// <param name="Process">What it is printed with.</param>
/// <param name="Place">The place in words, for names: "first cuff".</param>
public sealed record SeatReckoning(Quantity Counterpart, Surface Surface, Quantity Clearance, Process Process, string Place)
{
    /// <summary>Before any try: what the drawn size must be for no clearance at all, the machine's size plus the allowance.</summary>
    public Quantity TouchingBefore => Counterpart + Process.Allowance(Surface);

    /// <summary>The size the finished face should have.</summary>
    public Quantity Wanted => Surface.IsHole() ? Counterpart + Clearance : Counterpart - Clearance;

    /// <summary>The clearance that a drawn diameter will turn out to have, with its spread.</summary>
    /// <param name="drawn">As in the solid; a decision taken, not moved by its inputs.</param>
    /// <param name="touching">The drawn size that would just touch.</param>
    public Quantity Realised(Quantity drawn, Quantity touching)
    {
        var scatter = Process.PrintScatter(Surface, Place);
        return Surface.IsHole() ? drawn - touching + scatter : touching - drawn + scatter;
    }
}
