namespace Emboq.Core.Checks;

/// <summary>How a check came out.</summary>
public enum Verdict
{
    /// <summary>Within its limit.</summary>
    Good,

    /// <summary>May work; look at it.</summary>
    Watch,

    /// <summary>Will not work as it stands.</summary>
    Stop,
}

/// <summary>One judgement with its figures.</summary>
/// <param name="Key">Unique in its design.</param>
/// <param name="Title">What was judged.</param>
/// <param name="Verdict">How it came out.</param>
/// <param name="Says">The judgement in a sentence.</param>
/// <param name="Figure">The figure judged, with unit.</param>
/// <param name="Limit">What it was held against, with unit.</param>
/// <param name="Source">Where the limit comes from.</param>
/// <param name="Remedies">What can be done, the best first.</param>
public sealed record Check(string Key, string Title, Verdict Verdict, string Says, string Figure, string Limit, string Source, IReadOnlyList<Remedy> Remedies)
{
    /// <summary>Share used of what is there, 1 for all of it; <c>null</c> where the figure is no such share.</summary>
    public double? Used { get; init; }
}

/// <summary>Something that can be done about a check with one press.</summary>
public abstract record Remedy
{
    private Remedy(string label) => Label = label;

    /// <summary>What pressing it does.</summary>
    public string Label { get; }

    /// <summary>Changes parameters of the part.</summary>
    /// <param name="Label">What pressing it does.</param>
    /// <param name="Entries">Key to new entry.</param>
    public sealed record Change(string Label, IReadOnlyDictionary<string, string> Entries) : Remedy(Label);

    /// <summary>Goes to take a reading.</summary>
    /// <param name="Label">What pressing it does.</param>
    /// <param name="Interface">Of which interface.</param>
    /// <param name="Dimension">Of which dimension.</param>
    public sealed record Measure(string Label, Guid Interface, string Dimension) : Remedy(Label);

    /// <summary>Goes to print a coupon.</summary>
    /// <param name="Label">What pressing it does.</param>
    public sealed record Prove(string Label) : Remedy(Label);
}
