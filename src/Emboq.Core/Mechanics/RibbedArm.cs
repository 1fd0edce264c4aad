namespace Emboq.Core.Mechanics;

/// <summary>An arm that sticks out of a corner: a plate with ribs under it that taper to nothing, under a force near its end. Sections by parallel axes
/// (Shigley; from memory), sag by summing M²/EI along the arm (Castigliano).</summary>
/// <param name="Wide">Of the plate, mm.</param>
/// <param name="Thick">Of the plate, mm.</param>
/// <param name="Ribs">How many.</param>
/// <param name="RibThick">Of each, mm.</param>
/// <param name="RibHigh">Below the plate, at the corner, mm.</param>
/// <param name="RibLong">Along the arm, mm.</param>
internal sealed record RibbedArm(double Wide, double Thick, int Ribs, double RibThick, double RibHigh, double RibLong)
{
    private const int Steps = 200;

    /// <summary>Second moment, and distance of the farthest fibre from the common middle, at a place along the arm.</summary>
    /// <param name="x">From the corner, mm.</param>
    public (double Inertia, double Farthest) Section(double x)
    {
        var (high, ribs) = (Math.Max(0, RibHigh * (1 - (x / RibLong))), Ribs * RibThick);
        if (ribs <= 0 || !(high > 0))
        {
            return (Wide * Math.Pow(Thick, 3) / 12, Thick / 2);
        }

        var (plate, web) = (Wide * Thick, ribs * high);
        // From the upper face down.
        var middle = ((plate * Thick / 2) + (web * (Thick + (high / 2)))) / (plate + web);
        var inertia = (Wide * Math.Pow(Thick, 3) / 12) + (plate * Math.Pow(middle - (Thick / 2), 2)) + (ribs * Math.Pow(high, 3) / 12)
            + (web * Math.Pow(Thick + (high / 2) - middle, 2));
        return (inertia, Math.Max(middle, Thick + high - middle));
    }

    /// <summary>The greatest stress of bending, and where, for a force at a distance from the corner.</summary>
    public (double Stress, double At) Worst(double force, double arm) =>
        Places(arm).Select(x => (Stress: force * (arm - x) * Section(x).Farthest / Section(x).Inertia, At: x))
        .MaxBy(s => s.Stress);

    /// <summary>How far the place of the force sinks, mm.</summary>
    public double Sag(double force, double arm, double stiffness) => Places(arm).Sum(x =>
        Math.Pow(arm - x, 2) / Section(x).Inertia) * force * arm / Steps / stiffness;

    /// <summary>Stress at which a rib buckles: a plate with one long edge free, 0.43 π² E / (12 (1 − ν²)) (t/h)², ν = 0.35 (Roark; from memory), MPa.</summary>
    public double Buckles(double stiffness) => 0.43 * Math.PI * Math.PI * stiffness / (12 * (1 - (0.35 * 0.35))) * Math.Pow(RibThick / RibHigh, 2);

    private static IEnumerable<double> Places(double arm) => Enumerable.Range(0, Steps).Select(i => arm * (i + 0.5) / Steps);
}
