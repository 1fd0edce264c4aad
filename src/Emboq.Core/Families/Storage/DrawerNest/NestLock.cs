namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>Feet at the right of a module, and the channels of its right neighbour that is let down over them.</summary>
/// <param name="Tail">Foot and channel.</param>
/// <param name="High">A foot, mm.</param>
internal sealed record NestLock(Dovetail Tail, double High)
{
    /// <summary>A channel is so much higher than its foot, mm.</summary>
    public const double Over = 0.4;

    /// <summary>How far channels go into a wall, and how wide they are at their mouth, mm.</summary>
    public const double Deep = 3, Mouth = 6;

    public static NestLock Of(Brief brief, Ledger ledger, Quantity slides, double high) => new(Dovetail.Of(PartBodies.Scope(brief, ledger, "lock", "lock"),
        Quantity.Chosen("channel at its mouth", Mouth, Unit.Millimetre, "this family"), Quantity.Chosen("channel, deep", Deep, Unit.Millimetre,
            "this family"), Quantity.Chosen("flanks", 60, Unit.DegreeOfArc, "this family"), slides), high);

    /// <summary>A foot on the edge x = 0, its middle at y = 0; it crosses what is free between neighbours.</summary>
    public Solid Foot
    {
        get
        {
            var stands = Deep - Dovetail.Under;
            var (near, far) = (Tail.Foot(0), Tail.Foot(stands));
            var at = NestRow.Apart;
            return new Solid.Extruded(new(new Point2(-1, -near), new(at, -near), new(at + stands, -far), new(at + stands, far), new(at, near), new(-1,
                near)), High);
        }
    }

    /// <summary>What is cut into the edge x = 0 of the neighbour at the right.</summary>
    public Solid Channel
    {
        get
        {
            var (near, far) = (Tail.Channel(0), Tail.Channel(Deep));
            return new Solid.Extruded(new(new Point2(-1, -near), new(0, -near), new(Deep, -far), new(Deep, far), new(0, near), new(-1, near)),
                High + Over + 1).At(0, 0, -1);
        }
    }
}
