namespace Emboq.Core.Measuring.Kinds;

/// <summary>Ways to a size that several kinds share.</summary>
internal static class Methods
{
    private const string Plane = "Plane geometry";

    /// <summary>A diameter from the length around.</summary>
    public static Method Around(string target, string around) => new("tape around", target, [around], q => q[0] / Math.PI, Plane);

    /// <summary>A diameter from a chord and how far the arc rises over it.</summary>
    public static Method ChordToDiameter(string target, string chord, string sagitta) => Chord(target, chord, sagitta, q => OfSegment(q[0], q[1]));

    /// <summary>A radius from a chord and how far the arc rises over it.</summary>
    public static Method ChordToRadius(string target, string chord, string sagitta) => Chord(target, chord, sagitta, q => OfSegment(q[0], q[1]) / 2);

    /// <summary>The distance of two centres as the mean of the distances inside and outside the holes: their diameters need not be known.</summary>
    public static Method InnerAndOuter(string target, string inner, string outer) =>
        new("inner and outer", target, [inner, outer], q => (q[0] + q[1]) / 2, Plane);

    private static Method Chord(string target, string chord, string sagitta, Func<IReadOnlyList<Quantity>, Quantity> compute) =>
        new("chord and height of arc", target, [chord, sagitta], compute, "Machinery's Handbook, circular segments (from memory)");

    // The diameter of a segment: h + c²/4h.
    private static Quantity OfSegment(Quantity chord, Quantity height) => height + (Quantity.Square(chord) / (4 * height));
}
