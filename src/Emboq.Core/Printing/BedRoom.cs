namespace Emboq.Core.Printing;

/// <summary>Whether something lies on a bed: the one rule for checks, ways up and bedfuls. It may be turned by a quarter, and an edge of the bed stays free
/// all around.</summary>
public static class BedRoom
{
    /// <summary>Whether a box fits.</summary>
    /// <param name="width">Along x, mm.</param>
    /// <param name="depth">Along y, mm.</param>
    /// <param name="height">Up, mm.</param>
    /// <param name="bed">Which bed.</param>
    public static bool Takes(double width, double depth, double height, Bed bed) => Lies(width, depth, bed)
        && height <= bed.Height;

    /// <summary>Whether what has a setup of its own fits its printer.</summary>
    /// <param name="key">Of the piece or proof.</param>
    /// <param name="name">As shown.</param>
    /// <param name="layers">Its layers as it lies.</param>
    /// <param name="process">What it is printed with.</param>
    public static Check Check(string key, string name, IReadOnlyList<Layer> layers, Process process)
    {
        var (x, y, z) = (layers.Max(l => l.Width), layers.Max(l => l.Depth), layers.Count * process.LayerHeight);
        var fits = Takes(x, y, z, process.Bed);
        var (width, depth) = process.Bed.Free();
        return new($"bed.{key}", $"{name} fits its printer", fits ? Verdict.Good : Verdict.Stop, fits ? $"{process.Printer} takes it."
            : $"It does not fit {process.Printer}: give it another setup.", $"{Figures.Mm(x)} × {Figures.Mm(y)} × {Figures.Mm(z)}",
            $"{Figures.Mm(width)} × {Figures.Mm(depth)} × {Figures.Mm(process.BuildHeight)}", "Layers of the solid.", []);
    }

    /// <summary>Whether it takes what lies on another bed, each thing where it lies.</summary>
    public static bool Holds(this Bed bed, IReadOnlyList<Placement> placements) => placements.All(p => Math.Min(p.X, p.Y) >= bed.Margin - 1e-6
        && p.X + p.Width <= bed.Width - bed.Margin + 1e-6
        && p.Y + p.Depth <= bed.Depth - bed.Margin + 1e-6 && p.Piece.Height <= bed.Height);

    /// <summary>Whether a box lies on it, however tall.</summary>
    public static bool Lies(double width, double depth, Bed bed)
    {
        var (w, d) = bed.Free();
        return (width <= w && depth <= d) || (depth <= w && width <= d);
    }
}
