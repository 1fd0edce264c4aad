namespace Emboq.Core.Families.Storage.ClampRack;

/// <summary>The solids of a clamp rack.</summary>
internal static class RackShape
{
    /// <summary>How deep a sample is, mm.</summary>
    private const double Sample = 8;

    public static Piece Piece(RackReckoning r, string? mark) => new(Designs.Piece.Main, "clamp rack", () => Part(r, mark), ClampRackFamily.Ways, r.Way.Key)
    {
        Pattern = [.. r.ScrewsAt.Select(s => r.Pilot(s.X, s.Y - (r.Deep / 2)))],
        Walls = [.. r.ScrewsAt.Select((s, i) => ($"screw {i + 1}", Placed(r, r.Screw.Zone, s)))],
    };

    public static Solid Part(RackReckoning r, string? mark)
    {
        var section = Section(r, r.At, r.Long, r.Lip.Drawn.Value, r.Web.Drawn.Value);
        var body = Along(section, r.Depth.Value) + new Solid.Box(r.Long, r.Stop.Value, r.Tall).At(-r.Long / 2, r.Depth.Value, 0);
        return PartBodies.Marked(body.Without(r.ScrewsAt.Select(s => Placed(r, r.Screw.Cut, s))), mark, letters => letters.Tipped(-90).Spun(180).At(0, r.Deep,
            r.Tall / 2), Math.Min(r.Block, r.Tall - 4));
    }

    /// <summary>Joints are entered from below, into the roof.</summary>
    private static Solid Placed(RackReckoning r, Solid joint, Point2 at) => joint.UpsideDown().At(at.X, at.Y, r.Under);

    /// <summary>From y = 0 back.</summary>
    private static Solid Along(Profile section, double deep) => new Solid.Extruded(section, deep).Tipped(90).At(0, deep, 0);

    /// <summary>Blocks with a chamber and a slot below it, under one roof; x and z.</summary>
    internal static Profile Section(RackReckoning r, IEnumerable<double> at, double along, double lip, double web)
    {
        var (low, under, block) = (r.Lips.Value, r.Under, lip + (2 * r.Wall.Value));
        var corners = new List<Point2> { new(-along / 2, under) };
        foreach (var x in at)
        {
            var left = x - (block / 2);
            // Blocks that meet are one: the end of the last one falls away.
            if (corners.Count > 1 && left - corners[^1].X < 0.01)
            {
                corners.RemoveRange(corners.Count - 2, 2);
            }
            else
            {
                corners.AddRange([new(left, under), new(left, 0)]);
            }

            corners.AddRange([new(x - (web / 2), 0), new(x - (web / 2), low), new(x - (lip / 2), low), new(x - (lip / 2), under), new(x + (lip / 2), under),
                new(x + (lip / 2), low), new(x + (web / 2), low), new(x + (web / 2), 0), new(x + (block / 2), 0), new(x + (block / 2), under)]);
        }

        corners.AddRange([new(along / 2, under), new(along / 2, r.Tall), new(-along / 2, r.Tall)]);
        return new(corners.Where((c, i) => i == 0 || c != corners[i - 1]));
    }

    /// <summary>From one sample to the next, mm.</summary>
    public const double BetweenSamples = 4;

    public static IEnumerable<Proof> Proofs(RackReckoning r)
    {
        yield return new("ladder-clamp", "sample chambers", () => r.Ladder.Select((lip, i) =>
        {
            // Each a little deeper than the last: the shallowest has the narrowest chamber.
            var block = lip + (2 * r.Wall.Value);
            return Along(Section(r, [0], block, lip, r.Web.Drawn.Value + (lip - r.Lip.Drawn.Value)), Sample + (2 * i)).Tipped(90).At(i * (block
                + BetweenSamples), 0, 0);
        }).Aggregate((a, b) => a + b),
            $"{r.Ladder.Count} chambers from {Figures.Mm(r.Ladder[0])} to {Figures.Mm(r.Ladder[^1])}, the shallowest has the narrowest: take the one that "
                + "the bar slides into and does not rock in. It does not prove what the rail bears.")
        { Seat = "clamp", Rungs = r.Ladder.Count };
    }

    public static Body Clamps(RackReckoning r)
    {
        var (lip, web, high) = (r.Lip.Counterpart.Value, r.Web.Measured.Value, r.High.Measured.Value);
        var below = r.Lips.Value + 12;
        return new("machine-clamp", r.Lip.Place.Name, () => r.At.Select(x =>
        {
            Solid bar = new Solid.Box(lip, r.Depth.Value + 50, high).At(-lip / 2, -50, 0) + new Solid.Box(web, r.Depth.Value + 50, below + 0.1).At(-web / 2,
                -50, -below);
            return bar.At(x, 0, r.Lips.Value);
        }).Aggregate((a, b) => a + b));
    }

    public static IEnumerable<Gauge> Gauges(RackReckoning r)
    {
        var (x, y) = (r.At.First(), r.Depth.Value / 2);
        yield return new("part", "chamber", r.Lip.Drawn.Value, new(x, y + 0.01, r.Lips.Value + (r.High.Drawn.Value / 2)), Axis.X);
        yield return new("part", "height of the chamber", r.High.Drawn.Value, new(x + (r.Lip.Drawn.Value / 2) - 0.3, y,
            r.Lips.Value + (r.High.Drawn.Value / 2)),
            Axis.Z);
        yield return new("part", "slot below the chamber", r.Web.Drawn.Value, new(x, y + 0.01, r.Lips.Value / 2), Axis.X);
        foreach (var s in r.ScrewsAt)
        {
            yield return new("part", "screw hole", r.Screw.Bore, new(s.X, s.Y, r.Tall - 0.2), Axis.X);
        }

        yield return new("part", "rail, front to back", r.Deep, new(x + (r.Block / 2) - 0.3, y, r.Lips.Value / 2), Axis.Y, Jaws.Over);
    }
}
