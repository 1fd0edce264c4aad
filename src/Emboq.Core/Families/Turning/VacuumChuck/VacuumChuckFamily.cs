using Emboq.Core.Families.Turning.Spindle;

namespace Emboq.Core.Families.Turning.VacuumChuck;

/// <summary>A cup on a machine's spindle that air holds turned work in.</summary>
public static class VacuumChuckFamily
{
    internal static readonly IReadOnlyList<WayUp> Ways =
    [
        new("hub", "its hub down", 0, "Lines run around the cup.", "Thread and land stand upright; the air's way closes like a roof."),
        new("side", "on its side", 90, "Layers lie across the land, and leak there.", "The thread lies, and its turns hang in the air.", SpoilsFit: true),
    ];

    internal static readonly Decision<WayUp> Way = Decide.Way(Ways);

    internal static readonly Decision<Quantity>
        Land = Decide.Length("land", "What the work rests on.", Specs.Length("land", "Land", 6, 2, 60, "Width of the face that seals, along it.", 0.5)),
        Wall = Decide.Length("wall around the thread", "It makes the hub.", Specs.Length("wall", "Wall around the thread", 9, 3, 60, "It makes the hub.", 0.5)),
        Rim = Decide.Length("rim", "Around the land.", Specs.Length("rim", "Rim around the land", 4, 1.2, 30, "It holds air: four lines or more.", 0.5)),
        Airway = Decide.Length("airway", "From spindle to cup.", Specs.Length("airway", "Airway", 6, 2, 60, "Across, from the spindle to the cup.", 0.5));

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "vacuum-chuck", "vacuum chuck", "Turned work must be held without a mark, by air, to be finished on its other side.",
        [SpindleSocket.Slot, new("turned", "turned work", ["turned"])],
        [
            .. SpindleSocket.Specs,
            Specs.Length("seatAt", "Seat on a diameter of", null, 5, 400, "Where the work rests. Left open: as far out as one of its faces takes the land.",
                0.5),
            Land.Spec, Rim.Spec, Wall.Spec, Airway.Spec,
            Specs.Choice("seal", "Seal", "foam", "What lies between land and work.", new ParameterOption("foam", "foam rubber on the land"),
                new ParameterOption("cord", "a rubber cord in a groove")),
            Specs.Length("cord", "Cord", 3, 1, 10, "Its diameter.", 0.5).If("seal", "cord"),
            Specs.Number("pump", "The pump reaches", 85, 5, 99, "%", "Of the air's own pressure, with its hose shut."),
            Specs.Number("altitude", "Workshop above the sea", 200, 0, 5000, "m", "Higher up the air presses less."),
            Specs.Number("gauge", "Gauge, with the work on", null, 1, 110, "kPa", "What it shows below the air's pressure; it goes before all reckoning."),
            Specs.Number("grip", "Grip of the seal", 0.4, 0.05, 1.5, "", "Friction on the work; foam on wood has about 0.4."),
            Specs.Number("cut", "A light cut pushes with", 15, 1, 500, "N", "A sharp tool and a thin shaving; scraping takes more."),
            Specs.Choice("tailstock", "Tailstock", "none", "It holds the far end.", new ParameterOption("none", "away"), new ParameterOption("up",
                "brought up")),
            .. TurnedWork.MeasuredSpecs, Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["seatAt", "count"],
        Words =
        [
            TryWord.Works with { Says = "held, and let go only when the pump stopped" },
            new TryWord("leaks", "leaks"),
            new TryWord("slips", "lets the work turn").Helped(("land", 1.3, "Make the land {0}")),
            new("flew", "let the work fly off") { Ends = true },
            new("cracks", "cracked") { Ends = true },
        ],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "When the vacuum is lost the work flies: a leak, a hose, a power cut are enough. Never stand in its plane, wear a face shield, and guard it.",
        "Start at the lowest speed. Thin shavings with a sharp tool only; bring the tailstock up whenever the work lets you, and always where a figure "
            + "here asks for it.",
        "Figures do not show a leak that opens while it runs: watch the gauge, and stop when it falls.",
        "The manuals of machine and pump and the rules of your workshop decide whether a printed chuck may run on them at all.",
    ];

    /// <summary>What must have been read of each step of the work.</summary>
    private static readonly string[] Read = ["length", "first"];

    private static Design Design(Brief brief)
    {
        var (ledger, turned) = (new Ledger(), brief.Interfaces["turned"]);
        // Of a thing without steps nothing is known but that it is long.
        var steps = turned.Items.Count == 0 ? ["overall"]
            : Enumerable.Range(0, turned.Items.Count).SelectMany(i => Read.Select(k => turned.Kind.Item!.KeyOf(i, k)));
        if (PartBodies.Unread(brief, (SpindleSocket.Slot.Key, SpindleSocket.Needs), ("turned", [.. steps])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        if (ChuckReckoning.Of(brief, ledger) is not { } r)
        {
            var wanted = brief.Parameters.Number("seatAt");
            return PartBodies.Unbuilt(ledger, [new("seat", "face to seat on", Verdict.Stop, wanted is null
                ? "No face of the work that widens is wide enough for the land, and turned far enough away from the axis: a narrower land."
                : "The work is nowhere so wide, or only behind a wider place: another diameter.", wanted is { } w ? Figures.Mm(w) : "none",
                "a face that widens", "The work's profile, as read.", wanted is null ? [Land.To(2, "Make the land {0}")]
                    : [new Remedy.Change("Let Emboq choose the seat", new Dictionary<string, string> { ["seatAt"] = "" })])], Cautions);
        }

        return new()
        {
            Ledger = ledger,
            Pieces = r.Built ? [ChuckShape.Piece(r, brief.Mark)] : [],
            Proofs = r.Built ? [.. ChuckShape.Proofs(r)] : [],
            Machine = r.Built ? [.. ChuckShape.Machine(r, turned)] : [],
            Contacts = r.Built ? [new("machine-spindle", Piece.Main, 0.65 * r.Socket.Pitch.Value)] : [],
            Seats = [r.Socket.Thread.Seat([.. r.Socket.Ladder])],
            Chance = r.Socket.Thread.Chance,
            Checks = [.. ChuckChecks.Of(r, brief, ledger)],
            Drawing = r.Built ? ChuckDrawing.Of(r, turned) : null,
            Hardware = [r.Cord > 0 ? $"rubber cord {Figures.Mm(r.Cord)}, {Figures.Mm(Math.Ceiling(2 * Math.PI * r.Seat.Radius))} long"
                : $"a ring of closed foam rubber, {Figures.Mm(2 * r.Edges.Inner)} to {Figures.Mm(2 * r.Edges.Outer)} across",
                "a flat gasket between hub and shoulder", "varnish for its inside", "a rotary coupling for the pump's hose"],
            Fitting =
            [
                "Print the test nuts first, and take the thread that runs on by hand and does not rock.",
                "Varnish cup and airway twice, and let it dry.",
                r.Cord > 0 ? "Cut the cord aslant, glue its ends, and press it into the groove."
                    : "Glue the foam on its land, without a gap where its ends meet.",
                "Screw it on against its gasket by hand, put the work on, draw the vacuum, and enter what the gauge shows.",
                "Shut the pump off: the work must stay on for a minute. Then run it at the lowest speed, standing aside.",
            ],
            Gauges = r.Built ? [.. ChuckShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }
}
