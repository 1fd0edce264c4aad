using Emboq.Core.Families.Turning.Faceplate;
using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>Faceplates: on their spindle, at their speed, under a tool that catches.</summary>
public sealed class FaceplateTests
{
    private const string Spindle = "outside 31.6, pitch 3.175, length 28, neck 32, neckLong 4";

    private static readonly Process Solid = Tough with { Settings = new() { Walls = 20, Skins = 40, Fill = 1 } };

    private static Design Design(string entries, string spindle = Spindle, Process? process = null) =>
        Mounts.Design("faceplate", entries, process ?? Solid, null, ("spindle", "spindle", spindle));

    private static double Line(Design design, string key) => design.Ledger[key].Value;

    /// <summary>ISO 68-1 by hand: 31.6 mm and 0.2 mm of room make 31.8 mm over the roots, 5/4 H less across the crests; what 0.2 mm take of the flanks is
    /// FED-STD-H28. Common practice, no source: 0.006 in (0.15 mm) over an inch and a quarter by eight ran well, and at size it was too tight.</summary>
    [Fact]
    public void The_thread_is_the_spindles_own_with_its_room()
    {
        var design = Design("");
        var deep = 1.25 * Math.Sqrt(3) / 2 * 3.175;
        Line(design, "spindle.outside.drawn").ShouldBe(31.8, 1e-9);
        Line(design, "thread.minor").ShouldBe(31.8 - deep, 1e-9);
        Line(design, "thread.overlap").ShouldBe(1 - (0.2 / deep), 1e-9);
        Line(design, "spindle.neck.drawn").ShouldBe(32.1, 1e-9);
        design.Seats.Single().Least.ShouldBeLessThan(0.15);
        var atSize = Design("clearance=0").Seats.Single();
        new[] { atSize.Greatest, design.Seats[0].Greatest }.ShouldBe([0.16, 0.36], 1e-9);
        design.Proofs.Select(p => (p.Key, p.Rungs)).ShouldBe([("ladder-spindle", 3), ("ring-spindle", 1)]);
    }

    /// <summary>Where little is known of the process more nuts help, but no more than lie side by side on the bed.</summary>
    [Theory]
    [InlineData(31.6, 230, 5)]
    [InlineData(60, 230, 3)]
    [InlineData(60, 400, 5)]
    public void Test_nuts_are_as_many_as_the_bed_takes(double outside, double bed, int nuts)
    {
        var unsure = Solid with { Allowances = new Dictionary<Surface, Allowance>(), BedWidth = bed, BedDepth = bed };
        var design = Design("", FormattableString.Invariant($"outside {outside}, pitch 3.175, length 28"), unsure);
        design.Seats.Single().Ladder.Count.ShouldBe(nuts);
        design.Proofs.Single(p => p.Key == "ladder-spindle").Rungs.ShouldBe(nuts);
    }

    [Theory]
    [InlineData("outside 31.6, pitch 3.175, length 28", "register", Verdict.Watch, "neck")]
    [InlineData("outside 31.6, pitch 3.175, length 28, neck 30, neckLong 4", "register", Verdict.Stop, "neck")]
    [InlineData("outside 31.6, pitch 3.175, length 14, neck 32, neckLong 4", "thread.engages", Verdict.Stop, "")]
    [InlineData("outside 31.6, pitch 0.5, length 28, neck 32, neckLong 4", "thread.layers", Verdict.Stop, "")]
    public void A_spindle_that_does_not_carry_it_is_told(string spindle, string key, Verdict verdict, string measure)
    {
        var check = Of(Design("", spindle), key);
        check.Verdict.ShouldBe(verdict);
        check.Remedies.OfType<Remedy.Measure>().Select(m => m.Dimension).FirstOrDefault("").ShouldBe(measure);
    }

    /// <summary>Timoshenko's closed form against finite differences of the radial equation d/dr(r σr) − σθ + ρ ω² r² = 0 with Hooke's law, free at both
    /// rims, 4,000 steps.</summary>
    [Theory]
    [InlineData(60, 16)]
    [InlineData(150, 10)]
    public void A_spinning_disc_is_worst_at_its_hole(double radius, double hole)
    {
        const int Steps = 4000;
        const double Nu = PlateReckoning.Poisson, Density = 1.27, Speed = 1500;
        var load = Density * 1e-9 * Math.Pow(2 * Math.PI * Speed / 60, 2);
        var step = (radius - hole) / Steps;
        // σr and σθ from the hole out, for a hoop stress at the hole; linear in it, so two shots meet a free rim.
        double Rim(double hoop)
        {
            var (r, s, h) = (hole, 0.0, hoop);
            (double Ds, double Dh) Slope(double at, double radial, double around)
            {
                var ds = (around - radial - (load * at * at)) / at;
                // Compatibility: d(r εθ)/dr = εr gives the hoop's slope.
                return (ds, (((1 + Nu) * (radial - around)) + (Nu * at * ds)) / at);
            }

            for (var i = 0; i < Steps; i++)
            {
                var a = Slope(r, s, h);
                var b = Slope(r + (step / 2), s + (step / 2 * a.Ds), h + (step / 2 * a.Dh));
                (r, s, h) = (r + step, s + (step * b.Ds), h + (step * b.Dh));
            }

            return s;
        }

        var (none, one) = (Rim(0), Rim(1));
        PlateReckoning.Spins(Density, Speed, radius, hole).ShouldBe(-none / (one - none), 1e-4 * Math.Abs(none / (one - none)));
    }

    /// <summary>By hand: 550 W at 800 1/min are 6.57 N·m, three times that at 75 mm 262.6 N; with the work's weight and a fiftieth of 150 mm out of balance
    /// they bend a hub without ribs, π/4 (27.9⁴ − 15.9⁴) mm⁴, across layers of 30 MPa.</summary>
    [Fact]
    public void A_catching_tool_bends_the_hub_across_its_layers()
    {
        var design = Design("ribs=none");
        var force = 3 * 550_000 / (2 * Math.PI * 800 / 60) / 75;
        Line(design, "catch").ShouldBe(force, 1e-9);
        Line(design, "unbalance").ShouldBe(0.9 * 0.003 * Math.Pow(2 * Math.PI * 800 / 60, 2), 1e-9);
        var moment = (force * 72) + (0.9 * 9.80665 * 42) + (Line(design, "unbalance") * 42);
        var inertia = Math.PI / 4 * (Math.Pow(27.9, 4) - Math.Pow(15.9, 4));
        Of(design, "hub").Used!.Value.ShouldBe(moment * 27.9 / inertia / 10, 1e-6);
        Of(Design(""), "hub").Used!.Value.ShouldBeLessThan(0.9 * Of(design, "hub").Used!.Value);
        var thin = Of(Design("ribs=none; wall=5; workLong=150; workMass=3000"), "hub");
        thin.Verdict.ShouldBe(Verdict.Stop);
        var wall = thin.Remedies.OfType<Remedy.Change>().Single().Entries["wall"];
        Of(Design($"ribs=none; wall={wall}; workLong=150; workMass=3000"), "hub").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>Parallel axes by hand: four ribs of 5 mm from 27.9 to 58 mm count in every direction as two that lie in it.</summary>
    [Fact]
    public void Ribs_count_alike_in_every_direction()
    {
        var design = Design("across=120; ribLines=10");
        var (inner, hub, far) = (15.9, 27.9, 58.0);
        var inertia = (Math.PI / 4 * (Math.Pow(hub, 4) - Math.Pow(inner, 4))) + (2 * 5 * (Math.Pow(far, 3) - Math.Pow(hub, 3)) / 3);
        var moment = (Line(design, "catch") * 72) + (Line(design, "weight") * 42) + (Line(design, "unbalance") * 42);
        Of(design, "hub").Used!.Value.ShouldBeGreaterThanOrEqualTo((moment * far / inertia / 10) - 1e-9);
    }

    [Theory]
    [InlineData("speed=1017", "the rim of the work", 1010)]
    [InlineData("speed=900; allowed=850", "the machine's own table", 850)]
    [InlineData("speed=900; machineMass=8", "the machine, before it walks", 720)]
    public void The_greatest_speed_is_the_least_of_its_limits(string entries, string what, int slower)
    {
        var speed = Of(Design(entries), "speed");
        (speed.Verdict, speed.Says).ShouldBe((Verdict.Stop, $"Too fast for {what}: run it slower."));
        speed.Remedies.OfType<Remedy.Change>().Single().Entries["speed"].ShouldBe($"{slower}");
        Of(Design($"{entries}; speed={slower}"), "speed").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>Its own speed would tear the plate at thousands of turns; what catches lets it run at hundreds: the disc alone never decides.</summary>
    [Fact]
    public void The_speed_of_the_disc_alone_never_decides()
    {
        Of(Design(""), "disc").Used!.Value.ShouldBeLessThan(0.01);
        Of(Design("workLong=300; workMass=4900; wall=6"), "speed").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>By hand: a third of the catch, at 50 hours of 800 turns a minute, 2.4 million: 1 − 0.1 log₁₀ of that, 0.362, of 10 MPa is left.</summary>
    [Fact]
    public void A_hub_that_is_bent_at_every_turn_tires()
    {
        var design = Design("ribs=none");
        var moment = (Line(design, "catch") / 3 * 72) + ((Line(design, "weight") + Line(design, "unbalance")) * 42);
        var inertia = Math.PI / 4 * (Math.Pow(27.9, 4) - Math.Pow(15.9, 4));
        Of(design, "hub.tires").Used!.Value.ShouldBe(moment * 27.9 / inertia / (10 * (1 - (0.1 * Math.Log10(50 * 60 * 800)))), 1e-6);
        Of(Design("ribs=none; hours=1"), "hub.tires").Used!.Value.ShouldBeLessThan(Of(design, "hub.tires").Used!.Value);
        var tired = Of(Design("ribs=none; wall=5; workLong=150; workMass=3000"), "hub.tires");
        tired.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"ribs=none; wall={tired.Remedies.OfType<Remedy.Change>().Single().Entries["wall"]}; workLong=150; workMass=3000"),
            "hub.tires").Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void Screws_in_end_grain_hold_half_as_much() =>
        (Of(Design("grain=end"), "screws").Used!.Value / Of(Design(""), "screws").Used!.Value).ShouldBe(2, 1e-9);

    [Fact]
    public void Screws_in_the_far_edge_are_pulled_and_glue_is_bent()
    {
        var design = Design("");
        var moment = (Line(design, "catch") * 60) + (Line(design, "weight") * 30) + (Line(design, "unbalance") * 30);
        Of(design, "screws").Used!.Value.ShouldBe(4 * moment / (4 * 93.6) / Line(design, "screw.bears"), 1e-6);
        Of(Design("held=glued; glued=60"), "glue").Used!.Value.ShouldBe(32 * moment / (Math.PI * Math.Pow(60, 3)) / 0.5, 1e-6);
        var more = Of(Design("held=glued; glued=60"), "glue").Remedies.OfType<Remedy.Change>().Single().Entries["glued"];
        Of(Design($"held=glued; glued={more}"), "glue").Verdict.ShouldBe(Verdict.Good);
        design.Checks.ShouldNotContain(c => c.Key == "glue");
    }

    /// <summary>A wall of 12 mm of three lines of 0.5 mm at each face and 15 % between: 3/12 and 15 % of the rest.</summary>
    [Fact]
    public void What_is_printed_hollow_counts_only_so_far()
    {
        var hollow = Design("", process: Tough);
        Of(hollow, "settings").Figure.ShouldStartWith("36 % of the hub");
        (Of(hollow, "hub").Used / Of(Design(""), "hub").Used).ShouldNotBeNull().ShouldBe(1 / (0.25 + (0.75 * 0.15)), 1e-6);
        Of(Design(""), "settings").Verdict.ShouldBe(Verdict.Good);
    }

    [Theory]
    [InlineData("brake=has", "unscrews")]
    [InlineData("workMass=6000", "size")]
    public void What_it_cannot_vouch_for_is_refused(string entries, string key) => Of(Design(entries), key).Verdict.ShouldBe(Verdict.Stop);

    [Fact]
    public void Nothing_turns_of_a_filament_that_nobody_knows()
    {
        Of(Design("", process: Workshop.Exact), "known").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("", process: Solid with { Sort = FilamentClass.Soft }), "known").Verdict.ShouldBe(Verdict.Stop);
        Design("").Checks.ShouldNotContain(c => c.Key == "known");
    }

    /// <summary>Nothing that turns is green before a print of it was proved, and one that cracked ends it.</summary>
    [Fact]
    public void Only_a_proved_print_is_green_and_a_cracked_one_ends_it()
    {
        var family = FamilyList.Find("faceplate")!;
        family.Proved.ShouldBeTrue();
        Check Told(params (int, string)[] told) => Of(family.Design(new(ParameterValues.Read(family.Parameters, new Dictionary<string, string>()).Value,
            new Dictionary<string, Interface> { ["spindle"] = Measuring.Places.Of("spindle") }, Solid, [])
        { Told = told }), "proved");
        Told().Verdict.ShouldBe(Verdict.Watch);
        Told((1, "works")).Verdict.ShouldBe(Verdict.Good);
        Told((1, "works"), (1, "wobbles")).Verdict.ShouldBe(Verdict.Watch);
        var cracked = Told((2, "cracks"), (2, "works"));
        (cracked.Verdict, cracked.Says).ShouldBe((Verdict.Stop, "Revision 2 cracked: never use it, and change something before another is printed."));
    }
}
