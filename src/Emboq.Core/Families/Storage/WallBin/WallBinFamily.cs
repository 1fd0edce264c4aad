namespace Emboq.Core.Families.Storage.WallBin;

/// <summary>A bin on the wall for a measured box, lower in front so that the box can be grasped.</summary>
public static class WallBinFamily
{
    internal static readonly IReadOnlyList<WayUp> Ways =
    [
        new("floor", "floor down", 0, "Lines run around the walls: the floor hangs on them.", "Seams at a back corner."),
        new("back", "back down", 90, "Lines run along floor and walls: strong against sagging, but the front hangs.",
            "The pocket's floor comes out stepped.", SpoilsFit: true),
    ];

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "wall-bin", "wall bin", "A box that stands in the way belongs on the wall, and comes out with one hand.",
        [new("item", "box", ["block"]), Specs.Screw.If("mount", "screws")],
        [
            Specs.Choice("fit", "The box", "drop", "How it lies in its bin.", [.. FitClasses.Pockets.Select(f => new ParameterOption(f.Key, f.Name))]),
            Specs.Length("clearance", "Clearance", null, 0, 12, "On the full width, half of it a side. Left open, the fit decides.", 0.2),
            Specs.Length("wall", "Wall", 3.2, 0.8, 15, "It becomes the next whole number of line widths.", 0.4),
            Specs.Length("floor", "Floor", 3, 0.8, 20, "Under the box.", 0.4),
            Specs.Length("back", "Height of the back", null, 15, 400, "Left open: 20 mm lower than the box, so that it can be grasped."),
            Specs.Length("front", "Height of the front", null, 5, 400, "Left open: half of the back."),
            Specs.Choice("mount", "Hangs by", "screws", "A rail lets bins move along the wall.", new ParameterOption("screws", "two screws"),
                new ParameterOption("rail", "a bevelled rail")),
            Specs.Choice("woodScrew", "Screw", "4 mm", "Countersunk into the back.", Hardware.WoodScrews).If("mount", "screws"),
            Specs.Board.If("mount", "screws"),
            Specs.Length("rail", "Rail thickness", 12, 6, 30, "Of the strip on the wall, bevelled at 45 degrees.").If("mount", "rail"),
            Specs.Choice("stack", "Stacking", "none", "A bevelled rim that the next bin stands in.", new ParameterOption("none", "stands alone"),
                new ParameterOption("lip", "a rim for the next")),
            Specs.Choice("spacer", "A box higher than its back", "none", "A frame between two bins lets the next one stand over the box.",
                new ParameterOption("none", "nothing stands over it"), new ParameterOption("frame", "a spacer for the stack")).If("stack", "lip"),
            Specs.Choice("labelled", "Its front", "none", "Words on the bin itself, or a plate that slides in and can be changed.",
                new ParameterOption("none", "is plain"), new ParameterOption("front", "has words on it"),
                new ParameterOption("plate", "holds a plate that slides in")),
            .. Label.Specs(0.6).Select(s => s.If("labelled", "front", "plate")),
            Specs.Length("strip", "Wall strip", 600, 50, 5000, "How long the wall is: how many fit."),
            Specs.Number("load", "Load", null, 1, 50000, "g", "Left open: the weighed box, or nothing is said about sag.") with { AskedAt = Station.Check },
            Specs.WayUp(Ways),
            .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["text", "count"],
        Gives = [GivenThing.Holes],
        Screws = true,
        Words = [TryWord.Works, new("hardToTake", "is hard to take things out of"), new("sags", "sags"), new("screwTight", "is tight on its screws"),
            new("tooLow", "is too low")],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "Filament creeps under a lasting load, and more so when it is warm: look at loaded bins now and then.",
        "Choose screws and plugs for the wall by their maker's figures; keep clear of wires and pipes.",
    ];

    private static Design Design(Brief brief)
    {
        var (ledger, p) = (new Ledger(), brief.Parameters);
        var way = Ways.First(w => w.Key == p.Choice("wayUp"));
        if (PartBodies.Unread(brief, ("item", ["width", "depth", "height"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        var r = BinReckoning.Of(brief, ledger);
        var chance = JointProbability.Within([r.Width.Limits, (r.DepthRealised, r.Width.Fit.Least, r.Width.Fit.Greatest)]);
        return new()
        {
            Ledger = ledger,
            Pieces =
            [
                new("part", "bin", () => BinShape.Part(r, brief.Mark), Ways, way.Key)
                {
                    Pattern = r.Hole is null ? [] : [.. BinShape.ScrewPlaces(r).Select(x => r.Pilot!(x.X, x.Z - (r.Back.Value / 2)))],
                    Walls = r.Hole is null ? [] : [.. BinShape.ScrewPlaces(r).Select((s, i) => ($"screw {i + 1}", BinShape.Placed(r, r.Hole.Zone, s)))],
                },
                .. BinShape.More(r),
            ],
            Proofs = [BinShape.Around(r), .. Label.Proofs(r.Label?.Words)],
            WallPattern = BinShape.AlongTheWall(r),
            Paper = r.Label?.Words?.Paper,
            Machine = [BinShape.Box(r)],
            Seats = [r.Width.Seat()],
            Chance = chance,
            Checks = [.. BinChecks.Of(r, p, brief, chance), BedCheck.Of(r.OuterWidth.Value,
                r.OuterDepth.Value + (r.Rail?.Value ?? 0) + (r.Label?.Out ?? 0),
                r.Back.Value + BinShape.Lip(r), way, brief.Process)],
            Drawing = BinDrawing.Of(r),
            Hardware = [r.Screw is null ? "1 rail, bevelled at 45 degrees, screwed to the wall" : $"2 wood screws {r.Screw.Says}, and what the wall asks for",
                .. Label.Hardware(r.Label?.Words)],
            Fitting = [r.Hole is null ? "Screw the rail to the wall, its bevel upwards and inwards, and hang the bin on it."
                : "Hold the bin level, mark both holes, drill, plug and screw it on; the heads must lie below the back.",
                .. r.Label is null ? [] : Label.Fitting(r.Label.Words), .. r.Label?.Holder is null ? [] : new[] { "Slide the label plate in from above." },
                .. r.Spacer is null ? [] : new[] { "Set the spacer on the rim, then the next bin on the spacer." },
                "Put the box in and look whether it can be grasped over the front."],
            Gauges = BinShape.Gauges(r),
            Cautions = Cautions,
        };
    }
}
