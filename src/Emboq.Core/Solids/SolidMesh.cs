namespace Emboq.Core.Solids;

/// <summary>A solid as triangles: closed, welded, without degenerate triangles, wound outwards.</summary>
/// <param name="Positions">x, y, z of each vertex in single precision, mm.</param>
/// <param name="Triangles">Three vertex indices each.</param>
/// <param name="Volume">mm³, of the triangles.</param>
/// <param name="Area">mm², of the triangles.</param>
public sealed record SolidMesh(float[] Positions, int[] Triangles, double Volume, double Area)
{
    /// <summary>The smallest and the greatest coordinates; the origin where there are no triangles.</summary>
    public (Point3 Least, Point3 Greatest) Bounds
    {
        get
        {
            if (Positions.Length == 0)
            {
                return default;
            }

            Span<double> least = [double.MaxValue, double.MaxValue, double.MaxValue];
            Span<double> greatest = [double.MinValue, double.MinValue, double.MinValue];
            for (int i = 0; i < Positions.Length; i++)
            {
                least[i % 3] = Math.Min(least[i % 3], Positions[i]);
                greatest[i % 3] = Math.Max(greatest[i % 3], Positions[i]);
            }

            return (new(least[0], least[1], least[2]), new(greatest[0], greatest[1], greatest[2]));
        }
    }

    /// <summary>The same triangles in an order that hangs on nothing but themselves: the kernel's depends on what it has computed before,
    /// and a file of one revision should be the same whenever it is written.</summary>
    public SolidMesh InOrder()
    {
        (float X, float Y, float Z) Point(int vertex) => (Positions[3 * vertex], Positions[(3 * vertex) + 1], Positions[(3 * vertex) + 2]);
        var order = Enumerable.Range(0, Positions.Length / 3).OrderBy(Point).ToArray();
        var rank = new int[order.Length];
        for (int i = 0; i < order.Length; i++)
        {
            rank[order[i]] = i;
        }

        var triangles = Triangles.Select(v => rank[v]).Chunk(3).Select(t => t.Min() is var least && t[0] == least ? (t[0], t[1], t[2]) : t[1] == least
            ? (t[1], t[2], t[0]) : (t[2], t[0], t[1])).Order();
        return new([.. order.SelectMany(v => new[] { Positions[3 * v], Positions[(3 * v) + 1], Positions[(3 * v) + 2] })],
            [.. triangles.SelectMany(t => new[] { t.Item1, t.Item2, t.Item3 })], Volume, Area);
    }
}
