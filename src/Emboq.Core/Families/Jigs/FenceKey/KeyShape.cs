namespace Emboq.Core.Families.Jigs.FenceKey;

/// <summary>The solids of a key.</summary>
internal static class KeyShape
{
    private const double RungLength = 15;

    /// <summary>How much each rung grows along the free axis, mm.</summary>
    private const double FreeStep = 0.2;

    /// <summary>What a rung is held by, above the table, mm.</summary>
    private const double Handle = 4;

    /// <summary>Rungs around the drawn size; apart, a second ladder grows along the free axis alone.</summary>
    public static IEnumerable<Proof> Ladders(KeyReckoning r)
    {
        yield return new("ladder-channel", "ladder of the channel", () => Rungs(r, r.Ladder, r.LaddersApart ? 0 : FreeStep), LadderSays(r))
        {
            Seat = "channel",
            Rungs = r.Ladder.Count,
        };
        if (r.LaddersApart)
        {
            yield return new("ladder-free", r.LocksHeight ? "ladder of the width" : "ladder of the height",
                () => Rungs(r, [.. r.Ladder.Select(_ => r.Locked.Drawn.Value)], FreeStep),
                $"{r.Ladder.Count} rungs, each {Figures.Mm(FreeStep)} {(r.LocksHeight ? "wider" : "higher")} than the last: "
                + "shows where it begins to rub. It does "
                    + "not prove the fitted axis.");
        }
    }

    public static Body Machine(KeyReckoning r) => new("machine-channel", r.Locked.Place.Name, () => Channel(r));

    /// <summary>How far screws stand from the ends, of the length.</summary>
    public const double FromEnd = 0.1875;

    /// <summary>Where the two screws stand, along the key.</summary>
    public static IReadOnlyList<double> Screws(KeyReckoning r) => [(FromEnd - 0.5) * r.Length.Value, (0.5 - FromEnd) * r.Length.Value];

    /// <summary>Of the notch, along the key, mm.</summary>
    public static double HalfNotch(KeyReckoning r) => Math.Min(r.Notch.Value, r.Length.Value / 4) / 2;

    /// <summary>Across the key near its end, over its height, over every rung of its ladder, and across each screw hole.</summary>
    public static IReadOnlyList<Gauge> Gauges(KeyReckoning r)
    {
        var end = new Point3((r.Length.Value / 2) - 0.5, 0, -r.High.Value / 2);
        return
        [
            new("part", "key width", r.Width.Value, r.Foot is null ? end : end with { Z = -r.Foot.From.Value / 2 }, Axis.Y, Jaws.Over),
            .. r.Foot is { } foot ? new Gauge[] { new("part", "foot", foot.Width.Value, end with { Z = -r.High.Value + 0.4 }, Axis.Y, Jaws.Over) } : [],
            new("part", "key height", r.High.Value + r.Above.Value, end, Axis.Z, Jaws.Over),
            .. r.Ladder.Select((locked, i) => r.LocksHeight
                ? new Gauge("ladder-channel", $"rung {i + 1}", locked + Handle, new(RungAt(i) + RungLength - 0.5, 0.1, locked / 2), Axis.Z, Jaws.Over)
                : new Gauge("ladder-channel", $"rung {i + 1}", locked, new(RungAt(i) + RungLength - 0.5, 0, 0.5), Axis.Y, Jaws.Over)),
            .. r.Fixings.Where(f => f.Joint.Bore > 0).SelectMany(f => Screws(r).Select(x =>
                new Gauge("part", $"{f.Key} hole", f.Joint.Bore, new(x, 0, r.Above.Value - 0.6), Axis.X))),
        ];
    }

    private static double RungAt(int rung) => rung * (RungLength + 4);

    /// <summary>What one screw's hardware looks like in the frame of the key. Upside down, the roof of a lying hole would point down: it is spun
    /// first.</summary>
    private static Solid Placed(KeyReckoning r, KeyFixing fixing, Solid inJoint, double x) =>
        fixing.FromBelow ? inJoint.Spun(180).UpsideDown().At(x, 0, -r.High.Value) : inJoint.At(x, 0, r.Above.Value);

    private static Solid Cut(KeyReckoning r, double x) => r.Fixings.Select(f => Placed(r, f, f.Joint.Cut, x)).Aggregate((a, b) => a + b);

    /// <summary>What must stay material around it.</summary>
    public static Solid Zone(KeyReckoning r, double x) =>
        r.Fixings.SelectMany(f => f.Joint.Sleeves.Select(s => Placed(r, f, s.Around, x))).Aggregate((a, b) => a + b) - Cut(r, x);

    private static string LadderSays(KeyReckoning r)
    {
        var (locked, free) = r.LocksHeight ? ("high below the table", "wider") : ("wide", "higher");
        return $"{r.Ladder.Count} rungs from {Figures.Mm(r.Ladder[0])} to {Figures.Mm(r.Ladder[^1])} {locked}"
            + (r.LaddersApart ? "" : $", each {Figures.Mm(FreeStep)} {free} than the last") + "; rung 1 has one notch. "
            + "Print it the way up the key will print. It does not prove the key's straightness.";
    }

    public static Solid Part(KeyReckoning r, string? mark)
    {
        var (l, w, h, above, legs) = (r.Length.Value, r.Width.Value, r.High.Value, r.Above.Value, r.Legs.Value);
        Solid body = new Solid.Box(l, w, h + above).At(-l / 2, -w / 2, -h);
        if (legs > 0)
        {
            // Two pairs of legs at the ends: the middle stays free for a hand.
            var (wide, from) = (LegWide(r), Math.Min(r.LegsIn.Value, (l / 2) - LegWide(r)));
            body += new Solid.Box(wide, w + (2 * legs), above).At((-l / 2) + from, -(w / 2) - legs, 0) + new Solid.Box(wide, w + (2 * legs),
                above).At((l / 2) - from - wide, -(w / 2) - legs, 0);
        }

        if (r.Foot is { } foot)
        {
            body += new Solid.Extruded(new Profile(FootSection(r, foot)), l).Tipped(90).Spun(90).At(-l / 2, 0, 0);
        }

        if (r.Notch.Value > 0)
        {
            body -= new Solid.Box(2 * HalfNotch(r), w + 2, (above / 2) + 1).At(-HalfNotch(r), -(w / 2) - 1, above / 2);
        }

        body = r.Fixings.Count == 0 ? body : body.Without(Screws(r).Select(x => Cut(r, x)));
        return PartBodies.Marked(body, mark, letters => letters.Spun(90).At((l / 2) - 4, 0, above), Math.Min(w, l / 6));
    }

    /// <summary>How wide a leg is along the key, mm.</summary>
    public static double LegWide(KeyReckoning r) => Math.Min(12, r.Length.Value / 3);

    /// <summary>The foot across: y to the side, z up from the table. Its shoulders lean, so that it prints turned over.</summary>
    public static IReadOnlyList<Point2> FootSection(KeyReckoning r, KeyFoot foot)
    {
        var (neck, wide, top, low) = (r.Width.Value / 2, foot.Width.Value / 2, -foot.From.Value, -r.High.Value);
        return [new(-wide, low), new(wide, low), new(wide, top - (wide - neck)), new(neck, top), new(-neck, top), new(-wide, top - (wide - neck))];
    }

    /// <summary>Short keys in a row, with as many notches as the number of each.</summary>
    /// <param name="r">The key.</param>
    /// <param name="ladder">The locked size of each, mm.</param>
    /// <param name="step">How much each grows along the free axis, mm.</param>
    private static Solid Rungs(KeyReckoning r, IReadOnlyList<double> ladder, double step)
    {
        return ladder.Select((locked, i) =>
        {
            var grown = (i - (ladder.Count / 2)) * step;
            var (width, below) = r.LocksHeight ? (Math.Max(1, r.Width.Value + grown), locked) : (locked, Math.Max(1, r.High.Value + grown));
            Solid block = new Solid.Box(RungLength, width, below + Handle).At(0, -width / 2, 0);
            // In height it hangs by a shoulder on the table, as the key does; printed turned over, the shoulder lies on the bed.
            block = r.LocksHeight ? (block + new Solid.Box(RungLength, width + (2 * Handle), Handle).At(0, (-width / 2) - Handle, below)).UpsideDown().At(0,
                0, below + Handle) : block;
            var rung = Enumerable.Range(0, i + 1).Aggregate(block, (b, n) => b - new Solid.Cylinder(0.7, below + Handle + 2).At(2 + (n * 2.6), -width / 2, -1));
            return rung.At(RungAt(i), 0, 0);
        }).Aggregate((a, b) => a + b);
    }

    private static Solid Channel(KeyReckoning r)
    {
        var (l, w, d) = (r.Length.Value + 40, r.ChannelWidth.Value, r.Depth.Value);
        var table = w + (2 * r.Legs.Value) + 30;
        var cut = new Solid.Box(l + 2, w, d + 1).At((-l / 2) - 1, -w / 2, -d);
        return new Solid.Box(l, table, d + 8).At(-l / 2, -table / 2, -d - 8).Without(r.Chamber is { } wide
            ? [cut, new Solid.Box(l + 2, wide, d - r.Lip!.Value).At((-l / 2) - 1, -wide / 2, -d)] : [cut]);
    }
}
