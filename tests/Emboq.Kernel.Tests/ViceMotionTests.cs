using Emboq.Core.Tests.Families;

namespace Emboq.Kernel.Tests;

/// <summary>A cam vice in its triangles: its cams turn free, its jaw slides, and the cam's round pushes the pad by its law.</summary>
public sealed class ViceMotionTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    private static Design Design(string entries) => Mounts.Design("cam-vice", entries, null, null, ("work", "board", "length 160, width 70, thickness 6"),
        ("pin", "pin", "diameter 5"));

    [Fact]
    public async Task It_opens_slides_and_locks()
    {
        var design = Design("throw=1.6");
        var checks = await Task.WhenAll(design.Motions.Where(m => m.DrivenBy is null).Select(m => MotionCheck.Of(design, m, fixture.Pool, Stop)));
        checks.Length.ShouldBe(3);
        checks.ShouldAllBe(c => c.Verdict == Verdict.Good);
    }

    /// <summary>At 0, 60 and 120 degrees the round touches the pad where e (1 − cos θ) puts it, within what facets take.</summary>
    [Theory]
    [InlineData(0)]
    [InlineData(0.5)]
    [InlineData(1)]
    public async Task The_cam_touches_the_pad_wherever_it_is_turned(double at)
    {
        var standing = Assembled.Of(Design(""), new Dictionary<string, double> { ["clamp"] = at }).ToDictionary(s => s.Key, s => s.Solid);
        var meeting = await fixture.Pool.Between(standing["cam"], standing["pad"], 5, Facets.DefaultChordError, Stop);
        (meeting.Gap ?? 9).ShouldBeLessThan(0.03);
        meeting.Depth.ShouldBeLessThan(0.03);
    }
}
