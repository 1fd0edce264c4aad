namespace Emboq.Core.Drawing;

/// <summary>Gathers the drawing of a part: views side by side, each drawn in its own frame and set at its place. mm, x to the right, y up.</summary>
internal sealed class Sheet
{
    private const double ChordError = 0.05;

    private readonly List<Region> regions = [];
    private readonly List<(Point2 From, Point2 To)> centreLines = [];
    private readonly List<Callout> callouts = [];
    private readonly List<DrawnText> texts = [];
    private (double X, double Y) at;

    public SeatDrawing Done => new(regions, centreLines, callouts) { Texts = texts };

    /// <summary>Where the origin of the next view stands.</summary>
    public Sheet View(double x, double y)
    {
        at = (x, y);
        return this;
    }

    public Sheet Face(Matter matter, IEnumerable<Point2> outline, Drag? drag = null)
    {
        regions.Add(new(matter, [.. outline.Select(Placed)], drag));
        return this;
    }

    public Sheet Box(Matter matter, double x0, double y0, double x1, double y1) => Face(matter, [new(x0, y0), new(x1, y0), new(x1, y1), new(x0, y1)]);

    public Sheet Round(Matter matter, double x, double y, double diameter) =>
        Face(matter, Outlines.Round(diameter / 2, Facets.Count(diameter / 2, Math.Min(ChordError, diameter / 20))).Points.Select(p =>
            new Point2(p.X + x, p.Y + y)));

    public Sheet Axis(double x0, double y0, double x1, double y1)
    {
        centreLines.Add((Placed(new(x0, y0)), Placed(new(x1, y1))));
        return this;
    }

    /// <summary>Two short centre lines through a hole.</summary>
    public Sheet Cross(double x, double y, double diameter) => Axis(x - diameter, y, x + diameter, y).Axis(x, y - diameter, x, y + diameter);

    public Sheet Words(string text, double x, double y, double size)
    {
        if (text.Length > 0)
        {
            texts.Add(new(text, Placed(new(x, y)), size));
        }

        return this;
    }

    /// <summary>A dimension from left to right.</summary>
    public Sheet Along(string line, double x0, double x1, double y, int row = 1, CalloutSide side = CalloutSide.Below, string? sets = null,
        DimensionAddress? reads = null) =>
        Call(new(line, CalloutKind.Length, new(x0, y), new(x1, y), side, row, sets, reads));

    /// <summary>A dimension up and down.</summary>
    public Sheet Up(string line, double x, double y0, double y1, int row = 1, CalloutSide side = CalloutSide.Left, string? sets = null,
        DimensionAddress? reads = null) =>
        Call(new(line, CalloutKind.Diameter, new(x, y0), new(x, y1), side, row, sets, reads));

    /// <summary>Something pointed at.</summary>
    public Sheet Point(string line, double x, double y, CalloutSide side = CalloutSide.Above, string? sets = null, DimensionAddress? reads = null) =>
        Call(new(line, CalloutKind.Feature, new(x, y), new(x, y), side, side is CalloutSide.Left or CalloutSide.Right ? 0 : 1, sets, reads));

    private Sheet Call(Callout c)
    {
        callouts.Add(c with { From = Placed(c.From), To = Placed(c.To) });
        return this;
    }

    private Point2 Placed(Point2 p) => new(p.X + at.X, p.Y + at.Y);
}
