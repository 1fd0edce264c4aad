namespace Emboq.Web;

/// <summary>Requests that keep a processor busy for seconds take turns: a few at once, every client in its turn, and no more than can be waited for.</summary>
/// <param name="atOnce">How many run at one time.</param>
/// <param name="mostOfOne">How many one client may have waiting.</param>
/// <param name="most">How many may wait in all.</param>
internal sealed class HeavyQueue(int atOnce, int mostOfOne, int most)
{
    private readonly Lock gate = new();

    private readonly List<Ticket> waiting = [];
    private readonly Dictionary<string, int> running = [];

    /// <summary>When each client was last let in, counted; of those that have nothing here any more it is forgotten.</summary>
    private readonly Dictionary<string, long> lastIn = [];
    private long turns;

    private sealed record Ticket(string Client, TaskCompletionSource Turn);

    /// <summary>How many stand in the queue before and with the first request of a client; 0 when none of its requests waits.</summary>
    public int PlaceOf(string client)
    {
        lock (gate)
        {
            return Served().ToList().FindIndex(t => t.Client == client) + 1;
        }
    }

    /// <summary>Waits for a turn; disposing of it lets the next one in.</summary>
    /// <returns><c>null</c> when the queue is full.</returns>
    public async Task<IDisposable?> Enter(string client, CancellationToken gone)
    {
        Ticket ticket = new(client, new(TaskCreationOptions.RunContinuationsAsynchronously));
        lock (gate)
        {
            if (waiting.Count >= most || waiting.Count(t => t.Client == client) >= mostOfOne)
            {
                return null;
            }

            waiting.Add(ticket);
            Serve();
        }

        await using var leaves = gone.Register(() =>
        {
            lock (gate)
            {
                if (waiting.Remove(ticket))
                {
                    ticket.Turn.TrySetCanceled(gone);
                }
            }
        });
        await ticket.Turn.Task;
        return new Turn(this, client);
    }

    /// <summary>Each client with one request before any has two, those with the least at work first, then whoever was let in longest ago.</summary>
    private IEnumerable<Ticket> Served() => waiting
        .GroupBy(t => t.Client).SelectMany(g => g.Select((t, i) => (Ticket: t, Round: i + running.GetValueOrDefault(g.Key))))
        .OrderBy(t => t.Round).ThenBy(t => lastIn.GetValueOrDefault(t.Ticket.Client)).ThenBy(t => waiting.IndexOf(t.Ticket)).Select(t => t.Ticket);

    private void Serve()
    {
        while (running.Values.Sum() < atOnce && Served().FirstOrDefault() is { } next)
        {
            waiting.Remove(next);
            running[next.Client] = running.GetValueOrDefault(next.Client) + 1;
            lastIn[next.Client] = ++turns;
            next.Turn.TrySetResult();
        }
    }

    private void Leave(string client)
    {
        lock (gate)
        {
            if (--running[client] == 0)
            {
                running.Remove(client);
            }

            foreach (var gone in lastIn.Keys.Where(c => !running.ContainsKey(c) && waiting.All(t => t.Client != c)).ToList())
            {
                lastIn.Remove(gone);
            }

            Serve();
        }
    }

    private sealed class Turn(HeavyQueue queue, string client) : IDisposable
    {
        private int left;

        public void Dispose()
        {
            if (Interlocked.Exchange(ref left, 1) == 0)
            {
                queue.Leave(client);
            }
        }
    }
}
