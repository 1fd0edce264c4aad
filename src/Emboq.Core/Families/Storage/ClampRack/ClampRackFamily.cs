namespace Emboq.Core.Families.Storage.ClampRack;

/// <summary>A rail under a shelf with a chamber for each clamp: the clamp goes in endwise and hangs by its lips.</summary>
public static class ClampRackFamily
{
    internal static readonly IReadOnlyList<WayUp> Ways =
    [
        new("back", "on its back", -90, "Lines run around the chambers: the lips bend along them.", "Chambers stand upright, and come out true."),
        new("roof", "on its roof", 180, "Layers lie along the lips, which break off along them.", "The lips hang in the air.", SpoilsFit: true),
    ];

    internal static readonly Decision<WayUp> Way = Decide.Way(Ways);

    internal static readonly Decision<Quantity>
        Depth = Decide.Length("rail, front to back", "The clamp is held so far.", Specs.Length("depth", "Rail, front to back", 45, 15, 200,
            "So far the clamp is held.", 1)),
        Stop = Decide.Length("stop at the back", "The clamp comes to rest on it.", Specs.Length("stop", "Stop at its back", 3, 1.2, 20,
            "The clamp comes to rest on it.", 0.4)),
        Lips = Decide.Length("lips of the rail", "They carry the clamp.", Specs.Length("lips", "Lips of the rail", 6, 2, 30, "They carry the clamp.", 0.5)),
        Roof = Decide.Length("roof", "Under the shelf.", Specs.Length("roof", "Roof", 7, 3, 30, "Between the chambers and the shelf.", 0.5)),
        Wall = Decide.Length("walls", "Beside each chamber.", Specs.Length("wall", "Walls", 4, 1.2, 30, "Beside each chamber.", 0.4)),
        Gap = Decide.Length("between neighbours", "Where they are widest.", Specs.Length("gap", "Between neighbours", 8, 0, 200,
            "So much stays free between two clamps, where they are widest.", 1)),
        Shelf = Decide.Length("shelf", "Along it.", Specs.Length("shelf", "Shelf, along", 600, 50, 5000, "How much of it there is for clamps.", 10));

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "clamp-rack", "clamp rack", "Clamps lie in a heap, and the one that is wanted lies below.",
        [new("clamp", "clamp", ["lipped"]), Specs.Screw],
        [
            Specs.Choice("fit", "The clamp", "slide", "How its bar goes into its chamber.", [.. FitClasses.Pockets.Where(f => f.Key is "slide" or "close")
                .Select(f => new ParameterOption(f.Key, f.Name))]),
            Specs.Length("clearance", "Clearance", null, 0, 6, "On the full size, half of it a side. Left open, the fit decides.", 0.1),
            Shelf.Spec, Specs.Number("many", "Clamps on one rail", null, 1, 30, "", "Left open: as many as the shelf has room for and the bed takes."),
            Specs.Length("shelfDeep", "Shelf, front to back", null, 30, 2000, "Whether a second row has room behind the first.", 5),
            Gap.Spec, Depth.Spec, Stop.Spec, Lips.Spec, Roof.Spec, Wall.Spec,
            Specs.Choice("woodScrew", "Screws", "4 mm", "Countersunk in the roof, up into the shelf.", Hardware.WoodScrews), Specs.Board,
            Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["many", "count"],
        Gives = [GivenThing.Holes],
        Screws = true,
        Words = [TryWord.Works, new TryWord("falls", "lets a clamp slide out"), new TryWord("near", "lets clamps touch").Helped(("gap", 1.5,
            "Leave {0} between them")), new TryWord("bends", "bends under them").Helped(("lips", 1.25, "Make the lips {0}")),
            new("screwTight", "is tight on its screws")],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "It hangs over heads and hands: try it with one clamp first, low down, before it is filled.",
        "Plastic creeps under a lasting load, and more so when it is warm: look at loaded lips now and then.",
        "Choose screws for the shelf by their maker's figures; a shelf of thin or crumbling board holds less.",
    ];

    private static Design Design(Brief brief)
    {
        var ledger = new Ledger();
        if (PartBodies.Unread(brief, ("clamp", ["lip", "lipHigh", "web", "wide"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        var r = RackReckoning.Of(brief, ledger);
        var chance = JointProbability.Within([r.Lip.Limits, .. new[] { r.Web, r.High }.Select(o => (o.Realised, r.Lip.Fit.Least, r.Lip.Fit.Greatest))]);
        return new()
        {
            Ledger = ledger,
            Pieces = r.Built ? [RackShape.Piece(r, brief.Mark)] : [],
            Proofs = r.Built ? [.. RackShape.Proofs(r)] : [],
            Machine = r.Built ? [RackShape.Clamps(r)] : [],
            Seats = [r.Lip.Seat([.. r.Ladder])],
            Chance = chance,
            Checks = [.. RackChecks.Of(r, brief, chance)],
            Drawing = r.Built ? RackDrawing.Of(r) : null,
            Hardware = [$"{r.ScrewsAt.Count} wood screws {r.Takes.Says}, into the shelf"],
            Fitting =
            [
                "Print the samples first, and take the chamber that the bar slides into and does not rock in.",
                "Ease the mouths of the chambers with a file, so that the bar finds its way.",
                "Hold it under the front edge of the shelf, mark its holes, drill them, and screw it on; the heads must lie below the roof.",
                "Push each clamp in by its end until it rests on the stop.",
            ],
            Gauges = r.Built ? [.. RackShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }
}
