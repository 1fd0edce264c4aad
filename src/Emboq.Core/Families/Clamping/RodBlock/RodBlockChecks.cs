using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.RodBlock;

/// <summary>What is judged of a block on rods.</summary>
internal static class RodBlockChecks
{
    private const double Friction = 0.2;

    public static IEnumerable<Check> Of(RodBlockReckoning r, ParameterValues p)
    {
        var (force, count) = (r.Holding, r.At.Count * r.Rods.Count);
        yield return ReadingChecks.Of("rod.readings", "rods measured", r.Bore.Place, "diameter");
        var least = r.Radius + r.Insert.Depth + 2;
        var wanted = Math.Ceiling(p.Number("axisHeight")!.Value + least - r.Top.Value);
        yield return Judge.AtLeast("top", "top over the rods", r.Top.Value, least, "What is let in on top has its depth above the rods.",
            "What is let in on top would come down on a rod: a greater height, or a lower thing on it.", Verdict.Stop, "Plane geometry.",
            new Remedy.Change($"Want {Figures.Mm(wanted)}", new Dictionary<string, string> { ["axisHeight"] = Figures.Number(wanted) }));
        yield return Judge.AtMost("axis.doubt", "doubt of the height", 2 * r.Axis.StandardUncertainty, 0.5, "Shims are hardly needed.",
            "Leave it a little low, and shim it.", Verdict.Watch,
            "Stack of heights, k = 2.");
        if (r.Centres is { } between)
        {
            yield return Judge.AtLeast("between", "plastic between the bores", between.Value - (2 * r.Radius), 4, "Enough stays between the rods.",
                "The rods are too near each other for a wall between.", Verdict.Stop, "Common practice, no published source.");
        }

        yield return Judge.AtLeast("straight", "long enough to slide straight", r.Length.Value, r.Centres is { } apart ? apart.Value / 2
            : 2 * r.Bore.Drawn.Value, "It does not jam askew.",
            "A block so short on rods so far apart jams askew.", Verdict.Watch, "The drawer rule; common practice, no published source.",
            RodBlockFamily.Length.To(Math.Ceiling(r.Centres is { } wide ? wide.Value / 2 : 2 * r.Bore.Drawn.Value), "Make it {0} long"));
        foreach (var check in r.Pinch is { } pinch ? Pinched(r, pinch) : Set(r))
        {
            yield return check;
        }

        yield return r.Insert.WallCheck("insert.wall", $"{What(r)}, to the sides", Math.Min(r.Length.Value / 2, r.HalfWide - r.Inserts[^1]),
            RodBlockFamily.Length.To(Math.Ceiling(2 * r.Insert.Reach), "Make it {0} long"));
        if (r.Inserts.Count > 1)
        {
            yield return r.Insert.WallCheck("insert.apart", $"{What(r)}, towards the other", r.Inserts[1],
                new Remedy.Change($"Set them {Figures.Mm(Math.Ceiling(2 * r.Insert.Reach))} apart",
                new Dictionary<string, string> { ["insertSpacing"] = Figures.Number(Math.Ceiling(2 * r.Insert.Reach)) }));
        }

        if (r.Printed)
        {
            yield return Strength.Used("top.strips", "printed thread on top", r.Load.Weight.Value, r.TopStrips, "N", "It bears what hangs on it.",
                "What hangs on it strips the printed thread: inserts bear more.",
                "Shear at the screw's major diameter, less what the clearance takes (FED-STD-H28, from memory); a sixth of the strength.",
                () => [new Remedy.Change("Take inserts", new Dictionary<string, string> { ["thread"] = "insert" })]);
        }

        else if (r.Slot is null)
        {
            yield return Strength.Used("top.pull", "pull on the inserts", r.Load.Weight.Value, InsertPull.Bears(r.InsertSize, r.Material) * r.Inserts.Count
                * r.Load.Left.Value, "N", "They stay in, though they are pulled the way they went in.",
                "The load pulls them out the way they went in: larger ones, or two.", InsertPull.By);
        }

        if (r.Centres is { } spread)
        {
            // On lying rods about the nearer one; on upright ones by pressure that grows from the middle of the block to its ends.
            foreach (var check in Lifted(r, p.Choice("stands") == "upright" ? 1.5 * r.Load.Moment.Value / r.Length.Value / 2
                : Math.Max(0, r.Load.Moment.Value / spread.Value - (r.Load.Weight.Value / 2))))
            {
                yield return check;
            }
        }

        foreach (var check in r.Thread.Checks.Concat(r.Insert.Checks).Concat(r.Slot?.Checks(r) ?? []))
        {
            yield return check;
        }

        yield return Strength.Used("strips", "thread in the plastic", r.Bolt.Each.Value, r.Strips, "N", "The thread bears its screw.",
            "The thread strips: more plastic along it, or draw it less tight.",
            CutThread.By, () => r.Pinch is not null ? []
                : Strength.Best(new StrengthChoice("boss", "plastic along the set screws", r.Aside.Value, 60,
                    b => r.Bolt.Each.Value / r.Strips!.Value * r.Aside.Value / b)));
        yield return Strength.Used("holds", p.Choice("stands") == "upright" ? "holds against sliding down"
            : "holds against a push along the rods", r.Load.Weight.Value,
            force is { } f ? 2 * Friction * f * count : null, "N", "After a day it still stays where it was put.",
            "It slides: take two screws on each rod, or draw them tighter.", Rubs(r));
        if (r.Centres is null)
        {
            yield return Strength.Used("turns", "holds against turning", r.Load.Moment.Value, force is { } t
                ? Friction * t * count * r.Bore.Counterpart.Value : null, "N·mm",
                "After a day it still does not turn on its rod.", "On one rod the load turns it: take two rods, or draw it tighter.", Rubs(r));
        }
    }

    /// <summary>What is let in on top, as the maker calls it.</summary>
    private static string What(RodBlockReckoning r) => r.Slot is not null ? "slot" : r.Printed ? "thread" : "insert";

    private static string Rubs(RodBlockReckoning r) => r.Pinch is null ? "Friction under the tips and opposite them; μ 0.2, common practice."
        : "Friction under the lip and opposite it; a rod bears no less than what the screws do not spend on the lip (statics of a prop); "
            + "μ 0.2, common practice.";

    private static IEnumerable<Check> Set(RodBlockReckoning r)
    {
        yield return r.Thread.WallCheck("set.wall", "set screw, to the ends", r.Length.Value / 2 / r.At.Count, LongerFor(r, r.Thread));
        yield return r.Thread.WallCheck("set.below", "set screw, below", -r.Low,
            RodBlockFamily.Wall.To(Math.Ceiling(r.Thread.Reach - r.Radius + 0.5), "Make the wall {0}"));
    }

    /// <summary>A load far out lifts the block off a rod: what goes around that rod holds it.</summary>
    private static IEnumerable<Check> Lifted(RodBlockReckoning r, double force)
    {
        const string Says = "The load pulls the block off a rod: a longer block, a smaller arm, or rods farther apart.";
        if (r.Pinch is not null)
        {
            yield return Strength.Used("lifts", "lip under a lifted rod", force, r.Holding * r.At.Count, "N", "The screws press harder than the load lifts.",
                Says,
                "Moments; against what the screws press after a day.");
            yield break;
        }

        double Bends(double wall) => 6 * force * 2 * r.Radius / (8 * r.Length.Value * wall * wall);
        var bears = r.Material?.Along.Value * r.Load.Left.Value / PrintedMaterial.Safety;
        yield return Strength.Used("lifts", "wall under a lifted rod", Bends(r.Wall.Value), bears, "MPa", "It holds the rod that the load lifts it from.", Says,
            "Moments; the wall as a beam held at both ends, the rod in its middle (Shigley; from memory). A third of the strength.",
            () => Strength.Best(new StrengthChoice("wall", "wall", r.Wall.Value, 40, w => Bends(w) / bears!.Value)));
    }

    private static Remedy LongerFor(RodBlockReckoning r, Joint joint) =>
        RodBlockFamily.Length.To(Math.Ceiling(2 * r.At.Count * joint.Reach), "Make it {0} long");

    private static IEnumerable<Check> Pinched(RodBlockReckoning r, Pinch pinch)
    {
        const string Source = "A cantilever, propped by the rod once it touches (Roark, from memory); the rod against the top of its bore.";
        var (screw, n, wall) = (pinch.Hole + r.Thread, r.At.Count, r.Wall.Value);
        yield return screw.WallCheck("pinch.ends", "screw, to the ends", r.Length.Value / 2 / n, LongerFor(r, screw));
        yield return screw.WallCheck("pinch.wall", "screw, to bore and side", r.Aside.Value / 2,
            RodBlockFamily.Ear.To(Math.Ceiling(2 * screw.Reach), "Make it {0} beyond the bore"));
        var most = r.Centres is { } apart ? (apart.Value / 2) - 2 : r.HalfWide - 4;
        yield return Judge.AtMost("pinch.root", "slit past the rod", pinch.Root.Value, most, "The block holds together past it.",
            "It cuts the block in two: a shorter slit.", Verdict.Stop, "Plane geometry.", most < 4 ? []
                : [RodBlockFamily.Root.To(Math.Floor(most), "Let the slit run in {0}")]);
        var low = Math.Floor(9 * r.Radius) / 10;
        yield return Judge.AtMost("pinch.low", "slit under the rod", pinch.Slit.Value, 0.9 * r.Radius, "More than half of the bore is left to hold the rod.",
            "It reaches up to the rod's middle, and the bore no longer holds it: a narrower slit.", Verdict.Stop, "Plane geometry.",
            low < 0.6 ? [] : [RodBlockFamily.Slit.To(low, "Make the slit {0}")]);
        yield return r.Bolt.Bearing("pinch.presses", "washer", pinch.Bearing, r.Material);
        yield return pinch.Takes.Check;
        var (all, play, stiff) = (n * r.Bolt.Each.Value, r.Bore.Realised.Value, r.Material?.Stiffness.Value ?? 0);
        double Spent(double thick) => (pinch.Lip with { Thick = thick }).Closing(play, stiff);
        double Bends(double thick) => Spent(thick) is var shut ? (pinch.Lip with { Thick = thick }).Stress(shut, Math.Max(0, all - shut)) : 0;
        yield return Strength.Used("pinch.shuts", "bringing the lip to the rod", pinch.Shut ?? 0, pinch.Shut is null ? null : all / 2, "N",
            "Most of the screws' force is left to hold.", "More than half of the screws' force only bends the lip: a thinner lip, or a longer slit.", Source,
            () => Strength.Best(new StrengthChoice("under", "lip", wall, 1.2, t => Spent(t) / (all / 2))));
        var bears = r.Material?.Along.Value / PrintedMaterial.Safety;
        yield return Strength.Used("pinch.bends", "lip, bending", Bends(wall), bears, "MPa", "It bears being drawn tight.",
            "The lip breaks: thicker, a longer block, or draw the screws less.", $"{Source} A third of the strength along its lines.",
            () => Strength.Best(new StrengthChoice("under", "lip", wall, 40, t => Bends(t) / bears!.Value)));
        if (pinch.Shut is { } spent)
        {
            var rise = pinch.Lip.Rise(spent, Math.Max(0, all - spent), stiff);
            yield return Judge.AtLeast("pinch.open", "slit left when it is tight", pinch.Slit.Value - rise, 0.3,
                "The lip presses on the rod, and not on the block.",
                "The slit is shut before the screws are tight: a wider slit, or a thicker lip.", Verdict.Stop, Source,
                RodBlockFamily.Slit.To(Math.Ceiling((rise + 0.3) * 10) / 10, "Make the slit {0}"));
        }

        if (r.SlitTop + r.Thread.Depth > r.Top.Value - r.Insert.Depth)
        {
            var near = r.Slot is { Across: true } ? 0 : r.Inserts.SelectMany(x => r.At.Select(y => Math.Sqrt(Math.Pow(r.PinchAt - x, 2)
                + (r.Slot is null ? y * y : 0)))).Min();
            yield return Judge.AtLeast("pinch.apart", $"{What(r)} on top, from the screws", near, r.Thread.Reach + r.Insert.Reach, "They pass each other.",
                "Both would be in the same plastic: a greater height, or more beyond the bore.");
        }
    }
}
