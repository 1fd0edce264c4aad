using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.FootSocket;

/// <summary>What is judged of a socket for a foot.</summary>
internal static class SocketChecks
{
    public static IEnumerable<Check> Of(SocketReckoning r)
    {
        yield return ReadingChecks.Of("foot.readings", "foot measured", r.Across.Place, r.Across.Of.Dimension);
        // Of a round or a block there are no points that could disagree.
        if (r.Across.Place.Kind.Item is not null)
        {
            yield return Judge.AtMost("foot.agrees", "outline against the width over all", Math.Abs(r.Foot.Across - r.Across.Counterpart.Value),
            Math.Max(1, r.Across.Counterpart.Value / 25), "The points are as wide as the foot.",
            "The points of its section are not as wide as the foot was read: one of them is wrong.", Verdict.Stop,
            "Common practice for points off a contour gauge, no published source.",
            new Remedy.Measure("Measure the width over all again", r.Across.Place.Id, r.Across.Of.Dimension));
        }

        yield return Judge.AtMost("floor.plate", "floor below the ears", r.Floor, r.Plate.Value - 0.4, "Its walls grow out of the plate.",
            "The floor comes up to the top of the ears: thicker ears, or a thinner floor.", Verdict.Stop, "Plane geometry.",
            FootSocketFamily.Plate.To(Math.Ceiling(r.Floor + 0.4), "Make the ears {0}"));
        yield return Judge.AtLeast("walls", "walls above the ears", r.Floor + r.Hold.Value - r.Plate.Value, 2, "They stand free of the plate.",
            "No wall stands above the ears: a deeper socket.", Verdict.Stop, "Plane geometry.",
            FootSocketFamily.Hold.To(Math.Ceiling(r.Plate.Value + 2 - r.Floor), "Make it {0} deep"));
        if (r.Tall is { } tall)
        {
            yield return Judge.AtMost("tall", "socket below the frame", r.Hold.Value, tall - 1, "The frame clears the walls.",
                "The frame comes down on the walls before the foot stands: a shallower socket.", Verdict.Stop, "Plane geometry.",
                FootSocketFamily.Hold.To(Math.Max(2, Math.Floor(tall - 1)), "Make it {0} deep"));
        }

        if (r.Lip is { } lip)
        {
            yield return Judge.AtLeast("mouth", "room between the lips", r.Mouth?.Across ?? 0, 2, "What stands on the foot passes between them.",
                "The lips meet over the foot: let them reach less far.", Verdict.Stop, "Plane geometry.");
            yield return Strength.Used("lip.lift", "lip, when it is lifted", r.Footing.Pull, LipBears(r, lip.Over.Value), "N", "The lip keeps the foot down.",
                "The lip breaks off when the machine is lifted or pushed: a thicker wall, or a lip that reaches less far.",
                "Cantilever on three sides of the foot (Roark); a third of the strength.", () =>
                    Strength.Best(new StrengthChoice("wall", "wall", r.Wall.Value, 40,
                    w => r.Footing.Pull / LipBears(r, lip.Over.Value, w)!.Value)));
            yield return Strength.Used("screws.lift", "screws, when it is lifted", r.Footing.Pull, r.Screws.Count * r.ScrewBears.Value, "N",
                "The screws keep it on the board.", "It is torn off the board: four screws, thicker ones, or a thicker board.",
                "Withdrawal from side grain, Wood Handbook, USDA FPL-GTR-282; from memory.");
        }
        else
        {
            yield return new("lifts", "kept down", r.Footing.Pull > 0 ? Verdict.Watch : Verdict.Good, r.Footing.Pull > 0
                ? "Nothing keeps the foot down here: the other places must hold the pull, or give the socket a lip."
                : "The machine's own weight keeps its feet down.", Strength.Said(r.Footing.Pull, "N"), "0 N without a lip", "Equilibrium of moments.",
                r.Footing.Pull > 0 && r.Tall is not null ? [new Remedy.Change("Give it a lip of 3 mm, and print it with its back down",
                    new Dictionary<string, string> { ["lip"] = "3", [WayUp.UsualBy] = "back" })] : []);
        }

        yield return Strength.Used("wall.push", "wall against a push", (r.WallUsed(r.Wall.Value) ?? 0) * 100, r.Material is null ? null : 100, "%",
            $"It bears {r.Footing.Side.Value:0} N from the side.", "A wall breaks at its foot when the machine is pushed.",
            "Cantilever pressed evenly (Roark); a third of the strength, " + (r.OnBack ? "along its lines." : "across its layers."), () =>
                Strength.Best(new StrengthChoice("wall", "wall", r.Wall.Value, 40, w => r.WallUsed(w)!.Value))
                    .Concat(r.OnBack ? [] : [new Remedy.Change("Print it with its back down", new Dictionary<string, string> { [WayUp.UsualBy] = "back" })]));
        // The push tips the socket about the ear beyond the foot; the screws of the other ear hold it.
        var tips = r.Footing.Side.Value * (r.Floor + (r.Hold.Value / 2)) / (r.HalfWide + r.Screws.Max(s => s.X)) / (r.Screws.Count / 2.0);
        yield return Strength.Used("screws.push", "screws against a push", tips, r.ScrewBears.Value, "N", "They keep it on the board.",
            "A push tears the ear's screws out of the board: two in each ear, or thicker ones.",
            "Equilibrium of moments; withdrawal from side grain, Wood Handbook, USDA FPL-GTR-282; from memory.");
        yield return r.Ear.WallCheck("ear.ends", "screw, to the ends", Math.Min(r.Front - r.Screws.Max(s => s.Y), r.Screws.Min(s => s.Y) - r.Back),
            new Remedy.Change("Take one screw in each ear", new Dictionary<string, string> { ["screws"] = "2" }));
        if (r.Screws.Count > 2)
        {
            yield return r.Ear.WallCheck("ear.apart", "screw, towards the next", HolePattern.Nearest(r.Screws) / 2,
                new Remedy.Change("Take one screw in each ear", new Dictionary<string, string> { ["screws"] = "2" }));
        }

        yield return r.Ear.SeatCheck("ear.seat", "screw", 2, FootSocketFamily.Plate.To(Math.Ceiling(r.Ear.Recess + 2), "Make the ears {0}"));
        yield return r.Screw.Check;
        foreach (var check in r.Ear.Checks)
        {
            yield return check;
        }
    }

    /// <summary>A lip that grows out of the wall on three sides of the foot, pressed at the middle of what reaches over it, N.</summary>
    private static double? LipBears(SocketReckoning r, double over, double? wall = null)
    {
        var (around, thick) = (r.Foot.Across + (2 * r.Foot.Along), wall ?? r.LipThick);
        return r.Material is null ? null : around * thick * thick / 6 / (over / 2) * r.Material.Along.Value / PrintedMaterial.Safety;
    }
}
