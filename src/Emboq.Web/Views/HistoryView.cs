using Emboq.Core;

namespace Emboq.Web.Views;

/// <summary>What was printed and tried of a part, newest first.</summary>
public sealed record HistoryView(IReadOnlyList<RevisionView> Revisions);

/// <summary>One revision with what changed since the one before, and what trying it told.</summary>
public sealed record RevisionView(int Number, IReadOnlyList<string> Printed, string Process, DateTimeOffset At, string? Remark, DateTimeOffset? Kept, IReadOnlyList<ChangeView> Changes, IReadOnlyList<TryView> Tries);

/// <summary>One figure that changed.</summary>
public sealed record ChangeView(string What, string Before, string After);

/// <summary>One try.</summary>
public sealed record TryView(string Slot, string? Felt, string? Printed, string? Remark, DateTimeOffset At)
{
    /// <summary>From a try.</summary>
    public static TryView Of(Try t) => new(t.Slot, t.Feel is { } feel ? Core.Fits.FeelClasses.Of(feel).Words : null,
        t.Printed is { } printed ? QuantityText.Metric(printed, Unit.Millimetre) : null, t.Remark, t.At);
}
