namespace Emboq.Core.Families.Kit;

/// <summary>A gauge across an outline of any shape: where it is widest on a line near the middle of its box.</summary>
internal static class OutlineGauge
{
    /// <summary>Off the middle, where outlines like to have corners, mm.</summary>
    private const double Off = 0.013;

    /// <summary>Reads what an outline drawn out along z is wide at one height.</summary>
    /// <param name="body">Key of the body.</param>
    /// <param name="what">What is gauged.</param>
    /// <param name="outline">In the frame of the body.</param>
    /// <param name="z">The height, mm.</param>
    /// <param name="along">x or y.</param>
    /// <param name="jaws">Between the faces of a pocket, or over those of a body.</param>
    public static Gauge Of(string body, string what, Profile outline, double z, Axis along, Jaws jaws)
    {
        // Of an outline as thin as a hair, nearer.
        var line = along == Axis.X ? outline.Middle.Y + Math.Min(Off, outline.Along / 4) : outline.Middle.X + Math.Min(Off, outline.Across / 4);
        (double Along, double Across) Turned(Point2 p) => along == Axis.X ? (p.X, p.Y) : (p.Y, p.X);
        var corners = Facets.Of(outline, cut: jaws == Jaws.Between, Facets.DefaultChordError).Points;
        List<double> met = [.. corners.Select(Turned).Zip(corners.Skip(1).Append(corners[0]).Select(Turned), (a, b) => (a, b))
            .Where(s => s.a.Across > line != s.b.Across > line)
            .Select(s => s.a.Along + ((s.b.Along - s.a.Along) * (line - s.a.Across) / (s.b.Across - s.a.Across))).Order()];
        var (from, until) = jaws == Jaws.Over ? (met[0], met[^1]) : met.Chunk(2).Select(m => (m[0], m[1])).MaxBy(m => m.Item2 - m.Item1);
        var middle = (from + until) / 2;
        return new(body, what, until - from, along == Axis.X ? new(middle, line, z) : new(line, middle, z), along, jaws);
    }
}
