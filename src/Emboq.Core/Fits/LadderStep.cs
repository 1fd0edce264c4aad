namespace Emboq.Core.Fits;

/// <summary>How far the rungs of a ladder stand apart.</summary>
internal static class LadderStep
{
    private const double Fineness = 0.05;

    /// <summary>The step that lets a row cover two standard deviations of doubt to each side, in whole twentieths of a millimetre.</summary>
    public static double Proposed(Quantity realised, int rungs) => Math.Max(1,
        Math.Ceiling(4 * realised.StandardUncertainty / (rungs - 1) / Fineness)) * Fineness;
}
