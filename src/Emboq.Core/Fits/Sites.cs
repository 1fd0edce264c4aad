using System.Numerics;
using System.Runtime.InteropServices;

namespace Emboq.Core.Fits;

/// <summary>Normal stand-ins for what was told.</summary>
internal static class Sites
{
    private const int MostSweeps = 30;

    /// <summary>Nothing that moves less than this, mm, is looked at again.</summary>
    private const double Still = 2e-5;

    /// <summary>A normal stand-in for each telling: what it says, mm, and how sharply. Readings are normal already; words are settled sweep by sweep, each
    /// against all that the others say (expectation propagation; Rasmussen and Williams 2006, 3.6).</summary>
    /// <param name="told">What was told.</param>
    /// <param name="cov">Covariance of what it was told of, before; it is worked in, and then holds what is left.</param>
    public static IReadOnlyList<(double Says, double Precision)> Settled(IReadOnlyList<Telling> told, double[][] cov)
    {
        var n = told.Count;
        var (tau, nu, mean) = (new double[n], new double[n], new double[n]);
        var column = new double[n];
        for (var sweep = 0; sweep < MostSweeps; sweep++)
        {
            var moved = 0.0;
            for (var i = 0; i < n; i++)
            {
                var (variance, at) = (cov[i][i], told[i].Latent.Value);
                // All that the others say of it, its own words taken out.
                var (without, pulls) = ((1 / variance) - tau[i], (mean[i] / variance) - nu[i]);
                if (variance <= 0 || without <= 0)
                {
                    continue;
                }

                var (m, v) = (pulls / without, 1 / without);
                var (m2, v2) = told[i].Moments(m + at, v);
                var (newTau, newNu) = (Math.Max(1e-9, (1 / v2) - (1 / v)), ((m2 - at) / v2) - (m / v));
                var change = Math.Abs(m2 - at - mean[i]) + Math.Abs(Math.Sqrt(v2) - Math.Sqrt(variance));
                moved = Math.Max(moved, change);
                if (change < Still / 10)
                {
                    continue;
                }

                // One more measurement of one size: C − k c cᵀ, and the means that follow from it.
                var (step, more) = (newTau - tau[i], newNu - nu[i]);
                (tau[i], nu[i]) = (newTau, newNu);
                cov[i].CopyTo(column, 0);
                var k = step / (1 + (step * variance));
                var shift = more - (k * (mean[i] + (variance * more)));
                for (var r = 0; r < n; r++)
                {
                    mean[r] += shift * column[r];
                    Subtract(cov[r], column, k * column[r]);
                }
            }

            if (moved < Still)
            {
                break;
            }
        }

        return [.. Enumerable.Range(0, n).Select(i => tau[i] <= 0 ? (told[i].Latent.Value, 1e-9) : ((nu[i] / tau[i]) + told[i].Latent.Value, tau[i]))];
    }

    private static void Subtract(double[] row, double[] column, double times)
    {
        var rows = MemoryMarshal.Cast<double, Vector<double>>(row.AsSpan());
        var columns = MemoryMarshal.Cast<double, Vector<double>>(column);
        var factor = new Vector<double>(times);
        for (var i = 0; i < rows.Length; i++)
        {
            rows[i] -= factor * columns[i];
        }

        for (var i = rows.Length * Vector<double>.Count; i < row.Length; i++)
        {
            row[i] -= times * column[i];
        }
    }
}
