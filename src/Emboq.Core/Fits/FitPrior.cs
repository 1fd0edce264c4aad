namespace Emboq.Core.Fits;

/// <summary>What is believed of a printed face before anything was tried (docs/fits.md): the allowance as it is stated, its doubt split over causes that faces,
/// filaments and printers share, so that a try of one teaches the others by as much as they have in common.</summary>
internal static class FitPrior
{
    /// <summary>Shares of the variance of a stated allowance: what all prints of such a filament by such a nozzle have in common, what its printer lays too
    /// wide everywhere, what its filament does, and what is left to the setup. Argued, no published source.</summary>
    private const double OfClass = 0.45, OfPrinter = 0.15, OfFilament = 0.15, OfSetup = 0.25;

    /// <summary>Doubt of a filament's shrinkage, mm a mm: some tenths of a percent are left after what a machine corrects; argued, no published
    /// source.</summary>
    private const double Shrinks = 0.0015;

    /// <summary>Upright holes below this size, mm, close more than others, and nobody knows by how much: doubt at nothing, mm.</summary>
    private const double Small = 6, SmallDoubt = 0.06;

    /// <summary>Drawn minus printed on the full size, mm.</summary>
    public static Quantity Allowance(Process process, Face face)
    {
        var (known, kind) = (Known(process, face), Process.Describe(face.Surface));
        var (u, hole) = (known.StandardUncertainty, face.Surface.IsHole());
        var key = $"{face.Surface}/{face.Lie}";
        var (printer, sort) = (process.PrinterId?.ToString() ?? process.Printer, Filament.Describe(process.Sort ?? FilamentClass.Other));
        var nozzle = FormattableString.Invariant($"{process.Nozzle ?? process.LineWidth:0.##}");
        // What is stated more sharply than by common practice was measured on this setup: its doubt is its own.
        var shared = Math.Min(1, Math.Pow(u / UsualAllowances.Of(face.Surface, face.Lie).StandardUncertainty, 2));
        var (ofClass, ofPrinter, ofFilament) = (Math.Sqrt(shared * OfClass) * u, Math.Sqrt(shared * OfPrinter) * u, Math.Sqrt(shared * OfFilament) * u);
        // Shrinkage grows with the size, and takes its share from what the filament does.
        var shrinks = Math.Min(Shrinks * face.Size, ofFilament);
        List<(Source, double)> terms =
        [
            Term($"class/{sort}/{nozzle}/{key}", $"how {kind}s of {sort} filament come out of a nozzle of {nozzle} mm", ofClass),
            Term($"printer/{printer}", $"how wide {process.Printer} lays its lines", ofPrinter, hole ? 1 : -1),
            Term($"filament/{process.Material}/shrinks", $"how {process.Material} shrinks", shrinks),
            Term($"filament/{process.Material}/{key}", $"how {kind}s of {process.Material} come out",
                Math.Sqrt(Math.Max(0, (ofFilament * ofFilament) - (shrinks * shrinks)))),
            Term($"process/{process.Id}/{key}", $"how {kind}s come out on {process.Name}", Math.Sqrt(1 - (shared * (1 - OfSetup))) * u),
        ];
        if (face.Surface == Surface.HoleUpright && face.Size < Small)
        {
            terms.Add(Term($"process/{process.Id}/small", $"how small holes come out on {process.Name}", SmallDoubt * (Small - face.Size) / Small));
        }

        return Quantity.Input($"{kind} allowance", known.Value, Unit.Millimetre, new Provenance.RuleOfThumb(known.Basis), terms.Where(t => t.Item2 != 0));
    }

    /// <summary>What one print adds by chance: nothing, mm, with a spread of its own.</summary>
    /// <param name="process">What it was printed with.</param>
    /// <param name="face">The face.</param>
    /// <param name="id">Of the print: whatever is told of it shares its chance.</param>
    /// <param name="name">In words.</param>
    public static Quantity Scatter(Process process, Face face, string id, string name) =>
        Quantity.Input("print scatter", 0, Unit.Millimetre, new Provenance.RuleOfThumb("Two prints of one size differ a little."),
            (new Source(id, name, Known(process, face).PrintScatter), 1));

    /// <summary>What the process states, or where every process starts.</summary>
    private static Allowance Known(Process process, Face face) =>
        process.Allowances.GetValueOrDefault(face.Surface) ?? UsualAllowances.Of(face.Surface, face.Lie);

    /// <summary>Sources of doubt have one spread under one id; how much of it a face feels is its partial.</summary>
    private static (Source, double) Term(string id, string name, double spread, int sign = 1) => (new(id, name, 1), sign * spread);
}
