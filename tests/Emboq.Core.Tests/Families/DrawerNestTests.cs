using Emboq.Core.Families.Storage.DrawerNest;
using Emboq.Core.Mechanics;
using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>Rows of nests: how tools lie and lean, what fills the drawer, what locks, what is ground. By hand, in mm and g.</summary>
public sealed class DrawerNestTests
{
    /// <summary>A blade of 12 and 80 long, a ferrule of 20 and 10 long, a handle of 30 and 90 long.</summary>
    private const string Knife = "step1.length 80, step1.first 12, step2.length 10, step2.first 20, step3.length 90, step3.first 30",
        Awl = "step1.length 60, step1.first 8, step2.length 50, step2.first 24", Drawer = "width 200, depth 260, height 60";

    private static Design Design(string entries, params (string Slot, string Kind, string Sizes)[] places) =>
        Mounts.Design("drawer-nest", entries, Tough, null, places.Length > 0 ? places : [("tool1", "turned", Knife)]);

    private static double Line(Design design, string key) => design.Ledger[key].Value;

    /// <summary>All alike: volumes 9048, 3142, 63617 mm³, centres at 40, 85, 135: 121.6. A steel blade and a hardwood handle: 71.03, 24.66, 44.53 g:
    /// 78.09.</summary>
    [Theory]
    [InlineData("", 121.587)]
    [InlineData("tool1Of=steel, steel, hardwood", 78.086)]
    [InlineData("tool1Of=steel, steel, hardwood; tool1Front=last", 101.914)]
    public void It_balances_by_what_its_steps_are_of(string entries, double balance) => Line(Design(entries), "tool1.balance").ShouldBe(balance, 0.02);

    [Fact]
    public void A_balance_that_was_read_goes_before_what_is_reckoned()
    {
        Line(Design("", ("tool1", "turned", Knife + ", balance 70")), "tool1.balance").ShouldBe(70);
        Line(Design("tool1Front=last", ("tool1", "turned", Knife + ", balance 70")), "tool1.balance").ShouldBe(110);
        // 140 g reckoned, 210 weighed: what it is of is in doubt.
        Of(Design("tool1Of=steel, steel, hardwood", ("tool1", "turned", Knife + ", mass 210")), "tool1.mass").Verdict.ShouldBe(Verdict.Watch);
        Of(Design("tool1Of=steel, steel, hardwood", ("tool1", "turned", Knife + ", mass 150")), "tool1.mass").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>All alike it lies on its handle, level, 30 high. Balancing at 78 it lies on the tip of its blade (6) and the near rim of its handle (15) at
    /// 90: atan(9 / 90) = 5.71 degrees.</summary>
    [Fact]
    public void It_lies_on_its_two_lowest_rims()
    {
        Line(Design(""), "tool1.tilt").ShouldBe(0, 1e-9);
        var tilted = Design("tool1Of=steel, steel, hardwood");
        Line(tilted, "tool1.tilt").ShouldBe(5.7106, 1e-3);
        Of(tilted, "tool1.rest").Says.ShouldBe("It lies on its step 1 and its step 3, its axis tilted by 5.7°.");
    }

    /// <summary>Its floor of 2 and 60 % of a handle of 30: 2 + 18; a drawer 60 high closes over it lying, and over it leaning by as much as it takes.</summary>
    [Fact]
    public void A_drawer_lets_it_lean_as_far_as_it_closes()
    {
        Line(Design(""), "height").ShouldBe(20, 1e-6);
        var leaning = Design("pose=leans", ("tool1", "turned", Knife), ("drawer", "cavity", Drawer));
        var top = Line(leaning, "tool1.top");
        top.ShouldBeInRange(55, 59);
        Of(leaning, "closes").Verdict.ShouldBe(Verdict.Good);
        Of(Design("pose=leans; lean=25", ("tool1", "turned", Knife), ("drawer", "cavity", Drawer)), "closes").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("", ("tool1", "turned", Knife), ("drawer", "cavity", Drawer.Replace("height 60", "height 31"))), "closes").Verdict.ShouldBe(Verdict.Stop);
        // Leaning saves length.
        Line(Design("pose=leans; lean=30"), "deep").ShouldBeLessThan(Line(Design(""), "deep"));
    }

    /// <summary>A drawer 200 wide less a millimetre of play: nests 43 and 37 wide, and what is left in halves at both ends.</summary>
    [Fact]
    public void Ends_fill_the_drawer()
    {
        var design = Design("", ("tool1", "turned", Knife), ("tool2", "turned", Awl), ("drawer", "cavity", Drawer));
        Line(design, "row").ShouldBe(199, 1e-6);
        Line(design, "deep").ShouldBe(259, 1e-6);
        design.Pieces.Select(p => p.Name).ShouldContain("left end, front");
        design.Pieces.Select(p => p.Name).ShouldContain("filler behind the nest of the turned profile");
        // Little is left: the walls of the nests take it.
        var close = Design("", ("tool1", "turned", Knife), ("drawer", "cavity", Drawer.Replace("width 200", "width 60")));
        close.Pieces.ShouldNotContain(p => p.Name.Contains("end"));
        Line(close, "row").ShouldBe(59, 1e-6);
        Of(Design("", ("tool1", "turned", Knife), ("tool2", "turned", Awl), ("drawer", "cavity", Drawer.Replace("width 200", "width 60"))), "across").Verdict
            .ShouldBe(Verdict.Stop);
        Of(Design("", ("tool1", "turned", Knife), ("drawer", "cavity", Drawer.Replace("depth 260", "depth 150"))), "along").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>A runner along the left wall, 9 wide: the row begins beside it. A lock over the middle, its underside at 15: it is cut out of the ends, and
    /// stops where it reaches into a nest.</summary>
    [Fact]
    public void What_stands_in_the_drawer_is_cut_around()
    {
        const string Runner = ", obstruction1.x 0, obstruction1.y 0, obstruction1.z 0, obstruction1.width 9, obstruction1.depth 255, obstruction1.height 14";
        Line(Design("", ("tool1", "turned", Knife), ("drawer", "cavity", Drawer + Runner)), "row").ShouldBe(190, 1e-6);
        string Lock(double x) => $", obstruction1.x {x}, obstruction1.y 0, obstruction1.z 15, obstruction1.width 20, obstruction1.depth 20, "
            + "obstruction1.height 20";
        var beside = Design("", ("tool1", "turned", Knife), ("drawer", "cavity", Drawer + Lock(20)));
        Of(beside, "clashes").Verdict.ShouldBe(Verdict.Good);
        beside.Pieces.ShouldNotBeEmpty();
        // Under a lock that hangs over the low ends alone nothing is in the way; one through a whole end cuts it apart.
        Of(Design("", ("tool1", "turned", Knife), ("drawer", "cavity", Drawer + ", obstruction1.x 0.5, obstruction1.y 60, obstruction1.z 15, "
            + "obstruction1.width 60, obstruction1.depth 20, obstruction1.height 20")), "clashes").Verdict.ShouldBe(Verdict.Good);
        Of(Design("", ("tool1", "turned", Knife), ("drawer", "cavity", Drawer + ", obstruction1.x 3, obstruction1.y 60, obstruction1.z 0, "
            + "obstruction1.width 72, obstruction1.depth 20, obstruction1.height 20")), "clashes").Says.ShouldContain("left end");
        var inTheWay = Design("", ("tool1", "turned", Knife), ("drawer", "cavity", Drawer + Lock(90)));
        Of(inTheWay, "clashes").Says.ShouldBe("The obstruction 1 reaches into the nest of the turned profile: set the tools in another order.");
        inTheWay.Pieces.ShouldBeEmpty();
    }

    /// <summary>A handle of 30 sunk by 60 % stands 12 over its walls; where it is ground, 1.5 below them.</summary>
    [Fact]
    public void What_is_ground_lies_below_the_walls()
    {
        var design = Design("tool1Ground=3; tool1Grasp=light");
        Line(design, "height").ShouldBe(2 + 30 + 1.5, 1e-6);
        Of(design, "tool1.ground").Verdict.ShouldBe(Verdict.Good);
        // Finger room opens the walls at the heavy end, the handle.
        Of(Design("tool1Ground=3"), "tool1.bared").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("tool1Ground=1"), "tool1.bared").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>A lip 20 down in a drawer of 30 leaves 10: less than locks and frames are high.</summary>
    [Fact]
    public void What_does_not_pass_below_the_lip_is_refused()
    {
        var design = Design("lipIn=8", ("tool1", "turned", Knife), ("drawer", "cavity", Drawer.Replace("height 60", "height 40") + ", lip 30"));
        Of(design, "lip").Verdict.ShouldBe(Verdict.Stop);
        design.Pieces.ShouldBeEmpty();
        var passes = Design("lipIn=8", ("tool1", "turned", Knife), ("drawer", "cavity", Drawer.Replace("height 60", "height 40") + ", lip 24"));
        Of(passes, "lip").Verdict.ShouldBe(Verdict.Good);
        Of(passes, "tool1.stays").Verdict.ShouldBe(Verdict.Watch);
    }

    /// <summary>A cone 4 long and 60 across has no flank that it could lie on beneath its middle.</summary>
    [Fact]
    public void What_only_stands_is_refused()
    {
        var design = Design("", ("tool1", "turned", "step1.length 4, step1.first 60, step1.last 6"));
        design.Checks.Single().Key.ShouldBe("tool1.rest");
        design.Checks.Single().Verdict.ShouldBe(Verdict.Stop);
    }

    [Fact]
    public void What_it_is_of_must_be_known()
    {
        var design = Design("tool1Of=steel, unobtainium");
        Of(design, "tool1.of").Verdict.ShouldBe(Verdict.Watch);
        Of(design, "tool1.of").Says.ShouldContain("'unobtainium'");
        Line(design, "tool1.balance").ShouldBe(Line(Design(""), "tool1.balance"));
    }

    /// <summary>A hook of 80 × 30 and 12 high lies flat, its long way from front to back: 80 long and 30 wide with 4 mm of room, and what it turns.</summary>
    [Fact]
    public void What_is_not_turned_lies_flat_as_its_outline()
    {
        const string Hook = "overall 80, breadth 30, height 12";
        var design = Design("school=rough; turn=0; sunk=100; finger=0", ("tool1", "traced", Hook));
        Line(design, "height").ShouldBe(14, 1e-6);
        Line(design, "deep").ShouldBe(80 + 8 + 10, 0.02);
        Line(design, "row").ShouldBe(30 + 8 + 10, 0.02);
        Of(design, "tool1.rest").Says.ShouldBe("It lies flat, as its outline was taken.");
        // Heavier at its blunt end, wherever that lies.
        (Line(design, "tool1.balance") + Line(Design("tool1Front=last", ("tool1", "traced", Hook)), "tool1.balance")).ShouldBe(80, 1e-6);
        Line(Design("turn=20", ("tool1", "traced", Hook)), "tool1.turn").ShouldBe(12 * Math.Sin(20 * Math.PI / 180), 1.5);
    }

    /// <summary>A grip 28 high, 61.6 across and 160 long, its sections from 2 to 158; its floor of 2 and three quarters of it: 2 + 21. Around it stays
    /// 0.5 mm, in front and behind too.</summary>
    [Fact]
    public void What_was_scanned_lies_as_it_lay_in_its_scan()
    {
        const string Grip = "breadth 61.6, height 28";
        var design = Design("turn=0; sunk=75; finger=0; clearance=1", ("tool1", "grip", Grip));
        Line(design, "height").ShouldBe(23, 0.02);
        Line(design, "deep").ShouldBe(160 + 1 + 10, 0.15);
        // At its very ends it reaches 0.4 further aside than where it is first cut.
        Line(design, "row").ShouldBe(62 + 1 + 10, 0.1);
        Of(design, "tool1.rest").Says.ShouldBe("It lies as it lay in its scan.");
        Of(design, "tool1.scanned").Verdict.ShouldBe(Verdict.Good);
        // Thicker in its left half: by its sections it balances there, whichever way it lies, and where it was read before that.
        Line(design, "tool1.balance").ShouldBeLessThan(80);
        (Line(design, "tool1.balance") + Line(Design("tool1Front=last", ("tool1", "grip", Grip)), "tool1.balance")).ShouldBe(160, 0.15);
        Line(Design("", ("tool1", "grip", Grip + ", balance 60")), "tool1.balance").ShouldBe(60);
        // It stands on a bow, as steadily as that is wide.
        Of(Design("school=rough", ("tool1", "grip", Grip)), "tool1.rest").Verdict.ShouldBe(Verdict.Good);
        // It has no rims that it could lie on, tilted.
        (design.Ledger.Lines.Any(l => l.Key == "tool1.tilt"), design.Drawing!.Callouts.Any(c => c.Line == "tool1.tilt")).ShouldBe((false, false));
        // Followed below, it takes less out of its module than as wide as it is down to the floor.
        var grams = System.Text.RegularExpressions.Regex.Matches(Of(Design("school=rough", ("tool1", "grip", Grip)), "schools").Says, @"(\d+) g in").Select(m =>
            int.Parse(m.Groups[1].Value)).ToList();
        grams[1].ShouldBeGreaterThan(grams[0]);
        Of(Design("", ("tool1", "grip", "breadth 61.6")), "tool1.height.readings").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>A cone of 30 to 20 over 100 lies along its side, its axis tilted by atan(5 / 100); a bar of 40 × 20 that stands turned by 10 degrees settles on
    /// its side; a ball lies still, wherever its middle is.</summary>
    [Fact]
    public void What_is_let_go_settles_on_a_flat_floor()
    {
        var cone = Measuring.Places.Tube(100, 21, 120, (x, sin, cos) => new((15 - (0.05 * x)) * cos, x, (15 - (0.05 * x)) * -sin)).Points;
        var (_, tilt) = Settling.Of(cone, new(0, 43, 0));
        tilt.ShouldBe(-Math.Atan(0.05) * 180 / Math.PI, 0.05);
        Point3[] bar = [.. new[] { -20.0, 20 }.SelectMany(x => new[] { 0.0, 90 }.SelectMany(y => new[] { -10.0, 10 }.Select(z => Settling.Turned(new(x, y, z),
            10, 0))))];
        Settling.Of(bar, new(0, 45, 0)).ShouldSatisfyAllConditions(s => s.Roll.ShouldBe(-10, 0.05), s => s.Tilt.ShouldBe(0, 0.05));
        var ball = Measuring.Places.Tube(20, 41, 80, (x, sin, cos) => Math.Sqrt(Math.Max(0, 100 - ((x - 10) * (x - 10)))) is var r ? new(r * cos, x, -r * sin)
            : default).Points;
        Settling.Of(ball, new(0, 10, 0)).ShouldBe((0.0, 0.0));
    }

    /// <summary>A handle of 40 by 28 that was laid on a burr, turned by 6 degrees about its length: its nest has it as it settles. Leaning it takes the
    /// height of what closes over it, and less length.</summary>
    [Fact]
    public void What_was_scanned_settles_and_leans()
    {
        static Point3 At(double x, double sin, double cos) => Settling.Turned(new(20 * Math.Clamp(1.4 * cos, -1, 1), x, 14 * Math.Clamp(1.4 * sin, -1,
            1)), 6, 0);
        var (left, low) = (-At(0, 0, -1).X + 2.2, 17.0);
        var surface = Measuring.Places.Tube(150, 76, 96, (x, sin, cos) => At(x, sin, -cos) is var p ? new(x, -p.X + left, p.Z + low) : default);
        var scan = Traced.Of("burr.stl", 0.05, 150, [.. Enumerable.Range(0, 50).Select(i => 1.5 + (3.0 * i)).Select(x => new TracedSection(x,
            [.. Outlines.Round(1, 120).Points.Select(q => At(x, q.Y, q.X) is var p ? new Point2(-p.X + left, p.Z + low) : default)], true))], (surface, 0.05));
        var grip = Measuring.Places.Of(KindList.Of("grip"), FormattableString.Invariant($"breadth {scan.Along}, height 30")) with { Outline = scan };
        var drawer = Measuring.Places.Of(KindList.Of("cavity"), "width 140, depth 190, height 70");
        Design Nest(string entries) => FamilyList.Find("drawer-nest")!.Design(new(ParameterValues.Read(FamilyList.Find("drawer-nest")!.Parameters,
            entries.Split("; ").Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1])).Value, new Dictionary<string, Interface>
            { ["tool1"] = grip, ["drawer"] = drawer }, Tough, []));
        var lies = Nest("turn=0; finger=0");
        Of(lies, "tool1.rest").Says.ShouldStartWith("Put down as it lay in its scan it turns by 6");
        // It lies on its edges, which stand out of the body through its sections: as much lower that body is cut.
        Line(lies, "tool1.top").ShouldBeInRange(2 + 28, 2 + 28.4);
        var leans = Nest("turn=0; finger=0; pose=leans");
        Of(leans, "tool1.rest").Says.ShouldEndWith("its front end is raised from there.");
        // In half degrees: at most 2 under 70 over a floor of 2, and at less than one more degree no longer.
        var lean = double.Parse(Of(leans, "tool1.rest").Figure.TrimEnd('°'), System.Globalization.CultureInfo.InvariantCulture);
        double High(double degrees) => Math.SinCos(degrees * Math.PI / 180) is var (sin, cos) ? (150 * sin) + (28 * cos) : 0;
        (High(lean) <= 66.1, High(lean + 0.6) > 66).ShouldBe((true, true));
        Line(leans, "tool1.top").ShouldBeInRange(2 + High(lean) - 0.2, 2 + High(lean) + 0.6);
        Of(leans, "closes").Verdict.ShouldBe(Verdict.Good);
        Line(Nest("turn=0; finger=0; pose=leans; lean=10"), "tool1.top").ShouldBeInRange(2 + High(10) - 0.2, 2 + High(10) + 0.6);
        leans.Checks.ShouldNotContain(c => c.Key == "tool1.leans");
        // Of its sections alone nothing leans, and that is told.
        grip = grip with { Outline = scan with { Surface = null } };
        var told = Of(Nest("pose=leans"), "tool1.leans");
        (told.Verdict, Line(Nest("pose=leans"), "tool1.top")).ShouldBe((Verdict.Watch, Line(Nest("pose=lies"), "tool1.top")));
        told.Says.ShouldContain("Scan it again");
        Nest(string.Join("; ", told.Remedies.OfType<Remedy.Change>().Single().Entries.Select(e => $"{e.Key}={e.Value}"))).Checks.ShouldNotContain(c =>
            c.Key == "tool1.leans");
    }

    /// <summary>A handle of 40 across with round ends of 20: from 0.05 to 0.55 mm along it a chord of such a round lies 0.13 mm within it, where sections
    /// 3 mm apart would lose more than a millimetre.</summary>
    [Fact]
    public void Round_ends_of_what_was_scanned_lose_little()
    {
        static double Radius(double x) => Math.Sqrt(Math.Max(0, 400 - Math.Pow(Math.Max(0, Math.Max(20 - x, x - 130)), 2)));
        double[] along = [.. Enumerable.Range(0, 41).Select(i => 20 * (1 - Math.Cos(Math.PI * i / 80))), .. Enumerable.Range(1, 54).Select(i => 20 + (2.0 * i)),
            .. Enumerable.Range(0, 41).Select(i => 130 + (20 * Math.Sin(Math.PI * i / 80)))];
        var surface = Measuring.Places.Tube(along.Length - 1, along.Length, 120, (x, sin, cos) => along[(int)Math.Round(x)] is var at
            ? new(at, 20 + (Radius(at) * cos), 20 + (Radius(at) * sin)) : default);
        var scan = Traced.Of("round.stl", 0.05, 150, [.. Enumerable.Range(0, 50).Select(i => 1.5 + (3.0 * i)).Select(x => new TracedSection(x,
            [.. Outlines.Round(1, 120).Points.Select(p => new Point2(20 + (Radius(x) * p.X), 20 + (Radius(x) * p.Y)))], true))], (surface, 0.05));
        var grip = Measuring.Places.Of(KindList.Of("grip"), "breadth 40, height 40") with { Outline = scan };
        var nest = FamilyList.Find("drawer-nest")!;
        var design = nest.Design(new(ParameterValues.Read(nest.Parameters, new Dictionary<string, string>()).Value, new Dictionary<string, Interface>
        { ["tool1"] = grip }, Tough, []));
        var figure = Of(design, "tool1.edges").Figure;
        double.Parse(figure.Replace(" mm", ""), System.Globalization.CultureInfo.InvariantCulture).ShouldBeLessThan(0.3);
    }

    /// <summary>A thing as thin as a pencil lead is laid and leaned too.</summary>
    [Theory]
    [InlineData("lies")]
    [InlineData("leans")]
    public void However_thin_it_has_a_nest(string pose)
    {
        var scan = Traced.Of("rod.stl", 0.05, 120, [.. Enumerable.Range(0, 40).Select(i => 1.5 + (3.0 * i)).Select(x => new TracedSection(x,
            [.. Outlines.Round(1.1, 40).Points.Select(p => new Point2(p.X + 1.1, p.Y + 1.1))], true))],
            (Measuring.Places.Tube(120, 41, 40, (x, sin, cos) => new(x, 1.1 + (1.1 * cos), 1.1 + (1.1 * sin))), 0.02));
        var grip = Measuring.Places.Of(KindList.Of("grip"), "breadth 2.2, height 2.2") with { Outline = scan };
        var design = FamilyList.Find("drawer-nest")!.Design(new(ParameterValues.Read(FamilyList.Find("drawer-nest")!.Parameters,
            new Dictionary<string, string> { ["pose"] = pose }).Value, new Dictionary<string, Interface> { ["tool1"] = grip }, Tough, []));
        design.Pieces.ShouldNotBeEmpty();
        // Unless a drawer decides it leans by 30 degrees.
        Line(design, "tool1.top").ShouldBe(2 + (pose == "lies" ? 2.2 : (120 * 0.5) + (2.2 * Math.Sqrt(0.75))), 0.5);
    }

    /// <summary>Where a scan has holes the nest holds nothing; where it is more holes than scan, nothing can be followed.</summary>
    [Theory]
    [InlineData(3, Verdict.Watch)]
    [InlineData(40, Verdict.Stop)]
    public void A_hole_in_a_scan_holds_nothing(int holes, Verdict verdict)
    {
        var grip = Measuring.Places.Of("grip") is var g ? g with
        {
            Outline = g.Outline! with { Sections = [.. g.Outline.Sections!.Select((s, i) => s with { Scanned = i < 12 || i >= 12 + holes })] }
        } : g;
        Design Nest(Interface place, string entries) =>
            FamilyList.Find("drawer-nest")!.Design(new(ParameterValues.Read(FamilyList.Find("drawer-nest")!.Parameters,
            entries.Split("; ").Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1])).Value, new Dictionary<string, Interface> { ["tool1"] = place },
                Tough,
            []));
        const string Entries = "turn=0; finger=0; clearance=1";
        Of(Nest(grip, Entries), "tool1.scanned").Verdict.ShouldBe(verdict);
        Of(Nest(grip, Entries), "tool1.scanned").Figure.ShouldStartWith($"{holes} of 53 sections");
        // A rough outline is told from the same scan.
        Of(Nest(grip, Entries + "; school=rough"), "tool1.scanned").Verdict.ShouldBe(verdict);
    }

    /// <summary>Half a millimetre over its lowest place a round thing of radius 10 is 2 √(10² − 9.5²) = 6.245 across, and its nest by what stays free more;
    /// across a hole that is 20 and a millimetre more on each side. Moved by 6 to the back it is open there as far as the thing is wide.</summary>
    [Fact]
    public void A_nest_is_open_straight_up_from_what_lies_in_it()
    {
        Profile Round(double radius) => new(Outlines.Round(radius, 720).Points.Select(p => new Point2(p.X, p.Y + radius)));
        var body = SectionBody.Of([.. Enumerable.Range(0, 41).Select(i => (2.0 * i, Round(10)))]);
        static OpenedBody Opened(SectionBody of, Func<double, bool> unscanned, double grown, double before, double after) => OpenedBody.Of([..
            of.Sections.Select(o => (o.At, (IReadOnlyList<Point2>)o.Points))], unscanned, grown, before, after);
        double Wide(OpenedBody of, double at, double z) => of.Across(at, z) is var (from, to) ? to - from : 0;
        var close = Opened(body, at => at is 40, 0, 0, 0);
        (Wide(close, 20.5, 0.5), Wide(close, 40, 0.5)).ShouldBe((6.245, 22), new Near());
        Wide(close, 20.5, 15).ShouldBe(20, 0.02);
        close.Volume(0, 30, 10).ShouldBe(30 * Math.PI * 50, 5);
        // So far around a round of radius 10 is a round of radius 12, two lower.
        Wide(Opened(body, _ => false, 2, 2, 2), 40, 0).ShouldBe(2 * Math.Sqrt(144 - 100), 0.03);
        // A cone that narrows to the back: what is wide comes by behind it as well.
        var cone = SectionBody.Of([.. Enumerable.Range(0, 41).Select(i => (2.0 * i, Round(14 - (0.2 * i))))]);
        (Wide(Opened(cone, _ => false, 0, 0, 0), 50, 30), Wide(Opened(cone, _ => false, 0, 0, 6), 50, 30)).ShouldBe((18.0, 19.2), new Near());
        // However high a thing is, its nest follows it: a cone on its tip, 2 · 250 / 4 wide at 250.
        var tall = SectionBody.Of([.. Enumerable.Range(0, 3).Select(i => (10.0 * i, new Profile(new(0, 0), new Point2(100, 400), new(-100, 400))))]);
        Wide(Opened(tall, _ => false, 0, 0, 0), 15, 250).ShouldBe(125, 1.5);
        Opened(cone, _ => false, 0, 0, 0).Across(81, 30).ShouldBeNull();
        Opened(cone, _ => false, 0, 0, 6).Across(85.9, 30).ShouldNotBeNull();
    }

    private sealed class Near : IEqualityComparer<(double, double)>
    {
        public bool Equals((double, double) x, (double, double) y) => Math.Abs(x.Item1 - y.Item1) < 0.03 && Math.Abs(x.Item2 - y.Item2) < 0.03;

        public int GetHashCode((double, double) obj) => 0;
    }

    /// <summary>Half a kilogram pulls by a third of its weight: 150 g. Fillers, ends and neighbours at its right are lifted with it.</summary>
    [Fact]
    public void A_heavy_tool_may_lift_its_nest()
    {
        Of(Design("", ("tool1", "turned", Knife + ", mass 900")), "tool1.stays").Verdict.ShouldBe(Verdict.Watch);
        Of(Design("", ("tool1", "turned", Knife + ", mass 60")), "tool1.stays").Verdict.ShouldBe(Verdict.Good);
        Of(Design(""), "tool1.stays").Says.ShouldStartWith("Not judged");
    }

    [Fact]
    public void Walls_too_thin_for_the_locks_are_refused()
    {
        Of(Design("wall=3", ("tool1", "turned", Knife), ("tool2", "turned", Awl)), "lock.wall").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("corner=9", ("tool1", "turned", Knife), ("drawer", "cavity", Drawer.Replace("width 200", "width 60"))), "corners").Verdict
            .ShouldBe(Verdict.Stop);
    }
}
