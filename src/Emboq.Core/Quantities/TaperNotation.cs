using System.Globalization;

namespace Emboq.Core.Quantities;

/// <summary>Tapers as drawings state them: <c>1:20</c>, a millimetre of diameter for each 20 of length, or the half angle, <c>1.5°</c>.</summary>
public static class TaperNotation
{
    /// <summary>Reads a taper.</summary>
    /// <param name="text">The entry.</param>
    /// <param name="field">Path of the field, for problems.</param>
    /// <returns>The angle between the face and the axis in degrees, or what is wrong.</returns>
    public static Outcome<double> Parse(string text, string field)
    {
        var parts = text.Split(':', StringSplitOptions.TrimEntries);
        if (parts is [var one, var length] && Number(one, out var rise) && Number(length, out var run) && run > 0)
        {
            return HalfAngle(rise, run);
        }

        return parts is [var only] && Number(only.TrimEnd('°').Replace("deg", "", StringComparison.OrdinalIgnoreCase).Trim(), out var angle)
            ? angle
            : new Problem(field, text, $"'{text}' cannot be read as a taper.", "Type a ratio like 1:20, or the angle between face and axis like 1.5°.");
    }

    /// <summary>The ratio of an angle between face and axis, as drawings write it: <c>1:19.1</c>.</summary>
    public static string Ratio(double halfAngle) => string.Create(CultureInfo.InvariantCulture, $"1:{1 / (2 * Math.Tan(halfAngle * Math.PI / 180)):0.#}");

    // The ratio is of the diameter, the angle of one side.
    private static double HalfAngle(double rise, double run) => Math.Atan(rise / run / 2) * 180 / Math.PI;

    private static bool Number(string text, out double value)
    {
        var read = PlainNumber.Read(text);
        value = read ?? 0;
        return read is not null;
    }
}
