namespace Emboq.Core.Measuring;

/// <summary>What the readings of one dimension say together.</summary>
/// <param name="Quantity">Best estimate with its spread.</param>
/// <param name="Count">How many readings count.</param>
/// <param name="ScatterRatio">Scatter of the readings over what their instruments usually give; 1 with single readings.</param>
/// <param name="ScatterLimit">The ratio that chance alone exceeds once in a hundred times.</param>
/// <param name="Disagreement">The largest difference between two instruments or two ways, in units of its own standard deviation; 0 with one.</param>
/// <param name="Estimates">What each way alone says, the direct one first.</param>
public sealed record Measurement(Quantity Quantity, int Count, double ScatterRatio, double ScatterLimit, double Disagreement, IReadOnlyList<Estimate> Estimates)
{
    /// <summary>Two estimates further apart than this many standard deviations disagree.</summary>
    public const double DisagreementLimit = 2;

    /// <summary>How much further the instruments and the ways are apart than their doubts say: over 1 they contradict, and the doubt is widened by
    /// it.</summary>
    public double BirgeRatio { get; init; }

    /// <summary>Whether the readings scatter more than chance explains.</summary>
    public bool Scatters => ScatterRatio > ScatterLimit;

    /// <summary>Whether two instruments, or two ways, contradict each other.</summary>
    public bool Disagrees => Disagreement > DisagreementLimit;
}

/// <summary>What one way to a dimension says.</summary>
/// <param name="By">The method, or "read directly".</param>
/// <param name="Quantity">With its spread.</param>
public sealed record Estimate(string By, Quantity Quantity);
