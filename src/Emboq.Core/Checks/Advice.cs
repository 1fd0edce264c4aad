using Emboq.Core.Fits;

namespace Emboq.Core.Checks;

/// <summary>The next step of a part, from how it stands: measure, mend, prove, print, try or keep, in that order.</summary>
public static class Advice
{
    /// <summary>Advises.</summary>
    /// <param name="design">The part as it would be printed now.</param>
    /// <param name="revisions">Newest first.</param>
    /// <param name="tries">All of them.</param>
    public static NextStep For(Design design, IReadOnlyList<Revision> revisions, IReadOnlyList<Try> tries)
    {
        if (design.Checks.FirstOrDefault(c => c.Verdict == Verdict.Stop) is { } stop)
        {
            return stop.Remedies.OfType<Remedy.Measure>().FirstOrDefault() is { } measure
                ? new(Station.Measure, $"{measure.Label}.", new(measure.Interface, measure.Dimension))
                : new(Station.Check, $"Mend this first: {stop.Says}");
        }

        if (revisions.FirstOrDefault(r => r.Kept is not null) is { } kept)
        {
            return new(Station.Keep, $"Nothing: revision {kept.Number} fits and is kept.", Done: true);
        }

        if (revisions is not [var newest, ..])
        {
            return First(design);
        }

        var told = tries.Where(t => t.Revision == newest.Number).ToList();
        var waiting = design.Seats.Where(s => newest.Printed.Any(b => PartRow.IsPart(b) || b == $"ring-{s.Slot}" || b == $"ladder-{s.Slot}") && told.All(t => t.Seat != s.Slot)).ToList();
        if (waiting.Count > 0)
        {
            return new(Station.Try, $"Try revision {newest.Number} on the {string.Join(" and the ", waiting.Select(s => s.Interface.Name))}.");
        }

        var off = design.Seats.Where(s => IsOff(s, [.. told.Where(t => t.Seat == s.Slot)])).ToList();
        return off.Count > 0
            ? new(Station.Prove, $"Print again: {string.Join(" and ", off.Select(s => Corrected(s, newest)))}.")
            : newest.Printed.Any(PartRow.IsPart)
                ? new(Station.Keep, $"Keep revision {newest.Number}: it fits.")
                : new(Station.Print, $"Print the part: the rings of revision {newest.Number} fit.");
    }

    /// <summary>Whether tries of a seat call for another proof: any of a part or single ring that is off, or a ladder of which no ring fits.</summary>
    private static bool IsOff(Seat seat, IReadOnlyList<Try> tries) =>
        tries.Any(t => !t.OfLadder && !Fits(seat, t)) || (tries.Any(t => t.OfLadder) && !tries.Any(t => t.OfLadder && Fits(seat, t)));

    /// <summary>Whether a try came out as the fit that was wanted.</summary>
    public static bool Fits(Seat seat, Try t)
    {
        if (t.Feel is not { } feel)
        {
            // Only measured: the next design tells how far off it was.
            return Math.Abs(t.Printed!.Value - seat.Drawn.Value) <= (seat.Greatest - seat.Least) / 2;
        }

        var felt = FeelClasses.Of(feel).Clearance;
        // No word tells clearances apart that are wider than the loosest word.
        return felt >= Math.Min(seat.Least, FeelClasses.Loosest) && felt <= seat.Greatest;
    }

    private static NextStep First(Design design)
    {
        var chance = Figures.Percent(design.Chance ?? 0);
        if (design.Chance is null)
        {
            return new(Station.Print, "Print the part: nothing of it has to fit by hundredths.");
        }

        if (design.Checks.Any(c => c is { Key: "chance", Verdict: Verdict.Good }))
        {
            return new(Station.Print, $"Print the part: it fits at the first print with a chance of {chance}.");
        }

        var remedy = design.Checks.SelectMany(c => c.Key == "chance" ? c.Remedies : []).OfType<Remedy.Measure>().FirstOrDefault();
        return remedy is null
            ? new(Station.Prove, $"Print the proof: the part alone would fit with a chance of {chance}.")
            : new(Station.Measure, $"{remedy.Label}: it is what costs most of the {chance} chance of a first fit.", new(remedy.Interface, remedy.Dimension));
    }

    private static string Corrected(Seat seat, Revision newest) =>
        $"the {seat.Slot} end is now drawn {Figures.Mm(seat.Drawn.Value)}, not {Figures.Mm(newest.Frozen.Drawn.GetValueOrDefault(seat.Slot))}";
}
