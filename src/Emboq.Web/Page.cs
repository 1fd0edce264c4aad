namespace Emboq.Web;

/// <summary>Bounds of a page of a list.</summary>
internal static class Page
{
    /// <summary>How many when nothing is said.</summary>
    public const int Usual = 50;

    private const int Most = 500;
    private const int Furthest = 1_000_000;

    /// <summary>Gathers what is wrong with a page that was asked for.</summary>
    public static void Look(Input input, int from, int most)
    {
        input.Within("from", from, 0, Furthest, "rows");
        input.Within("most", most, 1, Most, "rows");
    }
}
