namespace Emboq.Core.Mechanics;

/// <summary>A bar held at one end.</summary>
internal static class Cantilever
{
    /// <summary>Strain at its root when its end is moved aside: 3 t δ / 2 L².</summary>
    /// <param name="thick">In the direction it bends, mm.</param>
    /// <param name="aside">mm.</param>
    /// <param name="length">mm.</param>
    public static double Strain(double thick, double aside, double length) => 1.5 * thick * aside / (length * length);
}
