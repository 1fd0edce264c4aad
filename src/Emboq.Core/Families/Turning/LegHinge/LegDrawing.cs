namespace Emboq.Core.Families.Turning.LegHinge;

/// <summary>A folding leg hinge cut along its leg, unfolded and folded, and its legs as they lie under the table.</summary>
internal static class LegDrawing
{
    public static SeatDrawing Of(LegReckoning r)
    {
        var shown = Math.Min(r.Reach, r.Down.Value + 40);
        var sheet = new Sheet();
        Standing(sheet, r);
        Leg(sheet, r, shown, -r.Leans.Value);
        sheet.Up("drop", r.PlateFront, r.PivotZ, -r.Plate.Value, 1, CalloutSide.Right)
            .Up("down", r.PlateFront, r.Bottom, r.PivotZ, 1, CalloutSide.Right, "down").Point("above", 0, r.PivotZ + r.Above.Value, CalloutSide.Above, "above")
            .Point("back", r.BackEnd, r.PivotZ, CalloutSide.Left, "back").Point("plate", r.BackEnd, -r.Plate.Value / 2, CalloutSide.Left, "plate")
            .Point("leans", r.StopAt(r.Bottom), r.Bottom, CalloutSide.Left, "leans")
            .Point("plateLong", r.PlateFront, -r.Plate.Value / 2, CalloutSide.Above, "plateLong");
        sheet.View(r.PlateFront - r.BackEnd + 70, 0);
        Standing(sheet, r);
        Leg(sheet, r, Math.Min(r.Reach, r.PlateFront + 50), 90);
        var across = (2 * r.PlateFront) - (2 * r.BackEnd) + 90;
        return FromBelow(sheet.View(r.BackEnd, Math.Min(r.Bottom, r.PivotZ - shown) - 40), r, across / r.Folded.Between).Done;
    }

    private static void Standing(Sheet sheet, LegReckoning r)
    {
        sheet.Box(Matter.Machine, r.BackEnd - 15, 0, r.PlateFront + 15, 18).Box(Matter.Part, r.BackEnd, -r.Plate.Value, r.PlateFront, 0)
            .Box(Matter.Part, r.BackEnd, r.Bottom, r.BackFace, -r.Plate.Value)
            .Face(Matter.Part, [new(r.BackFace, r.Bottom), new(r.StopAt(r.Bottom), r.Bottom), new(r.StopAt(r.StopTop), r.StopTop),
                new(r.BackFace, r.StopTop)]);
    }

    /// <summary>The leg, turned by some degrees from hanging down.</summary>
    private static void Leg(Sheet sheet, LegReckoning r, double shown, double degrees)
    {
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        Point2 At(double y, double z) => new((y * cos) - (z * sin), r.PivotZ + (y * sin) + (z * cos));
        var half = r.Thick / 2;
        sheet.Face(Matter.Machine, [At(-half, -shown), At(half, -shown), At(half, r.Above.Value), At(-half, r.Above.Value)])
            .Round(Matter.Opening, 0, r.PivotZ, r.Pivot.Bore).Cross(0, r.PivotZ, r.Pivot.Bore);
        if (r.Lock != LegLock.Weight)
        {
            sheet.Cross(r.LockAt.X, r.LockAt.Y, r.Pivot.Bore);
        }
    }

    /// <summary>Both legs of a pair, smaller than they are.</summary>
    private static Sheet FromBelow(Sheet sheet, LegReckoning r, double scale)
    {
        var (sin, cos) = Math.SinCos(r.Turned.Value * Math.PI / 180);
        // Along the table to the right; a leg begins at its bolt and goes to the right, or to the left, and to its side.
        void Lying(double x, double way, double above, Matter matter)
        {
            Point2 At(double along, double aside) => new((x + (way * ((along * cos) - (aside * sin)))) * scale, way * ((along * sin) + (aside * cos)) * scale);
            var half = r.Folded.Wide / 2;
            sheet.Face(matter, [At(-above, -half), At(r.Reach, -half), At(r.Reach, half), At(-above, half)]).Cross(x * scale, 0, 6);
        }

        Lying(0, 1, r.Above.Value, Matter.Machine);
        Lying(r.Folded.Between, -1, r.Above.Value, Matter.Machine);
        return sheet.Along("between", 0, r.Folded.Between * scale, -r.Folded.Aside(r.Turned.Value) * scale, 1, CalloutSide.Below, "between").Point("turned",
            r.Reach * cos * scale / 2,
            r.Reach * sin * scale / 2, CalloutSide.Below, r.Passing == Passing.Beside ? "turned" : "pass");
    }
}
