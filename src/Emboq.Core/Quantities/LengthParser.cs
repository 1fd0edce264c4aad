using System.Globalization;
using System.Numerics;

namespace Emboq.Core.Quantities;

/// <summary>Recursive descent over one entry. Grammar:
/// sum = product { (+|-) product } ; product = factor { (*|/) factor } ; factor = [-] ( "(" sum ")" | length ) ;
/// length = mixed (' | ft) [ mixed ["] ] | mixed [unit] ; mixed = number | whole (space|-) n/d | n/d.
/// A fraction is one number when it is a proper one in halves to sixty-fourths, or when a unit stands right behind it.</summary>
internal sealed class LengthParser(string text, LengthSystem leading)
{
    private const int LongestEntry = 64;
    private static readonly Rational MillimetresPerFoot = Rational.Whole(12) * LengthNotation.MillimetresPerInch;
    private static readonly (string Word, Rational Millimetres, LengthSystem System)[] Units =
    [
        ("mm", Rational.Whole(1), LengthSystem.Metric),
        ("cm", Rational.Whole(10), LengthSystem.Metric),
        ("m", Rational.Whole(1000), LengthSystem.Metric),
        ("in", LengthNotation.MillimetresPerInch, LengthSystem.Inch),
        ("inch", LengthNotation.MillimetresPerInch, LengthSystem.Inch),
        ("inches", LengthNotation.MillimetresPerInch, LengthSystem.Inch),
        ("ft", MillimetresPerFoot, LengthSystem.Inch),
        ("foot", MillimetresPerFoot, LengthSystem.Inch),
        ("feet", MillimetresPerFoot, LengthSystem.Inch),
    ];

    private int at;

    /// <summary>A value on the way: a bare number waits for its unit; a length has one.</summary>
    private sealed record Term(Rational Value, LengthSystem? System, bool Fraction);

    public LengthEntry Parse()
    {
        if (text.Length > LongestEntry)
        {
            throw new Trouble(LongestEntry, $"The entry is {text.Length} characters long; {LongestEntry} is the limit.", "Shorten it.");
        }

        SkipSpace();
        if (at == text.Length)
        {
            throw new Trouble(0, "Nothing is entered.", "Type a length, like 51.2 or 2 1/64 in.");
        }

        var term = Sum();
        SkipSpace();
        if (at < text.Length)
        {
            throw Unexpected();
        }

        var system = term.System ?? (term.Fraction ? LengthSystem.Inch : leading);
        var scale = term.System is null && system == LengthSystem.Inch ? LengthNotation.MillimetresPerInch : Rational.Whole(1);
        return new(term.Value * scale, system);
    }

    private Term Sum()
    {
        var left = Product();
        while (Operator('+', '-') is { } sign)
        {
            var from = at;
            var right = Product();
            if ((left.System is null) != (right.System is null))
            {
                throw new Trouble(from, "One side of this sum has a unit and the other has none.", "Give both a unit, or neither.");
            }

            left = new(sign == '+' ? left.Value + right.Value : left.Value - right.Value, left.System ?? right.System, left.Fraction || right.Fraction);
        }

        return left;
    }

    private Term Product()
    {
        var left = Factor();
        while (Operator('*', '/') is { } sign)
        {
            var from = at;
            var right = Factor();
            if (sign == '/' && right.System is not null)
            {
                throw new Trouble(from, "A length cannot be divided by a length here.", "Divide by a plain number.");
            }

            if (sign == '*' && left.System is not null && right.System is not null)
            {
                throw new Trouble(from, "Two lengths multiplied make an area.", "Leave the unit off one of them.");
            }

            if (sign == '/' && right.Value.Numerator.IsZero)
            {
                throw new Trouble(from, "This divides by zero.", "Change the number after the stroke.");
            }

            left = new(sign == '*' ? left.Value * right.Value : left.Value / right.Value, left.System ?? right.System, left.Fraction || right.Fraction);
        }

        return left;
    }

    private Term Factor()
    {
        SkipSpace();
        if (Take('-'))
        {
            var inner = Factor();
            return inner with { Value = Rational.Whole(0) - inner.Value };
        }

        if (Take('('))
        {
            var inner = Sum();
            SkipSpace();
            return Take(')') ? inner : throw new Trouble(at, "A bracket is not closed.", "Add the closing bracket.");
        }

        return Length();
    }

    private Term Length()
    {
        var (value, fraction) = Mixed();
        if (!FootMark())
        {
            if (Unit() is not { } unit)
            {
                return new(value, null, fraction);
            }

            if (unit.Millimetres != MillimetresPerFoot)
            {
                return new(value * unit.Millimetres, unit.System, fraction);
            }
        }

        var inches = value * Rational.Whole(12);
        var back = at;
        SkipSpace();
        if (at < text.Length && char.IsAsciiDigit(text[at]))
        {
            inches += Mixed().Value;
            var place = at;
            if (Unit() is { } after && after.Millimetres != LengthNotation.MillimetresPerInch)
            {
                throw new Trouble(place, "After feet come inches.", "Write it like 2'3 1/2\".");
            }
        }
        else
        {
            at = back;
        }

        return new(inches * LengthNotation.MillimetresPerInch, LengthSystem.Inch, false);
    }

    private (Rational Value, bool Fraction) Mixed()
    {
        SkipSpace();
        var first = Number();
        if (!first.Whole)
        {
            return (first.Value, false);
        }

        if (FractionAfter(first.Value.Numerator) is { } alone)
        {
            return (alone, true);
        }

        // 21 3/8 and 1-7/16: a whole number, a space or a hyphen, and a proper workshop fraction right behind.
        var back = at;
        var spaced = SkipSpace();
        if ((spaced || Take('-')) && at < text.Length && char.IsAsciiDigit(text[at]))
        {
            var top = Number();
            if (top.Whole && FractionAfter(top.Value.Numerator, proper: true) is { } part)
            {
                return (first.Value + part, true);
            }

            if (spaced)
            {
                throw new Trouble(back, "Two numbers stand side by side.", "Put a sign between them, or write a fraction like 21 3/8.");
            }
        }

        at = back;
        return (first.Value, false);
    }

    /// <summary>The rest of n/d when it is one number; otherwise nothing is taken.</summary>
    private Rational? FractionAfter(BigInteger top, bool proper = false)
    {
        var back = at;
        if (Take('/'))
        {
            if (at == text.Length && proper)
            {
                throw new Trouble(at, "The bottom of this fraction is missing.", $"Finish it, like {text.Trim()}8.");
            }

            if (at < text.Length && char.IsAsciiDigit(text[at]))
            {
                var bottom = Number();
                if (bottom.Whole && bottom.Value.Numerator is var d && d >= 1
                    && ((top < d && d <= 64 && d > 1 && d.IsPowerOfTwo) || (UnitFollows() && !(proper && top >= d))))
                {
                    return new Rational(top, d);
                }
            }
        }

        at = back;
        return null;
    }

    private bool UnitFollows()
    {
        var next = text[at..].TrimStart();
        return next.Length > 0 && (char.IsLetter(next[0]) || next[0] is '"' or '″' or '”' or '\'' or '′' or '’');
    }

    private (Rational Value, bool Whole) Number()
    {
        var start = at;
        var whole = Digits();
        var comma = Take(',');
        if (!comma && !Take('.'))
        {
            return whole.Length > 0 ? (Rational.Whole(BigInteger.Parse(whole, CultureInfo.InvariantCulture)), true) : throw Unexpected();
        }

        var mark = at - 1;
        var part = Digits();
        if (comma && !(PlainNumber.IsDecimalComma(whole, part) && !(at < text.Length && text[at] is '.' or ',')))
        {
            throw new Trouble(mark, PlainNumber.Ambiguous,
                $"Write {text[start..mark]}.{text[(mark + 1)..].TrimEnd()}, or {text[start..mark]}{text[(mark + 1)..].TrimEnd()}.");
        }

        return whole.Length + part.Length > 0
            ? (new(BigInteger.Parse("0" + whole + part, CultureInfo.InvariantCulture), BigInteger.Pow(10, part.Length)), false)
            : throw Unexpected();
    }

    private string Digits()
    {
        var start = at;
        while (at < text.Length && char.IsAsciiDigit(text[at]))
        {
            at++;
        }

        return text[start..at];
    }

    private (Rational Millimetres, LengthSystem System)? Unit()
    {
        var back = at;
        SkipSpace();
        if (Take('"') || Take('″') || Take('”'))
        {
            return (LengthNotation.MillimetresPerInch, LengthSystem.Inch);
        }

        var start = at;
        while (at < text.Length && char.IsLetter(text[at]))
        {
            at++;
        }

        var word = text[start..at];
        if (word.Length == 0)
        {
            at = back;
            return null;
        }

        var known = Units.FirstOrDefault(u => u.Word.Equals(word, StringComparison.OrdinalIgnoreCase));
        return known.Word is null
            ? throw new Trouble(start, $"'{word}' is not a unit of length known here.", "Use mm, cm, m, in, inch, \", ft, feet or '.")
            : (known.Millimetres, known.System);
    }

    private bool FootMark() => Take('\'') || Take('′') || Take('’');

    private char? Operator(char a, char b)
    {
        SkipSpace();
        char? taken = Take(a) ? a : Take(b) ? b : null;
        SkipSpace();
        return taken;
    }

    private bool Take(char wanted)
    {
        var taken = at < text.Length && text[at] == wanted;
        at += taken ? 1 : 0;
        return taken;
    }

    private bool SkipSpace()
    {
        var start = at;
        while (at < text.Length && char.IsWhiteSpace(text[at]))
        {
            at++;
        }

        return at > start;
    }

    private Trouble Unexpected() => at == text.Length
        ? new(at, "The entry stops where a number is wanted.", "Finish it, or take the last sign away.")
        : new(at, $"'{text[at]}' cannot stand here.", "Use digits, a point, fractions, + - * / and units.");

    /// <summary>Where and why the entry cannot be read.</summary>
    internal sealed class Trouble(int position, string message, string remedy) : Exception(message)
    {
        public int Position { get; } = position;

        public string Remedy { get; } = remedy;
    }
}
