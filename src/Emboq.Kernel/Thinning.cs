using System.Text;
using Microsoft.ClearScript;
using Microsoft.ClearScript.JavaScript;
using Microsoft.ClearScript.V8;

namespace Emboq.Kernel;

/// <summary>Thins surfaces of many triangles: edges are drawn together where that moves the surface least (quadric error; Garland and Heckbert 1997). A script
/// engine of its own is started for each and ended with it, since such memory never shrinks: some tenths of a second.</summary>
public sealed class Thinning : IDisposable
{
    private readonly V8ScriptEngine engine = new(V8ScriptEngineFlags.EnableTaskPromiseConversion);

    private readonly IReadOnlyList<Point3> points;

    static Thinning() => ScriptFlags.KeepReplacedCode();

    private Thinning(IReadOnlyList<Point3> points) => this.points = points;

    /// <summary>Takes up a closed surface.</summary>
    /// <param name="points">Corners, mm; those that are left stay where they are.</param>
    /// <param name="triangles">Three indices each.</param>
    /// <exception cref="KernelException">The script failed.</exception>
    public static async Task<Thinning> Of(IReadOnlyList<Point3> points, IReadOnlyList<int> triangles)
    {
        var thinning = new Thinning(points);
        try
        {
            await thinning.Load(triangles);
            return thinning;
        }
        catch (ScriptEngineException e)
        {
            thinning.Dispose();
            throw Failed(e);
        }
    }

    private async Task Load(IReadOnlyList<int> triangles)
    {
        engine.Execute("meshopt_simplifier.js", Encoding.UTF8.GetString(KernelEngine.Resource("meshopt_simplifier.js"))
            .Replace("export { MeshoptSimplifier };", "globalThis.simplifier = MeshoptSimplifier;", StringComparison.Ordinal));
        await (Task)engine.Evaluate("simplifier.ready");
        // It goes on within a call of the engine, which must be left before the engine is ended.
        await Task.Yield();
        float[] corners = [.. points.SelectMany(p => new[] { (float)p.X, (float)p.Y, (float)p.Z })];
        ((ITypedArray<float>)engine.Evaluate($"globalThis.at = new Float32Array({corners.Length})")).Write(corners, 0, (ulong)corners.Length, 0);
        uint[] sides = [.. triangles.Select(i => (uint)i)];
        ((ITypedArray<uint>)engine.Evaluate($"globalThis.of = new Uint32Array({sides.Length})")).Write(sides, 0, (ulong)sides.Length, 0);
    }

    /// <summary>The fewest triangles that keep near what was left the last time.</summary>
    /// <param name="deviation">How far it may move, about, mm: what was left away is measured by whoever asks.</param>
    /// <returns>What is left; <c>null</c> where it meets itself, and encloses nothing that is one body.</returns>
    /// <exception cref="KernelException">The script failed.</exception>
    public ClosedMesh? Thinner(double deviation)
    {
        try
        {
            engine.Script.deviation = deviation;
            return Used(((ITypedArray<uint>)engine.Evaluate("of = simplifier.simplify(of, at, 3, 0, deviation, ['ErrorAbsolute'])[0]")).ToArray());
        }
        catch (ScriptEngineException e)
        {
            throw Failed(e);
        }
    }

    /// <inheritdoc/>
    public void Dispose() => engine.Dispose();

    private static KernelException Failed(ScriptEngineException e) => new($"The surface could not be thinned: {e.Message}", e);

    /// <summary>Of the corners that are still used, without triangles that lie on each other's back.</summary>
    private ClosedMesh? Used(uint[] triangles)
    {
        var index = new Dictionary<uint, int>();
        var single = triangles.Chunk(3).GroupBy(t => (t.Min(), t.Aggregate(0UL, (sum, i) => sum + i), t.Max())).Where(g => g.Count() % 2 == 1)
            .SelectMany(g => g.First());
        int[] own = [.. single.Select(i => index.TryGetValue(i, out var at) ? at : index[i] = index.Count)];
        return ClosedMesh.Of(index.Keys.Select(i => points[(int)i]), own);
    }
}
