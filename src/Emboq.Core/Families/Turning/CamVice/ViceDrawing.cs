namespace Emboq.Core.Families.Turning.CamVice;

/// <summary>A cam vice cut along its channel, and its dovetail cut across.</summary>
internal static class ViceDrawing
{
    public static SeatDrawing Of(ViceReckoning r)
    {
        var (fix, high, top) = (r.Fixed.Value, r.BaseHigh, r.Top);
        var (face, thick, z) = (fix + r.Work.Wide.Value, r.Work.Thick.Value, r.WorkZ);
        var jaw = face + r.Pad.Value + ViceReckoning.Free + r.Stroke;
        var sheet = new Sheet().Box(Matter.Part, 0, 0, r.BaseLong, r.Floor.Value).Box(Matter.Part, 0, r.Floor.Value, fix, top)
            .Box(Matter.Machine, fix, z - (thick / 2), face, z + (thick / 2));
        if (r.Face == JawFace.Ledge && r.Rest.Value > 0)
        {
            sheet.Box(Matter.Part, fix, high, fix + r.Ledge.Value, high + r.Rest.Value).Box(Matter.Part, jaw - ViceReckoning.Free - r.Pad.Value - r.Ledge.Value,
                high, jaw - ViceReckoning.Free - r.Pad.Value, high + r.Rest.Value);
        }

        // Of a sprung pad its face, and the strip behind that.
        var back = jaw - ViceReckoning.Free;
        sheet.Box(Matter.Part, back - r.Pad.Value, high + ViceReckoning.Free, back - r.Pad.Value + r.Front, top);
        if (r.Spring is { } spring)
        {
            sheet.Box(Matter.Part, back - spring.Strip.Thick, top - spring.Strip.Wide, back, top).Point("strip", back, top - spring.Strip.Wide,
                CalloutSide.Right, "strip");
        }

        if (r.Post is { } post)
        {
            var (from, to) = (-post.At - (post.Drawn.Value / 2), -post.At + (post.Drawn.Value / 2));
            sheet.Box(Matter.Part, -post.At - post.RingRadius, 0, 0, post.High).Box(Matter.Part, from, 0, to, post.High)
                .Along("turn.round", from, to, 0, 1, CalloutSide.Below, "post");
        }

        sheet.Box(Matter.Part, jaw, r.RootTop, jaw + r.Long.Value, r.CamZ).Box(Matter.Part, jaw + r.CamAt + r.Cam.Hollow, r.CamZ, jaw + r.Long.Value, top)
            .Box(Matter.Part, jaw + r.CamAt + r.Cam.Throw.Value - r.Cam.Radius.Value, r.CamZ, jaw + r.CamAt + r.Cam.Throw.Value + r.Cam.Radius.Value, top + 16)
            .Box(Matter.Machine, jaw + r.CamAt - (r.Turns.Counterpart.Value / 2), r.CamZ - r.PinDeep, jaw + r.CamAt + (r.Turns.Counterpart.Value / 2), top + 16)
            .Axis(jaw + r.LockAt, r.Floor.Value, jaw + r.LockAt, top + 12);
        sheet.Along("opens", fix, fix + r.Opens.Value, 0, 1, CalloutSide.Below, "opens").Up("high", 0, high, top, 1, CalloutSide.Left, "high")
            .Point("throw", jaw + r.CamAt, top + 16, CalloutSide.Above, "throw").Point("cam", jaw + r.CamAt + r.Cam.Throw.Value + r.Cam.Radius.Value, top + 10,
                CalloutSide.Above, "cam")
            .Point("fixed", fix / 2, top, CalloutSide.Above, "fixed").Point("pad", jaw - ViceReckoning.Free - (r.Pad.Value / 2), top, CalloutSide.Above, "pad")
            .Along("long", jaw, jaw + r.Long.Value, 0, 2, CalloutSide.Below, "long");
        if (r.Face == JawFace.Ledge)
        {
            sheet.Point("rest", fix, z - (thick / 2), CalloutSide.Left, "rest");
        }

        return Across(sheet.View(r.BaseLong + 40 + (r.Wide.Value / 2), 0), r).Done;
    }

    private static Sheet Across(Sheet sheet, ViceReckoning r)
    {
        var (half, deep, floor) = (r.Wide.Value / 2, r.Tail.Deep.Value, r.Floor.Value);
        foreach (var side in new[] { -1, 1 })
        {
            double X(double x) => side * x;
            sheet.Face(Matter.Part, [new(0, 0), new(X(half), 0), new(X(half), r.BaseHigh), new(X(r.Tail.Channel(0)), r.BaseHigh),
                    new(X(r.Tail.Channel(deep)), floor), new(0, floor)])
                .Face(Matter.Part, [new(X(r.Slit.Value / 2), floor + Joints.Dovetail.Under), new(X(r.Tail.Foot(deep - Joints.Dovetail.Under)), floor
                    + Joints.Dovetail.Under), new(X(r.Tail.Foot(0)), r.BaseHigh), new(X(r.Tail.Foot(0)), r.RootTop), new(X(r.Slit.Value / 2), r.RootTop)])
                .Box(Matter.Part, X(0), r.RootTop, X(half), r.Top).Box(Matter.Part, X(r.Tail.Foot(0) + ViceReckoning.Relief), r.BaseHigh + ViceReckoning.Free,
                    X(half), r.RootTop);
        }

        return sheet.Along("tail.mouth", -r.Tail.Channel(0), r.Tail.Channel(0), r.Top, 1, CalloutSide.Above, "mouth").Up("deep", half, floor, r.BaseHigh, 1,
                CalloutSide.Right, "deep").Up("root", half, r.BaseHigh, r.RootTop, 1, CalloutSide.Right, "root")
            .Point("slit", 0, r.BaseHigh, CalloutSide.Right, "slit").Point("tail.slides", -r.Tail.Foot(0), r.BaseHigh, CalloutSide.Below, "slides");
    }
}
