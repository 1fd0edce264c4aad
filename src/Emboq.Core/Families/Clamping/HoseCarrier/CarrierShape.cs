namespace Emboq.Core.Families.Clamping.HoseCarrier;

/// <summary>The solids of a hose carrier.</summary>
internal static class CarrierShape
{
    /// <summary>Where the block at the back begins, within the ring, mm.</summary>
    public static double BackTop(CarrierReckoning r) => -Math.Sqrt(Math.Max(0, (r.Outer * r.Outer) - (r.HalfBack * r.HalfBack))) * 0.999;

    public static Solid Part(CarrierReckoning r, string? mark)
    {
        var (h, mouth) = (r.Height.Value, r.Mouth.Value);
        Solid body = new Solid.Cylinder(r.Outer, h);
        body += new Solid.Box(2 * r.HalfBack, r.Outer + r.Pad + BackTop(r), h).At(-r.HalfBack, -r.Outer - r.Pad, 0);
        body = body.Without(
        [
            new Solid.Cylinder(r.Inner, h + 2).At(0, 0, -1),
            new Solid.Box(mouth, r.Outer + 2, h + 2).At(-mouth / 2, 0, -1),
            .. r.Holes.SelectMany(at => new[] { Placed(r, r.Screw.Cut, at), Placed(r, new Solid.Cylinder(r.Recess, r.Inner), at) }),
        ]);
        return PartBodies.Marked(body, mark, letters => letters.At(0, -r.Inner - ((r.Wall.Value + r.Pad) / 2), h),
            Math.Min(2 * r.HalfBack, 3 * (r.Wall.Value + r.Pad)) - 2);
    }

    /// <summary>A screw comes from inside, through the mouth; its roof points up as the cradle is printed.</summary>
    public static Solid Placed(CarrierReckoning r, Solid joint, Point2 at) => joint.Tipped(90).Spun(180).At(at.X, -r.Inner, (r.Height.Value / 2) + at.Y);

    public static Proof Slice(CarrierReckoning r) => new("ring-hose", "a slice to push the hose into", () =>
    {
        var (far, thick) = (r.Outer + r.Pad + 1, Math.Max(3, Math.Min(6, r.Height.Value / 5)));
        return PartBodies.Slice(Part(r, null), -far, -far, 0, far, far, thick);
    }, "Proves that the hose snaps in and is kept. It does not prove what its screws hold.")
    { Seat = "hose" };

    public static Body Hose(CarrierReckoning r) => new("machine-hose", r.Bore.Place.Name, () =>
        new Solid.Cylinder(r.Bore.Counterpart.Value / 2, r.Height.Value + 80).At(0, 0, -40));

    public static IEnumerable<Gauge> Gauges(CarrierReckoning r)
    {
        yield return new("part", "cradle", r.Bore.Drawn.Value, new(0, 0.01, 0.4), Axis.X);
        yield return new("ring-hose", "cradle", r.Bore.Drawn.Value, new(0, 0.01, 0.4), Axis.X);
        // At the lips, above where the round is as wide as the mouth.
        var lips = Math.Sqrt(Math.Max(0, (r.Outer * r.Outer) - (r.Mouth.Value * r.Mouth.Value / 4)));
        yield return new("part", "mouth", r.Mouth.Value, new(0, lips - 0.05, 0.4), Axis.X);
        foreach (var at in r.Swivel?.InPlace is null ? r.Holes : [])
        {
            yield return new("part", r.Swivel is null ? "screw hole" : "hole on the bush", r.Screw.Bore,
                new(at.X, -r.Outer - r.Pad + 0.4, (r.Height.Value / 2) + at.Y), Axis.X);
        }

        foreach (var gauge in r.Swivel?.Gauges(r) ?? [])
        {
            yield return gauge;
        }
    }
}
