namespace Emboq.Core.Families.Turning.Spindle;

/// <summary>What is screwed on a machine's spindle: a printed thread, and a register that centres it on the plain neck. Its own frame: the axis is z, the
/// face that comes to rest on the spindle's shoulder is z = 0, and the material lies below.</summary>
internal sealed record SpindleSocket
{
    /// <summary>Of a test nut around its thread at most, and from one to the next, mm.</summary>
    private const double MostWall = 3.5, BetweenNuts = 2;

    /// <summary>Kept free beyond the spindle's end, mm; how far the groove between register and thread reaches past the register.</summary>
    private const double PastEnd = 1, Groove = 0.3;

    public required Fitted Thread { get; init; }

    public required Quantity Pitch { get; init; }

    /// <summary>Across the crests, as drawn.</summary>
    public required Quantity Minor { get; init; }

    /// <summary>Share of the flanks that touch.</summary>
    public required Quantity Overlap { get; init; }

    /// <summary>On the plain neck; <c>null</c> where there is none.</summary>
    public required Fitted? Register { get; init; }

    /// <summary>From the shoulder to the spindle's end.</summary>
    public required Quantity Long { get; init; }

    /// <summary>From the shoulder to where the thread begins; nothing without a neck.</summary>
    public required Quantity Neck { get; init; }

    public required JointScope Scope { get; init; }

    public required IReadOnlyList<double> Ladder { get; init; }

    /// <summary>The slot of the spindle.</summary>
    public static InterfaceSlot Slot { get; } = new("spindle", "spindle", ["spindle"]);

    /// <summary>What is asked of it.</summary>
    public static IReadOnlyList<ParameterSpec> Specs { get; } =
    [
        Kit.Specs.Length("clearance", "Clearance of the thread", null, 0, 2, "On its diameter. Left open, the fit decides.", 0.02),
        Kit.Specs.Choice("register", "On the spindle's neck", "snug", "It centres what is screwed on: the closer, the truer it runs.",
            [.. FitClasses.All.Where(f => f.Key is "snug" or "slide").Select(f => new ParameterOption(f.Key, f.Name))]),
    ];

    /// <summary>What must have been read of the spindle.</summary>
    public static readonly string[] Needs = ["outside", "pitch", "length"];

    public double Depth => Long.Value + PastEnd;

    /// <summary>Radius of all that is cut away, mm.</summary>
    public double Radius => Math.Max(PrintedThread.Rim(Thread.Drawn.Value) + ScrewHole.Over, Register is { } r ? (r.Drawn.Value / 2) + Groove : 0);

    /// <summary>Where the chamfer of the thread begins, below the shoulder, mm.</summary>
    public double Mouth => Register is null ? 0 : Neck.Value + (Radius - (Register.Drawn.Value / 2)) + (Radius - PrintedThread.Rim(Thread.Drawn.Value));

    /// <summary>Thread that holds, along the spindle, mm.</summary>
    public double Engaged => Math.Max(0, Long.Value - Mouth - (PrintedThread.Rim(Thread.Drawn.Value) - (Minor.Value / 2)));

    /// <summary>Whether there is something to build.</summary>
    /// <param name="hub">Radius of what is around it, mm.</param>
    public bool Built(double hub) => Minor.Value > 3 && Depth - Mouth > Pitch.Value && hub > Radius + 0.5;

    /// <summary>Reckons it.</summary>
    public static SpindleSocket Of(Brief brief, Ledger ledger)
    {
        var (p, place) = (brief.Parameters, brief.Interfaces[Slot.Key]);
        var scope = PartBodies.Scope(brief, ledger, "thread", "thread");
        var thread = Fitted.Reckon(new("spindle", "outside", Surface.HoleUpright, FitClasses.Thread, p.Number("clearance"),
            "thread over its roots")
        { Words = SeatWords.Thread },
            place, brief.Fits, brief.Tries, ledger);
        var pitch = scope.Add("pitch", "pitch", Evaluation.Of(place, "pitch")!.Quantity, "As read.");
        var neck = place.Kind.Key == "spindle" && Evaluation.Of(place, "neck") is not null
            ? Fitted.Reckon(new("spindle", "neck", Surface.HoleUpright, FitClasses.Of(p.Choice("register")), null, "register") { Words = SeatWords.Boss },
                place, brief.Fits, [], ledger)
            : null;
        return new()
        {
            Thread = thread,
            Pitch = pitch,
            Minor = scope.Add("minor", "across its crests", PrintedThread.Minor(thread.Drawn, pitch), "As far in as the basic profile is deep (ISO 68-1)."),
            Overlap = scope.Add("overlap", "share of the flanks that touch", PrintedThread.Overlap(thread.Realised, pitch),
                "What the clearance to expect leaves of it (FED-STD-H28, from memory)."),
            Register = neck,
            Long = ledger.Add("spindle.length", "spindle from its shoulder", Evaluation.Of(place, "length")!.Quantity, "As read."),
            Neck = neck is null ? Quantity.Chosen("no neck", 0, Unit.Millimetre) : ledger.Add("neckLong", "length of the neck",
                Evaluation.Of(place, "neckLong")?.Quantity ?? Quantity.RuleOfThumb("length of a neck", 3, Unit.Millimetre,
                    "Nobody read it: necks are some 3 mm long; common practice, no published source."), "What the register goes over."),
            Scope = scope,
            Ladder = LadderRungs.Of(thread, ("test nut", thread.Drawn.Value + (2 * MostWall) + BetweenNuts), brief.Process, ledger),
        };
    }

    /// <summary>What is cut away: register, groove, chamfer and thread.</summary>
    public Solid Cut()
    {
        var major = Thread.Drawn.Value;
        if (Register is not { } register)
        {
            return PrintedThread.Cut(major, Pitch.Value, Depth);
        }

        var (neck, wide, rise) = (register.Drawn.Value / 2, Radius, Radius - PrintedThread.Rim(major));
        return PrintedThread.Cut(major, Pitch.Value, Depth - Mouth, new Point2(wide, rise), new(neck, rise + (wide - neck)), new(neck, Mouth + ScrewHole.Over))
            .At(0, 0, -Mouth);
    }

    /// <summary>What of the printed thread shears, mm²: at the spindle's major diameter, 7/8 of the pitch, less what the clearance takes (ISO 68-1;
    /// FED-STD-H28, from memory).</summary>
    public double Sheared => Math.PI * Thread.Counterpart.Value * Engaged * 7 / 8 * Math.Max(0, Overlap.Value);

    public const string ShearSource = "Shear at the spindle's major diameter, 7/8 of the pitch, less what the clearance takes (ISO 68-1; FED-STD-H28, from "
        + "memory); a sixth of the strength.";

    /// <summary>What is judged of it.</summary>
    public IEnumerable<Check> Checks()
    {
        yield return ReadingChecks.Of("spindle.readings", "spindle's thread measured", Thread.Place, "outside");
        yield return ReadingChecks.Of("pitch.readings", "pitch measured", Thread.Place, "pitch");
        foreach (var check in PrintedThread.Checks(Scope, Pitch.Value, Overlap.Value))
        {
            yield return check;
        }

        yield return Judge.AtLeast("thread.engages", "thread that holds", Engaged, Math.Max(0.5 * Thread.Counterpart.Value, 4 * Pitch.Value),
            "Long enough to stand straight on the spindle.", "So short a thread does not stand straight on the spindle.", Verdict.Stop,
            "Half of its diameter, and four turns; common practice, no published source.");
        if (Register is not { } register)
        {
            yield return new("register", "centred on the spindle", Verdict.Watch,
                "Nothing but the thread centres it: it runs as true as its flanks are. Read the spindle's neck, where it has one.", "no register",
                "a register on the neck", "Common practice, no published source.",
                [new Remedy.Measure($"Measure {Thread.Place["neck"].Name}", Thread.Place.Id, "neck")]);
            yield break;
        }

        yield return Judge.AtLeast("register", "neck over the thread", register.Drawn.Value - Thread.Counterpart.Value, 0,
            "The register passes the thread, and centres on the neck.", "The neck reads thinner than the thread: no register can pass it. Read both again.",
            Verdict.Stop, "Plane geometry.", new Remedy.Measure($"Measure {Thread.Place["neck"].Name}", Thread.Place.Id, "neck"));
        var play = register.Realised.Value + (2 * register.Realised.StandardUncertainty);
        yield return Judge.AtMost("register.play", "greatest play of the register", play, 0.4, "It runs true to some tenths.",
            "It may run out by half of that: try the hub's mouth first.", Verdict.Watch, "Law of sizes, k = 2; common practice, no published source.",
            new Remedy.Prove("Print the hub's mouth first"));
    }

    /// <summary>Whether enough stays around register and chamfer.</summary>
    /// <param name="hub">Its radius, mm.</param>
    /// <param name="wall">Of the thread: what makes it thicker.</param>
    public Check HubCheck(double hub, Decision<Quantity> wall) =>
        HubCheck(hub, radius => wall.To(Math.Ceiling(radius - (Thread.Drawn.Value / 2)), "Make the wall {0}"));

    /// <summary>Likewise.</summary>
    /// <param name="hub">Its radius, mm.</param>
    /// <param name="thicker">What makes it as thick as it must be, by the radius that suffices, mm.</param>
    public Check HubCheck(double hub, Func<double, Remedy> thicker)
    {
        var least = Math.Max(3, 2 * Pitch.Value);
        return Judge.AtLeast("hub.wall", "hub around the register", hub - Radius, least, "Enough stays around it.",
            "Register and chamfer leave too thin a hub: a thicker wall.", Verdict.Stop, "Common practice, no published source.",
            thicker(Radius + least));
    }

    /// <summary>Test nuts of the thread alone, each a little higher than the last.</summary>
    /// <param name="wall">Around them, mm.</param>
    public Proof Nuts(double wall) => new("ladder-spindle", "test nuts", () => Ladder.Select((major, i) =>
    {
        var (radius, high) = ((Ladder[^1] / 2) + Math.Min(wall, MostWall), Math.Max(8, (4 * Pitch.Value) + (PrintedThread.Rim(major) - (Minor.Value / 2))) + i);
        return (new Solid.Cylinder(radius, high) - PrintedThread.Cut(major, Pitch.Value, high + ScrewHole.Over).At(0, 0, high)).At(i * ((2 * radius)
            + BetweenNuts), 0,
            0);
    }).Aggregate((a, b) => a + b),
        $"{Ladder.Count} nuts with threads from {Figures.Mm(Ladder[0])} to {Figures.Mm(Ladder[^1])} over the roots, the lowest has the narrowest: take the one "
            + "that runs on by hand and does not rock. It does not prove what the thread bears.")
    { Seat = "spindle", Rungs = Ladder.Count };

    /// <summary>Spindle and shoulder, in the frame of the socket.</summary>
    public Solid Machine()
    {
        var shoulder = Math.Max(Radius, Thread.Counterpart.Value) + 4;
        Solid spindle = new Solid.Cylinder(Thread.Counterpart.Value / 2, Long.Value + 0.1).At(0, 0, -Long.Value);
        return (Register is null ? spindle : spindle + new Solid.Cylinder(Register.Counterpart.Value / 2, Neck.Value + 0.1).At(0, 0, -Neck.Value))
            + new Solid.Cylinder(shoulder, 14);
    }

    /// <summary>Where its sizes must be found in the triangles.</summary>
    /// <param name="body">Key of the body.</param>
    /// <param name="at">Height in its frame of what lies so deep below the shoulder.</param>
    public IEnumerable<Gauge> Gauges(string body, Func<double, double> at)
    {
        if (Register is { } register && Neck.Value > 1)
        {
            yield return new(body, "register", register.Drawn.Value, new(0, 0.01, at(Neck.Value / 2)), Axis.X);
        }

        var turns = Math.Floor((Engaged / 2 / Pitch.Value) + 1);
        yield return PrintedThread.Gauge(body, "thread, crest to root", Minor.Value, Pitch.Value, new(0, 0, at(Depth - (turns * Pitch.Value))));
    }
}
