using MathNet.Numerics.LinearAlgebra;

namespace Emboq.Exchange.Scans;

/// <summary>Which way of a scan points up.</summary>
public enum ScanUp
{
    /// <summary>As its scanner wrote it.</summary>
    AsWritten,

    /// <summary>It lies flat: the way it is thinnest.</summary>
    Flat,

    /// <summary>On its long edge.</summary>
    Edge,

    /// <summary>On its end.</summary>
    End,
}

/// <summary>Lays a scan down.</summary>
public static class ScanPose
{
    /// <summary>On its principal axes, the longest along x where none is up, turned by hand, its box from the origin on.</summary>
    /// <param name="scan">Cleaned.</param>
    /// <param name="up">What points up.</param>
    /// <param name="turn">About the upright, degrees.</param>
    /// <param name="over">Whether it lies on its other side.</param>
    public static CleanScan Laid(CleanScan scan, ScanUp up, double turn, bool over)
    {
        var (x, y, z) = up == ScanUp.AsWritten ? (new Point3(1, 0, 0), new Point3(0, 1, 0), new Point3(0, 0, 1)) : Axes(scan.Mesh, up);
        if (over)
        {
            // Half around x.
            (y, z) = (new(-y.X, -y.Y, -y.Z), new(-z.X, -z.Y, -z.Z));
        }

        var (sin, cos) = Math.SinCos(turn * Math.PI / 180);
        Point3 Turned(Point3 p)
        {
            var (a, b, c) = (p.Dot(x), p.Dot(y), p.Dot(z));
            return new((a * cos) - (b * sin), (a * sin) + (b * cos), c);
        }

        var mesh = scan.Mesh.Moved(Turned);
        var least = mesh.Box.Least;
        Point3 Placed(Point3 p) => p - least;
        return scan with { Mesh = mesh.Moved(Placed), Holes = [.. scan.Holes.Select(h => h with { At = Placed(Turned(h.At)) })] };
    }

    /// <summary>Principal axes of the surface, each triangle counting by its area: right-handed, x the longest of those that lie.</summary>
    private static (Point3 X, Point3 Y, Point3 Z) Axes(ScanMesh mesh, ScanUp up)
    {
        var (sum, middle, spread) = (0.0, new double[3], Matrix<double>.Build.Dense(3, 3));
        var parts = Enumerable.Range(0, mesh.Count).Select(t =>
        {
            var ((a, b, c), n) = (mesh.Of(t), ScanCleaning.Normal(mesh, t));
            return (At: new[] { (a.X + b.X + c.X) / 3, (a.Y + b.Y + c.Y) / 3, (a.Z + b.Z + c.Z) / 3 }, Area: n.Length());
        }).ToList();
        foreach (var (at, area) in parts)
        {
            sum += area;
            for (var i = 0; i < 3; i++)
            {
                middle[i] += area * at[i];
            }
        }

        foreach (var (at, area) in parts)
        {
            for (var i = 0; i < 3; i++)
            {
                for (var j = 0; j < 3; j++)
                {
                    spread[i, j] += area * (at[i] - (middle[i] / sum)) * (at[j] - (middle[j] / sum));
                }
            }
        }

        // Ascending: the thinnest way first.
        var found = spread.Evd(Symmetricity.Symmetric).EigenVectors;
        Point3 Way(int column) => Signed(new(found[0, column], found[1, column], found[2, column]));
        var (thin, mid, wide) = (Way(0), Way(1), Way(2));
        var (x, z) = up switch { ScanUp.Edge => (wide, mid), ScanUp.End => (mid, wide), _ => (wide, thin) };
        return (x, z.Cross(x), z);
    }

    /// <summary>An axis has no direction: its largest part is taken to be greater than nothing.</summary>
    private static Point3 Signed(Point3 v)
    {
        var largest = new[] { v.X, v.Y, v.Z }.MaxBy(Math.Abs);
        return largest < 0 ? new(-v.X, -v.Y, -v.Z) : v;
    }
}
