namespace Emboq.Core.Measuring.Kinds;

/// <summary>What must agree among the sizes of a place; judged with the spread of the difference, in which shared causes cancel.</summary>
internal static class Rules
{
    private const string Source = "Geometry; spread of the difference at k = 2, JCGM 100, 5.2.";

    /// <summary>One size must be less than another.</summary>
    public static IEnumerable<Check> Less(Sizes sizes, string smaller, string larger, string why)
    {
        if (sizes[smaller] is not { } a || sizes[larger] is not { } b)
        {
            yield break;
        }

        var gap = b - a;
        var doubt = 2 * gap.StandardUncertainty;
        var verdict = gap.Value > doubt ? Verdict.Good : gap.Value > -doubt ? Verdict.Watch : Verdict.Stop;
        yield return new($"{smaller}<{larger}", $"{Name(sizes, smaller)} under {Name(sizes, larger)}", verdict,
            verdict == Verdict.Good ? why : $"{why} One of the two was misread, or they are swapped.",
            $"{Figures.Mm(gap.Value)} ± {Figures.Mm(doubt)}", "more than 0", Source, verdict == Verdict.Good ? [] : Again(sizes, smaller, larger));
    }

    /// <summary>Two quantities of one thing must be equal within their spread.</summary>
    /// <param name="sizes">Of the place.</param>
    /// <param name="title">What was judged.</param>
    /// <param name="one">One way to it.</param>
    /// <param name="other">Another.</param>
    /// <param name="says">What it means when they are not.</param>
    /// <param name="keys">The dimensions behind them.</param>
    public static IEnumerable<Check> Equal(Sizes sizes, string title, Quantity? one, Quantity? other, string says, params string[] keys)
    {
        if (one is null || other is null)
        {
            yield break;
        }

        var gap = one - other;
        var doubt = 2 * gap.StandardUncertainty;
        var good = Math.Abs(gap.Value) <= doubt;
        yield return new(title, title, good ? Verdict.Good : Verdict.Watch, good ? "They agree within what the instruments can tell." : says,
            $"{Figures.Mm(gap.Value)} apart", $"± {Figures.Mm(doubt)}", Source, good ? [] : Again(sizes, keys));
    }

    private static string Name(Sizes sizes, string key) => sizes.KindOf(key).Name;

    private static IReadOnlyList<Remedy> Again(Sizes sizes, params string[] keys) =>
        [.. keys.Select(k => new Remedy.Measure($"Measure {Name(sizes, k)} again", sizes.Place.Id, k))];
}
