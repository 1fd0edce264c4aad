using System.Globalization;
using CsvHelper;

namespace Emboq.Exchange;

/// <summary>One line of a table of readings.</summary>
/// <param name="Number">Line in the file, the header being 1.</param>
/// <param name="Raw">The line as it stands.</param>
/// <param name="Cells">Column, in lower case, to text.</param>
public sealed record ReadingLine(int Number, string Raw, IReadOnlyDictionary<string, string> Cells);

/// <summary>Readings as comma-separated values (RFC 4180; semicolons and tabs are taken too). The first line names the columns.</summary>
public static class ReadingsCsv
{
    /// <summary>The columns of an export, in order.</summary>
    public static IReadOnlyList<string> Columns { get; } = ["machine", "place", "dimension", "reading", "value", "unit", "instrument", "at",
        "direction", "remark", "struck"];

    /// <summary>Reads the lines. A stray quote, as in 1-7/16", is text.</summary>
    public static IReadOnlyList<ReadingLine> Read(string text)
    {
        using var csv = new CsvReader(new StringReader(text), CsvText.Settings(text));
        var lines = new List<ReadingLine>();
        if (!csv.Read() || !csv.ReadHeader())
        {
            return lines;
        }

        var header = csv.HeaderRecord!.Select(h => h.Trim().ToLowerInvariant()).ToList();
        while (csv.Read())
        {
            var cells = header.Select((h, i) => (h, csv.TryGetField<string>(i, out var cell) ? CsvCell.Meant(cell ?? "") : "")).GroupBy(c =>
                c.h).ToDictionary(g => g.Key, g => g.First().Item2);
            lines.Add(new(csv.Parser.RawRow, csv.Parser.RawRecord.TrimEnd('\r', '\n'), cells));
        }

        return lines;
    }

    /// <summary>Writes lines of <see cref="Columns"/>.</summary>
    public static string Write(IEnumerable<IReadOnlyList<string>> lines)
    {
        var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = new CsvWriter(text, CultureInfo.InvariantCulture))
        {
            foreach (var line in lines.Prepend(Columns))
            {
                foreach (var cell in line)
                {
                    csv.WriteField(CsvCell.Harmless(cell));
                }

                csv.NextRecord();
            }
        }

        return text.ToString();
    }
}
