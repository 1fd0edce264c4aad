namespace Emboq.Kernel;

/// <summary>Bounds of a pool.</summary>
public sealed record KernelLimits
{
    /// <summary>How many engines; one for each core is plenty.</summary>
    public int Engines { get; init; } = Math.Clamp(Environment.ProcessorCount, 1, 8);

    /// <summary>The longest a shape may take.</summary>
    public TimeSpan Longest { get; init; } = TimeSpan.FromSeconds(20);

    /// <summary>How long a run whose asker has gone may go on before it is stopped: most end sooner than a new engine starts.</summary>
    public TimeSpan Grace { get; init; } = TimeSpan.FromMilliseconds(300);

    /// <summary>An engine whose kernel has taken more bytes is replaced.</summary>
    public long MemoryBytes { get; init; } = 192L << 20;

    /// <summary>An engine whose scripts have taken more bytes beside the kernel is tidied up before its next use.</summary>
    public long ScriptBytes { get; init; } = 48L << 20;

    /// <summary>Triangles of evaluated subtrees that each engine keeps.</summary>
    public int KeptTriangles { get; init; } = 400_000;
}
