namespace Emboq.Core.Mechanics;

/// <summary>A rectangular section of walls around a fill.</summary>
internal static class FilledSection
{
    /// <summary>Share of a thickness that is plastic: its walls, and the fill of the rest.</summary>
    /// <param name="walls">Solid at both faces together, mm.</param>
    /// <param name="thick">mm.</param>
    /// <param name="fill">Density between, 0 to 1.</param>
    public static double Share(double walls, double thick, double fill)
    {
        var solid = Math.Min(1, walls / thick);
        return solid + ((1 - solid) * fill);
    }

    /// <summary>How stiff in bending it is against a solid one: the fill between the walls counts by the square of its density (open cells, Gibson and Ashby;
    /// from memory).</summary>
    /// <param name="thick">In the direction of the bend, mm.</param>
    /// <param name="wall">Of solid lines at each face, mm.</param>
    /// <param name="fill">Density between, 0 to 1.</param>
    public static double Stiffness(double thick, double wall, double fill) =>
        1 - (Math.Pow(Math.Max(0, 1 - (2 * wall / thick)), 3) * (1 - (fill * fill)));
}
