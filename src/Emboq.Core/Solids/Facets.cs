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
