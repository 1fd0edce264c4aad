namespace Emboq.Core.Designs;

/// <summary>A reading worth taking.</summary>
/// <param name="Interface">Of which place.</param>
/// <param name="Dimension">Key of the dimension.</param>
/// <param name="Name">The dimension in full.</param>
/// <param name="Instrument">With what.</param>
/// <param name="Before">Chance that the next print fits now.</param>
/// <param name="After">The chance to expect with one reading more.</param>
public sealed record WorthReading(Guid Interface, string Dimension, string Name, Instrument Instrument, double Before, double After)
{
    /// <summary>What it would raise the chance by.</summary>
    public double Gain => After - Before;
}

/// <summary>Which reading would raise the chance of a first fit most. Nothing is computed anew: every clearance carries its dependence
/// on the repeatability of every dimension, and one reading more makes that source smaller.</summary>
public static class MeasureNext
{
    private const double LeastGain = 0.005;

    /// <summary>Readings of measured places, the one that helps most first; those that help by less than half a percent are left out.</summary>
    /// <param name="design">A part that is not kept yet.</param>
    /// <param name="places">The places it fits.</param>
    /// <param name="instruments">What the workshop has.</param>
    public static IReadOnlyList<WorthReading> Of(Design design, IEnumerable<Interface> places, IReadOnlyList<Instrument> instruments)
    {
        if (design.Chance is not { } before || design.Seats.Count == 0)
        {
            return [];
        }

        return [..
            from place in places
            from dimension in place.Dimensions
            let measured = Evaluation.Of(dimension)?.Quantity
            where measured is not null
            let repeat = Evaluation.RepeatabilityOf(measured)
            where repeat is not null && design.Seats.Any(s => s.Clearance.Partial(repeat) != 0)
            from instrument in instruments
            where !instrument.IsStandIn && instrument.Takes(dimension.Access) && instrument.Reach >= Math.Abs(measured.Value)
            let after = Chance(design, measured, repeat, Evaluation.Of(WithOneMore(dimension, instrument, measured.Value))!.Quantity)
            where after - before > LeastGain
            group new WorthReading(place.Id, dimension.Key, dimension.Name, instrument, before, after) by (place.Id, dimension.Key) into ways
            select ways.MaxBy(w => w.Gain) into best
            orderby best.Gain descending
            select best];
    }

    // Under a name of its own, so that its repeatability is a source of its own.
    private static Dimension WithOneMore(Dimension dimension, Instrument instrument, double value) => dimension with
    {
        Interface = Guid.Empty,
        Readings = [.. dimension.Readings, new Reading(Guid.Empty, value, "", instrument, DateTimeOffset.UnixEpoch, null, null)],
    };

    /// <summary>The chance when a size is known more sharply: each clearance moves with it as it moves with the size's repeatability.</summary>
    private static double Chance(Design design, Quantity read, Source repeat, Quantity sharper) =>
        JointProbability.Within([.. design.Seats.Select(s => (s.Clearance + (s.Clearance.Partial(repeat) / read.Partial(repeat) * (sharper - read)),
            s.Least, s.Greatest))]);
}
