namespace Emboq.Core.Printing;

/// <summary>A finished run against the model.</summary>
/// <param name="Seconds">It took.</param>
/// <param name="ModelledSeconds">The model said, without any factor.</param>
/// <param name="Grams">It weighed; <c>null</c> where nobody weighed it.</param>
/// <param name="ModelledGrams">The model said, likewise; <c>null</c> of runs that are older than that.</param>
public sealed record FinishedRun(double Seconds, double ModelledSeconds, double? Grams = null, double? ModelledGrams = null);

/// <summary>What one process really takes over what the model says, learned from its finished runs.</summary>
/// <param name="Time">Of print times.</param>
/// <param name="Flow">Of what it lays down: printers lay some hundredths more or less than they should.</param>
public sealed record RunFactors(Quantity Time, Quantity Flow)
{
    /// <summary>First guesses with their spreads, and the scatter of one run about the process's own. Common practice, no published source.</summary>
    private const double TimeGuess = 1.1, TimeSpread = 0.2, TimeScatter = 0.08, FlowSpread = 0.02, FlowScatter = 0.01;

    /// <summary>The best linear averages of wide first guesses and every finished run (covariances as in JCGM 100, 5.2).</summary>
    /// <param name="process">The process.</param>
    /// <param name="runs">Of it.</param>
    public static RunFactors Of(Process process, IReadOnlyList<FinishedRun> runs) => new(
        Learned(("time", "how long", "finished run"), (TimeGuess, TimeSpread, TimeScatter), "Printers take somewhat longer than a plain model says.",
            [.. runs.Select(r => r.Seconds / r.ModelledSeconds)], process),
        Learned(("flow", "how much", "weighed print"), (1, FlowSpread, FlowScatter),
            "Printers lay some hundredths more or less than they should; weighed prints tell.",
            [.. runs.Where(r => r is { Grams: not null, ModelledGrams: > 0 }).Select(r => r.Grams!.Value / r.ModelledGrams!.Value).Where(r =>
                r is >= Least and <= Most)],
            process));

    /// <summary>What weighs less or more than this of what it should was weighed with something else, or only in part: no printer is so far off.</summary>
    private const double Least = 0.8, Most = 1.25;

    private static Quantity Learned((string Key, string What, string Run) of, (double Guess, double Spread, double Scatter) known, string because,
        IReadOnlyList<double> runs, Process process)
    {
        var guess = Quantity.Input($"{of.Key} factor", known.Guess, Unit.None, new Provenance.RuleOfThumb(because),
            (new Source($"{of.Key}/{process.Id}", $"{of.What} {process.Name} takes", known.Spread), 1));
        var told = runs.Select((r, i) => Quantity.Input("run", r, Unit.None, new Provenance.Learned("a finished run"),
            (new Source($"{of.Key}/{process.Id}/{i}", "scatter between runs", known.Scatter), 1)));
        return runs.Count == 0 ? guess : told.Aggregate(guess, Agreement.Best).From(new Provenance.Learned(
            $"{runs.Count} {of.Run}{(runs.Count == 1 ? "" : "s")} on {process.Name}"));
    }
}
