namespace Emboq.Core.Joints;

/// <summary>A foot that widens downwards in a channel that does: it slides along, and cannot be lifted out. Both are drawn by the law of sizes at their
/// narrowest.</summary>
/// <param name="Mouth">Of the channel at its narrowest, as drawn.</param>
/// <param name="Neck">Of the foot at its narrowest, as drawn.</param>
/// <param name="Deep">Of the channel, mm.</param>
/// <param name="Angle">Of the flanks to the floor, degrees.</param>
/// <param name="Clearance">Across, both flanks together, as they come out.</param>
internal sealed record Dovetail(Quantity Mouth, Quantity Neck, Quantity Deep, Quantity Angle, Quantity Clearance)
{
    /// <summary>Between the foot and the floor of its channel, mm.</summary>
    public const double Under = 0.6;

    /// <summary>Reckons it.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="mouth">The channel at its narrowest, finished.</param>
    /// <param name="deep">The channel.</param>
    /// <param name="angle">Of the flanks to the floor.</param>
    /// <param name="slides">Clearance across that is aimed at.</param>
    public static Dovetail Of(JointScope scope, Quantity mouth, Quantity deep, Quantity angle, Quantity slides)
    {
        var (channel, foot) = (scope.Drawn("mouth", "mouth", mouth, Surface.Pocket), scope.Drawn("neck", "neck", mouth - slides,
            Surface.OutsideFlat));
        var comes = scope.Add("slides", "clearance", SizeLaw.Printed(channel.Fixed(channel.Name, "this design"), Surface.Pocket, scope.Fits,
            "channel") - SizeLaw.Printed(foot.Fixed(foot.Name, "this design"), Surface.OutsideFlat, scope.Fits, "foot"),
            "Both flanks together: what channel and foot come out at.");
        return new(channel, foot, deep, angle, comes);
    }

    private double Cotangent => 1 / Math.Tan(Angle.Value * Math.PI / 180);

    /// <summary>From the middle to a flank of the channel, so far below its mouth, mm.</summary>
    public double Channel(double below) => (Mouth.Value / 2) + (below * Cotangent);

    /// <summary>From the middle to a flank of the foot, mm.</summary>
    public double Foot(double below) => (Neck.Value / 2) + (below * Cotangent);

    /// <summary>Over two rollers that lie in the corners of the foot, mm: narrow + D (1 + cot(a/2)).</summary>
    public Quantity OverRollers(Quantity roller) => (Neck + (roller * Rollers)).Named("foot over rollers");

    /// <summary>Between two rollers that lie in the corners of the channel: wide − D (1 + cot(a/2)).</summary>
    public Quantity BetweenRollers(Quantity roller) => (Mouth + (2 * Deep / Quantity.Tan(Angle)) - (roller * Rollers)).Named("channel between rollers");

    private Quantity Rollers => Quantity.Chosen("1 + cot of half the flank's angle", 1 + (1 / Math.Tan(Angle.Value * Math.PI / 360)), Unit.None,
        "plane geometry");

    /// <summary>Along a flank from its corner to where a roller touches it, mm: it must be no longer than the flank.</summary>
    public double Touches(double roller) => roller / 2 / Math.Tan(Angle.Value * Math.PI / 360);

    /// <summary>Length of a flank, mm.</summary>
    public double Flank => Deep.Value / Math.Sin(Angle.Value * Math.PI / 180);

    /// <summary>What a foot holds along its channel when both halves are spread with a force, N: each flank is pressed with V / sin a, and what rests on the
    /// channel with V cot a; friction counts on all four.</summary>
    public double Holds(double spread, double friction) => 2 * friction * spread * ((1 / Math.Sin(Angle.Value * Math.PI / 180)) + Cotangent);
}
