namespace Emboq.Core.Families.Drawers.DrawerPull;

/// <summary>What holds a pull to the drawer.</summary>
internal enum Fastening
{
    /// <summary>Heat-set inserts, screwed from inside the drawer.</summary>
    Insert,

    /// <summary>Nuts slid in from the finger side, screwed from inside the drawer.</summary>
    SideNut,

    /// <summary>Countersunk wood screws from the front.</summary>
    Through,

    /// <summary>The screw cuts its own thread.</summary>
    SelfCut,

    /// <summary>Short wood screws from the front, through a thin plate with a lip below.</summary>
    Plate,
}

/// <summary>What the maker may decide about a pull.</summary>
internal static class PullParameters
{
    public static IReadOnlyList<WayUp> Ways { get; } =
    [
        new("face", "face down", 180, "Lines lie across the grip: strong against pulling, the face is as smooth as the bed.", "No seam on the face."),
        new("top", "upper edge down", 270, "Lines run up the face: the grip may split along them where it is pulled hard.", "Layer lines show on the face."),
        new("back", "back down", 0, "Lines lie across the grip, but the finger room is a roof in the air.", "The face is the last layer, and shows its lines."),
    ];

    /// <summary>A plate's lip leans out as it grows from the bed.</summary>
    public static IReadOnlyList<WayUp> PlateWays { get; } =
    [
        new("back", "back down", 0, "Lines lie across the plate and along the lip: it bends at its root before it splits.", "The face is the last layer."),
        new("top", "upper edge down", 270, "Lines run along the lip's root: it snaps off along them.", "Layer lines show on the face."),
    ];

    public static IReadOnlyList<ParameterSpec> Specs { get; } =
    [
        Kit.Specs.Choice("custom", "Drilled to", "own", "Furniture keeps to customs; an own spacing is whatever the drawer has.",
            [new ParameterOption("own", "a spacing of its own"), .. StandardTables.Find("hole-spacings")!.Rows.Select(r =>
                new ParameterOption(r.Name, r.Name))]).If("drawer", "open"),
        Kit.Specs.Length("spacing", "Hole spacing", 96, 20, 400, "Between the screws, in any unit.").If("drawer", "open").If("custom",
            "own") with { Sets = new Dictionary<string, string> { ["custom"] = "own" } },
        Kit.Specs.Length("length", "Length", null, 24, 420, "Over all. Left open: the spacing and what each end needs."),
        Kit.Specs.Length("tall", "Height of the face", 20, 8, 80, "Up and down."),
        Kit.Specs.Length("projection", "Projection", 26, 8, 80, "From the drawer to the face. 30 mm feels deep enough to most hands."),
        Kit.Specs.Length("face", "Face thickness", 5, 2, 20, "Behind the words, in front of the fingers.", 0.5),
        Kit.Specs.Length("corner", "Corner radius", 4, 0, 20, "Of the upright edges.", 0.5),
        Kit.Specs.Length("edge", "Eased edge", 1.5, 0, 8, "Radius around the face; less than the corner.", 0.5),
        Kit.Specs.Length("front", "Drawer front", 18, 1, 60,
            "How thick it is: the screws pass it, or hold in it. Taken from its place when one is named.").If("board", "open"),
        Kit.Specs.Choice("fastening", "Held by", "insert", "Inserts last for years; nuts need no hot tip; through screws show.",
            new ParameterOption("insert", "heat-set inserts"), new ParameterOption("sideNut", "nuts from the side"),
                new ParameterOption("selfCut", "screws that cut their thread"), new ParameterOption("through", "wood screws from the front"),
                new ParameterOption("plate", "short screws through a thin plate")),
        Kit.Specs.Choice("screw", "Screw", "M4", "The thread.", Hardware.Threads).If("fastening", "insert", "sideNut", "selfCut"),
        Kit.Specs.Washer.If("fastening", "insert", "sideNut", "selfCut"),
        Kit.Specs.Choice("woodScrew", "Wood screw", "3.5 mm", "From the front.", Hardware.WoodScrews).If("fastening", "through", "plate"),
        Kit.Specs.Length("plate", "Plate thickness", 4, 2, 12, "What the screws pass; the lip below it reaches out to the projection.",
            0.5).If("fastening", "plate"),
        Kit.Specs.Choice("stops", "Finger stops", "ends", "A wall at each end of the lip: fingers do not slide out, and it is stiffer.",
            new ParameterOption("ends", "at both ends"), new ParameterOption("none", "open ends")).If("fastening", "plate"),
        Kit.Specs.Choice("roof", "Roof over the nut", "raised", "Printed face down, the slot's roof hangs across the screw's axis.",
            new ParameterOption("plain", "plain"), new ParameterOption("raised", "raised by its droop"),
                new ParameterOption("sacrificial", "a layer to drill through")).If("fastening", "sideNut"),
        Kit.Specs.Choice("lyingHoles", "Lying holes", "teardrop", "When it prints on its upper edge.", new ParameterOption("teardrop", "pointed roof"),
            new ParameterOption("bridged", "short flat roof")).If("wayUp", "top"),
        .. Label.Specs(),
        Kit.Specs.WayUp(Ways).If("fastening", "insert", "sideNut", "selfCut", "through"),
        (Kit.Specs.WayUp(PlateWays) with { Key = PlateWay }).If("fastening", "plate"),
        .. MakeOrBuy.Specs,
    ];

    /// <summary>Which way a plate lies.</summary>
    public const string PlateWay = "plateWay";

    /// <summary>The ways it may lie, and the one that was chosen.</summary>
    public static (string By, IReadOnlyList<WayUp> All, WayUp Chosen) WaysOf(ParameterValues p)
    {
        var (by, all) = p.Choice("fastening") == "plate" ? (PlateWay, PlateWays) : (WayUp.UsualBy, Ways);
        return (by, all, all.First(w => w.Key == p.Choice(by)));
    }

    public static Fastening FasteningOf(string key) => key switch
    {
        "sideNut" => Fastening.SideNut,
        "through" => Fastening.Through,
        "plate" => Fastening.Plate,
        "selfCut" =>
        Fastening.SelfCut,
        _ => Fastening.Insert
    };
}
