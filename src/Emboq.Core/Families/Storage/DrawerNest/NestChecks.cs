namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>What is judged about a row of nests.</summary>
internal static class NestChecks
{
    private const string Practice = "Common practice, no published source.", Plane = "Plane geometry.";

    /// <summary>Tools and plastic rub on each other with about so much; common practice, no published source.</summary>
    private const double Friction = 0.3;

    /// <summary>Of a tool that stands on an end face and lies nowhere.</summary>
    public static Check Standing(ToolThought tool) => new($"{tool.Slot}.rest", $"how the {tool.Place.Name} lies", Verdict.Stop,
        "It is so short that it stands on its end and lies nowhere: a pocket tray holds it upright.", "stands", "lies on two rims", Plane, []);

    public static IEnumerable<Check> Of(NestReckoning r, Brief brief, double chance)
    {
        foreach (var check in r.Tools.SelectMany(t => OfTool(r, t)))
        {
            yield return check;
        }

        foreach (var t in r.Tools.Where(t => ToolThought.Leans(brief.Parameters) && !t.Lies.CanLean))
        {
            yield return new($"{t.Slot}.leans", $"{t.Place.Name} leans", Verdict.Watch, t.Lies.Body is null
                ? "It lies flat: of its outline nobody knows what it would lean on."
                : "It lies: only sections were kept of its scan. Scan it again to lean it.", "lies", "leans, as was decided", Plane, [Down]);
        }

        foreach (var check in InDrawer(r))
        {
            yield return check;
        }

        if (!r.Alone)
        {
            yield return Locked(r);
            yield return Judge.AtLeast("lock.wall", "wall behind a lock", r.Wall.Value - NestLock.Deep, NestReckoning.LeastBehind, "Enough stays behind it.",
                "The channels break through into the nests: thicker walls.", Verdict.Stop, Practice, NestParameters.Wall.To(5, "Make the walls {0}"));
        }

        foreach (var check in r.Tools.SelectMany(t => Lifted(r, t, brief.Process)))
        {
            yield return check;
        }

        yield return Schools(r, brief.Process);
        yield return DutyCheck.Of("years", brief.Process);
        yield return ChanceCheck.Of(chance, [.. r.Tools.Select(t => (t.Size.Realised, t.Place, t.Size.Of.Dimension))],
            [.. r.Tools.SelectMany(t => t.Size.Contradictions)]);
        var boxes = r.Row.Columns.SelectMany(c => c.Modules.Select(m => BedCheck.Of(c.Wide + NestLock.Deep, m.To - m.From, m.Tool is null ? r.FrameHigh
            : r.Height.Value, r.Way, brief.Process) is var bed && m.Tool is null ? bed with { Title = $"{m.Name} fits the printer" } : bed)).ToList();
        yield return boxes.FirstOrDefault(b => b.Verdict != Verdict.Good) ?? boxes[0];
    }

    private static IEnumerable<Check> OfTool(NestReckoning r, NestTool t)
    {
        var name = t.Place.Name;
        yield return new($"{t.Slot}.size", $"{name} in its nest", t.Size.Chance >= 0.8 ? Verdict.Good : Verdict.Watch, t.Size.Chance >= 0.8
            ? $"It {t.Size.Fit.Feels}." : "The doubt is wider than the fit: print its cut-out first.", Figures.Percent(t.Size.Chance), "80 % or more",
            $"Probability of conformity, JCGM 106; {t.Size.Counterpart.Name}.", t.Size.Chance >= 0.8 ? [] : [new Remedy.Prove("Print the cut-outs first")]);
        yield return Lying(r, t);
        foreach (var check in Scanned(r, t))
        {
            yield return check;
        }

        if (t.Unknown.Count > 0)
        {
            yield return new($"{t.Slot}.of", $"{name}: what it is of", Verdict.Watch, $"No density is known of '{string.Join("', '", t.Unknown)}', and its "
                + $"steps are taken for alike: use {string.Join(", ", ToolMatter.Known.Keys)}, with a comma between two steps.", $"{t.Unknown.Count} unknown",
                "all known", "Usual densities.", [new Remedy.Measure($"Lay {name} across an edge", t.Place.Id, "balance")]);
        }

        if (t.Reckoned is { } reckoned && Evaluation.Of(t.Place, "mass")?.Quantity.Value is { } weighed)
        {
            var off = (reckoned - weighed) / weighed;
            yield return Judge.Of($"{t.Slot}.mass", $"{name}: steps against the scale", Math.Abs(off) <= 0.25,
                "What its steps are said to be of weighs what the scale says.",
                "What its steps are said to be of weighs something else than the scale says: where it balances is in doubt.", Verdict.Watch,
                $"{reckoned:0} g", $"{weighed:0} g, within a quarter", "Usual densities; woods differ by a fifth.",
                new Remedy.Measure($"Lay {name} across an edge", t.Place.Id, "balance"));
        }

        foreach (var check in Ground(r, t))
        {
            yield return check;
        }

        yield return Grasped(r, t);
    }

    /// <summary>On a flat floor a thing lies steadily whose centre of mass is so far within what it stands on, mm; common practice, no published
    /// source.</summary>
    private const double Steady = 2;

    private static readonly Remedy Down = new Remedy.Change("Lay them down", new Dictionary<string, string> { ["pose"] = "lies" });

    private static readonly Remedy Negative = new Remedy.Change("Make each nest an exact negative", new Dictionary<string, string> { ["school"] = "exact" });

    /// <summary>Whether a scan tells the nest.</summary>
    private static IEnumerable<Check> Scanned(NestReckoning r, NestTool t)
    {
        if (t.Lies.Body is not { } body)
        {
            yield break;
        }

        var sections = t.Place.Outline!.Sections!;
        var (name, holes) = (t.Place.Name, sections.Count(s => !s.Scanned));
        yield return Judge.Of($"{t.Slot}.scanned", $"{name} scanned where it lies", holes == 0, "All of it was scanned.", holes * 2 > sections.Count
            ? "More of it has holes than was scanned: no nest is told from that. Scan it again."
            : r.Exact ? "Where its scan has holes the nest is open down to its floor, and holds nothing."
                : "Where its scan has holes its outline is what closes them, and a millimetre more.", holes * 2 > sections.Count ? Verdict.Stop : Verdict.Watch,
            $"{holes} of {sections.Count} sections have holes", "none", "What is not scanned is not known.");
        if (!r.Exact)
        {
            yield break;
        }

        var rough = new Remedy.Change("Make each nest a rough outline", new Dictionary<string, string> { ["school"] = "rough" });
        yield return Judge.Of($"{t.Slot}.folds", $"{name} without folds", body.FoldedAt is null, "Every section is seen whole from its middle.",
            "A section folds in on itself, or lies in branches: it is taken without its hollows, and the nest does not fill them.", Verdict.Watch,
            body.FoldedAt is { } fold ? $"at {Figures.Mm(fold)}" : "none", "none", Plane);
        yield return Judge.AtMost($"{t.Slot}.edges", $"edges of the {name} that are rounded off", t.Lies.StandsOut, Math.Max(0.05, t.Grown),
            "The smooth body keeps within what stays free.", "Its sharp edges stand out of the smooth body, and would touch: more clearance.", Verdict.Watch,
            body.Skin is null ? "Corners of the sections against the lines through them." : "Its surface against the body through its sections.",
            new Remedy.Change("Let them drop in", new Dictionary<string, string>
            { ["fit"] = "drop", ["clearance"] = "" }), rough);
    }

    private static Check Lying(NestReckoning r, NestTool t)
    {
        var (name, lies) = (t.Place.Name, t.Lies);
        if (lies.Body is not null)
        {
            var how = lies.Settled is not { } settled ? "It lies as it lay in its scan"
                : $"Put down as it lay in its scan it turns by {Figures.Degrees(Math.Abs(settled.Roll))} about its length, tilts by "
                    + $"{Figures.Degrees(Math.Abs(settled.Tilt))}, and rests on places {Figures.Mm(settled.Near)} and {Figures.Mm(settled.Far)} from its front";
            return lies.Lean > 0 ? new($"{t.Slot}.rest", $"how the {name} leans", Verdict.Good, $"{how}; its front end is raised from there.",
                Figures.Degrees(lies.Lean), "as decided, or as the drawer closes", Plane, [])
                : Judge.Of($"{t.Slot}.rest", $"how the {name} lies", lies.Stands >= Steady || r.Exact, $"{how}.",
                $"{how}, and on a flat floor a touch tips it.", Verdict.Watch, Figures.Mm(lies.Stands), r.Exact ? "held by its nest"
                    : $"{Figures.Mm(Steady)} or more within what it stands on", "What its centre of mass rises by when it is tipped.", Negative);
        }

        if (lies.Outline is not null)
        {
            return new($"{t.Slot}.rest", $"how the {name} lies", Verdict.Good, "It lies flat, as its outline was taken.", Figures.Mm(lies.Top), "its height",
                Plane, []);
        }

        var (near, far) = (lies.StepOf(lies.Rest.Near).Name, lies.StepOf(lies.Rest.Far).Name);
        var rims = near == far ? $"the two ends of its {near}" : $"its {near} and its {far}";
        return lies.Lean > 0 ? new($"{t.Slot}.rest", $"how the {name} leans", Verdict.Good,
            $"Its front end is raised; on a flat floor it would lie on {rims}.", Figures.Degrees(lies.Lean), "as decided, or as the drawer closes", Plane, [])
            : Judge.Of($"{t.Slot}.rest", $"how the {name} lies", lies.Rest.Steady >= Steady || r.Exact,
            $"It lies on {rims}, its axis {(Math.Abs(lies.Tilt) < 0.05 ? "level" : $"tilted by {Figures.Degrees(Math.Abs(lies.Tilt))}")}.",
            $"It lies on {rims} and balances close to one of them: a touch tips it.", Verdict.Watch, Figures.Mm(lies.Rest.Steady),
            r.Exact ? "held by its nest" : $"{Figures.Mm(Steady)} or more inside both", "Lowest centre of mass over pairs of rims.",
            Negative);
    }

    /// <summary>What is ground lies below the walls, and beside no finger room.</summary>
    private static IEnumerable<Check> Ground(NestReckoning r, NestTool t)
    {
        if (t.Ground is not { } ground)
        {
            yield break;
        }

        var (top, from, to) = (t.Base + t.Lies.TopOf(ground), t.Axis(ground.From).X, t.Axis(ground.To).X);
        yield return Judge.AtMost($"{t.Slot}.ground", $"ground {ground.Name} of the {t.Place.Name}", top, r.Height.Value,
            "It lies below the walls: no neighbour can strike it.", "It stands over the walls, and a neighbour strikes it.", Verdict.Stop, Plane);
        if (r.FingerAt(t) is var (y, radius, _))
        {
            yield return Judge.AtLeast($"{t.Slot}.bared", $"finger room beside the ground {ground.Name}", Math.Max(from - (y + radius), y - radius - to), 0,
                "The walls beside it are whole.", "Finger room opens the walls beside it, and fingers meet its edge: grasp it at its other end.",
                Verdict.Stop, Plane, new Remedy.Change("Grasp it at its other end", new Dictionary<string, string>
                { [$"{t.Slot}Grasp"] = t.Lies.ByLight ? "heavy" : "light" }), NestParameters.Finger.To(0, "Leave finger room away"));
        }
    }

    private static Check Grasped(NestReckoning r, NestTool t)
    {
        const double Least = 6;
        var along = t.Lies.GraspedInFront ? Math.Min(15, t.Lies.Length / 4) : t.Lies.Length - Math.Min(15, t.Lies.Length / 4);
        var stands = t.Base + t.Lies.TopNear(along) - r.Height.Value;
        var deep = r.FingerAt(t)?.Deep ?? 0;
        return Judge.AtLeast($"{t.Slot}.grasped", $"grasping the {t.Place.Name}", Math.Max(0, stands + deep), Least,
            "Fingers get hold of its end.", "Its end stands too little out of its nest: more finger room, or sink it less.", Verdict.Watch, Practice,
            NestParameters.Finger.To(30, "Give it {0} of finger room"));
    }

    private static IEnumerable<Check> InDrawer(NestReckoning r)
    {
        if (r.Drawer is not { } d)
        {
            yield break;
        }

        var highest = r.Tools.MaxBy(t => t.Top)!;
        yield return Judge.AtMost("closes", "drawer closes", highest.Top, d.High - 1, "The highest tool passes below what closes over it.",
            $"The {highest.Place.Name} stands too high: less lean, or another drawer.", Verdict.Stop, Plane, highest.Lies.Lean > 0
                ? [Down] : []);
        yield return Judge.AtMost("opening", "tools pass under the lip", highest.Top, d.Opening - 1, "They come out of the drawer as it opens.",
            $"The {highest.Place.Name} stands higher than the opening: it comes out only with the drawer pulled all the way.", Verdict.Watch);
        yield return Judge.Of("across", "row in the drawer, left to right", r.Across <= 0, "Ends fill what the nests leave.",
            "The nests are wider than the drawer together: take a tool out, or thinner walls.", Verdict.Stop, Figures.Mm(d.Wide + r.Across),
            $"{Figures.Mm(d.Wide)} or less", "Plane sums.");
        yield return Judge.Of("along", "row in the drawer, front to back", r.Along <= 0, "The longest nest has room.",
            "The longest nest is longer than the drawer: lean the tools, or another drawer.", Verdict.Stop, Figures.Mm(d.Deep + r.Along),
            $"{Figures.Mm(d.Deep)} or less", "Plane sums.",
            r.Exact && r.Tools.MaxBy(t => t.Long)!.Lies.CanLean ? [new Remedy.Change("Lean the tools", new Dictionary<string, string>
            { ["pose"] = "leans" })] : []);
        if (r.Lip.Value > 0)
        {
            yield return Judge.AtLeast("lip", "row below the lip", d.Opening - 1, r.FrameHigh, "Its front passes below the lip.",
                "The lip reaches down so far that not even the locks pass below it: let it reach in by nothing.", Verdict.Stop, Plane,
                NestParameters.LipIn.To(0, "Let it stand behind the lip"));
        }

        yield return new("clashes", "what is in the drawer's way", r.Clashes.Count == 0 ? Verdict.Good : Verdict.Stop, r.Clashes.Count == 0
            ? "What stands in the drawer is cut around, and reaches into no nest." : $"The {string.Join("; the ", r.Clashes)}: set the tools in another order.",
            $"{r.Clashes.Count} clashes", "none", Plane, []);
        yield return Judge.Of("corners", "folded corners", r.CornersHold, "What they take leaves the walls whole.",
            "They take more than the walls leave: thicker walls.", Verdict.Stop, Figures.Mm(r.Corner.Value),
            $"{Figures.Mm(r.MostCorner)} or less");
    }

    private static Check Locked(NestReckoning r)
    {
        var (tight, loose) = (r.Lock.Tail.Clearance.Value - (2 * r.Lock.Tail.Clearance.StandardUncertainty), r.Lock.Tail.Clearance.Value
            + (2 * r.Lock.Tail.Clearance.StandardUncertainty));
        var loosened = Enumerable.Range(0, r.Row.Columns.Count - 1).Any(i => r.LocksAfter(i).Count == 0);
        return loosened ? new("lock.slides", "locks between neighbours", Verdict.Watch, "Two neighbours have no lock: something of the drawer is in its way.",
            "0 locks", "1 or more", Plane, [])
            : Judge.Of("lock.slides", "locks between neighbours", tight >= 0 && loose <= 1, "Each is let down over the feet of the one before.", tight < 0
                ? "They may be too tight: print two narrow neighbours first." : "They may rattle.", Verdict.Watch,
                $"{Figures.Mm(tight)} to {Figures.Mm(loose)}", "0 mm to 1 mm", "Law of sizes, k = 2; common practice, no published source.",
                NestParameters.Slides.To(Math.Clamp(0.05 * Math.Ceiling((r.Lock.Tail.Clearance.StandardUncertainty * 2 / 0.05) + 1), 0.05, 1),
                    "Let them slide with {0}"));
    }

    /// <summary>What is lifted with a tool: its own nest and all that are locked over its feet, to the right.</summary>
    private static IEnumerable<Check> Lifted(NestReckoning r, NestTool t, Process process)
    {
        if (t.Grams is not { } grams)
        {
            yield return new($"{t.Slot}.stays", $"nest of the {t.Place.Name} stays down", Verdict.Watch, "Not judged: weigh the tool, or say what it is of.",
                "not weighed", "a tool on the scale", "A load is measured, never assumed.", [new Remedy.Measure($"Weigh {t.Place.Name}", t.Place.Id, "mass")]);
            yield break;
        }

        var column = r.Row.Columns.ToList().FindIndex(c => c.Modules.Any(m => m.Tool is { } i && r.Tools[i] == t));
        var row = r.Row.Columns.Skip(column).SelectMany(c => c.Modules).Sum(m => r.Grams(m, process));
        var pulls = Friction * grams.Value;
        yield return Judge.Of($"{t.Slot}.stays", $"nest of the {t.Place.Name} stays down", row >= pulls,
            "It weighs more than the tool pulls it up by, with what is locked over its feet.",
            "The tool may lift its nest along: weightier walls, or tape under it.", Verdict.Watch, $"{row:0} g", $"{pulls:0} g or more",
            "A third of the tool's weight by friction at the walls; common practice, no published source.",
            NestParameters.Floor.To(r.Floor.Value + 2, "Make the floor {0}"));
    }

    /// <summary>What both schools cost.</summary>
    private static Check Schools(NestReckoning r, Process process)
    {
        string Costs(NestReckoning of)
        {
            var grams = of.Row.Modules.Where(m => m.Tool is not null).Sum(m => of.Grams(m, process));
            var s = process.Settings;
            var flow = Math.Min(s.FlowLimit, process.LineWidth * process.LayerHeight * ((s.WallSpeed + s.FillSpeed) / 2));
            return $"{grams:0} g in about {DurationNotation.Show(grams * 1000 / process.Density / flow)}";
        }

        var other = r with { Exact = !r.Exact };
        return new("schools", "exact negative or rough outline", Verdict.Good, r.Exact
            ? $"The nests as exact negatives take {Costs(r)}; as wide as they are, with flat floors, {Costs(other)}: "
                + "the exact ones hold every step, the others let a tool be put in carelessly."
            : $"The nests as rough outlines take {Costs(r)}; as exact negatives in the same modules {Costs(other)}.",
            r.Exact ? "exact" : "rough", "either", "Stations of the nests, walls, closed layers and fill; two schools, common practice.", []);
    }
}
