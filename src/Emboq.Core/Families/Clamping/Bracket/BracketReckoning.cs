using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.Bracket;

/// <summary>The figures of a bracket. Its section lies in x and y, its width along z: the near plate hangs down from the corner at the origin, its outer
/// face at x = 0; the far plate leaves the corner at the angle between both, its outer face above.</summary>
internal sealed record BracketReckoning
{
    public required Quantity Thick { get; init; }

    public required Quantity Angle { get; init; }

    /// <summary>From the corner to the middle of the near holes, and of the far ones.</summary>
    public required (Quantity Near, Quantity Far) Middle { get; init; }

    /// <summary>Holes of both plates: across (z) and along the plate, about their middle, mm.</summary>
    public required (IReadOnlyList<Point2> Near, IReadOnlyList<Point2> Far) Holes { get; init; }

    /// <summary>How far the screws of the mount may move across, mm: nothing where one mount is served.</summary>
    public required double Travel { get; init; }

    public required BracketScrew NearScrew { get; init; }

    public required BracketScrew FarScrew { get; init; }

    public required int Ribs { get; init; }

    /// <summary>Of each rib: whole lines.</summary>
    public required Quantity RibThick { get; init; }

    /// <summary>How far they reach along each plate.</summary>
    public required Quantity RibReach { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required Load Load { get; init; }

    public required WayUp Way { get; init; }

    public bool OnSide => Way.Key == "side";

    public double Turn => Angle.Value * Math.PI / 180;

    /// <summary>Along the far plate, away from the corner; and from its outer face inwards.</summary>
    public Point2 Out => new(Math.Sin(Turn), -Math.Cos(Turn));

    public Point2 In => new(-Math.Cos(Turn), -Math.Sin(Turn));

    /// <summary>Where both inner faces meet.</summary>
    public Point2 InnerCorner => new(Thick.Value, -Thick.Value * (1 + Math.Cos(Turn)) / Math.Sin(Turn));

    /// <summary>Ribs stand at the edges, beside the heads.</summary>
    public double Wide => 2 * (Math.Max(Reach(Holes.Near, NearScrew, p => p.X), Reach(Holes.Far, FarScrew, p => p.X)) + (Ribs > 0 ? RibThick.Value : 0));

    public double NearLength => Middle.Near.Value + Reach(Holes.Near, NearScrew, p => p.Y);

    public double FarLength => Middle.Far.Value + Reach(Holes.Far, FarScrew, p => p.Y);

    /// <summary>The arm as a beam from the near plate's inner face.</summary>
    public RibbedArm Arm => Ribbed(RibReach.Value);

    /// <summary>The same with ribs of another reach. The force hangs straight down: of an arm that slants, what is level counts along it, and a rib is as deep
    /// as its foot lies from the far plate.</summary>
    public RibbedArm Ribbed(double reach) =>
        new(Wide, Thick.Value, Ribs, RibThick.Value, Math.Max(0.01, reach * Math.Sin(Turn)), Math.Max(0.01, reach * Math.Sin(Turn)));

    /// <summary>How far the load sinks, mm: a slanting arm is longer than it is level.</summary>
    public double Sag(RibbedArm arm, PrintedMaterial of) => arm.Sag(Load.Weight.Value, Lever, of.Stiffness.Value) / Math.Sin(Turn);

    /// <summary>From the inner corner to the load, square to it, mm.</summary>
    public double Lever => Math.Max(0, Load.Arm.Value - Thick.Value);

    public double? Bears => Material is null ? null : (OnSide ? Material.Along.Value : Material.Across.Value) * Load.Left.Value / PrintedMaterial.Safety;

    private static double Reach(IReadOnlyList<Point2> holes, BracketScrew screw, Func<Point2, double> along) =>
        holes.Max(h => Math.Abs(along(h))) + screw.Keeps;

    public static BracketReckoning Of(Brief brief, Ledger ledger)
    {
        var p = brief.Parameters;
        var way = BracketFamily.Way.Read(p, ledger);
        var thick = brief.Taken.GetValueOrDefault("thick")?.Thing is Given.Size size
            ? ledger.Add("thickness", "thickness", size.Value, "As the other part leaves it.")
            : ledger.Add("thickness", "thickness", Quantity.Chosen("thickness", p.Number("thickness")!.Value, Unit.Millimetre), "Of both plates.");
        var served = HolePattern.Taken(brief, "near") is null ? HoleRows.Served(brief, BracketFamily.Mounts, ledger) : null;
        var (near, far) = (served is { } s ? HolePattern.Pair(s.Middle) : Holed(brief, "near", ledger), Holed(brief, "far", ledger));
        var lines = p.Number("ribLines")!.Value;
        var count = p.Choice("ribs") switch { "one" => 1, "two" => 2, "three" => 3, _ => 0 };
        return new()
        {
            Thick = thick,
            Angle = ledger.Add("angle", "angle of the faces", Quantity.Chosen("angle", p.Number("angle")!.Value, Unit.DegreeOfArc), "Between both plates."),
            Middle = (BracketFamily.NearDown.Read(p, ledger), BracketFamily.Reach.Read(p, ledger)),
            Holes = (near, far),
            Travel = served?.Travel.Value ?? 0,
            NearScrew = BracketScrew.Of(brief, "near", "screw to the mount", thick, lies: true, served?.Travel.Value ?? 0, ledger),
            FarScrew = BracketScrew.Of(brief, "far", "screw to the load", thick, lies: way.Key == "side", 0, ledger),
            Ribs = count,
            RibThick = ledger.Add("ribThick", "rib thickness", Quantity.Chosen("lines of a rib", lines, Unit.None)
                * Quantity.Chosen("line width", brief.Process.LineWidth, Unit.Millimetre, brief.Process.Name),
                    "Whole lines: what is left between them would be empty."),
            RibReach = count == 0 ? Quantity.Chosen("no ribs", 0, Unit.Millimetre) : BracketFamily.RibReach.Read(p, ledger),
            Material = PrintedMaterial.Of(brief.Process),
            Load = Load.Of(brief, ledger),
            Way = way,
        };
    }

    /// <summary>Those that were taken from the other part, or two of a spacing across.</summary>
    private static IReadOnlyList<Point2> Holed(Brief brief, string side, Ledger ledger)
    {
        if (HolePattern.Taken(brief, side) is { } taken)
        {
            return taken;
        }

        var name = side == "near" ? "holes to the mount" : "holes to the load";
        var spacing = ledger.Add($"{side}Spacing", name, Quantity.Chosen(name, brief.Parameters.Number($"{side}Spacing")!.Value, Unit.Millimetre),
            "From middle to middle, across.");
        return HolePattern.Pair(spacing);
    }
}

/// <summary>The screws of one plate: pan heads that come from the inside of the corner.</summary>
/// <param name="Size">Of the thread.</param>
/// <param name="Hole">In its own frame.</param>
/// <param name="Head">Across its head, mm.</param>
internal sealed record BracketScrew(string Size, Joint Hole, double Head)
{
    /// <summary>From the middle of a hole to the edge: its wall, and its head with a little room, mm.</summary>
    public double Keeps => Math.Max(Hole.Reach, (Head / 2) + 1.5);

    public static BracketScrew Of(Brief brief, string side, string name, Quantity thick, bool lies, double travel, Ledger ledger)
    {
        var size = brief.Parameters.Choice($"{side}Screw");
        var scope = PartBodies.Scope(brief, ledger, $"{side}.screw", name) with { Screw = null, Nut = null };
        return new(size, travel > 0 ? ScrewHole.Slotted(scope, Hardware.Passing(size, "medium"), travel, thick.Value)
            : ScrewHole.Passing(scope, size, "medium", thick.Value, lies ? HoleLie.Teardrop : HoleLie.Upright),
            Hardware.Of("pan-screws", size, "head", $"{Hardware.Name(size)} pan head").Value);
    }

    /// <summary>What a head presses on, mm².</summary>
    public double Area => Math.PI / 4 * ((Head * Head) - (Hole.Bore * Hole.Bore));
}
