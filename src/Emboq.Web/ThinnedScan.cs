using Emboq.Exchange.Scans;
using Emboq.Kernel;

namespace Emboq.Web;

/// <summary>The surface of a scanned body, in as few triangles as keep near it.</summary>
internal static class ThinnedScan
{
    /// <summary>Finer than this no scanner sees; coarser it would be felt, mm.</summary>
    private const double Finest = 0.02, Felt = 0.05;

    /// <summary>Coarser than this is no surface of a tool, mm.</summary>
    private const double Largest = 5;

    /// <summary>Most triangles that are kept: more are slow to cut by. What is still not one body after so many times meets itself as it was scanned.</summary>
    private const int Most = 8000, Tries = 3;

    /// <summary>A scan is looked for this far beside what is left of it, of its scatter and as a length, mm.</summary>
    private const double Scattered = 6, Beside = 0.1;

    /// <summary>Evens and thins it.</summary>
    /// <param name="scan">Closed, laid down.</param>
    /// <param name="scatter">Of its corners, one standard deviation, mm.</param>
    /// <param name="deviation">How far what is left may lie beside it once it is evened out, mm: no further than is felt, but where else more triangles
    /// were left than are kept.</param>
    /// <returns>What is left, and how far corners of the scan lie beside it at most, scatter and all, measured, mm; <c>null</c> where the scan meets itself
    /// and encloses nothing that is one body, or lies further beside it than its scatter says.</returns>
    public static async Task<(ClosedMesh Mesh, double Within)?> Of(CleanScan scan, double scatter, double deviation)
    {
        var even = scatter < Finest / 4 ? scan.Mesh : ScanEvening.Of(scan);
        using var thinning = await Thinning.Of(even.Points, even.Triangles);
        var open = 0;
        for (var within = Math.Clamp(deviation, Finest, Felt); within < Largest && open < Tries; within *= 1.4)
        {
            // What is too many, or closed in a way that is not one body, mostly is so no more when it is thinned further.
            var mesh = thinning.Thinner(within);
            if (mesh is { Count: <= Most })
            {
                return ScanDeviation.Of(scan.Mesh, mesh, within + (Scattered * scatter) + Beside) is { } measured ? (mesh, Math.Round(measured + 0.0005, 3))
                    : null;
            }

            open += mesh is null ? 1 : 0;
        }

        return null;
    }
}
