namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>The solids of an adapter. The first end stands at z = 0, the axis is z.</summary>
internal static class AdapterShape
{
    public const double RingHeight = 2;

    /// <summary>How much of the machine is shown past the cuff, mm.</summary>
    private const double Shown = 12;

    public static IReadOnlyList<Proof> Proofs(AdapterReckoning r, Solid bare, Process process) =>
    [
        Ring(r, r.First, bare, (r.First.Cuff.Value - RingHeight) / 2),
        Ring(r, r.Second, bare, r.Height.Value - ((r.Second.Cuff.Value + RingHeight) / 2)),
        .. r.Ends.Select(e => AdapterLadder.Of(e, process)).OfType<Proof>(),
    ];

    public static IReadOnlyList<Body> Ports(AdapterReckoning r) => [.. r.Ends.Select(e =>
        new Body($"machine-{e.Parameters.Slot}", e.Interface.Name, () => Machine(r, e)))];

    /// <summary>Without mark and feet.</summary>
    public static Solid Bare(AdapterReckoning r) => r.IsUnlike ? AdapterOutline.Part(r) : new Solid.Revolved(new Profile(Section(r)));

    public static Solid Part(AdapterReckoning r, Solid bare, AdapterParameters p, Brief brief)
    {
        var marked = AdapterMark.On(bare, r, brief.Mark);
        return AdapterSteady.Under(r, p.WayUp, p.Steady, brief.Process) is { } more ? marked + more : marked;
    }

    /// <summary>The half section of the part: height along y, radius along x.</summary>
    public static IReadOnlyList<Point2> Section(AdapterReckoning r) => [.. Outside(r), .. Inside(r).Reverse()];

    /// <summary>The half section of the machine's side at an end, seated.</summary>
    public static IReadOnlyList<Point2> Pipe(AdapterReckoning r, EndReckoning end)
    {
        var first = ReferenceEquals(end, r.First);
        var measured = end.Fitted.Counterpart.Value / 2;
        // The wall of the machine's pipe is drawn, not measured: it stands on the side that does not count.
        var wall = Math.Min(2, measured / 2);
        var (inner, outer) = end.Parameters.Join == Join.Inside ? (measured, measured + wall) : (measured - wall, measured);
        var (seat, away) = first
            ? (end.Cuff.Value, -Shown)
            : (r.Height.Value - end.Cuff.Value, r.Height.Value + Shown);
        return [new(inner, seat), new(outer, seat), new(outer, away), new(inner, away)];
    }

    private static Solid Machine(AdapterReckoning r, EndReckoning end)
    {
        var pipe = Pipe(r, end);
        if (end.Duct is null)
        {
            return new Solid.Revolved(new Profile(pipe));
        }

        var (inner, outer, low, high) = (2 * pipe.Min(p => p.X), 2 * pipe.Max(p => p.X), pipe.Min(p => p.Y), pipe.Max(p => p.Y));
        return (AdapterOutline.Filled(end, outer, high - low) - AdapterOutline.Filled(end, inner, high - low + 2).At(0, 0, -1)).At(0, 0, low);
    }

    /// <summary>A ring of the very solid, cut out at mid cuff and set on the bed.</summary>
    private static Proof Ring(AdapterReckoning r, EndReckoning end, Solid part, double from)
    {
        var reach = r.Ends.Max(AdapterChecks.Across);
        var slice = new Solid.Box(2 * reach, 2 * reach, RingHeight).At(-reach, -reach, from);
        return new($"ring-{end.Parameters.Slot}", $"ring of the {end.Parameters.Slot} end", () => (part & slice).At(0, 0, -from),
            $"Proves the diameter on the {end.Interface.Name}. It does not prove the cuff's straightness over its length, nor any other filament than "
                + "the one it is printed in.")
        { Seat = end.Parameters.Slot };
    }

    private static IEnumerable<Point2> Outside(AdapterReckoning r)
    {
        var (low, high) = Roots(r, r.First.OutsideRoot.Value > r.Second.OutsideRoot.Value);
        return Joined(r, low, high, e => e.Outside.Value / 2, AdapterHold.Outside);
    }

    private static IEnumerable<Point2> Inside(AdapterReckoning r)
    {
        var (low, high) = Roots(r, r.First.InsideRoot.Value < r.Second.InsideRoot.Value);
        return Joined(r, low, high, e => e.Inside.Value / 2, _ => []);
    }

    /// <summary>Heights where a surface leaves the first cuff and reaches the second: the ends of the cone, or one side of the shelf.</summary>
    private static (double Low, double High) Roots(AdapterReckoning r, bool beyond)
    {
        var (low, high) = (r.First.Cuff.Value, r.Height.Value - r.Second.Cuff.Value);
        return r.Transition is not Transition.Step ? (low, high) : beyond ? (high, high) : (low, low);
    }

    /// <summary>A surface from the first end up, as radius and height.</summary>
    /// <param name="r">The adapter.</param>
    /// <param name="low">Where it leaves the first cuff.</param>
    /// <param name="high">Where it reaches the second.</param>
    /// <param name="radius">Of an end at mid cuff.</param>
    /// <param name="more">Points between mouth and root, as distance from the mouth and height over the surface.</param>
    private static IEnumerable<Point2> Joined(AdapterReckoning r, double low, double high, Func<EndReckoning, double> radius,
        Func<EndReckoning, IEnumerable<Point2>> more)
    {
        IEnumerable<Point2> Along(EndReckoning end, double root)
        {
            var (middle, half, growth) = (radius(end), end.Cuff.Value / 2, (end.Growth?.Value ?? 0) / 2);
            double At(double fromMouth) => middle + (growth * (fromMouth - half) / half);
            yield return new(At(0), 0);
            foreach (var p in more(end))
            {
                yield return new(At(p.X) + p.Y, p.X);
            }

            // The taper ends with the cuff; what runs on through a shelf runs on straight.
            yield return new(At(end.Cuff.Value), end.Cuff.Value);
            yield return new(At(end.Cuff.Value), root);
        }

        var top = r.Height.Value;
        return Along(r.First, low).Concat(Along(r.Second, top - high).Select(p => new Point2(p.X, top - p.Y)).Reverse()).Distinct();
    }
}
