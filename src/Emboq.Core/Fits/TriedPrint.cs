namespace Emboq.Core.Fits;

/// <summary>One printed face that was tried, with all that was told of it.</summary>
/// <param name="Id">Unique: what was told of one print shares its chance.</param>
/// <param name="Name">In words: "revision 3".</param>
/// <param name="Process">What it was printed with, as that stood.</param>
/// <param name="Face">The face.</param>
/// <param name="Drawn">Its size in the solid, mm.</param>
/// <param name="Counterpart">The size that it met, mm, as far as it is known now; <c>null</c> where nobody knows it: then words say nothing.</param>
/// <param name="Words">How a hand tells its fit.</param>
/// <param name="Felt">What hands said, in any order.</param>
/// <param name="Measured">What was read on the print, mm, and with what.</param>
/// <param name="RunsSince">Prints that its printer has finished since.</param>
/// <param name="ServicesSince">How often its printer was serviced since.</param>
public sealed record TriedPrint(string Id, string Name, Process Process, Face Face, double Drawn, Quantity? Counterpart, SeatWords Words,
    IReadOnlyList<Feel> Felt, IReadOnlyList<(double Printed, Instrument Instrument)> Measured, int RunsSince = 0, int ServicesSince = 0)
{
    /// <summary>With what its size was read after it was sanded, reamed or taped: <see cref="Drawn"/> is that size, and what was felt tells of what it met
    /// and of the hand, not of the print. <c>null</c> of what was felt as it came off the bed.</summary>
    public Instrument? Worked { get; init; }

    /// <summary>Which size of which machine it met; <c>null</c> where nobody knows.</summary>
    public string? Met { get; init; }

    /// <summary>Whose hand felt it: that of another workshop; empty of this one's.</summary>
    public string Hand { get; init; } = "";

    /// <summary>A printer drifts from run to run, and a serviced one more: doubt that is added, mm. Argued, no published source.</summary>
    private const double DriftOfARun = 0.01, DriftOfAService = 0.06;

    /// <summary>Runs of one era drift together.</summary>
    private const int Era = 10;

    /// <summary>Drawn minus printed as it stood then, mm: as now, and what drifted since.</summary>
    internal Quantity Allowance => FitPrior.Allowance(Process, Face) + Quantity.Input("drift", 0, Unit.Millimetre, new Provenance.RuleOfThumb(
        "Printers drift from run to run."), DriftTerms());

    /// <summary>Its own chance.</summary>
    internal Quantity Scatter => FitPrior.Scatter(Process, Face, $"print/{Id}", $"scatter of {Name}");

    private IEnumerable<(Source, double)> DriftTerms()
    {
        var (era, sign) = (RunsSince / Era, Face.Surface.IsHole() ? 1 : -1);
        var spread = Math.Sqrt((RunsSince * DriftOfARun * DriftOfARun) + (ServicesSince * DriftOfAService * DriftOfAService));
        if (spread > 0)
        {
            yield return (new($"drift/{Process.PrinterId?.ToString() ?? Process.Printer}/{era}/{ServicesSince}", $"how {Process.Printer} has drifted since", 1),
                sign * spread);
        }
    }

    /// <summary>The clearance that a hand felt, mm, as it is believed before any word.</summary>
    internal Quantity? Clearance => Counterpart is null ? null : Worked is not null ? Looser(Exactly(Drawn) + Telling.Error(this, Worked, 1), Counterpart)
        : Looser(Exactly(Drawn), Counterpart + Allowance) + Scatter;

    private Quantity Looser(Quantity face, Quantity met) => Face.Surface.IsHole() ? face - met : met - face;

    /// <summary>The printed size, mm, as it is believed before any reading.</summary>
    internal Quantity Printed => Face.Surface.IsHole() ? Exactly(Drawn) - Allowance + Scatter : Exactly(Drawn) - Allowance - Scatter;

    private static Quantity Exactly(double drawn) => Quantity.Chosen("drawn", drawn, Unit.Millimetre, "the revision");
}
