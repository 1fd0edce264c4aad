namespace Emboq.Core.Notebook;

/// <summary>What is offered after a part was told not to do what it must.</summary>
public static class Offers
{
    /// <summary>What is offered for a part as it stands; nothing where the decision does not count, has changed since, or is at its end.</summary>
    /// <param name="help">What is usually changed.</param>
    /// <param name="family">Of the part.</param>
    /// <param name="design">The part as it would be printed now.</param>
    /// <param name="now">As it stands.</param>
    /// <param name="then">As it was tried.</param>
    public static Remedy.Change? Offer(TryHelp help, Family family, Design design, PartState now, PartState then)
    {
        var spec = family.Parameters.First(p => p.Key == help.Parameter);
        var values = ParameterValues.Read(family.Parameters, now.Parameters);
        if (!values.IsGood || !Counts(spec, family, values.Value, now)
            || now.Parameters.GetValueOrDefault(help.Parameter) != then.Parameters.GetValueOrDefault(help.Parameter)
            || (values.Value.Number(help.Parameter) ?? design.Ledger.Lines.FirstOrDefault(l => l.Key == help.Parameter)?.Quantity.Value) is not { } value)
        {
            return null;
        }

        var step = Math.Min(spec.Step, value < 1 ? 0.05 : 0.5);
        var next = Math.Clamp(Math.Round(value * help.Times / step) * step, spec.Minimum, spec.Maximum);
        return Math.Abs(next - value) < step / 2 ? null : new(help.Label.Replace("{0}", $"{Figures.Number(next)} {spec.Unit}".TrimEnd(),
            StringComparison.Ordinal),
            new Dictionary<string, string> { [help.Parameter] = Figures.Number(next) });
    }

    /// <summary>Whether a decision is asked for as everything else stands.</summary>
    private static bool Counts(ParameterSpec spec, Family family, ParameterValues values, PartState state) => spec.When.All(w => w.Value.Contains(
        family.Parameters.FirstOrDefault(p => p.Key == w.Key) is not { } other
            ? state.Interfaces.ContainsKey(w.Key) || state.Takes.ContainsKey(w.Key) ? "named" : "open"
            : other.Kind == ParameterKind.Choice ? values.Choice(w.Key)
            : string.IsNullOrWhiteSpace(state.Parameters.GetValueOrDefault(w.Key)) ? "open" : "given"));
}
