namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>What is judged about the air in an adapter.</summary>
internal static class AirChecks
{
    /// <summary>Transport speed of wood dust and chips, mm/s (ACGIH Industrial Ventilation, from memory).</summary>
    private const double TransportSpeed = 20_000;

    public static IEnumerable<Check> Of(Air air, AirReckoning reckoned)
    {
        if (air.Solids)
        {
            var keepsMoving = reckoned.SlowestSpeed.Value >= TransportSpeed;
            yield return new("air.transport", "solids keep moving", keepsMoving ? Verdict.Good : Verdict.Watch,
                keepsMoving ? "The air is fast enough everywhere." : "Where the bore is widest the air is slow enough for solids to settle and clog.",
                Figures.MetresPerSecond(reckoned.SlowestSpeed.Value), $"{Figures.MetresPerSecond(TransportSpeed)} or more",
                    "ACGIH Industrial Ventilation, from memory.", []);
        }

        var (here, cone, step) = (reckoned.Loss.Value, reckoned.LongLoss.Value, reckoned.StepLoss.Value);
        var gains = here < 0.95 * step;
        yield return new("air.cone", "what the cone saves", gains ? Verdict.Good : Verdict.Watch,
            gains ? $"A step would lose {Figures.Pascals(step)}, a cone of 10 degrees {Figures.Pascals(cone)}."
                : $"At this angle the cone gains nothing over a step, which loses {Figures.Pascals(step)} too; a cone of 10 degrees loses "
                    + $"{Figures.Pascals(cone)}.",
            $"{Figures.Pascals(here)} lost", $"under {Figures.Pascals(step)} of a step", "Crane TP-410 and Borda-Carnot, from memory.",
            gains || cone >= here ? [] : [new Remedy.Change("Lean it 10°", new Dictionary<string, string> { ["coneBy"] = "angle", ["coneAngle"] = "10" })]);
    }

    public static IReadOnlyList<string> Cautions(Air? air) => air?.Carries switch
    {
        "fumes" =>
        [
            "Fumes are led outdoors, or filtered, by the machine's manual and local codes. Heat softens printed parts: keep them away from what is hot.",
            Overhead,
        ],
        _ =>
        [
            "Fine dust burns and can explode, and air in a plastic hose charges it: the machine's manual and local codes decide how to collect and earth it.",
            "A printed adapter is no substitute for a mask where the manual asks for one.",
            Overhead,
        ],
    };

    private const string Overhead = "What hangs overhead needs a second fixing that holds if the print breaks.";
}
