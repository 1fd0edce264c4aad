namespace Emboq.Core.Fits;

/// <summary>What a word for a fit means where both sides are of machined metal: a hole and a shaft of ISO 286, beside which a printed window is seen for
/// what it is. ISO 286-1:2010, tables 1, 4 and 5, up to 500 mm.</summary>
/// <param name="Hole">Its class: "H7".</param>
/// <param name="Shaft">Its class: "g6".</param>
/// <param name="Least">Smallest clearance, mm; negative is interference.</param>
/// <param name="Greatest">Largest, mm.</param>
public sealed record MetalFit(string Hole, string Shaft, double Least, double Greatest)
{
    /// <summary>Ends of the ranges of sizes, mm, each in its range; µm: standard tolerances, and how far a shaft lies from the nominal size.</summary>
    private static readonly double[] Steps = [3, 6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, 500],
        It6 = [6, 8, 9, 11, 13, 16, 19, 22, 25, 29, 32, 36, 40], It7 = [10, 12, 15, 18, 21, 25, 30, 35, 40, 46, 52, 57, 63],
        It8 = [14, 18, 22, 27, 33, 39, 46, 54, 63, 72, 81, 89, 97], It9 = [25, 30, 36, 43, 52, 62, 74, 87, 100, 115, 130, 140, 155],
        G = [2, 4, 5, 6, 7, 9, 10, 12, 14, 15, 17, 18, 20], F = [6, 10, 13, 16, 20, 25, 30, 36, 43, 50, 56, 62, 68],
        E = [14, 20, 25, 32, 40, 50, 60, 72, 85, 100, 110, 125, 135], D = [20, 30, 40, 50, 65, 80, 100, 120, 145, 170, 190, 210, 230],
        P = [6, 12, 15, 18, 22, 26, 32, 37, 43, 50, 56, 62, 68];

    /// <summary>What stands beside a printed fit; <c>null</c> of a thread, and beyond 500 mm.</summary>
    /// <param name="fit">Key of the printed fit.</param>
    /// <param name="size">mm; more than nothing.</param>
    public static MetalFit? Of(string fit, double size)
    {
        var i = Array.FindIndex(Steps, s => size <= s);
        return i < 0 ? null : fit switch
        {
            "press" => new("H7", "p6", Mm(-It6[i] - P[i]), Mm(It7[i] - P[i])),
            "snug" => Loose("H7", "h6", 0, It7[i], It6[i]),
            "slide" => Loose("H7", "g6", G[i], It7[i], It6[i]),
            "moving" => Loose("H8", "f7", F[i], It8[i], It7[i]),
            "free" or "close" => Loose("H8", "e8", E[i], It8[i], It8[i]),
            "drop" => Loose("H9", "d9", D[i], It9[i], It9[i]),
            _ => null,
        };
    }

    private static MetalFit Loose(string hole, string shaft, double under, double wide, double thick) => new(hole, shaft, Mm(under), Mm(under + wide + thick));

    private static double Mm(double micrometres) => micrometres / 1000;
}
