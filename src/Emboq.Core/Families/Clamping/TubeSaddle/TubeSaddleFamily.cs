namespace Emboq.Core.Families.Clamping.TubeSaddle;

/// <summary>Half a wrap over a tube of a machine's frame, screwed down through the holes that the tube has.</summary>
public static class TubeSaddleFamily
{
    private static readonly IReadOnlyList<WayUp> Ways =
    [
        new("end", "standing on its end", 90, "Lines run around the hollow: the crown does not split off its sides.",
            "The hollow fits best upright; screw holes lie under pointed roofs."),
        new("crown", "crown down", 180, "Layers lie across the sides: they split off when it is pressed askew.",
            "The hollow opens upward and comes out stepped; heads come out best.", SpoilsFit: true),
    ];

    private static readonly IReadOnlyList<WayUp> BlockWays =
        [new("end", "standing on its end", 90, "Lines run around the cradle.", "The cradle fits best upright.")];

    private static readonly IReadOnlyList<WayUp> PadWays = [new("flat", "lying flat", 0, "It is only pressed.", "Its height comes out in whole layers.")];

    internal static readonly Decision<WayUp> Way = Decide.Way(Ways);

    internal static readonly Decision<Quantity>
        Wall = Decide.Length("wall", "Beside the tube.", Specs.Length("wall", "Wall", 6, 1.2, 40, "Beside the tube.", 0.5)),
        Crown = Decide.Length("crown", "Over the tube, under the heads.", Specs.Length("crown", "Crown", 10, 2, 60,
            "Over the tube: the heads lie in it, and 6 mm should stay below them.", 0.5)),
        Length = Decide.Length("length", "Along the tube.", Specs.Length("length", "Along the tube", 60, 8, 300,
            "It spreads the pull over so much of the tube."));

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "tube-saddle", "tube saddle", "A frame of tube stands on rubber feet, and must be held on its board without being dented or bent.",
        [
            new("tube", "tube", ["post", "tube"]),
            new("holes", "holes of the tube", ["hole-row"], SlotNeed.Sometimes),
            new("gap", "air under the tube", ["slot"], SlotNeed.Sometimes),
            Kit.Footing.Slot, Specs.Screw,
        ],
        [
            Specs.Choice("across", "On the tube", "slide", "How close the hollow is.",
                [.. FitClasses.All.Where(f => f.Key is "snug" or "slide" or "free").Select(f => new ParameterOption(f.Key, f.Name))]),
            Specs.Length("clearance", "Clearance", null, 0, 4, "On the diameter. Left open, the fit decides.", 0.05),
            Length.Spec, Wall.Spec, Crown.Spec,
            Specs.Angle("wrap", "Reach around the tube", 170, 60, 180, "Half of the tube is 180 degrees."),
            Specs.Length("air", "Air under the tube", 14, 0, 200,
                "From the board up, with all feet on it: a drill that just passes tells it.", 0.5).If("gap", "open"),
            Specs.Length("give", "The rubber gives", 1, 0, 10, "How much thinner the feet become when the screws are drawn.", 0.5),
            Specs.Choice("under", "Under the tube", "air", "A long screw in the air bends when the machine is pushed.",
                new ParameterOption("air", "the screws cross the air"),
                new ParameterOption("block", "stands a block")),
            Specs.Choice("feet", "The feet here stand", "board", "Sockets of the other row lift its feet by their floors.", new ParameterOption("board",
                "on the board"), new ParameterOption("pads", "on pads as high as the sockets' floors")).If("lift", "named"),
            Specs.Length("pad", "Pads", 40, 8, 200, "Square, under a foot.").If("feet", "pads"),
            Specs.Choice("screws", "Screws", "2", "Through holes that the tube has.", new ParameterOption("1", "one"),
                new ParameterOption("2", "two")).If("holes", "open"),
            Specs.Length("spacing", "Holes apart", 32, 6, 280, "Along the tube, from middle to middle.").If("holes", "open").If("screws", "2"),
            Specs.Choice("woodScrew", "Screw", "5 mm", "Countersunk into the crown.", Hardware.WoodScrews),
            Specs.Board with { Label = "Board below" },
            .. Kit.Footing.Specs, Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["length", "crown", "count"],
        Takes = [new("lift", "Feet lifted by", GivenKind.Size, "nothing: all feet stand on the board")],
        Gives = [GivenThing.Holes],
        Screws = true,
        Words = [TryWord.Works, new TryWord("cracks", "cracked along its crown").Helped(("crown", 1.25, "Make the crown {0}"),
            ("wall", 1.25, "Make the wall {0}")),
            new TryWord("headThrough", "let a head through").Helped(("crown", 1.3, "Make the crown {0}")),
            new("tooShort", "came with screws that do not hold"),
            new("rocks", "lets the machine rock"), new("pullsOut", "came off the board")],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "A machine that tips hurts: push and lift it with the plug pulled, harder than you ever will in use, before it is used.",
        "How a machine is fixed and lifted, its manual decides: no hole is drilled in a frame that it does not allow, "
            + "and a print is no part of a lifting gear.",
    ];

    private static Design Design(Brief brief)
    {
        var (ledger, tube) = (new Ledger(), brief.Interfaces["tube"]);
        if (PartBodies.Unread(brief, ("tube", [SaddleReckoning.Across(tube)]), ("gap", ["width"]), (Kit.Footing.Slot.Key, ["mass"]),
            ("holes", brief.Interfaces.GetValueOrDefault("holes") is { } row ? ["diameter", .. Enumerable.Range(0, row.Items.Count).Select(i =>
                row.Kind.Item!.KeyOf(i, "centre"))] : [])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        var r = SaddleReckoning.Of(brief, ledger);
        List<Check> checks = [.. SaddleChecks.Of(r), DutyCheck.Of("years", brief.Process),
            ChanceCheck.Of(r.Bore.Chance, [(r.Bore.Realised, tube, r.Bore.Of.Dimension)], r.Bore.Contradictions),
            BedCheck.Of(2 * r.HalfWide, r.Length.Value, r.Top - r.Low, r.Way, brief.Process)];
        return new()
        {
            Ledger = ledger,
            Pieces =
            [
                new(Piece.Main, "saddle", () => SaddleShape.Part(r, brief.Mark), Ways, r.Way.Key)
                {
                    Pattern = [.. r.At.Select(y => r.Pilot(0, y))],
                    Walls = [.. r.At.Select((y, i) => ($"screw {i + 1}", SaddleShape.Screw(r, r.Screw.Zone, y)))],
                },
                .. r.BlockScrew is not null ? new[] { new Piece("block", "block under the tube", () => SaddleShape.Block(r),
                    BlockWays, "end") { WayBy = null,
                    Says = "It carries the tube, so that the screws do not bend." } } : [],
                .. r.Lift is { Pads: true } lift && lift.By.Value > 0.3 ? new[] { new Piece("pad", "pad under a foot", () =>
                    new Solid.Box(r.Pad, r.Pad, lift.By.Value),
                    PadWays, "flat") { WayBy = null, Pose = new(0, 0, 0, new(r.HalfWide + 20, 0, r.Board)),
                        Says = "It lifts a foot here by as much as a socket lifts the others." } } : [],
            ],
            Proofs = [.. SaddleShape.Proofs(r)],
            Machine = [SaddleShape.Tube(r)],
            Motions = [SaddleShape.Off(r)],
            Seats = [r.Bore.Seat()],
            Chance = r.Bore.Chance,
            Checks = checks,
            Drawing = Draw(r, tube),
            Hardware = [$"{r.At.Count} wood screw{(r.At.Count == 1 ? "" : "s")} {r.Takes.Says}"],
            Fitting =
            [
                "Stand the machine where it will stay, with every foot as it will stand.",
                "Set the saddle on the tube, mark through its holes, drill the pilot holes.",
                r.Block ? "Push the block under the tube, and draw the screws until saddle and block bear: snug, no more."
                    : "Draw the screws until the feet give by what was reckoned, and no further: what is drawn tighter bends the tube.",
                "Push at the table from all sides, and look for what moves.",
            ],
            Gauges = [.. SaddleShape.Gauges(r)],
            Cautions = Cautions,
        };
    }

    private static SeatDrawing Draw(SaddleReckoning r, Interface tube)
    {
        var (wide, board, half) = (r.HalfWide, r.Board, r.Bore.Counterpart.Value / 2);
        var sheet = new Sheet().Face(Matter.Part, SaddleShape.Section(r).Points).Round(Matter.Opening, 0, 0, r.Bore.Drawn.Value);
        if (r.Block)
        {
            sheet.Box(Matter.Part, -wide, board, wide, board + r.BlockHigh);
        }

        sheet.Round(Matter.Machine, 0, 0, r.Bore.Counterpart.Value).Axis(0, board - 12, 0, r.Top + 6).Axis(-wide - 10, board, wide + 10, board)
            .Along($"tube.{r.Bore.Of.Dimension}.measured", -half, half, board, 2, reads: new(tube.Id, r.Bore.Of.Dimension))
            .Point($"tube.{r.Bore.Of.Dimension}.clearance", -r.Radius, Math.Max(r.Low, 0.2), CalloutSide.Left, "clearance")
            .Point("wall", wide - 1, Math.Max(r.Low, 0) + 1, CalloutSide.Right, "wall").Up("crown", 0, r.Radius, r.Top, 1, CalloutSide.Right, "crown");
        if (r.Air.Value > 0)
        {
            sheet.Up("air", 0, board, -half, 1, CalloutSide.Right);
        }

        sheet.View((2 * wide) + 40 + (r.Length.Value / 2), 0).Box(Matter.Part, -r.Length.Value / 2, r.Low, r.Length.Value / 2, r.Top);
        foreach (var y in r.At)
        {
            sheet.Axis(y, board - 12, y, r.Top + 6);
        }

        return sheet.Along("length", -r.Length.Value / 2, r.Length.Value / 2, r.Low, 1, sets: "length").Done;
    }
}
