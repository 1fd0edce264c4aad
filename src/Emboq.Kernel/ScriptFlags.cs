using System.Runtime.InteropServices;

namespace Emboq.Kernel;

/// <summary>Flags of the script engine that its .NET face does not offer. They take effect only before the first engine starts.</summary>
internal static class ScriptFlags
{
    /// <summary>Machine code of WebAssembly that a better version has replaced is kept (a few megabytes, shared by all engines) instead of collected:
    /// the collector posts a task to an engine, and an engine that is being disposed of runs it at once, under a lock it already holds. Then everything
    /// hangs.</summary>
    public static void KeepReplacedCode() => SetFlagsFromString("--no-wasm-code-gc\0"u8.ToArray());

    // The engine's own public function v8::V8::SetFlagsFromString(const char*), by its C++ name.
    [DllImport("ClearScriptV8.linux-x64", EntryPoint = "_ZN2v82V818SetFlagsFromStringEPKc")]
    private static extern void SetFlagsFromString(byte[] flags);
}
