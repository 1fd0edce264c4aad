namespace Emboq.Core.Fits;

/// <summary>What a process does to printed faces, and what tries have taught of it.</summary>
public interface IFitModel
{
    /// <summary>The process.</summary>
    Process Process { get; }

    /// <summary>What this workshop means by a fit.</summary>
    FitWindows Windows { get; }

    /// <summary>The same belief, of what another process does.</summary>
    IFitModel On(Process process);

    /// <summary>Drawn minus printed on the full size, mm, signed, with how well it is known.</summary>
    Quantity Allowance(Face face);

    /// <summary>The same of a face that stands as its kind says.</summary>
    Quantity Allowance(Surface surface, double size) => Allowance(Face.Of(surface, size));

    /// <summary>What a single print adds by chance on top of the allowance: nothing, mm, with a spread of its own.</summary>
    /// <param name="face">The face.</param>
    /// <param name="place">Which face it is, for the name: places of one name share their chance.</param>
    Quantity Scatter(Face face, string place);

    /// <summary>The drawn size that would just touch the machine, mm, by all that is known.</summary>
    /// <param name="law">The fitted face.</param>
    /// <param name="tries">Tries of this face on this process, oldest first.</param>
    Quantity Touching(SizeLaw law, IReadOnlyList<TryEvidence> tries);

    /// <summary>What was told of one print that cannot all be right, in words; empty when all agree.</summary>
    /// <param name="law">The fitted face.</param>
    /// <param name="tries">Tries of this face on this process.</param>
    IReadOnlyList<string> Contradictions(SizeLaw law, IReadOnlyList<TryEvidence> tries);
}
