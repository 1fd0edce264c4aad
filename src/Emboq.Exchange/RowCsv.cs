using System.Globalization;
using CsvHelper;

namespace Emboq.Exchange;

/// <summary>A row of parts as a pasted list or a table: one member a line. A heading names parameters, "count" and "group"; without one the family says what
/// its columns mean.</summary>
public static class RowCsv
{
    private const string Count = "count";
    private const string Group = "group";

    /// <summary>Reads a list.</summary>
    /// <param name="text">As pasted.</param>
    /// <param name="family">Whose parameters it decides.</param>
    /// <param name="leading">What a bare length means.</param>
    /// <returns>The members in order, or every line that cannot be read or is not within the limits.</returns>
    public static Outcome<IReadOnlyList<RowItem>> Read(string text, Family family, LengthSystem leading = LengthSystem.Metric)
    {
        using var csv = new CsvReader(new StringReader(text), CsvText.Settings(text));
        List<(int Line, IReadOnlyList<string> Cells)> lines = [];
        while (csv.Read())
        {
            lines.Add((csv.Parser.RawRow, [.. csv.Parser.Record ?? []]));
        }

        if (lines.Count == 0)
        {
            return new Problem("text", "", "The list is empty.", "Paste one line for each member: its words, and how many of it if more than one.");
        }

        var heading = lines[0].Cells.Select(c => ColumnOf(c, family)).ToList();
        var headed = heading.All(h => h is not null);
        IReadOnlyList<string> columns = headed ? [.. heading.Select(h => h!)] : family.ListColumns;
        if (columns.Count == 0)
        {
            return new Problem("text", null, "This family cannot tell what the columns of a list mean.",
                $"Begin with a heading of {string.Join(", ", RowColumns.Of(family).Take(12).Select(c => c.Label))}, count or group.");
        }

        var members = headed ? lines.Skip(1).ToList() : lines;
        var problems = members.Count is 0 or > PartRow.MostMembers
            ? [new Problem("text", null, $"The list has {members.Count} members.", $"Give 1 to {PartRow.MostMembers}; a longer row is two.",
                $"1 to {PartRow.MostMembers}")]
            : members.SelectMany(l => Look(l.Line, l.Cells, columns)).ToList();
        if (problems.Count > 0)
        {
            return problems;
        }

        var read = members.Select(l => (l.Line, Item: Member(l.Cells, columns, family, leading))).ToList();
        var wrong = read.SelectMany(m => Wrong(m.Line, m.Item, family)).ToList();
        return wrong.Count > 0 ? wrong : read.Select(m => m.Item).ToList();
    }

    /// <summary>What a line says that no part can be made of: told with its line, before anything of the list is taken.</summary>
    private static IEnumerable<Problem> Wrong(int line, RowItem item, Family family)
    {
        var sizes = item.Entries.Where(e => ListedSizes.IsListed(family, e.Key)).ToDictionary();
        return ParameterValues.Read(family.Parameters, item.Entries.Except(sizes).ToDictionary()).Problems
            .Concat(sizes.SelectMany(s => LengthNotation.Parse(s.Value, LengthSystem.Metric, s.Key).Problems))
            .Select(p => p with { Field = $"line {line}" });
    }

    private static string? ColumnOf(string heading, Family family) => heading.ToLowerInvariant() switch
    {
        Count => Count,
        Group or "colour" => Group,
        _ => RowColumns.Named(family, heading)?.Key,
    };

    private static IEnumerable<Problem> Look(int line, IReadOnlyList<string> cells, IReadOnlyList<string> columns)
    {
        if (cells.Count > columns.Count)
        {
            yield return new($"line {line}", string.Join(" | ", cells),
                $"The line has {cells.Count} cells, and there are {columns.Count} columns: {string.Join(", ", columns)}.",
                "Take the rest out, or name it in a heading.", $"{columns.Count} cells");
        }

        var counted = columns.ToList().IndexOf(Count);
        if (counted >= 0 && counted < cells.Count && cells[counted].Length > 0
            && !(int.TryParse(cells[counted], NumberStyles.None, CultureInfo.InvariantCulture, out var count) && count is >= 1 and <= PartRow.MostCopies))
        {
            yield return new($"line {line}", cells[counted], $"'{cells[counted]}' is not a count.", $"Write a whole number from 1 to {PartRow.MostCopies}.",
                $"1 to {PartRow.MostCopies}");
        }
    }

    /// <summary>A bare length as it was meant, with its unit, so that it means the same wherever it is read again.</summary>
    private static string Exact(string column, string entry, Family family, LengthSystem leading) =>
        leading == LengthSystem.Inch && (ListedSizes.IsListed(family, column)
            || family.Parameters.Any(p => p.Key == column && p.Kind == ParameterKind.Length))
            && LengthNotation.Parse(entry, leading, column) is { IsGood: true } length
            ? LengthNotation.Print(length.Value) : entry;

    private static RowItem Member(IReadOnlyList<string> cells, IReadOnlyList<string> columns, Family family, LengthSystem leading)
    {
        var named = columns.Zip(cells).Where(c => c.Second.Length > 0).ToList();
        string Of(string column) => named.FirstOrDefault(c => c.First == column).Second ?? "";
        var entries = named.Where(c => c.First is not (Count or Group)).DistinctBy(c => c.First).ToDictionary(c => c.First, c =>
            Exact(c.First, c.Second, family, leading));
        // A spacing of its own means that no custom holds: what an entry sets comes with it, unless the list says otherwise.
        foreach (var (key, choice) in family.Parameters.Where(p => entries.ContainsKey(p.Key)).SelectMany(p => p.Sets).ToList())
        {
            entries.TryAdd(key, choice);
        }

        return new(Of(Count) is { Length: > 0 } count ? int.Parse(count, CultureInfo.InvariantCulture) : 1, entries, Of(Group));
    }
}
