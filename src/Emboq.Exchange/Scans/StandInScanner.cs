using System.Buffers.Binary;
using System.Text;

namespace Emboq.Exchange.Scans;

/// <summary>Makes scans of bodies that are known, as a scanner does: noisy, with holes, loose pieces, triangles said twice or looking the wrong way.</summary>
/// <param name="seed">Equal ones scan alike.</param>
public sealed class StandInScanner(int seed)
{
    /// <summary>Standard deviation of its corners, mm.</summary>
    public double Noise { get; init; } = 0.03;

    /// <summary>Corners around the body, and along it.</summary>
    public (int Around, int Along) Fine { get; init; } = (240, 300);

    /// <summary>Round places that it does not see: where, and how wide, mm.</summary>
    public IReadOnlyList<ScanHole> Unseen { get; init; } = [];

    /// <summary>Loose pieces, triangles said twice, and triangles turned over.</summary>
    public (int Loose, int Twice, int Turned) Faults { get; init; } = (3, 20, 50);

    /// <summary>A grip with a waist, its long axis along x, lying on z = 0: how wide and how high it is along it, mm.</summary>
    public const double GripLong = 150;

    /// <summary>Half of its width.</summary>
    public static double GripHalfWide(double x) => End(x) * (20 + (5 * Math.Sin(2 * Math.PI * x / GripLong)));

    /// <summary>Half of its height; its axis lies straight, 14 mm up.</summary>
    public static double GripHalfHigh(double x) => 14 * End(x);

    /// <summary>Its ends are round.</summary>
    private static double End(double x)
    {
        const double Round = 12;
        var from = Math.Min(x, GripLong - x);
        return from >= Round ? 1 : Math.Sqrt(Math.Max(0, 1 - ((Round - from) * (Round - from) / (Round * Round))));
    }

    /// <summary>Scans a body of elliptic cross-sections along x.</summary>
    /// <param name="length">mm.</param>
    /// <param name="wide">Half of its width along it.</param>
    /// <param name="high">Half of its height.</param>
    public ScanMesh Scan(double length, Func<double, double> wide, Func<double, double> high)
    {
        var (random, points, triangles) = (new Random(seed), new List<Point3>(), new List<int>());
        var (around, along) = Fine;
        double Off() => Noise * Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
        var axis = Enumerable.Range(0, 200).Max(i => high(length * i / 199.0));
        points.Add(new(0, 0, axis));
        for (var i = 1; i < along; i++)
        {
            // Closer together where the ends are round.
            var x = length * (1 - Math.Cos(Math.PI * i / along)) / 2;
            for (var j = 0; j < around; j++)
            {
                var (sin, cos) = Math.SinCos(2 * Math.PI * j / around);
                var off = Off();
                points.Add(new(x, (wide(x) + off) * cos, axis + ((high(x) + off) * sin)));
            }
        }

        points.Add(new(length, 0, axis));
        int At(int i, int j) => 1 + ((i - 1) * around) + (j % around);
        for (var j = 0; j < around; j++)
        {
            triangles.AddRange([0, At(1, j + 1), At(1, j), points.Count - 1, At(along - 1, j), At(along - 1, j + 1)]);
        }

        for (var i = 1; i < along - 1; i++)
        {
            for (var j = 0; j < around; j++)
            {
                triangles.AddRange([At(i, j), At(i, j + 1), At(i + 1, j + 1), At(i, j), At(i + 1, j + 1), At(i + 1, j)]);
            }
        }

        return Spoilt(points, Seen(points, triangles), random);
    }

    private List<int> Seen(List<Point3> points, List<int> triangles)
    {
        bool Hidden(int corner) => points[corner] is var p && Unseen.Any(u => Math.Pow(p.X - u.At.X, 2) + Math.Pow(p.Y - u.At.Y, 2) + Math.Pow(p.Z - u.At.Z, 2)
            < u.Across * u.Across / 4);
        return [.. Enumerable.Range(0, triangles.Count / 3).Where(t => !Enumerable.Range(3 * t, 3).Any(i => Hidden(triangles[i]))).SelectMany(t =>
            triangles[(3 * t)..((3 * t) + 3)])];
    }

    private ScanMesh Spoilt(List<Point3> points, List<int> triangles, Random random)
    {
        for (var n = 0; n < Faults.Turned; n++)
        {
            var t = 3 * random.Next(triangles.Count / 3);
            (triangles[t], triangles[t + 1]) = (triangles[t + 1], triangles[t]);
        }

        for (var n = 0; n < Faults.Twice; n++)
        {
            var t = 3 * random.Next(triangles.Count / 3);
            triangles.AddRange([triangles[t + 1], triangles[t + 2], triangles[t]]);
        }

        for (var n = 0; n < Faults.Loose; n++)
        {
            var (x, y) = (random.NextDouble() * 40, 60 + (random.NextDouble() * 20));
            var at = points.Count;
            points.AddRange([new(x, y, 1), new(x + 2, y, 1), new(x, y + 2, 1), new(x, y, 3)]);
            triangles.AddRange([at, at + 2, at + 1, at, at + 1, at + 3, at + 1, at + 2, at + 3, at + 2, at, at + 3]);
        }

        return new([.. points], [.. triangles]);
    }

    /// <summary>As a binary STL: every triangle has corners of its own.</summary>
    public static byte[] Stl(ScanMesh mesh)
    {
        var file = new byte[84 + (50 * mesh.Count)];
        BinaryPrimitives.WriteUInt32LittleEndian(file.AsSpan(80), (uint)mesh.Count);
        for (var i = 0; i < mesh.Triangles.Length; i++)
        {
            Write(file.AsSpan(84 + (i / 3 * 50) + 12 + (i % 3 * 12)), mesh.Points[mesh.Triangles[i]], false);
        }

        return file;
    }

    /// <summary>As a polygon file, binary, the larger byte first or last.</summary>
    public static byte[] Ply(ScanMesh mesh, bool big)
    {
        var header = Encoding.ASCII.GetBytes($"ply\nformat binary_{(big ? "big" : "little")}_endian 1.0\nelement vertex {mesh.Points.Length}\n"
            + $"property float x\nproperty float y\nproperty float z\nelement face {mesh.Count}\nproperty list uchar int vertex_indices\nend_header\n");
        var file = new byte[header.Length + (12 * mesh.Points.Length) + (13 * mesh.Count)];
        header.CopyTo(file, 0);
        var at = header.Length;
        foreach (var p in mesh.Points)
        {
            Write(file.AsSpan(at), p, big);
            at += 12;
        }

        for (var i = 0; i < mesh.Triangles.Length; i++)
        {
            if (i % 3 == 0)
            {
                file[at++] = 3;
            }

            Write(file.AsSpan(at), mesh.Triangles[i], big);
            at += 4;
        }

        return file;
    }

    private static void Write(Span<byte> to, Point3 p, bool big)
    {
        Write(to, BitConverter.SingleToInt32Bits((float)p.X), big);
        Write(to[4..], BitConverter.SingleToInt32Bits((float)p.Y), big);
        Write(to[8..], BitConverter.SingleToInt32Bits((float)p.Z), big);
    }

    private static void Write(Span<byte> to, int value, bool big)
    {
        if (big)
        {
            BinaryPrimitives.WriteInt32BigEndian(to, value);
        }
        else
        {
            BinaryPrimitives.WriteInt32LittleEndian(to, value);
        }
    }
}
