using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.SplitClamp;

/// <summary>Judgements of a clamp: that it comes onto its post, holds there, and bears being drawn tight.</summary>
internal static class ClampChecks
{
    /// <summary>Of plastic on a smooth post; common practice, no published source.</summary>
    private const double Friction = 0.2;

    public static IEnumerable<Check> Of(ClampReckoning r, Brief brief)
    {
        var p = brief.Parameters;
        yield return ReadingChecks.Of("post.readings", "post measured", r.Bore.Place, r.Bore.Of.Dimension);
        if (r.Style == ClampStyle.Clip)
        {
            yield return Judge.AtMost("mouth.narrow", "mouth", r.Gap.Value, r.Post.Value * 0.95, "It stays on the post until it is tight.",
                "A mouth as wide as the post does not hold itself: make it narrower, or slip it on.", Verdict.Stop, "Plane geometry.",
                new Remedy.Change("Let Emboq choose the mouth", new Dictionary<string, string> { ["mouth"] = "" }));
            yield return Window(r, p);
        }

        yield return Closing(r);
        if (r.Relief is not null)
        {
            yield return Judge.AtLeast("back", "thickness at the back", r.Back, Math.Max(2, r.Wall.Value / 3), "Enough stays behind the groove.",
                "The groove leaves too little at the back of the ring.", Verdict.Stop, "Common practice, no published source.",
                ClampParameters.Wall.To(Math.Ceiling(Math.Max(2, r.Wall.Value) + r.Relief.Value.Deep), "Make the wall {0}"));
        }

        if (r.FlatAt is { } flat)
        {
            yield return Judge.Of("flat.cuts", "flat of the post", flat > 0 && flat < r.Inner, "The flat stops it from turning.",
                "A flat is nearer to the axis than the round, and beyond it: measure from the flat to the far side.", Verdict.Stop, Figures.Mm(flat),
                    $"between 0 mm and {Figures.Mm(r.Inner)}");
        }

        foreach (var hold in Holding(r, p.Choice("stands") == "upright"))
        {
            yield return hold;
        }

        yield return Ears(r);
        yield return Hoop(r);
        foreach (var check in Screws(r))
        {
            yield return check;
        }

        if (r.Face is { } face)
        {
            yield return face.Insert.WallCheck("face.wall", "insert, above and below", r.Height.Value / 2);
            yield return face.Insert.WallCheck("face.apart", "insert, towards the other", face.Spacing / 2, new Remedy.Change(
                $"Set them {Figures.Mm(Math.Ceiling(2 * face.Insert.Reach))} apart",
                    new Dictionary<string, string> { ["faceSpacing"] = Figures.Number(Math.Ceiling(2 * face.Insert.Reach)) }));
            var pull = r.Load.Moment.Value / (r.Height.Value / 2) / 2;
            var bears = InsertPull.Bears(face.Screw, r.Material) * r.Load.Left.Value;
            yield return Strength.Used("face.pull", "pull on a face's insert", pull, bears, "N",
                "It stays in, though it is pulled the way it went in.",
                "The load pulls the inserts out the way they went in: a higher clamp, or larger screws.",
                $"Moments about the lower edge. {InsertPull.By}", () => Strength.Best(new StrengthChoice("height", "height", r.Height.Value, 200,
                    h => pull * r.Height.Value / h / bears!.Value)));
            foreach (var check in face.Insert.Checks)
            {
                yield return check;
            }
        }

        foreach (var check in r.Dowels?.Checks(r) ?? [])
        {
            yield return check;
        }

        yield return r.Load.Heat(brief.Process);
        yield return ChanceCheck.Of(r.Bore.Chance, [(r.Bore.Realised, r.Bore.Place, r.Bore.Of.Dimension)], r.Bore.Contradictions);
    }

    /// <summary>Too thick does not open over the post, too thin does not hold; between lies the window, and it may be empty.</summary>
    private static Check Window(ClampReckoning r, ParameterValues p)
    {
        const string Source = "Castigliano on a thin curved beam (Roark; from memory), Winkler's inner fibre.";
        var (often, wall) = (p.Choice("opened") == "often", r.Wall.Value);
        if (r.Material is not { } material)
        {
            return new("opens", "opens over the post", Verdict.Watch, "Not judged: what the filament bears is not entered.", Figures.Mm(wall),
                "not known", Source, []);
        }

        if (r.Face is not null)
        {
            return new("opens", "opens over the post", Verdict.Watch,
                "Not judged: a face at its back stiffens the ring, and no formula here holds for it. Open a slice first.",
                Figures.Mm(wall), "a ring of one thickness", Source, [new Remedy.Prove("Print a slice first")]);
        }

        var borne = material.Strain(Flexing.Times(p)).Value * (r.Upright ? 1 : material.Across.Value / material.Along.Value);
        var (least, most) = (Least(r), Thickest(r, r.Gap.Value, borne));
        var (strain, push) = (Strained(r, r.Ring, r.Gap.Value), Push(r, r.Ring, r.Gap.Value));
        var window = least > most ? $"none: {Figures.Mm(least)} to hold, {Figures.Mm(most)} to open" : $"{Figures.Mm(least)} to {Figures.Mm(most)}";
        var inside = wall >= least - 1e-9 && wall <= most + 1e-9;
        var wider = Mouths(r, borne, least);
        Remedy[] remedies = inside ? [] : least <= most ? [ClampParameters.Wall.To(Math.Floor(most * 10) / 10 is var down && wall > most ? down
            : Math.Ceiling(least * 10) / 10,
            "Make the wall {0}")] : [.. wider, new Remedy.Change("Make it in two halves", new Dictionary<string, string> { ["style"] = "halves" })];
        return new("opens", "opens over the post", inside ? Verdict.Good : Verdict.Stop,
            inside ? $"It opens by {Figures.Mm(r.Opening)} under a push of {Newtons(push)}, "
                    + (often ? "again and again: print it with many walls." : "a few times: little infill lets it give.")
                : least > most ? "No wall is thin enough to open and thick enough to hold: a wider mouth, a tougher filament or two halves open it."
                : wall > most ? strain > borne ? "Too thick to open over the post: it cracks opposite its mouth." : "Too thick to open over the post by hand."
                    : "Too thin to hold what its screws draw.",
            $"{Figures.Mm(wall)}, strain {Figures.Plain(strain * 100)} %, push {Newtons(push)}",
                $"{window}; strain {Figures.Plain(borne * 100)} %, push {Newtons(Hand)} or less",
                Source, remedies)
        { Used = double.IsFinite(push) ? Math.Max(strain / borne, push / Hand) : null };
    }

    /// <summary>What a hand pushes with its weight behind it, N; common practice, no published source.</summary>
    private const double Hand = 300;

    /// <summary>Greatest strain while it is opened; where a groove thins its back, that bears what the whole ring resists with, and a straight section bears by
    /// the square of its thickness.</summary>
    private static double Strained(ClampReckoning r, OpenRing ring, double mouth) =>
        ring.Strain(Math.Max(0, r.Opening + r.Gap.Value - mouth)) * Math.Pow(ring.Thickness / Math.Max(0.1, ring.Thickness - (r.Relief?.Deep ?? 0)), 2);

    internal static double Push(ClampReckoning r, OpenRing ring, double mouth) =>
        ring.Push(r.Opening + r.Gap.Value, mouth, r.Material!.Stiffness.Value, r.Height.Value, Friction);

    private static double Thickest(ClampReckoning r, double mouth, double borne) => OpenRing.Thickest(r.Bore.Drawn.Value, Math.Min(mouth, r.Bore.Drawn.Value),
        ring => Strained(r, ring, mouth) <= borne && Push(r, ring, mouth) <= Hand);

    private static IEnumerable<Remedy> Mouths(ClampReckoning r, double borne, double least)
    {
        var post = r.Post.Value;
        return Enumerable.Range(1, 40).Select(i => r.Gap.Value + (i * 0.5)).Where(m => m <= 0.95 * post
                && Thickest(r, m, borne) > least).Take(1)
            .Select(m => new Remedy.Change($"Make the mouth {Figures.Mm(m)}",
                new Dictionary<string, string> { ["mouth"] = Figures.Number(m), ["wall"] = Figures.Number(Math.Ceiling(least * 10) / 10) }));
    }

    /// <summary>The thinnest that bears what the screws draw around the ring, mm.</summary>
    private static double Least(ClampReckoning r) => Math.Max(1.2, r.Bears is { } bears ? r.Pressed.Drawn / (r.Height.Value * bears) : 1.2);

    /// <summary>A gap that is used up lets no screw press on the post.</summary>
    private static Check Closing(ClampReckoning r)
    {
        var (gap, doubt) = (r.Tight.Value.Value, 2 * r.Tight.Value.StandardUncertainty);
        var fits = gap - doubt >= 0.3;
        return new("gap.left", "gap left once it is tight", fits ? Verdict.Good : gap > 0 ? Verdict.Watch : Verdict.Stop,
            fits ? "The ears do not meet before it is tight." : "The ears may meet before the clamp holds: widen the gap, or take a closer fit.",
            r.Tight.WaitsFor is null ? $"{Figures.Mm(gap)}, as read" : $"{Figures.Mm(gap)} ± {Figures.Mm(doubt)}", "0.3 mm or more",
                "Gap drawn less π times the clearance; k = 2.",
            fits ? [] : r.Style == ClampStyle.Clip ? []
                : [new Remedy.Change($"Make the pinch gap {Figures.Mm(Math.Ceiling((r.Gap.Value + 0.3 + doubt - gap) * 2) / 2)}",
                new Dictionary<string, string> { ["pinch"] = Figures.Number(Math.Ceiling((r.Gap.Value + 0.3 + doubt - gap) * 2) / 2) })]);
    }

    /// <summary>Designed by μ F d (moment) and 2 μ F (along): half of what line contact gives; even pressure gives π/2 times that again.</summary>
    private static IEnumerable<Check> Holding(ClampReckoning r, bool upright)
    {
        const string Source = "Equilibrium of a split hub (Shigley, clamp collars; from memory); μ 0.2, common practice.";
        var (d, load) = (r.Post.Value, r.Load);
        double? Force(double drawn) => r.Pressed.Lasting is { } lasting ? Math.Max(0, (lasting / r.Pressed.Drawn * drawn) - r.Shut) : null;
        var force = Force(r.Pressed.Drawn);
        Check Told(string key, string title, double needed, Func<double, double> bears, string unit, string good, string otherwise)
        {
            IEnumerable<Remedy> Tighter()
            {
                var perNewtonMetre = r.Pressed.Drawn / r.Torque;
                var enough = Enumerable.Range(1, 400).Select(i => i * 0.1).FirstOrDefault(t => t > r.Torque
                    && bears(Force(t * perNewtonMetre)!.Value) >= needed);
                return enough > 0 && enough <= 20 ? [new Remedy.Change(FormattableString.Invariant($"Draw it to {enough:0.#} N·m: then ")
                    + Strength.Share(needed / bears(Force(enough * perNewtonMetre)!.Value)),
                        new Dictionary<string, string> { ["torque"] = Figures.Number(enough) })] : [];
            }

            var check = Strength.Used(key, title, needed, force is { } f ? bears(f) : null, unit, good, otherwise, Source, Tighter);
            return force is { } there
                ? check with { Limit = $"{check.Limit}; {2 * bears(there):0} to {Math.PI * bears(there):0} {unit} by line contact or even pressure" }
                : check;
        }

        if (r.FlatAt is null && !upright)
        {
            yield return Told("holds", "holds against turning", load.Moment.Value, f => Friction * f * d, "N·mm",
                "After a day it still holds the load from turning about the post.",
                "The load turns it about the post: tighten more, take more screws, or put rubber between.");
        }

        if (upright)
        {
            yield return Told("holds", "holds against sliding down", load.Weight.Value, f => 2 * Friction * f, "N", "After a day it still holds the load up.",
                "The load slides it down the post: tighten more, take more screws, or put rubber between.");
            yield return Told("tilts", "holds against tipping", load.Moment.Value, f => 2 * f * r.Height.Value / 6, "N·mm",
                "The post is pressed along the whole height.",
                "The load lifts one edge of the clamp off the post: make it higher, or tighten more.");
        }
    }

    /// <summary>The ears bend about where they leave the ring.</summary>
    private static Check Ears(ClampReckoning r)
    {
        double Used(double ear) => 6 * r.Pressed.Drawn * (r.ScrewsAt - r.Outer) / (r.Height.Value * ear * ear) / r.Bears!.Value;
        var stress = 6 * r.Pressed.Drawn * (r.ScrewsAt - r.Outer) / (r.Height.Value * r.Ear.Value * r.Ear.Value);
        return Strength.Used("ears", "ears where they leave the ring", stress, r.Bears, "MPa", "The ears bear what the screws draw.",
            "The ears crack where they leave the ring.",
            "Cantilever of rectangular section; a third of the strength.", () => Strength.Best(
                new StrengthChoice("ear", "ears", r.Ear.Value, 60, Used),
                new StrengthChoice("height", "height", r.Height.Value, 200, h => Used(r.Ear.Value) * r.Height.Value / h)));
    }

    /// <summary>The ring is drawn around the post with what the screws pull.</summary>
    private static Check Hoop(ClampReckoning r) => Strength.Used("hoop", "ring around the post", r.Pressed.Drawn / (r.Height.Value * r.Back), r.Bears, "MPa",
        "The ring bears what the screws draw.", "The ring tears at its back.", "Force over area; a third of the strength.", () => Strength.Best(
            new StrengthChoice("wall", "wall", r.Wall.Value, 60, w => r.Pressed.Drawn / (r.Height.Value * (r.Back - r.Wall.Value + w)) / r.Bears!.Value)));

    private static IEnumerable<Check> Screws(ClampReckoning r)
    {
        var wanted = Math.Ceiling(2 * r.At.Count * Math.Max(r.Head.Reach, r.Nut.Reach));
        yield return r.Head.WallCheck("screw.wall", "screw, above and below", r.At[0],
            r.Height.Value < wanted ? [ClampParameters.Height.To(wanted, "Make it {0} high")] : []);
        yield return r.Nut.WallCheck("nut.wall", "nut, above and below", r.At[0],
            r.Height.Value < wanted ? [ClampParameters.Height.To(wanted, "Make it {0} high")] : []);
        var pushed = r.Bears is { } bears ? Math.Max(3, r.Bolt.Each.Value / (Math.PI * r.Bearing.HeadAcross * bears / 2)) : 6;
        Remedy[] thicker = [ClampParameters.Ear.To(Math.Ceiling(r.Head.Recess + pushed), "Make the ears {0}")];
        yield return r.Head.SeatCheck("screw.seat", "screw", pushed, thicker);
        yield return Judge.AtLeast("nut.seat", "material under the nut", r.Ear.Value - r.Pocket, pushed, "Enough stays under the nut.",
            "The nut pulls through: the ear is too thin.",
            Verdict.Stop, r.Material is null ? "6 mm under a loaded screw; common practice, no published source."
                : "Force over what shears, a sixth of the strength.",
            ClampParameters.Ear.To(Math.Ceiling(r.Pocket + pushed), "Make the ears {0}"));
        yield return r.Bolt.Bearing("head.presses", "head", r.Bearing.Head, r.Material);
        yield return r.Bolt.Bearing("nut.presses", "nut", r.Bearing.Nut, r.Material);
        foreach (var check in r.Head.Checks.Concat(r.Nut.Checks).DistinctBy(c => c.Key))
        {
            yield return check;
        }

        yield return r.Screw.Check;
    }

    private static string Newtons(double force) => Strength.Said(Math.Round(force), "N");
}
