using MathNet.Numerics.LinearAlgebra;

namespace Emboq.Core.Fits;

/// <summary>What all tries together make of any size: a joint normal belief over machine sizes and processes, conditioned on every word and every reading at
/// once. Words are brought into it by expectation propagation (Minka 2001; Rasmussen and Williams 2006, 3.6); given those, it is the best linear estimate
/// (JCGM 100, 5.2). It is computed from the whole set, so neither order nor history matters.</summary>
public sealed class FitBelief
{
    private const int MostSweeps = 30;
    private const double Settled = 1e-5;

    private readonly IReadOnlyList<Quantity> latents;
    private readonly IReadOnlyList<string> ids;
    private readonly double[] noise;
    private readonly Vector<double> pull;
    private readonly Matrix<double> precision;

    private FitBelief(IReadOnlyList<TriedPrint> prints)
    {
        Prints = [.. prints.OrderBy(p => p.Id, StringComparer.Ordinal)];
        var told = Prints.SelectMany(Telling.Of).ToList();
        (latents, ids) = ([.. told.Select(t => t.Latent)], [.. told.Select(t => t.Id)]);
        var prior = Matrix<double>.Build.Dense(told.Count, told.Count);
        for (var i = 0; i < told.Count; i++)
        {
            for (var j = 0; j <= i; j++)
            {
                prior[i, j] = prior[j, i] = Quantity.Covariance(latents[i], latents[j]);
            }
        }

        var sites = Propagated(told, prior);
        noise = [.. sites.Select(s => 1 / s.Precision)];
        for (var i = 0; i < told.Count; i++)
        {
            prior[i, i] += noise[i];
        }

        precision = told.Count == 0 ? prior : prior.Cholesky().Solve(Matrix<double>.Build.DenseIdentity(told.Count));
        pull = precision * Vector<double>.Build.Dense(told.Count, i => sites[i].Says - latents[i].Value);
    }

    /// <summary>Before anything was tried.</summary>
    public static FitBelief None { get; } = new([]);

    /// <summary>What it rests on, in the order of their identities.</summary>
    public IReadOnlyList<TriedPrint> Prints { get; }

    /// <summary>After these prints.</summary>
    public static FitBelief Of(IReadOnlyList<TriedPrint> prints) => prints.Count == 0 ? None : new(prints);

    /// <summary>After these as well.</summary>
    public FitBelief With(IReadOnlyList<TriedPrint> more) => more.Count == 0 ? this : new([.. Prints, .. more]);

    /// <summary>A quantity as it is believed after all tries, with what is left of its doubt, cause by cause.</summary>
    /// <param name="before">As it is believed before any.</param>
    public Quantity Given(Quantity before)
    {
        var shared = Vector<double>.Build.Dense(latents.Count, i => Quantity.Covariance(latents[i], before));
        if (latents.Count == 0 || shared.ForAll(s => s == 0))
        {
            return before;
        }

        var weights = precision * shared;
        List<(Quantity, double)> parts = [(before, 1)];
        for (var i = 0; i < latents.Count; i++)
        {
            parts.Add((latents[i], -weights[i]));
            parts.Add((Quantity.Input("what was told", 0, latents[i].Unit, new Provenance.Learned("a try"),
                (new Source(ids[i], "how sharp words and readings are", 1), Math.Sqrt(noise[i]))), weights[i]));
        }

        var teach = Prints.Count;
        return Quantity.Sum(before.Name.Length > 0 ? before.Name : "believed size", before.Value + (shared * pull), before.Unit,
            new Provenance.Learned($"{teach} tried print{(teach == 1 ? "" : "s")}"), parts);
    }

    /// <summary>A normal stand-in for each telling: what it says, mm, and how sharply. Readings are normal already; words are settled sweep by sweep, each
    /// against all that the others say.</summary>
    private static IReadOnlyList<(double Says, double Precision)> Propagated(IReadOnlyList<Telling> told, Matrix<double> prior)
    {
        var n = told.Count;
        var (tau, nu, mean) = (new double[n], new double[n], new double[n]);
        var cov = prior.ToArray();
        for (var sweep = 0; sweep < MostSweeps; sweep++)
        {
            var moved = 0.0;
            for (var i = 0; i < n; i++)
            {
                var variance = cov[i, i];
                if (variance <= 0)
                {
                    continue;
                }

                // All that the others say of it, its own words taken out.
                var (without, pulls) = ((1 / variance) - tau[i], (mean[i] / variance) - nu[i]);
                var (m, v) = (pulls / without, 1 / without);
                var (m2, v2) = told[i].Moments(m + told[i].Latent.Value, v);
                var (newTau, newNu) = (Math.Max(1e-9, (1 / v2) - (1 / v)), ((m2 - told[i].Latent.Value) / v2) - (m / v));
                var step = newTau - tau[i];
                moved = Math.Max(moved, Math.Abs(m2 - told[i].Latent.Value - mean[i]) + Math.Abs(Math.Sqrt(v2) - Math.Sqrt(variance)));
                (tau[i], nu[i]) = (newTau, newNu);
                Update(cov, i, step / (1 + (step * variance)));
                for (var r = 0; r < n; r++)
                {
                    var sum = 0.0;
                    for (var c = 0; c < n; c++)
                    {
                        sum += cov[r, c] * nu[c];
                    }

                    mean[r] = sum;
                }
            }

            if (moved < Settled)
            {
                break;
            }
        }

        return [.. Enumerable.Range(0, n).Select(i => tau[i] <= 0 ? (told[i].Latent.Value, 1e-9) : ((nu[i] / tau[i]) + told[i].Latent.Value, tau[i]))];
    }

    /// <summary>One more measurement of one size: C − k c cᵀ.</summary>
    private static void Update(double[,] cov, int at, double k)
    {
        var n = cov.GetLength(0);
        var column = new double[n];
        for (var i = 0; i < n; i++)
        {
            column[i] = cov[i, at];
        }

        for (var i = 0; i < n; i++)
        {
            for (var j = 0; j < n; j++)
            {
                cov[i, j] -= k * column[i] * column[j];
            }
        }
    }
}
