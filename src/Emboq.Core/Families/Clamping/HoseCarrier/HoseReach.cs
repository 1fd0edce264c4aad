using System.Globalization;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.HoseCarrier;

/// <summary>Whether a hose that hangs from the carrier reaches a machine's port wherever it travels. The port faces up and travels in a box whose left,
/// front, lowest corner is the origin; x is to the right, y to the back, z up; the hose leaves the carrier straight down.</summary>
internal sealed record HoseReach
{
    private const double Down = -Math.PI / 2;

    private const double Longest = 20_000;

    public required Point3 Travel { get; init; }

    public required Point3 Carrier { get; init; }

    public required Quantity Long { get; init; }

    /// <summary>Its tightest bend that leaves it round.</summary>
    public required Quantity Bend { get; init; }

    /// <summary>N/mm.</summary>
    public required Quantity Weight { get; init; }

    /// <summary>How far below the lowest place of the port it may hang, mm.</summary>
    public required double Free { get; init; }

    /// <summary>What the machine gives way to, N.</summary>
    public required double Most { get; init; }

    public static IReadOnlyList<ParameterSpec> Specs { get; } =
    [
        Kit.Specs.Choice("reach", "Where it must reach", "none", "A machine that travels takes the hose along.",
            new ParameterOption("none", "is not looked at"),
            new ParameterOption("judged", "is looked at")),
        .. new[]
        {
            Kit.Specs.Length("hoseLong", "Hose from here to the port", 2400, 100, Longest, "Along the hose, from this carrier to the machine's port.", 50),
            Kit.Specs.Choice("hoseStiff", "The hose is", "medium", "How tight it bends and stays round.", new ParameterOption("soft", "soft, ribbed"),
                new ParameterOption("medium", "of the usual sort"), new ParameterOption("stiff", "stiff, smooth")),
            Kit.Specs.Length("hoseBend", "It bends to", null, 10, 3000, "Radius of its tightest bend. Left open: by its sort and its diameter.", 10),
            Kit.Specs.Number("hoseMass", "It weighs", 320, 1, 10_000, "g/m", "A metre of it, with what it carries."),
            Kit.Specs.Length("travelX", "The port travels to the side", 600, 0, 10_000, "From its left end to its right.", 10),
            Kit.Specs.Length("travelY", "front to back", 400, 0, 10_000, "From its front end to its back.", 10),
            Kit.Specs.Length("travelZ", "up and down", 80, 0, 5000, "From its lowest place up.", 10),
            Kit.Specs.Length("fromLeft", "This carrier hangs from its left end", 300, 0, 10_000, "To the right, from where the port is farthest left.", 10),
            Kit.Specs.Length("fromFront", "from its front end", 500, 0, 10_000, "To the back, from where the port is nearest to the front.", 10),
            Kit.Specs.Length("above", "above its lowest place", 1400, 0, 10_000, "Up, from where the port is lowest.", 10),
            Kit.Specs.Length("hangsBelow", "It may hang below that by", 100, 0, 5000, "Down to the table or the floor: what lies on it is in its way.", 10),
            Kit.Specs.Number("pullMost", "The machine bears a pull of", 15, 0.1, 1000, "N", "A light machine is drawn aside by more."),
        }.Select(s => s.If("reach", "judged")),
    ];

    /// <summary>Reckons it; <c>null</c> where nobody asked.</summary>
    /// <param name="brief">What was asked.</param>
    /// <param name="hose">Outside diameter.</param>
    /// <param name="ledger">Takes the figures.</param>
    public static HoseReach? Of(Brief brief, Quantity hose, Ledger ledger)
    {
        var p = brief.Parameters;
        if (p.Choice("reach") != "judged")
        {
            return null;
        }

        double Asked(string key) => p.Number(key)!.Value;
        var diameters = p.Choice("hoseStiff") switch { "soft" => 1.5, "stiff" => 5, _ => 3 };
        return new()
        {
            Travel = new(Asked("travelX"), Asked("travelY"), Asked("travelZ")),
            Carrier = new(Asked("fromLeft"), Asked("fromFront"), ledger.Add("above", "carrier above the port", Quantity.Chosen("carrier above the port",
                Asked("above"), Unit.Millimetre), "Over its lowest place.").Value),
            Long = ledger.Add("hoseLong", "hose to the port", Quantity.Chosen("hose to the port", Asked("hoseLong"), Unit.Millimetre), "From this carrier on."),
            Bend = ledger.Add("hoseBend", "tightest bend of the hose", p.Number("hoseBend") is { } bend
                ? Quantity.Chosen("tightest bend", bend, Unit.Millimetre)
                : Quantity.RuleOfThumb("diameters of a bend", diameters, Unit.None,
                    "So many diameters of its own stay round; common practice, no published source.") * hose, "Tighter, it flattens and chokes the air."),
            Weight = ledger.Add("hoseWeight", "weight of the hose", Quantity.Input("weight of a gram", 0.00980665, new(Gram: -1, Newton: 1),
                new Provenance.Standard("ISO 80000-4", "standard gravity")) * Quantity.Chosen("mass of a metre", Asked("hoseMass") / 1000,
                    new(Mm: -1, Gram: 1)), "Of each millimetre."),
            Free = Asked("hangsBelow"),
            Most = Asked("pullMost"),
        };
    }

    /// <summary>Every corner of the box, and where the port is nearest to the carrier.</summary>
    public IReadOnlyList<(string Name, Point3 At)> Places =>
    [
        .. from x in Ends(Travel.X, "left", "right")
           from y in Ends(Travel.Y, "front", "back")
           from z in Ends(Travel.Z, "low", "high")
           select (string.Join(" ", new[] { x.Name, y.Name, z.Name }.Where(n => n.Length > 0)) is { Length: > 0 } name ? $"the {name} corner"
               : "its only place",
               new Point3(x.At, y.At, z.At)),
        .. Ends(Travel.Z, "low", "high").Select(z => ($"the {(z.Name.Length > 0 ? $"{z.Name} " : "")}place nearest to the carrier",
            new Point3(Math.Clamp(Carrier.X, 0, Travel.X), Math.Clamp(Carrier.Y, 0, Travel.Y), z.At))),
    ];

    private static (string Name, double At)[] Ends(double travel, string from, string to) => travel > 0 ? [(from, 0), (to, travel)] : [("", 0)];

    /// <summary>The shortest hose that reaches a place without a bend that flattens it, mm.</summary>
    public double Needs(Point3 port) => Dubins.Length(Aside(port), port.Z - Carrier.Z, Down, Down, Bend.Value);

    /// <summary>The hose as it hangs with the port at a place; <c>null</c> where it is too short.</summary>
    public HangingHose? Hanging(Point3 port) => HangingHose.Between(Aside(port), Carrier.Z - port.Z, Long.Value);

    public double Aside(Point3 port) => Math.Sqrt(Math.Pow(port.X - Carrier.X, 2) + Math.Pow(port.Y - Carrier.Y, 2));

    /// <summary>The place that needs the longest hose.</summary>
    public (string Name, Point3 At) Farthest => Places.MaxBy(p => Needs(p.At));

    /// <summary>The place where it hangs lowest; none where it hangs nowhere.</summary>
    public (string Name, Point3 At)? Lowest => Hung.Select(h => ((string, Point3)?)h).MinBy(h => Hangs(h!.Value.Item2));

    /// <summary>How low it hangs, over the port's lowest place, mm.</summary>
    public double Hangs(Point3 port) => Hanging(port)!.Hangs + port.Z;

    private IEnumerable<(string Name, Point3 At)> Hung => Places.Where(p => Hanging(p.At) is not null);

    /// <summary>The height at which the least hose reaches everywhere and hangs nowhere too low, with that hose, mm; <c>null</c> where there is none.</summary>
    public (double Above, double Long)? Best
    {
        get
        {
            const int Steps = 60, Step = 50;
            return Enumerable.Range(0, Steps + 1).Select(i => this with { Carrier = Carrier with { Z = Travel.Z + (i * Step) } })
                .Select(r => r with { Long = Quantity.Chosen("hose", Math.Ceiling((r.Needs(r.Farthest.At) + 1) / 10) * 10, Unit.Millimetre) })
                .Where(r => r.Long.Value <= Longest && r.Lowest is { } low && r.Hangs(low.At) >= -Free).OrderBy(r => r.Long.Value)
                .Select(r => ((double, double)?)(r.Carrier.Z, r.Long.Value)).FirstOrDefault();
        }
    }

    public IEnumerable<Check> Checks()
    {
        const string Source = "Shortest way of bounded bend (Dubins, 1957), both ends pointing down.";
        const string Curve = "Catenary; the hose's own stiffness is left out.";
        string Mm(double mm) => mm.ToString("0", CultureInfo.InvariantCulture);
        var (far, best) = (Farthest, Best);
        var needs = Needs(far.At);
        Remedy[] hang = best is not { } at ? [] : [new Remedy.Change($"Hang it {Mm(at.Above)} mm high, with {Mm(at.Long)} mm of hose",
            new Dictionary<string, string> { ["above"] = Mm(at.Above), ["hoseLong"] = Mm(at.Long) })];
        var enough = Math.Ceiling((needs + 1) / 10) * 10;
        yield return Judge.AtLeast("reach.tight", "hose long enough", Long.Value, needs, $"It reaches everywhere; the farthest is {far.Name}.",
            $"It pulls tight at {far.Name}: a longer hose, or another place for the carrier.", Verdict.Stop, Source,
            [.. enough <= Longest ? [new Remedy.Change($"Take {Mm(enough)} mm of hose", new Dictionary<string, string> { ["hoseLong"] = Mm(enough) })]
                : Array.Empty<Remedy>(), .. hang]);
        if (Lowest is not { } low)
        {
            yield break;
        }

        yield return Judge.AtLeast("reach.drags", "hose clear of what lies below", Hangs(low.At), 0 - Free, $"It drags nowhere; lowest at {low.Name}.",
            $"It drags at {low.Name}: less hose, or a higher carrier.", Verdict.Watch, Curve, hang);
        var pulled = Hung.MaxBy(p => Hanging(p.At)!.Pull(Weight.Value));
        var pull = Hanging(pulled.At)!.Pull(Weight.Value);
        yield return Strength.Used("reach.pull", "pull on the machine", pull, Most, "N", $"The hose pulls most at {pulled.Name}, and the machine bears it.",
            $"The hose pulls the machine aside at {pulled.Name}: carry it nearer, or take a longer or lighter one.", Curve, () => hang);
        var bent = Hung.MinBy(p => Hanging(p.At)!.Bend);
        var bow = Hanging(bent.At)!.Bend;
        var flat = Flattened(bow);
        yield return Judge.AtLeast("reach.bend", "bend where it hangs", bow, Bend.Value,
            $"It hangs in a wide bow; flattened by {Figures.Percent(flat)} at most.",
            flat >= Folds ? $"At {bent.Name} it folds, and shuts off the air: less hose, or the carrier further aside."
                : $"At {bent.Name} it is bent tighter than it stays round, and flattened by {Figures.Percent(flat)}: less hose, or the carrier further aside.",
            Verdict.Watch, $"{Curve} Flattening grows with the square of the bend, and at two ninths a tube folds (Brazier, 1927).",
            hang);
    }

    /// <summary>Share of its diameter by which it is flattened at its tightest bend, to the eye still round, and at which a tube folds.</summary>
    private const double ToTheEye = 0.1, Folds = 2.0 / 9;

    /// <summary>Share of its diameter by which a bend flattens it.</summary>
    private double Flattened(double bend) => Math.Min(1, ToTheEye * Math.Pow(Bend.Value / bend, 2));
}
