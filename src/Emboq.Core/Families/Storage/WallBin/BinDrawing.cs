namespace Emboq.Core.Families.Storage.WallBin;

/// <summary>A section across the wall with the box in its bin, and the bin from the front beside it.</summary>
internal static class BinDrawing
{
    public static SeatDrawing Of(BinReckoning r)
    {
        var (wall, depth, outer, w, back, front, floor) = (r.Wall.Value, r.Depth.Value, r.OuterDepth.Value, r.OuterWidth.Value, r.Back.Value,
            r.Front.Value, r.Floor.Value);
        var rail = r.Rail?.Value ?? 0;
        var item = r.Width.Place.Id;
        var boxDepth = depth - (r.Width.Drawn.Value - r.Width.Counterpart.Value);
        var from = wall + ((depth - boxDepth) / 2);
        var sheet = new Sheet().Box(Matter.Machine, -rail - 8, -10, -rail, back + 20)
            .Face(Matter.Part, [new(0, 0), new(outer, 0), new(outer, front), new(outer - wall, front), new(outer - wall, floor), new(wall, floor),
                new(wall, back), new(0, back)])
            .Box(Matter.Machine, from, floor, from + boxDepth, floor + r.Item.Value);
        if (rail > 0)
        {
            var high = BinShape.HookHeight(back, rail);
            sheet.Face(Matter.Part, [new(0, back), new(-rail, back), new(-rail, back - high), new(0, back - high + rail)]).Face(Matter.Part,
                [new(0, 0), new(0, 8 + rail), new(-rail, 8), new(-rail, 0)]);
        }

        foreach (var (_, z) in r.Hole is null ? [] : BinShape.ScrewPlaces(r).Take(1))
        {
            var hole = r.Hole!.Bore / 2;
            sheet.Box(Matter.Opening, 0, z - hole, wall, z + hole).Axis(-12, z, wall + 6, z).Point("screw.hole", wall / 2, z);
        }

        sheet.Up("back", 0, 0, back, 2, sets: "back").Up("front", outer, 0, front, side: CalloutSide.Right, sets: "front").Up("floor", wall, 0,
            floor, 1, sets: "floor")
            .Along("wall", outer - wall, outer, 0, sets: "wall").Along("item.depth.drawn", wall, wall + depth, 0, 2)
            .Point("item.height.measured", from + (boxDepth / 2), floor + r.Item.Value, reads: new(item, "height"));
        if (r.Label?.Holder is not null)
        {
            sheet.Face(Matter.Part, [new(outer, 0), new(outer + BinHolder.Out, 0), new(outer + BinHolder.Out, front), new(outer + BinHolder.Slot, front),
                new(outer + BinHolder.Slot, BinHolder.Foot), new(outer, BinHolder.Foot)]);
        }

        if (r.Spacer is { } spacer)
        {
            sheet.Box(Matter.Part, 0, back, wall, back + spacer.Value).Point("spacer", 0, back + (spacer.Value / 2), CalloutSide.Left);
        }

        sheet.View(outer + 40 + (w / 2), 0).Box(Matter.Machine, -(r.Width.Counterpart.Value / 2), floor, r.Width.Counterpart.Value / 2,
            floor + r.Item.Value).Box(Matter.Part, -w / 2, 0, w / 2, front)
            .Along("outer.width", -w / 2, w / 2, 0).Along("item.width.clearance", r.Width.Counterpart.Value / 2, r.Width.Drawn.Value / 2,
                floor + r.Item.Value, 0, CalloutSide.Above, "clearance")
            .Along("item.width.measured", -r.Width.Counterpart.Value / 2, r.Width.Counterpart.Value / 2, floor + r.Item.Value, 1, CalloutSide.Above,
                reads: new(item, "width"));
        if (r.Label?.Words is { } words)
        {
            words.Draw(sheet, 0, r.Label.Holder is null ? front / 2 : BinHolder.Foot + (r.Label.Holder.PlateHigh.Value / 2));
            sheet.Point("label.size", 0, front * 0.4, CalloutSide.Right, "letterSize");
        }

        return sheet.Done;
    }
}
