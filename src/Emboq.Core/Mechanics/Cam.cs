namespace Emboq.Core.Mechanics;

/// <summary>A round cam that turns about a pin beside its middle, against a flat face.</summary>
/// <param name="Throw">From the pin's axis to the middle of the round.</param>
/// <param name="Radius">Of the round.</param>
/// <param name="Pin">Radius of the pin.</param>
internal sealed record Cam(Quantity Throw, Quantity Radius, Quantity Pin)
{
    /// <summary>How far it has pushed the face when it has turned so far from its lowest, mm: e (1 − cos θ).</summary>
    public double Rise(double degrees) => Throw.Value * (1 - Math.Cos(degrees * Math.PI / 180));

    /// <summary>Radius of what it turns in about its pin, with room around it, mm.</summary>
    public double Hollow => Radius.Value + Throw.Value + 0.6;

    /// <summary>Greatest throw at which it stays by itself wherever it is left: the face pushes e beside the pin at most, and friction holds with μ R
    /// (jig and fixture handbooks; line contact).</summary>
    public static double HoldsUpTo(double friction, double radius) => friction * radius;

    /// <summary>Force of a hand at the end of a lever that presses with a force: the face's push beside the pin, and friction at the face and at the
    /// pin.</summary>
    public Quantity Hand(Quantity press, Quantity lever, Quantity friction) => press * (Throw + (friction * (Radius + Pin))) / lever;
}

/// <summary>An oval that is turned between two flat faces and spreads both.</summary>
/// <param name="Least">Half of its width as it goes in, mm.</param>
/// <param name="Most">Half of its length, mm.</param>
internal sealed record OvalCam(double Least, double Most)
{
    /// <summary>Half of what it spreads to, turned so far from its narrowest, mm: √(b² cos² θ + a² sin² θ).</summary>
    public double Half(double degrees)
    {
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        return Math.Sqrt((Least * Least * cos * cos) + (Most * Most * sin * sin));
    }

    /// <summary>How far beside its middle each face touches it, mm: what of a turn becomes spreading.</summary>
    public double Arm(double degrees)
    {
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        return ((Most * Most) - (Least * Least)) * sin * cos / Half(degrees);
    }

    /// <summary>Its greatest arm, looked for at whole degrees.</summary>
    public double GreatestArm => Enumerable.Range(0, 91).Max(d => Arm(d));

    /// <summary>Force of a hand at the end of a lever that spreads with a force on each side, N.</summary>
    public double Hand(double press, double lever, double friction) => 2 * press * (GreatestArm + (friction * Most)) / lever;
}

/// <summary>A round pressed on a flat of the same plastic along a line (Hertz; Roark): the greatest pressure, MPa.</summary>
internal static class LinePressure
{
    /// <summary>Contraction across a pull, of most plastics.</summary>
    private const double Poisson = 0.36;

    /// <summary>√(F E* / (π L R)), with E* = E / 2 (1 − ν²).</summary>
    public static double Of(double force, double length, double radius, double stiffness) =>
        Math.Sqrt(force * stiffness / (2 * (1 - (Poisson * Poisson))) / (Math.PI * length * radius));
}
