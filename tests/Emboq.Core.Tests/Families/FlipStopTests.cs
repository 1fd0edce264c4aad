using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>A stop on a screw of 5 mm: its arm is 26 mm wide and 8 thick, its nose 34 mm from the axis falls 0.8 mm into the plate at 40 degrees.</summary>
public sealed class FlipStopTests
{
    private static Design Design(string entries, string pin = "diameter 4.9", Process? process = null) =>
        Mounts.Design("flip-stop", entries, process, null, ("pin", "pin", pin));

    private static readonly double Tan = Math.Tan(40 * Math.PI / 180);

    /// <summary>By hand: 34 mm less half of the arm and the nose's 1.2 mm and what its slope adds.</summary>
    private static readonly double Tongue = 34 - 13 - (1.2 + (0.95 / Tan));

    [Fact]
    public void As_it_comes_nothing_stops()
    {
        var design = Design("");
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        design.Pieces.Select(p => p.Key).ShouldBe(["part", "arm"]);
        design.Proofs.ShouldAllBe(p => p.Says.Contains("does not prove", StringComparison.Ordinal));
        design.Ledger["face"].Value.ShouldBe(9.3, 1e-9);
        Of(Design("", process: Workshop.Exact), "tongue.bends").Says.ShouldStartWith("Not judged");
    }

    /// <summary>Against the snap-fit guides: E w t³ δ / 4 L³ lifts it, (μ + tan α) / (1 − μ tan α) of that drives it out, 34 mm from the axis, where the head
    /// ends 18 + 13 + 1.5 mm from it.</summary>
    [Fact]
    public void It_clicks_as_the_guides_have_it()
    {
        var design = Design("");
        var lifts = Tough.Stiffness!.Value * 14 * 8 * 0.8 / (4 * Math.Pow(Tongue, 3));
        design.Ledger["tongue.lifts"].Value.ShouldBe(lifts, 1e-6);
        design.Ledger["clicks"].Value.ShouldBe(lifts * (0.3 + Tan) / (1 - (0.3 * Tan)) * 34 / 32.5, 1e-6);
        // Strain of a bar that is moved aside at its end, 3 t δ / 2 L², and twice of it for a nose that falls in twice as far.
        Of(Design("click=0.4"), "tongue.bends").Used!.Value.ShouldBe(Of(design, "tongue.bends").Used!.Value / 2 * Math.Pow(Tongue
            / (Tongue + (0.4 / Tan)), 2), 1e-6);
        // A tongue that is twice as thick is eight times as stiff, and is told to be thinner.
        var stiff = Design("tongueThick=4");
        stiff.Ledger["tongue.lifts"].Value.ShouldBe(8 * lifts, 1e-6);
        Of(stiff, "clicks").Verdict.ShouldBe(Verdict.Watch);
        Of(stiff, "tongue.bends").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("tongueThick=0.8; click=0.3; tongueWide=6; thick=20; wide=40; over=100; reach=60; plateWide=160; drop=100"), "stays").Verdict
            .ShouldBe(Verdict.Stop);
    }

    /// <summary>By hand: 60 N at 32.5 mm from the axis bend what is left beside the hole; about the arm's rim they pull at the nut.</summary>
    [Fact]
    public void A_push_bends_the_arm_and_pulls_at_its_nut()
    {
        var design = Design("");
        var hole = design.Ledger["pin.diameter.drawn"].Value;
        Of(design, "arm.bends").Used!.Value.ShouldBe(6 * 60 * 32.5 / ((26 - hole) * 64) / (Tough.StrengthAlong!.Value / 3), 1e-6);
        var (flats, under) = (design.Ledger["nut.flats"].Value, 9 - design.Ledger["nut.pocket.depth"].Value);
        Of(design, "nut.pulls").Used!.Value.ShouldBe(60 * (1 + (32.5 / 13)) / (Math.PI * flats * under) / (Tough.StrengthAcross!.Value / 6), 1e-6);
        var weak = Of(Design("push=400"), "arm.bends");
        weak.Verdict.ShouldBe(Verdict.Stop);
        var thick = ((Remedy.Change)weak.Remedies[0]).Entries["thick"];
        Of(Design($"push=400; thick={thick}"), "arm.bends").Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void What_cannot_be_is_told_with_what_to_do()
    {
        var design = Design("reach=20");
        design.Pieces.ShouldBeEmpty();
        var check = design.Checks.Single();
        check.Verdict.ShouldBe(Verdict.Stop);
        var reach = ((Remedy.Change)check.Remedies[0]).Entries["reach"];
        Design($"reach={reach}").Pieces.ShouldNotBeEmpty();
        Of(Design("", "diameter 12.4"), "pin.size").Verdict.ShouldBe(Verdict.Stop);
        // The arm is as long as head and tongue together, whatever the plate is.
        var bed = Tough with { BedWidth = 280, BedDepth = 250 };
        Of(Design("over=150; reach=120; plateWide=260; drop=170", process: bed), "bed").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("over=100; reach=120; plateWide=260; drop=170", process: bed), "bed").Verdict.ShouldBe(Verdict.Good);
        // Crests measure less than a thread's size: 4.85 mm are M5, though No. 10 is nearer, unless the thread is told to be in inches.
        Design("").Hardware[0].ShouldStartWith("M5");
        Design("", "diameter 4.85").Hardware[0].ShouldStartWith("M5");
        Design("thread=inch", "diameter 4.8").Hardware[0].ShouldStartWith("10-24");
        var narrow = Of(Design("plateWide=76"), "dimple.side");
        narrow.Verdict.ShouldBe(Verdict.Stop);
        Of(Design($"plateWide={((Remedy.Change)narrow.Remedies[0]).Entries["plateWide"]}"), "dimple.side").Verdict.ShouldBe(Verdict.Good);
        Of(Design("side=right"), "dimple.side").Verdict.ShouldBe(Verdict.Good);
    }
}
