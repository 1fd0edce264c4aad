using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.FlipHinge;

/// <summary>Screws of one leaf into wood.</summary>
/// <param name="Joint">Its hole, in its own frame.</param>
/// <param name="Takes">How long they are.</param>
/// <param name="Bears">What one bears before it is drawn out.</param>
internal sealed record LeafScrews(Joint Joint, ScrewLength Takes, Quantity Bears);

/// <summary>The figures of a flip hinge. The table's edge is x = 0 and its top z = 0, the table lying at −x; the pin lies along y. Of what turns, u runs along
/// the rail away from the table and v up, from the pin's axis, as it lies.</summary>
internal sealed record HingeReckoning
{
    /// <summary>Between what turns and what stands, where nothing is fitted, mm.</summary>
    public const double Free = 1;

    public required Fitted Turns { get; init; }

    /// <summary>The pin's hole in the table's leaf, as drawn, and what it leaves free.</summary>
    public required (Quantity Drawn, double Clearance) Kept { get; init; }

    public required PinSort Pin { get; init; }

    /// <summary>Length, width and thickness of the rail.</summary>
    public required (Quantity Long, Quantity Wide, Quantity Thick) Rail { get; init; }

    /// <summary>From the table's top to the rail's under side.</summary>
    public required Quantity High { get; init; }

    public required Quantity Wide { get; init; }

    public required Quantity Wall { get; init; }

    public required Quantity Ends { get; init; }

    public required Quantity Plate { get; init; }

    public required Quantity Drop { get; init; }

    public required Quantity Leaf { get; init; }

    public required Quantity LeafLong { get; init; }

    public required Quantity Heel { get; init; }

    public required Quantity TableThick { get; init; }

    public required int Knuckles { get; init; }

    public required LeafScrews Held { get; init; }

    public required LeafScrews Carried { get; init; }

    /// <summary>How far the plate may be moved on its screws, mm.</summary>
    public required double Travel { get; init; }

    /// <summary>How far past upright it rests, degrees.</summary>
    public required Quantity Past { get; init; }

    /// <summary>How far past the pin its middle of mass then is, degrees.</summary>
    public required Quantity Leans { get; init; }

    /// <summary>At the tip, to each side.</summary>
    public required Quantity Play { get; init; }

    /// <summary>Weight, N; moment about the pin when it is swung up against its heel, N mm; pull of the heel, N.</summary>
    public required (Quantity Weight, Quantity Moment, Quantity Heel) Load { get; init; }

    /// <summary>Of holes that benches have: the middle of their spacings, and how far each screw moves along its slot; <c>null</c> where none is
    /// named.</summary>
    public required (Quantity Middle, Quantity Travel)? Served { get; init; }

    /// <summary>Whether slots take the place of round holes, and whether those lie along the edge.</summary>
    public bool IsSlotted => Travel > 0 || IsSlottedAlong;

    public bool IsSlottedAlong => Served is { Travel.Value: > 0 };

    public required PrintedMaterial? Material { get; init; }

    public required bool HasPost { get; init; }

    public required WayUp Way { get; init; }

    public required IReadOnlyList<double> Ladder { get; init; }

    public bool OnSide => Way.Key == "side";

    /// <summary>Outside of a knuckle, mm.</summary>
    public double Knuckle => (Turns.Drawn.Value / 2) + Wall.Value;

    /// <summary>From the pin's axis to the leaf's under side, mm.</summary>
    public double Under => Knuckle + Free;

    /// <summary>From the pin's axis to the far side of the rail, mm.</summary>
    public double Far => Under + Leaf.Value + Rail.Thick.Value;

    public double PivotX => Plate.Value + Knuckle + Free;

    public double PivotZ => High.Value - Leaf.Value - Under;

    /// <summary>How far it swings, degrees.</summary>
    public double Swing => 90 + Past.Value;

    public double PlateTop => Math.Max(PivotZ, 0);

    public double PlateHigh => PlateTop + Drop.Value;

    /// <summary>Where the heel comes to rest, about the pin: a face as far from it as the leaf's under side is, turned with it.</summary>
    public IReadOnlyList<Point2> Rest
    {
        get
        {
            var (sin, cos) = Math.SinCos(Swing * Math.PI / 180);
            Point2 At(double far, double down) => new((sin * far) + (cos * down), (cos * far) - (sin * down));
            return [At(0, 0), At(0, Heel.Value), At(Under, Heel.Value), At(Under, 0)];
        }
    }

    /// <summary>How far below the pin's axis a knuckle's web reaches on the plate, mm: from there it rises outwards by 45 degrees and prints without
    /// support.</summary>
    public double Web => Rest.Append(new(Knuckle, 0)).Max(p => p.X - p.Y) + PivotX - Plate.Value;

    /// <summary>Middle of the plate's screws below the table's top, mm.</summary>
    public double ScrewsDown => Drop.Value / 2;

    /// <summary>From the middle to each screw of the plate, along the pin, mm.</summary>
    public double ScrewsAside => Served is { } served ? served.Middle.Value / 2 : (Wide.Value / 2) - Held.Joint.Reach - 0.5;

    /// <summary>Where the rail's screws are, along it from the pin, mm: the nearer one past the knuckles.</summary>
    public (double Near, double Last) ScrewsAlong => (-Knuckle - Carried.Joint.Reach - 0.5, -LeafLong.Value + Carried.Joint.Reach + 0.5);

    /// <summary>Whether there is a hinge at all.</summary>
    public bool Built => High.Value > Leaf.Value && Wide.Value / Knuckles > Ends.Value + 2 && LeafLong.Value > Knuckle
        && PlateHigh > Web + 1;

    /// <summary>Spans of the knuckles along the pin, of the table's leaf or of the other, mm.</summary>
    public IEnumerable<(double From, double To)> Spans(bool table)
    {
        var each = Wide.Value / Knuckles;
        return Enumerable.Range(0, Knuckles).Where(i => i % 2 == 0 == table).Select(i => ((-Wide.Value / 2) + (i * each) + (i > 0 ? Ends.Value / 2 : 0),
            (-Wide.Value / 2) + ((i + 1) * each) - (i < Knuckles - 1 ? Ends.Value / 2 : 0)));
    }

    public static HingeReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, rail, pin) = (brief.Parameters, brief.Interfaces["rail"], brief.Interfaces["pin"]);
        var (way, sort) = (FlipHingeFamily.Way.Read(p, ledger), FlipHingeFamily.Pin.Read(p, ledger));
        var lying = way.Key == "side" ? Surface.HoleUpright : Surface.HoleLying;
        var turns = Fitted.Reckon(new("pin", "diameter", lying, FitClasses.Of(p.Choice("across")), p.Number("clearance"),
            "knuckle")
        { Words = SeatWords.Hinge }, pin,
            brief.Fits, brief.Tries, ledger);
        var fit = PinSorts.Held(sort);
        var grip = ledger.Add("held.clearance", "clearance of the pin where it is held", Quantity.RuleOfThumb("clearance of a held pin", fit.Clearance,
            Unit.Millimetre, FitClasses.Basis), sort == PinSort.Steel ? "It is pressed in, and does not turn there." : "It goes in by hand, and is glued.");
        var held = ledger.Add("held", "held knuckle, drawn", SizeLaw.Drawn(turns.Counterpart + grip, lying, brief.Fits),
            "Drawn so that it holds the pin.");
        Quantity Read(string key, string name) => ledger.Add($"rail.{key}", name, Evaluation.Of(rail, key)!.Quantity, "As read.");
        var (length, wide, thick) = (Read("length", "length of the rail"), Read("width", "width of the rail"), Read("thickness", "thickness of the rail"));
        var high = ledger.Add("high", "rail over the table", FlipHingeFamily.Stock.Read(p, ledger) + FlipHingeFamily.Room.Read(p, ledger),
            "Both ends lie so high: the stock, and its room.");
        var (wall, leaf, heel) = (FlipHingeFamily.Wall.Read(p, ledger), FlipHingeFamily.Leaf.Read(p, ledger), FlipHingeFamily.Heel.Read(p, ledger));
        var (hinge, plate, ends) = (FlipHingeFamily.Wide.Read(p, ledger), FlipHingeFamily.Plate.Read(p, ledger), FlipHingeFamily.Ends.Read(p, ledger));
        var knuckles = int.Parse(p.Choice("knuckles"), System.Globalization.CultureInfo.InvariantCulture);
        var past = ledger.Add("past", "rests past upright", Quantity.Chosen("rests past upright", p.Number("past")!.Value, Unit.DegreeOfArc), "On its heel.");
        var under = (0.5 * turns.Drawn) + wall + Quantity.Chosen("free", Free, Unit.Millimetre, "this family");
        var aside = ledger.Add("middle.along", "rail's middle of mass from the pin", (Evaluation.Of(rail, "balance")?.Quantity ?? ((0.5 * length)
            + Quantity.Input("uneven rail", 0, Unit.Millimetre, new Provenance.RuleOfThumb(
                "A rail's middle of mass lies within a fiftieth of its length of its half; common practice, no published source."),
                (new Source("uneven rail", "where the rail's middle of mass is", length.Value / 50), 1)))) - heel, "As it lies.");
        var over = ledger.Add("middle.over", "rail's middle over the pin", under + leaf + (0.5 * thick), "As it lies; once it is up, so far past the pin.");
        var level = Quantity.Input("table off level", 0, Unit.DegreeOfArc, new Provenance.RuleOfThumb(
            "A table stands within a degree of level; common practice, no published source."), (new Source("level", "how level the table stands", 1), 1));
        var leans = ledger.Add("leans", "middle of mass past the pin", past + Quantity.Atan(over / aside) + level,
            "Its middle of mass leans so far beyond upright over the pin, with everything in doubt.");
        var served = HoleRows.Served(brief, FlipHingeFamily.Benches, ledger);
        var travel = served is null ? p.Number("slots")!.Value : 0;
        var load = Loaded(brief, rail, (aside, over), past, heel, ledger);
        return new()
        {
            Turns = turns,
            Kept = (held, fit.Clearance),
            Pin = sort,
            Rail = (length, wide, thick),
            High = high,
            Wide = hinge,
            Wall = wall,
            Ends = ends,
            Plate = plate,
            Drop = FlipHingeFamily.Drop.Read(p, ledger),
            Leaf = leaf,
            LeafLong = FlipHingeFamily.LeafLong.Read(p, ledger),
            Heel = heel,
            TableThick = FlipHingeFamily.TableThick.Read(p, ledger),
            Knuckles = knuckles,
            Held = Screws(brief, ledger, "edge", "edge screw", plate, Quantity.Chosen("wood behind the edge", 60, Unit.Millimetre, "this family"),
                Math.Max(travel, served?.Travel.Value ?? 0), HoleLie.Teardrop),
            Carried = Screws(brief, ledger, "rail", "rail screw", leaf, thick, 0, way.Key == "side" ? HoleLie.Teardrop : HoleLie.Upright),
            Travel = travel,
            Served = served,
            Past = past,
            Leans = leans,
            Play = Playing(turns, Math.Max(0, fit.Clearance), (length - heel, hinge, ends), knuckles, ledger),
            Load = load,
            Material = PrintedMaterial.Of(brief.Process),
            HasPost = p.Choice("post") == "post",
            Way = way,
            Ladder = LadderRungs.Of(turns, ("test knuckle", turns.Drawn.Value + (2 * wall.Value)), brief.Process, ledger),
        };
    }

    /// <summary>Its weight, and what it does to the hinge when it is swung up: it is stopped by its heel.</summary>
    private static (Quantity Weight, Quantity Moment, Quantity Heel) Loaded(Brief brief, Interface rail, (Quantity Aside, Quantity Over) middle, Quantity past,
        Quantity heel, Ledger ledger)
    {
        var grams = ledger.Add("mass", "weight of the rail", Evaluation.Of(rail, "mass")?.Quantity
            ?? Quantity.Chosen("mass of the rail", brief.Parameters.Number("railMass")!.Value, Unit.Grams), "With all that is on it.");
        var gravity = Quantity.Input("weight of a gram", 0.00980665, new(Gram: -1, Newton: 1), new Provenance.Standard("ISO 80000-4", "standard gravity"));
        var weight = ledger.Add("weight", "force of its weight", gravity * grams, "At its middle of mass.");
        var swung = Quantity.RuleOfThumb("swung up", 3, Unit.None,
            "What is swung up and stopped presses three times as hard; common practice, no published source.");
        var offset = (middle.Aside * Quantity.Sin(past)) + (middle.Over * Quantity.Cos(past));
        var moment = ledger.Add("moment", "moment on its heel", swung * weight * offset, "As it is stopped: three times its weight, past the pin.");
        return (weight, moment, ledger.Add("heel.force", "force on its heel", moment / (0.5 * heel), "It rests on half of the heel in the middle."));
    }

    /// <summary>To each side at the tip: the end play, and what a pin in a wider hole lets it turn, c over its length in it, times the rail.</summary>
    private static Quantity Playing(Fitted turns, double held, (Quantity Reach, Quantity Wide, Quantity Ends) size, int knuckles, Ledger ledger)
    {
        var inner = size.Wide - ((2.0 / knuckles) * size.Wide) - size.Ends;
        var loose = Quantity.Chosen("play of the held pin", held, Unit.Millimetre, "this family");
        return ledger.Add("play", "play at the tip", size.Ends + (size.Reach * ((turns.Realised / inner) + (loose / size.Wide))),
            "Gap at the ends of the knuckles, and the clearance over the length of pin that each leaf holds, drawn out to the tip; to each side.");
    }

    private static LeafScrews Screws(Brief brief, Ledger ledger, string key, string name, Quantity through, Quantity wood, double travel, HoleLie lie)
    {
        var (scope, size) = (PartBodies.Scope(brief, ledger, key, name), brief.Parameters.Choice("woodScrew"));
        var joint = travel > 0 ? ScrewHole.Slotted(scope, ScrewHole.PassingWood(scope, size), travel, through.Value)
            : ScrewHole.CountersunkWood(scope, size, through.Value, lie);
        var takes = ScrewLength.IntoWood(scope, size, travel > 0 ? "with a washer" : "countersunk", [through], wood, brief.Drawer);
        return new(joint, takes, WoodScrew.Bears(size, takes.InThread, ledger, key, $"one {name}"));
    }
}
