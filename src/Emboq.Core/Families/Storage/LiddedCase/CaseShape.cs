namespace Emboq.Core.Families.Storage.LiddedCase;

/// <summary>The solids of a lidded case.</summary>
internal static class CaseShape
{
    public static IReadOnlyList<Piece> Pieces(CaseReckoning r, string? mark)
    {
        var (body, lid) = (Body(r, mark), Lid(r));
        return
        [
            .. Parts(r).Select((p, i) => new Piece(i == 0 ? Piece.Main : $"body-{i + 1}", r.Parts.Count == 1 ? "body" : $"body, {p.Name}", () =>
                Seamed(r, body() & p.Box, p.At, 0), LiddedCaseFamily.Ways, r.Way.Key) { MayDiffer = false }),
            .. Parts(r).Select((p, i) => new Piece($"lid-{i + 1}", r.Parts.Count == 1 ? "lid" : $"lid, {p.Name}", () =>
                Seamed(r, lid() & p.Box, p.At, r.Top - r.Floor.Value), LiddedCaseFamily.LidWays, "top") { WayBy = null, MayDiffer = false }),
            .. r.At.Select((x, i) => new Piece($"clasp-{i + 1}", r.At.Count == 1 ? "clasp" : $"clasp {i + 1}", () => Clasp(r).At(x, 0, 0),
                LiddedCaseFamily.LyingWays, "flat") { WayBy = null, MayDiffer = false }),
            .. r.ShelfTall is null ? [] : Parts(r).Select((p, i) => new Piece($"shelf-{i + 1}", r.Parts.Count == 1 ? "shelf" : $"shelf, {p.Name}", () =>
                Shelf(r) & p.Box, LiddedCaseFamily.ShelfWays, "floor") { WayBy = null, MayDiffer = false }),
            .. r.Handle is null ? [] : new[] { new Piece("handle", "handle", () => Bail(r), LiddedCaseFamily.LyingWays, "flat") { WayBy = null,
                MayDiffer = false } },
        ];
    }

    private static Solid Seamed(CaseReckoning r, Solid part, (int, int) at, double from) => r.Seam is { } seam ? seam.Seamed(r, part, at, from) : part;

    /// <summary>Boxes that the cuts leave, each with its place and name; those at an edge reach far out, for what stands out of the walls is theirs.</summary>
    private static IEnumerable<(string Name, (int Across, int Along) At, Solid Box)> Parts(CaseReckoning r)
    {
        const double Far = 60;
        double[] x = [(-r.Wide / 2) - Far, .. r.CutsAcross, (r.Wide / 2) + Far], y = [-Far, .. r.CutsAlong, r.Deep + Far];
        return from j in Enumerable.Range(0, r.Parts.Along)
               from i in Enumerable.Range(0, r.Parts.Across)
               select (Called(i, r.Parts.Across, "left", "right") + (r.Parts is { Across: > 1, Along: > 1 } ? " " : "") + Called(j, r.Parts.Along, "front",
                   "back"), (i, j), new Solid.Box(x[i + 1] - x[i], y[j + 1] - y[j], r.Top + (2 * Far)).At(x[i], y[j], -Far));
    }

    private static string Called(int i, int of, string first, string last) => of == 1 ? "" : i == 0 ? first : i == of - 1 ? last : of == 3 ? "middle"
        : $"part {i + 1}";

    private static Func<Solid> Body(CaseReckoning r, string? mark) => () =>
    {
        var solid = Box(r, 0, r.Rim) - new Solid.Box(r.Width.Value, r.Depth.Value, r.BodyHigh.Value + 1).At(-r.Width.Value / 2, r.Wall.Value, r.Floor.Value);
        solid = r.At.SelectMany(x => new[] { -1, 1 }.Select(side => x + (side * (r.Knuckle.Value + CaseReckoning.Beside)))).Aggregate(solid, (s, x) =>
            s + Knuckle(r, x, -1));
        solid = Ledges(r).Concat(r.Screws?.OfBody(r) ?? []).Aggregate(solid, (s, more) => s + more);
        solid = r.At.Aggregate(solid, (s, x) => s + Bead(r).At(x - (CaseReckoning.ClaspWide / 2) - 1, 0, 0));
        solid = r.Handle is { } handle ? new[] { -1, 1 }.Aggregate(solid, (s, side) => s + Lug(r, side * handle.Wide / 2, handle.At)) : solid;
        solid = solid.Without([.. r.At.Select(x => Pin(r, x - (r.HingeLong / 2) - 1, r.HingeLong + 2, r.Axis)), .. r.Handle is { } h
            ? new[] { Pin(r, (-h.Wide / 2) - r.Knuckle.Value, h.Wide + (2 * r.Knuckle.Value), HandleAxis(r, h.At)) } : [],
            .. Dowels(r, r.Rim / 2)]);
        return PartBodies.Marked(solid, mark, letters => letters.UpsideDown().At((-r.Wide / 2) + (r.Wide / (2 * r.Parts.Across)), r.Deep / (2 * r.Parts.Along),
            0), r.Floor.Value > 1 ? 14 : 0);
    };

    /// <summary>Along all four walls, each with a slope under it.</summary>
    private static IEnumerable<Solid> Ledges(CaseReckoning r)
    {
        if (r.ShelfTall is null)
        {
            yield break;
        }

        var (high, out_, half) = (r.ShelfAt, CaseReckoning.Ledge, r.Width.Value / 2);
        foreach (var (wall, way) in new[] { (r.Wall.Value, 1), (r.Deep - r.Wall.Value, -1) })
        {
            yield return Along(new(new Point2(wall - (way * Rooted), high), new(wall + (way * out_), high), new(wall - (way * Rooted), high - out_ - Rooted)),
                -half, r.Width.Value);
        }

        foreach (var side in new[] { -1, 1 })
        {
            yield return new Solid.Extruded(new(new Point2(side * (half + Rooted), high), new(side * (half - out_), high), new(side * (half + Rooted), high
                - out_ - Rooted)), r.Depth.Value).Tipped(90).At(0, r.Deep - r.Wall.Value, 0);
        }
    }

    /// <summary>The tray on its ledges, with a notch at each end to lift it by.</summary>
    internal static Solid Shelf(CaseReckoning r)
    {
        const double Wall = CaseReckoning.ShelfWall, Free = CaseReckoning.ShelfFree;
        var (wide, deep, tall) = (r.Width.Value - (2 * Free), r.Depth.Value - (2 * Free), r.ShelfTall!.Value);
        var notch = Math.Min(10, Math.Min(tall - Wall - 1, deep / 4));
        return Slab.Of(wide, deep, tall, 1).At(0, r.Deep / 2, r.ShelfAt) - new Solid.Box(wide - (2 * Wall), deep - (2 * Wall), tall).At((-wide / 2) + Wall,
            r.Wall.Value + Free + Wall, r.ShelfAt + Wall) - new Solid.Cylinder(notch, wide + 2).Rolled(90).At((-wide / 2) - 1, r.Deep / 2, r.Rim);
    }

    private static Func<Solid> Lid(CaseReckoning r) => () =>
    {
        var from = r.LidFrom;
        var solid = Box(r, from, r.Top) - new Solid.Box(r.Width.Value, r.Depth.Value, r.LidHigh.Value + 1).At(-r.Width.Value / 2, r.Wall.Value, from - 1);
        solid = r.At.Aggregate(solid, (s, x) => s + Knuckle(r, x, 1));
        solid = r.At.Aggregate(solid, (s, x) => s + new Solid.Box(CaseReckoning.ClaspWide, CaseReckoning.StandsOff + 1, r.Top - from - CaseReckoning.BlockFrom)
            .At(x - (CaseReckoning.ClaspWide / 2), -CaseReckoning.StandsOff, from + CaseReckoning.BlockFrom));
        solid = (r.Screws?.OfLid(r) ?? []).Aggregate(solid, (s, ear) => s + ear);
        return solid.Without([.. r.At.Select(x => Channel(r).At(x, 0, 0)),
            .. r.At.Select(x => Pin(r, x - r.Knuckle.Value, 2 * r.Knuckle.Value, r.Axis)), .. Dowels(r, (from + r.Top) / 2)]);
    };

    /// <summary>From wall to wall, with rounded upright edges.</summary>
    private static Solid Box(CaseReckoning r, double from, double to) => Slab.Of(r.Wide, r.Deep, to - from, Math.Min(3, r.Wall.Value)).At(0, r.Deep / 2, from);

    /// <summary>A profile in y and z, drawn along x.</summary>
    private static Solid Along(Profile profile, double from, double length) => new Pose(90, 0, 90, new(from, 0, 0)).Of(new Solid.Extruded(profile, length));

    private static Solid Pin(CaseReckoning r, double from, double length, Point2 at) => new Solid.Cylinder(r.Bore / 2, length).Rolled(90).At(from, at.X, at.Y);

    /// <summary>How deep what stands out begins in its wall, mm: deeper, the skin around it would reach over the rim.</summary>
    private const double Rooted = 0.3;

    /// <summary>A knuckle with the slope by which it stands out of its wall without support: of the body below the rim, of the lid above it.</summary>
    private static Solid Knuckle(CaseReckoning r, double x, int up)
    {
        var (w, half) = (r.Knuckle.Value, r.Knuckle.Value / 2);
        var round = new Solid.Cylinder(r.Radius, w).Rolled(90).At(x - half, r.Axis.X, r.Axis.Y);
        var (low, high) = up < 0 ? (r.Rim - r.Lug, r.Rim - 0.5) : (r.LidFrom + 0.5, r.LidFrom + r.Lug);
        return new Solid.Hulled(round, new Solid.Box(w, Rooted, high - low).At(x - half, r.Deep - Rooted, low));
    }

    private static Point2 HandleAxis(CaseReckoning r, double at) => new(-r.Radius - CaseReckoning.Beside, at);

    private static Solid Lug(CaseReckoning r, double x, double at)
    {
        var (w, half, axis) = (r.Knuckle.Value, r.Knuckle.Value / 2, HandleAxis(r, at));
        return new Solid.Hulled(new Solid.Cylinder(r.Radius, w).Rolled(90).At(x - half, axis.X, axis.Y), new Solid.Box(w, 1, r.Lug + r.Radius).At(x - half, 0,
            at - r.Lug));
    }

    /// <summary>What the nose clicks over, as wide as a clasp and a little more.</summary>
    private static Solid Bead(CaseReckoning r)
    {
        var (half, flat, stands, at) = (CaseReckoning.BeadHalf, CaseReckoning.BeadFlat, CaseReckoning.BeadOut, r.BeadAt);
        return Along(new(new Point2(0.5, at - half), new(0.5, at + half), new(0, at + half), new(-stands, at + flat), new(-stands, at - flat), new(0,
            at - half)),
            0, CaseReckoning.ClaspWide + 2);
    }

    /// <summary>Where the channels end, over their block's edge: the lid is pulled up by it, mm.</summary>
    private const double Ends = 2.5;

    private static double FootFrom(CaseReckoning r) => r.LidFrom + CaseReckoning.BlockFrom + Ends;

    /// <summary>Cut into a block from the lid's top down, its middle at x = 0: nothing of it hangs as the lid is printed top down.</summary>
    private static Solid Channel(CaseReckoning r)
    {
        var (y, deep, near, far) = (-CaseReckoning.StandsOff, r.Tail.Deep.Value, r.Tail.Channel(0), r.Tail.Channel(r.Tail.Deep.Value));
        return new Solid.Extruded(new(new Point2(-near, y - 1), new(near, y - 1), new(near, y), new(far, y + deep), new(-far, y + deep), new(-near, y)),
            r.Top + 1 - FootFrom(r)).At(0, 0, FootFrom(r));
    }

    /// <summary>A clasp: arm and nose, and the foot in its channel; its middle at x = 0.</summary>
    private static Solid Clasp(CaseReckoning r)
    {
        const double Clear = 0.1;
        var (y, stands) = (-CaseReckoning.StandsOff, r.Tail.Deep.Value - Dovetail.Under);
        var (near, far) = (r.Tail.Foot(0), r.Tail.Foot(stands));
        var foot = new Solid.Extruded(new(new Point2(-near, y - 0.6), new(near, y - 0.6), new(near, y), new(far, y + stands), new(-far, y + stands), new(-near,
            y)), ClaspTop(r) - FootFrom(r) - Clear).At(0, 0, FootFrom(r) + Clear);
        return Along(ClaspProfile(r), -CaseReckoning.ClaspWide / 2, CaseReckoning.ClaspWide) + foot;
    }

    private static double ClaspTop(CaseReckoning r) => r.Top - 0.5;

    /// <summary>Arm and nose of a clasp, y and z: in front of the lid's block and down, behind the bead.</summary>
    internal static Profile ClaspProfile(CaseReckoning r)
    {
        var (y, nose) = (-CaseReckoning.StandsOff - CaseReckoning.Close, r.Nose);
        // The nose goes past the bead's face by what it catches; both of its flanks stand at 45 degrees, as those of the bead.
        var upper = r.BeadAt - CaseReckoning.BeadFlat + CaseReckoning.Close;
        var lower = upper - (2 * nose) - CaseReckoning.NoseFlat;
        return new(new Point2(y - r.Thick.Value, ClaspTop(r)), new(y - r.Thick.Value, lower), new(y, lower), new(y + nose, lower + nose), new(y + nose,
            upper - nose), new(y, upper), new(y, ClaspTop(r)));
    }

    /// <summary>Two legs outside of the lugs, and a bar; as it hangs.</summary>
    private static Solid Bail(CaseReckoning r)
    {
        var ((at, hangs, wide, high), half, leg) = (r.Handle!.Value, r.Radius - 0.1, r.Knuckle.Value);
        var axis = HandleAxis(r, at);
        var (from, to) = ((wide / 2) + (leg / 2) + CaseReckoning.Beside, (wide / 2) + (1.5 * leg) + CaseReckoning.Beside);
        // Round about its pin, so that it turns beside the front.
        var legs = new[] { -to, from }.Select(x => new Solid.Hulled(new Solid.Cylinder(half, leg).Rolled(90).At(x, axis.X, at), new Solid.Box(leg, 2 * half, 1)
            .At(x, axis.X - half, at - hangs))).Aggregate<Solid>((a, b) => a + b);
        var bar = new Solid.Box(2 * to, 2 * half, high).At(-to, axis.X - half, at - hangs);
        return (legs + bar) - Pin(r, -to - 1, (2 * to) + 2, axis);
    }

    /// <summary>Holes for pieces of pin across each cut, in both walls that it crosses.</summary>
    private static IEnumerable<Solid> Dowels(CaseReckoning r, double z)
    {
        const double Deep = CaseReckoning.DowelDeep;
        foreach (var (x, y) in r.CutsAcross.SelectMany(x => new[] { (x, r.Wall.Value / 2), (x, r.Deep - (r.Wall.Value / 2)) }))
        {
            yield return Pin(r, x - Deep - 0.5, (2 * Deep) + 1, new(y, z));
        }

        foreach (var (y, x) in r.CutsAlong.SelectMany(y => new[] { (y, (-r.Wide / 2) + (r.Wall.Value / 2)), (y, (r.Wide / 2) - (r.Wall.Value / 2)) }))
        {
            yield return new Solid.Cylinder(r.Bore / 2, (2 * Deep) + 1).Tipped(-90).At(x, y - Deep - 0.5, z);
        }
    }

    public static IEnumerable<Body> Machine(CaseReckoning r) => r.At.Select((x, i) => new Body($"machine-pin-{i + 1}", r.Turns.Place.Name, () =>
        new Solid.Cylinder(r.Turns.Counterpart.Value / 2, r.HingeLong).Rolled(90).At(x - (r.HingeLong / 2), r.Axis.X, r.Axis.Y)));

    public static IEnumerable<Motion> Motions(CaseReckoning r)
    {
        var lid = Enumerable.Range(1, r.Parts.Count).Select(i => $"lid-{i}").Concat(r.At.Select((_, i) => $"clasp-{i + 1}")).ToList();
        yield return new("lid", "the lid", lid, [MotionStep.Around(Solids.Axis.X, new(0, r.Axis.X, r.Axis.Y), -110)], [new(0, "shut"), new(1, "open")]);
        if (r.Handle is { } handle)
        {
            yield return new("handle", "the handle", ["handle"], [MotionStep.Around(Solids.Axis.X, new(0, HandleAxis(r, handle.At).X, handle.At), -90)],
                [new(0, "folded"), new(1, "carried")]);
        }
    }

    /// <summary>Clasps click over their beads.</summary>
    public static IReadOnlyList<Contact> Contacts(CaseReckoning r) => [.. r.At.SelectMany((_, c) => Enumerable.Range(1, r.Parts.Count).Select(i =>
        new Contact($"clasp-{c + 1}", i == 1 ? Piece.Main : $"body-{i}", r.Catch.Value + 0.6)))];

    public static IEnumerable<Proof> Proofs(CaseReckoning r)
    {
        yield return new("ring-pin", "knuckle", () => new Solid.Hulled(new Solid.Cylinder(r.Radius, r.Knuckle.Value).Rolled(90).At(0, 0, r.Lug),
            new Solid.Box(r.Knuckle.Value, 1, r.Lug).At(0, -r.Radius - 1, 0)) - new Solid.Cylinder(r.Bore / 2, r.Knuckle.Value + 2).Rolled(90).At(-1, 0, r.Lug),
            "Proves how a knuckle turns on the pin. It does not prove the clasps.")
        { Seat = "pin" };
        yield return new("click", "clasp and bead", () => (new Solid.Box(CaseReckoning.ClaspWide + 8, 4, r.Rim).At(-1 - 4, 0, 0) + Bead(r).At(-2, 0, 0))
            + Clasp(r).Tipped(90).At(CaseReckoning.ClaspWide / 2, r.Top + 20, CaseReckoning.StandsOff + CaseReckoning.Close + r.Thick.Value),
            "A bead on a strip, and a clasp: press them together by hand. It does not prove the hinge, nor how often it bears it.");
        if (r.Seam is { } seam)
        {
            yield return new("edges", "a pair of edges", () => seam.Pair(r.Floor.Value), "Two strips of floor, one with the tongue: push them together on a "
                + $"flat board. It does not prove the walls, nor the {(r.Screws is null ? "glue" : "screws")}.");
        }

        if (r.Screws is { } screws)
        {
            yield return new("ears", "a pair of ears", screws.Proof, "Proves that a screw passes one and bites in the other: drive it in by hand. It does not "
                + "prove how hard the ears pull at their walls.");
        }
    }

    public static IEnumerable<Gauge> Gauges(CaseReckoning r)
    {
        // Below the slopes of its ledges, where it has any.
        var (x, y, z) = ((-r.Wide / 2) + (r.Wide / (2 * r.Parts.Across)), r.Deep / (2 * r.Parts.Along), r.Floor.Value
            + ((r.ShelfTall is null ? r.BodyHigh.Value : r.UnderShelf - CaseReckoning.Ledge) / 2));
        if (r.Parts.Count == 1)
        {
            yield return new(Piece.Main, "body, inside across", r.Width.Value, new(x, y, z), Solids.Axis.X);
            yield return new(Piece.Main, "body, inside along", r.Depth.Value, new(x + 0.01, y, r.Floor.Value + 0.3), Solids.Axis.Y);
            yield return new("lid-1", "lid, inside across", r.Width.Value, new(x, y, r.LidFrom + (r.LidHigh.Value / 2)), Solids.Axis.X);
        }

        if (r.ShelfTall is { } tall && r.Parts.Count == 1)
        {
            var within = r.ShelfAt + (CaseReckoning.ShelfWall / 2);
            yield return new("shelf-1", "shelf, across", r.Width.Value - (2 * CaseReckoning.ShelfFree), new(0.01, y + 3, within), Solids.Axis.X, Jaws.Over);
            yield return new("shelf-1", "shelf, high", tall, new((-r.Width.Value / 2) + CaseReckoning.ShelfFree + (CaseReckoning.ShelfWall / 2),
                r.Wall.Value + 4, r.Rim - (tall / 2)), Solids.Axis.Z, Jaws.Over);
            yield return new(Piece.Main, "between ledges", r.Width.Value - (2 * CaseReckoning.Ledge), new(0.01, y, r.ShelfAt - 0.001), Solids.Axis.X);
        }

        yield return new(Piece.Main, "floor", r.Floor.Value, new(x + (r.Wide / r.Parts.Across / 4), y, r.Floor.Value / 2), Solids.Axis.Z, Jaws.Over);
        yield return new("clasp-1", "clasp, where it bends", r.Thick.Value, new(r.At[0] + 0.01, -CaseReckoning.StandsOff - CaseReckoning.Close
            - (r.Thick.Value / 2), r.LidFrom), Solids.Axis.Y, Jaws.Over);
        foreach (var gauge in (r.Seam?.Gauges(r.Floor.Value) ?? []).Concat(r.Screws?.Gauges() ?? []))
        {
            yield return gauge;
        }

        yield return new("ring-pin", "knuckle's bore", r.Bore, new(r.Knuckle.Value / 2, 0, r.Lug), Solids.Axis.Y);
        yield return new("ring-pin", "knuckle's bore, upright", r.Bore, new(r.Knuckle.Value / 2, 0, r.Lug), Solids.Axis.Z);
    }
}
