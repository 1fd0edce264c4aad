using Emboq.Core.Families.Clamping.ShellClamp;

namespace Emboq.Core.Tests.Families;

/// <summary>Shell clamps: where their halves meet, where their feet stand, what they hold. Closed forms; mm, N.</summary>
public sealed class ShellClampTests
{
    private const string Usual = "breadth 61.6, height 28, length 160, mass 700, balance 80, tip 20";

    private static Design Design(string entries, string grip = Usual, (string Kind, string Sizes)? table = null) => Mounts.Design("shell-clamp",
        $"front=40; {entries}", null, null, ("grip", "grip", grip), ("table", table?.Kind ?? "hole-grid",
            table?.Sizes ?? "pitchX 25, pitchY 25, diameter 6.6"));

    private static Check Of(Design design, string key) => Mounts.Of(design, key);

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
        Of(Design("front=155"), "ends").Verdict.ShouldBe(Verdict.Stop);
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

    [Theory]
    [InlineData("keep1.at 40, keep1.long 12, keep1.across 10, keep1.around 0", Verdict.Good)]
    [InlineData("keep1.at 40, keep1.long 12, keep1.across 10, keep1.around 75", Verdict.Stop)]
    public void A_vent_is_left_free_or_the_clamp_has_to_move(string vent, Verdict verdict) =>
        Design("", $"{Usual}, {vent}").Checks.Single(c => c.Title == "button or vent 1 left free").Verdict.ShouldBe(verdict);

    [Fact]
    public void Nothing_is_clamped_where_nothing_was_scanned()
    {
        var grip = Measuring.Places.Of(KindList.Of("grip"), Usual);
        grip = grip with { Outline = grip.Outline! with { Sections = [.. grip.Outline.Sections!.Select(s => s with { Scanned = Math.Abs(s.At - 40) > 6 })] } };
        var family = FamilyList.Find("shell-clamp")!;
        Design Built(IReadOnlyDictionary<string, string> decided) => family.Design(new(ParameterValues.Read(family.Parameters, decided).Value,
            new Dictionary<string, Interface>
            {
                ["grip"] = grip,
                ["table"] = Measuring.Places.Of(KindList.Of("hole-grid"),
                "pitchX 25, pitchY 25, diameter 6.6")
            },
            Mounts.Tough, []));
        var stopped = Of(Built(new Dictionary<string, string> { ["front"] = "40" }), "scanned");
        stopped.Verdict.ShouldBe(Verdict.Stop);
        Of(Built(stopped.Remedies.OfType<Remedy.Change>().Single().Entries), "scanned").Verdict.ShouldBe(Verdict.Good);
    }

    private sealed class Near(double off) : IEqualityComparer<(double, double)>
    {
        public bool Equals((double, double) x, (double, double) y) => Math.Abs(x.Item1 - y.Item1) < off && Math.Abs(x.Item2 - y.Item2) < off;

        public int GetHashCode((double, double) obj) => 0;
    }
}
