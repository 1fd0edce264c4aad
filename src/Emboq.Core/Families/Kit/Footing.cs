namespace Emboq.Core.Families.Kit;

/// <summary>A machine that stands on a board and is held there in a few places: pushed at its table, lifted by its frame.</summary>
/// <param name="Side">Push along the board at one place, N.</param>
/// <param name="Tips">Pull up at one place when it is pushed; below nothing while its weight alone holds it, N.</param>
/// <param name="Lifts">Pull up at one place when it is lifted by its frame with all that comes up with it; nothing where it never is, N.</param>
internal sealed record Footing(Quantity Side, Quantity Tips, Quantity Lifts)
{
    /// <summary>The place of the machine on the scale.</summary>
    public static InterfaceSlot Slot { get; } = new("machine", "machine on the scale", ["mass"], SlotNeed.Sometimes);

    /// <summary>What is asked of it.</summary>
    public static IReadOnlyList<ParameterSpec> Specs { get; } =
    [
        Kit.Specs.Number("machineMass", "The machine weighs", 25, 0.5, 500, "kg", "As it stands, with its fence and its blade.").If(Slot.Key, "open"),
        Kit.Specs.Number("push", "It is pushed with", 150, 0, 2000, "N", "At its table, by the work: a firm push of both hands is about 150 N."),
        Kit.Specs.Length("pushHeight", "At the height of", 320, 1, 2000, "From the board to its table.", 10),
        Kit.Specs.Length("between", "From row to row", 380, 20, 3000, "In the direction of the push, from these places to those of the other row.", 10),
        Kit.Specs.Number("inRow", "Places in this row", 2, 1, 8, "", "Such parts beside each other."),
        Kit.Specs.Choice("lifted", "By its frame", "lifted", "Whoever lifts a machine by its frame lifts the board with it.",
            new ParameterOption("lifted", "it is lifted, board and all"), new ParameterOption("never", "it is never lifted")),
        Kit.Specs.Number("boardMass", "With it come up", 12, 0, 300, "kg", "The board, its castors, and what lies on it.").If("lifted", "lifted"),
    ];

    /// <summary>Reckons it.</summary>
    public static Footing Of(Brief brief, Ledger ledger)
    {
        var p = brief.Parameters;
        Quantity Asked(string key, string name, Unit unit, double times = 1) => Quantity.Chosen(name, times * p.Number(key)!.Value, unit);
        var gravity = Quantity.Input("weight of a gram", 0.00980665, new(Gram: -1, Newton: 1), new Provenance.Standard("ISO 80000-4", "standard gravity"));
        var weight = ledger.Add("machine", "weight of the machine", gravity * (brief.Interfaces.GetValueOrDefault(Slot.Key) is { } scale
            ? Evaluation.Of(scale, "mass")!.Quantity : Asked("machineMass", "mass of the machine", Unit.Grams, 1000)), "It keeps itself down.");
        var (push, high, between) = (Asked("push", "push", new(Newton: 1)), Asked("pushHeight", "height of the push", Unit.Millimetre),
            Asked("between", "row to row", Unit.Millimetre));
        var places = Quantity.Chosen("places in a row", Math.Round(p.Number("inRow")!.Value), Unit.None);
        var jerk = Quantity.RuleOfThumb("jerk", 2, Unit.None, "Lifted with a jerk a thing weighs twice as much; common practice, no published source.");
        return new(
            ledger.Add("side", "push along the board, each place", push / (2 * places), "Both rows share it."),
            ledger.Add("tips", "pull up when it is pushed, each place", ((push * high / between) - (weight / 2)) / places,
                "Moments about the other row: the push tips, half of the weight holds. Below nothing, the weight alone holds."),
            ledger.Add("lifts", "pull up when it is lifted, each place", (p.Choice("lifted") == "never" ? Quantity.Chosen("nothing comes up", 0, new(Newton: 1))
                : jerk * gravity * Asked("boardMass", "mass that comes up with it", Unit.Grams, 1000)) / places,
                "What hangs below, with a jerk, on this row alone."));
    }

    /// <summary>The greatest pull up at one place, N.</summary>
    public double Pull => Math.Max(0, Math.Max(Tips.Value, Lifts.Value));
}
