namespace Emboq.Core.Families.Kit;

/// <summary>The rungs of a small ladder around a fitted size.</summary>
internal static class LadderRungs
{
    /// <summary>No ladder has fewer rungs, and those that are planned have no more.</summary>
    public const int Fewest = 3, Most = 5;

    /// <summary>Their sizes, mm, the smallest first; their step is a line of the ledger.</summary>
    /// <param name="of">The fitted size.</param>
    /// <param name="rung">What one is called: "test ring".</param>
    /// <param name="ledger">Takes the step.</param>
    /// <param name="key">Of its line.</param>
    /// <param name="fewest">Rungs.</param>
    public static IReadOnlyList<double> Of(Fitted of, string rung, Ledger ledger, string key = "ladder", int fewest = Fewest)
    {
        var plan = LadderPlan.Of(of, fewest, Most);
        ledger.Add(key, "ladder step", Quantity.RuleOfThumb("ladder step", plan.Step, Unit.Millimetre, "So that most likely one of them is right."),
            $"From one {rung} to the next. {Says(plan)}");
        return plan.Sizes(of.Drawn.Value);
    }

    /// <summary>How many there are, and where they stand.</summary>
    public static string Says(LadderPlan plan) => $"{plan.Rungs} of them, around " + (plan.Shift == 0 ? "the drawn size."
        : $"what is {Figures.Mm(Math.Abs(plan.Shift))} {(plan.Shift > 0 ? "more" : "less")} than the drawn size: the fit reaches further that way.");
}
