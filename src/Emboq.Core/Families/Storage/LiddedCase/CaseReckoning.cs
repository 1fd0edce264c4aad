using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Storage.LiddedCase;

/// <summary>The figures of a lidded case. x runs from left to right, its middle at 0; y from the front, which is 0, back; z up from its underside. What
/// stands out in front lies at −y.</summary>
internal sealed record CaseReckoning
{
    /// <summary>Between body and lid, and beside knuckles, mm.</summary>
    public const double Gap = 0.2, Beside = 0.4;

    /// <summary>Around the pin, mm.</summary>
    private const double AroundPin = 2.2;

    /// <summary>Clasps: across, how far their arm stands off the front, the edge of the lid's block over the rim, mm.</summary>
    public const double ClaspWide = 14, StandsOff = 5, BlockFrom = 5;

    /// <summary>Half of the bead's flat; room between bead and arm, and around a nose, mm.</summary>
    public const double BeadFlat = 0.6, Off = 0.4;

    /// <summary>How deep dowels go into each side of a cut, mm.</summary>
    public const double DowelDeep = 8;

    public required Fitted Turns { get; init; }

    public required Quantity Width { get; init; }

    public required Quantity Depth { get; init; }

    public required Quantity BodyHigh { get; init; }

    public required Quantity LidHigh { get; init; }

    public required Quantity Wall { get; init; }

    public required Quantity Floor { get; init; }

    public required Quantity Knuckle { get; init; }

    public required Quantity Arm { get; init; }

    public required Quantity Thick { get; init; }

    public required Quantity Catch { get; init; }

    /// <summary>Foot of a clasp in its channel.</summary>
    public required Dovetail Tail { get; init; }

    /// <summary>Strain of a clasp as it clicks; force that opens one, N, or nothing where the filament is not known.</summary>
    public required (Quantity Strain, Quantity? Opens) Click { get; init; }

    public required PrintedMaterial? Material { get; init; }

    /// <summary>How often a clasp bends in all.</summary>
    public required double Bends { get; init; }

    /// <summary>How high a shelf is in all, mm; <c>null</c> where there is none.</summary>
    public required double? ShelfTall { get; init; }

    /// <summary>Walls and floor of a shelf, what stays free beside it on each side, and how far its ledges stand out, mm.</summary>
    public const double ShelfWall = 1.6, ShelfFree = 0.5, Ledge = 2.5;

    /// <summary>Underside of the shelf: it is flush with the rim.</summary>
    public double ShelfAt => Rim - (ShelfTall ?? 0);

    /// <summary>Clear under the shelf, and what lies there, mm; without what was measured, a ledge and a hair.</summary>
    public double UnderShelf => ShelfAt - Floor.Value;

    /// <summary>Likewise.</summary>
    public double Lies => Content?.High ?? Ledge + 1;

    /// <summary>What lies in it, as measured: its height, and the room beside it, mm; <c>null</c> where sizes were chosen.</summary>
    public required (double High, double Room)? Content { get; init; }

    /// <summary>What is let down between ledges is free of them by so much, mm.</summary>
    public const double PastLedge = 0.3;

    /// <summary>Whether every part of a shelf lies on two ledges that face each other.</summary>
    public bool ShelfLies => ShelfTall is null || Parts.Across == 1 || Parts.Along == 1;

    private bool ShelfHolds => ShelfTall is null || (ShelfLies && Judge.Enough(UnderShelf, Lies) && Judge.Enough(Content?.Room ?? Ledge + PastLedge,
        Ledge + PastLedge) && Judge.Enough(Math.Min(Width.Value, Depth.Value),
        LeastShelf));

    /// <summary>Narrower, ledges leave nothing free between them, mm.</summary>
    public const double LeastShelf = 20;

    /// <summary>Where the handle turns over the underside, how far it hangs, from lug to lug, and how high its bar is; <c>null</c> where there is
    /// none.</summary>
    public required (double At, double Long, double Wide, double Bar)? Handle { get; init; }

    /// <summary>Whether its inside was chosen, and not measured.</summary>
    public required bool Chosen { get; init; }

    /// <summary>The parts of body and lid, from left to right and front to back: how many each way.</summary>
    public required (int Across, int Along, int Count) Parts { get; init; }

    /// <summary>Along the seams of floor and top; <c>null</c> where there are none, or plain ones.</summary>
    public CaseSeam? Seam { get; private init; }

    /// <summary>What draws the parts together; <c>null</c> where they are glued, or there is one.</summary>
    public CaseScrews? Screws { get; private init; }

    public required WayUp Way { get; init; }

    public double Wide => Width.Value + (2 * Wall.Value);

    public double Deep => Depth.Value + (2 * Wall.Value);

    /// <summary>Rim of the body.</summary>
    public double Rim => Floor.Value + BodyHigh.Value;

    /// <summary>Underside of the lid.</summary>
    public double LidFrom => Rim + Gap;

    public double Top => LidFrom + LidHigh.Value + Floor.Value;

    /// <summary>Of the lid, outside, mm.</summary>
    public double LidOutside => Top - LidFrom;

    public double Bore => Turns.Drawn.Value;

    /// <summary>Of a knuckle.</summary>
    public double Radius => (Bore / 2) + AroundPin;

    /// <summary>Where the lid turns.</summary>
    public Point2 Axis => new(Deep + Radius + Beside, Rim + (Gap / 2));

    /// <summary>One hinge or two, one clasp or two: their middles.</summary>
    public IReadOnlyList<double> At => Wide >= Paired ? [-Outer, Outer] : [0];

    /// <summary>Near the corners, where no cut goes.</summary>
    private double Outer => (Wide / 2) - (Math.Max(HingeLong, ClaspWide + 2) / 2) - 4;

    private const double Paired = 110;

    /// <summary>Three knuckles beside each other.</summary>
    public double HingeLong => (3 * Knuckle.Value) + (2 * Beside);

    public int PinCount => At.Count + (Handle is null ? 0 : 2);

    /// <summary>Middle of a bead over the underside: where the nose of a clasp finds it.</summary>
    public double BeadAt => LidFrom + BlockFrom - Arm.Value + BeadFlat - Close + (2 * Nose) + NoseFlat;

    /// <summary>From the bead's middle to where its flanks meet the front.</summary>
    public static double BeadHalf => BeadFlat + BeadOut;

    /// <summary>How far the bead stands out.</summary>
    public static double BeadOut => StandsOff - Off;

    /// <summary>Between a clasp and the block that holds it, and the flat of its nose, mm.</summary>
    public const double Close = 0.1, NoseFlat = 1;

    /// <summary>How far a nose stands off its arm.</summary>
    public double Nose => Off + Close + Catch.Value;

    /// <summary>Cuts across, from left to right, and along, from the front.</summary>
    public IEnumerable<double> CutsAcross => Enumerable.Range(1, Parts.Across - 1).Select(i => (-Wide / 2) + (Wide * i / Parts.Across));

    public IEnumerable<double> CutsAlong => Enumerable.Range(1, Parts.Along - 1).Select(i => Deep * i / Parts.Along);

    /// <summary>Dowels lie in both walls that a cut crosses, of body and lid.</summary>
    public int DowelCount => 2 * (2 * (CutsAcross.Count() + CutsAlong.Count()));

    /// <summary>Whether cuts keep clear of what stands out of the walls.</summary>
    public double CutsClear => CutsAcross.SelectMany(c => At.Select(a => Math.Abs(c - a) - (HingeLong / 2)).Concat(Handle is not { } h ? []
        : new[] { -1, 1 }.Select(side => Math.Abs(c - (side * h.Wide / 2)) - (Knuckle.Value / 2)))).DefaultIfEmpty(double.PositiveInfinity).Min();

    /// <summary>From lug to lug, as far as clasps leave it.</summary>
    public double Between => 2 * (At[^1] - (ClaspWide / 2) - 2 - (1.5 * Knuckle.Value) - Beside);

    /// <summary>A handle narrower than this, or hanging less, is none, mm.</summary>
    public const double LeastBetween = 30, LeastHang = 12;

    /// <summary>Whether all of it can be cut, by just what its checks want.</summary>
    public bool Built => Judge.Enough(BeadAt - BeadHalf, 0) && Judge.Enough(Rim, BeadAt + BeadHalf) && Judge.Enough(LidHigh.Value + Floor.Value,
        Math.Max(BlockFrom + 9, Lug))
        && Judge.Enough(Wide, HingeLong) && Judge.Enough(Wide, ClaspWide + 2) && Judge.Enough(BodyHigh.Value, 1) && Judge.Enough(Rim, Lug) && ShelfHolds
        && (Parts.Count == 1 || (Judge.Enough(Wall.Value, Bore + LeastDowel) && Judge.Enough(CutsClear, DowelDeep)))
        && (Screws is not { } screws || (Judge.Enough(CutsClear, screws.Beside) && Judge.Enough(Math.Min(Rim, LidOutside), screws.Ear)))
        && (Handle is not { } h || (Judge.Enough(h.Long, LeastHang) && Judge.Enough(h.Wide, LeastBetween) && Judge.Enough(Between, h.Wide)));

    /// <summary>Of a lug, from its middle down to where it leaves the wall.</summary>
    public double Lug => 2.5 * Radius;

    /// <summary>Wall beside a dowel, both sides together, mm.</summary>
    public const double LeastDowel = 1.6;

    public static CaseReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, pin, process) = (brief.Parameters, brief.Interfaces["pin"], brief.Process);
        var turns = Fitted.Reckon(new("pin", "diameter", Surface.HoleLying, FitClasses.Of(p.Choice("fit")), p.Number("clearance"), "knuckle")
        { Words = SeatWords.Hinge }, pin, brief.Fits, brief.Tries, ledger);
        var content = brief.Interfaces.TryGetValue("content", out var place) ? new Sizes(place) : null;
        var room = content is null ? null : LiddedCaseFamily.Room.Read(p, ledger);
        var shelf = LiddedCaseFamily.Shelf.Read(p, ledger) ? ledger.Add("shelf", "shelf, with its floor", LiddedCaseFamily.ShelfHigh.Read(p, ledger)
            + Quantity.Chosen("shelf, floor", ShelfWall, Unit.Millimetre, "this family"), "It lies on ledges, flush with the rim.") : null;
        // The lid stands over the shelf, and what lies below has all of its height in the body.
        var above = shelf is null ? null : shelf + LiddedCaseFamily.LidHigh.Read(p, new());
        Quantity Inside(string key, string name, Quantity? over = null) => ledger.Add(key, name, content is null
            ? Quantity.Chosen(name, p.Number(key)!.Value, Unit.Millimetre) : over is null ? content[key]! + (2 * room!) : content[key]! + (2 * room!) + over,
            content is null ? "Clear." : over is null ? "What lies in it, and the room around it."
                : "What lies in it, the room around it, the shelf over it, and the lid over that.");
        var (width, depth, height) = (Inside("width", "inside, left to right"), Inside("depth", "inside, front to back"), Inside("height", "inside, high",
            above));
        var (lid, wall, floor, knuckle, arm, thick, catches) = (LiddedCaseFamily.LidHigh.Read(p, ledger), LiddedCaseFamily.Wall.Read(p, ledger),
            LiddedCaseFamily.Floor.Read(p, ledger), LiddedCaseFamily.Knuckle.Read(p, ledger), LiddedCaseFamily.Arm.Read(p, ledger),
            LiddedCaseFamily.Thick.Read(p, ledger), LiddedCaseFamily.Catch.Read(p, ledger));
        var body = ledger.Add("bodyHigh", "body, inside", height - lid, "What the lid leaves of the whole height.");
        var material = PrintedMaterial.Of(process);
        // From where the arm leaves the lid's block to the tip of its nose.
        var bends = arm - catches - Quantity.Chosen("its nose, flat and half", Off + Close + (NoseFlat / 2), Unit.Millimetre,
            "this family");
        var strain = ledger.Add("clasp.strain", "strain of a clasp", 3 * thick * catches / (2 * Quantity.Square(bends)),
            "3 t δ / 2 L² where it leaves the lid: so far its nose is lifted over the bead (a cantilever; Roark, from memory).");
        var opens = material is null ? null : ledger.Add("clasp.opens", "force that opens a clasp", Snap.Lifts(material.Stiffness,
            Quantity.Chosen("clasp, wide", ClaspWide, Unit.Millimetre, "this family"), thick, catches, bends) * Quantity.RuleOfThumb("up the bead's flank",
                Snap.Drives(Friction, 45), Unit.None, "A slope of 45 degrees, friction 0.3."),
            "3 E I δ / L³, and what a flank of 45 degrees makes of it.");
        var draft = new CaseReckoning
        {
            Turns = turns,
            Width = width,
            Depth = depth,
            BodyHigh = body,
            LidHigh = lid,
            Wall = wall,
            Floor = floor,
            Knuckle = knuckle,
            Arm = arm,
            Thick = thick,
            Catch = catches,
            Tail = Dovetail.Of(PartBodies.Scope(brief, ledger, "tail", "clasp's foot"), Quantity.Chosen("channel at its mouth", 4, Unit.Millimetre,
                "this family"), Quantity.Chosen("channel, deep", 2.6, Unit.Millimetre, "this family"), Quantity.Chosen("flanks", 60, Unit.DegreeOfArc,
                    "this family"), Quantity.RuleOfThumb("clasp in its channel", 0.2, Unit.Millimetre, "Slid in by hand, and glued.")),
            Click = (strain, opens),
            Material = material,
            Bends = 2 * Lifetime.OfADay(p.Number("opened")!.Value),
            Handle = null,
            ShelfTall = shelf?.Value,
            Content = content is null ? null : (content["height"]!.Value, room!.Value),
            Chosen = content is null,
            Parts = (1, 1, 1),
            Way = LiddedCaseFamily.Way.Read(p, ledger),
        };
        ledger.Add("outer", "outside, left to right", Quantity.Chosen("outside, left to right", draft.Wide, Unit.Millimetre, "inside and walls"),
            "Inside and both walls.");
        var tongue = LiddedCaseFamily.Tongue.Read(p, ledger) && Judge.Enough(floor.Value, CaseSeam.LeastFloor);
        var screwed = LiddedCaseFamily.Screwed.Read(p, ledger);
        var parts = draft.Fewest(tongue ? CaseSeam.Stands(floor.Value) : 0, screwed ? CaseScrews.Of(brief, new()).Ear : 0, process.Bed);
        ledger.Add("parts", "parts of body and lid", Quantity.Chosen("parts of body and lid", parts.Count, Unit.None, "the bed"),
            "The fewest that each lie on the bed.");
        var whole = draft with
        {
            Parts = parts,
            Seam = tongue && parts.Count > 1 ? CaseSeam.Of(PartBodies.Scope(brief, ledger, "seam", "tongue"), floor.Value) : null,
            Screws = screwed && parts.Count > 1 ? CaseScrews.Of(brief, ledger) : null,
        };
        return LiddedCaseFamily.Handle.Read(p, ledger) && draft.At.Count > 1
            ? whole with { Handle = whole.Hung(p.Number(LiddedCaseFamily.HandleWide.Key), LiddedCaseFamily.Bar.Read(p, ledger)) } : whole;
    }

    /// <summary>The handle below the lugs' slope, its bar over the underside, and over the ears on the floor between its legs.</summary>
    private (double At, double Long, double Wide, double Bar) Hung(double? wide, Quantity bar)
    {
        var at = Rim - Lug - 1;
        var hangs = Math.Min(40, at - 2 - (Screws is { } screws && Parts.Across > 1 ? screws.Ear : 0));
        return (at, hangs, wide ?? Math.Min(100, Between), Math.Min(bar.Value, hangs - Radius));
    }

    private const double Friction = 0.3;

    /// <summary>Of a part on its bed, left to right and front to back, with the tongue along its seam and the ears of its screws.</summary>
    public (double Wide, double Deep) OnBed => Spread(Parts.Across, Parts.Along, Seam?.Fit.Stands.Value ?? 0, Screws?.Ear ?? 0);

    /// <summary>What stands out of the walls, and out of a seam, is counted to each part.</summary>
    private (double Wide, double Deep) Spread(int across, int along, double stands, double ear)
    {
        double OfPart(double whole, int parts) => (whole / parts) + (parts > 1 ? stands : 0);
        var (beside, ends) = (along > 1 ? ear : 0, across > 1 ? ear : 0);
        return (OfPart(Wide + (2 * beside), across), OfPart(Deep, along) + Math.Max(2 * Radius, ends) + Math.Max(StandsOff + 4, ends));
    }

    /// <summary>The fewest parts that lie on a bed.</summary>
    private (int Across, int Along, int Count) Fewest(double stands, double ear, Bed bed) => Enumerable.Range(1, 6).SelectMany(a =>
        Enumerable.Range(1, 6).Select(b => (Across: a, Along: b, Count: a * b))).OrderBy(s => s.Count).ThenBy(s => s.Along).Where(s =>
            Spread(s.Across, s.Along, stands, ear) is var (wide, deep) && BedRoom.Lies(wide, deep, bed)).DefaultIfEmpty((Across: 1, Along: 1,
                Count: 1)).First();
}
