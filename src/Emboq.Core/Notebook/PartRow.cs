namespace Emboq.Core.Notebook;

/// <summary>A part as a row of members: one change of the design makes them all anew.</summary>
public static class PartRow
{
    /// <summary>The most members of a row.</summary>
    public const int MostMembers = 60;

    /// <summary>The most copies of one member.</summary>
    public const int MostCopies = 200;

    /// <summary>Each member with the decisions that make it; the part itself when there is no row.</summary>
    public static IReadOnlyList<PartState> Members(PartState state) => state.Row is not { Count: > 0 } row ? [state] :
        [.. row.Select(item => state with { Parameters = state.Parameters.Concat(item.Entries).GroupBy(e => e.Key).ToDictionary(g => g.Key, g =>
            g.Last().Value), Row = null })];
}
