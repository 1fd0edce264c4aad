namespace Emboq.Core;

/// <summary>One number read from a machine. Never altered; a bad one is struck out and stays.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Millimetres">The length read.</param>
/// <param name="Text">As entered.</param>
/// <param name="Instrument">What it was read with.</param>
/// <param name="At">When.</param>
/// <param name="Remark">What the reader noted, or nothing.</param>
/// <param name="StruckBecause">Why it no longer counts; <c>null</c> while it does.</param>
public sealed record Reading(Guid Id, double Millimetres, string Text, Instrument Instrument, DateTimeOffset At, string? Remark, string? StruckBecause);
