namespace Emboq.Core.Quantities;

/// <summary>One independent cause of doubt behind computed numbers: the zero error of one caliper, the offset of one process.
/// A cause shared by several numbers is one source, so their correlation needs no further care.</summary>
/// <param name="Id">Identity; two sources of one id must be equal in everything else.</param>
/// <param name="Name">What it is, in words: "error of the long caliper".</param>
/// <param name="StandardUncertainty">One standard deviation, in the unit of the quantity it was declared for; not negative.</param>
/// <param name="DegreesOfFreedom">How well that deviation is itself known; infinite when it is taken as given.</param>
/// <param name="Kind">Whether measuring again would help.</param>
public sealed record Source(string Id, string Name, double StandardUncertainty, double DegreesOfFreedom = double.PositiveInfinity,
    SourceKind Kind = SourceKind.Other)
{
    /// <summary>One standard deviation; finite and not negative.</summary>
    public double StandardUncertainty { get; } = double.IsFinite(StandardUncertainty) && StandardUncertainty >= 0
        ? StandardUncertainty
        : throw new ArgumentOutOfRangeException(nameof(StandardUncertainty), StandardUncertainty, $"The spread of {Name} must be finite and not negative.");

    /// <summary>At least one; infinite when the deviation is taken as given.</summary>
    public double DegreesOfFreedom { get; } = DegreesOfFreedom >= 1
        ? DegreesOfFreedom
        : throw new ArgumentOutOfRangeException(nameof(DegreesOfFreedom), DegreesOfFreedom, $"{Name} needs at least one degree of freedom.");
}

/// <summary>What a source of doubt comes from.</summary>
public enum SourceKind
{
    /// <summary>A process, a word, a print: measuring again does not change it.</summary>
    Other,

    /// <summary>Measuring: more or better readings make it smaller.</summary>
    Measuring,
}
