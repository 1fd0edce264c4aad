using System.Reflection;
using Emboq.Core;
using Microsoft.ClearScript;
using Microsoft.ClearScript.JavaScript;
using Microsoft.ClearScript.V8;

namespace Emboq.Kernel;

/// <summary>One script engine with the mesh kernel loaded. Not for two threads at once.</summary>
internal sealed class KernelEngine : IDisposable
{
    private readonly V8ScriptEngine engine;

    private KernelEngine(V8ScriptEngine engine) => this.engine = engine;

    /// <summary>Starts an engine; takes some tenths of a second.</summary>
    public static async Task<KernelEngine> Start()
    {
        var engine = new V8ScriptEngine(V8ScriptEngineFlags.EnableTaskPromiseConversion | V8ScriptEngineFlags.EnableDateTimeConversion);
        try
        {
            // The module looks for a few things of a page; none of them is used with the binary handed over.
            engine.Execute("globalThis.URL = class { constructor(u) { this.href = u } }; globalThis.performance = { now: () => Date.now() }; globalThis.console = { log() {}, warn() {}, error() {} }");
            var binary = Resource("manifold.wasm");
            var wasm = (ITypedArray<byte>)engine.Evaluate($"globalThis.wasm = new Uint8Array({binary.Length})");
            wasm.WriteBytes(binary, 0, (ulong)binary.Length, 0);
            var module = System.Text.Encoding.UTF8.GetString(Resource("manifold.js"))
                .Replace("import.meta.url", "''", StringComparison.Ordinal)
                .Replace("export default Module;", "", StringComparison.Ordinal);
            engine.Execute("manifold.js", module);
            engine.Execute("bridge.js", System.Text.Encoding.UTF8.GetString(Resource("bridge.js")));
            await (Task)engine.Evaluate("ready");
            engine.Execute("delete globalThis.wasm");
            return new(engine);
        }
        catch
        {
            engine.Dispose();
            throw;
        }
    }

    /// <summary>Runs a program.</summary>
    /// <exception cref="KernelException">The kernel failed or made something that is not a closed solid.</exception>
    public IReadOnlyList<SolidMesh> Run(string program)
    {
        try
        {
            var answer = (IList<object>)engine.Invoke("evaluate", program);
            return [.. answer.Select(a => Read((ScriptObject)a))];
        }
        catch (ScriptEngineException e)
        {
            throw new KernelException($"The kernel failed: {e.Message}", e);
        }
    }

    public void Dispose() => engine.Dispose();

    internal static byte[] Resource(string name)
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream(name)
            ?? throw new InvalidOperationException($"{name} was not built in.");
        using var memory = new MemoryStream();
        stream.CopyTo(memory);
        return memory.ToArray();
    }

    private static SolidMesh Read(ScriptObject answer)
    {
        var status = answer.GetProperty("status")?.ToString();
        if (status is not ("NoError" or "0"))
        {
            throw new KernelException($"The kernel made no solid: {status}.");
        }

        var vertices = ((ITypedArray<float>)answer.GetProperty("vertices")).ToArray();
        var triangles = ((ITypedArray<uint>)answer.GetProperty("triangles")).ToArray();
        var stride = Convert.ToInt32(answer.GetProperty("stride"), null);
        return Welding.Weld(vertices, stride, triangles, Convert.ToDouble(answer.GetProperty("volume"), null), Convert.ToDouble(answer.GetProperty("area"), null));
    }
}
