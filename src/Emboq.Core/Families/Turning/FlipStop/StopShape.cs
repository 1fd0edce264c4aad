namespace Emboq.Core.Families.Turning.FlipStop;

/// <summary>The solids of a flip stop.</summary>
internal static class StopShape
{
    public static IReadOnlyList<Piece> Pieces(StopReckoning r, string? mark) =>
    [
        new(Piece.Main, "plate", () => PartBodies.Marked(Plate(r), mark, letters => Front(letters.Spun(180), r, 0, -r.Drop.Value + 6),
            r.PlateWide.Value / 2), FlipStopFamily.PlateWays, r.Way.Key)
        {
            Walls = [("screw", Back(r.Pivot.Zone, r)), .. Aside(r).Select((x, i) => ($"edge screw {i + 1}", Front(r.Edge.Zone, r, x, -r.Screws.Down)))],
            Pattern = [.. Aside(r).Select(x => new PatternHole(x, 0, r.Edge.Bore, HoleUse.Passing, "table's edge"))],
        },
        new("arm", "arm", () => Arm(r), FlipStopFamily.ArmWays, "flat") { MayDiffer = false, WayBy = null },
    ];

    private static double[] Aside(StopReckoning r) => [-r.Screws.Aside, r.Screws.Aside];

    /// <summary>What is entered from in front of the plate; as that is printed on its lower edge, a roof points up.</summary>
    private static Solid Front(Solid joint, StopReckoning r, double x, double z) => joint.Spun(180).Tipped(-90).At(x, r.Plate.Value, z);

    /// <summary>What is entered from the back of the plate, about the axis.</summary>
    private static Solid Back(Solid joint, StopReckoning r) => joint.Tipped(90).At(0, 0, r.AxisZ);

    public static Solid Plate(StopReckoning r)
    {
        var (wide, thick) = (r.PlateWide.Value, r.Plate.Value);
        return new Solid.Box(wide, thick, r.Drop.Value - StopReckoning.Free).At(-wide / 2, 0, -r.Drop.Value).Without([Back(r.Pivot.Cut, r),
            .. Aside(r).Select(x => Front(r.Edge.Cut, r, x, -r.Screws.Down)),
            .. r.Dimples.Select(d => Front(Hollow(r), r, d.X, r.AxisZ + d.Y))]);
    }

    /// <summary>A dimple in z = 0, open above.</summary>
    private static Solid Hollow(StopReckoning r)
    {
        var (end, deep, out_) = (StopReckoning.Tip + StopReckoning.Beside, r.Click.Value, r.Dimple);
        return new Solid.Revolved(new(new Point2(0, -deep - StopReckoning.Deeper), new(end, -deep - StopReckoning.Deeper), new(end, -deep), new(out_, 0),
            new(out_, 1), new(0, 1)));
    }

    /// <summary>The arm as it stands up.</summary>
    public static Solid Arm(StopReckoning r) => Flat(r, r.Turns.Drawn.Value).Tipped(90).At(0, r.Face.Value + r.Thick.Value, r.AxisZ);

    /// <summary>As it is printed: its outer face on z = 0, its axis z, its head along +y.</summary>
    private static Solid Flat(StopReckoning r, double hole, bool head = true)
    {
        var (wide, thick, nose, reach) = (r.Wide.Value, r.Thick.Value, r.Nose, r.Reach.Value);
        var (tongue, end) = (r.Tongue, r.TongueEnd);
        var peg = new Solid.Revolved(new(new Point2(0, 0), new(nose, 0), new(nose, thick + (StopReckoning.Gap / 2)),
            new(StopReckoning.Tip, thick + StopReckoning.Gap + r.Click.Value), new(0, thick + StopReckoning.Gap + r.Click.Value)));
        var arm = new Solid.Cylinder(wide / 2, thick) + new Solid.Box(tongue.Wide.Value, reach, tongue.Thick.Value).At(-tongue.Wide.Value / 2, -reach, 0)
            + new Solid.Cylinder(end, tongue.Thick.Value).At(0, -reach, 0) + peg.At(0, -reach, 0);
        return (head ? arm + new Solid.Box(wide, r.Head, thick).At(-wide / 2, 0, 0) : arm) - HoleShape.Cut(hole, -1, thick + 1, HoleLie.Upright);
    }

    public static IEnumerable<Body> Machine(StopReckoning r)
    {
        var (wide, thick) = (r.PlateWide.Value + 80, r.TableThick.Value);
        yield return new("machine-table", "table", () => new Solid.Box(wide, 120, thick).At(-wide / 2, -120, -thick));
        yield return new("machine-screw", "screw", () => new Solid.Cylinder(r.Turns.Counterpart.Value / 2, r.Face.Value + r.Thick.Value).Tipped(-90)
            .At(0, 0, r.AxisZ));
    }

    public static Motion Down(StopReckoning r) => new("down", "the stop", ["arm"], [MotionStep.Around(Axis.Y, new(0, 0, r.AxisZ), r.ToTheLeft ? 90 : -90)],
        [new(0, "up"), new(1, "down, below the table's top")]);

    /// <summary>Of a test ring, mm.</summary>
    public const double RingWall = 4;

    public static IEnumerable<Proof> Proofs(StopReckoning r)
    {
        yield return new("ladder-pin", "test rings", () => r.Ladder.Select((hole, i) => (new Solid.Cylinder((hole / 2) + RingWall, 5 + i)
            - HoleShape.Cut(hole, -1, 6 + i, HoleLie.Upright)).At(i * ((r.Ladder[^1] / 2) + RingWall) * 1.9, 0, 0)).Aggregate((a, b) => a + b),
            $"{r.Ladder.Count} rings with holes from {Figures.Mm(r.Ladder[0])} to {Figures.Mm(r.Ladder[^1])}, the lowest has the narrowest: take the one that "
                + "turns freely and does not rattle. It does not prove what the arm bears.")
        {
            Seat = "pin",
            Rungs = r.Ladder.Count,
        };
        yield return new("tongue", "arm without its head", () => Flat(r, r.Turns.Drawn.Value, head: false),
            "Proves how it clicks, on the printed plate. It does not prove what its head bears.");
    }

    public static IEnumerable<Gauge> Gauges(StopReckoning r)
    {
        var (outer, z) = (r.Face.Value + r.Thick.Value, r.AxisZ);
        yield return new("arm", "hole of the arm", r.Turns.Drawn.Value, new(0, outer - (r.Thick.Value / 2), z), Axis.X);
        yield return new("arm", "thickness of the arm", r.Thick.Value, new((r.Wide.Value / 2) - 0.4, outer - 0.4, r.Over.Value - 0.4), Axis.Y, Jaws.Over);
        yield return new("arm", "tongue's thickness", r.Tongue.Thick.Value, new(0, outer - 0.2, z - (r.Wide.Value / 2) - 0.5), Axis.Y, Jaws.Over);
        yield return new("arm", "height of the nose", r.Thick.Value + StopReckoning.Gap + r.Click.Value, new(0, outer - 0.2, z - r.Reach.Value), Axis.Y,
            Jaws.Over);
        yield return new(Piece.Main, "plate", r.Plate.Value, new((r.PlateWide.Value / 2) - 0.4, 0.4, -r.Drop.Value + 0.4), Axis.Y, Jaws.Over);
        foreach (var d in r.Dimples)
        {
            yield return new(Piece.Main, "plate behind a dimple", r.Plate.Value - r.Click.Value - StopReckoning.Deeper, new(d.X, 0.2, z + d.Y), Axis.Y,
                Jaws.Over);
        }
    }
}
