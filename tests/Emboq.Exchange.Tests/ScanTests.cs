using System.Globalization;
using System.Text;
using Emboq.Exchange.Scans;

namespace Emboq.Exchange.Tests;

/// <summary>Outlines from scans. Against bodies that are known, scanned by the stand-in with noise, holes, loose pieces and triangles that look the wrong
/// way: widths and areas in closed form.</summary>
public sealed class ScanTests
{
    private static readonly ScanAsked Above = new(ScanUp.AsWritten, 0, false, null);

    private static ScanMesh Grip(StandInScanner scanner) => scanner.Scan(StandInScanner.GripLong, StandInScanner.GripHalfWide, StandInScanner.GripHalfHigh);

    private static IReadOnlyList<Point2> Outline(Outcome<Scanned> scanned) => scanned.IsGood ? scanned.Value.Drawing.Paths.Single().Points
        : throw new InvalidOperationException(scanned.Problems[0].Message);

    private static double Area(IReadOnlyList<Point2> p) => Math.Abs(p.Select((a, i) => (a.X * p[(i + 1) % p.Count].Y) - (a.Y * p[(i + 1) % p.Count].X)).Sum())
        / 2;

    /// <summary>∫ 2 w(x) √(1 − (z / h(x))²) dx by the rule of midpoints.</summary>
    private static double AreaAt(double z) => Enumerable.Range(0, 20000).Select(i => StandInScanner.GripLong * (i + 0.5) / 20000).Sum(x =>
        2 * StandInScanner.GripHalfWide(x) * Math.Sqrt(Math.Max(0, 1 - (z * z / Math.Pow(StandInScanner.GripHalfHigh(x), 2))))) * StandInScanner.GripLong / 20000;

    /// <summary>How far the outline lies beside |y| = w(x), at most and for nine tenths of it, away from the very ends.</summary>
    private static (double Most, double Usual) Beside(IReadOnlyList<Point2> outline, double z)
    {
        var middle = (outline.Max(p => p.Y) + outline.Min(p => p.Y)) / 2;
        var off = outline.Where(p => p.X is > 6 and < StandInScanner.GripLong - 6).Select(p => Math.Abs(Math.Abs(p.Y - middle) - (StandInScanner.GripHalfWide(p.X)
            * Math.Sqrt(1 - (z * z / Math.Pow(StandInScanner.GripHalfHigh(p.X), 2)))))).Order().ToList();
        return (off[^1], off[(int)(off.Count * 0.9)]);
    }

    [Theory]
    [InlineData(null, 0)]
    [InlineData(14.0, 0)]
    [InlineData(20.0, 6)]
    public void A_noisy_scan_gives_the_outline_of_the_body(double? at, double over)
    {
        var scan = Grip(new StandInScanner(7) { Unseen = [new(new(40, 0, 28), 9), new(new(110, 0, 0), 14)] });
        var read = ScanOutline.Read(StandInScanner.Stl(scan), ScanUnit.Mm, Above with { At = at }, "file");
        var outline = Outline(read);
        Area(outline).ShouldBe(AreaAt(over), AreaAt(over) * 0.005);
        var (most, usual) = Beside(outline, over);
        most.ShouldBeLessThan(at is null ? 0.3 : 0.2);
        usual.ShouldBeLessThan(0.1);
        (read.Value.Seen.Wide, read.Value.Seen.Deep, read.Value.Seen.High).ShouldBe((150, 50, 28), new Within(0.4));
        read.Value.Says.ShouldContain("3 loose pieces were left away.");
        read.Value.Says.ShouldContain("2 holes");
        read.Value.Doubt.ShouldBeInRange(0.01, 0.12);
    }

    private sealed class Within(double off) : IEqualityComparer<(double, double, double)>
    {
        public bool Equals((double, double, double) x, (double, double, double) y) => Math.Abs(x.Item1 - y.Item1) < off && Math.Abs(x.Item2 - y.Item2) < off
            && Math.Abs(x.Item3 - y.Item3) < off;

        public int GetHashCode((double, double, double) obj) => 0;
    }

    /// <summary>What the scanner did not see is not guessed where the outline would run along it; elsewhere it is.</summary>
    [Fact]
    public void No_outline_runs_across_what_was_never_scanned()
    {
        var file = StandInScanner.Stl(Grip(new StandInScanner(8) { Unseen = [new(new(60, 20 + (5 * Math.Sin(0.8 * Math.PI)), 14), 10)] }));
        var crossing = ScanOutline.Read(file, ScanUnit.Mm, Above with { At = 14 }, "file");
        crossing.IsGood.ShouldBeFalse();
        crossing.Problems[0].Message.ShouldContain("never scanned");
        ScanOutline.Read(file, ScanUnit.Mm, Above, "file").IsGood.ShouldBeFalse();
        ScanOutline.Read(file, ScanUnit.Mm, Above with { At = 24 }, "file").IsGood.ShouldBeTrue();
    }

    /// <summary>Turned anyhow in space, on its principal axes it lies as it did: 150 long, 50 wide, 28 high.</summary>
    [Theory]
    [InlineData(ScanUp.Flat, 150, 50, 28)]
    [InlineData(ScanUp.Edge, 150, 28, 50)]
    [InlineData(ScanUp.End, 50, 28, 150)]
    public void It_is_laid_on_its_principal_axes(ScanUp up, double wide, double deep, double high)
    {
        var (s1, c1) = Math.SinCos(0.7);
        var (s2, c2) = Math.SinCos(-1.1);
        var turned = Grip(new StandInScanner(9) { Faults = (0, 0, 0) }).Moved(p => new Point3((p.X * c1) - (p.Y * s1), (p.X * s1) + (p.Y * c1), p.Z)).Moved(p =>
            new Point3(p.X + 40, (p.Y * c2) - (p.Z * s2), (p.Y * s2) + (p.Z * c2)));
        var seen = ScanOutline.Read(StandInScanner.Stl(turned), ScanUnit.Mm, new(up, 0, false, null), "file").Value.Seen;
        // The waist lies to one side of the middle: its axes lie a little aslant of the grip's own.
        seen.Wide.ShouldBe(wide, 2.5);
        seen.Deep.ShouldBe(deep, 2.5);
        seen.High.ShouldBe(high, 2.5);
    }

    [Fact]
    public void Every_format_and_unit_reads_alike()
    {
        var scan = Grip(new StandInScanner(10) { Noise = 0, Fine = (24, 30), Faults = (0, 0, 0) });
        string N(double v) => v.ToString("R", CultureInfo.InvariantCulture);
        var text = new StringBuilder("solid grip\n");
        for (var t = 0; t < scan.Count; t++)
        {
            var (a, b, c) = scan.Of(t);
            text.Append("facet normal 0 0 0\n outer loop\n").AppendJoin('\n', new[] { a, b, c }.Select(p => $"  vertex {N(p.X)} {N(p.Y)} {N(p.Z)}"))
                .Append("\n endloop\nendfacet\n");
        }

        var points = string.Concat(scan.Points.Select(p => $"v {N(p.X / 25.4)} {N(p.Y / 25.4)} {N(p.Z / 25.4)}\r\n"));
        // Two triangles of a side as one face of four corners, numbered with textures, and back from the end.
        var faces = string.Concat(Enumerable.Range(0, scan.Count).Select(t => $"f {string.Join(' ', Enumerable.Range(3 * t, 3).Select(i => t % 2 == 0
            ? $"{scan.Triangles[i] + 1}/1/1" : $"{scan.Triangles[i] - scan.Points.Length}"))}\n"));
        var quads = "ply\nformat ascii 1.0\ncomment four corners\nelement vertex 8\nproperty double x\nproperty double y\nproperty double z\nproperty uchar red\n"
            + "element face 6\nproperty list uchar uint vertex_index\nend_header\n"
            + string.Concat(Enumerable.Range(0, 8).Select(i => $"{5 * (i & 1)} {2 * (i >> 1 & 1)} {1 * (i >> 2)} 9\n"))
            + "4 0 2 3 1\n4 4 5 7 6\n4 0 1 5 4\n4 2 6 7 3\n4 0 4 6 2\n4 1 3 7 5\n";
        var asked = Above with { At = 12 };
        var expected = Area(Outline(ScanOutline.Read(StandInScanner.Stl(scan), ScanUnit.Mm, asked, "file")));
        foreach (var (file, unit) in new[] { (Encoding.ASCII.GetBytes(text.ToString()), ScanUnit.Mm), (Encoding.ASCII.GetBytes(points + faces), ScanUnit.Inch),
            (StandInScanner.Ply(scan, true), ScanUnit.Mm), (StandInScanner.Ply(scan, false), ScanUnit.Mm) })
        {
            Area(Outline(ScanOutline.Read(file, unit, asked, "file"))).ShouldBe(expected, expected * 1e-4);
        }

        // 5 × 2 × 1 cm.
        Area(Outline(ScanOutline.Read(Encoding.ASCII.GetBytes(quads), ScanUnit.Cm, Above with { At = 4 }, "file"))).ShouldBe(1000, 1e-6);
        ScanOutline.Read(Encoding.ASCII.GetBytes(quads), ScanUnit.M, Above, "file").Problems[0].Field.ShouldBe("unit");
    }

    /// <summary>The closed surface of a box with a lid missing: one hole, capped, and its volume whole.</summary>
    [Fact]
    public void Holes_are_closed_and_the_surface_looks_outwards()
    {
        ScanMesh open = new([new(0, 0, 0), new(4, 0, 0), new(4, 4, 0), new(0, 4, 0), new(0, 0, 4), new(4, 0, 4), new(4, 4, 4), new(0, 4, 4)],
            [0, 2, 1, 0, 3, 2, 0, 1, 5, 0, 4, 5, 1, 2, 6, 1, 6, 5, 2, 3, 7, 2, 7, 6, 3, 0, 4, 3, 4, 7]);
        var clean = ScanCleaning.Of(open, "file").Value;
        clean.TurnedOver.ShouldBe(1);
        clean.Holes.Single().Across.ShouldBe(Math.Sqrt(32), 1e-9);
        clean.Holes.Single().At.ShouldBe(new Point3(2, 2, 4));
        var volume = Enumerable.Range(0, clean.Mesh.Count).Sum(t => ScanCleaning.Normal(clean.Mesh, t) is var n && clean.Mesh.Of(t).A is var a
            ? ((n.X * a.X) + (n.Y * a.Y) + (n.Z * a.Z)) / 6 : 0);
        volume.ShouldBe(64, 1e-9);
        clean.Mesh.Count.ShouldBe(14);
    }

    [Theory]
    [InlineData("")]
    [InlineData("solid nothing\nendsolid")]
    [InlineData("ply\nformat ascii 1.0\nelement vertex 99999999\nproperty float x\nend_header\n1")]
    [InlineData("ply\nformat binary_little_endian 1.0\nelement vertex 2\nproperty float x\nproperty float y\nproperty float z\nelement face 1\n"
        + "property list uchar int vertex_indices\nend_header\nabc")]
    [InlineData("ply\nformat ascii 1.0\nelement vertex 1\nproperty float x\nproperty float y\nproperty float z\nelement face 1\n"
        + "property list int int vertex_indices\nend_header\n0 0 0\n2000000000 0 0")]
    [InlineData("v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 9\n")]
    [InlineData("v 0 0 nan\nv 1 0 0\nv 0 1 0\nf 1 2 3\n")]
    [InlineData("v 0 0 0\nv 1e300 0 0\nv 0 1 0\nf 1 2 3\n")]
    [InlineData("v 0 0 0\nv 0 0 0\nv 0 0 0\nf 1 2 3\n")]
    [InlineData("v 0 0 0\nv 9 0 0\nv 0 9 0\nf 1 2 3\n")]
    [InlineData("hello")]
    public void What_is_no_scan_is_refused_in_words(string file)
    {
        var read = ScanOutline.Read(Encoding.Latin1.GetBytes(file), ScanUnit.Mm, Above with { Up = ScanUp.Flat }, "file");
        read.IsGood.ShouldBeFalse();
        read.Problems[0].Message.Length.ShouldBeGreaterThan(20);
        read.Problems[0].Remedy.ShouldNotBeNullOrEmpty();
    }

    [Fact]
    public void A_cut_above_the_thing_is_refused() => ScanOutline.Read(StandInScanner.Stl(Grip(new StandInScanner(11) { Fine = (24, 30) })), ScanUnit.Mm,
        Above with { At = 60 }, "file").Problems[0].Field.ShouldBe("at");
}
