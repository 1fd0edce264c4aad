namespace Emboq.Core.Families.Turning.PadHolder;

/// <summary>A pad holder in section, its pad below, and from behind.</summary>
internal static class PadDrawing
{
    public static SeatDrawing Of(PadReckoning r)
    {
        var (radius, thick, high, boss) = (r.Across.Value / 2, r.Thick.Value, r.High, r.Boss.Across.Value / 2);
        var sheet = new Sheet().Box(Matter.Machine, -radius, -8, radius, 0).Box(Matter.Part, -radius, 0, radius, thick).Box(Matter.Part, -boss, thick, boss,
            high);
        if (r.Screw is { } screw)
        {
            var bore = screw.Bore / 2;
            foreach (var x in new[] { -r.Circle.Value / 2, r.Circle.Value / 2 }.Distinct())
            {
                sheet.Box(Matter.Opening, x - bore, 0, x + bore, high).Box(Matter.Opening, x - r.Recess, 0, x + r.Recess, screw.Recess)
                    .Axis(x, -4, x, high + 6);
            }
        }

        if (r.Socket is { } socket)
        {
            var (major, own) = (socket.Thread.Drawn.Value / 2, socket.Thread.Counterpart.Value / 2);
            sheet.Box(Matter.Opening, -major, high - socket.Depth, major, high).Box(Matter.Machine, -own, high - socket.Long.Value, own, high + 8)
                .Box(Matter.Machine, -1.4 * own, high, 1.4 * own, high + 8).Point("spindle.outside.clearance", major, high - (socket.Long.Value / 2),
                    CalloutSide.Right);
        }

        if (r.Centred is { } centred)
        {
            var (drawn, own) = (centred.Drawn.Value / 2, centred.Counterpart.Value / 2);
            sheet.Box(Matter.Opening, -drawn, high - r.Deep, drawn, high).Box(Matter.Machine, -own, high - r.Deep, own, high + 8)
                .Point("centre.diameter.clearance", drawn, high - (r.Deep / 2), CalloutSide.Right);
        }

        sheet.Axis(0, -12, 0, high + 12).Along("across", -radius, radius, -8, 1, sets: "across").Up("thick", -radius, 0, thick, 1, CalloutSide.Left, "thick")
            .Point("mass", radius * 0.8, thick / 2, CalloutSide.Right).Point("middle", 0, r.Middle.Value, CalloutSide.Above)
            .Point("boss", -boss, (thick + high) / 2, CalloutSide.Above, "boss");
        sheet.View((2 * radius) + 30, 0).Round(Matter.Part, 0, 0, 2 * radius).Round(Matter.Part, 0, 0, 2 * boss);
        foreach (var (at, joint) in PadShape.Screws(r))
        {
            sheet.Round(Matter.Opening, at.X, at.Y, joint.Bore).Cross(at.X, at.Y, joint.Bore);
        }

        if (r.Socket is not null)
        {
            sheet.Round(Matter.Opening, 0, 0, r.Socket.Thread.Drawn.Value);
        }

        return (r.Held == PadHeld.Screws ? sheet.Up("mount.circle", radius, -r.Circle.Value / 2, r.Circle.Value / 2, 1, CalloutSide.Right) : sheet).Done;
    }
}
