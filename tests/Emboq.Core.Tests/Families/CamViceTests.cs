using Emboq.Core.Mechanics;
using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>A vice for boards of 80 × 6 mm and 160 long, on pins of 5 mm, printed exactly.</summary>
public sealed class CamViceTests
{
    private static Design Design(string entries, string work = "length 160, width 80, thickness 6", Process? process = null) =>
        Mounts.Design("cam-vice", entries, process, null, ("work", "board", work), ("pin", "pin", "diameter 5"));

    private static string Taken(Check check, string key) => check.Remedies.OfType<Remedy.Change>().First(c => c.Entries.ContainsKey(key)).Entries[key];

    [Fact]
    public void As_it_comes_nothing_stops()
    {
        var design = Design("");
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        design.Pieces.Select(p => p.Key).ShouldBe(["part", "base", "pad", "cam", "lock"]);
        design.Proofs.ShouldAllBe(p => p.Says.Contains("does not prove", StringComparison.Ordinal));
        Of(Design("", process: Workshop.Exact), "foot.tears").Says.ShouldStartWith("Not judged");
    }

    /// <summary>The old rule of a twentieth of the diameter is μ = 0.1 (jig and fixture handbooks).</summary>
    [Fact]
    public void A_cam_stays_closed_where_its_throw_is_no_more_than_friction_times_its_radius()
    {
        Cam.HoldsUpTo(0.1, 20).ShouldBe(40 / 20.0, 1e-9);
        // Here 0.2 less twice 0.04, times 14 mm: 1.68.
        Of(Design("throw=1.6"), "holds").Verdict.ShouldBe(Verdict.Good);
        Of(Design("throw=2.7"), "holds").Verdict.ShouldBe(Verdict.Watch);
        var opens = Of(Design("throw=2.9"), "holds");
        opens.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"throw={Taken(opens, "throw")}"), "holds").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>Virtual work: without friction what a lever does over a small turn is what the face is pushed; both by differences of the very law.</summary>
    [Fact]
    public void What_a_lever_does_is_what_the_face_is_pushed()
    {
        const double Step = 1e-4;
        var radians = Step * Math.PI / 180;
        static Quantity Of(double value, Unit unit) => Quantity.Chosen("stated", value, unit);
        var (mm, lever) = (Unit.Millimetre, Of(55, Unit.Millimetre));
        var cam = new Cam(Of(1.5, mm), Of(14, mm), Of(2.5, mm));
        var steepest = Enumerable.Range(0, 181).Max(d => (cam.Rise(d + Step) - cam.Rise(d)) / radians);
        cam.Hand(Of(100, new(Newton: 1)), lever, Of(0, Unit.None)).Value.ShouldBe(100 * steepest / 55, 1e-3);
        // At 0.2, by hand: 100 · (1.5 + 0.2 · 16.5) / 55.
        Mounts.Of(Design(""), "hand").Verdict.ShouldBe(Verdict.Good);
        Design("").Ledger["hand"].Value.ShouldBe(100 * (1.5 + (0.2 * 16.5)) / 55, 1e-9);
        var oval = new OvalCam(4.85, 5.65);
        foreach (var degrees in new[] { 10.0, 45, 80 })
        {
            oval.Arm(degrees).ShouldBe((oval.Half(degrees + Step) - oval.Half(degrees)) / radians, 1e-5);
        }

        oval.Hand(100, 55, 0).ShouldBe(2 * 100 * oval.GreatestArm / 55, 1e-9);
        (oval.Half(0), oval.Half(90)).ShouldBe((4.85, 5.65));
    }

    /// <summary>A roller in a corner of 60 degrees touches floor and flank: its middle is as far from both, by the distance of a point from a line.</summary>
    [Theory]
    [InlineData(60, 4)]
    [InlineData(45, 3)]
    [InlineData(70, 6)]
    public void A_dovetail_is_measured_over_rollers(double angle, double roller)
    {
        var design = Design($"angle={angle}; roller={roller}");
        var (mouth, deep) = (20.0, 8.0);
        var (sin, cos) = Math.SinCos(angle * Math.PI / 180);
        // The channel's corner is wide / 2 from the middle; a roller within it stands as far from its flank, which leans over it, as from its floor.
        var wide = mouth + (2 * deep * cos / sin);
        var middle = (design.Ledger["betweenRollers"].Value / 2) + (roller / 2);
        (((wide / 2) - middle) * sin - (roller / 2 * cos)).ShouldBe(roller / 2, 1e-6);
        // The foot's corner is at its neck, 0.4 mm narrower, under the jaw.
        var outer = (design.Ledger["over"].Value / 2) - (roller / 2);
        ((outer - ((mouth - 0.4) / 2)) * sin - (roller / 2 * cos)).ShouldBe(roller / 2, 1e-6);
    }

    /// <summary>By hand: at 60 degrees 2 μ V (1.1547 + 0.5774) = 0.4157 V holds with μ = 0.12, so 100 N want 240.6 N; balance of what acts on one half: pushed
    /// out by V, its flank gives V / sin a, which pulls it up by V cot a.</summary>
    [Fact]
    public void The_foot_holds_by_friction_on_flanks_and_faces()
    {
        var tail = Dovetail.Of(new(new(), new LearnedFits(Workshop.Exact), "tail", "dovetail"), Quantity.Chosen("mouth", 20, Unit.Millimetre),
            Quantity.Chosen("deep", 8, Unit.Millimetre), Quantity.Chosen("angle", 60, Unit.DegreeOfArc), Quantity.Chosen("slides", 0.4, Unit.Millimetre));
        tail.Holds(100, 0.12).ShouldBe(2 * 0.12 * 100 * ((1 / Math.Sin(Math.PI / 3)) + (1 / Math.Tan(Math.PI / 3))), 1e-9);
        (tail.Channel(8) - tail.Channel(0)).ShouldBe(8 / Math.Sqrt(3), 1e-9);
        var reaches = Of(Design("spread=0.3"), "reaches");
        reaches.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"spread={Taken(reaches, "spread")}"), "reaches").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>By hand: halves of (19.6 − 11) / 2 mm bend over 13 + 4 mm by half of 0.4 mm: 3 t δ / 2 L².</summary>
    [Fact]
    public void Halves_of_the_foot_bear_being_spread_better_along_their_lines()
    {
        Of(Design(""), "spreads").Used!.Value.ShouldBe(1.5 * 4.3 * 0.2 / (17 * 17) / PrintedMaterial.Of(Tough)!.Strain(20 * 2000).Value, 1e-6);
        (Of(Design("wayUp=head"), "spreads").Used!.Value / Of(Design(""), "spreads").Used!.Value).ShouldBe(
            Tough.StrengthAlong!.Value / Tough.StrengthAcross!.Value, 1e-6);
        var stiff = Of(Design("slit=5; root=4"), "spreads");
        stiff.Verdict.ShouldBe(Verdict.Stop);
        var key = stiff.Remedies.OfType<Remedy.Change>().First().Entries.Single();
        Of(Design($"slit=5; root=4; {key.Key}={key.Value}"), "spreads").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>By hand: 400 MPa, 6 mm thick, 60 mm of it held and 80 wide: π² · 400 · 216 · 60 / (12 · 6400) / 3 = 222 N.</summary>
    [Fact]
    public void Thin_work_bends_up_and_says_what_it_bears()
    {
        Of(Design(""), "work.bends").Limit.ShouldBe("222 N or less");
        var thin = Of(Design("", "length 160, width 80, thickness 3"), "work.bends");
        thin.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"press={Taken(thin, "press")}", "length 160, width 80, thickness 3"), "work.bends").Verdict.ShouldBe(Verdict.Good);
        Of(Design("sort=unknown"), "work.bends").Says.ShouldStartWith("Not judged");
    }

    /// <summary>By hand: 1.5 · 1.5 mm of rise less 0.3 mm of play.</summary>
    [Fact]
    public void Works_that_differ_more_than_the_cam_pushes_want_more_throw_and_a_larger_cam()
    {
        Of(Design("differs=1.9"), "rise").Verdict.ShouldBe(Verdict.Good);
        var more = Of(Design("differs=2.5"), "rise");
        more.Verdict.ShouldBe(Verdict.Watch);
        var change = more.Remedies.OfType<Remedy.Change>().Single().Entries;
        var mended = Design($"differs=2.5; wide=80; high=40; long=80; {string.Join("; ", change.Select(e => $"{e.Key}={e.Value}"))}");
        (Of(mended, "rise").Verdict, Of(mended, "holds").Verdict).ShouldBe((Verdict.Good, Verdict.Good));
    }

    /// <summary>Guides 5.35 mm wide: 28 − 2.5 − 3 mm aside, just over the cam's pocket of 15.8 where low jaws bring them up to it.</summary>
    [Fact]
    public void Guides_keep_clear_of_the_cam_and_everything_that_fits_the_jaw_is_laid_as_it_is()
    {
        Of(Design("thick=24; cam=18; wide=52"), "guides.cam").Verdict.ShouldBe(Verdict.Stop);
        Design("").Pieces.ShouldAllBe(p => !p.MayDiffer);
    }

    [Fact]
    public void Work_that_stands_proud_below_hangs_free_or_is_told()
    {
        var proud = Of(Design("proud=25"), "proud");
        proud.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"proud=25; high=40; rest={Taken(proud, "rest")}"), "proud").Verdict.ShouldBe(Verdict.Good);
        Of(Design("opens=60"), "opens").Verdict.ShouldBe(Verdict.Stop);
        var round = Of(Design("face=vee; groove=2"), "groove");
        Of(Design($"face=vee; groove={Taken(round, "groove")}"), "groove").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>Against its bending line, summed in small steps from one end, with the moments of a beam with fixed ends (Roark).</summary>
    [Fact]
    public void A_strip_held_at_both_ends_gives_as_its_bending_line_does()
    {
        var strip = new HeldStrip(40, 11, 2);
        const int Steps = 20_000;
        var (stiff, force) = (2000.0, strip.Force(1, 2000));
        var (inertia, step) = (11 * 8 / 12.0, 40.0 / Steps);
        // Moments at the wall and the middle are F L / 8; the line is integrated twice from the wall, flat there.
        var (slope, aside) = (0.0, 0.0);
        for (var i = 0; i < Steps / 2; i++)
        {
            slope += ((force * 40 / 8) - (force / 2 * ((i + 0.5) * step))) / (stiff * inertia) * step;
            aside += slope * step;
        }

        aside.ShouldBe(1, 1e-3);
        strip.Strain(1).ShouldBe(force * 40 / 8 * 1 / (stiff * inertia), 1e-9);
        HeldStrip.ThickFor(force, 1, 40, 11, stiff).ShouldBe(2, 1e-9);
        HeldStrip.ThickBearing(strip.Strain(1), 1, 40).ShouldBe(2, 1e-9);
    }

    [Fact]
    public void A_spring_presses_what_it_is_asked_for_and_says_what_tires_it()
    {
        const string Gentle = "presses=spring; press=12; wide=90; pad=12; thick=14; high=40; differs=0.4";
        var design = Design(Gentle);
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        // The widest gives it 1.5 · 1.5 − 0.3 mm, the narrowest 0.4 less: the mean is pressed as asked, but for a thickness in tenths.
        var (most, least) = (design.Ledger["press.most"].Value, design.Ledger["press.most"].Value * 1.55 / 1.95);
        ((most + least) / 2).ShouldBe(12, 1.5);
        var hard = Of(Design("presses=spring; pad=14; press=20; wide=90"), "spring.strain");
        hard.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"presses=spring; pad=14; wide=90; press={Taken(hard, "press")}"), "spring.strain").Verdict.ShouldBe(Verdict.Good);
        var weak = Of(Design("presses=spring; pad=14; press=12"), "spring.strain");
        Of(Design($"presses=spring; pad=14; press=12; wide={Taken(weak, "wide")}"), "spring.strain").Verdict.ShouldBe(Verdict.Good);
        Of(Design("presses=spring; differs=2.2"), "spring.gives").Verdict.ShouldBe(Verdict.Stop);
        var thin = Of(Design("presses=spring; pad=5"), "spring.front");
        Of(Design($"presses=spring; pad={Taken(thin, "pad")}"), "spring.front").Verdict.ShouldBe(Verdict.Good);
        var unknown = Design(Gentle, process: Workshop.Exact);
        Of(unknown, "spring.known").Verdict.ShouldBe(Verdict.Stop);
        unknown.Pieces.ShouldBeEmpty();
        design.Pieces.Single(p => p.Key == "pad").Way.Key.ShouldBe("edge");
    }

    /// <summary>By hand: 20 N at 20.2 + 3 + 14 + 40 mm from the post, held by 2 · 0.2 on its radius of 20 mm.</summary>
    [Fact]
    public void A_vice_on_a_post_is_held_by_its_second_cam()
    {
        var design = Design("turns=post; opens=80");
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        design.Pieces.Select(p => p.Key).ShouldBe(["part", "base", "pad", "cam", "lock", "post", "turn-cam", "shoe"]);
        design.Ledger["turn.press"].Value.ShouldBe(20 * (20.2 + 3 + 14 + 40) / (2 * 0.2 * 20), 1e-6);
        design.Pieces.Single(p => p.Key == "base").Pattern.ShouldBeEmpty();
        design.Checks.ShouldNotContain(c => c.Key == "screw.wall");
        design.Pieces.Single(p => p.Key == "post").Pattern.Count.ShouldBe(2);
        Of(Design("turns=post; opens=80; pushed=120"), "turn.hand").Verdict.ShouldBe(Verdict.Watch);
        Of(Design("turns=post; opens=80; pushed=120"), "turn.pin.bends").Verdict.ShouldBe(Verdict.Stop);
        var thin = Of(Design("turns=post; opens=80; post=24"), "turn.screws");
        Of(Design($"turns=post; opens=80; post={Taken(thin, "post")}"), "turn.screws").Verdict.ShouldBe(Verdict.Good);
        var still = Of(Design("turns=post; opens=80; throw=0.5"), "turn.reaches");
        Of(Design($"turns=post; opens=80; wide=80; throw={Taken(still, "throw")}; cam={Taken(still, "cam")}"), "turn.reaches").Verdict.ShouldBe(Verdict.Good);
    }
}
