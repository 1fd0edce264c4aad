namespace Emboq.Core.Families.Storage.PocketTray;

/// <summary>What the maker may decide about a tray.</summary>
internal static class TrayParameters
{
    /// <summary>How many things a tray takes.</summary>
    public const int Most = 8;

    public static IReadOnlyList<WayUp> Ways { get; } =
    [
        new("floor", "floor down", 0, "Lines run around the pockets.", "Seams at the pockets' corners."),
        new("side", "standing on its front", 90, "Lines cross the floor: it bends where it is long.", "Pockets come out stepped.", SpoilsFit: true),
    ];

    public static IReadOnlyList<string> Slots { get; } = [.. Enumerable.Range(1, Most).Select(i => $"item{i}")];

    public static IReadOnlyList<ParameterSpec> Specs { get; } =
    [
        Kit.Specs.Choice("fit", "Things", "drop", "How they lie in their pockets.",
            [.. FitClasses.Pockets.Skip(2).Select(f => new ParameterOption(f.Key, f.Name))]),
        Kit.Specs.Length("clearance", "Clearance", null, 0, 8, "On the full size, half of it a side. Left open, the fit decides.", 0.2),
        Kit.Specs.Length("width", "Width", 180, 30, 600, "From left to right.").If("drawer", "open"),
        Kit.Specs.Length("depth", "Depth", 120, 30, 600, "From front to back.").If("drawer", "open"),
        Kit.Specs.Choice("support", "It is carried", "behind", "Heavy things, as weighed, go near to where it is carried.",
            new ParameterOption("behind", "from behind"), new ParameterOption("left", "from its left"), new ParameterOption("right", "from its right"),
                new ParameterOption("below", "all over")),
        Kit.Specs.Choice("shakes", "Where it stands", "still", "On a machine that shakes, things climb out of shallow pockets.",
            new ParameterOption("still", "nothing shakes"), new ParameterOption("shakes", "it shakes")),
        Kit.Specs.Length("wall", "Walls between", 3, 0.8, 20, "And around.", 0.4),
        Kit.Specs.Length("floor", "Floor", 1.6, 0.6, 12, "Under the pockets.", 0.2),
        Kit.Specs.Length("finger", "Finger room", 16, 0, 40, "A half round at the front of each pocket. Nothing leaves it away."),
        Kit.Specs.Length("chamfer", "Eased mouths", 1, 0, 4, "So that things find their pocket.", 0.2),
        Kit.Specs.Length("trough", "Trough", 0, 0, 200, "A strip along the front for loose bits. Nothing leaves it away."),
        Kit.Specs.Choice("troughSides", "Sides of the trough", "upright", "Sloped, a finger scoops bits out.", new ParameterOption("upright", "upright"),
            new ParameterOption("sloped", "sloped")),
        Kit.Specs.Choice("underside", "Underside", "solid", "Hollow cells below shallow pockets save hours and filament.",
            new ParameterOption("solid", "closed"), new ParameterOption("hollow", "hollow cells")),
        Kit.Specs.Outline("keepOut", "Kept free", "Where no pocket may be: points like 100,0 140,0 140,60 100,60, from the left and the front.")
            with { AskedAt = Station.Measure },
        Kit.Specs.Choice("mount", "Held by", "none", "Ears with a hole at both sides.", new ParameterOption("none", "its own weight"),
            new ParameterOption("screws", "two screws")),
        Kit.Specs.Choice("beside", "Beside another tray", "none", "Each has tongues at its right that go into grooves at the left of the next.",
            new ParameterOption("none", "it stands alone"), new ParameterOption("tongue", "tongues keep them in line")).If("mount", "none").If("drawer",
                "open"),
        Kit.Specs.Length("raster", "Holes a multiple of", null, 5, 200,
            "How far the holes of both ears stand apart, so that trays share a rail. Left open: as near as they stand.").If("mount",
            "screws").If("holes", "open"),
        Kit.Specs.Choice("woodScrew", "Screw", "3.5 mm", "Countersunk, from above.", Joints.Hardware.WoodScrews).If("mount", "screws"),
        Kit.Specs.Board.If("mount", "screws"),
        Kit.Specs.Choice("insert", "Thread below", "M4", "Heat-set inserts in its underside take the screws of what carries it.",
            [.. Joints.Hardware.Threads.Where(t =>
            Joints.Hardware.Has("heat-set-inserts", t.Key))]).If("below", "named"),
        Kit.Specs.Length("belowBack", "Holes from its back", 24, 5, 400, "From its back edge to the middle of the holes that carry it.").If("below", "named"),
        .. Slots.SelectMany(slot => Item(slot).Select(s => s with { Slot = slot })),
        Kit.Specs.WayUp(Ways),
        .. MakeOrBuy.Specs,
    ];

    public static Support SupportOf(string key) => key switch
    {
        "left" => Support.Left,
        "right" => Support.Right,
        "below" =>
        Support.Below,
        _ => Support.Behind
    };

    private static IEnumerable<ParameterSpec> Item(string slot) =>
    [
        Kit.Specs.Choice($"{slot}Use", "used", "sometimes", "Often used things stand in front, seldom used ones behind.",
            new ParameterOption("often", "often"), new ParameterOption("sometimes", "now and then"), new ParameterOption("seldom", "seldom")),
        Kit.Specs.Outline($"{slot}Outline", "outline",
            "For an odd thing: points once around, stretched to its measured width and depth.") with { AskedAt = Station.Measure },
        Kit.Specs.Length($"{slot}X", "from the left", null, 0, 600, "Where its pocket begins. Left open, Emboq places it; drag it to move it."),
        Kit.Specs.Length($"{slot}Y", "from the front", null, 0, 600, "Where its pocket begins. Left open, Emboq places it; drag it to move it."),
    ];
}
