using CsCheck;
using Emboq.Core.Families.Clamping.ShellClamp;

namespace Emboq.Core.Tests.Families;

/// <summary>Shell clamps: where their halves meet, where their feet stand, what they hold. Closed forms; mm, N.</summary>
public sealed class ShellClampTests
{
    private const string Usual = "breadth 61.6, height 28, length 160, mass 700, balance 80, tip 20";

    private static Design Design(string entries, string grip = Usual, (string Kind, string Sizes)? table = null) => Mounts.Design("shell-clamp",
        $"front=40; {entries}", null, null, ("grip", "grip", grip), ("table", table?.Kind ?? "hole-grid",
            table?.Sizes ?? "pitchX 25, pitchY 25, diameter 6.6"));

    private static Design On(Interface grip, IReadOnlyDictionary<string, string> decided)
    {
        var family = FamilyList.Find("shell-clamp")!;
        return family.Design(new(ParameterValues.Read(family.Parameters, decided).Value, new Dictionary<string, Interface>
        {
            ["grip"] = grip,
            ["table"] = Measuring.Places.Of(KindList.Of("hole-grid"), "pitchX 25, pitchY 25, diameter 6.6"),
        }, Mounts.Tough, []));
    }

    private static Core.Checks.Check Of(Design design, string key) => Mounts.Of(design, key);

    private static double Line(Design design, string key) => design.Ledger[key].Value;

    /// <summary>An ellipse is parted across its middle at no cost; a quarter up, the upper half is as wide there as the widest below it, which costs
    /// what lies beside: of a circle of radius 1, from z = 0 to 0.5, 2 (0.5 − ∫√(1 − z²)) = 1 − (π/6 + √3/4) = 0.0434.</summary>
    [Fact]
    public void Halves_meet_where_both_go_straight_on()
    {
        var round = new Parting(Outlines.Round(10, 360));
        Parting.Best([round]).ShouldBe(0, 0.11);
        round.Extra(0).ShouldBe(0, 0.15);
        round.Extra(5).ShouldBe(100 * (1 - (Math.PI / 6) - (Math.Sqrt(3) / 4)), 0.3);
        // A square standing on a corner is parted at its widest; one that leans costs two triangles of 4 × 12/7 / 2.
        var square = new Profile(new(0, -10), new Point2(10, 0), new(0, 10), new(-10, 0));
        (Parting.Best([new(square)]), new Parting(square).Extra(0)).ShouldBe((0.0, 0.0), new Near(0.11));
        new Parting(new(new(-4, -10), new Point2(10, -4), new(4, 10), new(-10, 4))).Extra(0).ShouldBe(48 / 7.0, 0.1);
        // What a half is open by holds all of the section on its side.
        var half = round.Half(new(0, 5), -1, 1)!;
        half.Across.ShouldBe(20, 1e-6);
        half.Box.Least.Y.ShouldBe(-15, 1e-6);
        round.Half(new(0, 30), 1, 1).ShouldBeNull();
    }

    [Fact]
    public void Clamps_stand_square_to_the_centre_line_on_rows_and_columns_of_the_table()
    {
        var design = Design("rear=118; along=60; front=40");
        // Long enough that their slots let them be turned.
        // Three rows of 25 from 40.
        Line(design, "rear").ShouldBe(115, 1e-9);
        // The middle of the grip runs 20 sin(π y / 160), scaled with its breadth, which the reading settles.
        foreach (var (key, at) in new[] { ("part", 40.0), ("rear", 115.0) })
        {
            var slope = 20 * Math.PI / 160 * Math.Cos(Math.PI * at / 160);
            design.Pieces.Single(p => p.Key == key).Pose.TurnZ.ShouldBe(Math.Atan(slope) * 180 / Math.PI, 1.2);
        }

        // Columns: screws of the first stand a whole number of spacings apart, those of the second on the same columns.
        var (apart, first) = (Line(design, "apart"), design.Pieces[0].Pose);
        (apart / 25 / Math.Cos(first.TurnZ * Math.PI / 180)).ShouldBe(Math.Round(apart / 25), 0.02);
        double[] Screws(string key) => [.. design.Gauges.Where(g => g.Body == key && g.What == "slot of a foot").Select(g => design.Pieces.Single(p =>
            p.Key == key)
            .Pose is var pose ? pose.By.X + (g.At.X / Math.Cos(pose.TurnZ * Math.PI / 180)) : 0)];
        var between = Screws("rear")[0] - Screws("part")[0];
        (between / 25).ShouldBe(Math.Round(between / 25), 0.02);
        Of(design, "ends").Verdict.ShouldBe(Verdict.Good);
        // Asked for past the end, it stands on the last row that is on the handle.
        Line(Design("rear=155"), "rear").ShouldBe(140, 1e-9);
        var off = Design("front=155");
        Of(off, "ends").Verdict.ShouldBe(Verdict.Stop);
        // Beside the handle there is nothing that was scanned, or level.
        off.Checks.ShouldNotContain(c => c.Key == "scanned" || c.Key == "steep" || c.Key == "edges");
        Design("front=155; body=scanned").Checks.ShouldNotContain(c => c.Key == "edges");
    }

    [Fact]
    public void On_slots_they_stand_as_far_apart_as_those_are()
    {
        var design = Design("rear=110; slotsApart=62.5", table: ("t-slot", "mouth 10, lip 5, chamber 18, depth 12"));
        Line(design, "rear").ShouldBe(102.5, 1e-9);
        Of(design, "table.screw").Verdict.ShouldBe(Verdict.Good);
        Of(Design("tableScrew=M3; slotsApart=62.5", table: ("t-slot", "mouth 10, lip 5, chamber 18, depth 12")), "table.screw").Verdict.ShouldBe(Verdict.Watch);
        Of(Design("tableScrew=M6; slotsApart=62.5", table: ("t-slot", "mouth 5, lip 5, chamber 18, depth 12")), "table.screw").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("", table: ("hole-grid", "pitchX 25, pitchY 25")), "table.screw").Verdict.ShouldBe(Verdict.Watch);
    }

    [Fact]
    public void The_tip_comes_to_its_height_with_the_packers()
    {
        var design = Design("bladeHeight=60; fine=1.6");
        // 60 over the table, 20 over the floor of the scan, 1.6 of packer.
        Line(design, "raised").ShouldBe(38.4, 1e-9);
        design.Pieces.Count(p => p.Key.Contains("packer", StringComparison.Ordinal)).ShouldBe(2);
        Of(Design("bladeHeight=21"), "front.below").Verdict.ShouldBe(Verdict.Stop);
        var higher = Of(Design("bladeHeight=21"), "front.below").Remedies.OfType<Remedy.Change>().Single();
        Of(Design($"bladeHeight={higher.Entries["bladeHeight"]}"), "front.below").Verdict.ShouldBe(Verdict.Good);
        Of(Design("bladeHeight=60; roll=10"), "tip.rolled").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("bladeHeight=60", Usual.Replace(", tip 20", "")), "grip.tip.readings").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>T = 0.3 N·m on M4 draws 0.3 / (0.2 × 0.004) = 375 N; of a tough filament 0.6 is left after a day, 0.42 where it is warm. Two screws at each of
    /// two clamps, rubbed above and below with 0.2: 2 × 0.2 × 4 × 157.5 = 252 N against 3 × 40.</summary>
    [Fact]
    public void What_it_holds_is_friction_above_and_below()
    {
        var holds = Of(Design(""), "holds");
        holds.Used!.Value.ShouldBe(120 / (2 * 0.2 * 4 * 375 * 0.42), 0.01);
        Of(Design("shakes=still"), "holds").Used!.Value.ShouldBe(holds.Used.Value / 3, 0.005);
        Of(Design("push=400"), "holds").Verdict.ShouldBe(Verdict.Stop);
        var (thin, thick) = (Of(Design("foot=8"), "foot.bends").Used!.Value, Of(Design("foot=16"), "foot.bends").Used!.Value);
        (thin / thick).ShouldBe(4, 0.02);
        var gentler = Of(Design("torque=2"), "strips");
        gentler.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"torque={gentler.Remedies.OfType<Remedy.Change>().Last().Entries["torque"]}"), "strips").Verdict.ShouldBe(Verdict.Good);
        Of(Design("", Usual.Replace("balance 80", "balance 20")), "balance").Verdict.ShouldBe(Verdict.Watch);
        Of(Design("", Usual.Replace(", balance 80", "")), "balance").Verdict.ShouldBe(Verdict.Watch);
        Of(Design("shell=8"), "screw.wall").Verdict.ShouldBe(Verdict.Stop);
        // 375 N shear 3 mm of 7 mm around under a head with less than a sixth of 45 MPa; 2 mm are too little whatever they bear.
        Of(Design("seat=3"), "screw.seat").Verdict.ShouldBe(Verdict.Good);
        Of(Design("seat=2"), "screw.seat").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("pinch=0.5"), "gap.left").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>A handle that lies low, between thick feet: they would cover its screws.</summary>
    [Fact]
    public void Feet_end_below_the_upper_half()
    {
        var high = Of(Design("under=6; foot=25; thread=8"), "front.feet");
        (high.Verdict, high.Figure).ShouldBe((Verdict.Stop, "25 mm"));
        var entries = high.Remedies.OfType<Remedy.Change>().Single().Entries;
        Of(Design($"under=6; thread=8; foot={entries["foot"]}"), "front.feet").Verdict.ShouldBe(Verdict.Good);
        // Feet that bend are not offered to be as thick as that.
        Of(Design("under=6; thread=8; foot=4; torque=6"), "foot.bends").Remedies.ShouldBeEmpty();
    }

    [Theory]
    [InlineData("keep1.at 40, keep1.long 12, keep1.across 10, keep1.around 0", Verdict.Good)]
    [InlineData("keep1.at 40, keep1.long 12, keep1.across 10, keep1.around 75", Verdict.Stop)]
    public void A_vent_is_left_free_or_the_clamp_has_to_move(string vent, Verdict verdict) =>
        Design("", $"{Usual}, {vent}").Checks.Single(c => c.Title == "button or vent 1 left free").Verdict.ShouldBe(verdict);

    /// <summary>The hollow of a clamp is gauged beside its window; one that is open over its whole length is not measured, and not green.</summary>
    [Fact]
    public void A_hollow_is_gauged_beside_its_window()
    {
        const string Vent = ", keep1.at 40, keep1.across 10, keep1.around 0, keep1.long ";
        var part = Design("", Usual + Vent + "8");
        var gauge = part.Gauges.Single(g => g.Body == "part" && g.What == "hollow below the split");
        Math.Abs(gauge.At.Y).ShouldBeInRange(6, 12.3);
        var open = Design("", Usual + Vent + "40");
        open.Gauges.ShouldNotContain(g => g.Body == "part" && g.What == "hollow below the split");
        Of(open, "keep1").Verdict.ShouldBe(Verdict.Watch);
    }

    [Fact]
    public void Nothing_is_clamped_where_nothing_was_scanned()
    {
        var grip = Measuring.Places.Of(KindList.Of("grip"), Usual);
        grip = grip with { Outline = grip.Outline! with { Sections = [.. grip.Outline.Sections!.Select(s => s with { Scanned = Math.Abs(s.At - 40) > 6 })] } };
        Design Built(IReadOnlyDictionary<string, string> decided) => On(grip, decided);
        var stopped = Of(Built(new Dictionary<string, string> { ["front"] = "40" }), "scanned");
        stopped.Verdict.ShouldBe(Verdict.Stop);
        Of(Built(stopped.Remedies.OfType<Remedy.Change>().Single().Entries), "scanned").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>Of any section, what is found costs no more than any other split, and no split is for less than nothing.</summary>
    [Fact]
    public void No_split_is_better_than_the_one_that_is_found() => Gen.Double[4, 12].Array[16].Sample(radii =>
    {
        var parting = new Parting(new(radii.Select((r, i) => Math.SinCos(2 * Math.PI * i / radii.Length) is var (sin, cos) ? new Point2(r * cos, r * sin)
            : default)));
        var best = Parting.Best([parting]);
        var (low, high) = (parting.Box.Least.Y, parting.Box.Greatest.Y);
        parting.Extra(best).ShouldBeGreaterThanOrEqualTo(-0.05 * parting.Area);
        foreach (var share in new[] { 0.2, 0.35, 0.5, 0.65, 0.8 })
        {
            parting.Extra(best).ShouldBeLessThanOrEqualTo(parting.Extra(low + (share * (high - low))) + (0.05 * parting.Area));
        }
    }, iter: 200);

    /// <summary>However rough a section is, its halves see all of themselves from where they meet, and hold all of the section on their side; of a round one
    /// they are no wider than it.</summary>
    [Fact]
    public void A_rough_section_is_opened_until_its_halves_do_not_fold() => Gen.Double[-0.3, 0.3].Array[180].Sample(noise =>
    {
        foreach (var rough in new[] { 0, 1 })
        {
            var points = noise.Select((n, i) => Math.SinCos(2 * Math.PI * i / noise.Length) is var (sin, cos) ? new Point2((20 + (rough * n)) * cos,
                (14 + (rough * n)) * sin) : default).ToArray();
            var parting = new Parting(new(points));
            var over = 0.0;
            foreach (var side in new[] { 1, -1 })
            {
                var half = parting.Half(new(0, 0.5), side, 1.5)!;
                Outlines.SeenFromWithin(half).ShouldBeTrue();
                half.Points.Where(p => side * p.Y > 0).Min(p => Outlines.Beside(points, new(p.X, p.Y + 0.5))).ShouldBeGreaterThan(-0.001);
                over += Parting.Over(half, side);
            }

            (over - parting.Area).ShouldBeInRange(-0.02 * parting.Area, (0.002 + (0.03 * rough)) * parting.Area);
        }
    }, iter: 100);

    [Theory]
    [InlineData(0, 0, 40, 40)]
    [InlineData(25, 0, 50, 50)]
    [InlineData(25, 12.5, 37.5, 37.5)]
    [InlineData(25, 5, 45, 55)]
    public void Screws_stand_on_the_nearest_columns_that_leave_room(double apart, double at, double left, double right)
    {
        var station = Station(0);
        var feet = ShellFeet.Of(station, (40 - (apart == 25 && at == 12.5 ? 5 : 0), 40 - (apart == 25 && at == 12.5 ? 5 : 0)), (at, apart));
        (feet.Left, feet.Right, feet.Travel).ShouldBe((-left, right, ShellFeet.Spare), new Close());
    }

    [Fact]
    public void Slots_are_as_long_as_a_turned_clamp_needs_and_it_is_turned_no_further()
    {
        // 50 mm out and turned by 4 degrees, screws stand 3.5 mm before and behind its middle.
        var feet = ShellFeet.Of(Station(4), (40, 40), (0, 25));
        feet.Travel.ShouldBe(ShellFeet.Spare + (2 * 50 * Math.Sin(4 * Math.PI / 180)), 1e-9);
        var most = ShellFeet.MostTurn(25, 6, 50);
        (ShellFeet.Spare + (2 * 50 * Math.Sin(most * Math.PI / 180)) + 12).ShouldBe(25, 1e-9);
        ShellFeet.MostTurn(10, 6, 50).ShouldBe(0);
    }

    /// <summary>A handle that bends more than its clamps can be turned is held askew, and says so; longer ones turn all the way.</summary>
    [Fact]
    public void A_bend_beyond_the_slots_is_told()
    {
        var (tight, long_) = (Design("along=20"), Design("along=70; front=50; stations=one"));
        Of(tight, "front.square").Verdict.ShouldBe(Verdict.Watch);
        Of(tight, "foot.slot").Verdict.ShouldBe(Verdict.Good);
        Of(long_, "front.square").Verdict.ShouldBe(Verdict.Good);
        Math.Abs(long_.Pieces[0].Pose.TurnZ).ShouldBeGreaterThan(Math.Abs(tight.Pieces[0].Pose.TurnZ) + 5);
    }

    [Fact]
    public void Sizes_left_open_follow_their_screws()
    {
        var (small, large) = (Design(""), Design("screw=M6; screws=2; tableScrew=M8"));
        (Line(small, "shell"), Line(small, "along"), Line(small, "seat"), Line(small, "thread")).ShouldBe((14.0, 25.0, 6.0, 12.0));
        Line(large, "shell").ShouldBeGreaterThan(14);
        Line(large, "along").ShouldBeGreaterThan(25);
        Line(large, "thread").ShouldBe(18, 1e-9);
        foreach (var key in new[] { "screw.wall", "thread.wall", "screw.ends", "foot.slot", "thread.engagement" })
        {
            Of(large, key).Verdict.ShouldBe(Verdict.Good, key);
        }
    }

    /// <summary>A window 10 mm wide, 2 mm free beside it, straight up: it passes a hole 20 mm aside, and cuts one that stands within it; slanting towards the
    /// hole it meets that where it is high enough.</summary>
    [Theory]
    [InlineData(0, 20, false)]
    [InlineData(0, 8, true)]
    [InlineData(-45, 20, true)]
    [InlineData(45, 20, false)]
    [InlineData(-90, 20, true)]
    [InlineData(180, 8, true)]
    public void A_window_that_would_cut_a_screw_is_found(double around, double x, bool struck)
    {
        var vent = new Keeping("vent", 50, 12, 10, around);
        vent.Strikes(x, 50, -20, 30, 4).ShouldBe(struck);
        // Further along the handle than half of it, its free room and the screw's own, nothing is struck.
        vent.Strikes(x, 50 + 6 + Keeping.Beside + 4.1, -20, 30, 4).ShouldBeFalse();
    }

    /// <summary>A flat grip that leans is opened further than its section to go straight on; turned back by its lean, it is not.</summary>
    [Fact]
    public void A_handle_that_leans_is_offered_a_turn_that_costs_less()
    {
        const double Lean = 30;
        var (sin, cos) = Math.SinCos(Lean * Math.PI / 180);
        var leaning = Traced.Of("leaning.stl", 0.05, 160, [.. Enumerable.Range(0, 53).Select(i => 2 + (3.0 * i)).Select(x => new TracedSection(x,
            [.. Outlines.Round(1, 120).Points.Select(p => new Point2((24 * p.X * cos) - (9 * p.Y * sin), 20 + (24 * p.X * sin) + (9 * p.Y * cos)))], true))]);
        var grip = Measuring.Places.Of(KindList.Of("grip"),
            FormattableString.Invariant($"breadth {leaning.Along}, height 35, length 160")) with
        { Outline = leaning };
        Design Built(IReadOnlyDictionary<string, string> decided) => On(grip, decided);
        var opened = Of(Built(new Dictionary<string, string>()), "front.split");
        opened.Verdict.ShouldBe(Verdict.Watch);
        var turn = opened.Remedies.OfType<Remedy.Change>().Single().Entries;
        // Level either way round, or upright: by thirty degrees, by five.
        Math.Abs((double.Parse(turn["roll"], System.Globalization.CultureInfo.InvariantCulture) + 360 - Lean) % 90).ShouldBeLessThan(5.1);
        Of(Built(turn), "front.split").Verdict.ShouldBe(Verdict.Good);
        Built(turn).Checks.ShouldContain(c => c.Key == "rear.split" && c.Verdict == Verdict.Good);
    }

    /// <summary>A grip with a ridge of 0.6 around it where it is clamped: the smooth body leaves it away, the surface as scanned has it. Each school says what
    /// the other would cost, and is one press away.</summary>
    [Fact]
    public void Smooth_or_as_scanned_each_tells_the_price_of_the_other()
    {
        static double Ridge(double x) => x is > 35 and < 45 ? 0.6 : 0;
        var scan = Traced.Of("ridged.stl", 0.05, 160, [.. Enumerable.Range(0, 53).Select(i => 2 + (3.0 * i)).Select(x => new TracedSection(x,
            [.. Outlines.Round(1, 120).Points.Select(p => new Point2(25 * p.X, 14 + (14 * p.Y)))], true))],
            (Measuring.Places.Tube(160, 81, 120, (x, sin, cos) => new(x, (25 + Ridge(x)) * cos, 14 + ((14 + Ridge(x)) * sin))), 0.04));
        var grip = Measuring.Places.Of(KindList.Of("grip"), "breadth 50, height 28, length 160") with { Outline = scan };
        Design Built(params (string Key, string Value)[] decided) => On(grip, decided.Append(("front", "40")).ToDictionary(d => d.Item1, d => d.Item2));
        var smooth = Of(Built(), "edges");
        // The sharp end of an ellipse lies 0.02 out of the lines through it.
        (smooth.Verdict, smooth.Figure).ShouldBe((Verdict.Watch, "0.62 mm"));
        var entries = smooth.Remedies.OfType<Remedy.Change>().First().Entries;
        var scanned = Built([.. entries.Select(e => (e.Key, e.Value))]);
        Of(scanned, "edges").ShouldSatisfyAllConditions(c => c.Verdict.ShouldBe(Verdict.Good), c => c.Figure.ShouldBe("0.04 mm"),
            c => c.Says.ShouldContain("0.62 mm"), c => c.Says.ShouldContain("triangles"));
        scanned.Checks.ShouldNotContain(c => c.Key == "folds");
        // Its hollow is wider by the ridge on each side.
        double Wide(Design design) => design.Gauges.First(g => g.What == "hollow below the split").Size;
        (Wide(scanned) - Wide(Built())).ShouldBe(1.2, 0.06);
        // What lies further beside its scan than the clearance is not green.
        var coarse = On(grip with { Outline = scan with { Surface = scan.Surface! with { Within = 0.9 } } }, entries.Append(new("front", "40")).ToDictionary());
        Of(coarse, "edges").Verdict.ShouldBe(Verdict.Watch);
        // Of a scan that only sections were kept of, there is no surface to take.
        var none = On(grip with { Outline = scan with { Surface = null } }, entries);
        (Of(none, "surface").Verdict, none.Pieces.Count).ShouldBe((Verdict.Stop, 0));
        Of(On(grip with { Outline = scan with { Surface = null } }, new Dictionary<string, string>()), "edges").Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void Nothing_is_offered_that_would_not_help()
    {
        // One row fits the handle: the second clamp cannot stand elsewhere, and one alone is offered.
        var far = Design("front=40", table: ("hole-grid", "pitchX 25, pitchY 120, diameter 6.6"));
        Of(far, "ends").Verdict.ShouldBe(Verdict.Stop);
        var alone = Of(far, "ends").Remedies.OfType<Remedy.Change>().Last();
        alone.Entries["stations"].ShouldBe("one");
        Of(Design("front=40; stations=one", table: ("hole-grid", "pitchX 25, pitchY 120, diameter 6.6")), "ends").Verdict.ShouldBe(Verdict.Good);
        Of(Design("front=150; stations=one"), "ends").Remedies.OfType<Remedy.Change>().ShouldHaveSingleItem().Entries["front"].ShouldBe("");
    }

    [Fact]
    public void Unmeasured_it_names_what_is_missing_and_builds_nothing()
    {
        var design = Design("", "height 28");
        design.Pieces.ShouldBeEmpty();
        Of(design, "grip.breadth.readings").Says.ShouldContain("nothing can be reckoned without it");
        var grip = Measuring.Places.Of(KindList.Of("grip"), Usual) with { Outline = null };
        On(grip, new Dictionary<string, string>()).Checks.ShouldContain(c => c.Key == "grip.outline" && c.Verdict == Verdict.Stop);
    }

    private static ShellStation Station(double turn) => new()
    {
        Key = "front",
        Name = "first clamp",
        At = 40,
        Middle = new(0, 14),
        Turn = turn,
        Askew = 0,
        Rise = 0,
        Split = (14, 0, 100),
        Sides = (-25, 25, 0, 28),
        Cuts = [],
        Axis = 0,
    };

    private sealed class Close : IEqualityComparer<(double, double, double)>
    {
        public bool Equals((double, double, double) x, (double, double, double) y) => Math.Abs(x.Item1 - y.Item1) < 1e-6
            && Math.Abs(x.Item2 - y.Item2) < 1e-6 && Math.Abs(x.Item3 - y.Item3) < 1e-6;

        public int GetHashCode((double, double, double) obj) => 0;
    }

    private sealed class Near(double off) : IEqualityComparer<(double, double)>
    {
        public bool Equals((double, double) x, (double, double) y) => Math.Abs(x.Item1 - y.Item1) < off && Math.Abs(x.Item2 - y.Item2) < off;

        public int GetHashCode((double, double) obj) => 0;
    }
}
