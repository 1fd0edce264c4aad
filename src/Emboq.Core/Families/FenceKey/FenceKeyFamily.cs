using Emboq.Core.Checks;
using Emboq.Core.Drawing;
using Emboq.Core.Families.Common;
using Emboq.Core.Fits;
using Emboq.Core.Printing;

namespace Emboq.Core.Families.FenceKey;

/// <summary>A key in a channel: tight across, free along, or tight in height; legs stop it, a notch pulls it out.</summary>
public static class FenceKeyFamily
{
    private static readonly IReadOnlyList<WayUp> Ways =
    [
        new("side", "on its side", 90, "Lines run along the key: it does not shear.", "The lower side face has the bed's skin: scrape its edge."),
        new("flat", "lying as it is used", 0, "Lines lie along the key; legs hang in the air.", "Upright faces fit best; legs want a bridge."),
    ];

    private static readonly IReadOnlyList<string> Cautions =
    [
        "A key that slips lets a fence move: test it by hand with the machine unplugged, and again after every change.",
        "A printed key guides; it does not replace the fence's own lock. The machine's manual decides.",
    ];

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "fence-key", "fence key", "A fence or jig that must slide one way and not the other.", [new("channel", "channel", ["slot"])],
        [
            Specs.Choice("across", "Across it is", "snug", "The width: what keeps it from rocking.", [.. FitClasses.Pockets.Take(3).Select(f => new ParameterOption(f.Key, f.Name))]),
            Specs.Length("clearance", "Clearance across", null, -0.5, 3, "On the full width. Left open, the fit decides.", 0.05),
            Specs.Length("under", "Free below", 0.6, 0, 10, "Between the key and the floor of the channel.", 0.1),
            Specs.Length("length", "Length", 60, 10, 400, "Along the channel."),
            Specs.Length("above", "Above the channel", 10, 3, 60, "What the legs and the fence bear on."),
            Specs.Length("legs", "Legs", 12, 0, 60, "How far they stand out to each side and stop it on the table. Nothing leaves them away."),
            Specs.Length("notch", "Notch", 8, 0, 30, "To pull it out by. Nothing leaves it away."),
            Specs.Choice("screw", "Screw", "M5", "Two hold it to the fence, from above.", Joints.Hardware.Threads).If("fixing", "screws", "nuts"),
            Specs.Choice("fixing", "Held to the fence by", "screws", "Two screws through it, or nothing.", new ParameterOption("screws", "two screws"), new ParameterOption("nuts", "two screws into nuts below"), new ParameterOption("none", "nothing: it lies loose")),
            Specs.WayUp(Ways),
            .. MakeOrBuy.Specs,
        ], Design)
    { ListColumns = ["length", "count"] };

    private static Design Design(Brief brief)
    {
        var (ledger, p, place) = (new Ledger(), brief.Parameters, brief.Interfaces["channel"]);
        var way = Ways.First(w => w.Key == p.Choice("wayUp"));
        if (PartBodies.Unread(place, "channel", "width", "depth") is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Ways, way.Key, Cautions);
        }

        var r = KeyReckoning.Of(brief, ledger);
        var chance = r.Width.Chance;
        return new()
        {
            Ledger = ledger,
            Bodies = r.Exists ? KeyShape.Bodies(r, brief) : [],
            Seats = [r.Width.Seat("channel", [.. r.Ladder])],
            Chance = chance,
            Checks = [.. Checks(r, brief, way, chance), PartBodies.Bed(r.Length.Value, r.Width.Drawn.Value + (2 * r.Legs.Value), r.High.Value + r.Above.Value, way, brief.Process)],
            Drawing = r.Exists ? Draw(r, place) : null,
            Ways = Ways,
            Way = way.Key,
            Hardware = r.Screw is null ? [] : r.Nut is null ? [$"2 screws {Joints.Hardware.Name(p.Choice("screw"))}, through the key into the fence"] : [$"2 screws {Joints.Hardware.Name(p.Choice("screw"))}, through the fence", $"2 nuts {Joints.Hardware.Name(p.Choice("screw"))}, in the key from below"],
            Fitting =
            [
                "Try the ladder: the rung that slides without rocking is the width.",
                "Lay the key in the channel before the fence: it must move by hand and not tip.",
                .. r.Screw is null ? Array.Empty<string>() : ["Bring the fence over it and tighten both screws a little, slide it through the whole channel, then tighten."],
                .. r.Notch.Value > 0 ? ["Pull it out by its notch, straight up."] : Array.Empty<string>(),
                "A wrap of tape on a side takes up the last tenth.",
            ],
            Pattern = r.Screw is null ? [] : [.. KeyShape.Screws(r).Select(x => new PatternHole(x, 0, 2 * r.Screw.Sleeves[0].Radius))],
            Walls = r.Screw is null ? [] : [.. KeyShape.Screws(r).Select((x, i) => ($"screw {i + 1}", KeyShape.Zone(r, x)))],
            Cautions = Cautions,
        };
    }

    private static IEnumerable<Check> Checks(KeyReckoning r, Brief brief, WayUp way, double chance)
    {
        yield return ReadingChecks.Of("channel.readings", "channel measured", Measuring.Evaluation.Of(r.Width.Place, "width")!, r.Width.Place["width"]);
        var wide = r.Width.Drawn.Value >= KeyReckoning.LeastWidth;
        yield return new("wide", "width of the key", wide ? Verdict.Good : Verdict.Stop, wide ? "Wide enough to be a key." : "Less its clearance, next to nothing of the channel is left for a key.",
            Figures.Mm(r.Width.Drawn.Value), $"{Figures.Mm(KeyReckoning.LeastWidth)} or more", "Common practice, no published source.", wide ? [] : [new Remedy.Change("Let the fit decide the clearance", new Dictionary<string, string> { ["clearance"] = "" })]);
        var deep = r.High.Value >= 1.5;
        yield return new("deep", "key in the channel", deep ? Verdict.Good : Verdict.Stop, deep ? "It reaches deep enough to guide." : "Hardly anything of it stands in the channel.",
            Figures.Mm(r.High.Value), "1.5 mm or more", "Common practice, no published source.", deep ? [] : [new Remedy.Change("Leave less free below", new Dictionary<string, string> { ["under"] = "0.3" })]);
        var straight = r.Length.Value >= 2 * r.Width.Drawn.Value;
        yield return new("straight", "long enough to run straight", straight ? Verdict.Good : Verdict.Watch, straight ? "Twice as long as wide: it does not jam askew." : "A key shorter than twice its width jams askew.",
            Figures.Mm(r.Length.Value), $"{Figures.Mm(2 * r.Width.Drawn.Value)} or more", "The drawer rule; common practice, no published source.",
            straight ? [] : [new Remedy.Change($"Make it {Figures.Mm(Math.Ceiling(2 * r.Width.Drawn.Value))} long", new Dictionary<string, string> { ["length"] = Figures.Number(Math.Ceiling(2 * r.Width.Drawn.Value)) })]);
        if (r.Screw is { } screw)
        {
            yield return screw.WallCheck("screw.wall", "screw, to the side", r.Width.Drawn.Value / 2, [new Remedy.Change("Leave the screws away", new Dictionary<string, string> { ["fixing"] = "none" })]);
            yield return screw.WallCheck("screw.end", "screw, to the end", (r.Length.Value / 2) - Math.Abs(KeyShape.Screws(r)[0]) - (r.Notch.Value > 0 ? r.Notch.Value / 2 : 0));
        }

        if (r.Nut is { } nut)
        {
            yield return nut.WallCheck("nut.wall", "nut, to the side", r.Width.Drawn.Value / 2, new Remedy.Change("Screw into the fence instead", new Dictionary<string, string> { ["fixing"] = "screws" }));
            yield return nut.FloorCheck("nut.floor", "nut", r.High.Value + r.Above.Value, 3);
            foreach (var check in nut.Checks)
            {
                yield return check;
            }
        }

        if (r.Legs.Value > 0)
        {
            var stands = way.Key == "side";
            yield return new("legs", "legs while printing", stands ? Verdict.Good : Verdict.Watch, stands ? "On its side the legs lie on the bed." : "The legs hang in the air by their length.",
                stands ? "on the bed" : Figures.Mm(r.Legs.Value), "on the bed", "Plane geometry.", stands ? [] : [new Remedy.Change("Print it on its side", new Dictionary<string, string> { ["wayUp"] = "side" })]);
        }

        yield return ChanceCheck.Of(chance, [(r.Width.Realised, r.Width.Place["width"])]);
    }

    private static SeatDrawing Draw(KeyReckoning r, Interface place)
    {
        var (w, channel, depth, h, above, legs) = (r.Width.Drawn.Value / 2, r.Width.Measured.Value / 2, r.Depth.Value, r.High.Value, r.Above.Value, r.Legs.Value);
        var table = channel + legs + 14;
        var sheet = new Sheet().Face(Matter.Machine, [new(-table, 0), new(-channel, 0), new(-channel, -depth), new(channel, -depth), new(channel, 0), new(table, 0), new(table, -depth - 8), new(-table, -depth - 8)])
            .Face(Matter.Part, [new(-w, -h), new(w, -h), new(w, 0), new(w + legs, 0), new(w + legs, above), new(-w - legs, above), new(-w - legs, 0), new(-w, 0)])
            .Along("channel.width.measured", -channel, channel, -depth - 8, 1, reads: new(place.Id, "width")).Along("channel.width.drawn", -w, w, -depth - 8, 2).Up("above", -w - legs, 0, above, sets: "above").Up("high", w, -h, 0, side: CalloutSide.Right)
            .Point("under", 0, -depth + (r.Under.Value / 2), CalloutSide.Left, "under").Point("channel.width.clearance", channel, -h / 2, CalloutSide.Right, "clearance");
        if (legs > 0)
        {
            sheet.Point("legs", w + (legs / 2), above, sets: "legs");
        }

        sheet.View(table + 30 + (r.Length.Value / 2), 0).Box(Matter.Part, -r.Length.Value / 2, -h, r.Length.Value / 2, above).Along("length", -r.Length.Value / 2, r.Length.Value / 2, -h, sets: "length");
        if (r.Notch.Value > 0)
        {
            sheet.Box(Matter.Opening, -r.Notch.Value / 2, above - (above / 2), r.Notch.Value / 2, above).Point("notch", 0, above, sets: "notch");
        }

        return sheet.Done;
    }
}
