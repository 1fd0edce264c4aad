namespace Emboq.Core.Families.Drawers.DrawerPull;

/// <summary>The lip below a thin plate: it leans down and out, so that fingers hook behind it from below.</summary>
/// <param name="Plate">Thickness of the plate.</param>
/// <param name="Drop">How far it reaches below the plate.</param>
/// <param name="Reach">How deep a finger goes in behind it.</param>
/// <param name="Stops">Whether its ends are closed.</param>
internal sealed record PullLip(Quantity Plate, Quantity Drop, Quantity Reach, bool Stops)
{
    /// <summary>Thickness of a finger stop, mm.</summary>
    public const double Stop = 3;

    /// <summary>From the upright, as it grows on the bed: it prints without support. Degrees.</summary>
    private const double Lean = 35;

    public static PullLip Of(Quantity plate, Quantity projection, bool stops, Ledger ledger)
    {
        var lean = Quantity.Tan(Quantity.RuleOfThumb("lean of the lip", Lean, Unit.DegreeOfArc,
            "Leaning no more than this it prints on its back without support."));
        var finger = Quantity.RuleOfThumb("thickness of a finger", 12, Unit.Millimetre, "A finger in a glove is a little more.");
        return new(plate, ledger.Add("lip.drop", "lip below the plate", projection * lean, "It leans down as it reaches out."),
            ledger.Add("lip.reach", "finger behind the lip", (projection - finger) * lean, "From its edge up to where a finger fills the gap."), stops);
    }

    /// <summary>Its section: y up, z out.</summary>
    /// <param name="tall">Height of the plate, mm.</param>
    /// <param name="projection">Of its edge, mm.</param>
    /// <param name="thick">Its thickness, mm.</param>
    public IReadOnlyList<Point2> Section(double tall, double projection, double thick)
    {
        var (low, up) = (-tall / 2, Across(thick));
        return [new(low, 0), new(low + up, 0), new(low - Drop.Value + up, projection), new(low - Drop.Value, projection)];
    }

    /// <summary>Its thickness as it is met going up the face, mm.</summary>
    public static double Across(double thick) => thick / Math.Cos(Lean * Math.PI / 180);

    /// <summary>How much of the plate's face it covers from below, mm.</summary>
    public Quantity Covers(Quantity projection, Quantity thick) =>
        Quantity.RuleOfThumb("lip, up the face", Across(1), Unit.None, "Its thickness, as it is met going up.") * thick
            - (Plate / projection * Drop);

    /// <summary>A place in the middle of it, near its edge.</summary>
    public Point3 Middle(double tall, double projection, double thick) =>
        new(0, (-tall / 2) - (0.9 * Drop.Value) + (Across(thick) / 2), 0.9 * projection);

    /// <summary>Section of a stop: what lies between the lip and the drawer.</summary>
    public IReadOnlyList<Point2> StopSection(double tall, double projection) =>
        [new(-tall / 2, 0), new((-tall / 2) - Drop.Value, projection), new((-tall / 2) - Drop.Value, 0)];
}
