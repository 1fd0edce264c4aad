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
        2 * StandInScanner.GripHalfWide(x) * Math.Sqrt(Math.Max(0, 1 - (z * z / Math.Pow(StandInScanner.GripHalfHigh(x),
            2))))) * StandInScanner.GripLong / 20000;

    /// <summary>How far the outline lies beside |y| = w(x), at most and for nine tenths of it, away from the very ends.</summary>
    private static (double Most, double Usual) Beside(IReadOnlyList<Point2> outline, double z)
    {
        var middle = (outline.Max(p => p.Y) + outline.Min(p => p.Y)) / 2;
        var off = outline.Where(p => p.X is > 6 and < StandInScanner.GripLong - 6).Select(p =>
            Math.Abs(Math.Abs(p.Y - middle) - (StandInScanner.GripHalfWide(p.X)
            * Math.Sqrt(1 - (z * z / Math.Pow(StandInScanner.GripHalfHigh(p.X), 2)))))).Order().ToList();
        return (off[^1], off[(int)(off.Count * 0.9)]);
    }

    /// <summary>A noisy scan of 72,000 triangles, evened out and thinned, lies on the body that was scanned: (|y| / w)² + (z / h)² = 1, within what it was
    /// thinned by and half of the noise, away from its ends and from the hole; and what was measured between the two is more than what was asked for.</summary>
    [Fact]
    public async Task A_scan_is_thinned_and_stays_on_the_body()
    {
        var read = ScanOutline.Read(StandInScanner.Stl(Grip(new StandInScanner(17) { Fine = (180, 200), Unseen = [new(new(75, 0, 28), 12)] })), ScanUnit.Mm,
            Above with { Sections = 0.1 }, "file").Value;
        var (_, _, clean, scatter) = read.Body!.Value;
        var whole = clean.Mesh;
        scatter.ShouldBeInRange(0.01, 0.04);
        var even = ScanEvening.Of(clean);
        using var thinning = await Kernel.Thinning.Of(even.Points, even.Triangles);
        var thin = thinning.Thinner(0.05)!;
        thin.Count.ShouldBeLessThan(whole.Count / 8);
        var middle = whole.Box.Greatest;
        double Off(Point3 p)
        {
            var (across, up) = ((p.Y - (middle.Y / 2)) / StandInScanner.GripHalfWide(p.X), (p.Z - (middle.Z / 2)) / StandInScanner.GripHalfHigh(p.X));
            return Math.Abs(double.Hypot(across, up) - 1) * double.Hypot(p.Y - (middle.Y / 2), p.Z - (middle.Z / 2));
        }

        bool Usual(Point3 p) => p.X is > 16 and < 134 && Math.Abs(p.X - 75) > 10;
        thin.Points.Where(Usual).Max(Off).ShouldBeLessThan(0.08);
        whole.Points.Where(Usual).Max(Off).ShouldBeGreaterThan(0.1, "the scan is noisy");
        var surface = ClosedMesh.Of(whole.Points, whole.Triangles)!;
        ScanDeviation.Of(whole, surface, 0.2).ShouldBe(0);
        thin.Volume.ShouldBe(surface.Volume, surface.Volume * 0.002);
        ScanDeviation.Of(whole, thin, 0.6)!.Value.ShouldBeInRange(0.08, 0.4);
        ScanDeviation.Of(whole, thin, 0.05).ShouldBeNull("the noise reaches further");
        // Thinned once more it is fewer, and the same body: its corners stay on it, and its sides lie within by a tenth at most.
        var thinner = thinning.Thinner(0.1)!;
        thinner.Count.ShouldBeLessThan(thin.Count * 3 / 4);
        thinner.Points.Where(Usual).Max(Off).ShouldBeLessThan(0.15);
        thinner.Volume.ShouldBeInRange(surface.Volume * 0.994, surface.Volume);
        // A cube beside one that is larger by 0.3 on every side: its corners are furthest, √3 times that from a corner, and 0.3 from a face.
        ClosedMesh Cube(double half) => ClosedMesh.Of(Enumerable.Range(0, 8).Select(i => new Point3(((i & 1) * 2 * half) - half,
            ((i >> 1 & 1) * 2 * half) - half, ((i >> 2) * 2 * half) - half)),
            [0, 2, 1, 1, 2, 3, 4, 5, 6, 5, 7, 6, 0, 1, 4, 1, 5, 4, 2, 6, 3, 3, 6, 7, 0, 4, 2, 2, 4, 6, 1, 3, 5, 3, 7, 5])!;
        ScanDeviation.Of(new([.. Cube(5).Points], [.. Cube(5).Triangles]), Cube(5.3), 1)!.Value.ShouldBe(0.3, 1e-9);
        ScanDeviation.Of(new([.. Cube(5.3).Points], [.. Cube(5).Triangles]), Cube(5), 1)!.Value.ShouldBe(0.3 * Math.Sqrt(3), 1e-9);
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

    /// <summary>Sections square to its length: ellipses of π a b, and as wide and high as the body is there.</summary>
    [Fact]
    public void A_noisy_scan_gives_the_sections_of_the_body()
    {
        var scan = Grip(new StandInScanner(12) { Unseen = [new(new(60, 0, 28), 12)] });
        var read = ScanOutline.Read(StandInScanner.Stl(scan), ScanUnit.Mm, Above with { Sections = 0.03 }, "file").Value;
        var (length, cuts, _, _) = read.Body!.Value;
        length.ShouldBe(150, 0.3);
        cuts.Count.ShouldBeInRange(49, 50);
        foreach (var cut in cuts.Where(c => c.At is > 6 and < 144 && c.Scanned))
        {
            var (a, b) = (StandInScanner.GripHalfWide(cut.At), StandInScanner.GripHalfHigh(cut.At));
            new Profile(cut.Points).Area.ShouldBe(Math.PI * a * b, Math.PI * a * b * 0.01, $"at {cut.At}");
            (cut.Points.Max(p => p.X) - cut.Points.Min(p => p.X)).ShouldBe(2 * a, 0.3);
            (cut.Points.Max(p => p.Y) - cut.Points.Min(p => p.Y)).ShouldBe(2 * b, 0.3);
        }

        // Of a hole 12 mm across, sections that run across more than 3 mm of it.
        cuts.Where(c => !c.Scanned).ShouldAllBe(c => Math.Abs(c.At - 60) < 6.5);
        cuts.Count(c => !c.Scanned).ShouldBeGreaterThanOrEqualTo(3);
        read.Says.ShouldContain("no section that is used crosses it");
        read.Seen.Sections.Count.ShouldBe(cuts.Count);
    }

    /// <summary>Where two prongs lie beside each other a section goes around both, so that what is read across the thing settles its scale, and that is
    /// told.</summary>
    [Fact]
    public void Of_a_fork_both_prongs_are_taken()
    {
        var fork = Core.Tests.Measuring.Places.Fork;
        var read = ScanOutline.Read(StandInScanner.Stl(new ScanMesh([.. fork.Points], [.. fork.Triangles])), ScanUnit.Mm, Above with { Sections = 0.03 },
            "file").Value;
        var cuts = read.Body!.Value.Cuts;
        foreach (var prongs in cuts.Where(c => c.At is > 35 and < 100))
        {
            prongs.Branched.ShouldBeTrue();
            (prongs.Points.Max(p => p.X) - prongs.Points.Min(p => p.X)).ShouldBe(62, 0.3);
        }

        cuts.Count(c => c.Branched).ShouldBeInRange(28, 32);
        read.Says.ShouldContain($"{cuts.Count(c => c.Branched)} go around branches");
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
        var quads = "ply\nformat ascii 1.0\ncomment four corners\nelement vertex 8\nproperty double x\nproperty double y\nproperty double z\n"
            + "property uchar red\n"
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

    /// <summary>A header that counts empty elements by the million, and a strip whose rim is as long as the scan: both are done in a moment.</summary>
    [Fact]
    public void Nothing_that_a_file_says_of_itself_keeps_the_reader_long()
    {
        var clock = System.Diagnostics.Stopwatch.StartNew();
        var header = $"ply\nformat ascii 1.0\n{string.Concat(Enumerable.Repeat("element nothing 2000000000\n", 500))}end_header\n";
        ScanFile.Read(Encoding.ASCII.GetBytes(header), ScanUnit.Mm, "file").IsGood.ShouldBeFalse();
        const int Long = 60_000;
        Point3[] strip = [.. Enumerable.Range(0, Long).Select(i => new Point3(i * 0.01, i % 2, Math.Sin(i * 0.001)))];
        var clean = ScanCleaning.Of(new(strip, [.. Enumerable.Range(0, Long - 2).SelectMany(i => i % 2 == 0 ? new[] { i, i + 1, i + 2 } : [i, i + 2, i + 1])]),
            "file").Value;
        clean.Holes.Count.ShouldBe(1);
        clean.Mesh.Count.ShouldBe(Long - 2 + Long);
        clock.Elapsed.ShouldBeLessThan(TimeSpan.FromSeconds(20));
    }

    [Fact]
    public void A_cut_above_the_thing_is_refused() => ScanOutline.Read(StandInScanner.Stl(Grip(new StandInScanner(11) { Fine = (24, 30) })), ScanUnit.Mm,
        Above with { At = 60 }, "file").Problems[0].Field.ShouldBe("at");

    private static readonly Point3[] Corners = [new(0, 0, 0), new(4, 0, 0), new(4, 4, 0), new(0, 4, 0), new(0, 0, 4), new(4, 0, 4), new(4, 4, 4), new(0, 4, 4)];

    private static readonly int[] Sides = [0, 2, 1, 0, 3, 2, 4, 5, 6, 4, 6, 7, 0, 1, 5, 0, 5, 4, 1, 2, 6, 1, 6, 5, 2, 3, 7, 2, 7, 6, 3, 0, 4, 3, 4, 7];

    /// <summary>A cube of 4 with everything that scanners do: corners a hair apart, a side said twice, one without area, a fin on an edge, a speck beside
    /// it.</summary>
    [Fact]
    public void A_cube_is_left_of_what_surrounds_it()
    {
        Point3[] points = [.. Corners, new(4.00001, 4, 4), new(2, 0, -1), new(9, 9, 9), new(9.1, 9, 9), new(9, 9.1, 9)];
        int[] triangles = [.. Sides[..18], 1, 2, 8, .. Sides[21..], 2, 6, 1, 3, 3, 5, 10, 11, 12];
        var clean = ScanCleaning.Of(new(points, triangles), "file").Value;
        (clean.Islands, clean.Doubles, clean.Holes.Count, clean.Closed, clean.Mesh.Count).ShouldBe((1, 2, 0, 0, 12));
        clean.Mesh.Box.Greatest.ShouldBe(new Point3(4, 4, 4));
    }

    /// <summary>Cut at any height, also through its corners, a cube gives its square once; nothing above and below it.</summary>
    [Theory]
    [InlineData(0.5, 1)]
    [InlineData(4, 1)]
    [InlineData(1e-9, 1)]
    [InlineData(4.5, 0)]
    [InlineData(0, 0)]
    public void A_level_cut_is_one_closed_loop(double height, int loops)
    {
        var cut = ScanSection.At(new(new(Corners, Sides), 12, 0, 0, 0, [], 0), height);
        cut.Count.ShouldBe(loops);
        if (loops > 0)
        {
            Area([.. cut[0].Select(c => c.At)]).ShouldBe(16, 1e-6);
            cut[0].ShouldAllBe(c => c.Scanned);
        }
    }

    /// <summary>A hole smaller than 2 mm is closed as if it had been scanned; a larger one is told, and the cut knows where it runs along its cap.</summary>
    [Fact]
    public void A_cut_knows_where_it_was_never_scanned()
    {
        var open = new ScanMesh(Corners, [.. Sides[..24], .. Sides[27..]]);
        var clean = ScanCleaning.Of(open, "file").Value;
        clean.Holes.Count.ShouldBe(1);
        var loop = ScanSection.At(clean, 2).Single();
        loop.ShouldContain(c => !c.Scanned && c.At.Y > 3.9);
        loop.ShouldContain(c => c.Scanned && c.At.Y < 0.1);
        var small = ScanCleaning.Of(open.Moved(p => new(p.X / 4, p.Y / 4, p.Z / 4)), "file").Value;
        (small.Holes.Count, small.Closed).ShouldBe((0, 1));
        ScanSection.At(small, 0.5).Single().ShouldAllBe(c => c.Scanned);
    }

    /// <summary>Turned by a quarter and laid over, a scan that is longer than wide changes its sides; mirrored it is not.</summary>
    [Fact]
    public void It_is_turned_and_laid_over_by_hand()
    {
        var clean = ScanCleaning.Of(new ScanMesh(Corners, Sides).Moved(p =>
            new(p.X * 3, p.Y * 2, p.Z + (p.X > 1 && p.Y > 1 && p.Z > 1 ? 1 : 0))), "file").Value;
        ScanMesh Laid(double turn, bool over) => ScanPose.Laid(clean, ScanUp.AsWritten, turn, over).Mesh;
        Laid(0, false).Box.Greatest.ShouldBe(new Point3(12, 8, 5));
        Laid(90, false).Box.Greatest.ShouldBe(new Point3(8, 12, 5), new Close());
        Laid(0, true).Points.Count(p => p.Z < 0.5).ShouldBe(1);
        double Volume(ScanMesh mesh) => Enumerable.Range(0, mesh.Count).Sum(t => ScanCleaning.Normal(mesh, t) is var n && mesh.Of(t).A is var a
            ? ((n.X * a.X) + (n.Y * a.Y) + (n.Z * a.Z)) / 6 : 0);
        foreach (var (turn, over) in new[] { (30.0, false), (-120, true), (0, true) })
        {
            Volume(Laid(turn, over)).ShouldBe(Volume(clean.Mesh), 1e-6);
        }
    }

    private sealed class Close : IEqualityComparer<Point3>
    {
        public bool Equals(Point3 x, Point3 y) => Math.Abs(x.X - y.X) + Math.Abs(x.Y - y.Y) + Math.Abs(x.Z - y.Z) < 1e-9;

        public int GetHashCode(Point3 obj) => 0;
    }
}
