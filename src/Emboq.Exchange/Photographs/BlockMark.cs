namespace Emboq.Exchange.Photographs;

/// <summary>A mark on a block of known height: nearer to the lens it is seen larger on the sheet's plane, by Z / (Z − h) (similar triangles).</summary>
internal static class BlockMark
{
    /// <summary>How many times larger it is seen than it is, by least squares over its corners.</summary>
    private static double Larger(IReadOnlyList<Point2> seen)
    {
        var (middle, half) = (new Point2(seen.Average(p => p.X), seen.Average(p => p.Y)), MarkSheet.BlockSide / 2);
        // Turned as it may lie: corners stand half a diagonal from the middle.
        return Math.Sqrt(seen.Sum(p => ((p.X - middle.X) * (p.X - middle.X)) + ((p.Y - middle.Y) * (p.Y - middle.Y))) / (8 * half * half));
    }

    /// <summary>Height of the camera over the sheet, mm.</summary>
    /// <param name="seen">Its corners on the sheet's plane.</param>
    /// <param name="block">Of the block, mm.</param>
    public static double Camera(IReadOnlyList<Point2> seen, double block) => Larger(seen) is var m ? block * m / (m - 1) : 0;

    /// <summary>Standard uncertainty of that height, mm, where corners are seen to within so much.</summary>
    public static double Doubt(IReadOnlyList<Point2> seen, double block, double corner) => Larger(seen) is var m
        ? double.Hypot(block / ((m - 1) * (m - 1)) * corner / (Math.Sqrt(2) * MarkSheet.BlockSide), m / (m - 1) * ThingOnSheet.Caliper) : 0;

    public static Problem Refused() => new("block", null, "How large the mark on the block is seen does not go with a block of that height.",
        $"Print it at 100 %: it is {MarkSheet.BlockSide:0} mm wide. Lay it flat on the block, and read how high the block is.");

    /// <summary>Whether a place of the sheet's plane is of the block: within what its mark and the paper around it cover.</summary>
    public static bool Covers(IReadOnlyList<Point2> seen, Point2 at)
    {
        const double Around = 2;
        var middle = new Point2(seen.Average(p => p.X), seen.Average(p => p.Y));
        return double.Hypot(at.X - middle.X, at.Y - middle.Y) < Around * seen.Max(p => double.Hypot(p.X - middle.X, p.Y - middle.Y));
    }
}
