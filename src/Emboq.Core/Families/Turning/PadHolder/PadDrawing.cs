namespace Emboq.Core.Families.Turning.PadHolder;

/// <summary>A pad holder in section, its pad below, and from behind.</summary>
internal static class PadDrawing
{
    public static SeatDrawing Of(PadReckoning r)
    {
        var (radius, thick, high, boss) = (r.Across.Value / 2, r.Thick.Value, r.High, r.Boss.Across.Value / 2);
        var sheet = new Sheet().Box(Matter.Machine, -radius, -8, radius, 0).Box(Matter.Part, -radius, 0, radius, thick).Box(Matter.Part, -boss, thick, boss,
            high);
        foreach (var side in new[] { -1, 1 })
        {
            var (x, bore) = (side * r.Circle.Value / 2, r.Screw.Bore / 2);
            sheet.Box(Matter.Opening, x - bore, 0, x + bore, high).Box(Matter.Opening, x - r.Recess, 0, x + r.Recess, r.Screw.Recess).Axis(x, -4, x, high + 6);
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
        foreach (var (x, y) in HolePattern.Circle(r.Circle.Value, r.Count))
        {
            sheet.Round(Matter.Opening, x, y, r.Screw.Bore).Cross(x, y, r.Screw.Bore);
        }

        return sheet.Up("mount.circle", radius, -r.Circle.Value / 2, r.Circle.Value / 2, 1, CalloutSide.Right).Done;
    }
}
