using Emboq.Core.Tests;

namespace Emboq.Kernel.Tests;

/// <summary>Whole adapters cut into layers: what the ledger reckons and what the layers measure must be one part.</summary>
public sealed class AdapterLayerTests(LayerTests.Fixture fixture) : IClassFixture<LayerTests.Fixture>
{
    private static readonly Process Process = Workshop.Process;

    private static Design Design(params (string Key, string Entry)[] entries)
    {
        var family = FamilyList.Find("hose-adapter")!;
        (string, string)[] usual = [("firstJoin", "over"), ("secondJoin", "inside"), ("wall", "2"), .. entries];
        return family.Design(new(ParameterValues.Read(family.Parameters, usual.ToDictionary(e => e.Item1, e => e.Item2)).Value,
            new Dictionary<string, Interface> { ["first"] = Workshop.Tube("port", outside: 80), ["second"] = Workshop.Tube("hose", inside: 40) }, Process, []));
    }

    private Task<IReadOnlyList<Layer>> Layers(Solid solid, double chord = 0.02) =>
        fixture.Pool.Layers(solid, new(Process.LayerHeight, Process.LineWidth, Process.Settings.Walls, Process.Settings.Skins), chord,
            TestContext.Current.CancellationToken);

    private static Solid Part(Design design) => design.PrintItems.Single(b => b.Key == "part").Solid;

    [Fact]
    public async Task A_wall_of_whole_lines_weighs_what_the_ledger_says()
    {
        var design = Design();
        var plan = PrintPlan.Of(await Layers(Part(design)), Process, RunFactors.Of(Process, []));
        plan["mass"].Value.ShouldBe(design.Ledger["mass"].Value, 0.02 * design.Ledger["mass"].Value);
        plan["filament"].Value.ShouldBe(design.Ledger["filament"].Value, 0.02 * design.Ledger["filament"].Value);
    }

    [Fact]
    public async Task There_are_as_many_layers_as_the_height_holds_and_each_is_a_ring()
    {
        var design = Design();
        var layers = await Layers(Part(design), 0.005);
        layers.Count.ShouldBe((int)Math.Round(design.Ledger["height"].Value / Process.LayerHeight));
        var outside = design.Ledger["first.other"].Value;
        layers[10].Area.ShouldBe(Math.PI / 4 * ((outside * outside) - Math.Pow(outside - 4, 2)), 3);
        layers[10].Width.ShouldBe(outside, 0.05);
        layers.Count(l => l.Loops != 4 || l.Islands > 0).ShouldBe(0);
    }

    [Theory]
    [InlineData("30", 0)]
    [InlineData("44", 0)]
    [InlineData("60", 1)]
    public async Task A_cone_hangs_out_only_past_45_degrees(string angle, int hangs)
    {
        // At 60 degrees each layer of the cone stands tan 60 − 1 layer heights past the one below.
        var design = Design(("coneAngle", angle));
        var layers = await Layers(Part(design).UpsideDown(), 0.005);
        (layers.Sum(l => l.Overhang) > 50).ShouldBe(hangs == 1);
        layers.Max(l => l.Reach).ShouldBe(hangs * (Math.Tan(Math.PI / 3) - 1) * Process.LayerHeight, 0.03);
    }

    [Fact]
    public async Task A_step_hangs_out_by_its_whole_shelf()
    {
        var design = Design(("coneBy", "step"));
        var layers = await Layers(Part(design).UpsideDown());
        var (wide, narrow) = (design.Ledger["first.other"].Value, design.Ledger["second.drawn"].Value);
        layers.Max(l => l.Overhang).ShouldBe(Math.PI / 4 * ((wide * wide) - Math.Pow(narrow + (2 * Process.LayerHeight), 2)), 5);
    }

    [Fact]
    public async Task A_foot_widens_the_first_layers_and_ribs_carry_what_leans_out()
    {
        var foot = await Layers(Part(Design(("steady", "foot"))));
        var bare = await Layers(Part(Design()));
        foot[0].Area.ShouldBeGreaterThan(bare[0].Area + 1000);
        foot[2].Area.ShouldBe(bare[2].Area, 1);
        var ribs = await Layers(Part(Design(("steady", "ribs"), ("wayUp", "second"), ("coneAngle", "60"))).UpsideDown());
        ribs[20].Area.ShouldBeGreaterThan(bare[^1].Area + 50);
    }

    [Fact]
    public async Task A_ladder_is_as_many_pieces_as_it_has_rings_and_each_has_its_notches()
    {
        var design = Design(("ladderRings", "3"), ("ladderStep", "0.4"));
        var ladder = design.PrintItems.Single(b => b.Key == "ladder-first").Solid;
        var plain = design.Seats[0].Ladder.Sum(size => Math.PI / 4 * (Math.Pow(size + 4, 2) - (size * size)) * 2);
        var tabs = (await fixture.Pool.Evaluate([ladder], 0.01, TestContext.Current.CancellationToken))[0].Volume - plain;
        // Each tab is 7 × 7 × 1.2 mm and carries a number; six notches of less than 2 × 2.6 mm³ are taken out.
        tabs.ShouldBeInRange((3 * 7 * 7 * 1.2) - (6 * 5.2), (3 * 7.6 * 7 * 1.2) + 60);
        (await Layers(ladder)).Take(5).ShouldAllBe(l => l.Islands == 0);
    }

    [Fact]
    public async Task The_mark_stands_on_the_part_without_changing_what_fits()
    {
        var family = FamilyList.Find("hose-adapter")!;
        var values = ParameterValues.Read(family.Parameters, new Dictionary<string, string> { ["firstJoin"] = "over", ["secondJoin"] = "inside" }).Value;
        var places = new Dictionary<string, Interface> { ["first"] = Workshop.Tube("port", outside: 80), ["second"] = Workshop.Tube("hose", inside: 40) };
        Design Marked(string? mark) => family.Design(new(values, places, Process, [], mark));
        var meshes = await fixture.Pool.Evaluate([Part(Marked(null)), Part(Marked("r12"))], Facets.DefaultChordError, TestContext.Current.CancellationToken);
        // Half a millimetre of three raised letters: some cubic millimetres, and nothing further out.
        (meshes[1].Volume - meshes[0].Volume).ShouldBeInRange(5, 60);
        (meshes[1].Bounds.Greatest.X - meshes[0].Bounds.Greatest.X).ShouldBe(0, 0.01);
        meshes[1].Bounds.Greatest.Z.ShouldBe(meshes[0].Bounds.Greatest.Z);
    }
}
