using Emboq.Core.Families.Turning.Spindle;

namespace Emboq.Core.Families.Turning.Faceplate;

/// <summary>A plate on a machine's spindle that work is screwed to, or glued to by a block.</summary>
public static class FaceplateFamily
{
    internal static readonly IReadOnlyList<WayUp> Ways =
    [
        new("front", "the work's face down", 0, "Layers lie across the hub: it bends across them, and ribs help.", "The thread stands upright."),
        new("edge", "on its rim", 90, "Lines run along the hub.", "The thread lies, and its turns hang in the air.", SpoilsFit: true),
    ];

    internal static readonly Decision<WayUp> Way = Decide.Way(Ways);

    internal static readonly Decision<Quantity>
        Across = Decide.Length("plate, across", "Its diameter.", Specs.Length("across", "Plate, across", 120, 40, 400,
            "A little smaller than the work is best.", 5)),
        Plate = Decide.Length("thickness of the plate", "Heads are sunk in it.", Specs.Length("plate", "Plate", 12, 4, 60, "Its thickness.", 0.5)),
        Wall = Decide.Length("wall around the thread", "It makes the hub.", Specs.Length("wall", "Wall around the thread", 12, 3, 60,
            "It makes the hub: the thicker, the more it bears.", 0.5)),
        Floor = Decide.Length("closed in front", "In front of the spindle's end.", Specs.Length("floor", "Closed in front", 4, 2, 40,
            "In front of the spindle's end.", 0.5));

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "faceplate", "faceplate", "Work must turn on a spindle, screwed to a plate or glued to a block on it.",
        [SpindleSocket.Slot, TurnedWork.Slot, Specs.Screw],
        [
            .. SpindleSocket.Specs, Across.Spec, Plate.Spec, Wall.Spec, Floor.Spec,
            Specs.Length("through", "Hole through the middle", null, 1, 100, "For a rod that knocks out. Left open, it is closed.", 0.5),
            Specs.Choice("ribs", "Ribs", "between", "From hub to rim, between the screws: a plate is weakest where its hub meets it.",
                new ParameterOption("between", "one between each two screws"), new ParameterOption("none", "none")),
            Specs.Number("ribLines", "Each rib", 10, 2, 60, "lines", "So many lines of the nozzle thick.").If("ribs", "between"),
            Specs.Choice("screws", "Screws", "4", "Evenly around, heads in the back.", new ParameterOption("3", "three"), new ParameterOption("4", "four"),
                new ParameterOption("6", "six"), new ParameterOption("8", "eight")),
            Specs.Length("circle", "On a circle of", null, 15, 380, "Through their middles. Left open: three quarters of the plate.", 1),
            Specs.Choice("woodScrew", "Wood screws", "5 mm", "Countersunk.", Hardware.WoodScrews),
            Specs.Length("wood", "Wood they go into", 40, 5, 300, "So deep no tool ever cuts.", 1),
            Specs.Choice("grain", "They go into its", "side", "Of work whose grain runs along the spindle they go into the end, and hold half as much.",
                new ParameterOption("side", "side grain"), new ParameterOption("end", "end grain")),
            Specs.Number("hours", "It runs, in all", 50, 0.5, 5000, "h", "Each turn bends its hub to and fro."),
            Specs.Choice("held", "The work is held", "screws", "By the screws themselves, or by glue on a block that they hold.",
                new ParameterOption("screws", "by the screws"), new ParameterOption("glued", "by glue on a block")),
            Specs.Length("glued", "Glued face, across", 90, 10, 400, "Of the block.", 1).If("held", "glued"),
            .. TurnedWork.Specs, Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["across", "count"],
        Gives = [GivenThing.Holes],
        Screws = true,
        Words =
        [
            TryWord.Works with { Says = "was dropped, struck and run, and held" },
            new("cracks", "cracked") { Ends = true },
            new("strips", "stripped its thread") { Ends = true },
            new TryWord("wobbles", "runs out of true"),
            new TryWord("shakes", "shakes the machine"),
        ],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "What turns can come apart: never stand in its plane, wear a face shield, guard it, start at the lowest speed, and raise it only while nothing shakes.",
        "A printed plate is for small, light work. Bring the tailstock up whenever the work lets you, and never use it on a machine that brakes or reverses.",
        "Figures do not show fatigue, hidden voids, sun or heat: look it over before each use, and throw it away at the first white line or crack.",
        "The machine's manual and the rules of your workshop decide whether a printed plate may run on it at all.",
    ];

    private static Design Design(Brief brief)
    {
        var ledger = new Ledger();
        if (PartBodies.Unread(brief, (SpindleSocket.Slot.Key, SpindleSocket.Needs), (TurnedWork.Slot.Key, ["mass"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        var r = PlateReckoning.Of(brief, ledger);
        return new()
        {
            Ledger = ledger,
            Pieces = r.Built ? [PlateShape.Piece(r, brief.Mark)] : [],
            Proofs = r.Built ? [.. PlateShape.Proofs(r)] : [],
            Machine = r.Built ? [PlateShape.Spindle(r)] : [],
            Contacts = r.Built ? [new("machine-spindle", Piece.Main, 0.65 * r.Socket.Pitch.Value)] : [],
            Seats = [r.Socket.Thread.Seat([.. r.Socket.Ladder])],
            Chance = r.Socket.Thread.Chance,
            Checks = [.. PlateChecks.Of(r, brief, ledger)],
            Drawing = r.Built ? PlateDrawing.Of(r) : null,
            Hardware = [$"{r.Count} wood screws {r.Takes.Says}, into the {(r.Glued is null ? "work" : "block")}"],
            Fitting =
            [
                "Print the test nuts first, and take the thread that runs on by hand and does not rock.",
                "Before its first work: drop it on a stone floor, strike hub and rim with a mallet, look for white lines and cracks, and enter under Try "
                    + "what it did.",
                "Screw it on until its hub rests on the spindle's shoulder, by hand; nothing may stand off.",
                "Run it empty at the lowest speed, standing aside, then at the speed of the work.",
                r.Glued is null ? "Screw the work on from behind, and turn it by hand past rest and guard."
                    : "Screw the block on from behind, face it true, glue the work on, and let the glue dry for a day under pressure.",
            ],
            Gauges = r.Built ? [.. PlateShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }
}
