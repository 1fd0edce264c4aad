namespace Emboq.Core.Families.Clamping.FootSocket;

/// <summary>The solids of a socket for a foot.</summary>
internal static class SocketShape
{
    private const double Over = 1;

    public static Solid Part(SocketReckoning r, string? mark)
    {
        var body = new Solid.Box(2 * r.HalfWide, r.Long, r.Plate.Value).At(-r.HalfWide, r.Back, 0)
            + new Solid.Box(2 * r.HalfBox, r.Long, r.Top).At(-r.HalfBox, r.Back, 0);
        var open = r.Lip is { } lip ? lip.Under : r.Top + Over;
        List<Solid> cuts =
        [
            new Solid.Extruded(r.Hollow, open - (r.Floor > 0 ? r.Floor : -Over)).At(0, 0, r.Floor > 0 ? r.Floor : -Over),
            .. r.Screws.Select(at => Screw(r, r.Ear.Cut, at)),
        ];
        if (r.Mouth is { } mouth)
        {
            cuts.Add(new Solid.Extruded(mouth, r.Top - open + (2 * Over)).At(0, 0, open - Over));
        }

        // Of a socket with walls, the mark is sunk into the back.
        return PartBodies.Marked(body.Without(cuts), mark, letters => letters.Tipped(90).At(0, r.Back, r.Top / 2), Math.Min(2 * r.HalfBox, 2 * r.Top) - 2);
    }

    public static Solid Screw(SocketReckoning r, Solid joint, Point2 at) => joint.At(at.X, at.Y, r.Plate.Value);

    public static Body Foot(SocketReckoning r) => new("machine-foot", r.Across.Place.Name, () =>
        new Solid.Extruded(r.Foot, r.Tall ?? r.Hold.Value + 10).At(0, 0, r.Floor));

    /// <summary>Out by hand, along the board.</summary>
    public static Motion Out(SocketReckoning r) => new("out", "the foot", ["machine-foot"], [MotionStep.Along(0, r.Foot.Along + 10, 0)],
        [new(0, "in its socket"), new(1, "taken out")]);

    public static IEnumerable<Proof> Proofs(SocketReckoning r)
    {
        var low = Math.Max(r.Plate.Value, r.Floor);
        var high = Math.Min(low + 3, Math.Min(r.Floor + r.Hold.Value, r.Lip?.Under ?? double.PositiveInfinity));
        if (high > low + 0.5)
        {
            yield return new("ring-foot", "a slice of the socket", () => PartBodies.Slice(Part(r, null), -r.HalfBox, r.Back, low, r.HalfBox, r.Front, high),
                "Proves that the foot slides in and does not move. It does not prove what its walls and screws hold.")
            { Seat = "foot" };
        }

        yield return new("ring-ear", "one ear", () => PartBodies.Slice(Part(r, null), r.HalfBox, r.Screws[^1].Y - r.Ear.Reach - 0.5, 0, r.HalfWide,
            r.Screws[^1].Y + r.Ear.Reach + 0.5, r.Plate.Value),
            "Proves that the screw passes and its head lies flush. It does not prove the socket.");
    }

    public static IEnumerable<Gauge> Gauges(SocketReckoning r)
    {
        yield return OutlineGauge.Of("part", "socket", r.Hollow, Math.Max(r.Floor, r.Plate.Value) + 0.3, Axis.X, Jaws.Between);
        yield return new("part", "height of the wall", r.Top, new(r.HalfBox - 0.4, r.Front - 0.4, 0), Axis.Z, Jaws.Over);
        yield return new("part", "ear", r.Plate.Value, new(r.HalfWide - 0.3, r.Front - 0.3, 0), Axis.Z, Jaws.Over);
        foreach (var at in r.Screws)
        {
            yield return new("part", "screw's hole", r.Ear.Bore, new(at.X, at.Y, 0.2), Axis.X);
        }

        if (r.Lip is { } lip && r.Mouth is { } mouth)
        {
            yield return OutlineGauge.Of("part", "room between the lips", mouth, lip.Under + (r.LipThick / 2), Axis.X, Jaws.Between);
        }
    }
}
