namespace Emboq.Core.Checks;

/// <summary>Whether a part fits the printer.</summary>
internal static class BedCheck
{
    /// <summary>Kept free at each edge of the bed, mm.</summary>
    private const double Margin = 5;

    public static Check Of(double width, double height, Process process, IReadOnlyList<Remedy> remedies)
    {
        var room = Math.Min(process.BedWidth, process.BedDepth) - (2 * Margin);
        var (wide, tall) = (width > room, height > process.BuildHeight);
        var says = (wide, tall) switch
        {
            (false, false) => $"It stands on the bed of {process.Printer} with room around it.",
            (true, _) => $"It is wider than the bed of {process.Printer} less {Figures.Mm(Margin)} at each edge: choose a larger printer.",
            (_, true) => $"It is taller than {process.Printer} builds.",
        };
        return new("bed", "fits the printer", wide || tall ? Verdict.Stop : Verdict.Good, says,
            $"{Figures.Mm(width)} across, {Figures.Mm(height)} high", $"{Figures.Mm(room)} across, {Figures.Mm(process.BuildHeight)} high",
            "The printer's own size.", tall && !wide ? remedies : []);
    }
}
