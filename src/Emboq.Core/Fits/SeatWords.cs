namespace Emboq.Core.Fits;

/// <summary>What a joint is called, and how a hand tells its fit: a box in a pocket is not a cuff on a pipe.</summary>
/// <param name="Proof">What proves it: "ring".</param>
/// <param name="Rung">One step of its ladder: "ring".</param>
/// <param name="Measured">What is measured on the print: "diameter".</param>
/// <param name="Feels">A word for each <see cref="Feel"/>, the tightest first.</param>
public sealed record SeatWords(string Proof, string Rung, string Measured, IReadOnlyList<string> Feels)
{
    /// <summary>A cuff in or over a pipe.</summary>
    public static SeatWords Cuff { get; } = new("ring", "ring", "diameter", ["will not start", "needs force", "firm by hand", "slides", "rattles"]);

    /// <summary>A clamp on its post, before it is tight.</summary>
    public static SeatWords Clamp { get; } = new("slice", "slice", "diameter of the bore",
        ["does not go on", "needs force", "firm by hand", "goes on freely", "hangs loose on the post"]);

    /// <summary>A block on its rods.</summary>
    public static SeatWords Rods { get; } = new("slice", "slice", "diameter of the bore",
        ["does not go on", "needs force", "firm by hand", "slides", "rattles on its rods"]);

    /// <summary>A hose in its cradle.</summary>
    public static SeatWords Cradle { get; } = new("slice", "slice", "diameter of the cradle",
        ["has no room", "is squeezed", "lies snug", "lies easily", "rattles in its cradle"]);

    /// <summary>A foot in its socket.</summary>
    public static SeatWords Socket { get; } = new("slice", "slice", "width of the socket",
        ["does not go in", "has to be pressed in", "goes in firmly, does not move", "slides in", "rocks in its socket"]);

    /// <summary>A saddle on its tube.</summary>
    public static SeatWords Saddle { get; } = new("slice", "slice", "width of the hollow",
        ["does not go down over the tube", "has to be pressed down", "sits firmly", "sits easily", "rocks on the tube"]);

    /// <summary>A knuckle on its pin.</summary>
    public static SeatWords Hinge { get; } = new("ring", "knuckle", "diameter of the hole",
        ["does not go on its pin", "turns by force", "drags", "turns without play", "turns freely, and rattles"]);

    /// <summary>A cam on its pin.</summary>
    public static SeatWords Cam { get; } = new("ring", "ring", "diameter of the bore",
        ["does not go on its pin", "turns by force", "drags", "turns without play", "turns freely, and rattles"]);

    /// <summary>An arm on the screw that it turns on.</summary>
    public static SeatWords Pivot { get; } = new("ring", "ring", "diameter of the hole",
        ["does not go on its screw", "turns by force", "drags", "turns without play", "turns freely, and rattles"]);

    /// <summary>A leg between the cheeks that it turns in.</summary>
    public static SeatWords Leg { get; } = new("fork", "step", "width of the gap",
        ["does not go in", "goes in by force", "turns stiffly", "turns freely, without play", "wobbles between its cheeks"]);

    /// <summary>A recess on a machine's boss that centres it.</summary>
    public static SeatWords Boss { get; } = new("ring", "ring", "diameter of the recess",
        ["does not go on", "goes on by force", "goes on firmly, without play", "goes on easily", "rocks on the boss"]);

    /// <summary>A printed thread on a spindle.</summary>
    public static SeatWords Thread { get; } = new("nut", "nut", "diameter over its roots",
        ["does not start", "runs on by force", "runs on stiffly", "runs on by hand", "rocks on the thread"]);

    /// <summary>A thing in a pocket.</summary>
    public static SeatWords Pocket { get; } = new("slice", "slice", "width of the pocket",
        ["does not go in", "has to be pressed in", "goes in firmly", "goes in freely", "rocks in its pocket"]);

    /// <summary>A key in a channel, across it.</summary>
    public static SeatWords KeyAcross { get; } = new("rung", "rung", "width of the key", ["will not start", "needs force", "firm by hand", "slides", "rocks"]);

    /// <summary>A key in a channel, in height.</summary>
    public static SeatWords KeyInHeight { get; } = new("rung", "rung", "height below the shoulder",
        ["will not start", "needs force", "firm by hand", "slides", "lifts"]);

    /// <summary>The word for a feel.</summary>
    public string Of(Feel feel) => Feels[(int)feel];
}
