using Emboq.Core;

namespace Emboq.Web.Views;

/// <summary>What was printed and tried of a part, newest first.</summary>
public sealed record HistoryView(IReadOnlyList<RevisionView> Revisions);

/// <summary>One revision with what changed since the one before, and what trying it told; its bodies and slots are called as they were when it was printed.</summary>
public sealed record RevisionView(int Number, IReadOnlyList<string> Printed, string Process, DateTimeOffset At, string? Remark, DateTimeOffset? Kept, IReadOnlyList<ChangeView> Changes, IReadOnlyList<TryView> Tries,
    IReadOnlyList<RunView> Runs, IReadOnlyList<ServiceNoteView> Service, IReadOnlyList<string> Slots, IReadOnlyList<RowItem>? Row, IReadOnlyDictionary<string, string> Names);

/// <summary>One finished run.</summary>
/// <param name="Took">As read.</param>
/// <param name="Modelled">What the model said, as read.</param>
/// <param name="Grams">What it weighed, as read.</param>
/// <param name="At">When it was noted.</param>
public sealed record RunView(string Took, string Modelled, string? Grams, DateTimeOffset At)
{
    /// <summary>From a run.</summary>
    public static RunView Of(Run r) => new(QuantityText.Metric(r.Seconds, Unit.Seconds), QuantityText.Metric(r.ModelledSeconds, Unit.Seconds),
        r.Grams is { } grams ? QuantityText.Metric(grams, Unit.Grams) : null, r.At);
}

/// <summary>One service note.</summary>
/// <param name="Kind">What happened.</param>
/// <param name="After">After how many cycles or months, as read.</param>
/// <param name="Says">In words.</param>
/// <param name="At">When it was noted.</param>
public sealed record ServiceNoteView(ServiceKind Kind, string? After, string Says, DateTimeOffset At)
{
    /// <summary>From a note.</summary>
    public static ServiceNoteView Of(ServiceNote n) => new(n.Kind, n.AfterCount is { } count ? FormattableString.Invariant($"{count:0.##} {n.AfterUnit}") : null, n.Says, n.At);
}

/// <summary>One figure that changed.</summary>
public sealed record ChangeView(string What, string Before, string After);

/// <summary>One try.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Slot">Where; "part" for the whole part.</param>
/// <param name="Felt">In the words of the joint, or of the family.</param>
/// <param name="Printed">What was measured, as read.</param>
/// <param name="Remark">What the maker noted.</param>
/// <param name="At">When.</param>
/// <param name="StruckBecause">Why it no longer counts.</param>
/// <param name="Photos">Identities of its photographs.</param>
public sealed record TryView(Guid Id, string Slot, string? Felt, string? Printed, string? Remark, DateTimeOffset At, string? StruckBecause, IReadOnlyList<Guid> Photos)
{
    /// <summary>From a try.</summary>
    public static TryView Of(Try t, SeatWords words, Family family, IReadOnlyList<Guid> photos) => new(t.Id, t.Slot, t.Feel is { } feel ? words.Of(feel) : family.Words.FirstOrDefault(w => w.Key == t.Word)?.Says ?? t.Word,
        t.Printed is { } printed ? QuantityText.Metric(printed, Unit.Millimetre) : null, t.Remark, t.At, t.StruckBecause, photos);
}
