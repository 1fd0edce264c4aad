namespace Emboq.Core.Families.Storage.PocketTray;

/// <summary>The solids of a tray.</summary>
internal static class TrayShape
{
    private const double SliceHeight = 2;

    public static IReadOnlyList<Proof> Proofs(TrayReckoning r) =>
    [
        .. r.Pockets!.Select(p => new Proof($"ring-{p.Item.Slot}", $"slice of the {p.Item.Place.Name} pocket", () => Slice(r, p),
            "Proves the pocket's outline in minutes. It does not prove its depth.") { Seat = p.Item.Slot }),
        .. r.Tongue is { } tongue ? new[]
        {
            new Proof("edges", "pair of edges", () => Edges(tongue),
                "Print it twice: the tongue of one proves the groove of the other. It does not prove the pockets."),
        } : [],
    ];

    /// <summary>A short bar with the tongue at one end and the groove at the other.</summary>
    private static Solid Edges(TongueGroove tongue)
    {
        const double Long = 12, High = 8;
        var wide = tongue.Groove.Value + 6;
        return (new Solid.Box(Long, wide, High).At(-Long, -wide / 2, 0) + tongue.Out(High)) - tongue.Cut(High).Spun(180).At(-Long, 0, 0);
    }

    public static IReadOnlyList<Body> Things(TrayReckoning r) => [.. r.Pockets!.Select(p =>
        new Body($"machine-{p.Item.Slot}", p.Item.Place.Name, () => Thing(r, p)))];

    /// <summary>Across each pocket below its mouth and below finger room, in the part and in its slice; of an odd outline where it is widest near its
    /// middle.</summary>
    public static IEnumerable<Gauge> Gauges(TrayReckoning r, ParameterValues p)
    {
        foreach (var pocket in r.Pockets!.Where(q => p.Outline($"{q.Item.Slot}Outline") is null))
        {
            var (item, bottom) = (pocket.Item, Math.Max(r.Height.Value, r.Floor.Value + pocket.Item.Hold) - pocket.Item.Hold);
            var widens = item.Steps.Count > 0 ? item.Steps[^1].X : 0;
            var at = new Point3(pocket.Middle.X, pocket.Middle.Y, bottom + (item.Steps.Count > 0 ? (widens + item.Hold - r.Chamfer) / 2 : item.Hold * 0.1));
            if (item.Place.Kind.Outline is not null)
            {
                var outline = Turned(item.Shape, pocket.Turned);
                yield return OutlineGauge.Of("part", $"{item.Place.Name} pocket", new(outline.Points.Select(q => new Point2(q.X + at.X, q.Y + at.Y))), at.Z,
                    pocket.Turned ? Axis.Y : Axis.X, Jaws.Between);
                continue;
            }

            yield return new("part", $"{item.Place.Name} pocket", item.Size.Drawn.Value, at, pocket.Turned ? Axis.Y : Axis.X);
            yield return new($"ring-{item.Slot}", $"slice of the {item.Place.Name} pocket", item.Size.Drawn.Value, at with { Z = SliceHeight / 2 },
                pocket.Turned ? Axis.Y : Axis.X);
        }

        foreach (var ear in Ears(r))
        {
            yield return new("part", "ear's hole", r.Ear!.Bore, new(ear.X, ear.Y, 0.2), Axis.X);
        }

        foreach (var at in r.Below?.At ?? [])
        {
            yield return new("part", "insert hole", r.Below!.Insert.Bore, new(at.X, at.Y, 0.4), Axis.X);
        }

        if (r.Tongue is { } tongue)
        {
            var (stands, y, z) = (tongue.Stands.Value, r.TonguesAt[0], 0.5 * r.Floor.Value);
            yield return new("part", "over both tongues", (r.Depth.Value / 2) + tongue.Tongue.Value, new(r.Width.Value + (stands / 2), y, z), Axis.Y,
                Jaws.Over);
            yield return new("edges", "tongue of the pair", tongue.Tongue.Value, new(stands / 2, 0, 4), Axis.Y, Jaws.Over);
            yield return new("part", "groove", tongue.Groove.Value, new(stands / 2, y, z), Axis.Y);
            yield return new("part", "width with a tongue, from the groove", r.Width.Value - TongueGroove.Deeper, new(r.Width.Value / 2, y, z), Axis.X,
                Jaws.Over);
        }

        yield return new("part", "width over all", r.Width.Value, new(r.Width.Value / 2, 3.2, 0.5 * r.Floor.Value), Axis.X, Jaws.Over);
    }

    /// <summary>Where the screws of the ears stand.</summary>
    public static IReadOnlyList<Point2> Ears(TrayReckoning r) => r.EarSpacing is not { Value: var apart } ? []
        : [new((r.Width.Value - apart) / 2, r.Depth.Value / 2), new((r.Width.Value + apart) / 2, r.Depth.Value / 2)];

    public static Solid Part(TrayReckoning r, string? mark)
    {
        var (w, d, h, floor) = (r.Width.Value, r.Depth.Value, r.Height.Value, r.Floor.Value);
        var body = Slab.Of(w, d, h, Math.Min(3, r.Wall.Value), 0, 0.4).At(w / 2, d / 2, 0);
        foreach (var p in r.Pockets!.Where(p => r.Border(p.Item) > 0.2))
        {
            body += new Solid.Box(p.Wide + (2 * r.Wall.Value), p.Deep + (2 * r.Wall.Value), floor + p.Item.Hold - 0.5).At(p.X - r.Wall.Value,
                p.Y - r.Wall.Value, 0.5);
        }

        body = Ears(r).Aggregate(body, (b, ear) => b + new Solid.Box(Math.Max(1, r.EarOut) + 1, 2 * r.Ear!.Reach, TrayReckoning.EarThickness).At(ear.X < w / 2
            ? -r.EarOut : w - 1, ear.Y - r.Ear.Reach, 0));
        body = r.TonguesAt.Aggregate(body, (b, y) => b + r.Tongue!.Out(h).At(w, y, 0));
        var trough = r.Trough > 0 ? [Trough(r)] : Array.Empty<Solid>();
        body = body.Without([.. r.Pockets!.Select(p => Opening(r, p)), .. trough, .. r.Hollow ? Cells(r) : [],
            .. r.KeptFree.Select(k => k.Cut(r.Wall.Value, r.Tall?.Value ?? h)).OfType<Solid>(),
            .. r.Below is { } b ? b.At.Select(at => TrayCarried.Placed(b.Insert.Cut, at)) : [],
            .. r.TonguesAt.Select(y => r.Tongue!.Cut(h).Spun(180).At(0, y, 0)),
            .. Ears(r).Select(ear => r.Ear!.Cut.At(ear.X, ear.Y, TrayReckoning.EarThickness))]);
        return PartBodies.Marked(body, mark, letters => letters.UpsideDown().At(w / 2, d / 2, 0), floor > 1 ? 14 : 0);
    }

    /// <summary>A strip along the front; its long sides upright, or leaning out so that a finger scoops bits out.</summary>
    private static Solid Trough(TrayReckoning r)
    {
        var (wall, wide, h, floor) = (r.Wall.Value, r.Width.Value - (2 * r.Wall.Value), r.Height.Value, r.Floor.Value);
        if (!r.Sloped)
        {
            return Slab.Of(wide, r.Trough, h + 5, 2.5).At(r.Width.Value / 2, wall + (r.Trough / 2), floor);
        }

        var lean = Math.Min(h - floor, 0.35 * r.Trough);
        // y from the front, z up; drawn out from left to right.
        return new Solid.Extruded(new Profile(new(wall + lean, floor), new(wall + r.Trough - lean, floor), new(wall + r.Trough, floor + lean),
            new(wall + r.Trough, h + 5), new(wall, h + 5), new(wall, floor + lean)), wide).Tipped(90).Spun(90).At(wall, 0, 0);
    }

    /// <summary>Cells below what needs no depth, with ribs between them: none is wider than a roof that bridges well. One stays whole for the mark.</summary>
    private static IEnumerable<Solid> Cells(TrayReckoning r)
    {
        const double Cell = 20, Rib = 2, Least = 3;
        var (wall, w, d) = (r.Wall.Value, r.Width.Value, r.Depth.Value);
        var (nx, ny) = ((int)Math.Ceiling((w - (2 * wall)) / Cell), (int)Math.Ceiling((d - (2 * wall)) / Cell));
        var (sx, sy) = ((w - (2 * wall) + Rib) / nx, (d - (2 * wall) + Rib) / ny);
        foreach (var (i, j) in Enumerable.Range(0, nx).SelectMany(i => Enumerable.Range(0, ny).Select(j => (i, j))))
        {
            var (x0, y0) = (wall + (i * sx), wall + (j * sy));
            var (x1, y1) = (x0 + sx - Rib, y0 + sy - Rib);
            bool Over(double a0, double b0, double a1, double b1) => x0 < a1 && a0 < x1 && y0 < b1 && b0 < y1;
            var roof = r.Pockets!.Where(p => Over(p.X - wall, p.Y - r.Finger - wall, p.X + p.Wide + wall, p.Y + p.Deep + wall)).Select(p =>
                Math.Max(r.Height.Value, r.Floor.Value + p.Item.Hold) - p.Item.Hold).Append(r.Height.Value).Min();
            roof = r.Trough > 0 && Over(0, 0, w, (2 * wall) + r.Trough) ? r.Floor.Value : roof;
            var top = roof - r.Floor.Value;
            var mark = Over((w / 2) - 9, (d / 2) - 5, (w / 2) + 9, (d / 2) + 5);
            if (top > Least && !mark && r.KeptFree.All(k => k.From is null || !Over(k.X0, k.Y0, k.X1, k.Y1)))
            {
                yield return new Solid.Box(x1 - x0, y1 - y0, top + 1).At(x0, y0, -1);
            }
        }
    }

    /// <summary>Everything that is cut away for one thing: its pocket with an eased mouth, and room for a finger in front.</summary>
    private static Solid Opening(TrayReckoning r, Pocket p)
    {
        var top = Math.Max(r.Height.Value, r.Floor.Value + p.Item.Hold);
        var bottom = top - p.Item.Hold;
        var cut = (p.Item.Steps.Count > 0 ? Stepped(p.Item.Steps, p.Item.Hold, r.Chamfer)
            : Eased(Turned(p.Item.Shape, p.Turned), p.Item.Hold, r.Chamfer)).At(p.Middle.X, p.Middle.Y, bottom);
        // A finger does not reach the floor: the lowest fifth under a thing stays whole.
        return r.Finger > 1 ? cut + new Solid.Cylinder(FingerRadius(r, p), (p.Item.Hold * 0.8) + 2).At(p.Middle.X, Front(p),
            bottom + (p.Item.Hold * 0.2)) : cut;
    }

    public static double FingerRadius(TrayReckoning r, Pocket p) => Math.Min(r.Finger, p.Wide * 0.42);

    /// <summary>Front edge of a pocket in the middle of its room: of a thing that is wider above it, or that curves, it lies behind the edge of its
    /// room.</summary>
    public static double Front(Pocket p)
    {
        // A hair beside the middle, where no outline has a corner.
        const double Beside = 1e-4;
        var corners = Turned(p.Item.Shape, p.Turned).Points;
        return p.Middle.Y + corners.Zip(corners.Skip(1).Append(corners[0])).Where(s => s.First.X > Beside != s.Second.X > Beside).Min(s => s.First.Y
            + ((s.Second.Y - s.First.Y) * (Beside - s.First.X) / (s.Second.X - s.First.X)));
    }

    /// <summary>A pocket whose mouth opens at 45 degrees; straight where its outline cannot be lofted.</summary>
    private static Solid Eased(Profile outline, double hold, double chamfer) =>
        chamfer > 0.1 && Outlines.Moved(outline, chamfer) is { } wider && Outlines.SeenFromWithin(outline) && Outlines.SeenFromWithin(wider)
            && Outlines.Matched(outline, wider) is [var narrow, var wide]
            ? new Solid.Lofted(new Solid.Section(narrow, 0), new Solid.Section(narrow, hold - chamfer), new Solid.Section(wide, hold),
                new Solid.Section(wide, hold + 2))
            : new Solid.Extruded(outline, hold + 2);

    private static Solid Stepped(IReadOnlyList<Point2> steps, double hold, double chamfer)
    {
        List<Point2> half = [new(0, 0)];
        for (var i = 0; i < steps.Count; i++)
        {
            half.Add(new(steps[i].Y, steps[i].X));
            half.Add(new(steps[i].Y, i + 1 < steps.Count ? Math.Min(steps[i + 1].X, hold - chamfer) : hold - chamfer));
        }

        half.AddRange([new(steps[^1].Y + chamfer, hold), new(steps[^1].Y + chamfer, hold + 2), new(0, hold + 2)]);
        return new Solid.Revolved(new Profile(half.Where((q, i) => i == 0 || q != half[i - 1])));
    }

    private static Solid Slice(TrayReckoning r, Pocket p)
    {
        var top = Math.Max(r.Height.Value, r.Floor.Value + p.Item.Hold);
        var at = top - Math.Max(SliceHeight, r.Chamfer + SliceHeight + 0.2);
        return PartBodies.Slice(Part(r with { Finger = 0 }, null), p.X - r.Wall.Value, p.Y - r.Wall.Value, at, p.X + p.Wide + r.Wall.Value,
            p.Y + p.Deep + r.Wall.Value, at + SliceHeight);
    }

    private static Solid Thing(TrayReckoning r, Pocket p)
    {
        var bottom = Math.Max(r.Height.Value, r.Floor.Value + p.Item.Hold) - p.Item.Hold;
        if (p.Item.Steps.Count > 0 && p.Item.Place.Kind.Shape(new Measuring.Sizes(p.Item.Place)) is { } standing)
        {
            return standing.At(p.Middle.X, p.Middle.Y, bottom);
        }

        var less = p.Item.Size.Drawn.Value - p.Item.Size.Counterpart.Value;
        return new Solid.Extruded(Outlines.Moved(Turned(p.Item.Shape, p.Turned), -less / 2) ?? p.Item.Shape, p.Item.Height).At(p.Middle.X, p.Middle.Y, bottom);
    }

    public static Profile Turned(Profile shape, bool turned) => turned ? new(shape.Points.Select(q => new Point2(-q.Y, q.X))) : shape;
}
