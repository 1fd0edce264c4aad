namespace Emboq.Core.Measuring;

/// <summary>Whether what was made for one place would fit another of the same kind.</summary>
public static class Alike
{
    /// <summary>The largest difference of the sizes that are read on both, mm or degrees.</summary>
    /// <returns><c>null</c> when a needed size is read on neither in common, or when any differs by more than twice the spread of the difference.</returns>
    public static double? Apart(Sizes one, Sizes other)
    {
        if (one.Place.Kind != other.Place.Kind || one.Count != other.Count)
        {
            return null;
        }

        var pairs = one.Place.Kind.DimensionsOf(one.Place.Items)
            .Where(d => d.Need == Need.Needed && d.Access != Access.Depth)
            .Select(d => (A: one[d.Key], B: other[d.Key]))
            .Where(p => p.A is not null && p.B is not null)
            .Select(p => p.A! - p.B!).ToList();
        return pairs.Count > 0 && pairs.All(d => Math.Abs(d.Value) <= 2 * d.StandardUncertainty) ? pairs.Max(d => Math.Abs(d.Value)) : null;
    }
}
