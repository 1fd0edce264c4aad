namespace Emboq.Core.Families.Kit;

/// <summary>What hangs on a part, in people's words: how heavy, how far out, how it is used.</summary>
/// <param name="Weight">Of what hangs, N, as it presses: more where it shakes.</param>
/// <param name="Arm">From what holds it to its middle, mm.</param>
/// <param name="Moment">N mm.</param>
/// <param name="Shakes">Whether it does.</param>
/// <param name="Warm">Whether it stands near a motor or in the sun.</param>
/// <param name="Left">Share of its strength that the part has left after all the times that it is taken off and put back.</param>
internal sealed record Load(Quantity Weight, Quantity Arm, Quantity Moment, bool Shakes, bool Warm, Quantity Left)
{
    /// <summary>The place of a measured thing that hangs on it.</summary>
    public static InterfaceSlot Slot { get; } = new("carried", "what it carries", ["mass", "block", "turned"], SlotNeed.Sometimes);

    /// <summary>What is asked of it.</summary>
    public static IReadOnlyList<ParameterSpec> Specs { get; } =
    [
        Kit.Specs.Number("mass", "Weight it carries", 500, 0, 50_000, "g", "All that hangs on it together.").If(Slot.Key, "open"),
        Kit.Specs.Length("arm", "How far out", 80, 0, 1000, "From what holds it to the middle of the load.", 5),
        Kit.Specs.Choice("shakes", "In use it", "still", "What shakes presses three times as hard at its worst.",
            new ParameterOption("still", "hangs still"), new ParameterOption("shakes", "shakes, or is put on with a bump")),
        Kit.Specs.Number("putBack", "Taken off and put back", 0, 0, 500, "times a day", "Each time bends its mount anew; nothing for what stays."),
        Kit.Specs.Choice("heat", "It stands", "cool", "Warmth softens plastic, and creep grows with it.", new ParameterOption("cool", "in a room"),
            new ParameterOption("warm", "near a motor, or in the sun")),
    ];

    /// <summary>What is asked of it where it hangs straight from what holds it.</summary>
    public static IReadOnlyList<ParameterSpec> HangingSpecs { get; } = [.. Specs.Where(s => s.Key != "arm")];

    /// <summary>Reckons it; without an arm there is no moment.</summary>
    public static Load Of(Brief brief, Ledger ledger)
    {
        var p = brief.Parameters;
        var grams = ledger.Add("mass", "weight it carries", brief.Interfaces.GetValueOrDefault(Slot.Key) is { } thing
            && Evaluation.Of(thing, "mass") is { } read ? read.Quantity : Quantity.Chosen("mass", p.Number("mass") ?? 0, Unit.Grams), "All that hangs on it.");
        var shakes = p.Choice("shakes") == "shakes";
        var still = Quantity.Input("weight of a gram", 0.00980665, new(Gram: -1, Newton: 1),
            new Provenance.Standard("ISO 80000-4", "standard gravity")) * grams;
        var weight = ledger.Add("weight", "force of the load", shakes ? Quantity.RuleOfThumb("shaking", 3, Unit.None,
            "What shakes, or is put on with a bump, presses up to three times as hard; common practice, no published source.") * still : still,
            shakes ? "Its weight, and what shaking adds." : "Its weight.");
        var arm = Quantity.Chosen("arm", p.Number("arm") ?? 0, Unit.Millimetre);
        var moment = (weight * arm).Named("moment of the load");
        if (p.Number("arm") is not null)
        {
            (arm, moment) = (ledger.Add("arm", "how far out", arm, "To the middle of the load."),
                ledger.Add("moment", "moment of the load", moment, "Force times arm."));
        }

        var left = ledger.Add("left", "strength left", Mechanics.Lifetime.Left(Mechanics.Lifetime.OfADay(p.Number("putBack")!.Value)),
            "After all the times that the load is taken off and put back.");
        return new(weight, arm, moment, shakes, p.Choice("heat") == "warm", left);
    }

    /// <summary>Whether the filament stands where it is, said by what is known of it.</summary>
    public Check Heat(Process process) => DutyCheck.Of(Warm ? "warm" : "years", process);
}
