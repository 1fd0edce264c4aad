namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>A row of nests in a drawer, each the negative of a long, stepped or tapered tool, that lock to each other and fill the drawer.</summary>
public static class DrawerNestFamily
{
    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "drawer-nest", "drawer nest", "Long tools of many thicknesses roll in a drawer and dull each other.",
        [
            .. NestParameters.Slots.Select((slot, i) => new InterfaceSlot(slot, $"tool {i + 1}", ["turned", "traced", "grip"],
                SlotNeed.Sometimes) { Series = "tools" }),
            new("drawer", "drawer they lie in", ["cavity"], SlotNeed.Sometimes),
        ],
        NestParameters.All, Design)
    {
        ListColumns = ["sunk", "count"],
        Words = [TryWord.Works, new("stuck", "holds a tool too fast"),
            new TryWord("deep", "lets no finger in").Helped(("finger", 1.3, "Give it {0} of finger room")), new("rises", "rises with a tool"),
            new TryWord("strikes", "lets tools strike each other").Helped(("wall", 1.4, "Make the walls {0}"))],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "Sharp edges lie downwards or below the walls, and handles to the front: nobody reaches into a drawer over an edge.",
        "A drawer full of steel is heavy: mind its runners, and its maker's word on what they bear.",
    ];

    private static Design Design(Brief brief)
    {
        var ledger = new Ledger();
        var tools = NestParameters.Slots.Where(brief.Interfaces.ContainsKey).ToList();
        IReadOnlyList<Check> unread = [.. tools.SelectMany(s => PartBodies.Unread(brief.Interfaces[s], s, ThingNeeds.Of(brief.Interfaces[s]))),
            .. PartBodies.Unread(brief, ("drawer", ["width", "depth", "height"]))];
        if (unread.Count > 0 || tools.Count == 0)
        {
            return PartBodies.Unbuilt(ledger, unread.Count > 0 ? unread : [new("tools", "tools to lay in", Verdict.Stop,
                "No tool is named yet: choose the first.", "0 tools", "1 or more", "A size is measured, never assumed.", [])], Cautions);
        }

        var thought = tools.Select(s => ToolThought.Of(s, brief)).ToList();
        if (thought.Any(t => t.Lies is null))
        {
            return PartBodies.Unbuilt(ledger, [.. thought.Where(t => t.Lies is null).Select(NestChecks.Standing)], Cautions);
        }

        var r = NestReckoning.Of(brief, thought, ledger);
        var chance = JointProbability.Within([.. r.Tools.Select(t => t.Size.Limits)]);
        return new()
        {
            Ledger = ledger,
            Pieces = r.Built ? NestShape.Pieces(r, brief.Mark) : [],
            Proofs = r.Built ? [.. NestShape.Proofs(r)] : [],
            Machine = r.Built ? NestShape.Machine(r) : [],
            Motions = r.Built ? [.. NestShape.Motions(r)] : [],
            Seats = [.. r.Tools.Select(t => t.Size.Seat())],
            Chance = chance,
            Checks = [.. NestChecks.Of(r, brief, chance)],
            Drawing = r.Built ? NestDrawing.Of(r) : null,
            Fitting =
            [
                "Print the cut-outs first and lay each tool into its own.",
                "Set the row down from the left: each module is let down over the feet of the one before.",
                r.BelowLip is null ? "Nothing is screwed: what it weighs holds the row." : "Push its front under the drawer's lip as you go.",
                "Lift each tool where it has finger room; the other end follows.",
            ],
            Gauges = r.Built ? [.. NestShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }
}
