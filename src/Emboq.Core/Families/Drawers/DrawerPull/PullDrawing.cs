namespace Emboq.Core.Families.Drawers.DrawerPull;

/// <summary>Front view of a pull, and beside it the section through a post seated on the drawer.</summary>
internal static class PullDrawing
{
    public static SeatDrawing Of(PullReckoning r, DimensionAddress? spacing)
    {
        var (l, t, out_) = (r.Length.Value, r.Tall.Value, r.Projection.Value);
        var sheet = new Sheet();
        if (r.Lip is { } below)
        {
            var half = (l / 2) - r.Corner.Value;
            sheet.Box(Matter.Part, -half, -(t / 2) - below.Drop.Value, half, -t / 2);
        }

        sheet.Face(Matter.Part, Solids.Slab.Rounded(l, t, Math.Min(r.Corner.Value, (t / 2) - 0.01), 0).Points);
        foreach (var x in PullShape.Places(r))
        {
            if (r.FromFront)
            {
                sheet.Round(Matter.Opening, x, 0, 2 * r.Joint.Sleeves.Max(s => s.Radius));
            }

            sheet.Cross(x, 0, r.Hole.Bore);
        }

        r.Label?.Draw(sheet, 0, r.LabelAt);
        sheet.Along("spacing", -r.Spacing.Value / 2, r.Spacing.Value / 2, -t / 2, 1, sets: spacing is null ? "spacing" : null, reads: spacing)
            .Along("length", -l / 2, l / 2, -t / 2, 2, sets: "length").Up("tall", -l / 2, -t / 2, t / 2, sets: "tall").Point("corner",
                -l / 2, t / 2, sets: "corner");
        if (r.Label is not null)
        {
            sheet.Point("label.size", 0, r.LabelAt, sets: "letterSize");
        }

        return Section(sheet.View((l / 2) + 34, 0), r, t, out_).Done;
    }

    /// <summary>Along the screw's axis: x out from the drawer, y up.</summary>
    private static Sheet Section(Sheet sheet, PullReckoning r, double t, double projection)
    {
        var front = r.FaceAt.Value;
        sheet.Box(Matter.Machine, -14, -(t / 2) - 12 - (r.Lip?.Drop.Value ?? 0), 0, (t / 2) + 12).Box(Matter.Part, 0, -t / 2, front, t / 2);
        if (r.Lip is { } lip)
        {
            sheet.Face(Matter.Part, lip.Section(t, projection, r.Face.Value).Select(p => new Point2(p.Y, p.X)))
                .Point("plate", front / 2, t / 2, sets: "plate").Up("lip.drop", projection, -(t / 2) - lip.Drop.Value, -t / 2, side: CalloutSide.Right);
        }

        foreach (var s in r.Joint.Sleeves)
        {
            var (a, b) = r.FromFront ? (front + s.From, front + s.To) : (-s.To, -s.From);
            sheet.Box(Matter.Opening, Math.Max(0, a), -s.Radius, Math.Min(front, b), s.Radius);
        }

        var deep = r.FromFront ? 0 : r.Joint.Depth;
        sheet.Axis(-18, 0, front + 4, 0).Along("projection", 0, projection, (-t / 2) - (r.Lip?.Drop.Value ?? 0), sets: "projection").Point("face",
            projection - (r.Face.Value / 2), r.Lip is { } hung ? -(t / 2) - (hung.Drop.Value / 2) : t / 4, CalloutSide.Right, "face");
        return r.Fastening switch
        {
            Fastening.Insert => sheet.Point("screw.insert", deep / 2, r.Hole.Bore / 2),
            Fastening.SideNut => sheet.Point("screw.slot.height", PullReckoning.NutBelow + 1.5, r.Joint.Sleeves[^1].Radius),
            Fastening.SelfCut => sheet.Point("screw.thread", deep / 2, r.Hole.Bore / 2),
            _ => sheet.Point("screw.hole", front / 2, r.Hole.Bore / 2),
        };
    }
}
