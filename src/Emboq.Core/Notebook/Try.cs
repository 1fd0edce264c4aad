namespace Emboq.Core.Notebook;

/// <summary>One fitted coupon or part: how it felt and what was measured afterwards.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Part">The part.</param>
/// <param name="Revision">What was fitted.</param>
/// <param name="Slot">At which interface; "first#2" is the second ring of its ladder, "item@3" the seat of the third member of a row, "part" the whole
/// part.</param>
/// <param name="Feel">How it felt, if it was put on.</param>
/// <param name="Printed">The printed diameter as measured, mm, if it was.</param>
/// <param name="Instrument">What it was measured with.</param>
/// <param name="Remark">What the maker noted, or nothing.</param>
/// <param name="At">When.</param>
public sealed record Try(Guid Id, Guid Part, int Revision, string Slot, Feel? Feel, double? Printed, Instrument? Instrument, string? Remark, DateTimeOffset At)
{
    /// <summary>How the whole part did what it must: key of a word of its family.</summary>
    public string? Word { get; init; }

    /// <summary>Whether it was sanded, reamed, taped or the like before it was felt and measured: its size is no longer that of the print.</summary>
    public bool Worked { get; init; }

    /// <summary>Why it no longer counts; <c>null</c> while it does.</summary>
    public string? StruckBecause { get; init; }

    /// <summary>The slot without the member of a row and the ring of a ladder: "first" of "first@3#2".</summary>
    public string Seat => BodyAddress.Parse(Slot).Key;

    /// <summary>Whether a ring of a ladder was tried.</summary>
    public bool OfLadder => BodyAddress.Parse(Slot).Rung is not null;
}
