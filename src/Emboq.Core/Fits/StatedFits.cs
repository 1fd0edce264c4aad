namespace Emboq.Core.Fits;

/// <summary>The plain rule: what the process states of a kind of face, whatever its size, corrected by the part's own tries alone.</summary>
/// <param name="Process">The process.</param>
public sealed record StatedFits(Process Process) : IFitModel
{
    /// <inheritdoc/>
    public Quantity Allowance(Face face)
    {
        var (allowance, kind) = (Known(face), Process.Describe(face.Surface));
        return Quantity.Input($"{kind} allowance", allowance.Value, Unit.Millimetre, new Provenance.RuleOfThumb(allowance.Basis),
            [(new($"process/{Process.Id}/{face.Surface}", $"how {kind}s come out on {Process.Name}", allowance.StandardUncertainty), 1)]);
    }

    /// <inheritdoc/>
    public Quantity Scatter(Face face, string place) =>
        Quantity.Input("print scatter", 0, Unit.Millimetre, new Provenance.RuleOfThumb("Two prints of one size differ a little."),
            [(new($"scatter/{Process.Id}/{place}", $"scatter between prints of the {place}", Known(face).PrintScatter), 1)]);

    /// <inheritdoc/>
    public Quantity Touching(SizeLaw law, IReadOnlyList<TryEvidence> tries) => Correction.Touching(law, Known(law.Face).PrintScatter, tries);

    /// <inheritdoc/>
    public IReadOnlyList<string> Contradictions(SizeLaw law, IReadOnlyList<TryEvidence> tries) => Correction.Contradictions(law, tries);

    /// <summary>What the process states, or where every process starts.</summary>
    private Allowance Known(Face face) => Process.Allowances.GetValueOrDefault(face.Surface) ?? UsualAllowances.Of(face.Surface, face.Lie);
}
