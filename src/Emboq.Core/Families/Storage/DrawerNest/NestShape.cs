namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>The solids of a row of nests.</summary>
internal static class NestShape
{
    private const double SliceHigh = 2;

    public static IReadOnlyList<Piece> Pieces(NestReckoning r, string? mark)
    {
        var modules = r.Row.Columns.SelectMany((c, i) => c.Modules.Select(m => (Column: i, Module: m))).ToList();
        // The main piece first.
        return [.. modules.OrderBy(m => m.Module.Key == Piece.Main ? 0 : 1).Select(m => new Piece(m.Module.Key, m.Module.Name, () =>
            Of(r, m.Column, m.Module, mark), NestParameters.Ways, r.Way.Key) { MayDiffer = false })];
    }

    private static Solid Of(NestReckoning r, int column, Module m, string? mark)
    {
        var c = r.Row.Columns[column];
        // A block is soon cut by one after another: what is tall and of many triangles would meet the others all the way up.
        var solid = Cuts(r, column, m).Aggregate(Block(r, c, m), (s, cut) => s - cut);
        solid = r.LocksAfter(column).Where(y => y > m.From && y < m.To).Aggregate(solid, (s, y) => s + r.Lock.Foot.At(c.X + c.Wide, y, 0));
        return PartBodies.Marked(solid, m.Key == Piece.Main ? mark : null, letters => letters.UpsideDown().Spun(90).At(c.X + (c.Wide / 2),
            (m.From + m.To) / 2, 0), r.Floor.Value > 1 ? Math.Min(14, m.To - m.From - 4) : 0);
    }

    private static Solid Block(NestReckoning r, Column c, Module m)
    {
        var (w, l) = (c.Wide, m.To - m.From);
        if (m.Tool is not null)
        {
            return Slab.Of(w, l, r.Height.Value, 1, 0, 0.4).At(c.X + (w / 2), m.From + (l / 2), 0);
        }

        // A frame, thicker at its ends where the drawer's corners are cut out of it.
        var (wall, ends) = (r.Wall.Value, Math.Max(r.Wall.Value, r.Corner.Value > 0 ? r.Corner.Value + NestReckoning.LeastBehind : 0));
        var frame = Slab.Of(w, l, r.FrameHigh, 1, 0, 0.4).At(c.X + (w / 2), m.From + (l / 2), 0);
        return w - (2 * wall) < 4 || l - (2 * ends) < 4 ? frame
            : frame - new Solid.Box(w - (2 * wall), l - (2 * ends), r.FrameHigh + 2).At(c.X + wall, m.From + ends, -1);
    }

    private static IEnumerable<Solid> Cuts(NestReckoning r, int column, Module m)
    {
        var (c, high) = (r.Row.Columns[column], r.Height.Value);
        if (m.Tool is { } i)
        {
            if (r.FingerAt(r.Tools[i]) is var (y, radius, deep))
            {
                yield return new Solid.Cylinder(radius, c.Wide + 2).Rolled(90).At(c.X - 1, y, high - deep + radius);
            }

            if (r.BelowLip is var (to, below))
            {
                yield return new Solid.Box(c.Wide + 2, to + 1, high - below + 1).At(c.X - 1, -1, below);
            }
        }

        if (column > 0)
        {
            foreach (var y in r.LocksAfter(column - 1).Where(y => y > m.From && y < m.To))
            {
                yield return r.Lock.Channel.At(c.X, y, 0);
            }
        }

        foreach (var f in r.Reliefs.Where(f => f.Meets(c.X, c.X + c.Wide, m.From, m.To)))
        {
            yield return new Solid.Box(f.X1 - f.X0, f.Y1 - f.Y0, high + 2 - f.Z).At(f.X0, f.Y0, f.Z);
        }

        if (r.Corner.Value > 0.1)
        {
            foreach (var (x, way) in new[] { (r.Row.Left, 1), (r.Row.Right, -1) }.Where(e => Math.Abs(e.Item1 - (e.Item2 > 0 ? c.X : c.X + c.Wide)) < 1e-6))
            {
                yield return Folded(r, x, way, 0, 1);
                yield return Folded(r, x, way, r.Row.Deep, -1);
            }
        }

        foreach (var opening in m.Tool is { } of ? Openings(r, r.Tools[of], m.From, m.To) : [])
        {
            yield return opening.At(c.X + (c.Wide / 2), 0, 0);
        }
    }

    /// <summary>What a folded corner of the drawer takes.</summary>
    private static Solid Folded(NestReckoning r, double x, int inX, double y, int inY)
    {
        var (leg, beyond) = (r.Corner.Value, 1);
        return new Solid.Extruded(new(new Point2(x - (inX * beyond), y - (inY * beyond)), new(x + (inX * (leg + beyond)), y - (inY * beyond)),
            new(x - (inX * beyond), y + (inY * (leg + beyond)))), r.Height.Value + 2).At(0, 0, -1);
    }

    /// <summary>What is cut away for a tool, its middle at x = 0: open upwards, and as far as it turns.</summary>
    internal static Solid Nest(NestReckoning r, NestTool tool) => Openings(r, tool, double.NegativeInfinity, double.PositiveInfinity)
        .Aggregate((a, b) => a + b);

    /// <summary>The same, step by step, of what reaches between two places from the front.</summary>
    private static IEnumerable<Solid> Openings(NestReckoning r, NestTool tool, double from, double to)
    {
        if (r.Exact && tool.Opened is { } opened)
        {
            return [opened.Solid.At(0, tool.Y, tool.OpenedAt)];
        }

        if (tool.Opening is { } opening)
        {
            return [new Solid.Extruded(opening, r.Height.Value + 2 - tool.Base).At(0, 0, tool.Base)];
        }

        // In round figures, so that what is stretched stays the same while floors and walls change.
        var up = 100 * Math.Ceiling((r.Height.Value + tool.Lies.Top + 2) / 100);
        return tool.Lies.Steps.Select((s, i) => (Step: s, Swing: tool.Swings[i])).Where(s => EndsOf(tool, s.Step, s.Swing) is var ends && ends.Back + tool.Grown
            > from && ends.Front - tool.Grown < to).Select(s => r.Exact ? Opened(tool, s.Step, s.Swing, up) : Rough(r, tool, s.Step, s.Swing));
    }

    private static Solid Rough(NestReckoning r, NestTool tool, ToolStep s, double swing)
    {
        var ((front, back), half) = (EndsOf(tool, s, swing), s.Widest + tool.Grown);
        return new Solid.Box(2 * half, back - front, r.Height.Value + 2 - tool.Base).At(-half, front, tool.Base);
    }

    /// <summary>From where to where a step takes room, from the front.</summary>
    private static (double Front, double Back) EndsOf(NestTool tool, ToolStep s, double swing)
    {
        var corners = new[] { tool.Lies.At(s.From, s.First), tool.Lies.At(s.From, -s.First), tool.Lies.At(s.To, s.Last), tool.Lies.At(s.To, -s.Last) };
        return (tool.Y + corners.Min(p => p.X) - tool.Grown - (tool.Last < 0 ? swing : 0), tool.Y + corners.Max(p => p.X) + tool.Grown
            + (tool.Last > 0 ? swing : 0));
    }

    private static Solid Opened(NestTool tool, ToolStep s, double swing, double up)
    {
        var e = tool.Grown;
        Point2[] rims = [new(s.From - e, s.First + e), new(s.From + e, s.First + e), new(s.To - e, s.Last + e), new(s.To + e, s.Last + e)];
        // A step and what stays free around it, square to its axis and along it.
        var grown = new Solid.Revolved(Around(rims));
        var lift = e / Math.Max(Math.Cos(tool.Lies.Tilt * Math.PI / 180), Math.Abs(Math.Sin(tool.Lies.Tilt * Math.PI / 180)));
        var lying = Lying(tool, grown).At(0, 0, lift);
        var to = tool.Last * swing;
        return new Solid.Hulled(swing < 0.05 ? [lying, lying.At(0, 0, up)] : [lying, lying.At(0, to, 0), lying.At(0, 0, up), lying.At(0, to, up)])
            .At(0, tool.Y, tool.Base);
    }

    /// <summary>The convex half section around rims, from axis to axis: radius, and along the axis.</summary>
    private static Profile Around(IReadOnlyList<Point2> rims)
    {
        Point2[] corners = [new(rims.Min(p => p.X), 0), .. Outlines.Skin(rims), new(rims.Max(p => p.X), 0)];
        return new(corners.Select(p => new Point2(p.Y, p.X)));
    }

    /// <summary>What is turned about z, along the tool's axis as it lies.</summary>
    private static Solid Lying(NestTool tool, Solid turned) => tool.Lies.At(0, 0) is var p ? turned.Tipped(tool.Lies.Tilt - 90).At(0, p.X, p.Y) : turned;

    private static Solid Tool(NestTool tool)
    {
        if (tool.Lies.Body is { } body)
        {
            return (body.Skin is { } skin ? new Solid.Meshed(skin) : body.Solid).At(0, tool.Y, tool.Base);
        }

        if (tool.Lies.Outline is { } outline)
        {
            return new Solid.Extruded(outline, tool.Lies.Top).At(0, tool.Y, tool.Base);
        }

        List<Point2> half = [new(0, 0)];
        foreach (var s in tool.Lies.Steps)
        {
            half.AddRange([new(s.First, s.From), new(s.Last, s.To)]);
        }

        half.Add(new(0, tool.Lies.Length));
        return Lying(tool, new Solid.Revolved(new(half.Where((q, i) => i == 0 || q != half[i - 1])))).At(0, tool.Y, tool.Base);
    }

    public static IReadOnlyList<Body> Machine(NestReckoning r) => [.. r.Tools.Select(t => new Body($"machine-{t.Slot}", t.Place.Name, () =>
        Tool(t).At(Middle(r, t), 0, 0)))];

    public static double Middle(NestReckoning r, NestTool tool) => r.Column(tool) is var c ? c.X + (c.Wide / 2) : 0;

    /// <summary>All straight out, and each by the end that it is grasped at.</summary>
    public static IEnumerable<Motion> Motions(NestReckoning r)
    {
        MotionRest[] rests = [new(0, "in its nest"), new(1, "out of it")];
        yield return new("lift", "lifting straight out", [.. r.Tools.Select(t => $"machine-{t.Slot}")], [MotionStep.Along(0, 0, r.Height.Value + 5)], rests);
        foreach (var t in r.Turn < 1 ? [] : r.Tools)
        {
            var pivot = t.Lies.Pivot;
            // What is over the pivot would sink while it turns: a hand lets it come up by as much.
            var sinks = 2 * t.Lies.LastRadius * (1 - Math.Cos(r.Turn * Math.PI / 180));
            yield return new($"turn-{t.Slot}", $"lifting the {t.Place.Name} by its {(t.Lies.ByLight ? "light" : "heavy")} end", [$"machine-{t.Slot}"],
                [new(Axis.X, new(0, t.Y + pivot.X, t.Base + pivot.Y), -t.Last * r.Turn, new(0, 0, sinks)), MotionStep.Along(0, 0, r.Height.Value + 5)], rests);
        }
    }

    public static IEnumerable<Proof> Proofs(NestReckoning r) => r.Tools.Select(t => new Proof($"ring-{t.Slot}", $"cut-out of the {t.Place.Name}", () =>
    {
        var (c, wall) = (r.Column(t), r.Wall.Value);
        var (x0, x1) = (c.X + (c.Wide / 2) - (t.Wide / 2) - wall, c.X + (c.Wide / 2) + (t.Wide / 2) + wall);
        var top = r.Height.Value;
        return (new Solid.Box(x1 - x0, t.Long + (2 * wall), SliceHigh).At(x0, t.From - wall, top - SliceHigh) - Nest(r, t).At(c.X + (c.Wide / 2), 0, 0))
            .At(0, 0, SliceHigh - top);
    }, "Proves the nest's outline at its top in minutes. It does not prove its floor, nor how the tool is lifted.")
    { Seat = t.Slot });

    public static IEnumerable<Gauge> Gauges(NestReckoning r)
    {
        foreach (var t in r.Tools)
        {
            var (x, body) = (Middle(r, t), BodyAt(r, t, t.From + 1));
            if (r.Exact && t.Opened is { } opened)
            {
                foreach (var gauge in Scanned(r, t, opened, x))
                {
                    yield return gauge;
                }

                continue;
            }

            if (t.Opening is { } opening)
            {
                var cut = new Profile(opening.Points.Select(p => p with { X = p.X + x }));
                var line = cut.Middle.Y;
                if (r.Row.Modules.Where(m => m.Tool is not null).All(m => Math.Abs(m.From - line) > 1 && Math.Abs(m.To - line) > 1))
                {
                    yield return OutlineGauge.Of(BodyAt(r, t, line), $"nest of the {t.Place.Name}, across", cut, t.Base + 0.3, Axis.X, Jaws.Between);
                }

                yield return OutlineGauge.Of($"ring-{t.Slot}", $"cut-out of the {t.Place.Name}, across", cut, SliceHigh - 0.1, Axis.X, Jaws.Between);
                continue;
            }

            if (Widest(r, t) is { } at)
            {
                yield return new(BodyAt(r, t, at.Y), $"nest of the {t.Place.Name}, across", t.Size.Drawn.Value, new(x, at.Y, at.Z), Axis.X);
                yield return new($"ring-{t.Slot}", $"cut-out of the {t.Place.Name}, across", t.Size.Drawn.Value, new(x, at.Y, SliceHigh - 0.1), Axis.X);
            }

            if (!r.Exact && r.Row.Modules.Count(m => m.Tool is { } i && r.Tools[i] == t) == 1)
            {
                var ends = t.Lies.Steps.Select((s, i) => EndsOf(t, s, t.Swings[i])).ToList();
                yield return new(body, $"nest of the {t.Place.Name}, front to back", ends.Max(e => e.Back) - ends.Min(e => e.Front),
                    new(x + 0.01, t.From + (t.Long / 2), r.Height.Value - 0.3), Axis.Y);
            }
        }

        foreach (var (c, m) in r.Row.Columns.SelectMany(c => c.Modules.Select(m => (c, m))).Where(m => m.m.Tool is null))
        {
            // Along its middle, where no folded corner and nothing of the drawer takes an end away.
            var x = c.X + (c.Wide / 2) + 0.01;
            if (r.Corner.Value < (c.Wide / 2) - 0.5 && !r.Reliefs.Any(f => f.Meets(x, x, m.From, m.To)))
            {
                yield return new(m.Key, $"{m.Name}, front to back", m.To - m.From, new(x, (m.From + m.To) / 2, r.FrameHigh - 0.5), Axis.Y, Jaws.Over);
            }
        }
    }

    /// <summary>Across the nest of a thing that was scanned, near its top, where no end of a module and no finger room is near: the broadest such place.
    /// </summary>
    private static IEnumerable<Gauge> Scanned(NestReckoning r, NestTool t, OpenedBody opened, double x)
    {
        var (low, off) = (t.OpenedAt, 0.3);
        var free = t.Lies.Body!.Sections.Select(o => o.At).Where(at => Free(r, t, t.Y + at)).Select(at => (At: at + 0.013, Met: opened.Across(at + 0.013,
            r.Height.Value - off
            - low))).Where(f => f.Met is not null).OrderByDescending(f => f.Met!.Value.To - f.Met.Value.From).ToList();
        if (free.Count > 0 && free[0] is var (at, met))
        {
            var (wide, middle) = (met!.Value.To - met.Value.From, x + ((met.Value.To + met.Value.From) / 2));
            yield return new(BodyAt(r, t, t.Y + at), $"nest of the {t.Place.Name}, across", wide, new(middle, t.Y + at, r.Height.Value - off), Axis.X)
            { Pictured = Coarse.BetweenSides };
            yield return new($"ring-{t.Slot}", $"cut-out of the {t.Place.Name}, across", wide, new(middle, t.Y + at, SliceHigh - off), Axis.X)
            { Pictured = Coarse.BetweenSides };
        }
    }

    /// <summary>Whether a line across the nest meets its own walls, and nothing else that is cut.</summary>
    private static bool Free(NestReckoning r, NestTool t, double y) => r.Row.Modules.Where(m => m.Tool is not null).All(m => Math.Abs(m.From - y) >= 1
        && Math.Abs(m.To - y) >= 1) && !(r.FingerAt(t) is var (middle, round, _) && Math.Abs(y - middle) < round + 0.5)
        && !(r.BelowLip is var (to, _) && y < to);

    private static string BodyAt(NestReckoning r, NestTool t, double y) => r.Column(t).Modules.First(m => m.To >= y).Key;

    /// <summary>Where the nest is as wide as its drawn size: at the tool's widest place, where no wider step and no finger room is near.</summary>
    private static (double Y, double Z)? Widest(NestReckoning r, NestTool t)
    {
        var (step, atEnd) = NestTool.Seat(t.Lies, r.Height.Value - r.Floor.Value);
        var along = step.First == step.Last ? (step.From + step.To) / 2 : atEnd ? step.To : step.From;
        var (at, radius) = (t.Axis(along), atEnd ? step.Last : step.First);
        // A wide step that is tilted reaches further along the nest than its axis does.
        var reach = t.Grown + 1;
        var wider = t.Lies.Steps.Select((s, i) => (s.Widest, Ends: EndsOf(t, s, t.Swings[i]))).Any(s => s.Widest > radius && s.Ends.Front - reach < at.X
            && at.X < s.Ends.Back + reach);
        return wider || !Free(r, t, at.X) || at.Y + t.Grown > r.Height.Value - 0.2 ? null : (at.X, r.Height.Value - 0.1);
    }
}
