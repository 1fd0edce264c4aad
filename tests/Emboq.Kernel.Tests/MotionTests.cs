using Emboq.Core.Tests;
using Emboq.Core.Tests.Measuring;

namespace Emboq.Kernel.Tests;

/// <summary>Interference and gaps of solids of which plane geometry gives both.</summary>
public sealed class MotionTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private Task<Meeting> Between(Solid a, Solid b) => fixture.Pool.Between(a, b, 30, Facets.DefaultChordError, Stop);

    private static Design Of(Motion[] motions, params (string Key, Solid Solid)[] bodies) => new()
    {
        Ledger = new(),
        Checks = [],
        Cautions = [],
        Machine = [.. bodies.Select(b => new Body(b.Key, b.Key, () => b.Solid))],
        Motions = motions,
    };

    [Fact]
    public async Task Two_boxes_lie_apart_touch_and_overlap()
    {
        var box = new Solid.Box(10, 10, 10);
        (await Between(box, box.At(13, 0, 0))).ShouldBe(new(0, 0, 3), "apart");
        (await Between(box, box.At(50, 0, 0))).ShouldBe(new(0, 0, null), "out of reach");
        var touching = await Between(box, box.At(10, 0, 0));
        (touching.Overlap, touching.Gap).ShouldBe((0, 0));
        var over = await Between(box, box.At(8, 1, 0));
        over.Overlap.ShouldBe(2 * 9 * 10, 1e-3);
        over.Depth.ShouldBe(2, 1e-5);
        over.Gap.ShouldBe(0);
    }

    /// <summary>However far apart, and whatever reach is looked within: the gap, or none where it is beyond.</summary>
    [Theory]
    [InlineData(0.04, 0.05)]
    [InlineData(0.24, 30)]
    [InlineData(0.26, 30)]
    [InlineData(0.26, 0.25)]
    [InlineData(3, 3.1)]
    [InlineData(15.9, 16)]
    [InlineData(29, 30)]
    [InlineData(31, 30)]
    public async Task A_gap_is_found_within_its_reach_and_not_beyond(double apart, double reach)
    {
        Solid box = new Solid.Box(10, 10, 10);
        var gap = (await fixture.Pool.Between(box, box.At(10 + apart, 0, 0), reach, 0.01, Stop)).Gap;
        (gap is null).ShouldBe(apart > reach);
        (gap ?? apart).ShouldBe(apart, 1e-4);
    }

    /// <summary>By hand: a box of 10 mm that dips 0.01 mm into another along a face at 30 degrees is no deeper than three times that, though its sliver
    /// reaches over 5 mm each way; 2 mm of it are 2 mm.</summary>
    [Fact]
    public async Task A_sliver_along_a_slanting_face_is_as_thin_as_it_is()
    {
        Solid box = new Solid.Box(10, 10, 10);
        async Task<double> Deep(double mm) => (await Between(box.Rolled(30), box.At(0, 0, 10 - mm).Rolled(30))).Depth;
        (await Deep(0.01)).ShouldBeInRange(0.0099, 0.0301);
        (await Deep(2)).ShouldBeInRange(2, 6);
    }

    [Fact]
    public async Task Rounds_are_apart_by_their_axes_less_their_radii()
    {
        var gap = (await Between(new Solid.Cylinder(5, 20), new Solid.Cylinder(8, 20).At(20, 0, 0))).Gap!.Value;
        gap.ShouldBeInRange(7 - 1e-6, 7 + (2 * Facets.DefaultChordError));
    }

    /// <summary>A leaf 40 long and 2 thick swings about the origin: its far corner runs on a circle of √(40² + 1²), past a post of radius 5 whose axis is 50
    /// away.</summary>
    [Fact]
    public async Task The_tightest_place_of_a_swing_is_found_between_the_samples()
    {
        var leaf = new Solid.Box(40, 2, 10).At(0, -1, 0);
        var post = new Solid.Cylinder(5, 10).At(0, 50, 0);
        var swing = new Motion("swing", "the leaf", ["leaf"], [MotionStep.Around(Axis.Z, new(0, 0, 0), 170)], [new(0, "shut"), new(1, "open")]);
        var report = (await MotionReport.Of(Of([swing], ("leaf", leaf), ("post", post)), swing, fixture.Pool, Stop))!;
        report.Meeting.Gap!.Value.ShouldBe(45 - Math.Sqrt(1601), 2.5 * Facets.DefaultChordError);
        // Either corner may be nearest: the leaf points at the post, give or take the angle of its thickness.
        (report.At * 170).ShouldBe(90, 2);
        MotionCheck.Of(swing, report).ShouldSatisfyAllConditions(c => c.Verdict.ShouldBe(Verdict.Good), c =>
            c.Says.ShouldContain("between the leaf and the post"));
    }

    [Fact]
    public async Task What_runs_into_something_says_how_deep_and_where_and_a_wanted_interference_is_none()
    {
        var slide = new Motion("slide", "the drawer", ["drawer"], [MotionStep.Along(0, 0, 30)], [new(0, "out"), new(1, "in")]);
        // Without a stop the drawer ends 1.5 mm inside the back.
        var design = Of([slide], ("drawer", new Solid.Box(20, 20, 20)), ("back", new Solid.Box(20, 20, 5).At(0, 0, 48.5)));
        var check = MotionCheck.Of(slide, await MotionReport.Of(design, slide, fixture.Pool, Stop));
        (check.Verdict, check.Figure, check.Says).ShouldBe((Verdict.Stop, "1.5 mm deep", "The drawer runs into the back, in."));
        var meant = design with { Contacts = [new("back", "drawer", 1.5)] };
        MotionCheck.Of(slide, await MotionReport.Of(meant, slide, fixture.Pool, Stop)).Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>A cam of 180 degrees lifts a follower by its law; the follower is carried, too, by a later slide of both.</summary>
    [Fact]
    public async Task A_motion_drives_another_and_is_carried_by_a_later_one()
    {
        var cam = new Motion("cam", "the cam", ["cam"], [MotionStep.Around(Axis.Z, new(0, 0, 0), 180)], []);
        var lift = new Motion("lift", "the follower", ["follower"], [MotionStep.Along(0, 4, 0)],
            [])
        { DrivenBy = new("cam", [new(0, 0), new(0.5, 1), new(1, 1)]) };
        var carriage = new Motion("carriage", "the carriage", ["cam", "follower"], [MotionStep.Along(100, 0, 0)], []);
        var design = Of([cam, lift, carriage], ("cam", new Solid.Cylinder(10, 5)), ("follower", new Solid.Box(4, 4, 5).At(-2, 10, 0)));
        async Task<(double X, double Y)> Follower(double turn, double travel)
        {
            var standing = Assembled.Of(design, new Dictionary<string, double> { ["cam"] = turn, ["carriage"] = travel }).Single(s => s.Key == "follower");
            var (least, _) = (await fixture.Pool.Evaluate([standing.Solid], Facets.DefaultChordError, Stop))[0].Bounds;
            return (Math.Round(least.X, 4), Math.Round(least.Y, 4));
        }

        (await Follower(0, 0)).ShouldBe((-2, 10));
        (await Follower(0.25, 0)).ShouldBe((-2, 12));
        (await Follower(0.75, 0.5)).ShouldBe((48, 14));
    }

    /// <summary>A cam and what it lifts move both, and still against each other; and a verdict is never good where nothing was looked at.</summary>
    [Fact]
    public async Task Bodies_that_both_move_are_looked_at_and_nothing_is_green_unjudged()
    {
        var cam = new Motion("cam", "the cam", ["cam"], [MotionStep.Around(Axis.Z, new(0, 0, 0), 180)], []);
        var lift = new Motion("lift", "the follower", ["follower"], [MotionStep.Along(0, -3, 0)], []) { DrivenBy = new("cam", [new(0, 0), new(1, 1)]) };
        var design = Of([cam, lift], ("cam", new Solid.Cylinder(10, 5)), ("follower", new Solid.Box(4, 4, 5).At(-2, 11, 0)));
        var check = await MotionCheck.Of(design, cam, fixture.Pool, Stop);
        (check.Verdict, check.Says).ShouldBe((Verdict.Stop, "The cam runs into the follower, at 100 % of its way."));
        (await MotionCheck.Of(design with { Machine = [design.Machine[0]] }, cam, fixture.Pool, Stop)).Verdict.ShouldBe(Verdict.Watch);
        var broken = design with { Machine = [.. design.Machine, new Body("odd", "odd one", () => new Solid.Box(1, 1, 0))] };
        (await MotionCheck.Of(broken, cam, fixture.Pool, Stop)).ShouldSatisfyAllConditions(c => c.Verdict.ShouldBe(Verdict.Watch), c =>
            c.Says.ShouldContain("odd one cannot be built"));
    }

    /// <summary>Soft jaws close face on face: they touch there and run into nothing on the way; the plates are as thick as the ledger says.</summary>
    [Theory]
    [InlineData("shape=flat")]
    [InlineData("shape=vee; smallest=10; largest=25; runs=along")]
    [InlineData("shape=round; largest=30; over=0")]
    [InlineData("shape=pocket; outline=0,0 40,0 40,20 10,20; pocketDepth=5; thickness=16; over=12; fixing=screws")]
    public async Task Soft_jaws_meet_face_to_face(string decisions)
    {
        var family = FamilyList.Find("soft-jaws")!;
        var entries = decisions.Split("; ").Select(d => d.Split('=')).ToDictionary(d => d[0], d => d[1]);
        var design = family.Design(new(ParameterValues.Read(family.Parameters, entries).Value,
            new Dictionary<string, Interface> { ["jaw"] = Places.Of("block") }, Workshop.Process, []));
        var report = (await MotionReport.Of(design, design.Motions.Single(), fixture.Pool, Stop))!;
        (report.At, report.Meeting.Overlap > 0 && report.Meeting.Depth > MotionCheck.Touching).ShouldBe((1, false));
        report.Meeting.Gap!.Value.ShouldBe(0, MotionCheck.Touching);
    }

    /// <summary>A flip hinge comes to rest on its heel, and touches nothing on its way there.</summary>
    [Theory]
    [InlineData("")]
    [InlineData("past=0; knuckles=3")]
    [InlineData("past=40; stock=60; wayUp=side")]
    public async Task A_rail_swings_up_freely_and_comes_to_rest_on_its_heel(string decisions)
    {
        var family = FamilyList.Find("flip-hinge")!;
        var entries = decisions.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(d => d.Split('=')).ToDictionary(d => d[0], d => d[1]);
        var design = family.Design(new(ParameterValues.Read(family.Parameters, entries).Value,
            new Dictionary<string, Interface> { ["rail"] = Places.Of("board"), ["pin"] = Places.Of("pin") }, Workshop.Process, []));
        var motion = design.Motions.Single();
        (await MotionCheck.Of(design, motion, fixture.Pool, Stop)).Verdict.ShouldBe(Verdict.Good);
        Body Named(string key) => design.Pieces.SelectMany(p => p.Bodies).Single(b => b.Key == key);
        async Task<double?> Gap(double at) => (await fixture.Pool.Between(Named("part").Solid, motion.Of(Named("second").Solid, at), 5,
            Facets.DefaultChordError, Stop)).Gap;
        (await Gap(1))!.Value.ShouldBe(0, MotionCheck.Touching);
        // Between knuckles 0.4 mm stay free, and nothing else comes nearer.
        (await Gap(0.5))!.Value.ShouldBe(0.4, 1e-3);
    }
}
