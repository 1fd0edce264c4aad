namespace Emboq.Core.Mechanics;

/// <summary>How many times a part does what it is for, over its life.</summary>
internal static class Lifetime
{
    /// <summary>Days of use of a thing that lasts for years, and times that count as "a few".</summary>
    public const double Days = 2000, Few = 10;

    /// <summary>In all, of so many times a day.</summary>
    public static double OfADay(double times) => times * Days;

    /// <summary>Share of its strength that is left to what is loaded and unloaded again.</summary>
    /// <param name="times">In all; none for what stays loaded.</param>
    public static Quantity Left(double times) => Quantity.RuleOfThumb("strength left", Math.Clamp(1 - (0.1 * Math.Log10(Math.Max(1, times))), 0.35, 1),
        Unit.None, $"Each tenfold of times costs plastic a tenth of its strength; {Days:0} days of use; common practice, no published source.");

    /// <summary>Between what is borne a few times and what is borne ten thousand times, evenly over the tenfolds; beyond, on along the same line, but no less
    /// than half of the latter.</summary>
    public static double Between(double few, double often, double times) =>
        Math.Max(often / 2, few + ((often - few) * Math.Max(0, Math.Log10(times / Few)) / Math.Log10(10_000 / Few)));
}
