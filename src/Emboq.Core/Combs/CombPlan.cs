namespace Emboq.Core.Combs;

/// <summary>A face that is asked about.</summary>
/// <param name="Face">Which.</param>
/// <param name="Doubt">How well its allowance is known, one standard deviation, mm.</param>
/// <param name="After">The same once the test print was read.</param>
/// <param name="Enough">What a single print adds by chance, one standard deviation, mm, or what can be read at all: knowing the allowance better than that
/// is worth little.</param>
public sealed record CombQuestion(Face Face, double Doubt, double After, double Enough)
{
    /// <summary>Whether it is in doubt.</summary>
    public bool IsOpen => Doubt > Enough;

    /// <summary>Whether it still will be.</summary>
    public bool StaysOpen => After > Enough;
}

/// <summary>The smallest test print that answers what is open: of each surface the faces that settle it on the least room of the bed.</summary>
/// <param name="Teeth">Its faces; none where nothing is open.</param>
/// <param name="Questions">All that was asked about, with what is known of it before and after.</param>
public sealed record CombPlan(IReadOnlyList<CombTooth> Teeth, IReadOnlyList<CombQuestion> Questions)
{
    /// <summary>A face that is measured is printed twice at most: its second print has a chance of its own. A hand learns more from another gap.</summary>
    private const int Prints = 2;

    /// <summary>Finer than this nobody reads a print, mm.</summary>
    private const double Fineness = 0.02;

    /// <summary>Where no faces settle a surface, as many are printed as tell this share of what all would.</summary>
    private const double Most = 0.9;

    /// <summary>Chooses the faces. What a reading will teach does not depend on what it says, so the doubt that will be left is known before the print
    /// (normal distributions; Rasmussen and Williams 2006, A.2); a word is taken as the normal distribution of its interval's variance.</summary>
    /// <param name="process">What is printed with.</param>
    /// <param name="belief">By all that was tried.</param>
    /// <param name="with">What faces will be read with.</param>
    /// <param name="asked">The faces that matter.</param>
    public static CombPlan Of(Process process, FitBelief belief, Instrument with, IReadOnlyList<Face> asked)
    {
        var fits = new LearnedFits(process, belief, HasOwn: true);
        List<Candidate> candidates = [.. asked.GroupBy(f => f.Surface).SelectMany(g => CombFaces.Offered([.. g])).SelectMany(f =>
            Enumerable.Range(0, f.Surface == Surface.GapInPlace ? 1 : Prints).Select(n => new Candidate(f, n, Told(fits, f, n, with))))];
        var left = new JointDoubt([.. asked.Select(f => fits.Allowance(f)), .. candidates.Select(c => belief.Given(c.Told.Latent))]);
        double[] before = [.. asked.Select((_, q) => left.Of(q))], enough = [.. asked.Select(f =>
            Math.Max(Fineness, fits.Scatter(f, "test print").StandardUncertainty))];
        List<Candidate> chosen = [];
        foreach (var surface in asked.Select(f => f.Surface).Distinct())
        {
            // How far what is open lies beyond enough, in variances of what is enough.
            double Open(JointDoubt doubt) => asked.Select((f, q) => f.Surface == surface ? Math.Max(0, Math.Pow(doubt.Of(q) / enough[q], 2) - 1) : 0).Sum();
            var sets = Sets([.. candidates.Where(c => c.Face.Surface == surface)]).OrderBy(s => s.Sum(c => CombShape.Room(c.Face)))
                .Select(s => (Faces: s, After: s.Aggregate(left, (l, c) => l.Given(asked.Count + candidates.IndexOf(c), c.Noise)))).ToList();
            var reached = sets.Min(s => Open(s.After));
            var (faces, after) = sets.First(s => Open(s.After) <= reached + ((1 - Most) * (reached == 0 ? 0 : Open(left) - reached)));
            chosen.AddRange(faces);
            left = after;
        }

        return new([.. chosen.OrderBy(c => c.Face.Surface).ThenBy(c => c.Face.Size).Select((c, i) => new CombTooth(i + 1, c.Face))],
            [.. asked.Select((f, q) => new CombQuestion(f, before[q], left.Of(q), enough[q]))]);
    }

    /// <summary>Every choice of them: none, and a second print of a face only with its first.</summary>
    private static IEnumerable<IReadOnlyList<Candidate>> Sets(IReadOnlyList<Candidate> of) => of.Aggregate<Candidate,
        IEnumerable<IReadOnlyList<Candidate>>>([[]],
        (sets, c) => [.. sets, .. sets.Where(s => c.Print == 0 || s.Any(o => o.Face == c.Face)).Select(s => (IReadOnlyList<Candidate>)[.. s, c])]);

    /// <summary>What will be told of a face once it is printed.</summary>
    private static Telling Told(LearnedFits fits, Face face, int print, Instrument with)
    {
        var tooth = new CombTooth(0, face);
        TriedPrint Tried(IReadOnlyList<Feel> felt, IReadOnlyList<(double, Instrument)> measured) => tooth.Tried(
            FormattableString.Invariant($"planned/{face}/{print}"), "test print", fits.Process, felt, measured);
        return Telling.Of(tooth.IsFelt ? Tried([Likely(face.Size - fits.Allowance(face).Value)], []) : Tried([], [(face.Size, with)])).Single();
    }

    /// <summary>The word that is most to be expected, of those that end on both sides.</summary>
    private static Feel Likely(double clearance) => Enum.GetValues<Feel>().First(f => f is not Feel.WillNotStart
        && (f == Feel.Slides || clearance < SeatWords.Gap.To(f)));

    private sealed record Candidate(Face Face, int Print, Telling Told)
    {
        public double Noise { get; } = (Told.Blur * Told.Blur) + ((Told.To - Told.From) * (Told.To - Told.From) / 12);
    }
}
