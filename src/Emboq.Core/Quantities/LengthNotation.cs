using System.Globalization;
using System.Numerics;

namespace Emboq.Core.Quantities;

/// <summary>Lengths as they are written in a workshop: <c>88.9</c>, <c>21 3/8</c>, <c>1-7/16"</c>, <c>3.25in</c>, <c>2'3 1/2"</c>, <c>31*2+0.8</c>.
/// A bare number is in the leading system; a bare workshop fraction (a proper one in 2nds to 64ths) is always inches, for nobody writes 3/8 mm.</summary>
public static class LengthNotation
{
    /// <summary>25.4 exactly.</summary>
    public static readonly Rational MillimetresPerInch = new(254, 10);

    private static readonly int[] WorkshopDenominators = [2, 4, 8, 16, 32, 64];

    /// <summary>Reads a length exactly.</summary>
    /// <param name="text">The entry.</param>
    /// <param name="leading">What a bare number means.</param>
    /// <param name="field">Path of the field, for problems.</param>
    /// <returns>The length, or one problem that says where the entry goes wrong.</returns>
    public static Outcome<LengthEntry> Parse(string text, LengthSystem leading, string field)
    {
        try
        {
            return new LengthParser(text, leading).Parse();
        }
        catch (LengthParser.Trouble trouble)
        {
            return new Problem(field, text, trouble.Message, trouble.Remedy, Position: trouble.Position);
        }
    }

    /// <summary>Writes a length exactly where its system can: millimetres as a decimal, inches as a workshop fraction;
    /// other values as an exact quotient. <see cref="Parse"/> of the result gives the same rational.</summary>
    public static string Print(LengthEntry length)
    {
        var (number, unit) = length.System == LengthSystem.Metric
            ? (length.Millimetres, "mm")
            : (length.Millimetres / MillimetresPerInch, "in");
        if (length.System == LengthSystem.Inch && IsWorkshopFraction(number))
        {
            return $"{Mixed(number)} in";
        }

        return Decimal(number) is { } text ? $"{text} {unit}" : $"{number.Numerator} {unit} / {number.Denominator}";
    }

    /// <summary>Inches for showing: nearest 1/64, and what is left over in mm when that is not exact to 0.005 mm.
    /// Under an eighth, where fractions tell nothing, thousandths.</summary>
    public static string ShowInches(double millimetres)
    {
        if (Math.Abs(millimetres) < 25.4 / 8)
        {
            return string.Create(CultureInfo.InvariantCulture, $"{millimetres / 25.4:0.000} in").Replace('-', '−');
        }

        var sixtyFourths = (BigInteger)Math.Round(millimetres / 25.4 * 64, MidpointRounding.AwayFromZero);
        var rest = millimetres - ((double)sixtyFourths / 64 * 25.4);
        var fraction = Mixed(new Rational(sixtyFourths, 64));
        return Math.Abs(rest) < 0.005
            ? $"{fraction} in"
            : string.Create(CultureInfo.InvariantCulture, $"{fraction} in {(rest < 0 ? '−' : '+')} {Math.Abs(rest):0.00} mm");
    }

    private static bool IsWorkshopFraction(Rational number) =>
        number.Denominator.IsOne || WorkshopDenominators.Contains((int)BigInteger.Min(number.Denominator, 65));

    private static string Mixed(Rational number)
    {
        var sign = number.Numerator.Sign < 0 ? "-" : "";
        var whole = BigInteger.DivRem(BigInteger.Abs(number.Numerator), number.Denominator, out var rest);
        var fraction = rest.IsZero ? "" : $"{rest}/{number.Denominator}";
        return sign + (fraction.Length == 0 ? $"{whole}" : whole.IsZero ? fraction : $"{whole} {fraction}");
    }

    private static string? Decimal(Rational number)
    {
        // A fraction ends as a decimal when its denominator has no prime factors but 2 and 5.
        for (int digits = 0; digits <= 12; digits++)
        {
            var scaled = number * Rational.Whole(BigInteger.Pow(10, digits));
            if (scaled.Denominator.IsOne)
            {
                var figures = BigInteger.Abs(scaled.Numerator).ToString(CultureInfo.InvariantCulture).PadLeft(digits + 1, '0');
                var sign = scaled.Numerator.Sign < 0 ? "-" : "";
                return sign + (digits == 0 ? figures : $"{figures[..^digits]}.{figures[^digits..]}");
            }
        }

        return null;
    }
}
