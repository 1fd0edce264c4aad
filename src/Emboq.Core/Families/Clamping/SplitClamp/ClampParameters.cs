namespace Emboq.Core.Families.Clamping.SplitClamp;

/// <summary>How a clamp comes onto its post.</summary>
internal enum ClampStyle
{
    /// <summary>Slipped on from the end.</summary>
    Slip,

    /// <summary>Opened over the post.</summary>
    Clip,

    /// <summary>In two halves, screwed together around it.</summary>
    Halves,
}

/// <summary>What the maker decides of a clamp.</summary>
internal static class ClampParameters
{
    public static readonly Decision<ClampStyle> Style = Decide.Choice("style", "It comes onto the post",
        "Where no end is free, it opens over the post or comes in halves.",
        ("slip", "slipped on from its end", ClampStyle.Slip), ("clip", "opened over it", ClampStyle.Clip), ("halves", "in two halves", ClampStyle.Halves));

    public static readonly ParameterSpec
        Pinch = Specs.Length("pinch", "Pinch gap", 3, 0.5, 10, "Between the ears before it is tight: what can be drawn together.",
            0.5).If("style", "slip", "halves"),
        Mouth = Specs.Length("mouth", "Mouth", null, 1, 200,
            "Between the ears as printed. The narrower, the further it opens, and the safer it holds before it is "
            + "tight. Left open: three quarters of the bore.", 1).If("style", "clip");

    public static readonly Decision<bool> Often = Decide.Choice("opened", "It is opened", "What flexes often bears less: more walls, and thinner.",
        ("once", "a few times in all", false), ("often", "again and again, for years", true));

    public static readonly ParameterSpec Across = Specs.Choice("across", "On the post, before it is tight", "slide", "How close the bore is.",
        [.. FitClasses.All.Where(f => f.Key is "snug" or "slide" or "free").Select(f => new ParameterOption(f.Key, f.Name))]);

    public static readonly ParameterSpec Clearance = Specs.Length("clearance", "Clearance", null, 0, 6, "On the diameter. Left open, the fit decides.", 0.1);

    public static readonly Decision<Quantity>
        Liner = Decide.Length("liner", "Rubber or tape between post and clamp.", Specs.Length("liner", "Liner", 0, 0, 5, "Rubber or tape all around the post; "
            + "nothing leaves it away.", 0.5)),
        Wall = Decide.Length("wall", "Of the ring around the post.", Specs.Length("wall", "Wall", 6, 1.2, 60,
            "Of the ring: too thick does not open, too thin does not hold.",
            0.5)),
        Height = Decide.Length("height", "Along the post.", Specs.Length("height", "Height", 40, 8, 200, "Along the post. Two screws want about 40 mm.")),
        Ear = Decide.Length("ear thickness", "Of each ear, along the screw.", Specs.Length("ear", "Ears", 14, 4, 60,
            "Thickness of each, along the screw: a head or nut, and what it bears on.", 0.5)),
        Gusset = Decide.Length("fillet", "Where the ears leave the ring.", Specs.Length("gusset", "Fillet at the ears", 4, 0, 30,
            "A slanting web from ear to ring: it cracks there first.", 0.5));

    public static readonly ParameterSpec
        Flat = Specs.Length("flat", "Across its flat", null, 2, 300, "Of a round post with one flat: from the flat to the far side. Left open, it is round.",
            0.1).If("style", "slip", "clip"),
        Relief = Specs.Length("relief", "Groove at the back", null, 1, 60, "For a cable or a rib along the post. Left open, there is none.",
            0.5).If("style", "slip", "clip"),
        ReliefDeep = Specs.Length("reliefDeep", "Depth of the groove", 3, 0.5, 30, "Out from the bore.", 0.5).If("relief", "given"),
        Bolts = Specs.Choice("bolts", "Screws", "2", "One above the other.", new ParameterOption("1", "one"), new ParameterOption("2", "two"),
            new ParameterOption("3", "three")),
        Screw = Specs.Choice("screw", "Screw size", "M5", "Cap screws into nuts that lie in the other ear.", Joints.Hardware.Threads),
        Torque = Specs.Number("torque", "Torque by hand", 0.8, 0.05, 20, "N·m", "A short key in two fingers gives about 1, a screwdriver about 2."),
        Stands = Specs.Choice("stands", "The post stands", "upright", "On an upright post the load slides down; on a lying one it turns.",
            new ParameterOption("upright", "upright"), new ParameterOption("lying", "lying")),
        Face = Specs.Choice("face", "At its back", "none", "Something else is screwed to it: the other part takes the same holes.",
            new ParameterOption("none", "nothing"), new ParameterOption("flat", "a flat face with two inserts")).If("style", "slip", "clip"),
        FaceScrew = Specs.Choice("faceScrew", "Screws of the face", "M4", "Heat-set inserts take them.", [.. Joints.Hardware.Threads.Where(t =>
            Joints.Hardware.Has("heat-set-inserts", t.Key))]).If("face", "flat"),
        FaceSpacing = Specs.Length("faceSpacing", "Holes of the face", 24, 8, 300, "From middle to middle, across the post.", 1).If("face", "flat");

    public static readonly IReadOnlyList<WayUp> Ways =
    [
        new("upright", "axis upright", 0, "Lines run around the ring: it bends along them.",
            "The bore fits best upright; screw holes lie under pointed roofs."),
        new("lying", "ears up", 90, "Layers lie across the back of the ring: it splits there when it is opened or drawn tight.",
            "The bore lies, and sags at its crown.", SpoilsFit: true),
    ];

    public static readonly Decision<WayUp> Way = Decide.Way(Ways);

    public static IReadOnlyList<ParameterSpec> Specified { get; } =
    [
        Style.Spec, Across, Clearance, Liner.Spec, Pinch, Mouth, Often.Spec.If("style", "clip"), Flexing.Spec, Wall.Spec, Height.Spec, Ear.Spec, Gusset.Spec,
            Flat, Relief,
        ReliefDeep, Bolts, Screw, Torque, Stands, .. Load.Specs, Face, FaceScrew, FaceSpacing, Way.Spec, .. MakeOrBuy.Specs,
    ];
}
