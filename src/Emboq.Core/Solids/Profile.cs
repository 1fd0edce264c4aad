using System.Collections.Immutable;

namespace Emboq.Core.Solids;

/// <summary>A closed outline without holes, its points in counter-clockwise order. Equal when the points are.</summary>
public sealed class Profile : IEquatable<Profile>
{
    /// <summary>Outline through these points; the last joins the first.</summary>
    /// <exception cref="ArgumentException">Fewer than three points, a point that is not finite, or no area.</exception>
    public Profile(params IEnumerable<Point2> points)
    {
        Points = [.. points];
        if (Points.Length < 3 || Points.Any(p => !double.IsFinite(p.X) || !double.IsFinite(p.Y)))
        {
            throw new ArgumentException("An outline needs three or more finite points.", nameof(points));
        }

        var area = SignedArea(Points);
        if (Math.Abs(area) < 1e-9)
        {
            throw new ArgumentException("The outline encloses no area.", nameof(points));
        }

        Points = area < 0 ? [.. Points.Reverse()] : Points;
        Hash = StructuralHash.Of("profile", Points.SelectMany(p => new[] { p.X, p.Y }));
    }

    /// <summary>The corners, counter-clockwise.</summary>
    public ImmutableArray<Point2> Points { get; }

    /// <summary>Content hash.</summary>
    public string Hash { get; }

    /// <summary>Enclosed area, mm².</summary>
    public double Area => SignedArea(Points);

    /// <summary>Its width, along x, mm.</summary>
    public double Across => Points.Max(p => p.X) - Points.Min(p => p.X);

    /// <inheritdoc/>
    public bool Equals(Profile? other) => other?.Hash == Hash;

    /// <inheritdoc/>
    public override bool Equals(object? obj) => Equals(obj as Profile);

    /// <inheritdoc/>
    public override int GetHashCode() => Hash.GetHashCode(StringComparison.Ordinal);

    private static double SignedArea(ImmutableArray<Point2> p) =>
        Enumerable.Range(0, p.Length).Sum(i => (p[i].X * p[(i + 1) % p.Length].Y) - (p[(i + 1) % p.Length].X * p[i].Y)) / 2;
}
