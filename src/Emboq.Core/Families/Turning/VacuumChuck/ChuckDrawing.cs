namespace Emboq.Core.Families.Turning.VacuumChuck;

/// <summary>A vacuum chuck in section along its axis, which lies along x: the spindle to the left, the work to the right.</summary>
internal static class ChuckDrawing
{
    public static SeatDrawing Of(ChuckReckoning r, Interface turned)
    {
        var half = Measuring.Kinds.TurnedKind.Half(new Sizes(turned));
        var (at, air, end) = (r.Lands + (r.Land.Value / 2 * r.Cos) - r.Seat.Deep, r.Airway.Value / 2, r.Socket.Depth);
        static IEnumerable<Point2> Both(IReadOnlyList<Point2> upper) => upper.Concat(upper.Reverse().Select(p => p with { Y = -p.Y }));
        static IEnumerable<Point2> Turned(IEnumerable<Point2> half) => half.Select(p => new Point2(p.Y, p.X));
        var (spindle, major) = (r.Socket.Thread.Counterpart.Value / 2, r.Socket.Thread.Drawn.Value / 2);
        var top = half.Max(p => p.Y);
        return new Sheet().Face(Matter.Part, Both([.. Turned(ChuckShape.Outline(r))]))
            .Face(Matter.Opening, Both([.. Turned(ChuckShape.Cup(r)).Select(p => p with { X = Math.Min(p.X, r.High) })]))
            .Face(Matter.Opening, Both([new(0, major), new(end, major), new(end, r.Funnel), new(end + r.Funnel - air, air), new(r.Floor, air)]))
            .Box(Matter.Machine, 0, -spindle, r.Socket.Long.Value, spindle).Box(Matter.Machine, -8, -spindle * 1.4, 0, spindle * 1.4)
            .Face(Matter.Machine, Both([.. half.Select(p => new Point2(at + p.X, p.Y))]))
            .Axis(-14, 0, at + half[^1].X + 8, 0)
            .Up("seatAt", r.High + 4, -r.Seat.Radius, r.Seat.Radius, 1, CalloutSide.Right, "seatAt")
            .Point("holds", at + half[^1].X, top / 2, CalloutSide.Right).Point("land", r.Lands, r.Seat.Radius, CalloutSide.Above, "land")
            .Point("wall", end / 2, (major + r.Hub) / 2, CalloutSide.Above, "wall").Point("airway", r.Floor - 1, -air, CalloutSide.Below, "airway")
            .Point("rim", r.Floor, -(r.Edges.Inner + r.Outside) / 2, CalloutSide.Below, "rim")
            .Point("spindle.outside.clearance", end / 3, -major, CalloutSide.Left, "clearance").Done;
    }
}
