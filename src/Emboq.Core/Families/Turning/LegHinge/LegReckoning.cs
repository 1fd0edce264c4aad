using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.LegHinge;

/// <summary>What keeps a leg unfolded.</summary>
internal enum LegLock
{
    Bolt,
    Spring,
    Weight,
}

/// <summary>A spring bar outside a cheek, whose bump falls through it into the leg.</summary>
/// <param name="Long">From where it is held to its bump, mm.</param>
/// <param name="Thick">mm.</param>
/// <param name="Wide">mm.</param>
/// <param name="Bump">How deep it falls into the leg.</param>
/// <param name="Lifts">Force that lifts its bump out of the leg, N; <c>null</c> where the filament is not known.</param>
/// <param name="Clicks">Force at the bump, along the cheek, that drives it out, N; likewise.</param>
internal sealed record LegSpring(Quantity Long, Quantity Thick, Quantity Wide, Quantity Bump, Quantity? Lifts, Quantity? Clicks)
{
    /// <summary>Of the cheek below the bump's middle, less the bump: what it is thicker than that, free room, and what stays below, mm.</summary>
    public const double Ends = 2 + LegReckoning.Free + 3;

    /// <summary>Radius of the bump where it leaves the cheek, mm.</summary>
    public double Radius => Bump.Value + 2;

    /// <summary>At its root when its bump is lifted, were it so thick, mm.</summary>
    public double Strain(double thick) => Cantilever.Strain(thick, Bump.Value, Long.Value);
}

/// <summary>The figures of a folding leg hinge. The table's under side is z = 0; the bolt lies along x, and a folded leg along +y.</summary>
internal sealed record LegReckoning
{
    /// <summary>Between what turns and what stands, where nothing is fitted, mm.</summary>
    public const double Free = 1;

    /// <summary>Softwood crushed along its grain by a bolt, MPa, and the share of it that is allowed.</summary>
    public const double WoodCrushes = 25, WoodAllowed = 4;

    public required Fitted Leg { get; init; }

    /// <summary>Length and thickness of the leg.</summary>
    public required (Quantity Long, Quantity Thick) Size { get; init; }

    /// <summary>From the leg's end to the bolt.</summary>
    public required Quantity Above { get; init; }

    /// <summary>From the plate to the bolt.</summary>
    public required Quantity Drop { get; init; }

    /// <summary>From the bolt to the cheeks' lower end.</summary>
    public required Quantity Down { get; init; }

    public required Quantity Cheek { get; init; }

    public required Quantity Plate { get; init; }

    public required Quantity PlateLong { get; init; }

    public required Quantity Back { get; init; }

    /// <summary>Past upright, degrees.</summary>
    public required Quantity Leans { get; init; }

    /// <summary>Whether its end bears on the plate.</summary>
    public required bool Stands { get; init; }

    public required Passing Passing { get; init; }

    public required FoldedLegs Folded { get; init; }

    /// <summary>How far the hinges are turned, degrees; nothing where no turn lets them pass.</summary>
    public required Quantity Turned { get; init; }

    public required LegLock Lock { get; init; }

    public required LegSpring? Spring { get; init; }

    /// <summary>Hole of the bolt, and of what locks.</summary>
    public required Joint Pivot { get; init; }

    public required string Bolt { get; init; }

    public required ScrewLength BoltLong { get; init; }

    public required Joint Screw { get; init; }

    public required ScrewLength Takes { get; init; }

    public required Quantity Bears { get; init; }

    /// <summary>Whether they are in the leg's shadow when it is unfolded.</summary>
    public required bool Hidden { get; init; }

    /// <summary>Push on one leg, N; weight on one leg, N; what weight alone holds, at the leg's foot, N.</summary>
    public required (Quantity Push, Quantity Weight, Quantity Kept) Load { get; init; }

    /// <summary>At the foot, to each side.</summary>
    public required Quantity Play { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required WayUp Way { get; init; }

    public required IReadOnlyList<double> Ladder { get; init; }

    public bool OnBack => Way.Key == "back";

    public double Thick => Size.Thick.Value;

    /// <summary>From the bolt to the leg's far end, mm.</summary>
    public double Reach => Size.Long.Value - Above.Value;

    /// <summary>From the bolt to the corners at the leg's end, mm.</summary>
    public double Corner => Math.Sqrt((Above.Value * Above.Value) + (Thick * Thick / 4));

    public double Gap => Leg.Drawn.Value;

    /// <summary>From the middle to the outside of a cheek, mm.</summary>
    public double Outside => (Gap / 2) + Cheek.Value;

    /// <summary>Where the back wall begins and ends, and the cheeks end in front, mm.</summary>
    public double BackFace => Math.Min(-Corner - Free, StopAt(Bottom));

    public double BackEnd => BackFace - Back.Value;

    public double Front => Math.Max(Thick / 2, Pivot.Reach + 0.5);

    public double PlateFront => BackEnd + PlateLong.Value;

    /// <summary>Height of the bolt below the table, mm.</summary>
    public double PivotZ => -Plate.Value - Drop.Value;

    public double Bottom => PivotZ - Down.Value;

    /// <summary>Where the stop under the turning end begins, mm.</summary>
    public double StopTop => PivotZ - (Thick / 2) - Free;

    /// <summary>Where the leg's outer side rests at a height, as it leans, mm.</summary>
    public double StopAt(double z)
    {
        var (sin, cos) = Math.SinCos(Leans.Value * Math.PI / 180);
        return (-Thick / 2 * cos) - (((Thick / 2 * sin) - (z - PivotZ)) / cos * sin);
    }

    /// <summary>Where what locks stands: y and z, mm.</summary>
    public Point2 LockAt => new(-LockDown * Math.Sin(Leans.Value * Math.PI / 180), PivotZ - (LockDown * Math.Cos(Leans.Value * Math.PI / 180)));

    /// <summary>From the bolt down the leg to what locks it, mm.</summary>
    public double LockDown => Down.Value - (Lock == LegLock.Spring ? Spring!.Bump.Value + LegSpring.Ends : Pivot.Reach + 0.5);

    /// <summary>From the middle to the side of the plate, mm.</summary>
    public double Side => Hidden ? Outside : Outside + (2 * Screw.Reach) + 1;

    /// <summary>Where the screws are, mm.</summary>
    public IReadOnlyList<Point2> Screws
    {
        get
        {
            var (across, back, front) = (Outside + Screw.Reach + 0.5, BackEnd + Screw.Reach + 0.5, PlateFront - Screw.Reach - 0.5);
            return Hidden ? [new(-HiddenAside, 0), new(HiddenAside, 0)] : [new(-across, back), new(across, back), new(-across, front), new(across, front)];
        }
    }

    /// <summary>From the middle to a screw under the leg's end, mm.</summary>
    public double HiddenAside => (Leg.Counterpart.Value / 2) - HeadRadius - 1;

    public double HeadRadius => Screw.Sleeves.Max(s => s.Radius);

    /// <summary>How much lower the other end hangs, mm.</summary>
    public double Lower => Passing == Passing.Over ? Thick + Folded.Gap : 0;

    /// <summary>From the table to the lowest of all folded legs, mm.</summary>
    public double FoldedDeep => -PivotZ + (Thick / 2) + Lower;

    public bool Built =>
        PlateFront >= Front && StopTop - 3 > Bottom && LockDown > Pivot.Reach + 1 && (!Hidden || HiddenAside > HeadRadius + 1) && Drop.Value >= Thick / 2;

    public static LegReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, leg) = (brief.Parameters, brief.Interfaces["leg"]);
        var way = LegHingeFamily.Way.Read(p, ledger);
        var gap = Fitted.Reckon(new("leg", "width", Surface.Pocket, FitClasses.Of(p.Choice("across")), p.Number("clearance"),
            "gap for the leg")
        { Words = SeatWords.Leg }, leg,
            brief.Fits, brief.Tries, ledger);
        Quantity Read(string key, string name) => ledger.Add($"leg.{key}", name, Evaluation.Of(leg, key)!.Quantity, "As read.");
        var (length, thick) = (Read("length", "length of the leg"), Read("thickness", "thickness of the leg"));
        var (above, down, cheek) = (LegHingeFamily.Above.Read(p, ledger), LegHingeFamily.Down.Read(p, ledger), LegHingeFamily.Cheek.Read(p, ledger));
        var stands = p.Choice("end") == "stands";
        var leans = ledger.Add("leans", "leans past upright", Quantity.Chosen("leans past upright", p.Number("leans")!.Value, Unit.DegreeOfArc),
            "Its foot stands further out than its bolt, so that weight keeps it open.");
        var half = thick / 2;
        var drop = ledger.Add("drop", "plate to bolt", stands ? (above * Quantity.Cos(leans)) + (half * Quantity.Sin(leans))
            : Quantity.Sqrt(Quantity.Square(above) + Quantity.Square(half)) + Quantity.Chosen("free", Free, Unit.Millimetre, "this family"),
            stands ? "The leg's end comes to bear on the plate; its inner corner is rounded about the bolt."
                : "The corners of its end turn free of the plate.");
        var (lie, size) = (HoleLie.Teardrop, p.Choice("bolt"));
        var pivot = ScrewHole.Passing(PartBodies.Scope(brief, ledger, "bolt", "bolt"), size, "medium", cheek.Value, lie);
        var plate = LegHingeFamily.Plate.Read(p, ledger);
        var wood = PartBodies.Scope(brief, ledger, "screw", "screw");
        var woodSize = p.Choice("woodScrew");
        var takes = ScrewLength.IntoWood(wood, woodSize, "countersunk", [plate], Specs.BoardOf(p, ledger), brief.Drawer);
        var material = PrintedMaterial.Of(brief.Process);
        // The bolt's head, and its nut, stand out beside the cheeks.
        var folded = new FoldedLegs(LegHingeFamily.Between.Read(p, ledger).Value, length.Value - above.Value, gap.Counterpart.Value,
            LegHingeFamily.Gap.Read(p, ledger).Value, ((gap.Drawn.Value / 2) + cheek.Value + Hardware.Diameter(size).Value + 2, Math.Max(thick.Value / 2,
                pivot.Reach + 0.5)));
        var passing = LegHingeFamily.Pass.Read(p, ledger);
        var locked = LegHingeFamily.Locks.Read(p, ledger);
        var reckoned = new LegReckoning
        {
            Leg = gap,
            Size = (length, thick),
            Above = above,
            Drop = drop,
            Down = down,
            Cheek = cheek,
            Plate = plate,
            PlateLong = LegHingeFamily.PlateLong.Read(p, ledger),
            Back = LegHingeFamily.Back.Read(p, ledger),
            Leans = leans,
            Stands = stands,
            Passing = passing,
            Folded = folded,
            Turned = ledger.Add("turned", "turned by", passing != Passing.Beside ? Quantity.Chosen("not turned", 0, Unit.DegreeOfArc)
                : p.Number("turned") is { } chosen ? Quantity.Chosen("turned", chosen, Unit.DegreeOfArc)
                : Quantity.Chosen("least turn", folded.Turn ?? 0, Unit.DegreeOfArc, "legs that pass each other"), passing == Passing.Beside
                ? "All hinges alike: sin β is the room that they need over the distance of the bolts." : "The legs lie along the table."),
            Lock = locked,
            Spring = null,
            Pivot = pivot,
            Bolt = size,
            BoltLong = BoltLength(brief, ledger, size, [cheek, cheek, gap.Drawn]),
            Screw = ScrewHole.CountersunkWood(wood, woodSize, plate.Value, way.Key == "back" ? HoleLie.Teardrop : HoleLie.Upright),
            Takes = takes,
            Bears = WoodScrew.Bears(woodSize, takes.InThread, ledger),
            Hidden = p.Choice("screwsAt") == "hidden",
            Load = Loaded(p, leans, ledger),
            Play = ledger.Add("play", "play at the foot", gap.Realised * ((length - above) / (above + down)),
                "Clearance between the cheeks over the length that they hold, drawn out to the foot; to each side."),
            Material = material,
            Way = way,
            Ladder = LadderRungs.Of(gap, ("step of the fork", LegShape.ForkStep), brief.Process, ledger),
        };
        return locked != LegLock.Spring ? reckoned : reckoned with { Spring = Springs(p, (down, Hardware.Diameter(size)), material, ledger) };
    }

    /// <summary>Both cheeks, the leg, a washer at each side, and a nut that locks itself.</summary>
    private static ScrewLength BoltLength(Brief brief, Ledger ledger, string size, IReadOnlyList<Quantity> grip)
    {
        var scope = PartBodies.Scope(brief, ledger, "bolt", "bolt");
        var washer = Hardware.Of("washers", size, "thickness", $"{Hardware.Name(size)} washer");
        var nut = NutPocket.Height(scope with { Key = "bolt.nut" }, size);
        return ScrewLength.Of(scope, (size, "cap", $"{Hardware.Name(size)} cap screw, partly threaded"), [.. grip, washer, washer],
            (nut + Hardware.Pitch(size)).Named("nut and a turn"), nut + Quantity.RuleOfThumb("beyond the nut", 8, Unit.Millimetre,
                "It may stand out there, where no hand catches on it."), brief.Drawer);
    }

    private static (Quantity Push, Quantity Weight, Quantity Kept) Loaded(ParameterValues p, Quantity leans, Ledger ledger)
    {
        Unit newton = new(Newton: 1);
        var legs = Quantity.Chosen("legs", Math.Round(p.Number("legs")!.Value), Unit.None);
        var gravity = Quantity.Input("weight of a kilogram", 9.80665, newton, new Provenance.Standard("ISO 80000-4", "standard gravity"));
        Quantity Kilograms(string key, string name) => gravity * Quantity.Chosen(name, p.Number(key)!.Value, Unit.None);
        var own = Kilograms("tableMass", "kilograms of the table");
        var push = ledger.Add("push", "push on one leg", Quantity.Chosen("push", p.Number("push")!.Value, newton) / legs, "All legs share it.");
        var weight = ledger.Add("weight", "weight on one leg", (own + Kilograms("carries", "kilograms that it carries")) / 2,
            "On uneven ground a table stands on two of its legs.");
        var kept = ledger.Add("kept", "push that the weight alone holds", own / legs * Quantity.Tan(leans),
            "At the foot, along the way it folds, while nothing stands on the table: its own weight times tan of the lean.");
        return (push, weight, kept);
    }

    private static LegSpring Springs(ParameterValues p, (Quantity Down, Quantity Bolt) at, PrintedMaterial? material, Ledger ledger)
    {
        var (thick, wide, bump) = (LegHingeFamily.SpringThick.Read(p, ledger), LegHingeFamily.SpringWide.Read(p, ledger), LegHingeFamily.Bump.Read(p, ledger));
        Quantity Fixed(string name, double mm) => Quantity.Chosen(name, mm, Unit.Millimetre, "this family");
        // As LockDown, less what the washer of the bolt holds.
        var length = ledger.Add("spring.long", "spring, from its bolt to its bump", at.Down - bump - Fixed("end of the spring", LegSpring.Ends) - at.Bolt,
            "It bends from the washer under the bolt's head.");
        var lifts = material is null ? null : ledger.Add("spring.lifts", "force that lifts its bump", Snap.Lifts(material.Stiffness, wide, thick, bump, length),
            "A bar held at one end: 3 E I δ / L³, with I = w t³ / 12.");
        var friction = Quantity.RuleOfThumb("friction of plastic on wood", 0.3, Unit.None, "Plastic on dry wood; common practice, no published source.");
        var one = Quantity.Chosen("tan of its slope", 1, Unit.None, "this family");
        return new(length, thick, wide, bump, lifts, lifts is null ? null : ledger.Add("spring.clicks", "force that drives its bump out",
            lifts * (friction + one) / (one - friction), "Up its slope of 45 degrees: (μ + tan α) / (1 − μ tan α)."));
    }
}
