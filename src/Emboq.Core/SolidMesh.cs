namespace Emboq.Core;

/// <summary>A solid as triangles: closed, welded, without degenerate triangles, wound outwards.</summary>
/// <param name="Positions">x, y, z of each vertex in single precision, mm.</param>
/// <param name="Triangles">Three vertex indices each.</param>
/// <param name="Volume">mm³, of the triangles.</param>
/// <param name="Area">mm², of the triangles.</param>
public sealed record SolidMesh(float[] Positions, int[] Triangles, double Volume, double Area)
{
    /// <summary>The smallest and the greatest coordinates.</summary>
    public (Point3 Least, Point3 Greatest) Bounds
    {
        get
        {
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
}
