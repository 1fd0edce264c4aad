namespace Emboq.Core.Families.Kit;

/// <summary>The chance that the next print fits, and what would raise it.</summary>
internal static class ChanceCheck
{
    private const double Wanted = 0.8;

    /// <summary>Judges it. Where ways to a size contradict, or words about one print do, no chance earns a print without a proof.</summary>
    /// <param name="chance">Of every seat at once.</param>
    /// <param name="seats">The clearance to expect at each seat, with the place and the dimension it hangs on.</param>
    /// <param name="contradictions">What was told about one print that cannot both be right.</param>
    public static Check Of(double chance, IReadOnlyList<(Quantity Clearance, Interface Place, string Key)> seats, params IReadOnlyList<string> contradictions)
    {
        var worst = seats.MaxBy(s => s.Clearance.StandardUncertainty);
        var dimension = worst.Place[worst.Key];
        var (source, share) = worst.Clearance.Shares is [var first, ..] ? first : (null, 0);
        var blame = source is null ? "" : $" {Figures.Percent(share)} of the doubt at {dimension.Name} is {source.Name}.";
        var measuring = source?.Kind == SourceKind.Measuring;
        var disputed = seats.Where(s => Evaluation.Of(s.Place, s.Key) is { BirgeRatio: > 1, Disagrees: true }).Select(s => s.Place[s.Key]).FirstOrDefault();
        var fits = chance >= Wanted && disputed is null && contradictions.Count == 0;
        Remedy measure = disputed is { } d ? new Remedy.Measure($"Measure {d.Name} again", d.Interface, d.Key)
            : new Remedy.Measure($"Measure {dimension.Name} again", dimension.Interface, dimension.Key);
        Remedy prove = new Remedy.Prove("Print the proof first");
        Remedy[] remedies = fits ? [] : measuring || disputed is not null ? [measure, prove] : [prove];
        return new("chance", "chance that the first print fits", fits ? Verdict.Good : Verdict.Watch,
            (fits ? "Its fits need no proof first."
                : disputed is not null ? $"The ways to {disputed.Name} contradict each other: measure it again, and print the proof before the part."
                : contradictions.Count > 0 ? $"What was told of {string.Join("; ", contradictions)} cannot both be right: strike one at Try, or print "
                    + "the proof again."
                : "Print the proof before the part.") + blame,
            Figures.Percent(chance), $"{Figures.Percent(Wanted)} or more",
                "Probability of conformity, JCGM 106; the fit's own band. Contradictions: Birge (1932).", remedies);
    }
}
