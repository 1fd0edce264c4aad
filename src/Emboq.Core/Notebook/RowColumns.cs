using System.Globalization;

namespace Emboq.Core.Notebook;

/// <summary>A column that a list of a row may have.</summary>
/// <param name="Key">As kept: "text", "item.width".</param>
/// <param name="Label">As a maker heads it: "label", "box width".</param>
public sealed record RowColumn(string Key, string Label);

/// <summary>What the columns of a family's lists may be: its parameters, and the sizes of the places it fits, so that boxes of several sizes make one
/// row.</summary>
public static class RowColumns
{
    /// <summary>Every column, each under a label of its own.</summary>
    public static IReadOnlyList<RowColumn> Of(Family family)
    {
        var parameters = family.Parameters.Select(p => new RowColumn(p.Key, p.Label)).ToList();
        // Labels that several share tell nothing: those go by their key.
        var shared = parameters.GroupBy(c => c.Label, StringComparer.OrdinalIgnoreCase).Where(g => g.Count() > 1).Select(g =>
            g.Key).ToHashSet(StringComparer.OrdinalIgnoreCase);
        return
        [
            .. parameters.Select(c => shared.Contains(c.Label) ? c with { Label = c.Key } : c),
            .. family.Slots.SelectMany(slot => slot.Kinds.SelectMany(k => KindList.Of(k).Dimensions).DistinctBy(d => d.Key).Select(d =>
                new RowColumn($"{slot.Key}.{d.Key}", $"{slot.Label} {d.Name}"))),
        ];
    }

    /// <summary>The column that a heading names: by its label, its key, or, of a place, by the size alone where no parameter is called so.</summary>
    public static RowColumn? Named(Family family, string heading)
    {
        var (all, text) = (Of(family), heading.Trim());
        bool Is(string a) => a.Equals(text, StringComparison.OrdinalIgnoreCase);
        return all.FirstOrDefault(c => Is(c.Label)) ?? all.FirstOrDefault(c => Is(c.Key))
            ?? all.FirstOrDefault(c => c.Key.Split('.') is [_, var size] && Is(size));
    }

    /// <summary>A short list of the family's that can be read as it stands.</summary>
    public static string Example(Family family)
    {
        string[] words = ["Copper tacks", "Cane", "Varnish brushes"];
        var columns = family.ListColumns.Count > 0 ? family.ListColumns : [family.Parameters.First(p => p.Kind == ParameterKind.Length
            && p.Default is not null).Key];
        string Cell(string column, int line) => column == "count" ? $"{line + 1}"
            : family.Parameters.First(p => p.Key == column) is { Kind: not ParameterKind.Text } spec
                ? Math.Round(Math.Min(spec.Maximum, (spec.Default is { } usual ? double.Parse(usual, CultureInfo.InvariantCulture)
                    : Math.Max(spec.Minimum, spec.Step * 30)) + (line * spec.Step * 2)), 3).ToString(CultureInfo.InvariantCulture)
                : words[line];
        var lines = Enumerable.Range(0, words.Length).Select(line => string.Join("\t", columns.Select(c => Cell(c, line))));
        return string.Join("\n", lines.Prepend(string.Join("\t", columns.Select(c => c == "count" ? c : Of(family).First(o => o.Key == c).Label))));
    }
}
