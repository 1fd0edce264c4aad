namespace Emboq.Core.Tests.Measuring;

/// <summary>Outlines from the lines of drawings: joined, simplified within what is stated, settled by a reading. Expected: plane geometry.</summary>
public sealed class TracingTests
{
    private static DrawnPath Line(params double[] xy) => new([.. xy.Chunk(2).Select(p => new Point2(p[0], p[1]))], false);

    private static Outcome<(Traced Outline, string Says, Point2 Origin)> Traced(double deviation, params DrawnPath[] paths) =>
        Tracing.Of("a.svg", new(paths, "millimetres"), deviation, "file");

    [Fact]
    public void Lines_are_joined_end_to_end_whichever_way_they_run()
    {
        var (outline, says, origin) = Traced(0, Line(10, 10, 50, 10), Line(10, 30, 10, 10), Line(50, 30.02, 50, 10), Line(50, 30, 10, 30)).Value;
        (outline.Across, outline.Points.Count).ShouldBe((40, 4), says);
        outline.Along.ShouldBe(20, 0.021);
        new Profile(outline.Points).Area.ShouldBe(800, 1);
        outline.Points.ShouldContain(new Point2(0, 0));
        origin.ShouldBe(new Point2(10, 10));
    }

    [Fact]
    public void An_open_end_is_refused_with_its_place()
    {
        var problem = Traced(0, Line(0, 0, 50, 0), Line(50, 0, 50, 30), Line(50, 30, 0.8, 30), Line(0, 30, 0, 0)).Problems.Single();
        problem.Message.ShouldContain("0.8 mm away");
        problem.Value.ShouldBeOneOf("0, 30", "0.8, 30");
    }

    [Fact]
    public void A_crossing_is_refused_with_its_place() =>
        Traced(0, new DrawnPath([new(0, 0), new(40, 30), new(40, 0), new(0, 30)], true)).Problems.Single().Message.ShouldContain("near 20, 15");

    [Fact]
    public void The_largest_outline_counts_and_what_was_left_away_is_told()
    {
        DrawnPath Square(double at, double side) => new([new(at, at), new(at + side, at), new(at + side, at + side), new(at, at + side)], true);
        var (outline, says, _) = Traced(0, Square(10, 5), Square(0, 50), Square(60, 8)).Value;
        outline.Across.ShouldBe(50, 1e-9);
        says.ShouldContain("One smaller outline within it was left away.");
        says.ShouldContain("One smaller outline beside it was left away.");
    }

    /// <summary>A round of 40 mm within 0.1 mm: chords no further from it than that, so r (1 − cos π/n) up to 0.1 and no fewer corners than 23; and never more
    /// than 400.</summary>
    [Fact]
    public void What_is_left_lies_within_the_deviation()
    {
        var round = new DrawnPath([.. Enumerable.Range(0, 2000).Select(i => i * Math.PI / 1000).Select(a => new Point2(20 * Math.Cos(a), 20 * Math.Sin(a)))],
            true);
        var outline = Traced(0.1, round).Value.Outline;
        outline.Points.Count.ShouldBeInRange(16, 60);
        outline.Points.ShouldAllBe(p => Math.Abs(double.Hypot(p.X - 20, p.Y - 20) - 20) < 0.11);
        var middles = outline.Points.Zip(outline.Points.Skip(1), (a, b) => double.Hypot(((a.X + b.X) / 2) - 20, ((a.Y + b.Y) / 2) - 20));
        middles.ShouldAllBe(r => 20 - r < 0.11);
        Traced(0, round).Problems.Single().Message.ShouldContain("400 corners");
    }

    [Fact]
    public void A_reading_across_it_settles_the_scale_and_another_tells_a_slant()
    {
        var place = Places.Of(KindList.Of("traced"), "overall 160, breadth 60, height 20");
        var sizes = new Sizes(place);
        var outline = place.Kind.Outline!(sizes)!;
        (outline.Across, outline.Along).ShouldBe((160, 60));
        place.Kind.Rules(sizes).Single().Verdict.ShouldBe(Verdict.Good);
        var slanted = new Sizes(Places.Of(KindList.Of("traced"), "overall 160, breadth 52, height 20"));
        slanted.Place.Kind.Rules(slanted).Single().Verdict.ShouldNotBe(Verdict.Good);
        // Corners 0.1 mm beside what was drawn, on both sides, widen the doubt: sqrt(2/3) of it, anywhere within.
        var exact = Evaluation.Of(place with { Outline = Places.Hook with { Deviation = 0 } }, "overall")!.Quantity.StandardUncertainty;
        Evaluation.Of(place, "overall")!.Quantity.StandardUncertainty.ShouldBe(double.Hypot(exact, 0.1 * Math.Sqrt(2.0 / 3)), 1e-6);
        place.Kind.Outline!(new Sizes(place with { Outline = null })).ShouldBeNull();
    }

    [Fact]
    public void A_part_waits_for_the_drawing_in_words()
    {
        var family = FamilyList.Find("pocket-tray")!;
        Design Of(Interface place) => family.Design(new(ParameterValues.Read(family.Parameters, new Dictionary<string, string>()).Value,
            new Dictionary<string, Interface> { ["item1"] = place }, Workshop.Exact, []));
        var place = Places.Of("traced");
        var waits = Of(place with { Outline = null });
        waits.Pieces.ShouldBeEmpty();
        waits.Checks.ShouldContain(c => c.Verdict == Verdict.Stop && c.Says.StartsWith("No outline yet of"));
        var tray = Of(place);
        tray.Pieces.ShouldNotBeEmpty();
        tray.Seats.Single().Drawn.Value.ShouldBe(82, 1e-9);
        // Gauged across the shaft of the hook, 2 mm wider than the hook is there.
        tray.Gauges.Single(g => g.What.EndsWith("pocket")).Size.ShouldBeGreaterThan(10);
    }

    [Fact]
    public void Mirrored_it_has_its_other_hand_and_twice_it_is_as_it_was()
    {
        var other = Places.Hook.Mirrored();
        other.Wrong("file").ShouldBeNull();
        new Profile(other.Points).Area.ShouldBe(new Profile(Places.Hook.Points).Area, 1e-9);
        other.Points.ShouldContain(new Point2(0, 30));
        other.Mirrored().Points.ShouldBe(Places.Hook.Points);
    }
}
