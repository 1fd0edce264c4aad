namespace Emboq.Core.Tests.Families;

/// <summary>Jigs from measured things: a worn wheel, gaps under feet, a T slot, a ring and a cutter.</summary>
public sealed class JigTests
{
    private static Design Design(string family, string entries, params (string Slot, string Kind, string Sizes)[] places)
    {
        var f = FamilyList.Find(family)!;
        var given = entries.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1]);
        return f.Design(new(ParameterValues.Read(f.Parameters, given).Value,
            places.ToDictionary(p => p.Slot, p => Measuring.Places.Of(KindList.Of(p.Kind), p.Sizes)),
            Workshop.Process, []));
    }

    private static Verdict Of(Design design, string key) => design.Checks.Single(c => c.Key == key).Verdict;

    /// <summary>Plane geometry: over the rest, at a turn t from where wheel and rest meet at an angle a, the wheel's face is R (cos a − cos(a + t)) high.
    /// Common practice, no source: 25 degrees is a usual bevel.</summary>
    [Fact]
    public void A_wheel_gauge_has_the_wheel_s_radius_and_the_angle_to_be_ground()
    {
        var gauge = Design("set-up-aid", "aid=wheel; wedgeAngle=25; reach=30", ("round", "post", "diameter 150"));
        gauge.Checks.ShouldAllBe(c => c.Verdict == Verdict.Good);
        var a = 25 * Math.PI / 180;
        var outline = ((Solid.Extruded)Find(gauge.Pieces[0].Solid)).Profile.Points;
        var arc = outline.Skip(3).ToList();
        arc.Count.ShouldBeGreaterThan(10);
        var first = Math.Acos(Math.Cos(a) - (arc[^1].Y / 75)) - a;
        foreach (var p in arc)
        {
            var t = Math.Acos(Math.Cos(a) - (p.Y / 75)) - a;
            p.X.ShouldBe(75 * (Math.Sin(a + t) - Math.Sin(a + first)), 1e-6);
        }

        gauge.Ledger["straight"].Value.ShouldBe(Math.Asin(30.0 / 150) * 180 / Math.PI, 1e-9);
        Of(Design("set-up-aid", "aid=wheel"), "worn").ShouldBe(Verdict.Watch);
        Of(Design("set-up-aid", "aid=wheel; wheel=60; reach=80"), "wheel.meets").ShouldBe(Verdict.Stop);

        static Solid Find(Solid solid) => solid;
    }

    [Fact]
    public void Each_foot_has_a_pad_as_thick_as_its_gap()
    {
        var pads = Design("set-up-aid", "aid=pads; padBase=4", ("feet", "gaps", "foot1.gap 1.4, foot2.gap 0.2, foot3.gap 2.6, foot4.gap 0.2"));
        pads.Pieces.Select(p => p.Key).ShouldBe(["part", "pad2", "pad3", "pad4"]);
        new[] { 1, 2, 3, 4 }.Select(i => Math.Round(pads.Ledger[$"pad{i}"].Value, 6)).ShouldBe([5.2, 4, 6.4, 4]);
        pads.Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
        pads.Cautions.ShouldContain(c => c.Contains("rocks"));
        Design("set-up-aid", "aid=pads").Checks.Single().Says.ShouldContain("No gaps are named yet");
        Design("set-up-aid", "aid=pads", ("feet", "gaps", "foot1.gap 1.4, foot2.gap 0.2")).Pieces.Count.ShouldBe(2);
    }

    [Fact]
    public void A_stair_says_its_heights_where_there_is_room()
    {
        Of(Design("set-up-aid", "aid=steps"), "marks").ShouldBe(Verdict.Good);
        Of(Design("set-up-aid", "aid=steps; length=20; stairs=10"), "marks").ShouldBe(Verdict.Watch);
    }

    /// <summary>Common practice: the outline is offset by half of what the follower is wider than the cutter, both measured.</summary>
    [Fact]
    public void A_router_template_goes_by_the_ring_and_the_cutter_that_were_measured()
    {
        var template = Design("router-template", "", ("ring", "tube", "inside 14, outside 15.9, depth 10"), ("bit", "post", "diameter 9.5, length 30"));
        template.Ledger["offset"].Value.ShouldBe((15.9 - 9.5) / 2, 1e-9);
        template.Ledger["follower"].StandardUncertainty.ShouldBeGreaterThan(0);
        Design("router-template", "", ("bit", "post", "length 30")).Checks.Single().Key.ShouldBe("bit.diameter.readings");
        // An outside template of a plain rectangle has no corner that a cutter must turn in.
        Of(Design("router-template", ""), "turns").ShouldBe(Verdict.Good);
        Design("router-template", "").Ledger.Lines.ShouldNotContain(l => l.Key == "radius");
    }

    private const string Tee = "mouth 10, lip 5, chamber 18, depth 14, chamberHeight 9, length 200";

    [Fact]
    public void A_key_in_a_T_slot_fits_its_mouth_and_may_have_a_foot_under_the_lips()
    {
        var key = Design("fence-key", "foot=foot; fixing=none", ("channel", "t-slot", Tee));
        key.Seats[0].Dimension.ShouldBe("mouth");
        key.Ledger["foot.wide"].Value.ShouldBe(17, 1e-9);
        key.Ledger["foot.from"].Value.ShouldBe(5.4, 1e-9);
        key.Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
        Of(Design("fence-key", "foot=foot; fixing=none", ("channel", "t-slot", "mouth 10, lip 5, chamber 18, depth 8")), "foot").ShouldBe(Verdict.Stop);
        var height = Design("fence-key", "locks=height", ("channel", "t-slot", Tee)).Checks.Single();
        height.Remedies.OfType<Remedy.Change>().Single().Entries["locks"].ShouldBe("across");
    }

    [Fact]
    public void Ladders_apart_grow_one_way_each_and_legs_move_by_eighths()
    {
        var apart = Design("fence-key", "ladders=apart; fixing=none", ("channel", "slot", "width 19, depth 10, length 200"));
        apart.Proofs.Select(p => (p.Key, p.Rungs)).ShouldBe([("ladder-channel", 5), ("ladder-free", 1)]);
        apart.Proofs[0].Says.ShouldNotContain("higher");
        Design("fence-key", "fixing=none", ("channel", "slot", "width 19, depth 10")).Proofs.Count.ShouldBe(1);
        FamilyList.Find("fence-key")!.Parameters.Single(p => p.Key == "legsIn").Step.ShouldBe(25.4 / 8, 1e-9);
        Of(Design("fence-key", "legsIn=1 in; fixing=none", ("channel", "slot", "width 19, depth 10")), "legs.apart").ShouldBe(Verdict.Watch);
    }

    /// <summary>Both ways: each is fitted by its own reading, and each rung is felt for both; what is tried of the one leaves the other be.</summary>
    [Fact]
    public void A_key_locked_both_ways_has_two_seats_and_one_ladder_for_both()
    {
        const string Slot = "width 19, depth 10, length 200";
        var allowance = Workshop.Known(Surface.OutsideFlat).Value;
        var key = Design("fence-key", "locks=both; upright=slide; fixing=none", ("channel", "slot", Slot));
        key.Seats.Select(s => (s.Slot, s.Dimension, Math.Round(s.Drawn.Value, 6))).ShouldBe([("channel", "width", Math.Round(19 - 0.1 + allowance, 6)),
            ("height", "depth", Math.Round(10 - 0.35 + allowance, 6))]);
        key.Chance!.Value.ShouldBeInRange(key.Seats[0].Chance * key.Seats[1].Chance, Math.Min(key.Seats[0].Chance, key.Seats[1].Chance));
        var ladder = key.Proofs.ShouldHaveSingleItem();
        (ladder.Rungs, ladder.Proves("channel"), ladder.Proves("height"), ladder.Proves("free")).ShouldBe((5, true, true, false));
        ladder.Says.ShouldContain("wide and from");
        key.Seats.Select(key.NameOf).ShouldBe([.. key.Seats.Select(s => $"{s.Interface.Name}, {s.Words.Measured}")]);
        var apart = Design("fence-key", "locks=both; ladders=apart; fixing=none", ("channel", "slot", Slot));
        apart.Proofs.Select(p => (p.Key, p.Seat, p.SecondSeat)).ShouldBe([("ladder-channel", "channel", null), ("ladder-height", "height", null)]);
        Design("fence-key", "locks=both", ("channel", "t-slot", Tee)).Checks.Single().Remedies.OfType<Remedy.Change>().Single().Entries["locks"]
            .ShouldBe("across");
    }

    /// <summary>The way on by a ladder for both counts what each of its seats gains by it.</summary>
    [Fact]
    public void What_is_next_counts_both_seats_of_one_ladder()
    {
        var key = Design("fence-key", "locks=both; fixing=none", ("channel", "slot", "width 19, depth 10, length 200"));
        var takes = key.Proofs.ToDictionary(p => p.Key, _ => new PrintTakes(0.3, 5));
        WhatNext.Of(key, new(2, 30), takes, []).Single(w => w.Bodies.SequenceEqual(["ladder-channel"])).Chance
            .ShouldBe(key.Seats[0].LadderChance!.Value * key.Seats[1].LadderChance!.Value, 1e-9);
    }

    /// <summary>One template for several sorts of pull: every pair stands about the centre mark.</summary>
    [Fact]
    public void A_template_for_several_spacings_has_a_pair_of_guides_for_each()
    {
        var template = Design("drilling-template", "spacing=96; spacing2=3 in; spacing3=128");
        template.Pattern.Select(h => Math.Round(2 * h.X, 3)).ShouldBe([-96, 96, -76.2, 76.2, -128, 128]);
        template.Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
        Of(Design("drilling-template", "spacing=96; spacing2=98"), "wall.between").ShouldBe(Verdict.Stop);
    }
}
