namespace Emboq.Core.Joints;

/// <summary>Where the figures of a joint are entered, and what it is printed with.</summary>
/// <param name="Ledger">Takes the lines.</param>
/// <param name="Fits">What the process does to printed faces.</param>
/// <param name="Key">Begins every key: "screw".</param>
/// <param name="Name">Begins every name: "screw".</param>
internal sealed record JointScope(Ledger Ledger, IFitModel Fits, string Key, string Name)
{
    /// <summary>The very nut, where one was measured: its sizes go before those of its table.</summary>
    public Interface? Nut { get; init; }

    /// <summary>The very screw, likewise.</summary>
    public Interface? Screw { get; init; }

    /// <summary>What a measured nut reads; <c>null</c> where none was measured, or not that.</summary>
    public Quantity? OfNut(string dimension) => Nut is null ? null : Measuring.Evaluation.Of(Nut, dimension)?.Quantity;

    /// <summary>What a measured screw reads; <c>null</c> where none was measured, or not that.</summary>
    public Quantity? OfScrew(string dimension) => Screw is null ? null : Measuring.Evaluation.Of(Screw, dimension)?.Quantity;

    /// <summary>What the part is printed with.</summary>
    public Process Process => Fits.Process;

    /// <summary>Least wall around anything: two lines, and no less than feels like one.</summary>
    public double LeastWall => Math.Max(1.2, 2 * Process.LineWidth);

    public Quantity Add(string key, string name, Quantity quantity, string because) => Ledger.Add($"{Key}.{key}", $"{Name} {name}", quantity, because);

    /// <summary>By the law of sizes: drawn = wanted + allowance.</summary>
    public Quantity Drawn(string key, string name, Quantity wanted, Surface surface)
    {
        var finished = Add($"{key}.wanted", $"{name}, finished", wanted, "The size the finished surface should have.");
        return Add(key, $"{name}, drawn", SizeLaw.Drawn(finished, surface, Fits),
            $"Drawn so that it prints at that size: a {Process.Describe(surface)} on {Process.Name}.");
    }
}
