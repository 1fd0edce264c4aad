using Emboq.Core.Families.Jigs.SoftJaws;
using Emboq.Core.Tests.Measuring;

namespace Emboq.Core.Tests.Families;

/// <summary>Figures of the everyday parts against plane geometry and what people do by hand.</summary>
public sealed class EverydayPartsTests
{
    private static Design Design(string family, string entries = "", Design? served = null, params (string Slot, Interface Place)[] places)
    {
        var (f, brief) = Asked(family, entries, places);
        return f.Design(served is null ? brief : brief with
        {
            Taken = new Dictionary<string, Taken>
            {
                ["pattern"] = new("pull", "holes",
            served.Gives("holes"))
            }
        });
    }

    private static Design Template(params (string Slot, Given? Thing)[] takes)
    {
        var (f, brief) = Asked("drilling-template", "", []);
        return f.Design(brief with { Taken = takes.ToDictionary(t => t.Slot, t => new Taken("pull", t.Slot, t.Thing)) });
    }

    private static (Family Family, Brief Brief) Asked(string family, string entries, (string Slot, Interface Place)[] places)
    {
        var f = FamilyList.Find(family)!;
        var given = entries.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1]);
        return (f, new(ParameterValues.Read(f.Parameters, given).Value, places.ToDictionary(p => p.Slot, p => p.Place), Workshop.Process, []));
    }

    private static Interface Box(string name, double width, double depth, double height) =>
        Workshop.Place(Guid.NewGuid(), name, KindList.Of("block"), [("width", width), ("depth", depth), ("height", height)]);

    private static Verdict Of(Design design, string key) => design.Checks.Single(c => c.Key == key).Verdict;

    /// <summary>Common practice, no source: a pull 40 mm deep was too deep; shortening it drove the screw's bore through the face. Here a check says so at
    /// every depth.</summary>
    [Theory]
    [InlineData("insert")]
    [InlineData("sideNut")]
    [InlineData("selfCut")]
    public void Shortening_a_pull_never_drives_a_bore_through_its_face_unsaid(string fastening)
    {
        for (var projection = 40.0; projection >= 8; projection -= 0.5)
        {
            var design = Design("drawer-pull", FormattableString.Invariant($"spacing=50; fastening={fastening}; projection={projection}; face=2; text=Tacks"));
            var deep = design.Ledger.Lines.FirstOrDefault(l => l.Key == "screw.room")!.Quantity.Value;
            (Of(design, "floor") == Verdict.Stop).ShouldBe(projection - deep < 1.2 + 0.8 - 1e-9, $"{projection}");
        }
    }

    [Fact]
    public void A_remedy_of_the_face_mends_it()
    {
        var stopped = Design("drawer-pull", "projection=9; face=2; text=Tacks");
        var change = stopped.Checks.Single(c => c.Key == "floor").Remedies.OfType<Remedy.Change>().Single();
        Of(Design("drawer-pull", $"projection={change.Entries["projection"]}; face=2; text=Tacks"), "floor").ShouldBe(Verdict.Good);
    }

    /// <summary>Common practice, no source: 43 mm between the holes less 3 mm a side.</summary>
    [Fact]
    public void A_label_is_fitted_between_the_heads_of_through_screws()
    {
        var ledger = Design("drawer-pull", "spacing=50; fastening=through; woodScrew=3.5 mm; text=Rivets").Ledger;
        // The head is 7 mm across by table and drawn with room and allowance.
        ledger["label.room"].Value.ShouldBe(43 - 6, 0.8);
        (LetterWidths.Of("Rivets") * ledger["label.size"].Value).ShouldBeLessThanOrEqualTo(ledger["label.room"].Value + 1e-9);
    }

    [Theory]
    [InlineData("sunk", 0)]
    [InlineData("inlay", 1)]
    public void An_inlay_is_a_body_with_an_offset_of_its_own(string lettering, int bodies)
    {
        var design = Design("label-plate", $"text=Oil; lettering={lettering}; height=40; fixing=none");
        design.Pieces.Count(b => b.Key == "inlay").ShouldBe(bodies);
        if (bodies == 1)
        {
            // Half of the clearance on the full width, of what the process takes from a groove, and of what it adds to a letter.
            design.Ledger["label.gap"].Value.ShouldBe((0.1 + Workshop.Known(Surface.Pocket).Value - Workshop.Known(Surface.OutsideFlat).Value) / 2, 1e-9);
        }
    }

    [Fact]
    public void A_template_takes_its_holes_from_the_part_it_serves()
    {
        var pull = Design("drawer-pull", "spacing=3 in");
        var template = Design("drilling-template", "fromTop=50; frontWidth=33 7/8 in", pull);
        template.Pattern.ShouldBe(pull.Pattern);
        (template.Pattern[1].X - template.Pattern[0].X).ShouldBe(76.2, 1e-9);
        template.Ledger["front.centre"].Value.ShouldBe(16.9375 * 25.4, 1e-9);
        template.Ledger.Lines.Single(l => l.Key == "front.centre").Because.ShouldContain("16 15/16 in, exactly");
        // As it turns out on the printed pull, 0.4 mm closer, the doubt of the reading goes along.
        var measured = Quantity.Input("spacing", 75.8, Unit.Millimetre, new Provenance.Measured("1 reading"), (new Source("caliper", "caliper", 0.05), 1));
        var fitted = Template(("pattern", pull.Gives("holes")), ("spaced", new Given.Size("spacing", measured, null)));
        (fitted.Pattern[1].X - fitted.Pattern[0].X).ShouldBe(75.8, 1e-9);
        fitted.Ledger["span"].StandardUncertainty.ShouldBe(0.05, 1e-9);
        // By hand: 0.3 % of 76.2 mm is 0.23 mm, doubled for 95 %.
        var waiting = pull.Gives("spacing").ShouldBeOfType<Given.Size>();
        waiting.Value.Value.ShouldBe(76.2, 1e-9);
        Taking.Checks(new Dictionary<string, Taken> { ["spaced"] = new("pull", "spacing as printed", waiting) }).Single().ShouldSatisfyAllConditions(
            c => c.Verdict.ShouldBe(Verdict.Watch), c => c.Figure.ShouldBe("76.2 mm ± 0.46 mm"),
            c => c.Says.ShouldContain("the printed pull, measured from hole to hole"));
        Taking.Checks(new Dictionary<string, Taken> { ["pattern"] = new("pull", "holes", null) }).Single().Verdict.ShouldBe(Verdict.Stop);
        // One change of the pull moves the template.
        Design("drilling-template", "", Design("drawer-pull", "spacing=64")).Pattern[1].X.ShouldBe(32);
    }

    [Fact]
    public void Two_hooks_set_a_template_by_the_middle_of_its_front()
    {
        Of(Design("drilling-template", "hooks=two"), "hooks").ShouldBe(Verdict.Watch);
        Design("drilling-template", "hooks=two; frontWidth=200; spacing=64").Checks.ShouldNotContain(c => c.Key == "hooks");
    }

    /// <summary>Common practice, no source: a box of 120 by 50 by 90 mm in walls and floor of 5 mm.</summary>
    [Fact]
    public void A_bin_leaves_its_box_to_be_grasped()
    {
        var box = Box("box", 120, 50, 90);
        var design = Design("wall-bin", "wall=5; floor=5; strip=1000", null, ("item", box));
        design.Ledger["outer.width"].Value.ShouldBe(120 + 2 + Workshop.Known(Surface.Pocket).Value + 10, 1e-9);
        (90 + 5 - design.Ledger["back"].Value).ShouldBe(20, 1e-9);
        design.Ledger["row"].Value.ShouldBe(Math.Floor(1001 / (design.Ledger["outer.width"].Value + 1)));
        Of(Design("wall-bin", "back=95; front=95", null, ("item", box)), "grasp").ShouldBe(Verdict.Watch);
        Of(Design("wall-bin", "front=5; floor=4", null, ("item", box)), "keeps").ShouldBe(Verdict.Stop);
    }

    /// <summary>Roark, cantilever with even load: F L³ / (8 E I), the section reckoned here from its two parts.</summary>
    [Fact]
    public void A_loaded_bin_sags_as_a_cantilever()
    {
        var l = Design("wall-bin", "load=2000; wall=3; floor=3", null, ("item", Box("box", 100, 80, 60))).Ledger;
        var (t, h, b, f) = (l["wall"].Value, l["front"].Value, l["item.width.drawn"].Value, l["floor"].Value);
        var (a1, a2) = (2 * t * h, b * f);
        var y = ((a1 * h / 2) + (a2 * f / 2)) / (a1 + a2);
        var i = (2 * t * h * h * h / 12) + (a1 * Math.Pow((h / 2) - y, 2)) + (b * f * f * f / 12) + (a2 * Math.Pow((f / 2) - y, 2));
        l["sag"].Value.ShouldBe(2000 * 0.00981 * Math.Pow(l["outer.depth"].Value, 3) / (8 * 2000 * i), 1e-9);
        // Statics: about the lower edge, and the screws stand 9 mm below the top of the back.
        l["pull"].Value.ShouldBe(2000 * 0.00981 * l["outer.depth"].Value / 2 / (l["back"].Value - 9), 1e-9);
    }

    /// <summary>Plane geometry: the middle of a round lies its radius from both faces of the groove, and touches them where the reckoning says.</summary>
    [Theory]
    [InlineData(8, 25, 90)]
    [InlineData(10, 30, 120)]
    [InlineData(12, 20, 60)]
    public void A_round_touches_a_groove_where_it_is_reckoned(double small, double large, double angle)
    {
        var groove = VeeGroove.Of(Mm(small), Mm(large), Quantity.Chosen("angle", angle, Unit.DegreeOfArc), new Ledger());
        var a = angle / 2 * Math.PI / 180;
        // The face as a line from the bottom: (t sin a, t cos a). The middle of a round stands on the axis.
        var t = (groove.Depth.Value - groove.Contact.Value) / Math.Cos(a);
        (Math.Sqrt((t * t) + (large * large / 4)) * Math.Sin(a)).ShouldBe(large / 2, 1e-9);
        groove.Stands.Value.ShouldBe((small / 2 / Math.Sin(a)) + (small / 2) - groove.Depth.Value, 1e-9);
        groove.HalfWidth.Value.ShouldBe(groove.Depth.Value * Math.Tan(a), 1e-9);
    }

    [Fact]
    public void Jaws_refuse_a_round_that_vanishes_in_their_groove() =>
        Of(Design("soft-jaws", "shape=vee; smallest=2; largest=40; thickness=40", null, ("jaw", Box("jaw", 120, 20, 60))), "holds").ShouldBe(Verdict.Stop);

    /// <summary>Common practice: half of (follower − cutter); with equal diameters the template is the part.</summary>
    [Theory]
    [InlineData("outside", 17, 12, -2.5)]
    [InlineData("inside", 17, 12, 2.5)]
    [InlineData("outside", 12, 12, 0)]
    public void A_router_template_is_offset_by_half_the_difference(string side, double follower, double cutter, double offset)
    {
        var design = Design("router-template",
            FormattableString.Invariant($"side={side}; follower={follower}; cutter={cutter}; width=120; height=70; corner=15"));
        design.Ledger["offset"].Value.ShouldBe(Math.Abs(offset), 1e-9);
        var edge = design.Drawing!.Regions.Single(r => r.Matter == (side == "inside" ? Matter.Opening : Matter.Part)).Outline;
        (edge.Max(p => p.X) - edge.Min(p => p.X)).ShouldBe(120 + (2 * offset) + Workshop.Known(side == "inside" ? Surface.Pocket
            : Surface.OutsideFlat).Value, 0.01);
    }

    [Fact]
    public void The_smallest_inside_radius_is_read_off_the_outline()
    {
        Outlines.Tightest(Outlines.RoundedRectangle(80, 50, 12, 0.01), recess: true)!.Value.Radius.ShouldBe(12, 0.1);
        Outlines.Tightest(Outlines.RoundedRectangle(80, 50, 12, 0.01), recess: false).ShouldBeNull();
        Outlines.Tightest(new(new(0, 0), new(40, 0), new(40, 20), new(20, 20), new(20, 40), new(0, 40)),
            recess: false).ShouldBe((0, new Point2(20, 20)));
        Of(Design("router-template", "cutter=18; follower=17"), "cuts").ShouldBe(Verdict.Stop);
    }

    [Theory]
    [InlineData(25, 80)]
    [InlineData(7.5, 120)]
    public void A_wedge_rises_by_the_tangent(double angle, double length)
    {
        var design = Design("set-up-aid", FormattableString.Invariant($"wedgeAngle={angle}; length={length}"));
        design.Ledger["rise"].Value.ShouldBe(length * Math.Tan(angle * Math.PI / 180), 1e-9);
        Of(design, "true").ShouldBe(Verdict.Good);
    }

    [Fact]
    public void A_height_between_two_layers_is_told()
    {
        Of(Design("set-up-aid", "aid=spacer; height=12.1"), "layers.low").ShouldBe(Verdict.Watch);
        Of(Design("set-up-aid", "aid=spacer; height=12.2"), "layers.low").ShouldBe(Verdict.Good);
    }

    [Fact]
    public void A_key_has_a_ladder_around_its_width_and_the_depth_less_what_stays_free()
    {
        var slot = Workshop.Place(Guid.NewGuid(), "fence slot", KindList.Of("slot"), [("width", 19.1), ("depth", 9.5)]);
        var design = Design("fence-key", "under=0.5", null, ("channel", slot));
        design.Ledger["high"].Value.ShouldBe(9, 1e-9);
        // The shaft goes into the slot: drawn = measured − clearance + allowance.
        design.Seats[0].Drawn.Value.ShouldBe(19.1 - 0.1 + Workshop.Known(Surface.OutsideFlat).Value, 1e-9);
        design.Seats[0].Ladder[2].ShouldBe(design.Seats[0].Drawn.Value, 1e-9);
        design.Seats[0].Ladder.ShouldBeInOrder();
        Of(Design("fence-key", "under=9", null, ("channel", slot)), "deep").ShouldBe(Verdict.Stop);
    }

    [Fact]
    public void A_key_takes_nuts_from_below_when_it_is_wide_enough()
    {
        Interface Channel(double width) => Workshop.Place(Guid.NewGuid(), "slot", KindList.Of("slot"), [("width", width), ("depth", 12)]);
        var wide = Design("fence-key", "fixing=nuts; screw=M4", null, ("channel", Channel(24)));
        wide.Hardware.ShouldContain(h => h.Contains("nuts M4", StringComparison.Ordinal));
        Of(wide, "nut.wall").ShouldBe(Verdict.Good);
        Of(Design("fence-key", "fixing=nuts; screw=M6", null, ("channel", Channel(12))), "nut.wall").ShouldBe(Verdict.Stop);
        Of(Design("fence-key", "clearance=3", null, ("channel", Channel(4))), "wide").ShouldBe(Verdict.Stop);
    }

    [Fact]
    public void A_key_locks_in_height_and_is_then_free_across()
    {
        var slot = Workshop.Place(Guid.NewGuid(), "fence slot", KindList.Of("slot"), [("width", 19.1), ("depth", 9.5)]);
        var design = Design("fence-key", "locks=height; sides=1.5; across=slide", null, ("channel", slot));
        design.Ledger["wide"].Value.ShouldBe(17.6, 1e-9);
        design.Seats[0].Drawn.Value.ShouldBe(9.5 - 0.35 + Workshop.Known(Surface.OutsideFlat).Value, 1e-9);
        design.Drawing!.Callouts.Select(c => c.Parameter).ShouldContain("sides");
        design.Proofs.First(b => b.Key == "ladder-channel").Says.ShouldContain("wider");
    }

    [Fact]
    public void Screws_are_as_long_as_the_drawer_has_them_in_every_family_that_is_screwed_on()
    {
        DrawerScrew[] drawer = [new("4 mm", "wood", 20), new("3.5 mm", "wood", 16), new("M5", "cap", 30), new("M6", "cap", 20), new("M4", "countersunk", 30),
            new("3.5 mm", "wood", 40), new("3.5 mm", "wood", 50)];
        string Hardware(string family, string entries, params (string, Interface)[] places)
        {
            var (f, brief) = Asked(family, entries, places);
            return string.Join("; ", f.Design(brief with { Drawer = drawer }).Hardware);
        }

        Hardware("wall-bin", "", ("item", Box("box", 100, 60, 80))).ShouldContain("20 mm from the drawer");
        Hardware("label-plate", "text=Tacks").ShouldContain("16 mm from the drawer");
        // Plate 3, wood 18, washer 0.8, nut 3.2 and a turn of 0.7 mm: 25.7 to 33 mm.
        Hardware("label-plate", "fixing=machine; washer=plain; screw=M4").ShouldBe("2 screws M4 countersunk, 30 mm from the drawer; 2 nuts M4; 2 plain "
            + "washers M4");
        Hardware("pocket-tray", "mount=screws", ("item1", Box("stone", 60, 30, 12))).ShouldContain("16 mm from the drawer");
        Hardware("drawer-pull", "fastening=through").ShouldContain("40 mm from the drawer");
        Hardware("soft-jaws", "fixing=screws; thickness=16", ("jaw", Box("jaw", 100, 40, 20))).ShouldContain("20 mm from the drawer");
        Hardware("fence-key", "", ("channel", Workshop.Place(Guid.NewGuid(), "slot", KindList.Of("slot"),
            [("width", 24), ("depth", 12)]))).ShouldContain("30 mm from the drawer");
        // Two ears of 14 mm less head and nut, a gap of 3 mm and the nut: 25.4 to 33.7 mm.
        Hardware("split-clamp", "", ("post", Measuring.Places.Of("post"))).ShouldContain("30 mm from the drawer");
        // Ears of 6 mm and three times 4 mm in the board: 18 to 23 mm; crown 4, tube 30, air 2 less 1 mm, and three times 3.5 mm: 45.5 to 52 mm.
        Hardware("foot-socket", "", ("foot", Box("foot", 40, 30, 30))).ShouldContain("20 mm from the drawer");
        Hardware("tube-saddle", "woodScrew=3.5 mm; crown=4; air=2", ("tube", Measuring.Places.Of("post"))).ShouldContain("50 mm from the drawer");
        // A plate of 6 mm and three times 4 mm in the edge; a leaf of 6 mm and a rail of 30 mm: 18 mm and more.
        Hardware("flip-hinge", "", ("rail", Measuring.Places.Of("board")), ("pin",
            Measuring.Places.Of("pin"))).ShouldContain("20 mm from the drawer, into the rail");
        // A plate of 6 mm and three times 4 mm in the work.
        Hardware("faceplate", "plate=6; woodScrew=4 mm", ("spindle", Measuring.Places.Of("spindle"))).ShouldContain("20 mm from the drawer");
        // Two cheeks of 9 mm, a leg of 45 with its gap, two washers of 1.6, a nut of 5.2 and a turn of 1 mm, against one that stands out 8 mm more; a plate of
        // 8 mm and three times 4 mm in the table.
        Hardware("leg-hinge", "woodScrew=4 mm; board=15", ("leg", Measuring.Places.Of("board"))).ShouldContain("20 mm from the drawer");
        // A floor of 8 mm and three times 4 mm in a bench.
        Hardware("cam-vice", "", ("work", Measuring.Places.Of("board")), ("pin", Measuring.Places.Of("pin"))).ShouldContain("20 mm from the drawer");
        // A plate of 8 mm and three times 4 mm in the edge.
        Hardware("flip-stop", "plate=8", ("pin", Measuring.Places.Of("pin"))).ShouldContain("20 mm from the drawer, into the table's edge");
        // A roof of 7 mm and three times 4 mm in a shelf.
        Hardware("clamp-rack", "", ("clamp", Measuring.Places.Of("lipped"))).ShouldContain("20 mm from the drawer, into the shelf");
        // Six under the head, a gap of two and two diameters of thread, against 12 mm of hole.
        Hardware("shell-clamp", "screw=M6", ("grip", Measuring.Places.Of("grip")), ("table", Measuring.Places.Of("hole-grid"))).ShouldContain(
            "20 mm from the drawer");
        FamilyList.All.Where(f => f.Screws).Select(f => f.Key).ShouldBe(["drawer-pull", "label-plate", "wall-bin", "soft-jaws", "fence-key", "pocket-tray",
            "split-clamp", "foot-socket", "tube-saddle", "flip-hinge", "faceplate", "leg-hinge", "cam-vice", "flip-stop", "clamp-rack",
            "shell-clamp"]);
    }

    [Theory]
    [InlineData("96 mm", 96)]
    [InlineData("3 3/4 in", 95.25)]
    public void A_custom_of_furniture_gives_the_spacing(string custom, double spacing) =>
        Design("drawer-pull", $"custom={custom}; spacing=50").Ledger["spacing"].Value.ShouldBe(spacing, 1e-9);

    [Theory]
    [InlineData("vee", "upright")]
    [InlineData("vee", "along")]
    [InlineData("round", "upright")]
    public void A_grooved_jaw_is_drawn_in_section_with_its_rounds_in_the_groove(string shape, string runs)
    {
        var drawing = Design("soft-jaws", $"shape={shape}; runs={runs}; thickness=20; smallest=8; largest=16; fixing=none", null,
            ("jaw", Box("jaw", 100, 40, 40))).Drawing!;
        var rounds = drawing.Regions.Where(r => r.Matter == Matter.Machine && r.Outline.Count > 8).ToList();
        rounds.Count.ShouldBe(shape == "vee" ? 2 : 1);
        var plate = drawing.Regions.Last(r => r.Matter == Matter.Part).Outline;
        // A round touches its groove and enters it nowhere: from its middle to the nearest side of the plate is its radius.
        foreach (var round in rounds)
        {
            var middle = new Point2((round.Outline.Min(p => p.X) + round.Outline.Max(p => p.X)) / 2,
                (round.Outline.Min(p => p.Y) + round.Outline.Max(p => p.Y)) / 2);
            var radius = (round.Outline.Max(p => p.X) - round.Outline.Min(p => p.X)) / 2;
            Enumerable.Range(0, plate.Count).Min(i => Distance(middle, plate[i], plate[(i + 1) % plate.Count])).ShouldBe(radius, 0.1);
        }
    }

    private static double Distance(Point2 p, Point2 a, Point2 b)
    {
        var (dx, dy) = (b.X - a.X, b.Y - a.Y);
        var t = Math.Clamp((((p.X - a.X) * dx) + ((p.Y - a.Y) * dy)) / ((dx * dx) + (dy * dy)), 0, 1);
        return Math.Sqrt(Math.Pow(p.X - a.X - (t * dx), 2) + Math.Pow(p.Y - a.Y - (t * dy), 2));
    }

    [Fact]
    public void A_tray_keeps_pockets_apart_and_puts_what_is_used_most_in_front()
    {
        var places = new[] { ("item1", Box("stone", 60, 30, 12)), ("item2", Box("wax", 50, 40, 20)), ("item3", Box("gauge", 40, 25, 10)) };
        var design = Design("pocket-tray", "width=150; depth=120; item1Use=seldom; item3Use=often", null, places);
        design.Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
        var pockets = design.Drawing!.Regions.Where(r => r.Drag is not null && r.Matter == Matter.Opening).ToDictionary(r => r.Drag!.X[..5], r => r.Outline);
        pockets["item3"].Min(p => p.Y).ShouldBeLessThan(pockets["item1"].Min(p => p.Y));
        var boxes = pockets.Values.Select(o => (Left: o.Min(p => p.X), Right: o.Max(p => p.X), Low: o.Min(p => p.Y), High: o.Max(p => p.Y))).ToList();
        var wall = design.Ledger["wall"].Value;
        foreach (var (a, i) in boxes.Select((a, i) => (a, i)))
        {
            boxes.Skip(i + 1).ShouldAllBe(b => a.Right + wall <= b.Left + 0.01 || b.Right + wall <= a.Left + 0.01 || a.High + wall <= b.Low + 0.01
                || b.High + wall <= a.Low + 0.01);
        }
    }

    [Fact]
    public void A_thing_put_by_hand_on_another_is_told_by_name()
    {
        var places = new[] { ("item1", Box("stone", 60, 30, 12)), ("item2", Box("wax", 50, 40, 20)) };
        var design = Design("pocket-tray", "item1X=10; item1Y=20; item2X=30; item2Y=30", null, places);
        design.Checks.Single(c => c.Key == "clashes").Says.ShouldContain("stone and wax overlap");
        // What was not put by hand still finds its place beside them.
        var third = Design("pocket-tray", "item1X=10; item1Y=20; item2X=30; item2Y=30", null, [.. places, ("item3", Box("gauge", 30, 20, 10))]);
        third.Checks.Single(c => c.Key == "clashes").Says.ShouldStartWith("stone and wax overlap");
        third.Drawing.ShouldNotBeNull();
        design.Pieces.ShouldBeEmpty();
        design.Drawing.ShouldNotBeNull();
        Of(Design("pocket-tray", "width=60; depth=50", null, places), "room").ShouldBe(Verdict.Stop);
    }

    [Fact]
    public void A_turned_thing_stands_in_a_pocket_opened_straight_upwards()
    {
        var design = Design("pocket-tray", "", null, ("item1", Places.Of("turned")));
        design.Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
        design.Seats[0].Drawn.Value.ShouldBeGreaterThan(30);
    }

    private static Quantity Mm(double value) => Quantity.Chosen($"{value} mm", value, Unit.Millimetre);
}
