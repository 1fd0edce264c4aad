using Emboq.Core.Families.Turning.Spindle;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.PadHolder;

/// <summary>The figures of a pad holder. Its axis is z; the face that bears the pad is z = 0, and it is screwed to the machine by its back.</summary>
internal sealed record PadReckoning
{
    /// <summary>Under a head, mm.</summary>
    public const double UnderHead = 3;

    public required Quantity Across { get; init; }

    /// <summary>Of the disc: solved for the mass, in whole layers.</summary>
    public required Quantity Thick { get; init; }

    /// <summary>Of the boss at its back.</summary>
    public required (Quantity Across, Quantity High) Boss { get; init; }

    /// <summary>On the machine's own boss; <c>null</c> where nothing centres it but its screws.</summary>
    public required Fitted? Centred { get; init; }

    /// <summary>How deep the machine's boss goes in, mm.</summary>
    public required double Deep { get; init; }

    public required PadHeld Held { get; init; }

    /// <summary>Of the screws: nothing for the one in the middle.</summary>
    public required Quantity Circle { get; init; }

    /// <summary>How many screws.</summary>
    public required int Count { get; init; }

    /// <summary>One of the screws; <c>null</c> where a thread holds it.</summary>
    public required Joint? Screw { get; init; }

    /// <summary>On the machine's spindle; <c>null</c> where screws hold it.</summary>
    public required SpindleSocket? Socket { get; init; }

    public required string Size { get; init; }

    /// <summary>Radius of a head's recess, mm.</summary>
    public required double Recess { get; init; }

    /// <summary>Of the print, of its screws, and both together, g.</summary>
    public required (Quantity Print, Quantity Screws, Quantity Whole) Mass { get; init; }

    /// <summary>What it should come to; <c>null</c> where its thickness was decided.</summary>
    public required Quantity? Target { get; init; }

    /// <summary>Height of its middle of mass over the pad's face.</summary>
    public required Quantity Middle { get; init; }

    /// <summary>To the guard at each side, warm and run out.</summary>
    public required Quantity? Gap { get; init; }

    public required double Speed { get; init; }

    /// <summary>g mm: of its mass on its orbit, or of its play on its screws; what ISO 21940-11 allows.</summary>
    public required (Quantity Has, Quantity Allowed) Unbalance { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required WayUp Way { get; init; }

    public double High => Thick.Value + Boss.High.Value;

    public bool Built => Across.Value > Boss.Across.Value && (Socket is null || (Socket.Built(Boss.Across.Value / 2) && Socket.Depth < High - 1))
        && (Screw is null || Boss.Across.Value / 2 > (Circle.Value / 2) + Screw.Bore / 2)
        && (Centred is null || (Centred.Drawn.Value < Boss.Across.Value - 1 && Deep < High - 1));

    public static PadReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, process) = (brief.Parameters, brief.Process);
        var held = PadHolderFamily.Held.Read(p, ledger);
        var (way, size) = (PadHolderFamily.Way.Read(p, ledger), p.Choice("screw"));
        Quantity Given(string key, string name, Unit unit) => Quantity.Chosen(name, p.Number(key)!.Value, unit);
        var (across, boss, high) = (PadHolderFamily.Across.Read(p, ledger), PadHolderFamily.Boss.Read(p, ledger), PadHolderFamily.BossHigh.Read(p, ledger));
        var (circle, count) = (Quantity.Chosen("in the middle", 0, Unit.Millimetre), held == PadHeld.Boss ? 1 : 0);
        if (held == PadHeld.Screws)
        {
            var mount = brief.Interfaces["mount"];
            circle = ledger.Add("mount.circle", "circle of the screws", Evaluation.Of(mount, "circle")!.Quantity, "As read.");
            count = (int)Math.Clamp(Math.Round(Evaluation.Of(mount, "count")!.Quantity.Value), 2, 12);
        }

        var socket = held == PadHeld.Thread ? SpindleSocket.Of(brief, ledger) : null;
        var centred = held != PadHeld.Thread && brief.Interfaces.GetValueOrDefault("centre") is { } centre ? Fitted.Reckon(new("centre", "diameter",
            Surface.HoleUpright,
            FitClasses.Of(p.Choice("centreFit")), null, "recess for the boss")
        { Words = SeatWords.Boss }, centre, brief.Fits, brief.Tries, ledger) : null;
        var deep = centred is null ? 0 : ledger.Add("bossDeep", "boss goes in", Given("bossDeep", "boss goes in", Unit.Millimetre), "From its back.").Value;
        // Thread and head as they will be, for what they leave out of the mass.
        var lie = way.Key == "edge" ? HoleLie.Teardrop : HoleLie.Upright;
        var scratch = new Ledger();
        var tried = count > 0 ? ScrewHole.Counterbored(PartBodies.Scope(brief, scratch, "screw", "screw"), size, 1) : null;
        var recess = tried is null ? 0 : scratch["screw.counterbore"].Value / 2;
        IReadOnlyList<RoundStretch> Stretches(double thick)
        {
            var whole = thick + high.Value;
            double[] ends = [tried?.Recess ?? 0, thick, whole - deep, whole, .. socket is null ? [] : new[] { whole - socket.Depth, whole - socket.Mouth }];
            // Half of what a thread takes away lies within its middle diameter.
            double Middle(double to) => centred is { } c && to > whole - deep ? c.Drawn.Value / 2
                : socket is null || to <= whole - socket.Depth ? 0
                : to > whole - socket.Mouth ? (socket.Register?.Drawn.Value ?? socket.Thread.Drawn.Value) / 2
                : (socket.Thread.Drawn.Value + socket.Minor.Value) / 4;
            return [.. ends.Where(e => e > 0).Distinct().Order().Select(to => new RoundStretch(to, to <= thick ? across.Value / 2 : boss.Value / 2,
                [.. Enumerable.Repeat(tried is null ? 0 : to <= tried.Recess ? recess : tried.Bore / 2, count), Middle(to)]))];
        }

        double Printed(double thick) => LaidMass.Of(Stretches(thick), process).Grams;
        var flow = ledger.Add("flow", "flow factor", p.Number("flow") is { } typed ? Quantity.Chosen("flow factor", typed / 100, Unit.None)
            : RunFactors.Of(process, brief.Runs).Flow, "What the printer lays down over what it should.");
        var screws = count == 0 ? Quantity.Chosen("no screws", 0, Unit.Grams) : ledger.Add("mass.screws", "weight of its screws", Quantity.Chosen("screws",
            count, Unit.None) * Given("screwMass", "weight of a screw", Unit.Grams), "On the scale with it.");
        var solved = p.Choice("solve") == "mass";
        var target = solved ? ledger.Add("mass.target", "weight it should have", brief.Interfaces.GetValueOrDefault("original") is { } scale
            ? Evaluation.Of(scale, "mass")!.Quantity : Given("target", "weight of the original", Unit.Grams), "As the original, its screws with it.") : null;
        var layer = process.LayerHeight;
        var least = Math.Ceiling(Math.Max((tried?.Recess ?? 0) + UnderHead, (socket?.Depth ?? 0) + UnderHead - high.Value) / layer) * layer;
        // In whole layers: the thickness whose print comes nearest.
        var thick = target is null ? Given("thick", "thickness of the disc", Unit.Millimetre)
            : Quantity.Chosen("thickness of the disc", Nearest(t => flow.Value * Printed(t), target.Value - screws.Value, least, layer), Unit.Millimetre,
                "solved for its weight");
        ledger.Add("thick", "thickness of the disc", thick, target is null ? "As decided." : "In whole layers, so that it weighs what it should.");
        var (grams, middle) = LaidMass.Of(Stretches(thick.Value), process);
        var print = ledger.Add("mass.print", "weight of the print", flow * Quantity.Chosen("laid down", grams, Unit.Grams, "walls, closed layers and fill"),
            "By the lines of every layer, and the printer's own flow.");
        var whole = ledger.Add("mass", "weight with its screws", print + screws, "What the scale will say.");
        var speed = p.Number("speed")!.Value;
        var orbit = Given("orbit", "orbit", Unit.Millimetre);
        var play = centred?.Realised ?? socket?.Register?.Realised ?? socket?.Thread.Realised ?? Quantity.RuleOfThumb("play of screws in their holes", 0.4,
            Unit.Millimetre,
            "Nothing but its screws centres it; common practice, no published source.");
        var off = Quantity.Abs(target is null ? 0 * whole : whole - target) * orbit;
        var has = ledger.Add("unbalance", "unbalance", off + (whole * Quantity.Max(play, 0 * play) / 2),
            "Weight that differs, on its orbit, and its own by half of its play.");
        // 9549 G / n in µm, or g mm for each kg.
        var allowed = ledger.Add("unbalance.allowed", "unbalance that is allowed", Quantity.Input("off its axis by G 16", 9549 * 16 / speed / 1000,
            Unit.Millimetre, new Provenance.Standard("ISO 21940-11", "G 16, as for drive shafts")) * Given("moving", "weight of what turns", Unit.Grams),
            "Of all that turns.");
        return new()
        {
            Across = across,
            Thick = thick,
            Boss = (boss, high),
            Centred = centred,
            Deep = deep,
            Held = held,
            Circle = circle,
            Count = count,
            Socket = socket,
            Screw = tried is null ? null : ScrewHole.Counterbored(PartBodies.Scope(brief, ledger, "screw", "screw"), size,
                thick.Value + high.Value - (held == PadHeld.Boss
                ? deep : 0), lie),
            Size = size,
            Recess = recess,
            Mass = (print, screws, whole),
            Target = target,
            Middle = ledger.Add("middle", "middle of mass over the pad's face", Quantity.Chosen("middle of mass", middle, Unit.Millimetre, "its layers"),
                "Of the print."),
            Gap = Guarded(brief, across, ledger),
            Speed = speed,
            Unbalance = (has, allowed),
            Material = PrintedMaterial.Of(process),
            Way = way,
        };
    }

    /// <summary>The multiple of a layer, no less than least, at which a rising figure comes nearest to what is wanted.</summary>
    private static double Nearest(Func<double, double> figure, double wanted, double least, double layer)
    {
        const double Most = 60;
        var (low, high) = ((int)Math.Round(least / layer), (int)Math.Floor(Most / layer));
        while (high - low > 1)
        {
            var middle = (low + high) / 2;
            (low, high) = figure(middle * layer) < wanted ? (middle, high) : (low, middle);
        }

        return (Math.Abs(figure(low * layer) - wanted) <= Math.Abs(figure(high * layer) - wanted) ? low : high) * layer;
    }

    private static Quantity? Guarded(Brief brief, Quantity across, Ledger ledger)
    {
        if (brief.Interfaces.GetValueOrDefault("guard") is not { } guard)
        {
            return null;
        }

        var wide = ledger.Add("guard", "guard, across", Evaluation.Of(guard, "diameter")!.Quantity, "As read.");
        var runs = ledger.Add("runOut", "run-out", Quantity.Chosen("run-out", brief.Parameters.Number("runOut")!.Value, Unit.Millimetre),
            "As a dial shows it, or by eye.");
        var warm = ledger.Add("warm", "wider when warm", Quantity.RuleOfThumb("of its size, 40 degrees warmer", 0.003, Unit.None,
            "Plastic grows by some 75 millionths a degree; common practice, no published source.") * across, "As it gets in use.");
        return ledger.Add("gap", "gap to the guard", ((wide - across - warm) / 2) - runs, "At each side, warm and run out.");
    }
}
