using System.Globalization;

namespace Emboq.Core.Quantities;

/// <summary>Numbers without a unit, with a decimal point, or with a decimal comma where it can mean only that:
/// <c>41,2</c> is 41.2, while <c>1,234</c> may be a thousand and more and is not taken.</summary>
public static class PlainNumber
{
    /// <summary>Said of a comma that may mean two things.</summary>
    public const string Ambiguous = "A comma before three figures may divide thousands or be a decimal point.";

    /// <summary>Whether a comma between two runs of figures can only be a decimal comma.</summary>
    /// <param name="whole">Figures before it.</param>
    /// <param name="part">Figures after it.</param>
    public static bool IsDecimalComma(ReadOnlySpan<char> whole, ReadOnlySpan<char> part) =>
        part.Length > 0 && (part.Length != 3 || whole is "0" or "" || whole.Length > 3);

    /// <summary>Reads a number that is not negative, unless a sign is allowed.</summary>
    /// <returns><c>null</c> when it is none, is not finite, or its comma may mean two things.</returns>
    public static double? Read(string text, bool signed = false)
    {
        var trimmed = text.Trim();
        var comma = trimmed.IndexOf(',');
        if (comma >= 0)
        {
            var (whole, part) = (trimmed[..comma].TrimStart('-'), trimmed[(comma + 1)..]);
            if (!whole.All(char.IsAsciiDigit) || !part.All(char.IsAsciiDigit) || !IsDecimalComma(whole, part))
            {
                return null;
            }

            trimmed = $"{trimmed[..comma]}.{part}";
        }

        var styles = NumberStyles.AllowDecimalPoint | (signed ? NumberStyles.AllowLeadingSign : NumberStyles.None);
        return double.TryParse(trimmed, styles, CultureInfo.InvariantCulture, out var value) && double.IsFinite(value) ? value : null;
    }
}
