namespace Emboq.Core.Fits;

/// <summary>Where the doubt of a clearance comes from, in the words of what can be done about it.</summary>
public static class DoubtBudget
{
    private static readonly (string Name, string[] Prefixes)[] Kinds =
    [
        ("what the setup does", ["class/", "printer/", "filament/", "process/", "drift/"]),
        ("a print's own chance", ["scatter/", "print/"]),
        ("hands and words", ["hand/", "told/"]),
    ];

    /// <summary>Shares of the variance, the largest first; they add to one. Empty where nothing is in doubt.</summary>
    public static IReadOnlyList<(string Name, double Share)> Of(Quantity clearance) =>
        [.. clearance.Shares.GroupBy(s => KindOf(s.Source)).Select(g => (g.Key, g.Sum(s => s.Share))).OrderByDescending(g => g.Item2)];

    /// <summary>In a sentence, what is worth telling of it: "Its doubt is 60 % what the setup does and 40 % readings."; nothing where there is none.</summary>
    public static string Says(Quantity clearance)
    {
        const double Least = 0.05;
        var parts = Of(clearance).Where(p => p.Share >= Least).Select(p => $"{Figures.Percent(p.Share)} {p.Name}").ToList();
        return parts.Count switch
        {
            0 => "",
            1 => $"Its doubt is {parts[0]}.",
            _ => $"Its doubt is {string.Join(", ", parts.SkipLast(1))} and {parts[^1]}.",
        };
    }

    private static string KindOf(Source source) => Kinds.FirstOrDefault(k => k.Prefixes.Any(p => source.Id.StartsWith(p, StringComparison.Ordinal))).Name
        ?? (source.Kind == SourceKind.Measuring ? "readings" : "what is taken as usual");
}
