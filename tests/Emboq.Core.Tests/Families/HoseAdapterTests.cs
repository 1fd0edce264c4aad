using CsCheck;
using Check = Emboq.Core.Checks.Check;

namespace Emboq.Core.Tests.Families;

public sealed class HoseAdapterTests
{
    private static readonly Family Adapter = FamilyList.Find("hose-adapter")!;

    private static readonly Gen<string> AnyJoin = Gen.Bool.Select(over => over ? "over" : "inside");

    private static Design Design(Interface first, Interface second, Process? process = null, IReadOnlyList<TryEvidence>? tries = null,
        params (string Key, string Entry)[] entries)
    {
        var values = ParameterValues.Read(Adapter.Parameters, entries.ToDictionary(e => e.Key, e => e.Entry)).Value;
        return Adapter.Design(new(values, new Dictionary<string, Interface> { ["first"] = first, ["second"] = second }, process
            ?? Workshop.Process, tries ?? []));
    }

    private static Check Check(Design design, string key) => design.Checks.Single(c => c.Key == key);

    [Fact]
    public void A_wide_port_to_a_narrow_hose_has_the_sizes_of_a_known_good_one()
    {
        // common practice, no source: socket inside 157 with a 1.5 wall is 80 in radius outside; plug 47 outside, cone over 30 stands 48 degrees off the
        // vertical.
        var design = Design(Workshop.Tube("port", outside: 157), Workshop.Tube("hose", inside: 94), Workshop.Exact, null,
            ("firstJoin", "over"), ("secondJoin", "inside"), ("firstClearance", "0"), ("secondClearance", "0"), ("wall", "1.5"),
                ("coneLength", "30"), ("coneBy", "length"));
        (design.Ledger["first.other"].Value / 2).ShouldBe(80, 1e-9);
        (design.Ledger["second.drawn"].Value / 2).ShouldBe(47, 1e-9);
        design.Ledger["cone.angle"].Value.ShouldBe(48, 0.5);
        Check(design, "overhang.first").Verdict.ShouldBe(Verdict.Watch);
    }

    [Fact]
    public void A_plug_to_socket_with_fifteen_millimetre_cuffs_stands_fifty_high()
    {
        // common practice, no source: 51 plug, 41 socket, cuffs 15, transition 20.
        var design = Design(Workshop.Tube("port", inside: 51), Workshop.Tube("hose", outside: 41), Workshop.Exact, null,
            ("firstClearance", "0"), ("secondClearance", "0"), ("coneLength", "20"), ("coneBy", "length"), ("firstCuff", "15"), ("secondCuff", "15"));
        design.Ledger["first.drawn"].Value.ShouldBe(51, 1e-9);
        design.Ledger["second.drawn"].Value.ShouldBe(41, 1e-9);
        design.Ledger["height"].Value.ShouldBe(50, 1e-9);
    }

    [Fact]
    public void Mass_and_filament_follow_from_plane_geometry()
    {
        // Equal ends: a plain tube; 1.75 mm filament has 2.405 mm2, so 1 kg at 1.24 g/cm3 is 335 m.
        var design = Design(Workshop.Tube("a", inside: 50), Workshop.Tube("b", inside: 50), Workshop.Exact, null,
            ("firstJoin", "inside"), ("secondJoin", "inside"), ("wall", "2"), ("coneBy", "length"), ("coneLength", "10"),
                ("firstCuff", "20"), ("secondCuff", "20"));
        var outside = design.Ledger["first.drawn"].Value;
        var volume = Math.PI / 4 * ((outside * outside) - Math.Pow(outside - 4, 2)) * 50;
        design.Ledger["volume"].Value.ShouldBe(volume, 1e-6);
        design.Ledger["mass"].Value.ShouldBe(volume * 0.00124, 1e-6);
        (design.Ledger["filament"].Value / design.Ledger["mass"].Value).ShouldBe(335.3, 0.2);
    }

    [Fact]
    public void The_given_one_of_angle_and_length_decides_the_other()
    {
        var (first, second) = (Workshop.Tube("a", outside: 80), Workshop.Tube("b", inside: 40));
        var byAngle = Design(first, second, null, null, ("firstJoin", "over"), ("secondJoin", "inside"), ("coneAngle", "30"));
        var length = byAngle.Ledger["cone.length"].Value;
        var byLength = Design(first, second, null, null, ("firstJoin", "over"), ("secondJoin", "inside"), ("coneBy", "length"),
            ("coneLength", length.ToString("R")));
        byLength.Ledger["cone.angle"].Value.ShouldBe(30, 1e-6);
    }

    [Fact]
    public void Everything_in_the_ledger_can_be_asked_why()
    {
        var design = Design(Workshop.Tube("a", outside: 80), Workshop.Tube("b", inside: 40), null, null, ("firstJoin", "over"), ("secondJoin", "inside"));
        design.Ledger.Lines.Count.ShouldBeGreaterThan(20);
        design.Ledger.Lines.ShouldAllBe(l => l.Because.Length > 0);
        design.Ledger.Lines.ShouldAllBe(l => l.Quantity.StandardUncertainty == 0 || Math.Abs(l.Quantity.Shares.Sum(s => s.Share) - 1) < 1e-9);
        var drawn = ((Provenance.Derived)design.Ledger["first.drawn"].Provenance).Formula;
        drawn.InNames().ShouldBe("first cuff wanted + first cuff: upright hole allowance");
    }

    [Fact]
    public void Nothing_read_stops_with_the_way_to_the_reading_and_invents_no_number()
    {
        var design = Design(Workshop.Tube("port"), Workshop.Tube("hose", outside: 41));
        design.Pieces.ShouldBeEmpty();
        design.Ledger.Lines.ShouldBeEmpty();
        var stop = design.Checks.ShouldHaveSingleItem();
        stop.Verdict.ShouldBe(Verdict.Stop);
        stop.Remedies.ShouldHaveSingleItem().ShouldBeOfType<Remedy.Measure>().Dimension.ShouldBe("inside");
    }

    [Fact]
    public void A_wall_that_fills_the_plug_is_stopped_and_its_remedy_works()
    {
        var (port, hose) = (Workshop.Tube("port", inside: 15), Workshop.Tube("hose", outside: 41));
        var design = Design(port, hose, null, null, ("wall", "9"));
        var stop = Check(design, "first.bore");
        stop.Verdict.ShouldBe(Verdict.Stop);
        design.Pieces.ShouldBeEmpty();
        design.Drawing.ShouldBeNull();
        var remedy = stop.Remedies.OfType<Remedy.Change>().First();
        var mended = Design(port, hose, null, null, [.. remedy.Entries.Select(e => (e.Key, e.Value))]);
        Check(mended, "first.bore").Verdict.ShouldBe(Verdict.Good);
        mended.Pieces.ShouldNotBeEmpty();
    }

    public static TheoryData<string, double, double, double, (string, string)[]> Troubles => new()
    {
        { "overhang.first", 80, 40, 60, [("coneAngle", "70")] },
        { "overhang.second", 80, 40, 60, [("coneBy", "length"), ("coneLength", "5")] },
        { "first.depth", 80, 40, 12, [] },
        { "bed", 80, 40, 60, [("coneBy", "length"), ("coneLength", "240")] },
        { "wall", 80, 40, 60, [("wall", "0.5"), ("coneAngle", "60")] },
    };

    [Theory]
    [MemberData(nameof(Troubles))]
    public void A_trouble_is_told_and_its_remedy_mends_it(string key, double port, double hose, double depth, (string, string)[] entries)
    {
        var (first, second) = (Workshop.Tube("port", outside: port, depth: depth), Workshop.Tube("hose", inside: hose, depth: 60));
        (string, string)[] all = [("firstJoin", "over"), ("secondJoin", "inside"), .. entries];
        var check = Check(Design(first, second, null, null, all), key);
        check.Verdict.ShouldNotBe(Verdict.Good);
        check.Figure.ShouldNotBeEmpty();
        check.Source.ShouldNotBeEmpty();
        var remedy = check.Remedies.OfType<Remedy.Change>().First();
        var mended = all.Where(e => !remedy.Entries.ContainsKey(e.Item1)).Concat(remedy.Entries.Select(e => (e.Key, e.Value)));
        Check(Design(first, second, null, null, [.. mended]), key).Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void A_part_wider_than_the_bed_is_stopped() =>
        Check(Design(Workshop.Tube("a", outside: 230), Workshop.Tube("b", outside: 225), null, null, ("firstJoin", "over"), ("secondJoin", "over")),
            "bed").Verdict.ShouldBe(Verdict.Stop);

    [Fact]
    public void A_try_that_felt_tight_opens_the_socket_and_raises_the_chance()
    {
        var (port, hose) = (Workshop.Tube("port", outside: 100), Workshop.Tube("hose", inside: 63));
        (string, string)[] entries = [("firstJoin", "over"), ("secondJoin", "inside")];
        var before = Design(port, hose, null, null, entries);
        var tried = new TryEvidence("first", 1, before.Ledger["first.drawn"].Value, Feel.NeedsForce, null, null);
        var after = Design(port, hose, null, [tried], entries);
        after.Ledger["first.drawn"].Value.ShouldBeGreaterThan(before.Ledger["first.drawn"].Value);
        after.Ledger["first.correction"].Provenance.ShouldBeOfType<Provenance.Learned>();
        after.Ledger["second.drawn"].Value.ShouldBe(before.Ledger["second.drawn"].Value, 1e-12);
        after.Chance!.Value.ShouldBeGreaterThan(before.Chance!.Value);
    }

    [Fact]
    public void Any_readings_and_choices_give_a_drawing_that_agrees_with_the_ledger() =>
        Gen.Select(Gen.Double[20, 150], Gen.Double[20, 150], AnyJoin, AnyJoin, Gen.Double[5, 75]).Sample((a, b, joinA, joinB, angle) =>
        {
            var design = Design(Workshop.Tube("a", a, a, 50), Workshop.Tube("b", b, b, 50), null, null,
                ("firstJoin", joinA), ("secondJoin", joinB), ("coneAngle", angle.ToString("0.###")));
            design.Drawing.ShouldNotBeNull();
            var section = design.Drawing.Regions.Where(r => r.Matter == Matter.Part).SelectMany(r => r.Outline).ToList();
            section.Max(p => p.X).ShouldBe(design.Ledger["height"].Value, 1e-9);
            section.Max(p => p.Y).ShouldBe(Math.Max(Outside(design, "first"), Outside(design, "second")) / 2, 1e-9);
            design.Drawing.Callouts.ShouldAllBe(c => design.Ledger.Lines.Any(l => l.Key == c.Line));
            design.Chance!.Value.ShouldBeInRange(0, 1);
            design.Seats.ShouldAllBe(s => s.Least < s.Clearance.Value && s.Clearance.Value < s.Greatest);
        });

    private static double Outside(Design design, string slot) => Math.Max(design.Ledger[$"{slot}.drawn"].Value, design.Ledger[$"{slot}.other"].Value);
}
