namespace Emboq.Core.Families.Kit;

/// <summary>Judgements of one figure against one limit, mm.</summary>
internal static class Judge
{
    private const double Hair = 1e-6;

    /// <summary>Whether a figure is not less than a limit, but for a rounding error.</summary>
    public static bool Enough(double found, double least) => found >= least - Hair;

    /// <summary>A figure that must not be less.</summary>
    /// <param name="key">Of the check.</param>
    /// <param name="title">As shown.</param>
    /// <param name="found">The figure.</param>
    /// <param name="least">The limit.</param>
    /// <param name="good">Said when it is kept.</param>
    /// <param name="otherwise">Said when it is not.</param>
    /// <param name="verdict">When it is not.</param>
    /// <param name="source">Where the limit comes from.</param>
    /// <param name="remedies">What helps then.</param>
    public static Check AtLeast(string key, string title, double found, double least, string good, string otherwise, Verdict verdict = Verdict.Stop,
        string source = "Plane geometry.", params IReadOnlyList<Remedy> remedies) =>
        Of(key, title, Enough(found, least), good, otherwise, verdict, Figures.Mm(found), $"{Figures.Mm(least)} or more", source, remedies);

    /// <summary>A figure that must not be more; all else as with <see cref="AtLeast"/>.</summary>
    public static Check AtMost(string key, string title, double found, double most, string good, string otherwise, Verdict verdict = Verdict.Stop,
        string source = "Plane geometry.", params IReadOnlyList<Remedy> remedies) =>
        Of(key, title, found <= most + Hair, good, otherwise, verdict, Figures.Mm(found), $"{Figures.Mm(most)} or less", source, remedies);

    /// <summary>Something that holds or does not.</summary>
    public static Check Of(string key, string title, bool holds, string good, string otherwise, Verdict verdict, string figure, string limit,
        string source = "Plane geometry.", params IReadOnlyList<Remedy> remedies) =>
        new(key, title, holds ? Verdict.Good : verdict, holds ? good : otherwise, figure, limit, source, holds ? [] : remedies);
}
