using System.Globalization;
using System.Reflection;

namespace Emboq.Core.Standards;

/// <summary>The tables that ship with Emboq, read from their data files once.</summary>
public static class StandardTables
{
    private const string Folder = "Emboq.Core.Standards.Data.";

    /// <summary>All of them, by name.</summary>
    public static IReadOnlyList<StandardTable> All { get; } = Load();

    /// <summary>The table under a key, or <c>null</c>.</summary>
    public static StandardTable? Find(string key) => All.FirstOrDefault(t => t.Key == key);

    private static List<StandardTable> Load()
    {
        var assembly = Assembly.GetExecutingAssembly();
        return [.. assembly.GetManifestResourceNames().Where(n => n.StartsWith(Folder, StringComparison.Ordinal)).Select(name =>
        {
            using var reader = new StreamReader(assembly.GetManifestResourceStream(name)!);
            return Read(name[Folder.Length..^".csv".Length], reader.ReadToEnd());
        }).OrderBy(t => t.Name, StringComparer.Ordinal)];
    }

    /// <summary>Reads a table: lines of remarks "#name:", "#source:", "#note:", "#real: column offset spread; …", then a header
    /// "column [unit];…" and the rows, cells parted by semicolons. A cell in inches ends with "in".</summary>
    internal static StandardTable Read(string key, string text)
    {
        var lines = text.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
        var remarks = lines.Where(l => l[0] == '#').Select(l => l[1..].Split(':', 2, StringSplitOptions.TrimEntries)).ToDictionary(p => p[0], p => p[1]);
        var real = remarks.GetValueOrDefault("real", "").Split(';', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .Select(r => r.Split(' ')).ToDictionary(w => string.Join(' ', w[..^2]), w => (Offset: Number(w[^2]), Spread: Number(w[^1])));
        var table = lines.Where(l => l[0] != '#').Select(l => l.Split(';')).ToList();
        var columns = table[0].Select(header => header.Split(" [") is [var name, var unit] ? (name, unit.TrimEnd(']')) : (header, "")).ToList();
        return new(key, remarks["name"], remarks["source"], remarks["note"],
            [.. columns.Where(c => c.Item1 is not "name").Select(c => new StandardColumn(c.Item1,
                c.Item2 switch { "mm" => Unit.Millimetre, "deg" => Unit.DegreeOfArc, _ => Unit.None },
                real.TryGetValue(c.Item1, out var r) ? r.Offset : 0, real.ContainsKey(c.Item1) ? r.Spread : null))],
            [.. table.Skip(1).Select(cells => Row(columns, cells))]);
    }

    private static StandardRow Row(List<(string Name, string Unit)> columns, string[] cells)
    {
        var named = columns.Zip(cells).Where(c => c.Second.Length > 0).ToDictionary(c => c.First.Name, c =>
            new StandardCell(c.Second, Value(c.Second, c.First.Unit)));
        return new(named["name"].Text, named.GetValueOrDefault("size")?.Text, named.Where(c => c.Key != "name").ToDictionary());
    }

    private static double? Value(string text, string unit)
    {
        var inches = unit == "mm" && text.EndsWith("in", StringComparison.Ordinal);
        return double.TryParse(inches ? text[..^2] : text, NumberStyles.Float, CultureInfo.InvariantCulture, out var value)
            ? value * (inches ? 25.4 : 1) : null;
    }

    private static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);
}
