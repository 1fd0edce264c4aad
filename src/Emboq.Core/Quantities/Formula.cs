using System.Globalization;

namespace Emboq.Core.Quantities;

/// <summary>How a derived quantity was computed: a small expression whose leaves are named quantities.</summary>
public abstract record Formula
{
    private Formula() { }

    /// <summary>A named quantity.</summary>
    public sealed record Leaf(Quantity Quantity) : Formula;

    /// <summary>A bare factor, like the 2 in a radius.</summary>
    public sealed record Number(double Value) : Formula;

    /// <summary>Two formulas joined by one of + − × ÷.</summary>
    public sealed record Binary(Operation Operation, Formula Left, Formula Right) : Formula;

    /// <summary>A function with its arguments.</summary>
    public sealed record Call(string Function, IReadOnlyList<Formula> Arguments) : Formula;

    /// <summary>The formula in names: "pipe outside + clearance".</summary>
    public string InNames() => Write(this, leaf => leaf.Name, 0);

    /// <summary>The same in numbers: "63.2 + 0.1".</summary>
    public string InNumbers() => Write(this, leaf => Figure(leaf.Value), 0);

    /// <summary>The named quantities it starts from, each once, in order of appearance.</summary>
    public IReadOnlyList<Quantity> Inputs() => [.. Leaves(this).DistinctBy(q => q.Name)];

    private static IEnumerable<Quantity> Leaves(Formula formula) => formula switch
    {
        Leaf leaf => [leaf.Quantity],
        Number => [],
        Binary binary => Leaves(binary.Left).Concat(Leaves(binary.Right)),
        Call call => call.Arguments.SelectMany(Leaves),
        _ => throw new InvalidOperationException($"No inputs are defined for {formula.GetType().Name}."),
    };

    private static string Write(Formula formula, Func<Quantity, string> leaf, int outer) => formula switch
    {
        Leaf l => leaf(l.Quantity),
        Number n => Figure(n.Value),
        Binary b => WriteBinary(b, leaf, outer),
        Call { Function: "square", Arguments: [var of] } => $"{Write(of, leaf, 3)}²",
        Call c => $"{c.Function}({string.Join(", ", c.Arguments.Select(a => Write(a, leaf, 0)))})",
        _ => throw new InvalidOperationException($"No text is defined for {formula.GetType().Name}."),
    };

    private static string WriteBinary(Binary b, Func<Quantity, string> leaf, int outer)
    {
        var (sign, level) = b.Operation switch
        {
            Operation.Add => ("+", 1),
            Operation.Subtract => ("−", 1),
            Operation.Multiply => ("×", 2),
            Operation.Divide => ("÷", 2),
            _ => throw new InvalidOperationException($"No sign is defined for {b.Operation}."),
        };
        // The right side of − and ÷ needs brackets at its own level too.
        var right = b.Operation is Operation.Subtract or Operation.Divide ? level + 1 : level;
        var text = $"{Write(b.Left, leaf, level)} {sign} {Write(b.Right, leaf, right)}";
        return level < outer ? $"({text})" : text;
    }

    private static string Figure(double value)
    {
        var text = Math.Abs(value) is >= 0.01 or 0
            ? Math.Round(value, 3).ToString("0.###", CultureInfo.InvariantCulture)
            : value.ToString("G3", CultureInfo.InvariantCulture);
        return value < 0 ? $"({text.Replace('-', '−')})" : text;
    }
}

/// <summary>The four joinings of a formula.</summary>
public enum Operation
{
    /// <summary>Sum.</summary>
    Add,

    /// <summary>Difference.</summary>
    Subtract,

    /// <summary>Product.</summary>
    Multiply,

    /// <summary>Quotient.</summary>
    Divide,
}
