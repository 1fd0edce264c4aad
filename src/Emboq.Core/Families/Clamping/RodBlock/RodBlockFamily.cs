namespace Emboq.Core.Families.Clamping.RodBlock;

/// <summary>A block that slides on one rod or two, is held by screws with soft tips, and carries something at a height.</summary>
public static class RodBlockFamily
{
    private static readonly IReadOnlyList<WayUp> Ways =
    [
        new("end", "standing on its end", 90, "Lines run around the bores and hold them together.",
            "The bores fit best upright; threads lie under pointed roofs."),
        new("flat", "lying as it is used", 0, "Layers lie across the sides of the bores.", "The bores lie, and sag at their crown.", SpoilsFit: true),
    ];

    internal static readonly Decision<WayUp> Way = Decide.Way(Ways);

    internal static readonly Decision<Quantity>
        Length = Decide.Length("length", "Along the rods.", Specs.Length("length", "Length", 40, 10, 200,
            "Along the rods: the longer, the less it jams askew.")),
        Wall = Decide.Length("wall", "Below the rods.", Specs.Length("wall", "Wall", 6, 1.2, 40, "Below the rods.", 0.5)).If("hold", "screws"),
        Boss = Decide.Length("thread in plastic", "From bore to side.", Specs.Length("boss", "Plastic along the set screws", 12, 3, 60,
            "From a rod's bore to the side: their thread is cut in it, and short threads strip.", 0.5)).If("hold", "screws"),
        Ear = Decide.Length("beyond the bore", "From bore to side.", Specs.Length("ear", "Beyond the bore", 18, 4, 60,
            "From a rod's bore to the side: the slit is cut in it, and the screws that draw it together stand in its middle.", 0.5)).If("hold", "pinch"),
        Under = Decide.Length("lip", "Under the rods.", Specs.Length("under", "Lip under the rods", 8, 1.2, 40,
            "What the screws draw up: thin it bends easily, and holds little.", 0.5)).If("hold", "pinch"),
        Root = Decide.Length("slit past the rod", "Inwards from its middle.", Specs.Length("root", "The slit runs in", 30, 4, 200,
            "Past the rod's middle: the longer, the easier the lip bends.")).If("hold", "pinch"),
        Slit = Decide.Length("slit", "From bore to side.", Specs.Length("slit", "Slit", 3, 0.6, 12, "What can be drawn together.", 0.1)).If("hold", "pinch"),
        Lip = Decide.Length("lips over the nut", "On both sides of the slot.", Specs.Length("lip", "Over the nut", 5, 1, 30,
            "The lips of the slot, which the nut pulls on.", 0.5)).If("inserts", "slot");

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "rod-block", "rod block", "A stop, a gauge or a rest must ride on rods, at a height, and stay where it is put.",
        [new("rod", "rod or rods", ["rods", "post"]), Load.Slot],
        [
            Specs.Choice("across", "On the rods", "slide", "How close the bores are.",
                [.. FitClasses.All.Where(f => f.Key is "snug" or "slide" or "free").Select(f => new ParameterOption(f.Key, f.Name))]),
            Specs.Length("clearance", "Clearance", null, 0, 4, "On the diameter. Left open, the fit decides.", 0.05),
            Length.Spec, Wall.Spec,
            Specs.Choice("hold", "Held by", "screws", "Soft tips press on the rod from the side. A slit leaves no mark, and holds all around.",
                new ParameterOption("screws", "set screws with soft tips"), new ParameterOption("pinch", "a slit that screws draw together")),
            Under.Spec, Boss.Spec, Ear.Spec, Slit.Spec, Root.Spec,
            Specs.Choice("screws", "Screws", "1", "On each rod, one behind the other.", new ParameterOption("1", "one on each rod"),
                new ParameterOption("2", "two on each rod")),
            Specs.Choice("screw", "Their size", "M6", "Set screws want a tip of plastic or brass, so that the rod is not marked.", Hardware.Threads),
            Specs.Number("torque", "Torque by hand", 0.4, 0.02, 10, "N·m", "Snug by a short key; a knob gives less."),
            Specs.Length("axisHeight", "Height wanted", 50, 5, 400, "From the rods' middle to the axis of what it carries.", 0.5),
            Specs.Length("thingHeight", "Its own height", 20, 0, 300, "Of what it carries: from what it stands on to its axis.", 0.5),
            Specs.Choice("inserts", "On top", "1", "What it carries is screwed on.", new ParameterOption("1", "one thread"),
                new ParameterOption("2", "two threads"), new ParameterOption("slot", "a slot that a nut slides in")),
            Specs.Choice("slotRuns", "The slot runs", "along", "What stands on it can be moved so.", new ParameterOption("along", "along the rods"),
                new ParameterOption("across", "across the rods, fore and aft")).If("inserts", "slot"),
            Lip.Spec,
            Specs.Length("insertSpacing", "Threads apart", 30, 8, 300, "Across the rods, from middle to middle.").If("inserts", "2"),
            Specs.Choice("thread", "It is screwed into", "insert", "A printed thread wants no insert, and the block printed as it is used.",
                new ParameterOption("insert", "heat-set inserts"), new ParameterOption("printed", "a printed thread")).If("inserts", "1", "2"),
            Specs.Choice("insert", "Thread on top", "M6", "As what it carries has.", [.. Hardware.Threads.Where(t => Hardware.Has("heat-set-inserts", t.Key))]),
            Specs.Choice("stands", "The rods lie", "lying", "On upright rods the load slides down.", new ParameterOption("lying", "lying"),
                new ParameterOption("upright", "upright")),
            .. Load.Specs, Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["axisHeight", "length", "count"],
        Gives = [GivenThing.Holes],
        Words = [TryWord.Works, new TryWord("jams", "jams askew").Helped(("length", 1.3, "Make it {0} long")),
            new TryWord("stripped", "stripped a thread").Helped(("boss", 1.4, "Give the thread {0}"), ("torque", 0.7, "Draw it with {0}")),
            new TryWord("slips", "slips along the rods").Helped(("torque", 1.3, "Draw it with {0}")),
            new("tooHigh", "is too high"), new("tooLow", "is too low")],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "A stop that slips lets the work move into the tool: push on it by hand, harder than the work will, before every cut.",
        "The machine's manual decides what may ride on its rods; keep hands and block clear of everything that turns.",
    ];

    private static Design Design(Brief brief)
    {
        var (ledger, p, place) = (new Ledger(), brief.Parameters, brief.Interfaces["rod"]);
        if (PartBodies.Unread(brief, ("rod", place.Kind.Key == "rods" ? ["diameter", "centres"] : ["diameter"]),
            (Load.Slot.Key, ["mass"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        var r = RodBlockReckoning.Of(brief, ledger);
        List<Check> checks = [.. RodBlockChecks.Of(r, p), r.Load.Heat(brief.Process),
            ChanceCheck.Of(r.Bore.Chance, [(r.Bore.Realised, place, "diameter")], r.Bore.Contradictions),
            BedCheck.Of(2 * r.HalfWide, r.Length.Value, Math.Max(0, r.Top.Value - r.Low), r.Way, brief.Process)];
        var built = r.Top.Value > r.Radius + 0.5;
        return new()
        {
            Ledger = ledger,
            Pieces = !built ? [] :
            [
                new(Piece.Main, "block", () => RodBlockShape.Part(r, brief.Mark), Ways, r.Way.Key)
                {
                    Pattern = [.. r.Inserts.Select(x => new PatternHole(x, 0, Hardware.Passing(r.InsertSize, "medium").Value,
                        HoleUse.Passing, "part on the block"))],
                    Walls = [.. r.Inserts.Select((x, i) => ($"{(r.Slot is null ? "insert" : "slot")} {i + 1}", RodBlockShape.Insert(r, r.Insert.Zone, x))),
                        .. r.Pinch is { } pinch ? r.At.Select((y, i) => ($"screw {i + 1}", RodBlockShape.Lip(r, pinch.Hole.Zone, 1, y))) : []],
                },
            ],
            Proofs = built ? [.. RodBlockShape.Proofs(r)] : [],
            Machine = [RodBlockShape.Rods(r)],
            Seats = [r.Bore.Seat()],
            Chance = r.Bore.Chance,
            Checks = checks,
            Drawing = built ? Draw(r, place) : null,
            Hardware =
            [
                r.Pinch is { } held ? $"{r.At.Count * r.Rods.Count} x {held.Takes.Says}, with washers"
                    : $"{r.At.Count * r.Rods.Count} set screws {Hardware.Name(r.Size)}, "
                    + $"{Figures.Mm(Math.Ceiling(r.Aside.Value))} or longer, tips of plastic or brass",
                .. r.Printed ? Array.Empty<string>() : r.Slot is not null ? [$"1 nut {Hardware.Name(r.InsertSize)}, in the slot"]
                    : [$"{r.Inserts.Count} heat-set insert{(r.Inserts.Count == 1 ? "" : "s")} {Hardware.Name(r.InsertSize)}"],
                .. r.Load.Shakes ? new[] { "threadlocker" } : [],
            ],
            Fitting = [r.Printed ? "Run a screw into each printed thread by hand, with a drop of oil, before the block is on its rods."
                : r.Slot is not null ? "Slide the nut through the whole slot before the block is on its rods."
                : "Press the inserts in with a hot tip, slowly, before the block is on its rods.",
                "Let each screw cut its thread once, slowly, with a drop of oil; back it out and clear the chips.",
                "Slide the block on: it must run over the whole length without force.",
                    "Draw the screws snug by a short key, no more: plastic threads strip.", "Tighten again after a day."],
            Gauges = built ? [.. RodBlockShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }

    private static SeatDrawing Draw(RodBlockReckoning r, Interface place)
    {
        var (wide, low, top, length) = (r.HalfWide, r.Low, r.Top.Value, r.Length.Value);
        var sheet = new Sheet().Box(Matter.Part, -wide, low, wide, top);
        if (r.Pinch is { } pinch)
        {
            Slits(sheet, r, pinch);
        }

        foreach (var x in r.Rods)
        {
            sheet.Round(Matter.Opening, x, 0, r.Bore.Drawn.Value).Round(Matter.Machine, x, 0, r.Bore.Counterpart.Value).Cross(x, 0, r.Radius * 1.2);
        }

        if (r.Slot is { Across: false })
        {
            Tee(sheet, r, 0);
        }

        foreach (var x in r.Slot is null ? r.Inserts : [])
        {
            sheet.Box(Matter.Opening, x - (r.Insert.Bore / 2), top - r.Insert.Depth, x + (r.Insert.Bore / 2), top).Axis(x,
                top - r.Insert.Depth - 2, x, top + 4);
        }

        sheet.Axis(r.Rods[^1], 0, wide + 5, 0).Point("rod.diameter.measured", r.Rods[0] - r.Radius, 0, CalloutSide.Left, reads: new(place.Id, "diameter"))
            .Point("rod.diameter.clearance", r.Rods[0], -r.Radius, CalloutSide.Left, "clearance")
            .Point(r.Pinch is null ? "boss" : "ear", wide - 1, 0, CalloutSide.Right, r.Pinch is null ? "boss" : "ear")
            .Up("top", wide, 0, top, 1, CalloutSide.Right, "axisHeight").Point(r.Pinch is null ? "wall" : "under", r.Rods[^1], low,
                CalloutSide.Below, r.Pinch is null ? "wall" : "under");
        if (r.Centres is not null)
        {
            sheet.Along("centres", r.Rods[0], r.Rods[1], low, 1, reads: new(place.Id, "over"));
        }

        sheet.View((2 * wide) + 40 + (length / 2), 0).Box(Matter.Part, -length / 2, low, length / 2, top);
        foreach (var y in r.Pinch is null ? r.At : [])
        {
            sheet.Round(Matter.Opening, y, 0, r.Thread.Bore).Cross(y, 0, r.Thread.Bore);
        }

        if (r.Pinch is { } slit)
        {
            sheet.Box(Matter.Opening, -length / 2, -r.Radius, length / 2, r.SlitTop).Point("slit", length / 2, r.SlitTop, CalloutSide.Right, "slit");
        }

        if (r.Slot is { Across: true })
        {
            Tee(sheet, r, 0);
        }

        return sheet.Along("length", -length / 2, length / 2, low, 1, sets: "length").Done;
    }

    /// <summary>The slot seen along it.</summary>
    private static void Tee(Sheet sheet, RodBlockReckoning r, double at)
    {
        var (slot, top) = (r.Slot!, r.Top.Value);
        var under = top - slot.Lip.Value;
        sheet.Box(Matter.Opening, at - (slot.Neck / 2), top - r.Insert.Depth, at + (slot.Neck / 2), top)
            .Box(Matter.Opening, at - (slot.Flats / 2), under - slot.High, at + (slot.Flats / 2), under).Axis(at, top - r.Insert.Depth - 2, at, top + 4)
            .Point("lip", at + (slot.Flats / 2), (top + under) / 2, CalloutSide.Above, "lip");
    }

    /// <summary>The slits, and the screws that draw them together, from the front.</summary>
    private static void Slits(Sheet sheet, RodBlockReckoning r, Pinch pinch)
    {
        var bore = pinch.Hole.Bore / 2;
        foreach (var side in r.Centres is null ? [1] : new[] { -1, 1 })
        {
            var (at, rod) = (side * r.PinchAt, side * r.Rods[^1]);
            sheet.Box(Matter.Opening, rod - (side * pinch.Root.Value), -r.Radius, side * r.HalfWide, r.SlitTop)
                .Box(Matter.Opening, at - bore, r.Low, at + bore, -r.Radius)
                .Box(Matter.Opening, at - (r.Thread.Bore / 2), r.SlitTop, at + (r.Thread.Bore / 2), r.SlitTop + r.Thread.Depth)
                .Axis(at, r.Low - 3, at, r.SlitTop + r.Thread.Depth + 2);
        }

        sheet.Point("root", r.Rods[^1] - pinch.Root.Value, r.SlitTop, CalloutSide.Below, "root");
    }
}
