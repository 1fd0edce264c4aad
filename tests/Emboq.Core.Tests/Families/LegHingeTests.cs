using Emboq.Core.Families.Turning.LegHinge;
using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>A hinge for legs of 700 × 45 × 28 mm, printed exactly: the bolt is 26 mm from the leg's end, so 674 mm of each turn; its cheeks are 45.35 mm
/// apart and 9 thick, and a bolt of 6 mm stands out 8 mm beside them.</summary>
public sealed class LegHingeTests
{
    private static Design Design(string entries, string leg = "length 700, width 45, thickness 28", Process? process = null) =>
        Mounts.Design("leg-hinge", entries, process, null, ("leg", "board", leg));

    private static string Taken(Check check, string key) => check.Remedies.OfType<Remedy.Change>().First(c => c.Entries.ContainsKey(key)).Entries[key];

    [Fact]
    public void As_it_comes_nothing_stops()
    {
        var design = Design("");
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        design.Pieces.Select(p => p.Key).ShouldBe(["part", "wedge"]);
        design.Proofs.ShouldAllBe(p => p.Says.Contains("does not prove", StringComparison.Ordinal));
        Of(Design("", process: Workshop.Exact), "cheek.bends").Says.ShouldStartWith("Not judged");
    }

    /// <summary>By hand: of 900 mm a leg and 5 mm take 50, 3.19 degrees; of 600 mm each ends past the other hinge, half a leg and 39.675 mm of hinge and 5 mm
    /// take 67.175, 6.43 degrees. In whole tenths, rounded up.</summary>
    [Theory]
    [InlineData(900, 3.2)]
    [InlineData(1300, 2.3)]
    [InlineData(600, 6.5)]
    public void They_are_turned_as_little_as_lets_them_pass(double between, double turn)
    {
        var design = Design($"between={between}");
        design.Ledger["turned"].Value.ShouldBe(turn, 1e-9);
        Of(design, "passes").Verdict.ShouldBe(Verdict.Good);
        var less = Of(Design($"between={between}; turned={turn - 0.2}"), "passes");
        less.Verdict.ShouldBe(Verdict.Stop);
        Taken(less, "turned").ShouldBe(Figures.Number(turn));
    }

    /// <summary>The angle that a practitioner used: legs 90 mm wide, 5 mm between them and 292 mm from bolt to bolt.</summary>
    [Fact]
    public void Wide_legs_close_together_are_turned_by_nineteen_degrees() =>
        new FoldedLegs(292, 200, 90, 5, (0, 0)).Turn!.Value.ShouldBe(19, 0.05);

    /// <summary>Separating axes: two rectangles along one direction are apart sideways, or end before each other.</summary>
    [Fact]
    public void The_closed_form_is_what_two_rectangles_do()
    {
        var random = new Random(15);
        for (var i = 0; i < 500; i++)
        {
            var legs = new FoldedLegs(random.Next(100, 400), random.Next(60, 300), random.Next(10, 70), 0, (0, 0));
            var degrees = random.Next(0, 60);
            var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
            // Corners of the far leg in the frame of the near one, whose line is x = 0.
            var (x, y) = (legs.Between * sin, (legs.Between * cos) - legs.Reach);
            (Math.Abs(x) >= legs.Wide).ShouldBe(legs.Free(degrees) >= 0);
            if (degrees == 0)
            {
                (y >= legs.Reach).ShouldBe(legs.Ends >= 0);
            }
        }
    }

    /// <summary>By hand at 10 degrees: the foot of a leg stands 674 sin + 22.5 cos aside; pairs of 200 mm leave 200 cos − 900 sin − 45.</summary>
    [Fact]
    public void What_folds_outwards_stays_within_the_frame_and_off_the_pair_beside_it()
    {
        var (sin, cos) = Math.SinCos(Math.PI / 18);
        var room = (674 * sin) + (22.5 * cos) + 5;
        Of(Design($"turned=10; room={Math.Ceiling(room)}"), "room").Verdict.ShouldBe(Verdict.Good);
        Of(Design($"turned=10; room={Math.Floor(room)}"), "room").Verdict.ShouldBe(Verdict.Stop);
        var pairs = ((900 * sin) + 50) / cos;
        Of(Design($"turned=10; room=300; pairs={Math.Ceiling(pairs)}"), "pairs").Verdict.ShouldBe(Verdict.Good);
        Of(Design($"turned=10; room=300; pairs={Math.Floor(pairs)}"), "pairs").Verdict.ShouldBe(Verdict.Stop);
    }

    [Fact]
    public void Legs_that_lie_over_each_other_hang_lower_by_a_leg_and_the_gap_and_fold_in_one_order()
    {
        var design = Design("pass=over; between=1000; frame=150");
        design.Pieces.Select(p => p.Key).ShouldBe(["part", "second"]);
        Of(design, "order").Says.ShouldContain("folds last");
        design.Motions.Count.ShouldBe(2);
        design.Gauges.Single(g => g is { Body: "second", What: "plate" }).Size.ShouldBe(8 + 28 + 5, 1e-9);
        // The same legs are too long for 600 mm, and are told to be turned.
        var long_ = Of(Design("pass=over; between=600"), "passes");
        Of(Design($"pass={Taken(long_, "pass")}; between=600"), "passes").Verdict.ShouldBe(Verdict.Good);
        var meet = Of(Design("pass=apart"), "passes");
        meet.Verdict.ShouldBe(Verdict.Stop);
        Of(Design("pass=apart; between=1353"), "passes").Verdict.ShouldBe(Verdict.Good);
        // So far apart they need not be turned, and there is no wedge.
        var far = Design("between=1353");
        (far.Ledger["turned"].Value, Of(far, "passes").Verdict, far.Pieces.Count).ShouldBe((0, Verdict.Good, 1));
    }

    /// <summary>By hand: 100 N on four legs are 25 N, 674 mm from the bolt; the stop's and the second bolt's arm is 60 − 4.667 − 1.2 − 0.5 mm. The weight
    /// of 52 kg is on two legs.</summary>
    [Fact]
    public void A_push_is_a_moment_at_the_hinge()
    {
        var design = Design("");
        var bore = 6.6;
        var arm = 60 - (bore / 2 * Math.Sqrt(2)) - 1.2 - 0.5;
        var force = (25 * 674 / arm) + (52 * 9.80665 / 2);
        Of(design, "bolt.bears").Used!.Value.ShouldBe(force / (2 * 9 * 6) / (Tough.StrengthAlong!.Value * 2 / 3), 1e-3);
        Of(design, "wood.bears").Used!.Value.ShouldBe(force / (45 * 6) / 6.25, 1e-3);
        // A leg whose end stands on the plate leaves the bolt the push alone.
        Of(Design("end=stands"), "wood.bears").Used!.Value.ShouldBe(25 * 674 / arm / (45 * 6) / 6.25, 1e-3);
        Of(Design("end=stands; above=13"), "swings").Verdict.ShouldBe(Verdict.Stop);
        // Its channel is stronger on its back, its cheeks are stronger plate down.
        Of(Design("wayUp=flat"), "channel.bends").Used!.Value.ShouldBeGreaterThan(Of(design, "channel.bends").Used!.Value);
        Of(Design("wayUp=flat"), "cheek.bends").Used!.Value.ShouldBeLessThan(Of(design, "cheek.bends").Used!.Value);
    }

    /// <summary>By hand: 12 kg on four legs at 2 degrees hold 29.42 tan 2° = 1.027 N; a spring of 16 × 2.4 mm over 60 − 2 − 6 − 6 mm is lifted 2 mm by
    /// E w t³ δ / 4 L³, and driven out by 1.3 / 0.7 of it, 52 mm below the bolt.</summary>
    [Fact]
    public void A_spring_holds_against_a_bump_and_not_against_a_push()
    {
        var design = Design("lock=spring");
        var lifts = Tough.Stiffness!.Value * 16 * Math.Pow(2.4, 3) * 2 / (4 * Math.Pow(46, 3));
        design.Ledger["spring.lifts"].Value.ShouldBe(lifts, 1e-6);
        design.Ledger["kept"].Value.ShouldBe(12 * 9.80665 / 4 * Math.Tan(Math.PI / 90), 1e-6);
        Of(design, "spring.bends").Used!.Value.ShouldBeGreaterThan(0);
        var pushed = Of(design, "kept");
        pushed.Verdict.ShouldBe(Verdict.Stop);
        pushed.Figure.ShouldStartWith(Math.Round((lifts * 1.3 / 0.7 * 50 / 674) + 1.027, 1).ToString("0.#", System.Globalization.CultureInfo.InvariantCulture));
        Design($"lock={Taken(pushed, "lock")}").Checks.ShouldNotContain(c => c.Key == "kept");
        Of(Design("lock=spring; push=5"), "kept").Verdict.ShouldBe(Verdict.Good);
        Of(Design("lock=weight"), "kept").Verdict.ShouldBe(Verdict.Stop);
        // 20 mm of cheek less bump, bolt and ends leave 6 mm.
        var none = Of(Design("lock=spring; down=20; push=5"), "spring.long");
        none.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"lock=spring; down={Taken(none, "down")}; push=0"), "kept").Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void Screws_behind_the_leg_are_hidden_by_it_or_are_refused()
    {
        Of(Design("screwsAt=hidden; push=20"), "hidden").Verdict.ShouldBe(Verdict.Good);
        var thin = Design("screwsAt=hidden; push=20", "length 700, width 45, thickness 9");
        Of(thin, "hidden").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("above=100; down=200", "length 300, width 45, thickness 28"), "long").Verdict.ShouldBe(Verdict.Stop);
    }
}
