namespace Emboq.Core.Mechanics;

/// <summary>A lip of one thickness under a rod, that a screw at its end draws against it: a cantilever, and once it touches, one that is propped there (Euler
/// and Bernoulli; Roark, beams, from memory).</summary>
/// <param name="Root">From where it is held to the rod's middle, mm.</param>
/// <param name="Arm">From the rod's middle on to the screw, mm.</param>
/// <param name="Thick">mm.</param>
/// <param name="Length">Along the rod, mm.</param>
internal sealed record PinchedLip(double Root, double Arm, double Thick, double Length)
{
    private double Inertia => Length * Math.Pow(Thick, 3) / 12;

    /// <summary>The force at the screw that brings it to the rod, N: F a² (3 L − a) / (6 E I) is the gap.</summary>
    /// <param name="gap">Between them, mm.</param>
    /// <param name="stiffness">Young's modulus, MPa.</param>
    public double Closing(double gap, double stiffness) => 6 * stiffness * Inertia * Math.Max(0, gap) / (Root * Root * ((2 * Root) + (3 * Arm)));

    /// <summary>What the rod bears, N, of what the screw draws with once they touch: F (1 + 3 e / (2 a)).</summary>
    public double OnRod(double force) => force * (1 + (3 * Arm / (2 * Root)));

    /// <summary>How far the screw's end has come up, mm: F L³ / (3 E I) until they touch, from then on F e² (3 a + 4 e) / (12 E I).</summary>
    /// <param name="closing">Force until they touch, N.</param>
    /// <param name="more">Force from then on, N.</param>
    /// <param name="stiffness">Young's modulus, MPa.</param>
    public double Rise(double closing, double more, double stiffness) => ((closing * Math.Pow(Root + Arm, 3) / 3)
        + (more * Arm * Arm * ((3 * Root) + (4 * Arm)) / 12)) / (stiffness * Inertia);

    /// <summary>Greatest bending stress, MPa: at its root before it touches, or over the rod.</summary>
    public double Stress(double closing, double more) => 6 * Math.Max(closing * (Root + Arm), (closing + more) * Arm) / (Length * Thick * Thick);
}
