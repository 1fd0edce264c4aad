namespace Emboq.Core.Fits;

/// <summary>What was told of one print that cannot all be right: it is said in words, and what it teaches is widened by as much as it differs.</summary>
internal static class Contradiction
{
    /// <summary>A word and a reading this many times further apart than both can be off contradict each other.</summary>
    private const double Times = 2;

    /// <summary>In words; <c>null</c> where all agrees.</summary>
    public static string? Says(TriedPrint print)
    {
        var words = print.Felt.Distinct().Order().ToList();
        var differ = words.Count > 1 && words[^1] - words[0] > 1;
        return !differ && Apart(print) == 0 ? null : $"{print.Name}: {string.Join(", but also ", print.Felt.Distinct().Select(f => $"“{print.Words.Of(f)}”")
            .Concat(Apart(print) == 0 ? [] : print.Measured.Select(m => $"measured {Figures.Mm(m.Printed)}")))}";
    }

    /// <summary>Doubt that is added to whatever was told of such a print, mm.</summary>
    public static Quantity Widens(TriedPrint print) => Apart(print) is > 0 and var apart
        ? Quantity.Input("contradiction", 0, Unit.Millimetre, new Provenance.RuleOfThumb("What contradicts is worth no more than it differs."),
            (new Source($"print/{print.Id}/contradiction", $"contradicting words about {print.Name}", apart, Kind: SourceKind.Measuring), 1))
        : Quantity.Chosen("no contradiction", 0, Unit.Millimetre, "all that was told");

    /// <summary>How far a reading lies outside of what the words allow, mm, where that is more than both can be off.</summary>
    private static double Apart(TriedPrint print)
    {
        if (print.Felt.Count == 0 || print.Measured.Count == 0 || print.Counterpart is null)
        {
            return 0;
        }

        var read = print.Measured.Average(m => m.Printed);
        var clearance = print.Face.Surface.IsHole() ? read - print.Counterpart.Value : print.Counterpart.Value - read;
        var (from, to) = (print.Words.From(print.Felt.Min()), print.Words.To(print.Felt.Max()));
        var apart = Math.Max(0, Math.Max(from - clearance, clearance - to));
        var doubt = print.Counterpart + Telling.Error(print, print.Measured[0].Instrument, print.Measured.Count);
        return apart > Times * Math.Sqrt(Math.Pow(doubt.StandardUncertainty, 2) + Math.Pow(Telling.HandDoubt, 2)) ? apart : 0;
    }
}
