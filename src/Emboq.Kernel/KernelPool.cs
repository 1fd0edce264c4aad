using System.Text.Json;
using System.Threading.Channels;
using Emboq.Core;

namespace Emboq.Kernel;

/// <summary>Engines started ahead of the first request, each used by one request at a time. An engine that fails is thrown away and replaced.</summary>
public sealed class KernelPool : ISolidKernel, IAsyncDisposable
{
    private readonly Channel<Task<KernelEngine>> idle = Channel.CreateUnbounded<Task<KernelEngine>>();
    private readonly int size;

    /// <summary>Starts the engines in the background.</summary>
    /// <param name="engines">How many; one for each core is plenty.</param>
    public KernelPool(int engines)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(engines);
        size = engines;
        for (int i = 0; i < engines; i++)
        {
            Put(Task.Run(KernelEngine.Start));
        }
    }

    /// <inheritdoc/>
    public string Version { get; } = "manifold-3d " +
        JsonDocument.Parse(KernelEngine.Resource("manifold-package.json")).RootElement.GetProperty("version").GetString();

    /// <inheritdoc/>
    public async Task<IReadOnlyList<SolidMesh>> Evaluate(IReadOnlyList<Solid> solids, double chordError, CancellationToken stop)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(chordError);
        if (solids.Count == 0)
        {
            return [];
        }

        var program = SolidProgram.Of(solids, chordError);
        var taken = await idle.Reader.ReadAsync(stop);
        try
        {
            var engine = await taken;
            var meshes = await Task.Run(() => engine.Run(program), stop);
            Put(taken);
            return meshes;
        }
        catch (OperationCanceledException)
        {
            // Cancelled before it began: the engine is as good as before.
            Put(taken);
            throw;
        }
        catch
        {
            Discard(taken);
            Put(Task.Run(KernelEngine.Start, CancellationToken.None));
            throw;
        }
    }

    /// <inheritdoc/>
    public async ValueTask DisposeAsync()
    {
        for (int i = 0; i < size; i++)
        {
            Discard(await idle.Reader.ReadAsync());
        }
    }

    private void Put(Task<KernelEngine> engine)
    {
        if (!idle.Writer.TryWrite(engine))
        {
            throw new InvalidOperationException("The pool takes engines until it is disposed of.");
        }
    }

    private static void Discard(Task<KernelEngine> engine) =>
        engine.ContinueWith(t => t.Result.Dispose(), CancellationToken.None, TaskContinuationOptions.OnlyOnRanToCompletion, TaskScheduler.Default);
}
