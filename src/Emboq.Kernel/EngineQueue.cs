using System.Diagnostics;

namespace Emboq.Kernel;

/// <summary>Engines that are free, and who waits for one. Whoever somebody watches goes first; patient work never takes the last engine, where there is more
/// than one.</summary>
/// <param name="engines">How many there are in all.</param>
internal sealed class EngineQueue(int engines)
{
    private readonly Lock gate = new();

    /// <summary>The engine used last is used next: what it keeps is still near the processor.</summary>
    private readonly Stack<Task<KernelEngine>> idle = new();
    private readonly Queue<TaskCompletionSource<Task<KernelEngine>>> watched = new();
    private readonly Queue<TaskCompletionSource<Task<KernelEngine>>> patient = new();
    private readonly int mostPatient = Math.Max(1, engines - 1);
    private int patientAtWork;
    private long lastPut = Stopwatch.GetTimestamp();

    /// <summary>How long ago an engine was free; nothing while one is.</summary>
    public TimeSpan SinceFree
    {
        get
        {
            lock (gate)
            {
                return idle.Count > 0 ? TimeSpan.Zero : Stopwatch.GetElapsedTime(lastPut);
            }
        }
    }

    /// <summary>Waits for an engine.</summary>
    /// <param name="isPatient">Whether it can wait behind all who are watched.</param>
    /// <param name="gone">Ends the wait.</param>
    public async Task<Task<KernelEngine>> Take(bool isPatient, CancellationToken gone)
    {
        gone.ThrowIfCancellationRequested();
        TaskCompletionSource<Task<KernelEngine>> place;
        lock (gate)
        {
            if (idle.Count > 0 && (!isPatient || patientAtWork < mostPatient))
            {
                patientAtWork += isPatient ? 1 : 0;
                return idle.Pop();
            }

            place = new(TaskCreationOptions.RunContinuationsAsynchronously);
            (isPatient ? patient : watched).Enqueue(place);
        }

        await using var leaves = gone.Register(() => place.TrySetCanceled(gone));
        return await place.Task;
    }

    /// <summary>Gives an engine to whoever is next.</summary>
    /// <param name="engine">That is free.</param>
    /// <param name="wasPatient">Whether patient work had it.</param>
    public void Put(Task<KernelEngine> engine, bool wasPatient)
    {
        lock (gate)
        {
            lastPut = Stopwatch.GetTimestamp();
            patientAtWork -= wasPatient ? 1 : 0;
            if (!Hand(watched, engine))
            {
                if (patientAtWork < mostPatient && Hand(patient, engine))
                {
                    patientAtWork++;
                }
                else
                {
                    idle.Push(engine);
                }
            }
        }
    }

    /// <summary>Whether somebody who has not gone took it.</summary>
    private static bool Hand(Queue<TaskCompletionSource<Task<KernelEngine>>> waiting, Task<KernelEngine> engine)
    {
        while (waiting.TryDequeue(out var place))
        {
            if (place.TrySetResult(engine))
            {
                return true;
            }
        }

        return false;
    }
}
