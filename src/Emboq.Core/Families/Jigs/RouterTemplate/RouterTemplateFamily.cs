namespace Emboq.Core.Families.Jigs.RouterTemplate;

/// <summary>A template that a follower runs along: the outline of the wanted part, offset by half of what the follower is wider than the cutter.</summary>
public static class RouterTemplateFamily
{
    private static readonly IReadOnlyList<WayUp> Ways =
    [
        new("flat", "lying flat", 0, "Lines follow the edge: the follower rolls along them, and the first layer's bulge lies at the work, below it.",
            "Put the seam where no follower runs, or sand it."),
        new("over", "turned over", 180, "Lines follow the edge, but the first layer's bulge lies where a ring runs: scrape it.",
            "Put the seam where no follower runs, or sand it."),
        new("edge", "standing on its edge", 90, "Lines cross the edge: the follower clicks over every layer, and a thin rim snaps along them.",
            "Curves come out in steps of a layer.", SpoilsFit: true),
    ];

    private static readonly IReadOnlyList<string> Cautions =
    [
        "A cutter that grabs throws the work or the tool: feed against the rotation, start at a pin or from a straight edge, and never climb-cut freehand.",
        "Small pieces are held by the template or a jig, not by fingers. The tool's manual decides speed, guard and collet depth.",
        "Wear eye and ear protection, and catch the dust.",
    ];

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "router-template", "router template", "The same curve in wood, again and again.", [],
        [
            Specs.Choice("side", "Cuts", "outside", "Outside: the template lies on the part. Inside: its opening makes a recess.",
                new ParameterOption("outside", "around a part"), new ParameterOption("inside", "a recess")),
            Specs.Outline("outline", "Outline wanted",
                "Of the finished part or recess: points like 0,0 80,0 80,40 0,40. Left open: a rectangle with rounded corners."),
            Specs.Length("width", "Width", 120, 10, 600, "Of the rectangle."),
            Specs.Length("height", "Height", 70, 10, 600, "Of the rectangle."),
            Specs.Length("corner", "Corner radius", 15, 0, 200, "Of the rectangle."),
            Specs.Length("follower", "Follower diameter", 17, 3, 80, "Of the guide ring or bearing, measured.", 0.1),
            Specs.Length("cutter", "Cutter diameter", 12, 1, 80, "Measured, not as it is sold.", 0.1),
            Specs.Length("followerHeight", "Follower height", 6, 0.5, 40, "How far the ring reaches down, or how high the bearing is.", 0.5),
            Specs.Length("thickness", "Thickness", 8, 2, 40, "Of the template.", 0.5),
            Specs.Length("rim", "Rim", 30, 10, 150, "Around an opening: what the tool's base rests on.").If("side", "inside"),
            Specs.WayUp(Ways),
            .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["width", "height", "corner", "count"],
        Words = [TryWord.Works, new("catches", "lets the follower catch"), new("tooLarge", "makes it too large"), new("tooSmall", "makes it too small"),
            new("flexes", "flexes")],
    };

    private static Design Design(Brief brief)
    {
        var (ledger, p) = (new Ledger(), brief.Parameters);
        Quantity Chosen(string key, string name, string because) => ledger.Add(key, name,
            Quantity.Chosen(name, p.Number(key)!.Value, Unit.Millimetre), because);
        var inside = p.Choice("side") == "inside";
        var (follower, cutter) = (Chosen("follower", "follower diameter", "As measured by the maker."),
            Chosen("cutter", "cutter diameter", "As measured by the maker."));
        var offset = ledger.Add("offset", "offset of the template", (follower - cutter) / 2,
            "Half of (follower − cutter): the cut runs that far from the template's edge.");
        var (thickness, high) = (Chosen("thickness", "template thickness", "The follower must run on it, not over it."),
            Chosen("followerHeight", "follower height", "How far the ring reaches down."));
        var wanted = p.Outline("outline") ?? Outlines.RoundedRectangle(Chosen("width", "width", "Of the finished shape.").Value,
            Chosen("height", "height", "Of the finished shape.").Value, Chosen("corner", "corner radius", "Of the finished shape.").Value,
            Facets.DefaultChordError);
        var allowance = ledger.Add("allowance", "edge allowance", brief.Fits.Allowance(inside ? Surface.Pocket : Surface.OutsideFlat, wanted.Across) / 2,
            "Half of what the process adds or takes over the full size.");
        // An opening grows by the offset, a template that lies on the part shrinks by it.
        var moved = Outlines.Moved(wanted, (inside ? 1 : -1) * offset.Value + allowance.Value);
        var tightest = Tightest(wanted, inside);
        ledger.Add("radius", "smallest inside radius of the wanted shape",
            Quantity.Input("smallest inside radius", tightest.Radius, Unit.Millimetre,
            new Provenance.Standard("Plane geometry", "sharpest corner that the cutter has to turn in")), "No cutter turns in a corner tighter than itself.");
        var way = Ways.First(w => w.Key == p.Choice("wayUp"));
        var rim = inside ? Chosen("rim", "rim", "What the tool's base rests on.").Value : 0;
        var outer = moved is null ? (X: 0.0, Y: 0.0) : Extent(moved);
        return new()
        {
            Ledger = ledger,
            Pieces = moved is null ? [] : [new("part", "template", () => Build(moved, inside, rim, thickness.Value, brief.Mark), Ways, way.Key)],
            Proofs = moved is null ? [] :
            [
                new("ring-corner", "the tightest corner", () => Corner(Build(moved, inside, rim, thickness.Value, null), tightest.At,
                    Math.Abs(offset.Value), thickness.Value),
                    "Run the follower round it in scrap: it proves the offset and the corner. It does not prove the size over all."),
            ],
            Machine = moved is null ? [] : [new("machine-work", "the part wanted", () => new Solid.Extruded(wanted, 18).At(0, 0, -18))],
            Checks =
            [
                Closes(moved),
                Turns(tightest.Radius, cutter.Value),
                Rides(thickness.Value, high.Value),
                Sides(follower.Value, cutter.Value, inside),
                BedCheck.Of(outer.X + (2 * rim), outer.Y + (2 * rim), thickness.Value, way, brief.Process),
            ],
            Drawing = moved is null ? null : Draw(wanted, moved, inside, rim, p.Outline("outline") is null),
            Hardware = ["double-sided tape, or two screws where they do no harm"],
            Fitting = ["Sand the edge where the follower runs: it copies every bump.", "Fix the template to the work, and the work to the bench.",
                "Rout a little deeper at each pass, the follower always on the edge."],
            Gauges = moved is null || p.Outline("outline") is not null ? [] :
            [
                .. new[] { (Axis.X, outer.X), (Axis.Y, outer.Y) }.Select(a =>
                    new Gauge("part", inside ? "opening" : "template", a.Item2, new(Middle(moved).X, Middle(moved).Y, 0.5), a.Item1, inside
                    ? Jaws.Between : Jaws.Over)),
            ],
            Cautions = Cautions,
        };
    }

    private static Solid Build(Profile moved, bool inside, double rim, double thickness, string? mark)
    {
        if (!inside)
        {
            return PartBodies.Marked(new Solid.Extruded(moved, thickness), mark, letters => letters.At(Middle(moved).X, Middle(moved).Y, thickness),
                Math.Min(20, Extent(moved).X / 3));
        }

        var (least, size) = (new Point2(moved.Points.Min(p => p.X), moved.Points.Min(p => p.Y)), Extent(moved));
        Solid plate = Slab.Of(size.X + (2 * rim), size.Y + (2 * rim), thickness, 6).At(least.X + (size.X / 2), least.Y + (size.Y / 2),
            0) - new Solid.Extruded(moved, thickness + 2).At(0, 0, -1);
        return PartBodies.Marked(plate, mark, letters => letters.At(least.X + (size.X / 2), least.Y - (rim / 2), thickness), rim - 4);
    }

    /// <summary>What lies around a place of the wanted outline, far enough for the follower to run in and out.</summary>
    private static Solid Corner(Solid template, Point2 at, double offset, double thickness)
    {
        var half = offset + 15;
        return PartBodies.Slice(template, at.X - half, at.Y - half, 0, at.X + half, at.Y + half, thickness);
    }

    private static (double X, double Y) Extent(Profile o) => (o.Points.Max(p => p.X) - o.Points.Min(p => p.X), o.Points.Max(p => p.Y) - o.Points.Min(p => p.Y));

    private static Point2 Middle(Profile o) => new((o.Points.Max(p => p.X) + o.Points.Min(p => p.X)) / 2,
        (o.Points.Max(p => p.Y) + o.Points.Min(p => p.Y)) / 2);

    /// <summary>The tightest corner that a cutter has to turn in, and where: concave corners of a part, convex ones of a recess. A corner of two straight
    /// sides has no radius; a rounded one is read from three neighbouring points.</summary>
    internal static (double Radius, Point2 At) Tightest(Profile outline, bool recess)
    {
        // An outline without such corners asks nothing of a cutter.
        const double Gentle = 1000;
        var p = outline.Points;
        return Enumerable.Range(0, p.Length).Select(i =>
        {
            var (a, b, c) = (p[(i + p.Length - 1) % p.Length], p[i], p[(i + 1) % p.Length]);
            var turn = ((b.X - a.X) * (c.Y - b.Y)) - ((b.Y - a.Y) * (c.X - b.X));
            if (recess ? turn <= 1e-9 : turn >= -1e-9)
            {
                return (Gentle, b);
            }

            double Length(Point2 q, Point2 r) => Math.Sqrt(((q.X - r.X) * (q.X - r.X)) + ((q.Y - r.Y) * (q.Y - r.Y)));
            var (ab, bc, ca) = (Length(a, b), Length(b, c), Length(c, a));
            // A facet of a round is short: the circle through three points is its radius; between long sides the corner is sharp.
            var sharp = Math.Abs(turn) / (ab * bc) > Math.Sin(20 * Math.PI / 180);
            return (sharp ? 0 : ab * bc * ca / (2 * Math.Abs(turn)), b);
        }).MinBy(corner => corner.Item1);
    }

    private static Check Closes(Profile? moved) => new("closes", "offset outline", moved is null ? Verdict.Stop : Verdict.Good,
        moved is null ? "Offset by this much the outline falls apart: the follower is too wide for its narrow places." : "The offset outline is whole.",
            moved is null ? "falls apart" : "whole", "whole", "Plane geometry.", []);

    private static Check Turns(double radius, double cutter)
    {
        var fits = radius >= (cutter / 2) - 1e-6;
        return new("turns", "inside corners", fits ? Verdict.Good : Verdict.Watch, fits ? "The cutter turns in every inside corner."
            : $"Inside corners come out with the cutter's radius of {Figures.Mm(cutter / 2)}: square them by hand, or take a thinner cutter.",
            Figures.Mm(radius), $"{Figures.Mm(cutter / 2)} or more", "Plane geometry.", []);
    }

    private static Check Rides(double thickness, double follower)
    {
        var fits = thickness >= follower + 0.5;
        var wanted = Math.Ceiling(follower + 1);
        return new("rides", "follower on the template", fits ? Verdict.Good : Verdict.Stop, fits
            ? "The follower runs on the edge and does not touch the work." : "The follower reaches through the template and runs on the work.",
            Figures.Mm(thickness), $"{Figures.Mm(follower + 0.5)} or more", "Plane geometry.", fits ? []
                : [new Remedy.Change($"Make it {Figures.Mm(wanted)} thick", new Dictionary<string, string> { ["thickness"] = Figures.Number(wanted) })]);
    }

    private static Check Sides(double follower, double cutter, bool inside)
    {
        var fits = follower >= cutter;
        return new("cuts", inside ? "cutter, follower and opening" : "cutter and follower", fits ? Verdict.Good : Verdict.Stop, fits
            ? "The cutter stays clear of the template." : "The cutter is wider than its follower: it cuts into the template.",
            $"cutter {Figures.Mm(cutter)}", $"{Figures.Mm(follower)} or less", "Plane geometry.", []);
    }

    private static SeatDrawing Draw(Profile wanted, Profile moved, bool inside, double rim, bool rectangle)
    {
        var sheet = new Sheet();
        var (least, size) = (new Point2(moved.Points.Min(p => p.X), moved.Points.Min(p => p.Y)), Extent(moved));
        var at = Middle(wanted);
        var (w, h) = Extent(wanted);
        if (inside)
        {
            sheet.Box(Matter.Part, least.X - rim, least.Y - rim, least.X + size.X + rim, least.Y + size.Y + rim).Face(Matter.Opening,
                moved.Points).Face(Matter.Machine, wanted.Points)
                .Along("rim", least.X + size.X, least.X + size.X + rim, least.Y - rim, sets: "rim");
        }
        else
        {
            sheet.Face(Matter.Machine, wanted.Points).Face(Matter.Part, moved.Points);
        }

        if (rectangle)
        {
            sheet.Along("width", at.X - (w / 2), at.X + (w / 2), at.Y - (h / 2), 2, sets: "width").Up("height", at.X - (w / 2), at.Y - (h / 2),
                at.Y + (h / 2), sets: "height").Point("corner", at.X + (w / 2), at.Y + (h / 2), sets: "corner");
        }

        return sheet.Point("offset", moved.Points.MaxBy(p => p.X).X, at.Y, CalloutSide.Right).Point("follower", at.X - (w / 4), at.Y + (h / 2),
            sets: "follower").Point("cutter", at.X + (w / 8), at.Y + (h / 2), sets: "cutter")
            .Point("thickness", at.X, at.Y, CalloutSide.Left, "thickness").Done;
    }
}
