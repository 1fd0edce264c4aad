using System.Globalization;

namespace Emboq.Core.Solids;

/// <summary>Outlines as lists of points, as a contour gauge gives them: <c>0,0 40,0 40,25 0,30</c>, in mm. A point may have a rounded corner,
/// <c>40,25,r6</c>, or lie on an arc from the point before it to the point after it, <c>20,32,arc</c>.</summary>
public static class OutlineNotation
{
    private const int MostPoints = 200;
    private const double LeastArea = 1;

    /// <summary>Reads a closed outline; the last point joins the first. Arcs become facets within <see cref="Facets.DefaultChordError"/>.</summary>
    /// <param name="text">The entry.</param>
    /// <param name="field">Path of the field, for problems.</param>
    /// <returns>The outline, or what is wrong with it.</returns>
    public static Outcome<Profile> Parse(string text, string field)
    {
        var points = new List<OutlinePoint>();
        foreach (var word in text.Split([' ', ';', '\n', '\r', '\t'], StringSplitOptions.RemoveEmptyEntries))
        {
            if (Point(word) is not { } point)
            {
                return new Problem(field, text, $"'{word}' is not a point.",
                    "Write each point as x,y in mm, with spaces between points; x,y,r6 rounds a corner, and x,y,arc is a point in the middle of an arc.");
            }

            points.Add(point);
        }

        if (points.Count is < 3 or > MostPoints)
        {
            return new Problem(field, text, $"The outline has {points.Count} points.", $"Give 3 to {MostPoints} points, once around.",
                $"3 to {MostPoints} points");
        }

        if (OutlineArcs.WhatCannotBe(points) is { } wrong)
        {
            return new Problem(field, text, wrong, "Give a smaller radius, or another point.");
        }

        var drawn = OutlineArcs.Drawn(points, Facets.DefaultChordError);
        return Enclosed(drawn) < LeastArea ? new Problem(field, text, "The points enclose no area.", "Give them in order, once around.")
            : Outlines.Crossing(drawn) is { } at ? new Problem(field, text,
                string.Create(CultureInfo.InvariantCulture, $"The outline crosses or touches itself near {at.X:0.##},{at.Y:0.##}."),
                "Give the points in order, once around.")
            : new Profile(drawn);
    }

    private static OutlinePoint? Point(string word)
    {
        var parts = word.Split(',');
        if (parts.Length is < 2 or > 3 || !Number(parts[0], out var x) || !Number(parts[1], out var y))
        {
            return null;
        }

        return parts.Length == 2 ? new(new(x, y))
            : parts[2] == "arc" ? new(new(x, y)) { OnArc = true }
            : parts[2].StartsWith('r') && Number(parts[2][1..], out var radius) && radius > 0 ? new(new(x, y)) { Radius = radius }
            : null;
    }

    private static double Enclosed(IReadOnlyList<Point2> p) =>
        Math.Abs(Enumerable.Range(0, p.Count).Sum(i => (p[i].X * p[(i + 1) % p.Count].Y) - (p[(i + 1) % p.Count].X * p[i].Y)) / 2);

    private static bool Number(string text, out double value) =>
        double.TryParse(text, NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out value)
            && Math.Abs(value) <= 2000;
}
