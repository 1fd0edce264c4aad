namespace Emboq.Core.Solids;

/// <summary>Which faces a gauge touches along its line.</summary>
public enum Jaws
{
    /// <summary>The nearest face on each side of the point: what a bore or a pocket is wide.</summary>
    Between,

    /// <summary>The outermost faces: what a plug or a key is wide.</summary>
    Over,
}

/// <summary>Where a drawn size must be found again in the triangles of a body.</summary>
/// <param name="Body">Key of the body.</param>
/// <param name="What">What is gauged: "pocket width".</param>
/// <param name="Size">As promised by the ledger, mm.</param>
/// <param name="At">A point on the line, in the frame of the body.</param>
/// <param name="Along">Direction of the line.</param>
/// <param name="Jaws">Which faces it touches.</param>
public sealed record Gauge(string Body, string What, double Size, Point3 At, Axis Along, Jaws Jaws = Jaws.Between)
{
    /// <summary>How much further off a picture may be than the part itself, mm: across a body through outlines, or a thread.</summary>
    public double Pictured { get; init; }
}
