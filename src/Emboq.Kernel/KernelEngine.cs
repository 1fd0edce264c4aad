using System.Reflection;
using System.Text;
using Microsoft.ClearScript;
using Microsoft.ClearScript.JavaScript;
using Microsoft.ClearScript.V8;

namespace Emboq.Kernel;

/// <summary>One script engine with the mesh kernel loaded. Not for two threads at once.</summary>
internal sealed class KernelEngine : IDisposable
{
    /// <summary>Things of a page that the module looks for; none is used with the binary handed over. The memory is caught to be watched.</summary>
    private const string Surroundings = """
        globalThis.URL = class { constructor(u) { this.href = u } }
        globalThis.performance = { now: () => Date.now() }
        globalThis.console = { log() {}, warn() {}, error() {} }
        const instantiate = WebAssembly.instantiate
        WebAssembly.instantiate = async (...given) => {
          const made = await instantiate(...given)
          const memory = Object.values((made.instance ?? made).exports).find((e) => e instanceof WebAssembly.Memory)
          globalThis.memory = () => memory.buffer.byteLength
          return made
        }
        """;

    private readonly V8ScriptEngine engine;

    static KernelEngine() => ScriptFlags.KeepReplacedCode();

    private KernelEngine(V8ScriptEngine engine) => this.engine = engine;

    /// <summary>An engine that was ever told to stop is of no further use: the order may still lie in it.</summary>
    public bool Interrupted { get; private set; }

    /// <summary>Bytes that the script engine has taken: its heap and the arrays beside it (the kernel's own memory is not among them).</summary>
    public long ScriptMemory
    {
        get
        {
            var heap = engine.GetRuntimeHeapInfo();
            return (long)(heap.TotalHeapSize + heap.TotalExternalSize);
        }
    }

    /// <summary>What the pool has counted of it so far, bytes.</summary>
    public (long Kernel, long Script) Counted { get; set; }

    /// <summary>Starts an engine; takes some tenths of a second.</summary>
    /// <param name="keptTriangles">How many triangles of evaluated subtrees it may keep.</param>
    public static async Task<KernelEngine> Start(int keptTriangles)
    {
        var engine = new V8ScriptEngine(V8ScriptEngineFlags.EnableTaskPromiseConversion);
        try
        {
            engine.Execute(Surroundings);
            engine.Script.keptTriangles = keptTriangles;
            var binary = Resource("manifold.wasm");
            var wasm = (ITypedArray<byte>)engine.Evaluate($"globalThis.wasm = new Uint8Array({binary.Length})");
            wasm.WriteBytes(binary, 0, (ulong)binary.Length, 0);
            var module = Encoding.UTF8.GetString(Resource("manifold.js"))
                .Replace("import.meta.url", "''", StringComparison.Ordinal)
                .Replace("export default Module;", "", StringComparison.Ordinal);
            engine.Execute("manifold.js", module);
            foreach (var script in new[] { "sections.js", "hanging.js", "layers.js", "ribs.js", "threads.js", "bridge.js" })
            {
                engine.Execute(script, Encoding.UTF8.GetString(Resource(script)));
            }

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

    /// <summary>Turns the results of a program into meshes.</summary>
    /// <exception cref="KernelException">The kernel failed, was interrupted, or made something that is not a closed solid.</exception>
    public KernelAnswer<IReadOnlyList<SolidMesh>> Meshes(string program) =>
        Run<IReadOnlyList<SolidMesh>>("meshes", answer => Let(answer, all =>
            ((IList<object>)all).Select(m => Let(m, one => Read((ScriptObject)one))).ToList()), program);

    /// <summary>Cuts the one result of a program into layers.</summary>
    /// <exception cref="KernelException">The kernel failed or was interrupted.</exception>
    public KernelAnswer<IReadOnlyList<Layer>> Layers(string program, Layering l) =>
        Run<IReadOnlyList<Layer>>("layers", answer => [.. Numbers<double>(answer).Chunk(11).Select(v =>
            new Layer(v[0], v[1], (int)v[2], v[3], v[4], v[5], v[6], v[7], v[8], v[9], v[10]))],
            program, l.Height, l.LineWidth, l.Walls, l.Skins);

    /// <summary>Measures the two results of a program against each other.</summary>
    /// <exception cref="KernelException">The kernel failed or was interrupted.</exception>
    public KernelAnswer<Meeting> Between(string program, double reach) =>
        Run<Meeting>("between", answer => Numbers<double>(answer) is var n && n[2] < reach ? new Meeting(n[0], n[1], n[2])
            : new(n[0], n[1], null), program, reach);

    private KernelAnswer<T> Run<T>(string function, Func<object, T> read, params object[] arguments)
    {
        try
        {
            using var answer = (ScriptObject)engine.Invoke(function, arguments);
            return new(
                read(answer.GetProperty("answer")),
                Convert.ToInt32(answer.GetProperty("hits"), null),
                Convert.ToInt32(answer.GetProperty("misses"), null),
                Convert.ToInt64(answer.GetProperty("memory"), null));
        }
        catch (ScriptInterruptedException e)
        {
            throw new KernelException("The kernel took too long over this shape and was stopped.", e);
        }
        catch (ScriptEngineException e)
        {
            throw new KernelException($"The kernel failed: {e.Message}", e);
        }
    }

    /// <summary>Stops a run from another thread; the engine is of no further use.</summary>
    public void Interrupt()
    {
        Interrupted = true;
        engine.Interrupt();
    }

    /// <summary>Gives up what no script holds any more.</summary>
    public void CollectGarbage() => engine.CollectGarbage(exhaustive: true);

    public void Dispose() => engine.Dispose();

    internal static byte[] Resource(string name)
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream(name)
            ?? throw new InvalidOperationException($"{name} was not built in.");
        using var memory = new MemoryStream();
        stream.CopyTo(memory);
        return memory.ToArray();
    }

    private static T[] Numbers<T>(object array)
        where T : unmanaged => Let(array, given => ((ITypedArray<T>)given).ToArray());

    /// <summary>Reads off a thing of the script and lets go of it at once: its arrays lie outside both heaps, and no collector hurries to free what the other
    /// side still holds.</summary>
    private static T Let<T>(object of, Func<object, T> read)
    {
        using var held = (ScriptObject)of;
        return read(held);
    }

    private static SolidMesh Read(ScriptObject answer)
    {
        var status = answer.GetProperty("status")?.ToString();
        if (status is not ("NoError" or "0"))
        {
            throw new KernelException($"The kernel made no solid: {status}.");
        }

        var vertices = Numbers<float>(answer.GetProperty("vertices"));
        var triangles = Numbers<uint>(answer.GetProperty("triangles"));
        var stride = Convert.ToInt32(answer.GetProperty("stride"), null);
        return Welding.Weld(vertices, stride, triangles, Convert.ToDouble(answer.GetProperty("volume"), null),
            Convert.ToDouble(answer.GetProperty("area"), null));
    }
}

/// <summary>What a run gave.</summary>
/// <param name="Answer">The result itself.</param>
/// <param name="Hits">Subtrees found ready.</param>
/// <param name="Misses">Subtrees evaluated.</param>
/// <param name="Memory">Bytes the kernel has taken; it never gives any back.</param>
internal sealed record KernelAnswer<T>(T Answer, int Hits, int Misses, long Memory);
