namespace Emboq.Core.Quantities;

/// <summary>Flows of air as machines state them: <c>850</c>, <c>850 m3/h</c>, <c>236 l/s</c>, <c>500 cfm</c>.</summary>
public static class FlowNotation
{
    private static readonly (string Word, double CubicMetresPerHour)[] Units =
    [
        ("m3/h", 1), ("m³/h", 1), ("l/s", 3.6),
        // A cubic foot is 0.3048³ m³ by definition.
        ("cfm", 0.3048 * 0.3048 * 0.3048 * 60),
    ];

    /// <summary>Reads a flow.</summary>
    /// <param name="text">The entry.</param>
    /// <param name="field">Path of the field, for problems.</param>
    /// <returns>m³/h, or what is wrong.</returns>
    public static Outcome<double> Parse(string text, string field)
    {
        var trimmed = text.Trim();
        var unit = Units.FirstOrDefault(u => trimmed.EndsWith(u.Word, StringComparison.OrdinalIgnoreCase));
        var number = trimmed[..^(unit.Word?.Length ?? 0)].TrimEnd();
        return PlainNumber.Read(number) is { } value
            ? value * (unit.Word is null ? 1 : unit.CubicMetresPerHour)
            : new Problem(field, text, $"'{text}' cannot be read as a flow of air.", "Type a number and m3/h, l/s or cfm, like 850 m3/h.");
    }
}
