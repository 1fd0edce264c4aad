namespace Emboq.Exchange.Scans;

/// <summary>Evens out what a scanner scattered (Taubin 1995): each corner goes towards the middle of its neighbours and a little further back, again and again,
/// so that what is as fine as the triangles goes and the shape does not shrink.</summary>
public static class ScanEvening
{
    private const double Forth = 0.5, Back = -0.526;

    private const int Times = 12;

    /// <summary>Evens a surface.</summary>
    /// <param name="scan">Closed.</param>
    public static ScanMesh Of(ScanMesh scan)
    {
        var points = scan.Points;
        var (beside, count) = (new Point3[points.Length], new int[points.Length]);
        for (var n = 0; n < 2 * Times; n++)
        {
            Array.Clear(beside);
            Array.Clear(count);
            // Of a closed surface every edge is met once from each end.
            for (var i = 0; i < scan.Triangles.Length; i++)
            {
                var (from, to) = (scan.Triangles[i], scan.Triangles[i % 3 == 2 ? i - 2 : i + 1]);
                beside[from] += points[to];
                count[from]++;
            }

            var share = n % 2 == 0 ? Forth : Back;
            points = [.. points.Select((p, i) => count[i] == 0 ? p : p + (((beside[i] * (1.0 / count[i])) - p) * share))];
        }

        return scan with { Points = points };
    }
}
