namespace Emboq.Core.Families.Clamping.SplitClamp;

/// <summary>The solids of a clamp.</summary>
internal static class ClampShape
{
    /// <summary>A block over a rectangle of the plane across the post.</summary>
    private static Solid Block(double x0, double y0, double x1, double y1, double h) => new Solid.Box(x1 - x0, y1 - y0, h).At(x0, y0, 0);

    public static IReadOnlyList<Piece> Pieces(ClampReckoning r, string? mark)
    {
        if (r.Style != ClampStyle.Halves)
        {
            return [new(Piece.Main, "clamp", () => Marked(r, Whole(r), mark), ClampParameters.Ways, r.Way.Key) { Pattern = Pattern(r), Walls = Walls(r) }];
        }

        return
        [
            new(Piece.Main, "half with the heads", () => Marked(r, Half(r, 1), mark), ClampParameters.Ways, r.Way.Key),
            new("second", "half with the nuts", () => Half(r, -1), ClampParameters.Ways, r.Way.Key) { MayDiffer = false,
                Pose = new(0, 0, 0, new(-Apart, 0, 0)) },
        ];
    }

    /// <summary>How far the halves stand apart before they are put together, mm.</summary>
    private const double Apart = 40;

    public static IReadOnlyList<Motion> Motions(ClampReckoning r) => r.Style != ClampStyle.Halves ? []
        : [new("close", "the half with the nuts", ["second"], [MotionStep.Along(Apart, 0, 0)], [new(0, "apart"), new(1, "around the post")])];

    private static Solid Marked(ClampReckoning r, Solid body, string? mark) => PartBodies.Marked(body, mark, letters =>
        letters.At((r.Gap.Value / 2) + (r.Ear.Value / 2), (r.Outer + r.EarEnd) / 2, r.Height.Value), r.Ear.Value - 3);

    private static Solid Half(ClampReckoning r, int side)
    {
        var far = r.HalfWide + r.Outer + 1;
        return Whole(r) & Block(side > 0 ? 0 : -far, -2 * far - r.EarEnd, side > 0 ? far : 0, (2 * far) + r.EarEnd, r.Height.Value);
    }

    private static Solid Whole(ClampReckoning r)
    {
        var (h, gap) = (r.Height.Value, r.Gap.Value / 2);
        Solid body = new Solid.Cylinder(r.Outer, h);
        foreach (var side in Sides(r))
        {
            // Ears begin within the wall of the ring, whatever their width.
            body += Ears(r, h, side);
        }

        if (r.Face is { } face)
        {
            body += Block(-face.Wide / 2, -r.Outer - face.Pad, face.Wide / 2, FaceTop(r), h);
        }

        body -= Bore(r, h + 2).At(0, 0, -1);
        // The slit runs from the axis out; that of halves through and through.
        List<Solid> cuts = [new Solid.Box(2 * gap, (r.Style == ClampStyle.Halves ? 2 : 1) * (r.EarEnd + 1), h + 2).At(-gap, r.Style == ClampStyle.Halves
            ? -r.EarEnd - 1 : 0, -1)];
        if (r.Relief is { } groove)
        {
            cuts.Add(new Solid.Box(groove.Wide, r.Inner + groove.Deep, h + 2).At(-groove.Wide / 2, -r.Inner - groove.Deep, -1));
        }

        cuts.AddRange(Sides(r).SelectMany(side => r.At.SelectMany(z => new[] { Right(r, r.Head.Cut, side, z), Left(r, r.Nut.Cut, side, z) })));
        if (r.Dowels is { } dowels)
        {
            cuts.AddRange(Sides(r).SelectMany(side => new[] { Dowel(r, dowels.Held.Cut, 1, side, dowels.At), Dowel(r, dowels.Slides.Cut, -1, side,
                dowels.At) }));
        }

        cuts.AddRange(FacePlaces(r).Select(x => Placed(r, r.Face!.Insert.Cut, x)));
        return body.Without(cuts);
    }

    /// <summary>On which sides there are ears: +1 for +y.</summary>
    private static int[] Sides(ClampReckoning r) => r.Style == ClampStyle.Halves ? [1, -1] : [1];

    private static Solid Ears(ClampReckoning r, double h, int side)
    {
        var (wide, root) = (r.HalfWide, Root(r));
        Solid ears = Block(-wide, root, wide, r.EarEnd, h);
        var from = Math.Sqrt(Math.Max(0, (r.Outer * r.Outer) - (wide * wide)));
        if (r.Gusset.Value > 0 && wide < r.Outer)
        {
            // From the ear's flank, as high as the fillet, straight to the ring as far aside.
            var foot = WebEnd(r);
            var web = new Profile(new(0, 0), foot, new(wide, from + r.Gusset.Value), new(-wide, from + r.Gusset.Value), foot with { X = -foot.X });
            ears += new Solid.Extruded(web, h);
        }

        return side > 0 ? ears : ears.Spun(180);
    }

    /// <summary>Where the web of an ear meets the ring.</summary>
    public static Point2 WebEnd(ClampReckoning r)
    {
        var aside = Math.Min(r.Outer * 0.98, r.HalfWide + r.Gusset.Value);
        return new(aside, Math.Sqrt((r.Outer * r.Outer) - (aside * aside)));
    }

    /// <summary>Where the block of the face begins, within the ring.</summary>
    public static double FaceTop(ClampReckoning r) => -Math.Min(r.Outer / 2, r.Inner + 0.5);

    /// <summary>Where the ears begin, within the wall of the ring at the slit.</summary>
    public static double Root(ClampReckoning r)
    {
        var middle = r.Inner + (r.Wall.Value / 2);
        return Math.Sqrt(Math.Max(0, (middle * middle) - (r.Gap.Value * r.Gap.Value / 4)));
    }

    private static Solid Bore(ClampReckoning r, double h) => r.FlatAt is { } flat
        ? new Solid.Cylinder(r.Inner, h) & new Solid.Box(2 * (r.Inner + 1), r.Inner + 1 + flat, h).At(-r.Inner - 1, -flat, 0)
        : new Solid.Cylinder(r.Inner, h);

    /// <summary>A screw's head comes from the right; its roof points up as the clamp is printed.</summary>
    private static Solid Right(ClampReckoning r, Solid joint, int side, double z) => Facing(r, joint, 1).At(r.HalfWide, side * r.ScrewsAt, z);

    private static Solid Left(ClampReckoning r, Solid joint, int side, double z) => Facing(r, joint, -1).At(-r.HalfWide, side * r.ScrewsAt, z);

    /// <summary>A dowel's hole, entered from the gap: of the right half, +1, or of the left.</summary>
    private static Solid Dowel(ClampReckoning r, Solid joint, int half, int side, double z) =>
        Facing(r, joint, -half).At(half * r.Gap.Value / 2, side * r.ScrewsAt, z);

    /// <summary>A joint along x that is entered from the right, +1, or from the left.</summary>
    private static Solid Facing(ClampReckoning r, Solid joint, int from) => from > 0 ? Turned(r, joint)
        : r.Upright ? Turned(r, joint).Spun(180) : joint.Rolled(-90);

    private static Solid Turned(ClampReckoning r, Solid joint) => r.Upright ? joint.Spun(90).Rolled(90) : joint.Rolled(90);

    private static IReadOnlyList<double> FacePlaces(ClampReckoning r) => r.Face is { } f ? [-f.Spacing / 2, f.Spacing / 2] : [];

    private static Solid Placed(ClampReckoning r, Solid joint, double x) => joint.Tipped(90).At(x, -r.Outer - r.Face!.Pad, r.Height.Value / 2);

    private static IReadOnlyList<PatternHole> Pattern(ClampReckoning r) => [.. FacePlaces(r).Select(x =>
        new PatternHole(x, 0, Joints.Hardware.Passing(r.Face!.Screw, "medium").Value, HoleUse.Passing, "part on the clamp's face"))];

    private static IReadOnlyList<(string Name, Solid Zone)> Walls(ClampReckoning r) =>
        [.. FacePlaces(r).Select((x, i) => ($"insert {i + 1}", Placed(r, r.Face!.Insert.Zone, x)))];

    public static Body Post(ClampReckoning r) => new("machine-post", r.Bore.Place.Name, () =>
    {
        var (radius, high) = ((r.Post.Value - (r.Bore.Of.Between?.Value ?? 0)) / 2, r.Height.Value + 60);
        var flat = r.FlatAt is { } at ? at - (r.Inner - radius) : radius;
        return (new Solid.Cylinder(radius, high) & new Solid.Box(2 * (radius + 1), radius + 1 + flat, high).At(-radius - 1, -flat, 0)).At(0, 0, -30);
    });

    public static IEnumerable<Proof> Proofs(ClampReckoning r)
    {
        var (far, low) = (r.HalfWide + r.Outer + (r.Face?.Wide ?? 0) + 1, Math.Max(3, Math.Min(6, r.Height.Value / 8)));
        yield return new("ring-post", r.Style == ClampStyle.Clip ? "a slice to open over the post" : "a slice of the bore",
            () => PartBodies.Slice(Whole(r), -far, -far - r.EarEnd, 0, far, r.EarEnd + 1, low),
            r.Style == ClampStyle.Clip ? "Proves that it opens over the post and sits on it. It does not prove that it holds."
                : "Proves how the bore sits on the post before it is tight. It does not prove that it holds.")
        { Seat = "post" };
        yield return new("ring-ears", "both ears with one screw", () => PartBodies.Slice(Whole(r), -far, r.Outer, 0, far, r.EarEnd + 1,
            r.Height.Value / r.At.Count),
            "Proves head, nut and what they bear on: draw it tight, and leave it a day. It does not prove the bore.");
    }

    public static IEnumerable<Gauge> Gauges(ClampReckoning r)
    {
        var (z, drawn, halves) = (r.Height.Value / 2, r.Bore.Drawn.Value, r.Style == ClampStyle.Halves);
        // Of a half the bore is gauged as the chord beside its slit.
        var beside = (r.Gap.Value / 2) + 0.1;
        yield return halves ? new("part", "bore beside the gap", 2 * Math.Sqrt((r.Inner * r.Inner) - (beside * beside)), new(beside, 0, z), Axis.Y)
            : new("part", "bore", drawn, new(0, 0.01, z), Axis.X);
        if (!halves)
        {
            yield return new("ring-post", "bore", drawn, new(0, 0.01, 1), Axis.X);
            yield return new("part", r.Style == ClampStyle.Clip ? "mouth" : "pinch gap", r.Gap.Value, new(0, r.EarEnd - 0.2, 0.2), Axis.X);
        }

        if (r.Dowels is { } dowels)
        {
            var across = r.Upright ? Axis.Y : Axis.Z;
            yield return new("part", "dowel's hole, where it is held", dowels.Held.Bore, new((r.Gap.Value / 2) + 0.2, r.ScrewsAt, dowels.At), across);
            yield return new("second", "dowel's hole, where it slides", dowels.Slides.Bore, new(-(r.Gap.Value / 2) - 0.2, r.ScrewsAt, dowels.At), across);
        }

        foreach (var at in r.At)
        {
            yield return new("part", "screw hole", r.Head.Bore, new((r.Gap.Value / 2) + 0.2, r.ScrewsAt, at), r.Upright ? Axis.Y : Axis.Z);
        }
    }
}
