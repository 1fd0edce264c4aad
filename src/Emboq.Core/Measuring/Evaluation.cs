using MathNet.Numerics.Distributions;

namespace Emboq.Core.Measuring;

/// <summary>From readings to a quantity (JCGM 100, clauses 4.2, 4.3 and 5). Per instrument: mean, repeatability pooled with
/// the instrument's usual one (4.2.4), resolution as a rectangle of one step (F.2.2.1), and the instrument's own error as a rectangle
/// of its permissible error: <b>one source shared by everything that instrument has read</b>. Several instruments are averaged with
/// weights by the inverse of their variances.</summary>
public static class Evaluation
{
    /// <summary>Degrees of freedom given to an instrument's usual repeatability when it is pooled with a few readings.</summary>
    public const double UsualDegreesOfFreedom = 4;

    private const double FalseAlarm = 0.01;

    /// <summary>Evaluates the readings that are not struck out.</summary>
    /// <returns>The measurement, or <c>null</c> when nothing has been read: a number is never invented.</returns>
    public static Measurement? Of(Dimension dimension)
    {
        var counting = dimension.Readings.Where(r => r.StruckBecause is null).ToList();
        if (counting.Count == 0)
        {
            return null;
        }

        var groups = counting.GroupBy(r => r.Instrument).Select(g => Group.Of(dimension, g.Key, [.. g.Select(r => r.Millimetres)])).ToList();
        var total = groups.Sum(g => 1 / g.Variance);
        var weights = groups.Select(g => 1 / g.Variance / total).ToList();
        var value = groups.Zip(weights, (g, w) => g.Mean * w).Sum();
        var terms = groups.Zip(weights, (g, w) => g.Sources.Select(s => (s, w))).SelectMany(t => t);
        var quantity = Quantity.Input(dimension.Name, value, Unit.Millimetre, new Provenance.Measured(Summary(counting)), terms);

        var repeated = groups.Where(g => g.Count > 1).ToList();
        var freedom = repeated.Sum(g => g.Count - 1);
        var ratio = freedom == 0 ? 1 : Math.Sqrt(repeated.Sum(g => (g.Count - 1) * Math.Pow(g.Scatter / g.Instrument.Repeatability, 2)) / freedom);
        var limit = freedom == 0 ? double.PositiveInfinity : Math.Sqrt(FisherSnedecor.InvCDF(freedom, UsualDegreesOfFreedom * 10, 1 - FalseAlarm));
        return new(quantity, counting.Count, ratio, limit, Disagreement(groups));
    }

    private static double Disagreement(List<Group> groups) => (
        from a in groups
        from b in groups
        where a != b
        select Math.Abs(a.Mean - b.Mean) / Math.Sqrt(a.Variance + b.Variance)).DefaultIfEmpty(0).Max();

    private static string Summary(List<Reading> readings)
    {
        var instruments = string.Join(" and ", readings.Select(r => r.Instrument.Name).Distinct());
        return $"{readings.Count} reading{(readings.Count == 1 ? "" : "s")}, {instruments}";
    }

    /// <summary>The readings of one instrument on one dimension.</summary>
    private sealed record Group(Instrument Instrument, int Count, double Mean, double Scatter, IReadOnlyList<Source> Sources)
    {
        public double Variance => Sources.Sum(s => s.StandardUncertainty * s.StandardUncertainty);

        public static Group Of(Dimension dimension, Instrument instrument, double[] values)
        {
            var mean = values.Average();
            var squares = values.Sum(v => (v - mean) * (v - mean));
            var freedom = UsualDegreesOfFreedom + values.Length - 1;
            var pooled = Math.Sqrt(((UsualDegreesOfFreedom * instrument.Repeatability * instrument.Repeatability) + squares) / freedom);
            var scatter = values.Length > 1 ? Math.Sqrt(squares / (values.Length - 1)) : 0;
            var id = $"{dimension.Interface}/{dimension.Key}/{instrument.Id}";
            return new(instrument, values.Length, mean, scatter,
            [
                new($"instrument/{instrument.Id}", $"error of the {instrument.Name}", instrument.MaximumPermissibleError / Math.Sqrt(3), Kind: SourceKind.Measuring),
                new($"repeat/{id}", $"repeatability of {dimension.Name}", pooled / Math.Sqrt(values.Length), freedom, SourceKind.Measuring),
                new($"step/{id}", $"resolution of {dimension.Name}", instrument.Resolution / Math.Sqrt(12), Kind: SourceKind.Measuring),
            ]);
        }
    }
}
