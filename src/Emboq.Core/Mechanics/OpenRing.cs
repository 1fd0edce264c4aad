namespace Emboq.Core.Mechanics;

/// <summary>A ring that is opened at its mouth: Castigliano on a thin curved beam (Roark; Timoshenko; from memory). With the half mouth angle b, the
/// mid radius R and the moment F R (cos b − cos θ) at the angle θ from the mouth, the ends part by k F R³ / (E I).</summary>
/// <param name="Radius">Of its middle line, mm.</param>
/// <param name="Thickness">In radius, mm.</param>
/// <param name="HalfMouth">Half of the angle that is open, rad; 0 for a slit.</param>
internal sealed record OpenRing(double Radius, double Thickness, double HalfMouth)
{
    /// <summary>A ring around a bore.</summary>
    /// <param name="bore">Diameter, mm.</param>
    /// <param name="thickness">In radius, mm.</param>
    /// <param name="mouth">Width of its mouth, mm; less than the bore.</param>
    public static OpenRing Around(double bore, double thickness, double mouth) =>
        new((bore + thickness) / 2, thickness, Math.Asin(Math.Min(1, mouth / (bore + thickness))));

    /// <summary>k: 3π for a slit.</summary>
    public double Factor => ((Math.PI - HalfMouth) * (1 + (2 * Math.Pow(Math.Cos(HalfMouth), 2)))) + (3 * Math.Sin(HalfMouth) * Math.Cos(HalfMouth));

    /// <summary>How much more the inner fibre of a thick ring bears than a straight beam's: Winkler's curved beam of rectangular section.</summary>
    public double InnerFibre
    {
        get
        {
            var (inner, outer) = (Radius - (Thickness / 2), Radius + (Thickness / 2));
            var neutral = Thickness / Math.Log(outer / inner);
            return (neutral - inner) * Thickness / (6 * (Radius - neutral) * inner);
        }
    }

    /// <summary>Greatest strain, opposite the mouth.</summary>
    /// <param name="opening">By which the mouth is opened, mm.</param>
    public double Strain(double opening) => Thickness * opening * (1 + Math.Cos(HalfMouth)) / (2 * Factor * Radius * Radius) * InnerFibre;

    /// <summary>The force across the mouth that opens it, N.</summary>
    /// <param name="opening">mm.</param>
    /// <param name="stiffness">MPa.</param>
    /// <param name="height">Along the axis, mm.</param>
    public double Force(double opening, double stiffness, double height) =>
        opening * stiffness * height * Math.Pow(Thickness, 3) / 12 / (Factor * Math.Pow(Radius, 3));

    /// <summary>The greatest push that brings the ring onto a round post: where the lips touch it at the angle φ from the push, each presses with N,
    /// spreads the mouth with N (sin φ − μ cos φ) and takes N (cos φ + μ sin φ) of the push (statics). N; infinite where the lips jam.</summary>
    /// <param name="post">Diameter, mm.</param>
    /// <param name="mouth">mm.</param>
    /// <param name="stiffness">MPa.</param>
    /// <param name="height">mm.</param>
    /// <param name="friction">μ.</param>
    public double Push(double post, double mouth, double stiffness, double height, double friction)
    {
        const int Steps = 60;
        var from = Math.Asin(Math.Min(1, mouth / post));
        return Enumerable.Range(1, Steps).Select(i => from + (((Math.PI / 2) - from) * i / Steps)).Max(angle =>
        {
            var spreads = Math.Sin(angle) - (friction * Math.Cos(angle));
            return spreads <= 0 ? double.PositiveInfinity
                : 2 * Force((post * Math.Sin(angle)) - mouth, stiffness, height) * (Math.Cos(angle) + (friction * Math.Sin(angle))) / spreads;
        });
    }

    /// <summary>The thickest ring that is borne, mm: what is asked of a ring grows with its thickness.</summary>
    /// <param name="bore">Diameter, mm.</param>
    /// <param name="mouth">mm.</param>
    /// <param name="bears">Whether a ring may be.</param>
    public static double Thickest(double bore, double mouth, Func<OpenRing, bool> bears)
    {
        var (thin, thick) = (0.1, bore);
        for (var i = 0; i < 50; i++)
        {
            var middle = (thin + thick) / 2;
            (thin, thick) = bears(Around(bore, middle, mouth)) ? (middle, thick) : (thin, middle);
        }

        return thin;
    }
}
