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

    /// <summary>What draws a seat like a rung of its ladder, in one press: its clearance, moved by as much as the rung stands off; nothing where it is drawn so
    /// already, or where that decision counts for other seats too.</summary>
    /// <param name="rung">Of the ladder.</param>
    /// <param name="family">Of the part.</param>
    /// <param name="design">The part as it would be printed now.</param>
    public static Remedy.Change? Like(TryPlace rung, Family family, Design design) =>
        rung is { Step: { } step, Drawn: { } drawn, At.Member: null } && design.Seats.FirstOrDefault(s => s.Slot == rung.At.Key) is { } seat
            ? Looser(seat, seat.ClearanceAt(drawn) - seat.Clearance.Value, $"Draw it like {step}", family, design) : null;

    /// <summary>What draws a seat so that it comes out as it was worked by hand, in one press; nothing where it then did not fit, or is drawn so
    /// already.</summary>
    /// <param name="place">What was worked.</param>
    /// <param name="tried">What was told of it then.</param>
    /// <param name="family">Of the part.</param>
    /// <param name="design">The part as it would be printed now.</param>
    public static Remedy.Change? Worked(TryPlace place, Try tried, Family family, Design design) =>
        place is { At.Member: null } && tried is { Worked: true, Printed: { } size } && design.Seats.FirstOrDefault(s => s.Slot == place.At.Key) is { } seat
            && Advice.Fits(seat, tried)
            ? Looser(seat, seat.ClearanceOf(size) - seat.Aimed, "Draw it as it was worked", family, design) : null;

    /// <summary>Moves the clearance of a seat, where that decision is its own.</summary>
    private static Remedy.Change? Looser(Seat seat, double moves, string label, Family family, Design design)
    {
        if (Clearance(seat, design) is not { } callout || family.Parameters.FirstOrDefault(p => p.Key == callout.Parameter) is not { } spec
            || design.Seats.Any(s => s != seat && (Clearance(s, design)?.Parameter ?? spec.Key) == spec.Key))
        {
            return null;
        }

        var clearance = Math.Round(design.Ledger[callout.Line].Value + moves, 3);
        return Math.Abs(moves) < Same || clearance < spec.Minimum || clearance > spec.Maximum ? null
            : new(label, new Dictionary<string, string> { [spec.Key] = Figures.Number(clearance) });
    }

    /// <summary>Sizes that no printer tells apart, mm.</summary>
    private const double Same = 0.005;

    /// <summary>Where the clearance of a seat is set on the drawing.</summary>
    private static Callout? Clearance(Seat seat, Design design) => design.Drawing?.Callouts.FirstOrDefault(c => c.Parameter is not null
        && (c.Line == $"{seat.Slot}.clearance" || c.Line == $"{seat.Slot}.{seat.Dimension}.clearance"));

    /// <summary>Whether a decision is asked for as everything else stands.</summary>
    private static bool Counts(ParameterSpec spec, Family family, ParameterValues values, PartState state) => spec.When.All(w => w.Value.Contains(
        family.Parameters.FirstOrDefault(p => p.Key == w.Key) is not { } other
            ? state.Interfaces.ContainsKey(w.Key) || state.Takes.ContainsKey(w.Key) ? "named" : "open"
            : other.Kind == ParameterKind.Choice ? values.Choice(w.Key)
            : string.IsNullOrWhiteSpace(state.Parameters.GetValueOrDefault(w.Key)) ? "open" : "given"));
}
