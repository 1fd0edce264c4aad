using MathNet.Numerics.Distributions;
using MathNet.Numerics.Random;

namespace Emboq.Core.Measuring;

/// <summary>An interval that holds a size with 95 %.</summary>
/// <param name="Low">In the unit of the size.</param>
/// <param name="High">Likewise.</param>
public sealed record Interval(double Low, double High);

/// <summary>Propagates distributions through a method by Monte Carlo where first order falls short (JCGM 101): a shallow arc by chord and sagitta.</summary>
public static class Propagation
{
    private const int Draws = 20_000;

    /// <summary>How much of its half width an interval may be off before first order is said to fall short (JCGM 101, clause 8, in spirit).</summary>
    private const double Tolerated = 0.1;

    /// <summary>The interval of a dimension that hangs on a method alone, where first order does not tell it.</summary>
    /// <param name="sizes">Of a place, with its readings.</param>
    /// <param name="key">Of the dimension.</param>
    /// <returns><c>null</c> when it was read directly, has several ways, or first order is good enough.</returns>
    public static Interval? Of(Sizes sizes, string key)
    {
        var place = sizes.Place;
        var methods = sizes.MethodsTo(key).Select(m => (Method: m, Inputs: Inputs(place, m))).Where(m => m.Inputs is not null).ToList();
        if (Evaluation.Of(place[key]) is not null || methods is not [var (method, inputs)])
        {
            return null;
        }

        var sources = inputs!.SelectMany(i => i.Shares.Select(s => s.Source)).Distinct().ToList();
        double? At(Func<Source, double> drawn) => Computed(method, inputs!, sources, drawn);
        if (At(_ => 0) is not { } middle || Nearly(sources, middle, At))
        {
            return null;
        }

        var random = new MersenneTwister(20081);
        var results = new List<double>(Draws);
        var draws = sources.ToDictionary(s => s, _ => 0.0);
        for (int n = 0; n < Draws; n++)
        {
            foreach (var source in sources)
            {
                draws[source] = Normal.Sample(random, 0, source.StandardUncertainty);
            }

            // A draw without an answer, a sagitta under nothing, is as far out as can be.
            results.Add(At(s => draws[s]) ?? double.PositiveInfinity);
        }

        results.Sort();
        var (low, high) = (results[(int)(Draws * 0.025)], results[(int)(Draws * 0.975)]);
        return double.IsFinite(high) ? new(low, high) : null;
    }

    /// <summary>Whether each source, moved by two deviations either way, moves the answer as first order says.</summary>
    private static bool Nearly(List<Source> sources, double middle, Func<Func<Source, double>, double?> at)
    {
        var steps = sources.Select(source => (Up: at(s => s == source ? 2 * s.StandardUncertainty : 0) - middle,
            Down: at(s => s == source ? -2 * s.StandardUncertainty : 0) - middle)).ToList();
        return steps.All(s => s is { Up: not null, Down: not null })
            && Math.Sqrt(steps.Sum(s => Math.Pow(s.Up!.Value + s.Down!.Value, 2))) <= Tolerated * Math.Sqrt(steps.Sum(s =>
                Math.Pow((s.Up!.Value - s.Down!.Value) / 2, 2)));
    }

    private static List<Quantity>? Inputs(Interface place, Method method)
    {
        var inputs = method.Inputs.Select(i => Evaluation.Of(place[i])?.Quantity).OfType<Quantity>().ToList();
        return inputs.Count == method.Inputs.Count ? inputs : null;
    }

    private static double? Computed(Method method, List<Quantity> inputs, List<Source> sources, Func<Source, double> drawn)
    {
        try
        {
            return method.Compute([.. inputs.Select(i => Quantity.Chosen(i.Name, i.Value + sources.Sum(s => i.Partial(s) * drawn(s)), i.Unit))]).Value;
        }
        catch (ArgumentOutOfRangeException)
        {
            return null;
        }
    }
}
