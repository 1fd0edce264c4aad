namespace Emboq.Core.Measuring;

/// <summary>A corner of a mark: where it was printed on its sheet, mm, and where it is seen, from the middle of the picture in longer sides of it.</summary>
public readonly record struct LensCorner(double X, double Y, double U, double V);

/// <summary>What one photograph of a sheet of marks tells of a camera's lens.</summary>
/// <param name="Corners">Four of each mark that was found.</param>
public sealed record LensView(IReadOnlyList<LensCorner> Corners)
{
    /// <summary>How many marks.</summary>
    public int Marks => Corners.Count / 4;
}
