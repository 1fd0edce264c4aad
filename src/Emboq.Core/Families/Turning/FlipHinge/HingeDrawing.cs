namespace Emboq.Core.Families.Turning.FlipHinge;

/// <summary>A flip hinge cut across its pin, down and up.</summary>
internal static class HingeDrawing
{
    public static SeatDrawing Of(HingeReckoning r)
    {
        var shown = Math.Min(r.Rail.Long.Value, r.LeafLong.Value + r.Heel.Value + 25);
        var (edge, table) = (r.PivotX + r.Heel.Value - shown, Math.Min(r.TableThick.Value, r.Drop.Value + 20));
        var sheet = new Sheet().Box(Matter.Machine, edge - 20, -table, 0, 0);
        Standing(sheet, r);
        Turning(sheet, r, shown, 0);
        sheet.Up("high", edge, 0, r.High.Value, 1, CalloutSide.Left, "stock")
            .Point("pin.diameter.clearance", r.PivotX, r.PivotZ - r.Knuckle, CalloutSide.Right, "clearance")
            .Point("wall", r.PivotX + r.Knuckle, r.PivotZ, CalloutSide.Right, "wall").Point("heel", r.PivotX + r.Heel.Value, r.High.Value, CalloutSide.Above,
                "heel")
            .Point("leafLong", r.PivotX - r.LeafLong.Value, r.High.Value - (r.Leaf.Value / 2), CalloutSide.Above, "leafLong")
            .Up("drop", 0, -r.Drop.Value, 0, 1, CalloutSide.Left, "drop").Point("plate", r.Plate.Value / 2, -r.Drop.Value, CalloutSide.Below, "plate");
        sheet.View(r.PivotX + r.Heel.Value + r.Far + 60, 0).Box(Matter.Machine, -40, -table, 0, 0);
        Standing(sheet, r);
        Turning(sheet, r, shown, r.Swing);
        return sheet.Point("past", r.PivotX, r.PivotZ + (shown / 2), CalloutSide.Right, "past").Done;
    }

    private static void Standing(Sheet sheet, HingeReckoning r)
    {
        var rest = r.Rest.Select(p => new Point2(r.PivotX + p.X, r.PivotZ + p.Y)).ToList();
        sheet.Box(Matter.Part, 0, -r.Drop.Value, r.Plate.Value, r.PlateTop)
            .Face(Matter.Part, [new(r.Plate.Value, r.PivotZ - r.Web), rest[2], rest[3],
                new(r.PivotX, r.PivotZ + r.Knuckle), new(r.Plate.Value, r.PivotZ)])
            .Round(Matter.Part, r.PivotX, r.PivotZ, 2 * r.Knuckle);
        var (hole, down) = (r.Held.Joint.Bore / 2, -r.ScrewsDown);
        sheet.Box(Matter.Opening, 0, down - hole, r.Plate.Value, down + hole).Axis(-8, down, r.Plate.Value + 8, down);
    }

    /// <summary>Leaf, rail and pin, swung up by some degrees.</summary>
    private static void Turning(Sheet sheet, HingeReckoning r, double shown, double degrees)
    {
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        Point2[] Swung(double u0, double v0, double u1, double v1) => [.. new[] { (u0, v0), (u1, v0), (u1, v1), (u0, v1) }.Select(q =>
            new Point2(r.PivotX + (q.Item1 * cos) + (q.Item2 * sin), r.PivotZ - (q.Item1 * sin) + (q.Item2 * cos)))];
        var over = r.Under + r.Leaf.Value;
        sheet.Face(Matter.Machine, Swung(r.Heel.Value - shown, over, r.Heel.Value, over + r.Rail.Thick.Value))
            .Face(Matter.Part, Swung(-r.LeafLong.Value, r.Under, r.Heel.Value, over)).Face(Matter.Part, Swung(-r.Knuckle, 0, r.Knuckle, r.Under))
            .Round(Matter.Part, r.PivotX, r.PivotZ, 2 * r.Knuckle).Round(Matter.Opening, r.PivotX, r.PivotZ, r.Turns.Drawn.Value)
            .Round(Matter.Machine, r.PivotX, r.PivotZ, r.Turns.Counterpart.Value).Cross(r.PivotX, r.PivotZ, r.Knuckle * 1.2);
    }
}
