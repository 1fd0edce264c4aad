namespace Emboq.Kernel.Tests;

/// <summary>Ribs under what hangs in the air, in the triangles. Expected: plane geometry, and layers without what they told before.</summary>
public sealed class RibTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    private static readonly RibRule Rule = new(0.2, 0.45, 1.2, 10, 8);

    private static readonly CancellationToken Stop = TestContext.Current.CancellationToken;

    private async Task<(double Reach, double Bridge, double Islands, double Volume, int Layers)> Printed(Solid solid)
    {
        var layers = await fixture.Pool.Layers(solid, new(0.2, 0.45, 3, 4), 0.02, Stop);
        var mesh = (await fixture.Pool.Evaluate([solid], 0.02, Stop))[0];
        return (layers.Max(l => l.Reach), layers.Max(l => l.Bridge), layers.Sum(l => l.Islands), mesh.Volume, layers.Count);
    }

    /// <summary>A block 60 × 40 × 20 with a slot of 26 × 12 through it, above a floor of 4: a roof of 26 mm, which three ribs carry.</summary>
    [Fact]
    public async Task Three_ribs_carry_the_roof_of_a_slot()
    {
        var slot = new Solid.Box(60, 40, 20) - new Solid.Box(26, 42, 12).At(17, -1, 4);
        var bare = await Printed(slot);
        bare.Bridge.ShouldBe(26, 0.5);
        var ribbed = await Printed(new Solid.Ribbed(slot, Rule));
        ribbed.Bridge.ShouldBeLessThan(8);
        ribbed.Layers.ShouldBe(bare.Layers);
        // Stems of 0.9 over 11.1 mm, tips of 0.45 over the last one; 40 long each. On the floor of the slot they have no feet.
        (ribbed.Volume - bare.Volume).ShouldBe(3 * 40 * ((0.9 * 11.1) + (0.45 * 1.0)), 15);
        // Without that floor they stand on the bed, on feet a quarter as wide as they are high: 4 of 16, two layers thick.
        var open = slot - new Solid.Box(26, 42, 12).At(17, -1, -1);
        var (stands, on) = (await Printed(open), await Printed(new Solid.Ribbed(open, Rule)));
        (on.Volume - stands.Volume).ShouldBe(3 * 40 * ((0.9 * 15.1) + (0.45 * 1.0) + (3.1 * 0.4)), 15);
    }

    [Fact]
    public async Task What_hangs_and_what_begins_in_the_air_is_carried()
    {
        var table = new Solid.Box(10, 30, 20) + new Solid.Box(50, 30, 4).At(0, 0, 16);
        (await Printed(table)).Reach.ShouldBeGreaterThan(30);
        var under = await Printed(new Solid.Ribbed(table, Rule));
        under.Reach.ShouldBeLessThanOrEqualTo(1.2);
        under.Bridge.ShouldBeLessThan(9);
        var step = new Solid.Box(40, 30, 3) + new Solid.Box(4, 30, 20) + (new Solid.Box(30, 20, 3).At(8, 5, 12) + new Solid.Box(36, 20, 3).At(2, 5, 15));
        (await Printed(step)).Islands.ShouldBeGreaterThan(500);
        (await Printed(new Solid.Ribbed(step, Rule))).Islands.ShouldBeLessThan(1);
    }

    /// <summary>A floor with a screw hole under a roof: the rib above it stands on the floor, and the hole stays free.</summary>
    [Fact]
    public async Task A_rib_does_not_go_down_a_hole()
    {
        var shelf = new Solid.Box(60, 40, 20) - new Solid.Box(26, 42, 12).At(17, -1, 4) - new Solid.Cylinder(2, 10).At(30, 20, -1);
        var hole = new Solid.Cylinder(1.9, 3).At(30, 20, 0);
        (await fixture.Pool.Between(new Solid.Ribbed(shelf, Rule), hole, 1, 0.02, Stop)).Overlap.ShouldBe(0, 1e-6);
    }

    [Fact]
    public async Task Nothing_is_put_where_nobody_gets_at_it_nor_where_nothing_is_wanted()
    {
        var closed = new Solid.Box(60, 40, 20) - new Solid.Box(26, 20, 12).At(17, 10, 4) - new Solid.Cylinder(1, 10).At(30, 20, -1);
        (await Printed(new Solid.Ribbed(closed, Rule))).ShouldBe(await Printed(closed));
        var plain = new Solid.Box(60, 40, 20) - new Solid.Box(9, 42, 12).At(17, -1, 4);
        (await Printed(new Solid.Ribbed(plain, Rule))).ShouldBe(await Printed(plain));
    }

    /// <summary>Grown together with a thread's crests, a rib would never come off, and the thread would take no screw. Seven grooves stand for one, under
    /// the roof where they end.</summary>
    [Fact]
    public async Task No_rib_stands_in_a_thread()
    {
        var flanks = Enumerable.Range(0, 7).SelectMany(i => new Point2[] { new(14, 4 * i), new(16, (4 * i) + 1.5), new(16, (4 * i) + 2.5) });
        Solid threaded = new Solid.Cylinder(24, 34) - new Solid.Revolved(new Profile([new(0, 0), .. flanks, new(16, 28), new(0, 28)]));
        (await Printed(threaded)).Bridge.ShouldBeGreaterThan(10);
        var screw = new Solid.Cylinder(15.9, 28) - new Solid.Cylinder(14.2, 30).At(0, 0, -1);
        async Task<double> Inside(Solid solid) => (await fixture.Pool.Evaluate([solid & screw], 0.02, Stop))[0].Volume;
        (await Inside(new Solid.Ribbed(threaded, Rule))).ShouldBe(await Inside(threaded), 0.5);
    }
}
