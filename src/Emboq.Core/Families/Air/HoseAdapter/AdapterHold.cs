namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>What keeps a hose clamp from walking off: a bead near the mouth of a plug, two ridges beside the band on a socket.
/// Their flanks lean 45 degrees, so that they print either way up. Common practice, no published source.</summary>
internal static class AdapterHold
{
    /// <summary>How far beads and ridges stand out, mm.</summary>
    private const double Rise = 0.8;

    /// <summary>A bead or ridge along the axis: two flanks and a flat as long as its rise.</summary>
    private const double Width = 3 * Rise;

    /// <summary>From the mouth to the bead, mm.</summary>
    private const double Lead = 1;

    /// <summary>More than the band, so that it lies flat.</summary>
    public static Quantity BandRoom { get; } = Quantity.RuleOfThumb("room for the band", 1, Unit.Millimetre, "A band wants half a millimetre at each side.");

    /// <summary>The shortest cuff with room for the clamp; <c>null</c> without one.</summary>
    public static double? LeastCuff(EndParameters end) => end.Hold is Hold.Clamp(var band)
        ? band + BandRoom.Value + (end.Join == Join.Inside ? Lead + Width : 2 * Width) + 1
        : end.Hold is Hold.Ridge ? Lead + Width + 8 : null;

    /// <summary>How much wider than its plug a ridge is, on the diameter, mm.</summary>
    public const double Over = 2 * Rise;

    /// <summary>Points of the outside between mouth and root, as distance from the mouth and height over the cuff.</summary>
    public static IEnumerable<Point2> Outside(EndReckoning end)
    {
        if (end.Parameters is { Hold: Hold.Ridge, Join: Join.Inside })
        {
            return Ridge(Lead);
        }

        if (end.Band is not { } band)
        {
            return [];
        }

        if (end.Parameters.Join == Join.Inside)
        {
            return Ridge(Lead);
        }

        var middle = end.Cuff.Value / 2;
        return [.. Ridge(middle - (band.Value / 2) - Width), .. Ridge(middle + (band.Value / 2))];
    }

    private static Point2[] Ridge(double from) => [new(from, 0), new(from + Rise, Rise), new(from + (2 * Rise), Rise), new(from + Width, 0)];
}
