using System.Globalization;
using System.Reflection;

namespace Emboq.Core.Solids;

/// <summary>How wide a text of the lettering font is, so that a size can be reckoned before anything is drawn.</summary>
public static class LetterWidths
{
    /// <summary>Taken for a letter that the font does not have, over the height of a capital.</summary>
    private const double Usual = 0.9;

    private static readonly Dictionary<int, double> Widths = Load();

    /// <summary>Below and above the capitals, over their height: tails and accents.</summary>
    public const double Tail = 0.3;

    /// <summary>Width of a line over the height of a capital, without kerning.</summary>
    public static double Of(string text) => text.EnumerateRunes().Sum(r => Widths.GetValueOrDefault(r.Value, Usual));

    private static Dictionary<int, double> Load()
    {
        using var reader = new StreamReader(Assembly.GetExecutingAssembly().GetManifestResourceStream("letter-widths.csv")!);
        return reader.ReadToEnd().Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries).SkipWhile(l => !char.IsAsciiDigit(l[0]))
            .Select(l => l.Split(';')).ToDictionary(c => int.Parse(c[0], CultureInfo.InvariantCulture), c => double.Parse(c[1], CultureInfo.InvariantCulture));
    }
}
