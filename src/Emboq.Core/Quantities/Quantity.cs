using MathNet.Numerics.Distributions;

namespace Emboq.Core.Quantities;

/// <summary>A number that matters: value, unit, name, provenance, and how it depends on every independent source of doubt.
/// Arithmetic builds formula and gradient together (forward-mode differentiation), so first-order uncertainty
/// (JCGM 100, clause 5) falls out of it. Immutable. Repeated inputs are correlated: <c>a - a</c> has no spread.</summary>
public sealed class Quantity
{
    private readonly Gradient gradient;
    private readonly Formula? formula;

    private Quantity(string name, double value, Unit unit, Provenance? provenance, Formula? formula, Gradient gradient, string? note)
    {
        if (!double.IsFinite(value))
        {
            throw new ArgumentOutOfRangeException(nameof(value), value, $"{(name.Length > 0 ? name : formula?.InNumbers())} is not a finite number.");
        }

        (Name, Value, Unit, Note) = (name, value, unit, note);
        (this.formula, this.gradient) = (formula, gradient);
        Provenance = provenance ?? new Provenance.Derived(formula!);
    }

    /// <summary>What it is called in ledgers and formulas; empty for an intermediate result.</summary>
    public string Name { get; }

    /// <summary>The best estimate, in <see cref="Unit"/>; always finite.</summary>
    public double Value { get; }

    /// <summary>The unit of <see cref="Value"/>.</summary>
    public Unit Unit { get; }

    /// <summary>Where it comes from.</summary>
    public Provenance Provenance { get; }

    /// <summary>What else a reader should know: a rounding that was chosen, two branches close to a tie.</summary>
    public string? Note { get; }

    /// <summary>One standard deviation, in <see cref="Unit"/> (JCGM 100, formula 10, over independent sources).</summary>
    public double StandardUncertainty => Math.Sqrt(Gradient.Covariance(gradient, gradient));

    /// <summary>Effective degrees of freedom (Welch-Satterthwaite, JCGM 100, G.2b); infinite when every source is taken as given.</summary>
    public double DegreesOfFreedom
    {
        get
        {
            var below = gradient.Terms.Sum(t => Math.Pow(t.Partial * t.Source.StandardUncertainty, 4) / t.Source.DegreesOfFreedom);
            return below == 0 ? double.PositiveInfinity : Math.Pow(StandardUncertainty, 4) / below;
        }
    }

    /// <summary>The sources that matter and the share of each in the variance, largest first. The shares add to one.</summary>
    public IReadOnlyList<(Source Source, double Share)> Shares
    {
        get
        {
            var variance = Gradient.Covariance(gradient, gradient);
            return variance == 0 ? [] : [.. gradient.Terms
                .Select(t => (t.Source, Share: Math.Pow(t.Partial * t.Source.StandardUncertainty, 2) / variance))
                .Where(t => t.Share > 0)
                .OrderByDescending(t => t.Share)];
        }
    }

    /// <summary>What it depends on, and how steeply.</summary>
    internal IReadOnlyList<(Source Source, double Partial)> Terms => gradient.Terms;

    /// <summary>The same quantity as it is estimated elsewhere, with what is known of its sources: moved by so much, and with other partials.</summary>
    /// <param name="name">What it is called where it has no name.</param>
    /// <param name="by">In <see cref="Unit"/>.</param>
    /// <param name="provenance">Where that comes from.</param>
    /// <param name="more">Added to the partial of each source; a source may come again.</param>
    internal Quantity Moved(string name, double by, Provenance provenance, IEnumerable<(Source Source, double Partial)> more)
    {
        var terms = new Dictionary<string, (Source Source, double Partial)>();
        foreach (var (source, partial) in gradient.Terms.Concat(more))
        {
            terms[source.Id] = (source, partial + terms.GetValueOrDefault(source.Id).Partial);
        }

        return new(Name.Length > 0 ? Name : name, Value + by, Unit, provenance, null, Gradient.Sorted(terms.Values), null);
    }

    /// <summary>A starting value that others are computed from.</summary>
    /// <param name="name">Its name, not empty.</param>
    /// <param name="value">In <paramref name="unit"/>; finite.</param>
    /// <param name="unit">The unit.</param>
    /// <param name="provenance">Where it comes from.</param>
    /// <param name="terms">Each source of doubt with the partial derivative of the value by it.</param>
    public static Quantity Input(string name, double value, Unit unit, Provenance provenance, params IEnumerable<(Source Source, double Partial)> terms)
    {
        ArgumentException.ThrowIfNullOrWhiteSpace(name);
        return new(name, value, unit, provenance, null, Gradient.Of(terms), null);
    }

    /// <summary>A value the maker chose; exact.</summary>
    public static Quantity Chosen(string name, double value, Unit unit, string by = "the maker") =>
        Input(name, value, unit, new Provenance.Chosen(by));

    /// <summary>A value from common practice without a published source.</summary>
    public static Quantity RuleOfThumb(string name, double value, Unit unit, string statement) =>
        Input(name, value, unit, new Provenance.RuleOfThumb(statement));

    /// <summary>The partial derivative by one source; 0 when it does not depend on it.</summary>
    public double Partial(Source source) => gradient.Terms.FirstOrDefault(t => t.Source == source).Partial;

    /// <summary>The covariance of two quantities, through the sources they share.</summary>
    public static double Covariance(Quantity a, Quantity b) => Gradient.Covariance(a.gradient, b.gradient);

    /// <summary>Half the width of the interval that holds the true value with this probability (JCGM 100, G.3: Student's t).</summary>
    /// <param name="probability">Between 0 and 1, both excluded.</param>
    public double Expanded(double probability)
    {
        var tail = (1 + probability) / 2;
        var k = double.IsInfinity(DegreesOfFreedom)
            ? Normal.InvCDF(0, 1, tail)
            : StudentT.InvCDF(0, 1, Math.Max(1, Math.Floor(DegreesOfFreedom)), tail);
        return k * StandardUncertainty;
    }

    /// <summary>The same quantity under a name; later formulas refer to it by that name.</summary>
    public Quantity Named(string name) => new(name, Value, Unit, Provenance, formula, gradient, Note);

    /// <summary>The same quantity, with its provenance told anew; spread and dependence stay.</summary>
    public Quantity From(Provenance provenance) => new(Name, Value, Unit, provenance, formula, gradient, Note);

    /// <summary>The value alone, as a decision taken: no longer moved by what it was computed from.</summary>
    public Quantity Fixed(string name, string by) => new(name, Value, Unit, new Provenance.Chosen(by), null, Gradient.Zero, null);

    /// <summary>Rounded up to a whole multiple of a step: a choice, so its gradient is zero.</summary>
    public Quantity RoundedUpTo(Quantity step)
    {
        RequireSame(step);
        var count = Math.Max(1, Math.Ceiling((Value / step.Value) - 1e-9));
        return new("", count * step.Value, Unit, null, new Formula.Call("rounded up", [Expression, step.Expression]), Gradient.Zero,
            $"Rounded up to {count} times {step.Name}.");
    }

    /// <summary>The greater of two; follows the active branch and says when it was close.</summary>
    public static Quantity Max(Quantity a, Quantity b) => Pick("max", a, b, a.Value >= b.Value ? a : b);

    /// <summary>The lesser of two; follows the active branch and says when it was close.</summary>
    public static Quantity Min(Quantity a, Quantity b) => Pick("min", a, b, a.Value <= b.Value ? a : b);

    /// <summary>The square root.</summary>
    public static Quantity Sqrt(Quantity a)
    {
        if (a.Unit.Mm % 2 != 0 || a.Unit != new Unit(Mm: a.Unit.Mm))
        {
            throw new ArgumentException($"No unit is defined for the root of {a.Unit}.", nameof(a));
        }

        var root = Math.Sqrt(a.Value);
        return Function("√", a, root, new Unit(Mm: (sbyte)(a.Unit.Mm / 2)), 0.5 / root);
    }

    /// <summary>The square.</summary>
    public static Quantity Square(Quantity a) => Function("square", a, a.Value * a.Value, a.Unit * a.Unit, 2 * a.Value);

    /// <summary>The absolute value.</summary>
    public static Quantity Abs(Quantity a) => Function("size of", a, Math.Abs(a.Value), a.Unit, Math.Sign(a.Value));

    /// <summary>The tangent of an angle in degrees.</summary>
    public static Quantity Tan(Quantity a)
    {
        a.RequireUnit(Unit.DegreeOfArc);
        var tan = Math.Tan(a.Value * RadiansPerDegree);
        return Function("tan", a, tan, Unit.None, (1 + (tan * tan)) * RadiansPerDegree);
    }

    /// <summary>The angle, in degrees, whose tangent is a plain number.</summary>
    public static Quantity Atan(Quantity a)
    {
        a.RequireUnit(Unit.None);
        return Function("atan", a, Math.Atan(a.Value) / RadiansPerDegree, Unit.DegreeOfArc, 1 / (1 + (a.Value * a.Value)) / RadiansPerDegree);
    }

    /// <summary>The angle, in degrees, whose sine is a plain number between −1 and 1.</summary>
    public static Quantity Asin(Quantity a)
    {
        a.RequireUnit(Unit.None);
        return Function("asin", a, Math.Asin(a.Value) / RadiansPerDegree, Unit.DegreeOfArc, 1 / Math.Sqrt(1 - (a.Value * a.Value)) / RadiansPerDegree);
    }

    /// <summary>The sine of an angle in degrees.</summary>
    public static Quantity Sin(Quantity a)
    {
        a.RequireUnit(Unit.DegreeOfArc);
        var radians = a.Value * RadiansPerDegree;
        return Function("sin", a, Math.Sin(radians), Unit.None, Math.Cos(radians) * RadiansPerDegree);
    }

    /// <summary>The cosine of an angle in degrees.</summary>
    public static Quantity Cos(Quantity a)
    {
        a.RequireUnit(Unit.DegreeOfArc);
        var radians = a.Value * RadiansPerDegree;
        return Function("cos", a, Math.Cos(radians), Unit.None, -Math.Sin(radians) * RadiansPerDegree);
    }

    /// <summary>Sum of two of one unit.</summary>
    public static Quantity operator +(Quantity a, Quantity b)
    {
        a.RequireSame(b);
        return Binary(Operation.Add, a, b, a.Value + b.Value, a.Unit, 1, 1);
    }

    /// <summary>Difference of two of one unit.</summary>
    public static Quantity operator -(Quantity a, Quantity b)
    {
        a.RequireSame(b);
        return Binary(Operation.Subtract, a, b, a.Value - b.Value, a.Unit, 1, -1);
    }

    /// <summary>Product.</summary>
    public static Quantity operator *(Quantity a, Quantity b) =>
        Binary(Operation.Multiply, a, b, a.Value * b.Value, a.Unit * b.Unit, b.Value, a.Value);

    /// <summary>Quotient.</summary>
    public static Quantity operator /(Quantity a, Quantity b) =>
        Binary(Operation.Divide, a, b, a.Value / b.Value, a.Unit / b.Unit, 1 / b.Value, -a.Value / (b.Value * b.Value));

    /// <summary>A multiple.</summary>
    public static Quantity operator *(double factor, Quantity a) =>
        new("", factor * a.Value, a.Unit, null, new Formula.Binary(Operation.Multiply, new Formula.Number(factor), a.Expression),
            Gradient.Combine(a.gradient, factor, Gradient.Zero, 0), null);

    /// <summary>A fraction.</summary>
    public static Quantity operator /(Quantity a, double divisor) =>
        new("", a.Value / divisor, a.Unit, null, new Formula.Binary(Operation.Divide, a.Expression, new Formula.Number(divisor)),
            Gradient.Combine(a.gradient, 1 / divisor, Gradient.Zero, 0), null);

    /// <summary>Name, value and unit.</summary>
    public override string ToString() => FormattableString.Invariant($"{(Name.Length > 0 ? Name + " " : "")}{Value:0.###} {Unit}").TrimEnd();

    private const double RadiansPerDegree = Math.PI / 180;

    private Formula Expression => Name.Length > 0 || formula is null ? new Formula.Leaf(this) : formula;

    private static Quantity Binary(Operation operation, Quantity a, Quantity b, double value, Unit unit, double da, double db) =>
        new("", value, unit, null, new Formula.Binary(operation, a.Expression, b.Expression), Gradient.Combine(a.gradient, da, b.gradient, db), null);

    private static Quantity Function(string name, Quantity a, double value, Unit unit, double derivative) =>
        new("", value, unit, null, new Formula.Call(name, [a.Expression]), Gradient.Combine(a.gradient, derivative, Gradient.Zero, 0), null);

    private static Quantity Pick(string function, Quantity a, Quantity b, Quantity picked)
    {
        a.RequireSame(b);
        var gap = Math.Abs(a.Value - b.Value);
        var spread = Math.Sqrt(Math.Max(0, Gradient.Covariance(a.gradient, a.gradient) + Gradient.Covariance(b.gradient, b.gradient) - (2 * Covariance(a, b))));
        var note = gap > 0 && gap < 2 * spread ? $"{a.Name} and {b.Name} are close: either may decide." : null;
        return new("", picked.Value, picked.Unit, null, new Formula.Call(function, [a.Expression, b.Expression]), picked.gradient, note);
    }

    private void RequireSame(Quantity other) => other.RequireUnit(Unit);

    private void RequireUnit(Unit wanted)
    {
        if (Unit != wanted)
        {
            throw new ArgumentException($"{this} is in '{Unit}' where '{wanted}' is needed.");
        }
    }
}
