namespace Emboq.Core.Designs;

/// <summary>How a whole part did what it must, in a word.</summary>
/// <param name="Key">Short and stable: "tooWeak".</param>
/// <param name="Says">As shown: "is too weak".</param>
/// <param name="Good">Whether it then does what it must.</param>
public sealed record TryWord(string Key, string Says, bool Good = false)
{
    /// <summary>Under which a whole part is tried, beside its seats.</summary>
    public const string WholePart = "part";

    /// <summary>It does what it must.</summary>
    public static TryWord Works { get; } = new("works", "does what it must", Good: true);

    /// <summary>Words for anything.</summary>
    public static IReadOnlyList<TryWord> Common { get; } = [Works, new("tooLong", "is too long"), new("tooShort", "is too short"),
        new("tooWeak", "is too weak"), new("inTheWay", "is in the way")];
}
