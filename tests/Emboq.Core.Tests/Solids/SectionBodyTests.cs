using Emboq.Core.Tests.Measuring;

namespace Emboq.Core.Tests.Solids;

/// <summary>Bodies through sections, against cones and bent bars in closed form.</summary>
public sealed class SectionBodyTests
{
    private static Profile Round(double radius, double x, double z) => new(Outlines.Round(radius, 720).Points.Select(p => new Point2(p.X + x, p.Y + z)));

    private static SectionBody Bent(double slope, double radius = 10) => SectionBody.Of([.. Enumerable.Range(0, 21).Select(i => 5.0 * i)
        .Select(y => (y, Round(radius, slope * y, 20)))]);

    [Fact]
    public void A_cut_square_to_a_slanting_bar_is_narrower_than_its_sections()
    {
        // Sections of radius 10 along a line at 30 degrees: square to the line they are ellipses, 20 cos 30 wide and 20 high.
        var slope = Math.Tan(Math.PI / 6);
        var body = Bent(slope);
        var (middle, rise) = body.CentreLine(50, 20);
        (middle.X, rise.X, rise.Y).ShouldBe((50 * slope, slope, 0), new Near());
        var cut = body.Across(new(middle.X, 50), -30, 0)!;
        (cut.Across, cut.Along, cut.Middle.X).ShouldBe((20 * Math.Cos(Math.PI / 6), 20, 0), new Near());
        body.Across(new(middle.X, 50), -30, 200).ShouldBeNull();
        // A place further along that line is cut there.
        body.Across(new(middle.X, 50), -30, 15)!.Middle.X.ShouldBe(0, 0.02);
    }

    [Fact]
    public void A_cone_is_as_steep_as_its_half_angle_and_a_bent_bar_is_not()
    {
        SectionBody.Of((0, Round(10, 0, 0)), (20, Round(10, 0, 0)), (40, Round(20, 0, 0))).Steepest(25, 35).ShouldBe(Math.Atan(0.5) * 180 / Math.PI, 0.01);
        SectionBody.Of((0, Round(10, 0, 0)), (20, Round(10, 0, 0)), (40, Round(20, 0, 0))).Steepest(2, 18).ShouldBe(0, 0.01);
        Bent(0.3).Steepest(10, 90).ShouldBe(0, 0.01);
    }

    /// <summary>The surface of the thing goes wherever the body goes; what stands out of it and lies within is told in its sections.</summary>
    [Fact]
    public void Its_surface_goes_with_it()
    {
        // A bent bar of radius 10, with a ridge half a millimetre high from 30 to 50, and a furrow of 0.2 from 70 to 80.
        double Radius(double y) => y is > 30 and < 50 ? 10.5 : y is > 70 and < 80 ? 9.8 : 10;
        var skin = Places.Tube(100, 101, 90, (y, sin, cos) => new((0.2 * y) + (Radius(y) * cos), y, 20 - (Radius(y) * sin)));
        var body = Bent(0.2).Skinned(skin);
        body.Beside(0, 25)!.Value.ShouldSatisfyAllConditions(b => b.Out.ShouldBe(0, 0.02), b => b.In.ShouldBe(0, 0.02));
        body.Beside(35, 45)!.Value.Out.ShouldBe(0.5, 0.02);
        body.Beside(60, 90)!.Value.In.ShouldBe(0.2, 0.02);
        // A straight bar has corners at its ends alone: it is seen where it is held all the same, 0.3 larger than the body there.
        var straight = Bent(0).Skinned(Places.Tube(100, 2, 90, (y, sin, cos) => new(10.3 * cos, y, 20 - (10.3 * sin))));
        straight.Beside(40, 60)!.Value.Out.ShouldBe(0.3, 0.02);
        straight.Beside(101, 120).ShouldBeNull();
        straight.Skin!.Between(40, 60).ShouldBe(180);
        Bent(0.2).Skin.ShouldBeNull();
        Should.Throw<InvalidOperationException>(() => Bent(0.2).Beside(0, 10));
        SectionBody[] moved = [body.Scaled(1.3), body.Rolled(40), body.Turned(), body.From(-7), body.At(3, 5), body.Scaled(1.1).Rolled(-20).Turned().From(4)];
        foreach (var to in moved)
        {
            var larger = to.Ends.To - to.Ends.From;
            var off = to.Beside(to.Ends.From, to.Ends.To)!.Value;
            (off.Out / larger, off.In / larger).ShouldBe((0.005, 0.002), new Near2());
        }
    }

    private sealed class Near2 : IEqualityComparer<(double, double)>
    {
        public bool Equals((double, double) a, (double, double) b) => Math.Abs(a.Item1 - b.Item1) < 2e-4 && Math.Abs(a.Item2 - b.Item2) < 2e-4;

        public int GetHashCode((double, double) of) => 0;
    }

    [Fact]
    public void It_is_turned_about_its_length_and_moved()
    {
        var turned = Bent(0).Rolled(90);
        turned.CentreLine(50, 20).Middle.X.ShouldBe(-20, 1e-6);
        turned.At(7, -3).Heights.Low.ShouldBe(-13, 0.01);
        (turned.Ends.From, turned.Ends.To).ShouldBe((0.0, 100.0));
    }

    /// <summary>A frustum of radii 10 and 20, 30 long: 30/4 · (100 + 400 + 1200) / (100 + 200 + 400) = 18.214 from its thin end.</summary>
    [Fact]
    public void Its_middle_is_that_of_a_frustum_and_turns_with_it()
    {
        var cone = SectionBody.Of((5, Round(10, 3, 8)), (35, Round(20, 3, 8)));
        var (there, back) = (cone.Centre, cone.Turned().Centre);
        ((there.X, there.Y, there.Z), (back.X, back.Y, back.Z)).ShouldBe(((3, 5 + 18.214, 8), (-3, 35 - 18.214, 8)), new BothNear());
        cone.Turned().Section(35)!.Across.ShouldBe(20, 0.01);
        cone.From(0).Ends.ShouldBe((0, 30));
    }

    /// <summary>A bar 20 square and 100 long acts 10 within its foot, less 10 tan 1.5° as it is tipped; a round one rolls, one on its edge tips over.</summary>
    [Fact]
    public void What_stands_is_told_from_what_rolls()
    {
        SectionBody Bar(Profile outline) => SectionBody.Of((0, outline), (100, outline));
        double Stands(SectionBody bar) => bar.Stands(bar.Centre);
        // Its corners lie midway between two rays, and are cut by as much.
        Stands(Bar(new(new(-10, 0), new Point2(10, 0), new(10, 20), new(-10, 20)))).ShouldBe(10 - (10 * Math.Tan(1.5 * Math.PI / 180)), 0.4);
        Stands(Bar(Round(10, 0, 10))).ShouldBe(0, 0.1);
        Stands(Bar(new(new(0, 0), new Point2(14, 14), new(0, 28), new(-14, 14)))).ShouldBeLessThan(0);
    }

    /// <summary>Where a thing turns aside within one step, no line along it lies within both outlines.</summary>
    [Fact]
    public void An_elbow_is_a_body_too() =>
        SectionBody.Of((0, Round(4, 0, 0)), (10, Round(4, 0, 0)), (12, Round(4, 30, 0)), (20, Round(4, 30, 0))).Solid.ShouldNotBeNull();

    [Fact]
    public void Sharp_edges_and_folds_are_told()
    {
        Bent(0).Smoothed.ShouldBeLessThan(0.01);
        var square = new Profile(new(-10, -10), new Point2(10, -10), new(10, 10), new(-10, 10));
        // Its corners lie midway between rays at 44 and 46 degrees.
        SectionBody.Of((0, square), (10, square)).Smoothed.ShouldBe(10 * (1 - Math.Tan(44 * Math.PI / 180)) / Math.Sqrt(2), 1e-6);
        var hook = new Profile(new(0, 0), new Point2(40, 0), new(40, 40), new(30, 40), new(30, 8), new(10, 8), new(10, 40), new(0, 40));
        SectionBody.Of((0, square), (10, hook)).FoldedAt.ShouldBe(10);
        Should.Throw<ArgumentException>(() => SectionBody.Of((0, square), (0, square)));
    }

    [Fact]
    public void What_came_in_a_file_is_looked_at()
    {
        var grip = Measuring.Places.Grip;
        grip.Wrong("outline").ShouldBeNull();
        (grip with { Sections = [grip.Sections![0]] }).Wrong("outline")!.Message.ShouldContain("one behind the other");
        (grip with { Sections = [.. grip.Sections.Reverse()] }).Wrong("outline").ShouldNotBeNull();
        (grip with { Sections = [grip.Sections[0], grip.Sections[1] with { Points = [new(0, 0), new(9, 9), new(9, 0), new(0, 9)] }] }).Wrong("outline")!.Message
            .ShouldContain("crosses or touches itself");
        (grip with
        {
            Sections = [grip.Sections[0], grip.Sections[1] with { Points = [new(0, 0), new(double.NaN, 9), new(9,
            0)] }]
        }).Wrong("outline").ShouldNotBeNull();
    }

    private sealed class BothNear : IEqualityComparer<((double, double, double), (double, double, double))>
    {
        private static readonly Near Each = new();

        public bool Equals(((double, double, double), (double, double, double)) x, ((double, double, double), (double, double, double)) y) =>
            Each.Equals(x.Item1, y.Item1) && Each.Equals(x.Item2, y.Item2);

        public int GetHashCode(((double, double, double), (double, double, double)) obj) => 0;
    }

    private sealed class Near : IEqualityComparer<(double, double, double)>
    {
        public bool Equals((double, double, double) x, (double, double, double) y) => Math.Abs(x.Item1 - y.Item1) < 0.02 && Math.Abs(x.Item2 - y.Item2) < 0.02
            && Math.Abs(x.Item3 - y.Item3) < 0.02;

        public int GetHashCode((double, double, double) obj) => 0;
    }
}
