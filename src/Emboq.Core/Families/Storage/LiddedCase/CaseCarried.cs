using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Storage.LiddedCase;

/// <summary>A case that is carried by its handle: it hangs with its front up, and what lies in it presses on the backs of body and lid. Stresses are at their
/// worst, as it is snatched up.</summary>
/// <param name="Bar">Stress in the handle's bar, MPa.</param>
/// <param name="Pins">Shear in the handle's pins, as a pull, MPa.</param>
/// <param name="Eyes">Stress beside the pins in lugs and legs, MPa.</param>
/// <param name="Front">Stress in the front wall beside a lug, MPa.</param>
/// <param name="Hinge">Stress beside the pins of the hinge, MPa.</param>
/// <param name="HingePins">Shear in those pins, as a pull, MPa.</param>
internal sealed record CaseCarried(Quantity Bar, Quantity Pins, Quantity Eyes, Quantity Front, Quantity Hinge, Quantity HingePins)
{
    /// <summary>Shear that a bar bears, of what it bears pulled: 1 / √3 (von Mises).</summary>
    private static readonly Quantity Sheared = Quantity.RuleOfThumb("shear borne, of a pull", 1 / Math.Sqrt(3), Unit.None, "von Mises.");

    /// <summary>What all of it weighs as it is snatched up; <c>null</c> where nobody weighed what lies in it, or nothing has to bear it.</summary>
    public static Quantity? Weight(CaseReckoning r, Brief brief, Ledger ledger)
    {
        var weighed = brief.Interfaces.GetValueOrDefault("content") is { } content && Evaluation.Of(content, "mass") is { } read ? read.Quantity
            : brief.Parameters.Number("carries") is { } said ? Quantity.Chosen("what lies in it weighs", 1000 * said, Unit.Grams) : null;
        if ((r.Handle is null && r.Screws is null) || weighed is null)
        {
            return null;
        }

        ledger.Add("carries", "what lies in it weighs", weighed, "As weighed, or as said.");
        var shell = Shell(r, brief.Process);
        var own = ledger.Add("own", "case, about", Quantity.RuleOfThumb("case, about", shell, Unit.Grams, "Its walls, floors and top, all plastic."),
            "Walls, floor and top as if they were solid.");
        var still = Quantity.Input("weight of a gram", 0.00980665, new(Gram: -1, Newton: 1), new Provenance.Standard("ISO 80000-4", "standard gravity"))
            * (weighed + own);
        return ledger.Add("carry.weight", "force as it is lifted", Quantity.RuleOfThumb("snatched up", 3, Unit.None,
            "What is snatched up, or swings, pulls up to three times as hard; common practice, no published source.") * still, "Of all of it.");
    }

    /// <summary>Works it out; <c>null</c> where there is no handle, or its weight is not known.</summary>
    public static CaseCarried? Of(CaseReckoning r, Quantity? weight, Ledger ledger)
    {
        if (r.Handle is not { } handle || weight is null)
        {
            return null;
        }

        Quantity Mm(string name, double value) => Quantity.Chosen(name, value, Unit.Millimetre, "this family");
        var half = weight / Quantity.Chosen("sides of the handle", 2, Unit.None, "this family");
        var (thick, high) = (Mm("bar, thick", 2 * (r.Radius - 0.1)), Mm("bar, high", handle.Bar));
        var span = Mm("from leg to leg", handle.Wide + (2 * (r.Knuckle.Value + CaseReckoning.Beside)));
        var bar = ledger.Add("carry.bar", "stress in the handle's bar", Quantity.Chosen("six fourths", 1.5, Unit.None, "a beam") * weight * span / (thick
            * Quantity.Square(high)), "M = F L / 4, W = b h² / 6: a beam on two pins, pulled in its middle (Roark, from memory).");
        var pin = r.Turns.Counterpart;
        var area = Quantity.Chosen("π / 4", Math.PI / 4, Unit.None, "a round") * Quantity.Square(pin);
        var pins = ledger.Add("carry.pins", "shear in the handle's pins, as a pull", half / (area * Sheared),
            "Half of the force on each side, over one section of its pin.");
        var ring = Quantity.Chosen("sides of an eye", 2, Unit.None, "this family") * Mm("around the pin", r.Radius - (r.Bore / 2)) * r.Knuckle;
        var eyes = ledger.Add("carry.eyes", "stress beside the handle's pins", half / ring, "Half of the force over what is left beside the pin.");
        var lug = Math.Sqrt(r.Knuckle.Value * (r.Lug + r.Radius) / Math.PI);
        var plate = Math.Max(lug + 1, Math.Min(r.BodyHigh.Value, r.Width.Value / 2) / 2);
        var front = ledger.Add("carry.front", "stress in the front wall", Quantity.RuleOfThumb("3 (1 + ν) ln(a / r) / 2π, or 3 / 2π", 1.5 / Math.PI
            * Math.Max(1, 1.35 * Math.Log(plate / lug)), Unit.None,
                $"A round plate held at its edge, {Figures.Mm(Math.Round(plate, 1))} in radius, pulled over "
                + $"{Figures.Mm(Math.Round(lug, 1))} in its middle (Roark, from memory).") * half / Quantity.Square(r.Wall),
            "Where a lug pulls at it: the wall bends.");
        var share = r.LidHigh.Value / (r.LidHigh.Value + r.BodyHigh.Value);
        var onHinge = weight * Quantity.Chosen("share of the lid", share, Unit.None, "how high it is") / Quantity.Chosen("hinges", r.At.Count, Unit.None,
            "this family");
        var hinge = ledger.Add("carry.hinge", "stress beside a pin of the hinge", onHinge / ring, "The lid's share hangs on the knuckle between two others.");
        var hingePins = ledger.Add("carry.hingePins", "shear in a pin of the hinge, as a pull", onHinge / (Quantity.Chosen("sections", 2, Unit.None,
            "this family") * area * Sheared), "The lid's share over both sections of its pin.");
        return new(bar, pins, eyes, front, hinge, hingePins);
    }

    /// <summary>Walls, floor and top, g.</summary>
    private static double Shell(CaseReckoning r, Process process) => process.Density / 1000 * ((2 * r.Wide * r.Deep * r.Floor.Value) + (2 * (r.Wide + r.Deep)
        * r.Wall.Value * (r.BodyHigh.Value + r.LidHigh.Value)));

    /// <summary>Offers to weigh what lies in it, where that is a place.</summary>
    public static IEnumerable<Remedy> Weigh(Brief brief) => brief.Interfaces.GetValueOrDefault("content") is { } content
        ? [new Remedy.Measure($"Weigh {content.Name}", content.Id, "mass")] : [];

    /// <summary>What is judged of it.</summary>
    /// <param name="r">The case.</param>
    /// <param name="carried">How it is carried; <c>null</c> where nobody weighed what lies in it.</param>
    /// <param name="brief">What was asked.</param>
    /// <param name="none">Leaves the handle away.</param>
    public static IEnumerable<Check> Checks(CaseReckoning r, CaseCarried? carried, Brief brief, Remedy none)
    {
        if (r.Handle is null)
        {
            yield break;
        }

        if (carried is not { } c)
        {
            yield return new("carry", "handle and hinge, carried", Verdict.Watch, "Not judged: weigh what lies in it, or say what it weighs.", "not weighed",
                "what lies in it on the scale", "A load is measured, never assumed.", [.. Weigh(brief), none]);
            yield break;
        }

        // On its back, layers cross what its lugs are pulled by.
        var along = r.Material?.Along.Value / PrintedMaterial.Safety;
        var lugs = r.Way.Key == "back" ? r.Material?.Across.Value / PrintedMaterial.Safety : along;
        const string Beam = "Beam on two pins, pulled in its middle (Roark, from memory); a third of what breaks a sample.",
            Eye = "Force over what is left beside a pin; a third of what breaks a sample.",
            Shear = "Shear over the sections of a pin, as a pull (von Mises); a third of what breaks a sample of the part's filament.";
        var (wide, legs, high) = (r.Handle.Value.Wide, 2 * (r.Knuckle.Value + CaseReckoning.Beside), r.Handle.Value.Bar);
        yield return Strength.Used("carry.bar", "handle's bar, carried", c.Bar.Value, along, "MPa", "It bears being snatched up.",
            "It bends and breaks as it is snatched up: carry it with a hand under it.", Beam, () => [.. Strength.Best(
                new(LiddedCaseFamily.Bar.Spec.Key, "bar", high, Math.Min(LiddedCaseFamily.Bar.Spec.Maximum, r.Handle.Value.Long - r.Radius), to =>
                    c.Bar.Value * high * high / (to * to) / along!.Value),
                new(LiddedCaseFamily.HandleWide.Key, "handle, from lug to lug,", wide, 60, to => c.Bar.Value * (to + legs) / (wide + legs)
                    / along!.Value)), none]);
        yield return Strength.Used("carry.pins", "handle's pins, carried", c.Pins.Value, along, "MPa", "They bear it, even of filament.",
            "Pins of filament are sheared off: a thicker rod, or no handle.", Shear, () => [none]);
        IEnumerable<Remedy> Wider(Quantity stress) => [.. Strength.Best(new StrengthChoice(LiddedCaseFamily.Knuckle.Spec.Key, "knuckles", r.Knuckle.Value,
            LiddedCaseFamily.Knuckle.Spec.Maximum, wide => stress.Value * r.Knuckle.Value / wide / lugs!.Value)), none];
        yield return Strength.Used("carry.eyes", "lugs and legs beside the pins", c.Eyes.Value, lugs, "MPa", "They bear it.",
            "They tear out: wider knuckles.", Eye, () => Wider(c.Eyes));
        yield return Strength.Used("carry.front", "front wall beside a lug", c.Front.Value, lugs, "MPa", "It bears the pull of the lugs.",
            "It bends, and cracks beside a lug: thicker walls.", "Round plate held at its edge (Roark, from memory); a third of what breaks a sample.",
            () => [.. Strength.Best(new StrengthChoice(LiddedCaseFamily.Wall.Spec.Key, "walls", r.Wall.Value, LiddedCaseFamily.Wall.Spec.Maximum, thick =>
                c.Front.Value * r.Wall.Value * r.Wall.Value / (thick * thick) / lugs!.Value)), none]);
        yield return Strength.Used("carry.hinge", "hinge beside its pins, carried", c.Hinge.Value, lugs, "MPa",
            "It bears what the lid's part of the case holds.",
            "Its knuckles tear: wider ones.", Eye, () => Wider(c.Hinge));
        yield return Strength.Used("carry.hingePins", "hinge's pins, carried", c.HingePins.Value, along, "MPa", "They bear it, even of filament.",
            "Pins of filament are sheared off: a thicker rod, or no handle.", Shear, () => [none]);
    }
}
