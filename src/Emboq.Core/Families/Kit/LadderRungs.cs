namespace Emboq.Core.Families.Kit;

/// <summary>The rungs of a small ladder around a fitted size.</summary>
internal static class LadderRungs
{
    private const int Count = 3;

    /// <summary>Three sizes, the drawn one in the middle, mm; their step is a line of the ledger.</summary>
    /// <param name="of">The fitted size.</param>
    /// <param name="rung">What one is called: "test ring".</param>
    /// <param name="ledger">Takes the step.</param>
    public static IReadOnlyList<double> Of(Fitted of, string rung, Ledger ledger)
    {
        var step = ledger.Add("ladder", "ladder step", Quantity.RuleOfThumb("ladder step", LadderPlan.Step(of, Count), Unit.Millimetre,
            "So that most likely one of them is right."), $"From one {rung} to the next.");
        return [.. Enumerable.Range(0, Count).Select(i => of.Drawn.Value + ((i - (Count / 2)) * step.Value))];
    }
}
