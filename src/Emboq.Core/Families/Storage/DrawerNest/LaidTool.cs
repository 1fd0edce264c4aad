using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>A stretch of a turned tool, from the front of the drawer on.</summary>
/// <param name="From">Along the axis from its front end, mm.</param>
/// <param name="To">Likewise.</param>
/// <param name="First">Radius where it begins, mm.</param>
/// <param name="Last">Where it ends.</param>
/// <param name="Name">As the maker calls it.</param>
/// <param name="Index">Of the step as measured.</param>
internal sealed record ToolStep(double From, double To, double First, double Last, string Name, int Index)
{
    public double Widest => Math.Max(First, Last);
}

/// <summary>A turned tool as it lies in the drawer, seen from its side: s runs back from its front end along the floor, z up from where it lies.</summary>
/// <param name="Steps">From the front on.</param>
/// <param name="Centre">Of mass, along the axis from the front end, mm.</param>
/// <param name="Rest">How it lies on a flat floor.</param>
/// <param name="Lean">By which its front end is raised beside that, degrees.</param>
/// <param name="ByLight">Whether it is grasped at its light end: usually it is at the heavy one.</param>
internal sealed record LaidTool(IReadOnlyList<ToolStep> Steps, double Centre, LyingRest Rest, double Lean, bool ByLight)
{
    /// <summary>Of the axis: its back end stands higher where this is greater than nothing, degrees.</summary>
    public double Tilt => Body is null ? Rest.Tilt - Lean : 0;

    public double Length => Steps[^1].To;

    /// <summary>Whether the end that a hand lifts first is in front.</summary>
    public bool GraspedInFront => Centre < Length / 2 != ByLight;

    /// <summary>Of the axis at the front end over the floor that it lies on, mm.</summary>
    private double Raised => -Lowest(Steps, Tilt * Math.PI / 180);

    private (double Sin, double Cos) Way => Math.SinCos(Tilt * Math.PI / 180);

    /// <summary>A point of it: so far along the axis, and so far off it, up where greater than nothing.</summary>
    public Point2 At(double along, double off) => new((along * Way.Cos) - (off * Way.Sin), Raised + (along * Way.Sin) + (off * Way.Cos));

    private IEnumerable<Point2> Corners => Steps.SelectMany(CornersOf);

    /// <summary>Of one step, its four corners.</summary>
    private IEnumerable<Point2> CornersOf(ToolStep s) => [At(s.From, -s.First), At(s.From, s.First), At(s.To, -s.Last), At(s.To, s.Last)];

    public double Top => Corners.Max(c => c.Y);

    public double Front => Corners.Min(c => c.X) - Between;

    public double Back => Corners.Max(c => c.X) + Between;

    /// <summary>Of a thing that was scanned: at its ends as far apart as its sections, so much further along it may be as wide, mm.</summary>
    public double Between { get; init; }

    public double Widest => Outline is { } outline ? Math.Max(-outline.Box.Least.X, outline.Box.Greatest.X) : Steps.Max(s => s.Widest);

    /// <summary>Of a thing that is not turned but lies flat, seen from above: its middle at x = 0, its front at y = 0; <c>null</c> for what is
    /// turned.</summary>
    public Profile? Outline { get; init; }

    /// <summary>A thing with upright sides, lying flat, its long way from front to back.</summary>
    /// <param name="outline">As measured.</param>
    /// <param name="height">mm.</param>
    /// <param name="lastInFront">Whether its far end lies in front.</param>
    /// <param name="byLight">Whether it is grasped at its light end.</param>
    public static LaidTool Flat(Profile outline, double height, bool lastInFront, bool byLight)
    {
        IEnumerable<Point2> corners = outline.Across > outline.Along ? outline.Points.Select(p => new Point2(-p.Y, p.X)) : outline.Points;
        var laid = new Profile(lastInFront ? corners.Select(p => new Point2(-p.X, -p.Y)) : corners);
        var placed = new Profile(laid.Points.Select(p => new Point2(p.X - laid.Middle.X, p.Y - laid.Box.Least.Y)));
        var p = placed.Points;
        // Of a polygon, by its corners (Green).
        var centre = p.Select((a, i) => p[(i + 1) % p.Length] is var b ? (a.Y + b.Y) * ((a.X * b.Y) - (b.X * a.Y)) : 0).Sum() / (6 * placed.Area);
        var (length, half) = (placed.Along, height / 2);
        return new([new(0, length, half, half, "outline", 0)], centre, new(new(0, half), new(length, half), half, Math.Min(centre, length - centre)), 0,
            byLight)
        { Outline = placed };
    }

    /// <summary>Whether it is of steps, and lies on rims of them.</summary>
    public bool IsTurned => Outline is null;

    /// <summary>Of a thing that was scanned: its middle at x = 0, its front at y = 0, its lowest place at z = 0; <c>null</c> for all others.</summary>
    public SectionBody? Body { get; init; }

    /// <summary>Whether enough is known of it to lean it: of what is not turned, its surface.</summary>
    public bool CanLean => IsTurned || Body?.Skin is not null;

    /// <summary>Whether what was scanned of it has a hole at a place from its front, mm.</summary>
    public Func<double, bool> Unscanned { get; init; } = _ => false;

    /// <summary>How far its centre of mass acts within what it stands on, on a flat floor, mm; nothing where it rolls, less where it tips.</summary>
    public double Stands { get; init; }

    /// <summary>What a hole in a scan may hide beside it, mm; common practice, no published source.</summary>
    public const double Hidden = 1;

    /// <summary>Its sections, the foremost first: where each stands, y, and its corners, x and z.</summary>
    public IReadOnlyList<(double At, IReadOnlyList<Point2> Points)> Cuts { get; init; } = [];

    /// <summary>How far the thing that was scanned stands out of the body through its sections at most, mm.</summary>
    public double StandsOut { get; init; }

    /// <summary>How it turned on a flat floor beside how it lay in its scan; <c>null</c> where it lies so.</summary>
    public Settled? Settled { get; init; }

    /// <summary>Highest place of it near a place along it, over the floor, mm.</summary>
    public double TopNear(double along) => Body?.Section(along)?.Box.Greatest.Y ?? (At(along, 0).Y + RadiusAt(along));

    /// <summary>It from its side, from the front on: its lower edge, and its upper edge.</summary>
    public (IReadOnlyList<Point2> Below, IReadOnlyList<Point2> Above) Side => Body is { } body
        ? ([.. body.Sections.Select(o => new Point2(o.At, o.Points.Min(p => p.Y)))], [.. body.Sections.Select(o => new Point2(o.At, o.Points.Max(p => p.Y)))])
        : ([.. Steps.SelectMany(s => new[] { At(s.From, -s.First), At(s.To, -s.Last) })], [.. Steps.SelectMany(s => new[] { At(s.From, s.First), At(s.To,
            s.Last) })]);

    /// <summary>Top of one step over the floor, mm.</summary>
    public double TopOf(ToolStep step) => CornersOf(step).Max(c => c.Y);

    /// <summary>The step that a place along the axis lies in.</summary>
    public ToolStep StepAt(double along) => Steps.First(s => along <= s.To + 1e-9);

    /// <summary>The step that a rim is of: along the axis, and its radius.</summary>
    public ToolStep StepOf(Point2 rim) => Steps.First(s => (s.From, s.First) == (rim.X, rim.Y) || (s.To, s.Last) == (rim.X, rim.Y));

    public double RadiusAt(double along) => StepAt(along) is var s && s.To - s.From < 1e-9 ? s.Widest
        : s.First + ((s.Last - s.First) * (along - s.From) / (s.To - s.From));

    /// <summary>Where the end that is lifted last touches the floor of its nest: the tool turns about it.</summary>
    public Point2 Pivot => LastEnd is { } end ? new(GraspedInFront ? Length : 0, end.Box.Least.Y) : GraspedInFront ? At(Length, -LastRadius)
        : At(0, -LastRadius);

    public double LastRadius => LastEnd is { } end ? end.Along / 2 : GraspedInFront ? Steps[^1].Last : Steps[0].First;

    /// <summary>Of a thing that was scanned, its section at the end that is lifted last.</summary>
    private Profile? LastEnd => Body?.Section(GraspedInFront ? Body.Ends.To : Body.Ends.From);

    /// <summary>How far of a step what is still below the top of the nest moves towards the end that is lifted last while the tool is turned out, mm.</summary>
    /// <param name="step">Which.</param>
    /// <param name="turn">Degrees in all.</param>
    /// <param name="deep">Of the nest over the floor that the tool lies on, mm.</param>
    public double Swings(ToolStep step, double turn, double deep)
    {
        const int Parts = 40;
        // Of a scan many sections stand beside each other.
        var (pivot, offs) = (Pivot, Body is null ? 80 : 12);
        var (most, (below, above)) = (0.0, Body is null ? ([At(step.From, -step.First), At(step.To, -step.Last)], [At(step.From, step.First), At(step.To,
            step.Last)]) : Side);
        foreach (var (low, high) in below.Zip(above))
        {
            foreach (var share in Enumerable.Range(0, offs + 1).Select(i => (double)i / offs))
            {
                var p = new Point2(low.X + (share * (high.X - low.X)), low.Y + (share * (high.Y - low.Y)));
                var (d, h) = (Math.Abs(p.X - pivot.X), p.Y - pivot.Y);
                // Beyond the pivot nothing lies but the rest of its own face.
                d = GraspedInFront == p.X <= pivot.X ? d : -d;
                foreach (var (sin, cos) in Enumerable.Range(1, Parts).Select(i => Math.SinCos(turn * i / Parts * Math.PI / 180)))
                {
                    if (pivot.Y + (d * sin) + (h * cos) <= deep + 0.1)
                    {
                        most = Math.Max(most, (h * sin) + (d * (1 - cos)));
                    }
                }
            }
        }

        return most;
    }

    private static double Lowest(IReadOnlyList<ToolStep> steps, double tilt)
    {
        var (sin, cos) = Math.SinCos(tilt);
        return steps.Min(s => Math.Min((s.From * sin) - (s.First * cos), (s.To * sin) - (s.Last * cos)));
    }

    /// <summary>The tool as measured, from the front on.</summary>
    /// <param name="sizes">Of its place: all lengths and first diameters are read.</param>
    /// <param name="lastInFront">Whether its last step lies in front.</param>
    public static IReadOnlyList<ToolStep> StepsOf(Sizes sizes, bool lastInFront)
    {
        var (steps, at) = (new List<ToolStep>(), 0.0);
        for (var i = 0; i < sizes.Count; i++)
        {
            var (length, first) = (sizes[i, "length"]!.Value, sizes[i, "first"]!.Value);
            steps.Add(new(at, at + length, first / 2, sizes.Or(i, "last", first) / 2, sizes.Place.Items[i], i));
            at += length;
        }

        return !lastInFront ? steps : [.. Enumerable.Reverse(steps).Select(s => s with { From = at - s.To, To = at - s.From, First = s.Last, Last = s.First })];
    }
}
