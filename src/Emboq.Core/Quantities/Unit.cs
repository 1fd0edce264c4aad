using System.Globalization;

namespace Emboq.Core.Quantities;

/// <summary>The unit of a <see cref="Quantity"/>, as exponents of the five units used inside: mm, g, s, degrees and N.
/// MPa is N/mm². Two units are equal when their exponents are; <c>default</c> is a plain number.</summary>
/// <param name="Mm">Exponent of millimetres.</param>
/// <param name="Gram">Exponent of grams.</param>
/// <param name="Second">Exponent of seconds.</param>
/// <param name="Degree">Exponent of degrees of arc.</param>
/// <param name="Newton">Exponent of newtons.</param>
public readonly record struct Unit(sbyte Mm = 0, sbyte Gram = 0, sbyte Second = 0, sbyte Degree = 0, sbyte Newton = 0)
{
    /// <summary>A number without unit.</summary>
    public static Unit None => default;

    /// <summary>Millimetres, the length used everywhere inside.</summary>
    public static Unit Millimetre => new(Mm: 1);

    /// <summary>Degrees of arc.</summary>
    public static Unit DegreeOfArc => new(Degree: 1);

    /// <summary>Grams.</summary>
    public static Unit Grams => new(Gram: 1);

    /// <summary>Grams per cubic millimetre. 1 g/cm³ is 0.001 of it.</summary>
    public static Unit Density => new(Mm: -3, Gram: 1);

    /// <summary>Cubic millimetres a second, a flow. 1 m³/h is 277 778 of it.</summary>
    public static Unit Flow => new(Mm: 3, Second: -1);

    /// <summary>Millimetres a second.</summary>
    public static Unit Speed => new(Mm: 1, Second: -1);

    /// <summary>Pascals: g/(mm·s²) is exactly that.</summary>
    public static Unit Pascal => new(Mm: -1, Gram: 1, Second: -2);

    /// <summary>Seconds.</summary>
    public static Unit Seconds => new(Second: 1);

    /// <summary>g·mm²/s²: a joule is 1e9 of it.</summary>
    public static Unit Energy => new(Mm: 2, Gram: 1, Second: -2);

    /// <summary>The unit of a product.</summary>
    public static Unit operator *(Unit a, Unit b) => checked(new(
        (sbyte)(a.Mm + b.Mm), (sbyte)(a.Gram + b.Gram), (sbyte)(a.Second + b.Second),
        (sbyte)(a.Degree + b.Degree), (sbyte)(a.Newton + b.Newton)));

    /// <summary>The unit of a quotient.</summary>
    public static Unit operator /(Unit a, Unit b) => checked(new(
        (sbyte)(a.Mm - b.Mm), (sbyte)(a.Gram - b.Gram), (sbyte)(a.Second - b.Second),
        (sbyte)(a.Degree - b.Degree), (sbyte)(a.Newton - b.Newton)));

    /// <summary>The symbol as printed: <c>mm</c>, <c>g/mm³</c>, <c>MPa</c>, or nothing for a plain number.</summary>
    public override string ToString()
    {
        if (this == new Unit(Mm: -2, Newton: 1))
        {
            return "MPa";
        }

        (string Symbol, sbyte Power)[] parts = [("N", Newton), ("g", Gram), ("mm", Mm), ("s", Second), ("°", Degree)];
        var above = string.Join("·", parts.Where(p => p.Power > 0).Select(p => Raised(p.Symbol, p.Power)));
        var below = string.Join("·", parts.Where(p => p.Power < 0).Select(p => Raised(p.Symbol, -p.Power)));
        return below.Length == 0 ? above : $"{(above.Length == 0 ? "1" : above)}/{below}";
    }

    private static string Raised(string symbol, int power) => power switch
    {
        1 => symbol,
        2 => symbol + "²",
        3 => symbol + "³",
        _ => string.Create(CultureInfo.InvariantCulture, $"{symbol}^{power}"),
    };
}
