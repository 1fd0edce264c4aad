namespace Emboq.Web;

/// <summary>A machine with its places and everything read on them, for another workshop. The shape is described in
/// docs/formats/machine-card.schema.json.</summary>
/// <param name="Format">Always "emboq-machine".</param>
/// <param name="Schema">Version of this shape.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Note">What is worth knowing.</param>
/// <param name="Instruments">Those that the readings were taken with.</param>
/// <param name="Places">Its places.</param>
public sealed record MachineCard(string Format, int Schema, string Name, string Note, IReadOnlyList<CardInstrument> Instruments,
    IReadOnlyList<CardPlace> Places)
{
    /// <summary>The only format there is.</summary>
    public const string TheFormat = "emboq-machine";

    /// <summary>From a machine.</summary>
    public static MachineCard Of(Machine machine)
    {
        var places = machine.Interfaces.Where(i => !i.Archived).ToList();
        var instruments = places.SelectMany(p => p.Dimensions).SelectMany(d => d.Readings).Select(r => r.Instrument).DistinctBy(i => i.Id);
        return new(TheFormat, 1, machine.Name, machine.Note,
            [.. instruments.Select(i => new CardInstrument(i.Id, i.Name, i.Kind, i.Resolution, i.MaximumPermissibleError, i.Repeatability, i.Reach))],
            [.. places.Select(p => new CardPlace(p.Name, p.Kind.Key, p.Items,
                [.. p.Dimensions.SelectMany(d => d.Readings.Select(r => new CardReading(d.Key, r.Value, r.Text, r.Instrument.Id, r.At, r.Remark,
                    r.StruckBecause, r.Direction)))], p.Outline))]);
    }
}

/// <summary>An instrument of a card. Figures in its unit.</summary>
public sealed record CardInstrument(string Id, string Name, InstrumentKind Kind, double Resolution, double MaximumPermissibleError,
    double Repeatability, double Reach)
{
    /// <summary>As the workshop's own.</summary>
    public Instrument ToInstrument() => new(Id, Name, Resolution, MaximumPermissibleError, Repeatability, Reach, Kind);
}

/// <summary>A place of a card, with the outline that was taken from a drawing of it.</summary>
public sealed record CardPlace(string Name, string Kind, IReadOnlyList<string> Items, IReadOnlyList<CardReading> Readings, Traced? Outline = null);

/// <summary>A reading of a card; its value in the unit of its dimension.</summary>
public sealed record CardReading(string Dimension, double Value, string Text, string Instrument, DateTimeOffset At, string? Remark = null,
    string? StruckBecause = null, double? Direction = null);
