namespace Emboq.Core.Families.Storage.LiddedCase;

/// <summary>A case with a lid on a hinge, clasps that click and a handle that folds, all printed, on pins of rod or filament; split where a bed is too
/// small.</summary>
public static class LiddedCaseFamily
{
    internal static readonly IReadOnlyList<WayUp> Ways =
    [
        new("floor", "floor down", 0, "Lines run around the walls.", "Seams at its corners."),
        new("back", "on its back", -90, "Layers cross the walls: they part along them.", "Bores of the hinge stand upright.", SpoilsFit: true),
    ];

    internal static readonly IReadOnlyList<WayUp> LidWays = [new("top", "top down", 180, "Lines run around the walls.", "Seams at its corners.")];

    internal static readonly IReadOnlyList<WayUp> ShelfWays = [new("floor", "floor down", 0, "Lines run around its walls.", "Seams at its corners.")];

    internal static readonly IReadOnlyList<WayUp> LyingWays = [new("flat", "flat", 90, "Lines run along what bends.", "Seams at its edges.")];

    internal static readonly Decision<WayUp> Way = Decide.Way(Ways);

    internal static readonly Decision<bool> Handle = Decide.Choice("handle", "Handle", "In front, between two clasps; it folds against the front.",
        ("fold", "one that folds", true), ("none", "none", false));

    internal static readonly Decision<bool> Shelf = Decide.Choice("shelf", "Shelf inside", "A tray that lies on ledges, flush with the rim of the body.",
        ("none", "none", false), ("tray", "a tray over what lies below", true));

    internal static readonly Decision<bool> Tongue = Decide.Choice("seam", "Seams of floor and top", "Where the case is split for the bed; pieces of pin align "
        + "its walls.", ("tongue", "a tongue in a groove", true), ("plain", "plain edges", false));

    internal static readonly Decision<bool> Screwed = Decide.Choice("joined", "Parts are joined", "Where the case is split for the bed. Screws stand in ears "
        + "outside of the walls, and can be taken out again.", ("glued", "with glue", false), ("screwed", "with screws", true));

    internal static readonly ParameterSpec ScrewSize = Specs.Choice("joinScrew", "Screws of the cuts", "M3", "Cap screws; they cut their own thread.",
        Hardware.Threads).If("joined", "screwed");

    internal static readonly ParameterSpec HandleWide = Specs.Length("handleWide", "Handle, wide", null, 30, 300,
        "From lug to lug. Left open, 100 mm, or as far as the clasps leave it.").If("handle", "fold");

    internal static readonly Decision<Quantity>
        Bar = Decide.Length("handle's bar", "How high.", Specs.Length("bar", "Handle's bar", 9, 4, 15, "How high the bar is that the hand holds.", 0.5))
            .If("handle", "fold"),
        ShelfHigh = Decide.Length("shelf, inside", "How high.", Specs.Length("shelfHigh", "Shelf, inside", 12, 4, 120, "How high the tray is inside.", 0.5)),
        Room = Decide.Length("room around", "Around what lies in it.", Specs.Length("room", "Room around it", 3, 0, 60, "On every side, above and below.",
            0.5)),
        Wall = Decide.Length("walls", "Of body and lid.", Specs.Length("wall", "Walls", 2.8, 1.2, 12, "Of body and lid; they stay as they are however large "
            + "the case.", 0.4)),
        Floor = Decide.Length("floor and top", "Of body and lid.", Specs.Length("floor", "Floor and top", 2, 0.8, 12, "Of body and lid.", 0.2)),
        LidHigh = Decide.Length("lid, inside", "How high.", Specs.Length("lidHigh", "Lid, inside", 18, 14, 200, "How high it is inside: clasps need 14 mm.")),
        Knuckle = Decide.Length("knuckles", "Along the pin, each.", Specs.Length("knuckle", "Knuckles", 8, 4, 30, "Along the pin, each of three.", 0.5)),
        Arm = Decide.Length("clasps, long", "From the lid to the nose.", Specs.Length("arm", "Clasps, long", 26, 14, 80,
            "From the lid to the nose: longer ones bend easier.")),
        Thick = Decide.Length("clasps, thick", "Where they bend.", Specs.Length("thick", "Clasps, thick", 2, 0.8, 5, "Where they bend.", 0.2)),
        Catch = Decide.Length("clasps catch", "Behind the bead.", Specs.Length("catch", "Clasps catch", 1, 0.3, 3, "So far the nose goes behind the bead.",
            0.1));

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "lidded-case", "lidded case", "A set of tools wants a case of its own, and those that are sold fit nothing.",
        [
            new("pin", "pin: rod or filament", ["pin"]), new("content", "what lies in it", ["block"], SlotNeed.Sometimes),
        ],
        [
            Specs.Length("width", "Inside, left to right", 180, 20, 1200, "Clear.").If("content", "open"),
            Specs.Length("depth", "Inside, front to back", 100, 20, 1200, "Clear.").If("content", "open"),
            Specs.Length("height", "Inside, high", 50, 20, 500, "Clear, body and lid together.").If("content", "open"),
            Room.Spec.If("content", "named"), LidHigh.Spec, Wall.Spec, Floor.Spec, Tongue.Spec, Screwed.Spec, ScrewSize,
            Specs.Choice("fit", "Knuckles on the pin", "moving", "How they turn.", new ParameterOption("moving", "turn freely"),
                new ParameterOption("slide", "turn close")),
            Specs.Length("clearance", "Clearance on the pin", null, 0.05, 2, "On its diameter. Left open, the fit decides.", 0.05),
            Shelf.Spec, ShelfHigh.Spec.If("shelf", "tray"), Knuckle.Spec, Handle.Spec, HandleWide, Bar.Spec, Arm.Spec, Thick.Spec, Catch.Spec,
            Specs.Number("carries", "It carries", null, 0.05, 30, "kg",
                "What lies in it weighs so much; left open, it is weighed, or its handle is not judged.")
                with { Step = 0.1 },
            Specs.Number("opened", "Opened", 4, 0, 200, "times a day", "Each time bends its clasps twice."),
            Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["width", "depth", "height", "count"],
        Words = [TryWord.Works, new("pinTight", "turns hard on its pin"), new TryWord("claspHard", "is hard to open").Helped(("arm", 1.25,
            "Make its clasps {0} long")), new TryWord("claspLoose", "springs open").Helped(("catch", 1.4, "Let its clasps catch {0}")),
            new("claspBroke", "broke a clasp")],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "What is judged is a pull on sound plastic: a case that fell, froze or lay in the sun bears less. Carry heavy things with a hand under it.",
        "Clasps click: keep fingers from under the nose as it closes.",
    ];

    private static Design Design(Brief brief)
    {
        var ledger = new Ledger();
        if (PartBodies.Unread(brief, ("pin", ["diameter"]), ("content", ["width", "depth", "height"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        var r = CaseReckoning.Of(brief, ledger);
        var weight = CaseCarried.Weight(r, brief, ledger);
        var chance = JointProbability.Within([r.Turns.Limits]);
        return new()
        {
            Ledger = ledger,
            Pieces = r.Built ? CaseShape.Pieces(r, brief.Mark) : [],
            Proofs = r.Built ? [.. CaseShape.Proofs(r)] : [],
            Machine = r.Built ? [.. CaseShape.Machine(r)] : [],
            Motions = r.Built ? [.. CaseShape.Motions(r)] : [],
            Contacts = r.Built ? CaseShape.Contacts(r) : [],
            Seats = [r.Turns.Seat()],
            Chance = chance,
            Checks = [.. CaseChecks.Of(r, brief, (CaseCarried.Of(r, weight, ledger), weight is null ? null : r.Screws?.Loaded(r, weight, ledger)),
                chance)],
            Drawing = r.Built ? CaseDrawing.Of(r) : null,
            Hardware = [$"{r.PinCount} pins {Figures.Mm(r.Turns.Counterpart.Value)}, cut {Figures.Mm(r.HingeLong)} long for the hinge"
                + (r.Handle is null ? "" : $", {Figures.Mm((2 * r.Knuckle.Value) + CaseReckoning.Beside)} for the handle")
                + (r.Parts.Count > 1 ? $", and {r.DowelCount} pieces of {Figures.Mm(2 * CaseReckoning.DowelDeep)} to align its parts" : ""),
                .. r.Screws is { } screws ? [$"{screws.Count(r)} × {screws.Takes.Says}"] : Array.Empty<string>()],
            Fitting =
            [
                .. r.Parts.Count > 1 ? new[] { "Set the pieces of pin into the holes of the cuts, and "
                    + (r.Screws is null ? "glue the parts together" : "push the parts together and draw their screws snug, crosswise,")
                    + $" on a flat board, body and lid each by itself{(r.Seam is null ? "" : ", tongues in their grooves")}." } : [],
                "Slide each clasp into its channel from the top of the lid down, and set a drop of glue over its foot.",
                "Hold the lid on the body, push the pins through the knuckles, and set a drop of glue at their ends, in the outer knuckles alone.",
                .. r.ShelfTall is null ? [] : new[] { "Lay the shelf onto its ledges; its notches are for lifting it out." },
                .. r.Handle is null ? [] : new[] { "Spread the handle over its lugs, and push its pins in." },
            ],
            Gauges = r.Built ? [.. CaseShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }
}
