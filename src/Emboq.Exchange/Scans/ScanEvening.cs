using System.Collections.Concurrent;

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
        var (scan, stay) = (clean.Mesh, new bool[clean.Mesh.Points.Length]);
        foreach (var corner in scan.Triangles.AsSpan(3 * clean.Capped))
        {
            stay[corner] = true;
        }

        var (from, beside) = Beside(scan);
        var (points, moved) = ((Point3[])scan.Points.Clone(), new Point3[scan.Points.Length]);
        for (var n = 0; n < 2 * Times; n++)
        {
            var (at, to, share) = (points, moved, n % 2 == 0 ? Forth : Back);
            Parallel.ForEach(Partitioner.Create(0, at.Length), range =>
            {
                for (var i = range.Item1; i < range.Item2; i++)
                {
                    var (sum, count) = (default(Point3), from[i + 1] - from[i]);
                    for (var k = from[i]; k < from[i + 1]; k++)
                    {
                        sum += at[beside[k]];
                    }

                    to[i] = count == 0 || stay[i] ? at[i] : at[i] + (((sum * (1.0 / count)) - at[i]) * share);
                }
            });
            (points, moved) = (moved, points);
        }

        return scan with { Points = points };
    }

    /// <summary>The neighbours of each corner, one corner's after another's, and where those of each begin. Of a closed surface every edge is met once from
    /// each end.</summary>
    private static (int[] From, int[] Beside) Beside(ScanMesh scan)
    {
        var (from, beside) = (new int[scan.Points.Length + 1], new int[scan.Triangles.Length]);
        foreach (var corner in scan.Triangles)
        {
            from[corner + 1]++;
        }

        for (var i = 0; i < scan.Points.Length; i++)
        {
            from[i + 1] += from[i];
        }

        var next = (int[])from.Clone();
        for (var i = 0; i < scan.Triangles.Length; i++)
        {
            beside[next[scan.Triangles[i]]++] = scan.Triangles[i % 3 == 2 ? i - 2 : i + 1];
        }

        return (from, beside);
    }
}
