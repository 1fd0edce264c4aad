using MathNet.Numerics.Distributions;

namespace Emboq.Core.Designs;

/// <summary>One way to get to a part that fits.</summary>
/// <param name="Says">What is done first, in a sentence with a verb.</param>
/// <param name="Why">Why it takes what it takes.</param>
/// <param name="Station">Where it is done.</param>
/// <param name="Chance">That the part then fits at its first print.</param>
/// <param name="Hours">Of printing until it fits, to be expected.</param>
/// <param name="Grams">Of filament, likewise.</param>
/// <param name="Hands">Minutes of the maker, likewise.</param>
/// <param name="Bodies">What is printed first; empty where nothing is.</param>
/// <param name="Reading">What is read first, where something is.</param>
public sealed record WayOn(string Says, string Why, Station Station, double Chance, double Hours, double Grams, double Hands, IReadOnlyList<string> Bodies,
    WorthReading? Reading = null)
{
    /// <summary>An hour of the maker counts as so many of the printer.</summary>
    private const double HandsCount = 4;

    /// <summary>What is weighed: hours of the printer, and the maker's own.</summary>
    public double Weighs => Weighed(Hours, Hands);

    /// <summary>Hours of the printer and minutes of the maker in one, hours.</summary>
    internal static double Weighed(double hours, double hands) => hours + (HandsCount * hands / 60);
}

/// <summary>What one print takes.</summary>
/// <param name="Hours">Of printing.</param>
/// <param name="Grams">Of filament.</param>
public sealed record PrintTakes(double Hours, double Grams);

/// <summary>What to do next: print the part, prove it first by rings or ladders, or read something again; each with what it takes until the part fits, by the
/// chances that it fits at once, and after a try (docs/fits.md).</summary>
public static class WhatNext
{
    /// <summary>Minutes of the maker for a print of the part, for a proof, and for a reading; common practice, no published source.</summary>
    internal const double PartHands = 10;

    private const double ProofHands = 6, ReadingHands = 3;

    /// <summary>No word makes a print surer than this, or less sure: what a ratio of chances is reckoned with.</summary>
    private const double Least = 0.05;

    /// <summary>A hand's words on a print that is right: half of the width of a word, and where its limits are, one standard deviation, mm.</summary>
    private const double Felt = 0.11;

    /// <summary>The ways on, the one that takes least first; none where nothing has to fit by hundredths, or nothing can be built.</summary>
    /// <param name="design">The part.</param>
    /// <param name="part">What all of its pieces take together.</param>
    /// <param name="proofs">What each proof takes, by its key.</param>
    /// <param name="readings">What could be read again.</param>
    public static IReadOnlyList<WayOn> Of(Design design, PrintTakes part, IReadOnlyDictionary<string, PrintTakes> proofs, IReadOnlyList<WorthReading> readings)
    {
        if (design.Chance is not { } chance || design.Seats.Count == 0 || design.Pieces.Count == 0)
        {
            return [];
        }

        var tried = design.Seats.ToDictionary(s => s.Slot, AfterATry);
        var known = Product(design, s => tried[s.Slot]);
        var rings = Proved(design, proofs, ladders: false);
        var ladders = Proved(design, proofs, ladders: true);
        List<WayOn> ways =
        [
            Way("Print the part.", Station.Print, chance, 0, 0, 0, ["part"], null),
            .. rings.Count == 0 ? [] : new[]
            {
                Way($"Print {Named(rings)} first.", Station.Prove, Product(design, s => rings.Any(p => p.Proves(s.Slot)) ? tried[s.Slot] : s.Chance),
                    Takes(rings).Hours * (1 + Again(design, rings)), Takes(rings).Grams * (1 + Again(design, rings)), ProofHands * (1 + Again(design, rings)),
                    [.. rings.Select(p => p.Key)], null),
            },
            .. ladders.Count == 0 ? [] : new[]
            {
                Way($"Print {Named(ladders)} first.", Station.Prove, Product(design, s => ladders.Any(p => p.Proves(s.Slot)) ? s.LadderChance ?? s.Chance
                    : s.Chance), Takes(ladders).Hours, Takes(ladders).Grams, ProofHands, [.. ladders.Select(p => p.Key)], null),
            },
            .. readings.Take(1).Select(r => Way($"Read the {r.Name} again, with the {r.Instrument.Name}, and print the part.", Station.Measure, r.After,
                0, 0,
                ReadingHands, [], r)),
        ];
        return [.. ways.OrderBy(w => w.Weighs)];

        // A part that does not fit is felt and printed again, and then fits by what that taught.
        WayOn Way(string says, Station station, double first, double hours, double grams, double hands, IReadOnlyList<string> bodies,
            WorthReading? reading)
        {
            var prints = 1 + ((1 - first) / Math.Max(Least, known));
            return new(says, $"The part then fits at its first print with a chance of {Figures.Percent(first)}; {Figures.Plain(prints)} prints of it "
                + $"are to be expected.{(station == Station.Print ? $" {Weakest()}" : "")}", station, first, hours + (prints * part.Hours),
                    grams + (prints * part.Grams), hands + (prints * PartHands), bodies, reading);
        }

        // What is in doubt about the seat that is least sure.
        string Weakest() => design.Seats.MinBy(s => s.Chance) is { Chance: < 0.995 } weak
            ? $"Least sure is {design.NameOf(weak)}. {DoubtBudget.Says(weak.Clearance)}"
            : "";

        PrintTakes Takes(IReadOnlyList<Proof> of) => new(of.Sum(p => proofs[p.Key].Hours), of.Sum(p => proofs[p.Key].Grams));
        static string Named(IReadOnlyList<Proof> of) => string.Join(" and ", new[] { string.Join(", ", of.SkipLast(1).Select(The)), The(of[^1]) }.Where(n =>
            n.Length > 0));
        static string The(Proof p) => p.Name.StartsWith("a ", StringComparison.Ordinal) || p.Name.StartsWith("an ", StringComparison.Ordinal) ? p.Name
            : $"the {p.Name}";
    }

    /// <summary>How often rings that do not fit are printed again before the part is.</summary>
    private static double Again(Design design, IReadOnlyList<Proof> rings) => 1 - Product(design, s => rings.Any(p => p.Proves(s.Slot)) ? s.Chance : 1);

    /// <summary>Of every seat that has one, its proof.</summary>
    private static IReadOnlyList<Proof> Proved(Design design, IReadOnlyDictionary<string, PrintTakes> proofs, bool ladders) =>
        [.. design.Proofs.Where(p => p.Seat is not null && p.Laid is null && p.Rungs > 1 == ladders && proofs.ContainsKey(p.Key)).DistinctBy(p => p.Seat)];

    private static double Product(Design design, Func<Seat, double> of) => design.Seats.Aggregate(1.0, (all, s) => all * of(s));

    /// <summary>The chance of a seat once a print of it was felt and the next is aimed anew: what is left is what the word did not tell, and that print's own
    /// chance.</summary>
    private static double AfterATry(Seat seat)
    {
        var scatter = seat.Scatter * seat.Scatter;
        var doubt = Math.Max(1e-9, Math.Pow(seat.Clearance.StandardUncertainty, 2) - scatter);
        var left = 1 / ((1 / doubt) + (1 / ((Felt * Felt) + scatter)));
        var (spread, half) = (Math.Sqrt(left + scatter), (seat.Greatest - seat.Least) / 2);
        return Math.Max(seat.Chance, Normal.CDF(0, spread, half) - Normal.CDF(0, spread, -half));
    }
}
