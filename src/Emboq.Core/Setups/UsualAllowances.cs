namespace Emboq.Core.Setups;

/// <summary>Where a process starts before anything was tried on it. Common practice, no published source.</summary>
public static class UsualAllowances
{
    private const string Basis = "Starting value from common practice; tries replace it.";

    /// <summary>Drawn minus printed on the full size for a kind of surface.</summary>
    public static Allowance Of(Surface surface, Lie lie = Lie.Upright) => (surface, lie) switch
    {
        // Upright holes print small, round outsides a little large.
        (Surface.HoleUpright, _) => new(0.20, 0.10, 0.04, Basis),
        (Surface.OutsideRound, _) => new(-0.06, 0.06, 0.04, Basis),
        // A lying hole sags at its crown.
        (Surface.HoleLying, _) => new(0.30, 0.15, 0.06, Basis),
        (Surface.Pocket, _) => new(0.15, 0.10, 0.04, Basis),
        (Surface.OutsideFlat, _) => new(-0.06, 0.06, 0.04, Basis),
        // Two walls printed beside each other close the gap between them; above each other the upper one droops into it.
        (Surface.GapInPlace, Lie.Upright) => new(0.15, 0.10, 0.05, Basis),
        (Surface.GapInPlace, Lie.Lying) => new(0.25, 0.15, 0.08, Basis),
        (Surface.ThreadFlank, Lie.Upright) => new(0.10, 0.08, 0.04, Basis),
        (Surface.ThreadFlank, Lie.Lying) => new(0.20, 0.12, 0.06, Basis),
        // The first layer is pressed onto the bed and spreads.
        (Surface.FirstLayerFoot, _) => new(-0.25, 0.12, 0.06, Basis),
        _ => throw new ArgumentOutOfRangeException(nameof(surface), surface, "No starting value is defined for this surface."),
    };

    /// <summary>Whether the other side goes into a surface, or over it.</summary>
    public static bool IsHole(this Surface surface) => surface is not (Surface.OutsideRound or Surface.OutsideFlat or Surface.FirstLayerFoot);
}
