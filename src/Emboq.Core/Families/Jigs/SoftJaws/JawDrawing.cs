namespace Emboq.Core.Families.Jigs.SoftJaws;

/// <summary>The face of a jaw, and a section through the vice with both plates.</summary>
internal static class JawDrawing
{
    public static SeatDrawing Of(JawReckoning r)
    {
        var (w, h, t) = (r.Width.Value / 2, r.Height.Value / 2, r.Thickness.Value);
        var sheet = new Sheet().Box(Matter.Part, -w, -h, w, h);
        switch (r.Face)
        {
            case JawFace.Grooved groove:
                Band(sheet, groove, w, h);
                break;
            case JawFace.Pocket { Drawn: { } drawn }:
                sheet.Face(Matter.Opening, drawn.Points).Point("pocketDepth", 0, 0, sets: "pocketDepth");
                break;
        }

        foreach (var x in r.Fixing?.Places ?? [])
        {
            sheet.Cross(x, 0, r.Fixing!.Joint.Bore);
            if (r.Fixing.Screw is not null)
            {
                sheet.Round(Matter.Opening, x, 0, 2 * r.Fixing.Joint.Sleeves.Max(s => s.Radius));
            }
        }

        sheet.Along("width", -w, w, -h).Up("height", -w, -h, h);
        if (r.Fixing is not null)
        {
            sheet.Along("holes", r.Fixing.Places[0], r.Fixing.Places[1], -h, 2);
        }

        return r.Face switch
        {
            JawFace.Grooved { Upright: true } => FromAbove(sheet.View((2 * w) + 40, -h), r, w, t).Done,
            _ => Across(sheet.View(w + 40, 0), r, h, t).Done,
        };
    }

    /// <summary>The section across the jaw, the vice to the left: x out of it, y up.</summary>
    private static Sheet Across(Sheet sheet, JawReckoning r, double h, double t)
    {
        var (over, lip) = (r.Over.Value, JawShape.LipThickness);
        Point2[] top = over > 0 ? [new(t, h + lip), new(-over, h + lip), new(-over, h), new(0, h)] : [new(t, h), new(0, h)];
        return Rounds(sheet.Box(Matter.Machine, -24, -h - 6, 0, h).Face(Matter.Part,
            [new(0, -h), new(t, -h), .. Notch(r).Select(q => new Point2(t + q.Y, q.X)), .. top]), r, (across, rise) => new(t + rise, across))
            .Along("thickness", 0, t, -h, sets: "thickness").Point("over", -over / 2, h + lip, CalloutSide.Right, "over");
    }

    /// <summary>The section along the jaw, seen from above, the vice below: x along it, y out of it.</summary>
    private static Sheet FromAbove(Sheet sheet, JawReckoning r, double w, double t) =>
        Rounds(sheet.Box(Matter.Machine, -w, -24, w, 0).Face(Matter.Part,
            [new(-w, 0), new(w, 0), new(w, t), .. Notch(r).Reverse().Select(q => new Point2(q.X, t + q.Y)), new(-w, t)]), r,
            (across, rise) => new(across, t + rise))
            .Up("thickness", w, 0, t, side: CalloutSide.Right, sets: "thickness").Point("over", w, 0, CalloutSide.Right, "over");

    /// <summary>What is cut into the face, across it: x from its middle, y down from the face.</summary>
    private static IReadOnlyList<Point2> Notch(JawReckoning r)
    {
        switch (r.Face)
        {
            case JawFace.Vee({ HalfWidth.Value: var half, Depth.Value: var deep }, _):
                return [new(-half, 0), new(0, -deep), new(half, 0)];
            case JawFace.Hollow(var radius, var deep, _) hollow:
                var reach = Math.Asin(Math.Min(1, hollow.HalfWidth / radius));
                return [.. Enumerable.Range(0, 25).Select(i => reach * ((i / 12.0) - 1)).Select(a =>
                    new Point2(radius * Math.Sin(a), (radius * (1 - Math.Cos(a))) - deep))];
            default:
                return [];
        }
    }

    /// <summary>The largest and the smallest round as they lie: middles over the face, by plane geometry.</summary>
    private static Sheet Rounds(Sheet sheet, JawReckoning r, Func<double, double, Point2> at)
    {
        Sheet Lies(string key, double rise, double d, Point2 point)
        {
            var middle = at(0, rise);
            return sheet.Round(Matter.Machine, middle.X, middle.Y, d).Point(key, point.X, point.Y, sets: key);
        }

        switch (r.Face)
        {
            case JawFace.Vee(var groove, _):
                var sine = groove.HalfWidth.Value / Math.Sqrt((groove.HalfWidth.Value * groove.HalfWidth.Value) + (groove.Depth.Value * groove.Depth.Value));
                double Rise(double d) => (d / 2 / sine) - groove.Depth.Value;
                var (large, small) = (groove.Largest.Value, groove.Smallest.Value);
                Lies("largest", Rise(large), large, at(0, Rise(large) + (large / 2)));
                return Lies("smallest", Rise(small), small, at(-small / 2, Rise(small)));
            case JawFace.Hollow(var radius, var deep, _):
                return Lies("largest", radius - deep, 2 * radius, at(0, (2 * radius) - deep));
            default:
                return sheet;
        }
    }

    private static void Band(Sheet sheet, JawFace.Grooved groove, double w, double h)
    {
        var half = groove.HalfWidth;
        sheet = groove.Upright
            ? sheet.Box(Matter.Opening, -half, -h, half, h).Axis(0, -h - 4, 0, h + 4)
            : sheet.Box(Matter.Opening, -w, -half, w, half).Axis(-w - 4, 0, w + 4, 0);
        if (groove is JawFace.Vee)
        {
            sheet.Point("groove.depth", 0, h);
        }
    }
}
