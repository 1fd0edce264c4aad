namespace Emboq.Core.Tests.Measuring;

/// <summary>Places of every kind with sizes that go together, each read once with an instrument that takes it.</summary>
internal static class Places
{
    public static readonly IReadOnlyList<Instrument> Instruments =
    [
        Workshop.Caliper with { Reach = 400 },
        Workshop.Rule,
        new("tape", "tape", 1, 0.6, 0.4, 5000, InstrumentKind.Tape),
        new("rod", "rod", 0.05, 0.1, 0.1, 150, InstrumentKind.DepthRod),
        new("gauges", "radius gauges", 0.5, 0.1, 0.2, 60, InstrumentKind.RadiusGauges),
        new("pitch", "pitch gauge", 0.05, 0.01, 0.01, 6, InstrumentKind.PitchGauge),
        new("protractor", "protractor", 0.5, 0.3, 0.3, 180, InstrumentKind.Protractor),
        new("scale", "scale", 0.1, 0.3, 0.1, 5000, InstrumentKind.Scale),
        new("eye", "counting", 0, 0, 0, 1000, InstrumentKind.Eye),
    ];

    private static readonly Dictionary<string, string> Usual = new()
    {
        ["tube"] = "inside 50, outside 54, depth 30, around 169.6, wall 2",
        ["duct"] = "inside 76, insideDepth 46, outside 80, outsideDepth 50, corner 4, depth 30, wall 2",
        ["oval"] = "inside 76, insideDepth 46, outside 80, outsideDepth 50, depth 30, wall 2",
        ["d-opening"] = "inside 56, insideDepth 46, outside 60, outsideDepth 50, depth 30, wall 2",
        ["trapezoid"] = "inside 76, insideDepth 46, insideTop 56, outside 80, outsideDepth 50, outsideTop 60, depth 30, wall 2",
        ["post"] = "diameter 30, length 50, around 94.2, chord 24, sagitta 6",
        ["pin"] = "diameter 4, length 80",
        ["rods"] = "diameter 12, over 92, between 68, centres 80, free 150",
        ["bore"] = "diameter 20, depth 25, pin 19.9, nearWall 12, farWall 32",
        ["hose"] = "inside 40, outside 46, around 144.5, wall 3, give 1, depth 60",
        ["arc"] = "radius 50, chord 60, sagitta 10, length 30",
        ["taper"] = "large 20, small 17.5, distance 50, halfAngle 1.432",
        ["slot"] = "width 19, depth 10, length 200, nearWall 84, farWall 103",
        ["t-slot"] = "mouth 10, lip 5, chamber 18, depth 12, chamberHeight 7, length 200",
        ["block"] = "width 90, depth 60, height 30, corner 4, draft 1.909, topWidth 88, mass 300",
        ["board"] = "length 900, width 45, thickness 30, mass 900, balance 450",
        ["lipped"] = "lip 24, lipHigh 5, web 9, wide 70, long 420, mass 620, balance 260",
        ["flat"] = "thickness 18, width 300, length 300, edge 2, overhang 30",
        ["foot"] = "height 40, overall 60, point1.x 0, point1.y 0, point2.x 60, point2.y 0, point3.x 60, point3.y 30, point4.x 0, point4.y 30",
        ["traced"] = "overall 80, breadth 30, height 12",
        ["grip"] = "breadth 61.6, height 28, length 160, mass 700, balance 80, tip 20, keep1.at 100, keep1.long 12, keep1.across 10, keep1.around 20",
        ["gaps"] = "foot1.gap 0, foot2.gap 1.4, foot3.gap 2.6, foot4.gap 0.8",
        ["cavity"] = "width 300, depth 250, height 60, lip 10, outerWidth 310, "
            + "obstruction1.x 0, obstruction1.y 20, obstruction1.z 0, obstruction1.width 10, obstruction1.depth 40, obstruction1.height 15",
        ["holes"] = "thickness 5, hole1.x 20, hole1.y 15, hole1.diameter 6, hole1.xNear 17, hole1.xFar 23, "
            + "hole2.x 60, hole2.y 45, hole2.diameter 6, hole2.xNear 57, hole2.xFar 63",
        ["hole-row"] = "diameter 5, overall 101, gap1.centre 96, gap1.inner 91, gap1.outer 101",
        ["hole-circle"] = "circle 32, count 4, diameter 5, inner 27, outer 37, neighbour 22.627, thickness 6",
        ["hole-grid"] = "pitchX 96, pitchY 96, diameter 20, overX 212, spacesX 2, firstX 60, firstY 60, thickness 18",
        ["turned"] = "overall 90, mass 60, balance 52, step1.length 20, step1.first 16, step1.last 16, step1.corner 1, "
            + "step2.length 30, step2.first 40, step2.last 70, step2.corner 1, "
            + "step3.length 40, step3.first 70, step3.last 54, step3.corner 2",
        ["thread"] = "outside 9.9, pitch 1.5, turns 10, over 15, length 25",
        ["spindle"] = "outside 31.6, pitch 3.175, length 28, turns 6, over 19.05, neck 32, neckLong 4, bore 10",
        ["nut"] = "flats 12.9, height 6.5, corners 14.4, hole 6.8",
        ["screw-head"] = "head 12, height 3, shank 6, length 30, cone 90, drive 4",
        ["ring"] = "wire 2, inside 20, outside 24",
        ["angle"] = "angle 9.9262, run 80, rise 14",
        ["mass"] = "mass 480, arm 60, far 192, span 150",
    };

    public static Interface Of(string kind) => Of(KindList.Of(kind), Usual[kind]);

    /// <summary>A place with sizes "key value, key value"; dimensions left out are not read.</summary>
    public static Interface Of(InterfaceKind kind, string sizes)
    {
        var values = sizes.Split(", ", StringSplitOptions.RemoveEmptyEntries).Select(s => s.Split(' ')).ToDictionary(s => s[0], s =>
            double.Parse(s[1], System.Globalization.CultureInfo.InvariantCulture));
        var count = kind.Item is null ? 0 : values.Keys.Where(k => k.Contains('.')).Select(k => k[..k.IndexOf('.')]).Distinct().Count();
        var id = Guid.NewGuid();
        return Interface.Of(id, kind.Name, kind, [.. Enumerable.Range(1, count).Select(i => $"{kind.Item!.Name} {i}")],
            d => values.TryGetValue(d.Key, out var v) ? Workshop.Dimension(id, d.Key, (Instruments.First(i => i.Takes(d.Access)), v))
                : Workshop.Dimension(id, d.Key)) with
        { Outline = kind.IsScanned ? Grip : kind.IsTraced ? Hook : null };
    }

    /// <summary>A hook, 80 × 30.</summary>
    public static Traced Hook { get; } = new("hook.svg", 0.1, [new(0, 8), new(10, 0), new(60, 4), new(80, 0), new(80, 30), new(66, 30), new(64, 14), new(12,
        18)]);

    /// <summary>A grip that bends sideways, 160 long, 28 high; elliptic sections, the broadest 50 across, and 61.6 over its bend.</summary>
    public static Traced Grip { get; } = Bent();

    /// <summary>Half of the breadth of a section, and where its middle lies.</summary>
    public static (double Half, double Middle) GripAt(double x) => (20 + (5 * Math.Sin(2 * Math.PI * x / 160)), 20 * Math.Sin(Math.PI * x / 160));

    private static Traced Bent() => Traced.Of("grip.stl", 0.1, 160, [.. Enumerable.Range(0, 53).Select(i => 2 + (3.0 * i)).Select(x =>
        new TracedSection(x, [.. Outlines.Round(1, 120).Points.Select(p => new Point2(GripAt(x).Middle + (GripAt(x).Half * p.X), 14 + (14 * p.Y)))], true))],
        (Tube(160, 54, 48, (x, sin, cos) => new(x, GripAt(x).Middle + (GripAt(x).Half * cos), 14 + (14 * sin))), 0.05));

    /// <summary>A fork lying flat: a rod of 18 bent to a bow of 44 across from middle to middle, with two prongs of 80.</summary>
    public static ClosedMesh Fork { get; } = Tube(160 + (22 * Math.PI), 120, 48, (s, sin, cos) =>
    {
        var (bow, end) = (22 * Math.PI, Math.Min(s, 160 + (22 * Math.PI) - s));
        var r = end < 6 ? Math.Max(1, 9 * Math.Sqrt(1 - Math.Pow((6 - end) / 6, 2))) : 9;
        var turned = Math.SinCos(Math.Clamp((s - 80) / 22, 0, Math.PI));
        var (x, y) = (31 - (22 * turned.Sin) + Math.Max(0, 80 - s) + Math.Max(0, s - 80 - bow), 31 - (22 * turned.Cos));
        return new(x - (r * cos * turned.Sin), y - (r * cos * turned.Cos), 9 + (r * sin));
    });

    /// <summary>The same as a scan, cut every 3 mm.</summary>
    public static Traced Forked { get; } = Fork.Moved(p => new(-p.Y, p.X, p.Z)) is var stood ? Traced.Of("fork.stl", 0.05, 111, [.. Enumerable.Range(0, 37)
        .Select(i => 1.5 + (3.0 * i)).Select(x => new TracedSection(x, [.. stood.Across(new(0, x), 0, 0)!.Points.Select(p => new Point2(-p.X, p.Y))], true))],
        (Fork, 0.05)) : null!;

    /// <summary>A closed surface along x from 0 on, its ends level.</summary>
    /// <param name="length">mm.</param>
    /// <param name="along">Rings.</param>
    /// <param name="around">Corners of each.</param>
    /// <param name="at">Where a corner is: x, sine and cosine around it.</param>
    public static ClosedMesh Tube(double length, int along, int around, Func<double, double, double, Point3> at)
    {
        var (points, triangles) = (new List<Point3>(), new List<int>());
        for (var i = 0; i < along; i++)
        {
            var ring = Enumerable.Range(0, around).Select(j => Math.SinCos(2 * Math.PI * j / around)).Select(a =>
                at(length * i / (along - 1), a.Sin, a.Cos)).ToList();
            points.AddRange(ring);
            for (var j = 0; j < around && i > 0; j++)
            {
                var (a, b) = ((i * around) + j, (i * around) + ((j + 1) % around));
                triangles.AddRange([a - around, b - around, b, a - around, b, a]);
            }
        }

        foreach (var (first, over) in new[] { (0, true), ((along - 1) * around, false) })
        {
            for (var j = 1; j < around - 1; j++)
            {
                triangles.AddRange(over ? [first, first + j + 1, first + j] : [first, first + j, first + j + 1]);
            }
        }

        return ClosedMesh.Of(points, triangles)!;
    }

    public static Sizes SizesOf(string kind) => new(Of(kind));
}
