namespace Emboq.Core.Families.Clamping.FootSocket;

/// <summary>A socket on a board that a machine's foot slides into by hand and does not move in.</summary>
public static class FootSocketFamily
{
    private static readonly IReadOnlyList<WayUp> Ways =
    [
        new("floor", "floor down", 0, "Lines run around the foot; a push bends its walls across the layers.", "Screw holes come out best upright."),
        new("back", "back down", 90, "Lines run up the walls and out along the lip: a push bends them along the lines.",
            "Screw holes lie under pointed roofs."),
    ];

    internal static readonly Decision<WayUp> Way = Decide.Way(Ways);

    internal static readonly Decision<Quantity>
        Wall = Decide.Length("wall", "Around the foot.", Specs.Length("wall", "Wall", 6, 1.2, 40, "Around the foot, on three sides.", 0.5)),
        Plate = Decide.Length("ear thickness", "Under the heads of the screws.", Specs.Length("plate", "Ears", 6, 2, 40,
            "Their thickness: a head lies in it, and presses on what is left.", 0.5)),
        Hold = Decide.Length("depth of the socket", "How much of the foot stands in it.", Specs.Length("hold", "The foot stands in", 14, 2, 200,
            "How deep, from the foot's under side up.", 1));

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "foot-socket", "foot socket", "A machine's foot must not move on its board, and come out again by hand.",
        [new("foot", "foot", ["foot", "block", "post"]), Footing.Slot, Specs.Screw, new("printed", "its floor once printed", ["flat"], SlotNeed.Later)],
        [
            Specs.Choice("across", "The foot in its socket", "snug", "Rubber gives: a close socket still takes it by hand.",
                [.. FitClasses.Pockets.Where(f => f.Key is "snug" or "slide" or "close").Select(f => new ParameterOption(f.Key, f.Name))]),
            Specs.Length("clearance", "Clearance", null, 0, 6, "On the full width. Left open, the fit decides.", 0.05),
            Specs.Choice("out", "It slides out over", "upper", "Of its section as it was drawn, the edge that leads.", new ParameterOption("upper",
                "the upper edge of its section"), new ParameterOption("lower", "the lower edge of its section")),
            Hold.Spec, Wall.Spec,
            Specs.Length("floor", "Floor under the foot", 2, 0, 40, "It lifts the foot by as much. Nothing leaves the board bare.", 0.5),
            Plate.Spec,
            Specs.Length("lip", "Lip over the foot", null, 0.5, 30,
                "Over the foot's rim, so that it cannot rise. Left open, its weight alone keeps it down.", 0.5),
            Specs.Choice("screws", "Screws", "2", "In ears to both sides.", new ParameterOption("2", "one in each ear"), new ParameterOption("4",
                "two in each ear")),
            Specs.Choice("woodScrew", "Screw", "4 mm", "Countersunk into the ears.", Hardware.WoodScrews),
            Specs.Board with { Label = "Board below" },
            .. Footing.Specs, Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["hold", "wall", "count"],
        Gives = [GivenThing.Holes, new("lift", "height it lifts the foot", GivenKind.Size)],
        Screws = true,
        Words = [TryWord.Works, new("walks", "lets the foot move"), new("stuck", "does not let the foot out by hand"),
            new TryWord("cracks", "cracked at a wall").Helped(("wall", 1.3, "Make the wall {0}")),
            new TryWord("lipBreaks", "broke at its lip").Helped(("wall", 1.3, "Make the wall {0}"), ("lip", 0.75, "Let the lip reach {0}")),
                new("pullsOut", "came off the board")],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "A machine that tips hurts: push and lift it with the plug pulled, harder than you ever will in use, before it is used.",
        "How a machine is fixed and lifted, its manual decides; a print is no part of a lifting gear.",
    ];

    private static Design Design(Brief brief)
    {
        var (ledger, p, foot) = (new Ledger(), brief.Parameters, brief.Interfaces["foot"]);
        if (PartBodies.Unread(brief, ("foot", FootSection.Needs(foot, p.Number("lip") is not null)), (Footing.Slot.Key, ["mass"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        if (SocketReckoning.Of(brief, ledger) is not { } r)
        {
            return PartBodies.Unbuilt(ledger, [new("foot.section", "section of the foot", Verdict.Stop,
                "Its points enclose nothing that a socket can go around: read them anew, once around.", "no outline", "an outline",
                    "Plane geometry.", [])], Cautions);
        }

        List<Check> checks = [.. SocketChecks.Of(r), DutyCheck.Of("years", brief.Process),
            ChanceCheck.Of(r.Across.Chance, [(r.Across.Realised, foot, r.Across.Of.Dimension)], r.Across.Contradictions),
            BedCheck.Of(2 * r.HalfWide, r.Long, r.Top, r.Way, brief.Process)];
        var built = r.Floor < r.Plate.Value && r.Top > r.Plate.Value && (r.Lip is null || r.Mouth is not null);
        return new()
        {
            Ledger = ledger,
            Pieces = !built ? [] :
            [
                new(Piece.Main, "socket", () => SocketShape.Part(r, brief.Mark), Ways, r.Way.Key)
                {
                    Pattern = [.. r.Screws.Select(at => r.Pilot(at.X, at.Y))],
                    Walls = [.. r.Screws.Select((at, i) => ($"screw {i + 1}", SocketShape.Screw(r, r.Ear.Zone, at)))],
                },
            ],
            Proofs = built ? [.. SocketShape.Proofs(r)] : [],
            Machine = [SocketShape.Foot(r)],
            Motions = built ? [SocketShape.Out(r)] : [],
            Seats = [r.Across.Seat()],
            Chance = r.Across.Chance,
            Checks = checks,
            Drawing = built ? Draw(r, foot) : null,
            Sizes = [r.Lift],
            Hardware = [$"{r.Screws.Count} wood screws {r.Screw.Says}"],
            Fitting =
            [
                "Set the machine where it will stand, all its feet in their sockets, and only then mark the holes through the ears.",
                "Drill the pilot holes, and draw the screws until their heads lie flush.",
                "Slide the foot in from the open side, and try to move it every way.",
                .. r.Lip is null ? new[] { "Nothing keeps the foot down but its weight: lift the machine where it is held down, never here." } : [],
            ],
            Gauges = built ? [.. SocketShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }

    private static SeatDrawing Draw(SocketReckoning r, Interface foot)
    {
        var (wide, box, dimension) = (r.HalfWide, r.HalfBox, r.Across.Of.Dimension);
        var half = r.Hollow.Across / 2;
        var front = r.Hollow.Points.Select(q => new Point2(q.X, Math.Min(q.Y, r.Front)));
        var sheet = new Sheet().Box(Matter.Part, -wide, r.Back, wide, r.Front).Face(Matter.Opening, front).Face(Matter.Machine, r.Foot.Points);
        foreach (var at in r.Screws)
        {
            sheet.Round(Matter.Opening, at.X, at.Y, r.Ear.Bore).Cross(at.X, at.Y, r.Ear.Bore);
        }

        sheet.Along($"foot.{dimension}.measured", r.Foot.Box.Least.X, r.Foot.Box.Greatest.X, r.Front, 1, CalloutSide.Above, reads: new(foot.Id, dimension))
            .Point($"foot.{dimension}.clearance", half, r.Front - 1, CalloutSide.Right, "clearance").Point("wall", 0, r.Back + 1, CalloutSide.Below, "wall");
        // Cut across, behind its front.
        sheet.View((2 * wide) + 40, r.Back).Box(Matter.Part, -wide, 0, wide, r.Plate.Value).Box(Matter.Part, -box, 0, -half, r.Top).Box(Matter.Part, half, 0,
            box, r.Top);
        if (r.Floor < r.Plate.Value)
        {
            sheet.Box(Matter.Opening, -half, r.Floor, half, r.Plate.Value);
        }

        if (r.Lip is { } lip && r.Mouth is { } mouth)
        {
            sheet.Box(Matter.Part, -half, lip.Under, -mouth.Across / 2, r.Top).Box(Matter.Part, mouth.Across / 2, lip.Under, half, r.Top)
                .Point("lip", mouth.Across / 2, r.Top - 0.5, CalloutSide.Above, "lip");
        }

        return sheet.Up("hold", box, r.Floor, r.Floor + r.Hold.Value, 1, CalloutSide.Right, "hold").Up("floor", -wide, 0, Math.Max(r.Floor, 0.01), 1,
            CalloutSide.Left, "floor").Point("plate", wide - 1, r.Plate.Value, CalloutSide.Right, "plate").Done;
    }
}
