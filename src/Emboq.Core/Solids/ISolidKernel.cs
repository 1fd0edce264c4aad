namespace Emboq.Core.Solids;

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

    /// <summary>Cuts a solid into layers, from its lowest point up.</summary>
    /// <param name="solid">What to cut, turned the way it is printed.</param>
    /// <param name="layering">How.</param>
    /// <param name="chordError">Greatest distance of a facet from its round, mm.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <returns>The lowest layer first.</returns>
    Task<IReadOnlyList<Layer>> Layers(Solid solid, Layering layering, double chordError, CancellationToken stop);
}
