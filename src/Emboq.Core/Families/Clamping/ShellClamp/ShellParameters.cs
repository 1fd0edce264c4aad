namespace Emboq.Core.Families.Clamping.ShellClamp;

/// <summary>What the maker may decide about a shell clamp.</summary>
internal static class ShellParameters
{
    /// <summary>Of the lower halves; the upper ones lie on what is their top.</summary>
    public static readonly IReadOnlyList<WayUp> Ways =
    [
        new("end", "standing on an end", 90, "Lines run around the handle and hold it together.", "The hollow comes out true; screw holes lie under roofs."),
        new("flat", "lying as it is used", 0, "Layers lie across the sides, which the screws pull on.", "The hollow lies, and comes out stepped.",
            SpoilsFit: true),
    ];

    public static readonly IReadOnlyList<WayUp> CapWays = [Ways[0], Ways[1] with { Name = "lying on its top", Tip = 180 }];

    public static readonly Decision<WayUp> Way = Decide.Way(Ways);

    public static readonly Decision<bool> Two = Decide.Choice("stations", "Held by", "Two hold it straight; one holds what is short.",
        ("two", "two clamps", true), ("one", "one clamp", false));

    public static readonly Decision<bool> AsScanned = Decide.Choice("body", "The handle is taken as", "A smooth body runs "
        + "straight from section to section; the surface as scanned keeps what lies between them.", ("smooth", "a smooth body through its sections", false),
        ("scanned", "its surface as scanned, thinned", true));

    public static readonly Decision<bool> Insert = Decide.Choice("bites", "The screws bite into", "What is opened often wears out a thread in plastic.",
        ("plastic", "the lower half itself", false), ("insert", "heat-set inserts", true));

    public static readonly Decision<Quantity>
        Pinch = Decide.Length("gap between the halves", "What can be drawn together.", Specs.Length("pinch", "Gap between the halves", 2, 0.5, 8,
            "What can be drawn together before they meet.", 0.5)),
        Foot = Decide.Length("feet", "Under the table's screws.", Specs.Length("foot", "Feet", 10, 2, 40, "Thickness under the screws of the table.", 0.5)),
        Under = Decide.Length("plastic below the handle", "Under its lowest place.", Specs.Length("under", "Below the handle", 12, 2, 300,
            "Plastic under its lowest place. Where a height is wanted, that decides.")),
        Fine = Decide.Length("packer", "It is taken out, or taped, to set the height.", Specs.Length("fine", "Packer", 1.2, 0.4, 6,
            "The clamps are drawn low by so much, and come with a packer each: without it, or with tape on it, the height is set.", 0.2)).If("bladeHeight",
                "given"),
        Rows = Decide.Length("slots of the table, apart", "The clamps stand on neighbouring ones.", Specs.Length("slotsApart", "Slots of the table, apart",
            100, 20,
            1000, "From slot to slot; the clamps stand on them, across the handle.", 0.5));

    public static readonly ParameterSpec
        Fit = Specs.Choice("fit", "The handle", "slide", "How it lies in its shell before the screws draw it together.",
            [.. FitClasses.All.Where(f => f.Key is "snug" or "slide" or "free").Select(f => new ParameterOption(f.Key, f.Name))]),
        Clearance = Specs.Length("clearance", "Clearance", null, 0, 4, "On the full size, half of it a side. Left open, the fit decides.", 0.1),
        Front = Specs.Length("front", "First clamp", null, 1, 1900, "From the left end of the scan to its middle. Left open, at a quarter of it."),
        Rear = Specs.Length("rear", "Second clamp", null, 1, 1900, "From the left end of the scan to its middle; it is moved to the nearest row of the table. "
            + "Left open, at three quarters.").If("stations", "two"),
        Along = Specs.Length("along", "Each clamp, along the handle", null, 8, 150,
            "So much of the handle it holds. Left open, 25 mm, or what its screws ask for."),
        Shell = Specs.Length("shell", "Shell", null, 5, 60,
            "Plastic around the handle; the screws stand in it. Left open, 14 mm, or what its screws ask for.", 0.5),
        Seat = Specs.Length("seat", "Under the heads", null, 2, 40, "Plastic of the upper half under each screw's head. Left open, 6 mm.", 0.5),
        Thread = Specs.Length("thread", "Thread in the lower half", null, 3, 60, "How deep the screws may go in. Left open, three diameters.", 0.5)
            .If("bites", "plastic"),
        Roll = Specs.Angle("roll", "Turned about its length", 0, -180, 180, "From how it lies in the scan, counter-clockwise seen from its left end."),
        Height = Specs.Length("bladeHeight", "Tip or blade over the table", null, 1, 600, "The tip as it was measured comes to this height. Left open, the "
            + "clamps are as low as the plastic below the handle allows.", 0.5),
        Screws = Specs.Choice("screws", "Screws", "1", "On each side of the handle.", new ParameterOption("1", "one on each side"),
            new ParameterOption("2", "two on each side")),
        Screw = Specs.Choice("screw", "Their size", "M4", "Cap screws from above.", [.. Hardware.Threads.Where(t => Hardware.Has("heat-set-inserts", t.Key))]),
        Torque = Specs.Number("torque", "Torque by hand", 0.3, 0.02, 10, "N·m", "Snug by a short key, no more."),
        TableScrew = Specs.Choice("tableScrew", "Screws of the table", "M6", "They go through the feet.", Hardware.Threads),
        Push = Specs.Number("push", "The work pushes with", 40, 0, 2000, "N", "As hard as a hand pushes against the tool; ten newtons lift a kilogram.");

    public static IReadOnlyList<ParameterSpec> All { get; } =
    [
        Fit, Clearance, AsScanned.Spec, Two.Spec, Front, Rear, Roll, Along, Shell, Pinch.Spec, Screws, Screw, Insert.Spec, Thread, Seat, Torque, Height,
        Fine.Spec, Under.Spec, TableScrew, Rows.Spec, Foot.Spec, Push, Specs.Choice("shakes", "In use it", "shakes",
            "What shakes pushes three times as hard at its worst.",
            new ParameterOption("shakes", "shakes"), new ParameterOption("still", "runs quietly")),
        Specs.Choice("heat", "It stands", "warm", "Warmth softens plastic, and creep grows with it.", new ParameterOption("warm", "near a motor or hot air"),
            new ParameterOption("cool", "in a room")),
        Way.Spec, .. MakeOrBuy.Specs,
    ];
}
