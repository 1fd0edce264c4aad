namespace Emboq.Core.Measuring;

/// <summary>How a dimension is got at, which decides what instruments take it and in which unit.</summary>
public enum Access
{
    /// <summary>Jaws from outside, mm.</summary>
    Outside,

    /// <summary>Jaws from inside, mm.</summary>
    Inside,

    /// <summary>Down from a rim or shoulder, mm.</summary>
    Depth,

    /// <summary>Along something, mm.</summary>
    Length,

    /// <summary>Around something, mm.</summary>
    Around,

    /// <summary>The radius of a rounding, mm.</summary>
    Radius,

    /// <summary>From one crest of a thread to the next, mm.</summary>
    Pitch,

    /// <summary>A coordinate from an edge, mm; may be nothing or negative.</summary>
    Position,

    /// <summary>Between two faces, degrees.</summary>
    Angle,

    /// <summary>On a scale, g.</summary>
    Mass,

    /// <summary>Counted, no unit.</summary>
    Count,
}
