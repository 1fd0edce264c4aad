namespace Emboq.Web;

/// <summary>Bounds of a page of a list.</summary>
internal static class Page
{
    /// <summary>How many when nothing is said.</summary>
    public const int Usual = 100;

    private const int Most = 500;
    private const int Furthest = 1_000_000;

    private const int MostWords = 10;

    /// <summary>The words that are looked for.</summary>
    public static IReadOnlyList<string> Words(Input input, string? words) =>
        [.. input.Text("words", words).Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries).Take(MostWords)];

    /// <summary>Gathers what is wrong with a page that was asked for.</summary>
    public static void Look(Input input, int from, int most)
    {
        input.Within("from", from, 0, Furthest, "rows");
        input.Within("most", most, 1, Most, "rows");
    }
}
