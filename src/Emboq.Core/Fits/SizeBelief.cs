using MathNet.Numerics.Distributions;

namespace Emboq.Core.Fits;

/// <summary>Which size is to be drawn, as it is believed: a normal distribution, and the sizes that come out as the fit.</summary>
/// <param name="Best">The drawn size that comes out with the clearance aimed at, mm.</param>
/// <param name="Doubt">How well that is known, one standard deviation, mm; the chance of a single print is not in it.</param>
/// <param name="From">Smallest drawn size that is believed to come out as the fit, mm.</param>
/// <param name="To">Largest.</param>
/// <param name="Scatter">What a single print adds by chance, one standard deviation, mm.</param>
public sealed record SizeBelief(double Best, double Doubt, double From, double To, double Scatter)
{
    /// <summary>Of a seat, as it is reckoned now.</summary>
    public static SizeBelief Of(Seat seat)
    {
        var (least, greatest) = (seat.DrawnFor(seat.Least), seat.DrawnFor(seat.Greatest));
        var whole = seat.Clearance.StandardUncertainty;
        return new(seat.DrawnFor(seat.Aimed), Math.Sqrt(Math.Max(0, (whole * whole) - (seat.Scatter * seat.Scatter))),
            Math.Min(least, greatest), Math.Max(least, greatest), seat.Scatter);
    }

    /// <summary>Chance that a print drawn at a size comes out as the fit.</summary>
    /// <param name="drawn">mm.</param>
    public double ChanceAt(double drawn)
    {
        var blur = double.Hypot(Doubt, Scatter);
        return blur == 0 ? (drawn >= From && drawn <= To ? 1 : 0) : Normal.CDF(From, blur, drawn) - Normal.CDF(To, blur, drawn);
    }
}
