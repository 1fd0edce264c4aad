namespace Emboq.Core.Families.Storage.ClampRack;

/// <summary>A clamp rack from the front, its first two chambers large, and from the side with a clamp in it.</summary>
internal static class RackDrawing
{
    public static SeatDrawing Of(RackReckoning r)
    {
        var (lip, web, own, ownWeb) = (r.Lip.Drawn.Value / 2, r.Web.Drawn.Value / 2, r.Lip.Counterpart.Value / 2, r.Web.Measured.Value / 2);
        var (low, under, tall, pitch) = (r.Lips.Value, r.Under, r.Tall, r.Pitch.Value);
        var shown = Math.Min(2, r.Count);
        var right = ((shown - 1) * pitch) + (r.Block / 2) + r.Ear;
        var sheet = new Sheet().Box(Matter.Machine, (-r.Block / 2) - r.Ear - 6, tall, right + 6, tall + 12).Box(Matter.Part, (-r.Block / 2) - r.Ear, under,
            right,
            tall);
        for (var i = 0; i < shown; i++)
        {
            var x = i * pitch;
            sheet.Box(Matter.Part, x - (r.Block / 2), 0, x + (r.Block / 2), under).Box(Matter.Opening, x - lip, low, x + lip, under)
                .Box(Matter.Opening, x - web, 0, x + web, low).Box(Matter.Machine, x - own, low, x + own, low + r.High.Measured.Value)
                .Box(Matter.Machine, x - ownWeb, -10, x + ownWeb, low);
        }

        sheet.Along("clamp.lip.drawn", -lip, lip, 0, 2).Along("clamp.web.drawn", -web, web, 0).Point("clamp.lip.clearance", lip, (low + under) / 2,
                CalloutSide.Right, "clearance")
            .Up("lips", -r.Block / 2, 0, low, 1, sets: "lips").Up("clamp.lipHigh.drawn", -r.Block / 2, low, under, 2)
            .Up("roof", right, under, tall, 1, CalloutSide.Right, "roof").Along("wall", lip, r.Block / 2, 0, 1, sets: "wall");
        if (shown > 1)
        {
            sheet.Along("pitch", 0, pitch, tall + 12, 1, CalloutSide.Above);
        }

        return sheet.View(right + 90, 0).Box(Matter.Machine, -60, tall, r.Deep + 10, tall + 12).Box(Matter.Part, 0, 0, r.Deep, tall).Box(Matter.Opening, 0, 0,
            r.Depth.Value, under).Box(Matter.Machine, -60, -10, r.Depth.Value, low + r.High.Measured.Value)
            .Along("depth", 0, r.Depth.Value, -10, 1, sets: "depth").Along("stop", r.Depth.Value, r.Deep, -10, 2, sets: "stop").Done;
    }
}
