using Emboq.Core.Mechanics;
using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>Brackets: what they join, and what they bear.</summary>
public sealed class BracketTests
{
    private static Design Design(string entries, Dictionary<string, Taken>? taken = null, Process? process = null) =>
        Mounts.Design("bracket", entries, process, taken);

    /// <summary>Roark (from memory): a cantilever under an end load sinks F L³ / 3 E I, and bears 6 F L / (b t²) at its root.</summary>
    [Fact]
    public void An_arm_without_ribs_is_a_cantilever()
    {
        var arm = new RibbedArm(40, 6, 0, 0, 1, 1);
        arm.Sag(10, 80, 2000).ShouldBe(10 * Math.Pow(80, 3) / (3 * 2000 * 40 * Math.Pow(6, 3) / 12), 0.001);
        arm.Worst(10, 80).Stress.ShouldBe(6 * 10 * 80 / (40.0 * 36), 0.01);
    }

    /// <summary>Parallel axes by hand: a plate 40 × 6 on two ribs 3 × 20 has its middle 9.67 mm below its upper face, and I = 15 787 mm⁴.</summary>
    [Fact]
    public void Ribs_are_added_by_parallel_axes()
    {
        var (inertia, farthest) = new RibbedArm(40, 6, 2, 3, 20, 30).Section(0);
        // 240 mm² at 3 mm and 120 mm² at 16 mm.
        var middle = ((240 * 3) + (120 * 16.0)) / 360;
        inertia.ShouldBe(720 + (240 * Math.Pow(middle - 3, 2)) + 4000 + (120 * Math.Pow(16 - middle, 2)), 1e-9);
        farthest.ShouldBe(26 - middle, 1e-9);
        new RibbedArm(40, 6, 2, 3, 20, 30).Section(30).Inertia.ShouldBe(720, 1e-9);
    }

    /// <summary>A simply supported plate's factor is 4; with one long edge free it is 0.43: 0.43 × π² × 2000 / (12 × 0.8775) / 100 for a tenth of its
    /// height.</summary>
    [Fact]
    public void A_thin_rib_folds_before_it_breaks()
    {
        new RibbedArm(40, 6, 2, 2, 20, 20).Buckles(2000).ShouldBe(8.06, 0.01);
        var check = Of(Design("ribLines=2; ribReach=38; mass=4000; arm=90; ribs=two; nearDown=60; reach=80; thickness=2"), "buckles");
        check.Verdict.ShouldBe(Verdict.Stop);
        check.Remedies.Single().Label.ShouldContain("two lines more");
    }

    /// <summary>Each tenfold of times costs a tenth, by hand: ten times a day on 2,000 days leave 1 − 0.1 log 20,000 = 0.57.</summary>
    [Fact]
    public void What_is_taken_off_ten_times_a_day_tires_its_bracket()
    {
        var (stays, taken) = (Of(Design(""), "bends"), Of(Design("putBack=10"), "bends"));
        (stays.Used!.Value / taken.Used!.Value).ShouldBe(1 - (0.1 * Math.Log10(20_000)), 1e-9);
    }

    [Theory]
    [InlineData("mass=20000; arm=120")]
    [InlineData("mass=9000; arm=150; ribs=none")]
    public void A_remedy_of_the_arm_makes_it_bear(string entries)
    {
        var bends = Of(Design(entries), "bends");
        bends.Verdict.ShouldBe(Verdict.Stop);
        foreach (var change in bends.Remedies.OfType<Remedy.Change>())
        {
            var then = Of(Design(entries + string.Concat(change.Entries.Select(e => $"; {e.Key}={e.Value}"))), "bends");
            then.Verdict.ShouldBe(Verdict.Good, change.Label);
            change.Label.ShouldContain($"{then.Used!.Value * 100:0} % used");
        }
    }

    [Fact]
    public void Across_its_layers_it_bears_less_and_that_is_said()
    {
        var (side, far) = (Design(""), Design("wayUp=far"));
        (Of(far, "bends").Used!.Value / Of(side, "bends").Used!.Value).ShouldBe(1.5, 1e-6);
        Of(far, "way").Verdict.ShouldBe(Verdict.Watch);
        Of(Design("wayUp=far; angle=60"), "way.flat").Verdict.ShouldBe(Verdict.Watch);
    }

    [Fact]
    public void Holes_are_those_of_the_part_it_is_screwed_to()
    {
        var clamp = new Taken("clamp", "holes", new Given.Pattern("holes",
            [new(-16, 0, 4.5, HoleUse.Passing, "x"), new(16, 0, 4.5, HoleUse.Passing, "x"), new(0, 20, 4.5, HoleUse.Passing, "x")]));
        var design = Design("nearDown=60", new() { ["near"] = clamp });
        design.Gauges.Where(g => g.What == "hole to the mount").Select(g => (g.At.Z, g.At.Y)).ShouldBe([(-16, -70), (16, -70), (0, -50)]);
        ((Given.Pattern)design.Gives("holes")!).Holes.Select(h => h.X).ShouldBe([-16, 16]);
    }

    [Fact]
    public void Its_thickness_may_wait_for_another_part()
    {
        var gap = Quantity.Input("gap", 1.9, Unit.Millimetre, new Provenance.Measured("1 reading"), (new Source("gap", "gap", 0.3), 1));
        var design = Design("", new() { ["thick"] = new("clamp", "gap once it is tight", new Given.Size("gap", 3 * gap, "the clamp tightened")) });
        design.Ledger["thickness"].Value.ShouldBe(5.7, 1e-9);
        design.Ledger["thickness"].StandardUncertainty.ShouldBe(0.9, 1e-9);
    }

    [Fact]
    public void Heads_need_room_in_the_corner_and_beside_the_ribs()
    {
        var room = Of(Design("nearDown=8"), "near.room");
        room.Verdict.ShouldBe(Verdict.Stop);
        var further = room.Remedies.OfType<Remedy.Change>().Single().Entries["nearDown"];
        Of(Design($"nearDown={further}"), "near.room").Verdict.ShouldBe(Verdict.Good);
        Of(Design("ribs=three; nearSpacing=8"), "ribs.heads").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>By hand, at 60 degrees: a rib that reaches 28 along the arm reaches 28 sin 60 level and is as deep; the arm is longer than it is
    /// level.</summary>
    [Fact]
    public void A_slanting_arm_is_stressed_by_what_is_level()
    {
        var (straight, slanting) = (Design("ribs=none; nearDown=60; reach=100; wayUp=side"), Design("ribs=none; nearDown=60; reach=100; angle=60"));
        Of(slanting, "bends").Used!.Value.ShouldBe(Of(straight, "bends").Used!.Value, 1e-9);
        static double Sag(Design design) => double.Parse(Of(design, "sags").Figure.Split(' ')[0], System.Globalization.CultureInfo.InvariantCulture);
        (Sag(slanting) / Sag(straight)).ShouldBe(1 / Math.Sin(Math.PI / 3), 0.02);
        Of(Design("nearDown=60; reach=100; angle=60; mass=4000"), "bends").Used!.Value.ShouldBeGreaterThan(
            Of(Design("nearDown=60; reach=100; mass=4000"), "bends").Used!.Value);
    }

    [Fact]
    public void On_its_side_only_the_lowest_rib_has_something_under_it()
    {
        Of(Design(""), "ribs.print").Verdict.ShouldBe(Verdict.Good);
        var two = Of(Design("ribs=two"), "ribs.print");
        two.Verdict.ShouldBe(Verdict.Stop);
        foreach (var change in two.Remedies.OfType<Remedy.Change>().SelectMany(r => r.Entries))
        {
            Of(Design($"ribs=two; {change.Key}={change.Value}"), "ribs.print").Verdict.ShouldBe(Verdict.Good);
        }
    }

    [Fact]
    public void Both_schools_stand_side_by_side_at_the_same_weight()
    {
        var design = Design("");
        design.Ledger["school.ribs"].Value.ShouldBeLessThan(design.Ledger["school.solid"].Value);
        Design("", process: Workshop.Exact).Checks.Count(c => c.Key is "bends" or "buckles" or "pull"
            && c.Says.StartsWith("Not judged", StringComparison.Ordinal)).ShouldBe(3);
    }

    /// <summary>By hand: the load ends 120 mm out and is 40 mm high above the corner; what moves comes as near as 150 mm: 30 mm apart, until it is
    /// raised above the load, or the load reaches it.</summary>
    [Theory]
    [InlineData("movesFrom=150; movesTo=300; movesLow=0; movesHigh=400", 30, Verdict.Good)]
    [InlineData("movesFrom=130; movesTo=300; movesLow=0; movesHigh=400", 10, Verdict.Stop)]
    [InlineData("movesFrom=100; movesTo=300; movesLow=0; movesHigh=400", 0, Verdict.Stop)]
    [InlineData("movesFrom=100; movesTo=300; movesLow=0; movesHigh=0", 0, Verdict.Stop)]
    public void Nothing_of_it_or_on_it_comes_near_what_moves(string moves, double apart, Verdict verdict)
    {
        var check = Of(Design("moves=part; loadTo=120; loadHigh=40; reach=70; nearDown=40; movesClear=15; " + moves), "moves");
        check.Verdict.ShouldBe(verdict);
        (apart == 0 || check.Figure == Figures.Mm(apart)).ShouldBeTrue(check.Figure);
        Design("").Checks.ShouldNotContain(c => c.Key == "moves");
    }

    /// <summary>By hand: benches with holes 64, 72 and 80 apart are all served by slots about 72, in which each screw moves by 8.</summary>
    [Fact]
    public void One_bracket_serves_several_mounts_by_its_slots()
    {
        Design Serving(params string[] spacings) => Mounts.Design("bracket", "", null, null, [.. spacings.Select((s, i) =>
            ($"mount{i + 1}", "hole-row", $"diameter 5, gap1.centre {s}"))]);
        var design = Serving("72", "64", "80");
        (design.Ledger["mounts.middle"].Value, design.Ledger["mounts.travel"].Value).ShouldBe((72, 8));
        design.Gauges.Where(g => g.What == "hole to the mount").Select(g => g.At.Z).ShouldBe([-36, 36], 1e-9);
        design.Hardware.ShouldContain(h => h.Contains("washers", StringComparison.Ordinal));
        design.Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
        Serving("72").Ledger["mounts.travel"].Value.ShouldBe(0);
        var taken = new Dictionary<string, Taken> { ["near"] = new("clamp", "holes", new Given.Pattern("holes", [new(0, 0, 4.5, HoleUse.Passing, "x")])) };
        Of(Mounts.Design("bracket", "", null, taken, ("mount1", "hole-row", "diameter 5, gap1.centre 72")), "mounts.taken").Verdict.ShouldBe(Verdict.Watch);
        Serving("72").Hardware.ShouldNotContain(h => h.Contains("washers", StringComparison.Ordinal));
    }

    /// <summary>By hand: 25 + 40 mm of a row of three holes are 65, and come nearest to the 64 of the other mount; beside 90 mm the whole row of
    /// 30 + 65 is taken.</summary>
    [Theory]
    [InlineData("gap1.centre 64", "gap1.centre 25, gap2.centre 40", 64.5, 0.5)]
    [InlineData("gap1.centre 90", "gap1.centre 30, gap2.centre 65", 92.5, 2.5)]
    public void Of_a_row_of_more_holes_those_two_are_taken_that_suit_the_other_mounts(string one, string other, double middle, double travel)
    {
        var design = Mounts.Design("bracket", "", null, null, ("mount1", "hole-row", $"diameter 5, {one}"), ("mount2", "hole-row", $"diameter 5, {other}"));
        (design.Ledger["mounts.middle"].Value, design.Ledger["mounts.travel"].Value).ShouldBe((middle, travel));
        design.Ledger.Lines.Single(l => l.Key == "mount2.spacing").Because.ShouldContain("holes 1 and 3");
    }
}
