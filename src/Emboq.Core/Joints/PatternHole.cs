using System.Globalization;

namespace Emboq.Core.Joints;

/// <summary>What is drilled in the thing that a part is mounted on.</summary>
public enum HoleUse
{
    /// <summary>The screw passes it, and holds beyond.</summary>
    Passing,

    /// <summary>Thinner than the screw: its thread bites in the wood around it.</summary>
    Pilot,

    /// <summary>For a thread that is there or is cut: an insert, a tap, a plug by its maker's figures.</summary>
    Threaded,
}

/// <summary>A hole in what a part is mounted on. The frame is the mounting face seen from the front: x to the right, y up, its origin in the middle of the
/// part.</summary>
/// <param name="X">mm.</param>
/// <param name="Y">mm.</param>
/// <param name="Drill">Diameter of the hole to make in the other thing, mm.</param>
/// <param name="Use">What the hole is for.</param>
/// <param name="Into">What is drilled: "drawer front".</param>
/// <param name="Deep">How deep, mm; <c>null</c> for through and through.</param>
public sealed record PatternHole(double X, double Y, double Drill, HoleUse Use, string Into, double? Deep = null)
{
    /// <summary>Which thing, which drill, how deep: "pilot in the board, 2.1 mm drill, 12 mm deep".</summary>
    public string Says => string.Create(CultureInfo.InvariantCulture, $"{Use switch
    {
        HoleUse.Passing => "passing hole",
        HoleUse.Pilot => "pilot hole",
        HoleUse.Threaded => "hole for the thread",
        _ => throw new InvalidOperationException($"No words are defined for {Use}."),
    }} in the {Into}, {Drill:0.##} mm drill, {(Deep is { } deep ? $"{deep:0.#} mm deep" : "through")}");
}
