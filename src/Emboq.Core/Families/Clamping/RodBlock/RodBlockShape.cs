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
            .. Sides(r).SelectMany(side => r.At.Select(y => Thread(r, r.Thread.Cut, side, y))),
            .. r.Pinch is { } pinch ? Sides(r).SelectMany(side => r.At.Select(y => Lip(r, pinch.Hole.Cut, side, y)).Prepend(Slit(r, pinch, side))) : [],
            .. r.Inserts.Select(x => Insert(r, r.Insert.Cut, x)),
        ]);
        return PartBodies.Marked(body, mark, letters => letters.Tipped(90).At(r.Rods[0] + (r.Centres is null ? 0 : r.Centres.Value / 2), -length / 2,
            (r.Radius + r.Top.Value) / 2), r.Top.Value - r.Radius - 2);
    }

    /// <summary>A cylinder along y.</summary>
    private static Solid Along(double radius, double length) => new Solid.Cylinder(radius, length).Tipped(90).At(0, length / 2, 0);

    /// <summary>Where screws are: at both sides of two rods, at the right of one.</summary>
    private static int[] Sides(RodBlockReckoning r) => r.Centres is null ? [1] : [-1, 1];

    /// <summary>From past the rod out through the side.</summary>
    private static Solid Slit(RodBlockReckoning r, Pinch pinch, int side)
    {
        var (inner, outer) = (r.Rods[^1] - pinch.Root.Value, r.HalfWide + 1);
        return new Solid.Box(outer - inner, r.Length.Value + 2, pinch.Slit.Value).At(side > 0 ? inner : -outer, -(r.Length.Value / 2) - 1, -r.Radius);
    }

    /// <summary>The hole of a slit's screw in the lip, entered from below.</summary>
    public static Solid Lip(RodBlockReckoning r, Solid joint, int side, double y) => joint.Rolled(180).At(side * r.PinchAt, y, r.Low);

    /// <summary>A screw's thread. Its roof points up as the block is printed.</summary>
    public static Solid Thread(RodBlockReckoning r, Solid joint, int side, double y) => r.Pinch is not null
        ? joint.Rolled(180).At(side * r.PinchAt, y, r.SlitTop)
        : (side > 0 ? Right(r, joint) : r.OnEnd ? joint.Rolled(-90) : Right(r, joint).Spun(180)).At(side * r.HalfWide, y, 0);

    private static Solid Right(RodBlockReckoning r, Solid joint) => r.OnEnd ? joint.Rolled(90) : joint.Spun(90).Rolled(90);

    public static Solid Insert(RodBlockReckoning r, Solid joint, double x) => (r.Slot is { Across: false } ? joint.Spun(90) : joint).At(x, 0, r.Top.Value);

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
        var keeps = (r.Pinch is { } p ? (r.Thread + p.Hole).Reach : r.Thread.Reach) + 1;
        yield return new("ring-thread", r.Pinch is null ? "one set screw's thread" : "one screw with its slit", () =>
        {
            var (high, wide) = r.Pinch is { } pinch ? (r.SlitTop + r.Thread.Depth + 1, r.Aside.Value + r.Radius + pinch.Root.Value + 3)
                : (keeps, r.Aside.Value + r.Radius);
            var part = Part(r, null) & new Solid.Box(wide, 2 * keeps,
                r.Radius + r.Wall.Value + Math.Min(r.Top.Value, high)).At(r.HalfWide - wide, r.At[0] - keeps, r.Low);
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
            if (r.Pinch is { } pinch)
            {
                yield return new("part", "screw's hole in the lip", pinch.Hole.Bore, new(r.PinchAt, at, -r.Radius - 0.4), Axis.X);
                yield return new("part", "screw's thread above the slit", r.Thread.Bore, new(r.PinchAt, at, r.SlitTop + 0.4), Axis.X);
            }
            else
            {
                yield return new("part", "set screw's hole", r.Thread.Bore, new(r.HalfWide - 0.4, at, 0), r.OnEnd ? Axis.Z : Axis.Y);
            }
        }

        if (r.Pinch is { } slit)
        {
            yield return new("part", "slit", slit.Slit.Value, new(r.HalfWide - 0.4, y, r.SlitTop - (slit.Slit.Value / 2)), Axis.Z);
            yield return new("part", "lip", r.Wall.Value, new(r.HalfWide - 0.4, y, r.Low + 0.2), Axis.Z);
        }

        yield return new("part", "height", r.Top.Value - r.Low, new(r.HalfWide - 0.4, y, 0), Axis.Z, Jaws.Over);
        var pitch = Hardware.Pitch(r.InsertSize).Value;
        foreach (var x in r.Printed ? r.Inserts : [])
        {
            yield return PrintedThread.Gauge("part", "printed thread, crest to root", r.Insert.Bore, pitch, new(x, 0,
                r.Top.Value - r.Insert.Depth + (pitch * Math.Round(r.Insert.Depth / 2 / pitch))));
        }

        if (r.Slot is { } slot)
        {
            var (end, along) = slot.Across ? (new Point3(r.HalfWide - 0.4, 0, 0), Axis.Y) : (new Point3(0, y, 0), Axis.X);
            var channel = r.Top.Value - slot.Lip.Value - (slot.High / 2);
            yield return new("part", "neck of the slot", slot.Neck, end with { Z = r.Top.Value - 0.4 }, along);
            yield return new("part", "channel of the nut", slot.Flats, end with { Z = channel }, along);
            yield return new("part", "height for the nut", slot.High, (slot.Across ? end with { Y = (slot.Neck + slot.Flats) / 4 }
                : end with { X = (slot.Neck + slot.Flats) / 4 }) with
            { Z = channel }, Axis.Z);
            yield break;
        }

        foreach (var x in r.Printed ? [] : r.Inserts)
        {
            yield return new("part", "insert hole", r.Insert.Bore, new(x, 0, r.Top.Value - 0.4), Axis.X);
        }
    }
}
