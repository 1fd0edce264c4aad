namespace Emboq.Core.Measuring;

/// <summary>What sort of instrument it is, which decides what it takes.</summary>
public enum InstrumentKind
{
    /// <summary>Jaws inside and outside, and a rod for depths.</summary>
    Caliper,

    /// <summary>A stiff rule.</summary>
    Rule,

    /// <summary>A tape that also goes around.</summary>
    Tape,

    /// <summary>A rod or depth gauge.</summary>
    DepthRod,

    /// <summary>A set of leaves for roundings.</summary>
    RadiusGauges,

    /// <summary>A set of leaves for threads.</summary>
    PitchGauge,

    /// <summary>For angles.</summary>
    Protractor,

    /// <summary>For weights.</summary>
    Scale,

    /// <summary>Points of a surface, from a scan.</summary>
    Scanner,

    /// <summary>Counting by eye.</summary>
    Eye,
}
