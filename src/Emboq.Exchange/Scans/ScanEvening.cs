namespace Emboq.Exchange.Scans;

/// <summary>Evens out what a scanner scattered (Taubin 1995): each corner goes towards the middle of its neighbours and a little further back, again and again,
/// so that what is as fine as the triangles goes and the shape does not shrink.</summary>
public static class ScanEvening
{
    private const double Forth = 0.5, Back = -0.526;

    private const int Times = 12;

    /// <summary>Evens its surface; corners of what closes a hole stay where they are.</summary>
    public static ScanMesh Of(CleanScan clean)
    {
        var (scan, points) = (clean.Mesh, clean.Mesh.Points);
        HashSet<int> stay = [.. scan.Triangles.Skip(3 * clean.Capped)];
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
            points = [.. points.Select((p, i) => count[i] == 0 || stay.Contains(i) ? p : p + (((beside[i] * (1.0 / count[i])) - p) * share))];
        }

        return scan with { Points = points };
    }
}
