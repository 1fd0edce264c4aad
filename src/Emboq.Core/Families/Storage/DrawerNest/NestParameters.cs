namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>What the maker may decide about a row of nests.</summary>
internal static class NestParameters
{
    public static IReadOnlyList<WayUp> Ways { get; } =
    [
        new("floor", "floor down", 0, "Lines run around the nests.", "Steps lie on the floor of a nest, where nothing is fitted."),
        new("front", "standing on its front", 90, "Lines cross the nests: long modules bend and break there.", "Nests come out stepped across.",
            SpoilsFit: true),
    ];

    public static readonly Decision<WayUp> Way = Decide.Way(Ways);

    public static IReadOnlyList<string> Slots { get; } = [.. Enumerable.Range(1, 5).Select(i => $"tool{i}")];

    public static readonly Decision<Quantity>
        Floor = Decide.Length("floor", "Under the tools.", Specs.Length("floor", "Floor", 2, 0.8, 20, "Under the tools.", 0.2)),
        Wall = Decide.Length("walls", "Around each nest; the locks are cut into them.", Specs.Length("wall", "Walls", 5, 2, 30,
            "Around each nest; the locks are cut into them.", 0.4)),
        Finger = Decide.Length("finger room", "Along the tool, where it is grasped.", Specs.Length("finger", "Finger room", 30, 0, 80,
            "Along the tool, where it is grasped, through both walls. Nothing leaves it away.")),
        LipIn = Decide.Length("front lip, inwards", "The front of every nest passes below it.", Specs.Length("lipIn", "Front lip reaches in", 0, 0, 60,
            "The front of every nest passes below it, and cannot rise.", 0.5)),
        Corner = Decide.Length("folded corners", "Cut away at the corners of the row.", Specs.Length("corner", "Folded corners", 0, 0, 40,
            "So much is cut away slantwise at the corners of the row.", 0.5)),
        Slides = Decide.Length("locks, clearance", "Across a foot in its channel.", Specs.Length("slides", "Locks slide with", 0.3, 0.05, 1,
            "Clearance across a foot in the channel of its neighbour.", 0.05));

    public static readonly Decision<bool> Exact = Decide.Choice("school", "Each nest is", "Both hold a tool; the table of checks says what each costs.",
        ("exact", "its exact negative, open upwards", true), ("rough", "a rough outline with room", false));

    public static IReadOnlyList<ParameterSpec> All { get; } =
    [
        Exact.Spec,
        Specs.Choice("fit", "Tools", "drop", "How they lie in their nests.",
            [.. FitClasses.Pockets.Skip(2).Select(f => new ParameterOption(f.Key, f.Name))]).If("school", "exact"),
        Specs.Length("clearance", "Clearance", null, 0, 8, "On the full size, half of it a side. Left open, the fit decides.", 0.2).If("school", "exact"),
        Specs.Length("room", "Room around", 4, 1, 20, "On each side of a tool.", 0.5).If("school", "rough"),
        Specs.Choice("pose", "Tools", "lies", "Leaning saves length, and takes height.", new ParameterOption("lies", "lie on their lowest rims"),
            new ParameterOption("leans", "lean, their front ends raised")).If("school", "exact"),
        Specs.Angle("lean", "Leaning by", 0, 0, 60, "Left open, as far as the drawer closes over them.") with { Default = null },
        Specs.Number("sunk", "Sunk where it balances", 60, 20, 100, "%", "How much of a tool lies below the top of its nest, where it balances."),
        Specs.Angle("turn", "Turned when lifted", 15, 0, 30, "The end that is grasped comes up first by so much; the other end has room for it."),
        Finger.Spec, Wall.Spec, Floor.Spec, Slides.Spec, LipIn.Spec.If("drawer", "named"), Corner.Spec.If("drawer", "named"),
        .. Slots.SelectMany(slot => OfTool(slot).Select(s => s with { Slot = slot })),
        Way.Spec, .. MakeOrBuy.Specs,
    ];

    private static IEnumerable<ParameterSpec> OfTool(string slot) =>
    [
        Specs.Choice($"{slot}Front", "in front", "first", "Which end lies at the front of the drawer.", new ParameterOption("first",
            "its first step, or its left end"), new ParameterOption("last", "its last step, or its right end")),
        Specs.Words($"{slot}Of", "steps of", 120, "What its steps are of, from the first: steel, hardwood. The last word goes on. Left open, all alike."),
        Specs.Choice($"{slot}Grasp", "grasped at", "heavy", "Finger room is there, and it comes up first there.", new ParameterOption("heavy", "its heavy end"),
            new ParameterOption("light", "its light end")),
        Specs.Number($"{slot}Ground", "ground step", null, 1, 60, "", "Which of its steps nothing may strike; left open, none."),
    ];
}
