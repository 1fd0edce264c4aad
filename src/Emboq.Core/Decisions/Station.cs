namespace Emboq.Core.Decisions;

/// <summary>The stations of a job, in order.</summary>
public enum Station
{
    /// <summary>Read the machines.</summary>
    Measure,

    /// <summary>See what the sizes are and why.</summary>
    Reckon,

    /// <summary>See what will go wrong.</summary>
    Check,

    /// <summary>Print a coupon.</summary>
    Prove,

    /// <summary>Print the part.</summary>
    Print,

    /// <summary>Note how it fitted.</summary>
    Try,

    /// <summary>Keep the one that fits.</summary>
    Keep,
}
