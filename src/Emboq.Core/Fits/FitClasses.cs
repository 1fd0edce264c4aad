namespace Emboq.Core.Fits;

/// <summary>The fits between a printed cuff and a pipe or port. Common practice, no published source: the bands are wide because
/// printed walls give way and sold pipes are out of round.</summary>
public static class FitClasses
{
    /// <summary>Said beside every clearance taken from here.</summary>
    public const string Basis = "Common workshop practice for printed cuffs on pipes.";

    /// <summary>From tight to loose.</summary>
    public static IReadOnlyList<Fit> All { get; } =
    [
        new("press", "press", -0.15, -0.35, 0.00, "needs force, stays by itself"),
        new("snug", "snug", 0.10, -0.05, 0.25, "firm by hand, holds"),
        new("slide", "slide", 0.35, 0.20, 0.55, "slides on, little play"),
        new("free", "free", 0.70, 0.50, 1.00, "drops on, wants a clamp or tape"),
        new("moving", "moving", 0.50, 0.35, 0.70, "turns freely without rattle"),
    ];

    /// <summary>How a thing lies in a pocket, from close to loose; for slots and keys too. Common practice, no published source.</summary>
    public static IReadOnlyList<Fit> Pockets { get; } =
    [
        new("snug", "snug", 0.10, -0.05, 0.25, "firm by hand, holds"),
        new("slide", "slide", 0.35, 0.20, 0.55, "slides, little play"),
        new("close", "close", 0.80, 0.45, 1.20, "goes in straight, does not rock"),
        new("drop", "drops in", 2.00, 1.00, 3.20, "drops in, comes out by hand"),
    ];

    /// <summary>A printed thread on the thread of a machine; common practice, no published source.</summary>
    public static Fit Thread { get; } = new("thread", "running", 0.20, 0.08, 0.36, "runs on by hand from the start");

    /// <summary>Some of the fits of a cuff.</summary>
    internal static IReadOnlyList<Fit> Some(params IReadOnlyList<string> keys) => [.. keys.Select(Of)];

    /// <summary>The fit of a pocket under a key.</summary>
    /// <exception cref="InvalidOperationException">There is none.</exception>
    public static Fit Pocket(string key) => Pockets.First(f => f.Key == key);

    /// <summary>The fit under a key.</summary>
    /// <exception cref="InvalidOperationException">There is none.</exception>
    public static Fit Of(string key) => All.First(f => f.Key == key);
}
