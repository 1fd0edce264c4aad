namespace Emboq.Core.Solids;

/// <summary>The upper or the lower edge of an outline, from side to side.</summary>
internal static class SectionEdge
{
    /// <summary>Places from side to side, closer together towards both ends, where what is round rises steeply.</summary>
    /// <param name="from">The least, mm.</param>
    /// <param name="to">The greatest.</param>
    /// <param name="parts">How many lie between neighbours.</param>
    public static double[] Spread(double from, double to, int parts) =>
        [.. Enumerable.Range(0, parts + 1).Select(i => from + ((to - from) * (1 - Math.Cos(Math.PI * i / parts)) / 2))];

    /// <summary>Highest (1) or lowest (−1) y of an outline at places that rise; beside it −∞ or ∞.</summary>
    /// <param name="p">Corners of the outline, of straight sides.</param>
    /// <param name="places">x, mm.</param>
    /// <param name="side">1 or −1.</param>
    public static double[] Of(ReadOnlySpan<Point2> p, double[] places, int side)
    {
        const double Hair = 1e-9;
        var found = new double[places.Length];
        Array.Fill(found, double.NegativeInfinity);
        for (var i = 0; i < p.Length; i++)
        {
            var (one, other) = (p[i], p[(i + 1) % p.Length]);
            var (a, b) = one.X <= other.X ? (one, other) : (other, one);
            var first = Array.BinarySearch(places, a.X - Hair);
            for (var k = first < 0 ? ~first : first; k < places.Length && places[k] <= b.X + Hair; k++)
            {
                var (from, to) = b.X - a.X < Hair ? (a.Y, b.Y) : a.Y + (Math.Clamp((places[k] - a.X) / (b.X - a.X), 0, 1) * (b.Y - a.Y)) is var z ? (z, z)
                    : default;
                found[k] = Math.Max(found[k], Math.Max(side * from, side * to));
            }
        }

        return [.. found.Select(f => side * f)];
    }
}
