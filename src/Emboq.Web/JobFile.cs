using Emboq.Core;

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
public sealed record JobFile(string Format, int Schema, string Job, string Need, string Part, string Family, IReadOnlyDictionary<string, string> Parameters, Process Process, IReadOnlyDictionary<string, PlaceFile> Places, IReadOnlyList<RowItem>? Row = null)
{
    /// <summary>The only format there is.</summary>
    public const string TheFormat = "emboq-job";
}

/// <summary>A place of a machine.</summary>
/// <param name="Machine">Name of the machine.</param>
/// <param name="Name">Name of the place.</param>
/// <param name="Kind">Key of its kind.</param>
/// <param name="Readings">The readings that count, in the order they were taken.</param>
public sealed record PlaceFile(string Machine, string Name, string Kind, IReadOnlyList<ReadingFile> Readings);

/// <summary>A reading.</summary>
/// <param name="Dimension">Key of the dimension.</param>
/// <param name="Millimetres">Its value.</param>
/// <param name="Text">As it was entered.</param>
/// <param name="Instrument">What it was taken with.</param>
/// <param name="At">When.</param>
public sealed record ReadingFile(string Dimension, double Millimetres, string Text, Instrument Instrument, DateTimeOffset At);
