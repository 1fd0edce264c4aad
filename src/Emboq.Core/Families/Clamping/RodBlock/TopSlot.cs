using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.RodBlock;

/// <summary>A slot on top, in which the nut of what the block carries slides fore and aft.</summary>
/// <param name="Joint">Along x in its own frame.</param>
/// <param name="Across">Whether it runs across the rods.</param>
/// <param name="Lip">Over the nut.</param>
/// <param name="Neck">As drawn, mm.</param>
/// <param name="Flats">Of its channel as drawn, mm.</param>
/// <param name="High">Height of its channel, mm.</param>
internal sealed record TopSlot(Joint Joint, bool Across, Quantity Lip, double Neck, double Flats, double High)
{
    /// <summary>Reckons it.</summary>
    /// <param name="brief">What is asked.</param>
    /// <param name="ledger">Takes the lines.</param>
    /// <param name="size">Of the thread.</param>
    /// <param name="length">Along the rods.</param>
    /// <param name="wide">Across them, mm.</param>
    public static TopSlot Of(Brief brief, Ledger ledger, string size, Quantity length, double wide)
    {
        var across = brief.Parameters.Choice("slotRuns") == "across";
        var lip = RodBlockFamily.Lip.Read(brief.Parameters, ledger);
        var joint = NutSlot.Of(PartBodies.Scope(brief, ledger, "insert", "slot"), size, lip.Value, across ? wide : length.Value,
            RodBlockReckoning.Lie(brief) == HoleLie.Upright);
        var channel = joint.Sleeves.Single(s => s.To == -lip.Value);
        return new(joint, across, lip, joint.Bore, ledger["insert.flats"].Value, channel.To - channel.From);
    }

    /// <summary>Greatest bending stress of a lip, MPa: half of a screw's force in the middle of what reaches over the channel, over the nut and as far again
    /// as the lip is thick to either side.</summary>
    /// <param name="force">Of the screw, N.</param>
    /// <param name="lip">Its thickness, mm.</param>
    public double Bends(double force, double lip) => 6 * (force / 2) * ((Flats - Neck) / 4) / ((Flats + (2 * lip)) * lip * lip);

    /// <summary>What a screw on top pulls with when it is drawn as hard as one that holds the block: F = T / (K d).</summary>
    public static double Pull(RodBlockReckoning r) => r.Bolt.Each.Value * Hardware.Diameter(r.Size).Value / Hardware.Diameter(r.InsertSize).Value;

    /// <summary>What is judged of it.</summary>
    public IEnumerable<Check> Checks(RodBlockReckoning r)
    {
        yield return Judge.Of("slot.lies", "lips of the slot", !Across || !r.OnEnd, "They are printed without anything hanging in the air.",
            "On its end the lips across the rods would hang in the air: let the slot run along the rods, or print it lying.", Verdict.Stop,
            r.OnEnd ? "printed on its end" : "printed lying", Across ? "printed lying" : "either way", "Common practice, no published source.",
            new Remedy.Change("Let it run along the rods", new Dictionary<string, string> { ["slotRuns"] = "along" }));
        yield return Strength.Used("slot.bends", "lips over the nut", Bends(Pull(r), Lip.Value), r.Material?.Along.Value / PrintedMaterial.Safety, "MPa",
            "They bear a screw drawn as hard as those that hold the block.", "The nut breaks them out: thicker lips, or draw it less.",
            "Cantilevers, the force half way out, as wide as the nut and twice their thickness.", () => Strength.Best(new StrengthChoice(
                RodBlockFamily.Lip.Spec.Key, "lips over the nut", Lip.Value, 30, l => Bends(Pull(r), l) / (r.Material!.Along.Value / PrintedMaterial.Safety))));
    }
}
