using System.Security.Cryptography;
using System.Text;

namespace Emboq.Core.Fits;

/// <summary>What a workshop's prints have told, for another workshop: evidence, not conclusions, so that the other believes no more of it than its own setups
/// have in common with these. Lengths mm.</summary>
/// <param name="Format">Always "emboq-learned".</param>
/// <param name="Schema">Version of this shape.</param>
/// <param name="Workshop">Whose prints they are.</param>
/// <param name="Setups">What they were printed with.</param>
/// <param name="Prints">Faces that were read or felt, the newest last.</param>
public sealed record LearnedFile(string Format, int Schema, Guid Workshop, IReadOnlyList<Process> Setups, IReadOnlyList<LearnedPrint> Prints)
{
    /// <summary>The only format there is.</summary>
    public const string TheFormat = "emboq-learned";

    /// <summary>The newest of so many tell nearly all that all do.</summary>
    public const int MostPrints = 100;

    /// <summary>Writes what a workshop's own prints told.</summary>
    public static LearnedFile Of(Guid workshop, IReadOnlyList<TriedPrint> own)
    {
        var prints = own.TakeLast(MostPrints).ToList();
        var setups = prints.Select(p => p.Process).DistinctBy(p => p.Id).ToList();
        return new(TheFormat, 1, workshop, setups, [.. prints.Select(p => LearnedPrint.Of(p, setups.FindIndex(s => s.Id == p.Process.Id)))]);
    }

    /// <summary>The prints as evidence here: another workshop's printers, hands and instruments are others than these, whatever they are called.</summary>
    /// <param name="name">What that workshop is called here.</param>
    public IEnumerable<TriedPrint> Told(string name)
    {
        var setups = Setups.Select(s => s with
        {
            Id = Elsewhere($"setup/{s.Id}"),
            PrinterId = Elsewhere($"printer/{s.PrinterId?.ToString() ?? s.Printer}"),
            Name = $"{s.Name} of {name}",
        }).ToList();
        return Prints.Select(p => p.Told($"{Workshop}", setups[p.Setup], $"a print of {name}"));
    }

    /// <summary>An identity here for something there: the same whenever it is asked.</summary>
    private Guid Elsewhere(string what) => new(SHA256.HashData(Encoding.UTF8.GetBytes($"{Workshop}/{what}")).AsSpan(0, 16));
}

/// <summary>One printed face with all that was told of it.</summary>
/// <param name="Id">Unique among the prints of its workshop.</param>
/// <param name="Setup">Which of the file's setups, counted from 0.</param>
/// <param name="Face">The face.</param>
/// <param name="Drawn">Its size in the solid.</param>
/// <param name="Met">What it met; <c>null</c> where nobody knows.</param>
/// <param name="Joint">Key of the words that its hand used.</param>
/// <param name="Felt">The words.</param>
/// <param name="Measured">What was read.</param>
/// <param name="RunsSince">Prints that its printer has finished since.</param>
/// <param name="ServicesSince">How often its printer was serviced since.</param>
/// <param name="Worked">With what its size was read after it was worked by hand.</param>
public sealed record LearnedPrint(string Id, int Setup, Face Face, double Drawn, MetSize? Met, string Joint, IReadOnlyList<Feel> Felt,
    IReadOnlyList<ReadPrint> Measured, int RunsSince = 0, int ServicesSince = 0, Instrument? Worked = null)
{
    internal static LearnedPrint Of(TriedPrint p, int setup) => new(p.Id, setup, p.Face, p.Drawn,
        p.Counterpart is { } met ? new(p.Met ?? p.Id, met.Value, met.StandardUncertainty) : null, p.Words.Key, p.Felt,
        [.. p.Measured.Select(m => new ReadPrint(m.Printed, m.Instrument))], p.RunsSince, p.ServicesSince, p.Worked);

    internal TriedPrint Told(string workshop, Process setup, string name) => new($"from/{workshop}/{Id}", name, setup, Face, Drawn,
        Met is null ? null : Quantity.Input("as another workshop knows it", Met.Size, Unit.Millimetre, new Provenance.Measured($"readings of {name}"),
            (new Source($"met/{workshop}/{Met.Of}", "what another workshop knows of its machine", 1, Kind: SourceKind.Measuring), Met.Doubt)),
        SeatWords.Of(Joint), Felt, [.. Measured.Select(m => (m.Size, Theirs(workshop, m.Instrument)))], RunsSince, ServicesSince)
    {
        Hand = workshop,
        Worked = Worked is null ? null : Theirs(workshop, Worked),
    };

    private static Instrument Theirs(string workshop, Instrument instrument) => instrument with { Id = $"{workshop}/{instrument.Id}" };
}

/// <summary>A size of a machine that a print met.</summary>
/// <param name="Of">Which: prints that met the same have its doubt in common.</param>
/// <param name="Size">mm.</param>
/// <param name="Doubt">One standard deviation, mm.</param>
public sealed record MetSize(string Of, double Size, double Doubt);

/// <summary>A size that was read on a print.</summary>
/// <param name="Size">mm.</param>
/// <param name="Instrument">With what.</param>
public sealed record ReadPrint(double Size, Instrument Instrument);
