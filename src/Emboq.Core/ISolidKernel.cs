namespace Emboq.Core;

/// <summary>Turns described solids into triangles.</summary>
public interface ISolidKernel
{
    /// <summary>Name and version, part of the address of everything it makes.</summary>
    string Version { get; }

    /// <summary>Computes several solids together; what they share is computed once.</summary>
    /// <param name="solids">What to compute.</param>
    /// <param name="chordError">Greatest distance of a facet from its round, mm.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <returns>One mesh for each solid, in order.</returns>
    Task<IReadOnlyList<SolidMesh>> Evaluate(IReadOnlyList<Solid> solids, double chordError, CancellationToken stop);
}
