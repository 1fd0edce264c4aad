using System.Buffers;

namespace Emboq.Core.Measuring;

/// <summary>What a reader writes down, by how the dimension is got at: a length, an angle, a mass or a count.</summary>
public static class ReadingNotation
{
    private static readonly SearchValues<char> Digits = SearchValues.Create("0123456789.,");

    private static readonly (string Word, double Grams)[] Masses =
    [
        // The pound is 453.59237 g by definition, the ounce a sixteenth of it.
        ("kg", 1000), ("g", 1), ("lb", 453.59237), ("oz", 453.59237 / 16),
    ];

    /// <summary>Reads an entry.</summary>
    /// <param name="text">As written.</param>
    /// <param name="access">How the dimension is got at.</param>
    /// <param name="leading">What a bare number means for lengths and masses: mm and g, or inches and ounces.</param>
    /// <param name="field">Path of the field, for problems.</param>
    /// <returns>The value in the dimension's unit, or one problem that says where the entry goes wrong.</returns>
    public static Outcome<double> Parse(string text, Access access, LengthSystem leading, string field) => access switch
    {
        Access.Angle => Angle(text, field),
        Access.Mass => Mass(text, leading, field),
        Access.Pitch when TurnsToTheInch(text) is { } turns => turns > 0 ? 25.4 / turns
            : Unreadable(text, 0, field, "turns to the inch", "Type a number like 8 TPI."),
        Access.Count => Number(text.Trim()) is { } count ? count : Unreadable(text, 0, field, "a count", "Type a number like 8."),
        _ when access == Access.Position && text.TrimStart() is ['-' or '−', .. var rest] => Parse(rest, Access.Length, leading, field).Then<double>(v => -v),
        _ => LengthNotation.Parse(text, leading, field).Then<double>(l => l.ToMillimetres()),
    };

    /// <summary>How inch threads are named: <c>8 TPI</c>, <c>20 to the inch</c>; <c>null</c> for anything else.</summary>
    private static double? TurnsToTheInch(string text)
    {
        string[] words = ["tpi", "turns to the inch", "to the inch", "per inch"];
        var trimmed = text.Trim();
        return words.FirstOrDefault(w => trimmed.EndsWith(w, StringComparison.OrdinalIgnoreCase)) is { } word ? Number(trimmed[..^word.Length]) : null;
    }

    /// <summary>Degrees: <c>25</c>, <c>25.5°</c>, <c>25° 30'</c>, <c>25 deg</c>.</summary>
    private static Outcome<double> Angle(string text, string field)
    {
        var parts = text.Replace("deg", "°", StringComparison.OrdinalIgnoreCase).Split('°', StringSplitOptions.TrimEntries);
        if (parts is [var only] && Number(only) is { } plain)
        {
            return plain;
        }

        if (parts is [var degrees, var minutes] && Number(degrees) is { } whole)
        {
            if (minutes.Length == 0)
            {
                return whole;
            }

            if (minutes is [.. var digits, '\'' or '′'] && Number(digits.Trim()) is { } sixtieths and < 60)
            {
                return whole + (sixtieths / 60);
            }
        }

        return Unreadable(text, text.TakeWhile(c => char.IsDigit(c) || c is '.' or ' ' or '°').Count(), field, "an angle",
            "Type degrees like 25.5, or degrees and minutes like 25° 30'.");
    }

    /// <summary>Grams: <c>130 g</c>, <c>0.9 kg</c>, <c>4.2 oz</c>, <c>2 lb 3 oz</c>.</summary>
    private static Outcome<double> Mass(string text, LengthSystem leading, string field)
    {
        double total = 0;
        var rest = text.AsSpan().Trim();
        var start = rest.Length;
        while (rest.Length > 0)
        {
            var digits = rest.IndexOfAnyExcept(Digits) is >= 0 and var end ? end : rest.Length;
            var number = Number(rest[..digits].ToString());
            rest = rest[digits..].TrimStart();
            var unit = Unit(rest, leading, alone: total == 0);
            if (number is null || unit.Grams == 0)
            {
                return Unreadable(text, start - rest.Length, field, "a mass", "Type a number and g, kg, oz or lb, like 130 g or 2 lb 3 oz.");
            }

            total += number.Value * unit.Grams;
            rest = rest[unit.Length..].TrimStart();
        }

        return total > 0 ? total : Unreadable(text, 0, field, "a mass", "Type a number and g, kg, oz or lb, like 130 g or 2 lb 3 oz.");
    }

    private static (double Grams, int Length) Unit(ReadOnlySpan<char> text, LengthSystem leading, bool alone)
    {
        foreach (var (word, grams) in Masses)
        {
            if (text.StartsWith(word, StringComparison.OrdinalIgnoreCase))
            {
                return (grams, word.Length);
            }
        }

        return text.Length == 0 && alone ? (leading == LengthSystem.Metric ? 1 : Masses[^1].Grams, 0) : (0, 0);
    }

    private static double? Number(string text) => PlainNumber.Read(text);

    private static Problem Unreadable(string text, int position, string field, string what, string remedy) =>
        new(field, text, $"'{text}' cannot be read as {what}.", remedy, Position: Math.Clamp(position, 0, Math.Max(0, text.Length - 1)));
}
