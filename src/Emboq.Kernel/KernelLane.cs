namespace Emboq.Kernel;

/// <summary>A pool as one sort of work sees it. It may be disposed of with a request; the pool lives on.</summary>
internal sealed class KernelLane(KernelPool pool, bool isPatient) : ISolidKernel
{
    public string Version => pool.Version;

    public Task<IReadOnlyList<SolidMesh>> Evaluate(IReadOnlyList<Solid> solids, double chordError, CancellationToken stop) =>
        pool.Evaluate(solids, chordError, isPatient, stop);

    public Task<IReadOnlyList<Layer>> Layers(Solid solid, Layering layering, double chordError, CancellationToken stop) =>
        pool.Layers(solid, layering, chordError, isPatient, stop);

    public Task<Meeting> Between(Solid a, Solid b, double reach, double chordError, CancellationToken stop) =>
        pool.Between(a, b, reach, chordError, isPatient, stop);
}
