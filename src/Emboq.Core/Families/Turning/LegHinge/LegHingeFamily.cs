namespace Emboq.Core.Families.Turning.LegHinge;

/// <summary>A hinge that a leg folds in under a table: two cheeks on a plate, with a stop that the leg stands against.</summary>
public static class LegHingeFamily
{
    internal static readonly IReadOnlyList<WayUp> Ways =
    [
        new("back", "on its back", 90, "Lines run from plate to cheeks; layers lie across a push to the side.", "The bolt's holes lie under pointed roofs."),
        new("flat", "plate down", 180, "Layers lie across the pull on the cheeks.", "The stop hangs between the cheeks; the bolt's holes lie."),
    ];

    /// <summary>The spring: always flat, its bump up.</summary>
    internal static readonly IReadOnlyList<WayUp> SpringWays = [new("flat", "its bump up", 0, "Lines run along the spring.",
        "Nothing that fits is on a seam.")];

    internal static readonly IReadOnlyList<WayUp> WedgeWays = [new("flat", "as it lies", 0, "It carries nothing.", "Its long sides are upright.")];

    internal static readonly Decision<WayUp> Way = Decide.Way(Ways);

    internal static readonly Decision<Passing> Pass = Decide.Choice("pass", "Folded, the legs of both ends", "How they get past each other.",
        ("beside", "lie beside each other, turned", Passing.Beside), ("over", "lie one under the other", Passing.Over),
        ("apart", "end before they meet", Passing.Apart));

    internal static readonly Decision<LegLock> Locks = Decide.Choice("lock", "Unfolded, it is kept by", "Weight alone keeps what leans past upright.",
        ("bolt", "a second bolt, put through", LegLock.Bolt), ("spring", "a spring that clicks in", LegLock.Spring),
        ("weight", "its weight alone", LegLock.Weight));

    internal static readonly Decision<Quantity>
        Between = Decide.Length("bolt to bolt", "Along the table.", Specs.Length("between", "From bolt to bolt", 900, 60, 4000,
            "Along the table, from this hinge to the one of the other end.", 5)),
        Gap = Decide.Length("gap between what passes", "For hands and cords.", Specs.Length("gap", "Between what passes", 5, 1, 60,
            "So that hands and cords find room.")),
        Above = Decide.Length("leg above its bolt", "To its end.", Specs.Length("above", "Leg above the bolt", 26, 8, 100,
            "From the leg's end to the bolt: four times the bolt, or the wood splits.")),
        Down = Decide.Length("cheeks below the bolt", "They hold the leg.", Specs.Length("down", "Cheeks below the bolt", 60, 20, 200,
            "The further, the firmer it stands.")),
        Cheek = Decide.Length("cheek", "Beside the leg.", Specs.Length("cheek", "Cheek", 9, 3, 30, "Its thickness.", 0.5)),
        Plate = Decide.Length("plate", "Under the table.", Specs.Length("plate", "Plate", 8, 3, 30, "Its thickness, under the table.", 0.5)),
        PlateLong = Decide.Length("length of the plate", "Along the leg's way.", Specs.Length("plateLong", "The plate is long", 100, 30, 300,
            "Along the way the leg folds: the longer, the less its screws are pulled.")),
        Back = Decide.Length("back", "Behind the leg.", Specs.Length("back", "Back", 8, 3, 30, "The wall behind the leg; it ties the cheeks.", 0.5)),
        SpringThick = Decide.Length("spring's thickness", "It bends.", Specs.Length("springThick", "Spring, thickness", 2.4, 0.8, 8, "It bends.", 0.2)),
        SpringWide = Decide.Length("spring's width", "It bends.", Specs.Length("springWide", "Spring, width", 16, 8, 60, "It bends.")),
        Bump = Decide.Length("bump", "It falls into the leg.", Specs.Length("bump", "Bump, into the leg", 2, 0.5, 6, "Its slope is 45 degrees.", 0.1));

    private static readonly string[] OfSpring = ["spring"];

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "leg-hinge", "folding leg hinge", "Legs must fold under a table or a bench, get past each other, and stand firm when they are unfolded.",
        [new("leg", "leg", ["board"]), Specs.Nut, Specs.Screw],
        [
            Between.Spec,
            Pass.Spec,
            (Specs.Angle("turned", "Turned by", 0, 0, 80, "About the upright. Left open, as little as lets them pass.") with { Default = null })
                .If("pass", "beside"),
            Gap.Spec,
            Specs.Length("room", "To the frame's long side", 200, 5, 2000, "From the middle of the leg to what a folded leg may not touch.", 5),
            Specs.Length("pairs", "From pair to pair", 500, 10, 3000, "Across the table, from this leg to the one beside it.", 5),
            Specs.Length("frame", "Frame under the table", 110, 10, 400, "How deep it is: what is folded lies within it."),
            Specs.Choice("across", "The leg between its cheeks", "slide", "How close it turns.",
                [.. FitClasses.All.Where(f => f.Key is "slide" or "moving" or "free").Select(f => new ParameterOption(f.Key, f.Name))]),
            Specs.Length("clearance", "Clearance beside the leg", null, 0, 3, "Both sides together. Left open, the fit decides.", 0.05),
            Specs.Choice("end", "Unfolded, the leg's weight is on", "pin", "A leg whose end stands on the plate has its inner corner rounded about the bolt.",
                new ParameterOption("pin", "the bolt"), new ParameterOption("stands", "its end, under the plate")),
            Above.Spec, Down.Spec, Cheek.Spec, Plate.Spec, PlateLong.Spec, Back.Spec,
            Specs.Angle("leans", "It leans past upright", 2, 0, 15, "Its foot further out than its bolt."),
            Locks.Spec,
            SpringThick.If("lock", OfSpring).Spec, SpringWide.If("lock", OfSpring).Spec, Bump.If("lock", OfSpring).Spec,
            Specs.Number("folds", "Folded and unfolded", 2, 0.1, 200, "times a day", "Each time bends the spring.").If("lock", OfSpring),
            Specs.Choice("bolt", "Bolt", "M6", "Through both cheeks and the leg, with washers and a nut that locks itself.", Hardware.Threads),
            Specs.Choice("woodScrew", "Screws", "4.5 mm", "Countersunk, into the table's under side.", Hardware.WoodScrews),
            Specs.Choice("screwsAt", "The screws are", "beside", "Behind the leg's end nobody sees them once it is unfolded.",
                new ParameterOption("beside", "beside the cheeks, four"), new ParameterOption("hidden", "behind the leg's end, two")),
            Specs.Board,
            Specs.Number("push", "It is pushed with", 100, 0, 2000, "N", "At the table, to any side: a firm push of one hand is about 100 N."),
            Specs.Number("legs", "Legs", 4, 1, 12, "", "All of them share a push."),
            Specs.Number("tableMass", "The table weighs", 12, 0.5, 300, "kg", "With its legs, and nothing on it."),
            Specs.Number("carries", "It carries", 40, 0, 1000, "kg", "At most."),
            Specs.Length("play", "Play allowed at the foot", 12, 0.1, 200, "To each side.", 0.5),
            Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["between", "plate", "count"],
        Screws = true,
        Words = [TryWord.Works, new TryWord("meets", "runs into the other leg").Helped(("gap", 1.5, "Leave {0} between them")),
            new TryWord("wobbles", "wobbles").Helped(("down", 1.3, "Let the cheeks hold {0}")), new("tight", "turns stiffly"),
            new TryWord("folds", "folds by itself").Helped(("leans", 1.5, "Let it lean {0} past upright")),
            new TryWord("cracks", "cracked at a cheek").Helped(("cheek", 1.4, "Make the cheeks {0}")),
            new TryWord("pulls", "its screws came loose").Helped(("plateLong", 1.3, "Make the plate {0} long"))],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "It pinches: between leg and table, and between leg and cheeks. Hold the leg by its foot while it swings.",
        "A table whose leg folds falls with all that is on it: push against it from every side, harder than you ever will, before anything stands on it.",
        "Nobody stands or sits on it. What a table must carry for others is for a licensed maker and local rules to decide.",
    ];

    private static Design Design(Brief brief)
    {
        var (ledger, leg) = (new Ledger(), brief.Interfaces["leg"]);
        if (PartBodies.Unread(brief, ("leg", ["length", "width", "thickness"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        if (LegChecks.TooShort(leg, brief.Parameters) is { Verdict: Verdict.Stop } tooShort)
        {
            return PartBodies.Unbuilt(ledger, [tooShort], Cautions);
        }

        if (LegChecks.SpringTooShort(brief.Parameters) is { Verdict: Verdict.Stop } noSpring)
        {
            return PartBodies.Unbuilt(ledger, [noSpring], Cautions);
        }

        var r = LegReckoning.Of(brief, ledger);
        List<Check> checks = [.. LegChecks.Of(r, brief), DutyCheck.Of("years", brief.Process),
            ChanceCheck.Of(r.Leg.Chance, [(r.Leg.Realised, leg, "width")], r.Leg.Contradictions),
            BedCheck.Of(2 * r.Side, r.PlateLong.Value, r.Lower - r.Bottom, r.Way, brief.Process)];
        return new()
        {
            Ledger = ledger,
            Pieces = r.Built ? LegShape.Pieces(r, brief.Mark) : [],
            Proofs = r.Built ? [.. LegShape.Proofs(r)] : [],
            Machine = r.Built ? [.. LegShape.Machine(r)] : [],
            Motions = r.Built ? [.. LegShape.Motions(r)] : [],
            Contacts = r is { Built: true, Spring: { } spring } ? [new("machine-leg", "spring", spring.Bump.Value)] : [],
            Seats = [r.Leg.Seat([.. r.Ladder])],
            Chance = r.Leg.Chance,
            Checks = checks,
            Drawing = r.Built ? LegDrawing.Of(r) : null,
            Hardware =
            [
                r.BoltLong.Says,
                $"2 washers and 1 self-locking nut {Hardware.Name(r.Bolt)}",
                .. r.Lock == LegLock.Bolt ? new[] { $"1 bolt or pin {Hardware.Name(r.Bolt)} as long, to lock it" } : [],
                $"{r.Screws.Count} wood screws {r.Takes.Says}",
            ],
            Fitting = [.. Fitting(r)],
            Gauges = r.Built ? [.. LegShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }

    private static IEnumerable<string> Fitting(LegReckoning r)
    {
        yield return "Print the fork first: push it over the leg, and take the step that goes on freely without play.";
        yield return $"Drill the leg {Figures.Mm(r.Above.Value)} from its end, in the middle, "
            + $"{Figures.Mm(Hardware.Passing(r.Bolt, "medium").Value)} wide; use a hinge as the guide"
            + (r.Stands ? ", and round its inner corner about the hole." : ".");
        yield return r.Passing switch
        {
            Passing.Beside when r.Turned.Value > 0 => "Set every hinge against the wedge, the wedge against the frame: all of them turned to the same side. "
                + "The legs then fold in any order.",
            Passing.Over => "Screw the thicker hinges to one end. Fold the other end's legs first, and unfold them last.",
            _ => "Screw the hinges on with the legs along the table. They fold in any order.",
        };
        yield return r.Hidden ? "Drive the screws before the leg goes in: it hides them."
            : "Mark the screws through the plate, drill the pilots, and drive them.";
        yield return "Bolt the leg in with a washer at each side; tighten until it turns stiffly by hand.";
        if (r.Lock != LegLock.Weight)
        {
            yield return r.Lock == LegLock.Bolt ? "Stand the leg against its stop, drill it through the lower holes, and put the second bolt in."
                : $"Stand the leg against its stop and drill it through the window, {Figures.Mm((2 * r.Spring!.Radius) + 0.5)} wide and "
                    + $"{Figures.Mm(r.Spring.Bump.Value + 1)} deep; the spring goes under the bolt's head.";
        }

        yield return "Folded, nothing but friction holds the leg: a strap or a turning button keeps it there.";
    }
}
