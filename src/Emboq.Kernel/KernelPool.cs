using System.Collections.Concurrent;
using System.Text.Json;

namespace Emboq.Kernel;

/// <summary>Engines started ahead of the first request, each used by one request at a time. Equal requests at one time are computed once.
/// An engine that fails, takes too long or grows past its bound is replaced while the others serve.</summary>
public sealed class KernelPool : ISolidKernel, IAsyncDisposable
{
    private readonly EngineQueue queue;
    private readonly ConcurrentDictionary<Task, bool> leaving = new();
    private readonly SharedWork<IReadOnlyList<SolidMesh>> meshing = new();
    private readonly SharedWork<IReadOnlyList<Layer>> cutting = new();
    private readonly SharedWork<Meeting> between = new();
    private readonly KernelLimits limits;
    private long evaluations;
    private long hits;
    private long misses;
    private long replaced;
    private long memory;
    private long scripts;
    private int disposed;

    /// <summary>Starts the engines in the background.</summary>
    public KernelPool(KernelLimits limits)
    {
        this.limits = limits;
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(limits.Engines);
        queue = new(limits.Engines);
        (Watched, Patient) = (new KernelLane(this, isPatient: false), new KernelLane(this, isPatient: true));
        for (int i = 0; i < limits.Engines; i++)
        {
            PutNew(wasPatient: false);
        }
    }

    /// <summary>The engines for what somebody watches step by step.</summary>
    public ISolidKernel Watched { get; }

    /// <summary>The same engines for work that can wait: it goes behind all that is watched.</summary>
    public ISolidKernel Patient { get; }

    /// <summary>Whether engines come free again: one is, or was within twice the longest that a shape may take.</summary>
    public bool Works => queue.SinceFree <= limits.Longest * 2;

    /// <inheritdoc/>
    public string Version { get; } = "manifold-3d " +
        JsonDocument.Parse(KernelEngine.Resource("manifold-package.json")).RootElement.GetProperty("version").GetString();

    /// <summary>What the pool has done.</summary>
    public KernelMetrics Metrics => new(Interlocked.Read(ref evaluations), meshing.Shared + cutting.Shared + between.Shared, Interlocked.Read(ref hits),
        Interlocked.Read(ref misses), Interlocked.Read(ref replaced), Interlocked.Read(ref memory), Interlocked.Read(ref scripts));

    /// <inheritdoc/>
    /// <exception cref="KernelException">The shape cannot be computed, or not within the time limit.</exception>
    public Task<IReadOnlyList<SolidMesh>> Evaluate(IReadOnlyList<Solid> solids, double chordError, CancellationToken stop) =>
        Evaluate(solids, chordError, isPatient: false, stop);

    /// <inheritdoc/>
    /// <exception cref="KernelException">The shape cannot be computed, or not within the time limit.</exception>
    public Task<IReadOnlyList<Layer>> Layers(Solid solid, Layering layering, double chordError, CancellationToken stop) =>
        Layers(solid, layering, chordError, isPatient: false, stop);

    /// <inheritdoc/>
    /// <exception cref="KernelException">The shapes cannot be computed, or not within the time limit.</exception>
    public Task<Meeting> Between(Solid a, Solid b, double reach, double chordError, CancellationToken stop) =>
        Between(a, b, reach, chordError, isPatient: false, stop);

    internal async Task<IReadOnlyList<SolidMesh>> Evaluate(IReadOnlyList<Solid> solids, double chordError, bool isPatient, CancellationToken stop)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(chordError);
        stop.ThrowIfCancellationRequested();
        if (solids.Count == 0)
        {
            return [];
        }

        var program = SolidProgram.Of(solids, chordError);
        return await meshing.Get($"{isPatient}{program}", gone => Run(engine => engine.Meshes(program), isPatient, gone), stop);
    }

    internal async Task<IReadOnlyList<Layer>> Layers(Solid solid, Layering layering, double chordError, bool isPatient, CancellationToken stop)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(chordError);
        var program = SolidProgram.Of([solid], chordError);
        return await cutting.Get($"{isPatient}{layering}{program}", gone => Run(engine => engine.Layers(program, layering), isPatient, gone), stop);
    }

    internal async Task<Meeting> Between(Solid a, Solid b, double reach, double chordError, bool isPatient, CancellationToken stop)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(chordError);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(reach);
        var program = SolidProgram.Of([a, b], chordError);
        return await between.Get($"{isPatient}{reach:R}{program}", gone => Run(engine => engine.Between(program, reach), isPatient, gone), stop);
    }

    /// <inheritdoc/>
    public async ValueTask DisposeAsync()
    {
        if (Interlocked.Exchange(ref disposed, 1) == 1)
        {
            return;
        }

        for (int i = 0; i < limits.Engines; i++)
        {
            Discard(await queue.Take(isPatient: false, default));
        }

        await Task.WhenAll(leaving.Keys);
    }

    private async Task<T> Run<T>(Func<KernelEngine, KernelAnswer<T>> use, bool isPatient, CancellationToken gone)
    {
        var taken = await queue.Take(isPatient, gone);
        try
        {
            var engine = await taken;
            var answer = await RunWithin(engine, use, gone);
            Interlocked.Increment(ref evaluations);
            Interlocked.Add(ref hits, answer.Hits);
            Interlocked.Add(ref misses, answer.Misses);
            Took(engine, answer.Memory, engine.ScriptMemory);
            if (engine.Interrupted || answer.Memory > limits.MemoryBytes)
            {
                Replace(taken, isPatient);
            }
            else if (engine.Counted.Script > limits.ScriptBytes)
            {
                // Nobody waits for it but whoever would have had the engine next.
                _ = Task.Run(() => Tidy(taken, isPatient), CancellationToken.None);
            }
            else
            {
                queue.Put(taken, isPatient);
            }

            return answer.Answer;
        }
        catch
        {
            Replace(taken, isPatient);
            throw;
        }
    }

    /// <summary>The order to stop is repeated, since one given before the script has begun is lost; none is given once this has returned.</summary>
    private async Task<KernelAnswer<T>> RunWithin<T>(KernelEngine engine, Func<KernelEngine, KernelAnswer<T>> use, CancellationToken gone)
    {
        await using var late = new Timer(_ => engine.Interrupt(), null, limits.Longest, limits.Grace);
        await using var abandoned = gone.Register(() => late.Change(limits.Grace, limits.Grace));
        return use(engine);
    }

    private void Tidy(Task<KernelEngine> taken, bool wasPatient)
    {
        var engine = taken.Result;
        engine.CollectGarbage();
        NativeHeap.GiveBack();
        Took(engine, engine.Counted.Kernel, engine.ScriptMemory);
        queue.Put(taken, wasPatient);
    }

    /// <summary>Counts what an engine has taken by now.</summary>
    private void Took(KernelEngine engine, long kernelBytes, long scriptBytes)
    {
        Interlocked.Add(ref memory, kernelBytes - engine.Counted.Kernel);
        Interlocked.Add(ref scripts, scriptBytes - engine.Counted.Script);
        engine.Counted = (kernelBytes, scriptBytes);
    }

    private void Replace(Task<KernelEngine> engine, bool wasPatient)
    {
        Interlocked.Increment(ref replaced);
        PutNew(wasPatient);
        Discard(engine);
    }

    private void PutNew(bool wasPatient) => queue.Put(Task.Run(() => KernelEngine.Start(limits.KeptTriangles)), wasPatient);

    private void Discard(Task<KernelEngine> engine)
    {
        var gone = engine.ContinueWith(
            t =>
            {
                if (t.IsCompletedSuccessfully)
                {
                    Took(t.Result, 0, 0);
                    t.Result.Dispose();
                    NativeHeap.GiveBack();
                }
            },
            TaskScheduler.Default);
        leaving[gone] = true;
        _ = gone.ContinueWith(t => leaving.TryRemove(t, out _), TaskScheduler.Default);
    }
}
