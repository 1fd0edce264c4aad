namespace Emboq.Core.Joints;

/// <summary>Threads that are printed, with true helical flanks: the basic profile of ISO 68-1, moved in or out by half of the clearance and by what the
/// process does to such a face.</summary>
internal static class PrintedThread
{
    /// <summary>How far the chamfer reaches past the roots, mm.</summary>
    private const double LeadOver = 0.1;

    /// <summary>By which the chamfer's corners lie beside the thread's, degrees.</summary>
    private const double AskewBy = 0.7;

    /// <summary>Between its facets and the round they stand for at most, mm: a twentieth of the clearance.</summary>
    private static double ChordError => Clearance.Value / 20;

    /// <summary>Between both threads on the diameter, mm.</summary>
    public static Quantity Clearance { get; } = Quantity.RuleOfThumb("clearance of a printed thread", 0.2, Unit.Millimetre,
        "On the diameter: it runs by hand from the start; common practice, no published source.");

    /// <summary>A threaded hole with a chamfer to lead in, wall as for a thread that a screw cuts.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="size">Of the thread.</param>
    /// <param name="depth">Of the hole, mm.</param>
    /// <param name="lie">How it stands while it is printed: upright, or it is judged unfit.</param>
    public static Joint Internal(JointScope scope, string size, double depth, HoleLie lie)
    {
        var (major, pitch) = (Hardware.Diameter(size), Hardware.Pitch(size));
        var drawn = scope.Drawn("thread", "thread, across its roots", major + Clearance, Surface.HoleUpright);
        var minor = scope.Add("minor", "thread, across its crests", Minor(drawn, pitch), "As far in as the basic profile is deep (ISO 68-1).");
        var overlap = scope.Add("overlap", "share of the flanks that touch", Overlap(Clearance, pitch),
            "What the clearance leaves of it (FED-STD-H28, from memory).");
        return new()
        {
            Bore = minor.Value,
            Cut = Cut(drawn.Value, pitch.Value, depth),
            Sleeves = [new(drawn.Value / 2, -depth, 0, Math.Max(scope.LeastWall, major.Value / 2))],
            Checks =
            [
                .. Checks(scope, pitch.Value, overlap.Value),
                Stands(scope, lie == HoleLie.Upright),
            ],
        };
    }

    /// <summary>What is cut away for a screw from z = 0 down, and a chamfer of 45 degrees that leads it in.</summary>
    /// <param name="major">Across the roots, as drawn, mm.</param>
    /// <param name="pitch">mm.</param>
    /// <param name="depth">mm.</param>
    /// <param name="mouth">What the chamfer goes on in above: radius and height, from the outside in; a plain mouth where nothing is told.</param>
    public static Solid Cut(double major, double pitch, double depth, params IReadOnlyList<Point2> mouth)
    {
        // Neither its rim nor its corners lie on those of the thread: where they met, edges shorter than a file's numbers tell came out. It ends short of the
        // crests, where all is cut away already.
        var (rim, inner) = (Rim(major), (major / 2) - (Depth.Value * pitch) - LeadOver);
        IReadOnlyList<Point2> above = mouth.Count > 0 ? mouth : [new(rim + ScrewHole.Over, ScrewHole.Over)];
        return new Solid.Helical(Section(major, pitch), depth + ScrewHole.Over, pitch).At(0, 0, -depth)
            + new Solid.Revolved(new Profile([new(0, inner - rim), new(inner, inner - rim), .. above, new(0, above[^1].Y)])).Spun(AskewBy);
    }

    /// <summary>Radius of the chamfer where the thread begins, mm.</summary>
    public static double Rim(double major) => (major / 2) + LeadOver;

    /// <summary>The share of the flanks that a clearance leaves.</summary>
    public static Quantity Overlap(Quantity clearance, Quantity pitch) => Whole - (clearance / ((2 * Depth) * pitch));

    /// <summary>What is judged of any printed thread.</summary>
    /// <param name="scope">What it is called.</param>
    /// <param name="pitch">mm.</param>
    /// <param name="overlap">Share of the flanks that touch.</param>
    public static IReadOnlyList<Check> Checks(JointScope scope, double pitch, double overlap) =>
    [
        Judge(scope, "layers", $"layers in a turn of the {scope.Name}", pitch / scope.Process.LayerHeight, 4,
            "They draw its flanks; in the picture they are coarser than in the file.",
            "Its flanks are lost between so few layers: thinner ones, or a coarser thread."),
        Judge(scope, "flanks", $"flanks of the {scope.Name} that touch", overlap, 0.6, "Enough of them bears.",
            "So fine a thread hardly touches with the room it needs: a coarser one, or an insert."),
    ];

    /// <summary>Whether it stands upright while it is printed.</summary>
    public static Check Stands(JointScope scope, bool upright) => new($"{scope.Key}.stands", $"{scope.Name} stands upright",
        upright ? Verdict.Good : Verdict.Stop, upright ? "Its turns lie on each other." : "Lying, its turns hang in the air: print it the other way up.",
        upright ? "upright" : "lying", "upright", "Common practice, no published source.", []);

    /// <summary>Across the crests of a thread of the basic profile, as drawn.</summary>
    public static Quantity Minor(Quantity drawn, Quantity pitch) => drawn - ((2 * Depth) * pitch);

    /// <summary>Gauges it where a crest stands on one side and a root on the other: a whole number of turns over its end.</summary>
    /// <param name="body">Key of the body.</param>
    /// <param name="what">As shown.</param>
    /// <param name="minor">Across its crests, mm.</param>
    /// <param name="pitch">mm.</param>
    /// <param name="at">On its axis.</param>
    public static Gauge Gauge(string body, string what, double minor, double pitch, Point3 at) => new(body, what, minor + (Depth.Value * pitch),
        at with { Y = at.Y + 0.001 }, Axis.X)
    { Pictured = Coarse.BetweenFacets(minor + (2 * Depth.Value * pitch)) };

    /// <summary>Depth of the basic profile over the pitch: five eighths of H (ISO 68-1).</summary>
    private static readonly Quantity Depth = Quantity.Input("5/8 H over P", 0.625 * Math.Sqrt(3) / 2, Unit.None, new Provenance.Standard("ISO 68-1",
        "basic profile"));

    private static readonly Quantity Whole = Quantity.Chosen("all of it", 1, Unit.None, "ISO 68-1");

    /// <summary>Square to the axis: as far out at each angle as the profile is there along a pitch. Crests are an eighth of it wide, roots a quarter.</summary>
    private static Profile Section(double major, double pitch)
    {
        // Corners stand where crests and roots end, in pictures too.
        const double Crest = 2.0 / Coarse.Around, Root = 12.0 / Coarse.Around;
        var around = Coarse.Around * (int)Math.Ceiling((double)Facets.Count(major / 2, ChordError) / Coarse.Around);
        return new(Enumerable.Range(0, around).Select(i => (double)i / around).Select(u =>
        {
            var off = Math.Min(u, 1 - u);
            var r = (major / 2) - (Depth.Value * pitch * Math.Clamp((off - Crest) / (Root - Crest), 0, 1));
            return new Point2(r * Math.Cos(2 * Math.PI * u), r * Math.Sin(2 * Math.PI * u));
        }));
    }

    private static Check Judge(JointScope scope, string key, string title, double found, double least, string good, string otherwise) =>
        new($"{scope.Key}.{key}", title, found >= least ? Verdict.Good : Verdict.Stop, found >= least ? good : otherwise, Figures.Number(Math.Round(found, 2)),
            $"{Figures.Number(least)} or more", "Common practice, no published source.", []);
}
