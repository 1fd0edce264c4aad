namespace Emboq.Core.Printing;

/// <summary>Whether something lies on a bed: the one rule for checks, ways up and bedfuls. It may be turned by a quarter, and an edge of the bed stays free
/// all around.</summary>
public static class BedRoom
{
    /// <summary>Kept free at each edge of a bed unless somebody says otherwise, mm; common practice, no published source.</summary>
    public const double UsualMargin = 5;

    /// <summary>Whether a box fits.</summary>
    /// <param name="width">Along x, mm.</param>
    /// <param name="depth">Along y, mm.</param>
    /// <param name="height">Up, mm.</param>
    /// <param name="bed">Which bed.</param>
    /// <param name="margin">Free at each edge, mm.</param>
    public static bool Takes(double width, double depth, double height, Bed bed, double margin = UsualMargin) => Lies(width, depth, bed, margin)
        && height <= bed.Height;

    /// <summary>Whether a box lies on it, however tall.</summary>
    public static bool Lies(double width, double depth, Bed bed, double margin = UsualMargin)
    {
        var (w, d) = (bed.Width - (2 * margin), bed.Depth - (2 * margin));
        return (width <= w && depth <= d) || (depth <= w && width <= d);
    }
}
