namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>The sizes of a ladder: fitted diameters as drawn, mm, the smallest first.</summary>
internal sealed record LadderReckoning(IReadOnlyList<double> Sizes)
{
    /// <summary>Rings around the drawn size: as many as the maker asks for, or as are worth printing and the bed takes.</summary>
    /// <param name="ladder">The maker's wishes.</param>
    /// <param name="end">Of which end, with how far the maker moved the middle; its fit's doubt is what the ladder has to cover.</param>
    /// <param name="process">What it is printed with.</param>
    /// <param name="ledger">Where the step is entered.</param>
    public static LadderReckoning Of(LadderParameters ladder, EndReckoning end, Process process, Ledger ledger)
    {
        IReadOnlyList<double> Sizes(LadderPlan plan) => (end.Parameters.LadderShift is var moved and not 0 ? plan with { Shift = moved }
            : plan).Sizes(end.Drawn.Value);
        var (slot, fewest, most) = (end.Parameters.Slot, ladder.Rings ?? LadderRungs.Fewest, ladder.Rings ?? LadderPlan.Most);
        // Fewer rings take less of the bed; where it takes none, the most telling ladder says so.
        var plans = Enumerable.Range(0, most - fewest + 1).Select(n => LadderPlan.Of(end.Fitted, fewest, most - n, ladder.Step));
        var plan = plans.FirstOrDefault(p => AdapterLadder.Most(end, Sizes(p), process) >= p.Rungs) ?? plans.First();
        ledger.Add($"{slot}.ladder", $"{slot} ladder step", ladder.Step is { } chosen ? Quantity.Chosen("ladder step", chosen, Unit.Millimetre)
            : Quantity.RuleOfThumb("ladder step", plan.Step, Unit.Millimetre, "So that most likely one of them is right, in whole twentieths."),
            $"From one ring to the next. {(end.Parameters.LadderShift == 0 ? LadderRungs.Says(plan) : $"{plan.Rungs} of them, where the maker moved them.")}");
        return new(Sizes(plan));
    }
}
