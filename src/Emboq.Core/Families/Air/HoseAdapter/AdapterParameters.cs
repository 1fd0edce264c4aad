namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>How an end meets the machine.</summary>
internal enum Join
{
    /// <summary>A plug: its outside goes into the machine's inside.</summary>
    Inside,

    /// <summary>A socket: its inside goes over the machine's outside.</summary>
    Over,
}

/// <summary>What holds a cuff in its place.</summary>
internal abstract record Hold
{
    private Hold() { }

    /// <summary>The fit alone.</summary>
    public sealed record Plain : Hold;

    /// <summary>A hose clamp that a bead or two ridges keep from walking off.</summary>
    public sealed record Clamp(double Band) : Hold;

    /// <summary>Wraps of tape around what goes inside: a seal, or a shim for a joint drawn loose.</summary>
    public sealed record Tape(int Wraps, double Thick) : Hold;

    /// <summary>A ridge that a stretchy hose is pulled over.</summary>
    public sealed record Ridge : Hold;

    /// <summary>A taper that wedges; the angle between face and axis, degrees.</summary>
    public sealed record Wedge(double HalfAngle) : Hold;
}

/// <summary>The maker's decisions for one end; <c>null</c> where Emboq computes.</summary>
internal sealed record EndParameters(string Slot, Join Join, Fit Fit, double? Clearance, double? Cuff, Hold Hold, Profile? Outline, double LadderShift);

/// <summary>What lies between the cuffs.</summary>
internal abstract record Transition
{
    private Transition() { }

    public sealed record ByAngle(double Degrees) : Transition;

    public sealed record ByLength(double Millimetres) : Transition;

    /// <summary>A flat shelf as thick as the wall.</summary>
    public sealed record Step : Transition;
}

/// <summary>What keeps the print on the bed and carries what leans out, to be cut off afterwards.</summary>
internal enum Steady
{
    None,

    /// <summary>A thin ring around the foot.</summary>
    Foot,

    /// <summary>Four thin round pads under the rim.</summary>
    Pads,

    /// <summary>Thin ribs from the bed up to a cone that leans out.</summary>
    Ribs,
}

/// <summary>What blows through.</summary>
/// <param name="Flow">m³/h.</param>
/// <param name="Enters">Slot of the end where it enters.</param>
/// <param name="Carries">chips, dust, fumes or vacuum.</param>
internal sealed record Air(double Flow, string Enters, string Carries)
{
    /// <summary>Whether something must be kept from settling.</summary>
    public bool Solids => Carries is "chips" or "dust" or "vacuum";
}

/// <summary>Rings in steps around the drawn size; <c>null</c> where Emboq proposes.</summary>
internal sealed record LadderParameters(int? Rings, double? Step);

/// <summary>The maker's decisions for a hose adapter.</summary>
internal sealed record AdapterParameters
{
    public required EndParameters First { get; init; }

    public required EndParameters Second { get; init; }

    /// <summary>Wall asked for, mm; the part gets the next whole number of line widths.</summary>
    public required double Wall { get; init; }

    public required Transition Transition { get; init; }

    public required Air? Air { get; init; }

    public required LadderParameters Ladder { get; init; }

    /// <summary>Key of the way it is printed.</summary>
    public required string WayUp { get; init; }

    public required Steady Steady { get; init; }

    /// <summary>What the filament must stand: trial, years, warm or outdoors.</summary>
    public required string Duty { get; init; }

    /// <summary>The hose that hangs on it; <c>null</c> where none does.</summary>
    public required HangingHose? Hangs { get; init; }

    public static IReadOnlyList<ParameterSpec> Specs { get; } =
    [
        .. EndSpecs("first", "First", "inside").Select(s => s with { Slot = "first" }),
        .. EndSpecs("second", "Second", "over").Select(s => s with { Slot = "second" }),
        .. TapeSpecs("first", "First"),
        .. TapeSpecs("second", "Second"),
        new()
        {
            Key = "wall", Label = "Wall", Kind = ParameterKind.Length, Default = "1.6", Minimum = 0.4, Maximum = 12, Step = 0.4,
            Help = "Least wall; it becomes the next whole number of line widths.",
        },
        new()
        {
            Key = "coneBy", Label = "Between the ends", Kind = ParameterKind.Choice, Default = "angle",
            Options = [new("angle", "a cone by its angle"), new("length", "a cone by its length"), new("step", "a step")],
            Help = "Of a cone, one of the two is given and the other follows. A step is short, but air and chips mind it.",
        },
        new()
        {
            Key = "coneAngle", Label = "Cone half angle", Kind = ParameterKind.Angle, Default = "30", Minimum = 5, Maximum = 75, Step = 1,
            Sets = new Dictionary<string, string> { ["coneBy"] = "angle" },
            Help = "Between the cone's surface and the axis, half of the whole cone: the overhang when printed upright.",
        },
        new()
        {
            Key = "coneLength", Label = "Cone length", Kind = ParameterKind.Length, Default = "25", Minimum = 1, Maximum = 300, Step = 1,
            Sets = new Dictionary<string, string> { ["coneBy"] = "length" },
            Help = "Along the axis, between the two cuffs.",
        },
        new()
        {
            Key = "airEnters", Label = "Air enters at the", Kind = ParameterKind.Choice, Default = "first", AskedAt = Station.Check,
            Options = [new("first", "first end"), new("second", "second end")],
            Help = "Losses differ by direction: into a narrower bore or out of it.",
        },
        new()
        {
            Key = "airCarries", Label = "and carries", Kind = ParameterKind.Choice, Default = "chips", AskedAt = Station.Check,
            Options = [new("chips", "chips"), new("dust", "fine dust"), new("fumes", "fumes"), new("vacuum", "a shop vacuum's air")],
            Help = "Chips and dust need speed to keep moving; each brings its own cautions.",
        },
        new()
        {
            Key = "airFlow", Label = "at", Kind = ParameterKind.Flow, Minimum = 5, Maximum = 10000, Step = 10, AskedAt = Station.Check,
            Help = "m³/h, l/s or cfm. Left open, nothing is said about air.",
        },
        new()
        {
            Key = "ladderRings", Label = "Rings in a ladder", Kind = ParameterKind.Choice, Default = "open", AskedAt = Station.Prove,
            Options = [new("open", "as many as help"), new("3", "3"), new("4", "4"), new("5", "5"), new("6", "6"), new("7", "7")],
            Help = "A row of rings around the drawn size: one print shows which one fits.",
        },
        new()
        {
            Key = "ladderStep", Label = "in steps of", Kind = ParameterKind.Length, Minimum = 0.02, Maximum = 1, Step = 0.05, AskedAt = Station.Prove,
            Help = "On the diameter. Left open, the row covers the doubt of the clearance.",
        },
        LadderShift("first"),
        LadderShift("second"),
        new()
        {
            Key = "wayUp", Label = "Print it with the", Kind = ParameterKind.Choice, Default = "first", AskedAt = Station.Print,
            Options = [new("first", "first end down"), new("second", "second end down"), new("side", "axis lying")],
            Help = "The table below compares all ways.",
        },
        new()
        {
            Key = "steady", Label = "held by", Kind = ParameterKind.Choice, Default = "none", AskedAt = Station.Print,
            Options = [new("none", "nothing more"), new("foot", "a wider foot"), new("pads", "four pads"), new("ribs", "thin ribs under the cone")],
            Help = "Printed with it and cut off afterwards, instead of supports.",
        },
        new()
        {
            Key = "duty", Label = "It is for", Kind = ParameterKind.Choice, Default = "years", AskedAt = Station.Print,
            Options = [new("trial", "a trial"), new("years", "years indoors"), new("warm", "a warm place"), new("outdoors", "outdoors")],
            Help = "What the filament must stand.",
        },
        new()
        {
            Key = "hangs", Label = "Hose that hangs on it", Kind = ParameterKind.Length, Minimum = 50, Maximum = 20000, Step = 100, AskedAt = Station.Check,
            Help = "How much of a hose hangs from it; left open, nothing does.",
        },
        new ParameterSpec()
        {
            Key = "hoseWeight", Label = "weighing", Kind = ParameterKind.Number, Default = "400", Minimum = 20, Maximum = 5000, Step = 10, CountedIn = "g/m",
            AskedAt = Station.Check, Help = "Of a metre of it, with what is in it.",
        }.If("hangs", "given"),
        new ParameterSpec()
        {
            Key = "carried", Label = "carried by", Kind = ParameterKind.Choice, Default = "joint", AskedAt = Station.Check,
            Options = [new("joint", "the joint alone"), new("strap", "a strap beside it")],
            Help = "A strap to the wall or the ceiling takes the weight off the joint.",
        }.If("hangs", "given"),
        .. MakeOrBuy.Specs,
    ];

    /// <summary>An end that goes inside or over as its place was read.</summary>
    private const string AsRead = "read";

    public static AdapterParameters From(ParameterValues values, IReadOnlyDictionary<string, Interface> places) => new()
    {
        First = End(values, "first", Joined(values.Choice("firstJoin"), places["first"], Join.Inside)),
        Second = End(values, "second", Joined(values.Choice("secondJoin"), places["second"], Join.Over)),
        Wall = values.Number("wall")!.Value,
        Transition = values.Choice("coneBy") switch
        {
            "angle" => new Transition.ByAngle(values.Number("coneAngle")!.Value),
            "length" => new Transition.ByLength(values.Number("coneLength")!.Value),
            _ => new Transition.Step(),
        },
        Air = values.Number("airFlow") is { } flow
            ? new(flow, values.Choice("airEnters"), values.Choice("airCarries"))
            : null,
        Ladder = new(values.Choice("ladderRings") is [>= '3' and var digit] ? digit - '0' : null, values.Number("ladderStep")),
        WayUp = values.Choice("wayUp"),
        Duty = values.Choice("duty"),
        Hangs = values.Number("hangs") is { } long_ ? new(long_, values.Number("hoseWeight")!.Value, values.Choice("carried") == "strap") : null,
        Steady = values.Choice("steady") switch
        {
            "foot" => Steady.Foot,
            "pads" => Steady.Pads,
            "ribs" => Steady.Ribs,
            _ => Steady.None,
        },
    };

    /// <summary>As chosen; left open, as usual, unless only the other diameter was read.</summary>
    private static Join Joined(string choice, Interface place, Join usual)
    {
        bool Read(Join join) => AdapterReckoning.Counting(place, join).All(d => Measuring.Evaluation.Of(place, d.Key) is not null);
        var other = usual == Join.Inside ? Join.Over : Join.Inside;
        return choice switch { "inside" => Join.Inside, "over" => Join.Over, _ => !Read(usual) && Read(other) ? other : usual };
    }

    private static EndParameters End(ParameterValues values, string slot, Join join) => new(
        slot,
        join,
        FitClasses.Of(values.Choice($"{slot}Fit")),
        values.Number($"{slot}Clearance"),
        values.Number($"{slot}Cuff"),
        values.Choice($"{slot}Hold") switch
        {
            "clamp" => new Hold.Clamp(values.Number($"{slot}Band")!.Value),
            "taper" => new Hold.Wedge(values.Number($"{slot}Taper")!.Value),
            "tape" => new Hold.Tape((int)values.Number($"{slot}Wraps")!.Value, values.Number($"{slot}Tape")!.Value),
            "ridge" => new Hold.Ridge(),
            _ => new Hold.Plain(),
        },
        values.Outline($"{slot}Outline"),
        values.Number($"{slot}LadderShift")!.Value);

    private static ParameterSpec LadderShift(string slot) => new()
    {
        Key = $"{slot}LadderShift",
        Slot = slot,
        Label = $"Middle of the {slot} ladder moved by",
        Kind = ParameterKind.Length,
        Default = "0",
        Minimum = -1,
        Maximum = 1,
        Step = 0.05,
        AskedAt = Station.Prove,
        Help = "On the diameter, from the drawn size.",
    };

    /// <summary>Asked beside the sentence of an end: no drawing shows them.</summary>
    private static ParameterSpec[] TapeSpecs(string slot, string label) =>
    [
        new ParameterSpec()
        {
            Key = $"{slot}Wraps", Label = $"{label} wraps of tape", Kind = ParameterKind.Number, Default = "2", Minimum = 1, Maximum = 12, Step = 1,
            CountedIn = "wraps", Help = "How often it is wound around.",
        }.If($"{slot}Hold", "tape"),
        new ParameterSpec()
        {
            Key = $"{slot}Tape", Label = $"{label} tape", Kind = ParameterKind.Length, Default = "0.15", Minimum = 0.03, Maximum = 2, Step = 0.01,
            Help = "One layer of it: measure ten and divide.",
        }.If($"{slot}Hold", "tape"),
    ];

    private static ParameterSpec[] EndSpecs(string slot, string label, string join) =>
    [
        new()
        {
            Key = $"{slot}Join", Label = $"{label} end goes", Kind = ParameterKind.Choice, Default = AsRead,
            Options = [new(AsRead, $"as it was read, or {join}"), new("inside", "inside"), new("over", "over")],
            Help = "A plug goes inside: the other's inside diameter counts. A socket goes over: its outside diameter counts. Left open, it goes where "
                + "its place was read.",
        },
        new()
        {
            Key = $"{slot}Fit", Label = $"{label} fit", Kind = ParameterKind.Choice, Default = "snug",
            Options = [.. FitClasses.All.Select(f => new ParameterOption(f.Key, f.Name))],
            Help = "What the joint should feel like; it sets the clearance.",
        },
        new()
        {
            Key = $"{slot}Hold", Label = $"{label} end is held by", Kind = ParameterKind.Choice, Default = "plain",
            Options = [new("plain", "its fit"), new("clamp", "a clamp"), new("taper", "a taper"), new("tape", "tape around it"),
                new("ridge", "a ridge in a soft hose")],
            Help = "The fit alone; a hose clamp in a seat that it cannot walk off; a taper that wedges; tape that seals and shims a joint drawn loose; or a "
                + "ridge that a soft hose is stretched over.",
        },
        new()
        {
            Key = $"{slot}Clearance", Label = $"{label} clearance", Kind = ParameterKind.Length, Minimum = -1, Maximum = 3, Step = 0.05,
            Help = "Hole minus shaft on the full diameter; negative is interference. Left open, the fit decides.",
        },
        new()
        {
            Key = $"{slot}Cuff", Label = $"{label} cuff", Kind = ParameterKind.Length, Minimum = 3, Maximum = 200, Step = 1,
            Help = "Length of the end. Left open: 15 mm or 0.3 diameter, whichever is more, and room for what holds it.",
        },
        new()
        {
            Key = $"{slot}Band", Label = $"{label} clamp band", Kind = ParameterKind.Length, Default = "9", Minimum = 3, Maximum = 40, Step = 1,
            Sets = new Dictionary<string, string> { [$"{slot}Hold"] = "clamp" },
            Help = "Width of the clamp's band; its seat gets a millimetre more.",
        },
        new()
        {
            Key = $"{slot}Taper", Label = $"{label} taper", Kind = ParameterKind.Taper, Default = "1:30", Minimum = 0.1, Maximum = 10, Step = 0.1,
            Sets = new Dictionary<string, string> { [$"{slot}Hold"] = "taper" },
            Help = "A ratio of diameter to length like 1:30, or the angle between face and axis like 1°. The fit holds at mid cuff.",
        },
        new()
        {
            Key = $"{slot}Outline", Label = $"Outline of the {slot} place", Kind = ParameterKind.Outline, AskedAt = Station.Measure,
            Help = "Only for an odd opening: points like 0,0 40,0 40,25 0,30, once around. They are stretched to the measured width and height.",
        },
    ];
}
