namespace Emboq.Core.Fits;

/// <summary>The clearance a word of the hand stands for. Common practice, no published source: the middle of what people call by that word, with
/// a spread; the two open-ended words ("will not start", "rattles") say little about how far off it is.</summary>
public static class FeelClasses
{
    /// <summary>The clearance felt, mm on the full size, and one standard deviation of it.</summary>
    public static (double Clearance, double Spread, string Words) Of(Feel feel) => feel switch
    {
        Feel.WillNotStart => (-0.40, 0.20, "will not start"),
        Feel.NeedsForce => (-0.15, 0.08, "needs force"),
        Feel.FirmByHand => (0.10, 0.08, "firm by hand"),
        Feel.Slides => (0.35, 0.10, "slides"),
        Feel.Rattles => (0.80, 0.25, "rattles"),
        _ => throw new ArgumentOutOfRangeException(nameof(feel), feel, "No clearance is defined for this word."),
    };

    /// <summary>The clearance that the loosest word stands for, mm: wider ones feel alike.</summary>
    public static double Loosest { get; } = Enum.GetValues<Feel>().Max(f => Of(f).Clearance);
}
