namespace Emboq.Core.Solids;

/// <summary>How many facets a round gets.</summary>
public static class Facets
{
    /// <summary>The chord error used unless somebody asks for another, mm.</summary>
    public const double DefaultChordError = 0.01;

    /// <summary>The least count, a multiple of four, for which no chord is further than the error from its arc: r (1 − cos(π/n)) ≤ e.</summary>
    /// <param name="radius">mm, positive.</param>
    /// <param name="chordError">mm, positive.</param>
    public static int Count(double radius, double chordError)
    {
        var half = Math.Acos(Math.Max(0, 1 - (chordError / radius)));
        return 4 * (int)Math.Ceiling(Math.Max(3, Math.PI / half / 4));
    }

    /// <summary>How much a polygon grows so that its flats, not its corners, lie on the round.</summary>
    public static double Circumscribed(int count) => 1 / Math.Cos(Math.PI / count);

    /// <summary>An outline whose arcs are facets: corners on the arc where it bounds material, flats on the arc where it bounds what is cut away, so that no
    /// facet tightens a fit.</summary>
    /// <param name="profile">The outline.</param>
    /// <param name="cut">Whether what it bounds is cut away.</param>
    /// <param name="chordError">mm, positive.</param>
    public static Profile Of(Profile profile, bool cut, double chordError) => !profile.HasArcs ? profile
        : new(profile.Corners.SelectMany((c, i) => Side(c, profile.Points[(i + 1) % profile.Points.Length], cut, chordError)));

    /// <summary>The points of one side, without its end.</summary>
    /// <param name="corner">Where it begins, and its bulge.</param>
    /// <param name="next">Where it ends.</param>
    /// <param name="cut">Whether the outline bounds what is cut away.</param>
    /// <param name="chordError">mm, positive.</param>
    public static IEnumerable<Point2> Side(Corner corner, Point2 next, bool cut, double chordError)
    {
        yield return corner.At;
        if (corner.Bulge == 0)
        {
            yield break;
        }

        var (radius, middle) = (corner.Radius(next), corner.Middle(next));
        var count = (int)Math.Ceiling(corner.Turn / (2 * Math.PI) * Count(radius, chordError));
        var (start, step) = (Math.Atan2(corner.At.Y - middle.Y, corner.At.X - middle.X), Math.Sign(corner.Bulge) * corner.Turn / count);
        // An arc that turns right bounds an inner round, which what goes in must not find tighter.
        var outside = corner.Bulge < 0 != cut;
        var r = outside ? radius / Math.Cos(step / 2) : radius;
        for (var i = outside ? 0.5 : 1; i < count; i++)
        {
            yield return new(middle.X + (r * Math.Cos(start + (i * step))), middle.Y + (r * Math.Sin(start + (i * step))));
        }
    }

    /// <summary>For each point of a profile to be turned: whether it bounds a surface that faces the axis, a bore that a shaft may fill.</summary>
    /// <param name="profile">The half section, counter-clockwise.</param>
    /// <param name="cut">Whether the turned body is cut away, which turns its surfaces round.</param>
    public static IEnumerable<bool> FacesAxis(Profile profile, bool cut)
    {
        var p = profile.Points;
        bool Edge(int from) => (p[(from + 1) % p.Length].Y < p[from].Y) != cut && p[(from + 1) % p.Length].Y != p[from].Y;
        return Enumerable.Range(0, p.Length).Select(i => Edge(i) || Edge((i + p.Length - 1) % p.Length));
    }
}
