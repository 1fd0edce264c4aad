namespace Emboq.Core.Families.Jigs.FenceKey;

/// <summary>A key in a channel: tight across, in height or both, free along; legs stop it, a notch pulls it out.</summary>
public static class FenceKeyFamily
{
    private static readonly IReadOnlyList<WayUp> Ways =
    [
        new("over", "turned over", 180, "Lines lie along the key, and legs lie on the bed.", "Upright faces fit best; the notch is a short roof."),
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
        "fence-key", "fence key", "A fence or jig that must slide one way and not the other.",
            [new("channel", "channel", ["slot", "t-slot"]), Specs.Nut.If("fixing", "nuts"), Specs.Screw.If("fixing", "screws", "nuts")],
        [
            Specs.Choice("locks", "It locks", "across", "What is not fitted stays free.",
                new ParameterOption("across", "across: it does not rock"), new ParameterOption("height", "in height: it does not lift"),
                new ParameterOption("both", "both ways: it neither rocks nor lifts")),
            Specs.Choice("across", "There it is", "snug", "How close it fits the way it locks; of both ways, across.",
                [.. FitClasses.Pockets.Take(3).Select(f => new ParameterOption(f.Key, f.Name))]),
            Specs.Length("clearance", "Clearance", null, -0.5, 3, "Of what is locked, on the full size; of both ways, across. Left open, the fit decides.",
                0.05),
            Specs.Choice("upright", "In height it is", "snug", "How close its height fits.",
                [.. FitClasses.Pockets.Take(3).Select(f => new ParameterOption(f.Key, f.Name))]).If("locks", "both"),
            Specs.Length("clearanceHigh", "Clearance in height", null, -0.5, 3, "Between table and floor of the channel. Left open, the fit decides.", 0.05)
                .If("locks", "both"),
            Specs.Length("under", "Free below", 0.6, 0, 10, "Between the key and the floor of the channel.", 0.1).If("locks", "across"),
            Specs.Length("sides", "Free at the sides", 1, 0.1, 20, "On the full width of the channel.", 0.1).If("locks", "height"),
            Specs.Length("length", "Length", 60, 10, 400, "Along the channel."),
            Specs.Length("above", "Above the channel", 10, 3, 60, "What the legs and the fence bear on."),
            Specs.Length("legs", "Legs", 12, 0, 60, "How far they stand out to each side and stop it on the table. Nothing leaves them away."),
            Specs.Length("legsIn", "Legs from the ends", 0, 0, 150, "How far in they stand; in steps of an eighth of an inch.", 3.175),
            Specs.Choice("foot", "In a T slot", "neck", "A foot under the lips holds it down; it then goes in from the end.",
                new ParameterOption("neck", "it stands in the mouth alone"), new ParameterOption("foot", "a foot under the lips")),
            Specs.Choice("ladders", "Rungs of its ladder", "together",
                "Together, each rung is wider and higher, and both are felt on it; apart, there is a ladder for each.",
                new ParameterOption("together", "grow both ways"), new ParameterOption("apart", "a ladder for each")) with { AskedAt = Station.Prove },
            Specs.Length("notch", "Notch", 8, 0, 30, "To pull it out by. Nothing leaves it away."),
            Specs.Choice("fixing", "Held to the fence by", "screws", "Cap screws from below lie in the key; screws from above hold in nuts below.",
                new ParameterOption("screws", "two cap screws from below"), new ParameterOption("nuts", "two screws into nuts below"),
                new ParameterOption("none", "nothing: it lies loose")),
            Specs.Choice("screw", "Screw", "M5", "Two hold it to the fence.", Joints.Hardware.Threads).If("fixing", "screws", "nuts"),
            Specs.Length("fence", "Fence", 18, 3, 120,
                "How thick it is, or how deep its thread: the screws hold in it, or pass it.").If("fixing", "screws", "nuts"),
            Specs.Washer.If("fixing", "nuts"),
            Specs.WayUp(Ways),
            .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["length", "count"],
        Gives = [GivenThing.Holes],
        Screws = true,
        Words = [TryWord.Works, new("jams", "jams askew"), new("screwTight", "is tight on its screws"), new("tooWeak", "shears or bends"),
            new("tooHigh", "rides on the floor")],
    };

    private static Design Design(Brief brief)
    {
        var (ledger, p, place) = (new Ledger(), brief.Parameters, brief.Interfaces["channel"]);
        var way = Ways.First(w => w.Key == p.Choice("wayUp"));
        var tee = place.Kind.Key == "t-slot";
        IReadOnlyList<Check> unread = [.. PartBodies.Unread(place, "channel", tee ? ["mouth", "depth", "lip", "chamber"] : ["width", "depth"]),
            .. PartBodies.Unread(brief)];
        if (unread.Count > 0)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        if (tee && p.Choice("locks") != "across")
        {
            return PartBodies.Unbuilt(ledger, [new("locks", "what a T slot locks", Verdict.Stop,
                "In a T slot the mouth guides across, and a foot under the lips holds it down: it is not fitted in height.", p.Choice("locks") == "both"
                    ? "both ways" : "in height", "across",
                "Common practice, no published source.",
                [new Remedy.Change("Lock it across, with a foot", new Dictionary<string, string> { ["locks"] = "across", ["foot"] = "foot" })])], Cautions);
        }

        var r = KeyReckoning.Of(brief, ledger);
        return new()
        {
            Ledger = ledger,
            Pieces = !r.Exists ? [] :
            [
                new("part", "key", () => KeyShape.Part(r, brief.Mark), Ways, way.Key)
                {
                    Pattern = r.Fixings.Count == 0 ? [] : [.. KeyShape.Screws(r).Select(x => p.Choice("fixing") == "nuts"
                        ? new PatternHole(x, 0, Joints.Hardware.Passing(p.Choice("screw"), "medium").Value, HoleUse.Passing, "fence")
                        : new PatternHole(x, 0, Joints.Hardware.Diameter(p.Choice("screw")).Value, HoleUse.Threaded, "fence", r.Screw!.InThread))],
                    Walls = r.Fixings.Count == 0 ? [] : [.. KeyShape.Screws(r).Select((x, i) => ($"screw {i + 1}", KeyShape.Zone(r, x)))],
                },
            ],
            Proofs = r.Exists ? [.. KeyShape.Ladders(r)] : [],
            Machine = r.Exists ? [KeyShape.Machine(r)] : [],
            Seats = [.. r.Locked.Select(l => l.Size.Seat([.. l.Ladder]))],
            Chance = r.Chance,
            Checks = [.. Checks(r, brief, way), BedCheck.Of(r.Length.Value, r.Width.Value + (2 * r.Legs.Value),
                r.High.Value + r.Above.Value, way, brief.Process)],
            Drawing = r.Exists ? Draw(r, place) : null,
            Hardware = Hardware(r, p),
            Fitting =
            [
                .. r.Across is null ? Array.Empty<string>() : ["Try the ladder: the rung that slides without rocking is the width."],
                .. r.Upright is null ? Array.Empty<string>() : ["Try the ladder: the rung that slides without lifting is the height."],
                .. r.Locked.Count < 2 || r.LaddersApart ? Array.Empty<string>() : ["Feel both on each rung: width and height may be those of different rungs."],
                "Lay the key in the channel before the fence: it must move by hand and not tip.",
                .. p.Choice("fixing") switch
                {
                    "screws" => ["Screw the key to the fence from below, a little loose, and slide it into the channel from its end. When it runs "
                        + "through the whole of it, slide it out and tighten."],
                    "nuts" => ["Press the nuts into the key from below before it lies in the channel.",
                        "Bring the fence over it and tighten both screws a little, slide it through the whole channel, then tighten."],
                    _ => Array.Empty<string>(),
                },
                .. r.Notch.Value > 0 ? ["Pull it out by its notch, straight up."] : Array.Empty<string>(),
                "A wrap of tape on a side takes up the last tenth.",
            ],
            Gauges = r.Exists ? KeyShape.Gauges(r) : [],
            Cautions = Cautions,
        };
    }

    private static IEnumerable<Check> Checks(KeyReckoning r, Brief brief, WayUp way)
    {
        foreach (var (size, _) in r.Locked)
        {
            yield return ReadingChecks.Of($"{size.Of.Slot}.readings", size.Of.Slot == "channel" ? "channel measured" : "its depth measured", r.Place,
                size.Of.Dimension);
        }

        var wide = r.Width.Value >= KeyReckoning.LeastWidth;
        yield return new("wide", "width of the key", wide ? Verdict.Good : Verdict.Stop, wide ? "Wide enough to be a key."
            : "Less what stays free, next to nothing of the channel is left for a key.",
            Figures.Mm(r.Width.Value), $"{Figures.Mm(KeyReckoning.LeastWidth)} or more", "Common practice, no published source.", wide ? []
                : [r.Across is null ? new Remedy.Change("Leave less free at the sides", new Dictionary<string, string> { ["sides"] = "1" })
                : new Remedy.Change("Let the fit decide the clearance", new Dictionary<string, string> { ["clearance"] = "" })]);
        var deep = r.High.Value >= 1.5;
        yield return new("deep", "key in the channel", deep ? Verdict.Good : Verdict.Stop, deep ? "It reaches deep enough to guide."
            : "Hardly anything of it stands in the channel.",
            Figures.Mm(r.High.Value), "1.5 mm or more", "Common practice, no published source.", deep || r.Upright is not null ? []
                : [new Remedy.Change("Leave less free below", new Dictionary<string, string> { ["under"] = "0.3" })]);
        if (r.Lip is null && brief.Parameters.Choice("foot") == "foot")
        {
            yield return new("foot", "foot under the lips", Verdict.Watch, "A plain channel has no lips: the foot is left away.", "no lips", "a T slot",
                "Plane geometry.", [new Remedy.Change("Take no foot", new Dictionary<string, string> { ["foot"] = "neck" })]);
        }

        if (r.Foot is { } foot)
        {
            yield return Judge.AtLeast("foot.reach", "foot past the mouth", (foot.Width.Value - r.Width.Value) / 2, 1, "It reaches under both lips.",
                "The chamber is hardly wider than the mouth: nothing reaches under the lips.", source: "Common practice, no published source.",
                remedies: new Remedy.Change("Leave the foot away", new Dictionary<string, string> { ["foot"] = "neck" }));
            yield return Judge.AtLeast("foot", "foot under the lips", foot.Height.Value, 2 + ((foot.Width.Value - r.Width.Value) / 2),
                "The foot reaches under the lips, and its shoulders lean 45 degrees so that they print.",
                "The chamber is too low for a foot that holds: leave it away.", source: "Common practice, no published source.",
                remedies: new Remedy.Change("Leave the foot away", new Dictionary<string, string> { ["foot"] = "neck" }));
        }

        if (r.Legs.Value > 0)
        {
            yield return Judge.AtLeast("legs.apart", "room between the legs", r.Length.Value - (2 * (r.LegsIn.Value + KeyShape.LegWide(r))), 4,
                "A hand or a notch has room between them.", "The legs meet in the middle.", Verdict.Watch, "Common practice, no published source.",
                new Remedy.Change("Set them at the ends", new Dictionary<string, string> { ["legsIn"] = "0" }));
        }

        var straight = r.Length.Value >= 2 * r.Width.Value;
        yield return new("straight", "long enough to run straight", straight ? Verdict.Good : Verdict.Watch, straight
            ? "Twice as long as wide: it does not jam askew." : "A key shorter than twice its width jams askew.",
            Figures.Mm(r.Length.Value), $"{Figures.Mm(2 * r.Width.Value)} or more", "The drawer rule; common practice, no published source.",
            straight ? [] : [new Remedy.Change($"Make it {Figures.Mm(Math.Ceiling(2 * r.Width.Value))} long",
                new Dictionary<string, string> { ["length"] = Figures.Number(Math.Ceiling(2 * r.Width.Value)) })]);
        foreach (var (key, joint, below) in r.Fixings)
        {
            yield return joint.WallCheck($"{key}.wall", $"{key}, to the side", r.Width.Value / 2,
                [new Remedy.Change("Leave the screws away", new Dictionary<string, string> { ["fixing"] = "none" })]);
            var (at, wanted) = (KeyShape.Screws(r)[1], Math.Ceiling(joint.Reach / KeyShape.FromEnd));
            yield return joint.WallCheck($"{key}.end", $"{key}, to the end and the notch", Math.Min((r.Length.Value / 2) - at, at - KeyShape.HalfNotch(r)),
                wanted > 400 ? [] : [new Remedy.Change($"Make it {Figures.Mm(wanted)} long",
                    new Dictionary<string, string> { ["length"] = Figures.Number(wanted) })]);
            foreach (var check in joint.Checks.Concat(!below ? [] : [key == "nut" ? joint.FloorCheck("nut.floor", "nut", r.High.Value + r.Above.Value, 3)
                : joint.SeatCheck("screw.seat", "screw", 3)]))
            {
                yield return check;
            }
        }

        if (r.Screw is not null)
        {
            yield return r.Screw.Check;
        }

        if (r.Legs.Value > 0)
        {
            var stands = way.Key == "over";
            yield return new("legs", "legs while printing", stands ? Verdict.Good : Verdict.Watch, stands ? "Turned over, the legs lie on the bed."
                : way.Key == "side" ? "The key hangs in the air between and beside its legs." : "The legs hang in the air by their length.",
                stands ? "on the bed" : Figures.Mm(r.Legs.Value), "on the bed", "Plane geometry.", stands ? []
                    : [new Remedy.Change("Print it turned over", new Dictionary<string, string> { ["wayUp"] = "over" })]);
        }

        yield return ChanceCheck.Of(r.Chance, [.. r.Locked.Select(l => (l.Size.Realised, l.Size.Place, l.Size.Of.Dimension))],
            [.. r.Locked.SelectMany(l => l.Size.Contradictions)]);
    }

    private static IReadOnlyList<string> Hardware(KeyReckoning r, ParameterValues p) => p.Choice("fixing") switch
    {
        "screws" => [$"2 screws {r.Screw!.Says}, from below"],
        "nuts" => [$"2 screws {r.Screw!.Says}, through the fence", $"2 nuts {Joints.Hardware.Name(p.Choice("screw"))}, in the key from below",
            .. Joints.Hardware.Washers(p, p.Choice("screw"))],
        _ => [],
    };

    private static SeatDrawing Draw(KeyReckoning r, Interface place)
    {
        var (w, channel, depth, h, above, legs) = (r.Width.Value / 2, r.ChannelWidth.Value / 2, r.Depth.Value, r.High.Value, r.Above.Value, r.Legs.Value);
        var table = channel + legs + 14;
        var wide = r.Lip is null ? "width" : "mouth";
        var (lip, chamber) = (r.Lip ?? depth, (r.Chamber ?? r.ChannelWidth.Value) / 2);
        var sheet = new Sheet().Face(Matter.Machine, [new(-table, 0), new(-channel, 0), new(-channel, -lip), new(-chamber, -lip), new(-chamber, -depth),
            new(chamber, -depth), new(chamber, -lip), new(channel, -lip), new(channel, 0), new(table, 0), new(table, -depth - 8), new(-table, -depth - 8)]);
        if (r.Foot is { } foot)
        {
            sheet.Face(Matter.Part, KeyShape.FootSection(r, foot)).Point("foot.wide", 0, -h + 1);
        }

        sheet.Face(Matter.Part, [new(-w, -h), new(w, -h), new(w, 0), new(w + legs, 0), new(w + legs, above), new(-w - legs, above),
                new(-w - legs, 0), new(-w, 0)])
            .Along($"channel.{wide}.measured", -channel, channel, -depth - 8, 1, reads: new(place.Id, wide)).Up("above", -w - legs, 0, above, sets: "above");
        sheet = r.Across is null
            ? sheet.Along("wide", -w, w, -depth - 8, 2).Point("sides", (w + channel) / 2, -h / 2, CalloutSide.Right, "sides")
            : sheet.Along($"channel.{wide}.drawn", -w, w, -depth - 8, 2).Point($"channel.{wide}.clearance", channel, -h / 2, CalloutSide.Right, "clearance");
        sheet = r.Upright is null
            ? sheet.Up("high", w, -h, 0, side: CalloutSide.Right).Point("under", 0, (-depth - h) / 2, CalloutSide.Left, "under")
            : sheet.Up($"{r.Upright.Size.Of.Key}.measured", channel, -depth, 0, 1, CalloutSide.Right, reads: new(place.Id, "depth"))
                .Up($"{r.Upright.Size.Of.Key}.drawn", w, -h, 0, side: CalloutSide.Right).Point($"{r.Upright.Size.Of.Key}.clearance", 0, (-depth - h) / 2,
                    CalloutSide.Left, r.Across is null ? "clearance" : "clearanceHigh");
        if (legs > 0)
        {
            sheet.Point("legs", w + (legs / 2), above, sets: "legs");
        }

        sheet.View(table + 30 + (r.Length.Value / 2), 0).Box(Matter.Part, -r.Length.Value / 2, -h, r.Length.Value / 2, above);
        foreach (var x in r.Fixings.Count == 0 ? [] : KeyShape.Screws(r))
        {
            foreach (var (_, joint, below) in r.Fixings)
            {
                foreach (var s in joint.Sleeves)
                {
                    var (from, to) = below ? (-h - s.To, -h - s.From) : (above + s.From, above + s.To);
                    sheet.Box(Matter.Opening, x - s.Radius, from, x + s.Radius, to);
                }
            }

            sheet.Axis(x, -h - 4, x, above + 4);
        }

        sheet.Along("length", -r.Length.Value / 2, r.Length.Value / 2, -h, sets: "length");
        if (r.Notch.Value > 0)
        {
            sheet.Box(Matter.Opening, -r.Notch.Value / 2, above - (above / 2), r.Notch.Value / 2, above).Point("notch", 0, above, sets: "notch");
        }

        return sheet.Done;
    }
}
