using System.Collections.Immutable;

namespace Emboq.Core.Solids;

/// <summary>A closed outline of lines and arcs without holes, its points in counter-clockwise order. Equal when points and arcs are.</summary>
public sealed class Profile : IEquatable<Profile>
{
    private string? hash;

    /// <summary>Outline of lines through these points; the last joins the first.</summary>
    /// <exception cref="ArgumentException">Fewer than three points, a point that is not finite, or no area.</exception>
    public Profile(params IEnumerable<Point2> points)
        : this([.. points.Select(p => new Corner(p))])
    {
    }

    private Profile(ImmutableArray<Corner> corners)
    {
        // By loops: thousands of outlines are made for one design.
        var (arced, told) = (false, true);
        foreach (var c in corners)
        {
            arced |= c.Bulge != 0;
            told &= double.IsFinite(c.At.X) && double.IsFinite(c.At.Y) && Math.Abs(c.Bulge) <= 1;
        }

        if (!told || corners.Length < (arced ? 2 : 3))
        {
            throw new ArgumentException("An outline needs three or more finite points, or two and arcs of at most half a round.", nameof(corners));
        }

        var area = SignedArea(corners);
        if (Math.Abs(area) < 1e-9)
        {
            throw new ArgumentException("The outline encloses no area.", nameof(corners));
        }

        Area = Math.Abs(area);
        Corners = area < 0 ? Reversed(corners) : corners;
        Points = ImmutableArray.CreateRange(Corners, c => c.At);
        HasArcs = arced;
        var (least, greatest) = Corners[^1].Box(Points[0]);
        for (var i = 0; i + 1 < Corners.Length; i++)
        {
            var (l, g) = Corners[i].Box(Points[i + 1]);
            (least, greatest) = (new(Math.Min(least.X, l.X), Math.Min(least.Y, l.Y)), new(Math.Max(greatest.X, g.X), Math.Max(greatest.Y, g.Y)));
        }

        Box = (least, greatest);
    }

    /// <summary>Outline of lines and arcs; the last corner joins the first.</summary>
    /// <exception cref="ArgumentException">Fewer than two corners, one that is not finite, an arc of more than half a round, or no area.</exception>
    public static Profile Of(params IEnumerable<Corner> corners) => new([.. corners]);

    /// <summary>The corners, counter-clockwise, each with the way to the next.</summary>
    public ImmutableArray<Corner> Corners { get; }

    /// <summary>Where the corners are, counter-clockwise.</summary>
    public ImmutableArray<Point2> Points { get; }

    /// <summary>Whether any side is an arc.</summary>
    public bool HasArcs { get; }

    /// <summary>Content hash, made when it is first asked for: many outlines are only steps on the way to another.</summary>
    public string Hash => hash ??= StructuralHash.Of(HasArcs ? "arced profile" : "profile", Corners.SelectMany(c => HasArcs ? new[] { c.At.X, c.At.Y, c.Bulge }
        : [c.At.X, c.At.Y]));

    /// <summary>Enclosed area, mm².</summary>
    public double Area { get; }

    /// <summary>The box around it, arcs and all.</summary>
    public (Point2 Least, Point2 Greatest) Box { get; }

    /// <summary>Its width, along x, mm.</summary>
    public double Across => Box.Greatest.X - Box.Least.X;

    /// <summary>Its depth, along y, mm.</summary>
    public double Along => Box.Greatest.Y - Box.Least.Y;

    /// <summary>The middle of its box.</summary>
    public Point2 Middle => new((Box.Greatest.X + Box.Least.X) / 2, (Box.Greatest.Y + Box.Least.Y) / 2);

    /// <inheritdoc/>
    public bool Equals(Profile? other) => other?.Hash == Hash;

    /// <inheritdoc/>
    public override bool Equals(object? obj) => Equals(obj as Profile);

    /// <inheritdoc/>
    public override int GetHashCode() => Hash.GetHashCode(StringComparison.Ordinal);

    /// <summary>The way back: a side that led to the next corner now comes from it.</summary>
    private static ImmutableArray<Corner> Reversed(ImmutableArray<Corner> corners) =>
        [.. Enumerable.Range(0, corners.Length).Select(i => new Corner(corners[^(i + 1)].At, -corners[(2 * corners.Length - i - 2) % corners.Length].Bulge))];

    /// <summary>By the corners, and what each arc adds: r² (a − sin a) / 2.</summary>
    private static double SignedArea(ImmutableArray<Corner> corners)
    {
        var sum = 0.0;
        for (var i = 0; i < corners.Length; i++)
        {
            var (a, b) = (corners[i], corners[(i + 1) % corners.Length].At);
            sum += ((a.At.X * b.Y) - (b.X * a.At.Y)) / 2;
            sum += a.Bulge == 0 ? 0 : Math.Sign(a.Bulge) * a.Radius(b) * a.Radius(b) * (a.Turn - Math.Sin(a.Turn)) / 2;
        }

        return sum;
    }
}
