namespace Emboq.Core.Fits;

/// <summary>What a joint is called, and how a hand tells its fit: a box in a pocket is not a cuff on a pipe.</summary>
/// <param name="Proof">What proves it: "ring".</param>
/// <param name="Rung">One step of its ladder: "ring".</param>
/// <param name="Measured">What is measured on the print: "diameter".</param>
/// <param name="Feels">A word for each <see cref="Feel"/>, the tightest first.</param>
public sealed record SeatWords(string Proof, string Rung, string Measured, IReadOnlyList<string> Feels)
{
    /// <summary>Clearances at which one word becomes the next, mm on the full size, from tight to loose: of what slides, turns, is held between cheeks, is
    /// screwed on, lies in a pocket, and is printed within its bore. Common practice, no published source; tries move them for the hand that made
    /// them.</summary>
    private static readonly double[] Sliding = [-0.275, -0.025, 0.225, 0.575], Turning = [-0.2, -0.02, 0.14, 0.55], Cheeks = [-0.2, 0, 0.2, 0.7],
        Threaded = [-0.05, 0.02, 0.08, 0.36], Pocketed = [-0.2, 0, 0.25, 1.3], InPlace = [0, 0.06, 0.14, 0.45];

    /// <summary>What is drawn together, and what goes into a slot.</summary>
    private static readonly IReadOnlyList<Fit> Held = FitClasses.Some("snug", "slide", "free"), InSlots = [.. FitClasses.Pockets.Take(3)];

    /// <summary>Short and stable: hands that say the words of one joint are one hand.</summary>
    public required string Key { get; init; }

    /// <summary>In words: "foot in its socket".</summary>
    public required string Joint { get; init; }

    /// <summary>Whether tape or a file may make up for what a print missed: never where what comes loose could hurt.</summary>
    public bool MayBeMended { get; init; }

    /// <summary>The fits that it can have, from tight to loose.</summary>
    public IReadOnlyList<Fit> Fits { get; init; } = FitClasses.All;

    /// <summary>Where one word becomes the next, four clearances, mm.</summary>
    public IReadOnlyList<double> Edges { get; init; } = Sliding;

    /// <summary>Least clearance that a word stands for, mm.</summary>
    public double From(Feel feel) => feel == Feel.WillNotStart ? double.NegativeInfinity : Edges[(int)feel - 1];

    /// <summary>Greatest clearance that a word stands for, mm.</summary>
    public double To(Feel feel) => feel == Feel.Rattles ? double.PositiveInfinity : Edges[(int)feel];

    /// <summary>What is meant by a word, mm: its middle, or of the two without end a quarter of a millimetre further.</summary>
    public double Middle(Feel feel) => feel switch
    {
        Feel.WillNotStart => Edges[0] - Beyond,
        Feel.Rattles => Edges[^1] + Beyond,
        _ => (From(feel) + To(feel)) / 2,
    };

    /// <summary>The clearance that the loosest word stands for, mm: wider ones feel alike.</summary>
    public double Loosest => Middle(Feel.Rattles);

    /// <summary>Whether words tell fits of such a clearance apart; of looser ones only what is measured counts.</summary>
    public bool Tell(double clearance) => clearance <= Loosest;

    private const double Beyond = 0.225;

    /// <summary>A cuff in or over a pipe.</summary>
    public static SeatWords Cuff { get; } = new("ring", "ring", "diameter", ["will not start", "needs force", "firm by hand", "slides",
        "rattles"])
    { Key = "cuff", Joint = "cuff", MayBeMended = true };

    /// <summary>A clamp on its post, before it is tight.</summary>
    public static SeatWords Clamp { get; } = new("slice", "slice", "diameter of the bore",
        ["does not go on", "needs force", "firm by hand", "goes on freely", "hangs loose on the post"])
    { Key = "clamp", Joint = "clamp on its post", Fits = Held };

    /// <summary>A block on its rods.</summary>
    public static SeatWords Rods { get; } = new("slice", "slice", "diameter of the bore",
        ["does not go on", "needs force", "firm by hand", "slides", "rattles on its rods"])
    { Key = "rods", Joint = "block on its rods", Fits = Held };

    /// <summary>A hose in its cradle.</summary>
    public static SeatWords Cradle { get; } = new("slice", "slice", "diameter of the cradle",
        ["has no room", "is squeezed", "lies snug", "lies easily", "rattles in its cradle"])
    { Key = "cradle", Joint = "hose in its cradle", MayBeMended = true, Fits = Held };

    /// <summary>A foot in its socket.</summary>
    public static SeatWords Socket { get; } = new("slice", "slice", "width of the socket",
        ["does not go in", "has to be pressed in", "goes in firmly, does not move", "slides in", "rocks in its socket"])
    { Key = "socket", Joint = "foot in its socket", Fits = InSlots };

    /// <summary>A saddle on its tube.</summary>
    public static SeatWords Saddle { get; } = new("slice", "slice", "width of the hollow",
        ["does not go down over the tube", "has to be pressed down", "sits firmly", "sits easily", "rocks on the tube"])
    { Key = "saddle", Joint = "saddle on its tube", Fits = Held };

    /// <summary>A knuckle on its pin.</summary>
    public static SeatWords Hinge { get; } = new("ring", "knuckle", "diameter of the hole",
        ["does not go on its pin", "turns by force", "drags", "turns without play", "turns freely, and rattles"])
    { Key = "hinge", Joint = "knuckle on its pin", Edges = Turning, Fits = FitClasses.Some("slide", "moving") };

    /// <summary>A cam on its pin.</summary>
    public static SeatWords Cam { get; } = new("ring", "ring", "diameter of the bore",
        ["does not go on its pin", "turns by force", "drags", "turns without play", "turns freely, and rattles"])
    { Key = "cam", Joint = "cam on its pin", Edges = Turning, Fits = FitClasses.Some("slide", "moving") };

    /// <summary>An arm on the screw that it turns on.</summary>
    public static SeatWords Pivot { get; } = new("ring", "ring", "diameter of the hole",
        ["does not go on its screw", "turns by force", "drags", "turns without play", "turns freely, and rattles"])
    { Key = "pivot", Joint = "arm on its screw", Edges = Turning, Fits = FitClasses.Some("slide", "moving") };

    /// <summary>A leg between the cheeks that it turns in.</summary>
    public static SeatWords Leg { get; } = new("fork", "step", "width of the gap",
        ["does not go in", "goes in by force", "turns stiffly", "turns freely, without play", "wobbles between its cheeks"])
    { Key = "leg", Joint = "leg between its cheeks", Edges = Cheeks, Fits = FitClasses.Some("slide", "moving", "free") };

    /// <summary>A recess on a machine's boss that centres it.</summary>
    public static SeatWords Boss { get; } = new("ring", "ring", "diameter of the recess",
        ["does not go on", "goes on by force", "goes on firmly, without play", "goes on easily", "rocks on the boss"])
    { Key = "boss", Joint = "recess on its boss", Fits = FitClasses.Some("snug", "slide") };

    /// <summary>A printed thread on a spindle.</summary>
    public static SeatWords Thread { get; } = new("nut", "nut", "diameter over its roots",
        ["does not start", "runs on by force", "runs on stiffly", "runs on by hand", "rocks on the thread"])
    { Key = "thread", Joint = "thread on its spindle", Edges = Threaded, Fits = [FitClasses.Thread] };

    /// <summary>A thing in a pocket.</summary>
    public static SeatWords Pocket { get; } = new("slice", "slice", "width of the pocket",
        ["does not go in", "has to be pressed in", "goes in firmly", "goes in freely", "rocks in its pocket"])
    { Key = "pocket", Joint = "thing in its pocket", MayBeMended = true, Edges = Pocketed, Fits = FitClasses.Pockets };

    /// <summary>A bar in the rail that it hangs in.</summary>
    public static SeatWords Rail { get; } = new("sample", "chamber", "width of the chamber",
        ["does not go in", "has to be driven in", "drags", "slides in", "rocks in its rail"])
    { Key = "rail", Joint = "bar in its rail", Fits = [FitClasses.Pocket("slide"), FitClasses.Pocket("close")] };

    /// <summary>A handle in the shell that is drawn together around it.</summary>
    public static SeatWords Shell { get; } = new("slice", "slice", "breadth of the hollow",
        ["does not go in", "has to be pressed in", "lies firmly", "lies in easily", "rocks in its shell"])
    { Key = "shell", Joint = "handle in its shell", Fits = Held };

    /// <summary>A key in a channel, across it.</summary>
    public static SeatWords KeyAcross { get; } = new("rung", "rung", "width of the key", ["will not start", "needs force", "firm by hand", "slides",
        "rocks"])
    { Key = "key", Joint = "key in its channel", MayBeMended = true, Fits = InSlots };

    /// <summary>A key in a channel, in height.</summary>
    public static SeatWords KeyInHeight { get; } = new("rung", "rung", "height below the shoulder",
        ["will not start", "needs force", "firm by hand", "slides", "lifts"])
    { Key = "key-height", Joint = "key in the height of its channel", MayBeMended = true, Fits = InSlots };

    /// <summary>A pin printed within its bore.</summary>
    public static SeatWords Gap { get; } = new("sample", "pin", "gap", ["is fused", "breaks free, then drags", "drags", "turns without play",
        "turns freely, and rattles"])
    { Key = "gap", Joint = "pin printed in its bore", Edges = InPlace, Fits = [] };

    /// <summary>All of them.</summary>
    public static IReadOnlyList<SeatWords> All { get; } = [Cuff, Clamp, Rods, Cradle, Socket, Saddle, Hinge, Cam, Pivot, Leg, Boss, Thread, Pocket, Rail,
        Shell, KeyAcross,
        KeyInHeight, Gap];

    /// <summary>The words under a key; of what nobody knows those of a cuff.</summary>
    public static SeatWords Of(string? key) => All.FirstOrDefault(w => w.Key == key) ?? Cuff;

    /// <summary>The word for a feel.</summary>
    public string Of(Feel feel) => Feels[(int)feel];
}
