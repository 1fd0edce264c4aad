using NetTopologySuite.Geometries;
using NetTopologySuite.Simplify;

namespace Emboq.Core.Measuring;

/// <summary>The outline of a thing from a drawing: its lines joined end to end, the largest loop taken, and simplified within a stated deviation.</summary>
public static class Tracing
{
    /// <summary>Ends nearer than this are one, mm.</summary>
    private const double Joined = 0.05;

    /// <summary>The most points before it is simplified, and the most lines that are joined.</summary>
    private const int Most = 50_000, MostLines = 5_000;

    /// <summary>From the origin of a drawing, mm.</summary>
    private const double Farthest = 100_000;

    /// <summary>Takes it.</summary>
    /// <param name="name">Of the file.</param>
    /// <param name="drawing">What the file draws.</param>
    /// <param name="deviation">How far corners that are left may lie beside what was drawn, mm.</param>
    /// <param name="field">Path of the field, for problems.</param>
    /// <param name="doubt">Of what was drawn itself, mm: added to what its corners may deviate by.</param>
    /// <returns>It, what was made of the drawing, and where its own origin lies in the drawing.</returns>
    public static Outcome<(Traced Outline, string Says, Point2 Origin)> Of(string name, DrawnLines drawing, double deviation, string field, double doubt = 0)
    {
        if (drawing.Paths.Sum(p => p.Points.Count) is 0 or > Most)
        {
            return Nothing(field);
        }

        if (drawing.Paths.SelectMany(p => p.Points).FirstOrDefault(p => !(Math.Abs(p.X) <= Farthest && Math.Abs(p.Y) <= Farthest)) is var far && far != default)
        {
            return new Problem(field, $"{far.X}, {far.Y}", "The drawing reaches further than any bench.", "Look at its unit, and at lines far off.",
                $"{Figures.Mm(Farthest)} from its origin");
        }

        if (drawing.Paths.Count(p => !p.Closed) is > MostLines and var lines)
        {
            return new Problem(field, $"{lines}", $"The drawing has {lines} lines that would have to be joined.", "Join them in the drawing, or leave only the "
                + "outline in it.", $"{MostLines} or fewer");
        }

        var (loops, loose) = Loops(drawing.Paths);
        if (loose is { } end)
        {
            return new Problem(field, $"{Figures.Number(end.At.X)}, {Figures.Number(end.At.Y)}",
                $"A line ends {Figures.Mm(end.Away)} away from the next end near {Figures.Number(end.At.X)}, {Figures.Number(end.At.Y)} mm: an outline has no "
                    + "open end.", "Close it there, or delete the line.", $"{Figures.Mm(Joined)} or less");
        }

        var rings = loops.Where(l => l.Count > 2).Select(l => new LinearRing([.. l.Append(l[0]).Select(p => new Coordinate(p.X, p.Y))])).OrderByDescending(r =>
            Math.Abs(NetTopologySuite.Algorithm.Area.OfRingSigned(r.Coordinates))).ToList();
        if (rings.Count == 0)
        {
            return Nothing(field);
        }

        var largest = new Polygon(rings[0]);
        var around = rings.Skip(1).Count(r => !largest.EnvelopeInternal.Contains(r.EnvelopeInternal));
        var simple = (Polygon)new DouglasPeuckerSimplifier(largest) { DistanceTolerance = deviation, EnsureValidTopology = false }.GetResultGeometry();
        if (simple.IsEmpty)
        {
            return new Problem(field, null, "The outline is smaller than what it may deviate by.", "Allow it less.");
        }

        var taken = Traced.Of(name, Math.Round(deviation + doubt, 3), [.. simple.ExteriorRing.Coordinates.SkipLast(1).Select(c => new Point2(c.X, c.Y))]);
        var box = simple.EnvelopeInternal;
        return taken.Wrong(field) is { } wrong ? wrong : (taken, Says(drawing, rings.Count - 1 - around, around), new(box.MinX, box.MinY));
    }

    private static Problem Nothing(string field) => new(field, null, "The drawing has no line of which an outline could be made, or far too many.",
        "Leave only the outline in it.", $"1 to {Most} points");

    private static string Says(DrawnLines drawing, int within, int beside) =>
        $"Its numbers were taken for {drawing.Unit}; a reading across it settles the scale."
        + (within > 0 ? $" {(within == 1 ? "One smaller outline" : $"{within} smaller outlines")} within it {(within == 1 ? "was" : "were")} left away." : "")
        + (beside > 0 ? $" {(beside == 1 ? "One smaller outline" : $"{beside} smaller outlines")} beside it {(beside == 1 ? "was" : "were")} left away." : "")
        + (drawing.Left.Length > 0 ? $" Left away too: {drawing.Left}." : "");

    /// <summary>Paths joined end to end, and the first end that meets no other.</summary>
    private static (List<List<Point2>> Loops, (Point2 At, double Away)? Loose) Loops(IReadOnlyList<DrawnPath> paths)
    {
        var loops = paths.Where(p => p.Closed).Select(p => p.Points.ToList()).ToList();
        var open = paths.Where(p => !p.Closed).Select(p => p.Points.ToList()).ToList();
        while (open.Count > 0)
        {
            var line = open[^1];
            open.RemoveAt(open.Count - 1);
            while (Apart(line[0], line[^1]) > Joined || line.Count < 3)
            {
                var (next, turned, away) = Nearest(open, line[^1]);
                if (away > Joined)
                {
                    return (loops, (line[^1], Math.Min(away, Apart(line[0], line[^1]))));
                }

                var more = open[next];
                open.RemoveAt(next);
                line.AddRange((turned ? more.AsEnumerable().Reverse() : more).Skip(1));
            }

            loops.Add([.. line.SkipLast(1)]);
        }

        return (loops, null);
    }

    private static (int Index, bool Turned, double Away) Nearest(List<List<Point2>> open, Point2 end) => open.SelectMany((o, i) => new[]
        { (i, false, Apart(o[0], end)), (i, true, Apart(o[^1], end)) }).DefaultIfEmpty((-1, false, double.MaxValue)).MinBy(o => o.Item3);

    private static double Apart(Point2 a, Point2 b) => double.Hypot(a.X - b.X, a.Y - b.Y);
}
