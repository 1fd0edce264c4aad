namespace Emboq.Core.Measuring;

/// <summary>A dimension that a kind of interface has.</summary>
/// <param name="Key">Short and stable: "inside".</param>
/// <param name="Name">As shown.</param>
/// <param name="How">How it is measured, in a sentence.</param>
/// <param name="Access">How it is got at.</param>
/// <param name="Need">Whether a part waits for it.</param>
public sealed record DimensionKind(string Key, string Name, string How, Access Access = Access.Outside, Need Need = Need.Needed);

/// <summary>Whether a dimension must be read.</summary>
public enum Need
{
    /// <summary>Parts are computed from it.</summary>
    Needed,

    /// <summary>It sharpens or checks others.</summary>
    Helps,
}
