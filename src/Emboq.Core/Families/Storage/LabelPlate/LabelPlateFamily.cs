namespace Emboq.Core.Families.Storage.LabelPlate;

/// <summary>A plate or tag with words: screwed on, hung up, or on a ring.</summary>
public static class LabelPlateFamily
{
    /// <summary>Between what holds it and the words, mm a side.</summary>
    private const double Margin = 3;

    /// <summary>Size of the bugle-head screws.</summary>
    private const string Bugle = "No. 6";

    private static readonly IReadOnlyList<WayUp> Ways =
    [
        new("back", "back down", 0, "Lines lie across the plate.", "No seam on the face."),
        new("face", "face down", 180, "Lines lie across the plate; the face is as smooth as the bed.", "No seam on the face."),
    ];

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "label-plate", "label plate or tag", "A box, hook or key whose content nobody remembers.",
        [
            Specs.Screw.If("fixing", "screws", "machine", "slots"), Specs.Nut.If("fixing", "machine"),
            new InterfaceSlot("ring", "ring or wire it hangs on", ["ring"], SlotNeed.Sometimes).If("fixing", "hang"),
        ],
        [
            Specs.Choice("shape", "Shape", "plate", "A tag hangs on a ring.", new ParameterOption("plate", "plate"), new ParameterOption("tag", "round tag")),
            Specs.Length("width", "Width", 80, 12, 300, "Across; of a round tag, its diameter."),
            Specs.Length("height", "Height", 22, 8, 120, "Up and down.").If("shape", "plate"),
            Specs.Length("thickness", "Thickness", 3, 0.8, 20, "From back to face.", 0.2),
            Specs.Length("corner", "Corner radius", 4, 0, 30, "Of the plate.", 0.5).If("shape", "plate"),
            Specs.Choice("fixing", "Held by", "screws", "Two screws, a hole to hang it by, or tape and glue.", new ParameterOption("screws", "two screws"),
                new ParameterOption("bugle", "two bugle-head screws"), new ParameterOption("machine", "two countersunk machine screws"),
                new ParameterOption("slots", "two slots, to set it level"), new ParameterOption("hang", "a hole to hang it"),
                new ParameterOption("none", "tape or glue")),
            Specs.Choice("woodScrew", "Screw", "3.5 mm", "Wood screws, countersunk; through slots with a pan head.",
                Hardware.WoodScrews).If("fixing", "screws", "slots"),
            Specs.Choice("screw", "Screw", "M4", "Inch heads have 82 degrees.", Hardware.Threads).If("fixing", "machine"),
            Specs.Choice("head", "Head", "ISO 10642", "Two metric heads of 90 degrees that differ in size.",
                new ParameterOption("ISO 10642", "hexagon socket, ISO 10642"),
                new ParameterOption("ISO 7046", "cross recess, ISO 7046")).If("fixing", "machine"),
            Specs.Board.If("fixing", "screws", "bugle", "machine", "slots"),
            Specs.Washer.If("fixing", "machine"),
            Specs.Length("travel", "Slots longer by", 8, 1, 60, "How far the screws may move.").If("fixing", "slots"),
            Specs.Length("hangHole", "Hanging hole", 5, 2, 30, "For a nail, a cord, or the ring.", 0.5).If("fixing", "hang").If("ring", "open"),
            .. Label.Specs(0.6),
            Specs.WayUp(Ways),
            .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["text", "count"],
        Gives = [GivenThing.Holes],
        Screws = true,
        Words = [TryWord.Works, new("letters", "has letters that are hard to read"), new("screwTight", "is tight on its screws"),
            new("holesOff", "has holes that are off"), new("tooWeak", "breaks or bends")],
    };

    private static Design Design(Brief brief)
    {
        var (ledger, p) = (new Ledger(), brief.Parameters);
        if (PartBodies.Unread(brief, ("ring", ["wire"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        Quantity Chosen(string key, string name) => ledger.Add(key, name, Quantity.Chosen(name, p.Number(key)!.Value, Unit.Millimetre), "Chosen by the maker.");
        var tag = p.Choice("shape") == "tag";
        var (width, thickness) = (Chosen("width", tag ? "diameter" : "width"), Chosen("thickness", "thickness"));
        var height = tag ? ledger.Add("height", "height", width + Quantity.Chosen("none", 0, Unit.Millimetre), "A round tag is as high as wide.")
            : Chosen("height", "height");
        var corner = tag ? width.Value / 2 : Chosen("corner", "corner radius").Value;
        var scope = PartBodies.Scope(brief, ledger, "hole", "fixing");
        var ring = p.Choice("fixing") == "hang" && brief.Interfaces.GetValueOrDefault("ring") is { } place ? HangingRing.Of(place, thickness, ledger) : null;
        var joint = Fixing(scope, p, thickness.Value, ring);
        var screw = Screw(scope, brief, thickness);
        var drilled = Drilled(scope, p, screw);
        var places = Places(p.Choice("fixing"), tag, joint, width.Value, height.Value);
        var label = Label.Of(brief, Across(joint, places, width), tag ? 0.5 * height
            : height - Quantity.Chosen("margins, up", 2, Unit.Millimetre), ledger);
        var at = tag && joint is not null ? -joint.Reach / 2 : places is [var only] ? (only.X + only.R + (width.Value / 2)) / 2 : 0;
        var way = Ways.First(w => w.Key == p.Choice("wayUp"));
        var (x, y) = tag ? (0.0, at) : (at, 0.0);
        Solid Part()
        {
            var ease = Math.Min(0.6, thickness.Value / 4);
            var plate = Slab.Of(width.Value, height.Value, thickness.Value, corner, way.Key == "back" ? ease : 0);
            var cut = plate.Without([.. places.Select(h => joint!.Cut.At(h.X, h.Y, thickness.Value)), .. label?.Sunk(x, y, thickness.Value) ?? []]);
            var worded = label?.Raised(x, y, thickness.Value) is { } letters ? cut + letters : cut;
            return PartBodies.Marked(worded, brief.Mark, mark => mark.UpsideDown(), Math.Min(20, width.Value / 3));
        }

        // A bugle's mouth that reaches the back leaves nothing of the hole itself to be gauged.
        var straight = p.Choice("fixing") == "bugle" && joint is not null && ledger["hole.countersink.depth"].Value > thickness.Value - 0.4 ? [] : places;
        return new()
        {
            Ledger = ledger,
            Pieces =
            [
                new("part", tag ? "tag" : "plate", Part, Ways, way.Key)
                {
                    Pattern = drilled is null ? [] : [.. places.Select(h => drilled(h.X, h.Y))],
                    Walls = [.. places.Select((h, i) => ($"hole {i + 1}", joint!.Zone.At(h.X, h.Y, thickness.Value)))],
                },
                .. Label.Inlays(label, new(x, y, thickness.Value)),
            ],
            Proofs =
            [
                .. places.Take(1).Select(hole => new Proof("ring-hole", "one hole", () => Around(Part(), hole, joint!.Reach, thickness.Value),
                    "Proves that the screw passes and its head lies in its mouth, or that the ring goes through. It does not prove the spacing.")),
                .. Label.Proofs(label),
            ],
            Checks =
            [
                .. joint is null ? [] : Walls(joint, places, tag, width.Value, height.Value),
                .. joint?.Checks ?? [],
                .. screw is null ? Array.Empty<Check>() : [Seat(joint!), screw.Check],
                .. ring?.Checks(joint!.Reach + 0.8 - joint.Sleeves[0].Radius) ?? [],
                .. Label.Checks(label, brief, way.Key == "face"),
                Behind(label, thickness.Value),
                BedCheck.Of(width.Value, height.Value, thickness.Value, way, brief.Process),
            ],
            Drawing = Draw(tag, width.Value, height.Value, thickness.Value, corner, places, p.Choice("fixing") == "slots"
                ? p.Number("travel")!.Value : 0, label, at),
            Hardware = [.. Held(p, tag, screw, ring), .. Label.Hardware(label)],
            Fitting = [screw is not null ? "Drive the screws until the heads are flush, no further: the plate splits." : p.Choice("fixing") == "hang"
                ? "Hang it up." : "Clean both faces and press it on.",
                .. Label.Fitting(label)],
            Paper = label?.Paper,
            Gauges =
            [
                new("part", "thickness", thickness.Value, tag ? new(0, -height.Value * 0.45, 0.1) : new(0, (-height.Value / 2) + 0.9, 0.1), Axis.Z, Jaws.Over),
                .. straight.Select(h => new Gauge("part", "hole", joint!.Bore, new(h.X, h.Y, 0.2), Axis.Y)),
                .. straight.Take(1).Select(h => new Gauge("ring-hole", "hole", joint!.Bore, new(h.X, h.Y, 0.2), Axis.Y)),
            ],
            Cautions = Cautions,
        };
    }

    private static readonly IReadOnlyList<string> Cautions =
        ["A label is no safety sign: what warns of danger follows the rules for signs where you work."];

    private static IReadOnlyList<string> Held(ParameterValues p, bool tag, ScrewLength? screw, HangingRing? ring) => p.Choice("fixing") switch
    {
        "machine" => [$"2 screws {screw!.Says}", $"2 nuts {Hardware.Name(p.Choice("screw"))}", .. Hardware.Washers(p, p.Choice("screw"))],
        "hang" => [ring is not null ? $"1 {ring.Place.Name}" : tag ? "1 split ring" : "1 nail or hook"],
        "none" => ["double-sided tape"],
        _ => [$"2 wood screws {screw!.Says}"],
    };

    private static Solid Around(Solid part, (double X, double Y, double R) hole, double reach, double thickness) =>
        PartBodies.Slice(part, hole.X - reach, hole.Y - reach, 0, hole.X + reach, hole.Y + reach, thickness);

    /// <summary>Into the wood behind it, or through that to a nut.</summary>
    private static ScrewLength? Screw(JointScope scope, Brief brief, Quantity thickness)
    {
        var (p, fixing) = (brief.Parameters, brief.Parameters.Choice("fixing"));
        if (fixing is "hang" or "none")
        {
            return null;
        }

        var board = Specs.BoardOf(p, scope.Ledger);
        if (fixing != "machine")
        {
            return ScrewLength.IntoWood(scope, fixing == "bugle" ? Bugle : p.Choice("woodScrew"),
                fixing switch { "bugle" => "bugle head", "slots" => "pan head", _ => "countersunk" }, [thickness], board, brief.Drawer);
        }

        var size = p.Choice("screw");
        var nut = NutPocket.Height(scope, size);
        var past = Quantity.RuleOfThumb("thread past the nut", 8, Unit.Millimetre, "A longer end catches.");
        return ScrewLength.Of(scope, (size, "countersunk", $"{Hardware.Name(size)} countersunk"), [thickness, board, .. Hardware.UnderHead(p, size)],
            nut + Hardware.Pitch(size), nut + past, brief.Drawer);
    }

    /// <summary>A pilot for wood screws, a passing hole for machine screws.</summary>
    private static Func<double, double, PatternHole>? Drilled(JointScope scope, ParameterValues p, ScrewLength? screw) => (screw, p.Choice("fixing")) switch
    {
        (null, _) => null,
        (_, "machine") => (x, y) => new(x, y, Hardware.Passing(p.Choice("screw"), "medium").Value, HoleUse.Passing, "board behind it"),
        ({ } wood, var fixing) => Hardware.PilotHole(scope, fixing == "bugle" ? Bugle : p.Choice("woodScrew"), wood, "wood behind it"),
    };

    private static Joint? Fixing(JointScope scope, ParameterValues p, double thickness, HangingRing? ring) => p.Choice("fixing") switch
    {
        "screws" => ScrewHole.CountersunkWood(scope, p.Choice("woodScrew"), thickness),
        "bugle" => ScrewHole.Bugle(scope, Bugle, thickness),
        "machine" => ScrewHole.Countersunk(scope, p.Choice("screw"), p.Choice("screw")[0] == 'M' ? p.Choice("head") : "ASME B18.6.3", thickness),
        "slots" => ScrewHole.Slotted(scope, ScrewHole.PassingWood(scope, p.Choice("woodScrew")), p.Number("travel")!.Value, thickness),
        "hang" => ScrewHole.Plain(scope, ring?.Hole ?? Quantity.Chosen("hanging hole", p.Number("hangHole")!.Value, Unit.Millimetre), thickness),
        _ => null,
    };

    private static List<(double X, double Y, double R)> Places(string fixing, bool tag, Joint? joint, double width, double height)
    {
        if (joint is null)
        {
            return [];
        }

        var (from, r) = (joint.Reach + 0.8, joint.Sleeves[0].Radius);
        return tag ? [(0, (height / 2) - from, r)]
            : fixing == "hang" ? [((-width / 2) + from, 0, r)]
            : [((-width / 2) + from, 0, r), ((width / 2) - from, 0, r)];
    }

    private static Quantity Across(Joint? joint, List<(double X, double Y, double R)> places, Quantity width)
    {
        var margins = Quantity.RuleOfThumb("margins", 2 * Margin, Unit.Millimetre, "3 mm free at each side of the words.");
        if (joint is null)
        {
            return width - margins;
        }

        var rim = joint.Sleeves.Max(s => s.Radius);
        var taken = places.Count == 2 ? width.Value - (places[1].X - places[0].X) + (2 * rim) : places[0].X == 0 ? width.Value * 0.2 : joint.Reach + 0.8 + rim;
        return width - Quantity.Input("space the holes take", taken, Unit.Millimetre, new Provenance.Chosen("where the holes stand")) - margins;
    }

    private static IEnumerable<Check> Walls(Joint joint, List<(double X, double Y, double R)> places, bool tag, double width, double height)
    {
        var wanted = Math.Ceiling((2 * joint.Reach) + 2);
        if (!tag)
        {
            yield return joint.WallCheck("wall.side", "hole, above and below", height / 2,
                new Remedy.Change($"Make it {Figures.Mm(wanted)} high", new Dictionary<string, string> { ["height"] = Figures.Number(wanted) }));
        }

        yield return joint.WallCheck("wall.end", "hole, towards the edge", joint.Reach + 0.8);
        var between = places.Count == 2 ? (places[1].X - places[0].X) / 2 : (width / 2) + Math.Abs(places[0].X + places[0].Y);
        yield return joint.WallCheck("wall.between", "hole, towards the other", between,
            new Remedy.Change($"Make it {Figures.Mm(2 * wanted)} wide", new Dictionary<string, string> { ["width"] = Figures.Number(2 * wanted) }));
    }

    private static Check Seat(Joint joint)
    {
        var wanted = Math.Ceiling((joint.Recess + Joint.FlushSeat) * 5) / 5;
        return joint.SeatCheck("hole.head", "screw", Joint.FlushSeat, new Remedy.Change($"Make it {Figures.Mm(wanted)} thick",
            new Dictionary<string, string> { ["thickness"] = Figures.Number(wanted) }));
    }

    private static Check Behind(Label? label, double thickness)
    {
        var left = thickness - (label?.CutIn ?? 0);
        var fits = left >= 0.6;
        var wanted = Math.Ceiling((thickness - left + 1) * 5) / 5;
        return new("behind", "plate behind the letters", fits ? Verdict.Good : Verdict.Stop, fits ? "Enough stays behind the letters."
            : "The letters cut through the plate.",
            Figures.Mm(left), "0.6 mm or more", "Common practice, no published source.", fits ? []
                : [new Remedy.Change($"Make it {Figures.Mm(wanted)} thick", new Dictionary<string, string> { ["thickness"] = Figures.Number(wanted) })]);
    }

    private static SeatDrawing Draw(bool tag, double width, double height, double thickness, double corner, List<(double X, double Y, double R)> places,
        double travel, Label? label, double at)
    {
        var sheet = new Sheet().Face(Matter.Part, Slab.Rounded(width, height, Math.Min(corner, (Math.Min(width, height) / 2) - 0.01), 0).Points);
        foreach (var (x, y, r) in places)
        {
            var hole = (2 * r) - travel;
            if (travel > 0)
            {
                sheet.Round(Matter.Opening, x - (travel / 2), y, hole).Round(Matter.Opening, x + (travel / 2), y, hole).Box(Matter.Opening, x - (travel / 2),
                    y - (hole / 2), x + (travel / 2), y + (hole / 2));
            }
            else
            {
                sheet.Round(Matter.Opening, x, y, hole);
            }

            sheet.Cross(x, y, hole);
        }

        label?.Draw(sheet, tag ? 0 : at, tag ? at : 0);
        sheet.Along("width", -width / 2, width / 2, -height / 2,
            sets: "width").Up("height", -width / 2, -height / 2, height / 2, sets: tag ? null : "height");
        if (!tag)
        {
            sheet.Point("corner", width / 2, height / 2, sets: "corner");
        }

        if (label is not null)
        {
            sheet.Point("label.size", tag ? 0 : at, tag ? at : 0, sets: "letterSize").Point("label.depth", tag ? 0 : at, tag ? at : 0,
                CalloutSide.Right, "letterDepth");
        }

        return sheet.View((width / 2) + 24, 0).Box(Matter.Part, 0, -height / 2, thickness, height / 2).Along("thickness", 0, thickness, -height / 2,
            sets: "thickness").Done;
    }
}
