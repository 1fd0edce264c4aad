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

    private static readonly Decision<bool> Inside = Decide.Choice("side", "Cuts", "Outside: the template lies on the part. Inside: its opening makes a recess.",
        ("outside", "around a part", false), ("inside", "a recess", true));

    private static readonly ParameterSpec Wanted = Specs.Outline("outline", "Outline wanted",
        "Of the finished part or recess: points like 0,0 80,0 80,40,r12 0,40. r12 rounds a corner, and 40,50,arc lies on an arc. "
            + "Left open: a rectangle with rounded corners.").If(Specs.Section.Key, "open");

    private static readonly Decision<Quantity>
        Width = Decide.Length("width", "Of the finished shape.", Specs.Length("width", "Width", 120, 10, 600, "Of the rectangle.")).If("outline", "open"),
        Height = Decide.Length("height", "Of the finished shape.", Specs.Length("height", "Height", 70, 10, 600, "Of the rectangle.")).If("outline", "open"),
        CornerRadius = Decide.Length("corner radius", "Of the finished shape.",
            Specs.Length("corner", "Corner radius", 15, 0, 200, "Of the rectangle.")).If("outline", "open"),
        Follower = Decide.Length("follower diameter", "As measured by the maker.",
            Specs.Length("follower", "Follower diameter", 17, 3, 80, "Of the guide ring or bearing, measured.", 0.1)).If("ring", "open"),
        Cutter = Decide.Length("cutter diameter", "As measured by the maker.",
            Specs.Length("cutter", "Cutter diameter", 12, 1, 80, "Measured, not as it is sold.", 0.1)).If("bit", "open"),
        FollowerHeight = Decide.Length("follower height", "How far the ring reaches down.",
            Specs.Length("followerHeight", "Follower height", 6, 0.5, 40, "How far the ring reaches down, or how high the bearing is.", 0.5)),
        Thickness = Decide.Length("template thickness", "The follower must run on it, not over it.",
            Specs.Length("thickness", "Thickness", 8, 2, 40, "Of the template.", 0.5)),
        Rim = Decide.Length("rim", "What the tool's base rests on.", Specs.Length("rim", "Rim", 30, 10, 150,
            "Around an opening: what the tool's base rests on."))
            .If("side", "inside");

    private static readonly Decision<WayUp> Way = Decide.Way(Ways);

    /// <summary>The family.</summary>
    public static Family Family { get; } = new("router-template", "router template", "The same curve in wood, again and again.",
        [new("ring", "guide ring or bearing", ["tube", "post"], SlotNeed.Sometimes), new("bit", "cutter", ["post"], SlotNeed.Sometimes),
            Specs.Section],
        [Inside.Spec, Wanted, Width.Spec, Height.Spec, CornerRadius.Spec, Follower.Spec, Cutter.Spec, FollowerHeight.Spec,
            Thickness.Spec, Rim.Spec, Way.Spec,
            .. MakeOrBuy.Specs], Design)
    {
        ListColumns = ["width", "height", "corner", "count"],
        Words = [TryWord.Works, new("catches", "lets the follower catch"), new("tooLarge", "makes it too large"), new("tooSmall", "makes it too small"),
            new("flexes", "flexes")],
    };

    private static Design Design(Brief brief)
    {
        var (ledger, p) = (new Ledger(), brief.Parameters);
        var (inside, way) = (Inside.Read(p, ledger), Way.Read(p, ledger));
        if (PartBodies.Unread(brief, ("ring", [Across(brief, "ring")]), ("bit", ["diameter"]),
            (Specs.Section.Key, Specs.PointsOf(brief))) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        Quantity Measured(Decision<Quantity> decided, string slot, string name) => brief.Interfaces.GetValueOrDefault(slot) is { } place
            ? ledger.Add(decided.Spec.Key, name, Evaluation.Of(place, Across(brief, slot))!.Quantity, "As measured.") : decided.Read(p, ledger);
        var (follower, cutter) = (Measured(Follower, "ring", "follower diameter"), Measured(Cutter, "bit", "cutter diameter"));
        var offset = ledger.Add("offset", "offset of the template", (follower - cutter) / 2,
            "Half of (follower − cutter): the cut runs that far from the template's edge.");
        var (thickness, high) = (Thickness.Read(p, ledger), FollowerHeight.Read(p, ledger));
        var own = Specs.OutlineOf(brief, Wanted.Key);
        var wanted = own ?? Outlines.RoundedRectangle(Width.Read(p, ledger).Value, Height.Read(p, ledger).Value, CornerRadius.Read(p, ledger).Value,
            Facets.DefaultChordError);
        var allowance = ledger.Add("allowance", "edge allowance", brief.Fits.Allowance(inside ? Surface.Pocket : Surface.OutsideFlat, wanted.Across) / 2,
            "Half of what the process adds or takes over the full size.");
        // An opening grows by the offset, a template that lies on the part shrinks by it.
        var moved = Outlines.Moved(wanted, (inside ? 1 : -1) * offset.Value + allowance.Value);
        var tightest = Outlines.Tightest(wanted, inside);
        if (tightest is { } sharp)
        {
            ledger.Add("radius", "smallest inside radius of the wanted shape", Quantity.Input("smallest inside radius", sharp.Radius, Unit.Millimetre,
                new Provenance.Standard("Plane geometry", "sharpest corner that the cutter has to turn in")),
                    "No cutter turns in a corner tighter than itself.");
        }

        var rim = inside ? Rim.Read(p, ledger).Value : 0;
        List<Check> checks =
        [
            Judge.Of("closes", "offset outline", moved is not null, "The offset outline is whole.",
                "Offset by this much the outline falls apart: the follower is too wide for its narrow places.", Verdict.Stop, moved is null
                    ? "falls apart" : "whole", "whole"),
            tightest is not { } corner
                ? Judge.Of("turns", "inside corners", true, "No corner turns inwards: any cutter follows the outline.", "", Verdict.Good, "none", "none")
                : Judge.AtLeast("turns", "inside corners", corner.Radius, cutter.Value / 2, "The cutter turns in every inside corner.",
                $"Inside corners come out with the cutter's radius of {Figures.Mm(cutter.Value / 2)}: square them by hand, or take a thinner "
                    + "cutter.", Verdict.Watch),
            Judge.AtLeast("rides", "follower on the template", thickness.Value, high.Value + 0.5, "The follower runs on the edge and does not touch the work.",
                "The follower reaches through the template and runs on the work.", remedies: Thickness.To(Math.Ceiling(high.Value + 1), "Make it {0} thick")),
            Judge.AtMost("cuts", inside ? "cutter, follower and opening" : "cutter and follower", cutter.Value, follower.Value,
                "The cutter stays clear of the template.", "The cutter is wider than its follower: it cuts into the template."),
            BedCheck.Of((moved?.Across ?? 0) + (2 * rim), (moved?.Along ?? 0) + (2 * rim), thickness.Value, way, brief.Process),
        ];
        if (moved is null)
        {
            return PartBodies.Unbuilt(ledger, checks, Cautions);
        }

        DimensionAddress? Read(string slot) => brief.Interfaces.GetValueOrDefault(slot) is { } place ? new(place.Id, Across(brief, slot)) : null;
        Solid Template(string? mark) => Build(moved, inside, rim, thickness.Value, mark);
        Gauge Gauged(Axis along) => OutlineGauge.Of("part", inside ? "opening" : "template", moved, 0.5, along, inside ? Jaws.Between : Jaws.Over);
        return new()
        {
            Ledger = ledger,
            Pieces = [new("part", "template", () => Template(brief.Mark), Ways, way.Key)],
            Proofs = [new("ring-corner", "the tightest corner", () => Corner(Template(null), Nearest(moved, tightest?.At ?? moved.Points[0]),
                Math.Abs(offset.Value), thickness.Value),
                "Run the follower round it in scrap: it proves the offset and the corner. It does not prove the size over all.")],
            Machine = [new("machine-work", "the part wanted", () => new Solid.Extruded(wanted, 18).At(0, 0, -18))],
            Checks = checks,
            Drawing = Draw(wanted, moved, inside, rim, own is null, Read("ring"), Read("bit")),
            Hardware = ["double-sided tape, or two screws where they do no harm"],
            Fitting = ["Sand the edge where the follower runs: it copies every bump.", "Fix the template to the work, and the work to the bench.",
                "Rout a little deeper at each pass, the follower always on the edge."],
            Gauges = [Gauged(Axis.X), Gauged(Axis.Y)],
            Cautions = Cautions,
        };
    }

    /// <summary>Which dimension of a place is what runs round.</summary>
    private static string Across(Brief brief, string slot) => brief.Interfaces.GetValueOrDefault(slot)?.Kind.Key == "tube" ? "outside" : "diameter";

    /// <summary>Where the template itself comes nearest to a place of the wanted outline: a sharp corner may recede from it further than the offset.</summary>
    private static Point2 Nearest(Profile moved, Point2 at) => moved.Points.MinBy(p => ((p.X - at.X) * (p.X - at.X)) + ((p.Y - at.Y) * (p.Y - at.Y)));

    private static Solid Build(Profile moved, bool inside, double rim, double thickness, string? mark)
    {
        var (x, y) = (moved.Middle.X, moved.Middle.Y);
        if (!inside)
        {
            return PartBodies.Marked(new Solid.Extruded(moved, thickness), mark, letters => letters.At(x, y, thickness), Math.Min(20, moved.Across / 3));
        }

        var plate = Slab.Of(moved.Across + (2 * rim), moved.Along + (2 * rim), thickness, 6).At(x, y, 0) - new Solid.Extruded(moved,
            thickness + 2).At(0, 0, -1);
        return PartBodies.Marked(plate, mark, letters => letters.At(x, y - ((moved.Along + rim) / 2), thickness), rim - 4);
    }

    /// <summary>What lies around a place of the wanted outline, far enough for the follower to run in and out.</summary>
    private static Solid Corner(Solid template, Point2 at, double offset, double thickness)
    {
        var half = offset + 15;
        return PartBodies.Slice(template, at.X - half, at.Y - half, 0, at.X + half, at.Y + half, thickness);
    }

    private static SeatDrawing Draw(Profile wanted, Profile moved, bool inside, double rim, bool rectangle, DimensionAddress? ring, DimensionAddress? bit)
    {
        var sheet = new Sheet();
        var (at, w, h) = (wanted.Middle, wanted.Across, wanted.Along);
        if (inside)
        {
            var (x, y, right) = (moved.Middle.X - (moved.Across / 2), moved.Middle.Y - (moved.Along / 2), moved.Middle.X + (moved.Across / 2));
            sheet.Box(Matter.Part, x - rim, y - rim, right + rim, y + moved.Along + rim).Face(Matter.Opening, moved.Points).Face(Matter.Machine, wanted.Points)
                .Along("rim", right, right + rim, y - rim, sets: "rim");
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
            sets: ring is null ? "follower" : null, reads: ring).Point("cutter", at.X + (w / 8), at.Y + (h / 2), sets: bit is null
                ? "cutter" : null, reads: bit)
            .Point("thickness", at.X, at.Y, CalloutSide.Left, "thickness").Done;
    }
}
