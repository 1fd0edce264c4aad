namespace Emboq.Core.Printing;

/// <summary>Whether a print takes more than a day's work, and what of it costs the hours.</summary>
public static class HoursCheck
{
    /// <summary>Longer prints run into a night and want a full spool; common practice, no published source. Seconds.</summary>
    private const double LongPrint = 10 * 3600;

    private static readonly (string Line, string Goes)[] Parts =
        [("time.walls", "into its walls"), ("time.fill", "into its fill"), ("time.moves", "into moves between lines"), ("time.change", "into layer changes")];

    /// <summary>Judges a plan.</summary>
    /// <param name="plan">Of the piece that takes longest.</param>
    /// <param name="name">What it is called.</param>
    /// <param name="lighter">What would make it quicker.</param>
    public static Check Of(Ledger plan, string name, IReadOnlyList<Remedy> lighter)
    {
        var (time, modelled) = (plan["time"].Value, plan["time.modelled"].Value);
        var (line, goes) = Parts.MaxBy(p => plan[p.Line].Value);
        var fits = time <= LongPrint;
        return new("printed.hours", "hours of printing", fits ? Verdict.Good : Verdict.Watch, fits ? "It is done within a day."
            : $"The {name} prints through a night: {Figures.Percent(plan[line].Value / modelled)} of it goes {goes}."
                + (lighter.Count > 0 ? "" : " A larger nozzle, higher layers or less fill make it shorter."),
            $"{DurationNotation.Show(time)}, {plan["mass"].Value:0} g", $"{DurationNotation.Show(LongPrint)} or less",
                "Layers of the solid; common practice, no "
                + "published source.", fits ? [] : lighter);
    }
}
