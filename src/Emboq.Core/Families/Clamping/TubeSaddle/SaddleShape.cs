namespace Emboq.Core.Families.Clamping.TubeSaddle;

/// <summary>The solids of a saddle, of the block below its tube, and of a pad for a foot.</summary>
internal static class SaddleShape
{
    private const double Over = 1;

    /// <summary>Seen along the tube: x across, y up.</summary>
    public static Profile Section(SaddleReckoning r)
    {
        var (wide, top, low, cut) = (r.HalfWide, r.Top, r.Low, r.Chamfer);
        return cut < 0.1 ? new(new(-wide, low), new(wide, low), new(wide, top), new(-wide, top))
            : new(new(-wide, low), new(wide, low), new(wide, top - cut), new(wide - cut, top), new(cut - wide, top), new(-wide, top - cut));
    }

    public static Solid Part(SaddleReckoning r, string? mark)
    {
        var body = Along(new Solid.Extruded(Section(r), r.Length.Value), r.Length.Value).Without(
        [
            Along(new Solid.Cylinder(r.Radius, r.Length.Value + (2 * Over)), r.Length.Value + (2 * Over)),
            // The hollow falls away beside the middle of a hole.
            .. r.At.SelectMany(y => new[] { Screw(r, r.Screw.Cut, y), new Solid.Cylinder(r.Screw.Bore / 2, r.Radius).At(0, y, Over) }),
        ]);
        return PartBodies.Marked(body, mark, letters => letters.Tipped(90).At(0, -r.Length.Value / 2, r.Radius + (r.Crown.Value / 2)),
            Math.Min(2 * (r.Crown.Value - 1), 2 * (r.HalfWide - r.Chamfer)));
    }

    /// <summary>What runs along z from the origin, laid along the tube.</summary>
    private static Solid Along(Solid solid, double length) => solid.Tipped(90).At(0, length / 2, 0);

    public static Solid Screw(SaddleReckoning r, Solid joint, double y) => joint.At(0, y, r.Top);

    /// <summary>From the board to the tube, hollowed for it.</summary>
    public static Solid Block(SaddleReckoning r)
    {
        var (wide, high) = (r.HalfWide, r.BlockHigh);
        return new Solid.Box(2 * wide, r.Length.Value, high).At(-wide, -r.Length.Value / 2, r.Board).Without(
        [
            // Its cradle touches the tube from below.
            Along(new Solid.Cylinder(r.Radius, r.Length.Value + (2 * Over)), r.Length.Value + (2 * Over)).At(0, 0, r.Radius - (r.Bore.Counterpart.Value / 2)),
            .. r.At.Select(y => r.BlockScrew!.Cut.At(0, y, r.Board + high)),
        ]);
    }

    public static Body Tube(SaddleReckoning r) => new("machine-tube", r.Bore.Place.Name, () =>
        Along(new Solid.Cylinder(r.Bore.Counterpart.Value / 2, r.Length.Value + 80), r.Length.Value + 80));

    public static Motion Off(SaddleReckoning r) => new("off", "the saddle", [Piece.Main], [MotionStep.Along(0, 0, r.Radius + 10)],
        [new(0, "on the tube"), new(1, "lifted off")]);

    public static IEnumerable<Proof> Proofs(SaddleReckoning r)
    {
        var (wide, thick) = (r.HalfWide + Over, Math.Max(3, Math.Min(6, r.Length.Value / 8)));
        // Cut off one end and stood on it.
        yield return new("ring-tube", "a slice of the hollow", () => PartBodies.Slice(Part(r, null).Tipped(90), -wide, -r.Top - Over, -r.Length.Value / 2,
            wide, Over - r.Low, (-r.Length.Value / 2) + thick),
            "Proves how the saddle sits on the tube. It does not prove what its screws hold.")
        { Seat = "tube" };
        var keeps = r.Screw.Reach + 1;
        yield return new("ring-screw", "one screw's hole", () =>
        {
            var around = Part(r, null) & new Solid.Box(2 * keeps, 2 * keeps, r.Crown.Value + Over).At(-keeps, r.At[0] - keeps, r.Radius);
            return around.At(0, -r.At[0], -r.Radius);
        }, "Proves that the screw passes and its head lies flush. It does not prove the hollow.");
    }

    public static IEnumerable<Gauge> Gauges(SaddleReckoning r)
    {
        var end = (r.Length.Value / 2) - 0.4;
        // Where it ends high up, a line across meets it at a slant, and reads its facets.
        if (r.Low + 0.3 < 0.7 * r.Radius)
        {
            yield return new("part", "hollow, over its lower edge", 2 * Math.Sqrt((r.Radius * r.Radius) - Math.Pow(r.Low + 0.3, 2)),
                new(0, end, r.Low + 0.3), Axis.X);
        }

        yield return new("part", "crown", r.Crown.Value, new(0.01, end, r.Top - 0.01), Axis.Z, Jaws.Over);
        foreach (var y in r.At)
        {
            yield return new("part", "screw's hole", r.Screw.Bore, new(0, y, r.Radius + 0.3), Axis.X);
        }

        if (r.BlockScrew is { } screw)
        {
            foreach (var y in r.At)
            {
                yield return new("block", "screw's hole of the block", screw.Bore, new(0, y, r.Board + 0.3), Axis.X);
            }

            yield return new("block", "block under the tube", r.Air.Value, new(0.01, end, r.Board + 0.5), Axis.Z, Jaws.Over);
        }

        if (r.Lift is { Pads: true } lift)
        {
            yield return new("pad", "pad", lift.By.Value, new(1, 1, 0.1), Axis.Z, Jaws.Over);
        }
    }
}
