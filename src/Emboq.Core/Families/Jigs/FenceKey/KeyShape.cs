namespace Emboq.Core.Families.Jigs.FenceKey;

/// <summary>The solids of a key.</summary>
internal static class KeyShape
{
    private const double RungLength = 15, BetweenRungs = 4;

    /// <summary>What a rung takes of their row, mm.</summary>
    public const double RungTakes = RungLength + BetweenRungs;

    /// <summary>How much a rung grows where the key is free, mm; and how far one stays clear there that is to be felt the other way alone.</summary>
    private const double FreeStep = 0.2, Clear = 0.5;

    /// <summary>What a rung is held by, above the table, mm.</summary>
    private const double Handle = 4;

    /// <summary>Together, each rung is larger both ways, and each way that is locked is felt on it; apart, there is a ladder for each way.</summary>
    public static IEnumerable<Proof> Ladders(KeyReckoning r)
    {
        var one = r.Locked[0];
        if (!r.LaddersApart)
        {
            var other = r.Locked.Count > 1 ? "" : $", each {Figures.Mm(FreeStep)} {(r.Upright is null ? "higher" : "wider")} than the last";
            yield return new($"ladder-{one.Size.Of.Slot}", "ladder of the channel", () => Rungs(Together(r), r.Upright is not null),
                $"{Says(r, [.. r.Locked])}{other}{HowToUse}")
            {
                Seat = one.Size.Of.Slot,
                SecondSeat = r.Locked.Count > 1 ? r.Locked[1].Size.Of.Slot : null,
                Rungs = one.Ladder.Count,
            };
            yield break;
        }

        foreach (var locked in r.Locked)
        {
            var height = locked == r.Upright;
            yield return new($"ladder-{locked.Size.Of.Slot}", r.Locked.Count == 1 ? "ladder of the channel" : height ? "ladder of the height"
                : "ladder of the width",
                () => Rungs([.. locked.Ladder.Select(size => height ? (Spare(r.Width, r.Across), size) : (size, Spare(r.High, r.Upright)))], height),
                    $"{Says(r, locked)}{HowToUse}")
            {
                Seat = locked.Size.Of.Slot,
                Rungs = locked.Ladder.Count,
            };
        }

        if (r.Locked.Count == 1)
        {
            var wider = r.Across is null;
            yield return new("ladder-free", wider ? "ladder of the width" : "ladder of the height", () => Rungs([.. one.Ladder.Select((_, i) =>
                wider ? (Grown(r, r.Width, i), r.High.Value) : (r.Width.Value, Grown(r, r.High, i)))], wider),
                $"{one.Ladder.Count} rungs, each {Figures.Mm(FreeStep)} {(wider ? "wider" : "higher")} than the last: shows where it begins to rub. It does "
                    + "not prove the fitted size.");
        }
    }

    /// <summary>Width and reach of each rung, mm.</summary>
    private static IReadOnlyList<(double Width, double Below)> Together(KeyReckoning r) => [.. Enumerable.Range(0, r.Locked[0].Ladder.Count).Select(i =>
        (r.Across?.Ladder[i] ?? Grown(r, r.Width, i), r.Upright?.Ladder[i] ?? Grown(r, r.High, i)))];

    private static double Grown(KeyReckoning r, Quantity size, int rung) => Math.Max(1, size.Value + ((rung - (r.Locked[0].Ladder.Count / 2)) * FreeStep));

    /// <summary>Where it is locked that way too, a rung that is not to be felt there is smaller.</summary>
    private static double Spare(Quantity size, LockedSize? locked) => locked is null ? size.Value : Math.Max(1, size.Value - Clear);

    public static Body Machine(KeyReckoning r) => new("machine-channel", r.Place.Name, () => Channel(r));

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
            .. r.Upright?.Ladder.Select((below, i) => new Gauge(LadderOf(r, r.Upright), $"rung {i + 1}, height", below + Handle,
                new(RungAt(i) + RungLength - 0.5, 0.1, below / 2), Axis.Z, Jaws.Over)) ?? [],
            .. r.Across?.Ladder.Select((wide, i) => new Gauge(LadderOf(r, r.Across), $"rung {i + 1}, width", wide,
                new(RungAt(i) + RungLength - 0.5, 0, r.Upright is null || r.LaddersApart ? 0.5 : Handle + 0.5), Axis.Y, Jaws.Over)) ?? [],
            .. r.Fixings.Where(f => f.Joint.Bore > 0).SelectMany(f => Screws(r).Select(x =>
                new Gauge("part", $"{f.Key} hole", f.Joint.Bore, new(x, 0, r.Above.Value - 0.6), Axis.X))),
        ];
    }

    private static string LadderOf(KeyReckoning r, LockedSize locked) => $"ladder-{(r.LaddersApart ? locked : r.Locked[0]).Size.Of.Slot}";

    private static double RungAt(int rung) => rung * RungTakes;

    /// <summary>What one screw's hardware looks like in the frame of the key. Upside down, the roof of a lying hole would point down: it is spun
    /// first.</summary>
    private static Solid Placed(KeyReckoning r, KeyFixing fixing, Solid inJoint, double x) =>
        fixing.FromBelow ? inJoint.Spun(180).UpsideDown().At(x, 0, -r.High.Value) : inJoint.At(x, 0, r.Above.Value);

    private static Solid Cut(KeyReckoning r, double x) => r.Fixings.Select(f => Placed(r, f, f.Joint.Cut, x)).Aggregate((a, b) => a + b);

    /// <summary>What must stay material around it.</summary>
    public static Solid Zone(KeyReckoning r, double x) =>
        r.Fixings.SelectMany(f => f.Joint.Sleeves.Select(s => Placed(r, f, s.Around, x))).Aggregate((a, b) => a + b) - Cut(r, x);

    private const string HowToUse = "; rung 1 has one notch. Print it the way up the key will print. It does not prove the key's straightness.";

    private static string Says(KeyReckoning r, params IReadOnlyList<LockedSize> locked) => $"{locked[0].Ladder.Count} rungs "
        + string.Join(" and ", locked.Select(l =>
            $"from {Figures.Mm(l.Ladder[0])} to {Figures.Mm(l.Ladder[^1])} {(l == r.Upright ? "high below the table" : "wide")}"));

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
    /// <param name="sizes">Width and reach below the table of each, mm.</param>
    /// <param name="hangs">Whether its height is felt: it then hangs by a shoulder on the table, as the key does, and is printed turned over, so that the
    /// shoulder lies on the bed.</param>
    private static Solid Rungs(IReadOnlyList<(double Width, double Below)> sizes, bool hangs) => sizes.Select((size, i) =>
    {
        var (width, below) = size;
        Solid block = new Solid.Box(RungLength, width, below + Handle).At(0, -width / 2, 0);
        block = hangs ? (block + new Solid.Box(RungLength, width + (2 * Handle), Handle).At(0, (-width / 2) - Handle, below)).UpsideDown().At(0,
            0, below + Handle) : block;
        var rung = Enumerable.Range(0, i + 1).Aggregate(block, (b, n) => b - new Solid.Cylinder(0.7, below + Handle + 2).At(2 + (n * 2.6), -width / 2, -1));
        return rung.At(RungAt(i), 0, 0);
    }).Aggregate((a, b) => a + b);

    private static Solid Channel(KeyReckoning r)
    {
        var (l, w, d) = (r.Length.Value + 40, r.ChannelWidth.Value, r.Depth.Value);
        var table = w + (2 * r.Legs.Value) + 30;
        var cut = new Solid.Box(l + 2, w, d + 1).At((-l / 2) - 1, -w / 2, -d);
        return new Solid.Box(l, table, d + 8).At(-l / 2, -table / 2, -d - 8).Without(r.Chamber is { } wide
            ? [cut, new Solid.Box(l + 2, wide, d - r.Lip!.Value).At((-l / 2) - 1, -wide / 2, -d)] : [cut]);
    }
}
