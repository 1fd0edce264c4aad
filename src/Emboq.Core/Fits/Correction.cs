namespace Emboq.Core.Fits;

/// <summary>The corrected size after tries, by one plain rule: each try is an estimate of the drawn size that would just touch the
/// machine, and estimates are averaged with the weights that make the spread of the average smallest (the best
/// linear unbiased estimate; covariances as in JCGM 100, 5.2). A felt try already contains the machine's true size, so measuring errors
/// drop out of it; a measured printed size tells the allowance alone.</summary>
internal static class Correction
{
    /// <summary>The drawn size that would just touch, after the tries.</summary>
    /// <param name="seat">The face.</param>
    /// <param name="scatter">Between prints of one size, mm.</param>
    /// <param name="tries">Tries of this face on this process, oldest first.</param>
    /// <returns>A quantity in mm; the estimate from the process alone when there are no tries.</returns>
    public static Quantity Touching(SizeLaw seat, double scatter, IReadOnlyList<TryEvidence> tries) =>
        Prints(tries).Select(print => Estimate(seat, scatter, print)).Aggregate(seat.TouchingBefore, Best);

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

    /// <summary>Two words or measures of one print that cannot both be right, told in words; empty when all agree.</summary>
    /// <param name="seat">The face.</param>
    /// <param name="tries">Tries of this face on this process.</param>
    public static IReadOnlyList<string> Contradictions(SizeLaw seat, IReadOnlyList<TryEvidence> tries) =>
        [.. Prints(tries).Select(p => (Print: p, Told: Told(seat, p).ToList())).Where(p => Agreement.BirgeRatio(p.Told, p.Told.Aggregate(Best)) > Contradicts)
            .Select(p => $"revision {p.Print.Key.Revision}: {string.Join(", but also ", p.Print.Select(Words).Distinct())}")];

    /// <summary>Words this many times further apart than both can be off contradict each other.</summary>
    private const double Contradicts = 2;

    private static string Words(TryEvidence t) => string.Join(" and ", new[] { t.Feel is { } feel ? $"“{FeelClasses.Of(feel).Words}”" : null,
        t.Printed is { } p ? $"measured {Figures.Mm(p)}" : null }.OfType<string>());

    /// <summary>What was printed once: a ring of a ladder is a print of its own.</summary>
    private static IEnumerable<IGrouping<(int Revision, double Drawn), TryEvidence>> Prints(IReadOnlyList<TryEvidence> tries) =>
        tries.Where(t => t is { Feel: not null } or { Printed: not null, Instrument: not null }).GroupBy(t => (t.Revision, t.Drawn));

    /// <summary>One estimate for each print: its scatter belongs to it once, however often it is felt or measured; what contradicts is widened.</summary>
    private static Quantity Estimate(SizeLaw seat, double scatter, IGrouping<(int Revision, double Drawn), TryEvidence> print)
    {
        var told = Told(seat, print).ToList();
        var chance = Quantity.Input("scatter of the print", 0, Unit.Millimetre, new Provenance.RuleOfThumb("Two prints of one size differ a little."),
            (new Source($"{IdOf(seat, print)}/scatter", $"scatter of print {print.Key.Revision}", scatter), 1));
        return Agreement.Widened(told, told.Aggregate(Best), $"{IdOf(seat, print)}/contradiction",
            $"contradicting words about revision {print.Key.Revision}") + chance;
    }

    private static string IdOf(SizeLaw seat, IGrouping<(int Revision, double Drawn), TryEvidence> print) =>
        FormattableString.Invariant($"try/{seat.Fits.Process.Id}/{seat.Place}/{print.Key.Revision}/{print.Key.Drawn}");

    /// <summary>The drawn size that would just touch, by every word and every measure of one print. A word that is said again says nothing more.</summary>
    private static IEnumerable<Quantity> Told(SizeLaw seat, IGrouping<(int Revision, double Drawn), TryEvidence> print)
    {
        var (id, revision) = (IdOf(seat, print), print.Key.Revision);
        var drawn = Quantity.Chosen($"drawn in revision {revision}", print.Key.Drawn, Unit.Millimetre, $"revision {revision}");
        foreach (var feel in print.Select(t => t.Feel).OfType<Feel>().Distinct())
        {
            var (clearance, spread, words) = FeelClasses.Of(feel);
            var felt = Quantity.Input($"clearance felt, \"{words}\"", clearance, Unit.Millimetre, new Provenance.Learned($"revision {revision} {words}"),
                (new Source($"{id}/{feel}", $"what \"{words}\" means", spread), 1));
            yield return seat.TouchingAt(drawn, felt);
        }

        foreach (var readings in print.Where(t => t is { Printed: not null, Instrument: not null }).GroupBy(t => t.Instrument!))
        {
            var (instrument, count) = (readings.Key, readings.Count());
            var size = Quantity.Input($"printed in revision {revision}", readings.Average(t => t.Printed!.Value), Unit.Millimetre,
                new Provenance.Measured($"{count} reading{(count == 1 ? "" : "s")}, {instrument.Name}"),
                (new Source($"instrument/{instrument.Id}", $"error of the {instrument.Name}", instrument.MaximumPermissibleError / Math.Sqrt(3),
                    Kind: SourceKind.Measuring), 1),
                (new Source($"{id}/{instrument.Id}/repeat", $"repeatability at revision {revision}", instrument.Repeatability / Math.Sqrt(count)), 1),
                (new Source($"{id}/{instrument.Id}/step", $"resolution at revision {revision}", instrument.Resolution / Math.Sqrt(12)), 1));
            yield return seat.Counterpart + (drawn - size);
        }
    }
}
