using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>A hinge for a rail of 900 × 45 × 30 mm and 900 g on a pin of 4 mm, printed exactly: its hole is 4.35, a knuckle 5.675 in radius, the leaf's under
/// side 6.675 from the pin.</summary>
public sealed class FlipHingeTests
{
    private static Design Design(string entries, string rail = "length 900, width 45, thickness 30, mass 900", Process? process = null) =>
        Mounts.Design("flip-hinge", entries, process, null, ("rail", "board", rail), ("pin", "pin", "diameter 4"));

    private static string Taken(Check check, string key) => check.Remedies.OfType<Remedy.Change>().First(c => c.Entries.ContainsKey(key)).Entries[key];

    [Fact]
    public void As_it_comes_nothing_stops_and_both_ends_lie_by_one_figure()
    {
        var design = Design("");
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        design.Ledger["high"].Value.ShouldBe(21, 1e-9);
        design.Gauges.Single(g => g.What == "height of the post").Size.ShouldBe(21 + 52, 1e-9);
        design.Pieces.Select(p => p.Key).ShouldBe(["part", "second", "post"]);
        Design("post=none").Pieces.Select(p => p.Key).ShouldBe(["part", "second"]);
    }

    /// <summary>By hand: its middle lies 450 − 16 mm along and 6.675 + 6 + 15 mm over the pin, 3.65 degrees; 10 past upright make 13.65.</summary>
    [Fact]
    public void It_stays_up_where_its_middle_of_mass_is_past_the_pin()
    {
        var leans = Design("").Ledger["leans"];
        leans.Value.ShouldBe(10 + (Math.Atan(27.675 / 434) * 180 / Math.PI), 1e-6);
        // One degree for the table, and 18 mm of an uneven rail.
        leans.StandardUncertainty.ShouldBe(Math.Sqrt(1 + Math.Pow(18 * 27.675 / ((434 * 434) + (27.675 * 27.675)) * 180 / Math.PI, 2)), 1e-4);
        var upright = Of(Design("past=0"), "stays");
        upright.Verdict.ShouldBe(Verdict.Watch);
        Of(Design($"past={Taken(upright, "past")}"), "stays").Verdict.ShouldBe(Verdict.Good);
        // A rail below its pin's height, as thin as a leaf: nothing but the angle holds it.
        Of(Design("past=0", "length 2400, width 45, thickness 5, mass 900"), "stays").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>By hand: five knuckles of 16 mm; the rail's leaf holds 80 − 32 − 0.4 mm of the pin with 0.35 mm to spare, 884 mm from the tip, and slides 0.4.
    /// </summary>
    [Fact]
    public void The_tip_plays_by_clearance_over_the_length_of_the_pin()
    {
        Design("").Ledger["play"].Value.ShouldBe(0.4 + (884 * 0.35 / 47.6), 1e-6);
        // A pin of filament is not pressed in: 0.1 mm over all 80.
        Design("pin=filament").Ledger["play"].Value.ShouldBe(0.4 + (884 * ((0.35 / 47.6) + (0.1 / 80))), 1e-6);
        var loose = Of(Design("knuckles=3; wide=60"), "play");
        loose.Verdict.ShouldBe(Verdict.Watch);
        Of(Design($"knuckles=3; wide={Taken(loose, "wide")}"), "play").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>By hand: stopped, it presses with three times 8.826 N, 434 sin 10° + 27.675 cos 10° past the pin, and its heel of 16 mm bears in its
    /// middle. Heel and weight pull at four sections of the pin, and at two knuckles of 15.6 mm with walls of 3.5.</summary>
    [Fact]
    public void What_is_swung_up_is_stopped_by_its_heel()
    {
        var design = Design("");
        var offset = (434 * Math.Sin(Math.PI / 18)) + (27.675 * Math.Cos(Math.PI / 18));
        var moment = 3 * 0.9 * 9.80665 * offset;
        design.Ledger["moment"].Value.ShouldBe(moment, 1e-6);
        var pull = (moment / 8) + (3 * 0.9 * 9.80665);
        Of(design, "pin.shears").Used!.Value.ShouldBe(pull / (4 * Math.PI * 4) / 100, 1e-6);
        Of(design, "knuckle.tears").Used!.Value.ShouldBe(pull / (2 * 3.5 * 31.2) / 10, 1e-6);
        // On its side it tears along its lines.
        Of(Design("wayUp=side"), "knuckle.tears").Used!.Value.ShouldBe(pull / (2 * 3.5 * 31.2) / 15, 1e-6);
        Of(Design("", process: Workshop.Exact), "knuckle.tears").Says.ShouldStartWith("Not judged");
        var heavy = Of(Design("pin=printed", "length 1500, width 90, thickness 40, mass 6000"), "pin.shears");
        heavy.Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>Plane geometry: at 135 degrees a heel of 40 mm ends 28.3 mm behind where it began, past the plate.</summary>
    [Fact]
    public void A_long_heel_far_past_upright_runs_into_the_plate()
    {
        var far = Of(Design("past=45; heel=40"), "heel.clear");
        far.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"past=45; heel={Taken(far, "heel")}"), "heel.clear").Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void Thin_stock_leaves_no_room_for_the_leaf_and_a_press_mends_it()
    {
        var low = Of(Design("stock=4; room=0"), "over");
        low.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"stock=4; room=0; leaf={Taken(low, "leaf")}"), "over").Verdict.ShouldBe(Verdict.Good);
        Design("stock=0; room=0").Pieces.ShouldBeEmpty();
        Of(Design("", "length 60, width 45, thickness 30, mass 90"), "long").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>Where it balances is read and not guessed: 330 − 16 mm from the pin.</summary>
    [Fact]
    public void A_rail_that_balances_elsewhere_counts_as_it_was_read() =>
        Design("", "length 900, width 45, thickness 30, mass 900, balance 330").Ledger["middle.along"].Value.ShouldBe(314, 1e-9);

    [Fact]
    public void Test_knuckles_in_three_gaps_come_in_the_way_up_of_the_hinge()
    {
        var design = Design("");
        design.Proofs.Single(p => p.Key == "ladder-pin").Rungs.ShouldBe(3);
        design.Seats.Single().Ladder[1].ShouldBe(4.35, 1e-9);
        design.Proofs.ShouldAllBe(p => p.Says.Contains("does not prove", StringComparison.Ordinal));
    }

    /// <summary>By hand: holes 58 mm apart in one bench and 63 in another: 60.5 in the middle, and each screw moves 2.5.</summary>
    [Fact]
    public void Slots_serve_the_holes_that_benches_have()
    {
        static Design On(params (string, string, string)[] benches) => Mounts.Design("flip-hinge", "", null, null,
            [("rail", "board", "length 900, width 45, thickness 30, mass 900"), ("pin", "pin", "diameter 4"), .. benches]);
        var design = On(("bench1", "hole-row", "diameter 5, gap1.centre 58"), ("bench2", "hole-row", "diameter 5, gap1.centre 63"));
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        (design.Ledger["mounts.middle"].Value, design.Ledger["mounts.travel"].Value).ShouldBe((60.5, 2.5));
        design.Pieces[0].Pattern.Select(h => h.X).ShouldBe([-30.25, 30.25]);
        design.Hardware[1].ShouldContain("with washers");
        On(("bench1", "hole-row", "diameter 5, gap1.centre 58")).Hardware[1].ShouldNotContain("washers");
        var wide = Of(On(("bench1", "hole-row", "diameter 5, gap1.centre 78")), "edge.side");
        wide.Verdict.ShouldBe(Verdict.Stop);
        Taken(wide, "wide").ShouldNotBeEmpty();
    }
}
