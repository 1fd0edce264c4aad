using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.HoseCarrier;

/// <summary>A cradle that a hose is pushed into, screwed to a wall, a clamp or a bracket.</summary>
public static class HoseCarrierFamily
{
    /// <summary>Of plastic on a hose, and what a hand pushes without its weight behind it, N; common practice, no published source.</summary>
    internal const double Friction = 0.3, Hand = 80;

    /// <summary>Under a head, mm; common practice, no published source.</summary>
    internal const double UnderHead = 3;

    private static readonly IReadOnlyList<WayUp> Ways =
    [
        new("upright", "axis upright", 0, "Lines run around the cradle: it flexes along them.",
            "The cradle fits best upright; screw holes lie under pointed roofs."),
        new("lying", "mouth up", 90, "Layers lie across the back of the cradle: it splits there.", "The cradle lies, and sags at its sides.", SpoilsFit: true),
    ];

    internal static readonly Decision<WayUp> Way = Decide.Way(Ways);

    internal static readonly Decision<Quantity>
        Wall = Decide.Length("wall", "Of the cradle.", Specs.Length("wall", "Wall", 3, 1.2, 20,
            "Too thick, and the hose does not go in; too thin, and it falls out.", 0.2)),
        Height = Decide.Length("width along the hose", "What the hose lies on.",
            Specs.Length("height", "Along the hose", 20, 6, 150, "What the hose lies on."));

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "hose-carrier", "hose carrier", "A hose must be carried where it does not drag, and come out by hand.",
        [new("hose", "hose", ["hose", "tube", "post"]), Load.Slot, Specs.Screw],
        [
            Specs.Choice("across", "In the cradle", "free", "How the hose lies.",
                [.. FitClasses.All.Where(f => f.Key is "snug" or "slide" or "free").Select(f => new ParameterOption(f.Key, f.Name))]),
            Specs.Length("clearance", "Clearance", null, 0, 10, "On the diameter. Left open, the fit decides.", 0.1),
            Specs.Length("mouth", "Mouth", null, 3, 300, "Between the lips. Left open: four fifths of the hose.", 1),
            Wall.Spec, Height.Spec,
            Specs.Choice("faces", "The mouth faces", "up", "Where it faces down, its lips alone carry the hose.", new ParameterOption("up", "up"),
                new ParameterOption("side", "to the side"),
                new ParameterOption("down", "down")),
            Specs.Choice("opened", "The hose goes in and out", "often", "What flexes often bears less.", new ParameterOption("often", "every day"),
                new ParameterOption("once", "a few times in all")), Flexing.Spec,
            Specs.Choice("turns", "On its mount", "fixed", "A hose that is led about kinks at a carrier that stands fast.", new ParameterOption("fixed",
                "it is screwed fast"), new ParameterOption("swivel", "it turns on its screw"),
                new ParameterOption("inPlace", "it turns on a bush printed in place")),
            Specs.Choice("holes", "Screwed on by", "2", "From inside, through the mouth.", new ParameterOption("1", "one screw"),
                new ParameterOption("2", "two screws")).If("near", "open").If("turns", "fixed"),
            Specs.Length("spacing", "Holes apart", 24, 8, 200, "Across the hose.").If("near", "open").If("turns", "fixed").If("holes", "2"),
            Specs.Choice("screw", "Screw", "M4", "Cap screws.", Hardware.Threads),
            .. Load.HangingSpecs, .. HoseReach.Specs, Way.Spec, .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["height", "count"],
        Takes = [new("near", "Holes taken from", GivenKind.Holes, "what is given here")],
        Words = [TryWord.Works, new TryWord("tooTight", "takes too much force").Helped(("wall", 0.85, "Make the wall {0}"),
            ("mouth", 1.1, "Make the mouth {0}")),
            new TryWord("fallsOut", "lets the hose fall out").Helped(("mouth", 0.9, "Make the mouth {0}"), ("wall", 1.2, "Make the wall {0}")),
            new TryWord("cracks", "cracked at its back").Helped(("mouth", 1.1, "Make the mouth {0}"), ("wall", 0.85, "Make the wall {0}")),
            new("kinks", "kinks the hose")],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "A hose that comes down onto a running machine is drawn in: try it with the plug pulled, and tug at it.",
        "A hose must reach every corner of the machine's travel without pulling at it; the machine's manual decides where it may be fixed.",
    ];

    private static Design Design(Brief brief)
    {
        var (ledger, p, place) = (new Ledger(), brief.Parameters, brief.Interfaces["hose"]);
        if (PartBodies.Unread(brief, ("hose", [CarrierReckoning.Dimension(place)]), (Load.Slot.Key, ["mass"])) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        var r = CarrierReckoning.Of(brief, ledger);
        List<Check> checks = [.. Checks(r, p), .. r.Swivel?.Checks(r.Load, r.Way) ?? [], .. r.Reach?.Checks() ?? [], r.Load.Heat(brief.Process),
            ChanceCheck.Of(r.Bore.Chance, [(r.Bore.Realised, place, r.Bore.Of.Dimension)], r.Bore.Contradictions),
            BedCheck.Of(2 * r.Outer, (2 * r.Outer) + r.Pad, r.Height.Value, r.Way, brief.Process)];
        var built = r.Mouth.Value < r.Bore.Drawn.Value;
        return new()
        {
            Ledger = ledger,
            Pieces = !built ? [] : r.Swivel is { InPlace: not null } within
                ? [new(Piece.Main, "cradle", [new(Piece.Main, "cradle", () => CarrierShape.Part(r, brief.Mark)), within.Within(r)], Ways, r.Way)]
                : [new(Piece.Main, "cradle", () => CarrierShape.Part(r, brief.Mark), Ways, r.Way.Key),
                    .. r.Swivel is { } swivel ? new[] { swivel.Bush(r) } : []],
            Motions = built && r.Swivel is not null ? [Swivel.Turning(r)] : [],
            Proofs = built ? [CarrierShape.Slice(r)] : [],
            Machine = [CarrierShape.Hose(r)],
            Seats = [r.Bore.Seat()],
            Chance = r.Bore.Chance,
            Checks = checks,
            Drawing = built ? Draw(r, place) : null,
            Hardware =
            [
                $"{r.Holes.Count} screw{(r.Holes.Count == 1 ? "" : "s")} {Hardware.Name(r.Size)} cap head, longer than "
                    + $"{Figures.Mm(r.Swivel?.Long.Value ?? (r.Screw.Depth - r.Screw.Recess))} by their thread in what it is fixed to",
                .. r.Swivel is null ? Array.Empty<string>() : [$"{(r.Swivel.InPlace is null
                    ? "1 plain washer" : "2 plain washers")} {Hardware.Name(r.Size)}", "threadlocker"],
            ],
            Fitting = [r.Swivel is null ? "Screw it on from inside, through its mouth, snug by hand."
                : r.Swivel.InPlace is null
                    ? "Push the bush into its back, lay the washer in, and draw the screw tight on the bush: the cradle must still turn by a finger."
                    : "Break the bush free with a twist, lay a washer on each end of it, and draw the screw tight: the cradle must still turn by a finger.",
                "Push the hose in, and tug at it: it must come out by hand, and not by itself.",
                "Run the machine's travel to every corner by hand and look where the hose pulls or drags."],
            Gauges = built ? [.. CarrierShape.Gauges(r)] : [],
            Cautions = Cautions,
        };
    }

    private static IEnumerable<Check> Checks(CarrierReckoning r, ParameterValues p)
    {
        const string Source = "Castigliano on a thin curved beam (Roark; from memory), Winkler's inner fibre; statics of the lips. "
            + "The hose itself is taken as hard.";
        var (hose, mouth) = (r.Bore.Counterpart.Value, r.Mouth.Value);
        if (r.Swivel is not null && r.Given is not 1)
        {
            yield return new("turns.one", "one hole to turn about", Verdict.Stop,
                "It turns about one screw, and what it is taken from has more holes: screw it fast, "
                + "or give the hole here.", $"{r.Given} holes", "1 hole", "Plane geometry.",
                [new Remedy.Change("Screw it fast", new Dictionary<string, string> { ["turns"] = "fixed" })]);
        }

        yield return ReadingChecks.Of("hose.readings", "hose measured", r.Bore.Place, r.Bore.Of.Dimension);
        yield return Judge.AtMost("mouth.narrow", "mouth", mouth, 0.95 * (hose - r.Give), "Its lips keep the hose.",
            "A mouth as wide as the hose keeps nothing.", Verdict.Stop, "Plane geometry.",
            new Remedy.Change("Let Emboq choose the mouth", new Dictionary<string, string> { ["mouth"] = "" }));
        double Borne() => r.Material!.Strain(Flexing.Times(p)).Value * (r.Upright ? 1 : r.Material.Across.Value / r.Material.Along.Value);
        double Uses(double wall, double opening)
        {
            var ring = OpenRing.Around(r.Bore.Drawn.Value, wall, Math.Min(opening, r.Bore.Drawn.Value));
            return Math.Max(ring.Strain(Math.Max(0, hose - opening)) / Borne(),
                ring.Push(hose, opening, r.Material!.Stiffness.Value, r.Height.Value, Friction) / Hand);
        }

        if (r.Material is not { } material)
        {
            yield return new("opens", "takes the hose", Verdict.Watch, "Not judged: what the filament bears is not entered.", Figures.Mm(r.Wall.Value),
                "not known", Source, []);
        }
        else
        {
            var (strain, push) = (r.Ring.Strain(Math.Max(0, hose - mouth)), r.Ring.Push(hose, mouth, material.Stiffness.Value, r.Height.Value, Friction));
            yield return Strength.Used("opens", "takes the hose", Uses(r.Wall.Value, mouth) * 100, 100, "%",
                $"It goes in under {push:0} N, and strains the cradle by {Figures.Plain(strain * 100)} %.",
                strain > Borne() ? "The cradle cracks at its back when the hose goes in." : "It takes more than a hand to push the hose in.",
                    Source, () => Strength.Best(
                    new StrengthChoice("wall", "wall", r.Wall.Value, 1.2, w => Uses(w, mouth)),
                        new StrengthChoice("mouth", "mouth", mouth, 0.95 * (hose - r.Give), m => Uses(r.Wall.Value, m))));
            var needed = r.Load.Weight.Value * (p.Choice("faces") switch { "down" => 1, "side" => 0.5, _ => 0 });
            if (needed > 0)
            {
                var keeps = r.Ring.Push(hose - r.Give, mouth, material.Stiffness.Value, r.Height.Value, Friction);
                yield return Strength.Used("keeps", "keeps the hose", needed, keeps / 2, "N",
                    "Its lips carry the hose, with as much in hand again.",
                    "The hose falls out by its own weight: turn the mouth up, make it narrower, or the wall thicker.", Source,
                    () => [new Remedy.Change("Turn the mouth up", new Dictionary<string, string> { ["faces"] = "up" })]);
            }
        }

        var aside = r.Holes.Max(h => Math.Abs(h.X));
        yield return Judge.AtMost("heads", "heads within the cradle", aside + r.Recess, r.Inner * 0.95, "Heads lie below the hose.",
            "Heads come too far up the side: holes nearer together, or thinner screws.",
            Verdict.Stop, "Plane geometry.", new Remedy.Change("Take one screw", new Dictionary<string, string> { ["holes"] = "1" }));
        yield return Judge.AtMost("driver", "key through the mouth", aside + (r.Recess / 2), mouth / 2, "A key reaches the screws through the mouth.",
            "The lips stand in the way of a key: a wider mouth, or holes nearer together.",
            Verdict.Stop, "Plane geometry.", new Remedy.Change("Take one screw", new Dictionary<string, string> { ["holes"] = "1" }));
        yield return r.Screw.WallCheck("screw.wall", "screw, to the ends", (r.Height.Value / 2) - r.Holes.Max(h => Math.Abs(h.Y)),
            Height.To(Math.Ceiling(2 * (r.Screw.Reach + r.Holes.Max(h => Math.Abs(h.Y)))), "Make it {0} wide"));
        if (r.Holes.Count > 1)
        {
            yield return r.Screw.WallCheck("screw.apart", "screw, towards the next", HolePattern.Nearest(r.Holes) / 2,
                new Remedy.Change("Take one screw", new Dictionary<string, string> { ["holes"] = "1" }));
        }

        yield return r.Screw.SeatCheck("screw.seat", "screw", UnderHead - 0.3);
        foreach (var check in r.Screw.Checks)
        {
            yield return check;
        }
    }

    private static SeatDrawing Draw(CarrierReckoning r, Interface place)
    {
        const int Steps = 80;
        var (mouth, dimension, low) = (r.Mouth.Value / 2, r.Bore.Of.Dimension, -r.Outer - r.Pad);
        IEnumerable<Point2> Arc(double radius, double from, double to) => Enumerable.Range(0, Steps + 1).Select(i => from + ((to - from) * i / Steps))
            .Select(a => new Point2(radius * Math.Cos(a), radius * Math.Sin(a)));
        var (lip, bore) = (Math.Acos(Math.Min(1, mouth / r.Outer)), Math.Acos(Math.Min(1, mouth / r.Inner)));
        var sheet = new Sheet().Box(Matter.Part, -r.HalfBack, low, r.HalfBack, CarrierShape.BackTop(r))
            .Face(Matter.Part, [.. Arc(r.Outer, lip, -Math.PI - lip), .. Arc(r.Inner, Math.PI - bore, (2 * Math.PI) + bore)])
            .Round(Matter.Machine, 0, 0, r.Bore.Counterpart.Value);
        foreach (var at in r.Holes)
        {
            sheet.Axis(at.X, low - 4, at.X, -r.Inner + 4);
        }

        sheet.Point("mouth", 0, r.Outer * Math.Sin(lip), sets: "mouth").Point("wall", r.Outer - 0.5, 0, CalloutSide.Right, "wall")
            .Along($"hose.{dimension}.measured", -r.Bore.Counterpart.Value / 2, r.Bore.Counterpart.Value / 2, low, 1, reads: new(place.Id, dimension))
            .Point($"hose.{dimension}.clearance", -r.Inner, 0, CalloutSide.Left, "clearance");
        sheet.View((2 * r.Outer) + 40, low).Box(Matter.Part, -r.HalfBack, 0, r.HalfBack, r.Height.Value);
        foreach (var at in r.Holes)
        {
            sheet.Round(Matter.Opening, at.X, (r.Height.Value / 2) + at.Y, 2 * r.Recess).Cross(at.X, (r.Height.Value / 2) + at.Y, r.Screw.Bore);
        }

        sheet.Up("height", r.HalfBack, 0, r.Height.Value, 1, CalloutSide.Right, "height");
        return (r.Reach is { } reach ? sheet.Reach(reach, (2 * r.Outer) + 60 + r.HalfBack, 5 * r.Outer) : sheet).Done;
    }
}
