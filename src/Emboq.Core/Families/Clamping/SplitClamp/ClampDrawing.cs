namespace Emboq.Core.Families.Clamping.SplitClamp;

/// <summary>A clamp in section across its post, and from the side.</summary>
internal static class ClampDrawing
{
    private const int Steps = 60;

    public static SeatDrawing Of(ClampReckoning r, Interface place)
    {
        var (outer, gap, wide, end, h, dimension) = (r.Outer, r.Gap.Value / 2, r.HalfWide, r.EarEnd, r.Height.Value, r.Bore.Of.Dimension);
        var sheet = new Sheet();
        foreach (var part in Section(r))
        {
            sheet.Face(Matter.Part, part);
        }

        var below = outer + (r.Face?.Pad ?? 0);
        if (r.Relief is { } groove)
        {
            sheet.Box(Matter.Opening, -groove.Wide / 2, -r.Inner - groove.Deep, groove.Wide / 2, -r.Inner * 0.9);
        }

        var slit = r.Style == ClampStyle.Clip ? "mouth" : "pinch";
        sheet.Round(Matter.Machine, 0, 0, r.Post.Value - (r.Bore.Of.Between?.Value ?? 0)).Axis(-wide - 4, r.ScrewsAt, wide + 4, r.ScrewsAt)
            .Along($"post.{dimension}.measured", -r.Post.Value / 2, r.Post.Value / 2, -below, 1, reads: new(place.Id, dimension))
            .Along($"post.{dimension}.drawn", -r.Inner, r.Inner, -below, 2)
            .Point(slit, 0, end, sets: slit).Point("ear", (gap + wide) / 2, end, sets: "ear")
            .Point("wall", outer - 1, -1, CalloutSide.Right, "wall").Point($"post.{dimension}.clearance", -r.Inner, 0, CalloutSide.Left, "clearance");
        if (r.Relief is not null)
        {
            sheet.Point("relief", 0, -r.Inner, CalloutSide.Left, "relief");
        }

        var low = r.Style == ClampStyle.Halves ? end : below;
        sheet.View(Math.Max(wide, outer) + low + 30, -h / 2).Box(Matter.Part, -low, 0, end, h);
        foreach (var (z, y) in r.At.SelectMany(z => r.Style == ClampStyle.Halves ? new[] { (z, r.ScrewsAt), (z, -r.ScrewsAt) } : [(z, r.ScrewsAt)]))
        {
            sheet.Round(Matter.Opening, y, z, r.Head.Bore).Cross(y, z, r.Head.Bore);
        }

        return sheet.Up("height", end, 0, h, 1, CalloutSide.Right, "height").Point("screw.hole", r.ScrewsAt, r.At[^1], CalloutSide.Above, "screw").Done;
    }

    /// <summary>The ring with its ears, one piece or two.</summary>
    private static IEnumerable<IEnumerable<Point2>> Section(ClampReckoning r)
    {
        var gap = r.Gap.Value / 2;
        var inner = Math.Sqrt((r.Inner * r.Inner) - (gap * gap));
        IEnumerable<Point2> Mirrored(IEnumerable<Point2> points, int x, int y) => points.Select(q => new Point2(x * q.X, y * q.Y));
        // The right side from the slit over its ear to the ring, and along the bore back to the slit.
        var (ear, arc) = (Ear(r), (From: Math.Atan2(Ear(r)[^1].Y, Ear(r)[^1].X), Bore: Math.Atan2(inner, gap)));
        if (r.Style == ClampStyle.Halves)
        {
            foreach (var side in new[] { 1, -1 })
            {
                yield return Mirrored([.. ear, .. Arc(r.Outer, arc.From, -arc.From), .. Mirrored(ear.Reverse(), 1, -1),
                    .. Arc(r.Inner, -arc.Bore, arc.Bore)], side, 1);
            }

            yield break;
        }

        var back = Back(r);
        var until = back.Count > 0 ? Math.Atan2(back[0].Y, back[0].X) : -Math.PI / 2;
        List<Point2> right = [.. ear, .. Arc(r.Outer, arc.From, until), .. back];
        var bore = Arc(r.Inner, Math.PI - arc.Bore, (2 * Math.PI) + arc.Bore);
        yield return [.. right, .. Mirrored(right.AsEnumerable().Reverse(), -1, 1),
            .. bore.Select(q => r.FlatAt is { } flat ? q with { Y = Math.Max(q.Y, -flat) } : q)];
    }

    private static IReadOnlyList<Point2> Ear(ClampReckoning r)
    {
        var (gap, wide, end, outer) = (r.Gap.Value / 2, r.HalfWide, r.EarEnd, r.Outer);
        if (wide >= outer)
        {
            var root = ClampShape.Root(r);
            return [new(gap, end), new(wide, end), new(wide, root), new(Math.Sqrt((outer * outer) - (root * root)), root)];
        }

        var from = Math.Sqrt((outer * outer) - (wide * wide));
        return r.Gusset.Value > 0 ? [new(gap, end), new(wide, end), new(wide, from + r.Gusset.Value), ClampShape.WebEnd(r)]
            : [new(gap, end), new(wide, end), new(wide, from)];
    }

    /// <summary>Round the right corner of the face at the back; empty where there is none.</summary>
    private static IReadOnlyList<Point2> Back(ClampReckoning r)
    {
        if (r.Face is not { } face)
        {
            return [];
        }

        var (half, low) = (face.Wide / 2, -r.Outer - face.Pad);
        var top = ClampShape.FaceTop(r);
        var meets = Math.Sqrt((r.Outer * r.Outer) - (top * top));
        return half >= meets ? [new(meets, top), new(half, top), new(half, low)] : [new(half, -Math.Sqrt((r.Outer * r.Outer) - (half * half))), new(half, low)];
    }

    private static IEnumerable<Point2> Arc(double radius, double from, double to) =>
        Enumerable.Range(0, Steps + 1).Select(i => from + ((to - from) * i / Steps)).Select(a => new Point2(radius * Math.Cos(a), radius * Math.Sin(a)));
}
