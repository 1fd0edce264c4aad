namespace Emboq.Core.Solids;

/// <summary>Where a thing stands: turned about the axes in the order x, y, z, degrees, then moved, mm.</summary>
/// <param name="TurnX">About the x axis.</param>
/// <param name="TurnY">About the y axis.</param>
/// <param name="TurnZ">About the z axis.</param>
/// <param name="By">Then moved by.</param>
public sealed record Pose(double TurnX, double TurnY, double TurnZ, Point3 By)
{
    /// <summary>Where it was drawn.</summary>
    public static Pose Here { get; } = new(0, 0, 0, new(0, 0, 0));

    /// <summary>A solid standing there.</summary>
    public Solid Of(Solid solid) => By == Here.By ? Turned(solid) : Turned(solid).At(By.X, By.Y, By.Z);

    private Solid Turned(Solid solid) => solid.Tipped(TurnX).Rolled(TurnY).Spun(TurnZ);
}
