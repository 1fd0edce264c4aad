namespace Emboq.Web;

/// <summary>A part of a job with everything it is computed from, for another Emboq. Lengths mm.</summary>
/// <param name="Format">Always "emboq-job".</param>
/// <param name="Schema">Version of this shape.</param>
/// <param name="Job">Name of the job.</param>
/// <param name="Need">What it is for.</param>
/// <param name="Part">Name of the part.</param>
/// <param name="Family">Key of its family.</param>
/// <param name="Parameters">The decisions.</param>
/// <param name="Process">What it was printed with.</param>
/// <param name="Places">Slot to the machine's place with its readings.</param>
/// <param name="Row">The members of a row.</param>
/// <param name="Serves">How files of before said which part it takes its holes from; it is read and never written.</param>
/// <param name="Givers">The parts that it takes something from.</param>
/// <param name="Takes">What it takes, by slot.</param>
/// <param name="Setups">What pieces and proofs are printed with that have a setup of their own, by their keys.</param>
public sealed record JobFile(string Format, int Schema, string Job, string Need, string Part, string Family, IReadOnlyDictionary<string, string> Parameters,
    Process Process, IReadOnlyDictionary<string, PlaceFile> Places, IReadOnlyList<RowItem>? Row = null, GiverFile? Serves = null,
    IReadOnlyList<GiverFile>? Givers = null, IReadOnlyDictionary<string, TakenFile>? Takes = null,
    IReadOnlyDictionary<string, Process>? Setups = null)
{
    /// <summary>The only format there is.</summary>
    public const string TheFormat = "emboq-job";

    /// <summary>The same in the words of today.</summary>
    public JobFile Told() => Serves is null ? this
        : this with { Serves = null, Givers = [Serves], Takes = new Dictionary<string, TakenFile> { ["pattern"] = new(0, GivenThing.Holes.Key) } };
}

/// <summary>Where something is taken from.</summary>
/// <param name="Giver">Which of the file's givers, counted from 0.</param>
/// <param name="Thing">Key of what it gives.</param>
public sealed record TakenFile(int Giver, string Thing);

/// <summary>A part that another takes something from.</summary>
/// <param name="Part">Name of the part.</param>
/// <param name="Family">Key of its family.</param>
/// <param name="Parameters">The decisions.</param>
/// <param name="Places">Slot to the machine's place with its readings.</param>
/// <param name="Row">The members of a row.</param>
public sealed record GiverFile(string Part, string Family, IReadOnlyDictionary<string, string> Parameters, IReadOnlyDictionary<string, PlaceFile> Places,
    IReadOnlyList<RowItem>? Row = null);

/// <summary>A place of a machine.</summary>
/// <param name="Machine">Name of the machine.</param>
/// <param name="Name">Name of the place.</param>
/// <param name="Kind">Key of its kind.</param>
/// <param name="Readings">The readings that count, in the order they were taken.</param>
/// <param name="Items">Names of what is repeated on it.</param>
/// <param name="Outline">What was taken from a drawing of it.</param>
public sealed record PlaceFile(string Machine, string Name, string Kind, IReadOnlyList<ReadingFile> Readings, IReadOnlyList<string>? Items = null,
    Traced? Outline = null);

/// <summary>A reading.</summary>
/// <param name="Dimension">Key of the dimension.</param>
/// <param name="Millimetres">Its value, in the unit of its dimension: mm for lengths.</param>
/// <param name="Text">As it was entered.</param>
/// <param name="Instrument">What it was taken with.</param>
/// <param name="At">When.</param>
/// <param name="Direction">At which angle around a round place, degrees.</param>
/// <param name="Remark">What the reader noted.</param>
public sealed record ReadingFile(string Dimension, double Millimetres, string Text, Instrument Instrument, DateTimeOffset At,
    double? Direction = null, string? Remark = null);
