using Emboq.Core.Families.Turning.Spindle;

namespace Emboq.Core.Families.Turning.PadHolder;

/// <summary>How the machine holds a pad holder.</summary>
internal enum PadHeld
{
    Screws,
    Boss,
    Thread,
}

/// <summary>A disc on a machine that balances its pad: it must weigh what the original weighed.</summary>
public static class PadHolderFamily
{
    internal static readonly IReadOnlyList<WayUp> Ways =
    [
        new("face", "the pad's face down", 0, "Lines run around the disc.", "The recess for the boss stands upright; heads are roofed over by short bridges."),
        new("edge", "on its rim", 90, "Layers lie across the disc: it splits there as it spins.", "It stands on a thin edge.", SpoilsFit: true),
    ];

    internal static readonly Decision<WayUp> Way = Decide.Way(Ways);

    internal static readonly Decision<Quantity>
        Across = Decide.Length("holder, across", "As wide as its pad.", Specs.Length("across", "Holder, across", 75, 20, 300, "As wide as its pad.", 1)),
        Boss = Decide.Length("boss at its back, across", "The screws stand in it.", Specs.Length("boss", "Boss at its back, across", 44, 10, 200,
            "The screws stand in it.", 1)),
        BossHigh = Decide.Length("boss at its back, high", "Over the disc.", Specs.Length("bossHigh", "Boss at its back, high", 6, 1, 60, "Over the disc.",
            0.5));

    internal static readonly Decision<PadHeld> Held = Decide.Choice("held", "The machine holds it", "What it was screwed to.",
        ("screws", "by screws on a circle", PadHeld.Screws), ("boss", "on its boss, by one screw", PadHeld.Boss),
        ("thread", "by the thread of its spindle", PadHeld.Thread));

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "pad-holder", "pad holder", "A pad or disc must run quietly on a machine that was balanced for another.",
        [new InterfaceSlot("mount", "screw circle of the machine", ["hole-circle"]).If("held", "screws"), SpindleSocket.Slot.If("held", "thread"),
            new InterfaceSlot("centre", "boss that centres it", ["post"], SlotNeed.Sometimes),
            new("original", "original on the scale", ["mass"], SlotNeed.Sometimes), new("guard", "inside of the guard", ["bore"], SlotNeed.Sometimes),
                Specs.Screw],
        [
            Held.Spec, Across.Spec, Boss.Spec, BossHigh.Spec, .. SpindleSocket.Specs.Select(s => s.If("held", "thread")),
            Specs.Choice("centreFit", "On the machine's boss", "snug", "It centres the holder.", [.. FitClasses.All.Where(f => f.Key is "snug" or "slide")
                .Select(f => new ParameterOption(f.Key, f.Name))]).If("centre", "named"),
            Specs.Length("bossDeep", "The boss goes in", 3, 0.5, 40, "From its back.", 0.5).If("centre", "named"),
            Specs.Choice("screw", "Screws", "M5", "Cap screws from the pad's side.", Hardware.Threads).If("held", "screws", "boss"),
            Specs.Number("screwMass", "Each screw weighs", 3, 0, 100, "g", "On the scale: they turn with it.").If("held", "screws", "boss"),
            Specs.Choice("solve", "Its thickness", "mass", "A machine that balances its pad wants the weight of the original.",
                new ParameterOption("mass", "is solved for its weight"), new ParameterOption("thick", "is decided")),
            Specs.Number("target", "The original weighs", 110, 1, 3000, "g", "On the scale, with its screws.").If("solve", "mass").If("original", "open"),
            Specs.Length("thick", "Thickness of the disc", 12, 2, 60, "Without its boss.", 0.5).If("solve", "thick"),
            Specs.Number("flow", "A print weighs", null, 70, 130, "%",
                "Of what was planned by the model. Left open, prints of this setup that were weighed tell it: note a run with its grams."),
            Specs.Number("speed", "It turns at", 9000, 10, 30_000, "1/min", "The fastest that the machine runs."),
            Specs.Number("power", "The machine takes", null, 5, 5000, "W", "As printed on it: what it twists the thread with.").If("held", "thread"),
            Specs.Length("orbit", "Radius of its orbit", 2.5, 0, 30, "Half of the stroke that is stamped on the machine; nothing where it only spins.", 0.25),
            Specs.Number("moving", "What turns weighs", 400, 10, 10_000, "g", "Pad, counterweight and spindle together, as far as known."),
            Specs.Length("was", "Pad that was on it, across", null, 10, 400, "To tell what a smaller one does.", 1),
            Specs.Number("allowed", "The pad allows", null, 100, 60_000, "1/min", "As printed on it."),
            Specs.Length("runOut", "Run-out", 0.5, 0, 10, "At the rim, to each side.", 0.1).If("guard", "named"),
            Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["across", "count"],
        Weighed = true,
        Words =
        [
            TryWord.Works with { Says = "was weighed, dropped and run, and held" },
            new("shakes", "shakes the machine"),
            new("touches", "touches the guard"),
            new("heavy", "weighs more than it should"),
            new("light", "weighs less than it should"),
            new("cracks", "cracked") { Ends = true },
        ],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "What turns so fast flies apart as a shot: the plug pulled while fitting, a face shield, the guard on, and nobody in its plane.",
        "Run it in the air at the lowest speed first, with the pad away from you; stop at the first hum or shake.",
        "Warmth softens it: feel it after a minute, and again. Figures do not show fatigue, hidden voids or heat.",
        "The machine's manual decides whether another pad or holder may run on it at all.",
    ];

    private static Design Design(Brief brief)
    {
        var ledger = new Ledger();
        if (PartBodies.Unread(brief, ("mount", ["circle", "count"]), (SpindleSocket.Slot.Key, SpindleSocket.Needs), ("centre", ["diameter"]), ("original",
            ["mass"]), ("guard", ["diameter"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        if (Held.Read(brief.Parameters, ledger) == PadHeld.Boss && !brief.Interfaces.ContainsKey("centre"))
        {
            return PartBodies.Unbuilt(ledger, [new("centre.named", "boss that centres it", Verdict.Stop,
                "It sits on the machine's boss and nothing else: name the boss that centres it, and measure it.", "no boss", "a measured boss",
                "A size is measured, never assumed.", [])], Cautions);
        }

        var r = PadReckoning.Of(brief, ledger);
        return new()
        {
            Ledger = ledger,
            Pieces = r.Built ? [PadShape.Piece(r, brief.Mark)] : [],
            Proofs = r.Built ? [.. PadShape.Proofs(r)] : [],
            Machine = r.Built ? [.. PadShape.Machine(r)] : [],
            Contacts = r.Built && r.Socket is { } on ? [new("machine-spindle", Piece.Main, 0.65 * on.Pitch.Value)] : [],
            Seats = r.Socket is { } socket ? [socket.Thread.Seat([.. socket.Ladder])] : r.Centred is { } centred ? [centred.Seat()] : [],
            Chance = (r.Socket?.Thread ?? r.Centred)?.Chance,
            Checks = [.. PadChecks.Of(r, brief)],
            Drawing = r.Built ? PadDrawing.Of(r) : null,
            Hardware =
            [
                .. r.Screw is { } screw ? new[] { $"{Said(r.Count)} {Joints.Hardware.Name(r.Size)} cap head, longer than "
                    + $"{Figures.Mm(screw.Depth - screw.Recess)} by {(r.Count == 1 ? "its" : "their")} thread in the machine", "threadlocker" } : [],
                $"a pad {Figures.Mm(r.Across.Value)} across",
            ],
            Fitting =
            [
                .. r.Socket is null ? Array.Empty<string>() : ["Print the test nuts first, and take the thread that runs on by hand and does not rock."],
                $"Weigh a print of it{(r.Screw is null ? "" : " without its screws")} and note it as a run: the next one is reckoned by what the printer "
                    + "really lays down.",
                "Paint the two notches in its rim white: while they blur it turns, and when they stand still it stalls.",
                r.Held switch
                {
                    PadHeld.Thread => "Screw it on by hand until it rests on the spindle's shoulder; nothing may stand off.",
                    PadHeld.Boss => "A drop of threadlocker on the screw; draw it snug by a short key while the boss is home.",
                    _ => "A drop of threadlocker on each screw; draw them in turn, snug by a short key.",
                },
                "Stick the pad on its middle: measure from rim to rim all around.",
                "Run it in the air, slowly first, then a minute at full speed; feel for warmth and shaking.",
            ],
            Gauges = r.Built ? [.. PadShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }

    private static string Said(int screws) => screws == 1 ? "1 screw" : $"{screws} screws";
}
