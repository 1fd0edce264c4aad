namespace Emboq.Core.Homes;

/// <summary>How often a thing is used.</summary>
public enum Use
{
    /// <summary>Every day, or several times a day.</summary>
    Daily,

    /// <summary>Some time in a week.</summary>
    Weekly,

    /// <summary>Some time in a month.</summary>
    Monthly,

    /// <summary>Less.</summary>
    Seldom,
}

/// <summary>A thing, or several alike, that wants a home. It lies or stands as its sizes say, and is turned on its base only.</summary>
/// <param name="Key">Unique in its plan.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Sort">What it is a kind of; things of one kind are kept together. Empty when it is of none.</param>
/// <param name="Width">Of its base, mm.</param>
/// <param name="Depth">Of its base, the other way, mm.</param>
/// <param name="Height">Over its base, mm.</param>
/// <param name="Mass">g; <c>null</c> where nobody weighed it.</param>
/// <param name="Use">How often it is used.</param>
/// <param name="Count">How many alike there are.</param>
/// <param name="Now">Key of the storage it lies in now, or <c>null</c>.</param>
/// <param name="Pinned">Key of the storage the maker wants it in, or <c>null</c>.</param>
public sealed record Belonging(string Key, string Name, string Sort, double Width, double Depth, double Height, double? Mass, Use Use, int Count,
    string? Now, string? Pinned);
