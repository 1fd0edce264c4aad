namespace Emboq.Core.Families.Air.HoseAdapter;

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
            [.. EndCallouts(r, r.First, left, CalloutSide.Left), .. EndCallouts(r, r.Second, right, CalloutSide.Right),
                .. r.Ends.SelectMany(e => HoldCallouts(r, e)), .. AlongCallouts(r)]);
    }

    private static IEnumerable<Callout> EndCallouts(AdapterReckoning r, EndReckoning end, double x, CalloutSide side)
    {
        var slot = end.Parameters.Slot;
        var machine = end.Fitted.Counterpart.Value / 2;
        var part = end.Drawn.Value / 2;
        // A taper has its size at mid cuff.
        var inwards = end.Growth is null ? 0 : end.Cuff.Value / 2;
        var face = side == CalloutSide.Left ? inwards : r.Height.Value - inwards;
        yield return new($"{slot}.measured", CalloutKind.Diameter, new(x, -machine), new(x, machine), side, 2,
            Reads: new(end.Interface.Id, end.Fitted.Of.Dimension));
        yield return new($"{slot}.drawn", CalloutKind.Diameter, new(face, -part), new(face, part), side, 1);
        yield return new($"{slot}.clearance", CalloutKind.Diameter, new(face, part), new(face, machine), side, 0, $"{slot}Clearance");
    }

    /// <summary>What holds an end: the band's seat, or the taper.</summary>
    private static IEnumerable<Callout> HoldCallouts(AdapterReckoning r, EndReckoning end)
    {
        var (slot, radius, cuff) = (end.Parameters.Slot, end.Outside.Value / 2, end.Cuff.Value);
        double Along(double fromMouth) => ReferenceEquals(end, r.First) ? fromMouth : r.Height.Value - fromMouth;
        if (end.Band is { } band)
        {
            var middle = end.Parameters.Join == Join.Over ? cuff / 2 : cuff - 1 - (band.Value / 2);
            var (a, b) = (Along(middle - (band.Value / 2)), Along(middle + (band.Value / 2)));
            yield return new($"{slot}.band", CalloutKind.Feature, new(Math.Min(a, b), radius), new(Math.Max(a, b), radius),
                CalloutSide.Above, 2, $"{slot}Band");
        }

        if (end.Growth is not null)
        {
            var (a, b) = (Along(0), Along(cuff));
            yield return new($"{slot}.taper", CalloutKind.Angle, new(Math.Min(a, b), radius), new(Math.Max(a, b), radius),
                CalloutSide.Above, 2, $"{slot}Taper");
        }
    }

    private static IEnumerable<Callout> AlongCallouts(AdapterReckoning r)
    {
        var (a, b) = (r.First.OutsideRoot.Value / 2, r.Second.OutsideRoot.Value / 2);
        var (low, high, top) = (r.First.Cuff.Value, r.Height.Value - r.Second.Cuff.Value, r.Height.Value);
        yield return new("first.cuff", CalloutKind.Length, new(0, -a), new(low, -a), CalloutSide.Below, 1, "firstCuff");
        yield return new("cone.length", CalloutKind.Length, new(low, -a), new(high, -b), CalloutSide.Below, 1, "coneLength");
        yield return new("second.cuff", CalloutKind.Length, new(high, -b), new(top, -b), CalloutSide.Below, 1, "secondCuff");
        yield return new("height", CalloutKind.Length, new(0, -a), new(top, -b), CalloutSide.Below, 2);
        yield return new("cone.angle", CalloutKind.Angle, new(low, a), new(high, b), CalloutSide.Above, 1, "coneAngle");
        var wallAt = r.First.Cuff.Value / 2;
        yield return new("wall", CalloutKind.Feature, new(wallAt, r.First.Inside.Value / 2), new(wallAt, a), CalloutSide.Above, 1, "wall");
    }

    /// <summary>A half section and its mirror image, laid with the axis along x.</summary>
    private static IEnumerable<Region> Both(Matter matter, IReadOnlyList<Point2> half)
    {
        yield return new(matter, [.. half.Select(p => new Point2(p.Y, p.X))]);
        yield return new(matter, [.. half.Select(p => new Point2(p.Y, -p.X))]);
    }
}
