namespace Emboq.Core.Combs;

/// <summary>Which faces a test print asks about: those that parts have, as far as an instrument or a hand can tell them; else those that people
/// print.</summary>
public static class CombFaces
{
    /// <summary>As many sizes of one surface as are asked about, at most.</summary>
    private const int MostSizes = 3;

    /// <summary>Surfaces that a test print can ask about. A thread needs the spindle it is for: its own part has a proof.</summary>
    public static IReadOnlyList<Surface> Surfaces { get; } = [.. Enum.GetValues<Surface>().Where(s => s != Surface.ThreadFlank)];

    /// <summary>The faces of a surface that matter.</summary>
    /// <param name="surface">One of <see cref="Surfaces"/>.</param>
    /// <param name="used">Faces of the workshop's parts.</param>
    /// <returns>Smallest first; sizes in whole millimetres, but of a gap.</returns>
    public static IReadOnlyList<Face> Of(Surface surface, IEnumerable<Face> used)
    {
        var (least, most, usual) = Sizes(surface);
        if (surface == Surface.GapInPlace)
        {
            return [.. usual.Select(s => Face.Of(surface, s))];
        }

        List<double> own = [.. used.Where(f => f == Face.Of(surface, f.Size)).Select(f => Math.Round(Math.Clamp(f.Size, least, most))).Distinct().Order()];
        return [.. (own.Count == 0 ? usual : Spread(own)).Select(s => Face.Of(surface, s))];
    }

    /// <summary>Faces that may be printed to tell of those that are asked about: they themselves, and one of middling size, which tells of large ones on
    /// less room.</summary>
    /// <param name="asked">Of one surface.</param>
    public static IReadOnlyList<Face> Offered(IReadOnlyList<Face> asked) =>
        [.. asked.Append(Face.Of(asked[0].Surface, Sizes(asked[0].Surface).Usual is var usual ? usual[usual.Length / 2] : 0)).Distinct()];

    /// <summary>What a caliper reaches into or over and a small print can have, mm, and sizes that people print.</summary>
    private static (double Least, double Most, double[] Usual) Sizes(Surface surface) => surface switch
    {
        Surface.HoleUpright or Surface.HoleLying => (6, 30, [6, 12, 25]),
        Surface.OutsideRound => (4, 30, [6, 12, 25]),
        Surface.Pocket => (5, 30, [6, 15, 25]),
        Surface.OutsideFlat => (4, 30, [6, 15, 25]),
        Surface.FirstLayerFoot => (15, 40, [20]),
        Surface.GapInPlace => (0.2, 0.5, [0.2, 0.35, 0.5]),
        _ => throw new ArgumentOutOfRangeException(nameof(surface), surface, "No test print can ask about this surface."),
    };

    /// <summary>The smallest, the largest and those between, evenly by rank.</summary>
    private static IEnumerable<double> Spread(List<double> sizes) => sizes.Count <= MostSizes ? sizes
        : Enumerable.Range(0, MostSizes).Select(i => sizes[i * (sizes.Count - 1) / (MostSizes - 1)]);
}
