namespace Emboq.Core.Families.Clamping.Bracket;

/// <summary>Two plates at an angle that join the holes of one thing to those of another.</summary>
public static class BracketFamily
{
    private static readonly IReadOnlyList<WayUp> Ways =
    [
        new("side", "lying on its side", 0, "Lines run out along the arm and round the corner: it bends along them.", "Screw holes lie under pointed roofs."),
        new("far", "far face down", 270, "Layers lie across the near plate, and its corner splits along them.",
            "The far face is smooth; the near plate's holes lie."),
    ];

    internal static readonly Decision<WayUp> Way = Decide.Way(Ways);

    internal static readonly Decision<Quantity>
        NearDown = Decide.Length("mount holes down", "Down the near plate.",
            Specs.Length("nearDown", "Holes of the mount, from the corner", 40, 8, 300, "To the middle of them, down the near plate.")),
        Reach = Decide.Length("load holes out", "Out along the far plate.",
            Specs.Length("reach", "Holes of the load, from the corner", 70, 8, 400, "To the middle of them, out along the far plate.")),
        RibReach = Decide.Length("ribs", "Along both plates.", Specs.Length("ribReach", "Ribs reach", 28, 3, 200,
            "Along both plates, from the corner.")).If("ribs", "one", "two", "three");

    /// <summary>Places with two holes each that one bracket may be moved between: slots serve them all.</summary>
    internal static readonly IReadOnlyList<string> Mounts = ["mount1", "mount2", "mount3", "mount4"];

    /// <summary>What is read of such a place.</summary>
    private static readonly string[] Spacing = ["gap1.centre"];

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "bracket", "bracket", "Something must stand out from a mount, at a distance and an angle, and bear a load.",
        [Load.Slot, .. Mounts.Select((m, i) => new InterfaceSlot(m, $"mount {i + 1} it must serve", ["hole-row"], SlotNeed.Sometimes) { Series = "mounts" })],
        [
            Specs.Length("nearSpacing", "Holes of the mount", 24, 8, 300, "Two, from middle to middle.").If("near", "open").If("mount1", "open"),
            Specs.Choice("nearScrew", "Screws of the mount", "M4", "They come from inside the corner.", Hardware.Threads),
            NearDown.Spec,
            Specs.Length("farSpacing", "Holes of the load", 32, 8, 300, "Two, from middle to middle.").If("far", "open"),
            Specs.Choice("farScrew", "Screws of the load", "M4", "They come from inside the corner.", Hardware.Threads),
            Reach.Spec,
            Specs.Angle("angle", "Between the faces", 90, 45, 135, "90 for a shelf on a wall."),
            Specs.Length("thickness", "Thickness", 6, 2, 40, "Of both plates.", 0.5).If("thick", "open"),
            Specs.Choice("ribs", "In the corner", "one", "Ribs carry by their walls; a thick plate without them carries by its mass.",
                new ParameterOption("one", "one rib, at the side it lies on"), new ParameterOption("two", "two ribs at the edges"),
                new ParameterOption("three", "three ribs"), new ParameterOption("none", "no ribs: solid plates")),
            Specs.Number("ribLines", "Lines of a rib", 6, 2, 40, "lines", "Whole lines, so that nothing between them is empty.")
                .If("ribs", "one", "two", "three"),
            RibReach.Spec,
            .. Load.Specs, .. MovingPart.Specs, Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["reach", "angle", "count"],
        Gives = [GivenThing.Holes],
        Takes =
        [
            new("near", "Holes of the mount taken from", GivenKind.Holes, "what is given here"),
            new("far", "Holes of the load taken from", GivenKind.Holes, "what is given here"),
            new("thick", "Thick as", GivenKind.Size, "what is given here"),
        ],
        Words = [TryWord.Works,
            new TryWord("cracks", "cracked at the corner").Helped(("thickness", 1.25, "Make it {0} thick"), ("ribReach", 1.3, "Let the ribs reach {0}")),
            new TryWord("sags", "sags").Helped(("ribReach", 1.3, "Let the ribs reach {0}"), ("thickness", 1.25, "Make it {0} thick")),
                new("screwTight", "is tight on a screw"),
            new("holesOff", "has holes that are off")],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "What stands out over hands and heads can fall: hang twice the load on it for a day, low and over something soft, before it is trusted.",
        "Keep it clear of everything that turns or travels; the machine's manual decides what may be fixed to it.",
    ];

    private static Design Design(Brief brief)
    {
        var ledger = new Ledger();
        if (PartBodies.Unread(brief, [(Load.Slot.Key, ["mass"]), .. Mounts.Select(m => (m, Spacing))]) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        var r = BracketReckoning.Of(brief, ledger);
        var moving = MovingPart.Of(brief.Parameters);
        List<Check> checks = [.. BracketChecks.Of(r, brief), .. moving is null ? Array.Empty<Check>() : [moving.Check(r)]];
        var built = checks.All(c => c.Key is not ("near.room" or "far.room") || c.Verdict == Verdict.Good);
        Schools(r, ledger, brief.Process);
        return new()
        {
            Ledger = ledger,
            Pieces = !built ? [] :
            [
                new(Piece.Main, "bracket", () => BracketShape.Part(r, brief.Mark), Ways, r.Way.Key)
                {
                    Pattern = [.. r.Holes.Far.Select(h => new PatternHole(h.X, h.Y, Hardware.Diameter(r.FarScrew.Size).Value, HoleUse.Threaded, "load"))],
                    Walls = [.. r.Holes.Near.Select((h, i) => ($"hole to the mount {i + 1}", BracketShape.Near(r, r.NearScrew.Hole.Zone, h))),
                        .. r.Holes.Far.Select((h, i) => ($"hole to the load {i + 1}", BracketShape.Far(r, r.FarScrew.Hole.Zone, h)))],
                },
            ],
            Proofs = built ? [BracketShape.Coupon(r)] : [],
            Checks = checks,
            Drawing = built ? Draw(r, moving) : null,
            Hardware =
            [
                $"{r.Holes.Near.Count} screws {Hardware.Name(r.NearScrew.Size)} pan head, longer than {Figures.Mm(r.Thick.Value)} by their thread in the mount",
                $"{r.Holes.Far.Count} screws {Hardware.Name(r.FarScrew.Size)} pan head, longer than {Figures.Mm(r.Thick.Value)} by their thread in the load",
                .. r.Travel > 0 ? new[] { $"{r.Holes.Near.Count} plain washers {Hardware.Name(r.NearScrew.Size)}, under the heads over the slots" } : [],
                .. r.Load.Shakes ? new[] { "threadlocker" } : [],
            ],
            Fitting = ["Start all screws by hand before any is drawn tight.", "Screw it to the mount, snug by hand, no more.",
                "Screw the load on, and hang on it with a hand before it is left alone.",
                .. r.Load.Shakes ? new[] { "A drop of threadlocker on each thread, once it is as it stays." } : []],
            Gauges = built ? [.. BracketShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }

    /// <summary>Both schools side by side: ribs as they stand, and plates alone as heavy.</summary>
    private static void Schools(BracketReckoning r, Ledger ledger, Process process)
    {
        if (r.Material is not { } material || r.Ribs == 0 || r.Lever <= 0)
        {
            return;
        }

        var ribs = r.Ribs * r.RibThick.Value * r.RibReach.Value * r.RibReach.Value / 2 * Math.Sin(r.Turn);
        var plates = r.Wide * r.Thick.Value * (r.NearLength + r.FarLength);
        var solid = r.Arm with { Ribs = 0, Thick = r.Thick.Value * (plates + ribs) / plates };
        void Add(string key, string name, double value, Unit unit, string because) => ledger.Add(key, name,
            Quantity.Input(name, value, unit, new Provenance.Standard("Castigliano; parallel axes", "see the checks")), because);
        Add("school.grams", "weight, printed solid", (plates + ribs) / 1000 * process.Density, Unit.Grams,
            "With ribs, and as plates alone of the same weight.");
        Add("school.ribs", "sag with its ribs", r.Sag(r.Arm, material), Unit.Millimetre,
            "Walls carry more than fill.");
        Add("school.solid", "sag of plates alone", r.Sag(solid, material), Unit.Millimetre,
            $"Thicker plates of the same weight, {Figures.Mm(solid.Thick)}, without ribs.");
    }

    private static SeatDrawing Draw(BracketReckoning r, MovingPart? moving)
    {
        var (t, near, far, o, n) = (r.Thick.Value, r.NearLength, r.FarLength, r.Out, r.In);
        var sheet = new Sheet().Box(Matter.Machine, -10, -near - 8, 0, 4);
        moving?.Draw(sheet, r);
        if (r.Ribs > 0)
        {
            sheet.Face(Matter.Part, BracketShape.Rib(r)).Point("ribReach", r.InnerCorner.X + (o.X * r.RibReach.Value / 2),
                r.InnerCorner.Y - (r.RibReach.Value / 2), CalloutSide.Right, "ribReach");
        }

        sheet.Face(Matter.Part, BracketShape.Section(r));
        var middle = -r.Middle.Near.Value;
        sheet.Axis(-4, middle, t + 6, middle);
        var (x, y) = (o.X * r.Middle.Far.Value, o.Y * r.Middle.Far.Value);
        sheet.Axis(x - (n.X * 4), y - (n.Y * 4), x + (n.X * (t + 6)), y + (n.Y * (t + 6)));
        sheet.Up("nearDown", t, middle, 0, 1, CalloutSide.Left, "nearDown").Along("reach", 0, x, -near, 1, CalloutSide.Below, "reach")
            .Point("thickness", x * 0.5, y * 0.5, CalloutSide.Above, "thickness").Point("angle", t / 2, -t / 2, CalloutSide.Left, "angle");
        sheet.View(Math.Max(far, moving?.DrawnTo ?? 0) + 40 + (r.Wide / 2), -near).Box(Matter.Part, -r.Wide / 2, 0, r.Wide / 2, near);
        foreach (var h in r.Holes.Near)
        {
            var (slot, half) = (r.NearScrew.Hole.Bore / 2, r.Travel / 2);
            sheet.Box(Matter.Opening, h.X - half, near + middle + h.Y - slot, h.X + half, near + middle + h.Y + slot)
                .Round(Matter.Opening, h.X - half, near + middle + h.Y, 2 * slot).Round(Matter.Opening, h.X + half, near + middle + h.Y, 2 * slot).Cross(h.X,
                    near + middle + h.Y, r.NearScrew.Hole.Bore);
        }

        return sheet.Done;
    }
}
