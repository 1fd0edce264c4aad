using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>Cradles for hoses: in by hand, kept by the lips, screwed on through the mouth.</summary>
public sealed class HoseCarrierTests
{
    private static Design Design(string entries, string kind = "hose", string sizes = "outside 46, give 1", Process? process = null,
        Taken? near = null) =>
        Mounts.Design("hose-carrier", entries, process, near is null ? null : new Dictionary<string, Taken> { ["near"] = near }, ("hose", kind, sizes));

    [Fact]
    public void A_hose_read_with_the_tape_has_its_cradle()
    {
        var design = Design("", sizes: "around 144.5");
        design.Ledger["hose.outside.drawn"].Value.ShouldBe((144.5 / Math.PI) + 0.7, 1e-6);
        design.Ledger["mouth"].Value.ShouldBe(0.8 * 144.5 / Math.PI, 1e-6);
    }

    [Theory]
    [InlineData("", Verdict.Good)]
    [InlineData("wall=9", Verdict.Stop)]
    [InlineData("mouth=24; wall=5", Verdict.Stop)]
    public void A_hand_pushes_the_hose_in_or_a_remedy_lets_it(string entries, Verdict verdict)
    {
        var opens = Of(Design(entries), "opens");
        opens.Verdict.ShouldBe(verdict, opens.Says + opens.Figure);
        foreach (var change in opens.Remedies.OfType<Remedy.Change>())
        {
            Of(Design(entries + string.Concat(change.Entries.Select(e => $"; {e.Key}={e.Value}"))), "opens").Verdict.ShouldBe(Verdict.Good, change.Label);
        }
    }

    [Fact]
    public void Lips_carry_what_hangs_below_them_and_nothing_where_the_mouth_faces_up()
    {
        Design("mass=20000").Checks.ShouldNotContain(c => c.Key == "keeps");
        var down = Of(Design("mass=400; faces=down"), "keeps");
        (Of(Design("mass=400; faces=side"), "keeps").Used!.Value / down.Used!.Value).ShouldBe(0.5, 1e-9);
        Of(Design("mass=20000; faces=down"), "keeps").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("mass=400; faces=down", process: Workshop.Exact), "opens").Says.ShouldStartWith("Not judged");
    }

    [Fact]
    public void It_takes_the_holes_of_a_clamp_and_a_key_must_reach_them()
    {
        var clamp = new Taken("clamp", "holes", new Given.Pattern("holes", [new(-12, 0, 4.5, HoleUse.Passing, "x"), new(12, 0, 4.5, HoleUse.Passing, "x")]));
        Design("spacing=60", near: clamp).Gauges.Where(g => g.What == "screw hole").Select(g => g.At.X).ShouldBe([-12, 12]);
        Of(Design("spacing=36"), "driver").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("spacing=36; holes=1"), "driver").Verdict.ShouldBe(Verdict.Good);
        Of(Design("mouth=46"), "mouth.narrow").Verdict.ShouldBe(Verdict.Stop);
    }

    private const string Reach = "reach=judged; hoseBend=150; ";

    /// <summary>By hand: straight down 1000; and 300 aside by two bends of 150 with a straight between them, whose slope has the sine 0.3.</summary>
    [Theory]
    [InlineData("fromLeft=0; above=1000", 1000)]
    [InlineData("fromLeft=300; above=1000", (300 * 0.30469265401539752) + 953.9392014169456)]
    public void A_hose_must_be_as_long_as_its_shortest_way(string entries, double needs)
    {
        const string Still = Reach + "travelX=0; travelY=0; travelZ=0; fromFront=0; ";
        double Found(string hose) => Design(Still + entries + hose).Checks.Single(c => c.Key == "reach.tight") is var c && c.Verdict == Verdict.Good ? 1 : 0;
        Found($"; hoseLong={needs + 0.5:0.0}").ShouldBe(1);
        Found($"; hoseLong={needs - 0.5:0.0}").ShouldBe(0);
    }

    [Fact]
    public void The_corner_that_needs_most_is_named_and_a_press_makes_the_hose_long_enough()
    {
        Design("").Checks.ShouldNotContain(c => c.Key.StartsWith("reach", StringComparison.Ordinal));
        var tight = Of(Design(Reach + "hoseLong=1300; fromLeft=200; fromFront=500"), "reach.tight");
        (tight.Verdict, tight.Says.Contains("the right front low corner", StringComparison.Ordinal)).ShouldBe((Verdict.Stop, true), tight.Says);
        foreach (var change in tight.Remedies.OfType<Remedy.Change>())
        {
            var then = Design(Reach + "hoseLong=1300; fromLeft=200; fromFront=500" + string.Concat(change.Entries.Select(e => $"; {e.Key}={e.Value}")));
            Of(then, "reach.tight").Verdict.ShouldBe(Verdict.Good, change.Label);
        }
    }

    [Fact]
    public void What_is_too_long_drags_and_hung_better_it_does_not()
    {
        var drags = Of(Design(Reach + "hoseLong=6000; above=900"), "reach.drags");
        drags.Verdict.ShouldBe(Verdict.Watch);
        var hung = Design(Reach + string.Join("; ", drags.Remedies.OfType<Remedy.Change>().Single().Entries.Select(e => $"{e.Key}={e.Value}")));
        hung.Checks.Where(c => c.Key is "reach.tight" or "reach.drags").ShouldAllBe(c => c.Verdict == Verdict.Good);
        // Nearly taut, it pulls without end.
        Of(Design(Reach + "fromLeft=3000; above=500; hoseLong=3100; pullMost=5"), "reach.pull").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>By hand: a bush of 7.5 mm with a gap of 0.25 mm square to cones of 45 degrees, 0.35 mm aside, and a belly a millimetre wider than
    /// that.</summary>
    [Fact]
    public void A_bush_printed_in_place_cannot_leave_its_hole()
    {
        const string Turns = "turns=inPlace; wayUp=lying; mass=900; spacing=60";
        var design = Design(Turns);
        design.Pieces.Single().Bodies.Select(b => b.Key).ShouldBe(["part", "bush"]);
        design.Ledger["screw.gap"].Value.ShouldBe(0.25, 1e-9);
        double Gauged(string body) => design.Gauges.Single(g => g.Body == body && g.What.Contains("bush", StringComparison.Ordinal)).Size;
        (Gauged("part") - Gauged("bush")).ShouldBe(2 * 0.25 * Math.Sqrt(2), 1e-9);
        Of(design, "captive.keeps").Figure.ShouldStartWith("1 mm");
        // The weight hangs on the belly: from 4.1 to 5.1 mm about the screw.
        var (outer, inner) = (3.75 + (0.25 * Math.Sqrt(2)) + 1, 3.75 + (0.25 * Math.Sqrt(2)));
        Of(design, "wears").Used!.Value.ShouldBe(0.9 * 9.80665 / (Math.PI * ((outer * outer) - (inner * inner))) * 2, 1e-6);
        var upright = Of(Design("turns=inPlace; mass=900; spacing=60"), "captive.lies");
        (upright.Verdict, upright.Remedies.OfType<Remedy.Change>().Single().Entries["wayUp"]).ShouldBe((Verdict.Stop, "lying"));
        // Drawn wider by what the process takes, it comes out as wanted, less its doubt.
        var doubtful = Design(Turns, process: Workshop.OfTough(Workshop.Process));
        Math.Abs(doubtful.Ledger["screw.gap"].Value - 0.25).ShouldBeGreaterThan(0.01);
        doubtful.Ledger["screw.gap.comes"].ShouldSatisfyAllConditions(g => g.Value.ShouldBe(0.25, 1e-9), g => g.StandardUncertainty.ShouldBeGreaterThan(0));
    }

    /// <summary>Brazier: flattening grows with the square of the bend; from a tenth where it is just round, to two ninths, where a tube folds: 0.67 of that
    /// bend.</summary>
    [Theory]
    [InlineData(0.99, Verdict.Good, "flattened by 10 %")]
    [InlineData(1.2, Verdict.Watch, "flattened by 14 %")]
    [InlineData(1.6, Verdict.Watch, "shuts off the air")]
    public void A_hose_bent_too_tight_is_flattened_and_at_last_folds(double tighter, Verdict verdict, string says)
    {
        const string Hung = "reach=judged; travelX=0; travelY=0; travelZ=0; fromLeft=300; fromFront=0; above=600; hoseLong=1600; hoseBend=";
        var bow = double.Parse(Of(Design(Hung + "150"), "reach.bend").Figure.Split(' ')[0], System.Globalization.CultureInfo.InvariantCulture);
        var bend = Of(Design(FormattableString.Invariant($"{Hung}{bow * tighter:0.00}")), "reach.bend");
        (bend.Verdict, bend.Says.Contains(says, StringComparison.Ordinal)).ShouldBe((verdict, true), bend.Says);
    }

    /// <summary>By hand: M4 passes 4.3 mm, walls of 1.6 make 7.5 mm, and what turns on them has half a millimetre more; its back is 3 mm under the
    /// washer.</summary>
    [Fact]
    public void A_carrier_turns_on_a_bush_that_is_longer_than_what_turns()
    {
        var design = Design("turns=swivel; mass=900; spacing=60");
        design.Pieces.Select(p => p.Key).ShouldBe(["part", "bush"]);
        (design.Ledger["bush.outside"].Value, design.Ledger["screw.hole"].Value).ShouldBe((7.5, 8.0));
        design.Ledger["bush.long"].Value.ShouldBe(3.4, 1e-9);
        design.Motions.Single().Moves.ShouldBe([Piece.Main, "machine-hose"]);
        // Friction 0.3 of 8.83 N at (9 + 8) / 4 mm, led 100 mm out; and the ring from 8 to 9 mm.
        Of(design, "turns").Used!.Value.ShouldBe(0.3 * 0.9 * 9.80665 * 4.25 / 100 / 3, 1e-6);
        Of(design, "wears").Used!.Value.ShouldBe(0.9 * 9.80665 / (Math.PI / 4 * 17), 1e-6);
        Design("").Checks.ShouldNotContain(c => c.Key == "turns");
        var two = new Taken("clamp", "holes", new Given.Pattern("holes", [new(-12, 0, 4.5, HoleUse.Passing, "x"), new(12, 0, 4.5, HoleUse.Passing, "x")]));
        Of(Design("turns=swivel", near: two), "turns.one").Verdict.ShouldBe(Verdict.Stop);
        design.Checks.ShouldNotContain(c => c.Key == "turns.one");
    }

    /// <summary>What no hose that can be asked for reaches is told, and nothing is offered that could not be entered.</summary>
    [Fact]
    public void A_travel_beyond_any_hose_is_told()
    {
        var far = Of(Design(Reach + "travelX=10000; travelY=10000; travelZ=5000; fromLeft=0; fromFront=0; above=10000; hoseBend=3000"), "reach.tight");
        far.Verdict.ShouldBe(Verdict.Stop);
        far.Remedies.OfType<Remedy.Change>().ShouldAllBe(c => double.Parse(c.Entries["hoseLong"]) <= 20000);
    }
}
