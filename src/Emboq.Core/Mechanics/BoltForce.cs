namespace Emboq.Core.Mechanics;

/// <summary>What a screw that is tightened by hand presses with, and what it presses on.</summary>
/// <param name="Each">Force of one screw when it was tightened: F = T / (K d), with K of about 0.2 dry (VDI 2230; Shigley; from memory).</param>
/// <param name="Lasting">What is left of it after a day.</param>
internal sealed record BoltForce(Quantity Each, Quantity? Lasting)
{
    private static readonly Unit Torque = new(Mm: 1, Newton: 1);

    /// <summary>Reckons it.</summary>
    /// <param name="size">Of the thread.</param>
    /// <param name="newtonMetres">By hand.</param>
    /// <param name="material">What it presses on, if that is known.</param>
    /// <param name="warm">Whether it stands near a motor or in the sun.</param>
    /// <param name="ledger">Takes the lines.</param>
    public static BoltForce Of(string size, double newtonMetres, PrintedMaterial? material, bool warm, Ledger ledger)
    {
        var torque = ledger.Add("torque", "torque by hand", Quantity.Chosen("torque by hand", newtonMetres * 1000, Torque), "Snug, no more.");
        var factor = Quantity.Input("torque factor K", 0.2, Unit.None, new Provenance.Standard("Shigley, Mechanical Engineering Design",
            "T = K F d, from memory"),
            (new Source("torque factor", "how dry the thread is", 0.04), 1));
        var each = ledger.Add("bolt", "force of one screw", torque / (factor * Hardware.Diameter(size)), "T = K F d: most of the torque is friction.");
        return new(each, material is null ? null : ledger.Add("bolt.lasting", "force of one screw after a day", material.KeptForADay(warm) * each,
            "Plastic under a lasting load gives way: tighten again after a day."));
    }

    /// <summary>What presses on plastic under a head or a nut: the ring between its outside and the hole.</summary>
    /// <param name="key">Of the check.</param>
    /// <param name="what">"head of the screw".</param>
    /// <param name="area">mm².</param>
    /// <param name="material">That bears it; <c>null</c> where it is not known.</param>
    public Check Bearing(string key, string what, double area, PrintedMaterial? material) => Strength.Used(key, $"pressure under the {what}", Each.Value / area,
        material?.Along.Value * 2 / PrintedMaterial.Safety, "MPa", $"The plastic under the {what} bears it.",
        $"The {what} sinks into the plastic: put a washer under it, tighten less, or take a thicker screw.", "Force over area; two thirds of the strength.");
}
