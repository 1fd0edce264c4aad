namespace Emboq.Core.Designs;

/// <summary>Whether the triangles of a picture have the sizes that the ledger promises.</summary>
public static class GaugeCheck
{
    /// <summary>Gauges every body that is at hand.</summary>
    /// <param name="gauges">Where to read.</param>
    /// <param name="meshes">Body key to its triangles.</param>
    /// <returns><c>null</c> when none of them is at hand.</returns>
    public static Check? Of(IReadOnlyList<Gauge> gauges, IReadOnlyDictionary<string, SolidMesh> meshes)
    {
        var read = gauges.Where(g => meshes.ContainsKey(g.Body)).Select(g => (Gauge: g, Found: MeshGauge.Read(meshes[g.Body], g))).ToList();
        if (read.Count == 0)
        {
            return null;
        }

        static double Off((Gauge Gauge, double? Found) r) => r.Found is { } found ? Math.Abs(found - r.Gauge.Size) : double.PositiveInfinity;
        var past = read.MaxBy(r => Off(r) - r.Gauge.Pictured);
        var fits = Off(past) <= MeshGauge.Tolerance + past.Gauge.Pictured;
        // Where all fit, the one that is furthest off.
        var worst = fits ? read.MaxBy(Off) : past;
        var off = worst.Found is null ? (double?)null : Off(worst);
        var most = MeshGauge.Tolerance + worst.Gauge.Pictured;
        return new("gauged", "fitted sizes in the solid", fits ? Verdict.Good : Verdict.Stop,
            fits ? $"Read off the triangles, {read.Count} of {read.Count} sizes are what the ledger says."
                : $"The {worst.Gauge.What} is {(worst.Found is { } found ? Figures.Mm(found) : "nowhere to be found")} in the solid, and "
                    + $"{Figures.Mm(worst.Gauge.Size)} in the ledger: do not print it.",
            off is { } mm ? $"{Figures.Number(Math.Round(mm, 3))} mm off at most" : "not found", $"{Figures.Mm(most)} or less", worst.Gauge.Pictured > 0
                ? "Lines through the triangles of the picture, which are coarser here than those of the file." : "Lines through the triangles.", []);
    }
}
