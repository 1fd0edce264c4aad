namespace Emboq.Core.Families.Clamping.HoseCarrier;

/// <summary>The reach of a hose as an elevation from the front and a plan beside it, small beside the cradle.</summary>
internal static class ReachDrawing
{
    private const int Steps = 60;

    /// <summary>Adds both views to a drawing.</summary>
    /// <param name="sheet">The drawing.</param>
    /// <param name="r">What is drawn.</param>
    /// <param name="x">Where they begin, mm.</param>
    /// <param name="size">As high as they come out at most, and each as wide, mm.</param>
    public static Sheet Reach(this Sheet sheet, HoseReach r, double x, double size)
    {
        var low = r.Lowest is { } lowest ? Math.Min(-r.Free, r.Hangs(lowest.At)) : -r.Free;
        var (left, right) = (Math.Min(0, r.Carrier.X), Math.Max(r.Travel.X, r.Carrier.X));
        var (front, back) = (Math.Min(0, r.Carrier.Y), Math.Max(r.Travel.Y, r.Carrier.Y));
        var scale = size / Math.Max(100, Math.Max(right - left, Math.Max(r.Carrier.Z - low, back - front)));
        Point2 Small(double across, double up) => new((across - left) * scale, up * scale);
        void Box(Matter matter, double x0, double y0, double x1, double y1) => sheet.Face(matter,
            [Small(x0, y0), Small(x1, y0), Small(x1, y1), Small(x0, y1)]);
        var line = Math.Max(0.4, size / 150);

        // The elevation: the height of the port's lowest place is nothing.
        sheet.View(x, -(size / 2) - (low * scale));
        Box(Matter.Machine, 0, -line / scale, Math.Max(r.Travel.X, line / scale), Math.Max(r.Travel.Z, line / scale));
        var hung = new[] { r.Farthest, r.Lowest ?? r.Farthest }.DistinctBy(p => p.Name).ToList();
        foreach (var (name, port) in hung)
        {
            sheet.Face(Matter.Part, Band([.. Curve(r, port).Select(p => Small(p.X, p.Z))], line));
        }

        var carrier = Small(r.Carrier.X, r.Carrier.Z);
        sheet.Axis(-2, -r.Free * scale, (right - left) * scale, -r.Free * scale).Words("from the front", (right - left) * scale / 2,
            (low * scale) - (size / 12),
            size / 18).Up("above", carrier.X, 0, carrier.Y, 1, CalloutSide.Right, "above").Point("hoseLong", carrier.X, carrier.Y,
                CalloutSide.Above, "hoseLong");

        sheet.View(x + ((right - left) * scale) + (size / 4), -size / 2);
        Box(Matter.Machine, 0, 0 - front, Math.Max(r.Travel.X, line / scale), Math.Max(r.Travel.Y, line / scale) - front);
        sheet.Face(Matter.Part, Band([Small(r.Carrier.X, r.Carrier.Y - front), Small(r.Farthest.At.X, r.Farthest.At.Y - front)], line));
        var above = Small(r.Carrier.X, r.Carrier.Y - front);
        sheet.Words("from above", (right - left) * scale / 2, -size / 12, size / 18)
            .Words($"farthest: {r.Farthest.Name}", (right - left) * scale / 2, ((back - front) * scale) + (size / 10), size / 18);
        return sheet.Round(Matter.Part, above.X, above.Y, size / 20).Cross(above.X, above.Y, size / 20);
    }

    /// <summary>The hose from the port to the carrier: as it hangs, or straight where it is too short.</summary>
    private static IEnumerable<Point3> Curve(HoseReach r, Point3 port)
    {
        var hose = r.Hanging(port);
        return Enumerable.Range(0, Steps + 1).Select(i => (double)i / Steps).Select(t => new Point3(port.X + ((r.Carrier.X - port.X) * t),
            port.Y + ((r.Carrier.Y - port.Y) * t), port.Z + (hose?.At(t * hose.Across) ?? (r.Carrier.Z - port.Z) * t)));
    }

    /// <summary>A line with a width, as an outline.</summary>
    private static List<Point2> Band(IReadOnlyList<Point2> line, double wide)
    {
        Point2 Beside(int i, double by)
        {
            var (from, to) = (line[Math.Max(0, i - 1)], line[Math.Min(line.Count - 1, i + 1)]);
            var length = Math.Max(1e-6, Math.Sqrt(Math.Pow(to.X - from.X, 2) + Math.Pow(to.Y - from.Y, 2)));
            return new(line[i].X - ((to.Y - from.Y) / length * by), line[i].Y + ((to.X - from.X) / length * by));
        }

        return [.. Enumerable.Range(0, line.Count).Select(i => Beside(i, wide / 2)),
            .. Enumerable.Range(0, line.Count).Reverse().Select(i => Beside(i, -wide / 2))];
    }
}
