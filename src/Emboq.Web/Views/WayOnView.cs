namespace Emboq.Web.Views;

/// <summary>One way to get to a part that fits.</summary>
/// <param name="Says">What is done first.</param>
/// <param name="Why">Why it takes what it takes.</param>
/// <param name="Station">Where it is done.</param>
/// <param name="Chance">That the part then fits at its first print.</param>
/// <param name="Time">Of printing until it fits, to be expected, as read.</param>
/// <param name="Mass">Of filament, likewise.</param>
/// <param name="Hands">Of the maker's own time, likewise.</param>
/// <param name="Bodies">What is printed first.</param>
/// <param name="Reads">What is read first.</param>
public sealed record WayOnView(string Says, string Why, Station Station, double Chance, string Time, string Mass, string Hands, IReadOnlyList<string> Bodies,
    DimensionAddress? Reads)
{
    /// <summary>From a way.</summary>
    public static WayOnView Of(WayOn w) => new(w.Says, w.Why, w.Station, w.Chance, QuantityText.Metric(w.Hours * 3600, Unit.Seconds),
        QuantityText.Metric(w.Grams, Unit.Grams), $"{w.Hands:0} min", w.Bodies, w.Reading is { } r ? new(r.Interface, r.Dimension) : null);
}
