using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>Blocks on rods: their bores, their height, and what their screws hold.</summary>
public sealed class RodBlockTests
{
    private static Design Design(string entries, string kind = "rods", string sizes = "diameter 12, over 92", Process? process = null) =>
        Mounts.Design("rod-block", entries, process, null, ("rod", kind, sizes));

    [Theory]
    [InlineData("diameter 12, over 92")]
    [InlineData("diameter 12, between 68")]
    [InlineData("diameter 12, centres 80")]
    public void Rods_are_as_far_apart_as_any_way_of_measuring_says(string sizes)
    {
        var design = Design("", sizes: sizes);
        design.Ledger["centres"].Value.ShouldBe(80, 1e-9);
        design.Gauges.Where(g => g.What == "bore").Select(g => g.At.X).ShouldBe([-40, 40], 1e-9);
        design.Gauges[0].Size.ShouldBe(12.35, 1e-9);
    }

    /// <summary>By hand: the axis is wanted at 50, the thing is 20 high, and the block sinks by half of its play of 0.35 mm.</summary>
    [Fact]
    public void The_height_is_stacked_back_from_what_is_wanted()
    {
        var design = Design("axisHeight=50; thingHeight=20");
        design.Ledger["top"].Value.ShouldBe(30.175, 1e-9);
        design.Ledger["axis"].Value.ShouldBe(50, 1e-9);
        design.Ledger["axis"].StandardUncertainty.ShouldBeGreaterThan(0);
        var low = Of(Design("axisHeight=30; thingHeight=20"), "top");
        low.Verdict.ShouldBe(Verdict.Stop);
        var higher = low.Remedies.OfType<Remedy.Change>().Single().Entries["axisHeight"];
        Of(Design($"thingHeight=20; axisHeight={higher}"), "top").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>ISO 68-1 and FED-STD-H28 (from memory): π D L × 7/8 shears; at a sixth of 30 MPa, 12 mm on M6 bear 990 N. Common practice, no source: 5 mm
    /// along
    /// 1/4-20 was too little, 10 mm drew tight well.</summary>
    [Fact]
    public void Short_threads_strip()
    {
        var strips = Of(Design("torque=0.4"), "strips");
        strips.Used!.Value.ShouldBe(0.4 / (0.2 * 0.006) / (Math.PI * 6 * 12 * 7 / 8 * 30 / 6), 1e-6);
        (Of(Design("screw=1/4; boss=5; torque=0.75"), "strips").Verdict, Of(Design("screw=1/4; boss=10; torque=0.75"), "strips").Verdict)
            .ShouldBe((Verdict.Stop, Verdict.Good));
        var more = Of(Design("boss=5; torque=0.75"), "strips").Remedies.OfType<Remedy.Change>().Single();
        Of(Design($"torque=0.75; boss={more.Entries["boss"]}"), "strips").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>By hand: 2 kg so far out that it is 200 mm from the middle of rods 80 mm apart pull at the farther one with twice their weight, and the wall
    /// under it is a beam held at both ends. Upright, the moment presses with 3/2 of it over the length, half on each rod.</summary>
    [Fact]
    public void A_load_far_out_lifts_the_block_off_the_farther_rod()
    {
        double Bends(double force) => 6 * force * 12.35 / (8 * 40 * 36) / (45.0 / 3);
        Of(Design("mass=2000; arm=200; length=40"), "lifts").Used!.Value.ShouldBe(Bends(2 * 2 * 9.80665), 1e-6);
        Of(Design("mass=2000; arm=200; length=40; stands=upright"), "lifts").Used!.Value.ShouldBe(Bends(1.5 * 2 * 9.80665 * 200 / 40 / 2), 1e-6);
        Of(Design("mass=2000; arm=20"), "lifts").Used!.Value.ShouldBe(0, 1e-9);
        var far = Of(Design("mass=50000; arm=600; length=40"), "lifts");
        far.Verdict.ShouldBe(Verdict.Stop);
        var wall = far.Remedies.OfType<Remedy.Change>().Single();
        Of(Design($"mass=50000; arm=600; length=40; wall={wall.Entries["wall"]}"), "lifts").Verdict.ShouldBe(Verdict.Good);
        Of(Design("hold=pinch; mass=50000; arm=600"), "lifts").Verdict.ShouldBe(Verdict.Stop);
        Design("", "post", "diameter 30").Checks.ShouldNotContain(c => c.Key == "lifts");
    }

    /// <summary>Plastic shears around an insert, by hand: π × 6.3 × 8.1 mm² of M4 at a quarter of a third of 30 MPa.</summary>
    [Fact]
    public void Inserts_bear_less_than_what_pulls_them_out_the_way_they_went_in() =>
        Of(Design("insert=M4; mass=1000"), "top.pull").Used!.Value.ShouldBe(9.80665 / (Math.PI * 6.3 * 8.1 * 30 / 12), 1e-6);

    /// <summary>By hand: two screws of M6 at 0.4 N·m press with 333 N each, 200 N after a day; tips and far sides rub with 2 × 0.2 × 400 N = 160 N.</summary>
    [Fact]
    public void What_holds_is_friction_at_both_sides_after_a_day()
    {
        Of(Design("mass=5000"), "holds").Used!.Value.ShouldBe(5 * 9.80665 / 160, 1e-6);
        Of(Design("mass=5000; screws=2; length=80"), "holds").Used!.Value.ShouldBe(5 * 9.80665 / 320, 1e-6);
        Design("").Checks.ShouldNotContain(c => c.Key == "turns");
        // On one rod of 30 mm: 0.2 × 200 N × 30 mm.
        Of(Design("mass=500; arm=80", "post", "diameter 30"), "turns").Used!.Value.ShouldBe(0.5 * 9.80665 * 80 / 1200, 1e-6);
        Of(Design("", process: Workshop.Exact), "holds").Says.ShouldStartWith("Not judged");
    }

    [Fact]
    public void A_short_block_on_rods_far_apart_jams()
    {
        Of(Design("length=30"), "straight").Verdict.ShouldBe(Verdict.Watch);
        Of(Design("length=40"), "straight").Verdict.ShouldBe(Verdict.Good);
        Of(Design("", sizes: "diameter 12, centres 14"), "between").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>ISO 724 (from memory): D1 = D − 1.082532 P; with 0.2 mm on the diameter M6 has 5.117 across its crests, and 1 − 0.2 / 1.0825 of its flanks
    /// touch. It strips by π D L × 7/8 of them, at a sixth of 30 MPa.</summary>
    [Fact]
    public void A_printed_thread_takes_the_place_of_an_insert_and_wants_to_stand()
    {
        var design = Design("thread=printed; wayUp=flat; mass=900");
        design.Ledger["insert.minor"].Value.ShouldBe(6.2 - 1.082532, 1e-5);
        design.Ledger["insert.overlap"].Value.ShouldBe(1 - (0.2 / 1.082532), 1e-5);
        Of(design, "top.strips").Used!.Value.ShouldBe(0.9 * 9.80665 / (Math.PI * 6 * 12 * 7 / 8 * (1 - (0.2 / 1.082532)) * 5), 1e-5);
        design.Hardware.ShouldNotContain(h => h.Contains("insert", StringComparison.Ordinal));
        Of(Design("thread=printed"), "insert.stands").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("thread=printed; insert=M3; wayUp=flat"), "insert.layers").Verdict.ShouldBe(Verdict.Stop);
        Design("").Checks.ShouldNotContain(c => c.Key == "top.strips");
    }

    /// <summary>By hand: two screws of M6 at 0.4 N·m press with 333 N each, 200 N after a day; what bends a lip shut is taken off, and lip and far side rub.
    /// </summary>
    [Fact]
    public void A_slit_spends_some_of_its_screws_on_bending_and_holds_with_the_rest()
    {
        var design = Design("hold=pinch; mass=3000");
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        // The rod's play of 0.35 mm lies under it; the screws stand 12.35 / 2 + 9 mm from its middle, the slit ends 30 mm behind it.
        var (inertia, arm) = (40 * 512 / 12.0, (12.35 / 2) + 9);
        var shut = 6 * 2000 * inertia * 0.35 / (30 * 30 * (60 + (3 * arm)));
        Of(design, "pinch.shuts").Used!.Value.ShouldBe(shut / (0.4 / (0.2 * 0.006) / 2), 1e-6);
        Of(design, "holds").Used!.Value.ShouldBe(3 * 9.80665 / (2 * 0.2 * 2 * (200 - shut) * (1 + (arm / 20))), 1e-6);
        var thick = Of(Design("hold=pinch; under=14"), "pinch.shuts");
        thick.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"hold=pinch; under={thick.Remedies.OfType<Remedy.Change>().First().Entries["under"]}"), "pinch.shuts").Verdict.ShouldBe(Verdict.Good);
        Of(Design("hold=pinch", process: Workshop.Exact), "pinch.bends").Says.ShouldStartWith("Not judged");
        Of(Design("hold=pinch; root=60"), "pinch.root").Verdict.ShouldBe(Verdict.Stop);
    }

    [Fact]
    public void A_slit_that_is_shut_too_soon_is_widened_by_a_press()
    {
        var narrow = Of(Design("hold=pinch; slit=0.6"), "pinch.open");
        narrow.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"hold=pinch; slit={narrow.Remedies.OfType<Remedy.Change>().Single().Entries["slit"]}"), "pinch.open").Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void A_slit_leaves_more_than_half_of_the_bore()
    {
        var high = Of(Design("hold=pinch; slit=7"), "pinch.low");
        high.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"hold=pinch; slit={high.Remedies.OfType<Remedy.Change>().Single().Entries["slit"]}"), "pinch.low").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>ISO 4032 and ISO 273 (from memory): a nut of M6 is up to 10 wide and 5.2 high, its screw passes 6.6. By hand: lips that reach 1.9 mm over a
    /// channel of 10.4 bear half of 333 N in their middle, 20.4 mm wide and 5 thick.</summary>
    [Fact]
    public void A_nut_slides_in_a_slot_and_its_lips_are_judged()
    {
        var design = Design("inserts=slot; thingHeight=20");
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        design.Gauges.Select(g => (g.What, Math.Round(g.Size, 6))).ShouldContain(("neck of the slot", 6.6));
        design.Gauges.Select(g => (g.What, Math.Round(g.Size, 6))).ShouldContain(("channel of the nut", 10.4));
        Of(design, "slot.bends").Used!.Value.ShouldBe(6 * (1000 / 3.0 / 2) * 0.95 / (20.4 * 25) / (Tough.StrengthAlong!.Value / 3), 1e-6);
        design.Hardware.ShouldContain("1 nut M6, in the slot");
        var thin = Of(Design("inserts=slot; lip=1; torque=2"), "slot.bends");
        thin.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"inserts=slot; torque=2; lip={thin.Remedies.OfType<Remedy.Change>().Single().Entries["lip"]}"), "slot.bends").Verdict.ShouldBe(Verdict.Good);
        // Across the rods its lips would hang in the air on the usual way up.
        Of(Design("inserts=slot; slotRuns=across"), "slot.lies").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("inserts=slot; slotRuns=across; wayUp=flat"), "slot.lies").Verdict.ShouldBe(Verdict.Good);
    }
}
