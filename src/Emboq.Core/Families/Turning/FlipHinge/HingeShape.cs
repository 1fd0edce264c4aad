namespace Emboq.Core.Families.Turning.FlipHinge;

/// <summary>The solids of a flip hinge.</summary>
internal static class HingeShape
{
    /// <summary>What the rail's end lies on: past the plate, and how thick, mm.</summary>
    private const double PadOut = 24, PadThick = 6;

    public static IReadOnlyList<Piece> Pieces(HingeReckoning r, string? mark)
    {
        List<Piece> pieces =
        [
            new(Piece.Main, "table's leaf", () => PartBodies.Marked(Table(r), mark, letters => letters.Spun(90).Rolled(90).At(r.Plate.Value, 0, -r.ScrewsDown),
                2 * (r.ScrewsAside - r.Held.Joint.Reach) - 1), FlipHingeFamily.TableWays, r.Way.Key)
            {
                Pattern = [.. Aside(r).Select(y => new PatternHole(y, 0, r.Held.Joint.Bore, HoleUse.Passing, "table's edge"))],
                Walls = [.. Aside(r).Select((y, i) => ($"screw {i + 1}", Edge(r, r.Held.Joint.Zone, y)))],
            },
            new("second", "rail's leaf", () => Carrying(r), FlipHingeFamily.RailWays, r.Way.Key)
            {
                MayDiffer = false,
                Walls = [.. Along(r).Select((x, i) => ($"screw {i + 1}", Rail(r, r.Carried.Joint.Zone, x)))],
            },
        ];
        if (r.HasPost)
        {
            pieces.Add(new("post", "support post", () => Post(r), FlipHingeFamily.PostWays, r.Way.Key) { Pose = new(0, 0, 180, new(-TableWide(r), 0, 0)) });
        }

        return pieces;
    }

    /// <summary>An outline in x and z, drawn along y.</summary>
    private static Solid Drawn(Profile outline, double from, double to) => new Solid.Extruded(outline, to - from).Tipped(90).At(0, to, 0);

    private static Solid Round(double radius, double from, double to) => new Solid.Cylinder(radius, to - from).Tipped(90).At(0, to, 0);

    private static Profile Rectangle(double x0, double z0, double x1, double z1) => new(new Point2(x0, z0), new(x1, z0), new(x1, z1), new(x0, z1));

    private static double[] Aside(HingeReckoning r) => [-r.ScrewsAside, r.ScrewsAside];

    private static double[] Along(HingeReckoning r) => [r.ScrewsAlong.Last, r.ScrewsAlong.Near];

    /// <summary>A joint of the plate, entered from outside; its roof points up as the plate is printed, and a slot stands upright, or lies along the
    /// edge.</summary>
    /// <param name="r">The hinge.</param>
    /// <param name="joint">In its own frame.</param>
    /// <param name="y">Along the pin, mm.</param>
    /// <param name="onHead">Whether what it is in is printed head down.</param>
    private static Solid Edge(HingeReckoning r, Solid joint, double y, bool onHead = false) =>
        (!r.IsSlottedAlong && (r.OnSide || r.Travel > 0) ? joint : joint.Spun(onHead ? -90 : 90)).Rolled(90).At(r.Plate.Value, y, -r.ScrewsDown);

    /// <summary>A joint of the rail's leaf, entered from below.</summary>
    private static Solid Rail(HingeReckoning r, Solid joint, double x) => joint.Rolled(180).At(r.PivotX + x, 0, r.PivotZ + r.Under);

    private static Solid Plate(HingeReckoning r, double top) => Drawn(Rectangle(0, -r.Drop.Value, r.Plate.Value, top), -r.Wide.Value / 2, r.Wide.Value / 2);

    private static IEnumerable<Solid> EdgeHoles(HingeReckoning r, bool onHead = false) => Aside(r).Select(y => Edge(r, r.Held.Joint.Cut, y, onHead));

    /// <summary>A pin's hole along y, its roof up as the leaf is printed.</summary>
    private static Solid Hole(HingeReckoning r, double diameter, bool table) => HoleShape.Cut(diameter, -r.Wide.Value, r.Wide.Value, r.OnSide
        ? HoleLie.Upright : HoleLie.Teardrop).Tipped(table ? 90 : -90);

    public static Solid Table(HingeReckoning r)
    {
        // A skin around knuckle, rest and plate: none of them reaches past the leaf as it swings, so nothing between them does.
        var webs = r.Spans(table: true).Select(s => (Solid)new Solid.Hulled(
            Round(r.Knuckle, s.From, s.To), Drawn(new(r.Rest), s.From, s.To),
            Drawn(Rectangle(-r.PivotX, -r.Web, -r.PivotX + r.Plate.Value, 0), s.From, s.To)).At(r.PivotX, 0, r.PivotZ));
        return webs.Aggregate(Plate(r, r.PlateTop), (all, web) => all + web).Without([Hole(r, r.Kept.Drawn.Value, table: true).At(r.PivotX, 0, r.PivotZ),
            .. EdgeHoles(r)]);
    }

    public static Solid Carrying(HingeReckoning r)
    {
        var (wide, under) = (r.Wide.Value / 2, r.Under);
        var leaf = Drawn(Rectangle(-r.LeafLong.Value, under, r.Heel.Value, under + r.Leaf.Value), -wide, wide);
        var knuckles = r.Spans(table: false).Select(s => (Solid)new Solid.Hulled(
            Round(r.Knuckle, s.From, s.To), Drawn(Rectangle(-r.Knuckle, under, r.Knuckle, under + 0.5), s.From, s.To)));
        return knuckles.Aggregate(leaf, (all, k) => all + k).At(r.PivotX, 0, r.PivotZ).Without([Hole(r, r.Turns.Drawn.Value, table: false).At(r.PivotX, 0,
            r.PivotZ),
            .. Along(r).Select(x => Rail(r, r.Carried.Joint.Cut, x))]);
    }

    /// <summary>Its pad is as high as the rail lies; a rib under it stands between the screws.</summary>
    public static Solid Post(HingeReckoning r)
    {
        var (high, plate, rib) = (r.High.Value, r.Plate.Value, Math.Max(4, (2 * (r.ScrewsAside - r.Held.Joint.Reach)) - 2) / 2);
        var deep = plate + PadOut;
        var foot = Math.Max(-r.Drop.Value, high - PadThick - PadOut);
        return (Plate(r, high) + Drawn(Rectangle(0, high - PadThick, deep, high), -r.Wide.Value / 2, r.Wide.Value / 2)
            + Drawn(new(new Point2(0, foot), new(plate, foot), new(deep, high - PadThick), new(0, high - PadThick)), -rib, rib)).Without(EdgeHoles(r,
                onHead: true));
    }

    /// <summary>As wide as the rail reaches, the post's pad under its end, mm.</summary>
    private static double TableWide(HingeReckoning r) => Math.Max(20, r.Rail.Long.Value - r.Heel.Value - r.PivotX - (r.HasPost ? r.Plate.Value + PadOut : 0));

    public static IEnumerable<Body> Machine(HingeReckoning r)
    {
        var wide = TableWide(r);
        yield return new("machine-table", "table", () => new Solid.Box(wide, r.Wide.Value + 60, r.TableThick.Value).At(-wide, -(r.Wide.Value / 2) - 30,
            -r.TableThick.Value));
        yield return new("machine-rail", "rail", () => new Solid.Box(r.Rail.Long.Value, r.Rail.Wide.Value, r.Rail.Thick.Value).At(
            r.PivotX + r.Heel.Value - r.Rail.Long.Value, -r.Rail.Wide.Value / 2, r.High.Value));
        yield return new("machine-pin", "pin", () => new Solid.Cylinder(r.Turns.Counterpart.Value / 2, r.Wide.Value).Tipped(90).At(r.PivotX, r.Wide.Value / 2,
            r.PivotZ));
    }

    public static Motion Up(HingeReckoning r) => new("up", "the rail", ["second", "machine-rail"],
        [MotionStep.Around(Axis.Y, new(r.PivotX, 0, r.PivotZ), r.Swing)], [new(0, "down"), new(90 / r.Swing, "upright"), new(1, "resting on its heel")]);

    public static IEnumerable<Proof> Proofs(HingeReckoning r)
    {
        yield return new("ladder-pin", "test knuckles", () => Knuckles(r),
            $"{r.Ladder.Count} knuckles with holes from {Figures.Mm(r.Ladder[0])} to {Figures.Mm(r.Ladder[^1])}, the lowest has the narrowest, in the way "
                + "up of the hinge: "
                + "take the one that turns freely and does not rattle. It does not prove what they bear.")
        {
            Seat = "pin",
            Rungs = r.Ladder.Count,
        };
        yield return new("ring-held", "an outer knuckle of the table's leaf", () =>
        {
            var (from, to) = r.Spans(table: true).First();
            var part = Table(r) & new Solid.Box(2 * (r.Knuckle + 2), to - from, 2 * (r.Knuckle + 2)).At(r.PivotX - r.Knuckle - 2, from,
                r.PivotZ - r.Knuckle - 2);
            return r.OnSide ? part.At(-r.PivotX, 0, -r.PivotZ).Tipped(90).At(0, 0, -from) : part.At(-r.PivotX, 0, r.Knuckle + 2 - r.PivotZ);
        }, "Proves that the pin is held. It does not prove how the other leaf turns.");
    }

    /// <summary>Grown together side by side, each a little longer than the last, in the way up of the rail's leaf.</summary>
    private static Solid Knuckles(HingeReckoning r)
    {
        var (from, to) = r.Spans(table: false).First();
        return r.Ladder.Select((hole, i) =>
        {
            var (at, length) = (i * ((2 * r.Knuckle) - 1), Math.Min(to - from, 10) + i);
            Solid Bored(Solid knuckle) => knuckle - HoleShape.Cut(hole, -1, length + 1, r.OnSide ? HoleLie.Upright : HoleLie.Teardrop);
            return r.OnSide ? Bored(new Solid.Cylinder(r.Knuckle, length)).At(at, 0, 0)
                : Bored(new Solid.Cylinder(r.Knuckle, length) + new Solid.Box(2 * r.Knuckle, r.Knuckle, length).At(-r.Knuckle, -r.Knuckle, 0))
                    .Tipped(90).At(at, 0, r.Knuckle);
        }).Aggregate((a, b) => a + b);
    }

    public static IEnumerable<Gauge> Gauges(HingeReckoning r)
    {
        var (table, other) = (r.Spans(table: true).First(), r.Spans(table: false).First());
        double Middle((double From, double To) span) => (span.From + span.To) / 2;
        var (z, x) = (r.PivotZ, r.PivotX);
        yield return new("part", "pin's hole in the table's leaf", r.Kept.Drawn.Value, new(x, Middle(table), z), Axis.X);
        yield return new("second", "pin's hole in the rail's leaf", r.Turns.Drawn.Value, new(x, Middle(other), z), Axis.X);
        yield return new("second", "knuckle", other.To - other.From, new(x + r.Knuckle - 0.2, Middle(other), z), Axis.Y);
        yield return new("second", "leaf", r.Leaf.Value, new(x - r.LeafLong.Value + 0.3, (r.Wide.Value / 2) - 0.3, z + r.Under + 0.2), Axis.Z, Jaws.Over);
        yield return new("part", "plate", r.Plate.Value, new(0.2, (r.Wide.Value / 2) - 0.3, -r.Drop.Value + 0.3), Axis.X, Jaws.Over);
        if (r.HasPost)
        {
            yield return new("post", "height of the post", r.High.Value + r.Drop.Value, new(0.3, (r.Wide.Value / 2) - 0.3, 0), Axis.Z, Jaws.Over);
        }
    }
}
