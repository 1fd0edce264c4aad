using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.TubeSaddle;

/// <summary>What is judged of a saddle.</summary>
internal static class SaddleChecks
{
    /// <summary>What must stay under the head of a screw that carries, mm.</summary>
    private const double UnderHead = 6;

    /// <summary>What the core of a soft steel screw bears before it stays bent, MPa.</summary>
    private const double Steel = 240;

    public static IEnumerable<Check> Of(SaddleReckoning r)
    {
        yield return ReadingChecks.Of("tube.readings", "tube measured", r.Bore.Place, r.Bore.Of.Dimension);
        yield return Judge.AtLeast("seat", "material under the screw's head", r.Crown.Value - r.Screw.Recess, UnderHead, "Enough stays under the head.",
            "The head pulls through: a thicker crown.", Verdict.Stop, "Common practice, no published source.",
            TubeSaddleFamily.Crown.To(Math.Ceiling(r.Screw.Recess + UnderHead), "Make the crown {0}"));
        yield return r.Screw.WallCheck("screw.sides", "screw, to the sides", r.HalfWide - r.Chamfer, TubeSaddleFamily.Wall.To(
            Math.Ceiling(r.Screw.Reach + 0.5 - r.Radius), "Make the wall {0}"));
        yield return r.Screw.WallCheck("screw.ends", "screw, to the ends", (r.Length.Value / 2) - r.At[^1],
            TubeSaddleFamily.Length.To(Math.Ceiling(2 * (r.At[^1] + r.Screw.Reach)), "Make it {0} long"));
        if (r.At.Count > 1)
        {
            yield return r.Screw.WallCheck("screw.apart", "screw, towards the next", r.At.Zip(r.At.Skip(1), (a, b) => b - a).Min() / 2,
                new Remedy.Change("Take one screw", new Dictionary<string, string> { ["screws"] = "1" }));
        }

        foreach (var check in r.Screw.Checks)
        {
            yield return check;
        }

        yield return r.Takes.Check;
        if (r.Hole is { } hole)
        {
            var screw = Hardware.Of("wood-screws", r.Size, "diameter", $"diameter of a {r.Size} wood screw").Value;
            yield return Judge.AtLeast("hole", "hole of the tube", hole.Value, screw + 0.2, "The screw passes the tube.",
                "The screw does not pass the holes of the tube: a thinner one.", Verdict.Stop, "Plane geometry.");
        }

        yield return Judge.AtLeast("air", "air under the tube", r.Air.Value, r.Block ? 2 : 0, r.Block ? "There is room for a block." : "The tube stands free.",
            "The tube comes down on the board: less to give, or no block.", Verdict.Stop, "Stack of heights.");
        foreach (var check in Together(r))
        {
            yield return check;
        }

        if (r.Block)
        {
            yield return Judge.AtMost("stack", "doubt of the height", 2 * r.Air.StandardUncertainty, r.Give.Value, "The rubber takes up what is in doubt.",
                "Block and feet will not both stand: measure the air again, or file the block.", Verdict.Watch, "Stack of heights, k = 2.");
        }
        else if (r.Air.Value >= 0)
        {
            yield return Strength.Used("bends", "screw that crosses the air", r.Bends, Steel, "MPa", "A push at the table does not bend it.",
                "A push at the table bends the screws in the air: put a block under the tube, or take thicker screws.",
                "Beam clamped at both ends (Roark), core 0.7 of the screw; 240 MPa for soft steel, common practice.",
                () => [new Remedy.Change("Put a block under the tube", new Dictionary<string, string> { ["under"] = "block" })]);
        }

        yield return Strength.Used("pull", "screws, when it is pushed or lifted", r.Footing.Pull, r.At.Count * r.Bears.Value, "N",
            r.Footing.Tips.Value <= 0 ? "They keep it on the board; against the push its weight alone is enough." : "They keep it on the board.",
            "It is torn off the board: thicker screws, more of them, or a thicker board.",
            "Equilibrium of moments; withdrawal from side grain, Wood Handbook, USDA FPL-GTR-282; from memory.");
        var head = Hardware.Of("wood-screws", r.Size, "head", $"head of a {r.Size} wood screw").Value;
        double? Holds(double crown) => r.Material is null ? null : r.At.Count * Math.PI * head * Math.Max(0, crown - r.Screw.Recess)
            * r.Material.Across.Value / 2 / PrintedMaterial.Safety;
        yield return Strength.Used("head", "crown under the heads", r.Footing.Pull, Holds(r.Crown.Value), "N", "The heads do not pull through.",
            "The heads pull through the crown: make it thicker.", "Shear around the head, half of the strength across layers; a third of that.",
            () => Strength.Best(new StrengthChoice("crown", "crown", r.Crown.Value, 60, c => r.Footing.Pull / Holds(c)!.Value)));
        yield return Strength.Used("spread", "pressure on the tube", r.Footing.Pull / (2 * Math.Sqrt((r.Radius * r.Radius) - (r.Low * r.Low)) * r.Length.Value),
            r.Material?.Along.Value * 2 / PrintedMaterial.Safety, "MPa", "The saddle spreads the pull over the tube.",
            "Too little of it lies on the tube: make it longer, or reach further around.", "Force over the area below it; two thirds of the strength.");
    }

    /// <summary>Whether both rows stand at one height.</summary>
    private static IEnumerable<Check> Together(SaddleReckoning r)
    {
        if (r.Lift is not { } lift)
        {
            yield break;
        }

        if (lift.Pads)
        {
            yield return Judge.AtMost("level", "doubt between pad and sockets", 2 * lift.By.StandardUncertainty, r.Give.Value,
                "Pads and sockets lift all feet alike, as far as their rubber tells.", "Pads and sockets may differ by more than the rubber gives: measure the "
                    + "printed socket's floor.", Verdict.Watch, "Stack of heights, k = 2.");
        }
        else
        {
            yield return Judge.AtMost("level", "one row higher than the other", lift.By.Value, Math.Max(r.Give.Value, r.Between / 200),
                "So little over that distance is no harm.", "The machine leans towards this row: stand its feet on pads as high.", Verdict.Watch,
                "One in two hundred, or what the rubber gives; common practice, no published source.",
                new Remedy.Change("Stand the feet here on pads", new Dictionary<string, string> { ["feet"] = "pads" }));
        }
    }
}
