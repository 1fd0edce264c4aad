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
        var parts = Enumerable.Range(0, mesh.Count).Select(t => mesh.Of(t) is var (a, b, c) ? (At: (a + b + c) * (1.0 / 3),
            Area: ScanCleaning.Normal(mesh, t).Length()) : default).ToList();
        var middle = parts.Aggregate(default(Point3), (sum, p) => sum + (p.At * p.Area)) * (1 / parts.Sum(p => p.Area));
        var (xx, xy, xz, yy, yz, zz) = (0.0, 0.0, 0.0, 0.0, 0.0, 0.0);
        foreach (var (at, area) in parts)
        {
            var (x, y, z) = at - middle;
            (xx, xy, xz, yy, yz, zz) = (xx + (area * x * x), xy + (area * x * y), xz + (area * x * z), yy + (area * y * y), yz + (area * y * z), zz + (area
                * z * z));
        }

        var spread = Matrix<double>.Build.DenseOfArray(new[,] { { xx, xy, xz }, { xy, yy, yz }, { xz, yz, zz } });

        // Ascending: the thinnest way first.
        var found = spread.Evd(Symmetricity.Symmetric).EigenVectors;
        Point3 Way(int column) => Signed(new(found[0, column], found[1, column], found[2, column]));
        var (thin, mid, wide) = (Way(0), Way(1), Way(2));
        var (length, height) = up switch { ScanUp.Edge => (wide, mid), ScanUp.End => (mid, wide), _ => (wide, thin) };
        return (length, height.Cross(length), height);
    }

    /// <summary>An axis has no direction: its largest part is taken to be greater than nothing.</summary>
    private static Point3 Signed(Point3 v)
    {
        var largest = new[] { v.X, v.Y, v.Z }.MaxBy(Math.Abs);
        return largest < 0 ? new(-v.X, -v.Y, -v.Z) : v;
    }
}
