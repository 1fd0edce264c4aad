using System.Globalization;

namespace Emboq.Core.Quantities;

/// <summary>Figures as checks write them.</summary>
internal static class Figures
{
    public static string Mm(double value) => $"{value.ToString("0.##", CultureInfo.InvariantCulture)} mm";

    public static string Degrees(double value) => $"{value.ToString("0.#", CultureInfo.InvariantCulture)}°";

    public static string MetresPerSecond(double millimetresPerSecond) => $"{(millimetresPerSecond / 1000).ToString("0.0", CultureInfo.InvariantCulture)} m/s";

    public static string Pascals(double value) => $"{value.ToString("0", CultureInfo.InvariantCulture)} Pa";

    public static string SquareMm(double value) => $"{value.ToString("0", CultureInfo.InvariantCulture)} mm²";

    public static string Plain(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);

    public static string Percent(double share) => $"{(share * 100).ToString("0", CultureInfo.InvariantCulture)} %";

    /// <summary>As a parameter entry, exact enough to give the same value back.</summary>
    public static string Number(double value) => value.ToString("0.####", CultureInfo.InvariantCulture);
}
