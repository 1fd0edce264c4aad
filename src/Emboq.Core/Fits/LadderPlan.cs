using MathNet.Numerics.Distributions;

namespace Emboq.Core.Fits;

/// <summary>How far the rungs of a ladder stand apart, and what it is worth: the chance that one of them is right and that the part, printed at its size, is
/// right too.</summary>
internal static class LadderPlan
{
    /// <summary>What a printer can tell apart, and as far as rungs are looked for, mm.</summary>
    private const double Fineness = 0.05, Furthest = 1;

    /// <summary>How well a hand picks between neighbours, mm. Argued, no published source.</summary>
    private const double Picked = 0.05;

    private const int Points = 81;
    private const double Reach = 4;

    /// <summary>The step, in whole twentieths of a millimetre, that is worth most; of equals the smallest.</summary>
    public static double Step(Fitted of, int rungs) => Enumerable.Range(1, (int)Math.Round(Furthest / Fineness)).Select(n => n * Fineness)
        .MaxBy(step => Math.Round(Chance(of, [.. Enumerable.Range(0, rungs).Select(i => of.Drawn.Value + ((i - ((rungs - 1) / 2.0)) * step))]), 3));

    /// <summary>What rungs of these drawn sizes are worth: over all that the size that just touches may be, the best rung's chance.</summary>
    /// <param name="of">The fitted size.</param>
    /// <param name="rungs">mm.</param>
    public static double Chance(Fitted of, IReadOnlyList<double> rungs)
    {
        var (scatter, sign) = (of.Scatter, of.Law.Face.Surface.IsHole() ? 1 : -1);
        var doubt = Math.Sqrt(Math.Max(0, Math.Pow(of.Realised.StandardUncertainty, 2) - (scatter * scatter)));
        // A rung has its own chance, and so has the part that is printed like it.
        var blur = Math.Sqrt((2 * scatter * scatter) + (Picked * Picked));
        var (chance, mass) = (0.0, 0.0);
        for (var i = 0; i < Points; i++)
        {
            var z = -Reach + (2 * Reach * i / (Points - 1));
            var (weight, off) = (Normal.PDF(0, 1, z), of.Realised.Value + (z * doubt));
            chance += weight * rungs.Max(r => Within(of, off + (sign * (r - of.Drawn.Value)), blur));
            mass += weight;
        }

        return chance / mass;
    }

    private static double Within(Fitted of, double clearance, double blur) => blur == 0
        ? (clearance >= of.Fit.Least && clearance <= of.Fit.Greatest ? 1 : 0)
        : Normal.CDF(clearance, blur, of.Fit.Greatest) - Normal.CDF(clearance, blur, of.Fit.Least);
}
