using Emboq.Core.Tests;
using Emboq.Core.Tests.Measuring;

namespace Emboq.Kernel.Tests;

/// <summary>A clamp rack in the triangles: clamps hang in it with the room that the ledger says, and it prints without support on its back.</summary>
public sealed class RackSolidTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    private static readonly CancellationToken Stop = TestContext.Current.CancellationToken;

    private static Design Design(string way) => FamilyList.Find("clamp-rack")!.Design(new(ParameterValues.Read(FamilyList.Find("clamp-rack")!.Parameters,
        new Dictionary<string, string> { ["wayUp"] = way, ["many"] = "2" }).Value, new Dictionary<string, Interface> { ["clamp"] = Places.Of("lipped") },
        Workshop.OfTough(Workshop.Exact), []));

    [Fact]
    public async Task Clamps_lie_on_the_lips_and_do_not_fall_through()
    {
        var design = Design("back");
        var (part, clamps) = (design.Pieces[0].Solid, design.Machine[0].Solid);
        // They lie on the lips; a tenth up they touch nothing, and half of the room is free at each side.
        (await fixture.Pool.Between(part, clamps, 1, 0.02, Stop)).Overlap.ShouldBeLessThan(0.01);
        var room = design.Ledger["clamp.lip.drawn"].Value - design.Ledger["clamp.lip.measured"].Value;
        (await fixture.Pool.Between(part, clamps.At(0, -0.1, room / 2), 1, 0.02, Stop)).Gap!.Value.ShouldBe(Math.Min(0.1, room / 2), 0.02);
        // Down by a millimetre the lips are in the way, up by one the roof, back by one the stop.
        foreach (var (y, z) in new[] { (-0.1, -1.0), (-0.1, 1.0), (1.0, room / 2) })
        {
            (await fixture.Pool.Between(part, clamps.At(0, y, z), 1, 0.02, Stop)).Overlap.ShouldBeGreaterThan(100);
        }
    }

    [Fact]
    public async Task It_prints_without_support_on_its_back_and_not_on_its_roof()
    {
        async Task<IReadOnlyList<Layer>> Layers(string way) =>
            await fixture.Pool.Layers(Design(way).Pieces[0].AsPrinted, new(0.2, 0.45, 3, 4), 0.02, Stop);
        var back = await Layers("back");
        (back.Max(l => l.Reach), back.Max(l => l.Bridge), back.Sum(l => l.Islands)).ShouldBe((0, 0, 0), new Near());
        (await Layers("roof")).Max(l => l.Reach).ShouldBeGreaterThan(4);
    }

    private sealed class Near : IEqualityComparer<(double, double, double)>
    {
        public bool Equals((double, double, double) x, (double, double, double) y) => Math.Abs(x.Item1 - y.Item1) < 1.2 && Math.Abs(x.Item2 - y.Item2) < 10
            && Math.Abs(x.Item3 - y.Item3) < 1e-6;

        public int GetHashCode((double, double, double) obj) => 0;
    }
}
