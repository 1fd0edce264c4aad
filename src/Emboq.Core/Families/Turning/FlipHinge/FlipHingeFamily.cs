namespace Emboq.Core.Families.Turning.FlipHinge;

/// <summary>A hinge at a table's edge: what it carries lies level over the table, and is swung up past upright out of the way.</summary>
public static class FlipHingeFamily
{
    /// <summary>The leaf on the table's edge.</summary>
    internal static readonly IReadOnlyList<WayUp> TableWays =
    [
        new("flat", "as it is used", 0, "Layers lie across the pull on the knuckles.", "The pin's hole lies under a pointed roof.", SpoilsFit: true),
        new("side", "on its side", 90, "Lines run around the pin; the inner knuckles hang from the plate in the air.",
            "The pin's hole comes out best upright."),
    ];

    /// <summary>The leaf under the rail: flat, it lies on the face that the rail lies on.</summary>
    internal static readonly IReadOnlyList<WayUp> RailWays = [TableWays[0] with { Name = "its face down", Tip = 180 }, TableWays[1]];

    /// <summary>The post: flat, it stands on its head.</summary>
    internal static readonly IReadOnlyList<WayUp> PostWays = [RailWays[0] with { Name = "on its head", Lines = "Layers lie across the plate.",
        Seam = "Screw holes lie under pointed roofs.", SpoilsFit = false }, TableWays[1] with { Lines = "Lines run from plate to head.",
        Seam = "Screw holes lie under pointed roofs." }];

    internal static readonly Decision<WayUp> Way = Decide.Way([TableWays[0] with { Name = "flat" }, TableWays[1]]);

    internal static readonly Decision<Quantity>
        Stock = Decide.Length("stock", "What lies under the rail.", Specs.Length("stock", "Stock under it", 20, 0, 300,
            "The rail lies so high over the table that this goes under it.", 0.5)),
        Room = Decide.Length("room over the stock", "So that it slides.", Specs.Length("room", "Room over the stock", 1, 0, 50, "So that it slides.", 0.1)),
        Wide = Decide.Length("width of the hinge", "Along its pin.", Specs.Length("wide", "Width of the hinge", 80, 20, 200,
            "Along its pin: the wider, the less the rail's tip plays.")),
        Wall = Decide.Length("wall", "Around the pin.", Specs.Length("wall", "Wall", 3.5, 1.2, 20, "Around the pin.", 0.5)),
        Plate = Decide.Length("plate", "On the table's edge.", Specs.Length("plate", "Plate", 6, 2, 30, "Its thickness, on the table's edge.", 0.5)),
        Drop = Decide.Length("plate below the table's top", "It holds the screws.", Specs.Length("drop", "It reaches down", 52, 10, 200,
            "Below the table's top: its screws stand half way.")),
        Leaf = Decide.Length("leaf", "Under the rail.", Specs.Length("leaf", "Leaf", 6, 2, 30, "Its thickness, under the rail.", 0.5)),
        LeafLong = Decide.Length("leaf along the rail", "From the pin.", Specs.Length("leafLong", "It reaches along the rail", 60, 15, 300, "From the pin.")),
        Heel = Decide.Length("heel", "Past the pin.", Specs.Length("heel", "Heel past the pin", 16, 5, 80,
            "What the rail rests on when it is up: the longer, the less it presses.")),
        Ends = Decide.Length("gap between knuckles", "Along the pin.", Specs.Length("ends", "Between the knuckles", 0.4, 0.05, 3,
            "Gap at each end of a knuckle, along the pin.", 0.05)),
        TableThick = Decide.Length("table's thickness", "Its screws stand in the edge.", Specs.Length("tableThick", "The table is thick", 40, 10, 300,
            "At its edge, where the screws go in."));

    internal static readonly Decision<PinSort> Pin = PinSorts.Decided("What turns in it bears the rail.", "a steel pin, pressed into the table's leaf");

    /// <summary>Benches whose edges have holes that one hinge must serve.</summary>
    internal static readonly IReadOnlyList<string> Benches = ["bench1", "bench2", "bench3"];

    private static readonly string[] FirstGap = ["gap1.centre"];

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "flip-hinge", "flip hinge", "A rail, board or stop must lie level over a table, and swing up out of the way and stay there.",
        [
            new("rail", "rail or board", ["board"]), new("pin", "pin", ["pin"]),
            .. Benches.Select((b, i) => new InterfaceSlot(b, $"holes in the edge of bench {i + 1}", ["hole-row"], SlotNeed.Sometimes) { Series = "benches" }),
            Specs.Screw,
        ],
        [
            Stock.Spec, Room.Spec,
            Specs.Angle("past", "It rests past upright", 10, 0, 45, "The farther, the surer it stays up by itself."),
            Specs.Number("railMass", "The rail weighs", 800, 1, 50_000, "g", "With all that is on it. Read on the scale, that counts instead."),
            Pin.Spec,
            Specs.Choice("across", "The leaf on its pin", "slide", "How close it turns.",
                [.. FitClasses.All.Where(f => f.Key is "slide" or "moving").Select(f => new ParameterOption(f.Key, f.Name))]),
            Specs.Length("clearance", "Clearance on the pin", null, 0, 3, "On its diameter, in the leaf that turns. Left open, the fit decides.", 0.05),
            Specs.Choice("knuckles", "Knuckles", "5", "Two leaves share them; the table's has the outer ones.", new ParameterOption("3", "three"),
                new ParameterOption("5", "five"), new ParameterOption("7", "seven")),
            Wide.Spec, Wall.Spec, Ends.Spec, Plate.Spec, Drop.Spec, Leaf.Spec, LeafLong.Spec, Heel.Spec,
            Specs.Choice("woodScrew", "Screws", "4 mm", "Countersunk, two into the table's edge and two into the rail; washers where they stand in slots.",
                Hardware.WoodScrews),
            Specs.Length("slots", "Slots", 0, 0, 30, "How far the plate may be moved up and down on its screws; nothing makes round holes.",
                0.5).If("bench1", "open"),
            TableThick.Spec,
            Specs.Length("play", "Play allowed at the tip", 10, 0.05, 100, "To each side, at the far end of the rail.", 0.1),
            Specs.Choice("post", "For the other end", "post", "A post on the far edge, as high as the hinge, with the same holes.",
                new ParameterOption("post", "a support post"), new ParameterOption("none", "something that is there")),
            Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["stock", "wide", "count"],
        Gives = [GivenThing.Holes],
        Screws = true,
        Words = [TryWord.Works, new TryWord("falls", "does not stay up").Helped(("past", 1.5, "Let it rest {0} past upright")),
            new TryWord("plays", "plays at its tip").Helped(("wide", 1.3, "Make it {0} wide")), new("drags", "drags, or squeaks"),
            new TryWord("cracks", "cracked at a knuckle").Helped(("wall", 1.4, "Make the wall {0}")), new("tooHigh", "lies too high"),
            new("tooLow", "lies too low")],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "It pinches: between rail and table, and between its leaves. Hold it by the tip, and keep fingers off the hinge while it swings.",
        "What stands up may fall: push against it, and bump the table, harder than you ever will, before anybody works below it.",
        "Near a machine the machine's manual decides what may be mounted; nothing that swings may come near its blade or belts.",
    ];

    private static Design Design(Brief brief)
    {
        var (ledger, rail, pin) = (new Ledger(), brief.Interfaces["rail"], brief.Interfaces["pin"]);
        if (PartBodies.Unread(brief, [("rail", ["length", "width", "thickness"]), ("pin", ["diameter"]), .. Benches.Select(b => (b,
            FirstGap))]) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        // A rail that ends on its hinge has nothing to be swung by.
        if (HingeChecks.TooShort(rail, brief.Parameters) is { Verdict: Verdict.Stop } tooShort)
        {
            return PartBodies.Unbuilt(ledger, [tooShort], Cautions);
        }

        var r = HingeReckoning.Of(brief, ledger);
        List<Check> checks = [.. HingeChecks.Of(r, brief.Parameters), DutyCheck.Of("years", brief.Process),
            ChanceCheck.Of(r.Turns.Chance, [(r.Turns.Realised, pin, "diameter")], r.Turns.Contradictions),
            BedCheck.Of(r.LeafLong.Value + r.Heel.Value, r.Wide.Value, Math.Max(r.High.Value, r.PlateTop) + r.Drop.Value, r.Way, brief.Process)];
        return new()
        {
            Ledger = ledger,
            Pieces = r.Built ? HingeShape.Pieces(r, brief.Mark) : [],
            Proofs = r.Built ? [.. HingeShape.Proofs(r)] : [],
            Machine = r.Built ? [.. HingeShape.Machine(r)] : [],
            Motions = r.Built ? [HingeShape.Up(r)] : [],
            Contacts = r.Built ? [new("machine-pin", Piece.Main, 0.4)] : [],
            Seats = [r.Turns.Seat([.. r.Ladder])],
            Chance = r.Turns.Chance,
            Checks = checks,
            Drawing = r.Built ? HingeDrawing.Of(r) : null,
            Hardware =
            [
                $"1 pin {Figures.Mm(r.Turns.Counterpart.Value)}, {Figures.Mm(r.Wide.Value)} long, {PinSorts.Say(r.Pin)}",
                $"{(r.HasPost ? 4 : 2)} wood screws {r.Held.Takes.Says}, into the table's edge{(r.IsSlotted ? ", with washers" : "")}",
                $"2 wood screws {r.Carried.Takes.Says}, into the rail",
            ],
            Fitting =
            [
                "Print the test knuckles first, and take the gap that turns freely and does not rattle.",
                r.Pin == PinSort.Steel ? "Push the pin through both leaves; the outer knuckles hold it."
                    : "Push the pin through both leaves, and set a drop of glue at its ends, in the outer knuckles alone.",
                "Screw the leaf under the rail. Swing it: it must turn freely over its whole way.",
                r.HasPost ? "Lay the stock on the table and the rail on it, with its room; hold hinge and post to the edges, mark and drill the pilots."
                    : "Lay the stock on the table and the rail on it, with its room; hold the hinge to the edge, mark and drill the pilots.",
                "Swing it up: it must rest on its heel and stay, also when the table is bumped.",
            ],
            Gauges = r.Built ? [.. HingeShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }
}
