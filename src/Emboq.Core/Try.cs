namespace Emboq.Core;

/// <summary>One fitted coupon or part: how it felt and what was measured afterwards.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Part">The part.</param>
/// <param name="Revision">What was fitted.</param>
/// <param name="Slot">At which interface; "first#2" is the second ring of its ladder.</param>
/// <param name="Feel">How it felt, if it was put on.</param>
/// <param name="Printed">The printed diameter as measured, mm, if it was.</param>
/// <param name="Instrument">What it was measured with.</param>
/// <param name="Remark">What the maker noted, or nothing.</param>
/// <param name="At">When.</param>
public sealed record Try(Guid Id, Guid Part, int Revision, string Slot, Feel? Feel, double? Printed, Instrument? Instrument, string? Remark, DateTimeOffset At)
{
    /// <summary>The slot without the ring of a ladder: "first" of "first#2".</summary>
    public string Seat => Slot.Split('#')[0];

    /// <summary>Whether a ring of a ladder was tried.</summary>
    public bool OfLadder => Slot.Contains('#', StringComparison.Ordinal);
}
