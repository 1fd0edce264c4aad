using System.Numerics;

namespace Emboq.Core.Quantities;

/// <summary>An exact fraction in lowest terms, its denominator positive. <c>default</c> is not a number: use <see cref="Whole"/>.</summary>
public readonly record struct Rational
{
    /// <summary>Numerator over denominator, reduced.</summary>
    /// <exception cref="DivideByZeroException">The denominator is zero.</exception>
    public Rational(BigInteger numerator, BigInteger denominator)
    {
        if (denominator.IsZero)
        {
            throw new DivideByZeroException();
        }

        var common = BigInteger.GreatestCommonDivisor(numerator, denominator) * denominator.Sign;
        (Numerator, Denominator) = (numerator / common, denominator / common);
    }

    /// <summary>Carries the sign.</summary>
    public BigInteger Numerator { get; }

    /// <summary>Positive.</summary>
    public BigInteger Denominator { get; }

    /// <summary>A whole number.</summary>
    public static Rational Whole(BigInteger value) => new(value, 1);

    /// <summary>Nearest double.</summary>
    public double ToDouble() => (double)Numerator / (double)Denominator;

    /// <summary>Sum.</summary>
    public static Rational operator +(Rational a, Rational b) => new((a.Numerator * b.Denominator) + (b.Numerator * a.Denominator),
        a.Denominator * b.Denominator);

    /// <summary>Difference.</summary>
    public static Rational operator -(Rational a, Rational b) => a + new Rational(-b.Numerator, b.Denominator);

    /// <summary>Product.</summary>
    public static Rational operator *(Rational a, Rational b) => new(a.Numerator * b.Numerator, a.Denominator * b.Denominator);

    /// <summary>Quotient.</summary>
    public static Rational operator /(Rational a, Rational b) => new(a.Numerator * b.Denominator, a.Denominator * b.Numerator);

    /// <summary>As "7/16", or "3" when whole.</summary>
    public override string ToString() => Denominator.IsOne ? $"{Numerator}" : $"{Numerator}/{Denominator}";
}
