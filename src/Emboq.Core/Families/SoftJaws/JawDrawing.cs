using Emboq.Core.Drawing;

namespace Emboq.Core.Families.SoftJaws;

/// <summary>The face of a jaw, and a section through the vice with both plates.</summary>
internal static class JawDrawing
{
    public static SeatDrawing Of(JawReckoning r)
    {
        var (w, h, t) = (r.Width.Value / 2, r.Height.Value / 2, r.Thickness.Value);
        var sheet = new Sheet().Box(Matter.Part, -w, -h, w, h);
        switch (r.Face)
        {
            case JawFace.Vee(var groove, var upright):
                Band(sheet, groove.HalfWidth.Value, upright, w, h).Point("groove.depth", 0, h).Point("largest", 0, -h / 2, sets: "largest").Point("smallest", 0, h / 3, sets: "smallest");
                break;
            case JawFace.Hollow(_, _, var upright) hollow:
                Band(sheet, hollow.HalfWidth, upright, w, h).Point("largest", 0, 0, sets: "largest");
                break;
            case JawFace.Pocket { Drawn: { } drawn }:
                sheet.Face(Matter.Opening, drawn.Points).Point("pocketDepth", 0, 0, sets: "pocketDepth");
                break;
        }

        foreach (var x in r.Fixing?.Places ?? [])
        {
            sheet.Cross(x, 0, 2 * r.Fixing!.Joint.Sleeves[0].Radius);
            if (r.Fixing.Hole is not null)
            {
                sheet.Round(Matter.Opening, x, 0, 2 * r.Fixing.Joint.Sleeves.Max(s => s.Radius));
            }
        }

        sheet.Along("width", -w, w, -h).Up("height", -w, -h, h);
        if (r.Fixing is not null)
        {
            sheet.Along("holes", r.Fixing.Places[0], r.Fixing.Places[1], -h, 2);
        }

        // The section: the vice's jaw to the left, the plate on it.
        return sheet.View(w + 40, 0).Box(Matter.Machine, -24, -h - 6, 0, h).Face(Matter.Part, r.Over.Value > 0
                ? [new(0, -h), new(t, -h), new(t, h + 4), new(-r.Over.Value, h + 4), new(-r.Over.Value, h), new(0, h)]
                : [new(0, -h), new(t, -h), new(t, h), new(0, h)])
            .Along("thickness", 0, t, -h, sets: "thickness").Point("over", -r.Over.Value / 2, h + 4, CalloutSide.Right, "over").Done;
    }

    private static Sheet Band(Sheet sheet, double half, bool upright, double w, double h) => upright
        ? sheet.Box(Matter.Opening, -half, -h, half, h).Axis(0, -h - 4, 0, h + 4)
        : sheet.Box(Matter.Opening, -w, -half, w, half).Axis(-w - 4, 0, w + 4, 0);
}
