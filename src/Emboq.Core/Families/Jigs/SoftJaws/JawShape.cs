namespace Emboq.Core.Families.Jigs.SoftJaws;

/// <summary>The solids of a pair of jaws.</summary>
internal static class JawShape
{
    /// <summary>Of the lip that lies on the jaw, mm.</summary>
    public const double LipThickness = 4;

    /// <summary>Of what is left around a proof, mm.</summary>
    private const double Rim = 3;

    /// <summary>Of a proof that is cut across, mm.</summary>
    private const double SliceLength = 8;

    public static IReadOnlyList<Piece> Pieces(JawReckoning r, string? mark, IReadOnlyList<WayUp> ways, string way, IReadOnlyList<PatternHole> pattern)
    {
        (string Name, Solid Zone)[] walls = r.Fixing is null ? [] : [.. r.Fixing.Places.Select((x, i) =>
            ($"fixing {i + 1}", Placed(r, r.Fixing.Joint.Zone, x)))];
        return
        [
            new("part", "jaw", () => Plate(r, mark), ways, way) { Pattern = pattern, Walls = walls },
            // It looks back at the first, face to face.
            new("second", "the other jaw", () => Plate(Other(r), mark), ways, way) { Pattern = pattern, Walls = walls, Pose = Facing(r), MayDiffer = false },
        ];
    }

    /// <summary>The vice opens by this for the look at how it closes, mm.</summary>
    private const double Opens = 60;

    public static IReadOnlyList<Body> Vice(JawReckoning r) =>
    [
        new("machine-jaw", "fixed jaw of the vice", () => Steel(r)),
        new("machine-sliding", "sliding jaw of the vice", () => Facing(r).Of(Steel(r))),
    ];

    /// <summary>From open to face on face.</summary>
    public static Motion Closing { get; } = new("close", "the sliding jaw", ["second", "machine-sliding"], [MotionStep.Along(0, 0, -Opens)],
        [new(0, "open"), new(1, "closed")]);

    private static Pose Facing(JawReckoning r) => new(0, 180, 0, new(0, 0, (2 * r.Thickness.Value) + Opens));

    private static Solid Steel(JawReckoning r) => new Solid.Box(r.Width.Value, r.Height.Value, 12).At(-r.Width.Value / 2, -r.Height.Value / 2, -12);

    public static IEnumerable<Proof> Proofs(JawReckoning r)
    {
        var (w, h, t) = (r.Width.Value / 2, r.Height.Value / 2, r.Thickness.Value);
        Proof Proof(string key, string name, Func<Solid> shape, string says) => new($"ring-{key}", name, shape, says);
        Solid Slice(double x0, double y0, double z0, double x1, double y1, double z1) => PartBodies.Slice(Plate(r, null), x0, y0, z0, x1, y1, z1);
        switch (r.Face)
        {
            case JawFace.Grooved groove:
                var (across, along) = (groove.HalfWidth + Rim, SliceLength / 2);
                yield return Proof("face", "a slice of the groove", () => groove.Upright ? Slice(-across, -along, 0, across, along, t)
                    : Slice(-along, -across, 0, along, across, t),
                    "Proves that the smallest and the largest round lie in it. It does not prove how the plate is held.");
                break;
            case JawFace.Pocket(var drawn, var deep):
                var (x, y) = (drawn!.Points.Max(p => p.X) + Rim, drawn.Points.Max(p => p.Y) + Rim);
                yield return Proof("face", "the rim of the pocket", () => Slice(-x, -y, t - Math.Min(2, deep), x, y, t),
                    "Proves the pocket's outline in minutes. It does not prove its depth.");
                break;
        }

        if (r.Fixing is { } fixing)
        {
            var (at, reach) = (fixing.Places[0], fixing.Joint.Reach);
            yield return Proof("fixing", "one fixing", () => Slice(at - reach, -reach, 0, at + reach, reach, fixing.Screw is null ? fixing.Joint.Depth : t),
                fixing.Screw is null ? "Proves that a magnet drops in. It does not prove how hard it holds."
                    : "Proves that the screw passes and its head lies below the face. It does not prove the spacing.");
        }

        if (r.Over.Value > 0)
        {
            yield return Proof("lip", "an end with its lip", () => Slice(w - SliceLength, -h, -r.Over.Value, w, h + LipThickness, t),
                "Proves that the lip lies on the jaw and the plate ends below where it should. It does not prove the face.");
        }
    }

    /// <summary>A pocket's other half is its mirror image; every other face serves both sides.</summary>
    private static JawReckoning Other(JawReckoning r) => r.Face is JawFace.Pocket { Drawn: { } drawn } pocket
        ? r with { Face = pocket with { Drawn = new(drawn.Points.Select(p => new Point2(-p.X, p.Y))) } }
        : r;

    /// <summary>A magnet's pocket opens at the back, a screw's counterbore at the face. Standing on its upper edge, the roofs of both point down the
    /// plate.</summary>
    public static Solid Placed(JawReckoning r, Solid inJoint, double x) => r.Fixing!.Screw is null ? inJoint.UpsideDown().At(x, 0, 0)
        : inJoint.Spun(180).At(x, 0, r.Thickness.Value);

    /// <summary>Over the plate beside everything that is cut into it, across each fixing, and across a groove at half of its depth.</summary>
    public static IReadOnlyList<Gauge> Gauges(JawReckoning r)
    {
        var (w, h, t) = (r.Width.Value / 2, r.Height.Value / 2, r.Thickness.Value);
        Gauge Half(JawFace.Grooved groove, double size) => groove.Upright
            ? new("part", "groove at half its depth", size, new(0, h - 0.5, t - (groove.Deep / 2)), Axis.X)
            : new("part", "groove at half its depth", size, new(w - 0.5, 0, t - (groove.Deep / 2)), Axis.Y);
        return
        [
            new("part", "thickness", t, new(w - 0.3, 0.3 - h, 1), Axis.Z, Jaws.Over),
            .. (r.Fixing?.Places ?? []).Select(x => new Gauge("part", "fixing", r.Fixing!.Joint.Bore, new(x, 0, 0.2), Axis.X)),
            .. r.Face switch
            {
                JawFace.Vee vee => new[] { Half(vee, vee.HalfWidth) },
                JawFace.Hollow hollow => [Half(hollow, 2 * Math.Sqrt((hollow.Radius * hollow.Radius) - Math.Pow(hollow.Radius - (hollow.Deep / 2), 2)))],
                JawFace.Pocket { Drawn: { } drawn, Deep: var deep } => [Across(drawn, deep, Axis.X), Across(drawn, deep, Axis.Y)],
                _ => [],
            },
        ];
        Gauge Across(Profile drawn, double deep, Axis along) => OutlineGauge.Of("part", "pocket", drawn, t - (deep / 2), along, Jaws.Between);
    }

    private static Solid Plate(JawReckoning r, string? mark)
    {
        var (w, h, t) = (r.Width.Value, r.Height.Value, r.Thickness.Value);
        Solid body = new Solid.Box(w, h, t).At(-w / 2, -h / 2, 0);
        if (r.Over.Value > 0)
        {
            body += new Solid.Box(w, LipThickness, t + r.Over.Value).At(-w / 2, h / 2, -r.Over.Value);
        }

        body = r.Face switch
        {
            JawFace.Flat => body,
            JawFace.Vee(var groove, var upright) => body - Along(new(new(0, -groove.Depth.Value), new(groove.HalfWidth.Value, 0),
                new(groove.HalfWidth.Value, 1), new(-groove.HalfWidth.Value, 1), new(-groove.HalfWidth.Value, 0)), upright, w, h, t),
            JawFace.Hollow(var radius, var deep, var upright) => body - Hollow(radius, deep, upright, w, h, t),
            JawFace.Pocket(var drawn, var deep) => body - new Solid.Extruded(drawn!, deep + 1).At(0, 0, t - deep),
            _ => throw new InvalidOperationException($"No face is defined for {r.Face.GetType().Name}."),
        };
        body = r.Fixing is null ? body : body.Without(r.Fixing.Places.Select(x => Placed(r, r.Fixing.Joint.Cut, x)));
        return PartBodies.Marked(body, mark, letters => letters.UpsideDown().At(0, -h / 4, 0), Math.Min(12, w / 5));
    }

    /// <summary>A section (x across the groove, y out of the face) run through the face.</summary>
    private static Solid Along(Profile section, bool upright, double w, double h, double t)
    {
        var run = (upright ? h : w) + 20;
        // Drawn out along z, then laid down: x stays across, y becomes z.
        var lying = new Solid.Extruded(section, run).Tipped(90).At(0, run / 2, 0);
        return (upright ? lying : lying.Spun(90)).At(0, 0, t);
    }

    private static Solid Hollow(double radius, double deep, bool upright, double w, double h, double t)
    {
        var run = (upright ? h : w) + 20;
        var lying = new Solid.Cylinder(radius, run).Tipped(90).At(0, run / 2, 0);
        return (upright ? lying : lying.Spun(90)).At(0, 0, t + radius - deep);
    }
}
