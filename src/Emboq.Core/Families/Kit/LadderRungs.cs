namespace Emboq.Core.Families.Kit;

/// <summary>The rungs of a small ladder around a fitted size.</summary>
internal static class LadderRungs
{
    /// <summary>No ladder has fewer rungs, and those that are planned have no more.</summary>
    public const int Fewest = 3, Most = 5;

    /// <summary>What a rung that is wider than the drawn size takes more of the row, mm.</summary>
    private const double Wider = 0.5;

    /// <summary>Their sizes, mm, the smallest first; their step is a line of the ledger.</summary>
    /// <param name="of">The fitted size.</param>
    /// <param name="rung">What one is called: "test ring", and what it takes of the row that they lie in, mm: no more are planned than the bed has room
    /// for.</param>
    /// <param name="process">What they are printed with.</param>
    /// <param name="ledger">Takes the step.</param>
    /// <param name="key">Of its line.</param>
    /// <param name="fewest">Rungs.</param>
    public static IReadOnlyList<double> Of(Fitted of, (string Name, double Takes) rung, Process process, Ledger ledger, string key = "ladder",
        int fewest = Fewest)
    {
        var (width, depth) = process.Bed.Free();
        var plan = LadderPlan.Of(of, fewest, (int)Math.Clamp(Math.Floor(Math.Max(width, depth) / (rung.Takes + Wider)), fewest, Most));
        ledger.Add(key, "ladder step", Quantity.RuleOfThumb("ladder step", plan.Step, Unit.Millimetre, "So that most likely one of them is right."),
            $"From one {rung.Name} to the next. {Says(plan)}");
        return plan.Sizes(of.Drawn.Value);
    }

    /// <summary>How many there are, and where they stand.</summary>
    public static string Says(LadderPlan plan) => $"{plan.Rungs} of them, around " + (plan.Shift == 0 ? "the drawn size."
        : $"what is {Figures.Mm(Math.Abs(plan.Shift))} {(plan.Shift > 0 ? "more" : "less")} than the drawn size: the fit reaches further that way.");
}
