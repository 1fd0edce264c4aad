namespace Emboq.Core.Families.Storage.WallBin;

/// <summary>What a load does to a bin: the floor and the lower part of both sides as a cantilever from the wall, evenly loaded.</summary>
/// <param name="Sag">At the front: F L³ / (8 E I) (Roark's Formulas, cantilever with even load; from memory).</param>
/// <param name="Pull">On the upper fixing: the load tips the bin about its lower edge.</param>
internal sealed record BinLoad(Quantity Sag, Quantity Pull)
{
    public static BinLoad? Of(Brief brief, Quantity depth, Quantity wall, Quantity floor, Quantity front, Quantity width, double heldAt, Ledger ledger)
    {
        var grams = brief.Parameters.Number("load") is { } given ? Quantity.Chosen("load", given, Unit.Grams)
            : Evaluation.Of(brief.Interfaces["item"], "mass")?.Quantity;
        if (grams is null)
        {
            return null;
        }

        // 9.81 m/s² on a gram is 0.00981 N.
        var weight = ledger.Add("load", "weight of the box", Quantity.Input("weight of a gram", 0.00981, new(Gram: -1, Newton: 1),
            new Provenance.Standard("ISO 80000-4", "standard gravity")) * grams, "What hangs in the bin.");
        var modulus = Quantity.RuleOfThumb("stiffness of the filament", 2000, new(Mm: -2, Newton: 1),
            "A stiff plain filament has about 2 GPa along its lines, less across them.");
        // Two walls standing on a floor: parts about the common middle.
        var (sides, plate) = (2 * wall * front, floor * width);
        var middle = ((sides * (front / 2)) + (plate * (floor / 2))) / (sides + plate);
        var stiff = ledger.Add("stiffness", "second moment of floor and sides",
            (2 * wall * front * Quantity.Square(front) / 12) + (sides * Quantity.Square((front / 2) - middle))
                + (width * floor * Quantity.Square(floor) / 12) + (plate * Quantity.Square(middle - (floor / 2))),
            "Two sides as high as the front, on the floor.");
        var sag = ledger.Add("sag", "sag at the front", weight * depth * Quantity.Square(depth) / (8 * modulus * stiff),
            "Cantilever, evenly loaded (Roark; from memory). Over months it creeps to two or three times that.");
        var lever = ledger.Add("pull.lever", "lever of the upper fixing",
            Quantity.Input("height of the fixing", heldAt, Unit.Millimetre, new Provenance.Chosen("where the fixing stands")),
            "From the lower edge, about which the bin tips, up to what holds it.");
        var pull = ledger.Add("pull", "pull on the upper fixing", weight * depth / (2 * lever),
            "The load, half the depth away, tips the bin about its lower edge.");
        return new(sag, pull);
    }
}
