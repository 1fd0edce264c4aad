using System.Runtime.InteropServices;

namespace Emboq.Kernel;

/// <summary>The C library's heap, where script engines keep arrays and code.</summary>
internal static class NativeHeap
{
    /// <summary>Hands pages that nothing lies on back to the system: the library keeps them for ever otherwise, and after hours of use they are most of what
    /// the process holds.</summary>
    public static void GiveBack() => _ = Trim(0);

    [DllImport("libc", EntryPoint = "malloc_trim")]
    private static extern int Trim(nuint kept);
}
