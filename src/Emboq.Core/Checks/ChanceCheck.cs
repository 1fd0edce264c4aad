namespace Emboq.Core.Checks;

/// <summary>The chance that the next print fits, and what would raise it.</summary>
internal static class ChanceCheck
{
    private const double Wanted = 0.8;

    /// <param name="chance">Of every seat at once.</param>
    /// <param name="seats">The clearance to expect at each seat, with the dimension it hangs on.</param>
    public static Check Of(double chance, IReadOnlyList<(Quantity Clearance, Dimension Dimension)> seats)
    {
        var worst = seats.MaxBy(s => s.Clearance.StandardUncertainty);
        var (source, share) = worst.Clearance.Shares is [var first, ..] ? first : (null, 0);
        var blame = source is null ? "" : $" {Figures.Percent(share)} of the doubt at {worst.Dimension.Name} is {source.Name}.";
        var measuring = source?.Kind == SourceKind.Measuring;
        var fits = chance >= Wanted;
        Remedy measure = new Remedy.Measure($"Measure {worst.Dimension.Name} again", worst.Dimension.Interface, worst.Dimension.Key);
        Remedy prove = new Remedy.Prove("Print the rings first");
        Remedy[] remedies = fits ? [] : measuring ? [measure, prove] : [prove];
        return new("chance", "chance that the first print fits", fits ? Verdict.Good : Verdict.Watch,
            (fits ? "The part may be printed without a proof." : "Print the proof before the part.") + blame,
            Figures.Percent(chance), $"{Figures.Percent(Wanted)} or more", "Probability of conformity, JCGM 106; the fit's own band.", remedies);
    }
}
