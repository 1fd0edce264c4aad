namespace Emboq.Core.Families.Jigs.SetupAid;

/// <summary>A pad for each foot of a machine, as thick as the gap that was read there: it then stands level on all of them.</summary>
internal static class LevelPads
{
    /// <summary>Around the foot, mm: how far the rim stands from it, how thick and how high it is.</summary>
    private const double Room = 1, Rim = 3, RimHigh = 4;

    private static readonly IReadOnlyList<WayUp> Ways =
    [
        new("flat", "lying flat", 0, "Layers are pressed together.", "Seam at a corner of the rim."),
        new("over", "turned over", 180, "Layers are pressed together, but the pad is a roof over its rim.",
            "The seat of the foot comes out rough.", SpoilsFit: true),
    ];

    public static Design Design(Brief brief, Ledger ledger, IReadOnlyList<string> cautions)
    {
        var p = brief.Parameters;
        if (brief.Interfaces.GetValueOrDefault("feet") is not { } feet)
        {
            return PartBodies.Unbuilt(ledger, [new("feet", "gaps under the feet", Verdict.Stop,
                "No gaps are named yet: hold the machine level, and read the gap under each foot.", "0 gaps", "1 or more", "A size is measured, never assumed.",
                [])], cautions);
        }

        var keys = feet.Items.Select((_, i) => feet.Kind.Item!.KeyOf(i, "gap")).ToList();
        if (PartBodies.Unread(feet, "feet", [.. keys]) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, cautions);
        }

        Quantity Chosen(string key, string name, string because) => ledger.Add(key, name,
            Quantity.Chosen(name, p.Number(key)!.Value, Unit.Millimetre), because);
        var (thin, foot) = (Chosen("padBase", "pad under the highest foot", "Where the gap is least."),
            Chosen("padFoot", "foot, across", "What stands on a pad."));
        var gaps = keys.Select((k, i) => (Name: feet.Items[i], Gap: Evaluation.Of(feet, k)!.Quantity)).ToList();
        var least = gaps.MinBy(g => g.Gap.Value).Gap;
        var pads = gaps.Select((g, i) => (g.Name, Key: i == 0 ? Piece.Main : $"pad{i + 1}", Thick: ledger.Add($"pad{i + 1}", $"pad under {g.Name}",
            ReferenceEquals(g.Gap, least) ? thin : thin + (g.Gap - least), "The gap there, over the least of them."))).ToList();
        var side = foot.Value + (2 * (Room + Rim));
        var way = Ways.First(w => w.Key == (p.Choice("wayUp") == "side" ? "over" : "flat"));
        Solid Pad(int i) => PartBodies.Marked(Built(side, foot.Value, pads[i].Thick.Value, i + 1), brief.Mark, letters =>
            letters.UpsideDown().At(side / 2, side / 2, 0),
            14);
        return new()
        {
            Ledger = ledger,
            Pieces = [.. pads.Select((pad, i) => new Piece(pad.Key, $"pad under {pad.Name}", () => Pad(i), Ways, way.Key) { WayBy = null })],
            Proofs = [new("ring-aid", "rim of a pad", () => PartBodies.Slice(Built(side, foot.Value, thin.Value, null), 0, 0, thin.Value - 0.6, side, side,
                thin.Value + RimHigh), "Proves that the foot stands in its rim. It does not prove any thickness.")],
            Checks = [.. Checks(pads, brief.Process), BedCheck.Of(side, side, pads.Max(x => x.Thick.Value) + RimHigh, way, brief.Process)],
            Drawing = Draw(pads, side, foot.Value),
            Fitting = ["Read the gaps again when the machine stands on its pads: a soft floor gives.", "Each pad has the number of its foot."],
            Gauges = [.. pads.Select((pad, i) => new Gauge(pad.Key, $"pad under {pad.Name}", pad.Thick.Value,
                new(Rim + Room + (foot.Value * 0.1), side / 2, 0.1), Axis.Z, Jaws.Over))],
            Cautions = [.. cautions, "A machine that rocks walks: level it, and hold it down as its manual says. Lift it with help, plug pulled."],
        };
    }

    private static Solid Built(double side, double foot, double thick, int? number)
    {
        const double Deep = 0.5;
        Solid pad = Slab.Of(side, side, thick + RimHigh, 4).At(side / 2, side / 2, 0) - new Solid.Cylinder((foot / 2) + Room,
            RimHigh + 1).At(side / 2, side / 2, thick);
        return number is { } n && thick >= 2 * Deep ? pad - new Solid.Lettering($"{n}", 6, 10, 2 * Deep).At(side / 2, side / 2, thick - Deep) : pad;
    }

    private static IEnumerable<Check> Checks(IReadOnlyList<(string Name, string Key, Quantity Thick)> pads, Process process)
    {
        // A pad comes out as whole layers: half a layer off at most.
        var worst = pads.Max(x => Math.Abs(x.Thick.Value - (Math.Round(x.Thick.Value / process.LayerHeight) * process.LayerHeight)));
        yield return Judge.AtMost("layers", "thickness in whole layers", worst, 0.12, "Each pad comes out within an eighth of a millimetre.",
            "A pad lies between two layers: take a setup with lower layers.", Verdict.Watch, "Plane sums.");
        var doubt = 2 * pads.Max(x => x.Thick.StandardUncertainty);
        yield return Judge.AtMost("level", "how level it stands", doubt, 0.3, "The readings are close enough to stand without rocking.",
            "The gaps are not known well enough: read each again with feeler gauges.", Verdict.Watch, "Twice the standard deviation of the gaps read.");
    }

    private static SeatDrawing Draw(IReadOnlyList<(string Name, string Key, Quantity Thick)> pads, double side, double foot)
    {
        var sheet = new Sheet();
        foreach (var (pad, i) in pads.Select((x, i) => (x, i)))
        {
            var (thick, inner) = (pad.Thick.Value, (foot / 2) + Room);
            sheet.View(i * (side + 24), 0).Face(Matter.Part, [new(0, 0), new(side, 0), new(side, thick + RimHigh), new((side / 2) + inner, thick + RimHigh),
                new((side / 2) + inner, thick), new((side / 2) - inner, thick), new((side / 2) - inner, thick + RimHigh), new(0, thick + RimHigh)])
                .Box(Matter.Machine, (side - foot) / 2, thick, (side + foot) / 2, thick + 12).Up($"pad{i + 1}", (side / 2) - inner, 0, thick);
        }

        return sheet.View(0, 0).Along("padFoot", (side - foot) / 2, (side + foot) / 2, 0, sets: "padFoot").Point("padBase", side * 0.9, 1, CalloutSide.Right,
            "padBase").Done;
    }
}
