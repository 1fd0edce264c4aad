using Emboq.Core.Measuring.Kinds;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.HoseCarrier;

/// <summary>The figures of a cradle for a hose. The hose's axis is z, the mouth opens to +y, and the back is screwed on from inside through the
/// mouth.</summary>
internal sealed record CarrierReckoning
{
    public required Fitted Bore { get; init; }

    /// <summary>How far the hose gives, on its diameter, mm.</summary>
    public required double Give { get; init; }

    public required Quantity Mouth { get; init; }

    public required Quantity Wall { get; init; }

    public required Quantity Height { get; init; }

    /// <summary>Behind the ring, so that heads lie on enough, mm.</summary>
    public required double Pad { get; init; }

    /// <summary>Across and along the hose, mm.</summary>
    public required IReadOnlyList<Point2> Holes { get; init; }

    /// <summary>How many holes what it is screwed to has.</summary>
    public required int Given { get; init; }

    public required Joint Screw { get; init; }

    public required string Size { get; init; }

    /// <summary>Radius of a head's recess, mm.</summary>
    public required double Recess { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required Load Load { get; init; }

    /// <summary>What it turns on; <c>null</c> where it is screwed fast.</summary>
    public required Swivel? Swivel { get; init; }

    /// <summary>Whether the hose reaches; <c>null</c> where nobody asked.</summary>
    public required HoseReach? Reach { get; init; }

    public required WayUp Way { get; init; }

    public bool Upright => Way.Key == "upright";

    public double Inner => Bore.Drawn.Value / 2;

    public double Outer => Inner + Wall.Value;

    /// <summary>Half of the block at its back, mm.</summary>
    public double HalfBack => Math.Min(Outer, Holes.Max(h => Math.Abs(h.X)) + Screw.Reach + 1);

    public OpenRing Ring => OpenRing.Around(Bore.Drawn.Value, Wall.Value, Math.Min(Mouth.Value, Bore.Drawn.Value));

    public static CarrierReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, place) = (brief.Parameters, brief.Interfaces["hose"]);
        var (way, dimension) = (HoseCarrierFamily.Way.Read(p, ledger), Dimension(place));
        var upright = way.Key == "upright";
        var bore = Fitted.Reckon(new("hose", dimension, upright ? Surface.HoleUpright : Surface.HoleLying, FitClasses.Of(p.Choice("across")),
            p.Number("clearance"), "cradle")
        { Words = SeatWords.Cradle }, place, brief.Fits, brief.Tries, ledger);
        var mouth = ledger.Add("mouth", "mouth", p.Number("mouth") is { } given ? Quantity.Chosen("mouth", given, Unit.Millimetre)
            : Quantity.RuleOfThumb("share of the hose", 0.8, Unit.None, "The hose snaps in, and does not fall out.") * bore.Counterpart, "Between the lips.");
        var (wall, height, size) = (HoseCarrierFamily.Wall.Read(p, ledger), HoseCarrierFamily.Height.Read(p, ledger), p.Choice("screw"));
        var scope = PartBodies.Scope(brief, ledger, "screw", "screw");
        // Deep enough for a head and 3 mm under it, and no thinner than the ring.
        var turns = p.Choice("turns") != "fixed";
        var sunk = turns ? Swivel.Sunk(size) : Hardware.Of("cap-screws", size, "height", "height of a head").Value + 0.3;
        var pad = Math.Max(0, sunk + (p.Choice("turns") == "inPlace" ? Swivel.UnderInPlace : HoseCarrierFamily.UnderHead) - wall.Value);
        var lie = upright ? HoleLie.Teardrop : HoleLie.Upright;
        var swivel = turns ? Swivel.Of(brief, size, wall.Value + pad, lie, ledger) : null;
        return new()
        {
            Bore = bore,
            Give = place.Kind.Key == "hose" && Evaluation.Of(place, "give") is { } give ? give.Quantity.Value
                : HoseKind.Softness(bore.Counterpart) is { } soft ? 2 * soft.StandardUncertainty : 0,
            Mouth = mouth,
            Wall = wall,
            Height = height,
            Pad = pad,
            Given = HolePattern.Taken(brief, "near")?.Count ?? 1,
            Holes = turns ? [new(0, 0)] : Holed(brief, ledger),
            Screw = swivel?.Joint ?? ScrewHole.Counterbored(scope, size, wall.Value + pad, lie),
            Swivel = swivel,
            Size = size,
            Recess = ledger["screw.counterbore"].Value / 2,
            Material = PrintedMaterial.Of(brief.Process),
            Load = Load.Of(brief, ledger),
            Reach = HoseReach.Of(brief, bore.Counterpart, ledger),
            Way = way,
        };
    }

    /// <summary>Which dimension of a place the cradle goes around.</summary>
    public static string Dimension(Interface place) => place.Kind.Key == "post" ? "diameter" : "outside";

    private static IReadOnlyList<Point2> Holed(Brief brief, Ledger ledger)
    {
        if (HolePattern.Taken(brief, "near") is { } taken)
        {
            return taken;
        }

        if (brief.Parameters.Choice("holes") == "1")
        {
            return [new(0, 0)];
        }

        var spacing = ledger.Add("spacing", "holes apart", Quantity.Chosen("holes apart", brief.Parameters.Number("spacing")!.Value,
            Unit.Millimetre), "Across the hose.");
        return HolePattern.Pair(spacing);
    }
}
