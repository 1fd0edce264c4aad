namespace Emboq.Kernel;

/// <summary>What a pool has done since it started.</summary>
/// <param name="Evaluations">Programs run.</param>
/// <param name="Shared">Requests answered by a run that was under way for an equal one.</param>
/// <param name="SubtreeHits">Subtrees found ready.</param>
/// <param name="SubtreeMisses">Subtrees evaluated.</param>
/// <param name="Replaced">Engines thrown away: failed, stopped, or over their memory bound.</param>
/// <param name="MemoryBytes">What the kernels of all engines have taken for shapes.</param>
/// <param name="ScriptBytes">What their script engines have taken beside it.</param>
public sealed record KernelMetrics(long Evaluations, long Shared, long SubtreeHits, long SubtreeMisses, long Replaced, long MemoryBytes, long ScriptBytes);
