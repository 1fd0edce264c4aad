namespace Emboq.Core.Tests.Solids;

/// <summary>Closed surfaces: what they enclose, where they are cut, how they grow. Closed forms; mm.</summary>
public sealed class ClosedMeshTests
{
    /// <summary>A bar of 40 with a square section of 10, on its edge: corners at 0, 90, 180 and 270 degrees.</summary>
    private static readonly ClosedMesh Bar = Measuring.Places.Tube(40, 2, 4, (x, sin, cos) => new(cos * 10 / Math.Sqrt(2), x, -sin * 10 / Math.Sqrt(2)));

    private static readonly ClosedMesh Ball = Measuring.Places.Tube(1, 61, 120, (t, sin, cos) => Math.SinCos((t * 0.98 + 0.01) * Math.PI) is var at
        ? new(-10 * at.Cos, 10 * at.Sin * cos, 10 * at.Sin * sin) : default);

    [Fact]
    public void It_encloses_what_its_shape_does()
    {
        Bar.Volume.ShouldBe(4000, 1e-9);
        Ball.Volume.ShouldBe(4 * Math.PI * 1000 / 3, 12);
        Bar.Moved(p => p * 2).Volume.ShouldBe(32000, 1e-9);
        // Two of an end, and the eight of its sides; in its middle those alone.
        (Bar.Between(-1, 1), Bar.Between(19, 21)).ShouldBe((10, 8));
    }

    [Fact]
    public void What_encloses_nothing_is_no_surface()
    {
        var (points, triangles) = (Bar.Points, Bar.Triangles);
        ClosedMesh.Of(points, triangles).ShouldNotBeNull();
        ClosedMesh.Of(points, triangles[..^3]).ShouldBeNull("open");
        ClosedMesh.Of(points, triangles[..^1]).ShouldBeNull();
        ClosedMesh.Of(points, [.. triangles, .. triangles[..3]]).ShouldBeNull("said twice");
        ClosedMesh.Of(points, triangles.Reverse()).ShouldBeNull("inside out");
        ClosedMesh.Of(points, triangles.Select(i => i + 1)).ShouldBeNull("no such corner");
        ClosedMesh.Of(points.SetItem(0, new(double.NaN, 0, 0)), triangles).ShouldBeNull();
        ClosedMesh.Of([], []).ShouldBeNull();
    }

    /// <summary>A plane at 30 degrees to a bar meets it 1 / cos 30° longer.</summary>
    [Fact]
    public void A_plane_cuts_it_where_it_stands()
    {
        var cut = Bar.Across(new(0, 20), 30, 0)!;
        (cut.Across, cut.Along, cut.Area).ShouldBe((10 * Math.Sqrt(2) / Math.Cos(Math.PI / 6), 10 * Math.Sqrt(2), 100 / Math.Cos(Math.PI / 6)), new Near());
        Bar.Across(new(0, 20), 0, 15)!.Area.ShouldBe(100, 1e-9);
        Bar.Across(new(0, 20), 0, 21).ShouldBeNull();
        // Around two pieces that lie beside each other, a bar and a ball; without a hollow in one.
        var both = ClosedMesh.Of([.. Bar.Points, .. Ball.Points.Select(p => p + new Point3(40, 20, 0))],
            [.. Bar.Triangles, .. Ball.Triangles.Select(i => i + Bar.Points.Length)])!;
        both.Across(new(0, 20), 0, 0)!.Across.ShouldBe(40 + 10 + (10 / Math.Sqrt(2)), 0.01);
        var hollow = ClosedMesh.Of([.. Bar.Points, .. Bar.Points.Select(p => new Point3(p.X / 2, (p.Y / 2) + 10, p.Z / 2))],
            [.. Bar.Triangles, .. Bar.Triangles.Reverse().Select(i => i + Bar.Points.Length)])!;
        hollow.Across(new(0, 20), 0, 0)!.Area.ShouldBe(100, 1e-9);
        (hollow.Centre - new Point3(0, 20, 0)).Length().ShouldBe(0, 1e-9);
        (both.Centre.X / 40).ShouldBe(Ball.Volume / (Ball.Volume + Bar.Volume), 1e-6);
    }

    /// <summary>Sides move by as much as they are asked; the planes of a cube's corner by (√⅓ + 0.03) / (⅓ + 0.03) / √3 of it.</summary>
    [Theory]
    [InlineData(0.3)]
    [InlineData(-0.2)]
    public void It_grows_by_as_much_everywhere(double by)
    {
        foreach (var (was, p) in Ball.Points.Zip(Ball.Grown(by).Points).Where(p => Math.Abs(p.First.X) < 9))
        {
            p.Length().ShouldBe(was.Length() + by, Math.Abs(by) * 0.01);
        }

        var section = Bar.Grown(by).Across(new(0, 20), 0, 0)!;
        var corner = (Math.Sqrt(1.0 / 3) + 0.03) / ((1.0 / 3) + 0.03) / Math.Sqrt(3);
        section.Across.ShouldBe((10 + (2 * by * corner)) * Math.Sqrt(2), 1e-9);
        Bar.Grown(by).Volume.ShouldBe(Math.Pow(10 + (2 * by * corner), 2) * (40 + (2 * by * corner)), 1e-6);
        Bar.Grown(0).Points.ShouldBe(Bar.Points);
    }

    [Fact]
    public void In_bytes_it_is_the_same_in_single_precision()
    {
        var bytes = MeshBytes.Of(Ball);
        (bytes.Count, bytes.Corners.Length).ShouldBe((Ball.Count, 12 * Ball.Points.Length));
        var back = bytes.Read()!;
        back.Triangles.ShouldBe(Ball.Triangles);
        back.Points.Zip(Ball.Points, (a, b) => (a - b).Length()).Max().ShouldBeLessThan(1e-6);
        (bytes with { Corners = bytes.Corners[..^4] }).Read().ShouldBeNull();
        (bytes with { Triangles = bytes.Triangles[..^6] }).Read().ShouldBeNull();
        (bytes with { Triangles = [] }).Read().ShouldBeNull();
        (bytes with { Triangles = new byte[(MeshBytes.Most * 6) + 6] }).Read().ShouldBeNull();
    }

    private sealed class Near : IEqualityComparer<(double, double, double)>
    {
        public bool Equals((double, double, double) a, (double, double, double) b) => Math.Abs(a.Item1 - b.Item1) < 1e-6 && Math.Abs(a.Item2 - b.Item2) < 1e-6
            && Math.Abs(a.Item3 - b.Item3) < 1e-6;

        public int GetHashCode((double, double, double) of) => 0;
    }
}
