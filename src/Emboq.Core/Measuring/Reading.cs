namespace Emboq.Core.Measuring;

/// <summary>One number read from a machine. Never altered; a bad one is struck out and stays.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Value">What was read, in the unit of its dimension: mm, degrees, g or a count.</param>
/// <param name="Text">As entered.</param>
/// <param name="Instrument">What it was read with.</param>
/// <param name="At">When.</param>
/// <param name="Remark">What the reader noted, or nothing.</param>
/// <param name="StruckBecause">Why it no longer counts; <c>null</c> while it does.</param>
/// <param name="Direction">At which angle around a round place it was read, degrees; <c>null</c> when not noted.</param>
public sealed record Reading(Guid Id, double Value, string Text, Instrument Instrument, DateTimeOffset At, string? Remark, string? StruckBecause,
    double? Direction = null);
