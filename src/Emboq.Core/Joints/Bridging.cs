namespace Emboq.Core.Joints;

/// <summary>Short roofs over a gap, printed in the air.</summary>
internal static class Bridging
{
    /// <summary>Longest roof that bridges cleanly, mm; common practice, no published source.</summary>
    private const double Clean = 10;

    /// <summary>How far a roof hangs: a thirtieth of its span; common practice, no published source.</summary>
    public static Quantity Droop(Quantity span) =>
        Quantity.RuleOfThumb("droop of a roof", 1 / 30.0, Unit.None, "The first lines across a gap hang by about a thirtieth of it.") * span;

    public static Check Of(string key, string title, double span, params IReadOnlyList<Remedy> remedies)
    {
        var fits = span <= Clean;
        return new(key, title, fits ? Verdict.Good : Verdict.Watch, fits ? "Short enough to bridge cleanly." : "Lines this long in the air hang.",
            Figures.Mm(span), $"{Figures.Mm(Clean)} or less", "Common practice, no published source.", fits ? [] : remedies);
    }
}
