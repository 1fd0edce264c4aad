namespace Emboq.Web.Views;

/// <summary>What was printed and tried of a part, newest first.</summary>
public sealed record HistoryView(IReadOnlyList<RevisionView> Revisions);

/// <summary>One revision with what changed since the one before, and what trying it told; its bodies and slots are called as they were when it was
/// printed.</summary>
public sealed record RevisionView(int Number, IReadOnlyList<PrintedView> Printed, string Process, DateTimeOffset At, string? Remark, DateTimeOffset? Kept,
    IReadOnlyList<ChangeView> Changes, IReadOnlyList<TryView> Tries,
    IReadOnlyList<RunView> Runs, IReadOnlyList<ServiceNoteView> Service, IReadOnlyList<TryPlaceView> Places, IReadOnlyList<RowItem>? Row);

/// <summary>Something that was printed.</summary>
/// <param name="Body">Key of the piece or proof.</param>
/// <param name="Member">Of the row it then was, from 1; <c>null</c> of a part that was none.</param>
/// <param name="Name">As it was called.</param>
public sealed record PrintedView(string Body, int? Member, string Name)
{
    /// <summary>From its address, by the names of its day.</summary>
    public static PrintedView Of(string printed, IReadOnlyDictionary<string, string> names)
    {
        var at = BodyAddress.Parse(printed);
        return new(at.Key, at.Member, names.GetValueOrDefault(printed, at.Key == Piece.Main ? "the part" : "a proof"));
    }
}

/// <summary>Where a print can be tried.</summary>
/// <param name="Slot">What a try names.</param>
/// <param name="Label">In words.</param>
/// <param name="Name">What is tried.</param>
/// <param name="Step">Of its ladder: "ring 3"; <c>null</c> of what stands alone.</param>
/// <param name="Measured">What may be measured there; <c>null</c> where nothing is.</param>
/// <param name="Drawn">Its size in the solid, mm; <c>null</c> of the whole part.</param>
/// <param name="Told">What hands and instruments told of it, that still counts, the newest first.</param>
/// <param name="Believed">Which size is to be drawn there, by all that is known now, with the setup that this was printed with; <c>null</c> where the part
/// is planned with another, or not computed.</param>
/// <param name="Chance">That a print of its size fits, by the same.</param>
/// <param name="Off">Whether a part was told not to fit there: something may then be done to it in place of another print.</param>
/// <param name="Like">What draws the part like this rung.</param>
/// <param name="Choices">What may be said of it.</param>
public sealed record TryPlaceView(string Slot, string Label, string Name, string? Step, string? Measured, double? Drawn, IReadOnlyList<string> Told,
    SizeBelief? Believed, double? Chance, bool Off, RemedyView? Like, IReadOnlyList<TryChoice> Choices)
{
    /// <summary>From a place, and the tries of its revision.</summary>
    public static TryPlaceView Of(TryPlace place, IEnumerable<TryView> tries, SizeBelief? believed, bool off, Remedy? like) => new($"{place.At}",
        place.Label, place.Name, place.Step, place.Measured, place.Drawn,
        [.. tries.Where(t => t.StruckBecause is null && t.Slot == $"{place.At}").Reverse()
            .Select(t => string.Join(", ", new[] { t.Felt, t.Worked ? $"worked to {t.Printed}" : t.Printed }.OfType<string>()))],
        believed, place.Drawn is { } drawn ? believed?.ChanceAt(drawn) : null, off, like is null ? null : RemedyView.Of(like), place.Choices);
}

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
    public static ServiceNoteView Of(ServiceNote n) => new(n.Kind, n.AfterCount is { } count
        ? FormattableString.Invariant($"{count:0.##} {n.AfterUnit}") : null, n.Says, n.At);
}

/// <summary>One figure that changed.</summary>
public sealed record ChangeView(string What, string Before, string After);

/// <summary>One try.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Slot">What it names.</param>
/// <param name="Where">In words.</param>
/// <param name="Felt">In the words of the joint, or of the family.</param>
/// <param name="Printed">What was measured, as read.</param>
/// <param name="Worked">Whether it had been worked by hand before.</param>
/// <param name="Remark">What the maker noted.</param>
/// <param name="At">When.</param>
/// <param name="StruckBecause">Why it no longer counts.</param>
/// <param name="Photos">Identities of its photographs.</param>
/// <param name="Helps">What is usually changed after it, while it is not.</param>
public sealed record TryView(Guid Id, string Slot, string Where, string? Felt, string? Printed, bool Worked, string? Remark, DateTimeOffset At,
    string? StruckBecause,
    IReadOnlyList<Guid> Photos, IReadOnlyList<RemedyView> Helps)
{
    /// <summary>From a try.</summary>
    public static TryView Of(Try t, SeatWords words, IReadOnlyDictionary<string, string> names, Family family, IReadOnlyList<Guid> photos,
        IReadOnlyList<RemedyView> helps) =>
        new(t.Id, t.Slot, Of(t, names), t.Feel is { } feel ? words.Of(feel) : family.Words.FirstOrDefault(w => w.Key == t.Word)?.Says ?? t.Word,
        t.Printed is { } printed ? QuantityText.Metric(printed, Unit.Millimetre) : null, t.Worked, t.Remark, t.At, t.StruckBecause, photos, helps);

    private static string Of(Try t, IReadOnlyDictionary<string, string> names)
    {
        var at = BodyAddress.Parse(t.Slot);
        var name = names.GetValueOrDefault($"{at with { Rung = null }}", "the seat");
        return t.Slot == TryWord.WholePart ? "the part" : at.Rung is { } rung ? $"number {rung} of the ladder, {name}" : name;
    }
}
