using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.Bracket;

/// <summary>Judgements of a bracket: that its parts fit beside each other, and that it bears its load.</summary>
internal static class BracketChecks
{
    public static IEnumerable<Check> Of(BracketReckoning r, Brief brief)
    {
        const string Beam = "Cantilever; second moments by parallel axes (Shigley; from memory). A third of the strength.";
        var (arm, force, lever) = (r.Arm, r.Load.Weight.Value, r.Lever);
        yield return Room("near", "holes to the mount", r, r.Middle.Near.Value, r.Holes.Near, r.NearScrew, r.RibReach.Value, BracketFamily.NearDown);
        yield return Room("far", "holes to the load", r, r.Middle.Far.Value, r.Holes.Far, r.FarScrew, r.RibReach.Value, BracketFamily.Reach);
        if (HolePattern.Taken(brief, "near") is not null && BracketFamily.Mounts.Count(brief.Interfaces.ContainsKey) is > 0 and var unserved)
        {
            yield return new("mounts.taken", "mounts it must serve", Verdict.Watch,
                "Its holes are taken from the other part: whether it meets these mounts is not judged.",
                $"{unserved} named", "none beside taken holes", "One thing for both parts.", []);
        }

        if (r.Holes.Near.Count > 1)
        {
            yield return Apart("near", "holes to the mount", r.Holes.Near, r.NearScrew);
        }

        if (r.Holes.Far.Count > 1)
        {
            yield return Apart("far", "holes to the load", r.Holes.Far, r.FarScrew);
        }

        foreach (var check in BesideRibs(r))
        {
            yield return check;
        }

        yield return Judge.AtLeast("arm.long", "load over the far plate", r.Load.Arm.Value, r.Thick.Value + 1, "The load hangs out from the mount.",
            "The load stands in the mount: say how far out it is.");
        var (stress, at) = lever > 0 ? arm.Worst(force, lever) : (0, 0);
        IEnumerable<Remedy> Stronger() => Strength.Best(
        [
            .. brief.Taken.ContainsKey("thick") ? Array.Empty<StrengthChoice>()
                : [new("thickness", "plates", r.Thick.Value, 40, t => Used(arm with { Thick = t }, Math.Max(0, r.Load.Arm.Value - t)))],
            .. r.Ribs == 0 ? Array.Empty<StrengthChoice>()
                : [new("ribReach", "ribs", r.RibReach.Value, Math.Min(r.Middle.Near.Value, r.Middle.Far.Value) - 12, h =>
                    Used(r.Ribbed(h), lever))],
        ]);
        double Used(RibbedArm of, double over) => of.Worst(force, over).Stress / r.Bears!.Value;
        yield return Strength.Used("bends", at < 3 ? "bending at the corner" : "bending where the ribs end", stress, r.Bears, "MPa",
            "The arm bears its load.", "The arm breaks there.", Beam, Stronger);
        if (r.Ribs > 0)
        {
            yield return Strength.Used("buckles", "ribs under pressure", stress, r.Material is { } m ? arm.Buckles(m.Stiffness.Value) / 2 : null, "MPa",
                "The ribs stay straight.",
                "The ribs are too thin for their height: they fold.", "A plate with one free edge (Roark; from memory), half of it allowed.",
                () => [new Remedy.Change("Give them two lines more",
                    new Dictionary<string, string> { ["ribLines"] = Figures.Number(Math.Round(r.RibThick.Value / brief.Process.LineWidth) + 2) })]);
        }

        if (r.Material is { } known)
        {
            var sag = r.Sag(arm, known);
            var most = Math.Max(1, r.Load.Arm.Value / 100);
            yield return Judge.AtMost("sags", "sag under the load", sag, most,
                "It stays straight to the eye; over months it creeps to two or three times that.",
                "It sags visibly, and more over months.", Verdict.Watch,
                    "Sum of M²/EI along the arm (Castigliano); one hundredth of the arm, common practice.");
        }

        // Tipping about the lower edge of the near plate, its screws hold what the load pulls away above.
        var held = r.NearLength - r.Middle.Near.Value;
        var pull = r.Load.Moment.Value / Math.Max(1, held) / r.Holes.Near.Count;
        yield return Strength.Used("pull", "pull on a screw of the mount", pull / r.NearScrew.Area,
            r.Material?.Along.Value * 2 * r.Load.Left.Value / PrintedMaterial.Safety, "MPa",
            $"Each screw holds {pull:0} N, and its head does not sink in.",
            $"Each screw would have to hold {pull:0} N: move the holes up, away from the lower edge, or take more.",
            "Moments about the lower edge; force over area.");

        yield return Judge.Of("way", "layers and load", r.OnSide, "Lines run out along the arm and round the corner.",
            "Layers lie across the near plate: it splits at the corner.",
            Verdict.Watch, r.Way.Name, "on its side", "Common practice, no published source.",
                new Remedy.Change("Print it on its side", new Dictionary<string, string> { ["wayUp"] = "side" }));
        if (!r.OnSide)
        {
            yield return Judge.Of("way.flat", "face on the bed", Math.Abs(r.Angle.Value - 90) < 1e-9, "The far face lies on the bed.",
                "At this angle the near plate leans while it prints.",
                Verdict.Watch, Figures.Degrees(r.Angle.Value), "90°");
        }

        yield return r.Load.Heat(brief.Process);
        var (width, high) = (Math.Max(r.FarLength, r.Thick.Value), r.NearLength);
        yield return BedCheck.Of(width, high + Math.Max(0, r.Out.Y * r.FarLength), r.Wide, r.Way, brief.Process);
    }

    private static Check Room(string side, string what, BracketReckoning r, double middle, IReadOnlyList<Point2> holes, BracketScrew screw,
        double ribs, Decision<Quantity> by)
    {
        var corner = side == "near" ? -r.InnerCorner.Y : (r.InnerCorner.X * r.Out.X) + (r.InnerCorner.Y * r.Out.Y);
        var least = corner + holes.Max(h => Math.Abs(h.Y)) + screw.Keeps + (r.Ribs == 3 && holes.Any(h => Math.Abs(h.X) < screw.Keeps) ? ribs : 0);
        return Judge.AtLeast($"{side}.room", $"{what}, from the corner", middle, least, "A screwdriver reaches them.", "A head does not fit into the corner.",
            Verdict.Stop, "Plane geometry.",
            by.To(Math.Ceiling(least), "Set them {0} from it"));
    }

    private static Check Apart(string side, string what, IReadOnlyList<Point2> holes, BracketScrew screw)
    {
        var nearest = HolePattern.Nearest(holes);
        var least = Math.Max(2 * screw.Hole.Reach, screw.Head + 0.5);
        return Judge.AtLeast($"{side}.apart", $"{what}, from each other", nearest, least, "There is material between them.",
            "They run into each other, or their heads do.", Verdict.Stop,
            "Boss rules of common practice, no published source.", new Remedy.Change($"Set them {Figures.Mm(Math.Ceiling(least))} apart",
                new Dictionary<string, string> { [$"{side}Spacing"] = Figures.Number(Math.Ceiling(least)) }));
    }

    /// <summary>Heads need room beside the ribs, which stand at the edges.</summary>
    private static IEnumerable<Check> BesideRibs(BracketReckoning r)
    {
        if (r.Ribs == 0)
        {
            yield break;
        }

        var (corner, o) = (r.InnerCorner, r.Out);
        var most = Math.Min(r.NearLength + corner.Y, r.FarLength - ((corner.X * o.X) + (corner.Y * o.Y))) - 2;
        yield return Judge.AtMost("ribs.long", "ribs along the plates", r.RibReach.Value, most, "The ribs end on the plates.",
            "The ribs reach past a plate.", Verdict.Stop,
            "Plane geometry.", most < 3 ? [] : [BracketFamily.RibReach.To(Math.Floor(most), "Let them reach {0}")]);
        yield return Judge.Of("ribs.print", "ribs while printing", r.Ribs == 1 || !r.OnSide, "Every rib has the bed or a plate under it.",
            "On its side all ribs but the lowest hang in the air across the corner.", Verdict.Stop,
            r.Ribs == 1 ? "one rib" : $"{r.Ribs} ribs", "one rib, or far face down",
            "Plane geometry.", new Remedy.Change("Take one rib", new Dictionary<string, string> { ["ribs"] = "one" }),
            new Remedy.Change("Print it far face down", new Dictionary<string, string> { ["wayUp"] = "far" }));
        var stands = BracketShape.RibsAt(r);
        var clear = r.Holes.Near.Select(h => (Hole: h, Screw: r.NearScrew)).Concat(r.Holes.Far.Select(h => (Hole: h, Screw: r.FarScrew)))
            .Min(s => stands.Min(z => Math.Abs(s.Hole.X - z)) - (r.RibThick.Value / 2) - (s.Screw.Head / 2));
        yield return Judge.AtLeast("ribs.heads", "heads beside the ribs", clear, 0.3, "Heads lie beside the ribs.",
            "A head meets a rib: thinner ribs, fewer, or holes further in.",
            Verdict.Stop, "Plane geometry.", r.Ribs > 1 ? [new Remedy.Change("Take one rib", new Dictionary<string, string> { ["ribs"] = "one" })]
                : [new Remedy.Change("Take no ribs", new Dictionary<string, string> { ["ribs"] = "none" })]);
    }
}
