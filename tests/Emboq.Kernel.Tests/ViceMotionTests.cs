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
        await Free(Design("throw=1.6"), 3);
    }

    private async Task Free(Design design, int motions)
    {
        var checks = await Task.WhenAll(design.Motions.Where(m => m.DrivenBy is null).Select(m => MotionCheck.Of(design, m, fixture.Pool, Stop)));
        checks.Length.ShouldBe(motions);
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

    /// <summary>The bore comes out 0.4 mm wider than its post; its cam, turned as far as the ledger's figures say, brings the shoe onto it, and everything
    /// turns
    /// about it with no part in another.</summary>
    [Fact]
    public async Task On_a_post_the_whole_vice_turns_until_its_second_cam_holds_it()
    {
        var design = Design("turns=post; throw=1.6");
        await Free(design, 5);
        async Task<double> Gap(string a, string b, double closed)
        {
            var standing = Assembled.Of(design, new Dictionary<string, double> { ["turn-lock"] = closed }).ToDictionary(s => s.Key, s => s.Solid);
            return (await fixture.Pool.Between(standing[a], standing[b], 5, Facets.DefaultChordError, Stop)).Gap ?? 9;
        }

        (await Gap("base", "post", 0)).ShouldBe(0.2, 0.02);
        (await Gap("shoe", "post", 0)).ShouldBeInRange(0.2, 0.31);
        (await Gap("shoe", "post", 1)).ShouldBeLessThan(0.05);
        (await Gap("turn-cam", "shoe", 1)).ShouldBeLessThan(0.05);
    }

    /// <summary>The strip stands free: behind the face by what it gives and a little, and nowhere under the cam is the pad solid.</summary>
    [Fact]
    public async Task The_spring_of_a_pad_stands_free_behind_its_face()
    {
        var design = Design("presses=spring; press=12; wide=90; pad=12; thick=14; high=40; differs=0.4");
        var (pad, strip, gives) = (design.Pieces.Single(p => p.Key == "pad").Solid, design.Ledger["strip"].Value, (1.5 * 1.5) - 0.3);
        var middle = (await fixture.Pool.Evaluate([pad & new Solid.Box(2, 12, 40).At(-1, 40 - 0.3 - 12, -1)], Facets.DefaultChordError,
            Stop))[0].Volume / (2 * 12);
        middle.ShouldBe(12 - gives - 0.4, 0.01);
        var behind = (await fixture.Pool.Evaluate([pad & new Solid.Box(2, 12, strip + 0.1 + 1).At(-1, 40 - 0.3 - 12, -1)], Facets.DefaultChordError,
            Stop))[0].Volume / (2 * 12);
        behind.ShouldBe(strip, 0.01);
    }
}
