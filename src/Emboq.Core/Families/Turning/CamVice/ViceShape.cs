namespace Emboq.Core.Families.Turning.CamVice;

/// <summary>The solids of a cam vice.</summary>
internal static class ViceShape
{
    /// <summary>Half of a lever's end; from the bed to where the cam's round enters the jaw, mm.</summary>
    private const double LeverHalf = 5, CamHigh = 2 * (ViceReckoning.LeverThick + ViceReckoning.LeverRoom);

    public static IReadOnlyList<Piece> Pieces(ViceReckoning r, string? mark)
    {
        var at = JawAt(r);
        return
        [
            new(Piece.Main, "sliding jaw", () => PartBodies.Marked(Jaw(r), mark, letters => letters.Spun(90).Rolled(90).At(r.Wide.Value / 2, r.Long.Value / 2,
                r.BaseHigh + (r.High.Value / 2)), r.Long.Value / 2), CamViceFamily.JawWays, r.Way.Key) { Pose = at },
            new("base", "base with its fixed jaw", () => Base(r), CamViceFamily.BaseWays, "flat")
            {
                WayBy = null,
                MayDiffer = false,
                Pattern = [.. ScrewsAt(r).Select(y => new PatternHole(0, y, r.Screw.Bore, HoleUse.Passing, "bench"))],
                Walls = [.. ScrewsAt(r).Select((y, i) => ($"screw {i + 1}", r.Screw.Zone.At(0, y, r.Floor.Value)))],
            },
            new("pad", "pad", () => Pad(r), r.Spring is null ? CamViceFamily.PadWays : CamViceFamily.SprungWays, r.Spring is null ? "flat" : "edge")
            {
                WayBy = null,
                MayDiffer = false,
                Pose = new(90, 0, 0, new(0, at.By.Y - ViceReckoning.Free, r.BaseHigh + ViceReckoning.Free)),
            },
            new("cam", "cam with its lever", () => Cam(r), CamViceFamily.CamWays, "flat")
            {
                WayBy = null,
                MayDiffer = false,
                Pose = new(180, 0, 0, new(0, at.By.Y + r.CamAt, r.Top + CamHigh)),
            },
            new("lock", "lock with its lever", () => Lock(r), CamViceFamily.CamWays, "flat")
            {
                WayBy = null,
                MayDiffer = false,
                Pose = new(180, 0, 0, new(0, at.By.Y + r.LockAt, r.Top + ViceReckoning.LeverThick + ViceReckoning.LeverRoom)),
            },
            .. r.Post is { } post ? PostShape.Pieces(r, post) : [],
        ];
    }

    /// <summary>Where the sliding jaw stands with its cam open, the pad as far before the work as it is pushed.</summary>
    private static Pose JawAt(ViceReckoning r) => new(0, 0, 0, new(0, r.Fixed.Value + r.Work.Wide.Value + r.Pad.Value + ViceReckoning.Free + r.Stroke, 0));

    private static Solid Box(double x0, double y0, double z0, double x1, double y1, double z1) => new Solid.Box(x1 - x0, y1 - y0, z1 - z0).At(x0, y0, z0);

    /// <summary>An outline in x and z, drawn along y.</summary>
    private static Solid Drawn(Profile outline, double from, double to) => new Solid.Extruded(outline, to - from).Tipped(90).At(0, to, 0);

    /// <summary>A base that turns is not screwed down itself.</summary>
    private static IEnumerable<double> ScrewsAt(ViceReckoning r) => r.Post is not null ? [] : [ChannelFrom(r) + r.Screw.Reach + 1,
        r.BaseLong - r.Screw.Reach - 1];

    /// <summary>A ledge stands on solid ground.</summary>
    private static double ChannelFrom(ViceReckoning r) => r.Fixed.Value + (r.Face == JawFace.Ledge ? r.Ledge.Value : 0);

    public static Solid Base(ViceReckoning r)
    {
        var (half, deep, fix) = (r.Wide.Value / 2, r.Tail.Deep.Value, r.Fixed.Value);
        var (mouth, floor) = (r.Tail.Channel(0), r.Tail.Channel(deep));
        // The channel goes on upwards at its mouth, so that it opens the face that it is cut from.
        var channel = Drawn(new(new Point2(-floor, r.Floor.Value), new(floor, r.Floor.Value), new(mouth, r.BaseHigh), new(mouth, r.BaseHigh + 1),
            new(-mouth, r.BaseHigh + 1), new(-mouth, r.BaseHigh)), ChannelFrom(r), r.BaseLong + 1);
        var solid = Box(-half, 0, 0, half, r.BaseLong, r.BaseHigh) - channel + Box(-half, 0, r.BaseHigh - 1, half, fix, r.Top);
        solid = r.Face switch
        {
            JawFace.Ledge when r.Rest.Value > 0 => solid + Box(-half, fix - 1, r.BaseHigh - 1, half, fix + r.Ledge.Value, r.BaseHigh + r.Rest.Value),
            JawFace.Vee => solid - Groove(r).At(0, fix, r.WorkZ),
            _ => solid,
        };
        return r.Post is { } post ? PostShape.Around(solid, r, post) : solid.Without(ScrewsAt(r).Select(y => r.Screw.Cut.At(0, y, r.Floor.Value)));
    }

    /// <summary>Of 90 degrees, along x, into what lies before y = 0.</summary>
    private static Solid Groove(ViceReckoning r)
    {
        var (deep, half) = (r.Groove.Value, (r.Wide.Value / 2) + 1);
        return new Solid.Extruded(new(new Point2(-deep, 0), new(1, -deep - 1), new(1, deep + 1)), 2 * half).Spun(90).Rolled(90).At(-half, 0, 0);
    }

    public static Solid Jaw(ViceReckoning r)
    {
        var (half, neck, slit, length) = (r.Wide.Value / 2, r.Tail.Foot(0), r.Slit.Value / 2, r.Long.Value);
        var (under, bottom) = (r.BaseHigh + ViceReckoning.Free, r.Floor.Value + Dovetail.Under);
        var toe = r.Tail.Foot(r.BaseHigh - bottom);
        var block = Box(-half, 0, under, half, length, r.Top) - Box(-neck - ViceReckoning.Relief, -1, under - 1, neck + ViceReckoning.Relief, length + 1,
            r.RootTop);
        var foot = Drawn(new(new Point2(-toe, bottom), new(toe, bottom), new(neck, r.BaseHigh), new(neck, r.RootTop + 0.5), new(-neck, r.RootTop + 0.5),
            new(-neck, r.BaseHigh)), 0, length);
        var (across, along) = r.OnEnd ? (HoleLie.Teardrop, HoleLie.Upright) : (HoleLie.Upright, HoleLie.Teardrop);
        // Roofs point away from the bed: on its back end to its front, on its head downwards.
        Solid Down(double diameter, double from, double to, double y) => HoleShape.Cut(diameter, from, to, across).Spun(180).At(0, y, 0);
        Solid Guide(double x) => HoleShape.Cut(r.Bores.Guide.Value, -r.GuideDeep, 0.5, along).Spun(180).Tipped(90).At(x, 0, r.GuideZ);
        return (block + foot).Without([Box(-slit, -1, bottom - 1, slit, length + 1, r.RootTop),
            Down(2 * (r.Lock.Most + ViceReckoning.Free), r.RootTop - 1, r.Top + 1, r.LockAt),
            new Solid.Cylinder(r.Cam.Hollow, r.Thick.Value + 1).At(0, r.CamAt, r.CamZ), Down(r.Bores.Under.Value, r.CamZ - r.PinDeep, r.CamZ + 1, r.CamAt),
            Guide(-r.GuideAside), Guide(r.GuideAside)]);
    }

    /// <summary>As it is printed: its face up, its foot along y.</summary>
    public static Solid Pad(ViceReckoning r)
    {
        var (half, thick) = (r.Wide.Value / 2, r.Pad.Value);
        var pad = Box(-half, 0, 0, half, r.High.Value - ViceReckoning.Free, thick);
        pad = r.Face switch
        {
            JawFace.Ledge when r.Rest.Value > ViceReckoning.Free => pad + Box(-half, 0, thick - 1, half, r.Rest.Value - ViceReckoning.Free,
                thick + r.Ledge.Value),
            JawFace.Vee => pad - Groove(r).Tipped(90).At(0, r.WorkZ - r.BaseHigh - ViceReckoning.Free, thick),
            _ => pad,
        };
        // A sprung pad prints on its upper edge: its holes lie, and their roofs point to its foot.
        var hole = HoleShape.Cut(r.Held.Value, -1, thick - 2, r.Spring is null ? HoleLie.Upright : HoleLie.Teardrop).Spun(180);
        return pad.Without([.. new[] { -r.GuideAside, r.GuideAside }.Select(x => hole.At(x, r.GuideZ - r.BaseHigh - ViceReckoning.Free, 0)),
            .. r.Spring is { } spring ? Behind(r, spring) : []]);
    }

    /// <summary>What is cut from a pad so that a strip stands free behind its upper edge.</summary>
    private static IEnumerable<Solid> Behind(ViceReckoning r, PadSpring spring)
    {
        var (half, high) = (spring.Strip.Long / 2, r.High.Value - ViceReckoning.Free);
        return [Box(-half, -1, -1, half, high - spring.Strip.Wide, spring.Behind), Box(-half, -1, spring.Strip.Thick, half, high + 1, spring.Behind)];
    }

    private static Solid Lever(ViceReckoning r, double boss) => new Solid.Hulled(new Solid.Cylinder(boss, ViceReckoning.LeverThick),
        new Solid.Cylinder(LeverHalf, ViceReckoning.LeverThick).At(r.Lever.Value, 0, 0));

    /// <summary>As it is printed: its lever down, along x, its pin at the origin; its round goes up from the bed and hangs nowhere.</summary>
    /// <param name="r">The vice.</param>
    /// <param name="shank">From the bed to where its round enters jaw or base, mm.</param>
    public static Solid Cam(ViceReckoning r, double shank = CamHigh)
    {
        var high = shank + r.Thick.Value - ViceReckoning.Free;
        return (Lever(r, (r.Turns.Drawn.Value / 2) + ViceReckoning.ShaftWall) + new Solid.Cylinder(r.Cam.Radius.Value, high).At(0, -r.Cam.Throw.Value, 0))
            - new Solid.Cylinder(r.Turns.Drawn.Value / 2, high + 2).At(0, 0, -1);
    }

    /// <summary>Likewise; its oval is narrow across the slit.</summary>
    public static Solid Lock(ViceReckoning r)
    {
        const int Corners = 64;
        var (round, foot) = (r.Top - r.RootTop + ViceReckoning.LeverRoom, r.RootTop - r.Floor.Value - Dovetail.Under - 0.5);
        var oval = new Profile([.. Enumerable.Range(0, Corners).Select(i => 2 * Math.PI * i / Corners).Select(a =>
            new Point2(r.Lock.Least * Math.Cos(a), r.Lock.Most * Math.Sin(a)))]);
        return Lever(r, Math.Max(r.Lock.Most, LeverHalf)) + new Solid.Cylinder(r.Lock.Most, round + ViceReckoning.LeverThick)
            + new Solid.Extruded(oval, foot + 1).At(0, 0, ViceReckoning.LeverThick + round - 1);
    }

    public static IEnumerable<Body> Machine(ViceReckoning r)
    {
        var (at, work) = (JawAt(r).By.Y, r.Work);
        var (d, z) = (r.Turns.Counterpart.Value / 2, r.WorkZ - (work.Thick.Value / 2));
        yield return new("machine-work", "work", () => Box(-r.Wide.Value * 0.7, r.Fixed.Value, z, r.Wide.Value * 0.7, r.Fixed.Value + work.Wide.Value,
            z + work.Thick.Value));
        yield return new("machine-pin", "pin of the cam", () => new Solid.Cylinder(d, r.PinLong).At(0, at + r.CamAt, r.CamZ - r.PinDeep));
        yield return new("machine-guides", "guides", () => Guide(r.GuideAside) + Guide(-r.GuideAside));
        if (r.Post is { } post)
        {
            yield return PostShape.Pin(r, post);
        }

        Solid Guide(double x) => new Solid.Cylinder(d, r.GuideLong).Tipped(-90).At(x, at - ViceReckoning.Free - r.Pad.Value + 2.2, r.GuideZ);
    }

    public static IEnumerable<Motion> Motions(ViceReckoning r)
    {
        var at = JawAt(r).By.Y;
        yield return new("clamp", "the cam", ["cam"], [MotionStep.Around(Axis.Z, new(0, at + r.CamAt, 0), ViceReckoning.Closed)], [new(0, "open"),
            new(1, "closed")]);
        yield return new("pad", "the pad", ["pad", "machine-guides"], [MotionStep.Along(0, -r.Stroke, 0)], [new(0, "back"), new(1, "on the work")])
        {
            DrivenBy = new("clamp", [.. Enumerable.Range(0, 25).Select(i => new Point2(i / 24.0, r.Cam.Rise(ViceReckoning.Closed * i / 24) / r.Stroke))]),
        };
        yield return new("lock", "the lock", ["lock"], [MotionStep.Around(Axis.Z, new(0, at + r.LockAt, 0), 90)], [new(0, "loose"), new(1, "locked")]);
        if (r.Opens.Value - r.Work.Wide.Value is > 1 and var way)
        {
            yield return new("slide", "the sliding jaw", ["part", "pad", "cam", "lock", "machine-pin", "machine-guides"], [MotionStep.Along(0, way, 0)],
                [new(0, "at the work"), new(1, "as far as it opens")]);
        }

        foreach (var motion in r.Post is { } post ? PostShape.Motions(r, post) : [])
        {
            yield return motion;
        }
    }

    /// <summary>The lock bends the foot, which the triangles do not; pins that are held are pressed in.</summary>
    public static IEnumerable<Contact> Contacts(ViceReckoning r) =>
    [
        new("lock", Piece.Main, (2 * r.Lock.Most) - r.Slit.Value + 0.1), new("machine-pin", Piece.Main, 0.4), new("machine-guides", "pad", 0.4),
            new("machine-turn-pin", "base", 0.4),
    ];

    public static IEnumerable<Proof> Proofs(ViceReckoning r)
    {
        yield return new("ladder-pin", "test rings", () => Rings(r),
            $"{r.Ladder.Count} rings with bores from {Figures.Mm(r.Ladder[0])} to {Figures.Mm(r.Ladder[^1])}, the lowest has the narrowest: take the one that "
                + "turns freely on the pin and does not rattle. It does not prove what the cam bears.")
        {
            Seat = "pin",
            Rungs = r.Ladder.Count,
        };
        const double Slice = 10;
        yield return new("slice-channel", "a slice of the channel", () =>
        {
            var half = r.Tail.Channel(r.Tail.Deep.Value) + 4;
            return (Base(r) & Box(-half, r.BaseLong - Slice - (2 * r.Screw.Reach) - 2, 0, half, r.BaseLong - (2 * r.Screw.Reach) - 2, r.BaseHigh));
        }, "With a slice of the foot it proves that they slide. It does not prove that the lock holds.");
        if (r.Post is { } post)
        {
            yield return PostShape.Slice(r, post);
        }

        yield return new("slice-foot", "a slice of the foot", () =>
        {
            var half = r.Tail.Foot(0) + ViceReckoning.Relief + 4;
            var slice = Jaw(r) & Box(-half, r.Long.Value - Slice, 0, half, r.Long.Value, Math.Min(r.RootTop + 4, r.Top));
            return r.OnEnd ? slice.Tipped(-90).At(0, 0, r.Long.Value) : slice.Tipped(180).At(0, 0, Math.Min(r.RootTop + 4, r.Top));
        }, "With a slice of the channel it proves that they slide, and can be measured over rollers. It does not prove that the lock holds.");
    }

    /// <summary>Of a test ring, mm.</summary>
    public const double RingWall = 3;

    /// <summary>Grown together side by side, each a little higher than the last.</summary>
    private static Solid Rings(ViceReckoning r)
    {
        var radius = (r.Ladder[^1] / 2) + RingWall;
        return r.Ladder.Select((bore, i) => ((Solid)new Solid.Cylinder(radius, 6 + i) - new Solid.Cylinder(bore / 2, 9 + i).At(0, 0, -1))
            .At(i * ((2 * radius) - 1), 0, 0)).Aggregate((a, b) => a + b);
    }

    public static IEnumerable<Gauge> Gauges(ViceReckoning r)
    {
        const double Below = 0.3;
        yield return new(Piece.Main, "foot at its neck", 2 * r.Tail.Foot(Below), new(0, 2, r.BaseHigh - Below), Axis.X, Jaws.Over);
        yield return new(Piece.Main, "slit", r.Slit.Value, new(0, 2, r.BaseHigh - Below), Axis.X);
        yield return new(Piece.Main, "hole of the cam's pin", r.Bores.Under.Value, new(0, r.CamAt, r.CamZ - (r.PinDeep / 2)), r.OnEnd ? Axis.X : Axis.Y);
        yield return new(Piece.Main, "hole of a guide", r.Bores.Guide.Value, new(r.GuideAside, 3, r.GuideZ), r.OnEnd ? Axis.Z : Axis.X);
        yield return new("base", "channel at its mouth", 2 * r.Tail.Channel(Below), new(0, r.BaseLong - 2, r.BaseHigh - Below), Axis.X);
        // Near their upper edge, or their lower where a groove takes that.
        var (edges, taken) = (new[] { r.Top - 0.4, r.BaseHigh + 1 }, r.Face == JawFace.Vee ? r.Groove.Value + 0.5 : 0);
        if (edges.Where(z => Math.Abs(z - r.WorkZ) > taken).Cast<double?>().FirstOrDefault() is { } z)
        {
            yield return new("base", "fixed jaw", r.Fixed.Value, new(r.Wide.Value / 2 - 0.4, 0.3, z), Axis.Y, Jaws.Over);
            yield return new("pad", "pad", r.Pad.Value, new(r.Wide.Value / 2 - 0.4, z - r.BaseHigh - ViceReckoning.Free, 0.3), Axis.Z, Jaws.Over);
        }

        var high = CamHigh + (r.Thick.Value / 2);
        yield return new("cam", "bore of the cam", r.Turns.Drawn.Value, new(0, 0, high), Axis.X);
        // Along the throw: from the pin's axis to both sides.
        yield return new("cam", "cam across", 2 * r.Cam.Radius.Value, new(0, -r.Cam.Throw.Value, high), Axis.Y, Jaws.Over);
        foreach (var gauge in r.Post is { } post ? PostShape.Gauges(r, post) : [])
        {
            yield return gauge;
        }

        if (r.Spring is { } spring)
        {
            var room = spring.Behind - spring.Strip.Thick;
            yield return new("pad", "room behind the spring", room, new(0, r.High.Value - 2, spring.Strip.Thick + (room / 2)), Axis.Z);
        }

        yield return new("lock", "lock, narrow way", 2 * r.Lock.Least, new(0, 0, ViceReckoning.LeverThick + (r.Top - r.RootTop) + ViceReckoning.LeverRoom + 2),
            Axis.X, Jaws.Over);
    }
}
