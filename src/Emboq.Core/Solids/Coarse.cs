namespace Emboq.Core.Solids;

/// <summary>Threads and bodies through outlines as pictures and layers have them: of a thread few corners around; of a body what is not straight to within a
/// fiftieth of a millimetre. Files and gaps have all.</summary>
public static class Coarse
{
    /// <summary>Corners once around; what a thread has is a multiple of it, and its edges stand at them.</summary>
    public const int Around = 32;

    /// <summary>How much less than it is a thread may be across, between its facets on both sides, mm.</summary>
    /// <param name="across">Its roots or its crests, mm.</param>
    public static double BetweenFacets(double across) => across * (1 - Math.Cos(Math.PI / Around));

    /// <summary>How far what is left away of a body through outlines lies from what is left, along and across, mm.</summary>
    private const double Deviation = 0.02;

    /// <summary>How much further apart than it is two sides of a body through outlines may be, mm: along and across, at each.</summary>
    public const double BetweenSides = 4 * Deviation;

    /// <summary>A solid made coarse; the very same where nothing of it is.</summary>
    public static Solid Of(Solid solid) => solid switch
    {
        Solid.Helical h => new Solid.Helical(new(h.Profile.Points.Where((_, i) => i % Math.Max(1, h.Profile.Points.Length / Around) == 0)), h.Height, h.Lead),
        Solid.Lofted l when l.Sections.Length > 2 => new Solid.Lofted(ThinnedLoft.Of(l.Sections, Deviation)),
        Solid.Moved m => Changed(m, m.Of, of => of.At(m.By.X, m.By.Y, m.By.Z)),
        Solid.Turned t => Changed(t, t.Of, of => new Solid.Turned(of, t.Axis, t.Degrees)),
        Solid.Mirrored m => Changed(m, m.Of, of => new Solid.Mirrored(of, m.Axis)),
        Solid.Padded p => Changed(p, p.Of, of => new Solid.Padded(of, p.Radius, p.Thickness)),
        Solid.Ribbed r => Changed(r, r.Of, of => new Solid.Ribbed(of, r.Rule)),
        Solid.Union u => Changed(u, u.A, u.B, (a, b) => a + b),
        Solid.Difference d => Changed(d, d.From, d.Cut, (a, b) => a - b),
        Solid.Intersection i => Changed(i, i.A, i.B, (a, b) => a & b),
        _ => solid,
    };

    private static Solid Changed(Solid whole, Solid of, Func<Solid, Solid> again) => Of(of) is var coarse && ReferenceEquals(coarse, of)
        ? whole : again(coarse);

    private static Solid Changed(Solid whole, Solid a, Solid b, Func<Solid, Solid, Solid> again)
    {
        var (first, second) = (Of(a), Of(b));
        return ReferenceEquals(first, a) && ReferenceEquals(second, b) ? whole : again(first, second);
    }
}
