namespace Emboq.Core.Fits;

/// <summary>Tellings written out in the independent causes behind them, each a standard normal. Those that several tellings have in common come first;
/// what hangs on one telling alone is its own variance, so that a belief grows with what tellings share and not with their number.</summary>
internal sealed class Causes
{
    private readonly Dictionary<string, int> known;
    private readonly (int Cause, double By)[][] rows;

    private Causes(IReadOnlyList<Source> sources, int common, Dictionary<string, int> known, IReadOnlyList<Telling> told)
    {
        (Sources, Common, this.known) = (sources, common, known);
        rows = [.. told.Select(t => Of(t.Latent).ToArray())];
        Shared = [.. rows.Select(r => r.Where(c => c.Cause < common).ToArray())];
        Own = [.. rows.Select(r => r.Where(c => c.Cause >= common).Sum(c => c.By * c.By))];
    }

    /// <summary>All of them; those before <see cref="Common"/> are behind more than one telling.</summary>
    public IReadOnlyList<Source> Sources { get; }

    /// <summary>How many are shared.</summary>
    public int Common { get; }

    /// <summary>How far each telling moves by one standard deviation of the causes that it shares, mm.</summary>
    public IReadOnlyList<(int Cause, double By)[]> Shared { get; }

    /// <summary>Variance of each telling by what is behind it alone, mm².</summary>
    public IReadOnlyList<double> Own { get; }

    /// <summary>Behind these.</summary>
    public static Causes Behind(IReadOnlyList<Telling> told)
    {
        var all = told.SelectMany(t => t.Latent.Terms.Select(p => p.Source)).Where(s => s.StandardUncertainty > 0).GroupBy(s => s.Id)
            .OrderByDescending(g => g.Skip(1).Any()).ToList();
        return new([.. all.Select(g => g.First())], all.Count(g => g.Skip(1).Any()), all.Select((g, i) => (g.Key, i)).ToDictionary(p => p.Key, p => p.i), told);
    }

    /// <summary>How far a quantity moves by one standard deviation of each of these causes that it rests on.</summary>
    public IEnumerable<(int Cause, double By)> Of(Quantity quantity) =>
        from term in quantity.Terms
        where term.Source.StandardUncertainty > 0 && known.ContainsKey(term.Source.Id)
        select (known[term.Source.Id], term.Partial * term.Source.StandardUncertainty);

    /// <summary>Covariance of a quantity with every telling, before anything was told.</summary>
    public double[] With(Quantity quantity)
    {
        var by = new double[Sources.Count];
        foreach (var (cause, amount) in Of(quantity))
        {
            by[cause] = amount;
        }

        return [.. rows.Select(r => r.Sum(c => c.By * by[c.Cause]))];
    }

    /// <summary>What a weighted sum of all tellings moves by: the causes, and how far by each.</summary>
    public IEnumerable<(Source Source, double Partial)> Summed(IReadOnlyList<double> weights)
    {
        var by = new double[Sources.Count];
        for (var i = 0; i < rows.Length; i++)
        {
            foreach (var (cause, amount) in rows[i])
            {
                by[cause] += weights[i] * amount;
            }
        }

        return Sources.Select((s, i) => (s, by[i] / s.StandardUncertainty));
    }
}
