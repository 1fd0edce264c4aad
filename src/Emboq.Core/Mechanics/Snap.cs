namespace Emboq.Core.Mechanics;

/// <summary>A tongue held at one end, whose nose clicks over an edge by its slope (snap-fit guides of makers of plastics).</summary>
internal static class Snap
{
    /// <summary>Force that lifts its nose, N: 3 E I δ / L³, with I = w t³ / 12.</summary>
    /// <param name="stiffness">E, MPa.</param>
    /// <param name="wide">w, mm.</param>
    /// <param name="thick">t, in the direction it bends, mm.</param>
    /// <param name="lift">δ, mm.</param>
    /// <param name="length">L, from where it is held to its nose, mm.</param>
    public static Quantity Lifts(Quantity stiffness, Quantity wide, Quantity thick, Quantity lift, Quantity length) =>
        stiffness * wide * lift * Quantity.Square(thick) * thick / (4 * Quantity.Square(length) * length);

    /// <summary>Force along the face for each newton of lift, up a slope: (μ + tan α) / (1 − μ tan α); without end where it jams.</summary>
    /// <param name="friction">μ.</param>
    /// <param name="slope">α, degrees from the face.</param>
    public static double Drives(double friction, double slope)
    {
        var tan = Math.Tan(slope * Math.PI / 180);
        return friction * tan >= 1 ? double.PositiveInfinity : (friction + tan) / (1 - (friction * tan));
    }
}
