namespace Emboq.Exchange.Scans;

/// <summary>The surface of a thing as a scanner gave it: triangles that share corners.</summary>
/// <param name="Points">Corners, mm.</param>
/// <param name="Triangles">Three indices of corners for each triangle, counter-clockwise seen from outside where the scanner meant it so.</param>
public sealed record ScanMesh(Point3[] Points, int[] Triangles)
{
    /// <summary>How many triangles.</summary>
    public int Count => Triangles.Length / 3;

    /// <summary>The three corners of a triangle.</summary>
    public (Point3 A, Point3 B, Point3 C) Of(int triangle) => (Points[Triangles[3 * triangle]], Points[Triangles[(3 * triangle) + 1]],
        Points[Triangles[(3 * triangle) + 2]]);

    /// <summary>The box around its corners.</summary>
    public (Point3 Least, Point3 Greatest) Box
    {
        get
        {
            var (a, b) = (Points[0], Points[0]);
            foreach (var p in Points)
            {
                a = new(Math.Min(a.X, p.X), Math.Min(a.Y, p.Y), Math.Min(a.Z, p.Z));
                b = new(Math.Max(b.X, p.X), Math.Max(b.Y, p.Y), Math.Max(b.Z, p.Z));
            }

            return (a, b);
        }
    }

    /// <summary>The same with every corner moved.</summary>
    public ScanMesh Moved(Func<Point3, Point3> move) => this with { Points = Array.ConvertAll(Points, p => move(p)) };
}

/// <summary>What the numbers of a scan are.</summary>
public enum ScanUnit
{
    /// <summary>Millimetres.</summary>
    Mm,

    /// <summary>Centimetres.</summary>
    Cm,

    /// <summary>Metres.</summary>
    M,

    /// <summary>Inches.</summary>
    Inch,
}
