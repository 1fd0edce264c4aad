namespace Emboq.Core.Drawing;

/// <summary>A section through machine and part as data, mm. The axis of turned parts lies along x.</summary>
/// <param name="Regions">Cut faces.</param>
/// <param name="CentreLines">Axes, as pairs of points.</param>
/// <param name="Callouts">Dimensions tied to ledger lines.</param>
public sealed record SeatDrawing(IReadOnlyList<Region> Regions, IReadOnlyList<(Point2 From, Point2 To)> CentreLines, IReadOnlyList<Callout> Callouts)
{
    /// <summary>Words on it.</summary>
    public IReadOnlyList<DrawnText> Texts { get; init; } = [];

    /// <summary>The corners of the rectangle that holds every region.</summary>
    public (Point2 Least, Point2 Greatest) Bounds
    {
        get
        {
            var points = Regions.SelectMany(r => r.Outline).ToList();
            return (new(points.Min(p => p.X), points.Min(p => p.Y)), new(points.Max(p => p.X), points.Max(p => p.Y)));
        }
    }
}

/// <summary>Which side of the seat a cut face belongs to.</summary>
public enum Matter
{
    /// <summary>The printed part: warm, hatched.</summary>
    Part,

    /// <summary>The machine: cool, stippled.</summary>
    Machine,

    /// <summary>Nothing: left as paper, over what is behind it.</summary>
    Opening,
}

/// <summary>One cut face.</summary>
/// <param name="Matter">Whose it is.</param>
/// <param name="Outline">Closed outline.</param>
/// <param name="Drag">What dragging it sets; <c>null</c> when it stays where it was computed.</param>
public sealed record Region(Matter Matter, IReadOnlyList<Point2> Outline, Drag? Drag = null);

/// <summary>Parameters that follow a face that is dragged.</summary>
/// <param name="X">Key of the parameter that takes its left edge.</param>
/// <param name="Y">Key of the parameter that takes its lower edge.</param>
/// <param name="At">Where its lower left corner stands by those parameters now.</param>
public sealed record Drag(string X, string Y, Point2 At);

/// <summary>Words on a drawing, centred.</summary>
/// <param name="Text">One line.</param>
/// <param name="At">Their middle.</param>
/// <param name="Size">Height of a capital, mm.</param>
public sealed record DrawnText(string Text, Point2 At, double Size);

/// <summary>What a callout measures.</summary>
public enum CalloutKind
{
    /// <summary>Across the axis: a diameter.</summary>
    Diameter,

    /// <summary>Along the axis.</summary>
    Length,

    /// <summary>Between a surface and the axis.</summary>
    Angle,

    /// <summary>Something small, pointed at: a wall, a clamp's seat.</summary>
    Feature,
}

/// <summary>Where a callout's dimension line stands off the drawing.</summary>
public enum CalloutSide
{
    /// <summary>Left of it.</summary>
    Left,

    /// <summary>Right of it.</summary>
    Right,

    /// <summary>Above it.</summary>
    Above,

    /// <summary>Below it.</summary>
    Below,
}

/// <summary>A dimension of a drawing. Its text is the ledger line; how far off it stands is the viewer's to decide, by row.</summary>
/// <param name="Line">Key of the ledger line.</param>
/// <param name="Kind">What it measures.</param>
/// <param name="From">One measured point.</param>
/// <param name="To">The other.</param>
/// <param name="Side">Where its line stands.</param>
/// <param name="Row">1 is nearest to the drawing.</param>
/// <param name="Parameter">The parameter that editing it sets; <c>null</c> when it is computed.</param>
/// <param name="Reads">The dimension that editing it takes a reading of.</param>
public sealed record Callout(string Line, CalloutKind Kind, Point2 From, Point2 To, CalloutSide Side, int Row, string? Parameter = null,
    DimensionAddress? Reads = null);

/// <summary>Names one dimension of one interface.</summary>
/// <param name="Interface">The interface.</param>
/// <param name="Dimension">Key of the dimension.</param>
public sealed record DimensionAddress(Guid Interface, string Dimension);
