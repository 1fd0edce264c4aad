using System.Collections.Immutable;

namespace Emboq.Core.Solids;

/// <summary>A surface of triangles that encloses something: each edge is once there and once back, seen from outside counter-clockwise.</summary>
public sealed class ClosedMesh
{
    private ClosedMesh(ImmutableArray<Point3> points, ImmutableArray<int> triangles) => (Points, Triangles) = (points, triangles);

    /// <summary>Corners, mm.</summary>
    public ImmutableArray<Point3> Points { get; }

    /// <summary>Three indices of corners for each triangle.</summary>
    public ImmutableArray<int> Triangles { get; }

    /// <summary>How many triangles.</summary>
    public int Count => Triangles.Length / 3;

    /// <summary>A surface of triangles; <c>null</c> where they enclose nothing: a corner that is not there or not finite, an edge that is open or said
    /// twice, or more inside than outside.</summary>
    /// <param name="points">Corners, mm.</param>
    /// <param name="triangles">Three indices each.</param>
    public static ClosedMesh? Of(IEnumerable<Point3> points, IEnumerable<int> triangles)
    {
        var mesh = new ClosedMesh([.. points], [.. triangles]);
        if (mesh.Count < 4 || mesh.Triangles.Length % 3 != 0 || mesh.Triangles.Any(i => i < 0 || i >= mesh.Points.Length)
            || mesh.Points.Any(p => !double.IsFinite(p.X + p.Y + p.Z)))
        {
            return null;
        }

        var edges = new HashSet<(int, int)>(mesh.Triangles.Length);
        for (var i = 0; i < mesh.Triangles.Length; i++)
        {
            if (!edges.Add((mesh.Triangles[i], mesh.Triangles[i % 3 == 2 ? i - 2 : i + 1])))
            {
                return null;
            }
        }

        return edges.All(e => edges.Contains((e.Item2, e.Item1))) && mesh.Volume > 0 ? mesh : null;
    }

    /// <summary>What it encloses, mm³ (divergence theorem).</summary>
    public double Volume
    {
        get
        {
            var sum = 0.0;
            for (var t = 0; t < Count; t++)
            {
                var (a, b, c) = Of(t);
                sum += a.Dot(b.Cross(c)) / 6;
            }

            return sum;
        }
    }

    /// <summary>The middle of what it encloses (divergence theorem).</summary>
    public Point3 Centre
    {
        get
        {
            var (sum, volume) = (new Point3(0, 0, 0), 0.0);
            for (var t = 0; t < Count; t++)
            {
                var (a, b, c) = Of(t);
                var part = a.Dot(b.Cross(c)) / 6;
                (sum, volume) = (sum + ((a + b + c) * (part / 4)), volume + part);
            }

            return sum * (1 / volume);
        }
    }

    /// <summary>The three corners of a triangle.</summary>
    public (Point3 A, Point3 B, Point3 C) Of(int triangle) => (Points[Triangles[3 * triangle]], Points[Triangles[(3 * triangle) + 1]],
        Points[Triangles[(3 * triangle) + 2]]);

    /// <summary>How many of its triangles reach in between two places along y.</summary>
    public int Between(double from, double to) => Enumerable.Range(0, Count).Count(t => Of(t) is var (a, b, c)
        && Math.Max(a.Y, Math.Max(b.Y, c.Y)) >= from && Math.Min(a.Y, Math.Min(b.Y, c.Y)) <= to);

    /// <summary>The same moved, turned or made larger.</summary>
    /// <param name="move">Keeps left and right.</param>
    public ClosedMesh Moved(Func<Point3, Point3> move) => new([.. Points.Select(move)], Triangles);

    /// <summary>Moved outwards everywhere: each corner goes to where the planes of its triangles meet once they are moved, by least squares, each plane
    /// counting by its angle there. At a right-angled edge it moves by two percent less, at the corner of a cube by four: corners between planes that hardly
    /// differ must not run off along them.</summary>
    /// <param name="by">mm; negative for inwards.</param>
    public ClosedMesh Grown(double by)
    {
        // What going along with the mean of its planes counts beside those.
        const double Mean = 0.03;
        var (sums, rows) = (new Point3[Points.Length], new (Point3 X, Point3 Y, Point3 Z, double Angle)[Points.Length]);
        for (var t = 0; t < Triangles.Length; t += 3)
        {
            for (var k = 0; k < 3; k++)
            {
                var corner = Triangles[t + k];
                var (to, from) = (Points[Triangles[t + ((k + 1) % 3)]] - Points[corner], Points[Triangles[t + ((k + 2) % 3)]] - Points[corner]);
                var across = to.Cross(from);
                if (across.Length() is > 1e-12 and var twice)
                {
                    var (n, angle, row) = (across * (1 / twice), Math.Atan2(twice, to.Dot(from)), rows[corner]);
                    sums[corner] += n * angle;
                    rows[corner] = (row.X + (n * (angle * n.X)), row.Y + (n * (angle * n.Y)), row.Z + (n * (angle * n.Z)), row.Angle + angle);
                }
            }
        }

        Point3 Out(int corner)
        {
            var (sum, row) = (sums[corner], rows[corner]);
            if (sum.Length() < 1e-9)
            {
                return Points[corner];
            }

            var counts = Mean * row.Angle;
            var (x, y, z) = (row.X + new Point3(counts, 0, 0), row.Y + new Point3(0, counts, 0), row.Z + new Point3(0, 0, counts));
            var wanted = sum + (sum * (counts / sum.Length()));
            // Cramer's rule.
            return Points[corner] + (((y.Cross(z) * wanted.X) + (z.Cross(x) * wanted.Y) + (x.Cross(y) * wanted.Z)) * (by / x.Dot(y.Cross(z))));
        }

        return new([.. Enumerable.Range(0, Points.Length).Select(Out)], Triangles);
    }

    /// <summary>What is smaller beside the largest outline of a section is a roughness of the surface, and no branch.</summary>
    private const double Rough = 0.01;

    /// <summary>Where an upright plane cuts it, what goes around all branches there; <c>null</c> where the plane meets nothing.</summary>
    /// <param name="at">A place, x and y.</param>
    /// <param name="turn">Of the plane about the upright through that place, degrees; square to y at 0.</param>
    /// <param name="along">Of the plane from the place, square to itself, mm.</param>
    public Profile? Across(Point2 at, double turn, double along) => Around(Branches(at, turn, along));

    /// <summary>What goes around branches that lie beside each other: of one, itself; <c>null</c> of none.</summary>
    public static Profile? Around(IReadOnlyList<Profile> branches) => branches.Count == 0 ? null : branches.Count == 1 ? branches[0]
        : Outlines.Hull(branches.SelectMany(b => b.Points));

    /// <summary>Where an upright plane cuts it, the outlines that lie there beside each other, the largest first, without hollows within them: x in the plane
    /// from the place named, y up.</summary>
    /// <param name="at">A place, x and y.</param>
    /// <param name="turn">Of the plane about the upright through that place, degrees; square to y at 0.</param>
    /// <param name="along">Of the plane from the place, square to itself, mm.</param>
    public IReadOnlyList<Profile> Branches(Point2 at, double turn, double along)
    {
        var (sin, cos) = Math.SinCos(turn * Math.PI / 180);
        var (off, next) = (new double[Points.Length], new Dictionary<(int, int), ((int, int) To, Point2 At)>());
        for (var i = 0; i < off.Length; i++)
        {
            off[i] = ((Points[i].Y - at.Y) * cos) - ((Points[i].X - at.X) * sin) - along;
        }

        Point2 Met(int a, int b)
        {
            // Always from the same end, so that both triangles beside an edge come to the same point.
            var (p, q, share) = (Points[Math.Min(a, b)], Points[Math.Max(a, b)], off[Math.Min(a, b)] / (off[Math.Min(a, b)] - off[Math.Max(a, b)]));
            var (x, y) = (p.X + (share * (q.X - p.X)), p.Y + (share * (q.Y - p.Y)));
            return new(((x - at.X) * cos) + ((y - at.Y) * sin), p.Z + (share * (q.Z - p.Z)));
        }

        static (int, int) Edge(int a, int b) => (Math.Min(a, b), Math.Max(a, b));
        for (var t = 0; t < Triangles.Length; t += 3)
        {
            // Each triangle is cut in two sides or in none; which corner stands alone, and whether beyond.
            var beyond = (off[Triangles[t]] >= 0 ? 1 : 0) | (off[Triangles[t + 1]] >= 0 ? 2 : 0) | (off[Triangles[t + 2]] >= 0 ? 4 : 0);
            if (beyond is 0 or 7)
            {
                continue;
            }

            var alone = beyond is 1 or 6 ? 0 : beyond is 2 or 5 ? 1 : 2;
            var (a, b, c) = (Triangles[t + alone], Triangles[t + ((alone + 1) % 3)], Triangles[t + ((alone + 2) % 3)]);
            var (from, to) = off[a] >= 0 ? ((a, b), (a, c)) : ((a, c), (a, b));
            next[Edge(from.Item1, from.Item2)] = (Edge(to.Item1, to.Item2), Met(from.Item1, from.Item2));
        }

        // Hollows run the other way around.
        var loops = Loops(next).Select(l => (Outline: l, Area: Area(l))).Where(l => Math.Abs(l.Area) > 1e-6).OrderByDescending(l => Math.Abs(l.Area)).ToList();
        return [.. loops.Where(l => l.Area / loops[0].Area > Rough).Select(l => new Profile(l.Outline))];
    }

    private static IEnumerable<List<Point2>> Loops(Dictionary<(int, int), ((int, int) To, Point2 At)> next)
    {
        while (next.Count > 0)
        {
            var (loop, at) = (new List<Point2>(), next.Keys.First());
            while (next.Remove(at, out var met))
            {
                loop.Add(met.At);
                at = met.To;
            }

            yield return loop;
        }
    }

    private static double Area(List<Point2> loop) => Enumerable.Range(0, loop.Count).Sum(i => loop[(i + 1) % loop.Count] is var next
        ? ((loop[i].X * next.Y) - (next.X * loop[i].Y)) / 2 : 0);
}
