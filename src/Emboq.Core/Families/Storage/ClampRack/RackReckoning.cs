using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Storage.ClampRack;

/// <summary>The figures of a clamp rack. x runs along the shelf, its middle at 0; the clamps go in along y from the front, which is 0; z = 0 is the
/// underside, the shelf lies above.</summary>
internal sealed record RackReckoning
{
    public required Fitted Lip { get; init; }

    public required (Quantity Measured, Quantity Drawn, Quantity Realised) Web { get; init; }

    public required (Quantity Measured, Quantity Drawn, Quantity Realised) High { get; init; }

    public required IReadOnlyList<double> Ladder { get; init; }

    public required Quantity Depth { get; init; }

    public required Quantity Stop { get; init; }

    public required Quantity Lips { get; init; }

    public required Quantity Roof { get; init; }

    public required Quantity Wall { get; init; }

    /// <summary>From chamber to chamber.</summary>
    public required Quantity Pitch { get; init; }

    /// <summary>How many chambers.</summary>
    public required int Count { get; init; }

    /// <summary>Rails along the shelf, and rows of them; <c>null</c> where nobody said how deep it is, or how long a clamp.</summary>
    public required (int Along, int? Rows) Shelf { get; init; }

    public required Joint Screw { get; init; }

    public required ScrewLength Takes { get; init; }

    public required Func<double, double, PatternHole> Pilot { get; init; }

    /// <summary>Pull on one screw and what it bears; force at the mouth of one chamber and what its lips see, N and MPa; <c>null</c> where no clamp was
    /// weighed.</summary>
    public required (Quantity Pull, Quantity Bears, Quantity Front, Quantity Stress)? Load { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required WayUp Way { get; init; }

    /// <summary>What stands down beside a chamber, with it, mm.</summary>
    public double Block => Lip.Drawn.Value + (2 * Wall.Value);

    /// <summary>From the outermost block to the end of the rail, mm.</summary>
    public double Ear => 2 * Screw.Reach;

    public double Long => LongOf(Count, Pitch.Value, Block, Ear);

    /// <summary>Over the underside, where the roof begins, mm.</summary>
    public double Under => Lips.Value + High.Drawn.Value;

    public double Tall => Under + Roof.Value;

    public double Deep => Depth.Value + Stop.Value;

    /// <summary>Middles of the chambers, mm.</summary>
    public IEnumerable<double> At => Enumerable.Range(0, Count).Select(i => (i - ((Count - 1) / 2.0)) * Pitch.Value);

    /// <summary>Where its screws stand: at both ends, and between chambers where there is room.</summary>
    public IReadOnlyList<Point2> ScrewsAt =>
    [
        new((-Long / 2) + Screw.Reach, Depth.Value / 2),
        .. Pitch.Value - Block >= Ear ? At.SkipLast(1).Select(x => new Point2(x + (Pitch.Value / 2), Depth.Value / 2)) : [],
        new((Long / 2) - Screw.Reach, Depth.Value / 2),
    ];

    public bool Built => Web.Drawn.Value > 0.5 && Lip.Drawn.Value > Web.Drawn.Value + 1;

    public static RackReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, place, process) = (brief.Parameters, brief.Interfaces["clamp"], brief.Process);
        var way = ClampRackFamily.Way.Read(p, ledger);
        var lip = Fitted.Reckon(new("clamp", "lip", Surface.Pocket, FitClasses.Pocket(p.Choice("fit")), p.Number("clearance"), "chamber")
        { Words = SeatWords.Rail }, place, brief.Fits, brief.Tries, ledger);
        var (web, high) = (lip.Across("web", "slot", ledger), lip.Across("lipHigh", "chamber, high", ledger));
        var (depth, stop, lips, roof, wall, gap) = (ClampRackFamily.Depth.Read(p, ledger), ClampRackFamily.Stop.Read(p, ledger),
            ClampRackFamily.Lips.Read(p, ledger), ClampRackFamily.Roof.Read(p, ledger), ClampRackFamily.Wall.Read(p, ledger),
            ClampRackFamily.Gap.Read(p, ledger));
        var scope = PartBodies.Scope(brief, ledger, "screw", "screw");
        var screw = ScrewHole.CountersunkWood(scope, p.Choice("woodScrew"), roof.Value, way.Key == "back" ? HoleLie.Teardrop : HoleLie.Upright);
        var takes = ScrewLength.IntoWood(scope, p.Choice("woodScrew"), "countersunk", [roof], Specs.BoardOf(p, ledger), brief.Drawer);
        var block = lip.Drawn + (2 * wall);
        var pitch = ledger.Add("pitch", "from clamp to clamp", Quantity.Max(ledger.Add("wide", "clamp, at its widest", Evaluation.Of(place, "wide")!.Quantity,
            "As read.") + gap, block), "Its widest place and what stays free; no less than a chamber with its walls.");
        var shelf = ClampRackFamily.Shelf.Read(p, ledger).Value;
        int Most(double room) => (int)Math.Clamp(Math.Floor((room - block.Value - (4 * screw.Reach)) / pitch.Value) + 1, 1, 30);
        var (free, tall) = (process.Bed.Free(), lips.Value + high.Drawn.Value + roof.Value);
        // Lying the long way of the bed, where the other way has room for it.
        var bed = Math.Min(free.Width, free.Depth) >= (way.Key == "back" ? tall : depth.Value + stop.Value) ? Math.Max(free.Width, free.Depth) : 0;
        var count = p.Number("many") is { } many ? (int)many : Math.Min(Most(shelf), Most(bed));
        var along = ledger.Add("long", "rail, along", Quantity.Chosen("rail, along", LongOf(count, pitch.Value, block.Value, 2 * screw.Reach),
            Unit.Millimetre, "its chambers and its ends"), "With room for a screw at both ends.");
        ledger.Add("holds", "clamps on one rail", Quantity.Chosen("clamps on one rail", count, Unit.None, p.Number("many") is null
            ? "the shelf and the bed" : "as decided"), "One in each chamber.");
        var deep = depth.Value + stop.Value;
        int? rows = p.Number("shelfDeep") is { } room && Evaluation.Of(place, "long")?.Quantity.Value is { } length
            ? 1 + (int)Math.Max(0, Math.Floor((room - deep) / (length + deep))) : null;
        var draft = new RackReckoning
        {
            Lip = lip,
            Web = web,
            High = high,
            Ladder = LadderRungs.Of(lip, ("sample", block.Value + RackShape.BetweenSamples), process, ledger),
            Depth = depth,
            Stop = stop,
            Lips = lips,
            Roof = roof,
            Wall = wall,
            Pitch = pitch,
            Count = count,
            Shelf = ((int)Math.Floor(shelf / along.Value), rows),
            Screw = screw,
            Takes = takes,
            Pilot = Hardware.PilotHole(scope, p.Choice("woodScrew"), takes, "shelf"),
            Load = null,
            Material = PrintedMaterial.Of(process),
            Way = way,
        };
        return draft with { Load = Loaded(draft, brief, ledger) };
    }

    private static double LongOf(int count, double pitch, double block, double ear) => ((count - 1) * pitch) + block + (2 * ear);

    private static (Quantity Pull, Quantity Bears, Quantity Front, Quantity Stress)? Loaded(RackReckoning r, Brief brief, Ledger ledger)
    {
        var sizes = new Sizes(brief.Interfaces["clamp"]);
        if (sizes["mass"] is not { } grams || (sizes["balance"] ?? (sizes["long"] is { } l ? l / 2 : null)) is not { } balance)
        {
            return null;
        }

        var weight = ledger.Add("weight", "weight of a clamp", Quantity.Input("weight of a gram", 0.00980665, new(Gram: -1, Newton: 1),
            new Provenance.Standard("ISO 80000-4", "standard gravity")) * grams, "As it hangs.");
        var reach = ledger.Add("balance", "clamp, from its end to where it balances", balance, "As read; the middle where it was not.");
        var all = Quantity.Chosen("clamps", r.Count, Unit.None);
        var pull = ledger.Add("pull", "pull on one screw", all * weight * (r.Stop + reach) / ((r.Depth / 2) + r.Stop) / Quantity.Chosen("screws",
            r.ScrewsAt.Count, Unit.None), "All of them tip the rail about its back edge; the screws hold it in its middle (moments).");
        var bears = WoodScrew.Bears(brief.Parameters.Choice("woodScrew"), r.Takes.InThread, ledger);
        var front = ledger.Add("front", "force at the mouth", Quantity.Max(weight, weight * reach / r.Depth),
            "A clamp rests on the lips at the mouth, and its end is held down by the roof at the stop (moments).");
        // 6 M / (b t²): a lip bears half of it, as far out as it reaches, and spreads it at 45 degrees to one side.
        var arm = ledger.Add("lip.arm", "lip of the rail, out to the web", (r.Lip.Drawn - r.Web.Drawn) / 2, "So far it stands out.");
        var stress = ledger.Add("lip.stress", "stress at the root of a lip", 3 * front * arm / ((arm + r.Lips) * Quantity.Square(r.Lips)),
            "A cantilever at the end of the rail: 6 (F/2) a / ((a + t) t²), its load spread at 45 degrees to one side.");
        return (pull, bears, front, stress);
    }
}
