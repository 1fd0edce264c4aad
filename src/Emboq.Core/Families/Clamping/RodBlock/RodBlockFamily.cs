using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.RodBlock;

/// <summary>A block that slides on one rod or two, is held by screws with soft tips, and carries something at a height.</summary>
public static class RodBlockFamily
{
    private const double Friction = 0.2;

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
        Wall = Decide.Length("wall", "Below the rods.", Specs.Length("wall", "Wall", 6, 1.2, 40, "Below the rods.", 0.5)),
        Boss = Decide.Length("thread in plastic", "From bore to side.", Specs.Length("boss", "Plastic along the set screws", 12, 3, 60,
            "From a rod's bore to the side: their thread is cut in it, and short threads strip.", 0.5));

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "rod-block", "rod block", "A stop, a gauge or a rest must ride on rods, at a height, and stay where it is put.",
        [new("rod", "rod or rods", ["rods", "post"]), Load.Slot],
        [
            Specs.Choice("across", "On the rods", "slide", "How close the bores are.",
                [.. FitClasses.All.Where(f => f.Key is "snug" or "slide" or "free").Select(f => new ParameterOption(f.Key, f.Name))]),
            Specs.Length("clearance", "Clearance", null, 0, 4, "On the diameter. Left open, the fit decides.", 0.05),
            Length.Spec, Wall.Spec, Boss.Spec,
            Specs.Choice("screws", "Set screws", "1", "On each rod, one behind the other.", new ParameterOption("1", "one on each rod"),
                new ParameterOption("2", "two on each rod")),
            Specs.Choice("screw", "Set screw size", "M6", "With a tip of plastic or brass, so that the rod is not marked.", Hardware.Threads),
            Specs.Number("torque", "Torque by hand", 0.4, 0.02, 10, "N·m", "Snug by a short key; a knob gives less."),
            Specs.Length("axisHeight", "Height wanted", 50, 5, 400, "From the rods' middle to the axis of what it carries.", 0.5),
            Specs.Length("thingHeight", "Its own height", 20, 0, 300, "Of what it carries: from what it stands on to its axis.", 0.5),
            Specs.Choice("inserts", "On top", "1", "What it carries is screwed on.", new ParameterOption("1", "one thread"),
                new ParameterOption("2", "two threads")),
            Specs.Length("insertSpacing", "Threads apart", 30, 8, 300, "Across the rods, from middle to middle.").If("inserts", "2"),
            Specs.Choice("thread", "It is screwed into", "insert", "A printed thread wants no insert, and the block printed as it is used.",
                new ParameterOption("insert", "heat-set inserts"), new ParameterOption("printed", "a printed thread")),
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
        List<Check> checks = [.. Checks(r, p), r.Load.Heat(brief.Process),
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
                    Walls = [.. r.Inserts.Select((x, i) => ($"insert {i + 1}", RodBlockShape.Insert(r, r.Insert.Zone, x)))],
                },
            ],
            Proofs = built ? [.. RodBlockShape.Proofs(r)] : [],
            Machine = [RodBlockShape.Rods(r)],
            Seats = [r.Bore.Seat(SeatWords.Rods)],
            Chance = r.Bore.Chance,
            Checks = checks,
            Drawing = built ? Draw(r, place) : null,
            Hardware =
            [
                $"{r.At.Count * r.Rods.Count} set screws {Hardware.Name(r.Size)}, {Figures.Mm(Math.Ceiling(r.Boss.Value))} or longer, "
                    + "tips of plastic or brass",
                .. r.Printed ? Array.Empty<string>()
                    : [$"{r.Inserts.Count} heat-set insert{(r.Inserts.Count == 1 ? "" : "s")} {Hardware.Name(r.InsertSize)}"],
                .. r.Load.Shakes ? new[] { "threadlocker" } : [],
            ],
            Fitting = [r.Printed ? "Run a screw into each printed thread by hand, with a drop of oil, before the block is on its rods."
                : "Press the inserts in with a hot tip, slowly, before the block is on its rods.",
                "Let each set screw cut its thread once, slowly, with a drop of oil; back it out and clear the chips.",
                "Slide the block on: it must run over the whole length without force.",
                    "Draw the set screws snug by a short key, no more: plastic threads strip.", "Tighten again after a day."],
            Gauges = built ? [.. RodBlockShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }

    private static IEnumerable<Check> Checks(RodBlockReckoning r, ParameterValues p)
    {
        var (force, count) = (r.Bolt.Lasting?.Value, r.At.Count * r.Rods.Count);
        yield return ReadingChecks.Of("rod.readings", "rods measured", r.Bore.Place, "diameter");
        var least = r.Radius + r.Insert.Depth + 2;
        var wanted = Math.Ceiling(p.Number("axisHeight")!.Value + least - r.Top.Value);
        yield return Judge.AtLeast("top", "top over the rods", r.Top.Value, least, "An insert has its depth above the rods.",
            "The insert would come down on a rod: a greater height, or a lower thing on it.", Verdict.Stop, "Plane geometry.",
            new Remedy.Change($"Want {Figures.Mm(wanted)}", new Dictionary<string, string> { ["axisHeight"] = Figures.Number(wanted) }));
        yield return Judge.AtMost("axis.doubt", "doubt of the height", 2 * r.Axis.StandardUncertainty, 0.5, "Shims are hardly needed.",
            "Leave it a little low, and shim it.", Verdict.Watch,
            "Stack of heights, k = 2.");
        if (r.Centres is { } between)
        {
            yield return Judge.AtLeast("between", "plastic between the bores", between.Value - (2 * r.Radius), 4, "Enough stays between the rods.",
                "The rods are too near each other for a wall between.", Verdict.Stop, "Common practice, no published source.");
        }

        yield return Judge.AtLeast("straight", "long enough to slide straight", r.Length.Value, r.Centres is { } apart ? apart.Value / 2
            : 2 * r.Bore.Drawn.Value, "It does not jam askew.",
            "A block so short on rods so far apart jams askew.", Verdict.Watch, "The drawer rule; common practice, no published source.",
            Length.To(Math.Ceiling(r.Centres is { } wide ? wide.Value / 2 : 2 * r.Bore.Drawn.Value), "Make it {0} long"));
        yield return r.SetScrew.WallCheck("set.wall", "set screw, to the ends", r.Length.Value / 2 / r.At.Count,
            Length.To(Math.Ceiling(2 * r.At.Count * r.SetScrew.Reach), "Make it {0} long"));
        yield return r.SetScrew.WallCheck("set.below", "set screw, below", -r.Low,
            Wall.To(Math.Ceiling(r.SetScrew.Reach - r.Radius + 0.5), "Make the wall {0}"));
        yield return r.Insert.WallCheck("insert.wall", "insert, to the sides", Math.Min(r.Length.Value / 2, r.HalfWide - r.Inserts[^1]),
            Length.To(Math.Ceiling(2 * r.Insert.Reach), "Make it {0} long"));
        if (r.Inserts.Count > 1)
        {
            yield return r.Insert.WallCheck("insert.apart", "insert, towards the other", r.Inserts[1],
                new Remedy.Change($"Set them {Figures.Mm(Math.Ceiling(2 * r.Insert.Reach))} apart",
                new Dictionary<string, string> { ["insertSpacing"] = Figures.Number(Math.Ceiling(2 * r.Insert.Reach)) }));
        }

        if (r.Printed)
        {
            yield return Strength.Used("top.strips", "printed thread on top", r.Load.Weight.Value, r.TopStrips, "N", "It bears what hangs on it.",
                "What hangs on it strips the printed thread: inserts bear more.",
                "Shear at the screw's major diameter, less what the clearance takes (FED-STD-H28, from memory); a sixth of the strength.",
                () => [new Remedy.Change("Take inserts", new Dictionary<string, string> { ["thread"] = "insert" })]);
        }

        foreach (var check in r.SetScrew.Checks.Concat(r.Insert.Checks))
        {
            yield return check;
        }

        yield return Strength.Used("strips", "thread in the plastic", r.Bolt.Each.Value, r.Strips, "N", "The thread bears the set screw.",
            "The thread strips: more plastic along it, or draw it less tight.",
            "Shear at the screw's major diameter, 7/8 of the pitch (ISO 68-1; FED-STD-H28, from memory); a sixth of the strength.", () => Strength.Best(
                new StrengthChoice("boss", "plastic along the set screws", r.Boss.Value, 60, b => r.Bolt.Each.Value / r.Strips!.Value * r.Boss.Value / b)));
        yield return Strength.Used("holds", p.Choice("stands") == "upright" ? "holds against sliding down"
            : "holds against a push along the rods", r.Load.Weight.Value,
            force is { } f ? 2 * Friction * f * count : null, "N", "After a day it still stays where it was put.",
                "It slides: take two screws on each rod, or draw them tighter.",
            "Friction under the tips and opposite them; μ 0.2, common practice.");
        if (r.Centres is null)
        {
            yield return Strength.Used("turns", "holds against turning", r.Load.Moment.Value, force is { } t
                ? Friction * t * count * r.Bore.Counterpart.Value : null, "N·mm",
                "After a day it still does not turn on its rod.", "On one rod the load turns it: take two rods, or draw it tighter.",
                    "Friction under the tips and opposite them; μ 0.2, common practice.");
        }
    }

    private static SeatDrawing Draw(RodBlockReckoning r, Interface place)
    {
        var (wide, low, top, length) = (r.HalfWide, r.Low, r.Top.Value, r.Length.Value);
        var sheet = new Sheet().Box(Matter.Part, -wide, low, wide, top);
        foreach (var x in r.Rods)
        {
            sheet.Round(Matter.Opening, x, 0, r.Bore.Drawn.Value).Round(Matter.Machine, x, 0, r.Bore.Counterpart.Value).Cross(x, 0, r.Radius * 1.2);
        }

        foreach (var x in r.Inserts)
        {
            sheet.Box(Matter.Opening, x - (r.Insert.Bore / 2), top - r.Insert.Depth, x + (r.Insert.Bore / 2), top).Axis(x,
                top - r.Insert.Depth - 2, x, top + 4);
        }

        sheet.Axis(r.Rods[^1], 0, wide + 5, 0).Point("rod.diameter.measured", r.Rods[0] - r.Radius, 0, CalloutSide.Left, reads: new(place.Id, "diameter"))
            .Point("rod.diameter.clearance", r.Rods[0], -r.Radius, CalloutSide.Left, "clearance").Point("boss", wide - 1, 0, CalloutSide.Right, "boss")
            .Up("top", wide, 0, top, 1, CalloutSide.Right, "axisHeight").Point("wall", r.Rods[^1], low, CalloutSide.Below, "wall");
        if (r.Centres is not null)
        {
            sheet.Along("centres", r.Rods[0], r.Rods[1], low, 1, reads: new(place.Id, "over"));
        }

        sheet.View((2 * wide) + 40 + (length / 2), 0).Box(Matter.Part, -length / 2, low, length / 2, top);
        foreach (var y in r.At)
        {
            sheet.Round(Matter.Opening, y, 0, r.SetScrew.Bore).Cross(y, 0, r.SetScrew.Bore);
        }

        return sheet.Along("length", -length / 2, length / 2, low, 1, sets: "length").Done;
    }
}
