using System.Collections.Immutable;

namespace Emboq.Core.Quantities;

/// <summary>The partial derivatives of a value with respect to its independent sources, sorted by source id.</summary>
internal sealed class Gradient
{
    public static readonly Gradient Zero = new([]);

    private readonly ImmutableArray<(Source Source, double Partial)> terms;

    private Gradient(ImmutableArray<(Source, double)> terms) => this.terms = terms;

    public ImmutableArray<(Source Source, double Partial)> Terms => terms;

    public static Gradient Of(IEnumerable<(Source Source, double Partial)> terms) =>
        terms.Aggregate(Zero, (sum, term) => Combine(sum, 1, new Gradient([term]), 1));

    /// <summary>Of terms that are all of different sources.</summary>
    public static Gradient Sorted(IEnumerable<(Source Source, double Partial)> terms) =>
        new([.. terms.OrderBy(t => t.Source.Id, StringComparer.Ordinal)]);

    /// <summary>wa·a + wb·b.</summary>
    /// <exception cref="ArgumentException">One source id stands for two different sources.</exception>
    public static Gradient Combine(Gradient a, double wa, Gradient b, double wb)
    {
        var merged = ImmutableArray.CreateBuilder<(Source, double)>(a.terms.Length + b.terms.Length);
        int i = 0, j = 0;
        while (i < a.terms.Length || j < b.terms.Length)
        {
            var order = i == a.terms.Length ? 1
                : j == b.terms.Length ? -1
                : string.CompareOrdinal(a.terms[i].Source.Id, b.terms[j].Source.Id);
            merged.Add(order switch
            {
                < 0 => (a.terms[i].Source, wa * a.terms[i++].Partial),
                > 0 => (b.terms[j].Source, wb * b.terms[j++].Partial),
                _ => (Same(a.terms[i].Source, b.terms[j].Source), (wa * a.terms[i++].Partial) + (wb * b.terms[j++].Partial)),
            });
        }

        return new(merged.DrainToImmutable());
    }

    public static double Covariance(Gradient a, Gradient b)
    {
        double sum = 0;
        for (int i = 0, j = 0; i < a.terms.Length && j < b.terms.Length;)
        {
            var order = string.CompareOrdinal(a.terms[i].Source.Id, b.terms[j].Source.Id);
            if (order == 0)
            {
                var u = a.terms[i].Source.StandardUncertainty;
                sum += a.terms[i].Partial * b.terms[j].Partial * u * u;
            }

            i += order <= 0 ? 1 : 0;
            j += order >= 0 ? 1 : 0;
        }

        return sum;
    }

    private static Source Same(Source a, Source b) =>
        (a.StandardUncertainty, a.DegreesOfFreedom) == (b.StandardUncertainty, b.DegreesOfFreedom) ? a
            : throw new ArgumentException($"Two different sources share the id '{a.Id}': {a} and {b}.");
}
