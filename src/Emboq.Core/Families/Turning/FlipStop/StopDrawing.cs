namespace Emboq.Core.Families.Turning.FlipStop;

/// <summary>A flip stop cut through its axis, and from in front, up and down.</summary>
internal static class StopDrawing
{
    public static SeatDrawing Of(StopReckoning r)
    {
        var (plate, face, outer, axis) = (r.Plate.Value, r.Face.Value, r.Face.Value + r.Thick.Value, r.AxisZ);
        var (half, reach, over, drop) = (r.Wide.Value / 2, r.Reach.Value, r.Over.Value, r.Drop.Value);
        var (tongue, nose, hole) = (r.Tongue.Thick.Value, r.Nose, r.Turns.Drawn.Value / 2);
        var sheet = new Sheet().Box(Matter.Machine, -60, -r.TableThick.Value, 0, 0).Box(Matter.Part, 0, -drop, plate, -StopReckoning.Free)
            .Box(Matter.Part, face, axis - half, outer, over).Box(Matter.Part, outer - tongue, axis - reach - nose, outer, axis - half)
            .Face(Matter.Part, [new(outer - tongue, axis - reach - nose), new(outer - tongue, axis - reach + nose), new(face, axis - reach + nose),
                new(plate - r.Click.Value, axis - reach + StopReckoning.Tip), new(plate - r.Click.Value, axis - reach - StopReckoning.Tip),
                new(face, axis - reach - nose)])
            .Box(Matter.Opening, 0, axis - hole, outer, axis + hole).Axis(-8, axis, outer + 10, axis)
            .Up("over", -40, 0, over, 1, CalloutSide.Left, "over").Along("face", 0, face, over, 1, CalloutSide.Above)
            .Along("thick", face, outer, over, 1, CalloutSide.Above, "thick").Along("plate", 0, plate, -drop, 1, CalloutSide.Below, "plate")
            .Up("drop", 0, -drop, 0, 1, CalloutSide.Left, "drop").Up("reach", outer, axis - reach, axis, 1, CalloutSide.Right, "reach")
            .Point("tongueThick", outer, axis - reach + ((reach - half) / 2), CalloutSide.Right, "tongueThick")
            .Point("click", plate, axis - reach, CalloutSide.Right, "click");
        var wide = r.PlateWide.Value / 2;
        sheet.View(outer + wide + 70, 0).Box(Matter.Machine, -wide - 20, -r.TableThick.Value, wide + 20, 0)
            .Box(Matter.Part, -wide, -drop, wide, -StopReckoning.Free).Box(Matter.Part, -half, axis, half, over).Round(Matter.Part, 0, axis, 2 * half)
            .Box(Matter.Part, -r.Tongue.Wide.Value / 2, axis - reach, r.Tongue.Wide.Value / 2, axis).Round(Matter.Opening, 0, axis, 2 * hole)
            .Cross(0, axis, half);
        foreach (var d in r.Dimples)
        {
            sheet.Round(Matter.Opening, -d.X, axis + d.Y, 2 * r.Dimple).Cross(-d.X, axis + d.Y, r.Dimple);
        }

        foreach (var x in new[] { -r.Screws.Aside, r.Screws.Aside })
        {
            sheet.Round(Matter.Opening, x, -r.Screws.Down, r.Edge.Bore).Cross(x, -r.Screws.Down, r.Edge.Bore);
        }

        return sheet.Along("wide", -half, half, over, 1, CalloutSide.Above, "wide").Along("plateWide", -wide, wide, -drop, 1, CalloutSide.Below, "plateWide")
            .Point("pin.diameter.clearance", 0, axis, CalloutSide.Right, "clearance").Done;
    }
}
