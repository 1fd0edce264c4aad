namespace Emboq.Core.Mechanics;

/// <summary>A flat spring that is held at both ends and pressed in its middle (Roark, beam with fixed ends, small deflections).</summary>
/// <param name="Long">Between what holds it, mm.</param>
/// <param name="Wide">Across the bending, mm.</param>
/// <param name="Thick">In the direction it bends, mm.</param>
internal sealed record HeldStrip(double Long, double Wide, double Thick)
{
    /// <summary>Force that moves its middle aside, N: 192 E I δ / L³.</summary>
    /// <param name="aside">mm.</param>
    /// <param name="stiffness">MPa.</param>
    public double Force(double aside, double stiffness) => 16 * stiffness * Wide * Math.Pow(Thick, 3) * aside / Math.Pow(Long, 3);

    /// <summary>Its greatest strain then, at its ends and in its middle: 12 t δ / L².</summary>
    /// <param name="aside">mm.</param>
    public double Strain(double aside) => 12 * Thick * aside / (Long * Long);

    /// <summary>How thick it must be, mm.</summary>
    /// <param name="force">N, at that.</param>
    /// <param name="aside">mm.</param>
    /// <param name="length">mm.</param>
    /// <param name="wide">mm.</param>
    /// <param name="stiffness">MPa.</param>
    public static double ThickFor(double force, double aside, double length, double wide, double stiffness) =>
        Math.Cbrt(force * Math.Pow(length, 3) / (16 * stiffness * wide * aside));

    /// <summary>How thick it may be where it bears a strain, mm.</summary>
    public static double ThickBearing(double strain, double aside, double length) => strain * length * length / (12 * aside);
}
