using MathNet.Numerics.Distributions;

namespace Emboq.Core.Measuring;

/// <summary>From readings to a quantity (JCGM 100, clauses 4.2, 4.3 and 5). Per instrument: mean, repeatability pooled with
/// the instrument's usual one and with all it has read on dimensions of the kind (4.2.4), resolution as a rectangle of one step (F.2.2.1), and the
/// instrument's own error as a rectangle of its permissible error: <b>one source shared by everything that instrument has read</b>.
/// Several instruments, and several ways to one dimension, are averaged with weights by the inverse of their variances; what contradicts is widened and never
/// sharpens (<see cref="Agreement"/>).</summary>
public static class Evaluation
{
    /// <summary>Degrees of freedom given to an instrument's usual repeatability when it is pooled with readings.</summary>
    public const double UsualDegreesOfFreedom = 4;

    /// <summary>What the way without a formula is called.</summary>
    public const string Directly = "read directly";

    private const string Repeatability = "repeat/";

    private const double FalseAlarm = 0.01;

    /// <summary>Evaluates a dimension of a place through its readings and through the methods whose inputs are read.</summary>
    /// <returns>The measurement, or <c>null</c> when nothing leads to it: a number is never invented.</returns>
    public static Measurement? Of(Interface place, string key) => new Sizes(place).Of(key);

    internal static Measurement? Of(Sizes sizes, string key)
    {
        var dimension = sizes.Place[key];
        var direct = Of(dimension);
        var estimates = ByMethods(sizes, dimension).ToList();
        if (direct is not null)
        {
            estimates.Insert(0, direct.Estimates[0]);
        }

        if (estimates.Count == 0)
        {
            return null;
        }

        var best = estimates is [var only] ? only.Quantity : Together(dimension, estimates);
        var doubted = sizes.Place.Kind.OwnDoubt(sizes, key, best) is { } doubt ? Doubted(best, doubt) : best;
        return (direct ?? new(doubted, 0, 1, double.PositiveInfinity, 0, [])) with
        {
            Quantity = doubted,
            Disagreement = Math.Max(direct?.Disagreement ?? 0, Apart([.. estimates.Select(e => e.Quantity)])),
            BirgeRatio = Math.Max(direct?.BirgeRatio ?? 0, Agreement.BirgeRatio([.. estimates.Select(e => e.Quantity)], best)),
            Estimates = estimates,
        };
    }

    /// <summary>Evaluates the readings of a dimension alone that are not struck out.</summary>
    /// <returns>The measurement, or <c>null</c> when nothing has been read.</returns>
    public static Measurement? Of(Dimension dimension)
    {
        var counting = dimension.Readings.Where(r => r.StruckBecause is null).ToList();
        if (counting.Count == 0)
        {
            return null;
        }

        var groups = counting.GroupBy(r => r.Instrument).Select(g => Group.Of(dimension, g.Key, [.. g.Select(r => r.Value)])).ToList();
        var unit = Accesses.UnitOf(dimension.Access);
        var alone = groups.Select(g => Quantity.Input(dimension.Name, g.Mean, unit, new Provenance.Measured(g.Instrument.Name),
            g.Sources.Select(q => (q, 1.0)))).ToList();
        var total = groups.Sum(g => g.Weight);
        var mean = groups.Zip(alone, (g, q) => (g.Weight / total) * q).Aggregate((a, b) => a + b);
        var quantity = Agreement.Widened(alone, mean, $"contradiction/{dimension.Interface}/{dimension.Key}/instruments",
            $"instruments that contradict each other about {dimension.Name}")
            .Named(dimension.Name).From(new Provenance.Measured(Summary(counting)));

        var repeated = groups.Where(g => g.Count > 1 && g.Instrument.Repeatability > 0).ToList();
        var freedom = repeated.Sum(g => g.Count - 1);
        var ratio = freedom == 0 ? 1 : Math.Sqrt(repeated.Sum(g => (g.Count - 1) * Math.Pow(g.Scatter / g.Instrument.Repeatability, 2)) / freedom);
        var limit = freedom == 0 ? double.PositiveInfinity : Math.Sqrt(FisherSnedecor.InvCDF(freedom, UsualDegreesOfFreedom * 10, 1 - FalseAlarm));
        return new(quantity, counting.Count, ratio, limit, Apart(alone), [new(Directly, quantity)]) { BirgeRatio = Agreement.BirgeRatio(alone, mean) };
    }

    /// <summary>The doubt of a reading yet to be taken: what the instrument is known for.</summary>
    internal static IReadOnlyList<Source> Foreseen(Dimension dimension, Instrument instrument) =>
        Group.Of(dimension with { Readings = [] }, instrument, [0]).Sources;

    /// <summary>The source behind a directly read size that no other size shares: how its own readings repeat. <c>null</c> for a count, which has
    /// none.</summary>
    internal static Source? RepeatabilityOf(Quantity read) => read.Shares.Select(s => s.Source).FirstOrDefault(s =>
        s.Id.StartsWith(Repeatability, StringComparison.Ordinal));

    private static IEnumerable<Estimate> ByMethods(Sizes sizes, Dimension dimension)
    {
        foreach (var method in sizes.MethodsTo(dimension.Key))
        {
            var inputs = method.Inputs.Select(i => Of(sizes.Place[i])?.Quantity).OfType<Quantity>().ToList();
            if (inputs.Count == method.Inputs.Count && Finite(method, inputs) is { } quantity)
            {
                yield return new(method.Name, quantity.Named($"{dimension.Name}, {method.Name}"));
            }
        }
    }

    /// <summary>A method's answer, or nothing where its readings contradict themselves so far that there is none.</summary>
    private static Quantity? Finite(Method method, List<Quantity> inputs)
    {
        try
        {
            return method.Compute(inputs);
        }
        catch (ArgumentOutOfRangeException)
        {
            return null;
        }
    }

    private static Quantity Together(Dimension dimension, List<Estimate> estimates)
    {
        var weights = estimates.Select(e => 1 / Math.Max(Math.Pow(e.Quantity.StandardUncertainty, 2), 1e-18)).ToList();
        var sum = estimates.Zip(weights, (e, w) => (w / weights.Sum()) * e.Quantity).Aggregate((a, b) => a + b);
        return Agreement.Widened([.. estimates.Select(e => e.Quantity)], sum, $"contradiction/{dimension.Interface}/{dimension.Key}",
            $"ways that contradict each other about {dimension.Name}")
            .Named(dimension.Name).From(new Provenance.Measured($"{estimates.Count} ways together: {string.Join(", ", estimates.Select(e => e.By))}"));
    }

    private static Quantity Doubted(Quantity best, OwnDoubt doubt) =>
        (best + Quantity.Input(doubt.Source.Name, doubt.Shift, best.Unit, new Provenance.RuleOfThumb(doubt.Source.Name),
            (doubt.Source, 1))).Named(best.Name).From(best.Provenance);

    private static double Apart(IReadOnlyList<Quantity> estimates) => (
        from a in estimates
        from b in estimates
        let spread = a == b ? 0 : (a - b).StandardUncertainty
        where spread > 0
        select Math.Abs(a.Value - b.Value) / spread).DefaultIfEmpty(0).Max();

    private static string Summary(List<Reading> readings)
    {
        var instruments = string.Join(" and ", readings.Select(r => r.Instrument.Name).Distinct());
        return $"{readings.Count} reading{(readings.Count == 1 ? "" : "s")}, {instruments}";
    }

    /// <summary>The readings of one instrument on one dimension.</summary>
    private sealed record Group(Instrument Instrument, int Count, double Mean, double Scatter, IReadOnlyList<Source> Sources)
    {
        public double Variance { get; } = Sources.Sum(s => s.StandardUncertainty * s.StandardUncertainty);

        /// <summary>What has no doubt, a count, outweighs everything else.</summary>
        public double Weight => 1 / Math.Max(Variance, 1e-18);

        public static Group Of(Dimension dimension, Instrument instrument, double[] values)
        {
            var mean = values.Average();
            var squares = values.Sum(v => (v - mean) * (v - mean));
            var (all, freedom) = dimension.Scatters.GetValueOrDefault(instrument.Id) is { } known && known.Freedom >= values.Length - 1
                ? (known.Squares, known.Freedom)
                : (squares, values.Length - 1);
            var usual = instrument.Repeatability * instrument.Repeatability;
            var pooled = Math.Sqrt(((UsualDegreesOfFreedom * usual) + all) / (UsualDegreesOfFreedom + freedom));
            var scatter = values.Length > 1 ? Math.Sqrt(squares / (values.Length - 1)) : 0;
            // Readings that scatter beyond their pool stand on their own: the place is not like the others.
            var own = Math.Sqrt(((UsualDegreesOfFreedom * usual) + squares) / (UsualDegreesOfFreedom + values.Length - 1));
            var (repeatability, dof) = own > 1.5 * pooled ? (own, UsualDegreesOfFreedom + values.Length - 1) : (pooled, UsualDegreesOfFreedom + freedom);
            var id = $"{dimension.Interface}/{dimension.Key}/{instrument.Id}";
            return new(instrument, values.Length, mean, scatter,
            [
                new($"instrument/{instrument.Id}", $"error of the {instrument.Name}", instrument.MaximumPermissibleError / Math.Sqrt(3),
                    Kind: SourceKind.Measuring),
                new($"{Repeatability}{id}", $"repeatability of {dimension.Name}", repeatability / Math.Sqrt(values.Length), dof, SourceKind.Measuring),
                new($"step/{id}", $"resolution of {dimension.Name}", instrument.Resolution / Math.Sqrt(12), Kind: SourceKind.Measuring),
            ]);
        }
    }
}
