namespace Emboq.Core.Families.Storage.LabelPlate;

/// <summary>A measured ring that a plate hangs on.</summary>
/// <param name="Place">The ring.</param>
/// <param name="Hole">The hole it goes through.</param>
/// <param name="Inside">Its inside diameter, where it was read.</param>
internal sealed record HangingRing(Interface Place, Quantity Hole, Quantity? Inside)
{
    /// <summary>What a ring needs around the rim it hangs on, mm; common practice, no published source.</summary>
    private const double Swings = 1;

    public static HangingRing Of(Interface place, Quantity thickness, Ledger ledger)
    {
        var wire = ledger.Add("ring.wire", "wire of the ring", Evaluation.Of(place, "wire")!.Quantity, "As measured.");
        var inside = Evaluation.Of(place, "inside") is { } read ? ledger.Add("ring.inside", "inside of the ring", read.Quantity, "As measured.") : null;
        var play = Quantity.RuleOfThumb("play of the wire", 0.6, Unit.Millimetre, "A ring that cannot swing cracks the rim.");
        // Through a plate as thick as it is wide inside no ring goes: half of the thickness is then as good as its own radius.
        var bow = inside is null ? null : ledger.Add("ring.bow", "bow of the wire within the plate", Bow((inside + wire) / 2, thickness / 2),
            "The wire is bent: within the plate's thickness it leaves the straight by this much.");
        return new(place, ledger.Add("ring.hole", "hole for the ring", bow is null ? wire + play : wire + bow + play,
            bow is null ? "The wire and its play; read the ring's inside too, and its bend is counted." : "The wire, its bend and its play."), inside);
    }

    private static Quantity Bow(Quantity radius, Quantity half) => half.Value >= radius.Value
        ? radius
        : radius - Quantity.Sqrt(Quantity.Square(radius) - Quantity.Square(half));

    /// <summary>Whether it goes around the rim between the hole and the edge.</summary>
    /// <param name="rim">From the hole to the edge, mm.</param>
    public IEnumerable<Check> Checks(double rim) => Inside is null
        ? [new("ring.closes", "ring around the rim", Verdict.Watch, "Not judged: the inside of the ring is not read.", "not read",
            $"{Figures.Mm(rim + Swings)} or more", "Plane geometry.", [new Remedy.Measure($"Measure {Place["inside"].Name}", Place.Id, "inside")])]
        : [Judge.AtLeast("ring.closes", "ring around the rim", Inside.Value, rim + Swings, "The ring goes around the rim and swings.",
            "The ring is too small to go around the rim: take a larger ring, or a smaller hole.")];
}
