namespace Emboq.Core.Designs;

/// <summary>Two bodies that are meant to overlap: an interference that a seat wants.</summary>
/// <param name="A">Key of a body.</param>
/// <param name="B">Key of the other.</param>
/// <param name="Depth">How deep they may, mm.</param>
public sealed record Contact(string A, string B, double Depth);

/// <summary>The tightest place of a motion.</summary>
/// <param name="Motion">Which.</param>
/// <param name="At">Position on its path, 0 to 1.</param>
/// <param name="A">Name of the body that moves.</param>
/// <param name="B">Name of the body it comes closest to.</param>
/// <param name="Meeting">How they lie to each other there; its depth is less what they are meant to overlap.</param>
public sealed record MotionReport(Motion Motion, double At, string A, string B, Meeting Meeting)
{
    /// <summary>How far around a body others are looked for, mm.</summary>
    private const double Reach = 30, Nearest = 0.02;

    private const int Coarse = 16, Finer = 8;

    /// <summary>The bodies that move against each other while a motion runs, by their keys: those that are not moved by the very same motions.</summary>
    /// <param name="design">The design.</param>
    /// <param name="motion">The motion; what it drives, and what that drives, runs along.</param>
    public static IReadOnlyList<(string A, string B)> Pairs(Design design, Motion motion)
    {
        bool Runs(Motion m) => m == motion || (m.DrivenBy is { } drive && Runs(design.Motions.First(d => d.Key == drive.By)));
        var running = design.Motions.Where(Runs).ToList();
        var bodies = design.Pieces.SelectMany(p => p.Bodies).Concat(design.Machine).Select(b => (b.Key, By: string.Join(' ', running.Where(m =>
            m.Moves.Contains(b.Key)).Select(m => m.Key)))).ToList();
        // The one that moves is named first.
        return [.. bodies.SelectMany((a, i) => bodies.Skip(i + 1).Where(b => b.By != a.By).Select(b => a.By.Length > 0 ? (a.Key, b.Key) : (b.Key, a.Key)))];
    }

    /// <summary>Looks at every pair of bodies that move against each other: along the whole path, then closer where it is tight.</summary>
    /// <param name="design">The design; all bodies of its pairs can be built.</param>
    /// <param name="motion">One of its motions, moved alone; what it drives moves along.</param>
    /// <param name="kernel">Measures.</param>
    /// <param name="stop">Ends the wait.</param>
    /// <returns><c>null</c> where nothing comes within reach.</returns>
    public static async Task<MotionReport?> Of(Design design, Motion motion, ISolidKernel kernel, CancellationToken stop)
    {
        var pairs = Pairs(design, motion);
        MotionReport? tightest = null;
        foreach (var at in Enumerable.Range(0, Coarse + 1).Select(i => (double)i / Coarse))
        {
            tightest = Tighter(tightest, await At(at));
        }

        for (var (step, n) = (0.5 / Coarse, 0); n < Finer && tightest is not null; (step, n) = (step / 2, n + 1))
        {
            foreach (var at in new[] { tightest.At - step, tightest.At + step }.Where(a => a is >= 0 and <= 1))
            {
                tightest = Tighter(tightest, await At(at));
            }
        }

        return tightest;

        async Task<MotionReport?> At(double at)
        {
            var standing = Assembled.Of(design, new Dictionary<string, double> { [motion.Key] = at }).ToDictionary(s => s.Key);
            MotionReport? worst = null;
            foreach (var (a, b) in pairs.Select(p => (standing[p.A], standing[p.B])))
            {
                // Only what is tighter than all before counts: further off nothing need be looked for.
                var reach = Math.Clamp(-Tightest(tightest, worst), Nearest, Reach);
                var meeting = await kernel.Between(a.Solid, b.Solid, reach, Facets.DefaultChordError, stop);
                var meant = design.Contacts.Where(c => (c.A, c.B) == (a.Key, b.Key) || (c.B, c.A) == (a.Key, b.Key)).Select(c =>
                    c.Depth).DefaultIfEmpty().Max();
                worst = Tighter(worst, new(motion, at, a.Name, b.Name, meeting with { Depth = Math.Max(0, meeting.Depth - meant) }));
            }

            return worst is { Meeting: { Overlap: 0, Gap: null } } ? null : worst;
        }
    }

    private static double Tightest(MotionReport? a, MotionReport? b) => Math.Max(a is null ? double.NegativeInfinity : Tightness(a), b is null
        ? double.NegativeInfinity : Tightness(b));

    private static MotionReport? Tighter(MotionReport? a, MotionReport? b) => a is null || b is null ? a ?? b : Tightness(b) > Tightness(a) + 1e-9 ? b : a;

    /// <summary>Deeper overlap is tighter than any gap.</summary>
    private static double Tightness(MotionReport r) => r.Meeting.Overlap > 0 ? r.Meeting.Depth : -(r.Meeting.Gap ?? double.PositiveInfinity);
}
