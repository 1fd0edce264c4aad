namespace Emboq.Core.Joints;

/// <summary>Round holes as they are cut: round when they stand, with a roof when they lie.</summary>
internal static class HoleShape
{
    /// <summary>A hole about the z axis between two heights.</summary>
    public static Solid Cut(double diameter, double from, double to, HoleLie lie) => lie == HoleLie.Upright
        ? new Solid.Cylinder(diameter / 2, to - from).At(0, 0, from)
        : new Solid.Extruded(Outline(diameter, lie), to - from).At(0, 0, from);

    /// <summary>The outline of a lying hole, +y up: the lower three quarters of a circle that the facets stay outside of, and its roof.</summary>
    public static Profile Outline(double diameter, HoleLie lie)
    {
        var count = Facets.Count(diameter / 2, Facets.DefaultChordError) / 8 * 8;
        var radius = diameter / 2 * Facets.Circumscribed(count);
        // Counter-clockwise from 135 degrees round below to 45 degrees: corners that lie on the slopes.
        var arc = Enumerable.Range(0, (count * 3 / 4) + 1).Select(i => On(radius, 135 + (360.0 * i / count)));
        var apex = radius * Math.Sqrt(2);
        return lie == HoleLie.Teardrop
            ? new([.. arc, new(0, apex)])
            : new([.. arc, new(apex - radius, radius), new(radius - apex, radius)]);
    }

    /// <summary>Width of the flat roof of a bridged hole.</summary>
    public static double Bridge(double diameter) => diameter * (Math.Sqrt(2) - 1);

    /// <summary>How far a hole reaches up from its axis.</summary>
    public static double Rise(double diameter, HoleLie lie) => diameter / 2 * (lie == HoleLie.Teardrop ? Math.Sqrt(2) : 1);

    /// <summary>A hole drawn out along x: two rounds and what lies between.</summary>
    public static Solid Slotted(double width, double travel, double from, double to) => travel <= 0
        ? Cut(width, from, to, HoleLie.Upright)
        : Cut(width, from, to, HoleLie.Upright).At(-travel / 2, 0, 0) + Cut(width, from, to, HoleLie.Upright).At(travel / 2, 0, 0) + new Solid.Box(travel,
            width, to - from).At(-travel / 2, -width / 2, from);

    private static Point2 On(double radius, double degrees) => new(radius * Math.Cos(degrees * Math.PI / 180), radius * Math.Sin(degrees * Math.PI / 180));
}
