namespace Emboq.Core.Families.Turning.Faceplate;

/// <summary>A faceplate in section along its axis, with the work in front, and from behind.</summary>
internal static class PlateDrawing
{
    public static SeatDrawing Of(PlateReckoning r)
    {
        var (t, high, hub, radius) = (r.Plate.Value, r.High, r.Hub, r.Radius);
        var (major, minor, depth) = (r.Socket.Thread.Drawn.Value / 2, r.Socket.Minor.Value / 2, r.Socket.Depth);
        var work = r.Turns.Work;
        var shown = Math.Min(work.Long.Value, radius);
        var spindle = r.Socket.Thread.Counterpart.Value / 2;
        // The axis lies along x: the work to the left, the spindle to the right.
        var sheet = new Sheet().Box(Matter.Machine, -shown, -Math.Min(work.Across.Value / 2, radius * 1.4), 0, Math.Min(work.Across.Value / 2, radius * 1.4))
            .Box(Matter.Part, 0, -radius, t, radius).Box(Matter.Part, t, -hub, high, hub);
        if (r.Ribbed)
        {
            foreach (var side in new[] { 1, -1 })
            {
                sheet.Face(Matter.Part, [new(t, side * hub), new(t + r.RibRise, side * hub), new(t, side * (hub + r.RibReach))]);
            }
        }

        sheet.Box(Matter.Opening, high - depth, -major, high, major).Box(Matter.Machine, high - r.Socket.Long.Value, -spindle, high, spindle)
            .Box(Matter.Machine, high, -spindle * 1.5, high + 8, spindle * 1.5).Axis(-shown - 8, 0, high + 16, 0);
        if (r.Through > 0)
        {
            sheet.Box(Matter.Opening, 0, -r.Through / 2, high - depth, r.Through / 2);
        }

        sheet.Up("across", -shown - 6, -radius, radius, 1, CalloutSide.Left, "across").Along("plate", 0, t, -radius, 1, sets: "plate")
            .Point("wall", (t + high) / 2, (major + hub) / 2, CalloutSide.Above, "wall")
            .Point("floor", (high - depth) / 2, 0, CalloutSide.Below, "floor")
            .Point("spindle.outside.clearance", high - (depth / 3), -minor, CalloutSide.Right, "clearance")
            .Point("workLong", -shown / 2, 0, CalloutSide.Above, "workLong");
        sheet.View((2 * radius) + high + 40, 0).Round(Matter.Part, 0, 0, r.Across.Value).Round(Matter.Part, 0, 0, 2 * hub).Round(Matter.Opening, 0, 0,
            2 * minor)
            .Cross(0, 0, hub);
        foreach (var ((x, y), i) in HolePattern.Circle(r.Circle.Value, r.Count).Select((hole, i) => (hole, i)))
        {
            sheet.Round(Matter.Opening, x, y, r.Screw.Bore).Cross(x, y, r.Screw.Bore);
            if (r.Ribbed)
            {
                var ((s, c), half) = (Math.SinCos(2 * Math.PI * (i + 0.5) / r.Count), r.Rib.Value / 2);
                Point2 On(double along, double aside) => new((along * c) - (aside * s), (along * s) + (aside * c));
                sheet.Face(Matter.Part, [On(hub, -half), On(hub + r.RibReach, -half), On(hub + r.RibReach, half), On(hub, half)]);
            }
        }

        return sheet.Up("circle", radius, -r.Circle.Value / 2, r.Circle.Value / 2, 1, CalloutSide.Right, "circle").Done;
    }
}
