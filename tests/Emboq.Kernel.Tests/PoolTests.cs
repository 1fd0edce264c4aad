namespace Emboq.Kernel.Tests;

/// <summary>The pool under trouble: what fails is replaced, what is asked twice is done once, what is abandoned ends.</summary>
public sealed class PoolTests
{
    private const double Chord = 0.01;

    private static readonly Solid Small = new Solid.Box(1, 2, 3);

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    /// <summary>A shape that keeps the kernel busy for seconds: fine balls of cylinders cut from each other.</summary>
    private static Solid Heavy(double seed) => Enumerable.Range(0, 400).Aggregate((Solid)new Solid.Box(400, 400, 400),
        (body, i) => body - new Solid.Cylinder(30 + seed, 500).At(37 * i % 400, 91 * i % 400, -1));

    [Fact]
    public async Task A_shape_that_takes_too_long_is_stopped_and_the_next_one_is_served()
    {
        await using var pool = new KernelPool(new KernelLimits { Engines = 1, Longest = TimeSpan.FromMilliseconds(200) });
        var refused = await Should.ThrowAsync<KernelException>(() => pool.Evaluate([Heavy(0.1)], 0.0001, Stop));
        refused.Message.ShouldContain("took too long");
        (await pool.Evaluate([Small], Chord, Stop))[0].Volume.ShouldBe(6, 1e-6);
        pool.Metrics.Replaced.ShouldBe(1);
    }

    [Fact]
    public async Task An_abandoned_shape_frees_its_engine()
    {
        await using var pool = new KernelPool(new KernelLimits { Engines = 1, Grace = TimeSpan.FromMilliseconds(50) });
        using var leaving = new CancellationTokenSource(300);
        await Should.ThrowAsync<OperationCanceledException>(() => pool.Evaluate([Heavy(0.2)], 0.0001, leaving.Token));
        // Were the heavy shape still under way, this would wait for its twenty seconds.
        await pool.Evaluate([Small], Chord, Stop).WaitAsync(TimeSpan.FromSeconds(10), Stop);
    }

    /// <summary>Four heavy shapes are asked for first; what is watched does not wait for them, with two engines nor with one.</summary>
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public async Task What_is_watched_goes_before_what_is_patient(int engines)
    {
        await using var pool = new KernelPool(new KernelLimits { Engines = engines });
        await pool.Evaluate([Small], Chord, Stop);
        using var enough = CancellationTokenSource.CreateLinkedTokenSource(Stop);
        var heavy = Enumerable.Range(0, 4).Select(i => pool.Patient.Evaluate([Heavy(i / 10.0)], 0.02, enough.Token)).ToList();
        await Task.Delay(50, Stop);
        for (var n = 1; n <= 3; n++)
        {
            (await pool.Watched.Evaluate([new Solid.Box(n, 1, 1)], Chord, Stop))[0].Volume.ShouldBe(n, 1e-6);
        }

        // With one engine each watched shape waits for no more than the one at work.
        heavy.Count(h => h.IsCompleted).ShouldBeLessThan(engines == 1 ? 4 : 2);
        await enough.CancelAsync();
        await Task.WhenAll(heavy).ContinueWith(_ => { }, TaskScheduler.Default);
    }

    /// <summary>What is at work will be free again, within twice the longest that a shape may take; engines that have gone will not.</summary>
    [Fact]
    public async Task Engines_that_come_free_again_work()
    {
        await using var pool = new KernelPool(new KernelLimits { Engines = 1, Longest = TimeSpan.FromSeconds(1) });
        pool.Works.ShouldBeTrue();
        var heavy = pool.Patient.Evaluate([Heavy(0.3)], 0.0001, Stop);
        await Task.Delay(100, Stop);
        pool.Works.ShouldBeTrue();
        await Should.ThrowAsync<KernelException>(() => heavy);
        await pool.DisposeAsync();
        pool.Works.ShouldBeTrue();
        await Task.Delay(2100, Stop);
        pool.Works.ShouldBeFalse();
    }

    /// <summary>Whoever leaves the queue does not hold an engine up, nor lose one.</summary>
    [Fact]
    public async Task Leaving_while_waiting_loses_no_engine()
    {
        await using var pool = new KernelPool(new KernelLimits { Engines = 1, Grace = TimeSpan.FromMilliseconds(50) });
        for (var n = 0; n < 20; n++)
        {
            using var leaving = new CancellationTokenSource();
            var (first, second) = (pool.Patient.Evaluate([new Solid.Box(n + 1, 2, 2)], Chord, Stop),
                pool.Patient.Evaluate([new Solid.Box(n + 1, 3, 3)], Chord, leaving.Token));
            await leaving.CancelAsync();
            await first;
            await second.ContinueWith(_ => { }, TaskScheduler.Default);
        }

        (await pool.Evaluate([Small], Chord, Stop).WaitAsync(TimeSpan.FromSeconds(10), Stop))[0].Volume.ShouldBe(6, 1e-6);
    }

    [Fact]
    public async Task An_engine_past_its_memory_bound_is_replaced()
    {
        await using var pool = new KernelPool(new KernelLimits { Engines = 1, MemoryBytes = 1 });
        await pool.Evaluate([Small], Chord, Stop);
        (await pool.Evaluate([Small], Chord, Stop))[0].Triangles.Length.ShouldBe(36);
        pool.Metrics.Replaced.ShouldBe(2);
    }

    [Fact]
    public async Task Equal_requests_at_one_time_are_computed_once()
    {
        await using var pool = new KernelPool(new KernelLimits { Engines = 2 });
        var shape = new Solid.Cylinder(20, 30) - new Solid.Cylinder(15, 32).At(0, 0, -1);
        var answers = await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => pool.Evaluate([shape], 0.0005, Stop)));
        answers.ShouldAllBe(a => a[0].Volume == answers[0][0].Volume);
        pool.Metrics.Evaluations.ShouldBe(1);
        pool.Metrics.Shared.ShouldBe(7);
    }

    [Fact]
    public async Task Changing_one_part_evaluates_only_what_hangs_on_it()
    {
        await using var pool = new KernelPool(new KernelLimits { Engines = 1 });
        Solid body = new Solid.Cylinder(20, 30) - new Solid.Cylinder(15, 32).At(0, 0, -1);
        await pool.Evaluate([body - new Solid.Box(5, 50, 5)], Chord, Stop);
        var before = pool.Metrics;
        await pool.Evaluate([body - new Solid.Box(6, 50, 5)], Chord, Stop);
        (pool.Metrics.SubtreeMisses - before.SubtreeMisses).ShouldBe(2, "the new box and the new difference");
        (pool.Metrics.SubtreeHits - before.SubtreeHits).ShouldBe(1, "the body");
    }

    [Fact]
    public async Task Two_owners_may_dispose_of_it()
    {
        var pool = new KernelPool(new KernelLimits { Engines = 2 });
        await pool.Evaluate([Small], Chord, Stop);
        await pool.DisposeAsync();
        await pool.DisposeAsync().AsTask().WaitAsync(TimeSpan.FromSeconds(5), Stop);
    }

    [Fact]
    public async Task What_is_kept_stays_within_its_bound()
    {
        await using var pool = new KernelPool(new KernelLimits { Engines = 1, KeptTriangles = 100 });
        for (int i = 1; i <= 40; i++)
        {
            await pool.Evaluate([new Solid.Box(i, 1, 1)], Chord, Stop);
        }

        // 12 triangles a box: only the last eight are kept, so the first is evaluated again and the last is not.
        var before = pool.Metrics;
        await pool.Evaluate([new Solid.Box(1, 1, 1), new Solid.Box(40, 1, 1)], Chord, Stop);
        (pool.Metrics.SubtreeMisses - before.SubtreeMisses).ShouldBe(1);
        (pool.Metrics.SubtreeHits - before.SubtreeHits).ShouldBe(1);
    }
}
