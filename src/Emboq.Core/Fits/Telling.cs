using MathNet.Numerics.Distributions;

namespace Emboq.Core.Fits;

/// <summary>Something that was told of a print, on a quantity that nobody sees: the clearance in the hand, or the printed size.</summary>
/// <param name="Print">Identity of the print.</param>
/// <param name="Id">Unique.</param>
/// <param name="Latent">As it is believed before.</param>
/// <param name="From">Least that it can be by what was told, mm.</param>
/// <param name="To">Most.</param>
/// <param name="Blur">One standard deviation of where those limits are, mm.</param>
internal sealed record Telling(string Print, string Id, Quantity Latent, double From, double To, double Blur)
{
    /// <summary>How far off a hand's limits are for all joints of a sort, and from word to word, mm. Argued, no published source.</summary>
    private const double HandShift = 0.06, HandBlur = 0.05;

    /// <summary>How far off a word of any hand may be, one standard deviation, mm.</summary>
    public static double HandDoubt { get; } = Math.Sqrt((HandShift * HandShift) + (HandBlur * HandBlur));

    /// <summary>A reading is as sharp as its instrument, whose doubt is in the latent.</summary>
    private const double Sharp = 1e-4;

    /// <summary>All that was told of a print: its words as one, from the tightest that was said to the loosest, for a word that is said again says nothing more
    /// and words that differ say less; and its readings, one for each instrument.</summary>
    public static IEnumerable<Telling> Of(TriedPrint print)
    {
        var doubt = Contradiction.Widens(print);
        if (print.Felt.Count > 0 && print.Clearance is { } clearance)
        {
            var (from, to) = (print.Words.From(print.Felt.Min()), print.Words.To(print.Felt.Max()));
            var hand = Quantity.Input("the hand", 0, Unit.Millimetre, new Provenance.RuleOfThumb("Hands differ in what they call by a word."),
                (new Source($"hand{print.Hand}/{print.Words.Key}", $"what {(print.Hand.Length == 0 ? "your hand" : "the hand of another workshop")} calls by "
                    + $"the words of a {print.Words.Joint}", HandShift), 1));
            yield return new(print.Id, $"told/{print.Id}/words", clearance + hand + doubt, from, to, HandBlur);
        }

        foreach (var readings in print.Measured.GroupBy(m => m.Instrument))
        {
            var (read, count) = (readings.Average(m => m.Printed), readings.Count());
            yield return new(print.Id, $"told/{print.Id}/{readings.Key.Id}", print.Printed + Error(print, readings.Key, count) + doubt, read, read, Sharp);
        }
    }

    /// <summary>Of the average of so many readings with one instrument: its own error is one cause wherever it is used.</summary>
    public static Quantity Error(TriedPrint print, Instrument instrument, int count) => Quantity.Input("reading", 0, Unit.Millimetre,
        new Provenance.Measured($"{count} reading{(count == 1 ? "" : "s")}, {instrument.Name}"),
        (new Source($"instrument/{instrument.Id}", $"error of the {instrument.Name}", instrument.MaximumPermissibleError / Math.Sqrt(3),
            Kind: SourceKind.Measuring), 1),
        (new Source($"print/{print.Id}/{instrument.Id}/repeat", $"repeatability at {print.Name}", instrument.Repeatability / Math.Sqrt(count)), 1),
        (new Source($"print/{print.Id}/{instrument.Id}/step", $"resolution at {print.Name}", instrument.Resolution / Math.Sqrt(12)), 1));

    /// <summary>Mean and variance of the latent, were all else that is known of it a normal distribution: the moments of the product with "it lies between two
    /// limits that are themselves blurred" (ordinal probit; Chu and Ghahramani 2005, Rasmussen and Williams 2006, 3.9).</summary>
    public (double Mean, double Variance) Moments(double mean, double variance)
    {
        if (From == To)
        {
            var gain = variance / (variance + (Blur * Blur));
            return (mean + (gain * (From - mean)), variance * (1 - gain));
        }

        var s = Math.Sqrt(variance + (Blur * Blur));
        var (a, b) = ((From - mean) / s, (To - mean) / s);
        var share = Between(a, b);
        var (pa, pb) = (Density(a), Density(b));
        var pull = (pa - pb) / (share * s);
        var bend = (pull * pull) - (((double.IsInfinity(a) ? 0 : a * pa) - (double.IsInfinity(b) ? 0 : b * pb)) / (share * s * s));
        return (mean + (variance * pull), variance * (1 - Math.Clamp(variance * bend, 0, 1 - 1e-9)));
    }

    private static double Density(double z) => double.IsInfinity(z) ? 0 : Math.Max(Normal.PDF(0, 1, z), 1e-300);

    /// <summary>Probability between two quantiles; of both tails the one that does not cancel.</summary>
    private static double Between(double a, double b) => Math.Max(1e-290, a > 0 ? Normal.CDF(0, 1, -a) - Normal.CDF(0, 1, -b)
        : Normal.CDF(0, 1, b) - Normal.CDF(0, 1, a));
}
