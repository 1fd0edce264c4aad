namespace Emboq.Core.Measuring.Kinds;

/// <summary>Gathers the drawing of a place: cut faces in mm, x to the right and y up, and a callout for each dimension.</summary>
internal sealed class Draw(Sizes sizes)
{
    private const double ChordError = 0.05;

    private readonly List<Region> regions = [];
    private readonly List<(Point2 From, Point2 To)> centreLines = [];
    private readonly List<Callout> callouts = [];

    public SeatDrawing Done => new(regions, centreLines, callouts);

    /// <summary>A face of the machine.</summary>
    public Draw Solid(params IReadOnlyList<Point2> outline) => Face(Matter.Machine, outline);

    /// <summary>A rectangle of the machine, by two corners.</summary>
    public Draw Box(double x0, double y0, double x1, double y1) => Solid(Corners(x0, y0, x1, y1));

    /// <summary>A rectangle that is open, drawn over what is behind it.</summary>
    public Draw Gap(double x0, double y0, double x1, double y1) => Face(Matter.Opening, Corners(x0, y0, x1, y1));

    /// <summary>A round face of the machine.</summary>
    public Draw Disc(double x, double y, double diameter) => Face(Matter.Machine, Circle(x, y, diameter));

    /// <summary>A round hole.</summary>
    public Draw Hole(double x, double y, double diameter) => Face(Matter.Opening, Circle(x, y, diameter));

    /// <summary>A closed outline that is open.</summary>
    public Draw Opening(params IReadOnlyList<Point2> outline) => Face(Matter.Opening, outline);

    /// <summary>A centre line.</summary>
    public Draw Axis(double x0, double y0, double x1, double y1)
    {
        centreLines.Add((new(x0, y0), new(x1, y1)));
        return this;
    }

    /// <summary>A dimension up and down, its line standing to the left or right of the drawing.</summary>
    public Draw Up(string key, double x, double y0, double y1, CalloutSide side = CalloutSide.Left, int row = 1) =>
        Call(key, CalloutKind.Diameter, new(x, y0), new(x, y1), side, row);

    /// <summary>A dimension from left to right, its line standing below the drawing.</summary>
    public Draw Along(string key, double x0, double x1, double y, int row = 1) =>
        Call(key, CalloutKind.Length, new(x0, y), new(x1, y), CalloutSide.Below, row);

    /// <summary>Something pointed at.</summary>
    /// <param name="key">The dimension.</param>
    /// <param name="x">Where.</param>
    /// <param name="y">Where.</param>
    /// <param name="side">Where its label stands.</param>
    /// <param name="about">How large it is drawn, in its unit: what is foreseen of a way to it goes by that.</param>
    public Draw At(string key, double x, double y, CalloutSide side = CalloutSide.Above, double about = 0) =>
        Call(key, CalloutKind.Feature, new(x - (about / 2), y), new(x + (about / 2), y), side, 0);

    private Draw Face(Matter matter, IReadOnlyList<Point2> outline)
    {
        regions.Add(new(matter, outline));
        return this;
    }

    private Draw Call(string key, CalloutKind kind, Point2 from, Point2 to, CalloutSide side, int row)
    {
        callouts.Add(new(key, kind, from, to, side, row, Reads: new(sizes.Place.Id, key)));
        return this;
    }

    private static Point2[] Corners(double x0, double y0, double x1, double y1) => [new(x0, y0), new(x1, y0), new(x1, y1), new(x0, y1)];

    private static IReadOnlyList<Point2> Circle(double x, double y, double diameter) =>
        [.. Outlines.Round(diameter / 2, Facets.Count(diameter / 2, Math.Min(ChordError, diameter / 20))).Points.Select(p => new Point2(p.X + x, p.Y + y))];
}
