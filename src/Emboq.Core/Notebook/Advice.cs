namespace Emboq.Core.Notebook;

/// <summary>The next step of a part, from how it stands: measure, mend, prove, print, try or keep, in that order.</summary>
public static class Advice
{
    /// <summary>Advises.</summary>
    /// <param name="family">Of the part: its words.</param>
    /// <param name="design">The part as it would be printed now.</param>
    /// <param name="revisions">Newest first.</param>
    /// <param name="all">All tries; those that are struck do not count.</param>
    public static NextStep For(Family family, Design design, IReadOnlyList<Revision> revisions, IReadOnlyList<Try> all)
    {
        if (design.Checks.FirstOrDefault(c => c.Verdict == Verdict.Stop) is { } stop)
        {
            return stop.Remedies.OfType<Remedy.Measure>().FirstOrDefault() is { } measure
                ? new(Station.Measure, $"{measure.Label}.", new(measure.Interface, measure.Dimension))
                : new(Station.Check, $"Mend this first: {stop.Says}");
        }

        var tries = all.Where(t => t.StruckBecause is null).ToList();
        if (revisions.FirstOrDefault(r => r.Kept is not null) is { } kept)
        {
            return new(Station.Keep, tries.Any(t => t.Revision == kept.Number) ? $"Nothing: revision {kept.Number} was tried and is kept."
                : $"Nothing: revision {kept.Number} is kept, though no try of it is noted.", Done: true);
        }

        if (revisions is not [var newest, ..])
        {
            return First(design);
        }

        var told = tries.Where(t => t.Revision == newest.Number).ToList();
        // What was said last of the whole part stands.
        var word = told.LastOrDefault(t => t.Word is not null) is { Word: var key } ? family.Words.FirstOrDefault(w => w.Key == key) : null;
        if (word is { Good: false })
        {
            return new(Station.Reckon, $"Change it: revision {newest.Number} {word.Says}.");
        }

        var printed = newest.Printed.Select(p => BodyAddress.Parse(p).Key).ToHashSet();
        var whole = printed.Contains(Piece.Main);
        var proofs = printed.Select(newest.Frozen.ProofOf).OfType<FrozenProof>().ToList();
        var tried = design.Seats.Where(s => whole || proofs.Any(p => p.Proves(s.Slot))).ToList();
        var waiting = tried.Where(s => told.All(t => t.Seat != s.Slot)).ToList();
        if (waiting.Count > 0)
        {
            return new(Station.Try, $"Try revision {newest.Number} on the {string.Join(" and the ", waiting.Select(s => s.Interface.Name).Distinct())}.");
        }

        var off = tried.Where(s => IsOff(s, [.. told.Where(t => t.Seat == s.Slot)])).ToList();
        if (off.Count > 0)
        {
            return new(Station.Prove, $"Print again: {string.Join(" and ", off.Select(s => Corrected(s, newest)))}.");
        }

        return (whole, tried.Count > 0, word) switch
        {
            (true, true, _) => new(Station.Keep, $"Keep revision {newest.Number}: it fits."),
            (true, false, not null) => new(Station.Keep, $"Keep revision {newest.Number}: it {word.Says}."),
            (true, false, null) => new(Station.Try, $"Try revision {newest.Number}: does it do what it must?"),
            (false, true, _) => new(Station.Print, $"Print the part: what was proved with revision {newest.Number} fits."),
            (false, false, not null) => new(Station.Print, $"Print the part: the proof of revision {newest.Number} {word.Says}."),
            (false, false, null) => new(Station.Try, $"Try the proof of revision {newest.Number}, then print the part."),
        };
    }

    /// <summary>Whether tries of a seat call for another proof: any of a part or single ring that is off, or a ladder of which no ring fits.</summary>
    private static bool IsOff(Seat seat, IReadOnlyList<Try> tries) =>
        tries.Any(t => !t.OfLadder && !Fits(seat, t)) || (tries.Any(t => t.OfLadder) && !tries.Any(t => t.OfLadder && Fits(seat, t)));

    /// <summary>Whether a try came out as the fit that was wanted.</summary>
    public static bool Fits(Seat seat, Try t)
    {
        if (t.Feel is not { } feel)
        {
            // Only measured: of a print the next design tells how far off it was; what was worked has the clearance that it now has.
            return t.Worked ? seat.ClearanceOf(t.Printed!.Value) is var loose && loose >= seat.Least && loose <= seat.Greatest
                : Math.Abs(t.Printed!.Value - seat.Drawn.Value) <= (seat.Greatest - seat.Least) / 2;
        }

        var felt = seat.Words.Middle(feel);
        // No word tells clearances apart that are wider than the loosest word.
        return felt >= Math.Min(seat.Least, seat.Words.Loosest) && felt <= seat.Greatest;
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
        $"the {seat.Drawn.Name.Replace(" drawn", "", StringComparison.Ordinal)} is now {Figures.Mm(seat.Drawn.Value)}, not "
            + $"{Figures.Mm(newest.Frozen.Drawn.GetValueOrDefault(seat.Slot))}";
}
