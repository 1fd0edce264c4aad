using System.Globalization;
using System.Text.RegularExpressions;

namespace Emboq.Core.Quantities;

/// <summary>Print times as people write them: <c>3 h 34 min</c>, <c>3:34</c>, <c>3.5 h</c>, <c>214 min</c>; minutes when bare.</summary>
public static partial class DurationNotation
{
    /// <summary>Reads a duration.</summary>
    /// <param name="text">The entry.</param>
    /// <param name="field">Path of the field, for problems.</param>
    /// <returns>Seconds, or what is wrong.</returns>
    public static Outcome<double> Parse(string text, string field)
    {
        var match = Entry().Match(text.Trim());
        var seconds = (Number(match, "h") * 3600) + (Number(match, "m") * 60);
        return match.Success && seconds > 0
            ? seconds
            : new Problem(field, text, $"'{text}' cannot be read as a time.", "Type hours and minutes like 3:34 or 3 h 34 min, or minutes alone.");
    }

    /// <summary>Writes a duration, rounded up to minutes under an hour: <c>24 min</c>, <c>3 h 34 min</c>.</summary>
    public static string Show(double seconds) => seconds < 3600
        ? string.Create(CultureInfo.InvariantCulture, $"{Math.Ceiling(seconds / 60):0} min")
        : string.Create(CultureInfo.InvariantCulture, $"{Math.Floor(seconds / 3600):0} h {Math.Floor(seconds % 3600 / 60):00} min");

    private static double Number(Match match, string group) => match.Groups[group] is { Success: true, Value: var digits }
        ? double.Parse(digits, CultureInfo.InvariantCulture) : 0;

    [GeneratedRegex(@"^(?:(?<h>\d{1,4}(?:\.\d+)?) ?h ?(?:(?<m>\d{1,2}) ?(?:m|min)?)?|(?<h>\d{1,4}):(?<m>[0-5]\d)|(?<m>\d{1,5}(?:\.\d+)?) ?(?:m|min)?)$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Entry();
}
