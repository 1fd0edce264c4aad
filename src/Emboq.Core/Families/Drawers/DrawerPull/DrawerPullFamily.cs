namespace Emboq.Core.Families.Drawers.DrawerPull;

/// <summary>A pull with a label, held by two screws.</summary>
public static class DrawerPullFamily
{
    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "drawer-pull", "drawer pull", "Drawers that say what is in them, opened with a wet glove.",
        [new("drawer", "holes in the drawer", ["hole-row"], SlotNeed.Sometimes), new("board", "drawer front", ["flat"], SlotNeed.Sometimes),
            Specs.Nut.If("fastening", "sideNut"), Specs.Screw,
            new("printed", "holes of the printed pull", ["hole-row"], SlotNeed.Later)],
        PullParameters.Specs, Design)
    {
        ListColumns = ["text", "count"],
        Gives = [GivenThing.Holes, new("spacing", "spacing as printed", GivenKind.Size)],
        Screws = true,
        Words = [TryWord.Works, new("tooDeep", "feels too deep"), new("nutTurns", "lets a nut turn"), new("screwTight", "is tight on a screw"),
            new("tooWeak", "is too weak"), new("letters", "has letters that are hard to read"), new("holesOff", "has holes that are off")],
    };

    private static IReadOnlyList<string> Cautions(ParameterValues p) =>
    [
        "A pull that breaks leaves sharp edges: throw it away.",
        .. p.Choice("fastening") == "insert" ? ["Heat-set inserts are pressed with a hot tip: follow the soldering iron's manual, and air the room."]
            : Array.Empty<string>(),
    ];

    private static Design Design(Brief brief)
    {
        var (ledger, p) = (new Ledger(), brief.Parameters);
        if (PartBodies.Unread(brief, ("drawer", ["gap1.centre"]), ("board", ["thickness"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions(p));
        }

        if (p.Choice("fastening") == "insert" && !Joints.Hardware.Has("heat-set-inserts", p.Choice("screw")))
        {
            return PartBodies.Unbuilt(ledger, [NoInsert(p.Choice("screw"))], Cautions(p));
        }

        var r = PullReckoning.Of(brief, ledger);
        var (by, ways, way) = PullParameters.WaysOf(p);
        return new()
        {
            Ledger = ledger,
            Pieces =
            [
                new("part", "pull", () => PullShape.Part(r, brief.Mark), ways, way.Key)
                {
                    WayBy = by,
                    Pattern = [.. PullShape.Places(r).Select(x => r.Drilled(x, 0))],
                    Walls = [.. PullShape.Places(r).Select((x, i) => ($"screw {i + 1}", PullShape.Zone(r, x)))],
                },
                .. Label.Inlays(r.Label, new(0, r.LabelAt, r.FaceAt.Value)),
            ],
            Proofs = [PullShape.OnePost(r), .. Label.Proofs(r.Label)],
            Machine = [PullShape.Drawer(r)],
            Checks = [.. Checks(r, brief, way.Key), BedCheck.Of(r.Length.Value,
                r.Tall.Value + (r.Lip?.Drop.Value ?? 0), r.Projection.Value, way, brief.Process)],
            Drawing = PullDrawing.Of(r, brief.Interfaces.GetValueOrDefault("drawer") is { } holes ? new(holes.Id, "gap1.centre") : null),
            Hardware = [.. Held(r, p), .. Label.Hardware(r.Label)],
            Fitting = Fitting(r),
            Gauges = PullShape.Gauges(r),
            Sizes = [Printed(r, brief)],
            Paper = r.Label?.Paper,
            Cautions = Cautions(p),
        };
    }

    /// <summary>How far apart the holes turn out: measured on the printed pull, and until then as drawn, with what a print may shrink.</summary>
    private static Given.Size Printed(PullReckoning r, Brief brief)
    {
        // Common practice, no published source: some tenths of a percent.
        const double Shrinks = 0.003;
        return brief.Interfaces.GetValueOrDefault("printed") is { } row && Evaluation.Of(row, "gap1.centre") is { } read
            ? new("spacing", read.Quantity, null)
            : new("spacing", r.Spacing + Quantity.Input("what the print shrinks", 0, Unit.Millimetre,
                new Provenance.RuleOfThumb("A print shrinks a little as it cools."),
                (new Source($"shrinks/{brief.Process.Id}", $"how much prints of {brief.Process.Name} shrink", Shrinks * r.Spacing.Value), 1)),
                "the printed pull, measured from hole to hole");
    }

    private static IEnumerable<Check> Checks(PullReckoning r, Brief brief, string way)
    {
        double Up(double mm) => Math.Ceiling(mm * 2) / 2;
        var (end, side) = ((r.Length.Value - r.Spacing.Value) / 2, r.Tall.Value / 2);
        yield return r.Joint.WallCheck("wall.end", "screw, towards the end", end - (r.FromFront ? r.Edge.Value : 0),
            new Remedy.Change("Let the length follow", new Dictionary<string, string> { ["length"] = "" }));
        yield return r.Joint.WallCheck("wall.side", "screw, above and below", side - (r.FromFront ? r.Edge.Value : 0),
            new Remedy.Change($"Make the face {Figures.Mm(Up(2 * r.Joint.Reach + 3))} high",
                new Dictionary<string, string> { ["tall"] = Figures.Number(Up((2 * r.Joint.Reach) + 3)) }));
        if (r.Lip is null)
        {
            yield return r.Joint.WallCheck("wall.post", "screw, towards the fingers", r.Post.Value);
            yield return Posts(r);
        }

        if (r.FromFront)
        {
            var wanted = Up(r.Joint.Recess + Joints.Joint.FlushSeat);
            yield return r.Joint.SeatCheck("screw.head", "screw", Joints.Joint.FlushSeat, r.Lip is null ? []
                : [new Remedy.Change($"Make the plate {Figures.Mm(wanted)} thick", new Dictionary<string, string> { ["plate"] = Figures.Number(wanted) })]);
        }
        else
        {
            var behind = Math.Max(1.2, 4 * brief.Process.LayerHeight) + (r.Label?.CutIn ?? 0);
            yield return r.Joint.FloorCheck("floor", "screw hole", r.Projection.Value, behind,
                new Remedy.Change($"Project {Figures.Mm(Up(r.Joint.Depth + behind))}",
                    new Dictionary<string, string> { ["projection"] = Figures.Number(Up(r.Joint.Depth + behind)) }));
        }

        foreach (var check in r.Joint.Checks.Concat(Label.Checks(r.Label, brief, way == "face")))
        {
            yield return check;
        }

        yield return r.Screw.Check;
        if (r.Lip is { } lip)
        {
            yield return Judge.AtLeast("face", "plate behind the letters", lip.Plate.Value - (r.Label?.CutIn ?? 0), 1.2, "The plate is not cut through.",
                "The letters cut almost through the plate.", source: "Common practice, no published source.");
            yield return Judge.AtLeast("lip", "lip thick enough to pull", r.Face.Value, 3, "It bends a little and holds.", "A thinner lip snaps at its root.",
                Verdict.Watch, "Common practice, no published source.", new Remedy.Change("Make it 3 mm", new Dictionary<string, string> { ["face"] = "3" }));
            yield return Judge.AtLeast("fingers", "finger behind the lip", lip.Reach.Value, 6, "Fingers hook in from below.",
                "Hardly a finger tip goes in behind it.", Verdict.Watch, "Common practice, no published source.",
                new Remedy.Change("Project 24 mm", new Dictionary<string, string> { ["projection"] = "24" }));
            yield break;
        }

        yield return FaceCheck(r);
        yield return Fingers(r);
        yield return Overhang(r, way);
    }

    private static Check NoInsert(string size) => new("insert.known", "insert in the tables", Verdict.Stop,
        $"The tables have no heat-set insert for {Joints.Hardware.Name(size)}: its hole cannot be reckoned.", Joints.Hardware.Name(size),
        "a size that inserts are sold for", "Tables of heat-set inserts.",
        [new Remedy.Change("Hold it by nuts from the side", new Dictionary<string, string> { ["fastening"] = "sideNut" })]);

    private static Check Posts(PullReckoning r)
    {
        var fits = r.FingerRoom > 0;
        return new("posts", "posts side by side", fits ? Verdict.Good : Verdict.Stop, fits ? "Each screw has a post of its own."
            : "The posts meet: the holes are too close for this hardware.",
            Figures.Mm(r.FingerRoom), "more than 0 mm", "Plane geometry.", []);
    }

    private static Check FaceCheck(PullReckoning r)
    {
        var sunk = r.Label?.CutIn ?? 0;
        var fits = r.Face.Value - sunk >= 1.6 && r.Face.Value < r.Projection.Value - 1;
        return new("face", "face behind the letters", fits ? Verdict.Good : Verdict.Stop, fits ? "The face is stiff enough to pull."
            : "The face is too thin behind its letters, or leaves no room for fingers.",
            Figures.Mm(r.Face.Value - sunk), "1.6 mm or more, less than the projection", "Common practice, no published source.",
            fits ? [] : [new Remedy.Change($"Make the face {Figures.Mm(Math.Ceiling(sunk + 2))} thick",
                new Dictionary<string, string> { ["face"] = Figures.Number(Math.Ceiling(sunk + 2)) })]);
    }

    /// <summary>A hand pulls with two fingers or three.</summary>
    private static Check Fingers(PullReckoning r)
    {
        const double TwoFingers = 40, Finger = 15;
        var deep = r.Projection.Value - r.Face.Value;
        var fits = r.FingerRoom >= TwoFingers && deep >= Finger;
        var wanted = Math.Ceiling(Finger + r.Face.Value);
        return new("fingers", "room for fingers", fits ? Verdict.Good : Verdict.Watch, fits ? "Two fingers go in behind it."
            : "Little room behind it: it is pinched from above and below instead.",
            $"{Figures.Mm(r.FingerRoom)} wide, {Figures.Mm(deep)} deep", $"{Figures.Mm(TwoFingers)} wide, {Figures.Mm(Finger)} deep",
                "Common practice, no published source.",
            fits || deep >= Finger ? [] : [new Remedy.Change($"Project {Figures.Mm(wanted)}",
                new Dictionary<string, string> { ["projection"] = Figures.Number(wanted) })]);
    }

    private static Check Overhang(PullReckoning r, string way) => way == "back"
        ? Bridging.Of("overhang", "finger room printed back down", r.FingerRoom,
            new Remedy.Change("Print it face down", new Dictionary<string, string> { ["wayUp"] = "face" }))
        : new("overhang", "finger room", Verdict.Good, "Nothing hangs in the air this way up.", "open above", "open above", "Plane geometry.", []);

    private static IReadOnlyList<string> Held(PullReckoning r, ParameterValues p)
    {
        var (size, washers) = (Joints.Hardware.Name(p.Choice("screw")), Joints.Hardware.Washers(p, p.Choice("screw")));
        return r.Fastening switch
        {
            Fastening.Insert => [$"2 heat-set inserts {size}", $"2 screws {r.Screw.Says}", .. washers],
            Fastening.SideNut => [$"2 nuts {size}", $"2 screws {r.Screw.Says}", .. washers],
            Fastening.SelfCut => [$"2 screws {r.Screw.Says}", .. washers],
            _ => [$"2 wood screws {r.Screw.Says}"],
        };
    }

    private static IReadOnlyList<string> Fitting(PullReckoning r) =>
    [
        .. r.Fastening switch
        {
            Fastening.Insert => ["Press the inserts in with a hot tip, slowly, flush with the back."],
            Fastening.SideNut when r.Roof == SlotRoof.Sacrificial => ["Drill through the closed layer in each hole.",
                "Slide the nuts in from the finger side and hold them while you drive."],
            Fastening.SideNut => ["Slide the nuts in from the finger side, over their lip, and hold them while you drive."],
            _ => Array.Empty<string>(),
        },
        "Drill the drawer with the template.",
        r.FromFront ? "Drive the screws from the front until the heads are flush." : "Screw it on from inside the drawer, snug by hand.",
        .. Label.Fitting(r.Label),
    ];
}
