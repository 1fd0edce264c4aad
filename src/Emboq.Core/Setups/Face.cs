namespace Emboq.Core.Setups;

/// <summary>How the axis of a round, or the length of a flat, stands while it is printed.</summary>
public enum Lie
{
    /// <summary>Square to the bed.</summary>
    Upright,

    /// <summary>Along the bed.</summary>
    Lying,
}

/// <summary>A printed face, as far as it decides how it comes out.</summary>
/// <param name="Surface">Its kind.</param>
/// <param name="Size">Across it, mm; more than nothing.</param>
/// <param name="Lie">How it stands while it is printed.</param>
public readonly record struct Face(Surface Surface, double Size, Lie Lie)
{
    /// <summary>A face that stands as its kind says; kinds that say nothing stand upright.</summary>
    public static Face Of(Surface surface, double size) => new(surface, size, surface == Surface.HoleLying ? Lie.Lying : Lie.Upright);
}
