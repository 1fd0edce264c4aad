using System.Globalization;

namespace Emboq.Core.Quantities;

/// <summary>Figures as checks write them.</summary>
public static class Figures
{
    /// <summary>A length, mm.</summary>
    public static string Mm(double value) => $"{value.ToString("0.##", CultureInfo.InvariantCulture)} mm";

    /// <summary>An angle, degrees.</summary>
    public static string Degrees(double value) => $"{value.ToString("0.#", CultureInfo.InvariantCulture)}°";

    /// <summary>A speed, given in mm/s.</summary>
    public static string MetresPerSecond(double millimetresPerSecond) => $"{(millimetresPerSecond / 1000).ToString("0.0", CultureInfo.InvariantCulture)} m/s";

    /// <summary>A pressure, Pa.</summary>
    public static string Pascals(double value) => $"{value.ToString("0", CultureInfo.InvariantCulture)} Pa";

    /// <summary>An area, mm².</summary>
    public static string SquareMm(double value) => $"{value.ToString("0", CultureInfo.InvariantCulture)} mm²";

    /// <summary>A number to two places.</summary>
    public static string Plain(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);

    /// <summary>A share, as percent.</summary>
    public static string Percent(double share) => $"{(share * 100).ToString("0", CultureInfo.InvariantCulture)} %";

    /// <summary>As a parameter entry, exact enough to give the same value back.</summary>
    public static string Number(double value) => value.ToString("0.####", CultureInfo.InvariantCulture);
}
