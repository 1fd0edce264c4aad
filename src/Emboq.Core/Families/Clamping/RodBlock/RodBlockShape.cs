namespace Emboq.Core.Families.Clamping.RodBlock;

/// <summary>The solids of a rod block.</summary>
internal static class RodBlockShape
{
    public static Solid Part(RodBlockReckoning r, string? mark)
    {
        var (wide, length, high) = (2 * r.HalfWide, r.Length.Value, r.Top.Value - r.Low);
        var body = new Solid.Box(wide, length, high).At(-wide / 2, -length / 2, r.Low).Without(
        [
            .. r.Rods.Select(x => Along(r.Radius, length + 2).At(x, 0, 0)),
            .. Sides(r).SelectMany(side => r.At.Select(y => SetScrew(r, r.SetScrew.Cut, side, y))),
            .. r.Inserts.Select(x => Insert(r, r.Insert.Cut, x)),
        ]);
        return PartBodies.Marked(body, mark, letters => letters.Tipped(90).At(r.Rods[0] + (r.Centres is null ? 0 : r.Centres.Value / 2), -length / 2,
            (r.Radius + r.Top.Value) / 2), r.Top.Value - r.Radius - 2);
    }

    /// <summary>A cylinder along y.</summary>
    private static Solid Along(double radius, double length) => new Solid.Cylinder(radius, length).Tipped(90).At(0, length / 2, 0);

    /// <summary>Where set screws come in: from both sides onto two rods, from the right onto one.</summary>
    private static int[] Sides(RodBlockReckoning r) => r.Centres is null ? [1] : [-1, 1];

    /// <summary>Its roof points up as the block is printed.</summary>
    public static Solid SetScrew(RodBlockReckoning r, Solid joint, int side, double y) =>
        (side > 0 ? Right(r, joint) : r.OnEnd ? joint.Rolled(-90) : Right(r, joint).Spun(180)).At(side * r.HalfWide, y, 0);

    private static Solid Right(RodBlockReckoning r, Solid joint) => r.OnEnd ? joint.Rolled(90) : joint.Spun(90).Rolled(90);

    public static Solid Insert(RodBlockReckoning r, Solid joint, double x) => joint.At(x, 0, r.Top.Value);

    public static Body Rods(RodBlockReckoning r) => new("machine-rods", r.Bore.Place.Name, () => r.Rods.Select(x =>
        Along(r.Bore.Counterpart.Value / 2, r.Length.Value + 80).At(x, 0, 0)).Aggregate((a, b) => a + b));

    public static IEnumerable<Proof> Proofs(RodBlockReckoning r)
    {
        var (far, thick) = (r.HalfWide + 1, Math.Max(3, Math.Min(6, r.Length.Value / 8)));
        // Cut off one end and stood on it, as the block is printed on its end.
        yield return new("ring-rod", r.Centres is null ? "a slice of the bore" : "a slice of both bores", () =>
            PartBodies.Slice(Part(r, null).Tipped(90), -far, -r.Radius - r.Wall.Value - r.Top.Value - 1,
            -r.Length.Value / 2, far, r.Radius + r.Wall.Value + r.Top.Value + 1, (-r.Length.Value / 2) + thick),
                (r.Centres is null ? "Proves how the bore slides on its rod."
                : "Proves how the bores slide, and that they stand as far apart as the rods.") + " It does not prove what its screws hold.")
        { Seat = "rod" };
        var keeps = r.SetScrew.Reach + 1;
        yield return new("ring-thread", "one set screw's thread", () =>
        {
            var part = Part(r, null) & new Solid.Box(r.Boss.Value + r.Radius, 2 * keeps,
                r.Radius + r.Wall.Value + Math.Min(r.Top.Value, keeps)).At(r.HalfWide - r.Boss.Value - r.Radius, r.At[0] - keeps, r.Low);
            return part.At(0, 0, -r.Low);
        }, "Proves that the screw cuts its thread and bears being drawn tight: go on until it strips, and remember how far that was. "
            + "It does not prove the bore.");
    }

    public static IEnumerable<Gauge> Gauges(RodBlockReckoning r)
    {
        var y = (r.Length.Value / 2) - 0.4;
        foreach (var x in r.Rods)
        {
            yield return new("part", "bore", r.Bore.Drawn.Value, new(x, y, 0.01), Axis.X);
        }

        foreach (var at in r.At)
        {
            yield return new("part", "set screw's hole", r.SetScrew.Bore, new(r.HalfWide - 0.4, at, 0), r.OnEnd ? Axis.Z : Axis.Y);
        }

        yield return new("part", "height", r.Top.Value - r.Low, new(r.HalfWide - 0.4, y, 0), Axis.Z, Jaws.Over);
        var pitch = Hardware.Pitch(r.InsertSize).Value;
        foreach (var x in r.Printed ? r.Inserts : [])
        {
            // Where a crest stands on one side and a root on the other.
            yield return new("part", "printed thread, crest to root", r.Insert.Bore + (0.625 * Math.Sqrt(3) / 2 * pitch), new(x, 0.001,
                r.Top.Value - r.Insert.Depth + (pitch * Math.Round(r.Insert.Depth / 2 / pitch))), Axis.X);
        }

        foreach (var x in r.Printed ? [] : r.Inserts)
        {
            yield return new("part", "insert hole", r.Insert.Bore, new(x, 0, r.Top.Value - 0.4), Axis.X);
        }
    }
}
