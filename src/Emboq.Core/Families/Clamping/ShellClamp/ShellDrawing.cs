namespace Emboq.Core.Families.Clamping.ShellClamp;

/// <summary>The first clamp cut square to the handle, and both from above.</summary>
internal static class ShellDrawing
{
    public static SeatDrawing Of(ShellReckoning r)
    {
        var (s, feet) = (r.Stations[0], r.Feet[0]);
        var (left, right, split, top) = (r.LeftOf(s), r.RightOf(s), r.SplitOf(s), r.TopOf(s));
        var (under, over) = (split - (r.Gap / 2), split + (r.Gap / 2));
        var section = r.Body.Across(new(s.Middle.X, s.At), s.Turn, 0)!.Points.Select(p => new Point2(p.X, p.Y + r.Raised.Value));
        IEnumerable<Point2> Opening(Profile half, double limit, int side) => half.Points.Select(p => new Point2(p.X + s.Axis, side * Math.Max(side * (p.Y
            + split),
            side * limit)));
        var (from, to) = (feet.Left - r.FootEnd, feet.Right + r.FootEnd);
        var sheet = new Sheet().Box(Matter.Machine, from - 10, -10, to + 10, -(r.Packer?.Value ?? 0)).Box(Matter.Part, left, 0, right, under)
            .Box(Matter.Part, from, 0, to, r.Foot.Value).Box(Matter.Part, left, over, right, top)
            .Face(Matter.Opening, Opening(s.MiddleCut.Lower, under, -1)).Face(Matter.Opening, Opening(s.MiddleCut.Upper, over, 1)).Face(Matter.Machine,
                section);
        foreach (var x in r.ScrewsOf(s))
        {
            sheet.Box(Matter.Opening, x - (r.Head.Recess / 2), split + r.HeadAt - r.Head.Joint.Recess, x + (r.Head.Recess / 2), top)
                .Box(Matter.Opening, x - (r.Bite.Bore / 2), under - r.Bite.Depth, x + (r.Bite.Bore / 2), split + r.HeadAt - r.Head.Joint.Recess)
                .Axis(x, under - r.Bite.Depth - 3, x, top + 3);
        }

        foreach (var x in new[] { feet.Left, feet.Right })
        {
            sheet.Box(Matter.Opening, x - (r.TableHole.Bore / 2), 0, x + (r.TableHole.Bore / 2), r.Foot.Value);
        }

        sheet.Along("grip.breadth.drawn", s.Sides.Left, s.Sides.Right, top, 1, CalloutSide.Above).Point("grip.breadth.clearance", s.Sides.Right, split + 2,
                CalloutSide.Right, "clearance").Along("shell", left, s.Sides.Left, top, 2, CalloutSide.Above, "shell")
            .Up("pinch", left, under, over, 1, CalloutSide.Left, "pinch").Up("split", right, 0, split, 1, CalloutSide.Right)
            .Up("seat", left, over, split + r.HeadAt - r.Head.Joint.Recess, 2, CalloutSide.Left, "seat").Up("foot", from, 0, r.Foot.Value, 1,
                CalloutSide.Left, "foot")
            .Along("apart", feet.Left, feet.Right, -10);
        if (r.Packer is null)
        {
            sheet.Up("under", s.Axis, 0, r.BelowOf(s), 1, CalloutSide.Left, "under");
        }

        return Above(r, sheet.View(to + 60 - r.Body.Ends.From, split)).Done;
    }

    /// <summary>The handle lies from left to right, as it did in its scan.</summary>
    private static Sheet Above(ShellReckoning r, Sheet sheet)
    {
        var (ends, rows) = (r.Body.Ends, r.Stations);
        Point2 Seen(ShellStation s, double x, double y)
        {
            var (sin, cos) = Math.SinCos(s.Turn * Math.PI / 180);
            return new(s.At + (x * sin) + (y * cos), -(s.Middle.X + (x * cos) - (y * sin)));
        }

        foreach (var (s, feet) in rows.Zip(r.Feet))
        {
            var (from, to, half) = (feet.Left - r.FootEnd, feet.Right + r.FootEnd, r.Along.Value / 2);
            sheet.Face(Matter.Part, [Seen(s, from, -half), Seen(s, to, -half), Seen(s, to, half), Seen(s, from, half)]);
        }

        var line = Enumerable.Range(0, 41).Select(i => ends.From + ((ends.To - ends.From) * i / 40)).Select(y => (At: y, r.Body.CentreLine(y,
            8).Middle)).ToList();
        sheet.Face(Matter.Machine, [.. Side(1), .. Side(-1).Reverse()]);
        IEnumerable<Point2> Side(int side) => line.Select(l => r.Body.Across(new(l.Middle.X, l.At), 0, 0) is { } cut
            ? new Point2(l.At, -(l.Middle.X + (side > 0 ? cut.Box.Greatest.X : cut.Box.Least.X))) : new(l.At, -l.Middle.X));
        var low = rows.Min(s => -(s.Middle.X + r.Feet[0].Right + r.FootEnd));
        sheet.Along("front", ends.From, r.Wanted[0], low);
        if (rows.Count > 1)
        {
            sheet.Along("rear", ends.From, r.Wanted[1], low, 2);
        }

        return sheet.Along("along", r.Wanted[0] - (r.Along.Value / 2), r.Wanted[0] + (r.Along.Value / 2), low, 3, CalloutSide.Below, "along");
    }
}
