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
}
