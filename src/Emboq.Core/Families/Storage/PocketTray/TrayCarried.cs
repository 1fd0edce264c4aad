namespace Emboq.Core.Families.Storage.PocketTray;

/// <summary>A tray that another part carries: heat-set inserts in its underside, where that part has its holes. No pocket may be above them.</summary>
/// <param name="Insert">In its own frame.</param>
/// <param name="At">From the left and the front, mm.</param>
internal sealed record TrayCarried(Joint Insert, IReadOnlyList<Point2> At)
{
    /// <summary>Reckons it; <c>null</c> where nothing carries it.</summary>
    /// <param name="brief">What was asked.</param>
    /// <param name="width">Of the tray, mm.</param>
    /// <param name="depth">Of the tray, mm.</param>
    /// <param name="ledger">Takes the figures.</param>
    public static TrayCarried? Of(Brief brief, double width, double depth, Ledger ledger)
    {
        if (HolePattern.Taken(brief, "below") is not { } holes)
        {
            return null;
        }

        var p = brief.Parameters;
        var back = ledger.Add("belowBack", "holes from its back", Quantity.Chosen("holes from its back", p.Number("belowBack")!.Value, Unit.Millimetre),
            "From its back edge to the middle of the holes that carry it.").Value;
        // What points away from the mount points to the front of the tray.
        return new(Threaded.Insert(PartBodies.Scope(brief, ledger, "below", "insert"), p.Choice("insert"), p.Choice("wayUp") == "side" ? HoleLie.Teardrop
            : HoleLie.Upright), [.. holes.Select(h => new Point2((width / 2) + h.X, depth - back - h.Y))]);
    }

    /// <summary>Pressed in from below.</summary>
    public static Solid Placed(Solid joint, Point2 at) => joint.UpsideDown().At(at.X, at.Y, 0);

    /// <summary>Where they stand, with their walls: nothing is cut away there, hollow cells neither.</summary>
    public IEnumerable<KeptFree> KeptFree(double wall) => At.Select(at => new KeptFree(at.X - Insert.Reach - wall, at.Y - Insert.Reach - wall,
        at.X + Insert.Reach + wall, at.Y + Insert.Reach + wall, double.PositiveInfinity));
}
