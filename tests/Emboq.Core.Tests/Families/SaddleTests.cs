using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>Saddles over tubes: the screw that crosses the air, and what holds a machine that is pushed and lifted.</summary>
public sealed class SaddleTests
{
    private static Design Design(string entries, double? lift = null, Process? process = null, params (string Slot, string Kind, string Sizes)[] also) =>
        Mounts.Design("tube-saddle", entries, process, lift is { } by ? new Dictionary<string, Taken>
        {
            ["lift"] = new("socket", "height it lifts the foot", new Given.Size("lift", Quantity.Chosen("lift", by, Unit.Millimetre), "the socket printed")),
        } : null, [("tube", "post", "diameter 32"), .. also]);

    /// <summary>By hand: a chord of 24 with a height of 4 lies on a round of 40: (24² / 4 + 4²) / 4.</summary>
    [Fact]
    public void A_tube_that_no_caliper_goes_around_is_known_by_chord_and_height() =>
        Mounts.Design("tube-saddle", "", null, null, ("tube", "post", "chord 24, sagitta 4")).Ledger["tube.diameter.drawn"].Value.ShouldBe(40.35, 1e-9);

    /// <summary>By hand: crown 10, tube 32, air 14 less 1 mm of rubber, and three times 5 mm in the board: 70 mm; with the sockets' floor 72.</summary>
    [Fact]
    public void The_screw_is_as_long_as_everything_it_crosses()
    {
        string Says(string entries, double? lift = null) => Design(entries, lift).Hardware.Single();
        Says("").ShouldContain("longer than 70 mm, shorter than 72 mm");
        Says("", 2).ShouldContain("longer than 70 mm");
        Says("feet=pads", 2).ShouldContain("longer than 72 mm, shorter than 74 mm");
        Design("", null, null, ("gap", "slot", "width 20, depth 5")).Hardware.Single().ShouldContain("longer than 76 mm");
        Of(Design("board=10"), "screw.length").Verdict.ShouldBe(Verdict.Stop);
    }

    [Fact]
    public void A_block_is_as_high_as_the_air_and_pads_are_as_high_as_the_sockets_floor()
    {
        var design = Design("under=block; feet=pads; air=14; give=1", 2);
        design.Pieces.Select(p => p.Key).ShouldBe(["part", "block", "pad"]);
        design.Gauges.Where(g => g.Body == "block").Select(g => g.Size).ShouldBe([5.5, 5.5, 15], 1e-9);
        design.Gauges.Single(g => g.Body == "pad").Size.ShouldBe(2, 1e-9);
        Of(Design("feet=board; between=300", 3), "level").Verdict.ShouldBe(Verdict.Watch);
        Of(Design("feet=board; between=800", 3), "level").Verdict.ShouldBe(Verdict.Good);
        Of(Design("under=block; air=2; give=1"), "air").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>Roark (from memory): clamped at both ends and pushed aside, a bar bends with F L / 2; by hand 37.5 N over two screws, 13 mm, core 3.5
    /// mm.</summary>
    [Fact]
    public void A_long_screw_in_the_air_bends_and_a_block_helps()
    {
        Of(Design(""), "bends").Used!.Value.ShouldBe(32 * 18.75 * 6.5 / (Math.PI * Math.Pow(3.5, 3)) / 240, 1e-6);
        var far = Of(Design("air=150"), "bends");
        far.Verdict.ShouldBe(Verdict.Stop);
        Design(string.Join("; ", far.Remedies.OfType<Remedy.Change>().Single().Entries.Select(e => $"{e.Key}={e.Value}").Prepend("air=150"))).Checks
            .ShouldNotContain(c => c.Key == "bends");
    }

    /// <summary>Wood Handbook (from memory): two screws of 5 mm with 15 mm in the wood bear 2 × 108.25 × 0.16 × 5 × 15 / 4.</summary>
    [Fact]
    public void What_lifts_the_machine_pulls_at_screws_and_crown()
    {
        var lifts = 12 * 2 * 9.80665 / 2;
        Of(Design(""), "pull").Used!.Value.ShouldBe(lifts / (2 * 108.25 * 0.16 * 5 * 15 / 4), 1e-6);
        Of(Design("boardMass=200"), "pull").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("crown=4"), "seat").Verdict.ShouldBe(Verdict.Stop);
        var crown = Of(Design("crown=4"), "seat").Remedies.OfType<Remedy.Change>().Single().Entries["crown"];
        Of(Design($"crown={crown}"), "seat").Verdict.ShouldBe(Verdict.Good);
        Of(Design("", process: Workshop.Exact), "head").Says.ShouldStartWith("Not judged");
    }

    [Fact]
    public void Holes_of_the_tube_say_where_the_screws_stand_and_how_thick_they_may_be()
    {
        var row = ("holes", "hole-row", "diameter 5, gap1.centre 30, gap2.centre 50");
        Design("length=120", null, null, row).Pattern.Select(h => h.Y).ShouldBe([-40, -10, 40], 1e-9);
        (Of(Design("length=120; woodScrew=5 mm", null, null, row), "hole").Verdict, Of(Design("length=120; woodScrew=4.5 mm", null, null, row), "hole").Verdict)
            .ShouldBe((Verdict.Stop, Verdict.Good));
        Of(Design("length=80", null, null, row), "screw.ends").Verdict.ShouldBe(Verdict.Stop);
    }
}
