using System.Runtime.InteropServices;

namespace Emboq.Exchange.Scans;

/// <summary>A corner of a section.</summary>
/// <param name="At">x and y, mm.</param>
/// <param name="Scanned">Whether the surface was scanned from here to the next corner; else a hole was closed there.</param>
public readonly record struct SectionCorner(Point2 At, bool Scanned);

/// <summary>Cuts a closed scan level.</summary>
public static class ScanSection
{
    /// <summary>The loops in which a plane meets its surface; where the surface meets itself a loop may be open, and is left away.</summary>
    /// <param name="scan">Cleaned and laid.</param>
    /// <param name="height">Of the plane, mm.</param>
    public static IReadOnlyList<IReadOnlyList<SectionCorner>> At(CleanScan scan, double height) => At(scan, height, Enumerable.Range(0, scan.Mesh.Count));

    /// <summary>The same by some of its triangles.</summary>
    /// <param name="scan">Cleaned and laid.</param>
    /// <param name="height">Of the plane, mm.</param>
    /// <param name="triangles">All that the plane may meet.</param>
    public static IReadOnlyList<IReadOnlyList<SectionCorner>> At(CleanScan scan, double height, IEnumerable<int> triangles)
    {
        var (mesh, on) = (scan.Mesh, new Dictionary<(int, int), ((int, int) To, Point2 At, bool Scanned)>());
        foreach (var t in triangles)
        {
            // A corner in the plane counts as above it: each triangle is cut in two sides or in none.
            var above = 0;
            for (var i = 0; i < 3; i++)
            {
                above |= mesh.Points[mesh.Triangles[(3 * t) + i]].Z >= height ? 1 << i : 0;
            }

            if (above is 0 or 7)
            {
                continue;
            }

            // Which corner stands alone, and whether above: material lies at the left.
            var alone = above is 1 or 6 ? 0 : above is 2 or 5 ? 1 : 2;
            var (a, b, c) = (mesh.Triangles[(3 * t) + alone], mesh.Triangles[(3 * t) + ((alone + 1) % 3)], mesh.Triangles[(3 * t) + ((alone + 2) % 3)]);
            var up = (above & (1 << alone)) != 0;
            var (from, to) = up ? ((a, b), (a, c)) : ((a, c), (a, b));
            CollectionsMarshal.GetValueRefOrAddDefault(on, Key(from), out _) = (Key(to), Cut(mesh, from, height), t < scan.Capped);
        }

        return Loops(on);
    }

    private static (int, int) Key((int A, int B) edge) => (Math.Min(edge.A, edge.B), Math.Max(edge.A, edge.B));

    private static Point2 Cut(ScanMesh mesh, (int A, int B) edge, double height)
    {
        // Always from the same end, so that both triangles beside it come to the same point.
        var (p, q) = (mesh.Points[Math.Min(edge.A, edge.B)], mesh.Points[Math.Max(edge.A, edge.B)]);
        var share = (height - p.Z) / (q.Z - p.Z);
        return new(p.X + (share * (q.X - p.X)), p.Y + (share * (q.Y - p.Y)));
    }

    private static List<IReadOnlyList<SectionCorner>> Loops(Dictionary<(int, int), ((int, int) To, Point2 At, bool Scanned)> on)
    {
        var (loops, done) = (new List<IReadOnlyList<SectionCorner>>(), new HashSet<(int, int)>());
        foreach (var start in on.Keys)
        {
            var (loop, at) = (new List<SectionCorner>(), start);
            while (on.TryGetValue(at, out var next) && done.Add(at))
            {
                loop.Add(new(next.At, next.Scanned));
                at = next.To;
            }

            if (at == start && loop.Count > 2)
            {
                loops.Add(loop);
            }
        }

        return loops;
    }
}
