using Emboq.Core.Tests.Families;

namespace Emboq.Kernel.Tests;

/// <summary>A stop that turns, in its triangles: its nose lies free in both dimples, and between them goes into the plate by as much as it is lifted.</summary>
public sealed class StopMotionTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    [Theory]
    [InlineData("")]
    [InlineData("side=right; slope=60")]
    public async Task It_is_free_up_and_down_and_lifted_in_between(string entries)
    {
        var stop = TestContext.Current.CancellationToken;
        var design = Mounts.Design("flip-stop", entries, null, null, ("pin", "pin", "diameter 4.9"));
        var motion = design.Motions.Single();
        (await MotionCheck.Of(design, motion, fixture.Pool, stop)).Verdict.ShouldBe(Verdict.Good);
        var (plate, arm) = (design.Pieces[0].Solid, design.Pieces[1].Solid);
        async Task<double> Common(double at) => (await fixture.Pool.Between(plate, motion.Of(arm, at), 1, 0.02, stop)).Overlap;
        (await Common(0)).ShouldBe(0, 1e-6);
        (await Common(1)).ShouldBe(0, 1e-6);
        // Half way the nose's end, 0.8 mm high on 1.2 mm at 40 degrees, lies whole in the plate: a blunt cone.
        var (end, root) = (1.2, 1.2 + (0.8 / Math.Tan((entries == "" ? 40 : 60) * Math.PI / 180)));
        (await Common(0.5)).ShouldBe(Math.PI * 0.8 / 3 * ((end * end) + (end * root) + (root * root)), 0.1);
    }
}
