namespace Emboq.Core.Mechanics;

/// <summary>A heat-set insert that is pulled out the way it went in.</summary>
internal static class InsertPull
{
    /// <summary>Where it comes from.</summary>
    public const string By = "Shear around an insert, half of its knurls holding; a third of the strength; common practice, no published source.";

    /// <summary>What one bears, N: the plastic around it shears, half of the strength across layers; half of its knurls hold, and a third of all that is
    /// allowed. <c>null</c> where the filament is not known.</summary>
    /// <param name="size">Of the thread.</param>
    /// <param name="material">Of what it is in.</param>
    public static double? Bears(string size, PrintedMaterial? material) => material is null ? null
        : Math.PI * Of(size, "outside") * Of(size, "length") * material.Across.Value / 2 / 2 / PrintedMaterial.Safety;

    private static double Of(string size, string column) => Hardware.Of("heat-set-inserts", size, column, $"insert, {column}").Value;
}
