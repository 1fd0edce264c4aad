namespace Emboq.Core.Solids;

/// <summary>A plate with rounded corners and eased edges, designed in: outlines one above the other, each offset as the round asks.</summary>
internal static class Slab
{
    /// <summary>A plate centred on the z axis, standing on z = 0.</summary>
    /// <param name="width">Along x, mm.</param>
    /// <param name="depth">Along y, mm.</param>
    /// <param name="height">Along z, mm.</param>
    /// <param name="corner">Radius of the upright edges, mm; taken no larger than fits.</param>
    /// <param name="top">Radius of the edges above, mm; less than the corner.</param>
    /// <param name="bottom">Slope of the edges below, mm, at 45 degrees, so that it stands without a rolled first layer; less than the corner.</param>
    public static Solid Of(double width, double depth, double height, double corner, double top = 0, double bottom = 0)
    {
        var radius = Math.Min(corner, (Math.Min(width, depth) / 2) - 0.01);
        var (above, below) = (Math.Min(top, Math.Min(radius * 0.9, height * 0.45)), Math.Min(bottom, Math.Min(radius * 0.9, height * 0.45)));
        Profile Outline(double inset) => Rounded(width, depth, radius, inset);
        if (above <= 0.05 && below <= 0.05)
        {
            return new Solid.Extruded(Outline(0), height);
        }

        List<(double Inset, double Height)> sections = [];
        sections.AddRange(below > 0.05 ? [(below, 0), (0, below)] : [(0, 0.0)]);
        if (above > 0.05)
        {
            var steps = Math.Max(3, Facets.Count(above, 4 * Facets.DefaultChordError) / 4);
            sections.AddRange(Enumerable.Range(0, steps + 1).Select(i => i * Math.PI / 2 / steps).Select(a =>
                (above * (1 - Math.Cos(a)), height - above + (above * Math.Sin(a)))));
        }
        else
        {
            sections.Add((0, height));
        }

        var rising = sections.Where((s, i) => i == 0 || s.Height > sections[i - 1].Height + 1e-6);
        return new Solid.Lofted(rising.Select(s => new Solid.Section(Outline(s.Inset), s.Height)));
    }

    /// <summary>A rectangle with rounded corners, all of whose insets have corners in equal number.</summary>
    public static Profile Rounded(double width, double depth, double radius, double inset)
    {
        if (radius < 0.05)
        {
            return new(new(width / 2 - inset, inset - depth / 2), new(width / 2 - inset, depth / 2 - inset), new(inset - width / 2, depth / 2 - inset),
                new(inset - width / 2, inset - depth / 2));
        }

        var steps = Math.Max(2, Facets.Count(radius, Facets.DefaultChordError) / 4);
        (double X, double Y)[] signs = [(1, 1), (-1, 1), (-1, -1), (1, -1)];
        return new(signs.SelectMany((s, quarter) => Enumerable.Range(0, steps + 1).Select(i =>
        {
            var angle = (quarter + ((double)i / steps)) * Math.PI / 2;
            return new Point2((s.X * ((width / 2) - radius)) + ((radius - inset) * Math.Cos(angle)),
                (s.Y * ((depth / 2) - radius)) + ((radius - inset) * Math.Sin(angle)));
        })));
    }
}
