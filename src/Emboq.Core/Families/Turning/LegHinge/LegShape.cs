namespace Emboq.Core.Families.Turning.LegHinge;

/// <summary>The solids of a folding leg hinge.</summary>
internal static class LegShape
{
    public static IReadOnlyList<Piece> Pieces(LegReckoning r, string? mark)
    {
        List<Piece> pieces =
        [
            new(Piece.Main, "hinge", () => PartBodies.Marked(Hinge(r, 0), mark, letters => letters.Rolled(-90).At(-r.Outside, r.BackEnd + (r.Back.Value / 2),
                r.PivotZ - (r.Down.Value / 2)), Math.Min(r.Down.Value - 4, 1.6 * r.Back.Value)), LegHingeFamily.Ways, r.Way.Key)
            {
                Pattern = [.. r.Screws.Select(s => new PatternHole(s.X, s.Y, r.Screw.Bore, HoleUse.Passing, "table"))],
                Walls = [.. r.Screws.Select((s, i) => ($"screw {i + 1}", Placed(r.Screw.Zone, s, -r.Plate.Value))), .. Bolts(r, j => j.Zone).Select((z, i) =>
                    ($"bolt {i + 1}", z))],
            },
        ];
        if (r.Passing == Passing.Over)
        {
            pieces.Add(new("second", "hinge of the other end", () => Hinge(r, r.Lower), LegHingeFamily.Ways, r.Way.Key) { MayDiffer = false, Pose = Far(r) });
        }

        if (r.Spring is { } spring)
        {
            pieces.Add(new("spring", "spring", () => Bar(r, spring), LegHingeFamily.SpringWays, "flat")
            {
                WayBy = null,
                MayDiffer = false,
                Pose = new(180, 90, 0, new(r.Outside + spring.Thick.Value, 0, r.PivotZ)),
            });
        }

        if (r.Turned.Value >= 0.5)
        {
            // It lies under the table beside the hinge, where it is laid while the screws are marked.
            pieces.Add(new("wedge", "wedge", () => Wedge(r), LegHingeFamily.WedgeWays, "flat")
            {
                WayBy = null,
                Pose = new(0, 0, 0, new(-r.Side - r.PlateLong.Value, r.BackEnd, -4)),
                Says = "It sets the turn while the screws are marked.",
            });
        }

        return pieces;
    }

    /// <summary>Where the hinge of the other end stands.</summary>
    private static Pose Far(LegReckoning r)
    {
        var (sin, cos) = Math.SinCos(r.Turned.Value * Math.PI / 180);
        return new(0, 0, 180, new(r.Folded.Between * sin, r.Folded.Between * cos, 0));
    }

    /// <summary>An outline in y and z, drawn along x.</summary>
    private static Solid Drawn(Profile outline, double from, double to) => new Solid.Extruded(outline, to - from).Spun(90).Rolled(90).At(from, 0, 0);

    private static Solid Box(double x0, double y0, double z0, double x1, double y1, double z1) => new Solid.Box(x1 - x0, y1 - y0, z1 - z0).At(x0, y0, z0);

    /// <summary>A joint along z turned so that its axis lies along x, entered from +x, its roof up as the hinge is printed.</summary>
    private static Solid Across(LegReckoning r, Solid joint, double x, Point2 at) => (r.OnBack ? joint.Rolled(90) : joint.Rolled(90).Tipped(-90))
        .At(x, at.X, at.Y);

    private static IEnumerable<Point2> BoltsAt(LegReckoning r) => r.Lock == LegLock.Bolt ? [new(0, r.PivotZ), r.LockAt] : [new(0, r.PivotZ)];

    /// <summary>Holes of the bolts, or what must stay around them, in both cheeks.</summary>
    private static IEnumerable<Solid> Bolts(LegReckoning r, Func<Joint, Solid> of) => BoltsAt(r).SelectMany(at => new[] { r.Outside, -r.Gap / 2 }.Select(x =>
        Across(r, of(r.Pivot), x, at)));

    /// <summary>A joint of a screw, entered from below.</summary>
    private static Solid Placed(Solid joint, Point2 at, double z) => joint.Rolled(180).At(at.X, at.Y, z);

    /// <summary>Plate, cheeks, back and stop.</summary>
    /// <param name="r">The hinge.</param>
    /// <param name="lower">How much lower it hangs, its plate so much thicker, mm.</param>
    public static Solid Hinge(LegReckoning r, double lower)
    {
        var half = r.Gap / 2;
        // The hinge is drawn as the near one and let down; the plate reaches up to the table.
        var plate = Box(-r.Side, r.BackEnd, -r.Plate.Value, r.Side, r.PlateFront, lower);
        var cheeks = Box(-r.Outside, r.BackEnd, r.Bottom, r.Outside, r.Front, 0) - Box(-half, r.BackFace, r.Bottom - 1, half, r.Front + 1, -r.Plate.Value);
        var stop = Drawn(new(new Point2(r.BackFace - 0.5, r.StopTop), new(r.BackFace - 0.5, r.Bottom), new(r.StopAt(r.Bottom), r.Bottom),
            new(r.StopAt(r.StopTop), r.StopTop)), -half - 0.5, half + 0.5);
        var heads = lower - r.Plate.Value;
        return (plate + cheeks + stop).Without([.. Bolts(r, j => j.Cut), .. r.Screws.Select(s => Placed(r.Screw.Cut, s, heads)),
            .. lower > 0 ? r.Screws.Select(s => Placed(Well(r, lower), s, heads)) : [], .. Window(r)]).At(0, 0, -lower);
    }

    /// <summary>What a head goes down in where the plate is thicker, so that the same screws serve.</summary>
    private static Solid Well(LegReckoning r, double lower) => HoleShape.Cut((2 * r.HeadRadius) + 0.6, 0, lower + 1, r.OnBack ? HoleLie.Bridged
        : HoleLie.Upright);

    /// <summary>What the spring's bump passes.</summary>
    private static IEnumerable<Solid> Window(LegReckoning r) => r.Spring is { } spring
        ? [Across(r, HoleShape.Cut((2 * spring.Radius) + 1, -r.Cheek.Value - 0.5, 0.5, HoleLie.Teardrop), r.Outside, r.LockAt)] : [];

    /// <summary>As it is printed: its bolt at the origin, along x where the leg is upright.</summary>
    public static Solid Bar(LegReckoning r, LegSpring spring)
    {
        var (wide, thick, hole) = (spring.Wide.Value, spring.Thick.Value, r.Pivot.Bore);
        var end = Math.Max(wide / 2, (hole / 2) + 3);
        var bar = new Solid.Cylinder(end, thick) + Box(0, -wide / 2, 0, r.LockDown, wide / 2, thick) + new Solid.Cylinder(Math.Max(wide / 2, spring.Radius + 1),
            thick).At(r.LockDown, 0, 0);
        var (radius, deep, bump) = (spring.Radius, thick + r.Cheek.Value + ((r.Gap - r.Leg.Counterpart.Value) / 2), spring.Bump.Value);
        var peg = new Solid.Revolved(new(new Point2(0, 0), new(radius, 0), new(radius, deep), new(radius - bump, deep + bump), new(0, deep + bump)));
        return ((bar + peg.At(r.LockDown, 0, 0)) - HoleShape.Cut(hole, -1, thick + 1, HoleLie.Upright)).Spun(r.Leans.Value);
    }

    /// <summary>One side lies along the frame, the other along the hinge.</summary>
    public static Solid Wedge(LegReckoning r)
    {
        var (sin, cos) = Math.SinCos(r.Turned.Value * Math.PI / 180);
        var (length, blunt) = (r.PlateLong.Value, 4);
        return new Solid.Extruded(new(new Point2(0, 0), new(blunt, 0), new(blunt + (length * sin), length * cos), new(0, length * cos)), 4);
    }

    /// <summary>The leg, its bolt at the origin, hanging down.</summary>
    private static Solid Leg(LegReckoning r, double reach)
    {
        var (wide, half, above) = (r.Leg.Counterpart.Value, r.Thick / 2, r.Above.Value);
        var leg = Box(-wide / 2, -half, -reach, wide / 2, half, above);
        return r.Stands ? leg - (Box(-wide, 0, 0, wide, half + 1, above + 1) - new Solid.Cylinder(above, 2 * wide).At(0, 0, -wide).Rolled(90)) : leg;
    }

    public static IEnumerable<Body> Machine(LegReckoning r)
    {
        var far = Far(r);
        yield return new("machine-leg", "leg", () => Leg(r, r.Reach).Tipped(90).At(0, 0, r.PivotZ));
        yield return new("machine-far-leg", "leg of the other end", () => far.Of((r.Passing == Passing.Over ? Leg(r, r.Reach - r.Lower).Tipped(-r.Leans.Value)
            : Leg(r, r.Reach).Tipped(90)).At(0, 0, r.PivotZ - r.Lower)));
        if (r.Passing != Passing.Over)
        {
            yield return new("machine-far-hinge", "hinge of the other end", () => far.Of(Hinge(r, 0)));
        }

        yield return new("machine-table", "table", () => Box(Math.Min(0, far.By.X) - r.Side - 40, r.BackEnd - 20, 0, Math.Max(0, far.By.X) + r.Side + 40,
            far.By.Y - r.BackEnd + 20, 18));
    }

    public static IEnumerable<Motion> Motions(LegReckoning r)
    {
        var swing = 90 + r.Leans.Value;
        yield return new("unfold", "the leg", ["machine-leg"], [MotionStep.Around(Axis.X, new(0, 0, r.PivotZ), -swing)], [new(0, "folded"),
            new(90 / swing, "upright"), new(1, "against its stop")]);
        if (r.Passing == Passing.Over)
        {
            yield return new("fold", "the leg of the other end", ["machine-far-leg"], [MotionStep.Around(Axis.X, new(0, r.Folded.Between, r.PivotZ - r.Lower),
                -swing)], [new(0, "against its stop"), new(1, "folded, under the first")]);
        }
    }

    public static IEnumerable<Proof> Proofs(LegReckoning r)
    {
        yield return new("ladder-leg", "stepped fork", () => Fork(r),
            $"A fork in {r.Ladder.Count} steps from {Figures.Mm(r.Ladder[^1])} at its mouth to {Figures.Mm(r.Ladder[0])}: push it over the leg, and count the "
                + "steps from within; the innermost is step 1. It does not prove what the hinge bears.")
        {
            Seat = "leg",
            Rungs = r.Ladder.Count,
        };
        var (reach, half) = (r.Pivot.Reach + 1, r.Gap / 2);
        yield return new("ring-bolt", "a piece of a cheek", () =>
        {
            var piece = Hinge(r, 0) & Box(half, -reach, r.PivotZ - reach, r.Outside, reach, r.PivotZ + reach);
            return r.OnBack ? piece.Tipped(90).At(0, r.PivotZ, reach) : piece.Tipped(180).At(0, 0, r.PivotZ + reach);
        }, "Proves that the bolt goes through. It does not prove how the leg turns, or what the hinge bears.");
    }

    /// <summary>How deep a step of the fork is, mm.</summary>
    public const double ForkStep = 8;

    /// <summary>The widest step at the mouth.</summary>
    private static Solid Fork(LegReckoning r)
    {
        const double Wall = 4, High = 8;
        var wide = r.Ladder[^1] + (2 * Wall);
        var deep = (r.Ladder.Count * ForkStep) + Wall;
        return Box(-wide / 2, 0, 0, wide / 2, deep, High).Without(r.Ladder.Select((gap, i) =>
            Box(-gap / 2, Wall + (i * ForkStep), -1, gap / 2, Wall + ((i + 1) * ForkStep) + (i == r.Ladder.Count - 1 ? 1 : 0.01), High + 1)));
    }

    public static IEnumerable<Gauge> Gauges(LegReckoning r)
    {
        foreach (var (body, lower) in r.Passing == Passing.Over ? new[] { (Piece.Main, 0.0), ("second", r.Lower) } : [(Piece.Main, 0)])
        {
            yield return new(body, "gap for the leg", r.Gap, new(0, r.Front - 0.4, r.PivotZ - lower), Axis.X);
            yield return new(body, "over the cheeks", 2 * r.Outside, new(0, r.Front - 0.4, r.Bottom + 0.4 - lower), Axis.X, Jaws.Over);
            yield return new(body, "hole of the bolt", r.Pivot.Bore, new(r.Outside - (r.Cheek.Value / 2), 0, r.PivotZ - lower), r.OnBack ? Axis.Z : Axis.Y);
            yield return new(body, "plate", r.Plate.Value + lower, new(r.Side - 0.4, r.PlateFront - 0.4, -0.4), Axis.Z, Jaws.Over);
        }

        // Under the stop, from the back of the hinge to where the leg rests.
        yield return new(Piece.Main, "back to where the leg rests", r.StopAt(r.Bottom + 0.4) - r.BackEnd, new(0, r.BackEnd + 0.4, r.Bottom + 0.4), Axis.Y,
            Jaws.Over);
        if (r.Spring is { } spring)
        {
            yield return new("spring", "spring's thickness", spring.Thick.Value, Along(r, (r.Pivot.Bore / 2) + 1.5), Axis.Z);
        }
    }

    /// <summary>A point in the middle of the spring as it is printed.</summary>
    private static Point3 Along(LegReckoning r, double far)
    {
        var (sin, cos) = Math.SinCos(r.Leans.Value * Math.PI / 180);
        return new(far * cos, far * sin, 0.3);
    }
}
