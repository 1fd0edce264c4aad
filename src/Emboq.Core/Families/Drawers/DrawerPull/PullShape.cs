namespace Emboq.Core.Families.Drawers.DrawerPull;

/// <summary>The solids of a pull.</summary>
internal static class PullShape
{
    /// <summary>What closes a post that proves its whole hole, mm.</summary>
    private const double PostRoof = 1.2;

    /// <summary>What a finger needs above it: the posts' upper bar.</summary>
    public const double UpperBar = 4;

    public static Proof OnePost(PullReckoning r) =>
        new("ring-post", r.Lip is null ? "one post, as deep as its hole" : "one end of the plate", () => Post(r),
            r.Slot is null ? "Proves the hole for the hardware in this filament. It does not prove the spacing, nor the face."
                : "Proves that the nut slides in under its roof, does not turn, and that the screw goes on past it. "
                    + "It does not prove the spacing, nor the face.");

    public static Body Drawer(PullReckoning r) => new("machine-front", "drawer front", () => Front(r));

    /// <summary>The two screws' places along x.</summary>
    public static IReadOnlyList<double> Places(PullReckoning r) => [-r.Spacing.Value / 2, r.Spacing.Value / 2];

    /// <summary>Across each hole near the drawer, and across the flats of each nut's slot; in the part and in the post that proves it.</summary>
    public static IReadOnlyList<Gauge> Gauges(PullReckoning r) =>
    [
        .. Places(r).SelectMany(x => new Gauge?[]
        {
            new("part", "screw hole", r.Hole.Bore, new(x, 0, NearBack(r)), Axis.X),
            r.Slot is null ? null : new("part", "slot over the nut's flats", r.Scope.Ledger["screw.flats"].Value,
                new(x, 0, PullReckoning.NutBelow + 1), Axis.Y),
        }).OfType<Gauge>(),
        .. r.Lip is null ? [] : new Gauge[]
        {
            new("part", "plate", r.Lip.Plate.Value, new((r.Length.Value / 2) - (r.Edge.Value + 0.3), 0.6, 0.1), Axis.Z, Jaws.Over),
            new("part", "lip", PullLip.Across(r.Face.Value), r.Lip.Middle(r.Tall.Value, r.Projection.Value, r.Face.Value), Axis.Y, Jaws.Over),
        },
        new("ring-post", "screw hole", r.Hole.Bore, new(Places(r)[0], 0, NearBack(r)), Axis.X),
    ];

    /// <summary>Where a hole is gauged: behind the cone of a head.</summary>
    private static double NearBack(PullReckoning r) => r.Lip is null ? 1 : 0.3;

    /// <summary>What a joint at one end looks like in the frame of the pull: entered from the back, or from the face for through screws.</summary>
    public static Solid Placed(PullReckoning r, Func<Joint, Solid> of, double x)
    {
        // Printed on its upper edge, up is −y.
        if (r.FromFront)
        {
            return (r.Lie == HoleLie.Upright ? of(r.Hole) : of(r.Hole).Spun(180)).At(x, 0, r.FaceAt.Value);
        }

        // Turned upside down, +y of the joint is −y of the pull: its roof points to where up is. A slot opens towards the fingers.
        var both = r.Slot is { } slot ? of(r.Hole) + (x < 0 ? of(slot) : of(slot).Spun(180)) : of(r.Hole);
        return both.UpsideDown().At(x, 0, 0);
    }

    /// <summary>What must stay material around one end's hardware.</summary>
    public static Solid Zone(PullReckoning r, double x) => Placed(r, j => j.Sleeves.Select(s => s.Around).Aggregate((a, b) => a + b),
        x) - Placed(r, j => j.Cut, x);

    public static Solid Part(PullReckoning r, string? mark)
    {
        var solid = Slab.Of(r.Length.Value, r.Tall.Value, r.FaceAt.Value, r.Corner.Value, Math.Min(r.Edge.Value, r.FaceAt.Value / 2));
        if (r.Lip is { } lip)
        {
            solid += Lip(r, lip);
        }

        var fingers = r.Lip is null && r.FingerRoom > 1 && r.Tall.Value > UpperBar + 1 ? [Fingers(r)] : Array.Empty<Solid>();
        solid = solid.Without([.. fingers, .. Places(r).Select(x => Placed(r, j => j.Cut, x)), .. r.Label?.Sunk(0, r.LabelAt, r.FaceAt.Value) ?? []]);
        if (r.Fastening == Fastening.SideNut && r.Lie == HoleLie.Upright
            && NutPocket.Membrane(r.Scope, PullReckoning.NutBelow, r.Hole.Bore / 2, r.Roof) is { } membrane)
        {
            solid = Places(r).Aggregate(solid, (body, x) => body + membrane.UpsideDown().At(x, 0, 0));
        }

        solid = r.Label?.Raised(0, r.LabelAt, r.FaceAt.Value) is { } raised ? solid + raised : solid;
        // Between screw and end, on the back that lies on the drawer.
        var room = (r.Length.Value - r.Spacing.Value) / 2 - r.Joint.Sleeves.Max(s => s.Radius);
        return PartBodies.Marked(solid, mark, letters => letters.UpsideDown().At(-((r.Spacing.Value + r.Length.Value) / 4) - (r.Joint.Sleeves.Max(s =>
            s.Radius) / 2), 0, 0), room - 2);
    }

    /// <summary>Along the straight part of the lower edge, with a stop at each end.</summary>
    private static Solid Lip(PullReckoning r, PullLip lip)
    {
        var (wide, tall, out_) = (r.Length.Value - (2 * r.Corner.Value), r.Tall.Value, r.Projection.Value);
        var body = AlongX(lip.Section(tall, out_, r.Face.Value), wide);
        if (!lip.Stops)
        {
            return body;
        }

        // Its tip reaches a little into the lip, so that both are one body.
        var stop = AlongX([.. lip.StopSection(tall, out_).Select((p, i) => i < 2 ? p with { X = p.X + 0.05 } : p)], PullLip.Stop);
        return body + stop.At((PullLip.Stop - wide) / 2, 0, 0) + stop.At((wide - PullLip.Stop) / 2, 0, 0);
    }

    /// <summary>A section, y up and z out, drawn out along x about the middle.</summary>
    private static Solid AlongX(IReadOnlyList<Point2> section, double wide) =>
        new Solid.Extruded(new Profile(section), wide).Tipped(90).Spun(90).At(-wide / 2, 0, 0);

    /// <summary>Open to the drawer and below, closed above and in front; its upper edges are eased so that it does not cut the fingers.</summary>
    private static Solid Fingers(PullReckoning r)
    {
        var (wide, deep, high) = (r.FingerRoom, r.Projection.Value - r.Face.Value, r.Tall.Value - UpperBar);
        var ease = Math.Min(3, Math.Min(deep, high) / 3);
        // The section across the pull: y up, z out; drawn as x = y and y = z.
        var section = new Profile(new(-r.Tall.Value / 2 - 1, -1), new((r.Tall.Value / 2) - UpperBar, -1), new((r.Tall.Value / 2) - UpperBar, deep - ease),
            new((r.Tall.Value / 2) - UpperBar - ease, deep), new(-r.Tall.Value / 2 - 1, deep));
        return AlongX(section.Points, wide);
    }

    /// <summary>The end of the very pull, as deep as its hole.</summary>
    private static Solid Post(PullReckoning r)
    {
        var (x, y) = (r.Length.Value / 2, r.Tall.Value / 2);
        var high = r.Lip is null ? Math.Min(r.Joint.Depth + PostRoof, r.FaceAt.Value) : r.FaceAt.Value;
        return PartBodies.Slice(Part(r, null), -x, -y, 0, -(r.Spacing.Value / 2) + r.Post.Value, y, high);
    }

    private static Solid Front(PullReckoning r) =>
        Places(r).Aggregate((Solid)new Solid.Box(r.Length.Value + 30, r.Tall.Value + 40, 16).At(-(r.Length.Value + 30) / 2, -(r.Tall.Value + 40) / 2, -16),
            (body, x) => body - new Solid.Cylinder(r.Drilled(x, 0).Drill / 2, 20).At(x, 0, -18));
}
