namespace Emboq.Core.Families.Turning.PadHolder;

/// <summary>The solids of a pad holder.</summary>
internal static class PadShape
{
    /// <summary>Where its screws stand.</summary>
    public static IReadOnlyList<(Point2 At, Joint Screw)> Screws(PadReckoning r) => r.Screw is not { } screw ? []
        : r.Held == PadHeld.Boss ? [(new(0, 0), screw)] : [.. HolePattern.Circle(r.Circle.Value, r.Count).Select(p => (p, screw))];

    public static Piece Piece(PadReckoning r, string? mark) => new(Designs.Piece.Main, "pad holder", () => Marked(r, mark), PadHolderFamily.Ways, r.Way.Key)
    {
        Pattern = r.Held == PadHeld.Screws ? [.. Screws(r).Select(s => new PatternHole(s.At.X, s.At.Y, s.Screw.Bore, HoleUse.Passing, "machine"))] : [],
        Walls = [.. Screws(r).Select((s, i) => ($"screw {i + 1}", s.Screw.Zone.UpsideDown().At(s.At.X, s.At.Y, 0)))],
    };

    /// <summary>On its back, twice, so that it stays in balance.</summary>
    private static Solid Marked(PadReckoning r, string? mark)
    {
        var middle = (r.Across.Value + r.Boss.Across.Value) / 4;
        var room = ((r.Across.Value - r.Boss.Across.Value) / 2) - 4;
        Solid Once(Solid part, double turn) => PartBodies.Marked(part, mark, letters => letters.Spun(90).At(middle, 0, r.Thick.Value).Spun(turn), room);
        return Once(Once(Part(r), 90), 270);
    }

    public static Solid Part(PadReckoning r)
    {
        var (radius, thick, high) = (r.Across.Value / 2, r.Thick.Value, r.High);
        List<Solid> cuts = [.. Screws(r).Select(s => s.Screw.Cut.UpsideDown().At(s.At.X, s.At.Y, 0)), .. r.Socket is { } on ? [on.Cut().At(0, 0, high)]
            : Array.Empty<Solid>()];
        if (r.Centred is { } centred)
        {
            cuts.Add(new Solid.Cylinder(centred.Drawn.Value / 2, r.Deep + 1).At(0, 0, high - r.Deep));
        }

        // Two notches in its rim, opposite each other: they blur while it turns, and stand still when it stalls.
        cuts.AddRange(new[] { 0.0, 180 }.Select(a => new Solid.Box(3, 2, 0.8).At(radius - 2, -1, thick - 0.4).Spun(a)));
        return (new Solid.Cylinder(radius, thick) + new Solid.Cylinder(r.Boss.Across.Value / 2, high)).Without(cuts);
    }

    public static IEnumerable<Proof> Proofs(PadReckoning r)
    {
        if (r.Socket is { } socket)
        {
            yield return socket.Nuts((r.Boss.Across.Value - socket.Thread.Drawn.Value) / 2);
            yield break;
        }

        var (boss, deep) = (r.Boss.Across.Value / 2, Math.Max(2, Math.Min(r.High, r.Deep + 1.5)));
        yield return new("ring-centre", "back of the boss", () => (Part(r) & new Solid.Cylinder(boss, deep).At(0, 0, r.High - deep)).At(0, 0, deep - r.High),
            "Proves that it sits on the machine and its screws meet their holes. It does not prove its weight, nor what it bears.")
        { Seat = r.Centred is null ? null : "centre" };
    }

    public static IEnumerable<Body> Machine(PadReckoning r)
    {
        if (r.Centred is { } centred)
        {
            yield return new("machine-boss", centred.Place.Name, () => new Solid.Cylinder(centred.Counterpart.Value / 2, r.Deep + 10).At(0, 0,
                r.High - r.Deep));
        }

        if (r.Socket is { } socket)
        {
            yield return new("machine-spindle", socket.Thread.Place.Name, () => socket.Machine().At(0, 0, r.High));
        }

        yield return new("machine-pad", "pad", () => new Solid.Cylinder(r.Across.Value / 2, 8).At(0, 0, -8));
    }

    public static IEnumerable<Gauge> Gauges(PadReckoning r)
    {
        yield return new("part", "holder, across", r.Across.Value, new(0.01, 0, r.Thick.Value / 2), Axis.Y, Jaws.Over);
        yield return new("part", "thickness of the disc", r.Thick.Value, new(0.01, (r.Across.Value / 2) - 0.5, r.Thick.Value / 2), Axis.Z, Jaws.Over);
        foreach (var (at, screw) in Screws(r))
        {
            yield return new("part", "screw hole", screw.Bore, new(at.X, at.Y + 0.01, screw.Recess + 0.4), Axis.X);
        }

        foreach (var gauge in r.Socket?.Gauges("part", deep => r.High - deep) ?? [])
        {
            yield return gauge;
        }

        if (r.Centred is { } centred)
        {
            yield return new("part", "recess for the boss", centred.Drawn.Value, new(0, 0.01, r.High - (r.Deep / 2)), Axis.X);
            yield return new("ring-centre", "recess for the boss", centred.Drawn.Value, new(0, 0.01, Math.Max(2, Math.Min(r.High, r.Deep + 1.5)) - 0.4),
                Axis.X);
        }
    }
}
