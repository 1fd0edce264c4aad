using System.Globalization;
using System.Reflection;

namespace Emboq.Store;

/// <summary>The migrations that this Emboq knows, in order: their number is the version of the tables.</summary>
internal static class Schema
{
    private const string Prefix = "Emboq.Store.Migrations.";

    /// <summary>Names of the scripts, in the order in which they run.</summary>
    public static IReadOnlyList<string> Migrations { get; } =
        [.. Assembly.GetExecutingAssembly().GetManifestResourceNames().Where(n =>
            n.StartsWith(Prefix, StringComparison.Ordinal)).Order(StringComparer.Ordinal)];

    /// <summary>The version that all of them lead to.</summary>
    public static int Version { get; } = Migrations.Max(NumberOf);

    /// <summary>The number at the head of a script's name; 0 of a name that has none.</summary>
    public static int NumberOf(string name) =>
        int.TryParse(name.Replace(Prefix, "", StringComparison.Ordinal).Split('-')[0], NumberStyles.None, CultureInfo.InvariantCulture,
            out var number) ? number : 0;

    /// <summary>The text of a script that is built in.</summary>
    public static string Text(string name)
    {
        using var reader = new StreamReader(Assembly.GetExecutingAssembly().GetManifestResourceStream(name)
            ?? throw new InvalidOperationException($"{name} was not built in."));
        return reader.ReadToEnd();
    }
}
