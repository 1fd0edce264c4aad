using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.Spindle;

/// <summary>What turns on a spindle, and what it does to what holds it.</summary>
internal sealed record TurnedWork
{
    /// <summary>A catching tool pulls so much harder than the motor drives.</summary>
    private const double Catches = 3;

    /// <summary>1/min.</summary>
    public required double Speed { get; init; }

    /// <summary>Across the work and out from what holds it, mm.</summary>
    public required (Quantity Across, Quantity Long) Work { get; init; }

    /// <summary>N.</summary>
    public required Quantity Weight { get; init; }

    /// <summary>How far its middle of mass is off the axis, mm.</summary>
    public required Quantity Off { get; init; }

    /// <summary>What the work pulls aside with by that, N.</summary>
    public required Quantity Unbalance { get; init; }

    /// <summary>Torque when the tool catches, N mm.</summary>
    public required Quantity Torque { get; init; }

    /// <summary>At the rim of the work, N.</summary>
    public required Quantity Catch { get; init; }

    /// <summary>Mass of the machine, kg; what its manual allows at this size, 1/min, or nothing.</summary>
    public required (double Mass, double? Allowed) Machine { get; init; }

    /// <summary>The slot of the work on the scale.</summary>
    public static InterfaceSlot Slot { get; } = new("work", "work on the scale", ["mass", "block"], SlotNeed.Sometimes);

    /// <summary>What is asked of it.</summary>
    public static IReadOnlyList<ParameterSpec> Specs { get; } =
    [
        Kit.Specs.Number("speed", "It turns at", 800, 10, 10_000, "1/min", "The fastest that it will ever run with this work."),
        Kit.Specs.Length("workAcross", "Work, across", 150, 5, 1000, "Its greatest diameter as it comes on, corners and all.", 5),
        Kit.Specs.Length("workLong", "Work, out from its face", 60, 1, 1000, "To its far end, where the tool cuts hardest on what holds it.", 5),
        Kit.Specs.Number("workMass", "Work, weight", 900, 1, 50_000, "g", "As it comes on.").If("work", "open"),
        Kit.Specs.Length("off", "Out of balance by", null, 0, 100,
            "From the axis to its middle of mass. Left open: a fiftieth of its diameter, for a rough blank.", 0.5),
        Kit.Specs.Number("power", "Motor", 550, 5, 10_000, "W", "On its plate; what a catching tool feels first."),
        Kit.Specs.Number("machineMass", "The machine weighs", 40, 1, 2000, "kg", "With its stand: a light one begins to walk first."),
        Kit.Specs.Number("allowed", "Its manual allows", null, 10, 20_000, "1/min", "At this diameter, by its own table."),
        Kit.Specs.Choice("brake", "Brake or reverse", "none", "What stops or turns back fast unscrews what is screwed on.", new ParameterOption("none",
            "neither"),
            new ParameterOption("has", "it has a brake, or runs backwards")),
    ];

    /// <summary>What is asked of work that was measured as it turns.</summary>
    public static IReadOnlyList<ParameterSpec> MeasuredSpecs { get; } = [.. Specs.Where(s => s.Key is not ("workAcross" or "workLong" or "workMass")),
        Kit.Specs.Number("workMass", "Work, weight", 200, 1, 50_000, "g", "Where its profile was measured without its mass.")];

    /// <summary>Reckons it.</summary>
    /// <param name="brief">What is asked.</param>
    /// <param name="ledger">Takes the figures.</param>
    /// <param name="measured">Of work that was measured: across, out from what holds it, and its mass where that was read.</param>
    public static TurnedWork Of(Brief brief, Ledger ledger, (Quantity Across, Quantity Long, Quantity? Mass)? measured = null)
    {
        var p = brief.Parameters;
        Quantity Asked(string key, string name, Unit unit) => Quantity.Chosen(name, p.Number(key)!.Value, unit);
        var speed = p.Number("speed")!.Value;
        var (across, far) = (ledger.Add("workAcross", "work, across", measured?.Across ?? Asked("workAcross", "work, across", Unit.Millimetre),
            "At its widest."),
            ledger.Add("workLong", "work, out from what holds it", measured?.Long ?? Asked("workLong", "work, out", Unit.Millimetre),
                "To where the tool cuts."));
        var grams = ledger.Add("workMass", "weight of the work", measured?.Mass ?? (brief.Interfaces.GetValueOrDefault(Slot.Key) is { } scale
            ? Evaluation.Of(scale, "mass")?.Quantity : null) ?? Asked("workMass", "mass of the work", Unit.Grams), "As it comes on.");
        var gravity = Quantity.Input("weight of a gram", 0.00980665, new(Gram: -1, Newton: 1), new Provenance.Standard("ISO 80000-4", "standard gravity"));
        var off = ledger.Add("off", "out of balance by", p.Number("off") is { } known ? Quantity.Chosen("out of balance", known, Unit.Millimetre)
            : Quantity.RuleOfThumb("share of the diameter", 0.02, Unit.None,
                "A rough blank's middle of mass is off by a fiftieth of its diameter; common practice, no published source.") * across,
            "From the axis to its middle of mass.");
        // rad/s; a newton is a million g mm/s².
        var turns = ledger.Add("omega", "angular speed", (2 * Math.PI / 60) * Quantity.Chosen("turns a minute", speed, new(Second: -1)), "2 π n.");
        var newton = Quantity.Input("a newton in g·mm/s²", 1e-6, new(Mm: -1, Gram: -1, Second: 2, Newton: 1), new Provenance.Standard("ISO 80000-4", "newton"));
        var unbalance = ledger.Add("unbalance", "pull of the unbalance", newton * grams * off * Quantity.Square(turns),
            "m e ω² (ISO 21940-11): it turns with it.");
        ledger.Add("quality", "balance quality", off * turns, "e ω, as ISO 21940-11 grades it: 16 for drive shafts, thousands for slow engines.");
        var rated = Quantity.Chosen("power of the motor", p.Number("power")!.Value * 1000, new(Mm: 1, Newton: 1, Second: -1)) / turns;
        var torque = ledger.Add("torque", "torque when the tool catches", Quantity.RuleOfThumb("a catch", Catches, Unit.None,
            "A catching tool pulls three times as hard as the motor drives, before the belt slips; common practice, no published source.") * rated, "P / ω.");
        return new()
        {
            Speed = speed,
            Work = (across, far),
            Weight = ledger.Add("weight", "force of its weight", gravity * grams, "It turns about the part once in each turn."),
            Off = off,
            Unbalance = unbalance,
            Torque = torque,
            Catch = ledger.Add("catch", "force when the tool catches", torque / (across / 2), "At the rim of the work."),
            Machine = (p.Number("machineMass")!.Value, p.Number("allowed")),
        };
    }

    /// <summary>Moment at a section so far behind the face of the work, N mm: of a catch with its weight, and of its unbalance.</summary>
    public (double Still, double Unbalance) Moment(double behind) => (
        (Catch.Value * (Work.Long.Value + behind)) + (Weight.Value * ((Work.Long.Value / 2) + behind)),
        Unbalance.Value * ((Work.Long.Value / 2) + behind));

    /// <summary>The same while it is cut as the motor drives it: what every turn brings round.</summary>
    public double Turning(double behind) => (Catch.Value / Catches * (Work.Long.Value + behind)) + (Weight.Value * ((Work.Long.Value / 2) + behind))
        + Moment(behind).Unbalance;

    /// <summary>What is used at another speed, where one share stays and the other grows with its square.</summary>
    /// <returns>Greatest speed at which no more than all is used, 1/min: nothing where the share that stays uses all, without end where nothing
    /// grows.</returns>
    public double Most(double stays, double grows) => stays >= 1 ? 0 : grows <= 0 ? double.PositiveInfinity : Speed * Math.Sqrt((1 - stays) / grows);

    /// <summary>What the machine and the work themselves allow.</summary>
    public IEnumerable<(string What, double Most)> Limits =>
    [
        ("the rim of the work", RimMost / Work.Across.Value),
        ("the machine, before it walks", Most(0, Unbalance.Value / (Machine.Mass * 9.80665 * Walks))),
        .. Machine.Allowed is { } allowed ? new[] { ("the machine's own table", allowed) } : [],
    ];

    /// <summary>Diameter in mm times turns a minute: 6,000 in inches; common practice, no published source. A machine begins to walk as the unbalance pulls
    /// with a fifth of its weight; likewise.</summary>
    private const double RimMost = 152_400, Walks = 0.2;

    /// <summary>The asked speed against the least of all limits.</summary>
    /// <param name="own">Those of the part.</param>
    /// <param name="ledger">Takes the figure.</param>
    public IEnumerable<Check> Checks(IReadOnlyList<(string What, double Most)> own, Ledger ledger)
    {
        var (what, most) = Limits.Concat(own).MinBy(l => l.Most);
        // In whole tens, below the limit.
        var slower = Math.Floor(most / 10) * 10;
        ledger.Add("speed.most", "greatest speed", Quantity.Chosen("greatest speed", Math.Min(most, 99_999), Unit.None, "the least of its limits"),
            $"In turns a minute; set by {what}.");
        yield return new("speed", "speed", Speed <= most ? Verdict.Good : Verdict.Stop, Speed <= most ? $"Below all its limits; the least is {what}."
            : slower >= 10 ? $"Too fast for {what}: run it slower." : $"Too much for {what} at any speed.", $"{Speed:0} 1/min",
                $"{Math.Min(most, 99_999):0} 1/min or less",
            "The least of: 6,000 over the work's diameter in inches, a fifth of the machine's weight, its table, and what each part bears.",
            Speed <= most || slower < 10 ? [] : [new Remedy.Change($"Run it at {slower:0} 1/min", new Dictionary<string,
                string> { ["speed"] = Figures.Number(slower) })]);
        if (Machine.Allowed is null)
        {
            yield return new("speed.table", "the machine's own table", Verdict.Watch,
                "What its manual allows at this diameter is not entered: look it up, it goes before every figure here.", "not entered",
                    $"{Speed:0} 1/min or more",
                "The machine's manual.", []);
        }
    }

    /// <summary>What stops or turns back fast.</summary>
    public static IEnumerable<Check> Unscrews(ParameterValues p)
    {
        if (p.Choice("brake") == "has")
        {
            yield return new("unscrews", "stays on its thread", Verdict.Stop,
                "A brake, or running backwards, unscrews it with the work's own swing: never use either with what is only screwed on.", "a brake, or reverse",
                "neither", "Moment of inertia; the machine's manual decides.", [new Remedy.Change("Use neither with it", new Dictionary<string, string>
                { ["brake"] = "none" })]);
        }
    }

    /// <summary>What can be said of a printed part that turns; nothing is vouched for where little is known, or where the work is large.</summary>
    public IEnumerable<Check> Refused(PrintedMaterial? material)
    {
        const double Heaviest = 49.1, Widest = 400;
        foreach (var check in ProvedCheck.Filament(material))
        {
            yield return check;
        }

        yield return Judge.Of("size", "work that is vouched for", Weight.Value <= Heaviest && Work.Across.Value <= Widest,
            "Small enough for a printed part.", "So large or so heavy a piece belongs on metal: nothing printed is vouched for.", Verdict.Stop,
            $"{Figures.Mm(Work.Across.Value)}, {Weight.Value / 9.80665:0.0} kg", $"{Figures.Mm(Widest)} and 5 kg or less",
                "Common practice, no published source.");
    }
}
