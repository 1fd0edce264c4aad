using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.ShellClamp;

/// <summary>What is judged about a shell clamp.</summary>
internal static class ShellChecks
{
    private const string Practice = "Common practice, no published source.";

    /// <summary>Of plastic on a handle; common practice, no published source.</summary>
    private const double Friction = 0.2;

    /// <summary>A clamp that stands no further askew than this to the rise of the centre line bears evenly, degrees.</summary>
    private const double Askew = 8;

    /// <summary>Where the sides of a handle run in more steeply, a clamp is squeezed off it, degrees; common practice, no published source.</summary>
    private const double Steep = 25;

    public static IEnumerable<Check> Of(ShellReckoning r, Brief brief)
    {
        yield return ReadingChecks.Of("grip.readings", "breadth measured", r.Fit.Place, "breadth");
        foreach (var check in Placed(r, r.Fit.Place.Outline!).Concat(r.Built ? Standing(r, brief) : []))
        {
            yield return check;
        }

        foreach (var check in r.Head.Joint.Checks.Concat(r.Bite.Checks).Append(r.Takes.Check).Concat(r.TableHole.Checks))
        {
            yield return check;
        }

        yield return DutyCheck.Of(brief.Parameters.Choice("heat") == "warm" ? "warm" : "years", brief.Process);
        yield return ChanceCheck.Of(r.Fit.Chance, [(r.Fit.Realised, r.Fit.Place, "breadth")], r.Fit.Contradictions);
    }

    /// <summary>Whether the clamps are where there is a handle that was scanned.</summary>
    private static IEnumerable<Check> Placed(ShellReckoning r, Traced scan)
    {
        var (from, to) = r.Body.Ends;
        var half = r.Along.Value / 2;
        var out_ = r.Wanted.FirstOrDefault(at => at - half < from || at + half > to, double.NaN);
        var inside = double.IsNaN(out_);
        var fits = to - from > r.Along.Value + 4;
        yield return Judge.Of("ends", "clamps on the handle", inside && r.Built, "They are on it with their whole length.", inside
            ? "The handle bends or ends too sharply there for a clamp to go around: move it, or make it shorter."
            : "A clamp runs out past an end of what was scanned: move it, or make it shorter.", Verdict.Stop,
            inside ? string.Join(", ", r.Wanted.Select(at => Figures.Mm(at))) : Figures.Mm(out_),
                $"{Figures.Mm(Math.Max(0, from + half))} to {Figures.Mm(Math.Max(0, to - half))}",
            "Plane geometry.", [.. inside || !fits ? Array.Empty<Remedy>() : [new Remedy.Change("Let Emboq choose where", new Dictionary<string, string>
                { ["front"] = "", ["rear"] = "" })], .. r.Wanted.Count > 1 ? [new Remedy.Change("Hold it by one clamp", new Dictionary<string, string>
                { ["stations"] = "one" })] : Array.Empty<Remedy>()]);
        // Of a place beside the handle nothing else is judged.
        foreach (var check in inside ? Surface(r, scan).Concat(r.Hollow is null ? Smooth(r) : AsScanned(r, scan.Surface!)) : [])
        {
            yield return check;
        }
    }

    private static Remedy FreeFit => new Remedy.Change("Take a free fit", new Dictionary<string, string> { ["fit"] = "free" });

    /// <summary>What a smooth body leaves away, and what the surface as scanned would cost.</summary>
    private static IEnumerable<Check> Smooth(ShellReckoning r)
    {
        yield return Judge.Of("folds", "sections without folds", r.Body.FoldedAt is null, "Every section is seen whole from its middle.",
            $"The section {Figures.Mm(r.Body.FoldedAt ?? 0)} from the left end folds in on itself, or lies in branches: it is taken without its hollows, "
                + "so the shell does not fill them.",
            Verdict.Watch, r.Body.FoldedAt is { } fold ? $"at {Figures.Mm(fold)}" : "none", "none", "Plane geometry.");
        var most = Math.Max(0.05, r.Fit.Realised.Value / 2);
        yield return r.Beside is { } beside
            ? Judge.AtMost("edges", "what stands out of the smooth body", beside.Out, most, $"The handle as scanned keeps within the clearance; up to "
                + $"{Figures.Mm(beside.In)} of it lies deeper than the smooth body, and is held less there.",
                "The handle as scanned stands out of the smooth body, and would touch there first: take its surface as scanned, or a freer fit.", Verdict.Watch,
                $"Corners of its surface, {r.Triangles} triangles where it is held, against the body through its sections.",
                new Remedy.Change("Take its surface as scanned", new Dictionary<string, string> { ["body"] = "scanned" }), FreeFit)
            : Judge.AtMost("edges", "edges of the handle that are rounded off", r.Body.Smoothed, most, "The smooth body keeps within the clearance.",
                "Sharp edges of the handle stand out of the smooth body, and would touch: take a freer fit.", Verdict.Watch,
                "Corners of the sections against the lines through them.", FreeFit);
    }

    /// <summary>What the surface as scanned costs, and what the smooth body would leave away.</summary>
    private static IEnumerable<Check> AsScanned(ShellReckoning r, TracedSurface surface)
    {
        var beside = r.Beside!.Value;
        yield return Judge.AtMost("edges", "thinned from its scan", surface.Within, Math.Max(0.05, r.Fit.Realised.Value / 2), "What was left away of the scan "
            + $"keeps within the clearance. A smooth body would leave away up to {Figures.Mm(beside.Out)} that stands out, and fill up to "
            + $"{Figures.Mm(beside.In)}; this one has {r.Triangles} triangles where it is held.",
            "The scan stands out of what it was thinned to, and would touch: scan it again, finer, or take a freer fit.", Verdict.Watch,
            "Corners of the scan against the surface that is left.", FreeFit);
    }

    /// <summary>Whether the handle was scanned where it is held, and does not push a clamp off itself.</summary>
    private static IEnumerable<Check> Surface(ShellReckoning r, Traced scan)
    {
        var half = r.Along.Value / 2;
        // Sections stand as far along the body as its scale has them.
        var scale = (r.Body.Ends.To - r.Body.Ends.From) / (scan.Sections![^1].At - scan.Sections[0].At);
        double[] Held(Func<TracedSection, bool> which) => [.. scan.Sections!.Where(which).Select(c => c.At * scale).Where(c => r.Wanted.Any(at =>
            Math.Abs(c - at) <= half))];
        var (bad, branched) = (Held(c => !c.Scanned), Held(c => c.LiesInBranches(r.Body.Skin, c.At * scale)));
        var steep = r.Wanted.Max(at => r.Body.Steepest(at - half, at + half));
        Remedy[] moved = (bad.Length > 0 || steep > Steep) && Elsewhere(r, scan, scale) is { } there
            ? [new Remedy.Change("Move the clamps to where it was scanned, and level", there)] : [];
        yield return Judge.Of("scanned", "scanned where it is held", bad.Length == 0, "All of the handle was scanned where the clamps go around it.",
            $"A hole was never scanned {Figures.Mm(bad.FirstOrDefault())} from the left end, and a clamp would go around it: what is not scanned is not known. "
                + "Move that clamp, or scan it again.", Verdict.Stop, bad.Length == 0 ? $"{scan.Sections.Count} sections" : $"at {Figures.Mm(bad[0])}",
            "scanned", "What is not scanned is not known.", moved);
        if (branched.Length > 0)
        {
            yield return new("branches", "branches where it is held", Verdict.Watch,
                "There the handle lies in branches: the clamp goes around all of them, and touches each from outside alone.", $"at {Figures.Mm(branched[0])}",
                "none", Practice, []);
        }

        yield return Judge.Of("steep", "sides of the handle, along it", steep <= Steep, "They run nearly level where it is held.",
            "The handle narrows so steeply within a clamp that it is squeezed off: move that clamp.", Verdict.Stop, $"{steep:0}° at most",
                $"{Steep:0}° or less", Practice, moved);
    }

    /// <summary>Places for the clamps where every section was scanned, as near as possible to those wanted.</summary>
    private static Dictionary<string, string>? Elsewhere(ShellReckoning r, Traced scan, double scale)
    {
        var half = r.Along.Value / 2;
        bool Good(double at) => at - half >= r.Body.Ends.From && at + half <= r.Body.Ends.To && r.Body.Steepest(at - half, at + half) <= Steep
            && scan.Sections!.All(c => c.Scanned || Math.Abs((c.At * scale) - at) > half);
        var places = Enumerable.Range(0, (int)r.Body.Ends.To + 1).Select(i => (double)i).Where(Good).ToList();
        var found = places.SelectMany(front => r.Wanted.Count < 2 ? [(Front: front, Rear: (double?)null)] : Enumerable.Range(-20, 41).Where(k => k != 0)
            .Select(k => front + (k * r.Rows)).Where(Good).Select(rear => (Front: front, Rear: (double?)rear)))
            .OrderBy(at => Math.Abs(at.Front - r.Wanted[0]) + Math.Abs((at.Rear ?? 0) - r.Wanted.ElementAtOrDefault(1))).ToList();
        return found.Count == 0 ? null : new() { ["front"] = Figures.Number(found[0].Front), ["rear"] = found[0].Rear is { } rear ? Figures.Number(rear) : "" };
    }

    private static IEnumerable<Check> Standing(ShellReckoning r, Brief brief)
    {
        var (p, shell) = (brief.Parameters, r.Shell.Value);
        foreach (var s in r.Stations)
        {
            var (share, name) = (Math.Max(0, s.Split.Extra / s.Split.Area), s.Name);
            yield return Judge.Of($"{s.Key}.split", $"halves of the {name} go straight on", share <= 0.03, "Both halves go straight on, and lie close.",
                "To go straight on, the halves are open beyond the handle: it is held by less of its surface.", Verdict.Watch,
                $"{Figures.Percent(share)} of its section more", "3 % or less", "Areas of the sections; the height of the split is the one with least.",
                [.. share <= 0.03 || BetterRoll(r, p.Number("roll")!.Value, s) is not { } better ? Array.Empty<Remedy>()
                    : [ShellParameters.Roll.To(better, $"Turn it to {better:0}°")]]);
            var askew = Math.Max(Math.Abs(s.Rise), s.Askew);
            yield return Judge.Of($"{s.Key}.square", $"the {name} square to the handle", askew <= Askew,
                $"It is turned by {Math.Abs(s.Turn):0.#}° on the table, and bears evenly.", s.Askew > Askew
                    ? "The handle bends sideways there further than the clamp can be turned on its screws: longer clamps, or another place."
                    : "The handle rises there: the clamp bears on its edges. Turn the handle about its length so that it bends sideways, or move the clamp.",
                Verdict.Watch, $"{askew:0.#}° askew", $"{Askew:0}° or less", Practice);
            yield return Judge.AtLeast($"{s.Key}.below", $"plastic below the handle, {name}", r.BelowOf(s), Math.Max(3, shell / 4), "Enough stays below it.",
                r.Packer is null ? "Too little stays below the handle." : "The handle would come down to the table: want it higher.", Verdict.Stop, Practice,
                [.. r.Packer is null ? [ShellParameters.Under.To(Math.Ceiling(Math.Max(3, shell / 4)), "Leave {0} below it")]
                    : new[] { ShellParameters.Height.To(Math.Ceiling(r.Tip!.Value - r.Stations.Min(r.BelowOf) + Math.Max(3, shell / 4)),
                    "Want it {0} over the table") }]);
            yield return r.Bite.FloorCheck($"{s.Key}.floor", $"thread of the {name}", r.FaceOf(s), 2, ShellParameters.Under.To(
                Math.Ceiling(r.Bite.Depth + 2 + (r.Gap / 2) - s.Split.At + s.Sides.Low), "Leave {0} below the handle"));
            yield return Judge.AtMost($"{s.Key}.feet", $"feet, below the upper half of the {name}", r.Foot.Value, r.FaceOf(s),
                "The lower half ends above its feet.", "The feet reach past where the halves meet: they would cover its screws, and hold the "
                    + "upper half off. Thinner feet, or the handle higher.",
                remedies: r.FaceOf(s) < ShellParameters.Foot.Spec.Minimum ? []
                    : [ShellParameters.Foot.To(Math.Floor(r.FaceOf(s) * 2) / 2, "Make the feet {0}")]);
            yield return Judge.AtLeast($"{s.Key}.head", $"heads within the {name}", r.TopOf(s) - r.SplitOf(s), r.HeadAt, "The heads lie within the upper half.",
                "The handle is so flat that the heads stand out of the upper half: a thicker shell.", Verdict.Watch, "Plane geometry.",
                ShellParameters.Shell.To(Math.Ceiling(shell + r.HeadAt - r.TopOf(s) + r.SplitOf(s)), "Make the shell {0}"));
        }

        foreach (var (keeping, i) in r.Keepings.Select((k, i) => (k, i)))
        {
            yield return Free(r, keeping, $"keep{i + 1}");
        }

        var left = r.Pinch.Value - r.Fit.Realised.Value - (2 * r.Fit.Realised.StandardUncertainty);
        yield return Judge.AtLeast("gap.left", "gap left once it is tight", left, 0.3, "The halves do not meet before the handle is held.",
            "The halves may meet before the handle is held: a wider gap, or a closer fit.", Verdict.Stop, "Gap drawn less the clearance; k = 2.",
            ShellParameters.Pinch.To(Math.Ceiling((r.Pinch.Value + 0.3 - left) * 2) / 2, "Make the gap {0}"));
        var across = Math.Ceiling(2 * Math.Max(r.Head.Joint.Reach, r.Bite.Reach));
        yield return r.Head.Joint.WallCheck("screw.wall", "screw, to handle and side", shell / 2, ShellParameters.Shell.To(across, "Make the shell {0}"));
        yield return r.Bite.WallCheck("thread.wall", "thread, to handle and side", shell / 2, ShellParameters.Shell.To(across, "Make the shell {0}"));
        var ends = r.Along.Value / 2 / r.ScrewsAt.Count;
        yield return r.Head.Joint.WallCheck("screw.ends", "screw, along the handle", ends, ShellParameters.Along.To(Math.Ceiling(r.ScrewsAt.Count * across),
            "Make the clamps {0}"));
        var least = r.Material is null ? 6 : Math.Max(3, r.Bolt.Each.Value / (Math.PI * Hardware.Of("cap-screws", p.Choice("screw"), "head", "head").Value
            * r.Material.Along.Value / PrintedMaterial.Safety / 2));
        yield return r.Head.Joint.SeatCheck("screw.seat", "screw", least, ShellParameters.Seat.To(Math.Ceiling(least), "Leave {0} under the heads"));
        foreach (var check in Table(r, brief).Concat(Borne(r, brief)))
        {
            yield return check;
        }

        var (wide, tall) = (r.Feet.Max(f => f.Right - f.Left) + (2 * r.FootEnd), r.Stations.Max(s => r.SplitOf(s)));
        yield return BedCheck.Of(wide, r.Along.Value, Math.Max(tall, r.Stations.Max(s => r.TopOf(s) - r.SplitOf(s))), r.Way, brief.Process);
    }

    /// <summary>Whether nothing covers a button or a vent.</summary>
    private static Check Free(ShellReckoning r, Keeping keeping, string key)
    {
        var met = r.Stations.Where(s => keeping.Meets(s, r.Along.Value)).ToList();
        var reach = Math.Max(r.Bite.Reach, r.Head.Joint.Reach);
        var struck = met.FirstOrDefault(s => r.ScrewsOf(s).Any(x => r.ScrewsAt.Any(y => keeping.Strikes(x - s.Axis, s.At + y,
            s.Split.At - (r.Gap / 2) - r.Bite.Depth - s.Middle.Y, s.Sides.High + r.Shell.Value - s.Middle.Y, reach))));
        if (struck is null && met.FirstOrDefault(s => s.Cuts.All(c => keeping.Opens(s.At + c.Along))) is { } open)
        {
            return new(key, $"{keeping.Name} left free", Verdict.Watch, $"Not judged: the {open.Name} is open over its whole length, and its hollow cannot be "
                + "measured. Make it longer, or move it.", $"at {Figures.Mm(keeping.At)}", "a stretch that is whole", "Plane geometry.", []);
        }

        return Judge.Of(key, $"{keeping.Name} left free", struck is null, met.Count == 0 ? "No clamp comes near it." : $"The {met[0].Name} is open there.",
            $"What is left free for it would cut a screw of the {struck?.Name}: move the clamp.", Verdict.Stop, $"at {Figures.Mm(keeping.At)}",
                "clear of the screws");
    }

    /// <summary>The turn about its length that costs least there, to five degrees; <c>null</c> where none is much better.</summary>
    private static double? BetterRoll(ShellReckoning r, double now, ShellStation s)
    {
        double Extra(double turn)
        {
            var body = r.Body.Rolled(turn);
            var middle = body.CentreLine(s.At, r.Along.Value).Middle;
            List<Parting> cuts = [.. new[] { -0.4, 0, 0.4 }.Select(share => body.Across(new(middle.X, s.At), 0, share * r.Along.Value)).OfType<Profile>()
                .Select(c => new Parting(c))];
            return cuts.Count < 3 ? double.PositiveInfinity : Parting.Best(cuts) is var at ? cuts.Sum(c => c.Extra(at)) / cuts.Sum(c => c.Area) : 0;
        }

        var best = Enumerable.Range(-18, 37).Select(i => 5.0 * i).Select(turn => (Turn: turn, Extra: Extra(turn))).MinBy(t => t.Extra);
        return best.Extra < 0.7 * Extra(0) ? Math.IEEERemainder(now + best.Turn, 360) : null;
    }

    private static IEnumerable<Check> Table(ShellReckoning r, Brief brief)
    {
        var (table, size) = (brief.Interfaces["table"], brief.Parameters.Choice("tableScrew"));
        var (key, thread) = (table.Kind.Key == "t-slot" ? "mouth" : "diameter", Hardware.Diameter(size).Value);
        if (Evaluation.Of(table, key) is not { } hole)
        {
            yield return new("table.screw", "screws of the table", Verdict.Watch, $"Not judged: {table[key].Name} is not read.", "not read", "a reading",
                "A size is measured, never assumed.", [new Remedy.Measure($"Measure {table[key].Name}", table.Id, key)]);
        }
        else
        {
            // A thread's hole is a little narrower than its screw.
            var (thick, thin) = (thread > hole.Quantity.Value + (key == "mouth" ? 0 : 0.25 * thread), thread < 0.4 * hole.Quantity.Value);
            yield return Judge.Of("table.screw", "screws of the table", !thick && !thin, "They go into its holes, or through them.", thick
                ? "They are too thick for the table: choose their size, or measure it again."
                : "They are much thinner than what they go through: they want large washers or bushes.", thick ? Verdict.Stop : Verdict.Watch,
                    $"{Figures.Mm(thread)}",
                $"{table[key].Name} {Figures.Mm(hole.Quantity.Value)}", "Tables of threads and screws.");
        }

        var travel = r.Feet.Max(f => f.Travel);
        var need = travel + (2 * (r.TableHole.Reach + ShellReckoning.FootWall));
        yield return Judge.AtLeast("foot.slot", "foot along its slot", r.Along.Value, need, "The slots have plastic at both ends.",
            "The slots open at the ends of the feet: longer clamps.", Verdict.Stop, "Plane geometry.", ShellParameters.Along.To(Math.Ceiling(need),
                "Make the clamps {0}"));
        // A screw of the table, drawn as hard by hand, presses by F = T / (K d).
        var force = r.Bolt.Each.Value * Hardware.Diameter(brief.Parameters.Choice("screw")).Value / thread;
        double Bends(double foot) => 6 * force * r.Stations.Zip(r.Feet).Max(f => Math.Max(f.Second.Right - r.RightOf(f.First),
            r.LeftOf(f.First) - f.Second.Left))
            / ((r.Along.Value - r.TableHole.Bore) * foot * foot);
        var bears = r.Material?.Along.Value / PrintedMaterial.Safety;
        yield return Strength.Used("foot.bends", "feet under their screws", Bends(r.Foot.Value), bears, "MPa", "They bear screws drawn as hard as the others.",
            "They break where they leave the clamp: thicker feet.", "A cantilever, the slot left out (Roark; from memory); a third of the strength.",
            () => Strength.Best(new StrengthChoice("foot", "feet", r.Foot.Value, Math.Min(40, r.Stations.Min(r.FaceOf)), f => Bends(f) / bears!.Value)));
    }

    private static IEnumerable<Check> Borne(ShellReckoning r, Brief brief)
    {
        var screws = 2 * r.ScrewsAt.Count;
        var each = r.Bolt.Each.Value;
        var hold = r.Bolt.Lasting is { } lasting ? 2 * Friction * screws * lasting.Value * r.Stations.Count : (double?)null;
        yield return Strength.Used("holds", "holds against a push along it", r.Push.Value, hold, "N", "After a day it still holds the tool from sliding.",
            "The work pushes the tool through its clamps: more screws, drawn tighter, or rubber between.",
            "Friction above and below the handle; μ 0.2, common practice. Its shape helps, and is not counted.",
            () => brief.Parameters.Choice("screws") == "1" ? [new Remedy.Change("Take two screws on each side", new Dictionary<string,
                string> { ["screws"] = "2" })] : []);
        var stripped = r.Inserted ? InsertPull.Bears(brief.Parameters.Choice("screw"), r.Material)
            : CutThread.Bears(brief.Parameters.Choice("screw"), r.Takes.InThread, r.Material);
        yield return Strength.Used("strips", "what the screws bite into", each, stripped, "N", "It bears its screw.",
            "The screw pulls its thread out: longer thread, inserts, or draw it less tight.", r.Inserted ? InsertPull.By
                : CutThread.By,
            () => [.. r.Inserted ? Array.Empty<Remedy>() : [new Remedy.Change("Take heat-set inserts",
                new Dictionary<string, string> { ["bites"] = "insert" })], .. Gentler(brief.Parameters.Number("torque")!.Value * stripped!.Value / each)]);
        var (upright, net) = (r.Way.Key == "flat", (2 * r.Shell.Value * r.Along.Value) - (screws * Math.PI * r.Head.Recess * r.Head.Recess / 4));
        var along = r.Material is null ? (double?)null : (upright ? r.Material.Across.Value : r.Material.Along.Value) / PrintedMaterial.Safety;
        yield return Strength.Used("sides", "sides of the shell", screws * each / Math.Max(1, net), along, "MPa", "They bear what the screws draw.",
            "They tear beside the screws: a thicker shell.", "Force over area, less the holes of the heads; a third of the strength.");
        var s = r.Stations.MaxBy(s => s.Sides.Right - s.Sides.Left)!;
        double Crown(double shell) => 6 * screws * each * (s.Sides.Right - s.Sides.Left + shell) / 8 / (r.Along.Value * shell * shell);
        var bends = r.Material?.Along.Value / PrintedMaterial.Safety;
        yield return Strength.Used("crown", "upper half over the handle", Crown(r.Shell.Value), bends, "MPa", "It bears being drawn down on the handle.",
            "It breaks over the handle: a thicker shell, or longer clamps.",
                "A beam between its screws, pressed evenly (Roark; from memory); a third of the strength.",
            () => Strength.Best(new StrengthChoice("shell", "shell", r.Shell.Value, 60, t => Crown(t) / bends!.Value)));
        if (Evaluation.Of(r.Fit.Place, "balance") is { } balance && r.Stations.Count > 1)
        {
            var (from, to) = (r.Wanted.Min() - (r.Along.Value / 2), r.Wanted.Max() + (r.Along.Value / 2));
            var at = balance.Quantity.Value;
            yield return Judge.Of("balance", "balance of the tool", at >= from && at <= to, "It balances between its clamps.",
                "It balances beyond its clamps, and tips: move one of them, or hold the tool up there.", Verdict.Watch, Figures.Mm(at),
                $"{Figures.Mm(from)} to {Figures.Mm(to)}");
        }
        else
        {
            yield return Judge.Of("balance", "balance of the tool", false, "", "Not judged: where it balances is not read, or one clamp holds it alone.",
                Verdict.Watch, "not read",
                "between two clamps");
        }
    }

    private static IEnumerable<Remedy> Gentler(double torque) => Math.Floor(torque * 20) / 20 is >= 0.05 and var less
        ? [ShellParameters.Torque.To(less, FormattableString.Invariant($"Draw it with {less:0.##} N·m"))] : [];
}
