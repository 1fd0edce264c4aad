using Emboq.Core.Families.Clamping.FootSocket;
using static Emboq.Core.Tests.Families.Mounts;

namespace Emboq.Core.Tests.Families;

/// <summary>Sockets for feet of any section: what goes in comes out, and does not move meanwhile.</summary>
public sealed class SocketTests
{
    private const string Foot = "height 30, overall 40, point1.x 0, point1.y 0, point2.x 40, point2.y 0, point3.x 40, point3.y 20, point4.x 30, point4.y 30, "
        + "point5.x 10, point5.y 30, point6.x 0, point6.y 20";

    private static Design Design(string entries, string kind = "foot", string sizes = Foot, Process? process = null) =>
        Mounts.Design("foot-socket", entries, process, null, ("foot", kind, sizes));

    /// <summary>By hand: a cross that stands on one arm sweeps its arms and all above them, but not the corners below them.</summary>
    [Fact]
    public void What_is_swept_on_the_way_out_is_free()
    {
        var cross = new Profile(new(-5, -15), new(5, -15), new(5, -5), new(15, -5), new(15, 5), new(5, 5), new(5, 15), new(-5, 15), new(-5, 5), new(-15, 5),
            new(-15, -5), new(-5, -5));
        // Below −5 the arm of 10 wide, from there up to 20 all 30.
        FootSection.Swept(cross, 20).Area.ShouldBe((10 * 10) + (30 * 25), 1e-9);
        // A triangle on its point: half of 20 × 10, and 20 × 5 above it.
        FootSection.Swept(new(new(-10, 5), new(0, -5), new(10, 5)), 10).Area.ShouldBe(100 + 100, 1e-9);
    }

    [Theory]
    [InlineData("foot", Foot, 40.1)]
    [InlineData("block", "width 44, depth 30, height 25", 44.1)]
    [InlineData("post", "diameter 36, length 20", 36.1)]
    public void It_is_as_wide_as_its_foot_and_its_fit_in_whatever_section(string kind, string sizes, double wide)
    {
        var design = Design("", kind, sizes);
        design.Ledger[kind switch { "foot" => "foot.overall.drawn", "block" => "foot.width.drawn", _ => "foot.diameter.drawn" }].Value.ShouldBe(wide, 1e-9);
        design.Gauges[0].Size.ShouldBe(wide, 0.02);
        design.Checks.Any(c => c.Key == "foot.agrees").ShouldBe(kind == "foot");
        design.Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
    }

    /// <summary>A section that is wider above would leave its foot loose when it went out the other way: it is fitted at its widest place either way.</summary>
    [Fact]
    public void It_can_be_turned_to_slide_out_over_its_other_edge()
    {
        var (up, down) = (Design("out=upper"), Design("out=lower"));
        down.Gauges[0].Size.ShouldBe(up.Gauges[0].Size, 1e-6);
        up.PrintItems.First().Solid.Hash.ShouldNotBe(down.PrintItems.First().Solid.Hash);
    }

    /// <summary>By hand: 150 N over two rows of two press each wall with 37.5 N at the middle of the 10 mm that stand free of the plate.</summary>
    [Fact]
    public void A_wall_is_a_cantilever_that_bears_less_across_its_layers()
    {
        const string Usual = "hold=14; floor=2; plate=6; wall=6; push=150; inRow=2";
        // The section is 30 long, 0.05 of play and the wall behind it.
        var section = (30 + 0.05 + 6) * 36 / 6;
        Of(Design(Usual), "wall.push").Used!.Value.ShouldBe(37.5 * 5 / section / (30.0 / 3), 1e-6);
        Of(Design(Usual + "; wayUp=back"), "wall.push").Used!.Value.ShouldBe(37.5 * 5 / section / (45.0 / 3), 1e-6);
        var thin = Of(Design(Usual + "; wall=1.2; push=1200"), "wall.push");
        thin.Verdict.ShouldBe(Verdict.Stop);
        var wall = thin.Remedies.OfType<Remedy.Change>().First(c => c.Entries.ContainsKey("wall")).Entries["wall"];
        Of(Design($"{Usual}; push=1200; wall={wall}"), "wall.push").Verdict.ShouldBe(Verdict.Good);
        Of(Design("", process: Workshop.Exact), "wall.push").Says.ShouldStartWith("Not judged");
    }

    /// <summary>By hand: 150 N at 320 mm over rows 380 mm apart lift 126 N, half of 25 kg hold 123 N: 1.9 N on each of two. 12 kg with a jerk are 118
    /// N.</summary>
    [Fact]
    public void Without_a_lip_somebody_else_must_keep_the_foot_down_and_that_is_said()
    {
        var pushed = Design("lifted=never");
        pushed.Ledger["tips"].Value.ShouldBe(((150 * 320 / 380.0) - (25 * 9.80665 / 2)) / 2, 1e-9);
        Of(pushed, "lifts").Verdict.ShouldBe(Verdict.Watch);
        var lip = Of(pushed, "lifts").Remedies.OfType<Remedy.Change>().Single().Entries;
        Design(string.Join("; ", lip.Select(e => $"{e.Key}={e.Value}"))).Checks.Where(c => c.Verdict != Verdict.Good).ShouldAllBe(c => c.Key == "chance");
        Of(Design("lifted=never; machineMass=60"), "lifts").Verdict.ShouldBe(Verdict.Good);
        var lifted = Design("lip=3");
        lifted.Ledger["lifts"].Value.ShouldBe(12 * 2 * 9.80665 / 2, 1e-9);
        lifted.Checks.ShouldNotContain(c => c.Key == "lifts");
        Of(lifted, "lip.lift").Verdict.ShouldBe(Verdict.Good);
        Of(Design("lip=30"), "mouth").Verdict.ShouldBe(Verdict.Stop);
        // Wood Handbook (from memory): 108.25 × 0.4² × 4 × L, a quarter of it; the shortest that holds has 12 mm in the wood.
        lifted.Ledger["screw.bears"].Value.ShouldBe(108.25 * 0.16 * 4 * 12 / 4, 1e-6);
    }

    [Fact]
    public void Its_floor_lifts_the_foot_until_the_printed_one_is_read()
    {
        var drawn = (Given.Size)Design("floor=2").Gives("lift")!;
        (drawn.Value.Value, drawn.Value.StandardUncertainty, drawn.WaitsFor is null).ShouldBe((2, 0.1, false));
        var read = (Given.Size)Mounts.Design("foot-socket", "floor=2", null, null, ("foot", "foot", Foot),
            ("printed", "flat", "thickness 2.14")).Gives("lift")!;
        (read.Value.Value, read.WaitsFor).ShouldBe((2.14, null));
        Of(Design("floor=6"), "floor.plate").Verdict.ShouldBe(Verdict.Stop);
        Of(Design("hold=30"), "tall").Verdict.ShouldBe(Verdict.Stop);
        Design("", sizes: "height 30, point1.x 0, point1.y 0, point2.x 40, point2.y 0, point3.x 40, point3.y 20").Checks.Single().Remedies.Single().Label
            .ShouldBe("Measure overall");
    }
}
