namespace Emboq.Exchange.Photographs;

/// <summary>How the sides of a thing stand: which of its edges a camera sees.</summary>
public enum ThingSides
{
    /// <summary>Hardly higher than the paper: the edge is where it is seen.</summary>
    Flat,

    /// <summary>Upright: its upper edge is seen where it leans away from below the camera, its lower where it leans to it.</summary>
    Straight,

    /// <summary>Round: widest at half its height.</summary>
    Round,
}

/// <summary>What lies on the sheet, and from where it was photographed.</summary>
/// <param name="Sides">How its sides stand.</param>
/// <param name="Height">Of the thing, mm.</param>
/// <param name="Camera">Of the camera over the sheet, by tape, mm; that, or a block, is wanted where the thing has a height.</param>
/// <param name="Block">Of a block with a mark on it that stands beside the thing, mm.</param>
/// <param name="Lens">Of the camera, where it tells its height.</param>
public sealed record ThingOnSheet(ThingSides Sides, double Height, double? Camera, double? Block = null, CameraLens? Lens = null)
{
    /// <summary>How the camera's height is known, standard uncertainty, mm: by its lens, by the mark on its block, or by tape.</summary>
    /// <param name="found">The camera.</param>
    /// <param name="scatter">Of corners, mm.</param>
    internal double Known(FoundView found, double scatter) => Lens?.Doubt is { } share ? share * found.View.Eye.Z
        : Block is { } high ? BlockMark.Doubt(found.Block!, high, scatter) : Tape;

    /// <summary>Lowest block that tells anything, and highest, mm.</summary>
    public const double BlockLow = 10, BlockHigh = 150;

    /// <summary>Highest thing, and lowest and highest camera, mm.</summary>
    public const double Highest = 150, CameraLow = 150, CameraHigh = 3000;

    /// <summary>A tape to a lens is read so well, and a caliper on a thing; standard uncertainties, mm. Common practice, no published source.</summary>
    internal const double Tape = 3, Caliper = 0.1;

    /// <summary>Cosine within which a line lies along the rays.</summary>
    private const double AlongRays = 0.06;

    /// <summary>How high over the sheet the edge is that is mostly seen, mm.</summary>
    internal double EdgeHeight => Sides switch { ThingSides.Straight => Height, ThingSides.Round => Height / 2, _ => 0 };

    /// <summary>Where the edge itself is, of what is seen on the sheet's plane.</summary>
    /// <param name="seen">Once around, counter-clockwise, mm.</param>
    /// <param name="view">The camera.</param>
    internal IReadOnlyList<Point2> Edge(IReadOnlyList<Point2> seen, CameraView view) => Sides == ThingSides.Straight ? Upright(seen, view)
        : [.. seen.Select(p => view.Lifted(p, Sides == ThingSides.Round ? Height / 2 : 0))];

    /// <summary>Line by line: one that looks away from below the camera is an upper edge, one that looks to it a lower. A line along the rays is a corner that
    /// stands upright, seen from its foot to its top, and is none of the outline.</summary>
    private IReadOnlyList<Point2> Upright(IReadOnlyList<Point2> seen, CameraView view)
    {
        var lines = seen.Select((a, i) => (A: a, B: seen[(i + 1) % seen.Count])).Select(l => (l.A, l.B, Looks: Looks(l.A, l.B, view.Eye)))
            .Where(l => Math.Abs(l.Looks) > AlongRays).Select(l => (A: view.Lifted(l.A, l.Looks > 0 ? Height : 0), B: view.Lifted(l.B, l.Looks > 0 ? Height
                : 0)))
            .ToList();
        return [.. lines.Select((line, i) => Meet(line, lines[(i + 1) % lines.Count]))];
    }

    /// <summary>Cosine between what a line looks at, outwards, and the way from below the camera.</summary>
    private static double Looks(Point2 a, Point2 b, Point3 eye)
    {
        var (x, y) = (((a.X + b.X) / 2) - eye.X, ((a.Y + b.Y) / 2) - eye.Y);
        return (((b.Y - a.Y) * x) - ((b.X - a.X) * y)) / Math.Max(1e-9, double.Hypot(b.X - a.X, b.Y - a.Y) * double.Hypot(x, y));
    }

    /// <summary>Where two lines that follow each other meet: at their ends, or where both go on to.</summary>
    private static Point2 Meet((Point2 A, Point2 B) one, (Point2 A, Point2 B) next)
    {
        var middle = new Point2((one.B.X + next.A.X) / 2, (one.B.Y + next.A.Y) / 2);
        var (gap, x, y) = (double.Hypot(one.B.X - next.A.X, one.B.Y - next.A.Y), one.B.X - one.A.X, one.B.Y - one.A.Y);
        var (u, v) = (next.B.X - next.A.X, next.B.Y - next.A.Y);
        var cross = (x * v) - (y * u);
        if (gap < 1e-6 || Math.Abs(cross) < 0.15 * double.Hypot(x, y) * double.Hypot(u, v))
        {
            return middle;
        }

        var t = (((next.A.X - one.A.X) * v) - ((next.A.Y - one.A.Y) * u)) / cross;
        var meet = new Point2(one.A.X + (t * x), one.A.Y + (t * y));
        return double.Hypot(meet.X - middle.X, meet.Y - middle.Y) < 2 * gap ? meet : middle;
    }

    /// <summary>Standard uncertainty of the edge that comes from heights, mm, at so far from below the camera.</summary>
    /// <param name="aside">mm.</param>
    /// <param name="eye">Height of the camera, mm.</param>
    /// <param name="known">Standard uncertainty of that height, mm.</param>
    internal double Doubt(double aside, double eye, double known) => Sides == ThingSides.Flat ? 0
        : aside / eye * double.Hypot(Height / eye * known, Sides == ThingSides.Round ? Height / 4 : Caliper);
}
