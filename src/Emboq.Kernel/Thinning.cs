using System.Text;
using Microsoft.ClearScript;
using Microsoft.ClearScript.JavaScript;
using Microsoft.ClearScript.V8;

namespace Emboq.Kernel;

/// <summary>Thins surfaces of many triangles: edges are drawn together where that moves the surface least (quadric error; Garland and Heckbert 1997).</summary>
public static class Thinning
{
    static Thinning() => ScriptFlags.KeepReplacedCode();

    /// <summary>The fewest triangles that keep near a closed surface; corners that are left stay where they were. A script engine of its own is started and
    /// ended for it, since such memory never shrinks: some tenths of a second.</summary>
    /// <param name="points">Corners, mm.</param>
    /// <param name="triangles">Three indices each.</param>
    /// <param name="deviation">How far it may move, about, mm: what was left away is measured by whoever asks.</param>
    /// <returns>What is left; <c>null</c> where it meets itself, and encloses nothing that is one body.</returns>
    /// <exception cref="KernelException">The script failed.</exception>
    public static async Task<ClosedMesh?> Of(IReadOnlyList<Point3> points, IReadOnlyList<int> triangles, double deviation)
    {
        float[] corners = [.. points.SelectMany(p => new[] { (float)p.X, (float)p.Y, (float)p.Z })];
        using var engine = new V8ScriptEngine(V8ScriptEngineFlags.EnableTaskPromiseConversion);
        try
        {
            engine.Execute("meshopt_simplifier.js", Encoding.UTF8.GetString(KernelEngine.Resource("meshopt_simplifier.js"))
                .Replace("export { MeshoptSimplifier };", "globalThis.simplifier = MeshoptSimplifier;", StringComparison.Ordinal));
            await (Task)engine.Evaluate("simplifier.ready");
            // It goes on within a call of the engine, which must be left before the engine is ended.
            await Task.Yield();
            var at = (ITypedArray<float>)engine.Evaluate($"globalThis.at = new Float32Array({corners.Length})");
            at.Write(corners, 0, (ulong)corners.Length, 0);
            var of = (ITypedArray<uint>)engine.Evaluate($"globalThis.of = new Uint32Array({triangles.Count})");
            of.Write([.. triangles.Select(i => (uint)i)], 0, (ulong)triangles.Count, 0);
            engine.Script.deviation = deviation;
            var left = (ITypedArray<uint>)engine.Evaluate("simplifier.simplify(of, at, 3, 0, deviation, ['ErrorAbsolute'])[0]");
            return Used(points, left.ToArray());
        }
        catch (ScriptEngineException e)
        {
            throw new KernelException($"The surface could not be thinned: {e.Message}", e);
        }
    }

    /// <summary>Of the corners that are still used, without triangles that lie on each other's back.</summary>
    private static ClosedMesh? Used(IReadOnlyList<Point3> points, uint[] triangles)
    {
        var index = new Dictionary<uint, int>();
        var single = triangles.Chunk(3).GroupBy(t => (t.Min(), t.Aggregate(0UL, (sum, i) => sum + i), t.Max())).Where(g => g.Count() % 2 == 1)
            .SelectMany(g => g.First());
        int[] own = [.. single.Select(i => index.TryGetValue(i, out var at) ? at : index[i] = index.Count)];
        return ClosedMesh.Of(index.Keys.Select(i => points[(int)i]), own);
    }
}
