namespace Emboq.Kernel;

/// <summary>Work that several askers want at one time, done once. It is called off when every one of them has gone.</summary>
internal sealed class SharedWork<T>
{
    private readonly Dictionary<string, Entry> running = [];
    private readonly Lock gate = new();
    private long shared;

    /// <summary>How many askers found their work under way.</summary>
    public long Shared => Interlocked.Read(ref shared);

    /// <summary>The result of the work under a key; starts it if nobody has.</summary>
    public async Task<T> Get(string key, Func<CancellationToken, Task<T>> start, CancellationToken stop)
    {
        Entry entry;
        lock (gate)
        {
            if (running.TryGetValue(key, out var found) && !found.Task.IsCompleted)
            {
                entry = found;
                shared++;
            }
            else
            {
                entry = running[key] = new();
                entry.Task = Task.Run(() => start(entry.Stop.Token), CancellationToken.None);
                // Whatever comes of it, the next asker starts anew.
                _ = entry.Task.ContinueWith(_ => Forget(key, entry), TaskScheduler.Default);
            }

            entry.Askers++;
        }

        try
        {
            return await entry.Task.WaitAsync(stop);
        }
        finally
        {
            lock (gate)
            {
                if (--entry.Askers == 0 && !entry.Task.IsCompleted)
                {
                    Forget(key, entry);
                    entry.Stop.Cancel();
                }
            }
        }
    }

    private void Forget(string key, Entry entry)
    {
        lock (gate)
        {
            if (running.TryGetValue(key, out var found) && found == entry)
            {
                running.Remove(key);
            }
        }
    }

    private sealed class Entry
    {
        public CancellationTokenSource Stop { get; } = new();

        public Task<T> Task { get; set; } = null!;

        public int Askers { get; set; }
    }
}
