namespace Emboq.Core.Families.Turning.CamVice;

/// <summary>Shapes of the faces that hold.</summary>
internal enum JawFace
{
    Flat,
    Vee,
    Ledge,
}

/// <summary>What the work is of, and how stiff that is across the pressure, MPa; <c>null</c> where nobody says.</summary>
/// <param name="Says">As told.</param>
/// <param name="Stiffness">MPa.</param>
internal sealed record WorkSort(string Says, double? Stiffness);

/// <summary>A small vice: a jaw slides in a channel and is locked there by a cam that spreads its foot; another cam presses its pad on the work.</summary>
public static class CamViceFamily
{
    /// <summary>The sliding jaw.</summary>
    internal static readonly IReadOnlyList<WayUp> JawWays =
    [
        new("end", "on its back end", -90, "Lines run through foot and neck, and bend with them.", "The bores for both cams lie under pointed roofs."),
        new("head", "on its head", 180, "Layers lie across the neck of the foot.", "Its bores are upright and round."),
    ];

    internal static readonly IReadOnlyList<WayUp> BaseWays = [new("flat", "as it stands", 0, "Layers lie across the pull on the fixed jaw.",
        "The flanks of the channel hang by 30 degrees and hold.")];

    internal static readonly IReadOnlyList<WayUp> PadWays = [new("flat", "its face up", 0, "Lines run along its face.", "Its pins' holes are upright.")];

    internal static readonly IReadOnlyList<WayUp> SprungWays = [new("edge", "on its upper edge", -90, "Lines run along its face and its spring.",
        "Its pins' holes lie under pointed roofs.")];

    internal static readonly IReadOnlyList<WayUp> CamWays = [new("flat", "its lever down", 0, "Lines run around the pin.",
        "Its seam is a bump on its round: scrape it off.")];

    internal static readonly Decision<WayUp> Way = Decide.Way(JawWays);

    internal static readonly Decision<PinSort> Pin = PinSorts.Decided("One in the cam, two that guide the pad.", "steel pins, pressed into jaw and pad");

    internal static readonly Decision<JawFace> Face = Decide.Choice("face", "Its faces are", "A ledge carries thin work, and what stands proud below it.",
        ("ledge", "with a ledge", JawFace.Ledge), ("flat", "flat", JawFace.Flat), ("vee", "with a groove along them", JawFace.Vee));

    internal static readonly Decision<WorkSort> Sort = Decide.Choice("sort", "The work is", "Pressed too hard, thin work bends up.",
        ("across", "wood, across its grain", new WorkSort("wood across its grain", 400)),
        ("along", "wood, along its grain", new WorkSort("wood along its grain", 9000)), ("circuit", "a circuit board", new WorkSort("a circuit board", 18_000)),
        ("metal", "brass or aluminium", new WorkSort("brass or aluminium", 70_000)), ("unknown", "something else", new WorkSort("something else", null)));

    internal static readonly Decision<bool> Presses = Decide.Choice("presses", "The cam presses",
        "A spring presses works that differ nearly alike, and gently.",
        ("straight", "straight on the pad", false), ("spring", "through a spring in the pad", true));

    internal static readonly Decision<bool> Turns = Decide.Choice("turns", "The vice", "On a post it is turned to the hand, and lifted off.",
        ("screwed", "is screwed to the bench", false), ("post", "turns on a post, where a second cam locks it", true));

    internal static readonly Decision<Quantity>
        Post = Decide.Length("post", "It turns on it.", Specs.Length("post", "Post, across", 40, 24, 120, "Screwed to the bench with two screws.")),
        Opens = Decide.Length("opens to", "Between its faces.", Specs.Length("opens", "It opens to", 90, 5, 300, "Between its faces, at most.")),
        Wide = Decide.Length("width of the vice", "Across.", Specs.Length("wide", "Width", 60, 44, 150, "Of base and jaws.")),
        High = Decide.Length("height of the jaws", "Over the base.", Specs.Length("high", "Jaws over the base", 34, 26, 100,
            "So high they stand over the base.")),
        Rest = Decide.Length("rest", "The work lies so high.", Specs.Length("rest", "The work lies over the base", 22, 0, 90,
            "So that what stands proud below it hangs free.", 0.5)),
        Ledge = Decide.Length("ledge", "Under the work's edge.", Specs.Length("ledge", "Ledge under its edge", 2.5, 0.8, 15,
            "So far it reaches under the work.", 0.5)),
        Groove = Decide.Length("groove", "Depth of the groove.", Specs.Length("groove", "Depth of the groove", 4, 1, 15, "Of 90 degrees.", 0.5)),
        Fixed = Decide.Length("fixed jaw", "Its thickness.", Specs.Length("fixed", "Fixed jaw, thickness", 14, 4, 50, "It stands on the base.", 0.5)),
        Pad = Decide.Length("pad", "Its thickness.", Specs.Length("pad", "Pad, thickness", 8, 4, 30, "It is pressed on the work.", 0.5)),
        Base = Decide.Length("floor under the channel", "It holds the screws.", Specs.Length("base", "Floor under the channel", 8, 3, 30,
            "The base is this and the channel high.", 0.5)),
        Mouth = Decide.Length("channel at its mouth", "Finished.", Specs.Length("mouth", "Channel at its mouth", 20, 14, 60, "Where it is narrowest.", 0.5)),
        Deep = Decide.Length("depth of the channel", "Of the dovetail.", Specs.Length("deep", "Channel, depth", 8, 4, 25, "Of the dovetail.", 0.5)),
        Slides = Decide.Length("clearance across", "Aimed at.", Specs.Length("slides", "Clearance across it", 0.4, 0.1, 2, "Both flanks together.", 0.05)),
        Root = Decide.Length("root of the foot", "Over the channel.", Specs.Length("root", "Foot reaches into the jaw", 13, 4, 30,
            "The further, the easier it spreads.", 0.5)),
        Spread = Decide.Length("spread", "Of each half.", Specs.Length("spread", "Its lock spreads each half by", 0.6, 0.2, 4, "At most.", 0.1)),
        Throw = Decide.Length("throw of the cam", "Beside its pin.", Specs.Length("throw", "Throw of the cam", 1.5, 0.3, 8,
            "From its pin to its middle: pushed as far again half as much.", 0.1)),
        Cam = Decide.Length("radius of the cam", "Of its round.", Specs.Length("cam", "Radius of the cam", 14, 6, 40, "Of its round.", 0.5)),
        Thick = Decide.Length("height of the cam", "Along its pin.", Specs.Length("thick", "Height of the cam", 10, 4, 30, "Along its pin.", 0.5)),
        Lever = Decide.Length("levers", "From their middle.", Specs.Length("lever", "Levers", 55, 25, 150, "From their middle to where a hand pushes.")),
        Roller = Decide.Length("rollers", "To measure the dovetail.", Specs.Length("roller", "Rollers to measure with", 4, 1, 20,
            "Drill shanks of one size, laid in the corners of the dovetail.", 0.1));

    internal static readonly ParameterSpec
        Long = Specs.Length("long", "Sliding jaw, along", null, 30, 200, "Along the channel. Left open, as long as its cams need."),
        Strip = Specs.Length("strip", "Spring, thickness", null, 0.8, 8, "Left open, as thick as pressing wants.", 0.1),
        Slit = Specs.Length("slit", "Slit of the foot", null, 5, 40, "Its lock turns in it. Left open, halves are left that bend.", 0.5);

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "cam-vice", "cam vice", "Small boards, bezels and blanks must be held by their edges, fast and gently.",
        [new("work", "work", ["board"]), new("pin", "pin", ["pin"]), Specs.Screw],
        [
            Opens.Spec, Specs.Length("differs", "Works differ by", 0.8, 0, 20, "In width, from piece to piece: the cam takes it up without being set anew.",
                0.1),
            Specs.Number("press", "It presses with", 100, 5, 1500, "N", "On the work: 100 N hold for scraping and soldering, 300 N for chiselling."),
            Sort.Spec, Presses.Spec, Strip.If("presses", "spring"), Face.Spec, Rest.If("face", "ledge").Spec, Ledge.If("face", "ledge").Spec,
                Groove.If("face", "vee").Spec,
            Specs.Length("proud", "Below the work stands proud", 0, 0, 80, "When it is turned over: parts, carving.", 0.5).If("face", "ledge"),
            Wide.Spec, High.Spec, Long, Fixed.Spec, Pad.Spec, Base.Spec, Mouth.Spec, Deep.Spec,
            Turns.Spec, Post.If("turns", "post").Spec,
            Specs.Number("pushed", "Pushed aside with", 20, 1, 200, "N", "By a hand, at the work: what its second cam must hold.").If("turns", "post"),
            Specs.Angle("angle", "Its flanks stand at", 60, 45, 75, "To the floor of the channel."),
            Slides.Spec, Slit, Root.Spec, Spread.Spec, Throw.Spec, Cam.Spec, Thick.Spec, Lever.Spec,
            Specs.Choice("across", "The cam on its pin", "slide", "How close it turns.",
                [.. FitClasses.All.Where(f => f.Key is "slide" or "moving").Select(f => new ParameterOption(f.Key, f.Name))]),
            Specs.Length("clearance", "Clearance on the pin", null, 0, 3, "On its diameter. Left open, the fit decides.", 0.05),
            Pin.Spec,
            Specs.Number("opened", "Opened and closed", 20, 1, 1000, "times a day", "Each time bends the halves of the foot."),
            Specs.Choice("woodScrew", "Screws", "4 mm", "Countersunk in the floor of the channel, two into the bench.", Hardware.WoodScrews),
            Specs.Board, Roller.Spec, Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["opens", "wide", "count"],
        Screws = true,
        Words = [TryWord.Works, new TryWord("slips", "slides back as it is closed").Helped(("spread", 1.3, "Spread each half by {0}")),
            new TryWord("opens", "opens by itself").Helped(("throw", 0.8, "Make its throw {0}")),
            new TryWord("dents", "marks the work"), new TryWord("sticks", "sticks in its channel").Helped(("slides", 1.4, "Leave {0} across")),
            new TryWord("rocks", "rocks in its channel").Helped(("slides", 0.7, "Leave {0} across")),
            new TryWord("cracks", "cracked at its foot").Helped(("slit", 1.2, "Make the slit {0}"))],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "It holds work for hands. Nothing that a machine cuts is held in it: a cutter throws what comes loose.",
        "A lever that is struck flies back: keep the face away from its sweep, and let it go slowly.",
        "It pinches between pad and work. Dust in the channel keeps the foot from locking: brush it out.",
    ];

    private static Design Design(Brief brief)
    {
        var (ledger, work, pin) = (new Ledger(), brief.Interfaces["work"], brief.Interfaces["pin"]);
        if (PartBodies.Unread(brief, ("work", ["width", "thickness"]), ("pin", ["diameter"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        var r = ViceReckoning.Of(brief, ledger);
        List<Check> checks = [.. ViceChecks.Of(r, brief.Parameters), DutyCheck.Of("years", brief.Process),
            ChanceCheck.Of(r.Turns.Chance, [(r.Turns.Realised, pin, "diameter")], r.Turns.Contradictions),
            BedCheck.Of(r.Whole.Wide, r.Whole.Long, r.BaseHigh + r.High.Value, BaseWays[0], brief.Process)];
        return new()
        {
            Ledger = ledger,
            Pieces = r.Built ? ViceShape.Pieces(r, brief.Mark) : [],
            Proofs = r.Built ? [.. ViceShape.Proofs(r)] : [],
            Machine = r.Built ? [.. ViceShape.Machine(r)] : [],
            Motions = r.Built ? [.. ViceShape.Motions(r)] : [],
            Contacts = r.Built ? [.. ViceShape.Contacts(r)] : [],
            Seats = [r.Turns.Seat([.. r.Ladder])],
            Chance = r.Turns.Chance,
            Checks = checks,
            Drawing = r.Built ? ViceDrawing.Of(r) : null,
            Hardware =
            [
                $"{(r.Post is null ? 3 : 4)} pins {Figures.Mm(r.Turns.Counterpart.Value)}, {PinSorts.Say(r.Pin)}: one {Figures.Mm(r.PinLong)} long, two "
                    + $"{Figures.Mm(r.GuideLong)}" + (r.Post is { } second ? $", one {Figures.Mm(second.PinLong)} for the second cam" : ""),
                $"2 wood screws {r.Takes.Says}, into the bench",
            ],
            Fitting =
            [
                "Print the test rings first, and take the one that turns freely and does not rattle.",
                $"Measure channel and foot with two rollers of {Figures.Mm(r.Roller.Value)}: {Figures.Mm(r.Between.Value)} between them in the channel, "
                    + $"{Figures.Mm(r.Over.Value)} over them at the foot.",
                r.Post is null ? "Screw the base to the bench through the floor of its channel; slide the jaw in from the open end."
                    : "Screw the post to the bench and set the base on it; lay the shoe in its slot, and push the pin through the second cam. Slide the jaw in "
                        + "from the open end.",
                "Drop the lock into its bore with its flats along the slit. Push the two guides into the pad and through the jaw, and the pin through the cam.",
                "Wax channel, guides and cam. The cam wears first: print a spare.",
                "Set the widest work against the fixed jaw, slide the pad up to it with the cam open, lock the jaw, then close the cam.",
            ],
            Gauges = r.Built ? [.. ViceShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }
}
