namespace Emboq.Core.Fits;

/// <summary>What a process does to printed faces, by all that was ever tried in the workshop (docs/fits.md).</summary>
/// <param name="Process">The process.</param>
/// <param name="Belief">What tries have made of it.</param>
/// <param name="HasOwn">Whether the part's own tries are among them; otherwise they are added where they are told.</param>
public sealed record LearnedFits(Process Process, FitBelief Belief, bool HasOwn = false) : IFitModel
{
    /// <summary>Before anything was tried.</summary>
    public LearnedFits(Process process) : this(process, FitBelief.None)
    {
    }

    /// <inheritdoc/>
    public FitWindows Windows { get; init; } = FitWindows.None;

    /// <inheritdoc/>
    public IFitModel On(Process process) => this with { Process = process };

    /// <inheritdoc/>
    public Quantity Allowance(Face face) => Belief.Given(FitPrior.Allowance(Process, face));

    /// <inheritdoc/>
    public Quantity Scatter(Face face, string place) => FitPrior.Scatter(Process, face, $"scatter/{Process.Id}/{place}",
        $"scatter between prints of the {place}");

    /// <inheritdoc/>
    public Quantity Touching(SizeLaw law, IReadOnlyList<TryEvidence> tries) =>
        (HasOwn ? Belief : Belief.With(Own(law, tries))).Given(law.Counterpart + FitPrior.Allowance(Process, law.Face));

    /// <inheritdoc/>
    public IReadOnlyList<string> Contradictions(SizeLaw law, IReadOnlyList<TryEvidence> tries) =>
        [.. Own(law, tries).Select(Contradiction.Says).OfType<string>()];

    /// <summary>What was printed once: a ring of a ladder is a print of its own.</summary>
    private IReadOnlyList<TriedPrint> Own(SizeLaw law, IReadOnlyList<TryEvidence> tries) =>
    [
        .. tries.Where(t => t is { Feel: not null } or { Printed: not null, Instrument: not null }).GroupBy(t => (t.Revision, t.Drawn)).Select(p =>
            new TriedPrint(FormattableString.Invariant($"own/{law.Place}/{p.Key.Revision}/{p.Key.Drawn}"), $"revision {p.Key.Revision}", Process, law.Face,
                p.Key.Drawn, law.Counterpart, law.Words, [.. p.Select(t => t.Feel).OfType<Feel>()],
                [.. p.Where(t => t is { Printed: not null, Instrument: not null }).Select(t => (t.Printed!.Value, t.Instrument!))])),
    ];
}
