namespace Emboq.Web.Tests;

/// <summary>Turns of heavy requests.</summary>
public sealed class HeavyQueueTests
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    [Fact]
    public async Task Every_client_has_its_turn_before_any_has_its_second()
    {
        var queue = new HeavyQueue(atOnce: 1, mostOfOne: 3, most: 10);
        var served = new List<string>();
        using (await queue.Enter("first", Stop))
        {
            var waiting = new[] { "greedy 1", "greedy 2", "greedy 3", "late 1", "later 1" }.Select(who => Serve(queue, who, served)).ToList();
            (queue.PlaceOf("greedy"), queue.PlaceOf("late"), queue.PlaceOf("later"), queue.PlaceOf("nobody")).ShouldBe((1, 2, 3, 0));
            served.ShouldBeEmpty();
            _ = Task.WhenAll(waiting);
        }

        for (var n = 0; n < 200 && served.Count < 5; n++)
        {
            await Task.Delay(10, Stop);
        }

        served.ShouldBe(["greedy 1", "late 1", "later 1", "greedy 2", "greedy 3"]);
    }

    private static async Task Serve(HeavyQueue queue, string who, List<string> served)
    {
        using var turn = await queue.Enter(who.Split(' ')[0], Stop);
        lock (served)
        {
            served.Add(who);
        }

        await Task.Delay(5, Stop);
    }

    [Fact]
    public async Task A_full_queue_says_so_and_whoever_leaves_makes_room()
    {
        var queue = new HeavyQueue(atOnce: 1, mostOfOne: 1, most: 2);
        using var working = (await queue.Enter("a", Stop))!;
        using var leaving = new CancellationTokenSource();
        var b = queue.Enter("b", leaving.Token);
        var c = queue.Enter("c", Stop);
        (await queue.Enter("b", Stop)).ShouldBeNull("one of b waits already");
        (await queue.Enter("d", Stop)).ShouldBeNull("two wait already");
        await leaving.CancelAsync();
        await Should.ThrowAsync<OperationCanceledException>(() => b);
        queue.PlaceOf("c").ShouldBe(1);
        var d = queue.Enter("d", Stop);
        working.Dispose();
        using var turn = (await c.WaitAsync(TimeSpan.FromSeconds(5), Stop))!;
        d.IsCompleted.ShouldBeFalse();
        turn.Dispose();
        (await d.WaitAsync(TimeSpan.FromSeconds(5), Stop)).ShouldNotBeNull().Dispose();
    }
}
