namespace Emboq.Core.Mechanics;

/// <summary>A stretch of a round thing along its axis: its outside, and round holes in it that run along the axis too.</summary>
/// <param name="To">Where it ends, mm; it begins where the last one ends, the first at nothing.</param>
/// <param name="Radius">Of its outside, mm.</param>
/// <param name="Holes">Radius of each hole, mm, in one order for all stretches; nothing where a hole is not.</param>
internal sealed record RoundStretch(double To, double Radius, IReadOnlyList<double> Holes);

/// <summary>What the plastic of a round thing weighs as its lines are laid: walls, closed layers under what faces up or down, and sparse fill
/// between.</summary>
internal static class LaidMass
{
    /// <summary>Mass in g, and the height of its middle over its lower face in mm.</summary>
    /// <param name="stretches">From the bed up.</param>
    /// <param name="process">What it is printed with.</param>
    public static (double Grams, double Middle) Of(IReadOnlyList<RoundStretch> stretches, Process process)
    {
        var (s, layer) = (process.Settings, process.LayerHeight);
        var (walls, count) = (s.Walls * process.LineWidth, (int)Math.Round(stretches[^1].To / layer));
        var layers = Enumerable.Range(0, count).Select(i => stretches.FirstOrDefault(t => (i + 0.5) * layer < t.To) ?? stretches[^1]).ToList();
        var (mass, moment) = (0.0, 0.0);
        for (var i = 0; i < count; i++)
        {
            var (area, inner) = (Area(layers[i], 0), Area(layers[i], walls));
            // Sparse is only what lies under and over as many layers as are closed.
            var near = i - s.Skins < 0 || i + s.Skins >= count ? [] : layers.GetRange(i - s.Skins, (2 * s.Skins) + 1);
            var sparse = near.Count == 0 ? 0 : Shared(layers[i], walls, near);
            var laid = (area - inner + (inner - sparse) + (sparse * s.Fill)) * layer * process.Density / 1000;
            (mass, moment) = (mass + laid, moment + (laid * (i + 0.5) * layer));
        }

        return (mass, mass > 0 ? moment / mass : 0);
    }

    /// <summary>Within its walls, mm².</summary>
    private static double Area(RoundStretch at, double walls) => Math.Max(0, Math.PI * ((Square(Math.Max(0, at.Radius - walls)))
        - at.Holes.Where(r => r > 0).Sum(r => Square(r + walls))));

    private static double Shared(RoundStretch at, double walls, List<RoundStretch> near) => Math.Max(0, Math.PI * (Square(Math.Max(0,
        Math.Min(at.Radius - walls, near.Min(n => n.Radius)))) - at.Holes.Select((r, h) => Math.Max(r > 0 ? r + walls : 0, near.Max(n =>
            n.Holes[h]))).Sum(Square)));

    private static double Square(double value) => value * value;
}
