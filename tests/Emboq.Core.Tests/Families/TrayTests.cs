using Emboq.Core.Families.Storage.PocketTray;

namespace Emboq.Core.Tests.Families;

/// <summary>Trays for odd sections, on machines that shake, around what is in the way.</summary>
public sealed class TrayTests
{
    private static Interface Place(string kind, string sizes) => Measuring.Places.Of(KindList.Of(kind), sizes);

    private static Brief BriefOf(string entries, params (string Slot, Interface Place)[] places)
    {
        var f = FamilyList.Find("pocket-tray")!;
        var given = entries.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1]);
        return new(ParameterValues.Read(f.Parameters, given).Value, places.ToDictionary(p => p.Slot, p => p.Place), Workshop.Process, []);
    }

    private static Design Tray(string entries, params (string Slot, Interface Place)[] places) =>
        FamilyList.Find("pocket-tray")!.Design(BriefOf(entries, places));

    private static readonly Interface Box = Place("block", "width 60, depth 30, height 20");

    /// <summary>A section by its points: its pocket is that section, grown by half of the clearance everywhere.</summary>
    [Fact]
    public void A_measured_odd_section_has_a_pocket_of_its_own_outline()
    {
        const string Wedge = "height 24, overall 60, point1.x 0, point1.y 0, point2.x 60, point2.y 0, point3.x 60, point3.y 30, point4.x 20, point4.y 30";
        var item = TrayItem.Of("item1", BriefOf("clearance=2", ("item1", Place("foot", Wedge))), FitClasses.Pocket("drop"), 0, new());
        item.Size.Of.Dimension.ShouldBe("overall");
        var grown = item.Size.Drawn.Value - 60;
        // Grown by g a side, an outline of perimeter U gains about U g and its sharp corners.
        var sides = 60 + 30 + 40 + Math.Sqrt(1300);
        item.Shape.Area.ShouldBeInRange(((60 + 40) * 15) + (sides * grown / 2), ((60 + 40) * 15) + (sides * grown / 2) + (8 * grown * grown));
        Tray("", ("item1", Place("foot", Wedge))).Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
        Tray("", ("item1", Place("foot", Wedge.Replace("overall 60, ", "", StringComparison.Ordinal)))).Checks.Single().Key.ShouldBe("item1.overall.readings");
    }

    [Fact]
    public void Where_it_shakes_a_fifth_more_of_each_thing_is_held()
    {
        double Hold(string entries) => Tray(entries, ("item1", Box)).Ledger["item1.hold"].Value;
        (Hold("shakes=shakes") - Hold("")).ShouldBe(0.2 * 20, 1e-9);
    }

    [Fact]
    public void Nothing_is_placed_where_it_is_kept_free()
    {
        var free = "keepOut=0,0 90,0 90,120 0,120";
        var r = TrayReckoning.Of(BriefOf(free, ("item1", Box), ("item2", Box)), new());
        r.Pockets!.ShouldAllBe(p => p.X >= 90);
        var clash = Tray($"{free}; item1X=20; item1Y=30", ("item1", Box)).Checks.Single(c => c.Key == "clashes");
        (clash.Verdict, clash.Says).ShouldBe((Verdict.Stop, $"{Box.Name} lies where nothing may."));
        // Too little is left.
        Tray("keepOut=0,0 150,0 150,120 0,120", ("item1", Box)).Checks.Single(c => c.Key == "room").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>A screw head of the drawer, 10 by 40 mm, 8 mm over its floor: the tray is cut away above it, with a millimetre of room.</summary>
    [Fact]
    public void A_tray_is_cut_away_around_what_is_in_the_way_of_its_drawer()
    {
        var drawer = Place("cavity", "width 200, depth 150, height 60, obstruction1.x 0, obstruction1.y 20, obstruction1.z 6, obstruction1.width 10, "
            + "obstruction1.depth 40, obstruction1.height 15");
        var r = TrayReckoning.Of(BriefOf("", ("item1", Box), ("drawer", drawer)), new());
        var kept = r.KeptFree.Single();
        (kept.From, kept.Cut(r.Wall.Value, r.Height.Value)).ShouldSatisfyAllConditions(k => k.From.ShouldBe(5), k => k.Item2.ShouldNotBeNull());
        kept.Cut(r.Wall.Value, 4).ShouldBeNull();
        r.Pockets!.ShouldAllBe(p => !kept.Takes(p));
    }

    [Fact]
    public void A_slender_thing_s_border_is_the_height_over_all()
    {
        var ledger = Tray("", ("item1", Box), ("item2", Place("post", "diameter 10, length 90"))).Ledger;
        ledger["tall"].Value.ShouldBe(ledger["floor"].Value + ledger["item2.hold"].Value, 1e-9);
        Tray("", ("item1", Box)).Ledger.Lines.ShouldNotContain(l => l.Key == "tall");
    }

    /// <summary>By hand: holes 48 apart on a tray of 160 × 100 stand at 56 and 104 from the left, 24 from the back; what is further out on the arm is
    /// further to the front.</summary>
    [Fact]
    public void A_tray_on_an_arm_takes_its_holes_and_keeps_its_pockets_off_them()
    {
        Design Carried(string entries, params PatternHole[] holes) => FamilyList.Find("pocket-tray")!.Design(BriefOf(entries,
            ("item1", Box), ("item2", Box)) with
        {
            Taken = new Dictionary<string, Taken> { ["below"] = new("bracket", "holes", new Given.Pattern("holes", holes)) },
        });
        PatternHole At(double x, double y) => new(x, y, 4, HoleUse.Threaded, "load");
        var tray = Carried("width=160; depth=100; floor=4", At(-24, 0), At(24, 0));
        tray.Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
        var inserts = tray.Gauges.Where(g => g.What == "insert hole").Select(g => g.At).ToList();
        inserts.Select(p => (p.X, p.Y)).ShouldBe([(56, 76), (104, 76)]);
        Carried("width=200; depth=100; floor=4", At(0, 0), At(0, 10)).Gauges.Where(g => g.What == "insert hole").Select(g =>
            (g.At.X, g.At.Y)).ShouldBe([(100, 81), (100, 71)]);
        foreach (var pocket in tray.Gauges.Where(g => g.Body == "part" && g.What.EndsWith("pocket", StringComparison.Ordinal)))
        {
            inserts.ShouldAllBe(p => Math.Abs(p.X - pocket.At.X) > 33 || Math.Abs(p.Y - pocket.At.Y) > 18);
        }

        tray.Hardware.ShouldContain("2 heat-set inserts M4");
        // A flat thing's tray is as high as its inserts are deep.
        Carried("width=160; depth=100; insert=M6; floor=0.6", At(-24, 0), At(24, 0)).Ledger["height"].Value.ShouldBeGreaterThan(12);
        Of(Carried("width=160; depth=100; floor=4; belowBack=6", At(-70, 0), At(70, 0)), "below.wall").Verdict.ShouldBe(Verdict.Good);
        Of(Carried("width=160; depth=100; belowBack=5", At(-76, 0), At(76, 0)), "below.wall").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>By hand, printed exactly: a tongue of 8 mm in a groove of 8.35, 1.4 out and 1.7 in, which leaves 1.3 of a wall of 3 mm.</summary>
    [Fact]
    public void Trays_keep_each_other_in_line_by_tongue_and_groove()
    {
        Design With(string entries) => Mounts.Design("pocket-tray", $"beside=tongue; {entries}", Workshop.Exact, null,
            ("item1", "block", "width 60, depth 30, height 20"));
        var design = With("width=100; depth=80; wall=3");
        design.Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
        double Gauged(string what) => design.Gauges.Single(g => g.What == what).Size;
        (Gauged("tongue of the pair"), Math.Round(Gauged("groove"), 9), Math.Round(Gauged("width with a tongue, from the groove"), 9)).ShouldBe((8, 8.35,
            99.7));
        Of(design, "tongue.wall").Figure.ShouldStartWith(Figures.Mm(design.Ledger["wall"].Value - 1.7));
        Of(design, "tongue.slides").Verdict.ShouldBe(Verdict.Good);
        design.Proofs.ShouldContain(p => p.Key == "edges");
        var thin = Of(With("width=100; depth=80; wall=1.6"), "tongue.wall");
        thin.Verdict.ShouldBe(Verdict.Stop);
        Of(With($"width=100; depth=80; wall={((Remedy.Change)thin.Remedies.Single()).Entries["wall"]}"), "tongue.wall").Verdict.ShouldBe(Verdict.Good);
    }

    private static Check Of(Design design, string key) => design.Checks.Single(c => c.Key == key);
}
