using System.Numerics;
using System.Runtime.InteropServices;

namespace Emboq.Core.Fits;

/// <summary>Normal stand-ins for what was told, and what is believed of the shared causes after them.</summary>
internal sealed class Sites
{
    private const int MostSweeps = 30;

    /// <summary>Nothing that moves less than this, mm, is looked at again.</summary>
    private const double Still = 2e-5;

    private readonly IReadOnlyList<Telling> told;
    private readonly Causes causes;
    private readonly double[][] left;
    private readonly double[] mean, column, tau, nu;

    private Sites(IReadOnlyList<Telling> told, Causes causes)
    {
        (this.told, this.causes) = (told, causes);
        left = [.. Enumerable.Range(0, causes.Common).Select(i => new double[causes.Common])];
        for (var i = 0; i < causes.Common; i++)
        {
            left[i][i] = 1;
        }

        (mean, column) = (new double[causes.Common], new double[causes.Common]);
        (tau, nu) = (new double[told.Count], new double[told.Count]);
    }

    /// <summary>A normal stand-in for each telling: readings are normal already; words are settled sweep by sweep, each against all that the others say
    /// (expectation propagation; Rasmussen and Williams 2006, 3.6). What a telling rests on alone is noise of its own, so that only what is shared is kept: its
    /// covariance C becomes C − k c cᵀ with each.</summary>
    public static Sites Settled(IReadOnlyList<Telling> told, Causes causes)
    {
        var sites = new Sites(told, causes);
        for (var sweep = 0; sweep < MostSweeps; sweep++)
        {
            var moved = 0.0;
            for (var i = 0; i < told.Count; i++)
            {
                if (sweep == 0 || told[i].From < told[i].To)
                {
                    moved = Math.Max(moved, sites.Settle(i));
                }
            }

            if (moved < Still)
            {
                break;
            }
        }

        return sites;
    }

    /// <summary>One standard deviation of how sharp a telling is, mm.</summary>
    public double Sharpness(int telling) => 1 / Math.Sqrt(Precision(telling));

    /// <summary>How far what was told lies from what was believed before, each divided by the covariance of all (Woodbury's identity).</summary>
    public double[] Pull() => Divided([.. told.Select((_, i) => tau[i] <= 0 ? 0 : nu[i] / tau[i])]);

    /// <summary>Values, one for each telling, divided by the covariance of all that was told.</summary>
    public double[] Divided(IReadOnlyList<double> values)
    {
        var gathered = new double[causes.Common];
        var each = values.Select((v, i) => v / Noise(i)).ToArray();
        for (var i = 0; i < each.Length; i++)
        {
            foreach (var (cause, by) in causes.Shared[i])
            {
                gathered[cause] += by * each[i];
            }
        }

        var moved = left.Select(row => Dot(row, gathered)).ToArray();
        return [.. each.Select((e, i) => e - (causes.Shared[i].Sum(c => c.By * moved[c.Cause]) / Noise(i)))];
    }

    private double Precision(int i) => tau[i] <= 0 ? 1e-9 : tau[i];

    private double Noise(int i) => causes.Own[i] + (1 / Precision(i));

    /// <returns>How far it moved, mm.</returns>
    private double Settle(int i)
    {
        var (own, shared, at) = (causes.Own[i], causes.Shared[i], told[i].Latent.Value);
        Array.Clear(column);
        foreach (var (cause, by) in shared)
        {
            Add(column, left[cause], by);
        }

        var (variance, now) = (shared.Sum(c => c.By * column[c.Cause]), shared.Sum(c => c.By * mean[c.Cause]));
        // All that the others say of it, its own words taken out.
        var (weight, pulls) = (tau[i] / (1 + (own * tau[i])), nu[i] / (1 + (own * tau[i])));
        var without = 1 - (weight * variance);
        var v = (variance / without) + own;
        if (without <= 0 || v <= 0)
        {
            return 0;
        }

        var m = (now - (variance * pulls)) / without;
        var (m2, v2) = told[i].Moments(m + at, v);
        (tau[i], nu[i]) = (Math.Max(1e-9, (1 / v2) - (1 / v)), ((m2 - at) / v2) - (m / v));
        var (step, more) = ((tau[i] / (1 + (own * tau[i]))) - weight, (nu[i] / (1 + (own * tau[i]))) - pulls);
        var k = step / (1 + (step * variance));
        var shift = more - (k * (now + (variance * more)));
        for (var r = 0; r < column.Length; r++)
        {
            if (column[r] != 0)
            {
                mean[r] += shift * column[r];
                Add(left[r], column, -k * column[r]);
            }
        }

        return (Math.Abs(shift) * variance) + Math.Abs(Math.Sqrt(variance) - Math.Sqrt(Math.Max(0, variance - (k * variance * variance))));
    }

    private static double Dot(double[] a, double[] b) => a.Zip(b, (x, y) => x * y).Sum();

    private static void Add(double[] row, double[] column, double times)
    {
        var rows = MemoryMarshal.Cast<double, Vector<double>>(row.AsSpan());
        var columns = MemoryMarshal.Cast<double, Vector<double>>(column);
        var factor = new Vector<double>(times);
        for (var i = 0; i < rows.Length; i++)
        {
            rows[i] += factor * columns[i];
        }

        for (var i = rows.Length * Vector<double>.Count; i < row.Length; i++)
        {
            row[i] += times * column[i];
        }
    }
}
