using Emboq.Core.Tests;
using Emboq.Core.Tests.Measuring;

namespace Emboq.Kernel.Tests;

/// <summary>A shell clamp in the triangles: both halves go around the scanned handle with the room of the ledger, and come off
/// straight.</summary>
public sealed class ShellSolidTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    /// <summary>A bar that turns aside by 30 within 2 mm, 20 long: as much as one that goes straight, for a round that is shifted covers as much.</summary>
    [Fact]
    public async Task An_elbow_encloses_what_its_sections_do()
    {
        Profile Round(double x) => new(Outlines.Round(4, 180).Points.Select(p => p with { X = p.X + x }));
        var mesh = (await fixture.Pool.Evaluate([SectionBody.Of((0, Round(0)), (10, Round(0)), (12, Round(30)), (20, Round(30))).Solid], 0.02,
            TestContext.Current.CancellationToken))[0];
        mesh.Volume.ShouldBe(20 * Math.PI * 16, 2);
    }

    private static readonly CancellationToken Stop = TestContext.Current.CancellationToken;

    private static Design Design(params IReadOnlyList<(string Key, string Value)> decided) => Design(Places.Of("grip"), decided);

    private static Design Design(Interface grip, params IReadOnlyList<(string Key, string Value)> decided) => FamilyList.Find("shell-clamp")!.Design(new(
        ParameterValues.Read(FamilyList.Find("shell-clamp")!.Parameters, decided.Append(("front", "40")).DistinctBy(d => d.Item1).ToDictionary(d => d.Item1,
            d => d.Item2)).Value,
        new Dictionary<string, Interface>
        {
            ["grip"] = grip,
            ["table"] = Places.Of(KindList.Of("hole-grid"), "pitchX 25, pitchY 25, diameter 6.6, thickness 18"),
        }, Workshop.OfTough(Workshop.Exact), []));

    [Theory]
    [InlineData("end")]
    [InlineData("flat")]
    public async Task Both_halves_lie_around_the_handle_with_the_room_of_the_ledger(string way)
    {
        // As long as lets them be turned square to the centre line.
        var design = Design(("wayUp", way), ("along", "55"));
        var grip = design.Machine.Single(b => b.Key == "machine-grip").Solid;
        var room = (design.Ledger["grip.breadth.drawn"].Value - design.Ledger["grip.breadth.measured"].Value) / 2;
        foreach (var piece in design.Pieces)
        {
            var meeting = await fixture.Pool.Between(piece.Pose.Of(piece.Solid), grip, 3, 0.02, Stop);
            (piece.Key, meeting.Overlap).ShouldBe((piece.Key, 0));
            // Square to a slanting side there is a little less of it than along the section.
            (piece.Key, meeting.Gap!.Value).Item2.ShouldBeInRange(room * 0.85, room * 1.02, piece.Key);
        }
    }

    /// <summary>A handle with rings around it, half a millimetre high, which the smooth body evens out: cut by its surface as scanned, every half keeps the
    /// whole room of the ledger around it.</summary>
    [Fact]
    public async Task Around_the_surface_as_scanned_there_is_all_of_the_room_everywhere()
    {
        static double Rings(double x) => 0.5 * Math.Pow(Math.Sin(Math.PI * x / 9), 8);
        var scan = Traced.Of("ringed.stl", 0.05, 160, [.. Enumerable.Range(0, 53).Select(i => 2 + (3.0 * i)).Select(x => new TracedSection(x,
            [.. Outlines.Round(1, 120).Points.Select(p => new Point2(25 * p.X, 14 + (14 * p.Y)))], true))],
            (Places.Tube(160, 161, 48, (x, sin, cos) => new(x, (25 + Rings(x)) * cos, 14 + ((14 + Rings(x)) * sin))), 0.03));
        var grip = Places.Of(KindList.Of("grip"), "breadth 50, height 28, length 160") with { Outline = scan };
        async Task<double> Least(string body)
        {
            var design = Design(grip, ("body", body), ("clearance", "0.5"));
            var thing = new Solid.Meshed(scan.Surface!.Mesh.Read()!.Moved(p => new(25 - p.Y, p.X, p.Z + design.Ledger["raised"].Value)));
            var least = double.MaxValue;
            foreach (var piece in design.Pieces)
            {
                var meeting = await fixture.Pool.Between(piece.Pose.Of(piece.Solid), thing, 3, 0.02, Stop);
                least = Math.Min(least, meeting.Gap ?? 3);
            }

            return least;
        }

        (await Least("scanned")).ShouldBeInRange(0.25 * 0.97, 0.25 * 1.02);
        // The smooth body meets the rings.
        (await Least("smooth")).ShouldBe(0);
    }

    [Theory]
    [InlineData("smooth")]
    [InlineData("scanned")]
    public async Task What_is_drawn_is_found_in_the_triangles_and_both_motions_are_free(string body)
    {
        var design = Design(("screws", "2"), ("along", "32"), ("body", body));
        foreach (var gauge in design.Gauges)
        {
            var mesh = (await fixture.Pool.Evaluate([design.Pieces.Single(p => p.Key == gauge.Body).Solid], 0.02, Stop))[0];
            MeshGauge.Read(mesh, gauge).ShouldNotBeNull(gauge.What).ShouldBe(gauge.Size, 0.05, $"{gauge.Body}: {gauge.What}");
        }

        foreach (var motion in design.Motions)
        {
            var check = await MotionCheck.Of(design, motion, fixture.Pool, Stop);
            (motion.Key, check.Verdict).ShouldBe((motion.Key, Verdict.Good), check.Says + check.Figure);
        }
    }

    /// <summary>Where a handle lies in two prongs its clamp goes around both and straight on, and tells it.</summary>
    [Theory]
    [InlineData("smooth")]
    [InlineData("scanned")]
    public async Task Around_prongs_both_halves_go_straight_on(string body)
    {
        var fork = Places.Of(KindList.Of("grip"), "breadth 62, height 18, length 111") with { Outline = Places.Forked };
        var design = Design(fork, ("stations", "one"), ("front", "70"), ("body", body));
        design.Checks.Single(c => c.Key == "branches").Verdict.ShouldBe(Verdict.Watch);
        design.Checks.ShouldNotContain(c => c.Key == "folds" && c.Verdict == Verdict.Good);
        design.Motions.ShouldNotBeEmpty();
        foreach (var motion in design.Motions)
        {
            var check = await MotionCheck.Of(design, motion, fixture.Pool, Stop);
            (motion.Key, check.Verdict).ShouldBe((motion.Key, Verdict.Good), check.Says + check.Figure);
        }

        // The surface itself lies free in both halves.
        var thing = new Solid.Meshed(Places.Fork.Moved(p => new(31 - p.Y, p.X, p.Z + design.Ledger["raised"].Value)));
        foreach (var piece in design.Pieces)
        {
            (await fixture.Pool.Between(piece.Pose.Of(piece.Solid), thing, 1, 0.02, Stop)).Overlap.ShouldBeLessThan(0.5);
        }
    }

    /// <summary>Feet as high as their check lets them be keep the gap between the halves, and their screws enter from outside.</summary>
    [Fact]
    public async Task The_highest_feet_hold_no_upper_half_off()
    {
        var low = Design(("under", "6"), ("thread", "8"), ("foot", "40")).Checks.Where(c => c.Key.EndsWith(".feet", StringComparison.Ordinal)).ToList();
        var foot = low.Min(c => double.Parse(c.Remedies.OfType<Remedy.Change>().Single().Entries["foot"], System.Globalization.CultureInfo.InvariantCulture));
        var design = Design(("under", "6"), ("thread", "8"), ("foot", Figures.Number(foot)));
        var (lower, upper) = (design.Pieces.Single(p => p.Key == "part"), design.Pieces.Single(p => p.Key == "cap"));
        var meeting = await fixture.Pool.Between(lower.Pose.Of(lower.Solid), upper.Pose.Of(upper.Solid), 3, 0.02, Stop);
        meeting.Gap.ShouldNotBeNull().ShouldBe(design.Ledger["pinch"].Value, 0.01);
    }

    /// <summary>Of a straight ellipse 50 wide and 28 high, gauged 1.2 mm from its middle, the hollow is as wide in the triangles as the handle is there, and
    /// what the ledger adds.</summary>
    [Fact]
    public async Task The_hollow_is_wider_than_the_handle_by_what_the_ledger_adds()
    {
        Point2[] ellipse = [.. Outlines.Round(1, 180).Points.Select(p => new Point2(25 * p.X, 14 + (14 * p.Y)))];
        var straight = Places.Of(KindList.Of("grip"), "breadth 50, height 28") with
        {
            Outline = Traced.Of("straight.stl", 0.05, 160, [.. Enumerable.Range(0, 53).Select(i => new TracedSection(2 + (3.0 * i), ellipse, true))]),
        };
        foreach (var fit in new[] { "snug", "free" })
        {
            var design = Design(straight, ("fit", fit));
            var adds = design.Ledger["grip.breadth.drawn"].Value - design.Ledger["grip.breadth.measured"].Value;
            var hollows = design.Gauges.Where(g => g.What.StartsWith("hollow", StringComparison.Ordinal)).ToList();
            hollows.Count.ShouldBe(4);
            foreach (var gauge in hollows)
            {
                var mesh = (await fixture.Pool.Evaluate([design.Pieces.Single(p => p.Key == gauge.Body).Solid], 0.02, Stop))[0];
                MeshGauge.Read(mesh, gauge).ShouldNotBeNull(gauge.Body).ShouldBe((50 * Math.Sqrt(1 - Math.Pow(1.2 / 14, 2))) + adds, 0.03,
                    $"{fit}, {gauge.Body}");
            }
        }
    }
}
