using Emboq.Core.Mechanics;
using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>Split clamps: onto the post, tight, and what they bear.</summary>
public sealed class ClampTests
{
    private static Design Design(string entries, Process? process = null, string post = "diameter 30",
        params (string Slot, string Kind, string Sizes)[] more) =>
        Mounts.Design("split-clamp", entries, process, null, [("post", "post", post), .. more]);

    private static double Line(Design design, string key) => design.Ledger[key].Value;

    /// <summary>By hand: T = 0.8 N·m on M5 gives 800 N a screw; two hold by 2 μ F what is left after a day, 0.6 of a tough filament's, less what bends it
    /// shut.</summary>
    [Fact]
    public void What_holds_is_what_a_day_leaves_of_the_screws()
    {
        var halves = Design("style=halves; mass=30000");
        Line(halves, "bolt").ShouldBe(800, 1e-9);
        Line(halves, "bolt.lasting").ShouldBe(480, 1e-9);
        // 30 kg press with 294.2 N; 2 × 0.2 × 960 N bear 384 N.
        Of(halves, "holds").Used!.Value.ShouldBe(30 * 9.80665 / 384, 1e-6);
        // Where it is warm three tenths more are lost.
        Line(Design("style=halves; heat=warm"), "bolt.lasting").ShouldBe(336, 1e-9);
        var slip = Design("mass=30000; wall=8");
        // The ring of 8 mm around 30.35 mm, bent shut by π × 0.35 mm: k = 3π for a narrow gap.
        var (r, i) = ((30.35 + 8) / 2, 40 * Math.Pow(8, 3) / 12);
        var shut = Math.PI * 0.35 * 2000 * i / (3 * Math.PI * Math.Pow(r, 3));
        Of(slip, "holds").Used!.Value.ShouldBe(30 * 9.80665 / (0.4 * (960 - shut)), 0.02);
        Of(Design("style=halves; mass=45000"), "holds").ShouldSatisfyAllConditions(c => c.Verdict.ShouldBe(Verdict.Stop),
            c => c.Remedies.Single().Label.ShouldContain("Draw it to 1 N·m"));
    }

    [Fact]
    public void On_a_lying_post_the_load_turns_it_and_shaking_counts_three_times()
    {
        var still = Of(Design("style=halves; stands=lying; mass=2000; arm=140"), "holds");
        // μ F d = 0.2 × 960 × 30.
        still.Used!.Value.ShouldBe(2 * 9.80665 * 140 / 5760, 1e-6);
        Of(Design("style=halves; stands=lying; mass=2000; arm=140; shakes=shakes"), "holds").Used!.Value.ShouldBe(3 * still.Used.Value, 1e-9);
        Design("stands=lying; flat=27").Checks.ShouldNotContain(c => c.Key == "holds");
    }

    [Theory]
    [InlineData("style=clip", Verdict.Good, "")]
    [InlineData("style=clip; wall=20", Verdict.Stop, "Make the wall")]
    [InlineData("style=clip; opened=often", Verdict.Stop, "Make the wall")]
    [InlineData("style=clip; mouth=15; torque=2.5", Verdict.Stop, "Make the mouth")]
    [InlineData("style=clip; face=flat", Verdict.Watch, "Print a slice first")]
    public void A_clip_has_a_window_of_walls_and_what_opens_it_is_said(string entries, Verdict verdict, string remedy)
    {
        var opens = Of(Design(entries), "opens");
        opens.Verdict.ShouldBe(verdict, opens.Limit);
        string.Join("; ", opens.Remedies.Select(r => r.Label)).ShouldContain(remedy);
    }

    [Theory]
    [InlineData("style=clip; wall=20")]
    [InlineData("style=clip; opened=often")]
    [InlineData("style=clip; mouth=15; torque=2.5")]
    public void What_a_remedy_of_the_window_offers_does_open_it(string entries)
    {
        var change = Of(Design(entries), "opens").Remedies.OfType<Remedy.Change>().First();
        Of(Design(entries + string.Concat(change.Entries.Select(e => $"; {e.Key}={e.Value}"))), "opens").Verdict.ShouldBe(Verdict.Good, change.Label);
    }

    /// <summary>Borne strain falls evenly over the tenfolds, by hand: 0.03 ten times, 0.012 ten thousand times, so 0.018 a thousand times (half a day's use
    /// over 2,000 days), and no less than half of 0.012.</summary>
    [Theory]
    [InlineData("opened=once", 0.03)]
    [InlineData("opened=often; aDay=0.5", 0.018)]
    [InlineData("opened=often", 0.012)]
    [InlineData("opened=often; aDay=500", 0.006)]
    public void The_oftener_it_is_opened_the_less_strain_it_bears(string entries, double borne) =>
        Of(Design($"style=clip; {entries}"), "opens").Limit.ShouldContain($"strain {borne * 100:0.##} %");

    /// <summary>By hand: 9 kg 100 mm out, about the lower edge 20 mm below two inserts of M4.</summary>
    [Fact]
    public void Inserts_of_a_face_are_pulled_the_way_they_went_in()
    {
        var pull = Of(Design("face=flat; mass=9000; arm=100"), "face.pull");
        pull.Used!.Value.ShouldBe(9 * 9.80665 * 100 / 20 / 2 / (Math.PI * 6.3 * 8.1 * 30 / 12), 1e-6);
        var more = Of(Design("face=flat; mass=20000; arm=100"), "face.pull").Remedies.OfType<Remedy.Change>().Single();
        Of(Design($"face=flat; mass=20000; arm=100; height={more.Entries["height"]}"), "face.pull").Verdict.ShouldBe(Verdict.Good);
    }

    /// <summary>By hand: 6 mm less a groove of 2 mm bears (6/4)² of the strain at its back.</summary>
    [Fact]
    public void A_groove_thins_what_is_strained_most()
    {
        static double Strain(Check opens) => double.Parse(opens.Figure.Split("strain ")[1].Split(' ')[0], System.Globalization.CultureInfo.InvariantCulture);
        var (plain, grooved) = (Of(Design("style=clip; wall=6"), "opens"), Of(Design("style=clip; wall=6; relief=5; reliefDeep=2"), "opens"));
        (Strain(grooved) / Strain(plain)).ShouldBe(2.25, 0.02);
    }

    [Fact]
    public void A_filament_nobody_knows_is_not_judged_and_not_green()
    {
        var design = Design("style=clip", Workshop.Exact);
        foreach (var key in new[] { "opens", "holds", "ears", "hoop", "head.presses", "duty" })
        {
            Of(design, key).ShouldSatisfyAllConditions(c => c.Verdict.ShouldBe(Verdict.Watch), c => c.Says.ShouldStartWith("Not judged"));
        }

        Of(design, "screw.seat").Limit.ShouldBe("6 mm or more");
    }

    [Fact]
    public void Lying_layers_bear_less_than_lines()
    {
        var (upright, lying) = (Design(""), Design("wayUp=lying"));
        (Of(lying, "ears").Used!.Value / Of(upright, "ears").Used!.Value).ShouldBe(45.0 / 30, 1e-6);
    }

    /// <summary>By hand: a ring bent shut by the clearance c of 0.35 mm closes its gap by π c, and halves close by c; a reading goes before either.</summary>
    [Fact]
    public void The_gap_once_it_is_tight_waits_for_its_reading()
    {
        var gap = (Given.Size)Design("").Gives("gap")!;
        gap.Value.Value.ShouldBe(3 - (Math.PI * 0.35), 1e-6);
        gap.WaitsFor.ShouldNotBeNull();
        gap.Value.StandardUncertainty.ShouldBeGreaterThan(0.3);
        ((Given.Size)Design("style=halves").Gives("gap")!).Value.Value.ShouldBe(2.65, 1e-6);
        var read = (Given.Size)Design("", more: [("tight", "slot", "width 1.62")]).Gives("gap")!;
        (read.Value.Value, read.WaitsFor).ShouldBe((1.62, null));
    }

    [Fact]
    public void A_liner_makes_room_for_itself_and_a_flat_moves_out_with_the_round()
    {
        Line(Design("liner=1.5"), "post.diameter.drawn").ShouldBe(30 + 3 + 0.35, 1e-9);
        // Across a flat of 27 on a round of 30: the flat lies 12 from the axis, and half of the clearance further out.
        Line(Design("flat=27"), "flat").ShouldBe(12 + 0.175, 1e-9);
        Of(Design("flat=31"), "flat.cuts").Verdict.ShouldBe(Verdict.Stop);
    }

    [Fact]
    public void Three_screws_want_their_height()
    {
        var check = Of(Design("bolts=3; height=20"), "screw.wall");
        check.Verdict.ShouldBe(Verdict.Stop);
        var higher = check.Remedies.OfType<Remedy.Change>().Single().Entries["height"];
        Of(Design($"bolts=3; height={higher}"), "screw.wall").Verdict.ShouldBe(Verdict.Good);
    }

    [Fact]
    public void A_face_gives_its_holes_and_halves_have_none()
    {
        ((Given.Pattern)Design("face=flat; faceSpacing=32").Gives("holes")!).Holes.Select(h => h.X).ShouldBe([-16, 16]);
        Design("style=halves; face=flat").Gives("holes").ShouldBeNull();
        Design("style=halves; flat=27; relief=5").Ledger.Lines.ShouldNotContain(l => l.Key == "flat" || l.Key == "relief");
        Design("style=halves").Pieces.Select(p => p.Key).ShouldBe(["part", "second"]);
    }

    /// <summary>By hand: a hollow section lacks the cube of what its walls leave; a fill of 15 % gives back 2.25 % of that. A ring of 6 mm with two walls of
    /// half a millimetre at each face has 4 of 6 mm between them.</summary>
    [Fact]
    public void Both_schools_of_flexing_say_what_a_hand_must_push()
    {
        FilledSection.Stiffness(6, 1, 0).ShouldBe(1 - (8 / 27.0), 1e-12);
        (FilledSection.Stiffness(6, 3, 0), FilledSection.Stiffness(6, 0, 1)).ShouldBe((1, 1));
        var clip = Design("style=clip; mouth=26; wall=6");
        var share = 1 - (Math.Pow(4 / 6.0, 3) * (1 - (0.15 * 0.15)));
        Line(clip, "school.light").ShouldBe(share * Line(clip, "school.years"), 1e-6);
        Line(clip, "school.walls").ShouldBe(6);
        Design("").Ledger.Lines.ShouldNotContain(l => l.Key.StartsWith("school", StringComparison.Ordinal));
    }

    /// <summary>By hand: a pin of 4 mm is pressed into 3.85 in the one half and slides in 4.35 in the other, 10 mm deep in each; between screws of M5 at 10 and
    /// 30 mm of 40 there is no room for it, and a press makes it.</summary>
    [Fact]
    public void Halves_are_kept_in_line_by_measured_dowels()
    {
        Design With(string entries) => Mounts.Design("split-clamp", entries, null, null, ("post", "post", "diameter 30"), ("dowel", "pin", "diameter 4"));
        var design = With("style=halves; height=60");
        design.Checks.Where(c => c.Key.StartsWith("dowels", StringComparison.Ordinal)).ShouldAllBe(c => c.Verdict == Verdict.Good);
        design.Gauges.Where(g => g.What.StartsWith("dowel", StringComparison.Ordinal)).Select(g => (g.Body, Math.Round(g.Size, 6)))
            .ShouldBe([("part", 3.85), ("second", 4.35)]);
        design.Ledger["dowel.deep"].Value.ShouldBe(10, 1e-9);
        design.Hardware.ShouldContain(h => h.StartsWith("2 dowels 4 mm", StringComparison.Ordinal));
        var low = Of(With("style=halves; height=40"), "dowels.apart");
        low.Verdict.ShouldBe(Verdict.Stop);
        Of(With($"style=halves; height={low.Remedies.OfType<Remedy.Change>().Single().Entries["height"]}"), "dowels.apart").Verdict.ShouldBe(Verdict.Good);
        Of(With("style=halves; height=60; ear=6"), "dowels.deep").Verdict.ShouldBe(Verdict.Watch);
    }
}
