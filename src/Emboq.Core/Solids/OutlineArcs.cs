using System.Globalization;

namespace Emboq.Core.Solids;

/// <summary>A point of an outline as a maker gives it, mm.</summary>
/// <param name="At">Where.</param>
internal sealed record OutlinePoint(Point2 At)
{
    /// <summary>Radius of its rounded corner; 0 for a sharp one.</summary>
    public double Radius { get; init; }

    /// <summary>Whether it lies on an arc between its neighbours.</summary>
    public bool OnArc { get; init; }
}

/// <summary>Rounded corners and arcs through three points, as facets.</summary>
internal static class OutlineArcs
{
    /// <summary>What cannot be drawn, in words; <c>null</c> when all of it can.</summary>
    public static string? WhatCannotBe(IReadOnlyList<OutlinePoint> points)
    {
        for (var i = 0; i < points.Count; i++)
        {
            var (before, here, after) = Around(points, i);
            if (here.OnArc && (before.OnArc || after.OnArc))
            {
                return $"Two points of an arc follow each other at {Written(here.At)}: an arc has one point between its ends.";
            }

            if (here.OnArc && Math.Abs(Cross(before.At, here.At, after.At)) < 1e-6)
            {
                return $"The arc at {Written(here.At)} is straight: its three points lie on one line.";
            }

            if (here.Radius > 0 && (before.OnArc || after.OnArc))
            {
                return $"The corner at {Written(here.At)} cannot be rounded: an arc begins or ends there.";
            }

            // The roundings at both ends of a side share it.
            var needed = Tangent(points, i) + Tangent(points, (i + 1) % points.Count);
            if (needed > Distance(here.At, after.At) + 1e-9)
            {
                var sharp = here.Radius > 0 ? here : after;
                return string.Create(CultureInfo.InvariantCulture, $"A corner radius of {sharp.Radius:0.##} mm at {Written(sharp.At)} cannot be: its side of ")
                    + string.Create(CultureInfo.InvariantCulture, $"{Distance(here.At, after.At):0.##} mm would have to be {needed:0.##} mm long.");
            }
        }

        return null;
    }

    /// <summary>The outline with its arcs as facets.</summary>
    /// <param name="points">That can be drawn.</param>
    /// <param name="chordError">mm.</param>
    public static IReadOnlyList<Point2> Drawn(IReadOnlyList<OutlinePoint> points, double chordError)
    {
        var drawn = new List<Point2>();
        for (var i = 0; i < points.Count; i++)
        {
            var (before, here, after) = Around(points, i);
            drawn.AddRange(here.OnArc ? Arc(before.At, here.At, after.At, chordError) : here.Radius > 0
                ? Rounded(before.At, here, after.At, chordError) : [here.At]);
        }

        return [.. drawn.Where((p, i) => Distance(p, drawn[(i + 1) % drawn.Count]) > 1e-6)];
    }

    private static (OutlinePoint Before, OutlinePoint Here, OutlinePoint After) Around(IReadOnlyList<OutlinePoint> p, int i) =>
        (p[(i + p.Count - 1) % p.Count], p[i], p[(i + 1) % p.Count]);

    /// <summary>From a corner to where its rounding begins.</summary>
    private static double Tangent(IReadOnlyList<OutlinePoint> points, int i)
    {
        var (before, here, after) = Around(points, i);
        return here.Radius * Math.Tan(Turn(before.At, here.At, after.At) / 2);
    }

    /// <summary>How far the way turns at a point, rad, 0 to π.</summary>
    private static double Turn(Point2 a, Point2 b, Point2 c) => Math.Abs(Math.Atan2(Cross(a, b, c), ((b.X - a.X) * (c.X - b.X)) + ((b.Y - a.Y) * (c.Y - b.Y))));

    private static IEnumerable<Point2> Rounded(Point2 a, OutlinePoint corner, Point2 c, double chordError)
    {
        var (b, turn) = (corner.At, Turn(a, corner.At, c));
        var reach = corner.Radius * Math.Tan(turn / 2);
        Point2 Towards(Point2 to) => new(b.X + ((to.X - b.X) * reach / Distance(b, to)), b.Y + ((to.Y - b.Y) * reach / Distance(b, to)));
        var (from, until) = (Towards(a), Towards(c));
        // The bulge of the arc that leaves one side and meets the other.
        var bulge = Math.Tan(turn / 4) * Math.Sign(Cross(a, b, c));
        return Facet(from, until, bulge, chordError).Append(until);
    }

    /// <summary>The way turns at any point of an arc by half of the arc; a bulge is the tangent of a quarter of it.</summary>
    private static IEnumerable<Point2> Arc(Point2 a, Point2 m, Point2 b, double chordError) =>
        Facet(a, b, Math.Tan(Turn(a, m, b) / 2) * Math.Sign(Cross(a, m, b)), chordError).Skip(1);

    /// <summary>With its corners on the arc, whichever way it turns.</summary>
    private static IEnumerable<Point2> Facet(Point2 from, Point2 to, double bulge, double chordError) =>
        Facets.Side(new(from, bulge), to, cut: bulge < 0, chordError);

    private static double Cross(Point2 a, Point2 b, Point2 c) => ((b.X - a.X) * (c.Y - b.Y)) - ((b.Y - a.Y) * (c.X - b.X));

    private static double Distance(Point2 a, Point2 b) => Math.Sqrt(((a.X - b.X) * (a.X - b.X)) + ((a.Y - b.Y) * (a.Y - b.Y)));

    private static string Written(Point2 p) => string.Create(CultureInfo.InvariantCulture, $"{p.X:0.##},{p.Y:0.##}");
}
