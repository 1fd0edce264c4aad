namespace Emboq.Core.Families.Turning.Faceplate;

/// <summary>The solids of a faceplate.</summary>
internal static class PlateShape
{
    private static IEnumerable<double> Around(PlateReckoning r, double from) => Enumerable.Range(0, r.Count).Select(i => from + (360.0 * i / r.Count));

    private static IReadOnlyList<Point2> Circle(PlateReckoning r) => HolePattern.Circle(r.Circle.Value, r.Count);

    public static Piece Piece(PlateReckoning r, string? mark) => new(Designs.Piece.Main, "faceplate", () => Marked(r, mark), FaceplateFamily.Ways, r.Way.Key)
    {
        Pattern = [.. Circle(r).Select(p => new PatternHole(p.X, p.Y, r.Screw.Bore, HoleUse.Passing, "work"))],
        Walls = [.. Circle(r).Select((p, i) => ($"screw {i + 1}", r.Screw.Zone.At(p.X, p.Y, r.Plate.Value)))],
    };

    /// <summary>On its back, between a screw and the next rib.</summary>
    private static Solid Marked(PlateReckoning r, string? mark)
    {
        var (middle, turn) = ((r.Hub + r.Radius) / 2, 90.0 / r.Count);
        var free = Math.Min(r.Radius - r.Hub - 3, (2 * middle * Math.Sin(turn * Math.PI / 180)) - r.Screw.Reach - r.Rib.Value);
        return PartBodies.Marked(Part(r), mark, letters => letters.Spun(90).At(middle, 0, r.Plate.Value).Spun(turn), free);
    }

    public static Solid Part(PlateReckoning r)
    {
        Solid body = new Solid.Cylinder(r.Radius, r.Plate.Value) + new Solid.Cylinder(r.Hub, r.High);
        if (r.Ribbed)
        {
            // From within the hub out over the plate, thin edge last.
            var (from, to, t, top) = (r.Hub - Math.Min(1, r.Wall.Value / 2), r.Hub + r.RibReach, r.Plate.Value, r.Plate.Value + r.RibRise);
            var rib = new Solid.Extruded(new Profile(new(from, t - 1), new(to, t - 1), new(to, t + 0.4), new(r.Hub, top), new(from, top)), r.Rib.Value)
                .At(0, 0, -r.Rib.Value / 2).Tipped(90);
            body = Around(r, 180.0 / r.Count).Aggregate(body, (all, a) => all + rib.Spun(a));
        }

        List<Solid> cuts = [r.Socket.Cut().At(0, 0, r.High), .. Circle(r).Select(p => r.Screw.Cut.At(p.X, p.Y, r.Plate.Value))];
        if (r.Through > 0)
        {
            cuts.Add(new Solid.Cylinder(r.Through / 2, r.High).At(0, 0, -1));
        }

        return body.Without(cuts);
    }

    public static IEnumerable<Proof> Proofs(PlateReckoning r)
    {
        yield return r.Socket.Nuts(r.Wall.Value);
        yield return new("ring-spindle", "mouth of the hub", () =>
        {
            // The mouth and four turns behind it, set down on its cut.
            var high = Math.Min(r.High, r.Socket.Mouth + (r.Socket.Radius - (r.Socket.Minor.Value / 2)) + (4 * r.Socket.Pitch.Value));
            return (Part(r) & new Solid.Cylinder(r.Hub, high).At(0, 0, r.High - high)).At(0, 0, high - r.High);
        }, "Proves that register and thread go on the spindle and come to rest on its shoulder. It does not prove what they bear.")
        { Seat = "spindle" };
    }

    public static Body Spindle(PlateReckoning r) => new("machine-spindle", r.Socket.Thread.Place.Name, () => r.Socket.Machine().At(0, 0, r.High));

    public static IEnumerable<Gauge> Gauges(PlateReckoning r)
    {
        var t = r.Plate.Value;
        yield return new("part", "plate, across", r.Across.Value, new(0, 0.01, t / 4), Axis.X, Jaws.Over);
        yield return new("part", "thickness of the plate", t, new(r.Radius - 0.7, 0.01, t / 2), Axis.Z, Jaws.Over);
        yield return new("part", "hub and plate", r.High, new(0.01, r.Hub - 0.4, r.High / 2), Axis.Z, Jaws.Over);
        foreach (var hole in Circle(r))
        {
            yield return new("part", "screw hole", r.Screw.Bore, new(hole.X, hole.Y, 0.4), Axis.X);
        }

        foreach (var gauge in r.Socket.Gauges("part", deep => r.High - deep))
        {
            yield return gauge;
        }
    }
}
