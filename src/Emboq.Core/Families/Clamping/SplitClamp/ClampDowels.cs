namespace Emboq.Core.Families.Clamping.SplitClamp;

/// <summary>Two dowels that keep the halves of a clamp in line while their screws are drawn: one in each pair of ears, beside the screws.</summary>
/// <param name="Pin">As read.</param>
/// <param name="Held">In the half with the heads, in its own frame.</param>
/// <param name="Slides">In the half with the nuts.</param>
/// <param name="At">Height along the post, mm.</param>
internal sealed record ClampDowels(Quantity Pin, Joint Held, Joint Slides, double At)
{
    /// <summary>Plastic that stays behind a hole, mm.</summary>
    private const double Behind = 3;

    /// <summary>The slot of what was measured; without it there are none.</summary>
    public static InterfaceSlot Slot { get; } = new InterfaceSlot("dowel", "dowels as measured", ["pin"], SlotNeed.Sometimes).If("style", "halves");

    /// <summary>Reckons them; <c>null</c> where no dowel is named.</summary>
    /// <param name="brief">What is asked.</param>
    /// <param name="ear">Thickness of an ear.</param>
    /// <param name="screws">Heights of the screws, mm.</param>
    /// <param name="height">Of the clamp, mm.</param>
    /// <param name="ledger">Takes the figures.</param>
    public static ClampDowels? Of(Brief brief, Quantity ear, IReadOnlyList<double> screws, double height, Ledger ledger)
    {
        if (brief.Interfaces.GetValueOrDefault(Slot.Key) is not { } place)
        {
            return null;
        }

        var pin = ledger.Add("dowel", "dowel, across", Evaluation.Of(place, "diameter")!.Quantity, "As read.");
        var deep = ledger.Add("dowel.deep", "dowel in each half", Quantity.Chosen("dowel in each half", Math.Min(2.5 * pin.Value, ear.Value - Behind),
            Unit.Millimetre, "this family"), "Two and a half of its diameter, or what the ear has room for.").Value;
        Joint Hole(string key, string name, string fit) => DowelHole.Of(PartBodies.Scope(brief, ledger, key, name), pin, fit, deep, HoleLie.Teardrop);
        return new(pin, Hole("dowelHeld", "dowel, held", "press"), Hole("dowelSlides", "dowel, sliding", "slide"),
            screws.Count > 1 ? (screws[0] + screws[1]) / 2 : 0.75 * height);
    }

    public string Says(ClampReckoning r) =>
        $"2 dowels {Figures.Mm(Pin.Value)}, {Figures.Mm(Math.Floor((2 * Held.Depth) + r.Tight.Value.Value))} long";

    public IEnumerable<Check> Checks(ClampReckoning r)
    {
        var (beside, reach) = (Math.Min(Math.Abs(At - r.At[0]), r.Height.Value - At), Held.Reach + Math.Max(r.Head.Reach, r.Nut.Reach));
        yield return Judge.AtLeast("dowels.apart", "dowels from the screws", beside, reach, "Enough stays between them.",
            "Dowel and screw would open into each other: a higher clamp, or thinner dowels.", Verdict.Stop, "Plane geometry.",
            ClampParameters.Height.To(Math.Ceiling(r.Height.Value * reach / beside), "Make it {0} high"));
        yield return Judge.AtLeast("dowels.deep", "dowel in each half", Held.Depth, 1.5 * Pin.Value, "It stays straight in its hole.",
            "The ears are too thin to hold it straight: thicker ears, or thinner dowels.", Verdict.Watch, "Common practice, no published source.",
            ClampParameters.Ear.To(Math.Ceiling((1.5 * Pin.Value) + Behind), "Make the ears {0}"));
        yield return Judge.AtLeast("dowels.within", "dowels within the ears", Math.Max(r.Head.Reach, r.Nut.Reach), Slides.Reach, "Enough stays around them.",
            "They are thicker than the ears leave room for: thinner dowels.");
    }
}
