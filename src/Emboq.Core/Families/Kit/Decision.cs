namespace Emboq.Core.Families.Kit;

/// <summary>Something the maker decides: what is asked, and what it comes to, in one declaration.</summary>
/// <typeparam name="T">What it is read as.</typeparam>
/// <param name="Spec">What is asked.</param>
/// <param name="Read">Reads it; a figure becomes a line of the ledger on the way.</param>
internal sealed record Decision<T>(ParameterSpec Spec, Func<ParameterValues, Ledger, T> Read)
{
    /// <summary>Asked only while another decision, or a place, stands as told.</summary>
    public Decision<T> If(string condition, params string[] options) => this with { Spec = Spec.If(condition, options) };

    /// <summary>Sets it with one press.</summary>
    /// <param name="value">In its unit.</param>
    /// <param name="label">What pressing it does; "{0}" stands for the length.</param>
    public Remedy To(double value, string label) => Spec.To(value, label);
}

/// <summary>Decisions of every sort.</summary>
internal static class Decide
{
    /// <summary>Sets what is asked with one press.</summary>
    /// <param name="spec">What is asked.</param>
    /// <param name="value">In its unit.</param>
    /// <param name="label">What pressing it does; "{0}" stands for the length.</param>
    public static Remedy To(this ParameterSpec spec, double value, string label) => new Remedy.Change(
        label.Replace("{0}", Figures.Mm(value), StringComparison.Ordinal), new Dictionary<string, string> { [spec.Key] = Figures.Number(value) });

    /// <summary>A length, mm, that has a usual value.</summary>
    /// <param name="name">As the ledger calls it.</param>
    /// <param name="because">Why the ledger has it.</param>
    /// <param name="spec">What is asked.</param>
    public static Decision<Quantity> Length(string name, string because, ParameterSpec spec) => new(spec, (p, ledger) =>
        ledger.Add(spec.Key, name, Quantity.Chosen(name, p.Number(spec.Key)!.Value, Unit.Millimetre), because));

    /// <summary>A choice, read as what its option stands for.</summary>
    public static Decision<T> Choice<T>(string key, string label, string help, params (string Key, string Label, T Value)[] options)
    {
        var spec = Specs.Choice(key, label, options[0].Key, help, [.. options.Select(o => new ParameterOption(o.Key, o.Label))]);
        return new(spec, (p, _) => options.First(o => o.Key == p.Choice(key)).Value);
    }

    /// <summary>How it lies on the bed: the first way is the usual one.</summary>
    public static Decision<WayUp> Way(IReadOnlyList<WayUp> ways) => new(Specs.WayUp(ways), (p, _) => ways.First(w => w.Key == p.Choice(WayUp.UsualBy)));
}
