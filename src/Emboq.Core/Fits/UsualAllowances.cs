namespace Emboq.Core.Fits;

/// <summary>Where a process starts before anything was tried on it. Common practice, no published source.</summary>
public static class UsualAllowances
{
    private const string Basis = "Starting value from common practice; tries replace it.";

    /// <summary>Drawn minus printed on the full size for a kind of surface.</summary>
    public static Allowance Of(Surface surface) => surface switch
    {
        // Upright holes print small, round outsides a little large.
        Surface.HoleUpright => new(0.20, 0.10, 0.04, Basis),
        Surface.OutsideRound => new(-0.06, 0.06, 0.04, Basis),
        // A lying hole sags at its crown.
        Surface.HoleLying => new(0.30, 0.15, 0.06, Basis),
        Surface.Pocket => new(0.15, 0.10, 0.04, Basis),
        Surface.OutsideFlat => new(-0.06, 0.06, 0.04, Basis),
        _ => throw new ArgumentOutOfRangeException(nameof(surface), surface, "No starting value is defined for this surface."),
    };

    /// <summary>Whether the machine's side goes into a surface, or over it.</summary>
    public static bool IsHole(this Surface surface) => surface is Surface.HoleUpright or Surface.HoleLying or Surface.Pocket;
}
