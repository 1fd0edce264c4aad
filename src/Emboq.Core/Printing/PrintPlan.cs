namespace Emboq.Core.Printing;

/// <summary>Time, material and money of one print.</summary>
public static class PrintPlan
{
    private const double JoulesPerKilowattHour = 3.6e6;

    /// <summary>Layers of several bodies side by side on one bed: each is laid as if it were alone, with one move a layer from each to the next.</summary>
    public static IReadOnlyList<Layer> Together(IReadOnlyList<IReadOnlyList<Layer>> bodies) =>
        [.. Enumerable.Range(0, bodies.Max(b => b.Count)).Select(i => bodies.Where(b => i < b.Count).Select(b => b[i]).Aggregate((a, b) => new Layer(
            a.Area + b.Area, a.WallPath + b.WallPath, a.Loops + b.Loops, a.Skin + b.Skin, a.Fill + b.Fill,
            a.Overhang + b.Overhang, Math.Max(a.Reach, b.Reach), a.Islands + b.Islands, a.Width + b.Width, Math.Max(a.Depth, b.Depth),
                Math.Max(a.Bridge, b.Bridge))
        { Travel = a.Travel + b.Travel + ((b.Width + b.Depth) / 2) }))];

    /// <summary>Reckons a print line by line.</summary>
    /// <param name="layers">Of everything on the bed.</param>
    /// <param name="process">What it is printed with.</param>
    /// <param name="factors">What this process really takes over what the model says.</param>
    public static Ledger Of(IReadOnlyList<Layer> layers, Process process, RunFactors factors)
    {
        var ledger = new Ledger();
        var s = process.Settings;
        var deposited = layers.Sum(l => (l.WallPath * process.LineWidth) + l.Skin + (l.Fill * s.Fill)) * process.LayerHeight;
        var volume = ledger.Add("volume", "plastic laid down", Given("plastic laid down", deposited, new(Mm: 3),
            "walls, closed and sparse fill of every layer"), "By walls and fill of the very solid, not by its volume.");
        var modelledMass = ledger.Add("mass.modelled", "mass by the model", volume * Quantity.Chosen("density", process.Density / 1000, Unit.Density,
            $"the spool of {process.Material}"), "The plastic laid down.");
        var flow = ledger.Add("mass.factor", "flow factor", factors.Flow,
            "Printers lay a little more or less than they should; weighed prints tell by how much.");
        var mass = ledger.Add("mass", "mass", modelledMass * flow, "What the scale will say.");
        var circle = Quantity.Input("π/4", Math.PI / 4, Unit.None, new Provenance.Standard("Plane geometry", "area of a circle by its diameter"));
        var strand = Quantity.Chosen("filament diameter", process.FilamentDiameter, Unit.Millimetre, $"the spool of {process.Material}");
        ledger.Add("filament", "filament", flow * volume / (circle * Quantity.Square(strand)), "The same as a strand.");

        var times = layers.Select((l, i) => LayerTime.Of(l, process, first: i == 0)).ToList();
        var modelled = ledger.Add("time.modelled", "time by the model",
            Time("time.walls", "along walls", times.Sum(t => t.Walls), "Each closed line is one move.")
            + Time("time.fill", "along fill", times.Sum(t => t.Fill), "Each line is one move.")
            + Time("time.moves", "between lines", times.Sum(t => t.Moves), "One move for each closed line.")
            + Time("time.change", "layer changes", times.Sum(t => t.Change), "Going up, and waiting for small layers to cool.")
            + Time("time.start", "start", s.StartUp, "Heating and levelling."), "Everything added up.");
        var known = ledger.Add("time.factor", "time factor", factors.Time, "Real printers differ from any model; finished runs tell by how much.");
        var time = ledger.Add("time", "print time", modelled * known, "The model, corrected by what this setup is known to take.");

        var power = Quantity.Chosen("power", s.Power * 1e9, Unit.Energy / Unit.Seconds, process.Printer);
        var energy = ledger.Add("energy", "energy", time * power, "Power while printing.");
        var filament = ledger.Add("cost.filament", "filament cost", mass * Quantity.Chosen("price of filament", s.FilamentPrice / 1000,
            Unit.None / Unit.Grams, "the workshop"), "By weight.");
        var current = ledger.Add("cost.energy", "energy cost", energy * Quantity.Chosen("price of energy", s.EnergyPrice / (JoulesPerKilowattHour * 1e9),
            Unit.None / Unit.Energy, "the workshop"), "By the meter.");
        ledger.Add("cost", "cost of the print", filament + current, "In the workshop's own money.");
        return ledger;

        Quantity Time(string key, string name, double seconds, string because) =>
            ledger.Add(key, name, Given(name, seconds, Unit.Seconds, "lengths, speeds and accelerations of every layer"), because);
    }

    private static Quantity Given(string name, double value, Unit unit, string clause) =>
        Quantity.Input(name, value, unit, new Provenance.Standard("Layers of the solid", clause));
}
