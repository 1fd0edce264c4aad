namespace Emboq.Core.Tests.Joints;

/// <summary>Holes and pockets for hardware against published sizes; values from memory unless a derivation stands beside them.</summary>
public sealed class JointTests
{
    private static JointScope Scope(Process? process = null) => new(new Ledger(), new LearnedFits(process ?? Workshop.Process), "screw", "screw");

    private static double Line(JointScope scope, string key) => scope.Ledger[$"screw.{key}"].Value;

    /// <summary>ISO 273, from memory.</summary>
    [Theory]
    [InlineData("M3", 3.2, 3.4, 3.6)]
    [InlineData("M4", 4.3, 4.5, 4.8)]
    [InlineData("M5", 5.3, 5.5, 5.8)]
    [InlineData("M6", 6.4, 6.6, 7)]
    [InlineData("M8", 8.4, 9, 10)]
    public void A_passing_hole_finishes_at_its_standard_size(string size, double fine, double medium, double coarse)
    {
        foreach (var (fit, wanted) in new[] { ("fine", fine), ("medium", medium), ("coarse", coarse) })
        {
            var scope = Scope();
            ScrewHole.Passing(scope, size, fit, 10);
            Line(scope, "hole.wanted").ShouldBe(wanted);
            // drawn = wanted + allowance
            Line(scope, "hole").ShouldBe(wanted + 0.2, 1e-9);
        }
    }

    [Fact]
    public void A_lying_hole_has_an_allowance_of_its_own()
    {
        var scope = Scope();
        ScrewHole.Passing(scope, "M4", "medium", 10, HoleLie.Teardrop);
        Line(scope, "hole").ShouldBe(4.5 + Workshop.Known(Surface.HoleLying).Value, 1e-9);
    }

    /// <summary>ISO 4762: counterbores use the knurled head; the head is as high as the thread is wide; from memory.</summary>
    [Theory]
    [InlineData("M3", 5.68, 3)]
    [InlineData("M4", 7.22, 4)]
    [InlineData("M5", 8.72, 5)]
    [InlineData("M6", 10.22, 6)]
    [InlineData("M8", 13.27, 8)]
    public void A_counterbore_takes_the_knurled_head(string size, double head, double height)
    {
        var scope = Scope();
        var joint = ScrewHole.Counterbored(scope, size, 20);
        Line(scope, "counterbore.wanted").ShouldBeInRange(head, head + 0.6);
        Line(scope, "counterbore.depth").ShouldBeInRange(height, height + 0.5);
        joint.Depth.ShouldBe(20);
    }

    /// <summary>ISO 10642 gives larger theoretical heads than ISO 7046; ASME heads have 82 degrees; from memory.</summary>
    [Theory]
    [InlineData("M4", "ISO 10642", 8.96, 90)]
    [InlineData("M4", "ISO 7046", 8.4, 90)]
    [InlineData("M6", "ISO 10642", 13.44, 90)]
    [InlineData("M6", "ISO 7046", 11.3, 90)]
    [InlineData("No. 8", "ASME B18.6.3", 0.332 * 25.4, 82)]
    public void A_countersink_is_of_its_own_standard(string size, string standard, double head, double angle)
    {
        var scope = Scope(Workshop.Exact);
        var joint = ScrewHole.Countersunk(scope, size, standard, 12);
        Line(scope, "countersink.wanted").ShouldBe(head + 0.3, 1e-6);
        Line(scope, "countersink.angle").ShouldBe(angle);
        // A cone of that angle between hole and rim: its depth by plane geometry, twice its half in the sleeve.
        var rise = (Line(scope, "countersink") - Line(scope, "hole")) / 2 / Math.Tan(angle / 2 * Math.PI / 180);
        joint.Sleeves[1].From.ShouldBe(-rise / 2, 1e-9);
    }

    [Fact]
    public void A_bugle_has_a_curve_and_no_angle()
    {
        var scope = Scope();
        var joint = ScrewHole.Bugle(scope, "No. 6", 12);
        scope.Ledger.Lines.ShouldNotContain(l => l.Key.EndsWith("angle", StringComparison.Ordinal));
        joint.Sleeves.Max(s => s.Radius).ShouldBeGreaterThan(4.1);
    }

    /// <summary>ISO 4032: greatest width across flats and height; from memory.</summary>
    [Theory]
    [InlineData("M3", 5.5, 2.4)]
    [InlineData("M4", 7, 3.2)]
    [InlineData("M5", 8, 4.7)]
    [InlineData("M6", 10, 5.2)]
    [InlineData("M8", 13, 6.8)]
    public void A_nut_pocket_takes_the_greatest_nut_and_turns_not_even_the_smallest(string size, double flats, double height)
    {
        var scope = Scope(Workshop.Exact);
        var joint = NutPocket.FromEnd(scope, size, 0);
        Line(scope, "flats.wanted").ShouldBeInRange(flats + 0.1, flats + 0.8);
        Line(scope, "pocket.depth").ShouldBe(height);
        // A hexagon: across corners = across flats / cos 30.
        joint.Sleeves[0].Radius.ShouldBe(Line(scope, "flats") / Math.Cos(Math.PI / 6) / 2, 1e-9);
        joint.Checks.Single().Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>Common practice, no source: a pocket of 10.5 mm lets an M6 nut drop in by hand and does not turn it.</summary>
    [Fact]
    public void An_M6_pocket_prints_about_as_people_draw_it()
    {
        var scope = Scope();
        NutPocket.FromEnd(scope, "M6", 0);
        Line(scope, "flats").ShouldBe(10.5, 0.15);
    }

    [Fact]
    public void A_process_too_uncertain_says_that_a_nut_may_turn() => NutPocket.FromEnd(Scope(Workshop.Process with
    {
        Allowances = new Dictionary<Surface, Allowance> { [Surface.Pocket] = new(0.2, 0.8, 0.1, "a guess") },
    }), "M4", 0).Checks.Single().Verdict.ShouldBe(Verdict.Watch);

    /// <summary>ISO 724: D1 = D − 1.082532 P; the whole thread leaves the minor diameter.</summary>
    [Theory]
    [InlineData("M3", 3, 0.5)]
    [InlineData("M4", 4, 0.7)]
    [InlineData("M5", 5, 0.8)]
    [InlineData("M6", 6, 1)]
    [InlineData("M8", 8, 1.25)]
    [InlineData("No. 8", 0.164 * 25.4, 25.4 / 32)]
    [InlineData("1/4", 6.35, 25.4 / 20)]
    public void A_whole_thread_leaves_the_minor_diameter(string size, double diameter, double pitch)
    {
        var scope = Scope(Workshop.Exact);
        Threaded.SelfCut(scope, size, 1, 20);
        Line(scope, "thread.wanted").ShouldBe(diameter - (1.082532 * pitch), 2e-4);
    }

    /// <summary>Common practice, no source: people draw 3.9 mm for M4, from 3.5 mm and 0.4 mm of an unknown printer's shrink. It is a check value, never a
    /// wanted size.</summary>
    [Fact]
    public void An_M4_thread_comes_near_the_figure_people_draw_when_their_printer_takes_that_much()
    {
        var scope = Scope(Workshop.Process with
        {
            Allowances = new Dictionary<Surface, Allowance>
            {
                [Surface.HoleUpright] = new(0.4, 0.05, 0.02,
            "an unknown printer")
            }
        });
        Threaded.SelfCut(scope, "M4", Threaded.UsualEngagement, 10);
        Line(scope, "thread.wanted").ShouldBe(3.5, 0.05);
        Line(scope, "thread").ShouldBe(3.9, 0.05);
    }

    [Fact]
    public void A_shallow_thread_stops() => Threaded.SelfCut(Scope(), "M4", 0.65, 6).Checks.ShouldContain(c => c.Verdict == Verdict.Stop);

    /// <summary>Common practice, no source: an 8-32 insert of about 1/4 in goes into a hole just under 1/4 in.</summary>
    [Fact]
    public void An_insert_hole_is_smaller_than_its_insert()
    {
        var scope = Scope(Workshop.Exact);
        Threaded.Insert(scope, "No. 8");
        Line(scope, "insert.wanted").ShouldBeInRange(5.5, 6.349);
        Threaded.Insert(Scope(Workshop.Exact), "No. 8").Sleeves[0].Wall.ShouldBeGreaterThan(2);
    }

    /// <summary>Plane geometry: three quarters of a circle and a square on the radius.</summary>
    [Fact]
    public void A_pointed_roof_has_the_area_of_its_closed_form_and_clears_the_circle()
    {
        var outline = HoleShape.Outline(8, HoleLie.Teardrop);
        outline.Area.ShouldBe((0.75 * Math.PI * 16) + 16, 0.01 * 30);
        outline.Points.ShouldAllBe(p => Math.Sqrt((p.X * p.X) + (p.Y * p.Y)) >= 4 - 1e-9);
        outline.Points.Max(p => p.Y).ShouldBe(4 * Math.Sqrt(2), 0.02);
    }

    [Fact]
    public void A_flat_roof_ends_at_the_radius_and_is_bridged()
    {
        var outline = HoleShape.Outline(8, HoleLie.Bridged);
        outline.Points.Max(p => p.Y).ShouldBe(4, 0.02);
        var top = outline.Points.Where(p => p.Y > 3.99).ToList();
        (top.Max(p => p.X) - top.Min(p => p.X)).ShouldBe(HoleShape.Bridge(8), 0.02);
        ScrewHole.Passing(Scope(), "M4", "medium", 10, HoleLie.Bridged).Checks.Single().Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void A_slot_keeps_a_wall_at_its_ends()
    {
        var scope = Scope(Workshop.Exact);
        var joint = ScrewHole.Slotted(scope, Quantity.Chosen("slot", 5, Unit.Millimetre), 12, 4);
        joint.Reach.ShouldBe(8.5 + scope.LeastWall);
    }

    [Fact]
    public void A_side_slot_droops_unless_its_roof_is_raised_or_closed()
    {
        Verdict Droop(SlotRoof roof) => NutPocket.FromSide(Scope(Workshop.Exact), "M8", 4, 12, roof, HoleLie.Upright).Checks.Single(c =>
            c.Key == "screw.droop").Verdict;
        Droop(SlotRoof.Plain).ShouldBe(Verdict.Watch);
        Droop(SlotRoof.Raised).ShouldBe(Verdict.Good);
        Droop(SlotRoof.Sacrificial).ShouldBe(Verdict.Good);
        NutPocket.FromSide(Scope(), "M8", 4, 12, SlotRoof.Plain, HoleLie.Teardrop).Checks.ShouldNotContain(c => c.Key == "screw.droop");
        NutPocket.Membrane(Scope(), 4, 2, SlotRoof.Sacrificial).ShouldNotBeNull();
        NutPocket.Membrane(Scope(), 4, 2, SlotRoof.Raised).ShouldBeNull();
    }

    [Theory]
    [InlineData("pan", "16", "16 mm from the drawer")]
    [InlineData("pan", "14.9, 24", "cut from a 24 mm one to 17")]
    [InlineData("wood", "40", "longer than 15 mm, shorter than 19 mm")]
    [InlineData("pan", "", "longer than 15 mm, shorter than 19 mm")]
    public void A_screw_comes_from_the_drawer_or_is_cut_or_told_in_words(string head, string lengths, string says)
    {
        var drawer = lengths.Split(", ", StringSplitOptions.RemoveEmptyEntries).Select(l =>
            new DrawerScrew("M4", head, double.Parse(l, System.Globalization.CultureInfo.InvariantCulture))).ToList();
        Length([Mm(9), Mm(2)], 4, 8, head, drawer).Says.ShouldContain(says);
    }

    [Fact]
    public void Washers_and_air_gaps_are_part_of_the_grip()
    {
        var scope = Scope();
        var screw = ScrewLength.Of(scope, ("M4", "pan", "M4"), [Mm(18), Mm(0.8), Mm(3)], Mm(6), Mm(9), []);
        Line(scope, "grip").ShouldBe(21.8, 1e-9);
        (screw.Least.Value, screw.Most.Value).ShouldBe((27.8, 30.8));
        screw.Check.Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void No_screw_can_hold_in_a_hole_that_is_too_shallow() => Length([Mm(10)], 8, 6, "pan", []).Check.Verdict.ShouldBe(Verdict.Stop);

    [Theory]
    [InlineData(3, 18, "4 mm, countersunk, 16 mm from the drawer")]
    [InlineData(26, 18, "longer than 38 mm, shorter than 43 mm")]
    [InlineData(3, 60, "4 mm, countersunk, 16 mm from the drawer")]
    public void A_wood_screw_holds_by_three_diameters_and_its_point_stays_inside(double through, double board, string says)
    {
        // Three times 4 mm hold: from 3 + 12 to 3 + 17 mm over all.
        var drawer = new[] { 10.0, 16, 60, 90 }.Select(l => new DrawerScrew("4 mm", "wood", l)).ToList();
        var screw = ScrewLength.IntoWood(Scope(), "4 mm", "countersunk", [Mm(through)], Mm(board), drawer);
        screw.Says.ShouldBe(says.StartsWith("longer", StringComparison.Ordinal) ? $"4 mm, countersunk, {says}" : says);
        (screw.Least.Value, screw.Most.Value).ShouldBe((through + 12, through + board - 1));
    }

    [Fact]
    public void A_board_thinner_than_the_thread_it_must_hold_stops() =>
        ScrewLength.IntoWood(Scope(), "6 mm", "countersunk", [Mm(3)], Mm(12), []).Check.Verdict.ShouldBe(Verdict.Stop);

    [Fact]
    public void What_stays_under_a_counterbored_head_is_judged()
    {
        // ISO 4762: the head of M6 is 6 mm high; it lies 0.3 mm below the face.
        var joint = ScrewHole.Counterbored(Scope(Workshop.Exact), "M6", 10);
        joint.Recess.ShouldBe(6.3, 1e-9);
        joint.SeatCheck("s", "screw", 3).Verdict.ShouldBe(Verdict.Good);
        joint.SeatCheck("s", "screw", 4).Figure.ShouldBe("3.7 mm");
        joint.SeatCheck("s", "screw", 4).Verdict.ShouldBe(Verdict.Stop);
    }

    [Fact]
    public void Walls_and_floors_stop_with_the_figure_and_the_remedy()
    {
        var joint = ScrewHole.Passing(Scope(Workshop.Exact), "M4", "medium", 10);
        var remedy = new Remedy.Change("wider", new Dictionary<string, string>());
        joint.WallCheck("w", "hole", joint.Reach).Verdict.ShouldBe(Verdict.Good);
        var thin = joint.WallCheck("w", "hole", joint.Reach - 0.1, remedy);
        (thin.Verdict, thin.Remedies.Single()).ShouldBe((Verdict.Stop, remedy));
        joint.WallCheck("w", "hole", 1).Says.ShouldContain("breaks through");
        joint.FloorCheck("f", "hole", 9, 1).Says.ShouldContain("through the face");
        joint.FloorCheck("f", "hole", 12, 1).Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void Half_of_an_entry_is_exact() => Emboq.Core.Families.Drawers.DrillingTemplate.TemplateReckoning.Half(LengthNotation.Parse("33 7/8 in",
        LengthSystem.Metric, "x").Value).ShouldContain("16 15/16");

    private static ScrewLength Length(IReadOnlyList<Quantity> grip, double engage, double room, string head, IReadOnlyList<DrawerScrew> drawer) =>
        ScrewLength.Of(Scope(), ("M4", head, "M4"), grip, Mm(engage), Mm(room), drawer);

    private static Quantity Mm(double value) => Quantity.Chosen($"{value}", value, Unit.Millimetre);

    /// <summary>A head of 6 mm on a screw whose shank of 6 mm passes 6.5 mm goes through; every family that sinks one says so.</summary>
    [Theory]
    [InlineData("wall-bin", "item", "block")]
    [InlineData("pocket-tray", "item1", "block")]
    [InlineData("foot-socket", "foot", "block")]
    [InlineData("tube-saddle", "tube", "post")]
    [InlineData("label-plate", null, null)]
    public void A_screw_without_a_head_stops_whatever_it_holds(string family, string? slot, string? kind)
    {
        var f = FamilyList.Find(family)!;
        var places = new Dictionary<string, Interface> { ["bought"] = Measuring.Places.Of(KindList.Of("screw-head"), "head 6, shank 6, height 3") };
        if (slot is not null)
        {
            places[slot] = Measuring.Places.Of(kind!);
        }

        var entries = f.Parameters.Any(p => p.Key == "mount") ? new Dictionary<string, string> { ["mount"] = "screws" } : [];
        f.Design(new(ParameterValues.Read(f.Parameters, entries).Value, places, Workshop.Exact, [])).Checks
            .ShouldContain(c => c.Key.EndsWith(".sinks", StringComparison.Ordinal) && c.Verdict == Verdict.Stop);
    }

    /// <summary>A bugle head of No. 6 lies in a mouth of about 3.9 mm and bears on its upper half: a plate of 1.8 mm has nothing under it.</summary>
    [Theory]
    [InlineData(4, Verdict.Good)]
    [InlineData(1.8, Verdict.Stop)]
    public void A_bugle_head_needs_a_plate_under_its_mouth(double thickness, Verdict verdict)
    {
        var bugle = ScrewHole.Bugle(Scope(), "No. 6", thickness);
        bugle.Depth.ShouldBe(thickness, 1e-9);
        bugle.SeatCheck("seat", "screw", Joint.FlushSeat).Verdict.ShouldBe(verdict);
    }
}
