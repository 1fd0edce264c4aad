using System.Runtime.InteropServices;

namespace Emboq.Exchange.Scans;

/// <summary>A hole of a scan.</summary>
/// <param name="At">Its middle, mm.</param>
/// <param name="Across">From its middle to its furthest corner and as far again, mm.</param>
public sealed record ScanHole(Point3 At, double Across);

/// <summary>A scan as a closed surface of one piece.</summary>
/// <param name="Mesh">Its triangles, those that close holes last.</param>
/// <param name="Capped">From which triangle on it was never scanned: caps of holes.</param>
/// <param name="Islands">Pieces beside the largest, left away.</param>
/// <param name="Doubles">Triangles without area, or said twice, left away.</param>
/// <param name="TurnedOver">Triangles that looked the wrong way.</param>
/// <param name="Holes">Those that are capped, the largest first.</param>
/// <param name="Closed">Smaller ones, closed as if they had been scanned.</param>
public sealed record CleanScan(ScanMesh Mesh, int Capped, int Islands, int Doubles, int TurnedOver, IReadOnlyList<ScanHole> Holes, int Closed);

/// <summary>Cleans a scan as people do by hand: joins corners, leaves away what is double and what floats beside it, turns all triangles outwards, closes
/// holes.</summary>
public static class ScanCleaning
{
    /// <summary>Corners nearer than this are one, mm.</summary>
    private const double Joined = 1e-4;

    /// <summary>Holes no wider than this are closed as if scanned, mm.</summary>
    public const double Small = 2;

    /// <summary>Cleans it.</summary>
    /// <param name="scan">As read.</param>
    /// <param name="field">Path of the field, for problems.</param>
    public static Outcome<CleanScan> Of(ScanMesh scan, string field)
    {
        var joined = Joining(scan);
        var single = Single(joined, out var doubles);
        if (single.Count == 0)
        {
            return new Problem(field, null, "The scan has no triangle with an area.", "Look at what the scanner wrote.");
        }

        var whole = Largest(single, out var islands);
        var beside = Neighbours(whole);
        var outwards = Outwards(whole, beside, out var turned);
        var loops = Loops(outwards, beside);
        var (small, wide) = (loops.Where(l => Across(outwards, l) <= Small).ToList(), loops.Where(l => Across(outwards, l) > Small).ToList());
        var (points, triangles) = (outwards.Points.ToList(), outwards.Triangles.ToList());
        foreach (var loop in small)
        {
            Cap(points, triangles, loop);
        }

        var capped = triangles.Count / 3;
        foreach (var loop in wide)
        {
            Cap(points, triangles, loop);
        }

        return new CleanScan(new([.. points], [.. triangles]), capped, islands, doubles, turned, [.. wide.Select(l => new ScanHole(Middle(outwards, l),
            Across(outwards, l))).OrderByDescending(h => h.Across)], small.Count);
    }

    private static ScanMesh Joining(ScanMesh scan)
    {
        var known = new Dictionary<(long, long, long), int>(scan.Points.Length / 2);
        var (points, to) = (new List<Point3>(), new int[scan.Points.Length]);
        for (var i = 0; i < scan.Points.Length; i++)
        {
            var p = scan.Points[i];
            ref var index = ref CollectionsMarshal.GetValueRefOrAddDefault(known, ((long)Math.Round(p.X / Joined), (long)Math.Round(p.Y / Joined),
                (long)Math.Round(p.Z / Joined)), out var there);
            if (!there)
            {
                index = points.Count;
                points.Add(p);
            }

            to[i] = index;
        }

        return new([.. points], Array.ConvertAll(scan.Triangles, t => to[t]));
    }

    private static ScanMesh Single(ScanMesh mesh, out int doubles)
    {
        var (seen, kept) = (new HashSet<(int, int, int)>(mesh.Count), new List<int>(mesh.Triangles.Length));
        for (var i = 0; i < mesh.Triangles.Length; i += 3)
        {
            var (a, b, c) = (mesh.Triangles[i], mesh.Triangles[i + 1], mesh.Triangles[i + 2]);
            var (least, most) = (Math.Min(a, Math.Min(b, c)), Math.Max(a, Math.Max(b, c)));
            if (a != b && b != c && c != a && seen.Add((least, a + b + c - least - most, most)))
            {
                kept.AddRange([a, b, c]);
            }
        }

        doubles = mesh.Count - (kept.Count / 3);
        return mesh with { Triangles = [.. kept] };
    }

    /// <summary>The piece with the largest surface.</summary>
    private static ScanMesh Largest(ScanMesh mesh, out int islands)
    {
        var root = Enumerable.Range(0, mesh.Points.Length).ToArray();
        int Find(int i)
        {
            while (root[i] != i)
            {
                i = root[i] = root[root[i]];
            }

            return i;
        }

        for (var i = 0; i < mesh.Triangles.Length; i += 3)
        {
            root[Find(mesh.Triangles[i + 1])] = Find(mesh.Triangles[i]);
            root[Find(mesh.Triangles[i + 2])] = Find(mesh.Triangles[i]);
        }

        var areas = new Dictionary<int, double>();
        for (var t = 0; t < mesh.Count; t++)
        {
            CollectionsMarshal.GetValueRefOrAddDefault(areas, Find(mesh.Triangles[3 * t]), out _) += Area(mesh, t);
        }

        var largest = areas.MaxBy(a => a.Value).Key;
        islands = areas.Count - 1;
        return Used(mesh with
        {
            Triangles = [.. mesh.Triangles.Where(corner => Find(corner) == largest)]
        });
    }

    /// <summary>With the corners of its triangles alone.</summary>
    private static ScanMesh Used(ScanMesh mesh)
    {
        var (points, to) = (new List<Point3>(), new int[mesh.Points.Length]);
        Array.Fill(to, -1);
        foreach (var corner in mesh.Triangles)
        {
            if (to[corner] < 0)
            {
                to[corner] = points.Count;
                points.Add(mesh.Points[corner]);
            }
        }

        return new([.. points], Array.ConvertAll(mesh.Triangles, t => to[t]));
    }

    private static double Area(ScanMesh mesh, int triangle)
    {
        var n = Normal(mesh, triangle);
        return Math.Sqrt((n.X * n.X) + (n.Y * n.Y) + (n.Z * n.Z)) / 2;
    }

    /// <summary>Square to a triangle, twice as long as it is large.</summary>
    internal static Point3 Normal(ScanMesh mesh, int triangle)
    {
        var (a, b, c) = mesh.Of(triangle);
        return (b - a).Cross(c - a);
    }

    private static (int, int) Edge(int a, int b) => (Math.Min(a, b), Math.Max(a, b));

    /// <summary>The triangle beyond each side of each, or −1 where there is none, or more than one.</summary>
    private static int[] Neighbours(ScanMesh mesh)
    {
        const int Many = -2;
        var (first, beside) = (new Dictionary<(int, int), int>(mesh.Triangles.Length / 2), new int[mesh.Triangles.Length]);
        Array.Fill(beside, -1);
        for (var side = 0; side < mesh.Triangles.Length; side++)
        {
            var key = Edge(mesh.Triangles[side], mesh.Triangles[Next(side)]);
            ref var other = ref CollectionsMarshal.GetValueRefOrAddDefault(first, key, out var there);
            if (!there)
            {
                other = side;
            }
            else if (other != Many && beside[other] == -1)
            {
                (beside[other], beside[side]) = (side / 3, other / 3);
            }
            else if (other != Many)
            {
                // A third one: no two of them are neighbours.
                beside[Side(mesh, beside[other], key)] = -1;
                beside[other] = -1;
                other = Many;
            }
        }

        return beside;
    }

    private static int Side(ScanMesh mesh, int triangle, (int, int) edge) => Enumerable.Range(3 * triangle, 3).First(s => Edge(mesh.Triangles[s],
        mesh.Triangles[Next(s)]) == edge);

    private static int Next(int side) => side % 3 == 2 ? side - 2 : side + 1;

    /// <summary>All turned like their neighbours, and so that the whole encloses something.</summary>
    /// <param name="mesh">Of one piece.</param>
    /// <param name="beside">What lies beyond each side, which goes with the sides of those that are turned over.</param>
    /// <param name="turned">How many were.</param>
    private static ScanMesh Outwards(ScanMesh mesh, int[] beside, out int turned)
    {
        var (triangles, turn, queue) = ((int[])mesh.Triangles.Clone(), new sbyte[mesh.Count], new Queue<int>());
        for (var start = 0; start < mesh.Count; start++)
        {
            if (turn[start] != 0)
            {
                continue;
            }

            turn[start] = 1;
            queue.Enqueue(start);
            while (queue.TryDequeue(out var t))
            {
                for (var side = 3 * t; side < (3 * t) + 3; side++)
                {
                    if (beside[side] is >= 0 and var other && turn[other] == 0)
                    {
                        // Neighbours run along their common side in opposite directions.
                        var (a, b) = (mesh.Triangles[side], mesh.Triangles[Next(side)]);
                        var alike = Enumerable.Range(3 * other, 3).Any(s => mesh.Triangles[s] == a && mesh.Triangles[Next(s)] == b);
                        turn[other] = (sbyte)(alike ? -turn[t] : turn[t]);
                        queue.Enqueue(other);
                    }
                }
            }
        }

        var middle = mesh.Points[mesh.Triangles[0]];
        var volume = 0.0;
        for (var t = 0; t < mesh.Count; t++)
        {
            var (n, p) = (Normal(mesh, t), mesh.Points[mesh.Triangles[3 * t]]);
            volume += turn[t] * ((n.X * (p.X - middle.X)) + (n.Y * (p.Y - middle.Y)) + (n.Z * (p.Z - middle.Z)));
        }

        turned = 0;
        for (var t = 0; t < mesh.Count; t++)
        {
            if (turn[t] < 0 != volume < 0)
            {
                (triangles[(3 * t) + 1], triangles[(3 * t) + 2]) = (triangles[(3 * t) + 2], triangles[(3 * t) + 1]);
                (beside[3 * t], beside[(3 * t) + 2]) = (beside[(3 * t) + 2], beside[3 * t]);
                turned++;
            }
        }

        return mesh with { Triangles = triangles };
    }

    /// <summary>Sides that no triangle lies beyond, end to end, against the direction of their triangles.</summary>
    private static List<List<int>> Loops(ScanMesh mesh, int[] beside)
    {
        var next = new Dictionary<int, List<int>>();
        for (var side = 0; side < beside.Length; side++)
        {
            if (beside[side] < 0)
            {
                (CollectionsMarshal.GetValueRefOrAddDefault(next, mesh.Triangles[Next(side)], out _) ??= []).Add(mesh.Triangles[side]);
            }
        }

        var loops = new List<List<int>>();
        foreach (var start in next.Keys)
        {
            while (next[start].Count > 0)
            {
                var (loop, passed, at) = (new List<int>(), new Dictionary<int, int>(), start);
                while (next.TryGetValue(at, out var on) && on.Count > 0)
                {
                    passed[at] = loop.Count;
                    loop.Add(at);
                    at = on[^1];
                    on.RemoveAt(on.Count - 1);
                    // A hole that touches itself at a corner is two.
                    if (passed.TryGetValue(at, out var met))
                    {
                        loops.Add(loop[met..]);
                        loop[met..].ForEach(corner => passed.Remove(corner));
                        loop.RemoveRange(met, loop.Count - met);
                    }
                }
            }
        }

        return [.. loops.Where(l => l.Count > 2)];
    }

    private static Point3 Middle(ScanMesh mesh, List<int> loop) => new(loop.Average(i => mesh.Points[i].X), loop.Average(i => mesh.Points[i].Y),
        loop.Average(i => mesh.Points[i].Z));

    private static double Across(ScanMesh mesh, List<int> loop)
    {
        var m = Middle(mesh, loop);
        return 2 * loop.Max(i => mesh.Points[i] is var p ? Math.Sqrt(((p.X - m.X) * (p.X - m.X)) + ((p.Y - m.Y) * (p.Y - m.Y)) + ((p.Z - m.Z) * (p.Z - m.Z)))
            : 0);
    }

    /// <summary>Closed from its middle.</summary>
    private static void Cap(List<Point3> points, List<int> triangles, List<int> loop)
    {
        var middle = points.Count;
        points.Add(new(loop.Average(i => points[i].X), loop.Average(i => points[i].Y), loop.Average(i => points[i].Z)));
        for (var i = 0; i < loop.Count; i++)
        {
            triangles.AddRange([loop[i], loop[(i + 1) % loop.Count], middle]);
        }
    }
}
