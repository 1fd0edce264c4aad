namespace Emboq.Core;

/// <summary>A part as a row of members: one change of the design makes them all anew.</summary>
public static class PartRow
{
    /// <summary>The most members of a row.</summary>
    public const int MostMembers = 60;

    /// <summary>The most copies of one member.</summary>
    public const int MostCopies = 200;

    private const string Part = "part";

    /// <summary>Each member with the decisions that make it; the part itself when there is no row.</summary>
    public static IReadOnlyList<PartState> Members(PartState state) => state.Row is not { Count: > 0 } row ? [state] :
        [.. row.Select(item => state with { Parameters = state.Parameters.Concat(item.Entries).GroupBy(e => e.Key).ToDictionary(g => g.Key, g => g.Last().Value), Row = null })];

    /// <summary>The key of a body of one member, counted from 1: "part@3".</summary>
    public static string KeyOf(string body, int member) => $"{body}@{member}";

    /// <summary>A key without its member: "ring-first" of "ring-first@3".</summary>
    public static string BodyOf(string key) => key.Split('@')[0];

    /// <summary>Whether a key names the part, or one of its row, rather than a proof.</summary>
    public static bool IsPart(string key) => key == Part || key.StartsWith($"{Part}@", StringComparison.Ordinal);
}
