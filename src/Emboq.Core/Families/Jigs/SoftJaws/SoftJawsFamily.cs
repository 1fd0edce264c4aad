namespace Emboq.Core.Families.Jigs.SoftJaws;

/// <summary>A pair of plates for a measured vice: flat, grooved for a range of rounds, or with the pocket of an outline.</summary>
public static class SoftJawsFamily
{
    internal static readonly IReadOnlyList<WayUp> Ways =
    [
        new("face", "face down", 180, "Lines lie across the pressure: layers are squeezed together, and a lip stands up.",
            "The face is as smooth as the bed; the crown of a groove is a roof in the air."),
        new("back", "back down", 0, "Lines lie across the pressure, but above a lip the plate hangs in the air.",
            "The face is the last layer; grooves come out in fine steps."),
        new("edge", "upper edge down", 270, "Lines stand in the pressure: a groove may split along them.",
            "It stands on its lip; grooves along the bed sag at their crown.", SpoilsFit: true),
    ];

    private static IReadOnlyList<string> Cautions(ParameterValues p) =>
    [
        "A vice crushes and pinches: keep fingers out, and tighten by hand only, with no pipe on the handle.",
        "Soft jaws let go earlier than steel ones: do not hold work in them that is hammered, or cut by a machine, unless the machine's manual allows "
            + "such jaws.",
        .. p.Choice("fixing") == "magnets" ? ["Strong magnets pinch, and are swallowed by children: glue them in."] : Array.Empty<string>(),
    ];

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "soft-jaws", "soft jaws", "A vice that marks everything it holds.",
            [new("jaw", "jaw of the vice", ["block"]), new("holes", "holes in the jaw", ["hole-row"], SlotNeed.Sometimes),
            Specs.Section.If("shape", "pocket"), Specs.Screw.If("fixing", "screws")],
        [
            Specs.Choice("shape", "The face is", "flat", "What it holds.", new ParameterOption("flat", "flat"),
                new ParameterOption("vee", "grooved for rounds"), new ParameterOption("round", "hollowed for one round"),
                new ParameterOption("pocket", "a pocket")),
            Specs.Length("thickness", "Thickness", 14, 4, 60, "From the jaw to the face."),
            Specs.Length("over", "Lip over the jaw", 8, 0, 40, "Lies on top of the jaw and keeps it from sliding down. Nothing leaves it away."),
            Specs.Length("smallest", "Smallest round", 12, 1, 120, "That must still be held.", 0.5).If("shape", "vee"),
            Specs.Length("largest", "Largest round", 25, 2, 160, "That must still lie in the groove.", 0.5).If("shape", "vee", "round"),
            Specs.Angle("veeAngle", "Groove", 90, 60, 150, "Between its two faces.").If("shape", "vee"),
            Specs.Choice("runs", "The groove runs", "upright", "The way the work stands.", new ParameterOption("upright", "up and down"),
                new ParameterOption("along", "along the jaw")).If("shape", "vee", "round"),
            Specs.Outline("outline", "Outline of the work", "Points like 0,0 40,0 40,20 0,20: x along the jaw, y up.").If("shape",
                "pocket").If("section", "open"),
            Specs.Length("pocketDepth", "Pocket depth", 4, 0.5, 40, "In each jaw; less than half of the work.", 0.5).If("shape", "pocket"),
            Specs.Length("pocketClearance", "Pocket clearance", 0.4, 0, 4, "On the full size of the outline.", 0.1).If("shape", "pocket"),
            Specs.Choice("fixing", "Held by", "magnets", "Magnets come off in a second; screws need holes in the jaw.",
                new ParameterOption("magnets", "magnets"), new ParameterOption("screws", "cap screws"), new ParameterOption("none", "its lip alone")),
            Specs.Length("magnet", "Magnet diameter", 10, 2, 40, "Measured.", 0.5).If("fixing", "magnets"),
            Specs.Length("magnetHeight", "Magnet height", 3, 1, 20, "Measured.", 0.5).If("fixing", "magnets"),
            Specs.Choice("screw", "Screw", "M6", "Through the plate into the jaw.", Hardware.Threads).If("fixing", "screws"),
            Specs.Length("tapped", "Thread in the jaw", 12, 3, 80, "How deep the vice's own holes are threaded. Measured.").If("fixing", "screws"),
            Specs.WayUp(Ways),
            .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["thickness", "count"],
        Gives = [GivenThing.Holes],
        Screws = true,
        Words = [TryWord.Works, new("slips", "lets the work slip"), new("marks", "marks the work"), new("comesOff", "comes off the vice"),
            new("notSquare", "does not close evenly"), new("tooWeak", "splits")],
    };

    private static Design Design(Brief brief)
    {
        var (ledger, p) = (new Ledger(), brief.Parameters);
        var way = Ways.First(w => w.Key == p.Choice("wayUp"));
        if (PartBodies.Unread(brief, ("jaw", ["width", "height"]), ("holes", ["gap1.centre"]),
            (Specs.Section.Key, Specs.PointsOf(brief))) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions(p));
        }

        var r = JawReckoning.Of(brief, ledger);
        var pocket = r.Face is JawFace.Pocket { Drawn: null };
        return new()
        {
            Ledger = ledger,
            Pieces = pocket ? [] : JawShape.Pieces(r, brief.Mark, Ways, way.Key, r.Fixing is { Screw: not null } ? [.. r.Fixing.Places.Select(x =>
                new PatternHole(x, 0, Hardware.Diameter(p.Choice("screw")).Value, HoleUse.Threaded, "jaw of the vice", p.Number("tapped")))] : []),
            Proofs = pocket ? [] : [.. JawShape.Proofs(r)],
            Machine = pocket ? [] : JawShape.Vice(r),
            Motions = pocket ? [] : [JawShape.Closing],
            Checks = [.. JawChecks.Of(r, brief.Process), BedCheck.Of(r.Width.Value, r.Height.Value, r.Thickness.Value + r.Over.Value, way, brief.Process)],
            Drawing = pocket ? null : JawDrawing.Of(r),
            Hardware = p.Choice("fixing") switch
            {
                "magnets" =>
                [$"4 magnets, {Figures.Mm(p.Number("magnet")!.Value)} × {Figures.Mm(p.Number("magnetHeight")!.Value)}, two in each plate", "glue"],
                "screws" => [$"4 screws {r.Fixing!.Screw!.Says}, two in each plate"],
                _ => []
            },
            Fitting = [p.Choice("fixing") == "magnets" ? "Glue the magnets in, a little below the back; let the glue set before they meet the vice."
                : p.Choice("fixing") == "screws" ? "Take the steel jaws off, screw the plates on, snug by hand."
                : "Hang the plates over the jaws by their lips.",
                "Close the vice on something soft and look whether both faces meet evenly."],
            Gauges = JawShape.Gauges(r),
            Cautions = Cautions(p),
        };
    }
}
