namespace Emboq.Core.Printing;

/// <summary>Printing a part against buying one.</summary>
/// <param name="Lines">Both sides, reckoned.</param>
/// <param name="Says">What follows, in a sentence.</param>
public sealed record MakeOrBuy(Ledger Lines, string Says)
{
    /// <summary>The parameters that a bought part is told by, for every family.</summary>
    public static IReadOnlyList<ParameterSpec> Specs { get; } =
    [
        Number("ownMinutes", "My own work takes", "min", 6000, "Measuring, setting up, taking off, cleaning."),
        Number("buyPrice", "A bought one costs", "money", 100000, "In the workshop's own money. Left open, nothing is compared."),
        Number("buyPostage", "and its postage", "money", 10000, "In the same money."),
        Number("buyDays", "It arrives after", "days", 365, "Until it lies on the bench."),
    ];

    /// <summary>Compares, if a price is given.</summary>
    /// <param name="values">The parameters of the part.</param>
    /// <param name="plan">Of the part's print.</param>
    public static MakeOrBuy? Of(ParameterValues values, Ledger plan)
    {
        if (values.Number("buyPrice") is not { } price)
        {
            return null;
        }

        var ledger = new Ledger();
        var (cost, time) = (plan["cost"], plan["time"]);
        var minutes = values.Number("ownMinutes") ?? 0;
        var bought = ledger.Add("buy.cost", "bought, delivered", Chosen("price", price) + Chosen("postage", values.Number("buyPostage")
            ?? 0), "Price and postage.");
        var saved = ledger.Add("saved", "saved by printing", bought - cost, "Bought less printed; negative when printing costs more.");
        var hour = minutes > 0
            ? ledger.Add("hour", "saved for an hour of own work", 60 * saved / Chosen("own minutes", minutes), "What the own minutes bring.")
            : null;
        var days = values.Number("buyDays") is { } d ? $" in {Figures.Plain(d)} days" : "";
        var own = minutes > 0 ? $" and {Figures.Plain(minutes)} minutes of own work" : "";
        var earns = hour is null ? "" : $" An hour of own work then brings {Figures.Plain(hour.Value)}.";
        return new(ledger, $"Printed for {Figures.Plain(cost.Value)} in {DurationNotation.Show(time.Value)}{own}; bought for "
            + $"{Figures.Plain(bought.Value)}{days}. "
            + (saved.Value > 0 ? $"Printing saves {Figures.Plain(saved.Value)}.{earns}" : $"Buying is cheaper by {Figures.Plain(-saved.Value)}."));
    }

    private static Quantity Chosen(string name, double value) => Quantity.Chosen(name, value, Unit.None);

    private static ParameterSpec Number(string key, string label, string unit, double greatest, string help) => new()
    {
        Key = key,
        Label = label,
        Kind = ParameterKind.Number,
        CountedIn = unit,
        Minimum = 0,
        Maximum = greatest,
        Step = 1,
        AskedAt = Station.Print,
        Help = help,
    };
}
