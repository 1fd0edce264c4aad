using System.Globalization;
using CsvHelper.Configuration;

namespace Emboq.Exchange;

/// <summary>How tables are read, whoever wrote them: commas, semicolons or tabs, found out by themselves.</summary>
internal static class CsvText
{
    public static CsvConfiguration Settings(string text) => new(CultureInfo.InvariantCulture)
    {
        DetectDelimiter = true,
        DetectDelimiterValues = [",", ";", "\t"],
        BadDataFound = null,
        MissingFieldFound = null,
        TrimOptions = TrimOptions.Trim,
        // A line with a stray quote is read as it stands; only a quote that opens a cell quotes.
        Mode = text.Contains(",\"", StringComparison.Ordinal) || text.Contains(";\"", StringComparison.Ordinal) || text.StartsWith('"')
            || text.Contains("\n\"", StringComparison.Ordinal) ? CsvHelper.CsvMode.RFC4180 : CsvHelper.CsvMode.NoEscape,
    };
}
