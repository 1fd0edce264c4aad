namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>The sizes of a ladder: fitted diameters as drawn, mm, the smallest first.</summary>
internal sealed record LadderReckoning(IReadOnlyList<double> Sizes)
{
    /// <summary>Rings around the drawn size.</summary>
    /// <param name="ladder">The maker's wishes.</param>
    /// <param name="end">Of which end, with how far the maker moved the middle.</param>
    /// <param name="drawn">Its fitted diameter.</param>
    /// <param name="fitted">Its fit: its doubt is what the ladder has to cover.</param>
    /// <param name="ledger">Where the step is entered.</param>
    public static LadderReckoning Of(LadderParameters ladder, EndParameters end, Quantity drawn, Fitted fitted, Ledger ledger)
    {
        var slot = end.Slot;
        var proposed = LadderPlan.Step(fitted, ladder.Rings);
        var step = ledger.Add($"{slot}.ladder", $"{slot} ladder step", ladder.Step is { } chosen
            ? Quantity.Chosen("ladder step", chosen, Unit.Millimetre)
            : Quantity.RuleOfThumb("ladder step", proposed, Unit.Millimetre,
                "So that most likely one of them is right, in whole twentieths."),
            $"{ladder.Rings} rings around the drawn size, or as far from it as the maker moved them.");
        return new([.. Enumerable.Range(0, ladder.Rings).Select(i => Math.Max(drawn.Value / 2,
            drawn.Value + end.LadderShift + ((i - ((ladder.Rings - 1) / 2.0)) * step.Value)))]);
    }
}
