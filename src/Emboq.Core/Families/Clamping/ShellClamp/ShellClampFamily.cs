namespace Emboq.Core.Families.Clamping.ShellClamp;

/// <summary>Two halves around a handle that has no straight edge, drawn together by screws, on feet that go onto a table's holes.</summary>
public static class ShellClampFamily
{
    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "shell-clamp", "shell clamp", "A hand tool without a straight edge must be held still on a table, and come off again.",
        [new("grip", "handle", ["grip"]), new("table", "table", ["hole-grid", "t-slot"]), Specs.Screw], ShellParameters.All, Design)
    {
        ListColumns = ["shell", "along", "count"],
        Screws = true,
        Words =
        [
            TryWord.Works,
            new TryWord("meets", "has halves that meet before it holds").Helped(("pinch", 1.5, "Make the gap {0}")),
            new TryWord("slips", "lets the tool slide through").Helped(("torque", 1.3, "Draw it with {0}"), ("along", 1.3, "Make the clamps {0}")),
            new("turns", "lets the tool turn in it"),
            new TryWord("cracks", "cracked as it was drawn tight").Helped(("shell", 1.25, "Make the shell {0}"), ("torque", 0.7, "Draw it with {0}")),
            new TryWord("stripped", "stripped a thread").Helped(("thread", 1.4, "Give the thread {0}")),
            new("offRows", "does not meet the table's holes"),
            new("covers", "covers a button or a vent"),
        ],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "A hand tool held by a clamp cuts and burns where no hand is: the tool's own manual decides whether it may be held so, "
            + "and its guard and switch stay in reach.",
        "Plug pulled while it is fitted. Pull on the tool by hand, harder than the work will, before it runs; "
            + "look at the screws again after the first minutes.",
        "Never close an air vent: a motor or a heater that gets no air burns. Plastic softens near hot air, and lets go.",
    ];

    private static Design Design(Brief brief)
    {
        var (ledger, place) = (new Ledger(), brief.Interfaces["grip"]);
        string[] items = [.. Enumerable.Range(0, place.Items.Count).SelectMany(i => place.Kind.Item!.Dimensions.Select(d => place.Kind.Item.KeyOf(i, d.Key)))];
        if (PartBodies.Unread(brief, ("grip", ["breadth", "height", .. brief.Parameters.Number("bladeHeight") is null ? Array.Empty<string>() : ["tip"],
            .. items]),
            ("table", ShellTable.Needs(brief.Interfaces["table"]))) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        if (brief.Parameters.Number("bladeHeight") is not null && brief.Parameters.Number("roll") != 0)
        {
            return PartBodies.Unbuilt(ledger, [new("tip.rolled", "height of the tip", Verdict.Stop,
                "The tip was measured as the tool lies in its scan; turned about its "
                + "length, its height is not known. Lay the scan as the tool stands in the clamp, or want no height.",
                    $"turned by {brief.Parameters.Number("roll"):0.#}°", "0°",
                "Plane geometry.", [new Remedy.Change("Turn it back", new Dictionary<string, string> { ["roll"] = "0" }), new Remedy.Change("Want no height",
                    new Dictionary<string, string> { ["bladeHeight"] = "" })])],
                Cautions);
        }

        if (ShellParameters.AsScanned.Read(brief.Parameters, ledger) && place.Outline?.Surface is null)
        {
            return PartBodies.Unbuilt(ledger, [new("surface", "surface as scanned", Verdict.Stop, "Only sections were kept of its scan, not the surface.",
                "sections", "a surface", "What is not known is not drawn.", [new Remedy.Change("Take the smooth body", new Dictionary<string, string>
                { ["body"] = "smooth" })])], Cautions);
        }

        var r = ShellReckoning.Of(brief, ledger);
        return new()
        {
            Ledger = ledger,
            Pieces = r.Built ? [.. ShellShape.Pieces(r, brief.Mark)] : [],
            Proofs = r.Built ? [.. ShellShape.Proofs(r)] : [],
            Machine = r.Built ? [.. ShellShape.Machine(r)] : [],
            Motions = r.Built ? [.. ShellShape.Motions(r)] : [],
            Seats = [r.Fit.Seat()],
            Chance = r.Fit.Chance,
            Checks = [.. ShellChecks.Of(r, brief)],
            Drawing = r.Built ? ShellDrawing.Of(r) : null,
            Hardware =
            [
                $"{2 * r.ScrewsAt.Count * r.Wanted.Count} x {r.Takes.Says}",
                .. r.Inserted
                    ? [$"{2 * r.ScrewsAt.Count * r.Wanted.Count} heat-set inserts {Hardware.Name(brief.Parameters.Choice("screw"))}"]
                    : Array.Empty<string>(),
                $"{2 * r.Wanted.Count} screws {Hardware.Name(brief.Parameters.Choice("tableScrew"))} with washers, into the table",
                .. brief.Parameters.Choice("shakes") == "shakes" ? new[] { "threadlocker" } : [],
            ],
            Fitting =
            [
                "Dry the filament before the good print: the figures are those of a dry one.",
                "Print the slice first. Then print the clamps in plain filament, and run the tool in them under its own vibration: that proves how it lies and "
                    + "whether it shakes loose, and not what the good filament bears when it is warm.",
                r.Inserted ? "Press the inserts in with a hot tip, slowly."
                    : "Let each screw cut its thread once, slowly; back it out and "
                    + "clear the chips.",
                "Screw the lower halves down loosely, lay the tool in, and let it find its place before the feet are drawn tight.",
                "Put the upper halves on and draw the screws in turn, crosswise, snug and no more: a gap stays between the halves.",
                .. r.Packer is { } packer ? [$"Packers of {Figures.Mm(packer.Value)} lie under both clamps: leave them out, "
                    + "or put tape on them, until the tip is at its height."]
                    : Array.Empty<string>(),
                "Tighten again after a day: the plastic gives way a little under the screws.",
            ],
            Gauges = r.Built ? [.. ShellShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }
}
