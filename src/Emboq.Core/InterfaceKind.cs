namespace Emboq.Core;

/// <summary>A kind of interface and the dimensions it has.</summary>
/// <param name="Key">Short and stable: "tube".</param>
/// <param name="Name">As shown.</param>
/// <param name="Dimensions">What can be measured on it.</param>
public sealed record InterfaceKind(string Key, string Name, IReadOnlyList<DimensionKind> Dimensions)
{
    /// <summary>A round opening or pipe end: inside and outside diameter, and how far a cuff can go in or over.</summary>
    public static InterfaceKind Tube { get; } = new("tube", "round opening or pipe end",
    [
        new("inside", "inside diameter", "Jaws inside, turned until the reading is greatest; read at several angles."),
        new("outside", "outside diameter", "Jaws across the widest place, square to the axis; read at several angles."),
        new("depth", "straight length", "Depth rod from the rim to the first step or bend."),
    ]);

    /// <summary>Every kind known.</summary>
    public static IReadOnlyList<InterfaceKind> All { get; } = [Tube];
}

/// <summary>A dimension that a kind of interface has.</summary>
/// <param name="Key">Short and stable: "inside".</param>
/// <param name="Name">As shown.</param>
/// <param name="How">How it is measured, in a sentence.</param>
public sealed record DimensionKind(string Key, string Name, string How);
