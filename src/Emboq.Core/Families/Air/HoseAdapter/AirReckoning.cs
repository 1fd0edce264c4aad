namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>Speed and pressure loss of the air in an adapter. Loss coefficients of Crane TP-410 (from memory), all on the velocity head of the
/// narrow end, by the half angle a of the cone and the ratio b of the bores:
/// contraction 0.8 sin a (1 − b²) up to 22.5° and 0.5 √(sin a) (1 − b²) above; expansion 2.6 sin a (1 − b²)² up to 22.5° and (1 − b²)² above;
/// steps 0.5 (1 − b²) and (1 − b²)² (Borda-Carnot).</summary>
internal sealed record AirReckoning(Quantity SlowestSpeed, Quantity Loss, Quantity LongLoss, Quantity StepLoss)
{
    /// <summary>The half angle above which the coefficients are those of a wide cone.</summary>
    private const double WideHalfAngle = 22.5;

    private const double LongHalfAngle = 10;

    public static AirReckoning Of(Air air, AdapterReckoning r, Ledger ledger)
    {
        var circle = Quantity.Input("π/4", Math.PI / 4, Unit.None, new Provenance.Standard("Plane geometry", "area of a circle by its diameter"));
        var flow = ledger.Add("air.flow", "air flow", Quantity.Chosen("air flow", air.Flow * 1e9 / 3600, Unit.Flow, "the machine's own figure"),
            "What the extractor moves through here.");
        // The cone lies between the roots of both cuffs; a tapered plug is narrower still at its mouth.
        var (narrow, wide) = r.First.BoreRoot.Value <= r.Second.BoreRoot.Value ? (r.First.BoreRoot, r.Second.BoreRoot) : (r.Second.BoreRoot, r.First.BoreRoot);
        ledger.Add("air.speed", "air speed, narrowest", flow / (circle * Quantity.Square(r.NarrowestBore)), "Flow over area, where the bore is narrowest.");
        var fastest = ledger.Add("air.cone", "air speed, narrow end of the cone", flow / (circle * Quantity.Square(narrow)),
            "Flow over area, where the cone ends.");
        var slowest = ledger.Add("air.slowest", "air speed, widest", flow / (circle * Quantity.Square(wide)),
            "Where the bore is widest the air is slowest and solids settle first.");
        // 1.2 kg/m³ is dry air at 20 °C and sea level.
        var density = Quantity.Input("density of air", 1.2e-6, Unit.Density, new Provenance.Standard("ASHRAE Fundamentals", "standard air, from memory"));
        var head = ledger.Add("air.head", "velocity head", density * Quantity.Square(fastest) / 2, "Losses are counted in heads of the cone's narrow end.");
        var one = Quantity.Input("1", 1, Unit.None, new Provenance.Standard("Plane geometry", "whole area"));
        var closed = ledger.Add("air.closed", "share of area closed", one - Quantity.Square(narrow / wide), "1 − b², with b the ratio of the bores.");
        var entering = air.Enters == "first" ? r.First : r.Second;
        var contracts = entering.BoreRoot.Value > narrow.Value;
        var way = contracts ? "into the narrower bore" : "into the wider bore";
        Quantity Lost(string key, string name, Quantity coefficient, string because) => ledger.Add(key, name, coefficient * head, because);
        return new(slowest,
            Lost("air.loss", "pressure lost here", Cone(r.ConeAngle, closed, contracts), $"This cone, {way} (Crane TP-410, from memory)."),
            Lost("air.loss.long", "pressure lost by a long cone", Cone(Quantity.Chosen("long cone angle", LongHalfAngle, Unit.DegreeOfArc, "for comparison"),
                closed, contracts), "The same step in a cone of 10 degrees, for comparison."),
            Lost("air.loss.step", "pressure lost by a step", contracts ? 0.5 * closed : Quantity.Square(closed),
                "The same step without a cone, for comparison (Idelchik; Borda-Carnot; from memory)."));
    }

    private static Quantity Cone(Quantity angle, Quantity closed, bool contracts) => (contracts, angle.Value <= WideHalfAngle) switch
    {
        (true, true) => 0.8 * Quantity.Sin(angle) * closed,
        (true, false) => 0.5 * Quantity.Sqrt(Quantity.Sin(angle)) * closed,
        (false, true) => 2.6 * Quantity.Sin(angle) * Quantity.Square(closed),
        (false, false) => Quantity.Square(closed),
    };
}
