using System.Text.RegularExpressions;

namespace Emboq.Exchange;

/// <summary>Cells of tables that people open in spreadsheets: what one would run as a formula stands there as text, by an apostrophe before it, and comes back
/// as it was.</summary>
internal static partial class CsvCell
{
    /// <summary>The cell with an apostrophe wherever a spreadsheet might begin to read a formula: at its start, and after what some take to part cells. Plain
    /// numbers stay.</summary>
    public static string Harmless(string cell) => PlainNumber().IsMatch(cell) ? cell : Beginning().Replace(cell, "$1'$2");

    /// <summary>The cell as it was before <see cref="Harmless"/>.</summary>
    public static string Meant(string cell) => PlainNumber().IsMatch(cell) ? cell : Marked().Replace(cell, "$1$2");

    [GeneratedRegex(@"^[+-]?[0-9]+([.,][0-9]+)?$")]
    private static partial Regex PlainNumber();

    // An apostrophe in such a place gets one of its own, so that it is told from ours.
    [GeneratedRegex(@"(^|[;,\t\r\n|])([=+\-@'\t\r])")]
    private static partial Regex Beginning();

    [GeneratedRegex(@"(^|[;,\t\r\n|])'([=+\-@'\t\r])")]
    private static partial Regex Marked();
}
