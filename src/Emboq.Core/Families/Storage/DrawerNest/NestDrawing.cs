namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>The row from above, small where it is wide, and each tool from its side in its nest.</summary>
internal static class NestDrawing
{
    public static SeatDrawing Of(NestReckoning r)
    {
        var sheet = new Sheet();
        var small = Math.Min(1, r.Tools.Max(t => t.From + t.Long) / Math.Max(r.Row.Right - r.Row.Left, r.Row.Deep));
        var plan = new Plan(sheet, small);
        foreach (var (c, m) in r.Row.Columns.SelectMany(c => c.Modules.Select(m => (c, m))))
        {
            plan.Box(Matter.Part, c.X, m.From, c.X + c.Wide, m.To);
            if (m.Tool is null && c.Wide > (2 * r.Wall.Value) + 4 && m.To - m.From > (2 * r.Wall.Value) + 4)
            {
                plan.Box(Matter.Opening, c.X + r.Wall.Value, m.From + r.Wall.Value, c.X + c.Wide - r.Wall.Value, m.To - r.Wall.Value);
            }
        }

        foreach (var f in r.Reliefs)
        {
            plan.Box(Matter.Machine, f.X0, f.Y0, f.X1, f.Y1);
        }

        foreach (var t in r.Tools)
        {
            FromAbove(plan, r, t);
        }

        sheet.Along("row", small * r.Row.Left, small * r.Row.Right, 0, 2).Up("deep", small * r.Row.Left, 0, small * r.Row.Deep, 1);
        if (r.Corner.Value > 0)
        {
            sheet.Point("corner", small * r.Row.Right, small * r.Row.Deep, CalloutSide.Right, "corner");
        }

        var y = 0.0;
        foreach (var (t, i) in r.Tools.Select((t, i) => (t, i)))
        {
            sheet.View((small * r.Row.Right) + 60, y);
            FromTheSide(sheet, r, t, i == 0);
            y += Math.Max(r.Height.Value, t.Top) + 45;
        }

        return sheet.Done;
    }

    private static void FromAbove(Plan plan, NestReckoning r, NestTool t)
    {
        var x = NestShape.Middle(r, t);
        IEnumerable<Point2> Around(double grown)
        {
            if (t.Lies.Outline is { } outline)
            {
                return (grown > 0 ? t.Opening! : new(outline.Points.Select(p => p with { Y = p.Y + t.Y }))).Points.Select(p => p with { X = p.X + x });
            }

            var right = t.Lies.Steps.SelectMany(s => new[] { new Point2(x + s.First + grown, t.Axis(s.From).X), new Point2(x + s.Last + grown,
                t.Axis(s.To).X) }).ToList();
            // The first and the last corner stand out by as much.
            right[0] = right[0] with { Y = right[0].Y - grown };
            right[^1] = right[^1] with { Y = right[^1].Y + grown };
            return [.. right, .. Enumerable.Reverse(right).Select(p => p with { X = (2 * x) - p.X })];
        }

        plan.Face(Matter.Opening, Around(t.Grown)).Face(Matter.Machine, Around(0));
        if (r.FingerAt(t) is var (y, radius, _))
        {
            var half = (r.Column(t).Wide / 2) - 0.5;
            plan.Box(Matter.Opening, x - half, y - radius, x - (t.Wide / 2), y + radius).Box(Matter.Opening, x + (t.Wide / 2), y - radius, x + half,
                y + radius);
        }

        plan.Sheet.Point($"{t.Slot}.{t.Size.Of.Dimension}.clearance", plan.Small * x, plan.Small * (t.From + t.Long), CalloutSide.Above, r.Exact
            ? "clearance" : "room");
    }

    private static void FromTheSide(Sheet sheet, NestReckoning r, NestTool t, bool first)
    {
        var (deep, high) = (r.Column(t).Modules.Where(m => m.Tool is not null).Max(m => m.To), r.Height.Value);
        sheet.Box(Matter.Part, 0, 0, deep, high);
        var off = t.Base;
        Point2 At(double along, double o) => t.Lies.At(along, o) is var p ? new(p.X + t.Y, p.Y + off) : default;
        var (below, above) = t.Lies.Side is var side ? (side.Below.Select(Placed), side.Above.Reverse().Select(Placed)) : default;
        Point2 Placed(Point2 p) => new(p.X + t.Y, p.Y + off);
        var to = high + 0.01;
        sheet.Face(Matter.Opening, [new(t.From, to), .. below.Where(p => p.Y < to), new(t.From + t.Long, to)])
            .Face(Matter.Machine, [.. below, .. above]).Axis(At(-5, 0).X, At(-5, 0).Y, At(t.Lies.Length + 5, 0).X, At(t.Lies.Length + 5, 0).Y)
            .Words(t.Place.Name, t.Axis(t.Lies.Length / 2).X, t.Top + 8, 5)
            .Up($"{t.Slot}.top", deep, 0, t.Top, 1, CalloutSide.Right);
        // Where it balances.
        var balance = t.Axis(t.Lies.Centre);
        sheet.Cross(balance.X, balance.Y, 3).Point($"{t.Slot}.balance", balance.X, balance.Y, CalloutSide.Below);
        if (t.Lies.IsTurned)
        {
            sheet.Point($"{t.Slot}.tilt", t.Axis(0).X, t.Axis(0).Y, CalloutSide.Left);
        }

        if (first)
        {
            sheet.Up("height", 0, 0, high, 1, CalloutSide.Left).Point("floor", deep * 0.7, r.Floor.Value / 2, CalloutSide.Below, "floor")
                .Point("wall", r.FrontWall / 2, high, CalloutSide.Above, "wall");
        }
    }

    /// <summary>What is drawn smaller than it is.</summary>
    private sealed record Plan(Sheet Sheet, double Small)
    {
        public Plan Face(Matter matter, IEnumerable<Point2> outline)
        {
            Sheet.Face(matter, outline.Select(p => new Point2(p.X * Small, p.Y * Small)));
            return this;
        }

        public Plan Box(Matter matter, double x0, double y0, double x1, double y1) => Face(matter, [new(x0, y0), new(x1, y0), new(x1, y1), new(x0, y1)]);
    }
}
