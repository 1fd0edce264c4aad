namespace Emboq.Core.Mechanics;

/// <summary>How a thing comes to rest that is put down on a flat floor and let go: turned until no small turn lowers its centre of mass. Its height over the
/// floor is found by trying, in ever smaller turns and ever other directions (a compass search; Kolda, Lewis and Torczon 2003).</summary>
internal static class Settling
{
    private const double First = 4, Last = 0.005;

    /// <summary>What lowers the centre by less is scatter of a surface, mm.</summary>
    private const double Told = 0.05;

    /// <summary>A turn must lower it by so much for each degree, or it is too large, mm.</summary>
    private const double Least = 1e-4;

    /// <summary>How it turns: about y, and then about x, degrees; nothing where it lies still.</summary>
    /// <param name="points">Of its surface, mm; z is up.</param>
    /// <param name="centre">Of mass, mm.</param>
    public static (double Roll, double Tilt) Of(IReadOnlyList<Point3> points, Point3 centre)
    {
        const int Ways = 8;
        Point3[] all = [.. points];
        var (at, high, tried) = ((Roll: 0.0, Tilt: 0.0), High(all, centre, 0, 0), 0);
        var still = high;
        for (var step = First; step > Last;)
        {
            // Another set of directions each time: a valley may run between any eight.
            var ways = Enumerable.Range(0, Ways).Select(i => Math.SinCos((2 * Math.PI * i / Ways) + (2.399963 * tried)));
            tried++;
            var best = ways.Select(w => (Roll: at.Roll + (step * w.Cos), Tilt: at.Tilt + (step * w.Sin))).Select(to => (To: to, High: High(all, centre,
                to.Roll, to.Tilt))).MinBy(t => t.High);
            (at, high, step) = best.High < high - (Least * step) ? (best.To, best.High, step) : (at, high, step * 0.7);
        }

        return still - high < Told ? (0, 0) : at;
    }

    /// <summary>A point turned about y, and then about x.</summary>
    public static Point3 Turned(Point3 p, double roll, double tilt)
    {
        var ((rs, rc), (ts, tc)) = (Math.SinCos(roll * Math.PI / 180), Math.SinCos(tilt * Math.PI / 180));
        var up = (p.Z * rc) - (p.X * rs);
        return new((p.X * rc) + (p.Z * rs), (p.Y * tc) - (up * ts), (p.Y * ts) + (up * tc));
    }

    private static double High(Point3[] points, Point3 centre, double roll, double tilt)
    {
        // What was up, seen by the thing as it is turned.
        var ((rs, rc), (ts, tc)) = (Math.SinCos(roll * Math.PI / 180), Math.SinCos(tilt * Math.PI / 180));
        var (up, least) = (new Point3(-rs * tc, ts, rc * tc), double.PositiveInfinity);
        foreach (var p in points)
        {
            least = Math.Min(least, p.Dot(up));
        }

        return centre.Dot(up) - least;
    }
}
