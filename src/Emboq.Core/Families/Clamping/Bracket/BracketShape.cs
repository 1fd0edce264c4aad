namespace Emboq.Core.Families.Clamping.Bracket;

/// <summary>The solids of a bracket.</summary>
internal static class BracketShape
{
    /// <summary>Both plates in section, from the corner down the near one and back along the far one.</summary>
    public static IReadOnlyList<Point2> Section(BracketReckoning r)
    {
        var (t, near, far, o, n) = (r.Thick.Value, r.NearLength, r.FarLength, r.Out, r.In);
        return [new(0, 0), new(0, -near), new(t, -near), r.InnerCorner, new((o.X * far) + (n.X * t), (o.Y * far) + (n.Y * t)), new(o.X * far, o.Y * far)];
    }

    /// <summary>A rib in section; a little into both plates, so that all is one body.</summary>
    public static IReadOnlyList<Point2> Rib(BracketReckoning r)
    {
        const double Into = 0.2;
        var (t, c, o, n, reach) = (r.Thick.Value, r.InnerCorner, r.Out, r.In, r.RibReach.Value);
        return [new(c.X - Into, c.Y), new(t - Into, c.Y - reach), new(t, c.Y - reach), new(c.X + (o.X * reach), c.Y + (o.Y * reach)),
            new(c.X + (o.X * reach) - (n.X * Into), c.Y + (o.Y * reach) - (n.Y * Into)), new(c.X - (n.X * Into), c.Y - (n.Y * Into))];
    }

    /// <summary>Where the middles of the ribs stand, across.</summary>
    public static IReadOnlyList<double> RibsAt(BracketReckoning r)
    {
        var edge = (r.Wide - r.RibThick.Value) / 2;
        return r.Ribs switch { 1 => [-edge], 2 => [-edge, edge], 3 => [-edge, 0, edge], _ => [] };
    }

    public static Solid Part(BracketReckoning r, string? mark)
    {
        var wide = r.Wide;
        Solid body = new Solid.Extruded(new Profile(Section(r)), wide).At(0, 0, -wide / 2);
        foreach (var z in RibsAt(r))
        {
            body += new Solid.Extruded(new Profile(Rib(r)), r.RibThick.Value).At(0, 0, z - (r.RibThick.Value / 2));
        }

        body = body.Without([.. r.Holes.Near.Select(h => Near(r, r.NearScrew.Hole.Cut, h)), .. r.Holes.Far.Select(h => Far(r, r.FarScrew.Hole.Cut, h))]);
        // On the outside of the near plate nobody reads: on its lower edge's flank, where it rests on nothing.
        return PartBodies.Marked(body, mark, letters => letters.Tipped(90).At(r.Thick.Value / 2, -r.NearLength, 0), r.Thick.Value - 1);
    }

    /// <summary>A screw of the near plate comes from inside the corner; its roof points up as the bracket is printed. A slot has no roof and runs across.
    /// </summary>
    public static Solid Near(BracketReckoning r, Solid joint, Point2 hole) =>
        (r.OnSide ? joint.Spun(r.Travel > 0 ? 180 : 90).Rolled(90) : joint.Rolled(90).Tipped(180)).At(r.Thick.Value, -r.Middle.Near.Value + hole.Y, hole.X);

    /// <summary>A screw of the far plate, likewise.</summary>
    public static Solid Far(BracketReckoning r, Solid joint, Point2 hole)
    {
        var (along, t) = (r.Middle.Far.Value + hole.Y, r.Thick.Value);
        return joint.Tipped(90).Spun(r.Angle.Value - 90).At((r.Out.X * along) + (r.In.X * t), (r.Out.Y * along) + (r.In.Y * t), hole.X);
    }

    public static Proof Coupon(BracketReckoning r) => new("ring-holes", "both holes of the mount", () =>
    {
        var (down, keeps) = (r.Middle.Near.Value, r.Holes.Near.Max(h => Math.Abs(h.Y)) + r.NearScrew.Keeps);
        var plate = Part(r, null) & new Solid.Box(r.Thick.Value, 2 * keeps, r.Wide).At(0, -down - keeps, -r.Wide / 2);
        // On its side like the bracket, or flat on the bed.
        return plate.At(0, down + keeps, r.Wide / 2);
    }, "Proves that the screws pass and meet what they hold to. It does not prove what it bears.");

    public static IEnumerable<Gauge> Gauges(BracketReckoning r)
    {
        var (t, edge) = (r.Thick.Value, (r.Wide / 2) - 0.3);
        yield return new("part", "thickness of the near plate", t, new(t / 2, -r.NearLength + 0.7, edge), Axis.X);
        foreach (var h in r.Holes.Near)
        {
            yield return new("part", "hole to the mount", r.NearScrew.Hole.Bore, new(0.3, -r.Middle.Near.Value + h.Y, h.X), r.OnSide
                || r.Travel > 0 ? Axis.Y : Axis.Z);
        }

        // At an angle the plate is met aslant; a hole across, up to its roof where it has one.
        Point3 Within(double along, double z) => new((r.Out.X * along) + (r.In.X * t / 2), (r.Out.Y * along) + (r.In.Y * t / 2), z);
        var (steep, slant, bore) = (Math.Sin(r.Turn), Math.Abs(Math.Cos(r.Turn) / Math.Sin(r.Turn)), r.FarScrew.Hole.Bore);
        yield return new("part", "thickness of the far plate", t / steep, Within(r.FarLength - (slant * t / 2) - 0.7, edge), Axis.Y);
        foreach (var h in r.Holes.Far)
        {
            yield return new("part", "hole to the load", r.OnSide ? (bore / 2) + HoleShape.Rise(bore, HoleLie.Teardrop) : bore,
                Within(r.Middle.Far.Value + h.Y, h.X), Axis.Z);
        }
    }
}
