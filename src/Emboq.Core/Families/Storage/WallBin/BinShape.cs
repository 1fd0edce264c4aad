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
            .. r.Label?.Holder is not { } holder ? [] : new Gauge[]
            {
                new("part", "slot for the plate", holder.SlotWide.Value, new(0, r.OuterDepth.Value + (BinHolder.Slot / 2), BinHolder.Foot + 2), Axis.X),
                new("plate", "label plate", holder.PlateWide.Value, new(0, 0, 0.3), Axis.X, Jaws.Over),
            },
            .. r.Spacer is null ? [] : new Gauge[] { new("spacer", "spacer", r.Spacer.Value, new(0, r.Wall.Value / 2, 0.1), Axis.Z, Jaws.Over) },
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
            body = Stacking(r, body, r.Back.Value, LevelDepth(r));
        }

        body -= new Solid.Box(r.Width.Drawn.Value, r.Depth.Value, r.Back.Value + 20).At(-r.Width.Drawn.Value / 2, wall, r.Floor.Value);
        if (r.Rail is { } rail)
        {
            body += Hook(r, rail.Value);
        }

        if (r.Label is { } front)
        {
            body = Fronted(r, front, body);
        }

        body = body.Without(r.Hole is null ? [] : ScrewPlaces(r).Select(at => Placed(r, r.Hole.Cut, at)));

        return PartBodies.Marked(body, mark, letters => letters.UpsideDown().At(0, r.OuterDepth.Value / 2, 0), Math.Min(20, w / 2));
    }

    /// <summary>Words cut into the front or standing on it, or rails for a plate. They stand on the bed, so that nothing hangs.</summary>
    private static Solid Fronted(BinReckoning r, BinFront front, Solid body)
    {
        var (depth, high) = (r.OuterDepth.Value, r.Front.Value);
        if (front.Holder is not { } holder)
        {
            Solid Placed(Solid s) => BinFront.Facing(depth, high / 2).Of(s);
            return front.Words is not { } words ? body : words.Raised(0, 0, 0) is { } raised ? body + Placed(raised)
                : body.Without(words.Sunk(0, 0, 0).Select(Placed));
        }

        var (wide, slot, window) = (r.OuterWidth.Value, holder.SlotWide.Value, holder.Window.Value);
        // A stacking bin is bevelled below, and its rails are bevelled on.
        var rails = new Solid.Box(wide, BinHolder.Out + 0.5, high).At(-wide / 2, depth - 0.5, 0);
        var cut = rails.Without([new Solid.Box(slot, BinHolder.Slot, high).At(-slot / 2, depth, BinHolder.Foot),
            new Solid.Box(window, BinHolder.Out + 1, high).At(-window / 2, depth, BinHolder.Foot)]);
        return body + (r.Stacks ? cut.Without(Bevels(r, depth + BinHolder.Out + 1)) : cut);
    }

    /// <summary>What a bin is made with: its label plate, letters of another colour, the spacer of a stack.</summary>
    public static IEnumerable<Piece> More(BinReckoning r)
    {
        if (r.Label is { Holder: { } holder } label)
        {
            yield return new("plate", "label plate", () => Plate(holder, label.Words), PlateWays, "back")
            {
                WayBy = null,
                Pose = BinFront.Facing(r.OuterDepth.Value + 0.2, BinHolder.Foot + (holder.PlateHigh.Value / 2)),
                Says = "Slides in behind the rails; printed in another filament it is read from further away.",
            };
        }

        foreach (var inlay in Label.Inlays(r.Label?.Words, new(0, 0, 0)))
        {
            // They stand upright, in the front of the bin or in that of its plate.
            var (face, middle) = r.Label!.Holder is { } h ? (r.OuterDepth.Value + 0.2 + BinHolder.Thick, BinHolder.Foot + (h.PlateHigh.Value / 2))
                : (r.OuterDepth.Value, r.Front.Value / 2);
            yield return inlay with { Pose = BinFront.Facing(face - r.Label.Words!.Depth.Value, middle) };
        }

        if (r.Spacer is { } spacer)
        {
            yield return new("spacer", "spacer for the stack", () => Spacer(r, spacer.Value), PlateWays, "back")
            {
                WayBy = null,
                Pose = new(0, 0, 0, new(0, 0, r.Back.Value)),
                Says = "Stands in the rim of the bin below; the next bin stands in its own.",
            };
        }
    }

    private static readonly IReadOnlyList<WayUp> PlateWays = [new("back", "as it lies", 0, "Lines lie across it.", "No seam on the face.")];

    private static Solid Plate(BinHolder holder, Label? words)
    {
        Solid plate = Slab.Of(holder.PlateWide.Value, holder.PlateHigh.Value, BinHolder.Thick, 1);
        return words?.On(plate, 0, 0, BinHolder.Thick) ?? plate;
    }

    /// <summary>A frame with the bevel and the rim of a bin: as deep as its rim is level.</summary>
    private static Solid Spacer(BinReckoning r, double high)
    {
        var (w, depth) = (r.OuterWidth.Value, LevelDepth(r));
        Solid frame = Stacking(r, new Solid.Box(w, depth, high).At(-w / 2, 0, 0), high, depth);
        return frame - new Solid.Box(r.Width.Drawn.Value, depth, high + 20).At(-r.Width.Drawn.Value / 2, r.Wall.Value, -10);
    }

    /// <summary>The holes of as many bins as stand side by side along the strip, from the middle of the first.</summary>
    public static IReadOnlyList<PatternHole> AlongTheWall(BinReckoning r)
    {
        // More are drilled by laying the paper on again.
        const double Paper = 1200;
        var apart = r.OuterWidth.Value + 1;
        var count = (int)Math.Min(r.InARow.Value, Math.Max(1, Math.Floor(Paper / apart)));
        return r.Hole is null || count < 2 ? [] : [.. Enumerable.Range(0, count).SelectMany(i => ScrewPlaces(r).Select(s =>
            r.Pilot!(s.X + ((i - ((count - 1) / 2.0)) * apart), s.Z - (r.Back.Value / 2))))];
    }

    /// <summary>How far from the wall the rim is level.</summary>
    private static double LevelDepth(BinReckoning r) => r.Front.Value < r.Back.Value - 0.01 ? r.OuterDepth.Value * 0.6 : r.OuterDepth.Value;

    /// <summary>The lower edges are bevelled, and a rim with the same bevel stands on the level part of the sides.</summary>
    /// <param name="r">The bin.</param>
    /// <param name="body">What stands on another.</param>
    /// <param name="top">Its height, mm.</param>
    /// <param name="level">How far from the wall its rim goes, mm.</param>
    private static Solid Stacking(BinReckoning r, Solid body, double top, double level)
    {
        var (w, rim) = (r.OuterWidth.Value / 2, Lip(r));
        body = body.Without(Bevels(r, r.OuterDepth.Value + 1));
        foreach (var side in new[] { -1.0, 1.0 })
        {
            // A section across, x and z, drawn out along y.
            body += AlongY([new(side * w, top - 1), new(side * w, top + rim), new(side * (w - RimTop), top + rim), new(side * (w - RimTop - rim), top),
                new(side * (w - RimTop - rim), top - 1)], 0, level);
        }

        return body;
    }

    /// <summary>What is cut off both lower edges, so that it stands in a rim.</summary>
    private static IEnumerable<Solid> Bevels(BinReckoning r, double to)
    {
        var (w, c) = (r.OuterWidth.Value / 2, r.Wall.Value);
        return new[] { -1.0, 1.0 }.Select(side =>
            AlongY([new(side * (w - c), -1), new(side * (w + 1), -1), new(side * (w + 1), c + 1), new(side * (w - c), 0)], -1, to));
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
        return PartBodies.Slice(Part(r with { Screw = null, Rail = null, Stacks = false, Label = null }, null), -x, 0, r.Floor.Value + 0.5, x, y,
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
