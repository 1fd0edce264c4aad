namespace Emboq.Core.Families.Clamping.SplitClamp;

/// <summary>A ring around a post that screws draw tight; it carries something at its back, or is itself the mount.</summary>
public static class SplitClampFamily
{
    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "split-clamp", "split clamp", "Something must hold on to a post, a column or a motor's nose, and come off again.",
        [new("post", "post", ["post", "tube"]), Load.Slot, Specs.Nut, Specs.Screw, ClampDowels.Slot, new("tight", "gap once it is tight", ["slot"],
            SlotNeed.Later)],
        ClampParameters.Specified, Design)
    {
        ListColumns = ["wall", "height", "count"],
        Gives = [GivenThing.Holes, new("gap", "gap once it is tight", GivenKind.Size)],
        Screws = true,
        Words =
        [
            TryWord.Works,
            new TryWord("shut", "will not open over the post").Helped(("wall", 0.8, "Make the wall {0}"), ("mouth", 1.15, "Make the mouth {0}")),
            new TryWord("opensAndCracks", "cracked at its back as it was opened").Helped(("mouth", 1.15, "Make the mouth {0}"),
                ("wall", 0.8, "Make the wall {0}")),
            new TryWord("cracks", "cracked at its back as it was drawn tight").Helped(("wall", 1.25, "Make the wall {0}"), ("torque", 0.7, "Draw it with {0}")),
            new TryWord("earCracks", "cracked at an ear").Helped(("gusset", 1.5, "Make the fillet {0}"), ("ear", 1.25, "Make the ears {0}")),
            new TryWord("slips", "slips on the post").Helped(("torque", 1.3, "Draw it with {0}"), ("height", 1.25, "Make it {0} high")),
            new("loose", "was loose again after a day"),
            new TryWord("meets", "has ears that meet before it holds").Helped(("pinch", 1.5, "Make the pinch gap {0}")),
        ],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "What falls from a post can hurt: try it with the load over a soft floor first, and never stand under it.",
        "Near spindles, belts and hot parts the machine's manual decides; keep clear of everything that turns, with the plug pulled while fitting.",
        "Figures for plastic are rough: a third of the strength is used, and a clamp that people stand under is no job for a print.",
    ];

    private static Design Design(Brief brief)
    {
        var (ledger, p, place) = (new Ledger(), brief.Parameters, brief.Interfaces["post"]);
        if (PartBodies.Unread(brief, ("post", [ClampReckoning.Across(place)]), (Load.Slot.Key, ["mass"]),
            (ClampDowels.Slot.Key, ["diameter"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        var r = ClampReckoning.Of(brief, ledger);
        ClampSchools.Add(r, ledger, brief.Process);
        List<Check> checks = [.. ClampChecks.Of(r, brief), BedCheck.Of(Math.Max(2 * r.Outer, Math.Max(2 * r.HalfWide, r.Face?.Wide ?? 0)),
            r.Outer + r.EarEnd + (r.Face?.Pad ?? 0), r.Height.Value, r.Way, brief.Process)];
        var built = r.Gap.Value < r.Bore.Drawn.Value && r.FlatAt is null or > 0;
        return new()
        {
            Ledger = ledger,
            Pieces = built ? ClampShape.Pieces(r, brief.Mark) : [],
            Proofs = built ? [.. ClampShape.Proofs(r)] : [],
            Machine = [ClampShape.Post(r)],
            Motions = built ? ClampShape.Motions(r) : [],
            Seats = [r.Bore.Seat()],
            Chance = r.Bore.Chance,
            Checks = checks,
            Drawing = built ? ClampDrawing.Of(r, place) : null,
            Sizes = [r.Tight],
            Hardware =
            [
                $"{r.At.Count * (r.Style == ClampStyle.Halves ? 2 : 1)} screws {r.Screw.Says}",
                $"{r.At.Count * (r.Style == ClampStyle.Halves ? 2 : 1)} nuts {Hardware.Name(p.Choice("screw"))}",
                .. r.Dowels is { } dowels ? new[] { dowels.Says(r) } : [],
                .. r.Bore.Of.Between is { } liner
                    ? new[] { $"liner {Figures.Mm(liner.Value / 2)} thick, {Figures.Mm(Math.Ceiling(Math.PI * r.Post.Value))} long" } : [],
                .. r.Face is { } face ? new[] { $"2 heat-set inserts {Hardware.Name(face.Screw)}" } : [],
                .. r.Load.Shakes ? new[] { "threadlocker" } : [],
            ],
            Fitting = Fitting(r),
            Gauges = built ? [.. ClampShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }

    private static IReadOnlyList<string> Fitting(ClampReckoning r) =>
    [
        .. r.Face is null ? Array.Empty<string>() : ["Press the inserts in before anything else: with a hot tip, slowly."],
        .. r.Dowels is null ? Array.Empty<string>() : ["Push the dowels into the half with the heads: the other half slides on to them."],
        r.Style switch
        {
            ClampStyle.Clip => "Open it over the post in one slow push, at room warmth: cold plastic cracks.",
            ClampStyle.Halves => "Hold both halves around the post and start all screws by hand.",
            _ => "Slip it over the end of the post.",
        },
        "Lay the nuts in and draw the screws in turn, snug by a short key, no more.",
        "Read the gap between the ears, and enter it: what takes that gap waits for it.",
        "Tighten again after a day: the plastic gives way a little under the screws.",
        .. r.Load.Shakes ? new[] { "A drop of threadlocker on each thread, once it is as it stays; not every plastic bears it: try it on the proof." } : [],
    ];
}
