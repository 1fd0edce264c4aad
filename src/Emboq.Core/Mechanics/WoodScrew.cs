namespace Emboq.Core.Mechanics;

/// <summary>A wood screw that is pulled out of the side grain of a board: 108.25 G² D L in N and mm breaks it loose (Wood Handbook, USDA FPL-GTR-282,
/// chapter 8; from memory); a quarter of that is allowed, and of that a half in end grain.</summary>
internal static class WoodScrew
{
    private const double Safety = 4;

    private static readonly Unit Pressure = new(Mm: -2, Newton: 1);

    /// <summary>What one screw bears, N, as lines of the ledger.</summary>
    /// <param name="size">Of the screw.</param>
    /// <param name="thread">In the wood, mm.</param>
    /// <param name="ledger">Takes the figures.</param>
    /// <param name="key">Begins the line's key.</param>
    /// <param name="name">Of one of them.</param>
    /// <param name="endGrain">Whether it goes into end grain, which holds three quarters at best and splits: half is taken.</param>
    public static Quantity Bears(string size, double thread, Ledger ledger, string key = "screw", string name = "one screw", bool endGrain = false)
    {
        var density = Quantity.RuleOfThumb("density of the wood against water", 0.4, Unit.None, "Light softwood; boards of harder wood hold more.");
        var grip = Quantity.Input("pull on a wood screw", 108.25 / Safety, Pressure, new Provenance.Standard("Wood Handbook, USDA FPL-GTR-282",
            "withdrawal from side grain, from memory; a quarter of it is allowed"));
        var grain = Quantity.RuleOfThumb("end grain", endGrain ? 0.5 : 1, Unit.None,
            "End grain holds three quarters of what side grain does at best, and splits: half is taken (Wood Handbook; from memory).");
        return ledger.Add($"{key}.bears", $"{name} bears", (endGrain ? grain * grip : grip) * Quantity.Square(density) * Hardware.Of("wood-screws", size,
            "diameter",
            $"diameter of a {size} wood screw") * Quantity.Chosen("thread in the wood", thread, Unit.Millimetre, "the screw that is taken"),
            endGrain ? "Before it is drawn out of end grain: 108.25 G² D L, an eighth of it."
                : "Before it is drawn out of the board: 108.25 G² D L, a quarter of it.");
    }
}
