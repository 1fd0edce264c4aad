namespace Emboq.Core.Designs;

/// <summary>What sort of thing one part of a job gives to another.</summary>
public enum GivenKind
{
    /// <summary>Holes to drill, or to stand over.</summary>
    Holes,

    /// <summary>A size that exists only once the part is printed, or fitted.</summary>
    Size,
}

/// <summary>What parts of a family give to others.</summary>
/// <param name="Key">Short and stable: "holes".</param>
/// <param name="Label">As shown: "holes".</param>
/// <param name="Kind">What sort of thing it is.</param>
public sealed record GivenThing(string Key, string Label, GivenKind Kind)
{
    /// <summary>The holes of the main piece.</summary>
    public static readonly GivenThing Holes = new("holes", "holes", GivenKind.Holes);
}

/// <summary>What parts of a family may take from others.</summary>
/// <param name="Key">Short and stable: "pattern".</param>
/// <param name="Label">Reads before the name of the part that gives it: "Holes taken from".</param>
/// <param name="Kind">What sort of thing it takes.</param>
/// <param name="Otherwise">What stands while nothing is taken, in words.</param>
public sealed record TakenSlot(string Key, string Label, GivenKind Kind, string Otherwise);

/// <summary>A thing that a part gives, as it stands.</summary>
/// <param name="Key">Key of the <see cref="GivenThing"/>.</param>
public abstract record Given(string Key)
{
    /// <summary>Holes, in the frame of the part.</summary>
    public sealed record Pattern(string Key, IReadOnlyList<PatternHole> Holes) : Given(Key);

    /// <summary>A size; while it cannot be measured yet it is reckoned, with its doubt.</summary>
    /// <param name="Key">Key of the thing.</param>
    /// <param name="Value">As measured, or as reckoned until then.</param>
    /// <param name="WaitsFor">What has to be done for it to be known, in words; <c>null</c> once it is.</param>
    public sealed record Size(string Key, Quantity Value, string? WaitsFor) : Given(Key);
}

/// <summary>A thing that a part has taken.</summary>
/// <param name="From">What the part is called that gives it.</param>
/// <param name="Label">What the thing is called.</param>
/// <param name="Thing">The thing; <c>null</c> where that part gives none as it stands.</param>
public sealed record Taken(string From, string Label, Given? Thing);

/// <summary>Judges what a part takes from others.</summary>
public static class Taking
{
    /// <summary>What is missing stops the part; what it waits for is watched.</summary>
    /// <param name="taken">Slot to what it takes.</param>
    public static IEnumerable<Check> Checks(IReadOnlyDictionary<string, Taken> taken) =>
        taken.OrderBy(t => t.Key, StringComparer.Ordinal).SelectMany<KeyValuePair<string, Taken>, Check>(t => t.Value switch
    {
        { Thing: null } => [new($"takes.{t.Key}", $"{t.Value.Label} of {t.Value.From}", Verdict.Stop,
            $"{t.Value.From} gives no {t.Value.Label} as it stands: look at its checks first.", "none", t.Value.Label, "One thing for both parts.", [])],
        { Thing: Given.Size { WaitsFor: { } what } size } => [new($"takes.{t.Key}", $"{t.Value.Label} of {t.Value.From}", Verdict.Watch,
            $"It waits for {what}. Until then it is reckoned.",
                $"{Figures.Mm(size.Value.Value)} ± {Figures.Mm(2 * size.Value.StandardUncertainty)}", "measured",
            "95 % of what the doubts allow; a reading takes their place.", [])],
        _ => [],
    });
}
