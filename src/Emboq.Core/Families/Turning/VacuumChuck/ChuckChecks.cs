using Emboq.Core.Families.Turning.Spindle;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.VacuumChuck;

/// <summary>Judgements of a vacuum chuck: that it seals, that air holds the work against a light cut, and what happens when it does not.</summary>
internal static class ChuckChecks
{
    /// <summary>Of what the air holds, so much is used: a half.</summary>
    private const double Spare = 2;

    public static IEnumerable<Check> Of(ChuckReckoning r, Brief brief, Ledger ledger)
    {
        foreach (var check in r.Turns.Refused(r.Material).Concat(TurnedWork.Unscrews(brief.Parameters)).Concat(r.Socket.Checks())
            .Append(PrintedThread.Stands(r.Socket.Scope, r.Way.Key == VacuumChuckFamily.Ways[0].Key)).Concat(Seals(r, brief)))
        {
            yield return check;
        }

        var (holds, cut, seat) = (r.Holds.Value, r.Cut.Value, r.Sealed.Value / 2);
        yield return Strength.Used("pulls", "a cut that pulls it off", cut, holds / Spare, "N", "The air holds it on.",
            "A light cut pulls it off: a wider seat, or a better vacuum.", "Force of the air; a half of it is used.");
        yield return Strength.Used("slips", "a cut that turns it", cut * r.Turns.Work.Across.Value / 2, r.Grip.Value * holds * seat / Spare, "N·mm",
            "It does not slip on its seal.", "It slips on its seal: a wider seat, softer foam, or lighter cuts.",
                "Friction at the seal; a half of it is used.");
        // About the rim of its seat.
        var (far, middle) = (r.Turns.Work.Long.Value, r.Turns.Work.Long.Value / 2);
        var (still, grows, bears) = ((cut * far) + (r.Turns.Weight.Value * middle), r.Turns.Unbalance.Value * middle, holds * seat / Spare);
        Remedy[] up = [new Remedy.Change("Bring the tailstock up", new Dictionary<string, string> { ["tailstock"] = "up" })];
        yield return r.Tailstock ? new("tilts", "a cut that tilts it", Verdict.Good, "The tailstock holds its far end: never take it away while it turns.",
                "tailstock up", Strength.Said(bears, "N·mm"), "Statics.", [])
            : Strength.Used("tilts", "a cut that tilts it", still + grows, bears, "N·mm", "The air holds it on its rim.",
                "A light cut at its far end, its weight and its unbalance tip it off its rim: never without the tailstock.",
                "Moments about the rim of the seat; a half of it is used.", () => up);
        yield return r.Tailstock ? new("catch", "when the tool catches", Verdict.Watch, "A catch still turns it on its seal, and stops it hard.",
                "a catch", "no catch", "Statics.", [])
            : new("catch", "when the tool catches", Verdict.Watch, $"A catch pulls with {r.Turns.Catch.Value:0} N and throws it out: no vacuum holds that. "
                + "Thin shavings and a sharp tool, or the tailstock.", $"{r.Turns.Catch.Value:0} N", $"{bears / far:0} N", "Statics.", up);
        foreach (var check in r.Turns.Checks(r.Tailstock || bears <= 0 ? [] : [("the vacuum", r.Turns.Most(still / bears, grows / bears))], ledger))
        {
            yield return check;
        }

        yield return DutyCheck.Of("years", brief.Process);
        yield return ChanceCheck.Of(r.Socket.Thread.Chance, [(r.Socket.Thread.Realised, r.Socket.Thread.Place, "outside")], r.Socket.Thread.Contradictions);
        yield return BedCheck.Of(2 * r.Outside, 2 * r.Outside, r.High, r.Way, brief.Process);
        yield return ProvedCheck.Of(brief, VacuumChuckFamily.Family.Words,
            "Draw a vacuum with the work on, pull and push at its far end by hand, shut the pump off and see how long it stays, then run it slowly behind "
                + "a guard");
    }

    private static IEnumerable<Check> Seals(ChuckReckoning r, Brief brief)
    {
        var (p, spindle) = (brief.Parameters, r.Socket.Thread.Place);
        yield return Judge.Of("seat.slope", "face it seats on", r.Seat.Slope >= TurnedSeat.Steepest, "It rests, and does not wedge.",
            "The face there runs nearly along the axis: it wedges, and does not seal. Seat it on another diameter.", Verdict.Stop,
            $"{Figures.Plain(r.Seat.Slope)}°", $"{Figures.Plain(TurnedSeat.Steepest)}° or more", "Common practice, no published source.",
            new Remedy.Change("Let Emboq choose the seat", new Dictionary<string, string> { ["seatAt"] = "" }));
        yield return Judge.AtLeast("seat.land", "land on its face", r.Seat.Beside, r.Land.Value / 2, "The whole land lies on one face of the work.",
            "The land reaches past that face of the work, and leaks there: a narrower land, or another diameter.", Verdict.Stop, "Plane geometry.",
            [.. r.Seat.Beside >= 1.5 ? [VacuumChuckFamily.Land.To(Math.Floor(20 * r.Seat.Beside) / 10, "Make the land {0}")] : Array.Empty<Remedy>(),
                new Remedy.Change("Let Emboq choose the seat", new Dictionary<string, string> { ["seatAt"] = "" })]);
        var airway = Math.Min(r.Edges.Inner - 2, r.Funnel - 1) * 2;
        yield return Judge.AtMost("airway.cup", "airway within the cup", r.Airway.Value, airway, "Air passes from cup to spindle.",
            "So wide an airway leaves no cup: a narrower one, or a wider seat.", Verdict.Stop, "Plane geometry.",
            airway >= 2 ? [VacuumChuckFamily.Airway.To(Math.Floor(airway), "Make it {0}")] : []);
        yield return r.Socket.HubCheck(r.Hub, VacuumChuckFamily.Wall);
        yield return spindle.Kind.Key == "spindle" && Evaluation.Of(spindle, "bore") is { } bore
            ? Judge.AtLeast("bore", "bore through the spindle", bore.Quantity.Value, 3, "The pump draws through the spindle.",
                "So narrow a bore is soon shut by dust.", Verdict.Watch, "Common practice, no published source.")
            : new("bore", "bore through the spindle", Verdict.Watch, "Whether air can be drawn through the spindle is not known: measure its bore.", "not read",
                "3 mm or more", "Common practice, no published source.", [new Remedy.Measure($"Measure {spindle["bore"].Name}", spindle.Id, "bore")]);
        if (r.Cord > 0)
        {
            yield return Judge.AtLeast("groove", "land beside the groove", (r.Land.Value - (1.1 * r.Cord)) / 2, 1, "The cord lies between two lands.",
                "The groove takes the whole land: a thinner cord, or a wider land.", Verdict.Stop, "Common practice, no published source.",
                VacuumChuckFamily.Land.To(Math.Ceiling((1.1 * r.Cord) + 2), "Make the land {0}"));
            yield return Judge.AtLeast("groove.behind", "plastic behind the groove", (r.Rim.Value + ((r.Land.Value / 2) * r.Sin)) - (r.GrooveDeep * r.Cos), 1.6,
                "Enough stays behind it.", "The groove nearly comes through the rim: a thicker rim.", Verdict.Stop, "Plane geometry.",
                VacuumChuckFamily.Rim.To(Math.Ceiling(r.Rim.Value + (r.GrooveDeep * r.Cos) + 1.6), "Make the rim {0}"));
        }

        // Lines leak between them.
        var lines = brief.Process.Settings.Walls;
        yield return Judge.Of("tight", "walls that hold air", lines >= 4, "Its walls hold air well once they are varnished inside.",
            "So few wall lines leak between them: four or more, and varnish inside.", Verdict.Watch, $"{lines} wall lines", "4 wall lines or more",
            "Common practice, no published source.");
        if (p.Number("gauge") is null)
        {
            yield return new("gauge", "vacuum with the work on", Verdict.Watch, "Reckoned by the rule of thumb: enter what the gauge shows with the work on.",
                $"{r.Difference.Value * 1000:0} kPa", "a reading", "Common practice, no published source.", []);
        }
        else
        {
            // No pump draws more than there is.
            yield return Judge.Of("gauge", "vacuum with the work on", r.Difference.Value < ChuckReckoning.Atmosphere(p.Number("altitude")!.Value),
                "It is as read; the air presses harder than that.",
                    "No pump draws more than the air presses at this height: look at the gauge, and its unit.", Verdict.Stop,
                $"{r.Difference.Value * 1000:0} kPa", $"less than {ChuckReckoning.Atmosphere(p.Number("altitude")!.Value) * 1000:0.0} kPa", "ISO 2533.");
        }
    }
}
