using Emboq.Core.Tests.Families;

namespace Emboq.Kernel.Tests;

/// <summary>Legs that fold, in their triangles: what the closed forms say of them is looked at over the whole swing.</summary>
public sealed class LegMotionTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    private async Task<IReadOnlyList<Check>> Swings(string entries)
    {
        var design = Mounts.Design("leg-hinge", entries, null, null, ("leg", "board", "length 400, width 45, thickness 28"));
        return await Task.WhenAll(design.Motions.Select(m => MotionCheck.Of(design, m, fixture.Pool, TestContext.Current.CancellationToken)));
    }

    [Theory]
    [InlineData("between=500; wayUp=flat")]
    [InlineData("between=500; end=stands; leans=8")]
    [InlineData("between=340; lock=spring")]
    [InlineData("between=500; pass=over")]
    [InlineData("between=800; pass=apart; leans=15; above=20")]
    public async Task They_swing_free(string entries) => (await Swings(entries)).ShouldAllBe(c => c.Verdict == Verdict.Good);

    /// <summary>Of 500 mm a leg of 45 takes 5.2 degrees: turned by 4.9 they overlap by 2.3 mm.</summary>
    [Fact]
    public async Task Turned_too_little_they_run_into_each_other() =>
        (await Swings("between=500; turned=4.9")).Single().Says.ShouldContain("runs into the leg of the other end");
}
