namespace Emboq.Web.Views;

/// <summary>What printing would take.</summary>
/// <param name="Prints">Each piece the chosen way up, and each proof, by itself.</param>
/// <param name="Ways">The ways up side by side, of each piece that has a choice of its own; empty while nothing can be built.</param>
/// <param name="Checks">What is judged of the part the chosen way up, from its layers.</param>
/// <param name="MakeOrBuy">Against buying, once a price is given.</param>
public sealed record PlanView(IReadOnlyList<PrintView> Prints, IReadOnlyList<WaysView> Ways, MakeOrBuyView? MakeOrBuy, IReadOnlyList<CheckView> Checks);

/// <summary>Time, material and money of one print.</summary>
/// <param name="Body">Key of the body.</param>
/// <param name="Time">As read.</param>
/// <param name="TimeSpread">Twice its standard deviation, as read.</param>
/// <param name="Mass">As read.</param>
/// <param name="Filament">As read.</param>
/// <param name="Cost">As read, in the workshop's money.</param>
/// <param name="Lines">Every line, each with its why.</param>
public sealed record PrintView(string Body, string Time, string TimeSpread, string Mass, string Filament, string Cost, IReadOnlyList<LedgerLineView> Lines)
{
    /// <summary>From a body and its plan.</summary>
    public static PrintView Of(PrintItem body, Ledger plan) => new(body.Key, Text(plan["time"]),
        QuantityText.Metric(2 * plan["time"].StandardUncertainty, Unit.Seconds),
        Text(plan["mass"]), QuantityText.Metres(plan["filament"].Value), QuantityText.Money(plan["cost"].Value), [.. plan.Lines.Select(LedgerLineView.Of)]);

    private static string Text(Quantity q) => QuantityText.Metric(q.Value, q.Unit);
}

/// <summary>Ways up of a piece side by side.</summary>
/// <param name="Piece">What it is called.</param>
/// <param name="By">Key of the decision that chooses.</param>
/// <param name="Ways">The ways.</param>
/// <param name="Chosen">Key of the chosen one.</param>
/// <param name="Better">Key of the better one.</param>
/// <param name="Reason">Why.</param>
public sealed record WaysView(string Piece, string By, IReadOnlyList<WayView> Ways, string Chosen, string Better, string Reason)
{
    /// <summary>From a comparison.</summary>
    public static WaysView Of(Piece piece, WayComparison compared) => new(piece.Name, piece.WayBy!, [.. compared.Ways.Select(WayView.Of)], piece.Way.Key,
        compared.Better, compared.Reason);
}

/// <summary>One way up. Lengths mm, areas mm².</summary>
public sealed record WayView(string Key, string Name, double Overhang, double Reach, double Bridge, double FirstLayer, double Lever, double Islands,
    double Height, bool Fits, string Lines, string Seam, string Time, string Mass)
{
    /// <summary>From a report.</summary>
    public static WayView Of(WayReport r) => new(r.Way.Key, r.Way.Name, r.Overhang, r.Reach, r.Bridge, r.FirstLayer, r.Lever, r.Islands, r.Height, r.Fits,
        r.Way.Lines, r.Way.Seam,
        QuantityText.Metric(r.Plan["time"].Value, Unit.Seconds), QuantityText.Metric(r.Plan["mass"].Value, Unit.Grams));
}

/// <summary>Printing against buying.</summary>
public sealed record MakeOrBuyView(IReadOnlyList<LedgerLineView> Lines, string Says);
