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

    /// <summary>Measures how two solids lie to each other, on facets: material is a little smaller than its rounds, so a gap may be told up to two chord
    /// errors too wide.</summary>
    /// <param name="a">The one.</param>
    /// <param name="b">The other, in the same frame.</param>
    /// <param name="reach">How far to look for a gap, mm.</param>
    /// <param name="chordError">Greatest distance of a facet from its round, mm.</param>
    /// <param name="stop">Ends the wait.</param>
    Task<Meeting> Between(Solid a, Solid b, double reach, double chordError, CancellationToken stop);
}
