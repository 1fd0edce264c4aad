namespace Emboq.Core.Families.HoseAdapter;

/// <summary>The seat drawing of an adapter: a full section with the axis along x, first end at the left.</summary>
internal static class AdapterDrawing
{
    public static SeatDrawing Of(AdapterReckoning r)
    {
        List<Region> regions =
        [
            .. Both(Matter.Machine, AdapterShape.Pipe(r, r.First)),
            .. Both(Matter.Machine, AdapterShape.Pipe(r, r.Second)),
            .. Both(Matter.Part, AdapterShape.Section(r)),
        ];
        var left = regions.SelectMany(g => g.Outline).Min(p => p.X);
        var right = regions.SelectMany(g => g.Outline).Max(p => p.X);
        return new(regions, [(new(left - 4, 0), new(right + 4, 0))],
            [.. EndCallouts(r, r.First, left, CalloutSide.Left), .. EndCallouts(r, r.Second, right, CalloutSide.Right), .. AlongCallouts(r)]);
    }

    private static IEnumerable<Callout> EndCallouts(AdapterReckoning r, EndReckoning end, double x, CalloutSide side)
    {
        var slot = end.Parameters.Slot;
        var machine = end.Measured.Quantity.Value / 2;
        var part = end.Drawn.Value / 2;
        var face = side == CalloutSide.Left ? 0 : r.Height.Value;
        yield return new($"{slot}.measured", CalloutKind.Diameter, new(x, -machine), new(x, machine), side, 2,
            Reads: new(end.Interface.Id, end.CountingDimension));
        yield return new($"{slot}.drawn", CalloutKind.Diameter, new(face, -part), new(face, part), side, 1);
        yield return new($"{slot}.clearance", CalloutKind.Diameter, new(face, part), new(face, machine), side, 0, $"{slot}Clearance");
    }

    private static IEnumerable<Callout> AlongCallouts(AdapterReckoning r)
    {
        var (a, b) = (r.First.Outside.Value / 2, r.Second.Outside.Value / 2);
        var (low, high, top) = (r.First.Cuff.Value, r.Height.Value - r.Second.Cuff.Value, r.Height.Value);
        yield return new("first.cuff", CalloutKind.Length, new(0, -a), new(low, -a), CalloutSide.Below, 1, "firstCuff");
        yield return new("cone.length", CalloutKind.Length, new(low, -a), new(high, -b), CalloutSide.Below, 1, "coneLength");
        yield return new("second.cuff", CalloutKind.Length, new(high, -b), new(top, -b), CalloutSide.Below, 1, "secondCuff");
        yield return new("height", CalloutKind.Length, new(0, -a), new(top, -b), CalloutSide.Below, 2);
        yield return new("cone.angle", CalloutKind.Angle, new(low, a), new(high, b), CalloutSide.Above, 1, "coneAngle");
        var wallAt = r.First.Cuff.Value / 2;
        yield return new("wall", CalloutKind.Diameter, new(wallAt, r.First.Inside.Value / 2), new(wallAt, a), CalloutSide.Above, 1, "wall");
    }

    /// <summary>A half section and its mirror image, laid with the axis along x.</summary>
    private static IEnumerable<Region> Both(Matter matter, IReadOnlyList<Point2> half)
    {
        yield return new(matter, [.. half.Select(p => new Point2(p.Y, p.X))]);
        yield return new(matter, [.. half.Select(p => new Point2(p.Y, -p.X))]);
    }
}
