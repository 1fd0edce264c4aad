namespace Emboq.Core.Measuring;

/// <summary>Usual densities of what tools are made of, g/cm³; woods differ by a fifth.</summary>
internal static class Densities
{
    public static IReadOnlyList<(string Name, double Value)> Usual { get; } = [("steel", 7.85), ("brass", 8.5), ("aluminium", 2.7), ("hardwood", 0.7),
        ("softwood", 0.45), ("plastic", 1.2)];
}
