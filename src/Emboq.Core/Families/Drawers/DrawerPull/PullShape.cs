namespace Emboq.Core.Families.Drawers.DrawerPull;

/// <summary>The solids of a pull.</summary>
internal static class PullShape
{
    /// <summary>What a finger needs above it: the posts' upper bar.</summary>
    public const double UpperBar = 4;

    public static Proof OnePost(PullReckoning r) =>
        new("ring-post", "one post, 6 mm of it", () => Post(r),
            "Proves the hole for the hardware in this filament. It does not prove the spacing, nor the face.");

    public static Body Drawer(PullReckoning r) => new("machine-front", "drawer front", () => Front(r));

    /// <summary>The two screws' places along x.</summary>
    public static IReadOnlyList<double> Places(PullReckoning r) => [-r.Spacing.Value / 2, r.Spacing.Value / 2];

    /// <summary>Across each hole near the drawer, and across the flats of each nut's slot; in the part and in the post that proves it.</summary>
    public static IReadOnlyList<Gauge> Gauges(PullReckoning r) =>
    [
        .. Places(r).SelectMany(x => new Gauge?[]
        {
            new("part", "screw hole", r.Hole.Bore, new(x, 0, 1), Axis.X),
            r.Slot is null ? null : new("part", "slot over the nut's flats", r.Scope.Ledger["screw.flats"].Value,
                new(x, 0, PullReckoning.NutBelow + 1), Axis.Y),
        }).OfType<Gauge>(),
        new("ring-post", "screw hole", r.Hole.Bore, new(Places(r)[0], 0, 1), Axis.X),
    ];

    /// <summary>What a joint at one end looks like in the frame of the pull: entered from the back, or from the face for through screws.</summary>
    public static Solid Placed(PullReckoning r, Func<Joint, Solid> of, double x)
    {
        // Printed on its upper edge, up is −y.
        if (r.Fastening == Fastening.Through)
        {
            return (r.Lie == HoleLie.Upright ? of(r.Hole) : of(r.Hole).Spun(180)).At(x, 0, r.Projection.Value);
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
        var solid = Slab.Of(r.Length.Value, r.Tall.Value, r.Projection.Value, r.Corner.Value, r.Edge.Value);
        var fingers = r.FingerRoom > 1 && r.Tall.Value > UpperBar + 1 ? [Fingers(r)] : Array.Empty<Solid>();
        solid = solid.Without([.. fingers, .. Places(r).Select(x => Placed(r, j => j.Cut, x)), .. r.Label?.Sunk(0, 0, r.Projection.Value) ?? []]);
        if (r.Fastening == Fastening.SideNut && r.Lie == HoleLie.Upright
            && NutPocket.Membrane(r.Scope, PullReckoning.NutBelow, r.Hole.Bore / 2, r.Roof) is { } membrane)
        {
            solid = Places(r).Aggregate(solid, (body, x) => body + membrane.UpsideDown().At(x, 0, 0));
        }

        solid = r.Label?.Raised(0, 0, r.Projection.Value) is { } raised ? solid + raised : solid;
        // Between screw and end, on the back that lies on the drawer.
        var room = (r.Length.Value - r.Spacing.Value) / 2 - r.Joint.Sleeves.Max(s => s.Radius);
        return PartBodies.Marked(solid, mark, letters => letters.UpsideDown().At(-((r.Spacing.Value + r.Length.Value) / 4) - (r.Joint.Sleeves.Max(s =>
            s.Radius) / 2), 0, 0), room - 2);
    }

    /// <summary>Open to the drawer and below, closed above and in front; its upper edges are eased so that it does not cut the fingers.</summary>
    private static Solid Fingers(PullReckoning r)
    {
        var (wide, deep, high) = (r.FingerRoom, r.Projection.Value - r.Face.Value, r.Tall.Value - UpperBar);
        var ease = Math.Min(3, Math.Min(deep, high) / 3);
        // The section across the pull: y up, z out; drawn as x = y and y = z.
        var section = new Profile(new(-r.Tall.Value / 2 - 1, -1), new((r.Tall.Value / 2) - UpperBar, -1), new((r.Tall.Value / 2) - UpperBar, deep - ease),
            new((r.Tall.Value / 2) - UpperBar - ease, deep), new(-r.Tall.Value / 2 - 1, deep));
        return new Solid.Extruded(section, wide).Tipped(90).Spun(90).At(-wide / 2, 0, 0);
    }

    /// <summary>The end of the very pull, as deep as its hole.</summary>
    private static Solid Post(PullReckoning r)
    {
        var (x, y) = (r.Length.Value / 2, r.Tall.Value / 2);
        var high = Math.Min(6, r.Projection.Value);
        return PartBodies.Slice(Part(r, null), -x, -y, 0, -(r.Spacing.Value / 2) + r.Post.Value, y, high);
    }

    private static Solid Front(PullReckoning r) =>
        Places(r).Aggregate((Solid)new Solid.Box(r.Length.Value + 30, r.Tall.Value + 40, 16).At(-(r.Length.Value + 30) / 2, -(r.Tall.Value + 40) / 2, -16),
            (body, x) => body - new Solid.Cylinder(r.Drilled(x, 0).Drill / 2, 20).At(x, 0, -18));
}
