namespace Emboq.Core.Tests.Families;

/// <summary>Tapers, clamp seats, steps, ladders, marks and what holds a print on the bed.</summary>
public sealed class HoldTests
{
    private static readonly Family Adapter = FamilyList.Find("hose-adapter")!;

    private static Design Design(params (string Key, string Entry)[] entries) => Marked(null, entries);

    private static Design Marked(string? mark, params (string Key, string Entry)[] entries)
    {
        (string, string)[] usual = [("firstJoin", "over"), ("secondJoin", "inside"), .. entries];
        var values = ParameterValues.Read(Adapter.Parameters, usual.ToDictionary(e => e.Item1, e => e.Item2)).Value;
        var places = new Dictionary<string, Interface>
        {
            ["first"] = Workshop.Tube("port", outside: 80, depth: 60),
            ["second"] = Workshop.Tube("hose", inside: 50, depth: 60)
        };
        return Adapter.Design(new(values, places, Workshop.Process, [], mark));
    }

    private static double[] Outside(Design design) =>
        [.. ((Solid.Revolved)design.PrintItems.Single(b => b.Key == "part").Solid).Profile.Points.Select(p => p.X)];

    [Fact]
    public void A_taper_states_mouth_middle_and_root()
    {
        var design = Design(("secondHold", "taper"), ("secondTaper", "1:20"), ("secondCuff", "40"), ("firstHold", "taper"),
            ("firstTaper", "1:20"), ("firstCuff", "40"));
        // 1:20 over 40 mm is 2 mm of diameter (plane geometry): a plug is narrower at its mouth, a socket wider.
        (design.Ledger["second.root"].Value - design.Ledger["second.mouth"].Value).ShouldBe(2, 1e-9);
        (design.Ledger["first.mouth"].Value - design.Ledger["first.root"].Value).ShouldBe(2, 1e-9);
        ((design.Ledger["second.root"].Value + design.Ledger["second.mouth"].Value) / 2).ShouldBe(design.Ledger["second.drawn"].Value, 1e-9);
        Outside(design).ShouldContain(x => Math.Abs((2 * x) - design.Ledger["second.mouth"].Value) < 1e-9);
    }

    [Fact]
    public void Volume_of_a_tapered_adapter_follows_Pappus()
    {
        var design = Design(("secondHold", "taper"), ("firstHold", "clamp"), ("secondTaper", "1:10"));
        // Pappus: 2π times the distance of the profile's centroid from the axis times its area; ridges come on top of the ledger's volume.
        var points = ((Solid.Revolved)design.Pieces[0].Solid).Profile.Points;
        var moment = Enumerable.Range(0, points.Length).Sum(i => Moment(points[i], points[(i + 1) % points.Length]));
        var ridges = 2 * Math.PI * ((design.Ledger["first.other"].Value / 2) + 0.4) * 2 * (1.6 * 0.8);
        (2 * Math.PI * moment).ShouldBe(design.Ledger["volume"].Value + ridges, 5);
    }

    [Fact]
    public void A_flat_taper_that_the_doubt_pushes_off_the_cuff_is_watched_and_the_remedy_settles_it()
    {
        var flat = Design(("secondHold", "taper"), ("secondTaper", "0.1"));
        var check = flat.Checks.Single(c => c.Key == "second.hold");
        check.Verdict.ShouldBe(Verdict.Watch);
        var change = check.Remedies.OfType<Remedy.Change>().Single();
        Design([("secondHold", "taper"), .. change.Entries.Select(e => (e.Key, e.Value))]).Checks.Single(c =>
            c.Key == "second.hold").Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void A_clamp_lies_between_what_keeps_it()
    {
        var design = Design(("firstHold", "clamp"), ("firstBand", "12"), ("secondHold", "clamp"));
        design.Ledger["first.band"].Value.ShouldBe(13);
        // Two ridges on the socket, one bead on the plug, each 0.8 mm high.
        var outside = design.Ledger["first.other"].Value / 2;
        Outside(design).Count(x => Math.Abs(x - outside - 0.8) < 1e-9).ShouldBe(4);
        Outside(design).Count(x => Math.Abs(x - (design.Ledger["second.drawn"].Value / 2) - 0.8) < 1e-9).ShouldBe(2);
        design.Hardware.Count.ShouldBe(2);
        design.Fitting.ShouldContain(s => s.Contains("Lay the clamp in its seat"));
        design.Drawing!.Callouts.ShouldContain(c => c.Line == "first.band" && c.Parameter == "firstBand");
    }

    [Fact]
    public void A_cuff_too_short_for_its_clamp_stops_and_the_remedy_makes_room()
    {
        var check = Design(("firstHold", "clamp"), ("firstCuff", "8")).Checks.Single(c => c.Key == "first.hold");
        check.Verdict.ShouldBe(Verdict.Stop);
        var change = check.Remedies.OfType<Remedy.Change>().Single();
        Design([("firstHold", "clamp"), .. change.Entries.Select(e => (e.Key, e.Value))]).Checks.Single(c =>
            c.Key == "first.hold").Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void A_step_is_a_shelf_as_thick_as_the_wall()
    {
        var design = Design(("coneBy", "step"), ("wall", "2"));
        design.Ledger["cone.length"].Value.ShouldBe(2);
        var profile = ((Solid.Revolved)design.Pieces[0].Solid).Profile;
        var (low, outside, inside) = (design.Ledger["first.cuff"].Value, design.Ledger["first.other"].Value / 2, (design.Ledger["second.drawn"].Value / 2) - 2);
        profile.Points.ShouldContain(p => Math.Abs(p.X - outside) < 1e-9 && Math.Abs(p.Y - low - 2) < 1e-9);
        profile.Points.ShouldContain(p => Math.Abs(p.X - inside) < 1e-9 && Math.Abs(p.Y - low) < 1e-9);
        // Pappus agrees with the ledger: two rings and a washer.
        (2 * Math.PI * Enumerable.Range(0, profile.Points.Length).Sum(i =>
            Moment(profile.Points[i], profile.Points[(i + 1) % profile.Points.Length]))).ShouldBe(design.Ledger["volume"].Value, 1e-6);
        design.Checks.Single(c => c.Key == "overhang.first").Says.ShouldContain("shelf in the air droops");
    }

    [Fact]
    public void A_ladder_stands_around_the_drawn_size_in_the_steps_asked_for()
    {
        var seat = Design(("ladderRings", "4"), ("ladderStep", "0.2")).Seats[0];
        seat.Ladder.Select(s => Math.Round(s - seat.Drawn.Value, 9)).ShouldBe([-0.3, -0.1, 0.1, 0.3]);
        Design(("ladderRings", "3"), ("ladderStep", "0.2"), ("firstLadderShift", "-0.3")).Seats[0].Ladder.Select(s =>
            Math.Round(s - seat.Drawn.Value, 9)).ShouldBe([-0.5, -0.3, -0.1]);
        // Left open, no other step is worth more.
        var proposed = Design(("ladderRings", "5")).Seats[0];
        proposed.LadderChance!.Value.ShouldBeGreaterThan(proposed.Chance);
        for (var step = 0.05; step < 0.6; step += 0.05)
        {
            Design(("ladderRings", "5"), ("ladderStep", Figures.Number(Math.Round(step, 2)))).Seats[0].LadderChance!.Value
                .ShouldBeLessThanOrEqualTo(proposed.LadderChance.Value + 0.001, $"step {step}");
        }
        proposed.LadderChance.Value.ShouldBeGreaterThan(Design(("ladderRings", "3")).Seats[0].LadderChance!.Value - 0.001);
    }

    /// <summary>Left open, a ladder has the fewest rings that are worth as much as any; where a fit reaches further to one side, so does the
    /// ladder: no row of as many, however far apart and wherever its middle is, is worth more.</summary>
    [Theory]
    [InlineData("snug")]
    [InlineData("slide")]
    [InlineData("free")]
    public void As_many_rings_as_help_stand_where_they_help_most(string fit)
    {
        var open = Design(("secondFit", fit), ("ladderRings", "open")).Seats[1];
        var most = Enumerable.Range(3, 5).Select(n => Design(("secondFit", fit), ("ladderRings", $"{n}")).Seats[1].LadderChance!.Value).ToList();
        open.LadderChance!.Value.ShouldBeGreaterThan(most.Max() - 0.0055);
        most.Take(open.Ladder.Count - 3).ShouldAllBe(c => c < most.Max() - 0.0045);
        for (var step = 0.05; step < 0.6; step += 0.05)
        {
            for (var shift = -0.3; shift < 0.31; shift += 0.1)
            {
                Design(("secondFit", fit), ("ladderRings", $"{open.Ladder.Count}"), ("ladderStep", Figures.Number(Math.Round(step, 2))),
                    ("secondLadderShift", Figures.Number(Math.Round(shift, 2)))).Seats[1].LadderChance!.Value
                    .ShouldBeLessThan(open.LadderChance.Value + 0.007, $"step {step}, shift {shift}");
            }
        }
    }

    /// <summary>Readings that contradict each other by tens of millimetres leave a doubt that no ladder covers: one is planned all the same.</summary>
    [Fact]
    public void A_doubt_of_tens_of_millimetres_has_a_ladder_too()
    {
        var places = new Dictionary<string, Interface>
        {
            ["first"] = Workshop.Place(Guid.NewGuid(), "straw", KindList.Tube,
            [("outside", 90), ("inside", 20), ("wall", 2)]),
            ["second"] = Workshop.Tube("pipe", outside: 60, inside: 56)
        };
        var design = Adapter.Design(new(ParameterValues.Read(Adapter.Parameters, new Dictionary<string, string>()).Value, places, Workshop.Process, []));
        design.Seats[0].Clearance.StandardUncertainty.ShouldBeGreaterThan(5);
        design.Seats[0].Ladder.Count.ShouldBeInRange(3, 7);
        design.Seats[0].Ladder.ShouldBeInOrder();
    }

    [Fact]
    public void The_ladder_of_a_thin_plug_keeps_a_hole()
    {
        var values = ParameterValues.Read(Adapter.Parameters, new Dictionary<string, string>
        {
            ["secondJoin"] = "inside",
            ["wall"] = "0.5",
            ["ladderRings"] = "7",
            ["ladderStep"] = "1",
            ["firstLadderShift"] = "-1"
        }).Value;
        var places = new Dictionary<string, Interface> { ["first"] = Workshop.Tube("straw", inside: 2.5), ["second"] = Workshop.Tube("straw", inside: 3) };
        var design = Adapter.Design(new(values, places, Workshop.Process, []));
        design.PrintItems.Select(b => b.Solid.Hash).Distinct().Count().ShouldBe(design.PrintItems.Count());
        design.Seats[0].Ladder.ShouldAllBe(s => s > 1);
    }

    [Fact]
    public void A_mark_is_raised_where_nothing_fits()
    {
        var (bare, marked) = (Design(), Marked("r7"));
        marked.Pieces[0].Solid.ShouldNotBe(bare.Pieces[0].Solid);
        SolidJson.Write(marked.Pieces[0].Solid).ToJsonString().ShouldContain("\"r7\"");
        // Coupons are cut out of the part without it, so that a mark never falls on a ring.
        marked.Proofs[0].Solid.ShouldBe(bare.Proofs[0].Solid);
    }

    [Theory]
    [InlineData("foot")]
    [InlineData("pads")]
    [InlineData("ribs")]
    public void What_holds_the_print_stands_under_the_end_that_is_down(string steady)
    {
        Design(("steady", steady), ("wayUp", "second")).Pieces[0].Solid.ShouldNotBe(Design(("wayUp", "second")).Pieces[0].Solid);
        Design(("steady", steady), ("wayUp", "side")).Pieces[0].Solid.ShouldBe(Design().Pieces[0].Solid);
    }

    [Theory]
    [InlineData("ribs", "first")]
    [InlineData("pads", "side")]
    public void What_cannot_hold_the_print_is_told_and_the_remedy_can(string steady, string way)
    {
        // The first end is the wider one: with it down, nothing leans out.
        var check = Design(("steady", steady), ("wayUp", way)).Checks.Single(c => c.Key == "steady");
        check.Verdict.ShouldBe(Verdict.Watch);
        Design([.. check.Remedies.OfType<Remedy.Change>().Single().Entries.Select(e => (e.Key, e.Value))]).Checks.ShouldNotContain(c => c.Key == "steady");
    }

    [Fact]
    public void The_part_is_printed_the_way_that_was_chosen()
    {
        var design = Design(("wayUp", "second"));
        var part = design.Pieces[0];
        part.AsPrinted.ShouldBe(part.Solid.Tipped(180));
        design.Proofs[0].AsPrinted.ShouldBe(design.Proofs[0].Solid);
    }

    // First moment of a polygon about the axis, edge by edge (Green's theorem).
    private static double Moment(Point2 a, Point2 b) => (b.Y - a.Y) * ((a.X * a.X) + (a.X * b.X) + (b.X * b.X)) / 6;
}
