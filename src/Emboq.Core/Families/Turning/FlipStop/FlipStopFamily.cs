namespace Emboq.Core.Families.Turning.FlipStop;

/// <summary>A stop at a table's edge: an arm that turns up over the table and down along the edge, and clicks in at both ends.</summary>
public static class FlipStopFamily
{
    /// <summary>The plate on the table's edge.</summary>
    internal static readonly IReadOnlyList<WayUp> PlateWays =
    [
        new("back", "on its back", 90, "Layers lie along the edge: screws and nut press on them.", "The dimples lie open; the nut's pocket is roofed over by "
            + "short bridges."),
        new("edge", "on its lower edge", 0, "Layers lie across the plate: it splits along them as the stop is pushed.", "Holes lie under pointed roofs.",
            SpoilsFit: true),
    ];

    /// <summary>The arm: always flat, its nose up.</summary>
    internal static readonly IReadOnlyList<WayUp> ArmWays = [new("flat", "its outer face down", 270, "Lines run along arm and tongue.",
        "The nose stands upright on the tongue.")];

    internal static readonly Decision<WayUp> Way = Decide.Way(PlateWays);

    internal static readonly Decision<Quantity>
        Over = Decide.Length("stop over the table", "What is stopped meets it.", Specs.Length("over", "It stands over the table", 18, 3, 150,
            "What is stopped meets it.", 0.5)),
        Wide = Decide.Length("width of the arm", "Along the edge.", Specs.Length("wide", "Arm, width", 26, 12, 80, "Along the edge.")),
        Thick = Decide.Length("thickness of the arm", "It is bent by what is pushed.", Specs.Length("thick", "Arm, thickness", 8, 4, 30,
            "It is bent by what is pushed against it.", 0.5)),
        Plate = Decide.Length("plate", "On the table's edge.", Specs.Length("plate", "Plate", 9, 4, 30, "Its thickness, on the table's edge.", 0.5)),
        PlateWide = Decide.Length("width of the plate", "Along the edge.", Specs.Length("plateWide", "The plate is wide", 94, 70, 300, "Along the edge.")),
        Drop = Decide.Length("plate below the table's top", "It holds the screws.", Specs.Length("drop", "It reaches down", 60, 48, 200,
            "Below the table's top.")),
        Reach = Decide.Length("pivot to nose", "The tongue reaches so far.", Specs.Length("reach", "From pivot to nose", 34, 15, 120,
            "The further, the softer it clicks and the surer it holds.")),
        TongueThick = Decide.Length("tongue's thickness", "It bends.", Specs.Length("tongueThick", "Tongue, thickness", 2, 0.8, 8, "It bends.", 0.2)),
        TongueWide = Decide.Length("tongue's width", "It bends.", Specs.Length("tongueWide", "Tongue, width", 14, 6, 60, "It bends.")),
        Click = Decide.Length("nose in its dimple", "It is lifted so far.", Specs.Length("click", "The nose falls in", 0.8, 0.3, 4,
            "How far the tongue is lifted as it clicks.", 0.1)),
        TableThick = Decide.Length("table's thickness", "Its screws stand in the edge.", Specs.Length("tableThick", "The table is thick", 40, 10, 300,
            "At its edge, where the screws go in."));

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "flip-stop", "flip stop", "A stop must stand over a table's edge, click away below its top, and click back to the same place.",
        [new("pin", "screw it turns on", ["pin"]), Specs.Nut, Specs.Screw],
        [
            Over.Spec,
            Specs.Choice("side", "It lies to the", "left", "Seen from in front of the edge.", new ParameterOption("left", "left"),
                new ParameterOption("right", "right")),
            Specs.Number("push", "It is pushed with", 60, 1, 1000, "N", "By what is stopped: a board in one hand is about 60 N."),
            Wide.Spec, Thick.Spec, Plate.Spec, PlateWide.Spec, Drop.Spec, Reach.Spec, TongueThick.Spec, TongueWide.Spec, Click.Spec,
            Specs.Angle("slope", "Slope of the nose", 40, 20, 65, "From the face it slides on: the steeper, the harder it clicks."),
            Specs.Number("folds", "Turned up and down", 10, 0.1, 500, "times a day", "Each time bends the tongue."),
            Specs.Choice("across", "The arm on its screw", "slide", "How close it turns.",
                [.. FitClasses.All.Where(f => f.Key is "slide" or "moving").Select(f => new ParameterOption(f.Key, f.Name))]),
            Specs.Length("clearance", "Clearance on the screw", null, 0, 3, "On its diameter. Left open, the fit decides.", 0.05),
            Specs.Choice("thread", "Its screw's thread is", "metric",
                "A cap screw and a washer from in front, into a self-locking nut at the back: the size that it "
                + "measures.", new ParameterOption("metric", "metric"), new ParameterOption("inch", "in inches")),
            Specs.Choice("woodScrew", "Screws", "4 mm", "Countersunk, two into the table's edge.", Hardware.WoodScrews),
            TableThick.Spec, Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["over", "wide", "count"],
        Screws = true,
        Words = [TryWord.Works, new TryWord("hard", "clicks too hard").Helped(("tongueThick", 0.85, "Make the tongue {0}")),
            new TryWord("falls", "does not stay where it clicked in").Helped(("tongueThick", 1.2, "Make the tongue {0}")),
            new TryWord("snaps", "broke at the tongue").Helped(("tongueThick", 0.8, "Make the tongue {0}")),
            new TryWord("yields", "yields as it is pushed").Helped(("thick", 1.3, "Make the arm {0}")), new("low", "stands too low")],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "It pinches: between arm and plate, and where the tongue clicks in.",
        "It stops a board by hand. Where a blade or a motor pushes, it is no guard and no brake: the machine's manual decides what may be mounted.",
    ];

    private static Design Design(Brief brief)
    {
        var (ledger, pin) = (new Ledger(), brief.Interfaces["pin"]);
        if (PartBodies.Unread(brief, ("pin", ["diameter"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        if (StopChecks.TooShort(brief.Parameters) is { Verdict: Verdict.Stop } tooShort)
        {
            return PartBodies.Unbuilt(ledger, [tooShort], Cautions);
        }

        var r = StopReckoning.Of(brief, ledger);
        return new()
        {
            Ledger = ledger,
            Pieces = r.Built ? StopShape.Pieces(r, brief.Mark) : [],
            Proofs = r.Built ? [.. StopShape.Proofs(r)] : [],
            Machine = r.Built ? [.. StopShape.Machine(r)] : [],
            Motions = r.Built ? [StopShape.Down(r)] : [],
            Contacts = r.Built ? [new(Piece.Main, "arm", r.Click.Value)] : [],
            Seats = [r.Turns.Seat([.. r.Ladder])],
            Chance = r.Turns.Chance,
            Checks =
            [
                .. StopChecks.Of(r, brief), DutyCheck.Of("years", brief.Process),
                ChanceCheck.Of(r.Turns.Chance, [(r.Turns.Realised, pin, "diameter")], r.Turns.Contradictions),
                BedCheck.Of(Math.Max(r.PlateWide.Value, r.ArmLong), r.Drop.Value, r.Plate.Value, r.Way, brief.Process),
            ],
            Drawing = r.Built ? StopDrawing.Of(r) : null,
            Hardware =
            [
                r.ScrewLong.Says,
                $"1 washer and 1 self-locking nut {Hardware.Name(r.Screw)}",
                $"2 wood screws {r.Takes.Says}, into the table's edge",
            ],
            Fitting =
            [
                "Print the arm without its head first, with the plate or a piece of it: it must click as you like it.",
                $"Drill the edge {Figures.Mm(StopReckoning.Behind + 1)} deep behind the nut, for the end of the screw.",
                $"Lay the nut into the back of the plate. Screw the plate to the edge, its upper edge {Figures.Mm(StopReckoning.Free)} below the table's top.",
                "Screw on the arm with its washer; tighten until it turns stiffly by hand, and back until it clicks.",
                $"Its face stands {Figures.Mm(r.Face.Value)} in front of the edge: what it stops stands out so far.",
                "A drop of oil or wax on the nose; where it has worn a groove, print the arm again.",
            ],
            Gauges = r.Built ? [.. StopShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }
}
