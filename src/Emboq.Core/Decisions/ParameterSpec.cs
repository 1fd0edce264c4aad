namespace Emboq.Core.Decisions;

/// <summary>What sort of value a parameter takes.</summary>
public enum ParameterKind
{
    /// <summary>A length in any workshop notation; mm when bare.</summary>
    Length,

    /// <summary>An angle in degrees.</summary>
    Angle,

    /// <summary>A flow of air in m³/h, l/s or cfm; m³/h when bare.</summary>
    Flow,

    /// <summary>A taper as a ratio like 1:20 or the angle between face and axis; degrees.</summary>
    Taper,

    /// <summary>A closed outline as points, mm.</summary>
    Outline,

    /// <summary>A plain number, counted in something.</summary>
    Number,

    /// <summary>One of the named options.</summary>
    Choice,

    /// <summary>Words of one line; the greatest value is their greatest count of characters.</summary>
    Text,
}

/// <summary>One thing the maker may decide about a part of a family.</summary>
public sealed record ParameterSpec
{
    /// <summary>Short and stable: "coneAngle".</summary>
    public required string Key { get; init; }

    /// <summary>As shown.</summary>
    public required string Label { get; init; }

    /// <summary>Key of the slot it is about; <c>null</c> where it is about the part.</summary>
    public string? Slot { get; init; }

    /// <summary>What sort of value it takes.</summary>
    public required ParameterKind Kind { get; init; }

    /// <summary>Used when nothing is given, in notation; <c>null</c> when Emboq then computes one.</summary>
    public string? Default { get; init; }

    /// <summary>Least value allowed, mm or degrees.</summary>
    public double Minimum { get; init; }

    /// <summary>Greatest value allowed, mm or degrees.</summary>
    public double Maximum { get; init; }

    /// <summary>One step of the arrow keys, mm or degrees.</summary>
    public double Step { get; init; }

    /// <summary>The options of a choice.</summary>
    public IReadOnlyList<ParameterOption> Options { get; init; } = [];

    /// <summary>The station that asks for it; what belongs to reckoning is set on the drawing.</summary>
    public Station AskedAt { get; init; } = Station.Reckon;

    /// <summary>Choices that giving this parameter makes at once: a cone length means that the cone is given by its length.</summary>
    public IReadOnlyDictionary<string, string> Sets { get; init; } = new Dictionary<string, string>();

    /// <summary>On what it counts: it is asked for only while each choice stands at one of these options. Of anything else that is decided it asks whether it
    /// is "given" or "open", of a slot or of something taken whether it is "named" or "open".</summary>
    public IReadOnlyDictionary<string, IReadOnlyList<string>> When { get; init; } = new Dictionary<string, IReadOnlyList<string>>();

    /// <summary>The same, asked for only while a choice stands at one of some options.</summary>
    public ParameterSpec If(string choice, params IReadOnlyList<string> options) =>
        this with { When = new Dictionary<string, IReadOnlyList<string>>(When) { [choice] = options } };

    /// <summary>What it does, in a sentence or two.</summary>
    public required string Help { get; init; }

    /// <summary>What a plain number counts.</summary>
    public string CountedIn { get; init; } = "";

    /// <summary>Unit of the value as text: "mm", "°" or nothing.</summary>
    public string Unit => Kind switch
    {
        ParameterKind.Length => "mm",
        ParameterKind.Angle => "°",
        ParameterKind.Flow => "m³/h",
        ParameterKind.Taper => "°",
        ParameterKind.Number => CountedIn,
        ParameterKind.Choice or ParameterKind.Outline or ParameterKind.Text => "",
        _ => throw new InvalidOperationException($"No unit is defined for {Kind}."),
    };
}

/// <summary>One option of a choice.</summary>
/// <param name="Key">As sent.</param>
/// <param name="Label">As shown.</param>
public sealed record ParameterOption(string Key, string Label);
