using MathNet.Numerics.Distributions;

namespace Emboq.Web.Views;

/// <summary>What is believed of one surface of a setup. Lengths mm; allowances are drawn minus printed on the full size.</summary>
/// <param name="Surface">Which.</param>
/// <param name="Name">As shown: "upright hole".</param>
/// <param name="Band">Over sizes that people print.</param>
/// <param name="Tries">What of the workshop's tries are of such a surface.</param>
/// <param name="Says">In a sentence.</param>
public sealed record SurfaceFitView(Surface Surface, string Name, IReadOnlyList<FitBandView> Band, IReadOnlyList<TriedFaceView> Tries, string Says)
{
    private static string Mm(double value) => QuantityText.Metric(value, Unit.Millimetre);

    private static readonly double[] Sizes = [3, 4.5, 6, 8, 12, 20, 30, 45, 60, 80];

    /// <summary>What half of an interval that holds nine tenths is, in standard deviations.</summary>
    internal static readonly double NineTenths = Normal.InvCDF(0, 1, 0.95);

    /// <summary>From a belief.</summary>
    public static SurfaceFitView Of(Process process, Surface surface, FitBelief belief)
    {
        IFitModel before = new LearnedFits(process);
        IFitModel after = new LearnedFits(process, belief, HasOwn: true);
        var band = Sizes.Select(size => FitBandView.Of(size, before.Allowance(surface, size), after.Allowance(surface, size), NineTenths)).ToList();
        var tries = belief.Prints.Where(p => p.Face.Surface == surface).Select(p => TriedFaceView.Of(p, process)).OfType<TriedFaceView>().ToList();
        var (usual, own) = (band[5], tries.Count(t => t.Own));
        return new(surface, Process.Describe(surface), band, tries,
            $"At {Mm(usual.Size)} believed {Mm(usual.Believed)}, give or take {Mm(usual.Doubt)}; "
                + (tries.Count == 0 ? "never tried." : $"{tries.Count} tr{(tries.Count == 1 ? "y" : "ies")}, {own} of them on this setup."));
    }
}

/// <summary>What is believed at one size.</summary>
/// <param name="Size">mm.</param>
/// <param name="Believed">The allowance, mm.</param>
/// <param name="Doubt">Half of the interval that holds nine tenths, mm.</param>
/// <param name="Stated">Before anything was tried, mm.</param>
/// <param name="StatedDoubt">Likewise.</param>
public sealed record FitBandView(double Size, double Believed, double Doubt, double Stated, double StatedDoubt)
{
    internal static FitBandView Of(double size, Quantity before, Quantity after, double times) =>
        new(size, after.Value, times * after.StandardUncertainty, before.Value, times * before.StandardUncertainty);
}

/// <summary>One tried print of such a surface.</summary>
/// <param name="Size">Of the face, mm.</param>
/// <param name="Allowance">As it was read, or as the word stands for it, mm.</param>
/// <param name="Says">What was told, in words.</param>
/// <param name="Own">Whether it was printed with this very setup.</param>
public sealed record TriedFaceView(double Size, double Allowance, string Says, bool Own)
{
    internal static TriedFaceView? Of(TriedPrint p, Process process)
    {
        var own = p.Process.Id == process.Id;
        var words = string.Join(", ", p.Felt.Distinct().Select(f => $"“{p.Words.Of(f)}”"));
        var by = own ? "" : $", on {p.Process.Name}";
        if (p.Measured.Count > 0)
        {
            var read = p.Measured.Average(m => m.Printed);
            return new(p.Face.Size, p.Drawn - read, $"measured {QuantityText.Metric(read, Unit.Millimetre)}{(words.Length > 0 ? $" and {words}" : "")}{by}",
                own);
        }

        if (p.Felt.Count == 0 || p.Worked is not null || p.Counterpart is not { } met)
        {
            return null;
        }

        var felt = p.Felt.Average(p.Words.Middle);
        return new(p.Face.Size, p.Face.Surface.IsHole() ? p.Drawn - met.Value - felt : p.Drawn - met.Value + felt, $"{words}{by}", own);
    }
}
