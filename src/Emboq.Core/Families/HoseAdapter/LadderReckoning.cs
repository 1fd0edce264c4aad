namespace Emboq.Core.Families.HoseAdapter;

/// <summary>The sizes of a ladder: fitted diameters as drawn, mm, the smallest first.</summary>
internal sealed record LadderReckoning(IReadOnlyList<double> Sizes)
{
    private const double Fineness = 0.05;

    /// <summary>Rings around the drawn size, the drawn one in the middle.</summary>
    /// <param name="ladder">The maker's wishes.</param>
    /// <param name="slot">Of which end.</param>
    /// <param name="drawn">Its fitted diameter.</param>
    /// <param name="realised">The clearance to expect: its doubt is what the ladder has to cover.</param>
    /// <param name="ledger">Where the step is entered.</param>
    public static LadderReckoning Of(LadderParameters ladder, string slot, Quantity drawn, Quantity realised, Ledger ledger)
    {
        var proposed = Math.Max(1, Math.Ceiling(4 * realised.StandardUncertainty / (ladder.Rings - 1) / Fineness)) * Fineness;
        var step = ledger.Add($"{slot}.ladder", $"{slot} ladder step", ladder.Step is { } chosen
            ? Quantity.Chosen("ladder step", chosen, Unit.Millimetre)
            : Quantity.RuleOfThumb("ladder step", proposed, Unit.Millimetre, "The row covers two standard deviations of doubt to each side, in whole twentieths."),
            $"{ladder.Rings} rings, the drawn size in the middle.");
        return new([.. Enumerable.Range(0, ladder.Rings).Select(i => drawn.Value + ((i - ((ladder.Rings - 1) / 2.0)) * step.Value))]);
    }
}
