using MathNet.Numerics.Distributions;
using MathNet.Numerics.LinearAlgebra;

namespace Emboq.Core.Quantities;

/// <summary>The probability that any number of quantities all lie within their limits at once (JCGM 106, clause 7, for normal distributions).
/// Chances of groups that share no cause multiply; within a group Genz's separation of variables (1992) on a fixed Richtmyer lattice: the same input always
/// gives the same answer.</summary>
public static class JointProbability
{
    private const int Points = 509;

    /// <summary>The probability of conformity.</summary>
    /// <param name="quantities">With the limits of each, in its unit.</param>
    /// <returns>Between 0 and 1; for a group of one by the normal distribution alone, of two exact to about 0.001, of forty to about 0.005.</returns>
    public static double Within(IReadOnlyList<(Quantity Quantity, double Least, double Greatest)> quantities)
    {
        // A quantity without spread is a yes or a no.
        if (quantities.Any(q => q.Quantity.StandardUncertainty == 0 && !(q.Least <= q.Quantity.Value && q.Quantity.Value <= q.Greatest)))
        {
            return 0;
        }

        return Groups(quantities.Where(q => q.Quantity.StandardUncertainty > 0)).Aggregate(1.0, (product, group) => product * OfGroup(group));
    }

    /// <summary>Quantities that share a cause, or are tied by others that do, stand together, in the order given.</summary>
    private static List<List<(Quantity Quantity, double Least, double Greatest)>> Groups(IEnumerable<(Quantity Quantity, double Least,
        double Greatest)> quantities)
    {
        var groups = new List<List<(Quantity Quantity, double Least, double Greatest)>>();
        foreach (var q in quantities)
        {
            var tied = groups.Where(g => g.Any(o => Quantity.Covariance(o.Quantity, q.Quantity) != 0)).ToList();
            groups.RemoveAll(tied.Contains);
            groups.Add([.. tied.SelectMany(g => g), q]);
        }

        return groups;
    }

    private static double OfGroup(List<(Quantity Quantity, double Least, double Greatest)> group)
    {
        var (root, steps) = (Root(group), Primes().Take(group.Count).Select(p => Math.Sqrt(p) % 1).ToArray());
        return Enumerable.Range(1, group.Count == 1 ? 1 : Points).Average(point => Separated(group, root, steps, point));
    }

    private static IEnumerable<int> Primes() => Enumerable.Range(2, int.MaxValue - 2).Where(n =>
        !Enumerable.Range(2, (int)Math.Sqrt(n) - 1).Any(d => n % d == 0));

    private static double Separated(List<(Quantity Quantity, double Least, double Greatest)> q, Matrix<double> root, double[] steps, int point)
    {
        var y = new double[q.Count];
        double product = 1;
        for (int i = 0; i < q.Count; i++)
        {
            double shift = q[i].Quantity.Value;
            for (int j = 0; j < i; j++)
            {
                shift += root[i, j] * y[j];
            }

            var low = Normal.CDF(0, 1, (q[i].Least - shift) / root[i, i]);
            var high = Normal.CDF(0, 1, (q[i].Greatest - shift) / root[i, i]);
            product *= Math.Max(0, high - low);
            if (i == q.Count - 1)
            {
                break;
            }

            // Folded lattice point in (0, 1), the tent of Genz's transformation.
            var w = Math.Abs((2 * (point * steps[i] % 1)) - 1);
            y[i] = Normal.InvCDF(0, 1, Math.Clamp(low + (w * (high - low)), 1e-15, 1 - 1e-15));
        }

        return product;
    }

    private static Matrix<double> Root(List<(Quantity Quantity, double Least, double Greatest)> q)
    {
        var covariance = Matrix<double>.Build.Dense(q.Count, q.Count, (i, j) => Quantity.Covariance(q[i].Quantity, q[j].Quantity));
        // Fully shared causes leave the matrix singular; a millionth of the variance keeps it factorable.
        for (int i = 1; i < q.Count; i++)
        {
            covariance[i, i] *= 1 + 1e-6;
        }

        return covariance.Cholesky().Factor;
    }
}
