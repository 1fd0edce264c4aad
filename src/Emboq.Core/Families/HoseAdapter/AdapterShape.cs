namespace Emboq.Core.Families.HoseAdapter;

/// <summary>The solids of an adapter. The first end stands on the bed, the axis is z.</summary>
internal static class AdapterShape
{
    private const double RingHeight = 2;

    /// <summary>How much of the machine is shown past the cuff, mm.</summary>
    private const double Shown = 12;

    public static IReadOnlyList<Body> Bodies(AdapterReckoning r)
    {
        var part = new Solid.Revolved(new Profile(Section(r)));
        return
        [
            new("part", "adapter", BodyRole.Part, part),
            Ring(r, r.First, part, (r.First.Cuff.Value - RingHeight) / 2),
            Ring(r, r.Second, part, r.Height.Value - ((r.Second.Cuff.Value + RingHeight) / 2)),
            new("machine-first", r.First.Interface.Name, BodyRole.Counterpart, new Solid.Revolved(new Profile(Pipe(r, r.First)))),
            new("machine-second", r.Second.Interface.Name, BodyRole.Counterpart, new Solid.Revolved(new Profile(Pipe(r, r.Second)))),
        ];
    }

    /// <summary>The half section of the part: height along y, radius along x.</summary>
    public static IReadOnlyList<Point2> Section(AdapterReckoning r) =>
        [.. Line(r, e => e.Outside.Value / 2), .. Line(r, e => e.Inside.Value / 2).Reverse()];

    /// <summary>The half section of the machine's side at an end, seated.</summary>
    public static IReadOnlyList<Point2> Pipe(AdapterReckoning r, EndReckoning end)
    {
        var first = ReferenceEquals(end, r.First);
        var measured = end.Measured.Quantity.Value / 2;
        // The wall of the machine's pipe is drawn, not measured: it stands on the side that does not count.
        var wall = Math.Min(2, measured / 2);
        var (inner, outer) = end.Parameters.Join == Join.Inside ? (measured, measured + wall) : (measured - wall, measured);
        var (seat, away) = first
            ? (end.Cuff.Value, -Shown)
            : (r.Height.Value - end.Cuff.Value, r.Height.Value + Shown);
        return [new(inner, seat), new(outer, seat), new(outer, away), new(inner, away)];
    }

    /// <summary>A ring of the very solid, cut out at mid cuff and set on the bed.</summary>
    private static Body Ring(AdapterReckoning r, EndReckoning end, Solid part, double from)
    {
        var reach = Math.Max(r.First.Outside.Value, r.Second.Outside.Value);
        var slice = new Solid.Box(2 * reach, 2 * reach, RingHeight).At(-reach, -reach, from);
        return new($"ring-{end.Parameters.Slot}", $"ring of the {end.Parameters.Slot} end", BodyRole.Coupon, (part & slice).At(0, 0, -from), end.Parameters.Slot,
            $"Proves the diameter on the {end.Interface.Name}. It does not prove the cuff's straightness over its length, nor any other filament than the one it is printed in.");
    }

    /// <summary>The surface from the first end up, as radius and height.</summary>
    private static IEnumerable<Point2> Line(AdapterReckoning r, Func<EndReckoning, double> radius)
    {
        var (a, b) = (radius(r.First), radius(r.Second));
        var (low, high) = (r.First.Cuff.Value, r.Height.Value - r.Second.Cuff.Value);
        return new Point2[] { new(a, 0), new(a, low), new(b, high), new(b, r.Height.Value) }.Distinct();
    }
}
