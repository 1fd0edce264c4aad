using MathNet.Numerics.Distributions;
using MathNet.Numerics.LinearAlgebra;

namespace Emboq.Core.Fits;

/// <summary>The probability that several correlated quantities all lie within their limits at once (JCGM 106, clause 7,
/// for normal distributions), by Genz's separation of variables (1992) on a fixed Richtmyer lattice: the same input always gives the same answer.</summary>
public static class JointProbability
{
    private const int Points = 509;
    private static readonly double[] Steps = [.. new[] { 2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37, 41, 43, 47, 53 }.Select(p => Math.Sqrt(p) % 1)];

    /// <summary>The probability of conformity.</summary>
    /// <param name="quantities">With the limits of each, in its unit; up to sixteen.</param>
    /// <returns>Between 0 and 1; exact to about 0.001 for two, and by the normal distribution alone for one.</returns>
    public static double Within(IReadOnlyList<(Quantity Quantity, double Least, double Greatest)> quantities)
    {
        // A quantity without spread is a yes or a no.
        if (quantities.Any(q => q.Quantity.StandardUncertainty == 0 && !(q.Least <= q.Quantity.Value && q.Quantity.Value <= q.Greatest)))
        {
            return 0;
        }

        var uncertain = quantities.Where(q => q.Quantity.StandardUncertainty > 0).ToList();
        if (uncertain.Count == 0)
        {
            return 1;
        }

        ArgumentOutOfRangeException.ThrowIfGreaterThan(uncertain.Count, Steps.Length);
        var root = Root(uncertain);
        return Enumerable.Range(1, uncertain.Count == 1 ? 1 : Points).Average(point => Separated(uncertain, root, point));
    }

    private static double Separated(List<(Quantity Quantity, double Least, double Greatest)> q, Matrix<double> root, int point)
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
            var w = Math.Abs((2 * (point * Steps[i] % 1)) - 1);
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
