namespace Emboq.Core.Measuring.Kinds;

/// <summary>Ways to a size that several kinds share.</summary>
internal static class Methods
{
    private const string Plane = "Plane geometry";

    /// <summary>A diameter from the length around.</summary>
    public static Method Around(string target, string around) => new("tape around", target, [around], q => q[0] / Math.PI, Plane);

    /// <summary>A diameter from a chord and how far the arc rises over it: h + c²/4h.</summary>
    public static Method ChordToDiameter(string target, string chord, string sagitta) =>
        new("chord and height of arc", target, [chord, sagitta], q => q[1] + (Quantity.Square(q[0]) / (4 * q[1])), "Machinery's Handbook, circular segments (from memory)");

    /// <summary>A radius from a chord and how far the arc rises over it.</summary>
    public static Method ChordToRadius(string target, string chord, string sagitta) =>
        new("chord and height of arc", target, [chord, sagitta], q => (q[1] + (Quantity.Square(q[0]) / (4 * q[1]))) / 2, "Machinery's Handbook, circular segments (from memory)");

    /// <summary>The distance of two centres as the mean of the distances inside and outside the holes: their diameters need not be known.</summary>
    public static Method InnerAndOuter(string target, string inner, string outer) =>
        new("inner and outer", target, [inner, outer], q => (q[0] + q[1]) / 2, Plane);

    /// <summary>An angle from a rise over a run.</summary>
    public static Method RiseAndRun(string target, string rise, string run) =>
        new("rise and run", target, [rise, run], q => Quantity.Atan(q[0] / q[1]), Plane);
}
