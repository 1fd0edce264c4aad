using MathNet.Numerics.LinearAlgebra;

namespace Emboq.Core.Fits;

/// <summary>What all tries together make of any size: a joint normal belief over machine sizes and processes, conditioned on every word and every reading at
/// once. Words are brought into it by expectation propagation (Minka 2001; Rasmussen and Williams 2006, 3.6); given those, it is the best linear estimate
/// (JCGM 100, 5.2). It is computed from the whole set, so neither order nor history matters.</summary>
public sealed class FitBelief
{
    private readonly IReadOnlyList<Telling> told;
    private readonly double[] noise = [];
    private readonly Vector<double>? pull;
    private readonly Matrix<double>? precision;

    private FitBelief(IReadOnlyList<TriedPrint> prints)
    {
        Prints = [.. prints.OrderBy(p => p.Id, StringComparer.Ordinal)];
        told = [.. Prints.SelectMany(Telling.Of)];
        if (told.Count == 0)
        {
            return;
        }

        var prior = new double[told.Count][];
        for (var i = 0; i < told.Count; i++)
        {
            prior[i] = new double[told.Count];
            for (var j = 0; j <= i; j++)
            {
                prior[i][j] = prior[j][i] = Quantity.Covariance(told[i].Latent, told[j].Latent);
            }
        }

        var known = Matrix<double>.Build.DenseOfRowArrays(prior);
        var sites = Sites.Settled(told, prior);
        noise = [.. sites.Select(s => 1 / s.Precision)];
        known.SetDiagonal(known.Diagonal() + Vector<double>.Build.DenseOfArray(noise));
        precision = known.Cholesky().Solve(Matrix<double>.Build.DenseIdentity(told.Count));
        pull = precision * Vector<double>.Build.Dense(told.Count, i => sites[i].Says - told[i].Latent.Value);
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
        if (precision is null || pull is null)
        {
            return before;
        }

        var shared = Vector<double>.Build.Dense(told.Count, i => Quantity.Covariance(told[i].Latent, before));
        if (shared.ForAll(s => s == 0))
        {
            return before;
        }

        var weights = precision * shared;
        List<(Quantity, double)> parts = [(before, 1)];
        for (var i = 0; i < told.Count; i++)
        {
            parts.Add((told[i].Latent, -weights[i]));
            parts.Add((Quantity.Input("what was told", 0, told[i].Latent.Unit, new Provenance.Learned("a try"),
                (new Source(told[i].Id, "how sharp words and readings are", 1), Math.Sqrt(noise[i]))), weights[i]));
        }

        // Those that have a cause in common with it; what is tied to them alone teaches it, but only through them.
        var teach = told.Where((_, i) => shared[i] != 0).DistinctBy(t => t.Print).Count();
        return Quantity.Sum(before.Name.Length > 0 ? before.Name : "believed size", before.Value + (shared * pull), before.Unit,
            new Provenance.Learned($"{teach} tried print{(teach == 1 ? "" : "s")}"), parts);
    }
}
