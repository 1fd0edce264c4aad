using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.HoseCarrier;

/// <summary>A carrier that turns: its screw is drawn tight on a bush, a little longer than what turns on it, under a washer.</summary>
/// <param name="Outside">Of the bush, as drawn.</param>
/// <param name="Inside">Of the bush, as drawn.</param>
/// <param name="Long">Of the bush.</param>
/// <param name="Washer">Outside of the washer, mm.</param>
/// <param name="Joint">In the carrier's back: the bush's hole, and the recess of washer and head.</param>
/// <param name="InPlace">The bush that is printed in its hole; <c>null</c> where it is a piece of its own.</param>
internal sealed record Swivel(Quantity Outside, Quantity Inside, Quantity Long, double Washer, Joint Joint, Captive? InPlace)
{
    /// <summary>Of the carrier under washer and head where a bush is printed in place: room for its belly, mm.</summary>
    public const double UnderInPlace = 6;

    /// <summary>How far out a hose is led by hand, mm, and what that may take, N; what plastic bears where it slides slowly and dry, MPa.</summary>
    private const double Led = 100, Easy = 3, Slides = 1;

    /// <summary>Between washer and carrier along the screw, mm.</summary>
    private static readonly Quantity EndPlay = Quantity.RuleOfThumb("end play", 0.4, Unit.Millimetre, "So much stays free when the screw is tight.");

    /// <summary>How deep washer and head are sunk, mm.</summary>
    public static double Sunk(string size) => Hardware.Of("cap-screws", size, "height", "height of a head").Value
        + Hardware.Of("washers", size, "thickness", "washer").Value + EndPlay.Value + 0.3;

    /// <summary>Reckons it.</summary>
    /// <param name="brief">What was asked.</param>
    /// <param name="size">Of the screw.</param>
    /// <param name="back">Of the carrier, along the screw, mm.</param>
    /// <param name="lie">How the carrier's hole stands while it is printed.</param>
    /// <param name="ledger">Takes the figures.</param>
    public static Swivel Of(Brief brief, string size, double back, HoleLie lie, Ledger ledger)
    {
        var (scope, bush) = (PartBodies.Scope(brief, ledger, "screw", "screw"), new JointScope(ledger, brief.FitsOf("bush"), "bush", "bush"));
        var wall = Quantity.RuleOfThumb("wall of the bush", 1.6, Unit.Millimetre, "Thinner, it is crushed by the screw.");
        var inside = bush.Drawn("inside", "inside", Hardware.Passing(size, "fine"), Surface.HoleUpright);
        var wanted = bush.Add("outside.wanted", "outside, finished", Hardware.Passing(size, "fine") + (2 * wall), "The carrier turns on it.");
        var outside = bush.Add("outside", "outside, drawn", SizeLaw.Drawn(wanted, Surface.OutsideRound, brief.FitsOf("bush")),
            "Drawn so that it prints at that size.");
        var moving = FitClasses.Of("moving");
        var hole = scope.Drawn("hole", "hole on the bush", wanted + Quantity.RuleOfThumb("clearance of what turns", moving.Clearance, Unit.Millimetre,
            FitClasses.Basis), lie.Surface());
        var washer = Hardware.Of("washers", size, "outside", $"{Hardware.Name(size)} washer").Value;
        var recess = scope.Drawn("counterbore", "recess of the washer", Quantity.Chosen("washer", washer, Unit.Millimetre, "its table")
            + Quantity.RuleOfThumb("room around a washer", 0.6, Unit.Millimetre, "It must not rub."), lie.Surface());
        var sunk = Sunk(size);
        var length = bush.Add("long", "length", Quantity.Chosen("back under the washer", back - sunk, Unit.Millimetre, "this family") + EndPlay,
            "What turns on it, and its end play.");
        if (brief.Parameters.Choice("turns") == "inPlace")
        {
            var free = Quantity.RuleOfThumb("gap of what is printed in place", moving.Clearance / 2, Unit.Millimetre, FitClasses.Basis);
            var gap = scope.Drawn("gap", "gap around the bush", free, Surface.GapInPlace);
            // As drawn, less what the process is known to do to it: that alone is in doubt.
            var comes = scope.Add("gap.comes", "gap to expect", gap.Fixed("gap, drawn", "this design") - (gap - free), "With the doubt of the process.");
            var (end, wide) = (wanted.Value / 2, Math.Min((gap.Value * Math.Sqrt(2)) + 1, ((back - sunk) / 2) - 0.3));
            var captive = new Captive(end, wide, gap, comes, -back, -sunk);
            return new(outside, inside, length, washer, new()
            {
                Bore = 2 * (end + captive.Aside),
                Cut = HoleShape.Cut(recess.Value, -sunk, ScrewHole.Over, lie) + captive.Hole(),
                Sleeves = [new(HoleShape.Rise(recess.Value, lie), -sunk, 0, scope.LeastWall),
                        new(end + wide + captive.Aside, -back, -sunk, scope.LeastWall)],
                Recess = sunk,
            }, captive);
        }

        return new(outside, inside, length, washer, new()
        {
            Bore = hole.Value,
            Cut = HoleShape.Cut(recess.Value, -sunk, ScrewHole.Over, lie) + HoleShape.Cut(hole.Value, -back - ScrewHole.Over, ScrewHole.Over, lie),
            Sleeves = [new(HoleShape.Rise(recess.Value, lie), -sunk, 0, scope.LeastWall), new(HoleShape.Rise(hole.Value, lie), -back, 0, scope.LeastWall)],
            Recess = sunk,
        }, null);
    }

    public static IReadOnlyList<WayUp> Ways { get; } = [new("upright", "standing", 0, "It is only pressed.", "Round it comes out best upright.")];

    /// <summary>The bush, standing in the carrier.</summary>
    public Piece Bush(CarrierReckoning r) => new("bush", "bush", () => new Solid.Cylinder(Outside.Value / 2, Long.Value)
        - new Solid.Cylinder(Inside.Value / 2, Long.Value + 2).At(0, 0, -1), Ways, "upright")
    {
        WayBy = null,
        Pose = new(-90, 0, 0, new(0, -r.Outer - r.Pad, r.Height.Value / 2)),
        Says = "The screw is drawn tight on it, and the carrier still turns.",
    };

    public static Motion Turning(CarrierReckoning r) => new("turn", "the carrier", [Piece.Main, "machine-hose"],
        [MotionStep.Around(Axis.Y, new(0, 0, r.Height.Value / 2), 180)], [new(0, "one way"), new(0.5, "across"), new(1, "the other way")]);

    /// <summary>The bush in its hole, as it is printed with the carrier.</summary>
    public Body Within(CarrierReckoning r) => new("bush", "bush", () => CarrierShape.Placed(r, InPlace!.Bush(Inside.Value / 2, EndPlay.Value), r.Holes[0]));

    public IEnumerable<Gauge> Gauges(CarrierReckoning r)
    {
        if (InPlace is { } captive)
        {
            // Just above the bed, where both cones have widened by as much.
            const double Over = 0.1;
            Point3 at = new(0, -r.Outer - r.Pad + Over, (r.Height.Value / 2) + 0.01);
            yield return new("part", "hole around the bush", 2 * (captive.End + captive.Aside + Over), at, Axis.X);
            yield return new("bush", "bush at its end", 2 * (captive.End + Over), at, Axis.X, Jaws.Over);
            yield break;
        }

        yield return new("bush", "outside", Outside.Value, new(0, 0.01, Long.Value / 2), Axis.X, Jaws.Over);
        yield return new("bush", "length", Long.Value, new(0.01, (Outside.Value + Inside.Value) / 4, 0.5), Axis.Z, Jaws.Over);
    }

    public IEnumerable<Check> Checks(Load load, WayUp way)
    {
        // What hangs on it: under the washer, or on the belly of the bush.
        var (outer, inner) = InPlace is { } captive ? (2 * (captive.End + captive.Belly), Joint.Bore) : (Washer, Joint.Bore);
        var (ring, rubs) = (Math.PI / 4 * ((outer * outer) - (inner * inner)), (outer + inner) / 4);
        foreach (var check in InPlace?.Checks(way) ?? [])
        {
            yield return check;
        }

        if (ring <= 0 && InPlace is not null)
        {
            // Nothing keeps it: that was said.
            yield break;
        }

        if (ring <= 0)
        {
            yield return new("turns.washer", "washer over the bush", Verdict.Stop, "The washer goes through the hole of the bush: take a larger one.",
                Figures.Mm(Washer), $"more than {Figures.Mm(Joint.Bore)}", "Tables of washers.", []);
            yield break;
        }

        yield return Strength.Used("turns", "force that turns it", HoseCarrierFamily.Friction * load.Weight.Value * rubs / Led, Easy, "N",
            "The hose turns it by its own pull.", "It is too heavy to follow the hose.",
            $"Friction where it turns; led {Led:0} mm out, {Easy:0} N; common practice, no published source.");
        yield return Strength.Used("wears", "pressure where it turns", load.Weight.Value / ring, InPlace is null ? Slides : Slides / 2, "MPa",
            "It does not wear out soon.",
            "It wears where it turns: a thicker screw, or two carriers.",
                "Force over area; slow and dry, plastic bears 1 MPa on steel, half of it on plastic; common practice.");
    }
}
