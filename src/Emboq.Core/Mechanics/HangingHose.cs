namespace Emboq.Core.Mechanics;

/// <summary>A hose that hangs by its own weight from one end to the other: a catenary, z = a cosh((x − x₀) / a) + c. Its stiffness is left out.</summary>
/// <param name="Across">Between its ends, level, mm.</param>
/// <param name="Rise">From its lower reference end, at x = 0, to the other, mm; may be below nothing.</param>
/// <param name="Scale">a: the radius at the lowest point, mm.</param>
/// <param name="Lowest">x₀: where the curve is lowest, on the hose or beyond it, mm.</param>
internal sealed record HangingHose(double Across, double Rise, double Scale, double Lowest)
{
    /// <summary>The hose between two places; <c>null</c> where it is too short to hang.</summary>
    /// <param name="across">Level, mm; less than a millimetre counts as one.</param>
    /// <param name="rise">Up, mm.</param>
    /// <param name="length">Of the hose, mm.</param>
    public static HangingHose? Between(double across, double rise, double length)
    {
        across = Math.Max(1, across);
        var level = Math.Sqrt(Math.Max(0, (length * length) - (rise * rise)));
        if (level <= across * (1 + 1e-9))
        {
            return null;
        }

        // sinh(u) / u = level / across grows with u.
        var (low, high) = (1e-9, 1.0);
        while (Math.Sinh(high) / high < level / across)
        {
            high *= 2;
        }

        for (var i = 0; i < 60; i++)
        {
            var middle = (low + high) / 2;
            (low, high) = Math.Sinh(middle) / middle < level / across ? (middle, high) : (low, middle);
        }

        var a = across / (low + high);
        return new(across, rise, a, (across / 2) - (a * Math.Asinh(rise / level)));
    }

    /// <summary>Height over the end at x = 0, mm.</summary>
    public double At(double x) => Scale * (Math.Cosh((x - Lowest) / Scale) - Math.Cosh(Lowest / Scale));

    /// <summary>Its lowest place: between its ends, or the lower of them, mm.</summary>
    public double Hangs => At(Math.Clamp(Lowest, 0, Across));

    /// <summary>Its tightest bend, mm.</summary>
    public double Bend => Scale * Math.Pow(Math.Cosh((Math.Clamp(Lowest, 0, Across) - Lowest) / Scale), 2);

    /// <summary>Pull at the end at x = 0, N.</summary>
    /// <param name="weight">Of the hose, N/mm.</param>
    public double Pull(double weight) => weight * Scale * Math.Cosh(Lowest / Scale);
}
