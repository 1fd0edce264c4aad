using Emboq.Core.Tests;
using Emboq.Core.Tests.Measuring;

namespace Emboq.Kernel.Tests;

/// <summary>What is said of a way up against the layers of the very solid, for every family.</summary>
public sealed class WayTests(LayerTests.Fixture fixture) : IClassFixture<LayerTests.Fixture>
{
    private static readonly Process Process = Workshop.Process;

    public static TheoryData<string> Keys => [.. FamilyList.All.Select(f => f.Key)];

    private async Task<WayComparison> Compared(Solid solid, IReadOnlyList<WayUp> ways)
    {
        var layers = new List<(WayUp, IReadOnlyList<Layer>)>();
        foreach (var way in ways)
        {
            // Threads are cut as the application cuts them.
            layers.Add((way, await fixture.Pool.Layers(Coarse.Of(solid.Tipped(way.Tip)), new(Process.LayerHeight, Process.LineWidth, 3, 4), 0.05,
                TestContext.Current.CancellationToken)));
        }

        return WayComparison.Of(layers, Process, RunFactors.Of(Process, []));
    }

    private static Design Design(string key, string entries = "")
    {
        var family = FamilyList.Find(key)!;
        var slots = family.Slots.Where(s => s.Need == SlotNeed.Always || s.Key is "item1" or "tool1").ToDictionary(s => s.Key, s => Places.Of(s.Kinds[0]));
        var given = entries.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1]);
        return family.Design(new(ParameterValues.Read(family.Parameters, given).Value, slots, Process, []));
    }

    private static Solid Part(Design design) => design.PrintItems.Single(b => b.Key == "part").Solid;

    [Theory]
    [MemberData(nameof(Keys))]
    public async Task At_its_usual_values_a_part_prints_the_way_it_lies_and_the_way_that_is_called_better(string key)
    {
        var design = Design(key);
        var compared = await Compared(Part(design), design.Pieces[0].Ways);
        foreach (var way in new[] { design.Pieces[0].Way.Key, compared.Better })
        {
            var report = compared.Ways.Single(w => w.Way.Key == way);
            WayChecks.Of(report, null).Where(c =>
                c.Verdict == Verdict.Stop).ShouldBeEmpty($"{way}: {report.Islands:0} mm² of islands, hangs {report.Reach:0.0}, bridges "
                    + $"{report.Bridge:0.0}, {report.Lever:0.0} times as high as wide");
        }
    }

    /// <summary>Back down, the plate of a jaw stands in the air above its lip.</summary>
    [Fact]
    public async Task A_jaw_above_its_lip_is_not_called_better_back_down()
    {
        var design = Design("soft-jaws", "over=8");
        var compared = await Compared(Part(design), design.Pieces[0].Ways);
        compared.Better.ShouldNotBe("back");
        var back = compared.Ways.Single(w => w.Way.Key == "back");
        WayChecks.Of(back, design.Pieces[0].Ways[0]).Single(c => c.Key == "printed.hang").ShouldSatisfyAllConditions(c => c.Verdict.ShouldBe(Verdict.Stop),
            c => c.Remedies.ShouldNotBeEmpty());
    }

    /// <summary>Plane geometry: a beam on two posts bridges what lies between them, an arm on one hangs its whole length.</summary>
    [Theory]
    [InlineData(true, 0, 20)]
    [InlineData(false, 20, 0)]
    public async Task A_roof_is_told_from_an_arm(bool twoPosts, double hangs, double bridges)
    {
        var solid = new Solid.Box(4, 8, 6) + new Solid.Box(28, 8, 2).At(0, 0, 5);
        var layers = await fixture.Pool.Layers(twoPosts ? solid + new Solid.Box(4, 8, 6).At(24, 0, 0)
            : new Solid.Box(4, 8, 6) + new Solid.Box(24, 8, 2).At(0, 0, 5), new(0.2, 0.4, 3, 4), 0.05, TestContext.Current.CancellationToken);
        layers.Max(l => l.Reach).ShouldBe(hangs, 0.5);
        layers.Max(l => l.Bridge).ShouldBe(bridges, 0.5);
    }

    [Fact]
    public async Task Where_no_way_is_good_that_is_said()
    {
        // A plate on a stick: hangs whichever way it lies, but for upside down, which is left away.
        var solid = new Solid.Box(2, 2, 30).At(-1, -1, 0) + new Solid.Box(60, 60, 2).At(-30, -30, 30);
        var compared = await Compared(solid, [new("up", "upright", 0, "", ""), new("side", "on its side", 90, "", "")]);
        compared.Reason.ShouldStartWith("No way up is good");
    }

    /// <summary>A slanted hole has one outline on every layer, but not in one place.</summary>
    [Fact]
    public async Task A_slanted_hole_is_not_a_prism()
    {
        var slanted = new Solid.Box(40, 20, 10) - new Solid.Cylinder(4, 60).At(0, 0, -20).Rolled(30).At(20, 10, 0);
        var layers = await fixture.Pool.Layers(slanted, new(0.2, 0.4, 2, 3), 0.02, TestContext.Current.CancellationToken);
        // Moving by a share of its height at every layer, it closes skin beside itself: none of them is like the next.
        layers.Skip(5).Take(40).ShouldAllBe(l => l.Skin > 5);
    }

    /// <summary>Pieces that have one way to lie and no choice are laid so that nothing of them wants support.</summary>
    [Theory]
    [InlineData("cam-vice", "")]
    [InlineData("cam-vice", "face=vee; wide=80; thick=14; high=44")]
    [InlineData("leg-hinge", "lock=spring; leans=9")]
    [InlineData("flip-stop", "tongueWide=26")]
    public async Task What_has_one_way_up_prints_so(string key, string entries)
    {
        var alone = Design(key, entries).Pieces.Where(p => p.WayBy is null).ToList();
        alone.ShouldNotBeEmpty();
        foreach (var piece in alone)
        {
            WayChecks.NeedsSupport((await Compared(piece.Solid, [piece.Way])).Ways[0]).ShouldBeFalse(piece.Name);
        }
    }
}
