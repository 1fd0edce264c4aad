namespace Emboq.Web.Views;

/// <summary>A quantity for the screen.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Value">In <paramref name="Unit"/>.</param>
/// <param name="Unit">mm, g, °, mm³ or nothing.</param>
/// <param name="Metric">Value and unit as read.</param>
/// <param name="Inches">The same in inches, for lengths.</param>
/// <param name="Uncertainty">One standard deviation, in <paramref name="Unit"/>.</param>
/// <param name="Spread">Twice that, as read; <c>null</c> when it is exact.</param>
/// <param name="Provenance">Where it comes from.</param>
/// <param name="Note">What else to know.</param>
public sealed record QuantityView(string Name, double Value, string Unit, string Metric, string? Inches, double Uncertainty, string? Spread,
    ProvenanceView Provenance, string? Note)
{
    /// <summary>From a quantity.</summary>
    public static QuantityView Of(Quantity q) => new(q.Name, q.Value, q.Unit.ToString(), QuantityText.Metric(q.Value, q.Unit),
        QuantityText.Inches(q.Value, q.Unit),
        q.StandardUncertainty, q.StandardUncertainty > 0 ? QuantityText.Doubt(2 * q.StandardUncertainty, q.Value, q.Unit) : null,
            ProvenanceView.Of(q.Provenance), q.Note);
}

/// <summary>Where a value comes from.</summary>
/// <param name="Kind">measured, standard, learned, rule, chosen or derived.</param>
/// <param name="Text">In words.</param>
public sealed record ProvenanceView(string Kind, string Text)
{
    /// <summary>From a provenance.</summary>
    public static ProvenanceView Of(Provenance provenance) => provenance switch
    {
        Provenance.Measured m => new("measured", m.Summary),
        Provenance.Standard s => new("standard", $"{s.Document}, {s.Clause}"),
        Provenance.Learned l => new("learned", l.From),
        Provenance.RuleOfThumb r => new("rule", r.Statement),
        Provenance.Chosen c => new("chosen", $"chosen: {c.By}"),
        Provenance.Derived => new("derived", "computed"),
        _ => throw new InvalidOperationException($"No view is defined for {provenance.GetType().Name}."),
    };
}

/// <summary>A line of the ledger, with its answer to "why?".</summary>
/// <param name="Key">Unique in its ledger.</param>
/// <param name="Quantity">The figure.</param>
/// <param name="Because">Why the line exists.</param>
/// <param name="InNames">The formula in names, for derived lines.</param>
/// <param name="InNumbers">The same in numbers.</param>
/// <param name="Inputs">What the formula starts from.</param>
/// <param name="Shares">The share of each source in the spread, largest first.</param>
public sealed record LedgerLineView(string Key, QuantityView Quantity, string Because, string? InNames, string? InNumbers, IReadOnlyList<QuantityView> Inputs,
    IReadOnlyList<ShareView> Shares)
{
    /// <summary>From a ledger line, without its formula, its inputs and its shares: they are asked for when it is opened.</summary>
    public static LedgerLineView Bare(LedgerLine line) => new(line.Key, QuantityView.Of(line.Quantity), line.Because, null, null, [], []);

    /// <summary>From a ledger line.</summary>
    public static LedgerLineView Of(LedgerLine line)
    {
        var formula = (line.Quantity.Provenance as Provenance.Derived)?.Formula;
        return new(line.Key, QuantityView.Of(line.Quantity), line.Because, formula?.InNames(), formula?.InNumbers(),
            [.. formula?.Inputs().Select(QuantityView.Of) ?? []], [.. line.Quantity.Shares.Select(s => new ShareView(s.Source.Name, s.Share))]);
    }
}

/// <summary>One source's share in a spread.</summary>
/// <param name="Source">What it is.</param>
/// <param name="Share">Of the variance, 0 to 1.</param>
public sealed record ShareView(string Source, double Share);
