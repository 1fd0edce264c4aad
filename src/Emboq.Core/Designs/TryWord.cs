namespace Emboq.Core.Designs;

/// <summary>How a whole part did what it must, in a word.</summary>
/// <param name="Key">Short and stable: "tooWeak".</param>
/// <param name="Says">As shown: "is too weak".</param>
/// <param name="Good">Whether it then does what it must.</param>
public sealed record TryWord(string Key, string Says, bool Good = false)
{
    /// <summary>Whether a print that did this is never to be used: no better verdict stands for what was printed so.</summary>
    public bool Ends { get; init; }

    /// <summary>What is usually changed after it, the best first.</summary>
    public IReadOnlyList<TryHelp> Helps { get; init; } = [];

    /// <summary>The same, with what is usually changed after it.</summary>
    /// <param name="helps">Decision, by how much, and what doing so is called: "Make the wall {0}".</param>
    public TryWord Helped(params IEnumerable<(string Parameter, double Times, string Label)> helps) =>
        this with { Helps = [.. helps.Select(h => new TryHelp(h.Parameter, h.Times, h.Label))] };

    /// <summary>Under which a whole part is tried, beside its seats.</summary>
    public const string WholePart = "part";

    /// <summary>It does what it must.</summary>
    public static TryWord Works { get; } = new("works", "does what it must", Good: true);

    /// <summary>Words for anything.</summary>
    public static IReadOnlyList<TryWord> Common { get; } = [Works, new("tooLong", "is too long"), new("tooShort", "is too short"),
        new("tooWeak", "is too weak"), new("inTheWay", "is in the way")];
}
