namespace Emboq.Core.Families.Kit;

/// <summary>Whether the readings of a dimension can be trusted.</summary>
internal static class ReadingChecks
{
    /// <summary>Judges what was read of a dimension.</summary>
    /// <param name="key">Of the check.</param>
    /// <param name="title">Of the check.</param>
    /// <param name="place">With at least one way to the dimension read.</param>
    /// <param name="read">Key of the dimension.</param>
    public static Check Of(string key, string title, Interface place, string read)
    {
        var (measured, dimension) = (Evaluation.Of(place, read)!, place[read]);
        var spread = Figures.Mm(2 * measured.Quantity.StandardUncertainty);
        Remedy[] again = [new Remedy.Measure($"Measure {dimension.Name} again", dimension.Interface, dimension.Key)];
        if (measured.Disagrees)
        {
            return new(key, title, Verdict.Watch, $"Two instruments disagree about {dimension.Name} by more than both can be off.",
                FormattableString.Invariant($"{measured.Disagreement:0.0} standard deviations apart"), $"{Measurement.DisagreementLimit:0}",
                    "JCGM 100, 4.3 and 5.1.", again);
        }

        if (measured.Scatters)
        {
            return new(key, title, Verdict.Watch,
                $"The readings of {dimension.Name} scatter more than their instrument does: a slip, or the place itself varies.",
                FormattableString.Invariant($"{measured.ScatterRatio:0.0} times the usual scatter"),
                    FormattableString.Invariant($"{measured.ScatterLimit:0.0}"),
                "F test at 1 %; JCGM 100, H.5.", again);
        }

        if (Propagation.Of(new(place), read) is { } interval)
        {
            return new(key, title, Verdict.Watch,
                $"This way to {dimension.Name} is so uneven that a plain ± does not tell its doubt: with 95 % it lies between "
                    + $"{Figures.Mm(interval.Low)} and {Figures.Mm(interval.High)}. Read it another way, or once more.",
                $"{Figures.Mm(interval.Low)} to {Figures.Mm(interval.High)}", $"{Figures.Mm(measured.Quantity.Value)} ± {spread} by first order",
                    "Monte Carlo, JCGM 101, clause 7.", again);
        }

        return new(key, title, Verdict.Good, measured.Count == 0 ? "Reckoned from what else was read of it."
            : $"{measured.Count} reading{(measured.Count == 1 ? "" : "s")} that agree.",
            $"± {spread}", "readings that agree", "JCGM 100, k = 2.", []);
    }
}
