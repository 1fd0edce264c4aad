using MathNet.Numerics.LinearAlgebra;

namespace Emboq.Core.Quantities;

/// <summary>Several estimates of one size: whether they agree, and what their average is worth when they do not
/// (Birge 1932; Mandel and Paule 1970). chi² = r' C⁻¹ r over the residuals r, with everything the estimates share in C.</summary>
public static class Agreement
{
    /// <summary>The average of two estimates of one thing that has the smallest spread, whatever causes they share (the best linear unbiased estimate;
    /// covariances as in JCGM 100, 5.2).</summary>
    public static Quantity Best(Quantity a, Quantity b)
    {
        var shared = Quantity.Covariance(a, b);
        var va = Quantity.Covariance(a, a) - shared;
        var vb = Quantity.Covariance(b, b) - shared;
        if (va + vb <= 0)
        {
            return a;
        }

        var weight = Math.Clamp(va / (va + vb), 0, 1);
        return ((1 - weight) * a) + (weight * b);
    }

    /// <summary>Root of chi² over its degrees of freedom: 1 when the estimates scatter as much as their doubts say, more when they contradict.</summary>
    /// <param name="estimates">Of one size.</param>
    /// <param name="mean">Their average.</param>
    /// <returns>0 for a single one.</returns>
    public static double BirgeRatio(IReadOnlyList<Quantity> estimates, Quantity mean)
    {
        if (estimates.Count < 2)
        {
            return 0;
        }

        var residuals = Vector<double>.Build.Dense(estimates.Count, i => estimates[i].Value - mean.Value);
        var shared = Matrix<double>.Build.Dense(estimates.Count, estimates.Count, (i, j) => Quantity.Covariance(estimates[i], estimates[j]));
        // Fully shared causes leave the matrix singular; a millionth of the variance, and of a micrometre, keeps it invertible.
        for (int i = 0; i < estimates.Count; i++)
        {
            shared[i, i] += (shared[i, i] * 1e-6) + 1e-12;
        }

        return Math.Sqrt(Math.Max(0, residuals * shared.Inverse() * residuals) / (estimates.Count - 1));
    }

    /// <summary>The average with the doubt it deserves: multiplied by the Birge ratio where the estimates contradict, and then never below the doubt of the
    /// sharpest of them. Agreement never widens.</summary>
    /// <param name="estimates">Of one size.</param>
    /// <param name="mean">Their average.</param>
    /// <param name="id">Identity of the source that stands for the contradiction.</param>
    /// <param name="name">What contradicts, in words.</param>
    public static Quantity Widened(IReadOnlyList<Quantity> estimates, Quantity mean, string id, string name)
    {
        var ratio = BirgeRatio(estimates, mean);
        if (ratio <= 1)
        {
            return mean;
        }

        var own = mean.StandardUncertainty;
        var wanted = Math.Max(own * ratio, estimates.Min(e => e.StandardUncertainty));
        var more = Math.Sqrt(Math.Max(0, (wanted * wanted) - (own * own)));
        return mean + Quantity.Input(name, 0, mean.Unit, new Provenance.Standard("Birge (1932)", "estimates that contradict"),
            (new Source(id, name, more, Kind: SourceKind.Measuring), 1));
    }
}
