using Emboq.Core.Tests;
using Emboq.Core.Tests.Measuring;

namespace Emboq.Kernel.Tests;

/// <summary>Tools and their nests in the triangles: they come straight out, and by their heavy ends as far as the nest was opened for it; modules are let down
/// over the feet of their neighbours.</summary>
public sealed class NestMotionTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    private static readonly CancellationToken Stop = TestContext.Current.CancellationToken;

    private const string Knife = "step1.length 60, step1.first 8, step1.last 12, step2.length 10, step2.first 20, step3.length 70, step3.first 22, "
        + "step3.last 30, mass 90", Drawer = "width 140, depth 190, height 70, lip 8";

    private static Design Design(string entries, string kind = "turned") =>
        FamilyList.Find("drawer-nest")!.Design(new(ParameterValues.Read(FamilyList.Find("drawer-nest")!.Parameters,
        entries.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1])).Value,
        new Dictionary<string, Interface>
        {
            ["tool1"] = kind == "turned" ? Places.Of(KindList.Of(kind), Knife) : Places.Of(kind),
            ["drawer"] = Places.Of(KindList.Of("cavity"), Drawer),
        }, Workshop.OfTough(Workshop.Exact), []));

    [Theory]
    [InlineData("")]
    [InlineData("tool1Of=steel, steel, softwood; tool1Front=last; turn=25; clearance=0.5")]
    [InlineData("pose=leans; lean=12")]
    [InlineData("pose=leans; tool1Front=last; sunk=80")]
    [InlineData("school=rough; room=2; tool1Front=last; turn=20")]
    [InlineData("turn=20; clearance=0.8", "traced")]
    [InlineData("", "grip")]
    [InlineData("turn=25; clearance=0.5; tool1Front=last; sunk=75", "grip")]
    [InlineData("school=rough; room=2; turn=20", "grip")]
    [InlineData("pose=leans; lean=12; turn=10; clearance=1", "grip")]
    [InlineData("pose=leans; tool1Front=last; tool1Grasp=light; sunk=50", "grip")]
    public async Task Tools_come_out_of_their_nests(string entries, string kind = "turned")
    {
        var design = Design(entries, kind);
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        foreach (var motion in design.Motions)
        {
            var check = await MotionCheck.Of(design, motion, fixture.Pool, Stop);
            check.Verdict.ShouldBe(Verdict.Good, $"{motion.Name}: {check.Says} {check.Figure}");
        }

        // As it lies it touches the floor of its nest: moved down by half a millimetre it runs into it.
        (await fixture.Pool.Between(design.Pieces[0].Solid, design.Machine[0].Solid.At(0, 0, -0.5), 1, 0.02, Stop)).Overlap.ShouldBeGreaterThan(
            kind == "grip" && entries.Contains("leans", StringComparison.Ordinal) ? 0.1 : 0.2, "a scanned thing that leans rests on an edge alone");
        (await fixture.Pool.Between(design.Pieces[0].Solid, design.Machine[0].Solid, 1, 0.02, Stop)).Depth.ShouldBeLessThan(0.03);
    }

    /// <summary>A fork, in whose sections two prongs lie beside each other: its nest goes around both, and they come out of it. Its middle lies between
    /// them.</summary>
    [Fact]
    public async Task A_fork_comes_out_of_a_nest_around_both_prongs()
    {
        var nest = FamilyList.Find("drawer-nest")!;
        var design = nest.Design(new(ParameterValues.Read(nest.Parameters, new Dictionary<string, string> { ["clearance"] = "1", ["turn"] = "15" }).Value,
            new Dictionary<string, Interface>
            {
                ["tool1"] = Places.Of(KindList.Of("grip"), "breadth 62, height 18") with { Outline = Places.Forked },
                ["drawer"] = Places.Of(KindList.Of("cavity"), Drawer),
            }, Workshop.OfTough(Workshop.Exact), []));
        design.Checks.Single(c => c.Key == "tool1.folds").Verdict.ShouldBe(Verdict.Watch);
        design.Ledger["tool1.balance"].Value.ShouldBe(Places.Fork.Centre.X, 0.1);
        design.Motions.ShouldNotBeEmpty();
        foreach (var motion in design.Motions)
        {
            var check = await MotionCheck.Of(design, motion, fixture.Pool, Stop);
            check.Verdict.ShouldBe(Verdict.Good, $"{motion.Name}: {check.Says} {check.Figure}");
        }
    }

    /// <summary>A nest follows what was scanned: raised by what is left free around it, the thing moves sideways by as much, and no further.</summary>
    [Theory]
    [InlineData(1)]
    [InlineData(-1)]
    public async Task A_nest_follows_a_scanned_thing(int way)
    {
        var design = Design("clearance=1; turn=0; finger=0", "grip");
        var (nest, tool) = (design.Pieces[0].Solid, design.Machine[0].Solid);
        var grown = (design.Ledger["tool1.breadth.drawn"].Value - design.Ledger["tool1.breadth.measured"].Value) / 2;
        async Task<double> Moved(double x) => (await fixture.Pool.Between(nest, tool.At(way * x, 0, grown), 1, 0.02, Stop)).Overlap;
        (await Moved(grown - 0.12)).ShouldBe(0, 0.01);
        (await Moved(grown + 0.25)).ShouldBeGreaterThan(5);
    }

    /// <summary>Without room to turn its light end runs into the wall behind it.</summary>
    [Fact]
    public async Task A_nest_without_room_to_turn_holds_the_light_end()
    {
        var (turning, straight) = (Design("turn=20; clearance=0.5"), Design("turn=0; clearance=0.5"));
        straight.Motions.Select(m => m.Key).ShouldBe(["lift"]);
        turning.Ledger["tool1.turn"].Value.ShouldBeGreaterThan(1);
        var (pivot, tool) = (turning.Motions[1], straight.Machine[0]);
        // The same turn about the same end, in the nest that was not opened for it.
        var shift = straight.Ledger["tool1.turn"].Value - turning.Ledger["tool1.turn"].Value;
        var step = pivot.Path[0] with { Through = pivot.Path[0].Through with { Y = pivot.Path[0].Through.Y + shift } };
        (await fixture.Pool.Between(straight.Pieces[0].Solid, step.Of(tool.Solid, 0.6), 1, 0.02, Stop)).Overlap.ShouldBeGreaterThan(1);
    }

    [Fact]
    public async Task Neighbours_lock_and_are_let_down_over_each_other()
    {
        var design = Design("tool1Of=steel, steel, hardwood");
        var (nest, right) = (design.Pieces[0].Solid, design.Pieces.First(p => p.Key == "right-1").Solid);
        (await fixture.Pool.Between(nest, right, 1, 0.02, Stop)).Overlap.ShouldBe(0);
        // Up it is free all the way, and sideways or along it is held.
        foreach (var z in new[] { 1.0, 4, 7 })
        {
            (await fixture.Pool.Between(nest, right.At(0, 0, z), 1, 0.02, Stop)).Overlap.ShouldBe(0);
        }

        foreach (var (x, y) in new[] { (0.8, 0.0), (0, 0.8), (0, -0.8) })
        {
            (await fixture.Pool.Between(nest, right.At(x, y, 0), 1, 0.02, Stop)).Overlap.ShouldBeGreaterThan(1);
        }

        // Raised, a nest takes along what is locked over its feet.
        (await fixture.Pool.Between(nest.At(0, 0, 1), right, 1, 0.02, Stop)).Overlap.ShouldBeGreaterThan(1);
    }

    /// <summary>Every module as it is printed: nothing begins in the air, nothing hangs further than a line holds, and roofs of channels bridge.</summary>
    [Theory]
    [InlineData("")]
    [InlineData("pose=leans; lean=15; corner=6")]
    [InlineData("school=rough; lipIn=12")]
    [InlineData("corner=4; sunk=80", "grip")]
    public async Task Modules_print_without_support(string entries, string kind = "turned")
    {
        var design = Design(entries, kind);
        design.Pieces.Count.ShouldBeGreaterThan(2);
        foreach (var gauge in design.Gauges)
        {
            var body = design.PrintItems.SelectMany(i => i.Bodies).Single(b => b.Key == gauge.Body);
            var mesh = (await fixture.Pool.Evaluate([body.Solid], 0.02, Stop))[0];
            MeshGauge.Read(mesh, gauge).ShouldNotBeNull(gauge.What).ShouldBe(gauge.Size, 0.05, gauge.What);
        }

        foreach (var piece in design.Pieces)
        {
            var layers = await fixture.Pool.Layers(piece.AsPrinted, new(0.2, 0.45, 3, 4), 0.02, Stop);
            (layers.Sum(l => l.Islands), layers.Max(l => l.Reach) < 1.2, layers.Max(l => l.Bridge) < 10).ShouldBe((0, true, true), piece.Name);
        }
    }

    /// <summary>Nothing of the row overlaps anything else of it, and it is as wide and deep as the ledger says.</summary>
    [Theory]
    [InlineData("")]
    [InlineData("tool1Front=last; corner=5; wall=6")]
    public async Task The_row_stands_in_the_drawer(string entries)
    {
        var design = Design(entries);
        var solids = design.Pieces.Select(p => p.Solid).ToList();
        foreach (var (a, b) in solids.SelectMany((a, i) => solids.Skip(i + 1).Select(b => (a, b))))
        {
            (await fixture.Pool.Between(a, b, 1, 0.02, Stop)).Overlap.ShouldBeLessThan(0.01);
        }

        var corners = (await fixture.Pool.Evaluate(solids, 0.02, Stop)).SelectMany(m => m.Positions.Chunk(3)).ToList();
        double Over(int axis) => corners.Max(c => c[axis]) - corners.Min(c => c[axis]);
        (Over(0), Over(1), Over(2)).ShouldBe((design.Ledger["row"].Value, design.Ledger["deep"].Value, design.Ledger["height"].Value), new Near());
        design.Ledger["row"].Value.ShouldBe(139, 1e-6);
    }

    /// <summary>What a nest is said to weigh by stations of it, within a tenth of what layers of its triangles come to.</summary>
    [Theory]
    [InlineData("finger=0")]
    [InlineData("finger=0; school=rough")]
    [InlineData("finger=0; sunk=70", "grip")]
    public async Task What_a_nest_weighs_is_about_what_its_layers_come_to(string entries, string kind = "turned")
    {
        var design = FamilyList.Find("drawer-nest")!.Design(new(ParameterValues.Read(FamilyList.Find("drawer-nest")!.Parameters, entries.Split("; ").Select(e =>
            e.Split('=')).ToDictionary(e => e[0], e => e[1])).Value, new Dictionary<string, Interface>
            { ["tool1"] = kind == "turned" ? Places.Of(KindList.Of(kind), Knife) : Places.Of(kind) }, Workshop.OfTough(Workshop.Exact), []));
        var process = Workshop.Exact;
        var layers = await fixture.Pool.Layers(design.Pieces[0].AsPrinted, new(process.LayerHeight, process.LineWidth, process.Settings.Walls,
            process.Settings.Skins), 0.02, Stop);
        var plan = PrintPlan.Of(layers, process, RunFactors.Of(process, []))["mass"].Value;
        var said = double.Parse(System.Text.RegularExpressions.Regex.Match(design.Checks.Single(c => c.Key == "schools").Says, "take (\\d+) g").Groups[1].Value,
            System.Globalization.CultureInfo.InvariantCulture);
        said.ShouldBe(plan, plan * 0.1);
    }

    private sealed class Near : IEqualityComparer<(double, double, double)>
    {
        public bool Equals((double, double, double) x, (double, double, double) y) => Math.Abs(x.Item1 - y.Item1) < 1e-3 && Math.Abs(x.Item2 - y.Item2) < 1e-3
            && Math.Abs(x.Item3 - y.Item3) < 1e-3;

        public int GetHashCode((double, double, double) obj) => 0;
    }
}
