namespace Emboq.Core.Designs;

/// <summary>Words on paper at full size, to be cut out. Lengths mm.</summary>
/// <param name="Lines">From the top.</param>
/// <param name="Width">Where it is cut.</param>
/// <param name="Height">Likewise.</param>
/// <param name="Size">Height of a capital.</param>
public sealed record PaperLabel(IReadOnlyList<string> Lines, double Width, double Height, double Size)
{
    /// <summary>From one line to the next, over the height of a capital.</summary>
    public const double Pitch = 1.6;

    /// <summary>Each line with the height of its middle over the middle of them all.</summary>
    public IEnumerable<(string Line, double Up)> Placed => Of(Lines, Size);

    /// <summary>Lines about their middle.</summary>
    /// <param name="lines">From the top.</param>
    /// <param name="size">Height of a capital.</param>
    public static IEnumerable<(string Line, double Up)> Of(IReadOnlyList<string> lines, double size) =>
        lines.Select((line, i) => (line, (((lines.Count - 1) / 2.0) - i) * Pitch * size));
}
