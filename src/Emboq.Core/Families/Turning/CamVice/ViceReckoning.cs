using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.CamVice;

/// <summary>The figures of a cam vice. The channel runs along y, away from the fixed jaw; of the base, z = 0 is the bench. Of the sliding jaw, y = 0 is its
/// front, and the pad lies before it.</summary>
internal sealed record ViceReckoning
{
    /// <summary>Between what moves and what stands, where nothing is fitted, mm.</summary>
    public const double Free = 0.3;

    /// <summary>How far the cam is turned when it is closed, degrees.</summary>
    public const double Closed = 120;

    /// <summary>Thickness of a lever, of the room under the upper one, and of the shafts' walls, mm.</summary>
    public const double LeverThick = 7, LeverRoom = 1, ShaftWall = 3;

    /// <summary>At each side of the lock, so that it goes into its slit, mm.</summary>
    public const double LockRoom = 0.15;

    /// <summary>Beside the neck, so that its halves can bend, mm.</summary>
    public const double Relief = 4;

    /// <summary>What a hand presses a lever with, N; common practice, no published source.</summary>
    public const double HandForce = 60;

    public required Fitted Turns { get; init; }

    /// <summary>Holes that hold a pin, as drawn.</summary>
    public required Quantity Held { get; init; }

    /// <summary>Under the cam, and of the guides in the jaw, as drawn.</summary>
    public required (Quantity Under, Quantity Guide) Bores { get; init; }

    public required PinSort Pin { get; init; }

    public required (Quantity Wide, Quantity Thick) Work { get; init; }

    public required Interface WorkPlace { get; init; }

    public required WorkSort Sort { get; init; }

    public required JawFace Face { get; init; }

    public required Quantity Rest { get; init; }

    public required Quantity Ledge { get; init; }

    public required Quantity Groove { get; init; }

    public required Quantity Opens { get; init; }

    public required Quantity Wide { get; init; }

    public required Quantity High { get; init; }

    public required Quantity Long { get; init; }

    public required Quantity Fixed { get; init; }

    public required Quantity Pad { get; init; }

    public required Quantity Floor { get; init; }

    public required Dovetail Tail { get; init; }

    public required Quantity Roller { get; init; }

    public required Quantity Over { get; init; }

    public required Quantity Between { get; init; }

    public required Quantity Slit { get; init; }

    public required Quantity Root { get; init; }

    public required Cam Cam { get; init; }

    public required OvalCam Lock { get; init; }

    public required Quantity Thick { get; init; }

    public required Quantity Lever { get; init; }

    public required Quantity Press { get; init; }

    /// <summary>Of plastic on plastic.</summary>
    public required Quantity Friction { get; init; }

    /// <summary>Force of a hand at the cam's lever, and at the lock's, N; force that spreads each half of the foot, N.</summary>
    public required (Quantity Cam, double Lock, double Spreads) Hand { get; init; }

    public required Joint Screw { get; init; }

    public required ScrewLength Takes { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required WayUp Way { get; init; }

    public required IReadOnlyList<double> Ladder { get; init; }

    /// <summary>What it turns on; <c>null</c> where it is screwed down.</summary>
    public VicePost? Post { get; init; }

    /// <summary>A spring in the pad; <c>null</c> where the cam presses straight.</summary>
    public PadSpring? Spring { get; init; }

    public bool OnEnd => Way.Key == "end";

    public double BaseHigh => Floor.Value + Tail.Deep.Value;

    public double Top => BaseHigh + High.Value;

    /// <summary>Over the base, where the foot's halves begin, mm.</summary>
    public double RootTop => BaseHigh + Root.Value;

    public double BaseLong => Fixed.Value + Opens.Value + Pad.Value + Stroke + Free + Long.Value;

    /// <summary>All of the base: how wide and how long it is, mm.</summary>
    public (double Wide, double Long) Whole => Post is null ? (Wide.Value, BaseLong)
        : (Math.Max(Wide.Value / 2, Post.RingRadius) + Math.Max(Wide.Value / 2, Post.CamAt + Post.RimRadius),
            BaseLong + Post.At + Math.Max(Post.RingRadius, Post.RimRadius));

    /// <summary>How far the pad is pushed as the cam is closed, mm.</summary>
    public double Stroke => Cam.Rise(Closed);

    /// <summary>From the jaw's front to the cam's pin, and to the lock's middle, mm.</summary>
    public double CamAt => Cam.Radius.Value - Cam.Throw.Value - Free;

    public double LockAt => Long.Value - Lock.Most - Free - 5;

    /// <summary>Where the cam begins, mm.</summary>
    public double CamZ => Top - Thick.Value;

    /// <summary>From the middle to a guide; its height; and how deep it goes, mm.</summary>
    public double GuideAside => Aside(Wide.Value, Held.Value);

    private static double Aside(double wide, double held) => (wide / 2) - (held / 2) - 3;

    public double GuideZ => BaseHigh + (High.Value * 0.4);

    public double GuideDeep => Math.Min(Long.Value - 6, 30);

    public double GuideLong => Math.Round(GuideDeep - Stroke - 1 + Pad.Value - 2);

    public double PinLong => Math.Round(Thick.Value + PinDeep + (2 * LeverThick) + (2 * LeverRoom));

    /// <summary>How deep the cam's pin stands in the jaw, mm.</summary>
    public double PinDeep => CamZ - RootTop - 2;

    /// <summary>Where the work is held, over the bench, mm.</summary>
    public double WorkZ => BaseHigh + (Face == JawFace.Ledge ? Rest.Value : 0) + (Work.Thick.Value / 2);

    /// <summary>Of the pad, what its face is: all of it, or what is before its spring, mm.</summary>
    public double Front => Spring?.Front(Pad.Value) ?? Pad.Value;

    /// <summary>Half of the foot beside its slit, at its neck, mm.</summary>
    public double Half => (Tail.Neck.Value - Slit.Value) / 2;

    public bool Built => Half >= 1.5 && PinDeep >= 3 && CamAt > 0 && LockAt - Lock.Most - Free - 2 > CamAt + Cam.Hollow - 1 && Cam.Hollow < Wide.Value / 2
        && GuideAside - (Held.Value / 2) > 2 && Tail.Channel(Tail.Deep.Value) + 2 < Wide.Value / 2
        && GuideLong > Pad.Value && (Face != JawFace.Ledge || Rest.Value < High.Value - 1) && (Face != JawFace.Vee || Groove.Value < Math.Min(Front,
            Fixed.Value) - 1)
        && (Post?.Built(this) ?? true) && (Spring is null || (Material is not null && Spring.Strip.Long > 15 && Spring.Given.Least > 0 && Front > 2));

    public static ViceReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, work, pin) = (brief.Parameters, brief.Interfaces["work"], brief.Interfaces["pin"]);
        var (way, sort) = (CamViceFamily.Way.Read(p, ledger), CamViceFamily.Pin.Read(p, ledger));
        var turns = Fitted.Reckon(new("pin", "diameter", Surface.HoleUpright, FitClasses.Of(p.Choice("across")), p.Number("clearance"),
            "bore of the cam")
        { Words = SeatWords.Cam }, pin,
            brief.Fits, brief.Tries, ledger);
        var grip = Quantity.RuleOfThumb("clearance of a held pin", PinSorts.Held(sort).Clearance, Unit.Millimetre, FitClasses.Basis);
        // On its end the bores for the cams lie and those of the guides stand; on its head it is the other way round.
        var (forCams, forGuides) = way.Key == "end" ? (Surface.HoleLying, Surface.HoleUpright) : (Surface.HoleUpright, Surface.HoleLying);
        Quantity Bore(string key, string name, Quantity clearance, Surface surface, string because) => ledger.Add(key, name,
            SizeLaw.Drawn(turns.Counterpart + clearance, surface, brief.Fits), because);
        var slide = Quantity.RuleOfThumb("clearance of a guide", FitClasses.Of("slide").Clearance, Unit.Millimetre, FitClasses.Basis);
        Quantity Read(string key, string name) => ledger.Add($"work.{key}", name, Evaluation.Of(work, key)!.Quantity, "As read.");
        var (floor, deep) = (CamViceFamily.Base.Read(p, ledger), CamViceFamily.Deep.Read(p, ledger));
        var tail = Dovetail.Of(PartBodies.Scope(brief, ledger, "tail", "dovetail"), CamViceFamily.Mouth.Read(p, ledger), deep, ledger.Add("angle",
            "angle of its flanks", Quantity.Chosen("angle of its flanks", p.Number("angle")!.Value, Unit.DegreeOfArc), "To the floor of the channel."),
            CamViceFamily.Slides.Read(p, ledger));
        var slit = ledger.Add("slit", "slit of the foot", p.Number("slit") is { } open ? Quantity.Chosen("slit", open, Unit.Millimetre)
            : Quantity.RuleOfThumb("slit", Math.Round(tail.Neck.Value * 0.56 * 2) / 2, Unit.Millimetre, "Over half of the neck: halves are left that bend."),
            "Its lock turns in it.");
        var (toss, radius, lever, spread) = (CamViceFamily.Throw.Read(p, ledger), CamViceFamily.Cam.Read(p, ledger), CamViceFamily.Lever.Read(p, ledger),
            CamViceFamily.Spread.Read(p, ledger));
        var friction = ledger.Add("friction", "friction", Quantity.Input("friction of plastic on plastic", 0.2, Unit.None,
            new Provenance.RuleOfThumb("Dry or waxed, 0.2 give or take 0.04; common practice, no published source."), (new Source("friction",
                "how the cam slides", 0.04), 1)),
            "Of plastic on plastic.");
        var press = ledger.Add("press", "presses with", Quantity.Chosen("presses with", p.Number("press")!.Value, new(Newton: 1)), "On the work.");
        var cam = new Cam(toss, radius, 0.5 * turns.Counterpart);
        var narrow = (slit.Value / 2) - LockRoom;
        var oval = new OvalCam(narrow, narrow + spread.Value);
        var sprung = CamViceFamily.Presses.Read(p, ledger);
        var held = Bore("held", "hole that holds a guide, drawn", grip, sprung ? Surface.HoleLying : Surface.HoleUpright, "In the pad.");
        var (wide, thick, material) = (CamViceFamily.Wide.Read(p, ledger), CamViceFamily.Thick.Read(p, ledger), PrintedMaterial.Of(brief.Process));
        var spring = sprung ? PadSpring.Of(ledger, p, material, press, cam.Rise(Closed), 2 * (Aside(wide.Value,
            held.Value) - (held.Value / 2) - 2), thick.Value + 1) : null;
        press = spring?.Presses.Most ?? press;
        var hand = ledger.Add("hand", "hand at the cam's lever", cam.Hand(press, lever, friction),
            "The face pushes e beside the pin at most; friction at face and pin adds to it.");
        var (scope, size) = (PartBodies.Scope(brief, ledger, "screw", "screw"), p.Choice("woodScrew"));
        var sure = friction.Value - (2 * friction.StandardUncertainty);
        var spreads = press.Value / tail.Holds(1, sure);
        var roller = CamViceFamily.Roller.Read(p, ledger);
        var (across, jaw, screw) = (Read("width", "width of the work"), CamViceFamily.Fixed.Read(p, ledger), ScrewHole.CountersunkWood(scope, size,
            floor.Value));
        return new()
        {
            Turns = turns,
            Held = held,
            Bores = (Bore("under", "hole that holds the cam's pin, drawn", grip, forCams, "In the jaw, under the cam."),
                Bore("guide", "hole that a guide slides in, drawn", slide, forGuides, "In the jaw.")),
            Pin = sort,
            Work = (across, Read("thickness", "thickness of the work")),
            WorkPlace = work,
            Sort = CamViceFamily.Sort.Read(p, ledger),
            Face = CamViceFamily.Face.Read(p, ledger),
            Rest = CamViceFamily.Rest.Read(p, ledger),
            Ledge = CamViceFamily.Ledge.Read(p, ledger),
            Groove = CamViceFamily.Groove.Read(p, ledger),
            Opens = CamViceFamily.Opens.Read(p, ledger),
            Wide = wide,
            High = CamViceFamily.High.Read(p, ledger),
            Long = ledger.Add("long", "length of the jaw", p.Number("long") is { } length ? Quantity.Chosen("length of the jaw", length, Unit.Millimetre)
                : Quantity.Chosen("length of the jaw", Math.Max(50, Math.Ceiling((2 * radius.Value) + (2 * oval.Most) + 12)), Unit.Millimetre, "its cams"),
                "Cam, lock, and what stays between them."),
            Fixed = jaw,
            Pad = CamViceFamily.Pad.Read(p, ledger),
            Floor = floor,
            Tail = tail,
            Roller = roller,
            Over = ledger.Add("over", "foot over rollers", tail.OverRollers(roller), "Narrow + D (1 + cot(a/2)): measured with a caliper."),
            Between = ledger.Add("betweenRollers", "channel between rollers", tail.BetweenRollers(roller), "Wide − D (1 + cot(a/2))."),
            Slit = slit,
            Root = CamViceFamily.Root.Read(p, ledger),
            Cam = cam,
            Lock = oval,
            Thick = thick,
            Lever = lever,
            Press = press,
            Friction = friction,
            Hand = (hand, oval.Hand(spreads, lever.Value, friction.Value), spreads),
            Screw = screw,
            Takes = ScrewLength.IntoWood(scope, size, "countersunk", [floor], Specs.BoardOf(p, ledger), brief.Drawer),
            Material = material,
            Way = way,
            Spring = spring,
            Post = CamViceFamily.Turns.Read(p, ledger) ? VicePost.Of(PartBodies.Scope(brief, ledger, "turn", "post"), p, (cam, thick, lever, friction), jaw,
                across, turns.Counterpart + grip, screw) : null,
            Ladder = LadderRungs.Of(turns, ("test ring", turns.Drawn.Value + (2 * ViceShape.RingWall)), brief.Process, ledger),
        };
    }
}
