namespace Emboq.Core.Families.Turning.VacuumChuck;

/// <summary>The solids of a vacuum chuck.</summary>
internal static class ChuckShape
{
    /// <summary>Half of its outline, radius and height, from the axis out and up.</summary>
    public static IReadOnlyList<Point2> Outline(ChuckReckoning r)
    {
        var (hub, outside, from, high) = (r.Hub, r.Outside, r.Socket.Depth, r.High);
        return outside > hub + 0.01
            ? [new(0, 0), new(hub, 0), new(hub, from), new(outside, from + (outside - hub)), new(outside, high), new(0, high)]
            : [new(0, 0), new(hub, 0), new(hub, high), new(0, high)];
    }

    /// <summary>Half of the cup, with its land.</summary>
    public static IReadOnlyList<Point2> Cup(ChuckReckoning r)
    {
        var (inner, outer, top) = (r.Edges.Inner, r.Edges.Outer, r.High + 1);
        return r.Cos > 0
            ? [new(0, r.Floor), new(inner, r.Floor), new(inner, r.Lands), new(outer + (r.Sin / r.Cos), r.High + 1), new(0, top)]
            : [new(0, r.Floor), new(inner, r.Floor), new(inner, top), new(0, top)];
    }

    /// <summary>Half of the groove for a cord, square to the land.</summary>
    private static Profile Groove(ChuckReckoning r)
    {
        var (middle, half) = (r.Lands + (r.Land.Value / 2 * r.Cos), 0.55 * r.Cord);
        Point2 At(double along, double deep) => new(r.Seat.Radius + (along * r.Sin) + (deep * r.Cos), middle + (along * r.Cos) - (deep * r.Sin));
        return new(At(-half, -0.5), At(-half, r.GrooveDeep), At(half, r.GrooveDeep), At(half, -0.5));
    }

    public static Solid Part(ChuckReckoning r)
    {
        // Above the thread's end the hole closes by 45 degrees, so that nothing hangs; then air goes on to the cup.
        var (air, wide, end) = (r.Airway.Value / 2, r.Funnel, r.Socket.Depth);
        List<Solid> cuts = [r.Socket.Cut().UpsideDown(), new Solid.Revolved(new Profile(Cup(r))),
            new Solid.Revolved(new Profile(new(0, end - 1), new(wide, end - 1), new(wide, end), new(air, end + (wide - air)), new(air, r.Floor + 1),
                new(0, r.Floor + 1)))];
        if (r.Cord > 0)
        {
            cuts.Add(new Solid.Revolved(Groove(r)));
        }

        return new Solid.Revolved(new Profile(Outline(r))).Without(cuts);
    }

    public static Piece Piece(ChuckReckoning r, string? mark) => new(Designs.Piece.Main, "vacuum chuck", () => Marked(r, mark), VacuumChuckFamily.Ways,
        r.Way.Key);

    /// <summary>On the floor of the cup.</summary>
    private static Solid Marked(ChuckReckoning r, string? mark)
    {
        var (air, inner) = (r.Airway.Value / 2, r.Edges.Inner);
        return PartBodies.Marked(Part(r), mark, letters => letters.Spun(90).At((air + inner) / 2, 0, r.Floor), inner - air - 2);
    }

    public static IEnumerable<Proof> Proofs(ChuckReckoning r)
    {
        yield return r.Socket.Nuts(r.Wall.Value);
        yield return new("ring-seat", "rim of the cup", () => PartBodies.Slice(Part(r), -r.Outside - 1, -r.Outside - 1, Math.Max(r.Floor + 0.5, r.Lands - 3),
            r.Outside + 1, r.Outside + 1, r.High + 2), "Proves that the work lies on its land all around. It does not prove that it is held.");
    }

    /// <summary>The work as it was read, on its land.</summary>
    private static Solid Work(ChuckReckoning r, Interface turned)
    {
        var half = Measuring.Kinds.TurnedKind.Half(new Sizes(turned));
        return new Solid.Revolved(new Profile([new(0, half[0].X), .. half.Select(p => new Point2(p.Y, p.X)), new(0, half[^1].X)]))
            .At(0, 0, r.Lands + (r.Land.Value / 2 * r.Cos) - r.Seat.Deep);
    }

    public static IEnumerable<Body> Machine(ChuckReckoning r, Interface turned)
    {
        yield return new("machine-spindle", r.Socket.Thread.Place.Name, () => r.Socket.Machine().UpsideDown());
        yield return new("machine-work", turned.Name, () => Work(r, turned));
    }

    public static IEnumerable<Gauge> Gauges(ChuckReckoning r)
    {
        yield return new("part", "cup", 2 * r.Edges.Inner, new(0, 0.01, (r.Floor + r.Lands) / 2), Axis.X);
        if (r.Cos > 0)
        {
            // Near the inner edge of the land, beside any groove.
            var along = Math.Min(0.4, r.Land.Value / 8);
            yield return new("part", "land", 2 * (r.Edges.Inner + (along * r.Sin)), new(0, 0.01, r.Lands + (along * r.Cos)), Axis.X);
        }

        yield return new("part", "airway", r.Airway.Value, new(0, 0.01, r.Floor - 0.5), Axis.X);
        yield return new("part", "hub", 2 * r.Hub, new(0, 0.01, r.Socket.Depth / 2), Axis.X, Jaws.Over);
        foreach (var gauge in r.Socket.Gauges("part", deep => deep))
        {
            yield return gauge;
        }
    }
}
