namespace Emboq.Core.Families.Storage.WallBin;

/// <summary>The solids of a bin.</summary>
internal static class BinShape
{
    /// <summary>How far screws stay from the top of the back, mm.</summary>
    private const double BelowTop = 9;

    private const double SliceHeight = 2;

    public static Proof Around(BinReckoning r) =>
        new("ring-item", "slice of the pocket", () => Slice(r),
            "Proves width and depth around the box in minutes. It does not prove the fixing.")
        { Seat = "item" };

    public static Body Box(BinReckoning r) => new("machine-item", r.Width.Place.Name, () => Item(r));

    /// <summary>How high the stacking rim stands.</summary>
    public static double Lip(BinReckoning r) => r.Stacks ? r.Wall.Value - RimPlay - RimTop : 0;

    /// <summary>Height of what holds the bin at the wall: its screws, or the middle of the bevel behind the rail.</summary>
    public static double HeldAt(double back, double? rail) => rail is { } thick ? back - HookHeight(back, thick) + (thick / 2) : back - BelowTop;

    public static double HookHeight(double back, double rail) => Math.Min(back - 2, rail + 12);

    /// <summary>Where the screws stand, on the back.</summary>
    public static IReadOnlyList<(double X, double Z)> ScrewPlaces(BinReckoning r) =>
        [.. new[] { -1, 1 }.Select(side => (side * r.Width.Drawn.Value / 4, r.Back.Value - BelowTop))];

    /// <summary>A joint entered from the pocket into the back; the roof of a lying hole points up.</summary>
    public static Solid Placed(BinReckoning r, Solid inJoint, (double X, double Z) at) => inJoint.Spun(180).Tipped(-90).At(at.X, r.Wall.Value, at.Z);

    /// <summary>The outline of a side: y away from the wall, z up. Level for the stacking rim, then down to the front.</summary>
    public static IReadOnlyList<Point2> Side(BinReckoning r)
    {
        var (depth, back, front) = (r.OuterDepth.Value, r.Back.Value, r.Front.Value);
        return [new(0, 0), new(depth, 0), new(depth, front), .. front < back - 0.01 ? [new Point2(depth * 0.6, back)]
            : new[] { new Point2(depth, back) }.Where(q => q.Y > front + 0.01), new(0, back)];
    }

    /// <summary>Across the pocket in both directions, in the part and in its slice, and across each screw hole.</summary>
    public static IReadOnlyList<Gauge> Gauges(BinReckoning r)
    {
        var middle = new Point3(0, r.Wall.Value + (r.Depth.Value / 2), r.Floor.Value + 1);
        return
        [
            .. new[] { ("part", middle), ("ring-item", middle with { Z = SliceHeight / 2 }) }.SelectMany(b => new Gauge[]
            {
                new(b.Item1, "pocket width", r.Width.Drawn.Value, b.Item2, Axis.X), new(b.Item1, "pocket depth", r.Depth.Value, b.Item2, Axis.Y),
            }),
            .. r.Hole is null ? [] : ScrewPlaces(r).Select(s => new Gauge("part", "screw hole", r.Hole.Bore, new(s.X, 0.2, s.Z), Axis.X)),
        ];
    }

    private const double RimPlay = 0.3;

    /// <summary>Thickness of a rim at its top, mm.</summary>
    public const double RimTop = 0.8;

    public static Solid Part(BinReckoning r, string? mark)
    {
        var (w, wall) = (r.OuterWidth.Value, r.Wall.Value);
        Solid body = AlongX(Side(r), w);
        if (r.Stacks && Lip(r) > 0.2)
        {
            body = Stacking(r, body);
        }

        body -= new Solid.Box(r.Width.Drawn.Value, r.Depth.Value, r.Back.Value + 20).At(-r.Width.Drawn.Value / 2, wall, r.Floor.Value);
        if (r.Rail is { } rail)
        {
            body += Hook(r, rail.Value);
        }

        body = body.Without(r.Hole is null ? [] : ScrewPlaces(r).Select(at => Placed(r, r.Hole.Cut, at)));

        return PartBodies.Marked(body, mark, letters => letters.UpsideDown().At(0, r.OuterDepth.Value / 2, 0), Math.Min(20, w / 2));
    }

    /// <summary>The lower edges are bevelled, and a rim with the same bevel stands on the level part of the sides.</summary>
    private static Solid Stacking(BinReckoning r, Solid body)
    {
        var (w, c, rim) = (r.OuterWidth.Value / 2, r.Wall.Value, Lip(r));
        var (depth, back) = (r.OuterDepth.Value, r.Back.Value);
        var level = r.Front.Value < back - 0.01 ? depth * 0.6 : depth;
        foreach (var side in new[] { -1.0, 1.0 })
        {
            // Sections across, x and z, drawn out along y.
            body -= AlongY([new(side * (w - c), -1), new(side * (w + 1), -1), new(side * (w + 1), c + 1), new(side * (w - c), 0)], -1, depth + 1);
            body += AlongY([new(side * w, back - 1), new(side * w, back + rim), new(side * (w - RimTop), back + rim), new(side * (w - RimTop - rim), back),
                new(side * (w - RimTop - rim), back - 1)], 0, level);
        }

        return body;
    }

    /// <summary>Hangs behind a rail bevelled at 45 degrees; a foot below keeps the bin plumb.</summary>
    private static Solid Hook(BinReckoning r, double rail)
    {
        var (w, top) = (r.OuterWidth.Value, r.Back.Value);
        var high = HookHeight(top, rail);
        var hook = AlongX([new(1, top), new(-rail, top), new(-rail, top - high), new(0, top - high + rail), new(1, top - high + rail)], w);
        return hook + AlongX([new(1, 0), new(1, 8 + rail), new(0, 8 + rail), new(-rail, 8), new(-rail, 0)], w);
    }

    private static Solid Slice(BinReckoning r)
    {
        var (x, y) = (r.OuterWidth.Value / 2, r.OuterDepth.Value);
        return PartBodies.Slice(Part(r with { Screw = null, Rail = null, Stacks = false }, null), -x, 0, r.Floor.Value + 0.5, x, y,
            r.Floor.Value + 0.5 + SliceHeight);
    }

    private static Solid Item(BinReckoning r)
    {
        var (w, d) = (r.Width.Counterpart.Value, r.Depth.Value - (r.Width.Drawn.Value - r.Width.Counterpart.Value));
        return new Solid.Box(w, d, r.Item.Value).At(-w / 2, r.Wall.Value + ((r.Depth.Value - d) / 2), r.Floor.Value);
    }

    /// <summary>An outline in y and z, drawn out along x about the middle.</summary>
    private static Solid AlongX(IReadOnlyList<Point2> outline, double width) =>
        new Solid.Extruded(new Profile(outline), width).Tipped(90).Spun(90).At(-width / 2, 0, 0);

    /// <summary>An outline in x and z, drawn out along y.</summary>
    private static Solid AlongY(IReadOnlyList<Point2> outline, double from, double to) =>
        new Solid.Extruded(new Profile(outline), to - from).Tipped(90).At(0, to, 0);
}
