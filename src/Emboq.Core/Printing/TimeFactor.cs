namespace Emboq.Core.Printing;

/// <summary>Real print time over modelled time of one process, learned from its finished runs.</summary>
public static class TimeFactor
{
    /// <summary>Scatter of one run about the process's own factor. Common practice, no published source.</summary>
    private const double RunScatter = 0.08;

    /// <summary>The factor: the best linear average of a wide first guess and every finished run (covariances as in JCGM 100, 5.2).</summary>
    /// <param name="process">The process.</param>
    /// <param name="runs">Seconds it took and seconds the model said, of finished runs.</param>
    public static Quantity Of(Process process, IReadOnlyList<(double Took, double Modelled)> runs)
    {
        var guess = Quantity.Input("time factor", 1.1, Unit.None, new Provenance.RuleOfThumb("Printers take somewhat longer than a plain model says."),
            (new Source($"time/{process.Id}", $"how long {process.Name} takes", 0.2), 1));
        if (runs.Count == 0)
        {
            return guess;
        }

        var told = runs.Select((r, i) => Quantity.Input("run", r.Took / r.Modelled, Unit.None, new Provenance.Learned("a finished run"),
            (new Source($"time/{process.Id}/{i}", "scatter between runs", RunScatter), 1)));
        return told.Aggregate(guess, Correction.Best).From(new Provenance.Learned($"{runs.Count} finished run{(runs.Count == 1 ? "" : "s")} on "
            + $"{process.Name}"));
    }
}
