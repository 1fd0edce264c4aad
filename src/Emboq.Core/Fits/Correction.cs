namespace Emboq.Core.Fits;

/// <summary>The corrected size after tries, by one plain rule: each try is an estimate of the drawn size that would just touch the
/// machine, and estimates are averaged with the weights that make the spread of the average smallest (the best
/// linear unbiased estimate; covariances as in JCGM 100, 5.2). A felt try already contains the machine's true size, so measuring errors
/// drop out of it; a measured printed size tells the allowance alone.</summary>
public static class Correction
{
    /// <summary>The drawn size that would just touch, after the tries.</summary>
    /// <param name="seat">The face.</param>
    /// <param name="tries">Tries of this face on this process, oldest first.</param>
    /// <returns>A quantity in mm; the estimate from the process alone when there are no tries.</returns>
    public static Quantity Touching(SeatReckoning seat, IReadOnlyList<TryEvidence> tries) =>
        tries.SelectMany((t, number) => Estimates(seat, t, number)).Aggregate(seat.TouchingBefore, Best);

    /// <summary>The average of two estimates of one thing that has the smallest spread, whatever causes they share.</summary>
    public static Quantity Best(Quantity a, Quantity b)
    {
        var shared = Quantity.Covariance(a, b);
        var va = Quantity.Covariance(a, a) - shared;
        var vb = Quantity.Covariance(b, b) - shared;
        if (va + vb <= 0)
        {
            return a;
        }

        var weight = Math.Clamp(va / (va + vb), 0, 1);
        return ((1 - weight) * a) + (weight * b);
    }

    private static IEnumerable<Quantity> Estimates(SeatReckoning seat, TryEvidence t, int number)
    {
        var id = $"try/{seat.Process.Id}/{seat.Place}/{t.Revision}/{number}";
        var drawn = Quantity.Chosen($"drawn in revision {t.Revision}", t.Drawn, Unit.Millimetre, $"revision {t.Revision}");
        if (t is { Printed: { } printed, Instrument: { } instrument })
        {
            // One print of one size: its own scatter stands between it and the process.
            var size = Quantity.Input($"printed in revision {t.Revision}", printed, Unit.Millimetre,
                new Provenance.Measured($"1 reading, {instrument.Name}"),
                (new Source($"instrument/{instrument.Id}", $"error of the {instrument.Name}", instrument.MaximumPermissibleError / Math.Sqrt(3), Kind: SourceKind.Measuring), 1),
                (new Source($"{id}/repeat", $"repeatability at revision {t.Revision}", instrument.Repeatability), 1),
                (new Source($"{id}/scatter", $"scatter of print {t.Revision}", seat.Process.Known(seat.Surface).PrintScatter), 1));
            yield return seat.Counterpart + (drawn - size);
        }

        if (t.Feel is { } feel)
        {
            var (clearance, spread, words) = FeelClasses.Of(feel);
            var felt = Quantity.Input($"clearance felt, \"{words}\"", clearance, Unit.Millimetre,
                new Provenance.Learned($"revision {t.Revision} {words}"),
                (new Source($"{id}/feel", $"what \"{words}\" means", spread), 1),
                (new Source($"{id}/scatter", $"scatter of print {t.Revision}", seat.Process.Known(seat.Surface).PrintScatter), 1));
            yield return seat.Surface.IsHole() ? drawn - felt : drawn + felt;
        }
    }
}
