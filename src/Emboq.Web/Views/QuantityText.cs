using System.Globalization;

namespace Emboq.Web.Views;

/// <summary>Figures as a person reads them: unit always shown, in both systems where there are two.</summary>
internal static class QuantityText
{
    /// <summary>In metric units.</summary>
    public static string Metric(double value, Unit unit)
    {
        if (unit == Unit.Seconds)
        {
            return DurationNotation.Show(value);
        }

        var (scale, format, symbol) = Shown(value, unit);
        return $"{(value * scale).ToString(format, CultureInfo.InvariantCulture).Replace('-', '−')} {symbol}".TrimEnd().Replace(" °", "°",
            StringComparison.Ordinal);
    }

    /// <summary>A doubt in the unit that its value is read in: of 1.93 m in metres, of 12 mm in millimetres.</summary>
    public static string Doubt(double doubt, double value, Unit unit)
    {
        if (unit == Unit.Seconds)
        {
            return DurationNotation.Show(doubt);
        }

        var (scale, format, symbol) = Shown(value, unit);
        return $"{(doubt * scale).ToString(format, CultureInfo.InvariantCulture)} {symbol}".TrimEnd().Replace(" °", "°", StringComparison.Ordinal);
    }

    /// <summary>With all the places it has, as a table prints it.</summary>
    public static string Exact(double value, Unit unit) => $"{value.ToString("0.###", CultureInfo.InvariantCulture)} {unit}".Replace(" °", "°",
        StringComparison.Ordinal);

    /// <summary>A length in inches, or <c>null</c> for anything else.</summary>
    public static string? Inches(double value, Unit unit) => unit == Unit.Millimetre ? LengthNotation.ShowInches(value) : null;

    /// <summary>A long length in metres.</summary>
    public static string Metres(double millimetres) => $"{(millimetres / 1000).ToString("0.00", CultureInfo.InvariantCulture)} m";

    /// <summary>In the workshop's own money.</summary>
    public static string Money(double value) => value.ToString("0.00", CultureInfo.InvariantCulture).Replace('-', '−');

    private static (double Scale, string Format, string Symbol) Shown(double value, Unit unit)
    {
        if (unit == Unit.Millimetre)
        {
            return Math.Abs(value) >= 2000 ? (0.001, "0.00", "m") : (1, "0.00", "mm");
        }

        if (unit == new Unit(Mm: 3))
        {
            return (0.001, "0.0", "cm³");
        }

        if (unit == new Unit(Mm: 2))
        {
            return (0.01, "0.00", "cm²");
        }

        if (unit == new Unit(Mm: 1, Newton: 1))
        {
            return (0.001, "0.000", "N·m");
        }

        if (unit == Unit.DegreeOfArc)
        {
            return (1, "0.0#", "°");
        }

        if (unit == Unit.Energy)
        {
            return (1 / 3.6e15, "0.00", "kWh");
        }

        if (unit == Unit.Energy / Unit.Seconds)
        {
            return (1e-9, "0", "W");
        }

        if (unit == Unit.Flow)
        {
            return (3600e-9, "0.#", "m³/h");
        }

        if (unit == Unit.Speed)
        {
            return (0.001, "0.0", "m/s");
        }

        if (unit == Unit.Pascal)
        {
            return (1, "0.0", "Pa");
        }

        if (unit == Unit.Density)
        {
            return (1000, "0.00", "g/cm³");
        }

        // Nobody knows a force of 36 N to a thousandth.
        return unit == Unit.Grams ? (1, "0.0", unit.ToString()) : unit == Unit.None ? (1, "0.###", "")
            : (1, Math.Abs(value) switch { >= 100 => "0", >= 10 => "0.#", _ => "0.###" }, unit.ToString());
    }
}
