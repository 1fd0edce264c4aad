using Emboq.Core.Families.Common;
using Emboq.Core.Solids;

namespace Emboq.Core.Families.PocketTray;

/// <summary>The solids of a tray.</summary>
internal static class TrayShape
{
    private const double SliceHeight = 2;

    public static IReadOnlyList<Body> Bodies(TrayReckoning r, string? mark) =>
    [
        new("part", "tray", BodyRole.Part, () => Part(r, mark)),
        .. r.Pockets!.Select(p => new Body($"ring-{p.Item.Slot}", $"slice of the {p.Item.Place.Name} pocket", BodyRole.Coupon, () => Slice(r, p), p.Item.Slot, "Proves the pocket's outline in minutes. It does not prove its depth.")),
        .. r.Pockets!.Select(p => new Body($"machine-{p.Item.Slot}", p.Item.Place.Name, BodyRole.Counterpart, () => Thing(r, p))),
    ];

    /// <summary>Where the screws of the ears stand.</summary>
    public static IReadOnlyList<Point2> Ears(TrayReckoning r) => r.Ear is null ? [] : [new(-r.Ear.Reach, r.Depth.Value / 2), new(r.Width.Value + r.Ear.Reach, r.Depth.Value / 2)];

    private static Solid Part(TrayReckoning r, string? mark)
    {
        var (w, d, h, floor) = (r.Width.Value, r.Depth.Value, r.Height.Value, r.Floor.Value);
        var body = Slab.Of(w, d, h, Math.Min(3, r.Wall.Value), 0, 0.4).At(w / 2, d / 2, 0);
        foreach (var p in r.Pockets!.Where(p => r.Border(p.Item) > 0.2))
        {
            body += new Solid.Box(p.Wide + (2 * r.Wall.Value), p.Deep + (2 * r.Wall.Value), floor + p.Item.Hold - 0.5).At(p.X - r.Wall.Value, p.Y - r.Wall.Value, 0.5);
        }

        body = Ears(r).Aggregate(body, (b, ear) => b + new Solid.Box(r.EarReach + 1, r.EarReach, TrayReckoning.EarThickness).At(ear.X < 0 ? -r.EarReach : w - 1, ear.Y - r.Ear!.Reach, 0));
        var trough = r.Trough > 0 ? [Slab.Of(w - (2 * r.Wall.Value), r.Trough, h + 5, 2.5).At(w / 2, r.Wall.Value + (r.Trough / 2), floor)] : Array.Empty<Solid>();
        body = body.Without([.. r.Pockets!.Select(p => Opening(r, p)), .. trough, .. Ears(r).Select(ear => r.Ear!.Cut.At(ear.X, ear.Y, TrayReckoning.EarThickness))]);
        return PartBodies.Marked(body, mark, letters => letters.UpsideDown().At(w / 2, d / 2, 0), floor > 1 ? 14 : 0);
    }

    /// <summary>Everything that is cut away for one thing: its pocket, an eased mouth, and room for a finger in front.</summary>
    private static Solid Opening(TrayReckoning r, Pocket p)
    {
        var top = Math.Max(r.Height.Value, r.Floor.Value + p.Item.Hold);
        var bottom = top - p.Item.Hold;
        var turned = Turned(p.Item.Shape, p.Turned);
        Solid cut = p.Item.Steps.Count > 0 ? Stepped(p.Item.Steps, p.Item.Hold + 2) : new Solid.Extruded(turned, p.Item.Hold + 2);
        cut = cut.At(p.Middle.X, p.Middle.Y, bottom);
        if (r.Chamfer > 0.1)
        {
            var (outline, wider) = p.Item.Steps.Count > 0 ? (Round(p.Item.Steps[^1].Y), Round(p.Item.Steps[^1].Y + r.Chamfer)) : (turned, Outlines.Moved(turned, r.Chamfer) ?? turned);
            if (Outlines.SeenFromWithin(outline) && Outlines.SeenFromWithin(wider))
            {
                var mouth = Outlines.Matched(outline, wider);
                cut += new Solid.Lofted(new Solid.Section(mouth[0], -r.Chamfer), new Solid.Section(mouth[1], 0.01), new Solid.Section(mouth[1], 1)).At(p.Middle.X, p.Middle.Y, top);
            }
        }

        // No finger goes below two thirds: the floor under a light thing stays whole.
        return r.Finger > 1 ? cut + new Solid.Cylinder(Math.Min(r.Finger, p.Wide * 0.42), (p.Item.Hold * 0.8) + 2).At(p.Middle.X, p.Y, bottom + (p.Item.Hold * 0.2)) : cut;
    }

    private static Profile Round(double radius) => Outlines.Round(radius, Facets.Count(radius, Facets.DefaultChordError));

    private static Solid Stepped(IReadOnlyList<Point2> steps, double high)
    {
        List<Point2> half = [new(0, 0)];
        for (var i = 0; i < steps.Count; i++)
        {
            var to = i + 1 < steps.Count ? Math.Min(steps[i + 1].X, high) : high;
            half.Add(new(steps[i].Y, steps[i].X));
            half.Add(new(steps[i].Y, to));
        }

        half.Add(new(0, high));
        return new Solid.Revolved(new Profile(half.Where((q, i) => i == 0 || q != half[i - 1])));
    }

    private static Solid Slice(TrayReckoning r, Pocket p)
    {
        var top = Math.Max(r.Height.Value, r.Floor.Value + p.Item.Hold);
        var at = top - Math.Max(SliceHeight, r.Chamfer + SliceHeight + 0.2);
        return PartBodies.Slice(Part(r with { Finger = 0 }, null), p.X - r.Wall.Value, p.Y - r.Wall.Value, at, p.X + p.Wide + r.Wall.Value, p.Y + p.Deep + r.Wall.Value, at + SliceHeight);
    }

    private static Solid Thing(TrayReckoning r, Pocket p)
    {
        var bottom = Math.Max(r.Height.Value, r.Floor.Value + p.Item.Hold) - p.Item.Hold;
        var less = p.Item.Size.Drawn.Value - p.Item.Size.Measured.Value;
        return new Solid.Extruded(Outlines.Moved(Turned(p.Item.Shape, p.Turned), -less / 2) ?? p.Item.Shape, p.Item.Height).At(p.Middle.X, p.Middle.Y, bottom);
    }

    public static Profile Turned(Profile shape, bool turned) => turned ? new(shape.Points.Select(q => new Point2(-q.Y, q.X))) : shape;
}
