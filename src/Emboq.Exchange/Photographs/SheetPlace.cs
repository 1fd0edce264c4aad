namespace Emboq.Exchange.Photographs;

/// <summary>Where a sheet lies beside another: turned, then moved, in the other's frame.</summary>
/// <param name="X">mm.</param>
/// <param name="Y">mm.</param>
/// <param name="Turn">Counter-clockwise, radians.</param>
public sealed record SheetPlace(double X, double Y, double Turn)
{
    private readonly (double Sin, double Cos) way = Math.SinCos(Turn);

    /// <summary>As the other lies.</summary>
    public static SheetPlace Same { get; } = new(0, 0, 0);

    /// <summary>A point of the sheet, in the other's frame.</summary>
    public Point2 Of(Point2 p) => new(X + (p.X * way.Cos) - (p.Y * way.Sin), Y + (p.X * way.Sin) + (p.Y * way.Cos));

    /// <summary>A point of the other's frame, on the sheet.</summary>
    public Point2 Back(Point2 p) => new(((p.X - X) * way.Cos) + ((p.Y - Y) * way.Sin), ((p.Y - Y) * way.Cos) - ((p.X - X) * way.Sin));

    /// <summary>How points of a sheet lie best over where they were seen, by least squares (Kabsch 1976, in the plane).</summary>
    /// <param name="points">Of the sheet, and where they were seen.</param>
    internal static SheetPlace Of(IReadOnlyList<(Point2 There, Point2 Seen)> points)
    {
        static Point2 Middle(IEnumerable<Point2> p) => new(p.Average(q => q.X), p.Average(q => q.Y));
        var (own, seen) = (Middle(points.Select(p => p.There)), Middle(points.Select(p => p.Seen)));
        var (dot, cross) = (0.0, 0.0);
        foreach (var (there, at) in points)
        {
            var (x, y, u, v) = (there.X - own.X, there.Y - own.Y, at.X - seen.X, at.Y - seen.Y);
            (dot, cross) = (dot + (x * u) + (y * v), cross + (x * v) - (y * u));
        }

        var turned = new SheetPlace(0, 0, Math.Atan2(cross, dot)).Of(own);
        return new(seen.X - turned.X, seen.Y - turned.Y, Math.Atan2(cross, dot));
    }
}
