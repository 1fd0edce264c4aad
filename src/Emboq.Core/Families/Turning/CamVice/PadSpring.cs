using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Turning.CamVice;

/// <summary>A spring in the pad: a strip behind its face that the cam presses in the middle, so that works which differ are pressed nearly alike. Below the
/// strip the pad's back is open.</summary>
/// <param name="Strip">The strip; its width is the cam's height and a little.</param>
/// <param name="Given">How far the strip gives for the widest and for the narrowest work, mm.</param>
/// <param name="Presses">What they are pressed with, N; nothing is known of it where the filament's stiffness is not, and nothing is built then.</param>
internal sealed record PadSpring(HeldStrip Strip, (double Most, double Least) Given, (Quantity Most, double Least) Presses)
{
    /// <summary>Behind the strip it may give so much more than it should, mm.</summary>
    private const double Spare = 0.4;

    /// <summary>From the pad's back to its face's own back, mm.</summary>
    public double Behind => Strip.Thick + Given.Most + Spare;

    /// <summary>What a pad's face keeps, mm.</summary>
    public double Front(double pad) => pad - Behind;

    public static PadSpring Of(Ledger ledger, ParameterValues p, PrintedMaterial? material, Quantity press, double stroke, double length, double wide)
    {
        var most = stroke - ViceReckoning.Free;
        var (least, stiff) = (most - p.Number("differs")!.Value, material?.Stiffness.Value);
        // The mean of the works is pressed as it is asked; where none is pressed, as much is asked of the widest.
        var middle = least > 0 ? (most + least) / 2 : Math.Max(most, 0.1);
        var thick = ledger.Add("strip", "spring in the pad", p.Number("strip") is { } own ? Quantity.Chosen("spring in the pad", own, Unit.Millimetre)
            : stiff is { } e && length > 0 ? Quantity.Chosen("spring in the pad", Math.Round(HeldStrip.ThickFor(press.Value, middle, length, wide, e), 1),
                Unit.Millimetre, "the pressure wanted")
            : Quantity.Chosen("spring in the pad", 0, Unit.Millimetre, "nothing: the filament's stiffness is not known"),
            "Held at both ends: 16 E b t³ δ / L³ in the middle of what works differ by.");
        var strip = new HeldStrip(length, wide, thick.Value);
        var pressed = stiff is { } known && length > 0
            ? Quantity.Chosen("widest work pressed with", strip.Force(Math.Max(most, 0), known), new(Newton: 1), "the spring") : press;
        return new(strip, (most, least), (ledger.Add("press.most", "widest work is pressed with", pressed, "The further the spring gives, the more."),
            stiff is { } s && length > 0 ? strip.Force(Math.Max(least, 0), s) : press.Value));
    }

    public IEnumerable<Check> Checks(ViceReckoning r, ParameterValues p)
    {
        const string Held = "A beam held at both ends, pressed in its middle (Roark)";
        if (r.Material is null)
        {
            yield return new("spring.known", "what the spring presses", Verdict.Stop,
                "How stiff the filament is, is not entered: a spring of it cannot be reckoned. Enter it with the filament, or let the cam press straight.",
                "not known", "stiffness and strength entered", Held + ".", [new Remedy.Change("Let the cam press straight",
                    new Dictionary<string, string> { ["presses"] = "straight" })]);
        }

        yield return Judge.AtLeast("spring.gives", "how far the spring gives", Given.Least, 0.1, "It presses the narrowest work too.",
            "The narrowest work is not pressed at all: works differ by more than the cam pushes. More throw, or works that differ less.", Verdict.Stop,
            $"e (1 − cos θ) at {ViceReckoning.Closed:0} degrees, less its play and what works differ by.");
        yield return Judge.AtLeast("spring.front", "face before its spring", r.Front, 2.5, "Enough of the face stays.",
            "The spring takes the pad's thickness: a thicker pad.", Verdict.Stop, "Common practice, no published source.",
            Behind + 2.5 <= 30 ? [CamViceFamily.Pad.To(Math.Ceiling((Behind + 2.5) * 2) / 2, "Make the pad {0} thick")] : []);
        yield return Judge.AtLeast("spring.long", "length of the spring", Strip.Long, 16, "It is long enough to bend.",
            "The guides leave too little of the pad for a spring: a wider vice.", Verdict.Stop, "Common practice, no published source.",
            CamViceFamily.Wide.To(Math.Ceiling(r.Wide.Value + 16 - Strip.Long), "Make it {0} wide"));
        if (!r.Built)
        {
            yield break;
        }

        yield return Judge.Of("spring.even", "pressure on what differs", Presses.Least >= Presses.Most.Value / 2,
            "Narrow works are pressed with half as much as wide ones, or more.",
            "Narrow works are pressed far less than wide ones: more throw, or works that differ less.", Verdict.Watch,
            $"{Strength.Said(Presses.Least, "N")} to {Strength.Said(Presses.Most.Value, "N")}", "half or more", Held + ".");
        var borne = r.Material?.Strain(Lifetime.OfADay(p.Number("opened")!.Value)).Value;
        yield return Strength.Used("spring.strain", "spring, as it gives", 100 * Strip.Strain(Given.Most), 100 * borne, "%", "It bends as often as that.",
            "It tires and breaks: press less, a wider vice, or a higher cam.", Held + ", 12 t δ / L².", () => Gentler(r, borne!.Value).Concat(
                Strength.Best(Springs(r, "wide", "vice", r.Wide.Value, 150, borne!.Value, w => Strip with { Long = Strip.Long + w - r.Wide.Value }),
                    Springs(r, "thick", "cam", r.Thick.Value, 30, borne.Value, t => Strip with { Wide = Strip.Wide + t - r.Thick.Value }))));
        var bends = Presses.Most.Value * Strip.Long / 4 / (r.High.Value * Math.Pow(r.Front, 2) / 6);
        yield return Strength.Used("spring.face", "face of the pad before its spring", bends, r.Material?.Along.Value / PrintedMaterial.Safety, "MPa",
            "It carries what the spring presses.", "It breaks before its spring: a thicker pad.", "A beam on both ends, pressed in its middle; a third of the "
                + "strength.", () => Strength.Best(new StrengthChoice("pad", "pad", r.Pad.Value, 30, t => Presses.Most.Value * Strip.Long / 4
                    / (r.High.Value * Math.Pow(Front(t), 2) / 6) / (r.Material!.Along.Value / PrintedMaterial.Safety))));
    }

    /// <summary>Another strip that presses as hard, and what is used of what it bears.</summary>
    private StrengthChoice Springs(ViceReckoning r, string key, string name, double now, double end, double borne, Func<double, HeldStrip> at) => new(key, name,
        now, end, to =>
        {
            var (strip, aside) = (at(to), (Given.Most + Given.Least) / 2);
            var thick = HeldStrip.ThickFor(Strip.Force(aside, r.Material!.Stiffness.Value), aside, strip.Long, strip.Wide, r.Material.Stiffness.Value);
            return (strip with { Thick = thick + 0.05 }).Strain(Given.Most) / borne;
        });

    /// <summary>As much as a strip of this length bears to press.</summary>
    private IEnumerable<Remedy> Gentler(ViceReckoning r, double borne)
    {
        var thick = HeldStrip.ThickBearing(0.97 * borne, Given.Most, Strip.Long) - 0.05;
        var press = thick <= 0 ? 0 : Math.Floor((Strip with { Thick = thick }).Force((Given.Most + Given.Least) / 2, r.Material!.Stiffness.Value));
        return press < 5 ? [] : [new Remedy.Change($"Press with {Figures.Plain(press)} N",
            new Dictionary<string, string> { ["press"] = Figures.Number(press), ["strip"] = "" })];
    }
}
