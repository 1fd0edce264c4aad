using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.FlipStop;

/// <summary>The figures of a flip stop. The table's edge is y = 0 and its top z = 0, the table lying at −y; x runs along the edge, and the arm turns about an
/// axis along y.</summary>
internal sealed record StopReckoning
{
    /// <summary>Between what lies below the table's top and that, and between arm and plate, mm.</summary>
    public const double Free = 1.5, Gap = 0.3;

    /// <summary>Radius of the nose's end, what its dimple is wider than it to each side, and deeper, mm.</summary>
    public const double Tip = 1.2, Beside = 0.15, Deeper = 0.3;

    /// <summary>Of the screw's end that may stand out behind the nut, in the wood, mm.</summary>
    public const double Behind = 6;

    public required Fitted Turns { get; init; }

    public required Quantity Over { get; init; }

    public required Quantity Wide { get; init; }

    public required Quantity Thick { get; init; }

    public required Quantity Plate { get; init; }

    public required Quantity PlateWide { get; init; }

    public required Quantity Drop { get; init; }

    public required Quantity Reach { get; init; }

    /// <summary>Of the tongue: from where it is held to its nose, thickness and width.</summary>
    public required (Quantity Long, Quantity Thick, Quantity Wide) Tongue { get; init; }

    public required Quantity Click { get; init; }

    public required double Slope { get; init; }

    /// <summary>From the table's edge to the face that stops.</summary>
    public required Quantity Face { get; init; }

    /// <summary>Force that lifts the nose, and force at the head's end that drives it out, N; <c>null</c> where the filament is not known.</summary>
    public required (Quantity Lifts, Quantity Head)? Clicks { get; init; }

    public required Quantity Push { get; init; }

    /// <summary>Hole of the screw with the pocket of its nut, entered from the back.</summary>
    public required Joint Pivot { get; init; }

    /// <summary>Of the nut's pocket, mm: how deep it is, and how wide over its flats.</summary>
    public required double NutDeep { get; init; }

    public required double NutFlats { get; init; }

    /// <summary>Of its thread.</summary>
    public required string Screw { get; init; }

    public required ScrewLength ScrewLong { get; init; }

    public required Joint Edge { get; init; }

    public required ScrewLength Takes { get; init; }

    public required Quantity Bears { get; init; }

    public required Quantity TableThick { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required WayUp Way { get; init; }

    public required bool ToTheLeft { get; init; }

    /// <summary>From the middle of a screw to a face of the table, at least, mm: two and a half diameters.</summary>
    public required double Wood { get; init; }

    public required IReadOnlyList<double> Ladder { get; init; }

    public bool OnBack => Way.Key == "back";

    /// <summary>Height of the axis, mm: the arm lies so far below the table's top.</summary>
    public double AxisZ => -(Wide.Value / 2) - Free;

    /// <summary>From the axis to the head's end, mm.</summary>
    public double Head => Over.Value - AxisZ;

    /// <summary>Radius of the tongue's end, and the arm from there to its head's end, mm.</summary>
    public double TongueEnd => Math.Max(Tongue.Wide.Value / 2, Nose + 1);

    public double ArmLong => Head + Reach.Value + TongueEnd;

    /// <summary>Radius of the nose below its slope, mm.</summary>
    public double Nose => NoseOf(Click.Value, Slope);

    /// <summary>Radius of a dimple at the plate's face, mm.</summary>
    public double Dimple => Tip + Beside + (Click.Value / Math.Tan(Slope * Math.PI / 180));

    /// <summary>Where both dimples are, from the axis: below it, and on the side where the arm does not lie, mm in x and z.</summary>
    public IReadOnlyList<Point2> Dimples => [new(0, -Reach.Value), new(ToTheLeft ? -Reach.Value : Reach.Value, 0)];

    /// <summary>The wood screws: from the middle, and below the table's top, mm.</summary>
    public (double Aside, double Down) Screws => ((PlateWide.Value / 2) - Edge.Reach - 0.5, Math.Max(Wood, Free + Edge.Reach + 0.5));

    public bool Built => Edge.Reach + 1 < PlateWide.Value / 2 && Drop.Value > Screws.Down + Edge.Reach && Plate.Value > Click.Value + Deeper + 0.5
        && Dimples.All(d => Math.Abs(d.X) + Dimple < PlateWide.Value / 2 && AxisZ + d.Y - Dimple > -Drop.Value) && Thick.Value > Tongue.Thick.Value;

    /// <summary>Radius of a nose that falls in so far, mm.</summary>
    public static double NoseOf(double click, double slope) => Tip + ((click + (Gap / 2)) / Math.Tan(slope * Math.PI / 180));

    public static StopReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, pin) = (brief.Parameters, brief.Interfaces["pin"]);
        var (way, wood) = (FlipStopFamily.Way.Read(p, ledger), p.Choice("woodScrew"));
        var turns = Fitted.Reckon(new("pin", "diameter", Surface.HoleUpright, FitClasses.Of(p.Choice("across")), p.Number("clearance"),
            "hole of the arm")
        { Words = SeatWords.Pivot }, pin,
            brief.Fits, brief.Tries, ledger);
        // Crests measure a little less than a thread's size; sizes of one sort are further apart than that.
        var size = Hardware.Threads.Where(t => t.Key.StartsWith('M') == (p.Choice("thread") == "metric"))
            .MinBy(t => Math.Abs(Hardware.Diameter(t.Key).Value - turns.Counterpart.Value))!.Key;
        var (over, wide, thick) = (FlipStopFamily.Over.Read(p, ledger), FlipStopFamily.Wide.Read(p, ledger), FlipStopFamily.Thick.Read(p, ledger));
        var (plate, reach, click) = (FlipStopFamily.Plate.Read(p, ledger), FlipStopFamily.Reach.Read(p, ledger), FlipStopFamily.Click.Read(p, ledger));
        var slope = p.Number("slope")!.Value;
        Quantity Fixed(string name, double mm) => Quantity.Chosen(name, mm, Unit.Millimetre, "this family");
        var length = ledger.Add("tongue.long", "tongue, from the arm to its nose", reach - (wide / 2) - Fixed("nose", NoseOf(click.Value, slope)),
            "What bends of it.");
        var (tongueThick, tongueWide) = (FlipStopFamily.TongueThick.Read(p, ledger), FlipStopFamily.TongueWide.Read(p, ledger));
        var material = PrintedMaterial.Of(brief.Process);
        var head = ledger.Add("head", "from the axis to the head's end", over + (wide / 2) + Fixed("free", Free), "The arm lies below the table's top.");
        var lie = way.Key == "back" ? HoleLie.Upright : HoleLie.Teardrop;
        var (scope, edge) = (PartBodies.Scope(brief, ledger, "screw", "screw"), PartBodies.Scope(brief, ledger, "edge", "edge screw"));
        var pocket = NutPocket.FromEnd(PartBodies.Scope(brief, ledger, "nut", "nut"), size, 0.5);
        var washer = Hardware.Of("washers", size, "thickness", $"{Hardware.Name(size)} washer");
        var nut = NutPocket.Height(scope with { Key = "nut" }, size);
        var sunk = Fixed("nut below the back", 0.5);
        var takes = ScrewLength.IntoWood(edge, wood, "countersunk", [plate], Quantity.Chosen("wood behind the edge", 60, Unit.Millimetre, "this family"),
            brief.Drawer);
        return new()
        {
            Turns = turns,
            Over = over,
            Wide = wide,
            Thick = thick,
            Plate = plate,
            PlateWide = FlipStopFamily.PlateWide.Read(p, ledger),
            Drop = FlipStopFamily.Drop.Read(p, ledger),
            Reach = reach,
            Tongue = (length, tongueThick, tongueWide),
            Click = click,
            Slope = slope,
            Face = ledger.Add("face", "stop's face from the edge", plate + Fixed("gap", Gap), "The plate, and what is free between it and the arm."),
            Clicks = material is null ? null : Clicking(material, (length, tongueThick, tongueWide), click, slope, (reach, head), ledger),
            Push = ledger.Add("push", "push on the stop", Quantity.Chosen("push", p.Number("push")!.Value, new(Newton: 1)), "At the end of its head."),
            Pivot = pocket + ScrewHole.Passing(scope, size, "medium", plate.Value, lie),
            NutDeep = ledger["nut.pocket.depth"].Value,
            NutFlats = ledger["nut.flats"].Value,
            Screw = size,
            ScrewLong = ScrewLength.Of(scope, (size, "cap", $"{Hardware.Name(size)} cap screw"), [plate - nut - sunk, Fixed("gap", Gap), thick, washer],
                (nut + Hardware.Pitch(size)).Named("nut and a turn"), nut + sunk + Fixed("drilled behind it", Behind), brief.Drawer),
            Edge = ScrewHole.CountersunkWood(edge, wood, plate.Value, lie),
            Takes = takes,
            Bears = WoodScrew.Bears(wood, takes.InThread, ledger, "edge", "one edge screw"),
            TableThick = FlipStopFamily.TableThick.Read(p, ledger),
            Material = material,
            Way = way,
            ToTheLeft = p.Choice("side") == "left",
            Wood = 2.5 * Hardware.Of("wood-screws", wood, "diameter", "screw").Value,
            Ladder = LadderRungs.Of(turns, ("test ring", turns.Drawn.Value + (2 * StopShape.RingWall)), brief.Process, ledger),
        };
    }

    private static (Quantity Lifts, Quantity Head) Clicking(PrintedMaterial material, (Quantity Long, Quantity Thick, Quantity Wide) tongue, Quantity click,
        double slope, (Quantity Reach, Quantity Head) arm, Ledger ledger)
    {
        var lifts = ledger.Add("tongue.lifts", "force that lifts its nose", Snap.Lifts(material.Stiffness, tongue.Wide, tongue.Thick, click, tongue.Long),
            "A bar held at one end: 3 E I δ / L³, with I = w t³ / 12.");
        var drives = Quantity.RuleOfThumb("up its slope", Snap.Drives(Friction, slope), Unit.None,
            $"(μ + tan α) / (1 − μ tan α) with μ = {Figures.Plain(Friction)}, plastic on plastic; common practice, no published source.");
        return (lifts, ledger.Add("clicks", "force at the head's end that clicks it out", lifts * drives * (arm.Reach / arm.Head),
            "At the nose, by the arm from the axis to the head's end. It clicks in at the same force."));
    }

    private const double Friction = 0.3;
}
