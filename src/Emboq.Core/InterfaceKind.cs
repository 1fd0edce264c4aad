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

    /// <summary>A rectangular or odd opening or pipe end. Width and depth are what the jaws find across it; an odd outline is given as points beside them.</summary>
    public static InterfaceKind Duct { get; } = new("duct", "rectangular or odd opening",
    [
        new("inside", "inside width", "Jaws inside, across the width."),
        new("insideDepth", "inside height", "Jaws inside, across the height."),
        new("outside", "outside width", "Jaws across the width."),
        new("outsideDepth", "outside height", "Jaws across the height."),
        new("corner", "corner radius", "Radius gauge in a corner of the side that counts; left unread, corners are sharp."),
        new("depth", "straight length", "Depth rod from the rim to the first step or bend."),
    ]);

    /// <summary>Every kind known.</summary>
    public static IReadOnlyList<InterfaceKind> All { get; } = [Tube, Duct];
}

/// <summary>A dimension that a kind of interface has.</summary>
/// <param name="Key">Short and stable: "inside".</param>
/// <param name="Name">As shown.</param>
/// <param name="How">How it is measured, in a sentence.</param>
public sealed record DimensionKind(string Key, string Name, string How);
