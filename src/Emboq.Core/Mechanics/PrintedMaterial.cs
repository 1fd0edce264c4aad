namespace Emboq.Core.Mechanics;

/// <summary>What a printed filament bears. Its figures are those of the filament as it was entered; what is allowed of them is common practice, no
/// published source, for prints scatter.</summary>
/// <param name="Name">As shown.</param>
/// <param name="Sort">What sort it is.</param>
/// <param name="Stiffness">Young's modulus along its lines, MPa.</param>
/// <param name="Along">Stress that it bears along its lines, MPa.</param>
/// <param name="Across">Stress that it bears across its layers, MPa.</param>
internal sealed record PrintedMaterial(string Name, FilamentClass Sort, Quantity Stiffness, Quantity Along, Quantity Across)
{
    /// <summary>Of what breaks a sample, so much is borne: one third.</summary>
    public const double Safety = 3;

    private static readonly Unit Pressure = new(Mm: -2, Newton: 1);

    /// <summary>What is kept of a force that is held for a day, strain that is borne once, and ten thousand times, by sort.</summary>
    private static readonly Dictionary<FilamentClass, (double Kept, double Once, double Often)> Sorts = new()
    {
        [FilamentClass.Plain] = (0.5, 0.02, 0.006),
        [FilamentClass.Tough] = (0.6, 0.03, 0.012),
        [FilamentClass.HeatStable] = (0.7, 0.025, 0.01),
        [FilamentClass.Soft] = (0.3, 0.2, 0.1),
        [FilamentClass.Filled] = (0.7, 0.01, 0.004),
    };

    /// <summary>What a process prints with; <c>null</c> where too little is known of its filament for anything to be judged.</summary>
    public static PrintedMaterial? Of(Process process)
    {
        Quantity Figure(string name, double value, double spread) => Quantity.Input(name, value, Pressure, new Provenance.RuleOfThumb(
            "As entered for the filament; prints scatter by so much."), (new Source($"{name}/{process.Material}",
                $"{name} of {process.Material}", spread * value), 1));
        return process is { Sort: { } sort, Stiffness: { } stiff, StrengthAlong: { } along, StrengthAcross: { } across } && Sorts.ContainsKey(sort)
            ? new(process.Material, sort, Figure("stiffness along lines", stiff, 0.15), Figure("breaking stress along lines", along, 0.15),
                Figure("breaking stress across layers", across, 0.25))
            : null;
    }

    /// <summary>Share of a lasting force that is left after a day: plastic creeps.</summary>
    /// <param name="warm">Near a motor or in the sun, where three tenths more are lost.</param>
    public Quantity KeptForADay(bool warm) => Quantity.RuleOfThumb("share left after a day", Sorts[Sort].Kept * (warm ? 0.7 : 1), Unit.None,
        $"A lasting load creeps; of a {Filament.Describe(Sort)} filament about so much is left{(warm ? " where it is warm" : "")}.");

    /// <summary>The strain it bears.</summary>
    /// <param name="times">How often in all.</param>
    public Quantity Strain(double times) => Quantity.RuleOfThumb($"strain borne {times:0} times", Lifetime.Between(Sorts[Sort].Once, Sorts[Sort].Often, times),
        Unit.None, $"Usual for a {Filament.Describe(Sort)} filament along its lines.");
}
