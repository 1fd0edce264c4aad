namespace Emboq.Core.Families.Storage.PocketTray;

/// <summary>A tray with a pocket for each of several measured things, placed by computation or by hand.</summary>
public static class PocketTrayFamily
{
    private static IReadOnlyList<string> Cautions(ParameterValues p) =>
    [
        "Sharp edges lie downwards or in a pocket that covers them.",
        .. p.Choice("mount") == "screws" ? ["A tray on a wall wants screws and plugs by their maker's figures."] : Array.Empty<string>(),
    ];

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "pocket-tray", "pocket tray", "Tools that roll about in a drawer, each with a place of its own.",
        [
            .. TrayParameters.Slots.Select((slot, i) => new InterfaceSlot(slot, $"thing {i + 1}", ["block", "post", "turned", "foot", "traced"],
                SlotNeed.Sometimes) { Series = "things" }),
            new("drawer", "drawer it goes into", ["cavity"], SlotNeed.Sometimes),
            new("holes", "holes it is screwed to", ["hole-row"], SlotNeed.Sometimes), Specs.Screw.If("mount", "screws"),
        ],
        TrayParameters.Specs, Design)
    {
        ListColumns = ["width", "depth", "count"],
        Takes = [new("below", "Carried by the holes of", GivenKind.Holes, "nothing: it stands by itself")],
        Gives = [GivenThing.Holes],
        Screws = true,
        Words = [TryWord.Works, new("hardToLift", "is hard to lift things out of"), new("wobbles", "lets things wobble"),
            new("tooHigh", "is too high for its drawer"), new("screwTight", "is tight on its screws")],
    };

    private static Design Design(Brief brief)
    {
        var (ledger, p) = (new Ledger(), brief.Parameters);
        var way = TrayParameters.Ways.First(w => w.Key == p.Choice("wayUp"));
        IReadOnlyList<Check> unread =
        [
            .. TrayParameters.Slots.Where(brief.Interfaces.ContainsKey).SelectMany(slot =>
                PartBodies.Unread(brief.Interfaces[slot], slot, ThingNeeds.Of(brief.Interfaces[slot]))),
            .. PartBodies.Unread(brief, ("drawer", ["width", "depth"]), ("holes", ["gap1.centre"])),
        ];
        if (unread.Count > 0 || TrayParameters.Slots.All(s => !brief.Interfaces.ContainsKey(s)))
        {
            return PartBodies.Unbuilt(ledger, unread.Count > 0 ? unread : [new("items", "things to hold", Verdict.Stop,
                "Nothing is named yet: choose the first thing it holds.", "0 things", "1 or more", "A size is measured, never assumed.", [])], Cautions(p));
        }

        var r = TrayReckoning.Of(brief, ledger);
        var chance = JointProbability.Within([.. r.Items.SelectMany(i => i.Limits)]);
        var clashes = r.Pockets is null ? [] : TrayPacking.Clashes(r.Pockets, r.Field, r.Wall.Value, r.KeptFree).ToList();
        var built = r.Pockets is not null && clashes.Count == 0;
        return new()
        {
            Ledger = ledger,
            Pieces = !built ? [] :
            [
                new("part", "tray", () => TrayShape.Part(r, brief.Mark), TrayParameters.Ways, way.Key)
                {
                    Pattern = [.. TrayShape.Ears(r).Select(e => r.Pilot!(e.X - (r.Width.Value / 2), e.Y - (r.Depth.Value / 2)))],
                    Walls = [.. TrayShape.Ears(r).Select((e, i) => ($"ear {i + 1}", r.Ear!.Zone.At(e.X, e.Y, TrayReckoning.EarThickness))),
                        .. r.Below is { } b ? b.At.Select((at, i) => ($"insert {i + 1}", TrayCarried.Placed(b.Insert.Zone, at))) : []],
                },
            ],
            Proofs = built ? TrayShape.Proofs(r) : [],
            Machine = built ? TrayShape.Things(r) : [],
            Seats = [.. r.Items.Select(i => i.Size.Seat())],
            Chance = chance,
            Checks = [.. TrayChecks.Of(r, clashes), BedCheck.Of(r.Over + (2 * r.EarOut), r.Depth.Value, r.Height.Value + r.Items.Max(r.Border), way,
                brief.Process), ChanceCheck.Of(chance, [.. r.Items.Select(i => (i.Size.Realised, i.Place, i.Size.Of.Dimension))],
                [.. r.Items.SelectMany(i => i.Size.Contradictions)])],
            Drawing = r.Pockets is null ? null : Draw(r, brief.Interfaces.GetValueOrDefault("holes") is { } row ? new(row.Id, "gap1.centre") : null),
            Hardware = [.. r.Screw is null ? Array.Empty<string>() : [$"2 wood screws {r.Screw.Says}"],
                .. r.Below is { } carried ? new[] { $"{carried.At.Count} heat-set inserts {Joints.Hardware.Name(p.Choice("insert"))}" } : []],
            Fitting = ["Print the slices first and lay each thing in its own.", r.Below is not null
                ? "Press the inserts into its underside with a hot tip, slowly, and screw it on from below."
                : r.Ear is null ? r.Tongue is null ? "Lay the tray in its drawer."
                    : "Set the trays down from the left, each with its grooves over the tongues of the one before." : "Screw it down through both ears.",
                        "Put what is used most in front."],
            Lighter = r.Hollow ? [] : [new Remedy.Change("Hollow its underside", new Dictionary<string, string> { ["underside"] = "hollow" })],
            Gauges = built ? [.. TrayShape.Gauges(r, p)] : [],
            Cautions = Cautions(p),
        };
    }

    private static SeatDrawing Draw(TrayReckoning r, DimensionAddress? holes)
    {
        var (w, d) = (r.Width.Value, r.Depth.Value);
        var sheet = new Sheet();
        foreach (var ear in TrayShape.Ears(r))
        {
            sheet.Box(Matter.Part, Math.Min(ear.X - r.Ear!.Reach, w / 2), ear.Y - r.Ear.Reach, Math.Max(ear.X + r.Ear.Reach, w / 2),
                ear.Y + r.Ear.Reach).Round(Matter.Opening, ear.X, ear.Y, r.Ear.Bore);
        }

        sheet.Box(Matter.Part, 0, 0, w, d);
        foreach (var y in r.TonguesAt)
        {
            var (stands, half, groove) = (r.Tongue!.Stands.Value, r.Tongue.Tongue.Value / 2, r.Tongue.Groove.Value / 2);
            sheet.Box(Matter.Part, w, y - half, w + stands, y + half).Box(Matter.Opening, 0, y - groove, stands + TongueGroove.Deeper, y + groove);
        }

        if (r.Trough > 0)
        {
            sheet.Box(Matter.Opening, r.Wall.Value, r.Wall.Value, w - r.Wall.Value, r.Wall.Value + r.Trough).Point("trough", w * 0.75,
                r.Wall.Value + (r.Trough / 2), CalloutSide.Right, "trough");
        }

        foreach (var at in r.Below?.At ?? [])
        {
            sheet.Round(Matter.Opening, at.X, at.Y, r.Below!.Insert.Bore).Cross(at.X, at.Y, r.Below.Insert.Bore);
        }

        foreach (var free in r.KeptFree)
        {
            sheet.Box(Matter.Machine, free.X0, free.Y0, free.X1, free.Y1);
        }

        foreach (var p in r.Pockets!)
        {
            var drag = new Drag($"{p.Item.Slot}X", $"{p.Item.Slot}Y", new(p.X, p.Y));
            if (r.Finger > 1)
            {
                sheet.Round(Matter.Opening, p.Middle.X, TrayShape.Front(p), 2 * TrayShape.FingerRadius(r, p));
            }

            var shape = TrayShape.Turned(p.Item.Shape, p.Turned);
            var less = p.Item.Size.Drawn.Value - p.Item.Size.Counterpart.Value;
            sheet.Face(Matter.Opening, shape.Points.Select(q => new Point2(q.X + p.Middle.X, q.Y + p.Middle.Y)), drag)
                .Face(Matter.Machine, (Solids.Outlines.Moved(shape, -less / 2) ?? shape).Points.Select(q =>
                    new Point2(q.X + p.Middle.X, q.Y + p.Middle.Y)), drag)
                .Words(p.Item.Place.Name, p.Middle.X, p.Middle.Y, Math.Min(4, p.Wide / 1.1 / Solids.LetterWidths.Of(p.Item.Place.Name)));
        }

        sheet.Along("width", 0, w, 0, sets: "width").Up("depth", 0, 0, d, sets: "depth").Point("wall", w, d / 2, CalloutSide.Right, "wall").Point("pockets",
            r.Pockets[0].X, r.Pockets[0].Middle.Y, CalloutSide.Above, "clearance");
        if (r.EarSpacing is { } apart)
        {
            sheet.Along("ear.spacing", (w - apart.Value) / 2, (w + apart.Value) / 2, 0, 2, sets: holes is null ? "raster" : null, reads: holes);
        }

        // A section through the deepest pocket would hide the others: height stands as a strip.
        sheet.View(w + r.EarOut + 30, 0);
        if (r.Tall is { } tall)
        {
            sheet.Box(Matter.Part, r.Height.Value, d * 0.6, tall.Value, d).Along("tall", 0, tall.Value, 0, 2);
        }

        return sheet.Box(Matter.Part, 0, 0, r.Height.Value, d).Along("height", 0, r.Height.Value, 0).Point("floor", r.Floor.Value,
            d, CalloutSide.Above, "floor").Done;
    }
}
